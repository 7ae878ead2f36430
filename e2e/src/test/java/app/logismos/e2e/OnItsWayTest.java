package app.logismos.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is done while changes before it are still on their way to the program. */
class OnItsWayTest extends Visit {
    @Test
    void whatIsStillOnItsWayIsNotOverwrittenUnasked() {
        newWorksheet();
        type("A1", "5");
        assertThat(at("A1")).hasText("5");
        Held held = new Held(page);
        type("B1", "12");
        at("A1").click();
        page.keyboard().press("Control+x");
        at("B1").click();
        page.keyboard().press("Control+v");
        held.letGo();
        assertThat(page.getByText(Pattern.compile("Moving to B1 overwrites B1 with 12")))
                .isVisible();
        button("Leave all as it is").click();
        assertThat(at("B1")).hasText("12");
    }

    @Test
    void aGridThatIsStillOnItsWayIsNotAskedFor() {
        newWorksheet();
        type("A1", "5");
        Held held = new Held(page);
        find("title of the block");
        page.getByLabel("grid title").fill("First");
        page.keyboard().press("Enter");
        find("add a grid");
        Locator second = page.locator("[data-focused='true'][data-cell='A1']");
        second.waitFor();
        page.keyboard().type("=1+sum(2, 3)");
        page.keyboard().press("Enter");
        held.letGo();
        assertThat(page.locator("[data-cell='A1']").last()).hasText("6");
    }

    @Test
    void anAnswerOfBeforeAnEntryDoesNotHideWhatWasEntered() {
        newWorksheet();
        type("A1", "5");
        List<Route> late = new ArrayList<>();
        List<APIResponse> before = new ArrayList<>();
        page.route("**/cells?*", route -> {
            if (late.isEmpty()) {
                before.add(route.fetch());
                late.add(route);
            } else {
                route.resume();
            }
        });
        find("title of the block");
        page.getByLabel("grid title").fill("First");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> !late.isEmpty());
        type("A1", "7");
        assertThat(at("A1")).hasText("7");
        type("B1", "=A1");
        assertThat(at("B1")).containsText("7");
        try {
            late.get(0).fulfill(new Route.FulfillOptions().setResponse(before.get(0)));
        } catch (PlaywrightException cancelled) {
            assertThat(at("A1")).hasText("7"); // nobody waits for it any more
        }
        type("C1", "8");
        assertThat(at("C1")).hasText("8");
        assertThat(at("A1")).hasText("7");
        assertThat(at("B1")).containsText("7");
    }

    @Test
    void whatIsWrittenOnWhileItsBeginningIsOnItsWayStays() {
        newWorksheet();
        button("+ Note").click();
        Locator note = page.getByLabel("note", new Page.GetByLabelOptions().setExact(true));
        note.waitFor();
        Held held = new Held(page);
        note.fill("Half a thought");
        note.press("Control+Enter");
        button("Change note").click();
        note.press("End");
        page.keyboard().type(", and more");
        page.waitForResponse("**/edits", held::letGo);
        page.evaluate("() => new Promise(done => requestAnimationFrame(() => setTimeout(done)))");
        assertThat(note).hasValue("Half a thought, and more");
        page.reload();
        assertThat(page.getByText("Half a thought, and more")).isVisible();
    }

    @Test
    void whatIsOpenedWhileAnAnswerIsAwaitedIsNotClosedByIt() {
        newWorksheet();
        type("A1", "5");
        at("A1").click();
        find("name the cells");
        Locator name = page.getByLabel("name", new Page.GetByLabelOptions().setExact(true));
        name.fill("room");
        Held held = new Held(page);
        name.press("Enter");
        name.press("Escape");
        assertThat(name).isHidden();
        page.keyboard().press("Control+k");
        Locator finder = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("What do you want")));
        finder.fill("title");
        page.waitForResponse("**/edits", held::letGo);
        page.evaluate("() => new Promise(done => requestAnimationFrame(() => setTimeout(done)))");
        assertThat(finder).hasValue("title");
    }

    @Test
    void theScratchLineAnswersWithAllThatWasTypedBefore() {
        newWorksheet();
        type("A1", "room = 5");
        assertThat(at("A1")).hasText("5");
        Held held = new Held(page);
        type("A1", "7");
        page.keyboard().press("Alt+s");
        page.keyboard().type("2*room");
        page.keyboard().press("Enter");
        held.letGo();
        Locator tape = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"));
        assertThat(tape).containsText("14");
    }

    /** The edits of a page, which do not reach the program until they are let go. */
    private static final class Held {
        private final List<Route> waiting = new ArrayList<>();
        private final Page page;
        private boolean isHeld = true;

        Held(Page page) {
            this.page = page;
            page.route("**/edits", route -> {
                if (isHeld) {
                    waiting.add(route);
                } else {
                    route.resume();
                }
            });
        }

        void letGo() {
            page.waitForCondition(() -> !waiting.isEmpty());
            isHeld = false;
            waiting.forEach(Route::resume);
        }
    }
}
