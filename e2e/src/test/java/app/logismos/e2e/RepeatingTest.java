package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Continuing formulas and patterns by key and by dragging, series, and tables from two lists. */
class RepeatingTest extends Visit {
    @Test
    void valuesGoOnWithTheirPatternByKey() {
        newWorksheet();
        typeDown("A1", "2", "5");
        select("A1", "A2");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("A3")).hasText("8");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("A4")).hasText("11");
        typeDown("B1", "Mon");
        at("B1").click();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("B4")).hasText("Thu"); // along the filled column beside it
        type("D1", "2027-01-31");
        at("D1").click();
        page.keyboard().press("Alt+Shift+ArrowRight");
        assertThat(at("E1")).hasText("2027-02-01");
    }

    @Test
    void aFormulaIsContinuedByDraggingTheGrip() {
        newWorksheet();
        typeDown("A1", "1", "2", "3");
        type("B1", "=A1^2");
        at("B1").click();
        drag(page.locator("[data-grip]"), at("B3"));
        assertThat(at("B3")).containsText("9");
        at("B3").click();
        assertThat(lens(page)).containsText("=A3^2");
        page.keyboard().press("Control+z");
        assertThat(at("B3")).hasText("");
    }

    @Test
    void aSeriesIsMadeFromFirstValueStepAndEnd() {
        newWorksheet();
        at("A1").click();
        find("series");
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("0.5 kg");
        page.getByLabel("Step", new Page.GetByLabelOptions().setExact(true)).fill("250 g");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("1.5 kg");
        button("Write it").click();
        assertThat(at("A5")).containsText("1.5");
        assertThat(at("A6")).hasText("");
        at("B1").click();
        find("series");
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).fill("2027-03-01");
        page.getByLabel("Step", new Page.GetByLabelOptions().setExact(true)).fill("7");
        page.getByText("so many values").click();
        page.getByLabel("How many").fill("3");
        page.getByText("to the right").click();
        button("Write it").click();
        assertThat(at("D1")).hasText("2027-03-15");
    }

    @Test
    void aTableIsFilledFromItsTopRowAndLeftColumn() {
        newWorksheet();
        type("B1", "2");
        type("C1", "3");
        type("A2", "10");
        type("A3", "20");
        type("B2", "=A2*B1");
        select("A1", "C3");
        find("fill the table");
        assertThat(at("C3")).containsText("60");
        at("C3").click();
        assertThat(lens(page)).containsText("=$A3*C$1");
    }

    @Test
    void whatStandsAboveIsAddedUpByOneKey() {
        newWorksheet();
        at("A1").click();
        for (String text : List.of("3 kg", "500 g", "2 kg")) {
            page.keyboard().type(text);
            page.keyboard().press("Enter");
        }
        assertThat(at("A4")).hasAttribute("data-focused", "true");
        page.keyboard().press("Alt+Shift+S");
        assertThat(at("A4")).containsText("5.5");
        assertThat(lens(page)).containsText("=sum(A1:A3)");
    }
}
