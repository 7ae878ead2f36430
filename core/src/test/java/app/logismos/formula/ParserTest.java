package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ParserTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=1+2*3                | (1+(2*3))",
                "=1-2-3                | ((1-2)-3)",
                "=2^3^2                | (2^(3^2))",
                "=-2^2                 | -(2^2)",
                "=2^-3                 | (2^-3)",
                "=--2                  | --2",
                "=2^3!                 | (2^3!)",
                "=-3!                  | -3!",
                "=3!!!                 | 3!! !", // (3!!)!
                "=5! !                 | 5! !", // (5!)!
                "=√9²                  | √9²", // of the square
                "=√9^2                 | (√9^2)", // square of the root
                "=17 mod 5 * 2         | ((17 mod 5)*2)",
                "=1+2&3                | ((1+2)&3)",
                "=1<2&3                | (1<(2&3))",
                "=1≤2                  | (1<=2)",
                "=2**3                 | (2^3)",
                "=2×3÷4−1              | (((2*3)/4)-1)",
                "=“a”&\"b\"            | (“a”&\"b\")",
                "=1\u00a0+\u20092      | (1+2)", // unusual spaces
                "=.5+1E5               | (.5+1E5)",
                "=sum(A1:B2, 3; 4)     | sum(A1:B2, 3, 4)",
                "=log(100, base: 10)   | log(100, base: 10)",
                "=sum(B:B)             | sum(B:B)",
                "=sum(2:3)             | sum(2:3)",
                "=Prices.B3+'Leaf prices'.$B$3:B9 | (Prices.B3+'Leaf prices'.$B$3:B9)",
                "={1, 2; 3, 4}         | {1, 2; 3, 4}",
                "=b2+$c$3              | (B2+$C$3)",
                "=log10x               | log10x", // a name
            })
    void operatorsGroupAsInSectionTwo(String entry, String grouped) {
        assertThat(grouped(parsed(entry))).isEqualTo(grouped);
    }

    @Test
    void aBarEndsARowToo() {
        assertThat(grouped(parsed("={1, 2 | 3, 4}"))).isEqualTo("{1, 2; 3, 4}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=sqrt(16      | syntax            | 5  | 6  | This bracket is not closed.                  | =sqrt(16)",
                "=(1+(2*3)     | syntax            | 1  | 2  | This bracket is not closed.                  | =(1+(2*3))",
                "=2+*3         | syntax            | 3  | 4  | A value is missing before `*`.                   | =2+3",
                "=2+           | syntax            | 2  | 3  | A value is missing behind `+`.                   | ",
                "=1+2)         | syntax            | 4  | 5  | This bracket closes nothing.                 | =1+2",
                "=2(3+4)       | syntax            | 2  | 3  | There is no sign between `2` and `(`. A product is written with `*`. | =2*(3+4)",
                "=2x           | syntax            | 2  | 3  | There is no sign between `2` and `x`. A product is written with `*`. | =2*x",
                "=2 3/4        | syntax            | 3  | 4  | There is no sign between `2` and `3`. A product is written with `*`. | =2+3/4",
                "=12 500       | syntax            | 1  | 7  | There is no sign between `12` and `500`. Digits are not grouped inside a formula. | =12500",
                "=10 % 3       | syntax            | 4  | 5  | `%` means hundredths. The remainder of a division is written `mod`. | =10 mod 3",
                "=5.           | syntax            | 1  | 3  | `5.` has no digits behind its point.             | =5",
                "=1<2<3        | syntax            | 4  | 5  | Only two values are compared at a time. Write `and(1<2, 2<3)`. | =and(1<2, 2<3)",
                "=sum          | syntax            | 1  | 4  | `sum` is a function and needs its arguments in brackets. | =sum()",
                "=BC12(2)      | unknown-function  | 1  | 5  | There is no function `BC12`. The guide lists those there are. | ",
                "=\"ab         | syntax            | 1  | 2  | This quote sign is not closed.               | =\"ab\"",
                "=1 § 2        | syntax            | 3  | 4  | `§` has no meaning in a formula. A text goes between double quotes. | ",
                "={1, 2; 3}    | shapes-differ     | 1  | 10 | The rows of a table are of one length. The first has 2, another 1. | ",
                "=2 x 3        | syntax            | 3  | 4  | A product is written with `*`, and `x` is a name. | =2 * 3",
                "=(1+2) X (4)  | syntax            | 7  | 8  | A product is written with `*`, and `X` is a name. | =(1+2) * (4)",
                "=2 x + 3      | syntax            | 3  | 4  | There is no sign between `2` and `x`. A product is written with `*`. | =2*x + 3",
                "=1 [pH]       | unknown-unit      | 3  | 7  | `[pH]` is not a unit that is known here. The guide lists those there are. | ",
                "=[a] + 1      | unknown-unit      | 1  | 4  | `[a]` is not a unit that is known here. The guide lists those there are. | ",
                "=5 [ km]      | syntax            | 3  | 4  | `[` has no meaning in a formula. A text goes between double quotes. | ",
                "=5 to kgg     | unknown-unit      | 6  | 9  | `kgg` is not a unit that is known here. The guide lists those there are. | ",
                "=5 ft 6 in    | syntax            | 6  | 7  | There is no sign between `5 ft` and `6`. A sum of quantities is written with `+`. | =5 ft + 6 in",
                "=5 to KG      | unknown-unit      | 6  | 8  | `KG` is not a unit that is known here. Did you mean `kg`? | =5 to kg",
                "=B9999999     | missing-reference | 1  | 9  | `B9999999` lies outside every grid. Columns go to ZZZ, rows to 1,000,000. | ",
            })
    void whatCannotBeReadHasAPlaceASentenceAndAFix(
            String entry, String code, int start, int end, String message, String fixed) {
        Failure failure = refused(entry);
        assertThat(failure.code().code()).isEqualTo(code);
        assertThat(failure.place()).contains(new Span(start, end));
        assertThat(failure.message()).isEqualTo(message);
        assertThat(failure.fixes().stream().map(Fix::replacement).findFirst().orElse(null))
                .isEqualTo(fixed);
    }

    @Test
    void everyNodeKnowsItsCharacters() {
        String entry = "= sum( A1 , 20% ) + √9";
        assertThat(spans(entry, parsed(entry))).isEqualTo("sum( A1 , 20% ) + √9; sum( A1 , 20% ); A1; 20%; 20; √9; 9");
    }

    private static String spans(String entry, Expression expression) {
        List<String> all = new ArrayList<>();
        Walk.visit(expression, node -> all.add(node.span().in(entry)));
        return String.join("; ", all);
    }

    @Test
    void bracketsGo256Deep() {
        assertThat(grouped(parsed("=" + "(".repeat(256) + "1" + ")".repeat(256))))
                .isEqualTo("1");
        assertThat(refused("=" + "(".repeat(257) + "1" + ")".repeat(257)).code().code())
                .isEqualTo("too-large");
    }

    @Test
    void anEntryHas8192CharactersAtTheMost() {
        assertThat(parsed("=" + "1".repeat(8_191))).isNotNull();
        assertThat(refused("=" + "1".repeat(8_192)).code().code()).isEqualTo("too-large");
    }

    @Test
    void aContinuedFormulaIsTheSameExpression() {
        Expression first = ((Parser.Outcome.Parsed)
                        Parser.parse("=A1*$B$1", 1, Address.parse("C1").orElseThrow(), Words.STANDARD))
                .expression();
        Expression second = ((Parser.Outcome.Parsed)
                        Parser.parse("=A2*$B$1", 1, Address.parse("C2").orElseThrow(), Words.STANDARD))
                .expression();
        assertThat(second).isEqualTo(first);
    }

    private static Expression parsed(String entry) {
        Parser.Outcome outcome = Parser.parse(entry, 1, Address.FIRST, Words.STANDARD);
        assertThat(outcome).as(entry).isInstanceOf(Parser.Outcome.Parsed.class);
        return ((Parser.Outcome.Parsed) outcome).expression();
    }

    private static Failure refused(String entry) {
        return ((Parser.Outcome.Refused) Parser.parse(entry, 1, Address.FIRST, Words.STANDARD)).failure();
    }

    /** The expression with brackets round every operation, and none besides. */
    private static String grouped(Expression node) {
        if (node instanceof Expression.Group group) {
            return grouped(group.inner());
        }
        if (node instanceof Expression.Infix infix) {
            return "(" + grouped(infix.left()) + infix.operator().text() + grouped(infix.right()) + ")";
        }
        if (node instanceof Expression.Prefix prefix) {
            return prefix.operator().text() + grouped(prefix.operand());
        }
        if (node instanceof Expression.Call call) {
            return call.function() + "("
                    + call.arguments().stream()
                            .map(argument -> argument.name()
                                            .map(name -> name + ": ")
                                            .orElse("")
                                    + argument.value().map(ParserTest::grouped).orElse(""))
                            .collect(Collectors.joining(", "))
                    + ")";
        }
        return Printer.text(node, Address.FIRST);
    }
}
