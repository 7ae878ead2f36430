package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
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
