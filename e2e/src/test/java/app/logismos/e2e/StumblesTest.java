package app.logismos.e2e;

import static app.logismos.e2e.Browser.composer;
import static app.logismos.e2e.Browser.lens;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where people stumble: what they typed is told apart from what they meant, with a way on by one key. */
class StumblesTest extends Visit {
    private Locator entry() {
        return composer(page).getByRole(AriaRole.TEXTBOX);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=(2+3*(4-1)      | This bracket is not closed.                   | =(2+3*(4-1))",
                "=2+3)*4          | closes nothing.                                   | =2+3*4",
                "=sqr(16)         | There is no function sqr. Did you mean sqrt?      | =sqrt(16)",
                "=max(4; 9        | This bracket is not closed.                   | =max(4; 9)",
                "=2 x 3           | A product is written with *, and x is a name.     | =2 * 3",
                "=\"5 + 2         | This quote sign is not closed.                | =\"5 + 2\"",
                "=sin 30          | is a function and needs its arguments in brackets | =sin(30)",
                "=2,5*3           | The decimal mark is a point.                      | =2.5*3",
            })
    void aSlipIsMendedByOneKey(String typed, String told, String mended) {
        newWorksheet();
        at("A1").click();
        page.keyboard().type(typed);
        // What closes by itself while it is typed is not what is tested here.
        page.keyboard().press("Control+a");
        page.keyboard().insertText(typed);
        assertThat(composer(page)).containsText(told);
        page.keyboard().press("Alt+Enter");
        assertThat(entry()).hasText(mended);
        page.keyboard().press("Enter");
        assertThat(composer(page)).isHidden();
    }

    @Test
    void aKeyThatIsFasterThanTheAnswerIsNotLost() {
        newWorksheet();
        at("A1").click();
        page.keyboard().type("=sqr(16)");
        page.keyboard().press("Alt+Enter");
        assertThat(entry()).hasText("=sqrt(16)");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=-3^2      | -9    | power",
                "=12/2*3    | 18    | left to right",
                "=2+3*4     | 14    | come before",
            })
    void theWorkingSaysWhatComesFirst(String typed, String value, String word) {
        newWorksheet();
        type("A1", typed);
        at("A1").click();
        assertThat(at("A1")).containsText(value.replace("-", "−").substring(value.startsWith("-") ? 1 : 0));
        assertThat(lens(page)).containsText(Pattern.compile(word, Pattern.CASE_INSENSITIVE));
    }

    @Test
    void anAngleThatLooksLikeDegreesIsAskedAbout() {
        newWorksheet();
        type("A1", "=sin(90)");
        at("A1").click();
        assertThat(lens(page)).containsText("90");
        assertThat(lens(page)).containsText(Pattern.compile("degrees|°"));
    }

    @Test
    void argumentsMayBeNamedInAnyOrder() {
        newWorksheet();
        typeDown("A1", "=log(8, base: 2)", "=combinations(k: 4, n: 9)", "=round(places: 1, x: 2.25)");
        assertThat(at("A1")).containsText("3");
        assertThat(at("A2")).containsText("126");
        assertThat(at("A3")).containsText("2.3");
    }

    @Test
    void typedAndCalculatedAreToldApartForEyeAndEar() {
        newWorksheet();
        typeDown("A1", "5", "=A1*2");
        at("A1").click();
        assertThat(lens(page)).containsText("typed");
        at("A2").click();
        assertThat(lens(page)).containsText("calculated");
        assertThat(at("A2")).hasAttribute("data-calculated", "true");
        assertThat(at("A1")).not().hasAttribute("data-calculated", "true");
    }

    @Test
    void writingOverANamedValueShowsWhatItWas() {
        newWorksheet();
        type("A1", "price = 4.40");
        type("A2", "=price*10");
        at("A1").click();
        page.keyboard().type("price = 5");
        page.keyboard().press("Enter");
        assertThat(at("A2")).containsText("50");
        assertThat(foot()).containsText("price");
        assertThat(foot()).containsText("4.4");
    }

    @Test
    void aNumberCopiedByHandIsKnownAgain() {
        newWorksheet();
        type("A1", "=2/3");
        at("A2").click();
        page.keyboard().type("=0.6666666667*3");
        assertThat(composer(page)).containsText("is what A1 shows");
        page.keyboard().press("Alt+Enter");
        assertThat(entry()).hasText("=A1*3");
        page.keyboard().press("Enter");
        at("A2").click();
        assertThat(lens(page)).containsText("=A1*3");
        assertThat(lens(page)).not().containsText("2.0000000001"); // as the copied digits gave
    }

    @Test
    void aHintIsFollowedFromTheLensToo() {
        newWorksheet();
        type("A1", "=-3^2");
        at("A1").click();
        button("Write =(-3)^2").click();
        assertThat(at("A1")).hasText("9");
        page.keyboard().press("Control+z");
        assertThat(at("A1")).containsText("9");
        assertThat(lens(page)).containsText("=-3^2");
    }

    @Test
    void unlikeUnitsAreNotAdded() {
        newWorksheet();
        type("A1", "=2 kg + 3 m");
        assertThat(at("A1")).containsText("units-differ");
        at("A1").click();
        assertThat(lens(page)).containsText("is a mass");
        assertThat(lens(page)).containsText("is a length");
    }
}
