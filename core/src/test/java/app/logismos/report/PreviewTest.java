package app.logismos.report;

import static app.logismos.recalculate.Sheets.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.logismos.recalculate.LiveWorksheet;
import app.logismos.recalculate.Sheets;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PreviewTest {
    private final LiveWorksheet live = Sheets.empty();

    PreviewTest() {
        Sheets.type(live, "A1", "5", "A2", "=A1", "B1", "7");
        Sheets.name(live, "rate_x", "B1");
    }

    @Test
    void anEntryIsWorthSomethingWhileItIsWritten() {
        assertThat(PlainText.of(preview("=A1*rate_x").calculation().value())).isEqualTo("35");
    }

    @Test
    void withAnOpenBracketItIsWorthWhatItWouldBeWithTheBracketClosed() {
        Preview preview = preview("=sum(A1, rate_x");
        assertThat(preview.calculation().value()).isInstanceOf(Failure.class);
        assertThat(preview.soFar())
                .get()
                .extracting(soFar -> PlainText.of(soFar.value()))
                .isEqualTo("12");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=A1+rate_x+A1    | A1:0 rate_x:1 A1:0", // equal references share a colour
                "=A1*(B1+         | A1:0 B1:1", // as far as it can be read
                "=sum(A1:B2       | A1:B2:0",
                "='Leaf prices'.A1 | 'Leaf prices'.A1:0",
                "=1+2             | ~~",
                "text             | ~~",
            })
    void referencesAreFoundForColouring(String entry, String expected) {
        String found = preview(entry).references().stream()
                .map(reference -> reference.span().in(entry) + ":" + reference.colour())
                .collect(Collectors.joining(" "));
        assertThat(found).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"=rat | rate_x,rate", "=isp | isprime", "=1+listc | listcombinations", "=A1+zz | ''", "plain | ''"
            })
    void namesAndFunctionsAreCompletedFromTheirFirstLetters(String entry, String words) {
        assertThat(preview(entry).completions())
                .extracting(Preview.Completion::word)
                .containsExactlyInAnyOrder(words.isEmpty() ? new String[0] : words.split(","));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=3 k        | kg",
                "=3 k        | km",
                "=(1+2) me   | m",
                "=A1*2 to lb | lbf",
                "=5 km/h     | h",
                "12 k        | kWh",
                "=h_pl       | h_planck",
            })
    void unitsAndConstantsAreCompletedWhereTheyMayStand(String entry, String word) {
        assertThat(preview(entry).completions())
                .extracting(Preview.Completion::word)
                .contains(word);
    }

    @Test
    void unitsAreToldFromNames() {
        String entry = "=2.5 kg + (1+2) m/s^2 to N";
        assertThat(preview(entry).units()).extracting(span -> span.in(entry)).containsExactly("N", "kg", "m/s^2");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=log(          | log 0",
                "=log(100,      | log 1",
                "=sum(1, log(2, | log 1",
                "=sum(1, log(2), 3 | sum 0", // all arguments are the one repeated parameter
                "=1+2           | none",
            })
    void theCallUnderTheCursorIsKnownWithItsArgument(String entry, String expected) {
        String found = preview(entry)
                .call()
                .map(call -> call.function() + " " + call.argument())
                .orElse("none");
        assertThat(found).isEqualTo(expected);
    }

    @Test
    void aFormulaThatWouldCloseACircleSaysSoBeforeItIsKept() {
        assertThat(Preview.of("=A2+1", 5, "a", at("A1"), live).calculation().value())
                .isInstanceOfSatisfying(
                        Failure.class,
                        failure -> assertThat(failure.message())
                                .isEqualTo("This goes round in a circle: A1 → A2 → A1. Change one of these cells."));
    }

    @Test
    void theSumOfTheNumbersAboveOrToTheLeftIsOfferedFirst() {
        Sheets.type(live, "F1", "Price", "F2", "3.50", "F3", "1.25", "D3", "2", "E3", "4");
        assertThat(Preview.of("=", 1, "a", at("F5"), live).completions())
                .extracting(Preview.Completion::word)
                .containsExactly("sum(F2:F3)");
        assertThat(Preview.of("=", 1, "a", at("G3"), live).completions())
                .extracting(Preview.Completion::word, Preview.Completion::says)
                .containsExactly(tuple("sum(D3:F3)", "adds up what stands to the left"));
        assertThat(Preview.of("=", 1, "a", at("K9"), live).completions()).isEmpty();
        assertThat(Preview.of("=s", 2, "a", at("F5"), live).completions())
                .extracting(Preview.Completion::word)
                .doesNotContain("sum(F2:F3)");
    }

    @Test
    void aCalculationWithoutItsSignIsOfferedAsOne() {
        assertThat(preview("5+2*3").looksLikeCalculation()).isTrue();
        assertThat(preview("Leaf lot").looksLikeCalculation()).isFalse();
    }

    private Preview preview(String entry) {
        return Preview.of(entry, entry.length(), "a", at("D4"), live);
    }
}
