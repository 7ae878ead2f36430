package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What operators make of every kind of value (language, sections 2, 3 and 5); a failure with its code and sentence. */
class OperatorCasesTest {
    private static final String AN_HOUR_AND_A_QUARTER = "(time(10,30,0) - time(9,15,0))";

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiterString = " -> ",
            quoteCharacter = '~',
            value = {
                "date(2027,3,1) + 5 day -> 2027-03-06",
                "5 day + date(2027,3,1) -> 2027-03-06",
                "date(2027,3,1) - 1 week -> 2027-02-22",
                "date(2027,3,1) + 36 h -> 2027-03-02T12:00:00",
                "date(2027,3,1) + 5 -> 2027-03-06",
                "date(2027,3,1) - date(2027,2,1) -> 28 day",
                "date(2027,3,1) + date(2027,3,1) -> wrong-kind: `+` needs numbers, and this is a date.",
                "date(2027,3,1) * 2 -> wrong-kind: `*` needs numbers, and this is a date.",
                "date(2027,3,1) + 2 kg -> wrong-kind: `+` needs numbers, and this is a date.",
                "date(9999,12,31) + 1 day -> too-large: Dates go from the year 1 to the year 9999; this is beyond them.",
                "date(9999,12,30) + 1 day -> 9999-12-31",
                "date(1,1,1) - 1 day -> too-large: Dates go from the year 1 to the year 9999; this is beyond them.",
                "date(1,1,2) - 1 day -> 0001-01-01",
                "time(10,30,0) + 45 min -> 11:15:00",
                "time(23,30,0) + 45 min -> 00:15:00", // around the clock
                "time(10,30,0) - 30 min -> 10:00:00",
                "time(10,30,0) * 2 -> wrong-kind: `*` needs numbers, and this is a time of day.",
                "date(2027,3,1) < date(2027,3,2) -> true",
                "date(2027,3,2) <= date(2027,3,2) -> true",
                "date(2027,3,1) > date(2027,3,2) -> false",
                "date(2027,3,2) >= date(2027,3,3) -> false",
                "date(2027,3,1) < time(10,0,0) -> wrong-kind: `<` compares values of one kind, and this is a time of day.",
                "date(2027,3,1) = 5 -> false",
                "date(2027,3,1) <> 5 -> true",
                "missing + 5 -> missing",
                "5 + missing -> missing",
                "missing = missing -> true",
                "missing <> missing -> false",
                "missing < 3 -> missing",
                "missing * 0 -> missing",
                "-missing -> missing",
                "missing! -> missing",
                "missing & \"a\" -> \"missinga\"",
                "missing + 1/0 -> divide-by-zero: This divides by 0. Nothing can be divided by 0.",
                "\"a\" < \"b\" -> true",
                "\"a\" = \"A\" -> false",
                "\"a\" < 5 -> wrong-kind: `<` compares values of one kind, and this is a number.",
                "5 < \"a\" -> wrong-kind: `<` compares values of one kind, and this is a text. `number(\"a\")` reads a text as a number.",
                "\"5\" + 1 -> wrong-kind: `+` needs numbers, and this is a text. `number(\"5\")` reads a text as a number.",
                "true + 1 -> wrong-kind: `+` needs numbers, and this is a truth value.",
                "true = true -> true",
                "true < false -> wrong-kind: `<` compares values of one kind, and this is a truth value.",
                "true & 1 -> \"true1\"",
                "{1,2,3} + 10 -> {11, 12, 13}",
                "10 - {1,2,3} -> {9, 8, 7}",
                "{1,2} + {10;20} -> {11, 12; 21, 22}",
                "{10;20} + {1,2} -> {11, 12; 21, 22}",
                "{1,2;3,4} * {10,20} -> shapes-differ: A table of 2 rows × 2 columns and one of 1 row × 2 columns do not fit. They must have the same shape, or be a row and a column.",
                "{1,2} + {1,2,3} -> shapes-differ: A table of 1 row × 2 columns and one of 1 row × 3 columns do not fit. They must have the same shape, or be a row and a column.",
                "{1;2} + {1;2;3} -> shapes-differ: A table of 2 rows × 1 column and one of 3 rows × 1 column do not fit. They must have the same shape, or be a row and a column.",
                "{1,2;3,4} = {1,5;3,4} -> {true, false; true, true}",
                "-{1,2} -> {-1, -2}",
                "{3,4}! -> {6, 24}",
                "{1,2}% -> {1/100, 1/50}",
                "2 ^ {1,2,3} -> {2, 4, 8}",
                "{1,\"a\"} + 1 -> {2, wrong-kind}",
                "{1,2} & \"x\" -> {\"1x\", \"2x\"}",
                "sqrt({4,9}) -> {2, 3}",
                "{1 kg, 2 kg} * 3 -> {3 kg, 6 kg}",
                "{1 kg, 2} + 1 kg -> {2 kg, units-differ}",
                "0 / 5 -> 0",
                "0 / 0 -> divide-by-zero: This divides by 0. Nothing can be divided by 0.",
                "0 ^ 0 -> 1",
                "0 ^ -1 -> divide-by-zero: This divides by 0. Nothing can be divided by 0.",
                "(-8) ^ (1/2) -> no-real-result: A negative number has no real power with a fraction as exponent. In complex numbers it is `2.828427125i`.",
                "7 mod 0 -> divide-by-zero: This divides by 0. Nothing can be divided by 0.",
                "7 div 0 -> divide-by-zero: This divides by 0. Nothing can be divided by 0.",
                "7.5 mod 2 -> 3/2",
                "5 kg + 3 m -> units-differ: `kg` is a mass and `m` is a length. Only like quantities can be added.",
                "5 kg - 3 m -> units-differ: `kg` is a mass and `m` is a length. Only like quantities can be subtracted.",
                "5 kg * 2 m -> 10 kg·m",
                "5 kg / 2 kg -> 5/2",
                "60 km/h * 30 min -> 30 km",
                "(5 kg) ^ 2 -> 25 kg²",
                "(4 m²) ^ (1/2) -> 2 m",
                "(2 m) ^ 0 -> 1",
                "2 ^ (3 kg) -> wrong-kind: `^` needs a plain number here, and this is a mass in `kg`.",
                "5 kg < 300 g -> false",
                "5 kg = 5000 g -> true",
                "5 kg <> 5000 g -> false",
                "5 kg < 3 m -> units-differ: `kg` is a mass and `m` is a length. Only like quantities can be compared.",
                "5 kg = 5 -> units-differ: `kg` is a mass and 5 has no unit. Only like quantities can be compared.",
                "0 m + 5 -> units-differ: `m` is a length and 5 has no unit. Only like quantities can be added.",
                "5 kg mod 300 g -> (1/5) kg",
                "5 kg div 300 g -> 16",
                "5 kg mod 3 -> units-differ: `kg` is a mass and 3 has no unit. Only like quantities can be divided so.",
                "20 °C - 5 °C -> 15 K",
                "20 °C + 5 K -> 25 °C",
                "5 K + 20 °C -> 25 °C",
                "20 °C + 5 °C -> wrong-kind: `°C` and `°C` count on a scale, and two places on a scale have no sum. Write the difference in `K`.",
                "20 °C * 2 -> wrong-kind: `°C` counts on a scale, and a place on a scale has no multiples or powers. Convert it with `to K`, or write a difference in `K`.",
                "5 kg & \"x\" -> \"5 kgx\"",
                "(5 kg)! -> wrong-kind: `!` needs a number, and this is a quantity.",
                "(5 kg)% -> wrong-kind: `%` needs a number, and this is a quantity.",
                "3.5! -> wrong-arguments: A factorial needs a whole number of 0 or more, was 7/2.",
                "-3! -> -6",
                "5!! -> 15",
                "2 m to kg -> units-differ: `m` is a length and `kg` is a mass. Only like quantities can be converted.",
                "5 to kg -> units-differ: 5 has no unit and `kg` is a mass. Only like quantities can be converted.",
                "sin(90°) -> 1",
                "if(1, 2, 3) -> wrong-kind: `if` needs a condition for `condition`, was a number.",
                "round(1, 2, 3) -> wrong-arguments: `round` takes 2 arguments, and here are 3.",
                "round() -> wrong-arguments: `round` needs `x`: what to round.",
                "round(2, nothing: 0) -> wrong-arguments: `round` has no argument `nothing`. It has `x`, `places`.",
                "summ(1, 2) -> unknown-function: There is no function `summ`. Did you mean `sum`?",
                "nosuch(1) -> unknown-function: There is no function `nosuch`. The guide lists those there are.",
                "A1 -> missing-reference: `A1` is a cell, and there is no grid here.",
            })
    void isWorth(String expression, String expected) {
        assertThat(worth(expression)).isEqualTo(expected);
    }

    @ParameterizedTest(name = "an hour and a quarter {0}")
    @CsvSource(
            delimiterString = " -> ",
            value = {
                "# * 2 -> PT2H30M",
                "2 * # -> PT2H30M",
                "# / 5 -> PT15M",
                "# / (time(9,25,0) - time(9,15,0)) -> 15/2",
                "# / 0 -> divide-by-zero: Nothing can be divided by 0.",
                "1 / # -> wrong-kind: `/` needs numbers, and this is a duration.",
                "# * # -> wrong-kind: `*` needs numbers, and this is a duration.",
                "# + # -> PT2H30M",
                "# - # -> PT0S",
                "# + 30 min -> PT1H45M",
                "30 min + # -> PT1H45M",
                "# - 30 min -> PT45M",
                "# + 2 kg -> wrong-kind: `+` needs numbers, and this is a duration.",
                "-# -> PT-1H-15M",
                "# to min -> 75 min",
                "# > (time(9,25,0) - time(9,15,0)) -> true",
            })
    void durationsAreAddedScaledAndDivided(String pattern, String expected) {
        assertThat(worth(pattern.replace("#", AN_HOUR_AND_A_QUARTER))).isEqualTo(expected);
    }

    private static String worth(String expression) {
        Value value = new Calculator(Patient.LIMITS)
                .calculate(expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
        return value instanceof Failure failure
                ? failure.code().code() + ": " + failure.message()
                : PlainText.of(value);
    }
}
