package app.logismos.formula;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Words;
import app.logismos.value.PlainText;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LatexPrinterTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiterString = " -> ",
            quoteCharacter = '~',
            value = {
                "1.50 -> 1.50",
                ".5 -> .5",
                "2e-3 -> 2\\times 10^{-3}",
                "1E6 -> 1\\times 10^{6}",
                "\"tea\" -> \"tea\"",
                "2+3 -> 2 + 3",
                "sumover(k^2, k, 1, 9) -> \\sum_{k = 1}^{9} {k}^{2}",
                "productover(k+1, k, 1, 9) -> \\prod_{k = 1}^{9} \\left(k + 1\\right)",
                "2-3*4 -> 2 - 3 \\times 4",
                "1/2 -> \\frac{1}{2}",
                "(1+2)/(3-4) -> \\frac{1 + 2}{3 - 4}", // the line makes the brackets needless
                "(1+2)*3 -> \\left(1 + 2\\right) \\times 3",
                "2^3 -> {2}^{3}",
                "2^(3+1) -> {2}^{3 + 1}",
                "(1+2)^2 -> {\\left(1 + 2\\right)}^{2}", // the base keeps them
                "5² -> {5}^{2}",
                "-5 -> -5",
                "+5 -> +5",
                "√9 -> \\sqrt{9}",
                "√(9+7) -> \\sqrt{9 + 7}",
                "5! -> 5!",
                "10% -> 10\\,\\%",
                "sqrt(2) -> \\sqrt{2}",
                "sqrt((2)) -> \\sqrt{2}",
                "abs(-3) -> \\left|-3\\right|",
                "SUM(1, 2) -> \\operatorname{sum}\\left(1,\\, 2\\right)",
                "round(2, digits: 1) -> \\operatorname{round}\\left(2,\\, \\text{digits: }1\\right)",
                "round(2, ) -> \\operatorname{round}\\left(2,\\, \\;\\right)",
                "sqrt(1, 2) -> \\operatorname{sqrt}\\left(1,\\, 2\\right)", // too many, but set all the same
                "A1 -> \\htmlClass{ref-0}{\\mathrm{A1}}",
                "$A$1 -> \\htmlClass{ref-0}{\\mathrm{\\$A\\$1}}",
                "A1+B2:C3-A1 -> \\htmlClass{ref-0}{\\mathrm{A1}} + \\htmlClass{ref-1}{\\mathrm{B2:C3}} - \\htmlClass{ref-0}{\\mathrm{A1}}",
                "'Leaf & lots'.B2 -> \\htmlClass{ref-0}{\\mathrm{'Leaf \\& lots'.B2}}",
                "net_price -> \\htmlClass{ref-0}{\\mathrm{net\\_price}}",
                "x -> \\htmlClass{ref-0}{x}",
                "pi -> \\pi",
                "π -> \\pi",
                "phi -> \\varphi",
                "inf -> \\infty",
                "e -> e",
                "{1, 2; 3, 4} -> \\begin{bmatrix}1 & 2 \\\\ 3 & 4\\end{bmatrix}",
                "A1 kg -> ",
                "(5) kg -> \\left(5\\right)\\,\\text{kg}",
                "(30)° -> \\left(30\\right)\\text{°}",
                "3 km to m -> 3 km\\ \\text{to}\\ \\text{m}",
                "2 <= 3 -> 2 \\le 3",
                "2 <> 3 -> 2 \\ne 3",
                "7 mod 3 -> 7 \\bmod 3",
                "7 div 3 -> 7 \\mathbin{\\mathrm{div}} 3",
                "\"a\" & \"b\" -> \"a\" \\mathbin{\\&} \"b\"",
            })
    void isSetAsOnPaper(String text, String latex) {
        Parser.Outcome outcome = Parser.parse(text, 0, Address.FIRST, Words.STANDARD);
        if (latex == null) {
            assertThat(outcome).isInstanceOf(Parser.Outcome.Refused.class); // a unit stands behind a number only
            return;
        }
        assertThat(LatexPrinter.latex(((Parser.Outcome.Parsed) outcome).expression(), Address.FIRST, PlainText::of))
                .isEqualTo(latex);
    }

    @Test
    void theWorkedPartIsMarkedAndKeepsItsBrackets() {
        Expression.Infix whole = (Expression.Infix) parse("(1+2)/4");
        assertThat(LatexPrinter.latex(whole, Address.FIRST, PlainText::of, PlainText::of, whole.left()))
                .isEqualTo("\\frac{\\htmlClass{worked}{\\left(1 + 2\\right)}}{4}");
        assertThat(LatexPrinter.latex(whole, Address.FIRST, PlainText::of, PlainText::of, whole.right()))
                .isEqualTo("\\frac{1 + 2}{\\htmlClass{worked}{4}}");
        assertThat(LatexPrinter.latex(whole, Address.FIRST, PlainText::of, PlainText::of, whole))
                .isEqualTo("\\frac{1 + 2}{4}");
    }

    /** KaTeX breaks a line behind operators outside of groups alone. */
    @ParameterizedTest
    @CsvSource(
            delimiterString = " -> ",
            value = {
                "(1234567+2345678+345678)*2 -> (1234567 + 2345678 + 345678) \\times 2",
                "(1234567+2345678+345678)/2 -> (1234567 + 2345678 + 345678) \\div 2",
                "(1234567+2345678+345678)^2 -> (1234567 + 2345678 + 345678)^{2}",
                "√(1234567+2345678+345678) -> \\operatorname{sqrt}(1234567 + 2345678 + 345678)",
                "sum(1234567, 2345678, 34567) -> \\operatorname{sum}(1234567,\\allowbreak\\, 2345678,\\allowbreak\\, 34567)",
            })
    void whatIsWideIsSetSoThatLinesCanBreak(String formula, String latex) {
        assertThat(LatexPrinter.latex(parse(formula), Address.FIRST, PlainText::of))
                .isEqualTo(latex);
    }

    @Test
    void aWideWorkedPartIsMarkedPieceByPiece() {
        Expression.Infix whole = (Expression.Infix) parse("1234567+2345678+3456789+1");
        assertThat(LatexPrinter.latex(whole, Address.FIRST, PlainText::of, PlainText::of, whole.left()))
                .isEqualTo("\\htmlClass{worked-piece}{1234567 + 2345678}"
                        + " \\mathbin{\\htmlClass{worked-sign}{+}} \\htmlClass{worked-piece}{3456789} + 1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = " -> ",
            value = {
                "ln(2) -> \\ln\\left(2\\right)",
                "log(100) -> \\log_{10}\\left(100\\right)",
                "log(8, 2) -> \\log_{2}\\left(8\\right)",
                "log(8, base: 2) -> \\log_{2}\\left(8\\right)",
                "log(base: 2, x: 8) -> \\operatorname{log}\\left(\\text{base: }2,\\, \\text{x: }8\\right)",
            })
    void aLogarithmShowsItsBase(String formula, String latex) {
        assertThat(LatexPrinter.latex(parse(formula), Address.FIRST, PlainText::of))
                .isEqualTo(latex);
    }

    @Test
    void specialSignsOfTextsAreMadeHarmless() {
        assertThat(LatexPrinter.escaped("a_b$c%d&e#f{g}h\\i~j^k"))
                .isEqualTo("a\\_b\\$c\\%d\\&e\\#f\\{g\\}h\\backslash i\\sim j\\wedge k");
    }

    private static Expression parse(String text) {
        return ((Parser.Outcome.Parsed) Parser.parse(text, 0, Address.FIRST, Words.STANDARD)).expression();
    }
}
