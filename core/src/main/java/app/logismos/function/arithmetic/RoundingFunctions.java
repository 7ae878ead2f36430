package app.logismos.function.arithmetic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Rounding;
import app.logismos.number.Undefined;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.List;

/** Rounding, always on the exact value. */
public final class RoundingFunctions {
    /** A double has no digit beyond these; an exact number with more would not fit a screen. */
    private static final int MOST_PLACES = 10_000;

    private static final NumberValue ONE = NumberValue.of(1);
    private static final NumberValue ZERO = NumberValue.of(0);
    private static final Rational TWO = Rational.of(2);

    public static final List<Function> ALL = List.of(
            function("round", Category.ROUNDING)
                    .says("The nearest number with so many decimal places; halves go away from zero.")
                    .argument("x", NUMBER, "what to round")
                    .optional("places", WHOLE, ZERO, "how many; negative ones round to tens, hundreds and so on")
                    .example("round(2.5)", "3")
                    .example("round(1234.567, places: -2)", "1200")
                    .refuses("round(2.5, 0.5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("roundup", "rounddown", "significant", "roundto")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.places(given, RoundingMode.HALF_UP))
                    .complexly(RoundingFunctions::roundedParts)
                    .computes(given -> rounded(given, RoundingMode.HALF_UP)),
            function("roundup", Category.ROUNDING)
                    .says("Rounds away from zero to so many decimal places.")
                    .argument("x", NUMBER, "what to round")
                    .optional("places", WHOLE, ZERO, "how many decimal places")
                    .example("roundup(2.01)", "3")
                    .example("roundup(-2.345, 2)", "-47/20")
                    .refuses("roundup(\"2\")", ErrorCode.WRONG_KIND)
                    .related("round", "rounddown", "ceiling")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.places(given, RoundingMode.UP))
                    .computes(given -> rounded(given, RoundingMode.UP)),
            function("rounddown", Category.ROUNDING)
                    .says("Rounds towards zero to so many decimal places.")
                    .argument("x", NUMBER, "what to round")
                    .optional("places", WHOLE, ZERO, "how many decimal places")
                    .example("rounddown(2.99)", "2")
                    .example("rounddown(-2.345, 2)", "-117/50")
                    .refuses("rounddown(2, 1/2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("round", "roundup", "truncate")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.places(given, RoundingMode.DOWN))
                    .computes(given -> rounded(given, RoundingMode.DOWN)),
            function("floor", Category.ROUNDING)
                    .alsoRead("INT")
                    .says(
                            "The largest multiple of the step that is not above x; without a step the largest whole number.")
                    .argument("x", NUMBER, "what to round down")
                    .optional("step", NUMBER, ONE, "more than 0")
                    .example("floor(-2.5)", "-3")
                    .example("floor(7.3, 0.5)", "7")
                    .refuses("floor(7, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("ceiling", "truncate", "roundto")
                    .units(Rational.ONE, "x", "step")
                    .works(given -> RoundingWorkings.steps(given, RoundingMode.FLOOR))
                    .computes(given -> multiple(given, RoundingMode.FLOOR)),
            function("ceiling", Category.ROUNDING)
                    .says(
                            "The smallest multiple of the step that is not below x; without a step the smallest whole number.")
                    .argument("x", NUMBER, "what to round up")
                    .optional("step", NUMBER, ONE, "more than 0")
                    .example("ceiling(2.1)", "3")
                    .example("ceiling(7.3, 0.5)", "15/2")
                    .refuses("ceiling(7, -2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("floor", "roundup", "roundto")
                    .units(Rational.ONE, "x", "step")
                    .works(given -> RoundingWorkings.steps(given, RoundingMode.CEILING))
                    .computes(given -> multiple(given, RoundingMode.CEILING)),
            function("truncate", Category.ROUNDING)
                    .alsoRead("TRUNC")
                    .says("Cuts digits off behind so many decimal places.")
                    .argument("x", NUMBER, "what to cut")
                    .optional("places", WHOLE, ZERO, "how many decimal places")
                    .example("truncate(-2.7)", "-2")
                    .example("truncate(3.14159, 2)", "157/50")
                    .refuses("truncate(\"2\")", ErrorCode.WRONG_KIND)
                    .related("rounddown", "frac", "floor")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.places(given, RoundingMode.DOWN))
                    .computes(given -> rounded(given, RoundingMode.DOWN)),
            function("frac", Category.ROUNDING)
                    .says("What truncate cuts off: x - truncate(x).")
                    .argument("x", NUMBER, "any number")
                    .example("frac(7/3)", "1/3")
                    .example("frac(-2.75)", "-3/4")
                    .refuses("frac(true)", ErrorCode.WRONG_KIND)
                    .related("truncate")
                    .keepsUnit("x")
                    .works("{x} without its whole part")
                    .computes(given -> Rounding.places(given.number("x"), 0, RoundingMode.DOWN) instanceof Real whole
                            ? given.number("x").minus(whole)
                            : Undefined.NO_REAL_RESULT),
            function("roundto", Category.ROUNDING)
                    .alsoRead("MROUND")
                    .says("The nearest multiple of a step; halves go away from zero.")
                    .argument("x", NUMBER, "what to round")
                    .argument("step", NUMBER, "more than 0")
                    .example("roundto(17, 5)", "15")
                    .example("roundto(2.13, 0.05)", "43/20")
                    .refuses("roundto(7, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("round", "floor", "ceiling")
                    .units(Rational.ONE, "x", "step")
                    .works(given -> RoundingWorkings.steps(given, RoundingMode.HALF_UP))
                    .computes(given -> multiple(given, RoundingMode.HALF_UP)),
            function("significant", Category.ROUNDING)
                    .says("Rounds to so many significant digits; halves go away from zero.")
                    .argument("x", NUMBER, "what to round")
                    .argument("digits", WHOLE, "how many, 1 or more")
                    .example("significant(12345, 2)", "12000")
                    .example("significant(0.012345, 3)", "123/10000")
                    .refuses("significant(7, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("round")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.places(given.number("x"), places(given), RoundingMode.HALF_UP))
                    .computes(RoundingFunctions::significant),
            function("even", Category.ROUNDING)
                    .says("The next even whole number away from zero.")
                    .argument("x", NUMBER, "any number")
                    .example("even(3)", "4")
                    .example("even(-1.2)", "-2")
                    .refuses("even(\"3\")", ErrorCode.WRONG_KIND)
                    .related("odd", "iseven")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.everySecond(given, Rational.ZERO))
                    .computes(given -> nextOf(given.number("x"), Rational.ZERO)),
            function("odd", Category.ROUNDING)
                    .says("The next odd whole number away from zero.")
                    .argument("x", NUMBER, "any number")
                    .example("odd(2)", "3")
                    .example("odd(0)", "1")
                    .refuses("odd(\"3\")", ErrorCode.WRONG_KIND)
                    .related("even", "isodd")
                    .keepsUnit("x")
                    .works(given -> RoundingWorkings.everySecond(given, Rational.ONE))
                    .computes(given -> nextOf(given.number("x"), Rational.ONE)));

    private RoundingFunctions() {}

    private static Value roundedParts(Arguments given) {
        ComplexValue value = Complexes.measured(given, "x");
        return new ComplexValue(
                new Complex(
                        Algebra.answer(rounded(given, value.number().re(), RoundingMode.HALF_UP)),
                        Algebra.answer(rounded(given, value.number().im(), RoundingMode.HALF_UP))),
                value.unit());
    }

    private static Result rounded(Arguments given, RoundingMode mode) {
        return rounded(given, given.number("x"), mode);
    }

    private static Result rounded(Arguments given, Real number, RoundingMode mode) {
        BigInteger places = given.whole("places");
        if (places.abs().compareTo(BigInteger.valueOf(MOST_PLACES)) > 0) {
            return places.signum() > 0 ? number : Rational.ZERO;
        }
        return Rounding.places(number, places.intValue(), mode);
    }

    private static Result multiple(Arguments given, RoundingMode mode) {
        Real step = given.number("step");
        if (step.signum() <= 0) {
            throw given.wrong("step", "more than 0", "0 or less");
        }
        return given.number("x").dividedBy(step) instanceof Real steps
                        && Rounding.places(steps, 0, mode) instanceof Real whole
                ? whole.times(step)
                : Undefined.NO_REAL_RESULT;
    }

    private static Result significant(Arguments given) {
        Real number = given.number("x");
        return number.signum() == 0 || !number.isFinite()
                ? number
                : Rounding.places(number, places(given), RoundingMode.HALF_UP);
    }

    /** How many decimal places so many significant digits of a number take. */
    private static int places(Arguments given) {
        int digits = given.whole("digits", 1, MOST_PLACES);
        Real number = given.number("x");
        if (number.signum() == 0 || !number.isFinite()) {
            return 0;
        }
        // The exponent of the first digit, found by comparing exactly: a logarithm may be off by one.
        Rational size = Rounding.exact(number.abs());
        int bits = size.numerator().bitLength() - size.denominator().bitLength();
        int exponent = (int) Math.floor((bits - 1) * Math.log10(2)) - 1;
        while (size.compareTo((Real) Rational.of(10).power(Rational.of(exponent + 1L))) >= 0) {
            exponent++;
        }
        return digits - 1 - exponent;
    }

    /** Away from zero to the next whole number that leaves {@code rest} on division by 2. */
    private static Result nextOf(Real number, Rational rest) {
        Real size = number.abs();
        Real sign = number.signum() < 0 ? Rational.of(-1) : Rational.ONE;
        return size.minus(rest) instanceof Real moved
                        && moved.dividedBy(TWO) instanceof Real halves
                        && Rounding.places(halves, 0, RoundingMode.CEILING) instanceof Real whole
                        && whole.times(TWO) instanceof Real even
                        && even.plus(rest) instanceof Real next
                ? next.times(sign)
                : Undefined.NO_REAL_RESULT;
    }
}
