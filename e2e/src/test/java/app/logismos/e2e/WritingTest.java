package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Writing entries: completions, signs, pointing by keys, dollar signs, lines, and entries without an equals sign. */
class WritingTest extends Visit {
    @Test
    void arrowKeysPointAtCellsAndShiftExtendsToARange() {
        newWorksheet();
        typeDown("A1", "2", "3", "4");
        at("C3").click();
        page.keyboard().type("=");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=A3");
        page.keyboard().type("*sum(");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("Shift+ArrowUp");
        page.keyboard().press("Shift+ArrowUp");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=A3*sum(A1:A3");
        assertThat(page.locator("[data-reference]").first()).isVisible();
        page.keyboard().type(")");
        page.keyboard().press("Enter");
        assertThat(at("C3")).containsText("36");
    }

    @Test
    void aKeyTurnsTheDollarSignsOfTheReferenceAtTheCursor() {
        newWorksheet();
        at("B1").click();
        page.keyboard().type("=A1");
        Locator entry = composer(page).getByRole(AriaRole.TEXTBOX);
        for (String next : List.of("=$A$1", "=A$1", "=$A1", "=A1")) {
            page.keyboard().press("Alt+4");
            assertThat(entry).hasText(next);
        }
    }

    @Test
    void signsThatTheKeyboardLacksAreReachedByKey() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=2");
        assertThat(page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Signs")))
                .isVisible();
        page.keyboard().press("Alt+p");
        page.keyboard().press("ArrowRight"); // from π to √
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("Enter");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=2π");
        page.keyboard().press("Backspace");
        page.keyboard().type("*");
        page.keyboard().press("Alt+p");
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        assertThat(at("A1")).containsText("6.283185307");
    }

    @Test
    void anEntryMayHaveSeveralLines() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=1+");
        page.keyboard().press("Shift+Enter");
        page.keyboard().type("2");
        page.keyboard().press("Enter");
        assertThat(at("A1")).containsText("3");
    }

    @Test
    void aCalculationWithoutItsSignIsOfferedAsOne() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("5+2*3");
        assertThat(composer(page)).containsText("This is kept as a text.");
        button("Calculate it").click();
        page.keyboard().press("Enter");
        assertThat(at("A1")).containsText("11");
    }

    @Test
    void theEntryIsTypesetWithItsValueWhileItIsWritten() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=7/3");
        assertThat(composer(page).locator(".katex .mfrac").first()).isVisible();
        assertThat(composer(page).getByLabel("value so far")).containsText("2.333333333");
        assertThat(lens(page)).containsText("being written");
    }

    @Test
    void aNewWorksheetTakesWhatIsTypedAtOnceInItsFirstCell() {
        button("New worksheet").click();
        assertThat(page.getByRole(AriaRole.GRID)).isFocused();
        page.keyboard().type("Distance");
        page.keyboard().press("Tab");
        page.keyboard().type("90 mi");
        page.keyboard().press("Enter");
        assertThat(at("A1")).hasText("Distance");
        assertThat(at("B1")).containsText("90");
    }

    @Test
    void whatIsTypedWhileNothingIsSelectedGoesToTheScratchLine() {
        Browser.openWorksheet(page, "Cooling cup");
        page.keyboard().type("5+2*3");
        assertThat(Browser.scratch(page)).hasText("5+2*3");
        assertThat(foot()).containsText("11");
        page.keyboard().press("Enter");
        assertThat(Browser.scratch(page)).hasText(Browser.EMPTY_SCRATCH);
    }

    @Test
    void whatStandsBehindAConversionIsToldAndPutInBracketsByOneKey() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=90 min to h + 1 h");
        assertThat(composer(page)).containsText("Put the conversion in brackets.");
        page.keyboard().press("Alt+Enter");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=(90 min to h) + 1 h");
        page.keyboard().press("Enter");
        assertThat(at("A1")).containsText("2.5");
    }

    @Test
    void theFirstKeyAfterAPanelIsClosedFindsTheGrid() {
        newWorksheet();
        at("B2").click();
        for (String panel : List.of("Alt+n", "Control+f", "Control+k", "F1", "Alt+h")) {
            page.keyboard().press(panel);
            assertThat(dialog()).isVisible();
            page.keyboard().press("Escape");
            page.keyboard().type("7");
            assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("7");
            page.keyboard().press("Escape");
            assertThat(composer(page)).isHidden();
        }
    }

    @Test
    void anEntryThatIsRefusedComesBackToItsCellWithAWayOut() {
        newWorksheet();
        type("A1", "price = 5");
        at("A2").click();
        page.keyboard().type("price = 6");
        page.keyboard().press("Enter");
        assertThat(composer(page)).containsText("price names A1 already.");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("price = 6");
        assertThat(at("A2")).hasAttribute("aria-selected", "true");
        assertThat(at("A3")).hasAttribute("aria-selected", "false");
        browser.complaints().removeIf(complaint -> complaint.contains("422"));
        page.keyboard().press("Alt+Enter");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("price_1 = 6");
        page.keyboard().press("Enter");
        assertThat(at("A2")).containsText("6");
        assertThat(contents()).containsText("price_1");
    }

    @Test
    void anEntryThatIsRefusedWhileTheNextOneIsWrittenDisturbsNothingAndIsNotLost() {
        newWorksheet();
        type("A1", "price = 5");
        at("A2").click();
        List<Route> held = new ArrayList<>();
        page.route("**/edits", held::add, new Page.RouteOptions().setTimes(1));
        page.keyboard().type("price = 6");
        page.keyboard().press("Enter");
        page.keyboard().type("7");
        page.waitForCondition(() -> held.size() == 1);
        held.get(0).resume();
        assertThat(button("Write it again")).isVisible();
        browser.complaints().removeIf(complaint -> complaint.contains("422"));
        page.keyboard().type("5");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("75");
        page.keyboard().press("Enter");
        assertThat(at("A3")).hasText("75");
        button("Write it again").click();
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("price = 6");
        assertThat(at("A2")).hasAttribute("aria-selected", "true");
        page.keyboard().press("Alt+Enter");
        page.keyboard().press("Enter");
        assertThat(at("A2")).containsText("6");
    }
}
