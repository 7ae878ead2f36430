package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static app.logismos.e2e.Browser.openWorksheet;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The start page: all six examples, a worksheet renamed, duplicated, deleted and brought back. */
class StartPageTest extends Visit {
    @Test
    void allExamplesAreThere() {
        for (String title : List.of(
                "First steps", "Spring blend", "Cooling cup", "Tasting tray", "Steeping surface", "Evening sheet")) {
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(title))))
                    .isVisible();
        }
        openWorksheet(page, "Steeping surface");
        assertThat(cell(page, "strength", "F5")).containsText("67 %");
        page.goBack();
        openWorksheet(page, "Tasting tray");
        assertThat(cell(page, "orders", "B2")).containsText("362 880");
        assertThat(cell(page, "orders", "B3")).containsText("1 260");
        assertThat(cell(page, "pairs", "B3")).containsText("27.8");
    }

    @Test
    void aWorksheetIsRenamedDuplicatedDeletedAndBroughtBack() {
        button("What can be done with First steps").click();
        page.getByText("Duplicate").click();
        assertThat(page.getByText("First steps (copy)").first()).isVisible();
        assertThat(cell(page, "precedence", "B2")).containsText("11");
        page.getByTitle("All worksheets").click();
        button("What can be done with First steps (copy)").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Rename"))
                .click();
        page.getByLabel("worksheet title").fill("My steps");
        page.keyboard().press("Enter");
        Locator card = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("My steps")));
        assertThat(card).isVisible();
        button("What can be done with My steps").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Delete"))
                .click();
        assertThat(card).isHidden();
        button("Bring it back").click();
        assertThat(card).isVisible();
    }

    @Test
    void aWorksheetIsFoundByAWordOfItsTitleAndAllStandInOrder() {
        for (String title : List.of("Parcels 10", "Parcels 9", "Assam notes")) {
            program.post("/api/v1/worksheets", "{\"title\": \"" + title + "\"}");
        }
        page.reload();
        Locator own = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Your worksheets"));
        Locator asked = page.getByLabel("Find a worksheet by its title");
        asked.fill("PARCELS");
        assertThat(own.getByRole(AriaRole.LINK))
                .hasText(new Pattern[] {Pattern.compile("Parcels 9"), Pattern.compile("Parcels 10")});
        button("by title").click();
        assertThat(own.getByRole(AriaRole.LINK).first()).containsText("Parcels 9");
        asked.fill("notes assam");
        assertThat(own.getByRole(AriaRole.LINK)).hasCount(1);
        asked.fill("zebra");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("No worksheet has that in its title.");
        asked.fill("");
        assertThat(own.getByRole(AriaRole.LINK).filter(new Locator.FilterOptions().setHasText("Assam notes")))
                .isVisible();
    }
}
