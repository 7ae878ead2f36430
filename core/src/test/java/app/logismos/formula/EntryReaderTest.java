package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.value.PlainText;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EntryReaderTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "12          | number | 12",
                "-3.5        | number | -7/2",
                "−3.5        | number | -7/2", // the sign that people paste
                "1e-4        | number | 1/10000",
                ".5          | number | 1/2",
                "20%         | number | 1/5",
                "3/4         | number | 3/4", // never a date
                "2 3/4       | number | 11/4",
                "-2 3/4      | number | -11/4",
                "√2          | number | √2",
                "-2√3/5      | number | -2√3/5",
                "−√12        | number | -2√3",
                "1/2 + √5/2  | number | 1/2 + √5/2",
                "√2-1        | number | √2 - 1",
                "3π/4        | number | 3π/4",
                "2π√2/3      | number | 2π√2/3",
                "12,500      | number | 12500",
                "12 500      | number | 12500",
                "1,2         | text   | \"1,2\"", // no grouping, no decimal mark
                "2 kg        | quantity | 2 kg",
                "9.8 m/s^2   | quantity | (49/5) m/s²",
                "60km/h      | quantity | 60 km/h",
                "3/4 h       | quantity | (3/4) h",
                "2 3/4 in    | quantity | (11/4) in",
                "1e3 m       | quantity | 1000 m",
                "12 500 kg   | quantity | 12500 kg",
                "-5 °C       | quantity | -5 °C",
                "30°         | quantity | 30°",
                "12.50 EUR   | quantity | (25/2) EUR",
                "5 [lb_av]   | quantity | 5 lb",
                "5 Kg        | text     | \"5 Kg\"",
                "12 kg leaf  | text     | \"12 kg leaf\"",
                "3 cups of tea | text   | \"3 cups of tea\"",
                "1/0         | text   | \"1/0\"",
                "true        | truth  | true",
                "FALSE       | truth  | false",
                "missing     | missing | missing",
                "\"12\"      | text   | \"12\"",
                "2027-03-01  | date   | 2027-03-01",
                "2027-02-30  | text   | \"2027-02-30\"", // the calendar has no such day
                "2027-3-1    | date   | 2027-03-01",
                "2026/12/31  | date   | 2026-12-31",
                "31.12.2026  | date   | 2026-12-31",
                "12/31/2026  | date   | 2026-12-31",
                "5-5-2027    | date   | 2027-05-05", // one day, whichever comes first
                "1 Dec 2026  | date   | 2026-12-01",
                "1. December 2026 | date | 2026-12-01",
                "Dec 1st, 2026 | date | 2026-12-01",
                "September 30, 2027 | date | 2027-09-30",
                "01/12/2026  | text   | \"01/12/2026\"", // two days are possible
                "31.04.2027  | text   | \"31.04.2027\"", // the calendar has no such day
                "31.12.26    | text   | \"31.12.26\"", // of which century?
                "Dec 2026    | text   | \"Dec 2026\"",
                "1 Decem 2026 | text  | \"1 Decem 2026\"",
                "31.12.2026 7:30 | datetime | 2026-12-31T07:30:00",
                "7:30        | time   | 07:30:00",
                "7:30 pm     | time   | 19:30:00",
                "12:05 am    | time   | 00:05:00",
                "7:60        | text   | \"7:60\"",
                "13:30 pm    | text   | \"13:30 pm\"",
                "007         | text   | \"007\"",
                "-007        | text   | \"-007\"",
                "0           | number | 0",
                "0.07        | number | 7/100",
                "€ 12.50     | quantity | (25/2) EUR",
                "€12,50      | quantity | (25/2) EUR",
                "12,50 €     | quantity | (25/2) EUR",
                "1.234,50 €  | quantity | (2469/2) EUR",
                "$1,234.50   | quantity | (2469/2) USD",
                "-€12.50     | quantity | (-25/2) EUR",
                "€ -12.50    | quantity | (-25/2) EUR",
                "EUR 12.50   | quantity | (25/2) EUR",
                "-€-12.50    | text   | \"-€-12.50\"",
                "€           | text   | \"€\"",
                "€ 5%        | text   | \"€ 5%\"",
                "ABC 12      | text   | \"ABC 12\"", // no currency
                "(45.20)     | number | -226/5",
                "(45.20 EUR) | quantity | (-226/5) EUR",
                "€ (45.20)   | quantity | (-226/5) EUR",
                "(-45.20)    | text   | \"(-45.20)\"",
                "(see below) | text   | \"(see below)\"",
                "(3 kg)      | text   | \"(3 kg)\"", // no amount of money
                "1.234,56    | number | 30864/25",
                "1.234.567   | number | 1234567",
                "1'234'567   | number | 1234567",
                "1 234,5     | number | 2469/2",
                "1.2.3       | text   | \"1.2.3\"",
                "1,23,456    | text   | \"1,23,456\"",
                "–5          | number | -5",
                "− 5         | number | -5",
                "½           | number | 1/2",
                "2½ kg       | quantity | (5/2) kg",
                "１２．５     | number | 25/2",
                "5 %         | number | 1/20",
                "14:30       | time   | 14:30:00",
                "14:30:15.25 | time   | 14:30:15.250",
                "24:30       | text   | \"24:30\"",
                "2027-03-01T14:30 | datetime | 2027-03-01T14:30:00",
                "2027-03-01 14:30 | datetime | 2027-03-01T14:30:00",
                "\"2027-03-01\" | text | \"2027-03-01\"",
                "5+2*3       | text   | \"5+2*3\"",
                "Leaf lot    | text   | \"Leaf lot\"",
                "e5          | text   | \"e5\"",
                "-           | text   | \"-\"",
            })
    void entriesThatAreNoCalculations(String entry, String kind, String value) {
        Entry.Constant constant = (Entry.Constant) EntryReader.read(entry, Address.FIRST, Words.STANDARD);
        assertThat(constant.value().kind().name()).isEqualToIgnoringCase(kind);
        assertThat(PlainText.of(constant.value())).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"area = 3*4 | area", "  Fläche2=1 | Fläche2", "=a=b | ", "rate=5 | rate"})
    void aWordBeforeTheSignNamesTheCell(String entry, String name) {
        Entry.Calculation calculation = (Entry.Calculation) EntryReader.read(entry, Address.FIRST, Words.STANDARD);
        assertThat(calculation.name().orElse(null)).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource({
        "5+2*3, true",
        "sqrt(16), true",
        "Leaf lot, false",
        "12, false",
        "3/4, false",
        "a-b, false",
        "'route 5-7', false"
    })
    void textThatWouldBeACalculationIsToldFromOtherText(String text, boolean calculation) {
        assertThat(EntryReader.looksLikeCalculation(text, Words.STANDARD)).isEqualTo(calculation);
    }
}
