package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.scratch;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What people look for in their first hours: at the scratch line, at the edges of a grid, and around the page. */
class FirstHoursTest extends Visit {
    @Test
    void aLineOfTheTapeKeepsItsValueAndItsWorkingInTheLens() {
        newWorksheet();
        page.keyboard().press("Alt+s");
        page.keyboard().type("2 + 1/3");
        assertThat(foot()).containsText("2.333333333");
        page.keyboard().press("Enter");
        assertThat(scratch(page)).hasText(Browser.EMPTY_SCRATCH);
        assertThat(lens(page)).containsText("kept on the tape");
        assertThat(lens(page)).containsText("2 1/3");
        page.keyboard().press("Alt+w");
        assertThat(lens(page).locator("[aria-current=step]")).hasCount(1);
        page.keyboard().type("answer*3");
        assertThat(foot()).containsText("= 7");
        page.keyboard().press("Enter");
        Locator tape = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"));
        assertThat(scratch(page)).hasText(Browser.EMPTY_SCRATCH);
        page.keyboard().press("ArrowUp");
        assertThat(scratch(page)).hasText("answer*3");
        page.keyboard().press("ArrowUp");
        assertThat(scratch(page)).hasText("2 + 1/3"); // the one before, though the last was brought back
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(scratch(page)).hasText(Browser.EMPTY_SCRATCH);
        tape.getByText("2 + 1/3").click();
        assertThat(lens(page)).containsText("kept on the tape");
        assertThat(scratch(page)).hasText("2 + 1/3");
        assertThat(lens(page)).containsText("2 1/3");
        page.keyboard().press("Escape");
        assertThat(tape).isHidden();
        assertThat(scratch(page)).hasText("2 + 1/3"); // what is written is not thrown away
        at("B2").click();
        assertThat(lens(page)).containsText("B2");
    }

    @Test
    void theScratchLineAndFormsMarkAndMendLikeACell() {
        newWorksheet();
        page.keyboard().press("Alt+s");
        page.keyboard().type("7 choose 3");
        assertThat(foot().locator(".cm-fault")).isVisible();
        page.keyboard().press("Alt+Enter");
        assertThat(scratch(page)).hasText("combinations(7, 3)");
        page.keyboard().press("Enter");
        assertThat(lens(page)).containsText("35");
        find("draw a curve");
        dialog().waitFor();
        page.keyboard().type("2x");
        assertThat(dialog()).containsText("written with");
        page.keyboard().press("Alt+Enter");
        assertThat(dialog().getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Expression")))
                .hasText("2*x");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Chart 2*x")))
                .isVisible();
    }

    @Test
    void tabGoesAlongTheRowEnterBackToItsBeginningAndPastTheLastCellOut() {
        newWorksheet();
        at("B2").click();
        for (String text : List.of("tea", "4", "6")) {
            page.keyboard().type(text);
            page.keyboard().press("Tab");
        }
        page.keyboard().type("8");
        page.keyboard().press("Enter");
        page.keyboard().type("mint");
        page.keyboard().press("Enter");
        assertThat(at("E2")).hasText("8");
        assertThat(at("B3")).hasText("mint");
        at("E7").click();
        page.keyboard().press("Tab");
        assertThat(at("A8")).hasAttribute("data-focused", "true");
        page.keyboard().press("Shift+Tab");
        assertThat(at("E7")).hasAttribute("data-focused", "true");
        at("E8").click();
        page.keyboard().press("Tab");
        assertThat(page.getByRole(AriaRole.GRID)).not().isFocused();
    }

    @Test
    void rowsAndColumnsAreAddedAtTheEdgeAndTheirMenusHoldWhatIsDoneWithThem() {
        newWorksheet();
        type("A1", "4");
        button("New row in Grid 1").click();
        assertThat(page.getByRole(AriaRole.GRID)).hasAttribute("aria-rowcount", "10");
        button("New column in Grid 1").click();
        assertThat(page.getByRole(AriaRole.GRID)).hasAttribute("aria-colcount", "7");
        Locator letter = page.locator("[data-column='0']");
        letter.hover();
        letter.locator("[data-line-menu]").click();
        for (String says : List.of(
                "Put columns in on the left",
                "Take the columns out",
                "Hide the columns",
                "Sort by this column, smallest first",
                "Choose the unit of the column …")) {
            assertThat(page.getByText(says)).isVisible();
        }
        page.getByText("Choose the unit of the column …").click();
        dialog().waitFor();
        page.keyboard().type("kg");
        page.keyboard().press("Enter");
        assertThat(dialog()).hasCount(0);
        type("A2", "5");
        at("A2").click();
        assertThat(at("A2")).containsText("5 kg");
    }

    @Test
    void aDoubleClickOnTheGripGoesOnAsFarAsTheColumnBesideAndLeavesTheHeadingOut() {
        newWorksheet();
        typeDown("A1", "Count", "2", "3", "4");
        typeDown("B1", "Double", "=A2*2");
        at("B1").click();
        page.keyboard().press("Shift+ArrowDown");
        BoundingBox grip = page.locator("[data-grip]").boundingBox();
        for (int press = 0; press < 2; press++) {
            page.mouse().move(grip.x + grip.width / 2, grip.y + grip.height / 2);
            page.mouse().down();
            page.mouse().up();
        }
        assertThat(at("B3")).containsText("6");
        assertThat(at("B4")).containsText("8");
        assertThat(at("B5")).hasText("");
    }

    @Test
    void aKeyGoesFromPartToPartOfThePageAndBack() {
        newWorksheet();
        type("A1", "=2+3");
        at("A1").click();
        assertThat(page.getByRole(AriaRole.GRID)).isFocused();
        page.keyboard().press("F6");
        assertThat(lens(page).locator(":focus")).hasCount(1);
        page.keyboard().press("F6");
        assertThat(scratch(page)).isFocused();
        page.keyboard().press("F6");
        assertThat(page.locator("header :focus")).hasCount(1);
        for (int part = 0; part < 3; part++) {
            page.keyboard().press("Shift+F6");
        }
        assertThat(page.getByRole(AriaRole.GRID)).isFocused();
    }

    @Test
    void fractionsPeriodsAndPowersAreSetInCellsAndASettingTellsWhereDigitsAreDropped() {
        newWorksheet();
        typeDown("A1", "=7/3", "=1/7", "=2^100");
        style("A1", "mixed");
        style("A2", "repeating");
        assertThat(at("A1").locator("[data-set]")).hasText("213");
        assertThat(at("A2").locator("[data-set]")).hasText("0.142857");
        assertThat(at("A3").locator("sup")).hasText("30");
        style("A1", "automatic");
        find("settings");
        dialog().getByText("Show where digits are dropped").click();
        assertThat(at("A1")).containsText("≈ 2.333333333");
        assertThat(at("A2")).not().containsText("≈");
    }

    @Test
    void aTableWithoutRoomLightsTheCellInItsWay() {
        newWorksheet();
        type("A3", "tea");
        type("A1", "=series(1, 5)");
        at("A1").click();
        assertThat(lens(page)).containsText("A3 is not free");
        assertThat(page.getByTitle("In the way of the table")).hasCount(1);
        lens(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("A3"))
                .click();
        page.keyboard().press("Delete");
        assertThat(at("A5")).containsText("5");
    }

    @Test
    void foldingIsNoEditAndIsRememberedByTheBrowser() {
        newWorksheet();
        Locator fold = page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Fold New worksheet"));
        fold.click();
        assertThat(page.getByRole(AriaRole.GRID)).isHidden();
        assertThat(button("Undo")).isDisabled();
        page.reload();
        assertThat(page.getByRole(AriaRole.BANNER)).isVisible();
        assertThat(page.getByRole(AriaRole.GRID)).isHidden();
        find("fold or unfold the section");
        assertThat(page.getByRole(AriaRole.GRID)).isVisible();
    }

    @Test
    void aWorksheetThatNobodyHasNamedIsCalledAfterItsHeadings() {
        newWorksheet();
        at("A1").click();
        for (String text : List.of("Item", "Price")) {
            page.keyboard().type(text);
            page.keyboard().press("Tab");
        }
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("Item, Price");
        find("change the title of the worksheet");
        page.keyboard().press("Control+a");
        page.keyboard().type("Orders");
        page.keyboard().press("Enter");
        type("A2", "Fjord Green");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("Orders");
    }

    @Test
    void onPaperThereIsThePageAlone() {
        Browser.openWorksheet(page, "Cooling cup");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(lens(page)).isHidden();
        assertThat(scratch(page)).isHidden();
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Contents")))
                .isHidden();
        assertThat(page.getByText("+ Section")).isHidden();
        assertThat(page.getByText("drinkable from here").first()).isVisible();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cooling cup")))
                .isVisible();
    }

    private void style(String cell, String style) {
        at(cell).click();
        assertThat(lens(page)).containsText(cell);
        lens(page).locator("select").first().selectOption(style);
    }
}
