package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A list that somebody has elsewhere is pasted, read, added up and goes on growing. */
class OrderListTest extends Visit {
    private static final List<String> ORDER = List.of(
            "Item\tOrdered\tPrice\tNumber\tTotal",
            "River Red\t01/03/2027\t€ 3.50\t2\t=C2*D2",
            "Harbour Mist\t02/03/2027\t4,75 €\t3\t=C3*D3",
            "First Flush\t31.03.2027\t6.00 EUR\t4\t=C4*D4");

    @Test
    void whatIsPastedIsToldAndAColumnReadAsDatesByOneClick() {
        newWorksheet();
        paste("A1", ORDER);
        assertThat(at("C3")).containsText("4.75");
        assertThat(at("B4")).hasText("2027-03-31");
        Locator told = page.getByRole(AriaRole.ALERT);
        assertThat(told).containsText("Pasted: 3 formulas, 6 numbers, 1 date and 10 texts.");
        told.getByText("Read column B as dates, day first").click();
        assertThat(at("B2")).hasText("2027-03-01");
        assertThat(at("B3")).hasText("2027-03-02");
        at("A1").click();
        page.keyboard().press("Control+z");
        assertThat(at("B2")).hasText("01/03/2027");
        at("B2").click();
        assertThat(lens(page)).containsText("With the month first this is 3 January 2027");
    }

    @Test
    void theSumBelowIsWrittenByKeysAndTakesInARowPutInAtItsEnd() {
        newWorksheet();
        paste("A1", ORDER);
        assertThat(at("E4")).containsText("24.00");
        at("E5").click();
        page.keyboard().type("=");
        assertThat(composer(page)).containsText("sum(E2:E4) adds up what stands above");
        page.keyboard().press("Alt+Enter");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=sum(E2:E4)");
        page.keyboard().press("Enter");
        assertThat(at("E5")).containsText("45.25"); // 7.00, 14.25 and 24.00
        at("E5").click();
        find("put rows in above");
        assertThat(foot()).containsText("taken in by what adds up to there");
        type("E5", "0.75 EUR");
        assertThat(at("E6")).containsText("46.00");
        at("E6").click();
        assertThat(lens(page)).containsText("=sum(E2:E5)");
    }

    @Test
    void theLabelsOfRowsStayInViewWhenAWideGridIsScrolled() {
        newWorksheet();
        page.setViewportSize(1024, 700);
        paste("A1", ORDER);
        assertThat(at("E4")).containsText("24.00");
        double before = at("A2").boundingBox().x;
        at("E2").click();
        page.waitForFunction("document.querySelector('[role=grid]').parentElement.scrollLeft > 20");
        org.assertj.core.api.Assertions.assertThat(at("A2").boundingBox().x).isEqualTo(before);
    }

    @Test
    void aLookupContinuedWithoutDollarsIsMadeFixedInAllItsCellsByOneClick() {
        newWorksheet();
        paste("D1", List.of("River Red\t3", "Fjord Green\t4", "Harbour Mist\t5"));
        typeDown("A1", "Fjord Green", "River Red", "Harbour Mist");
        type("B1", "=lookup(A1, D1:D3, E1:E3)");
        at("B1").click();
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("B2")).containsText("not-found");
        at("B3").click();
        button("Make it fixed in all these cells").click();
        assertThat(at("B2")).containsText("3");
        at("B3").click();
        assertThat(lens(page)).containsText("=lookup(A3, D$1:D$3, E$1:E$3)");
        page.keyboard().press("Control+z");
        assertThat(at("B2")).containsText("not-found");
    }

    private static final List<String> ITEMS = List.of(
            "Item\tNumber\tOrdered",
            "River Red\t2\t2027-03-01",
            "Fjord Green\t3\t2027-03-02",
            "Harbour Mist\t1\t2027-03-02",
            "First Flush\t5\t2027-03-03",
            "River Red\t4\t2027-03-05",
            "Harbour Mist\t6\t2027-03-05",
            "Fjord Green\t1\t2027-03-08",
            "First Flush\t2\t2027-03-09",
            "River Red\t1\t2027-03-09",
            "Fjord Green\t2\t2027-03-12",
            "Harbour Mist\t3\t2027-03-15",
            "First Flush\t1\t2027-03-15");
    private static final List<String> PRICES = List.of(
            "Leaf\tPrice",
            "River Red\t3.50 EUR",
            "Fjord Green\t4.20 EUR",
            "Harbour Mist\t4.75 EUR",
            "First Flush\t6.00 EUR");
    private static final String PRICE = "=lookup(A2, $H$2:$H$5, $I$2:$I$5)";

    @Test
    void anOrderIsPricedAddedUpSortedFilteredAndDrawnByKeysAlone() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        button("New worksheet").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.GRID)).isFocused();
        pasteByKey(ITEMS);
        assertThat(at("C13")).hasText("2027-03-15");
        goTo("H1");
        pasteByKey(PRICES);
        assertThat(at("I5")).containsText("6.00");
        // Due dates, prices out of the list and lines, each written once and continued.
        goTo("D1");
        for (String heading : List.of("Due", "Price", "Line")) {
            typeIn(heading, "Tab");
        }
        goTo("D2");
        for (String formula : List.of("=C2+30 day", PRICE, "=B2*E2")) {
            typeIn(formula, "Tab");
        }
        goTo("D2");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("D13")).hasText("2027-04-14");
        assertThat(at("F13")).containsText("6.00 EUR");
        // Sum, discount, tax and total.
        goTo("F14");
        page.keyboard().type("=");
        assertThat(composer(page)).containsText("adds up what stands above");
        page.keyboard().press("Alt+Enter");
        page.keyboard().press("Enter");
        assertThat(composer(page)).isHidden();
        typeIn("=-10%*F14", "Enter");
        typeIn("=19%*(F14+F15)", "Enter");
        typeIn("=F14+F15+F16", "Enter");
        assertTotals();
        // Sorted, filtered, and drawn.
        goTo("F3");
        find("largest first");
        assertThat(at("A2")).hasText("First Flush");
        assertThat(at("F2")).containsText("30.00");
        assertTotals();
        goTo("A3");
        find("what this column holds");
        dialog().waitFor();
        page.keyboard().type("river red");
        page.keyboard().press("Enter");
        assertFiltered();
        find("show hidden rows");
        assertThat(at("A2")).hasText("First Flush");
        goTo("F1");
        for (int row = 0; row < 12; row++) {
            page.keyboard().press("Shift+ArrowDown");
        }
        find("chart of the selection");
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Chart Line")))
                .isVisible();
    }

    @Test
    void theOrderIsPricedSortedFilteredAndDrawnWithTheMouse() {
        newWorksheet();
        paste("A1", ITEMS);
        for (String column : List.of("F", "G", "H")) {
            button("New column in Grid 1").click();
            assertThat(at(column + "1")).isVisible();
        }
        for (int row = 14; row <= 17; row++) {
            button("New row in Grid 1").click();
            assertThat(at("A" + row)).isVisible();
        }
        paste("H1", PRICES);
        assertThat(at("I5")).containsText("6.00");
        put("D1", "Due");
        put("E1", "Price");
        put("F1", "Line");
        put("D2", "=C2+30 day");
        put("E2", PRICE);
        put("F2", "=B2*E2");
        select("D2", "F2");
        drag(page.locator("[data-grip]"), at("F13"));
        assertThat(at("D13")).hasText("2027-04-14");
        at("F14").click();
        page.keyboard().type("=");
        assertThat(composer(page)).containsText("adds up what stands above");
        button("Write it").click();
        at("G14").click();
        put("F15", "=-10%*F14");
        put("F16", "=19%*(F14+F15)");
        put("F17", "=F14+F15+F16");
        assertTotals();
        at("F3").click();
        ofColumn("F", "Sort by this column, largest first");
        assertThat(at("F2")).containsText("30.00");
        assertTotals();
        ofColumn("A", "Show rows by what this column holds …");
        dialog().getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("River Red"))
                .check();
        button("Show these rows").click();
        assertFiltered();
        button("Show all").click();
        assertThat(at("A2")).hasText("First Flush");
        select("F1", "F13");
        button("+ Chart of the selection").click();
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Chart Line")))
                .isVisible();
    }

    /** Three lines stay with their total, which says what all come to, and the caption says how many are hidden. */
    private void assertFiltered() {
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 1")))
                .containsText("9 rows hidden");
        assertThat(page.locator("[data-grid=grid-1][data-cell^=A]")
                        .filter(new Locator.FilterOptions().setHasText("River Red")))
                .hasCount(3);
        assertThat(page.locator("[data-grid=grid-1][data-cell^=A]")
                        .filter(new Locator.FilterOptions().setHasText("Fjord Green")))
                .hasCount(0);
        assertThat(at("F14")).containsText("145.20 EUR");
    }

    /** Seven at 3.50, six at 4.20, ten at 4.75 and eight at 6.00; less a tenth; and 19 % of that. */
    private void assertTotals() {
        assertThat(at("F14")).containsText("145.20 EUR");
        assertThat(at("F15")).containsText("14.52 EUR");
        assertThat(at("F16")).containsText("24.83 EUR");
        assertThat(at("F17")).containsText("155.51 EUR");
    }

    private void pasteByKey(List<String> rows) {
        page.evaluate("text => navigator.clipboard.writeText(text)", String.join("\n", rows));
        page.keyboard().press("Control+v");
    }

    /** Runs what the menu at a column's letter has. */
    private void ofColumn(String letter, String command) {
        Locator head = page.getByRole(
                AriaRole.COLUMNHEADER,
                new Page.GetByRoleOptions().setName(letter).setExact(true));
        head.click(new Locator.ClickOptions().setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(command))
                .first()
                .click();
    }

    /** As a browser pastes what was copied in another program. */
    private void paste(String address, List<String> rows) {
        at(address).click();
        page.evaluate(
                "text => { const data = new DataTransfer(); data.setData('text/plain', text);"
                        + " document.activeElement.dispatchEvent(new ClipboardEvent('paste', {clipboardData: data,"
                        + " bubbles: true})) }",
                String.join("\n", rows));
    }
}
