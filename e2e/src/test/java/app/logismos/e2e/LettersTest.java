package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.scratch;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;

/** Letters in formulas: expressions as values of cells, and derivatives with their rules. */
class LettersTest extends Visit {
    @Test
    void aDerivativeIsTypesetWhileItIsWrittenAndItsWorkingNamesEachRule() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=derivative(x^2*sin(x), x)");
        assertThat(composer(page).locator(".mfrac").first()).isVisible();
        assertThat(composer(page).getByLabel("value so far")).containsText("x^2*cos(x) + 2*x*sin(x)");
        page.keyboard().press("Enter");
        assertThat(at("A1").locator(".katex")).isVisible();
        at("A1").click();
        Locator lens = lens(page);
        assertThat(lens).containsText("product rule");
        assertThat(lens).containsText("power rule");
        assertThat(lens.locator(".katex").first()).isVisible();
    }

    @Test
    void anExpressionGoesOnInOtherCellsAndFollowsItsOwn() {
        newWorksheet();
        typeDown("A1", "=expand((x+1)^2)", "=derivative(A1, x)", "=derivative(A1, x, 3)");
        assertThat(at("A3")).containsText("8");
        at("A1").click();
        page.keyboard().type("=expand(x^3)");
        page.keyboard().press("Enter");
        assertThat(at("A2")).containsText("3 times x to the power of 2");
        assertThat(at("A3")).containsText("27");
    }

    @Test
    void aLetterThatIsAlsoAUnitIsTheLetterOfTheDerivative() {
        newWorksheet();
        scratch(page).click();
        page.keyboard().type("derivative(t^3 - 2t, t)");
        page.keyboard().press("Enter");
        assertThat(lens(page)).containsText("sum rule");
        assertThat(lens(page)).containsText("3*t^2 - 2");
    }
}
