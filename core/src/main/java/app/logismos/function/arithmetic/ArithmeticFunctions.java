package app.logismos.function.arithmetic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.function.InUnits;
import app.logismos.function.PlainFolds;
import app.logismos.function.Shape;
import app.logismos.function.Total;
import app.logismos.function.Workings;
import app.logismos.number.Complex;
import app.logismos.number.ComplexFunctions;
import app.logismos.number.Elementary;
import app.logismos.number.PiMultiple;
import app.logismos.number.Plain;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Rounding;
import app.logismos.number.Undefined;
import app.logismos.unit.Unit;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BinaryOperator;

/** Arithmetic. */
public final class ArithmeticFunctions {
    public static final List<Function> ALL = List.of(
            function("sum", Category.ARITHMETIC)
                    .alsoRead("IMSUM")
                    .says("Adds numbers, and all numbers of ranges.")
                    .repeated("numbers", NUMBERS, "what to add; texts and empty cells in ranges are passed over")
                    .example("sum(1, 2, 3.5)", "13/2")
                    .example("sum({1, 2; 3, 4})", "10")
                    .refuses("sum(1, \"2\")", ErrorCode.WRONG_KIND)
                    .related("product", "mean", "count")
                    .works(given -> Workings.sum(given.numbers("numbers")))
                    .complexly(given -> Complexes.sum(given, "numbers"))
                    .answers(ArithmeticFunctions::sum),
            function("product", Category.ARITHMETIC)
                    .alsoRead("IMPRODUCT")
                    .says("Multiplies numbers, and all numbers of ranges.")
                    .repeated("numbers", NUMBERS, "what to multiply")
                    .example("product(2, 3, 4)", "24")
                    .example("product(1/2, 1/3)", "1/6")
                    .refuses("product(2, true)", ErrorCode.WRONG_KIND)
                    .related("sum", "factorial")
                    .works("{numbers| × }")
                    .complexly(given -> Complexes.product(Complexes.all(given, "numbers")))
                    .answers(ArithmeticFunctions::product),
            function("abs", Category.ARITHMETIC)
                    .alsoRead("IMABS")
                    .says("The number without its sign.")
                    .argument("x", NUMBER, "any number")
                    .derivative("x", "sign(x)")
                    .example("abs(-7/3)", "7/3")
                    .example("abs(4)", "4")
                    .refuses("abs(\"7\")", ErrorCode.WRONG_KIND)
                    .related("sign")
                    .keepsUnit("x")
                    .complex(Complex::abs)
                    .works(ArithmeticFunctions::diagonal)
                    .computes(given -> given.number("x").abs()),
            function("sqrt", Category.ARITHMETIC)
                    .alsoRead("IMSQRT")
                    .says("The square root: the number, 0 or more, whose square is x.")
                    .argument("x", NUMBER, "0 or more")
                    .derivative("x", "1/(2*sqrt(x))")
                    .example("sqrt(196)", "14")
                    .example("sqrt(9/16)", "3/4")
                    .refuses("sqrt(-4)", ErrorCode.NO_REAL_RESULT)
                    .related("exp")
                    .units(Rational.of(1, 2), "x")
                    .works("the number y, 0 or more, with y^2 = {x}")
                    .complex(ComplexFunctions::sqrt)
                    .computes(given -> Powers.sqrt(given.number("x"))),
            function("exp", Category.ARITHMETIC)
                    .alsoRead("IMEXP")
                    .says("The number e = 2.718… to the power of x.")
                    .argument("x", NUMBER, "any number")
                    .derivative("x", "exp(x)")
                    .example("exp(0)", "1")
                    .example("exp(1)", "2.718281828459045")
                    .refuses("exp(10^7)", ErrorCode.TOO_LARGE)
                    .related("ln")
                    .from("DLMF 4.2")
                    .works("e^{x}")
                    .complex(ComplexFunctions::exp)
                    .computes(given -> Elementary.exp(given.number("x"))),
            function("ln", Category.ARITHMETIC)
                    .alsoRead("IMLN")
                    .says("The natural logarithm: the power to which e = 2.718… must be raised to give x.")
                    .argument("x", NUMBER, "more than 0")
                    .derivative("x", "1/x")
                    .example("ln(1)", "0")
                    .example("ln(2)", "0.6931471805599453")
                    .refuses("ln(0)", ErrorCode.NO_REAL_RESULT)
                    .related("log", "exp")
                    .from("DLMF 4.2")
                    .works("the exponent y with e^y = {x}")
                    .complex(ComplexFunctions::ln)
                    .computes(given -> Elementary.ln(given.number("x"))),
            function("log", Category.ARITHMETIC)
                    .says("The logarithm to a base, which is 10 unless you give another.")
                    .argument("x", NUMBER, "more than 0")
                    .optional("base", NUMBER, NumberValue.of(10), "more than 0, not 1")
                    .derivative("x", "1/(x*ln(base))")
                    .derivative("base", "-ln(x)/(base*ln(base)^2)")
                    .example("log(1000)", "3")
                    .example("log(8, base: 2)", "3")
                    .refuses("log(100, base: 1)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("ln", "exp")
                    .from("DLMF 4.2")
                    .works("the exponent y with {base}^y = {x}")
                    .complexes(
                            given -> ComplexFunctions.log(Complexes.plain(given, "x"), Complexes.plain(given, "base")))
                    .computes(given -> Elementary.log(given.number("x"), given.number("base"))),
            function("mod", Category.ARITHMETIC)
                    .says("The remainder of a division; it has the sign of the divisor.")
                    .argument("x", NUMBER, "what is divided")
                    .argument("divisor", NUMBER, "any number but 0")
                    .example("mod(17, 5)", "2")
                    .example("mod(-7, 3)", "2")
                    .refuses("mod(7, 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("round")
                    .units(Rational.ONE, "x", "divisor")
                    .works(Workings::remainder)
                    .computes(given -> given.number("x").modulo(given.number("divisor"))),
            function("sign", Category.ARITHMETIC)
                    .says("1 for a number above zero, -1 below, 0 for zero.")
                    .argument("x", NUMBER, "any number")
                    .example("sign(-7/3)", "-1")
                    .example("sign(0)", "0")
                    .refuses("sign(\"7\")", ErrorCode.WRONG_KIND)
                    .related("abs")
                    .units(Rational.ZERO, "x")
                    .complex(ArithmeticFunctions::direction)
                    .computes(given -> Rational.of(given.number("x").signum())),
            function("cbrt", Category.ARITHMETIC)
                    .says("The cube root: the number whose third power is x, below zero too.")
                    .argument("x", NUMBER, "any number")
                    .derivative("x", "1/(3*cbrt(x)^2)")
                    .example("cbrt(27)", "3")
                    .example("cbrt(-8)", "-2")
                    .refuses("cbrt(\"8\")", ErrorCode.WRONG_KIND)
                    .related("sqrt", "root")
                    .units(Rational.of(1, 3), "x")
                    .works("the number y with y^3 = {x}")
                    .computes(given -> root(given, given.number("x"), BigInteger.valueOf(3))),
            function("root", Category.ARITHMETIC)
                    .says("The n-th root of x; an odd root of a number below zero is below zero.")
                    .argument("x", NUMBER, "0 or more where n is even")
                    .argument("n", WHOLE, "which root, not 0")
                    .example("root(32, 5)", "2")
                    .example("root(-27, 3)", "-3")
                    .refuses("root(-16, 4)", ErrorCode.NO_REAL_RESULT)
                    .related("sqrt", "cbrt", "power")
                    .unitsBy(given -> Rational.of(BigInteger.ONE, nonZero(given.whole("n"))), "x")
                    .works("the number y with y^{n} = {x}")
                    .computes(given -> root(given, given.number("x"), given.whole("n"))),
            function("power", Category.ARITHMETIC)
                    .alsoRead("IMPOWER")
                    .says("The base raised to the exponent, as base^exponent.")
                    .argument("base", NUMBER, "what is multiplied with itself")
                    .argument("exponent", NUMBER, "how often")
                    .derivative("base", "exponent*power(base, exponent-1)")
                    .derivative("exponent", "ln(base)*power(base, exponent)")
                    .example("power(2, 10)", "1024")
                    .example("power(9/16, 1/2)", "3/4")
                    .refuses("power(0, -1)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("root", "exp")
                    .unitsBy(given -> fraction(given, "exponent"), "base")
                    .works(Workings::power)
                    .complexes(given -> Complexes.plain(given, "base").power(Complexes.plain(given, "exponent")))
                    .computes(given -> given.number("base").power(given.number("exponent"))),
            function("log10", Category.ARITHMETIC)
                    .alsoRead("IMLOG10")
                    .says("The logarithm to base 10.")
                    .argument("x", NUMBER, "more than 0")
                    .derivative("x", "1/(x*ln(10))")
                    .example("log10(1000)", "3")
                    .example("log10(1/100)", "-2")
                    .refuses("log10(-1)", ErrorCode.NO_REAL_RESULT)
                    .related("log", "ln", "log2")
                    .works("the exponent y with 10^y = {x}")
                    .complex(z -> ComplexFunctions.log(z, Complex.of(Rational.of(10))))
                    .computes(given -> Elementary.log(given.number("x"), Rational.of(10))),
            function("log2", Category.ARITHMETIC)
                    .alsoRead("IMLOG2")
                    .says("The logarithm to base 2.")
                    .argument("x", NUMBER, "more than 0")
                    .derivative("x", "1/(x*ln(2))")
                    .example("log2(1024)", "10")
                    .example("log2(1/8)", "-3")
                    .refuses("log2(0)", ErrorCode.NO_REAL_RESULT)
                    .related("log", "ln", "log10")
                    .works("the exponent y with 2^y = {x}")
                    .complex(z -> ComplexFunctions.log(z, Complex.of(Rational.of(2))))
                    .computes(given -> Elementary.log(given.number("x"), Rational.of(2))),
            function("hypot", Category.ARITHMETIC)
                    .says("The square root of the sum of squares: the length of a diagonal.")
                    .repeated("numbers", NUMBERS, "the sides")
                    .example("hypot(3, 4)", "5")
                    .example("hypot(1, 2, 2)", "3")
                    .refuses("hypot(3, \"4\")", ErrorCode.WRONG_KIND)
                    .related("sqrt", "norm")
                    .units(Rational.ONE, "numbers")
                    .works("√({numbers|^2 + }^2)")
                    .computes(given -> Powers.sqrt(sumOfSquares(given.numbers("numbers")))),
            function("quotient", Category.ARITHMETIC)
                    .says("The whole part of a division, cut off towards zero; div rounds down instead.")
                    .argument("x", NUMBER, "what is divided")
                    .argument("divisor", NUMBER, "any number but 0")
                    .example("quotient(17, 5)", "3")
                    .example("quotient(-7, 2)", "-3")
                    .refuses("quotient(1, 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("mod")
                    .units(Rational.ZERO, "x", "divisor")
                    .works("{x} / {divisor}, cut off behind the whole")
                    .computes(given -> given.number("x").dividedBy(given.number("divisor")) instanceof Real quotient
                            ? Rounding.places(quotient, 0, RoundingMode.DOWN)
                            : Undefined.DIVIDE_BY_ZERO),
            function("sumsq", Category.ARITHMETIC)
                    .says("The sum of the squares of numbers.")
                    .repeated("numbers", NUMBERS, "what to square and add")
                    .example("sumsq(3, 4)", "25")
                    .example("sumsq(1/2, 1/2)", "1/2")
                    .refuses("sumsq(true)", ErrorCode.WRONG_KIND)
                    .related("sum", "sumproduct")
                    .units(Rational.of(2), "numbers")
                    .works("{numbers|^2 + }^2")
                    .computes(given -> sumOfSquares(given.numbers("numbers"))),
            function("sumproduct", Category.ARITHMETIC)
                    .says("Multiplies tables of one shape element by element and adds the products.")
                    .repeated("tables", TABLE, "tables of one shape")
                    .example("sumproduct({1, 2, 3}, {4, 5, 6})", "32")
                    .example("sumproduct({2; 3})", "5")
                    .refuses("sumproduct({1, 2}, {3; 4})", ErrorCode.SHAPES_DIFFER)
                    .related("dot", "sum")
                    .works(given -> given.tables("tables").size() == 2
                            ? Workings.products(
                                    given.tables("tables").get(0),
                                    given.tables("tables").get(1))
                            : "")
                    .answers(ArithmeticFunctions::sumOfProducts),
            function("sqrtpi", Category.ARITHMETIC)
                    .says("The square root of x times π.")
                    .argument("x", NUMBER, "0 or more")
                    .example("sqrtpi(1)", "1.7724538509055159")
                    .example("sqrtpi(0)", "0")
                    .refuses("sqrtpi(-1)", ErrorCode.NO_REAL_RESULT)
                    .related("sqrt")
                    .works("√({x} × π)")
                    .computes(given -> Powers.sqrt(Algebra.times(given.number("x"), PiMultiple.of(Rational.ONE)))),
            function("powerseries", Category.ARITHMETIC)
                    .alsoRead("SERIESSUM")
                    .says("The sum of coefficients times rising powers of x.")
                    .argument("x", NUMBER, "the base of the powers")
                    .argument("first", NUMBER, "the first exponent")
                    .argument("step", NUMBER, "by how much the exponent rises")
                    .argument("coefficients", TABLE, "a number for each power")
                    .example("powerseries(2, 0, 1, {1, 2, 3})", "17")
                    .example("powerseries(1/2, 1, 2, {1, 1})", "5/8")
                    .refuses("powerseries(0, -1, 1, {1})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sumproduct", "power")
                    .from("OpenFormula 6.16.53")
                    .computes(ArithmeticFunctions::powerSeries),
            pairSum("sumofsquaredifferences", "SUMX2MY2", "Adds a² - b² over pairs of numbers.")
                    .example("sumofsquaredifferences({3, 4}, {1, 2})", "20")
                    .example("sumofsquaredifferences({1}, {1})", "0")
                    .related("sumofsquares", "squaresofdifferences")
                    .computes(given ->
                            pairSum(given, (a, b) -> Algebra.minus(Algebra.times(a, a), Algebra.times(b, b)))),
            pairSum("sumofsquares", "SUMX2PY2", "Adds a² + b² over pairs of numbers.")
                    .example("sumofsquares({3, 4}, {1, 2})", "30")
                    .example("sumofsquares({1}, {1})", "2")
                    .related("sumsq", "squaresofdifferences")
                    .computes(given ->
                            pairSum(given, (a, b) -> Algebra.plus(Algebra.times(a, a), Algebra.times(b, b)))),
            pairSum("squaresofdifferences", "SUMXMY2", "Adds (a - b)² over pairs of numbers.")
                    .example("squaresofdifferences({3, 4}, {1, 1})", "13")
                    .example("squaresofdifferences({1}, {1})", "0")
                    .related("sumofsquaredifferences")
                    .computes(given ->
                            pairSum(given, (a, b) -> Algebra.times(Algebra.minus(a, b), Algebra.minus(a, b)))));

    private ArithmeticFunctions() {}

    private static Result root(Arguments given, Real x, BigInteger n) {
        if (n.signum() == 0) {
            throw given.wrong("n", "a whole number that is not 0", "0");
        }
        Real exponent = Rational.of(BigInteger.ONE, n);
        return x.signum() < 0 && n.testBit(0)
                ? x.negate().power(exponent) instanceof Real root ? root.negate() : Undefined.NO_REAL_RESULT
                : x.power(exponent);
    }

    static Real sumOfSquares(List<Real> numbers) {
        Total sum = Total.NONE;
        for (Real number : numbers) {
            sum = sum.plusProduct(number, number);
        }
        return sum.sum();
    }

    private static Function pairSum(String name, String identifier, String says) {
        return function(name, Category.ARITHMETIC)
                .alsoRead(identifier)
                .says(says)
                .argument("a", TABLE, "numbers")
                .argument("b", TABLE, "as many numbers")
                .refuses(name + "({1, 2}, {1})", ErrorCode.SHAPES_DIFFER)
                .from("OpenFormula 6.16");
    }

    /** Over pairs of cells that both hold numbers. */
    private static Real pairSum(Arguments given, BinaryOperator<Real> term) {
        Table a = given.table("a");
        Table b = given.table("b");
        if (a.rows() != b.rows() || a.columns() != b.columns()) {
            throw new Arguments.Refused(Shape.differ("Both tables must have one shape.", Shape.of(a), Shape.of(b)));
        }
        Real sum = Rational.ZERO;
        for (int i = 0; i < a.rows() * a.columns(); i++) {
            Optional<Real> x = given.numberIn("a", a.at(i / a.columns(), i % a.columns()));
            Optional<Real> y = given.numberIn("b", b.at(i / a.columns(), i % a.columns()));
            if (x.isPresent() && y.isPresent()) {
                sum = Algebra.plus(sum, term.apply(x.get(), y.get()));
            }
        }
        return sum;
    }

    private static Real powerSeries(Arguments given) {
        Real exponent = given.number("first");
        Real sum = Rational.ZERO;
        for (Real coefficient : given.numbersIn("coefficients")) {
            sum = Algebra.plus(sum, Algebra.times(coefficient, Algebra.power(given.number("x"), exponent)));
            exponent = Algebra.plus(exponent, given.number("step"));
        }
        return sum;
    }

    /** An exponent that a unit can have. */
    private static Rational fraction(Arguments given, String parameter) {
        if (given.number(parameter) instanceof Rational exponent
                && exponent.abs().compareTo(Rational.of(99)) <= 0) {
            return exponent;
        }
        throw given.wrong(parameter, "a fraction up to 99 where there is a unit", "another number");
    }

    private static BigInteger nonZero(BigInteger n) {
        return n.signum() == 0 ? BigInteger.ONE : n;
    }

    /** Quantities multiply with their units. */
    /** How far a complex number is from 0; of a real one nothing is to be shown. */
    private static String diagonal(Arguments given) {
        return given.value("x") instanceof ComplexValue complex
                ? "√(" + raised(complex.number().re()) + " + "
                        + raised(complex.number().im()) + ")"
                : "";
    }

    private static String raised(Real part) {
        String text = Plain.text(part);
        return (text.matches("[0-9.]+") ? text : "(" + text + ")") + "^2";
    }

    /** The number of size 1 in the same direction; 0 for 0. */
    private static Result direction(Complex number) {
        return number.isZero()
                ? number
                : number.abs() instanceof Real size ? number.dividedBy(Complex.of(size)) : Undefined.TOO_LARGE;
    }

    private static Value product(Arguments given) {
        List<Real> numbers = new ArrayList<>();
        List<Unit> units = new ArrayList<>();
        given.measuredCells("numbers").forEach(value -> {
            numbers.add(value instanceof Quantity quantity ? quantity.number() : ((NumberValue) value).real());
            if (value instanceof Quantity quantity) {
                units.add(quantity.unit());
            }
        });
        return InUnits.product(Algebra.product(numbers), units);
    }

    /** Texts and empty cells count as 0, as in OpenFormula. */
    private static Value sumOfProducts(Arguments given) {
        List<InUnits.Plain> plain = given.tables("tables").stream()
                .map(table -> InUnits.plain("sumproduct", table))
                .toList();
        Value sum =
                sumOfProducts(given, plain.stream().map(InUnits.Plain::table).toList());
        return sum instanceof NumberValue number
                ? InUnits.product(
                        number.real(), plain.stream().map(InUnits.Plain::unit).toList())
                : sum;
    }

    private static Value sumOfProducts(Arguments given, List<Table> tables) {
        Table first = tables.get(0);
        for (Table other : tables) {
            if (other.rows() != first.rows() || other.columns() != first.columns()) {
                return Shape.differ(
                        "The tables of `sumproduct` must have one shape.", Shape.of(first), Shape.of(other));
            }
        }
        Total sum = Total.NONE;
        for (int row = 0; row < first.rows(); row++) {
            for (int column = 0; column < first.columns(); column++) {
                Real product = Rational.ONE;
                Real factor = Rational.ONE;
                for (Table table : tables) {
                    Value value = table.at(row, column);
                    if (value instanceof Failure failure) {
                        return failure;
                    }
                    product = Algebra.times(product, factor);
                    factor = given.numberIn("tables", value).orElse(Rational.ZERO);
                }
                sum = sum.plusProduct(product, factor);
            }
        }
        return new NumberValue(sum.sum());
    }

    /** Durations and quantities add up as numbers do; dates do not. */
    private static Value sum(Arguments given) {
        Value sum = PlainFolds.sum(given, "numbers").orElseGet(() -> measuredSum(given));
        if (sum instanceof Quantity quantity && quantity.unit().isScale()) {
            throw new Arguments.Refused(Failure.of(
                    ErrorCode.WRONG_KIND,
                    "`" + quantity.unit().symbol()
                            + "` counts on a scale, and places on a scale have no sum. `mean` is what they have."));
        }
        return sum == Blank.BLANK ? NumberValue.of(0) : sum;
    }

    private static Value measuredSum(Arguments given) {
        return given.measuredIfAny("numbers")
                .map(measured -> switch (measured.back().apply(Rational.ZERO).kind()) {
                    case DATE, DATETIME, TIME ->
                        throw given.wrongKind("numbers", measured.back().apply(Rational.ZERO));
                    default -> measured.made(Algebra::sum);
                })
                .orElse(NumberValue.of(0));
    }
}
