package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Rows, columns and cells: put in, taken out, moved, copied, sorted, hidden; texts found and replaced. */
class MovingTest extends Visit {
    @Test
    void rowsAndColumnsArePutInAndTakenOutAndReferencesFollow() {
        newWorksheet();
        typeDown("A1", "2", "5");
        type("B2", "=A1+A2");
        at("A2").click();
        page.keyboard().press("Alt+i");
        assertThat(at("B3")).containsText("7");
        at("A1").click();
        page.keyboard().press("Alt+Shift+i");
        at("C3").click();
        assertThat(lens(page)).containsText("=B1+B3");
        at("A1").click();
        page.keyboard().press("Alt+Shift+Delete");
        at("A2").click();
        page.keyboard().press("Alt+Delete");
        at("B2").click();
        assertThat(lens(page)).containsText("=A1+A2");
    }

    @Test
    void cellsAreMovedByKeyAndByDraggingTheirEdge() {
        newWorksheet();
        type("A1", "7");
        type("B1", "=A1*2");
        at("A1").click();
        page.keyboard().press("Alt+m");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(at("A3")).hasText("7");
        at("B1").click();
        assertThat(lens(page)).containsText("=A3*2");
        at("A3").click();
        Locator edge = page.locator("[data-edge='left']");
        drag(edge, at("C4"));
        assertThat(at("C4")).hasText("7");
        assertThat(at("B1")).containsText("14");
    }

    @Test
    void selectedRowsAreMovedByTheirNumbers() {
        newWorksheet();
        typeDown("A1", "one", "two", "three");
        Locator number = page.locator("[data-row='0']").first();
        number.click();
        drag(number, page.locator("[data-row='2']").first());
        assertThat(at("A1")).hasText("two");
        assertThat(at("A3")).hasText("one");
    }

    @Test
    void insideTheProgramFormulasAreCopiedAndOutsideValuesWithAllDigits() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        newWorksheet();
        typeDown("A1", "1", "2");
        type("B1", "=A1/3");
        at("B1").click();
        page.keyboard().press("Control+c");
        assertThat(page.evaluate("navigator.clipboard.readText()")).isEqualTo("0.3333333333333333");
        at("B2").click();
        page.keyboard().press("Control+v");
        assertThat(at("B2")).containsText("0.6666666667");
        at("A1").click();
        page.keyboard().press("Control+x");
        at("D1").click();
        page.keyboard().press("Control+v");
        at("B1").click();
        assertThat(lens(page)).containsText("=D1/3");
    }

    @Test
    void aTableOfAnotherProgramIsPasted() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        newWorksheet();
        page.evaluate("navigator.clipboard.writeText('Lot\\tPrice\\nRiver Red\\t18.4\\n\"two\\nlines\"\\t2')");
        at("B2").click();
        page.keyboard().press("Control+v");
        assertThat(at("C3")).hasText("18.4");
        assertThat(at("B4")).containsText("two");
        page.evaluate("navigator.clipboard.write([new ClipboardItem({'text/html': new Blob(["
                + "'<table><tr><td>5</td><td>7</td></tr></table>'], {type: 'text/html'}), "
                + "'text/plain': new Blob(['5 7'], {type: 'text/plain'})})])");
        at("D6").click();
        page.keyboard().press("Control+v");
        assertThat(at("E6")).hasText("7");
    }

    @Test
    void copyingAsShownWarnsWhereDigitsAreLost() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        newWorksheet();
        type("A1", "=7/3");
        at("A1").click();
        find("copy as shown");
        assertThat(page.getByText("One value has more digits than that.")).isVisible();
        assertThat(page.evaluate("navigator.clipboard.readText()")).isEqualTo("2.333333333");
    }

    @Test
    void rowsAreSortedWithTheirFormulas() {
        newWorksheet();
        typeDown("A1", "30", "10", "20");
        typeDown("B1", "=A1*2", "=A2*2", "=A3*2");
        select("A1", "B3");
        find("sort smallest");
        assertThat(at("A1")).hasText("10");
        assertThat(at("B1")).containsText("20");
        at("B3").click();
        assertThat(lens(page)).containsText("=A3*2");
    }

    @Test
    void rowsAndColumnsAreHiddenAndShownAndGetOtherWidths() {
        newWorksheet();
        typeDown("A1", "one", "two", "three");
        at("A2").click();
        find("hide the rows");
        assertThat(at("A2")).hasCount(0);
        at("A1").click();
        page.keyboard().press("ArrowDown");
        assertThat(lens(page)).containsText("A3");
        find("show hidden");
        assertThat(at("A2")).hasText("two");
        Locator letter = page.locator("[data-column='0']").first();
        double before = letter.boundingBox().width;
        Locator edge = page.locator("[data-resize='0']").first();
        double[] from = centre(edge);
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(from[0] + 60, from[1]);
        page.mouse().up();
        page.waitForCondition(() -> letter.boundingBox().width > before + 50);
        at("A1").click();
        page.keyboard().press("Alt+Shift+<");
        page.waitForCondition(() -> letter.boundingBox().width < before + 50);
    }

    @Test
    void aTextIsFoundAndReplacedAndACellIsGoneTo() {
        newWorksheet();
        typeDown("A1", "River Red", "River Blue", "Cedar");
        at("A3").click();
        page.keyboard().press("Control+f");
        page.getByLabel("find", new Page.GetByLabelOptions().setExact(true)).fill("river");
        assertThat(page.getByText("2 cells have it.")).isVisible();
        page.getByLabel("replace with").fill("Harbour");
        button("Replace all").click();
        assertThat(at("A2")).hasText("Harbour Blue");
        assertThat(page.getByText("No cell has it.")).isVisible(); // what is true now
        page.keyboard().press("Escape");
        find("c7");
        assertThat(lens(page)).containsText("C7");
    }

    @Test
    void capitalsAreMindedWhereThatIsAskedFor() {
        newWorksheet();
        typeDown("A1", "River Red", "river blue", "RIVER");
        at("A1").click();
        page.keyboard().press("Control+f");
        page.getByLabel("find", new Page.GetByLabelOptions().setExact(true)).fill("river");
        assertThat(page.getByText("3 cells have it.")).isVisible();
        page.getByLabel("match capitals").check();
        assertThat(page.getByText("One cell has it.")).isVisible();
        page.getByLabel("replace with").fill("Harbour");
        button("Replace all").click();
        assertThat(at("A2")).hasText("Harbour blue");
        assertThat(at("A1")).hasText("River Red");
        assertThat(at("A3")).hasText("RIVER");
    }

    @Test
    void aSelectionIsCopiedWholeHoweverLittleOfItIsInView() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        newWorksheet();
        type("A1", "=series(1, 900)/8");
        find("a1:a900");
        assertThat(dialog()).isHidden();
        page.waitForFunction("() => document.activeElement.getAttribute('role') === 'grid'");
        page.keyboard().press("Control+c");
        page.waitForCondition(() -> copied().startsWith("0.125\n0.25\n"));
        assertThat(copied()).contains("\n112.375\n112.5");
        assertThat(copied().strip().split("\n")).hasSize(900);
    }

    @Test
    void theCornerOfAGridCanBeSelectedWithoutScrollingItsCells() {
        newWorksheet();
        at("E8").click();
        assertThat(page.locator("[data-grip]")).isVisible();
        org.assertj.core.api.Assertions.assertThat(
                        page.evaluate(
                                "() => { const box = document.querySelector('[role=grid]').parentElement;"
                                        + " return [box.scrollHeight - box.clientHeight, box.scrollWidth - box.clientWidth].join() }"))
                .isEqualTo("0,0");
        drag(page.locator("[data-grip]"), at("E8"));
        assertThat(at("E8")).hasAttribute("aria-selected", "true");
    }

    private String copied() {
        return (String) page.evaluate("navigator.clipboard.readText()");
    }
}
