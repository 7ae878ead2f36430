package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Undo across a reload, the list of changes, an earlier state looked at, compared and brought back. */
class HistoryTest extends Visit {
    @Test
    void anEarlierStateIsLookedAtComparedAndBroughtBack() {
        newWorksheet();
        type("A1", "4");
        type("B1", "=A1*2");
        type("A1", "9");
        page.keyboard().press("Alt+h");
        Locator history = dialog();
        assertThat(history).containsText("A1: 4 → 9: 1 result changed");
        Locator then =
                history.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("B1: empty → 8"));
        then.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Compare"))
                .click();
        assertThat(then).containsText("Then");
        assertThat(then.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("B1")))
                .containsText("18");
        then.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Look"))
                .click();
        assertThat(page.getByText("As it was on")).isVisible();
        assertThat(at("B1")).containsText("8");
        at("A1").click();
        page.keyboard().type("7");
        assertThat(composer(page)).isHidden(); // the past cannot be written
        button("Return to now").click();
        assertThat(at("B1")).containsText("18");
        page.keyboard().press("Alt+h");
        then.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Look"))
                .click();
        button("Bring this state back").click();
        assertThat(page.getByText("As it was on")).isHidden();
        assertThat(at("A1")).hasText("4");
        at("A1").click();
        page.keyboard().press("Control+z");
        assertThat(at("A1")).hasText("9");
    }

    @Test
    void undoReachesBackPastAReload() {
        newWorksheet();
        type("A1", "4");
        type("A1", "5");
        page.reload();
        at("A1").click();
        page.keyboard().press("Control+z");
        assertThat(at("A1")).hasText("4");
        page.keyboard().press("Control+y");
        assertThat(at("A1")).hasText("5");
    }

    @Test
    void whatAWorksheetBeginsWithIsNotUndone() {
        newWorksheet();
        assertThat(button("Undo")).isDisabled();
        page.keyboard().press("Control+z");
        assertThat(page.getByText("There is nothing to undo.")).isVisible();
        browser.complaints().clear(); // the console tells of the refused request
        type("A1", "4");
        assertThat(button("Undo")).isEnabled();
        page.keyboard().press("Control+z");
        assertThat(at("A1")).hasText("");
        assertThat(button("Undo")).isDisabled();
        assertThat(button("Redo")).isEnabled();
        assertThat(page.getByRole(AriaRole.GRID)).isVisible();
    }

    @Test
    void anotherPageOfTheWorksheetFollows() {
        newWorksheet();
        type("A1", "4");
        Page other = browser.open(program);
        other.navigate(page.url());
        assertThat(cell(other, "grid-1", "A1")).hasText("4");
        type("A1", "6");
        assertThat(cell(other, "grid-1", "A1")).hasText("6");
        other.close();
    }

    @Test
    void theTapeIsKeptWithTheWorksheet() {
        newWorksheet();
        page.keyboard().press("Alt+s");
        page.keyboard().type("355*113");
        page.keyboard().press("Enter");
        Locator tape = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"));
        assertThat(tape).containsText("355*113");
        page.reload();
        page.getByRole(AriaRole.GRID).waitFor();
        page.keyboard().press("Alt+s");
        assertThat(tape).containsText("355*113");
        page.keyboard().type("35");
        page.keyboard().press("ArrowUp");
        assertThat(Browser.scratch(page)).hasText("355*113");
        assertThat(lens(page)).containsText("the last operation");
    }
}
