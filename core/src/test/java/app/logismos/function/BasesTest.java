package app.logismos.function;

import static app.logismos.function.Answers.quoted;
import static app.logismos.function.Answers.text;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ten places in base 2, 8 and 16, against Java's own two's complement. */
class BasesTest {
    private static final Map<String, Integer> BITS = Map.of("BIN", 10, "OCT", 30, "HEX", 40);
    private static final Map<String, Integer> BITS_OF_A_DIGIT = Map.of("BIN", 1, "OCT", 3, "HEX", 4);

    private static String written(long number, String base) {
        int bits = BITS.get(base);
        long places = number & ((1L << bits) - 1);
        String digits = Long.toString(places, 1 << BITS_OF_A_DIGIT.get(base)).toUpperCase(Locale.ROOT);
        return digits;
    }

    @Test
    void numbersOfAllBasesAreEachOthersTwosComplement() {
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            for (String from : BITS.keySet()) {
                for (String to : BITS.keySet()) {
                    int bits = Math.min(BITS.get(from), BITS.get(to));
                    long number = random.nextLong() >> (64 - bits);
                    String digits = written(number, from);
                    assertThat(text(from + "2DEC(" + quoted(digits) + ")")).isEqualTo(String.valueOf(number));
                    assertThat(text("DEC2" + from + "(" + number + ")")).isEqualTo(digits);
                    if (!from.equals(to)) {
                        assertThat(text(from + "2" + to + "(" + quoted(digits) + ")"))
                                .isEqualTo(written(number, to));
                    }
                }
            }
        }
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "decimaltobinary(511) | 111111111",
                "decimaltobinary(512) | wrong-arguments",
                "decimaltobinary(-512) | 1000000000",
                "decimaltobinary(-513) | wrong-arguments",
                "decimaltobinary(5, 8) | 00000101",
                "decimaltobinary(5, 2) | wrong-arguments",
                "decimaltobinary(-1, 2) | 1111111111",
                "binarytodecimal(101) | 5",
                "binarytodecimal(\"11111111111\") | wrong-arguments",
                "binarytodecimal(\"\") | 0",
                "hexadecimaltodecimal(\"ff\") | 255",
                "hexadecimaltodecimal(\"8000000000\") | -549755813888",
                "octaltohexadecimal(\"7777777777\") | FFFFFFFFFF",
                "hexadecimaltobinary(\"200\") | wrong-arguments",
                "PHI(0) = standardnormalheight(0) | true",
                "ISPMT(0.1, 1, 4, 1000) | -75",
                "NUMBERVALUE(\"2.500,27\", \",\", \".\") | 250027/100",
                "NUMBERVALUE(\"3.5%%\", \".\") | 7/20000",
                "NUMBERVALUE(\"\", \".\") | 0",
                "NUMBERVALUE(\"1.2\", \",\", \".\") | 12",
                "NUMBERVALUE(\"1,2.5\", \",\", \".\") | wrong-arguments",
                "NUMBERVALUE(\"1\", \"..\") | wrong-arguments",
            })
    void aCaseHasItsAnswer(String expression, String answer) {
        assertThat(text(expression)).isEqualTo(answer);
    }
}
