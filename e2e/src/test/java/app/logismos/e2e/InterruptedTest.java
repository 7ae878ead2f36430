package app.logismos.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.server.datafolder.Backup;
import app.logismos.server.datafolder.Restore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The program is killed and started again under open pages, pages are closed while something is written in them. */
class InterruptedTest extends Visit {
    private boolean isStopped;

    private void killProgram() {
        program.kill();
        isStopped = true;
    }

    /** Parts of the page that are loaded when it is idle are there: a browser asks only once for one that did not come. */
    private void areLoaded(String... parts) {
        for (String part : parts) {
            page.waitForFunction(
                    "part => performance.getEntriesByType('resource').some(e => e.name.includes('/' + part))", part);
        }
    }

    private void startProgram() {
        program = program.again(data);
        isStopped = false;
    }

    @AfterEach
    void programRuns() {
        if (isStopped) {
            startProgram();
        }
        // The browser tells the console what was not answered, and what was refused.
        browser.complaints().removeIf(complaint -> complaint.startsWith("Failed to load resource"));
    }

    private static String focused(Page page) {
        return String.valueOf(page.evaluate("() => document.activeElement.getAttribute('aria-label')"
                + " ?? document.activeElement.textContent.trim() ?? document.activeElement.tagName"));
    }

    @Test
    void whatIsWrittenWhileTheProgramIsStoppedWaitsAndIsKeptOnceWhenItAnswers() {
        newWorksheet();
        type("A1", "5");
        type("A2", "=A1*2");
        assertThat(at("A2")).containsText("10");
        areLoaded("History");
        killProgram();
        type("A3", "7");
        type("A4", "=A3+A2");
        assertThat(at("A3")).hasText("7");
        assertThat(at("A4")).hasText("=A3+A2");
        assertThat(foot()).containsText("The program does not answer. 2 changes are not kept yet");
        at("A1").click();
        page.keyboard().press("Control+z");
        assertThat(foot()).containsText("3 changes are not kept yet");
        startProgram();
        assertThat(at("A3")).hasText("7");
        assertThat(at("A4")).hasText("");
        page.keyboard().press("Control+y");
        assertThat(at("A4")).containsText("17");
        assertThat(foot()).not().containsText("not kept yet");
        page.keyboard().press("Alt+h");
        assertThat(dialog().getByText("A4: empty → 17")).hasCount(2); // as it was written, and done again
    }

    @Test
    void aBackupThatTakesThePlaceOfAllThatWasKeptIsShownOnOpenPages(@TempDir Path folder) {
        newWorksheet();
        type("A1", "5");
        type("A2", "=A1*2");
        assertThat(at("A2")).hasText("10");
        String file = folder.resolve("sheets.zip").toString();
        Backup.main(new String[] {data.toString(), file});
        type("A1", "8");
        type("A3", "later");
        assertThat(at("A2")).hasText("16");
        Restore.main(new String[] {data.toString(), file});
        assertThat(at("A2")).hasText("10");
        assertThat(at("A3")).hasText("");
        type("A1", "7");
        assertThat(at("A2")).hasText("14");
        Restore.main(new String[] {data.toString(), "latest"});
        assertThat(at("A2")).hasText("16");
        assertThat(at("A3")).hasText("later");
    }

    @Test
    void allPartsOfThePageAreThereThoughTheProgramIsStopped() {
        newWorksheet();
        areLoaded("Mathematics", "ChartLens", "Finder", "Guide", "FindPanel", "NamePanel");
        killProgram();
        page.keyboard().press("Control+k");
        Locator finder = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("What do you want")));
        finder.fill("name the cells");
        page.keyboard().press("Enter");
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill("room");
        page.keyboard().press("Escape");
        type("A1", "=1/3");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        startProgram();
        assertThat(at("A1")).containsText("0.3333333333");
    }

    @Test
    void whatAnotherPageChangesTakesTheKeyboardFromNobody() {
        newWorksheet();
        type("A1", "5");
        at("A1").click();
        page.keyboard().press("Alt+s");
        page.keyboard().type("12+");
        Page other = browser.beside(page);
        other.navigate(page.url());
        other.locator("[data-cell='A1']").click();
        other.keyboard().press("Control+k");
        other.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("What do you want")))
                .fill("number style");
        other.locator("#finder-list [role=option]").first().waitFor();
        other.keyboard().press("Enter");
        Locator style = other.getByRole(AriaRole.DIALOG).getByLabel("Number style");
        style.selectOption("fixed");
        assertThat(style).isFocused();
        assertThat(at("A1")).hasText("5.00");
        page.keyboard().type("30");
        assertThat(Browser.scratch(page)).hasText("12+30");
    }

    @Test
    void whatCouldNotBeSentIsSentByTheNextPage() {
        newWorksheet();
        type("A1", "5");
        assertThat(at("A1")).hasText("5");
        String address = page.url();
        killProgram();
        type("B1", "=A1+1");
        assertThat(foot()).containsText("1 change is not kept yet");
        Page next = browser.beside(page);
        page.close();
        startProgram();
        page = next;
        page.navigate(address);
        assertThat(at("B1")).containsText("6");
    }

    @Test
    void anEntryANoteATitleAndAScratchLineOutliveThePage() {
        newWorksheet();
        button("+ Note").click();
        page.keyboard().type("Half a thought");
        page.keyboard().press("Escape");
        button("Write on").click();
        page.getByLabel("note", new Page.GetByLabelOptions().setExact(true)).press("Control+Enter");
        assertThat(page.getByText("Half a thought")).isVisible();
        button("Change note").click();
        page.keyboard().press("End");
        page.keyboard().type(", and more");
        page.reload();
        assertThat(page.getByText("Half a thought, and more")).isVisible(); // kept, or still written in

        at("B2").click();
        page.keyboard().type("=12*");
        page.reload();
        button("Write on").click();
        assertThat(page.getByLabel("Entry of B2", new Page.GetByLabelOptions().setExact(true))
                        .last())
                .hasText("=12*");
        page.keyboard().press("Escape");
        page.keyboard().press("Alt+s");
        page.keyboard().type("3*4+");
        page.reload();
        assertThat(Browser.scratch(page)).hasText("3*4+");

        page.getByTitle("Change worksheet title").click();
        page.getByLabel("worksheet title").fill("x".repeat(200));
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("A title has 1 to"))).isVisible();
        assertThat(page.getByLabel("worksheet title")).hasValue("x".repeat(200));
    }

    @Test
    void whoWritesInACellThatHasChangedChooses() {
        newWorksheet();
        Page other = browser.beside(page);
        other.navigate(page.url());
        other.getByRole(AriaRole.GRID).waitFor();
        at("A1").click();
        page.keyboard().type("111");
        other.locator("#cell-grid-1-A1").click();
        other.keyboard().type("222");
        other.keyboard().press("Enter");
        assertThat(other.locator("#cell-grid-1-A1")).hasText("222");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("it holds 222 now, and you wrote 111")))
                .isVisible();
        assertThat(at("A1")).hasText("222");
        button("Keep mine").click();
        assertThat(at("A1")).hasText("111");
        assertThat(other.locator("#cell-grid-1-A1")).hasText("111");

        other.locator("#cell-grid-1-C3").click();
        other.keyboard().press("Control+z");
        assertThat(other.getByText(Pattern.compile("The last change was made on another page: A1: 222 → 111")))
                .isVisible();
        other.getByText("Leave it", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(at("A1")).hasText("111");
        other.close();
    }

    @Test
    void theKeyboardIsWhereOneWrites() {
        newWorksheet();
        button("+ Note").click();
        page.keyboard().type("one two three");
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Note")))
                .hasCount(1);
        page.keyboard().press("Control+Enter");
        page.waitForCondition(() -> focused(page).equals("Change note"));
        button("+ Section").click();
        page.keyboard().type("Second part");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Second part")))
                .isVisible();
        page.waitForCondition(() -> focused(page).equals("Second part"));

        at("A1").click();
        page.keyboard().type("=1+");
        page.keyboard().press("F1");
        page.getByLabel("Search the guide").fill("gcd");
        page.getByText("greatest common divisor").first().waitFor();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put into A1"))
                .first()
                .click();
        page.waitForCondition(() -> focused(page).equals("Entry of A1"));
        page.keyboard().press("Enter");
        assertThat(at("A1")).containsText("13");
        page.waitForCondition(() -> focused(page).equals("Grid 1"));
    }

    @Test
    void aRangeIsPointedAtUnderTheComposer() {
        newWorksheet();
        at("A5").click();
        page.keyboard().type("=sum(");
        Locator card = page.getByRole(AriaRole.DIALOG);
        assertThat(card).isVisible();
        drag(at("A1"), at("C8"));
        assertThat(card.getByRole(AriaRole.TEXTBOX)).hasText("=sum(A1:C8");
        page.keyboard().press("Escape");
    }

    @Test
    void movingOntoCellsSaysWhatIsOverwrittenAndATypedValueKeepsTheName() {
        newWorksheet();
        type("A1", "width = 3");
        assertThat(at("A1")).hasText("3");
        type("A1", "5");
        assertThat(contents()).containsText("width");
        type("B1", "12");
        at("A1").click();
        page.keyboard().press("Control+x");
        at("B1").click();
        page.keyboard().press("Control+v");
        assertThat(page.getByText(Pattern.compile("Moving to B1 overwrites B1 with 12")))
                .isVisible();
        button("Leave all as it is").click();
        assertThat(at("B1")).hasText("12");
        assertThat(at("A1")).hasText("5");
    }
}
