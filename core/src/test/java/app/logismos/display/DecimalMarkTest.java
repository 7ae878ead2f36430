package app.logismos.display;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.number.Rational;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecimalMarkTest {
    /** As it is typed and shown with a comma, and as it is kept. */
    @ParameterizedTest(name = "{0} is kept as {1}")
    @CsvSource(
            delimiterString = " -> ",
            quoteCharacter = '~',
            value = {
                "1,5 -> 1.5",
                "-0,25 -> -0.25",
                ",5 -> .5",
                "12 500,75 -> 12500.75",
                "1.234,5 -> 1234.5",
                "12.500 -> 12500", // points group, as in numbers with a comma
                "2,5 kg -> 2.5 kg",
                "12,5 % -> 12.5 %",
                "12,50 € -> 12.50 €",
                "€ 12,50 -> € 12.50",
                "€ 1.234,50 -> € 1,234.50",
                "(45,20) -> (45.20)",
                "$1,234.50 -> $1.234,50", // marks the other way round: one reading is possible
                "31.12.2027 -> 31.12.2027", // a date is no number
                "River, red -> River, red", // a text stays as it is
                "\"1,5\" -> \"1,5\"",
                "=1,5*2 -> =1.5*2",
                "=max(1,5; 2) -> =max(1.5; 2)",
                "=sum(A1;0,5;B2) -> =sum(A1;0.5;B2)",
                "={1,5; 2 | 3; 4} -> ={1.5, 2 ; 3, 4}",
                "=\"a,b\" & 'x,1'.A1 -> =\"a,b\" & 'x,1'.A1",
                "=Lots2.B3+1,5 -> =Lots2.B3+1.5",
                "rate_1 = 2,5 -> rate_1 = 2.5",
            })
    void commasAreTurnedWhenTyped(String typed, String kept) {
        assertThat(DecimalMark.COMMA.read(typed, UnitCatalogue.STANDARD)).isEqualTo(kept);
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = " -> ",
            quoteCharacter = '~',
            value = {
                "1.5 -> 1,5",
                "2.5 kg -> 2,5 kg",
                "=max(1.5, 2) -> =max(1,5; 2)",
                "={1.5, 2 ; 3, 4} -> ={1,5; 2 | 3; 4}",
                "=Lots2.B3+1.5 -> =Lots2.B3+1,5",
                "=Lots.B3 -> =Lots.B3",
                "Lot 1.5 -> Lot 1.5",
                "=\"1.5\" & .5 -> =\"1.5\" & ,5",
            })
    void pointsAreTurnedBackWhenShown(String kept, String shown) {
        assertThat(DecimalMark.COMMA.write(kept, UnitCatalogue.STANDARD)).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = " -> ",
            value = {
                "=max(1,5; B1)*2",
                "=sum({1,5; 2 | 3; 4})",
                "=if(A1 > 2,5; 1; 0)",
                "2,75 km",
                "Leaf, 3 lots",
                "€ 1.234,50",
                "12,50 €",
                "(45,20)",
                "31.12.2027",
                "5 kg.m/s2"
            })
    void whatIsShownIsReadAsWhatItWas(String shown) {
        assertThat(DecimalMark.COMMA.write(
                        DecimalMark.COMMA.read(shown, UnitCatalogue.STANDARD), UnitCatalogue.STANDARD))
                .isEqualTo(shown);
    }

    @Test
    void inAFormulaEverySignKeepsItsPlace() {
        String typed = "=max(1,5; {2; 3 | 4,5; 6})";
        assertThat(DecimalMark.COMMA.read(typed, UnitCatalogue.STANDARD)).hasSameSizeAs(typed);
    }

    @Test
    void thePointChangesNothing() {
        assertThat(DecimalMark.POINT.read("=max(1,5; 2)", UnitCatalogue.STANDARD))
                .isEqualTo("=max(1,5; 2)");
        assertThat(DecimalMark.POINT.write("1.5", UnitCatalogue.STANDARD)).isEqualTo("1.5");
    }

    @Test
    void aDisplayGroupsDigitsAndTakesTheComma() {
        NumberValue number = new NumberValue(Rational.of(1_234_567, 10));
        assertThat(Display.AUTOMATIC.grouped().text(number)).isEqualTo("123 456.7");
        assertThat(Display.AUTOMATIC.grouped().withComma().text(number)).isEqualTo("123 456,7");
        assertThat(Display.in("fixed 2", UnitCatalogue.STANDARD).withComma().text(number))
                .isEqualTo("123456,70");
        assertThat(Display.in("fraction", UnitCatalogue.STANDARD).grouped().text(number))
                .isEqualTo("1234567/10");
        assertThat(Display.AUTOMATIC.withComma().style().latex(Rational.of(3, 2)))
                .isEqualTo("1{,}5");
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = " -> ",
            value = {
                "\\left(1.5,\\, 2\\right) -> \\left(1{,}5;\\, 2\\right)",
                "(1.5,\\allowbreak\\, 2) -> (1{,}5;\\allowbreak\\, 2)",
                "1.5\\htmlClass{worked-piece}{,}\\allowbreak\\, 2 -> 1{,}5\\htmlClass{worked-piece}{;}\\allowbreak\\, 2",
            })
    void typesetArgumentsArePartedBySemicolonsAlsoWhereALineMayEnd(String latex, String shown) {
        assertThat(DecimalMark.COMMA.latex(latex)).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "7, 3, 2.3333333333333335",
        "1, 8, 0.125",
        "12345678901234567, 1, 12345678901234567",
        "1, 3, 0.3333333333333333"
    })
    void inFullANumberHasAllItsDigits(long above, long below, String text) {
        assertThat(InFull.text(new NumberValue(Rational.of(above, below)))).hasValue(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = " -> ",
            value = {"0,5*x -> 0.5*x", "max(x; 1,5) -> max(x; 1.5)", "12 -> 12", "sin(x) -> sin(x)"})
    void expressionsWithoutEqualsAreReadAsFormulas(String typed, String kept) {
        assertThat(DecimalMark.COMMA.readExpression(typed)).isEqualTo(kept);
        assertThat(DecimalMark.COMMA.expression(kept)).isEqualTo(typed);
        assertThat(DecimalMark.POINT.readExpression(typed)).isEqualTo(typed);
    }
}
