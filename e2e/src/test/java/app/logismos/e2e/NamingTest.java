package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Names: given by key and by labels, renamed everywhere, refused where they clash. */
class NamingTest extends Visit {
    @Test
    void aCellIsNamedByKeyAndAClashIsToldWhileTyping() {
        newWorksheet();
        type("A1", "21");
        at("A1").click();
        page.keyboard().press("Alt+n");
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("sum");
        assertThat(dialog()).containsText("sum is a function.");
        assertThat(button("Keep")).isDisabled();
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("room");
        page.keyboard().press("Enter");
        assertThat(contents()).containsText("room");
        type("B1", "=room+1");
        at("A1").click();
        page.keyboard().press("Alt+n");
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("hall");
        page.keyboard().press("Enter");
        assertThat(contents()).containsText("hall");
        at("B1").click();
        assertThat(lens(page)).containsText("=hall+1");
        type("A1", "25");
        assertThat(foot()).containsText("hall: 21 → 25");
    }

    @Test
    void severalValuesAreNamedByTheirLabelsInOneAct() {
        newWorksheet();
        typeDown("A1", "Tins sold", "Price, EUR");
        typeDown("B1", "48", "4.40");
        select("A1", "B2");
        find("by their labels");
        assertThat(contents()).containsText("tins_sold");
        assertThat(contents()).containsText("price");
        type("C1", "=tins_sold*price");
        assertThat(at("C1")).containsText("211.2");
    }

    @Test
    void theNamesPanelTellsValueKindSizeAndUse() {
        newWorksheet();
        type("A1", "price = 5");
        type("A2", "cost = price*3");
        type("B1", "7");
        select("A1", "B1");
        page.keyboard().press("Alt+n");
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("row_one");
        page.keyboard().press("Enter");
        assertThat(contents().getByRole(AriaRole.BUTTON, named("price"))).hasText("price5typed number · A1");
        assertThat(contents().getByRole(AriaRole.BUTTON, named("cost")))
                .hasText("=cost15calculated number · A2 · unused");
        assertThat(contents().getByRole(AriaRole.BUTTON, named("row_one"))).containsText("2 cells, A1:B1 · unused");
    }

    /** A name's own button, not that of what can be done with it. */
    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(Pattern.compile("^=? ?" + name));
    }

    @Test
    void theNamesPanelRenamesAndTakesAway() {
        newWorksheet();
        type("A1", "price = 5");
        type("B1", "7");
        at("B1").click();
        page.keyboard().press("Alt+n");
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("weeks");
        page.keyboard().press("Enter");
        assertThat(contents()).containsText("weeks");
        button("What can be done with the name weeks").click();
        page.getByText("Take the name away").click();
        assertThat(contents()).not().containsText("weeks");
        assertThat(contents()).containsText("price");
    }
}
