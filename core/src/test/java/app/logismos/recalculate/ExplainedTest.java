package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.name;
import static app.logismos.recalculate.Sheets.type;
import static app.logismos.recalculate.Sheets.typeInto;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Hint;
import app.logismos.evaluate.ShownStep;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.PlainText;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Workings of formulas that refer to cells: the values are put in first, so that they read as a calculation on paper. */
class ExplainedTest {
    private final LiveWorksheet live = Sheets.empty();

    @BeforeEach
    void fill() {
        type(live, "A1", "12", "A2", "0.75", "A3", "=A1*A2", "A4", "-3", "B1", "kettle", "B2", "2 kg", "B3", "=1/3");
        type(live, "D1", "=1/0", "D2", "2.7182818", "D3", "12345.678");
        typeInto(live, "b", "A1", "5");
        name(live, "price", "A2");
        name(live, "lots", "A1:A3");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=A1*2           | [A1]*2 values-put-in 12 → [12*2] last-operation 24 → 24",
                "=A1+A2          | [A1+A2] values-put-in 12+0.75 → [12+0.75] last-operation 51/4 → 51/4",
                "=price*2        | [price]*2 values-put-in 0.75 → [0.75*2] last-operation 3/2 → 3/2",
                "=2-A4           | 2-[A4] values-put-in -3 → [2-(-3)] last-operation 5 → 5",
                "=A4^2           | [A4]^2 values-put-in -3 → [(-3)^2] last-operation 9 → 9",
                "=A4²            | [A4]² values-put-in -3 → [(-3)²] last-operation 9 → 9",
                "=A4+1           | [A4]+1 values-put-in -3 → [-3+1] last-operation -2 → -2",
                "=-A4            | -[A4] values-put-in -3 → [-(-3)] sign 3 → 3",
                "=2*B3           | 2*[B3] values-put-in 1/3 → [2*(1/3)] last-operation 2/3 → 2/3",
                "=B3+1           | [B3]+1 values-put-in 1/3 → [1/3+1] last-operation 4/3 → 4/3",
                "=B2*3           | [B2]*3 values-put-in 2 kg → [2 kg*3] last-operation 6 kg → 6 kg",
                "=B1&\"s\"       | [B1]&\"s\" values-put-in \"kettle\" → [\"kettle\"&\"s\"] last-operation \"kettles\" → \"kettles\"",
                "=sum(A1:A2)     | sum([A1:A2]) values-put-in {12; 3/4} → [sum({12; 3/4})] function 51/4 → 51/4",
                "=sum(lots)      | sum([lots]) values-put-in {12; 3/4; 9} → [sum({12; 3/4; 9})] function 87/4 → 87/4",
                "='Leaf prices'.A1+1 | ['Leaf prices'.A1]+1 values-put-in 5 → [5+1] last-operation 6 → 6",
                "=A9+1           | [A9]+1 values-put-in 0 → [0+1] last-operation 1 → 1",
                "=A1             | [A1] values-put-in 12 → 12",
                "=D1+1           | waits for D1",
                "=row(A3)+1      | [row(A3)]+1 function 3 → [3+1] last-operation 4 → 4",
                "=if(A1>10, 2*2, D1) | if([A1]>10, 2*2, D1) values-put-in 12 → if([12>10], 2*2, D1) arguments-first true → [if(true, 2*2, D1)] condition 2*2 → [(2*2)] brackets-first 4 → 4",
                "=orelse(D1, A1)*2 | orelse(D1, [A1])*2 values-put-in 12 → [orelse(D1, 12)]*2 condition 12 → [12*2] last-operation 24 → 24",
                "=iserror(D1) | [iserror(D1)] function true → true",
            })
    void valuesArePutInBeforeAnythingIsWorked(String entry, String expected) {
        assertThat(ladder(entry)).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=12345.678*2    | repeats-cell | =D3*2",
                "=2.7182818+1    | repeats-cell | =D2+1",
                "=12345.679*2    | |",
                "=0.75*2         | |",
            })
    void aNumberThatACellHoldsIsOfferedAsAReference(String entry, String code, String replacement) {
        assertThat(live.explain(entry, "a", at("F1")).hints().stream()
                        .map(hint -> hint.code() + " " + hint.replacement()))
                .containsExactlyElementsOf(code == null ? List.of() : List.of(code + " " + replacement));
    }

    @Test
    void anEqualsSignTooManyBeforeANameIsTakenAway() {
        Failure failure = (Failure) live.explain("=cost = 5", "a", at("F1")).value();
        assertThat(failure.fixes()).extracting(Fix::replacement).containsExactly("cost = 5");
    }

    /** G1 is 80, G2 5%, G3 a text that looks like a number; H1 and H2 are days. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=G1+G2           | percent-of-what     | =G1*(1+G2)",
                "=G1-G2           | percent-of-what     | =G1*(1-G2)",
                "=G2+G2           |                     |",
                "=1+G2            |                     |",
                "=sum(G1:G3)      | texts-among-numbers |",
                "=sum(G1:G2)      |                     |",
                "=concat(G1:G3)   |                     |",
                "=(H2-H1)/365     | days-over-years     | =yearfraction(H1, H2)",
                "=(H2-H1)/7       |                     |",
                "=(G1-3)/365      |                     |",
            })
    void whatPeopleOftenMeanByCellsIsHinted(String entry, String code, String replacement) {
        type(live, "G1", "80", "G2", "5%", "G3", "\"12\"", "H1", "2025-03-01", "H2", "2027-03-01");
        assertThat(live.explain(entry, "a", at("F1")).hints())
                .extracting(hint -> hint.code() + " " + hint.replacement())
                .containsExactlyElementsOf(
                        code == null ? List.of() : List.of(code + " " + (replacement == null ? "" : replacement)));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "007        | leading-zero 7",
                "01/12/2027 | day-first 2027-12-01, month-first 2027-01-12",
                "5+2*3      | text-calculation =5+2*3",
                "River Red  | ''",
                "\"5+2*3\"  | ''",
                "31.12.2027 | ''",
            })
    void aTextThatMayBeMeantOtherwiseIsHinted(String entry, String hints) {
        type(live, "G1", entry);
        assertThat(live.explain("a", at("G1")).hints().stream()
                        .map(hint -> hint.code() + " " + hint.replacement())
                        .collect(Collectors.joining(", ")))
                .isEqualTo(hints);
        assertThat(live.explain(entry, "a", at("G2")).hints())
                .isEqualTo(live.explain("a", at("G1")).hints());
    }

    @Test
    void aCellDoesNotOfferItself() {
        assertThat(live.explain("=12345.678", "a", at("D3")).hints())
                .extracting(Hint::code)
                .doesNotContain("repeats-cell");
    }

    private String ladder(String entry) {
        Calculation explained = live.explain(entry, "a", at("F1"));
        if (explained.steps().isEmpty()) {
            return explained.value() instanceof Failure failure ? failure.message() : PlainText.of(explained.value());
        }
        String last = explained.steps().get(explained.steps().size() - 1).after();
        return explained.steps().stream()
                .map(ExplainedTest::written)
                .collect(Collectors.joining(" → ", "", " → " + last));
    }

    private static String written(ShownStep step) {
        return step.before().substring(0, step.part().start()) + "["
                + step.part().in(step.before()) + "]"
                + step.before().substring(step.part().end()) + " " + step.rule().code() + " " + step.value();
    }
}
