package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Address;
import app.logismos.function.Example;
import app.logismos.function.Function;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CalculatorTest {
    private static final NoCells RADIANS = new NoCells(Surroundings.USUAL);
    private static final NoCells DEGREES = new NoCells(Surroundings.of(Surroundings.Angle.DEGREES));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=5+2*3              | 11",
                "=(5+2)*3            | 21",
                "=2*4-3              | 5",
                "=3^2*(4+4)/2        | 36",
                "=0.1+0.2=0.3        | true", // decimals are exact
                "=7!/(3!*2!*2!)      | 210",
                "=-2^2               | -4",
                "=2^3^2              | 512",
                "=2^3!               | 64",
                "=3!!!               | 6",
                "=√9²                | 9",
                "=2¹⁰                | 1024",
                "=2⁻³                | 1/8",
                "=7/3                | 7/3",
                "=1/3+1/6            | 1/2",
                "=-7 mod 3           | 2",
                "=-7 div 2           | -4",
                "=7 mod -3           | -2",
                "=100+20%            | 501/5",
                "=sqrt(196)          | 14",
                "=8^(1/3)            | 2",
                "=sqrt(9/16)         | 3/4",
                "=sqrt(2)            | √2",
                "=sin(30°)           | 1/2",
                "=sin(π)             | 0",
                "=π/4                | π/4",
                "=3*π/4              | 3π/4",
                "=2π                 | syntax", // no silent product
                "=π/π                | 1",
                "=sqrt(2)^2=2        | true",
                "=\"a\"&1/4          | \"a0.25\"",
                "=\"a\"<\"b\"        | true",
                "=\"a\"=1            | false",
                "=1<>2               | true",
                "={1, 2; 3, 4}*2     | {2, 4; 6, 8}",
                "={1; 2}+{10, 20}    | {11, 21; 12, 22}", // a column with a row
                "=-{1, 2}            | {-1, -2}",
                "=sqrt({4, 9})       | {2, 3}", // element by element
                "=missing+1          | missing",
                "=sum(missing, 2)    | 2",
                "=if(2>1, 5, 1/0)    | 5", // the other is not looked at
                "=inf                | inf",
                "=1/inf              | 0",
                "=e^0                | 1",
                "=LOG(1000)          | 3",
                "=COMBIN(5; 2)       | 10", // the name in documents
                "=log(8, base: 2)    | 3",
                "=10^20              | 100000000000000000000",
            })
    void expressionsAreWorth(String entry, String value) {
        assertThat(PlainText.of(value(entry, RADIANS))).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=1/0                  | divide-by-zero    | 3 | 4  | This divides by 0. Nothing can be divided by 0.",
                "=0^-1                 | divide-by-zero    | 1 | 2  | This divides by 0. Nothing can be divided by 0.",
                "=tan(90°)             | divide-by-zero    | 1 | 9  | `tan` divides by 0 here.",
                "=sqrt(-4)             | no-real-result    | 1 | 9  | `sqrt` has no real result for this argument. In complex numbers it is `2i`.",
                "=(-8)^(1/3)           | no-real-result    | 1 | 11 | A negative number has no real power with a fraction as exponent. In complex numbers it is `1 + 1.732050808i`.",
                "=inf-inf              | no-real-result    | 4 | 5  | No real number is the result of this.",
                "=0*inf                | no-real-result    | 2 | 3  | No real number is the result of this.",
                "=ln(0)                | no-real-result    | 1 | 6  | `ln` has no real result for this argument.",
                "=\"12\"+1             | wrong-kind        | 1 | 5  | `+` needs numbers, and this is a text. `number(\"12\")` reads a text as a number.",
                "=true+1               | wrong-kind        | 1 | 5  | `+` needs numbers, and this is a truth value.",
                "=1<\"a\"              | wrong-kind        | 3 | 6  | `<` compares values of one kind, and this is a text. `number(\"a\")` reads a text as a number.",
                "=if(1, 2, 3)          | wrong-kind        | 4 | 5  | `if` needs a condition for `condition`, was a number.",
                "={1, 2}+{1, 2, 3}     | shapes-differ     | 7 | 8  | A table of 1 row × 2 columns and one of 1 row × 3 columns do not fit. They must have the same shape, or be a row and a column.",
                "=(1/2)!               | wrong-arguments   | 1 | 6  | A factorial needs a whole number of 0 or more, was 1/2.",
                "=combinations(5, -1)  | wrong-arguments   | 17 | 19 | `combinations` needs 0 or more for `k`, was -1.",
                "=combinations(5)      | wrong-arguments   | 1 | 16 | `combinations` needs `k`: how many of them are chosen, 0 or more.",
                "=sin(1, 2)            | wrong-arguments   | 8 | 9  | `sin` takes 1 argument, and here are 2.",
                "=log(1, foo: 2)       | wrong-arguments   | 1 | 15 | `log` has no argument `foo`. It has `x`, `base`.",
                "=log(x: 2, x: 3)      | wrong-arguments   | 14 | 15 | `x` of `log` is given twice.",
                "=now(1)               | wrong-arguments   | 5 | 6  | `now` takes no arguments, and here are 1.",
                "=mean(missing)        | wrong-arguments   | 6 | 13 | `mean` needs at least one number for `numbers`, was none.",
                "=foo+1                | unknown-name      | 1 | 4  | Nothing is called `foo` here. A text goes between double quotes.",
                "=A1+1                 | missing-reference | 1 | 3  | `A1` is a cell, and there is no grid here.",
                "=10^10^10             | too-large         | 1 | 9  | The result has more than 1,000,000 digits, or is past what is calculated here.",
                "=99999999!            | too-large         | 1 | 9  | The result has more than 1,000,000 digits, or is past what is calculated here.",
                "=exp(10^7)            | too-large         | 1 | 10 | `exp` is past what can be held here: whole numbers have 1,000,000 digits at the most, and approximate ones lie between 10^-1000000 and 10^1000000.",
                "=1e9999999            | too-large         | 1 | 10 | A number has 1,000,000 digits at the most.",
            })
    void whatFailsSaysWhatWhereAndWhy(String entry, String code, int start, int end, String message) {
        Failure failure = (Failure) value(entry, RADIANS);
        assertThat(failure.code().code()).isEqualTo(code);
        assertThat(failure.place()).contains(new Span(start, end));
        assertThat(failure.message()).isEqualTo(message);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=round(\"x\", 2)                  | \"x\"",
                "=round(2, \"x\")                  | \"x\"",
                "=round(2, 1.5)                    | 1.5",
                "=sum(1, 2, \"a\", 4)               | \"a\"",
                "=sum(1, {2; 3}, true)             | true",
                "=and(true, 1)                     | 1",
                "=max(1 m, 2 kg)                   | 2 kg",
                "=sum(1 m, 2 m, 3)                 | 3",
                "=ln(3 kg)                         | 3 kg",
                "=left(\"abc\", count: -1)          | -1",
                "=log(base: \"b\", x: 3)            | \"b\"",
                "=convert(5, \"kg\", \"lbx\")       | \"lbx\"",
                "=date(2027, 13, 1)                | 13",
                "=gcd(4, 6.5)                      | 4",
                "=1+combinations(2*3, 2-3)         | 2-3",
                "=round(sqrt(\"a\"), 2)             | \"a\"",
                "=mean({1, 2}, \"a\")               | \"a\"",
                "=hypot(3, \"a\")                   | \"a\"",
                "=upper(5)                         | 5",
                "=sin(1, 2, 3)                     | 2",
            })
    void anArgumentThatIsRefusedIsThePlaceOfTheError(String entry, String place) {
        Failure failure = (Failure) value(entry, RADIANS);
        assertThat(failure.place().orElseThrow().in(entry)).isEqualTo(place);
    }

    static Stream<Arguments> examples() {
        return Catalogue.STANDARD.functions().stream()
                .flatMap(function -> function.examples().stream().map(example -> Arguments.of(function, example)));
    }

    @ParameterizedTest
    @MethodSource("examples")
    void theExamplesOfTheCatalogueHold(Function function, Example example) {
        assertThat(PlainText.of(value("=" + example.expression(), RADIANS)))
                .as(function.name() + ": " + example.expression())
                .isEqualTo(example.value());
    }

    static Stream<Arguments> refusals() {
        return Catalogue.STANDARD.functions().stream()
                .flatMap(function -> function.refusals().stream().map(example -> Arguments.of(function, example)));
    }

    @ParameterizedTest
    @MethodSource("refusals")
    void theErrorsOfTheCatalogueAreTold(Function function, Example refusal) {
        assertThat(value("=" + refusal.expression(), RADIANS))
                .as(function.name() + ": " + refusal.expression())
                .isInstanceOfSatisfying(
                        Failure.class,
                        failure -> assertThat(failure.code().code()).isEqualTo(refusal.value()));
    }

    @Test
    void everyFunctionIsDeclaredWhole() {
        assertThat(Catalogue.STANDARD.functions()).allSatisfy(function -> {
            assertThat(function.says()).as(function.name()).endsWith(".").hasSizeGreaterThan(15);
            assertThat(function.examples()).as(function.name()).hasSizeGreaterThanOrEqualTo(2);
            assertThat(function.refusals()).as(function.name()).isNotEmpty();
            assertThat(function.related())
                    .as(function.name())
                    .allSatisfy(other ->
                            assertThat(Catalogue.STANDARD.function(other)).isPresent());
        });
    }

    /** What is chosen by each value of a table is a value, and no table in a table. */
    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=if({1; 2; 3} > 1, {4; 5; 6}, 0) | {0; 5; 6}",
                "=sum(if({1; 2; 3} > 1, {4; 5; 6}, 0)) | 11",
                "=max(if({1, 2} = 1, {4, 5}, {6, 7})) | 7",
                "=pick({1; 2}, {10; 20}, {30; 40}) | {10; 40}",
                "=if(true, {4; 5}, 0) | {4; 5}",
                "=if({true; false}, 1/0, 2) | divide-by-zero",
                "=sum(if({true; false}, {1; 2; 3}, 0)) | shapes-differ",
                "=sum(factorise({6; 10})) | shapes-differ",
                "=factorise({6}) | {2, 1; 3, 1}",
                "=orelse({1/0; 2}, 5) | {5; 2}",
                "=sum(orelse({1/0; 2}, {7; 8})) | 9",
                "=orelse({1; 2}, {7; 8; 9}) | {1; 2}",
                "=ifunavailable({unavailable(); 2}, 5) | {5; 2}",
                "=ifs({1; 2; 3} > 1, {4; 5; 6}, true, 0) | {0; 5; 6}",
                "=isunavailable({unavailable(); 1/0; 3}) | {true; false; false}",
                "=isothererror({unavailable(); 1/0; 3}) | {false; true; false}",
                "=lookup({1; 3}, {1; 2; 3}, {\"a\"; \"b\"; \"c\"}) | {\"a\"; \"c\"}",
                "=countif({1; 2; 3; 2}, {2; 9}) | {2; 0}",
            })
    void choicesAreMadeElementByElement(String entry, String value) {
        Value shown = value(entry, DEGREES);
        Value first = shown instanceof Table table && table.at(0, 0) instanceof Failure ? table.at(0, 0) : shown;
        assertThat(first instanceof Failure failure ? failure.code().code() : PlainText.of(first))
                .isEqualTo(value);
    }

    /** How something is done may be said by 0 or 1; a condition may not. */
    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=rank(5; {5; 6; 7}; 1) | 1",
                "=rank(5; {5; 6; 7}; 0) | 3",
                "=PMT(10%; 2; 2100; 0; 0) | -1210",
                "=PMT(10%; 2; 2310; 0; 1) | -1210",
                "=PMT(10%; 2; 2310; 0; 2) | wrong-kind",
                "=if(1; 2; 3) | wrong-kind",
                "=not(0) | wrong-kind",
            })
    void zeroAndOneSayHowSomethingIsDone(String entry, String value) {
        Value found = value(entry, DEGREES);
        assertThat(found instanceof Failure failure ? failure.code().code() : PlainText.of(found))
                .isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource({"=sin(30), 1/2", "=cos(60), 1/2", "=sin(π/6), 1/2", "=tan(45), 1"})
    void plainNumbersAreDegreesWhereTheWorksheetSaysSo(String entry, String value) {
        assertThat(PlainText.of(value(entry, DEGREES))).isEqualTo(value);
    }

    private static Value value(String entry, Scope scope) {
        return new Calculator(Patient.LIMITS)
                .calculate(entry, scope, Address.FIRST)
                .value();
    }
}
