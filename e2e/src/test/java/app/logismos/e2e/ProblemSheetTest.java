package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.scratch;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A student works through a page of problems from an empty worksheet: once by keys alone, once with the mouse. */
class ProblemSheetTest extends Visit {
    @Test
    void aPageOfProblemsIsWorkedOutByKeysAlone() {
        button("New worksheet").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.GRID)).isFocused();
        // Precedence, with its working step by step.
        typeIn("Problem", "Tab");
        typeIn("Answer", "Enter");
        typeIn("Which comes first", "Tab");
        typeIn("=2+3*4^2", "Enter");
        goTo("B2");
        assertThat(lens(page)).containsText("powers before × and ÷");
        page.keyboard().press("Alt+w");
        assertThat(lens(page).locator("[aria-current=step]")).containsText("powers before");
        // Fractions, counting and units; what is mistyped is mended by a key.
        goTo("A3");
        typeIn("A third and a sixth", "Tab");
        typeIn("=1/3+1/6", "Enter");
        typeIn("Three of seven teas", "Tab");
        page.keyboard().type("=7 choose 3");
        assertThat(composer(page)).containsText("combinations");
        page.keyboard().press("Alt+Enter");
        page.keyboard().press("Enter");
        typeIn("Speed", "Tab");
        typeIn("=60 km/h to m/s", "Enter");
        assertThat(at("B2")).containsText("50");
        assertThat(at("B3")).containsText("0.5");
        assertThat(at("B4")).containsText("35");
        assertThat(at("B5")).containsText("16.66666667");
        // A law with names, and a table of it.
        typeIn("Room", "Tab");
        typeIn("room = 21", "Enter");
        typeIn("Poured at", "Tab");
        typeIn("start = 95", "Enter");
        goTo("C1");
        typeIn("Minutes", "Tab");
        typeIn("Law", "Enter");
        typeIn("0", "Enter");
        typeIn("10", "Enter");
        goTo("C2");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("C7")).containsText("50");
        goTo("D2");
        typeIn("=room + (start - room)*e^(-0.05*C2)", "Enter");
        goTo("D2");
        page.keyboard().press("Alt+ArrowDown");
        assertThat(at("D7")).containsText("27.07");
        // A chart of it, and a remark.
        goTo("C1");
        page.keyboard().press("Shift+ArrowRight");
        for (int row = 0; row < 6; row++) {
            page.keyboard().press("Shift+ArrowDown");
        }
        find("chart of the selection");
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Chart Law by Minutes")))
                .isVisible();
        goTo("B4");
        page.keyboard().press("Alt+r");
        dialog().waitFor();
        page.keyboard().type("The order does not matter.");
        page.keyboard().press("Control+Enter");
        assertThat(dialog()).hasCount(0);
        assertThat(lens(page)).containsText("The order does not matter.");
        // Something on the side, and the answer put on.
        page.keyboard().press("Alt+s");
        page.keyboard().type("sqrt(196)");
        page.keyboard().press("Enter");
        assertThat(scratch(page)).hasText(Browser.EMPTY_SCRATCH);
        page.keyboard().type("answer/4");
        assertThat(foot()).containsText("= 3.5");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.BANNER)).containsText("Problem, Answer");
    }

    @Test
    void thePageIsWorkedOutWithTheMouse() {
        newWorksheet();
        put("A1", "Problem");
        put("A2", "Which comes first");
        put("B2", "=2+3*4^2");
        put("B3", "=1/3+1/6");
        at("B4").click();
        page.keyboard().type("=7 choose 3");
        composer(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("combinations")))
                .click();
        at("A5").click();
        assertThat(at("B4")).containsText("35");
        put("B5", "=60 km/h to m/s");
        at("B5").click();
        assertThat(lens(page)).containsText("write to km/h");
        // Pointing puts references into a formula.
        at("C6").click();
        page.keyboard().type("=");
        at("B2").click();
        page.keyboard().type("*");
        at("B3").click();
        assertThat(composer(page).getByRole(AriaRole.TEXTBOX)).hasText("=B2*B3");
        page.keyboard().press("Enter");
        assertThat(at("C6")).containsText("25");
        // A table by dragging the grip, a chart by its button, a remark in the lens.
        put("D1", "Minutes");
        put("D2", "0");
        put("D3", "10");
        select("D2", "D3");
        drag(page.locator("[data-grip]"), at("D7"));
        assertThat(at("D7")).containsText("50");
        put("E1", "Law");
        put("E2", "=21 + 74*e^(-0.05*D2)");
        at("E2").click();
        drag(page.locator("[data-grip]"), at("E7"));
        assertThat(at("E7")).containsText("27.07");
        select("D1", "E7");
        button("+ Chart of the selection").click();
        assertThat(page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Chart Law by Minutes")))
                .isVisible();
        at("B4").click();
        button("Write a remark").click();
        dialog().waitFor();
        page.keyboard().type("The order does not matter.");
        button("Keep").click();
        assertThat(lens(page)).containsText("The order does not matter.");
        // The working of a line of the tape again.
        scratch(page).click();
        page.keyboard().type("2*3+1/3");
        page.keyboard().press("Enter");
        Locator tape = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"));
        tape.getByText("2*3+1/3").click();
        assertThat(lens(page)).containsText("kept on the tape");
        assertThat(lens(page)).containsText("6 1/3");
    }
}
