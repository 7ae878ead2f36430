package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Tables of an expression or of a calculated cell over a variable or two. */
class TabulatingTest extends Visit {
    private static final Page.GetByLabelOptions EXACT = new Page.GetByLabelOptions().setExact(true);

    private Locator table() {
        return page.getByRole(AriaRole.FIGURE)
                .filter(new Locator.FilterOptions().setHasText("Table of"))
                .locator("[data-cell]");
    }

    private Locator tableCell(String address) {
        return page.locator("figure:has-text('Table of') [data-cell='" + address + "']");
    }

    private void open(String expression, String variable, String from, String to, String step) {
        page.keyboard().press("Alt+Shift+v");
        page.getByLabel("Expression, or a calculated cell").fill(expression);
        page.getByLabel("Name or cell").first().fill(variable);
        page.getByLabel("From", EXACT).fill(from);
        page.getByLabel("To", EXACT).fill(to);
        page.getByLabel("Step", EXACT).fill(step);
    }

    @Test
    void theSelectedCellIsOfferedWhereItIsCalculated() {
        newWorksheet();
        typeDown("A1", "2", "=A1*3");
        at("A2").click();
        assertThat(lens(page)).containsText("calculated");
        page.keyboard().press("Alt+Shift+v");
        assertThat(page.getByLabel("Expression, or a calculated cell")).hasText("A2");
        page.keyboard().press("Escape");
        assertThat(dialog()).isHidden();
        at("A5").click();
        assertThat(lens(page)).containsText("empty");
        page.keyboard().press("Alt+Shift+v");
        assertThat(page.getByLabel("Expression, or a calculated cell")).hasText("x^2/2");
    }

    @Test
    void anExpressionIsTabulatedWithHeadingsAndUnits() {
        newWorksheet();
        at("A1").click();
        open("time_*3 m/s", "time_", "0 s", "2 s", "500 ms");
        button("Make the table").click();
        assertThat(tableCell("A1")).hasText("time_ in s");
        assertThat(tableCell("B1")).hasText("time_*3 m/s");
        assertThat(tableCell("A3")).containsText("0.5");
        assertThat(tableCell("B6")).containsText("6");
        tableCell("B6").click();
        assertThat(lens(page)).containsText("=$A6*3 m/s");
    }

    @Test
    void theTableOfACellFollowsItsFormulaAndIsUndoneWithIt() {
        newWorksheet();
        typeDown("A1", "price = 5", "40", "cost = price*A2");
        at("A3").click();
        open("cost", "price", "1", "3", "1");
        button("Make the table").click();
        assertThat(tableCell("B4")).containsText("120");
        type("A3", "cost = price*A2 + 7");
        assertThat(tableCell("B4")).containsText("127");
        page.keyboard().press("Control+z");
        assertThat(tableCell("B4")).containsText("120");
        type("A2", "10");
        assertThat(tableCell("B4")).containsText("30");
    }

    @Test
    void twoVariablesMakeATwoWayTable() {
        newWorksheet();
        at("A1").click();
        open("x^2 + y", "x", "1", "3", "1");
        page.getByText("a second variable to the right").click();
        Locator second = page.getByRole(
                AriaRole.GROUP,
                new Page.GetByRoleOptions().setName("Variable, to the right").setExact(true));
        second.getByLabel("From", new Locator.GetByLabelOptions().setExact(true))
                .fill("10");
        second.getByLabel("To", new Locator.GetByLabelOptions().setExact(true)).fill("30");
        second.getByLabel("Step", new Locator.GetByLabelOptions().setExact(true))
                .fill("10");
        button("Make the table").click();
        assertThat(tableCell("A1")).hasText("x^2 + y");
        assertThat(tableCell("D1")).hasText("30");
        assertThat(tableCell("D4")).containsText("39");
    }

    @Test
    void valuesMayStandAnywhere() {
        newWorksheet();
        type("A1", "2");
        type("A3", "7");
        type("C5", "11");
        at("B1").click();
        page.keyboard().press("Alt+Shift+v");
        page.getByLabel("Expression, or a calculated cell").fill("x^2");
        page.getByText("from cells").first().click();
        page.getByLabel("Cells with the values").fill("A1, A3, C5");
        button("Make the table").click();
        assertThat(tableCell("B4")).containsText("121");
        type("C5", "3");
        assertThat(tableCell("B4")).containsText("9");
    }

    @Test
    void whatIsTabulatedCanBeChangedAfterwards() {
        newWorksheet();
        at("A1").click();
        open("x^2", "x", "1", "3", "1");
        button("Make the table").click();
        tableCell("B2").click();
        page.keyboard().press("Alt+Shift+v");
        page.getByLabel("Expression, or a calculated cell").fill("x^3");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Tabulate this in"))
                .click();
        assertThat(tableCell("B4")).containsText("27");
        assertThat(tableCell("B1")).hasText("x^3");
    }

    @Test
    void whatCannotBeTabulatedIsToldAndNothingChanges() {
        newWorksheet();
        type("A1", "5");
        at("A1").click();
        open("A1", "x", "1", "3", "1");
        button("Make the table").click();
        assertThat(page.getByText("does not depend on x, so all values would be alike."))
                .isVisible();
        assertThat(table()).hasCount(0);
        browser.complaints().removeIf(complaint -> complaint.contains("422"));
    }
}
