package app.logismos.function.algebra;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.VARIABLE;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.algebra.Derivative;
import app.logismos.algebra.Expanding;
import app.logismos.algebra.ExpandingSteps;
import app.logismos.algebra.Factored;
import app.logismos.algebra.FactoringSteps;
import app.logismos.algebra.Form;
import app.logismos.algebra.PartialFractionSteps;
import app.logismos.algebra.PartialFractions;
import app.logismos.algebra.Simplifying;
import app.logismos.formula.Supposing;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is done with expressions that have letters in them (language, section 15). */
public final class AlgebraFunctions {
    private static final int HIGHEST_ORDER = 100;

    public static final List<Function> ALL = List.of(
            DigitsFunction.DIGITS,
            function("derivative", Category.ALGEBRA)
                    .says("How an expression changes with a letter in it: its derivative, or the slope at a place.")
                    .argument("expression", EXPRESSION, "the expression, with the letter in it")
                    .argument("variable", VARIABLE, "the letter or word by which it is differentiated")
                    .optional(
                            "at",
                            NUMBER,
                            Blank.BLANK,
                            "the place whose slope is wanted; an expression, if nothing is said")
                    .optional("order", WHOLE, NumberValue.of(1), "how many times it is differentiated")
                    .example("derivative(x^3 - 2*x, x)", "3*x^2 - 2")
                    .example("derivative(x^2*sin(x), x)", "x^2*cos(x) + 2*x*sin(x)")
                    .example("derivative(t^5, t, order: 2)", "20*t^3")
                    .example("derivative(x^2, x, 3)", "6")
                    .refuses("derivative(x^2, 5)", ErrorCode.WRONG_KIND)
                    .refuses("derivative(abs(x), x, 0)", ErrorCode.NO_REAL_RESULT)
                    .related("taylor", "simplify", "expand")
                    .from("DLMF 1.4(iii)")
                    .leads(given -> NumericSlope.steps(given, letter(given)))
                    .answers(AlgebraFunctions::derivative),
            function(Supposing.FUNCTION, Category.ALGEBRA)
                    .alsoRead(Supposing.ALSO)
                    .says("What an expression would be if names or cells in it had other values. Nothing is changed.")
                    .argument("expression", EXPRESSION, "the expression, or a cell whose formula is worked out so")
                    .repeated("values", EXPRESSION, "a name or cell, a colon and its value, as in `x: 3`")
                    .example("with(x^2 + y, x: 3, y: 1)", "10")
                    .example("with(derivative(x^3, x), x: 2)", "12")
                    .refuses("with(1/x, x: 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("derivative", "simplify")
                    .answers(Arguments::supposing),
            IntegralFunction.INTEGRAL,
            LimitFunction.LIMIT,
            ExtremeFunctions.MINIMISE,
            ExtremeFunctions.MAXIMISE,
            SolveFunction.SOLVE,
            function("taylor", Category.ALGEBRA)
                    .says("The polynomial that lies closest to an expression near a place.")
                    .argument("expression", EXPRESSION, "the expression, with the letter in it")
                    .argument("variable", VARIABLE, "the letter")
                    .argument("at", NUMBER, "the place")
                    .argument("order", WHOLE, "the highest power that is kept")
                    .example("taylor(sin(x), x, 0, 5)", "x^5/120 - x^3/6 + x")
                    .example("taylor(e^x, x, 0, 2)", "x^2/2 + x + 1")
                    .refuses("taylor(abs(x), x, 0, 2)", ErrorCode.NO_REAL_RESULT)
                    .related("derivative")
                    .from("DLMF 1.4(vi)")
                    .leads(given -> new Taylor(given).steps())
                    .answers(given -> new Taylor(given).polynomial()),
            rewriting(
                            "simplify",
                            "The shortest of some ways to write an expression, with the same value.",
                            Simplifying::of)
                    .leads(given -> Simplifying.steps(given.form("expression"), given.divisors("expression")))
                    .example("simplify((x^2 - 1)/(x - 1))", "x + 1")
                    .example("simplify(sin(a)^2 + cos(a)^2)", "1")
                    .refuses("simplify(1/(x - x))", ErrorCode.DIVIDE_BY_ZERO)
                    .related("expand", "factor"),
            rewriting("expand", "An expression with its products and powers of sums multiplied out.", Expanding::of)
                    .leads(given -> ExpandingSteps.of(given.form("expression")))
                    .example("expand((x + 1)^2)", "x^2 + 2*x + 1")
                    .example("expand((a + b)*(a - b))", "a^2 - b^2")
                    .refuses("expand(\"x\" & \"y\")", ErrorCode.WRONG_KIND)
                    .related("factor", "collect", "simplify"),
            rewriting(
                            "factor",
                            "An expression as a product, with whole or fractional numbers in its factors.",
                            Factored::of)
                    .leads(given -> FactoringSteps.of(given.form("expression")))
                    .example("factor(x^2 - 5*x + 6)", "(x - 3)*(x - 2)")
                    .example("factor(2*x^3 - 8*x)", "2*x*(x - 2)*(x + 2)")
                    .refuses("factor(\"x\")", ErrorCode.WRONG_KIND)
                    .related("expand", "factorise")
                    .from("H. Zassenhaus, On Hensel factorization I, 1969"),
            function("collect", Category.ALGEBRA)
                    .says("An expression multiplied out, by the powers of one letter.")
                    .argument("expression", EXPRESSION, "the expression, with the letter in it")
                    .argument("variable", VARIABLE, "the letter whose powers are put together")
                    .example("collect(a*x + b*x + c, x)", "x*(a + b) + c")
                    .example("collect(x^2*y + x^2 + 1, x)", "x^2*(y + 1) + 1")
                    .refuses("collect(x^2, 2)", ErrorCode.WRONG_KIND)
                    .related("expand", "partialfractions")
                    .leads(given -> ExpandingSteps.collected(given.form("expression"), letter(given)))
                    .answers(given -> given.worth(Expanding.collected(given.form("expression"), letter(given)))),
            function("partialfractions", Category.ALGEBRA)
                    .says("A quotient of polynomials as a sum of fractions with simple divisors.")
                    .argument("expression", EXPRESSION, "the quotient")
                    .argument("variable", VARIABLE, "its letter")
                    .example("partialfractions(1/(x^2 - 1), x)", "1/(2*(x - 1)) - 1/(2*(x + 1))")
                    .example("partialfractions((x^3 + 1)/(x^2 + x), x)", "x - 1 + 1/x")
                    .refuses("partialfractions(1/x, 3)", ErrorCode.WRONG_KIND)
                    .related("integral", "factor")
                    .from("DLMF 1.2(iii)")
                    .leads(given -> PartialFractionSteps.of(given.form("expression"), letter(given)))
                    .answers(given -> given.worth(PartialFractions.of(given.form("expression"), letter(given)))));

    private AlgebraFunctions() {}

    private static Function rewriting(String name, String says, UnaryOperator<Form> rewritten) {
        return function(name, Category.ALGEBRA)
                .says(says)
                .argument("expression", EXPRESSION, "the expression; words that name nothing are letters")
                .answers(given -> given.worth(rewritten.apply(given.form("expression"))));
    }

    private static Form.Letter letter(Arguments given) {
        return new Form.Letter(given.bound("expression", "variable").variable());
    }

    private static Value derivative(Arguments given) {
        Form.Letter by = letter(given);
        int order = given.whole("order", 0, HIGHEST_ORDER);
        if (!given.isGiven("at")) {
            return given.worth(given.derivative(given.form("expression"), by, order));
        }
        try {
            Optional<Value> slope = given.formIfAny("expression")
                    .map(form -> new Slope(given, form, by, order).at(given.form("at")))
                    .or(() -> Slope.throughBranches(given, by, order));
            if (slope.isPresent()) {
                return slope.get();
            }
        } catch (Derivative.NotKnown none) {
            if (order != 1) {
                throw none;
            }
        }
        if (order != 1) {
            given.form("expression");
        }
        return NumericSlope.of(given);
    }
}
