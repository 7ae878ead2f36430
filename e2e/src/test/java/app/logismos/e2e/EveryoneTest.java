package app.logismos.e2e;

import static app.logismos.e2e.Browser.cell;
import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.openWorksheet;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.MouseButton;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Settings, light and dark, a narrow window, twice the size, and what axe says of every view. */
class EveryoneTest extends Visit {
    @Test
    void settingsChangeHowNumbersAreReadAndShown() {
        newWorksheet();
        type("A1", "1234.5");
        type("A2", "=sin(30)");
        button("Settings").click();
        page.getByText("degrees", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("comma: 1,5").click();
        page.getByLabel("Group digits by three").click();
        assertThat(at("A1")).hasText("1 234,5");
        assertThat(at("A2")).containsText("0,5");
        page.keyboard().press("Escape");
        type("B1", "2,5");
        type("B2", "=max(1,5; B1)*2");
        assertThat(at("B2")).containsText("5");
        at("B2").click();
        assertThat(lens(page)).containsText("=max(1,5; B1)*2");
        page.reload();
        assertThat(at("B1")).hasText("2,5");
    }

    @Test
    void axeFindsNoFaultInLightAndDark() {
        openWorksheet(page, "Cooling cup");
        cell(page, "readings", "D4").click();
        assertThat(lens(page)).containsText("Working");
        for (String look : List.of("light", "dark")) {
            find(look + " look");
            assertThat(page.locator("html")).hasAttribute("data-look", look);
            assertThat(dialog()).hasCount(0);
            assertThat(faultsOfAxe()).as(look).isEmpty();
        }
        find("light look");
    }

    @Test
    void axeFindsNoFaultInPanels() {
        openWorksheet(page, "Spring blend");
        cell(page, "lots", "C2").click();
        for (String key : List.of("Control+k", "F1", "Alt+h", "Control+f", "Alt+n", "Alt+r")) {
            page.keyboard().press(key);
            dialog().waitFor();
            assertThat(faultsOfAxe()).as(key).isEmpty();
            page.keyboard().press("Escape");
            assertThat(dialog()).hasCount(0);
            cell(page, "lots", "C2").click();
        }
        for (String panel : List.of("settings", "hand over", "bring in")) {
            find(panel);
            dialog().waitFor();
            assertThat(faultsOfAxe()).as(panel).isEmpty();
            page.keyboard().press("Escape");
            assertThat(dialog()).hasCount(0);
        }
    }

    @ParameterizedTest
    @EnumSource(ReducedMotion.class)
    void panelsComeAndGoWhetherTheyMayGlideOrNot(ReducedMotion motion) {
        page = browser.open(program, motion);
        openWorksheet(page, "Spring blend");
        cell(page, "lots", "C2").click();
        for (int time = 0; time < 3; time++) {
            find("settings");
            dialog().waitFor();
            page.keyboard().press("Escape");
            assertThat(dialog()).hasCount(0);
            cell(page, "lots", "C2").click(new Locator.ClickOptions().setButton(MouseButton.RIGHT));
            Locator menu = page.getByRole(AriaRole.MENU).last();
            assertThat(menu.getByRole(AriaRole.MENUITEM).first()).isInViewport();
            page.keyboard().press("Escape");
            assertThat(menu).isHidden();
        }
    }

    @Test
    void everythingFitsAtTwiceTheSizeAndInANarrowWindow() {
        page.setViewportSize(640, 400);
        openWorksheet(page, "Cooling cup"); // 1280 × 800 at 200 %
        assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                .isEqualTo(true);
        assertThat(cell(page, "law", "A1")).isVisible();
        cell(page, "law", "B1").click();
        page.keyboard().type("22");
        page.keyboard().press("Enter");
        assertThat(cell(page, "law", "B1")).containsText("22");
        page.keyboard().press("Control+z");
        assertThat(cell(page, "law", "B1")).containsText("21");
        page.setViewportSize(1024, 700);
        assertThat(page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                .isEqualTo(true);
    }

    @Test
    void aScreenReaderHearsValueNameAndError() {
        newWorksheet();
        type("A1", "price = 4");
        type("A2", "=1/0");
        at("A1").click();
        assertThat(page.locator("[aria-live='polite']").filter(new Locator.FilterOptions().setHasText("A1")))
                .hasText("A1, price, 4");
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("[aria-live='polite']").filter(new Locator.FilterOptions().setHasText("A2")))
                .containsText("divided by");
    }
}
