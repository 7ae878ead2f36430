package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Telling typed from calculated, remarks, styles, arrows, chains of causes, and what followed from a change. */
class SeeingTest extends Visit {
    @Test
    void clearingACalculatedCellTellsWhatUsedItWithOneActToGoBack() {
        newWorksheet();
        type("A1", "price = 4");
        type("A2", "cost = price*3");
        type("A3", "=cost/2");
        at("A2").click();
        page.keyboard().press("Delete");
        assertThat(page.getByText("A2 was calculated, and these used it: A3.")).isVisible();
        assertThat(at("A3")).hasText("0");
        button("Bring it back").click();
        assertThat(at("A3")).containsText("6");
    }

    @Test
    void aChainOfCausesLeadsToTheFirst() {
        newWorksheet();
        type("A1", "=1/0");
        type("B1", "=A1+1");
        type("C1", "=sum(B1:B2)*2");
        at("C1").click();
        assertThat(lens(page)).containsText("waits for A1");
        Locator chain = lens(page).locator("ol li").filter(new Locator.FilterOptions().setHasText("A1"));
        assertThat(chain).hasText(new String[] {"B1waits for A1", "A1This divides by 0. Nothing can be divided by 0."});
        chain.nth(1).getByRole(AriaRole.BUTTON).click();
        assertThat(lens(page)).containsText("Nothing can be divided by 0");
        assertThat(at("A1")).hasAttribute("data-focused", "true");
    }

    @Test
    void aRemarkIsKeptShownAndTaken() {
        newWorksheet();
        type("A1", "5");
        at("A1").click();
        page.keyboard().press("Alt+r");
        page.getByLabel("remark", new Page.GetByLabelOptions().setExact(true)).fill("weighed twice");
        button("Keep").click();
        assertThat(lens(page)).containsText("weighed twice");
        assertThat(at("A1")).containsText("has a remark");
        page.reload();
        at("A1").click();
        assertThat(lens(page)).containsText("weighed twice");
    }

    @Test
    void aNumberStyleChangesTheLookWithASampleAndNeverTheValue() {
        newWorksheet();
        type("A1", "=2/3");
        at("A1").click();
        find("number style");
        dialog().getByLabel("Number style").selectOption("fixed");
        assertThat(dialog().locator("output")).hasText("0.67");
        button("Done").click();
        assertThat(at("A1")).containsText("0.67");
        type("B1", "=A1*3");
        assertThat(at("B1")).containsText("2");
    }

    @Test
    void arrowsAreDrawnFromWhatFeedsACellAndToWhatItFeeds() {
        newWorksheet();
        type("A1", "5");
        type("B1", "=A1*2");
        type("C1", "=B1+1");
        at("B1").click();
        assertThat(lens(page)).containsText("=A1*2");
        page.keyboard().press("Alt+a");
        assertThat(page.locator("svg path[data-kind='fed by']")).hasCount(1);
        assertThat(page.locator("svg path[data-kind='feeds']")).hasCount(1);
        page.keyboard().press("Alt+a");
        assertThat(page.locator("svg path[data-kind]")).hasCount(0);
    }

    @Test
    void theEchoOpensToAListOfBeforeAndAfter() {
        newWorksheet();
        type("A1", "4");
        type("B1", "=A1*10");
        type("A1", "5");
        assertThat(foot()).containsText("1 result changed");
        page.keyboard().press("Alt+e");
        Locator list = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What followed"));
        assertThat(list).containsText("40");
        assertThat(list).containsText("50");
        list.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("B1"))
                .click();
        assertThat(lens(page)).containsText("=A1*10");
    }

    @Test
    void severalSelectedCellsTellWhatTheyComeToAndAFigureIsPutBelowThem() {
        newWorksheet();
        at("A1").click();
        for (String text : List.of("Item", "12 EUR", "3.50 EUR", "tea", "8 EUR")) {
            page.keyboard().type(text);
            page.keyboard().press("Enter");
        }
        at("A2").click();
        at("A5").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        Locator figures =
                lens(page).getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("The selected cells"));
        assertThat(figures).containsText("how many numbers 3");
        assertThat(figures).containsText("sum 23.50 EUR");
        assertThat(figures).containsText("smallest 3.50 EUR");
        assertThat(figures).containsText("1 cell is no number");
        figures.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("sum"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("put into A6"))
                .click();
        assertThat(at("A6")).containsText("23.5");
        // The next free cell is another one now.
        assertThat(figures.getByText("put into A7").first()).isVisible();
        at("B2").click();
        assertThat(figures).hasCount(0);
    }
}
