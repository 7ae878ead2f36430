package app.logismos.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Sections, notes and blocks: folded, formatted, moved, side by side; headings that stay in view. */
class OrganisingTest extends Visit {
    @Test
    void aNoteHasFormattingAndTypesetMathematics() {
        newWorksheet();
        button("+ Note").click();
        Locator note = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Note"));
        page.getByLabel("note", new Page.GetByLabelOptions().setExact(true)).fill("The **law** of cooling: $e^{-kt}$");
        page.keyboard().press("Control+Enter");
        assertThat(note.locator("strong")).hasText("law");
        assertThat(note.locator(".katex")).isVisible();
        page.reload();
        assertThat(note.locator("strong")).hasText("law");
    }

    @Test
    void blocksAreMovedByKeyAndByMenuAndStandSideBySide() {
        newWorksheet();
        button("+ Grid").click();
        Locator second = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 2"));
        Locator first = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 1"));
        assertThat(second).isVisible();
        second.getByLabel(Pattern.compile("^Move Grid 2")).focus();
        page.keyboard().press("Alt+ArrowUp");
        page.waitForCondition(() -> top(second) < top(first));
        button("What can be done with Grid 2").click();
        page.getByText("Move down").click();
        page.waitForCondition(() -> top(second) > top(first));
        page.keyboard().press("Alt+l"); // room for both
        button("What can be done with Grid 2").click();
        page.getByText("Stand beside the block before").click();
        page.waitForCondition(() -> top(second) == top(first));
    }

    @Test
    void whatIsTypedBeforeANewGridIsKeptStandsInTheNewGrid() {
        newWorksheet();
        at("A1").click();
        List<Route> held = new ArrayList<>();
        page.route("**/edits", held::add, new Page.RouteOptions().setTimes(1));
        find("add a grid");
        page.keyboard().type("7");
        page.keyboard().press("Enter");
        page.waitForCondition(() -> held.size() == 1);
        held.get(0).resume();
        Locator second = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 2"));
        assertThat(second.locator("[data-cell='A1']")).hasText("7");
        Locator first = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 1"));
        assertThat(first.locator("[data-cell='A1']")).hasText("");
        button("+ Grid").click();
        page.keyboard().type("8");
        page.keyboard().press("Enter");
        Locator third = page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid Grid 3"));
        assertThat(third.locator("[data-cell='A1']")).hasText("8");
    }

    @Test
    void aBlockIsDraggedToAnotherSection() {
        newWorksheet();
        button("+ Grid").click();
        button("+ Section").click();
        Locator section = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("New section"));
        drag(holdOf("Grid 2"), section.getByRole(AriaRole.HEADING));
        assertThat(section.getByRole(AriaRole.GRID)).isVisible();
    }

    @Test
    void aBlockIsMovedByKeysAndEachPlaceIsSpoken() {
        newWorksheet();
        button("+ Grid").click();
        Locator grids = page.getByRole(AriaRole.MAIN).getByRole(AriaRole.FIGURE);
        Locator spoken = page.getByText(Pattern.compile("^The grid Grid 1 "));
        holdOf("Grid 1").press("Space");
        assertThat(spoken).hasText("The grid Grid 1 is picked up.");
        page.keyboard().press("ArrowDown");
        assertThat(spoken).hasText("The grid Grid 1 would come behind The grid Grid 2.");
        page.keyboard().press("Escape");
        assertThat(spoken).hasText("The grid Grid 1 stays where it was.");
        assertThat(grids.first()).hasAccessibleName("Grid Grid 1");

        holdOf("Grid 1").press("Space");
        page.keyboard().press("ArrowDown");
        assertThat(spoken).hasText("The grid Grid 1 would come behind The grid Grid 2.");
        page.keyboard().press("Space");
        assertThat(grids.first()).hasAccessibleName("Grid Grid 2");
        assertThat(spoken).hasText("The grid Grid 1 stands behind The grid Grid 2.");
        assertThat(holdOf("Grid 1")).isFocused();
    }

    /** What a block is moved by, once it can be. */
    private Locator holdOf(String title) {
        Locator hold = page.getByLabel(Pattern.compile("^Move " + title));
        hold.focus();
        assertThat(hold).hasAttribute("aria-pressed", "false");
        return hold;
    }

    @Test
    void aSubsectionFoldsWithItsSection() {
        newWorksheet();
        button("+ Section").click();
        button("What can be done with New section").click();
        page.getByText("Make it a part of the section above").click();
        Locator part = page.getByRole(
                AriaRole.HEADING,
                new Page.GetByRoleOptions().setName("New section").setLevel(3));
        assertThat(part).isVisible();
        page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Fold New worksheet"))
                .click();
        assertThat(part).isHidden();
        assertThat(page.getByRole(AriaRole.GRID)).isHidden();
    }

    @Test
    void typingBeyondTheEdgeAddsARowAndHeadingsStayInView() {
        newWorksheet();
        type("A1", "Time");
        at("A1").click();
        find("headings");
        at("A1").click();
        page.keyboard().press("Control+End");
        for (int i = 0; i < 14; i++) {
            page.keyboard().press("ArrowDown");
            page.keyboard().type("x");
            page.keyboard().press("Enter");
            page.keyboard().press("ArrowUp"); // at once: nobody waits until an entry is kept
        }
        assertThat(at("E22")).hasText("x");
        assertThat(at("E9")).hasText("x");
        assertThat(at("A1")).isInViewport();
    }

    /** Where an element begins; no number while it is on its way. */
    private static double top(Locator element) {
        var box = element.boundingBox();
        return box == null ? Double.NaN : box.y;
    }

    @Test
    void aWholeSectionIsMovedUpWithAllItHoldsAndBackByUndo() {
        newWorksheet();
        type("A1", "7");
        button("+ Section").click();
        page.keyboard().press("Enter");
        Locator headings =
                page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setLevel(2));
        assertThat(headings).containsText(new String[] {"New worksheet", "New section"});
        button("What can be done with New section").click();
        page.getByText("Move up", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(headings).containsText(new String[] {"New section", "New worksheet"});
        page.reload();
        assertThat(headings).containsText(new String[] {"New section", "New worksheet"});
        assertThat(at("A1")).hasText("7");
        button("Undo").click();
        assertThat(headings).containsText(new String[] {"New worksheet", "New section"});
    }
}
