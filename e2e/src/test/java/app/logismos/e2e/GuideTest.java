package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.openWorksheet;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The guide and the finder. */
class GuideTest extends Visit {
    @Test
    void anExampleShowsItsValueAndWorkingAndIsPutIntoACell() {
        newWorksheet();
        at("B2").click();
        page.keyboard().press("F1");
        page.getByLabel("Search the guide").fill("COMBIN");
        assertThat(dialog()).containsText("choose k things from n");
        page.keyboard().press("Enter");
        Locator guide = dialog();
        assertThat(guide).containsText("combinations(n, k)");
        Locator example = guide.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("combinations(9, 4)"))
                .first();
        assertThat(example).containsText("126");
        example.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Working"))
                .click();
        assertThat(example).containsText("9! / (4! × 5!)");
        example.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put into B2"))
                .click();
        assertThat(at("B2")).containsText("126");
    }

    @Test
    void theKeyOpensTheEntryUnderTheCursor() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=median(");
        assertThat(composer(page)).containsText("median(");
        page.keyboard().press("F1");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("median\\("))))
                .isVisible();
    }

    @Test
    void aNewGridTakesAnExampleOfAPageOnAnAct() {
        newWorksheet();
        page.keyboard().press("F1");
        page.getByLabel("Search the guide").fill("which operation");
        page.keyboard().press("Enter");
        Locator example = dialog().getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("2+3*4"));
        example.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("New grid with it"))
                .click();
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 2")))
                .containsText("14");
    }

    @Test
    void whatIsTypedWhileTheFinderIsStillBeingLoadedIsItsText() {
        List<Route> held = new ArrayList<>();
        page.route("**/Finder-*.js", held::add);
        newWorksheet();
        at("A1").click();
        page.keyboard().press("Control+k");
        page.waitForCondition(() -> !held.isEmpty());
        page.keyboard().type("b7");
        held.forEach(Route::resume);
        assertThat(dialog().getByRole(AriaRole.COMBOBOX)).hasValue("b7");
        page.keyboard().press("Enter");
        assertThat(at("B7")).hasAttribute("data-focused", "true");
        assertThat(at("A1")).isEmpty();
    }

    @Test
    void theFinderJumpsToNamesGridsFunctionsAndWorksheets() {
        openWorksheet(page, "Cooling cup");
        find("wanted");
        assertThat(lens(page)).containsText("wanted");
        find("Readings");
        assertThat(cell(page, "readings", "A1")).hasAttribute("data-focused", "true");
        find("Tasting tray");
        assertThat(page.getByRole(AriaRole.GRID, new Page.GetByRoleOptions().setName("The tray")))
                .isVisible();
        find("remainder");
        assertThat(dialog()).containsText("Examples");
    }

    @Test
    void aQuestionInEverydayWordsLeadsToAFunctionAPageOrACommand() {
        newWorksheet();
        at("A1").click();
        page.keyboard().press("F1");
        Locator asked = page.getByLabel("Search the guide");
        asked.fill("how many days until");
        assertThat(found().first()).containsText("Days, dates and times");
        asked.fill("area of a circle");
        page.keyboard().press("Enter");
        assertThat(dialog().getByRole(
                                AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Lengths, areas and volumes")))
                .isVisible();
        asked.fill("write a comment");
        found().filter(new Locator.FilterOptions().setHasText("Write a remark")).click();
        assertThat(page.getByLabel("Search the guide")).hasCount(0);
        assertThat(page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("[Rr]emark"))))
                .isVisible();
    }

    @Test
    void whereNothingHasTheWordsTheNearestIsOffered() {
        newWorksheet();
        page.keyboard().press("F1");
        page.getByLabel("Search the guide").fill("avarage");
        assertThat(dialog()).containsText("Nothing has these words. The nearest are:");
        assertThat(found().filter(new Locator.FilterOptions().setHasText("mean"))
                        .first())
                .isVisible();
        page.getByLabel("Search the guide").fill("qqqqqqqq");
        assertThat(dialog()).containsText("The guide has nothing on that.");
    }

    private Locator found() {
        return dialog().getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("Found"))
                .getByRole(AriaRole.LISTITEM);
    }
}
