package app.logismos.guide;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** People ask in words of every day, and find what they mean among the first three. */
class GuideTest {
    private static final int FIRST = 3;

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "questions.csv", delimiter = '|')
    void aQuestionInEverydayWordsFindsWhatItMeans(String question, String meant) {
        List<String> wanted = Arrays.asList(meant.split(", "));
        assertThat(found(question).stream().limit(FIRST)).containsAnyElementsOf(wanted);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "mean|function mean",
                "STDEV|function stdev",
                "COMBIN|function combinations",
                "m|unit m",
                "°C|unit °C",
                "π|constant π",
                "pi|constant pi",
                "Chart|page chart",
                "fibonac|function fibonacci",
                "yearsandmonths|function yearsandmonths",
            })
    void aNameComesFirst(String name, String first) {
        assertThat(found(name).get(0)).isEqualTo(first);
    }

    @ParameterizedTest
    @CsvSource({"avarage, function mean", "standrad deviaton, function stdev", "permuttation, function permutations"})
    void whereNothingHasTheWordsTheNearestIsOffered(String question, String near) {
        List<Guide.Found> found = Guide.STANDARD.find(question, FIRST);
        assertThat(found).isNotEmpty().allMatch(Guide.Found::isNear);
        assertThat(found(question).stream().limit(FIRST)).contains(near);
    }

    @ParameterizedTest
    @CsvSource({"''", "the of a", "qqqqqqqq", "°", "\"((*:^~\"", "AND OR NOT", "name:mean*"})
    void whateverIsAskedIsAnswered(String question) {
        assertThat(Guide.STANDARD.find(question, FIRST)).hasSizeLessThanOrEqualTo(FIRST);
    }

    @ParameterizedTest
    @ValueSource(strings = {"mean spread deviation ", "qzx qzxv ", "ab cd ef ", "x "})
    void aLongQuestionIsAnsweredByItsFirstWords(String words) {
        assertThat(Guide.STANDARD.find(words.repeat(2_000), FIRST)).hasSizeLessThanOrEqualTo(FIRST);
    }

    static Stream<String> examples() {
        return GuidePage.ALL.stream().flatMap(page -> page.examples().stream());
    }

    @ParameterizedTest
    @MethodSource("examples")
    void eachExampleOfAPageIsReadAsACalculation(String example) {
        Value value = new Calculator(Patient.LIMITS)
                .calculate("=" + example, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        boolean isMeantToFail = GuidePage.ALL.stream()
                .anyMatch(
                        page -> page.name().equals("errors") && page.examples().contains(example));
        assertThat(value instanceof Failure).as(String.valueOf(value)).isEqualTo(isMeantToFail);
    }

    @Test
    void eachPageHasATitleAndATextOfItsOwn() {
        assertThat(GuidePage.ALL).extracting(GuidePage::name).doesNotHaveDuplicates();
        assertThat(GuidePage.ALL).allSatisfy(page -> {
            assertThat(page.title()).isNotBlank();
            assertThat(page.text()).isNotBlank().doesNotContain("words:");
            assertThat(page.words()).isNotBlank();
        });
    }

    private static List<String> found(String question) {
        return Guide.STANDARD.find(question, 40).stream()
                .map(found -> found.entry().kind().name().toLowerCase(Locale.ROOT) + " "
                        + found.entry().name())
                .toList();
    }
}
