package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.catalogue.Catalogue;
import app.logismos.evaluate.Words;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormulaKeyTest {
    private static final List<String> PIECES = List.of(
            "A1", "B2", "$A1", "A$2", "$B$2", "c10", "AB7", "1.5", "2", "+", "-", "*", "/", "^", "(", ")", ",", " ",
            "sum(", "LOG10(", "LOG10 (", "A1:B2", "A1 : B2", "rate0", "1e3", "%", "!", "B:B", "3:3", "x.A1", "A1.B2",
            "m2", "if(", "<", "=", "&", "{", "\"a\"");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=A1*1.2+B1        | C1 | =A9*1.2+B9        | C9",
                "=sum(B$2:B5)      | C5 | =sum(B$2:B7)      | C7",
                "=$A$1-log10(A2)   | B2 | =$A$1-log10(A3)   | B3",
                "=a1+1             | B1 | =A2+1             | B2",
                "=A1+2 kg          | B1 | =A2+2 kg          | B2",
                "=A1*2 to km       | B1 | =A2*2 to km       | B2",
            })
    void formulasThatContinueEachOtherHaveOneKey(String one, String at, String other, String there) {
        assertThat(key(one, at)).isPresent().isEqualTo(key(other, there));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "=\"A1\"",
                "='Leaf prices'.B3",
                "=Lots.B3",
                "=A1.B3",
                "=B:B",
                "=3:3",
                "=5 m2",
                "=9.8 m/s2",
                "=(3+4) m2",
                "=log(x: 2)",
                "=#gone",
                "12"
            })
    void whatIsNotClearAtAGlanceHasNone(String text) {
        assertThat(key(text, "C1")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"=A1*1.2+B1,C1", "=$A$1+A$2*$B3,B9", "=AB27-sum(A1:$ZZ99),AA1", "=2*3 kg,B2", "=D4,A1"})
    void theTextComesBackFromTheKey(String text, String at) {
        Address there = Address.parse(at).orElseThrow();
        assertThat(FormulaKey.text(key(text, at).orElseThrow(), there)).isEqualTo(text);
    }

    /** Columns are spelled in capitals, and nothing else is another way. */
    @Test
    void theTextFromAKeyHasThatKeyAndDiffersInCapitalsOnly() {
        Seeded.cases(3_000, random -> {
            String text = text(random);
            Address here = new Address(2 + random.nextInt(3), 10);
            FormulaKey.of(text, here).ifPresent(key -> {
                String back = FormulaKey.text(key, here);
                assertThat(back).isEqualToIgnoringCase(text);
                assertThat(FormulaKey.of(back, here)).contains(key);
            });
        });
    }

    /** The second truth: whatever shares a key is read as the same expression. */
    @Test
    void textsWithOneKeyAreReadAsEqualFormulas() {
        Seeded.cases(3_000, random -> {
            String text = text(random);
            Address here = new Address(2 + random.nextInt(3), 10);
            Address there = new Address(here.column(), 10 + random.nextInt(4));
            String moved = moved(text, there.row() - here.row());
            Optional<String> key = FormulaKey.of(text, here);
            if (key.isPresent() && key.equals(FormulaKey.of(moved, there))) {
                assertThat(read(moved, there)).as(text + " and " + moved).isEqualTo(read(text, here));
            }
        });
    }

    @Test
    void noParameterLooksLikeACell() {
        assertThat(Catalogue.STANDARD.functions())
                .allSatisfy(function -> assertThat(function.parameters())
                        .noneMatch(parameter -> Address.parse(parameter.name()).isPresent()));
    }

    private static String text(Random random) {
        StringBuilder text = new StringBuilder("=");
        for (int i = random.nextInt(7); i >= 0; i--) {
            text.append(PIECES.get(random.nextInt(PIECES.size())));
        }
        return text.toString();
    }

    /** Every number behind letters counted on, as the row of a continued formula is; some of them are no rows. */
    private static String moved(String text, int rows) {
        return java.util.regex.Pattern.compile("(?<![0-9.])([A-Za-z]+)([0-9]+)")
                .matcher(text)
                .replaceAll(match -> match.group(1) + (Integer.parseInt(match.group(2)) + rows));
    }

    /** The formula as a key that minds all of it; what cannot be read is not shared. */
    private static String read(String text, Address origin) {
        return EntryReader.read(text, origin, Words.STANDARD) instanceof Entry.Calculation calculation
                ? Printer.key(calculation.expression())
                : "unreadable";
    }

    private static Optional<String> key(String text, String origin) {
        return FormulaKey.of(text, Address.parse(origin).orElseThrow());
    }
}
