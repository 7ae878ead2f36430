package app.logismos.e2e;

import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Money: the sample rates are marked, changed by mouse or key, and everything that converts follows. */
class MoneyTest extends Visit {
    @AfterEach
    void goBackToTheSamples() {
        page.evaluate("fetch('/api/v1/rates', {method: 'DELETE'}).then(() => null)");
    }

    @Test
    void aRateIsChangedAndOpenPagesFollow() {
        newWorksheet();
        typeDown("A1", "100 USD", "=A1 to EUR", "=A2*2");
        Page other = browser.open(program);
        other.navigate(page.url());
        assertThat(other.locator("[data-cell=A3]")).containsText("180");
        at("A2").click();
        assertThat(lens(page)).containsText("The rates between EUR and USD are sample data");
        page.getByText("Change the rates").click();
        assertThat(dialog()).containsText("Rates between currencies");
        page.getByLabel("Euros for one US dollar").fill("0,8");
        assertThat(faultsOfAxe()).isEmpty();
        button("Use these rates").click();
        assertThat(at("A2")).containsText("80");
        assertThat(at("A3")).containsText("160");
        assertThat(lens(page)).containsText("1 USD = 0.8 EUR");
        assertThat(lens(page)).not().containsText("sample data");
        assertThat(other.locator("[data-cell=A3]")).containsText("160");
        other.close();
        type("A1", "50 USD");
        assertThat(at("A3")).containsText("80");
        page.keyboard().press("Control+z");
        assertThat(at("A3")).containsText("160");
    }

    @Test
    void ratesAreFoundByTheirNameAndWrittenWithTheKeyboardAlone() {
        newWorksheet();
        type("A1", "=5 XTS to EUR");
        assertThat(at("A1")).containsText("syntax");
        find("exchange");
        assertThat(dialog()).containsText("How many euros one of each is worth");
        settle();
        button("Add a currency").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Code of the new currency")).isFocused();
        page.keyboard().type("xt");
        assertThat(dialog()).containsText("A currency has a code of three capital letters");
        assertThat(button("Use these rates")).isDisabled();
        page.keyboard().type("s");
        assertThat(dialog()).containsText("What is XTS called?");
        page.keyboard().press("Tab");
        assertThat(page.getByLabel("Name of the new currency")).isFocused();
        page.keyboard().type("token");
        page.keyboard().press("Tab");
        page.keyboard().type("0");
        assertThat(dialog()).containsText("The rate of XTS is a number above 0");
        page.keyboard().type(".25");
        page.keyboard().press("Enter");
        assertThat(dialog()).isHidden();
        assertThat(at("A1")).containsText("1.25");
    }

    @Test
    void nothingCanBePressedThatWouldMoveAwayWhenTheRatesArrive() {
        newWorksheet();
        List<Route> held = new ArrayList<>();
        page.route("**/rates", held::add);
        find("exchange");
        assertThat(dialog()).containsText("Rates between currencies");
        assertThat(button("Add a currency")).hasCount(0);
        page.waitForCondition(() -> !held.isEmpty());
        page.unroute("**/rates");
        held.forEach(Route::resume);
        button("Add a currency").click();
        assertThat(page.getByLabel("Code of the new currency")).isFocused();
        page.keyboard().press("Escape");
    }

    @Test
    void theSamplesComeBack() {
        newWorksheet();
        type("A1", "=10 GBP to EUR");
        find("exchange");
        page.getByLabel("Euros for one pound sterling").fill("2");
        button("Use these rates").click();
        assertThat(dialog()).isHidden();
        assertThat(at("A1")).containsText("20");
        find("exchange");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^GBP"))))
                .containsText("yours");
        button("Back to the samples").click();
        assertThat(at("A1")).containsText("11.5");
    }

    @Test
    void aCodeThatIsAUnitAlreadyIsRefusedAndNothingChanges() {
        newWorksheet();
        type("A1", "=100 USD to EUR");
        find("exchange");
        button("Add a currency").click();
        page.getByLabel("Code of the new currency").fill("BTU");
        page.getByLabel("Name of the new currency").fill("heat");
        page.getByLabel("Euros for one of the new currency").fill("3");
        button("Use these rates").click();
        assertThat(dialog()).containsText("BTU is a unit already.");
        browser.complaints().removeIf(complaint -> complaint.contains("400"));
        page.keyboard().press("Escape");
        assertThat(dialog()).isHidden();
        assertThat(at("A1")).containsText("90");
    }
}
