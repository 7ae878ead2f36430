package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The example of the spring blend, made from an empty worksheet without touching the mouse. */
class SpringBlendByTypingTest extends Visit {
    @Test
    void theSpringBlendIsMadeByTypingAlone() {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("New worksheet").setExact(true))
                .focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.GRID).waitFor();

        find("Grid 1");
        retitle("Batch");
        rows(
                "Leaf in all", "12 kg",
                "Leaf in a tin", "125 g",
                "Tin and label", "0.85 EUR",
                "Added to the cost", "60%");
        find("b1");
        name("batch");
        find("b2");
        name("leaf");
        find("b3");
        name("packing");
        find("b4");
        name("added");

        addGrid("Leaf lots");
        row("Lot", "Price", "Price for a kg", "Share", "Leaf", "Cost", "Share of cost");
        row("River Red", "18.40 EUR/kg", "=B2 to EUR/kg", "45%", "=D2*batch", "=C2*E2", "=F2/$F$6");
        row("Harbour Mist", "9.20 EUR/lb", "", "30%");
        row("First Flush", "42.00 EUR/kg", "", "15%");
        row("Cedar Smoke", "6.90 EUR/lb", "", "10%");
        continueDown("C2");
        continueDown("E2");
        continueDown("F2");
        continueDown("G2");
        find("a6");
        row("Blend", "", "=F6/E6", "=sum(D2:D5)", "=sum(E2:E5)", "=sum(F2:F5)", "=sum(G2:G5)");
        find("a1");
        find("headings");

        addGrid("Cost and price");
        rows(
                "Tins in a batch", "tins = batch/leaf",
                "Leaf for a tin", "='Leaf lots'.F6/tins",
                "Cost of a tin", "cost = B2+packing",
                "Price of a tin", "=cost*(1+added)",
                "Left on a tin", "=B4-cost");

        Locator price = figure("Cost and price").locator("[data-cell='B4']");
        assertThat(price).containsText("≈ 5.80 EUR"); // the places of the currency
        assertThat(figure("Leaf lots").locator("[data-cell='C6']")).containsText("22.18594805 EUR/kg");
        assertThat(figure("Cost and price").locator("[data-cell='B1']")).containsText("96");
        page.reload();
        assertThat(price).containsText("≈ 5.80 EUR");
    }

    private Locator figure(String grid) {
        return page.getByRole(AriaRole.FIGURE, new Page.GetByRoleOptions().setName("Grid " + grid));
    }

    private void addGrid(String title) {
        find("add a grid");
        figure("Grid ").locator("[data-focused='true'][data-cell='A1']").waitFor();
        retitle(title);
    }

    private void retitle(String title) {
        find("title of the block");
        page.getByLabel("grid title").fill(title);
        page.keyboard().press("Enter");
        figure(title).waitFor();
        find(title);
    }

    private void name(String name) {
        page.keyboard().press("Alt+n");
        page.getByLabel("name", new Page.GetByLabelOptions().setExact(true)).fill(name);
        page.keyboard().press("Enter");
        assertThat(dialog()).hasCount(0);
    }

    private void continueDown(String address) {
        find(address);
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Shift+ArrowDown");
        page.keyboard().press("Alt+ArrowDown");
        String last = address.charAt(0) + "5";
        assertThat(page.locator("[data-active='true'] [data-cell='" + last + "']"))
                .not()
                .hasText("");
    }

    /** Rows of two cells. */
    private void rows(String... entries) {
        for (int i = 0; i < entries.length; i += 2) {
            row(entries[i], entries[i + 1]);
        }
    }

    /** Types entries from the selected cell to the right, and goes to the beginning of the next row. */
    private void row(String... entries) {
        for (String entry : entries) {
            if (!entry.isEmpty()) {
                page.keyboard().type(entry);
                page.keyboard().press("Tab");
                assertThat(composer(page)).isHidden();
            } else {
                page.keyboard().press("ArrowRight");
            }
        }
        page.keyboard().press("Home");
        page.keyboard().press("ArrowDown");
    }
}
