package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Where the points of a chart come from: written anew, from other grids, with and without names, deleted. */
class ChartSourcesTest extends Visit {
    private Locator chart() {
        return page.locator("figure[aria-label^='Chart']").first();
    }

    /** A chart of the second column against the first, selected. */
    private void chartOf(String... columns) {
        newWorksheet();
        for (int i = 0; i < columns.length; i++) {
            typeDown((char) ('A' + i) + "1", columns[i].split(" "));
        }
        select("A1", "B" + columns[0].split(" ").length);
        button("+ Chart of the selection").click();
        chart().locator("[data-drawing]").first().click(new Locator.ClickOptions().setPosition(200, 60));
    }

    private void write(String label, String text) {
        lens(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change " + label))
                .or(lens(page).getByTitle("Change " + label))
                .first()
                .click();
        Locator field = lens(page).getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(label));
        field.fill(text);
        field.press("Enter");
    }

    private void choose(String setting, String choice) {
        lens(page)
                .getByRole(
                        AriaRole.GROUP,
                        new Locator.GetByRoleOptions().setName(setting).setExact(true))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(choice).setExact(true))
                .click();
    }

    @Test
    void aRangeOfSeveralColumnsBecomesASeriesForEach() {
        chartOf("Time 1 2 3", "Height 4 5 6", "Weight 7 8 9");
        write("cells of the series", "b1:c4");
        assertThat(chart()).containsText("Height: 3 points, from 4 at 1 to 6 at 3.");
        assertThat(chart()).containsText("Weight: 3 points, from 7 at 1 to 9 at 3.");
    }

    @Test
    void aSeriesComesFromAnotherGridByItsName() {
        chartOf("Time 1 2 3", "Height 4 5 6");
        find("add a grid");
        Locator prices = page.locator("[data-focused='true'][data-cell='A1']");
        prices.waitFor();
        for (String entry : new String[] {"Price", "20", "30", "40"}) {
            page.keyboard().type(entry);
            page.keyboard().press("Enter");
        }
        chart().locator("[data-drawing]").first().click(new Locator.ClickOptions().setPosition(200, 60));
        write("cells of the series", "Prizes.A1:A4");
        assertThat(page.getByText("There is no grid called Prizes.").first()).isVisible();
        Locator field =
                lens(page).getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("cells of the series"));
        assertThat(field).hasValue("Prizes.A1:A4");
        field.fill("'Grid 2'.A1:A4");
        field.press("Enter");
        assertThat(chart()).containsText("Price: 3 points, from 20 at 1 to 40 at 3.");
    }

    @Test
    void whatIsNoRangeIsToldWhereItIsWritten() {
        chartOf("Time 1 2 3", "Height 4 5 6");
        write("cells with error bars", "the third column");
        assertThat(page.getByText("Cells are written like B2:B9, and the third column is not.")
                        .first())
                .isVisible();
    }

    @Test
    void namesAboveValuesAreAsManyAsIsChosen() {
        chartOf("2025 1 2 3", "2026 4 5 6");
        assertThat(chart()).containsText("4 points, from 2026 at 2025 to 6 at 3.");
        lens(page)
                .getByText("Layout", new Locator.GetByTextOptions().setExact(true))
                .click();
        choose("Names above values", "first line");
        assertThat(chart()).containsText("2026: 3 points, from 4 at 1 to 6 at 3.");
    }

    @Test
    void aSeriesWhoseCellsAreDeletedIsTakenOut() {
        chartOf("Time 1 2 3", "Height 4 5 6", "Weight 7 8 9");
        write("cells of the series", "B1:C4");
        assertThat(chart()).containsText("Weight: 3 points");
        at("C1").click();
        find("delete columns");
        assertThat(chart()).containsText("Height: 3 points");
        button("Take the series out").click();
        assertThat(button("Take the series out")).isHidden();
        assertThat(chart()).not().containsText("Weight");
    }
}
