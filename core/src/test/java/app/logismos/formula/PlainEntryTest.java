package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.number.Rational;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Entries that are read without all the looks which a value may have are read as they were with them. */
class PlainEntryTest {
    private static Value value(String text) {
        return EntryReader.value(text, Words.STANDARD.units());
    }

    @Test
    void aDecimalIsExactlyWhatItSpells() {
        Random random = new Random(5);
        for (int i = 0; i < 20_000; i++) {
            BigInteger digits = new BigInteger(1 + random.nextInt(75), random);
            String text = new BigDecimal(digits, random.nextInt(20)).toPlainString();
            String signed = random.nextBoolean() ? text : "-" + text;
            assertThat(value(signed)).as(signed).isEqualTo(new NumberValue(Rational.of(new BigDecimal(signed))));
        }
    }

    @Test
    void aDayOfTheCalendarIsOneAndAnotherIsNone() {
        for (int month = 0; month < 15; month++) {
            for (int day = 0; day < 34; day++) {
                String text = "2028-%02d-%02d".formatted(month, day);
                boolean exists = month >= 1
                        && month <= 12
                        && day >= 1
                        && day <= LocalDate.of(2028, month, 1).lengthOfMonth();
                assertThat(value(text))
                        .isEqualTo(exists ? new Moment.Date(LocalDate.of(2028, month, day)) : new Text(text));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a",
                "Oolong",
                "A17",
                "lot 5",
                "Mar",
                "EUR",
                "kg",
                "e5",
                "E",
                "i",
                "inf",
                "Rack 12",
                "ABCD 5",
                "AB 12",
                "x2027",
                "May 5",
                "March",
                "Decem 5",
                "first flush of the year",
                "ab 1 2 2027",
                "007",
                "-",
                "1.2.3",
                "-007"
            })
    void aWordIsAText(String text) {
        assertThat(value(text)).isEqualTo(new Text(text));
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "EUR 12,Quantity",
        "USD 3.50,Quantity",
        "May 5 2027,Date",
        "March 3 2027,Date",
        "Sept. 3 2027,Date",
        "5 March 2027,Date",
        "True,Truth",
        "missing,Missing",
        "12:30,Time",
        "3 kg,Quantity",
        "-.5,NumberValue",
        "1e3,NumberValue",
        "0,NumberValue",
        "-0,NumberValue",
        "0.10,NumberValue"
    })
    void whatLooksLikeAWordAndIsAValueStaysOne(String text, String kind) {
        assertThat(value(text).getClass().getSimpleName()).isEqualTo(kind);
    }

    /** A decimal comma behind a zero is no sign of thousands: 0,125 was 125. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "0,125",
                "-0,125",
                "00,125",
                "0 125",
                "0'125",
                "0.125,5",
                "0.000.125",
                "€ 0,125",
                "0,125 kg",
                "0,125%"
            })
    void aGroupOfDigitsThatBeginsWithZeroIsNotTheFirst(String text) {
        assertThat(value(text)).isEqualTo(new Text(text));
    }
}
