package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.openWorksheet;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What people do on their first visit, in a real browser against the running program. */
class WorksheetJourneyTest extends Visit {
    @Test
    void aFormulaIsWrittenByPointingAndTheDependentsFollowEveryChangeThroughReloadAndKill() {
        newWorksheet();
        type("A1", "12");
        type("A2", "30");
        type("A3", "5");

        cell(page, "grid-1", "B1").click();
        page.keyboard().type("=");
        cell(page, "grid-1", "A1").click();
        page.keyboard().type("*(1+");
        cell(page, "grid-1", "A3").click();
        page.keyboard().type("%)+sum(");
        page.mouse().move(centre(at("A1"))[0], centre(at("A1"))[1]);
        page.mouse().down();
        page.mouse().move(centre(at("A2"))[0], centre(at("A2"))[1]);
        page.mouse().move(centre(at("A3"))[0], centre(at("A3"))[1]);
        page.mouse().up();
        assertThat(composer(page)).containsText("This bracket is not closed");
        assertThat(composer(page).getByLabel("value so far")).containsText("59.6");
        page.keyboard().press("Alt+Enter"); // the fix closes the bracket
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=A1*(1+A3%)+sum(A1:A3)");
        page.keyboard().press("Enter");
        assertThat(cell(page, "grid-1", "B1")).containsText("59.6");

        type("A1", "20");
        assertThat(cell(page, "grid-1", "B1")).containsText("76");
        assertThat(cell(page, "grid-1", "B1")).hasAttribute("data-changed", "true");
        assertThat(page.getByRole(AriaRole.CONTENTINFO)).containsText("A1: 12 → 20: 1 result changed");

        page.reload();
        assertThat(cell(page, "grid-1", "B1")).containsText("76");

        type("A2", "31");
        assertThat(cell(page, "grid-1", "B1")).containsText("77");
        String address = page.url().substring(program.address().length());
        program.kill(); // right after the edit was acknowledged
        program = program.again(data);
        page.navigate(program.address() + address);
        assertThat(cell(page, "grid-1", "B1")).containsText("77");
        assertThat(cell(page, "grid-1", "A2")).containsText("31");
        browser.complaints().clear(); // the page had asked while nobody was there

        page.keyboard().press("Control+z");
        assertThat(cell(page, "grid-1", "B1")).containsText("76");
        page.keyboard().press("Control+y");
        assertThat(cell(page, "grid-1", "B1")).containsText("77");
    }

    @Test
    void copyingTakesTheWholeValueAndCopyingAsShownSaysWhatIsLost() {
        page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
        newWorksheet();
        type("A1", "=7/3");
        cell(page, "grid-1", "A1").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Copy as shown"))
                .click();
        assertThat(page.getByText("Copied 2.333333333 as shown. Digits are lost: the value is 7/3."))
                .isVisible();
        assertThat(page.evaluate("navigator.clipboard.readText()")).isEqualTo("2.333333333");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Copy value"))
                .click();
        assertThat(page.getByText("Copied 7/3, all of it.")).isVisible();
        assertThat(page.evaluate("navigator.clipboard.readText()")).isEqualTo("7/3");
    }

    @Test
    void aQuantityIsShownInAnotherUnitAndConvertedByOneAct() {
        openWorksheet(page, "Spring blend");
        cell(page, "parcel", "B4").click();
        Locator units = lens(page).getByRole(AriaRole.REGION, new Locator.GetByRoleOptions().setName("Units"));
        assertThat(cell(page, "parcel", "B4")).containsText("10.36 lb");
        units.getByTitle("Show this cell in kg").click();
        assertThat(cell(page, "parcel", "B4")).containsText("4.700971388 kg");
        assertThat(lens(page)).containsText("=parcel to lb"); // the formula is as it was
        page.keyboard().press("Control+z");
        assertThat(cell(page, "parcel", "B4")).containsText("10.36 lb");
        units.getByText("write to kg").click();
        assertThat(lens(page)).containsText("=parcel to kg");
        assertThat(lens(page)).containsText("1 g = 0.001 kg");
        page.keyboard().press("Control+z");
        assertThat(lens(page)).containsText("=parcel to lb");
    }

    @Test
    void unitsAreCompletedBehindANumberAndAClashIsMarkedAtItsSign() {
        newWorksheet();
        cell(page, "grid-1", "A1").click();
        page.keyboard().type("=3 k");
        assertThat(page.getByRole(AriaRole.LISTBOX)).containsText("kg");
        assertThat(page.getByRole(AriaRole.LISTBOX)).containsText("km");
        page.keyboard().type("g + 2 m ");
        assertThat(page.locator(".cm-fault")).hasText("+");
        assertThat(page.locator(".cm-unit").first()).hasText("kg");
        assertThat(composer(page)).containsText("kg is a mass and m is a length. Only like quantities can be added.");
    }

    @Test
    void aLineThatIsKeptBeforeItsAnswerIsThereIsKeptOnce() {
        newWorksheet();
        page.keyboard().press("Alt+s");
        page.keyboard().type("3 ft + 2 in to cm");
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"))
                        .getByText("96.52 cm"))
                .hasCount(1);
        assertThat(Browser.scratch(page)).hasText(Browser.EMPTY_SCRATCH);
    }

    @Test
    void theChartFollowsItsCells() {
        openWorksheet(page, "Cooling cup");
        Locator curve = page.locator("#block-curve svg path[stroke='#1c6b70'][fill='none']")
                .first();
        String before = curve.getAttribute("d");
        cell(page, "law", "B2").click();
        page.keyboard().type("80");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.CONTENTINFO)).containsText("start: 95 → 80");
        assertThat(curve).not().hasAttribute("d", before);
        assertThat(page.locator("#block-curve table").nth(1)).containsText("80");
        page.keyboard().press("Control+z");
        assertThat(curve).hasAttribute("d", before);
    }

    @Test
    void theLensShowsValueFormulaWorkingAndNeighbours() {
        openWorksheet(page, "Cooling cup");
        cell(page, "readings", "D4").click();
        Locator lens = lens(page);
        assertThat(lens).containsText("79.79548658524672");
        assertThat(lens).containsText("=room+(start-room)*e^(-cooling*A4)");
        assertThat(lens.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText("brackets first"))
                        .first())
                .isVisible();
        page.keyboard().press("Alt+w");
        page.keyboard().press("Alt+w");
        assertThat(lens.locator("[aria-current='step']")).containsText("brackets first");
        lens.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("cooling"))
                .click();
        assertThat(lens).containsText("Law · typed");
        assertThat(lens).containsText("further on");
    }

    @Test
    void anEntryThatCannotBeReadIsMarkedAtTheCharacterAndKeptAllTheSame() {
        newWorksheet();
        cell(page, "grid-1", "C2").click();
        page.keyboard().type("=2+*3");
        assertThat(composer(page)).containsText("A value is missing before *.");
        assertThat(page.locator(".cm-fault")).hasText("*");
        page.keyboard().press("Enter");
        assertThat(cell(page, "grid-1", "C2")).containsText("syntax");
        cell(page, "grid-1", "C2").click();
        lens(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave out `*`"))
                .click();
        assertThat(cell(page, "grid-1", "C2")).containsText("5");
    }

    @Test
    void aNameThatIsTakenKeepsTheComposerOpenWithItsText() {
        newWorksheet();
        type("A1", "width = 3");
        cell(page, "grid-1", "A2").click();
        page.keyboard().type("width = 4");
        assertThat(composer(page)).containsText("width names A1 already.");
        page.keyboard().press("Enter");
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("width = 4");
        page.keyboard().press("Escape");
        assertThat(cell(page, "grid-1", "A2")).hasText("");
        browser.complaints().clear(); // the console tells of the refused request
    }

    @Test
    void functionsAreCompletedAndTheirArgumentsShown() {
        newWorksheet();
        cell(page, "grid-1", "A1").click();
        page.keyboard().type("=comb");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("combinations")))
                .first()
                .waitFor();
        page.keyboard().press("ArrowDown");
        page.locator(".cm-tooltip-autocomplete [aria-selected=true]").waitFor();
        page.keyboard().press("Enter");
        page.keyboard().type("9, ");
        assertThat(composer(page)).containsText("k: how many of them are chosen, 0 or more");
        page.keyboard().type("4)");
        page.keyboard().press("Enter");
        assertThat(cell(page, "grid-1", "A1")).containsText("126");
        cell(page, "grid-1", "A1").click();
        assertThat(lens(page)).containsText("9! / (4! × 5!)");
    }

    @Test
    void theScratchLineKeepsItsAnswersOnTheTapeAndPutsThemIntoACell() {
        newWorksheet();
        type("A1", "room = 21");
        page.keyboard().press("Alt+s");
        page.keyboard().type("1/3 + room");
        assertThat(page.locator("#scratch-answer")).containsText("≈ 21.33333333");
        page.keyboard().press("Enter");
        Locator tape = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"));
        assertThat(tape).containsText("1/3 + room");
        page.keyboard().press("ArrowUp");
        assertThat(Browser.scratch(page)).hasText("1/3 + room");
        page.keyboard().press("Escape");
        assertThat(tape).isHidden();
        cell(page, "grid-1", "C3").click();
        page.keyboard().press("Alt+s");
        tape.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("value"))
                .click();
        assertThat(cell(page, "grid-1", "C3")).containsText("64/3");
        assertThat(lens(page)).containsText("64/3"); // at full precision
    }

    @Test
    void aTableIsLaidOutOverTheCellsBelowAndTakenBack() {
        newWorksheet();
        type("B1", "3");
        type("A1", "=series(1, B1)^2");
        assertThat(cell(page, "grid-1", "A3")).containsText("9");
        cell(page, "grid-1", "A3").click();
        assertThat(lens(page)).containsText("laid out from A1");
        type("B1", "2");
        assertThat(cell(page, "grid-1", "A3")).hasText("");
        type("A2", "in the way");
        assertThat(cell(page, "grid-1", "A1")).containsText("no-room");
    }

    @Test
    void everythingIsReachedByKeyboard() {
        newWorksheet();
        cell(page, "grid-1", "A1").click();
        page.keyboard().type("4");
        page.keyboard().press("Tab");
        page.keyboard().type("=A1^2");
        page.keyboard().press("Enter");
        assertThat(cell(page, "grid-1", "B1")).containsText("16");
        page.keyboard().press("ArrowUp"); // Enter has gone to where the row began
        page.keyboard().press("Shift+ArrowRight");
        assertThat(cell(page, "grid-1", "A1")).hasAttribute("aria-selected", "true");
        assertThat(cell(page, "grid-1", "B1")).hasAttribute("aria-selected", "true");
        page.keyboard().press("Delete");
        assertThat(cell(page, "grid-1", "B1")).hasText("");
        assertThat(page.getByRole(AriaRole.CONTENTINFO)).containsText("2 cells entered");
        page.keyboard().press("Control+End");
        page.keyboard().press("ArrowDown");
        page.keyboard().type("99");
        page.keyboard().press("Enter");
        assertThat(cell(page, "grid-1", "E9")).containsText("99");
        page.keyboard().press("Alt+l");
        assertThat(lens(page)).isHidden();
    }

    @Test
    void aChartIsMadeOfTheSelectionAndSetInTheLens() {
        newWorksheet();
        type("A1", "1");
        type("A2", "2");
        type("A3", "4");
        type("B1", "10");
        type("B2", "20");
        type("B3", "15");
        cell(page, "grid-1", "A1").click();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Shift+ArrowDown");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("+ Chart of the selection"))
                .click();
        Locator chart = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Chart New chart"));
        assertThat(chart).containsText("B1:B3: 3 points, from 10 at 1 to 15 at 4.");
        chart.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("settings"))
                .click();
        Locator line = lens(page)
                .getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Shown as"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("line").setExact(true));
        line.click();
        assertThat(line).hasAttribute("aria-pressed", "true");
    }

    @Test
    void axeFindsNoFault() {
        assertThat(faultsOfAxe()).as("start page").isEmpty();
        openWorksheet(page, "Cooling cup");
        cell(page, "readings", "D4").click();
        assertThat(lens(page)).containsText("Working");
        assertThat(faultsOfAxe()).as("worksheet").isEmpty();
        page.keyboard().press("Enter");
        assertThat(composer(page)).isVisible();
        assertThat(faultsOfAxe()).as("composer").isEmpty();
    }
}
