package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static app.logismos.e2e.Browser.scratch;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Letters in formulas: expressions as values of cells, and derivatives with their rules. */
class LettersTest extends Visit {
    private static final String CLAY = "#b24a2b";
    private static final String TEAL = "#1c6b70";

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

    @Test
    void aFunctionIsDifferentiatedByTheLensBothAreDrawnAndBothFollow() {
        newWorksheet();
        typeDown("A1", "f(x) = x^2*sin(x)");
        at("A1").click();
        act("Draw the expression");
        Locator chart = page.locator("[id^='block-chart']").first();
        assertThat(chart.locator("svg").first()).isVisible();
        at("A1").click();
        act("Differentiate");
        assertThat(at("A2").locator(".katex")).isVisible();
        assertThat(lens(page)).containsText("rule of the function");
        assertThat(lens(page)).containsText("product rule");
        act("Draw the expression");
        soon(chart, drawn -> {
            org.assertj.core.api.Assertions.assertThat(up(drawn, CLAY, 2)).isCloseTo(3.64, within(0.4));
            org.assertj.core.api.Assertions.assertThat(up(drawn, TEAL, 2)).isCloseTo(1.97, within(0.4));
        });
        at("A1").click();
        page.keyboard().type("f(x) = 10*x^3");
        page.keyboard().press("Enter");
        assertThat(at("A2")).containsText("30 times x to the power of 2");
        soon(chart, drawn -> {
            org.assertj.core.api.Assertions.assertThat(up(drawn, CLAY, 2)).isCloseTo(80, within(16.0));
            org.assertj.core.api.Assertions.assertThat(up(drawn, TEAL, 2)).isCloseTo(120, within(20.0));
        });
    }

    /** How high the line of a colour is at a place. */
    private static double up(DrawnChart drawn, String colour, double across) {
        return drawn.lines(colour).stream()
                .flatMap(List::stream)
                .min(Comparator.comparingDouble(place -> Math.abs(place.across() - across)))
                .map(DrawnChart.Place::up)
                .orElse(Double.NaN);
    }

    private void by(String letter) {
        lens(page)
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(letter).setExact(true))
                .check();
    }

    private void act(String says) {
        lens(page)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(says).setExact(true))
                .click();
    }

    @Test
    void twoEquationsAreSolvedInAGridAndTheWorkingIsRead() {
        newWorksheet();
        typeDown("A1", "=solve({x + y = 5; x - y = 1}, {x; y})");
        assertThat(at("A1")).containsText("3");
        assertThat(at("B1")).containsText("2");
        at("A1").click();
        assertThat(lens(page)).containsText("solve x + y = 5 for x");
        assertThat(lens(page)).containsText("put x = -y + 5 in");
        typeDown("D1", "=solve(x^2 - 5*x + 6 = 0, x)");
        assertThat(at("D2")).containsText("3");
        at("D1").click();
        assertThat(lens(page)).containsText("a product is 0 where one of its factors is");
    }

    @Test
    void aFunctionOfOnesOwnIsCompletedAndSaysWhatItTakes() {
        newWorksheet();
        typeDown("A1", "area(r) = π*r^2");
        at("B1").click();
        page.keyboard().type("=are");
        assertThat(composer(page)).containsText("areafunction");
        page.keyboard().type("a(3");
        assertThat(composer(page)).containsText("area(r)area(r) = π*r^2");
        page.keyboard().type(")");
        page.keyboard().press("Enter");
        assertThat(at("B1")).containsText("28.27");
    }

    @Test
    void smallerStepsOfAWorkingAreFoldedAwayAndComeBack() {
        newWorksheet();
        typeDown("A1", "=derivative(x^2*sin(3*x)/(x+1), x)");
        at("A1").click();
        Locator lens = lens(page);
        assertThat(lens.getByText("power rule").first()).isVisible();
        act("Main steps only");
        assertThat(lens.getByText("power rule").first()).isHidden();
        assertThat(lens.getByText("quotient rule")).isVisible();
        assertThat(lens.getByText("chain rule")).isVisible();
        lens.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("smaller steps too"))
                .click();
        assertThat(lens.getByText("power rule").first()).isVisible();
    }

    @Test
    void anExpressionIsIntegratedAndTabulatedByTheLens() {
        newWorksheet();
        typeDown("A1", "g(x) = 6*x^2 + 2");
        at("A1").click();
        act("Integrate");
        assertThat(at("A2")).containsText("2 times x to the power of 3");
        assertThat(lens(page)).containsText("integral of a power");
        at("A1").click();
        act("Tabulate the expression");
        assertThat(page.getByRole(AriaRole.GRID)).hasCount(2);
        at("A1").click();
        page.keyboard().type("g(x) = 3*x^2");
        page.keyboard().press("Enter");
        assertThat(at("A2")).containsText("x to the power of 3");
    }

    @Test
    void actsAreByTheLetterThatIsChosenAndOfFormulasByTheirCells() {
        newWorksheet();
        typeDown("A1", "=expand((a+b)^2)");
        at("A1").click();
        by("b");
        act("Differentiate");
        assertThat(at("A2")).containsText("2 times a plus 2 times b");
        typeDown("C1", "3", "4", "=C1*C2^2");
        at("C3").click();
        lens(page).getByText("Differentiate, solve for a cell").click();
        by("C2");
        act("Differentiate");
        assertThat(at("C4")).containsText("6 times C2");
    }
}
