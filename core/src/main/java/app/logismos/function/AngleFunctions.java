package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANGLE;
import static app.logismos.function.Parameter.Accepts.NUMBER;

import app.logismos.number.Elementary;
import app.logismos.number.InverseAngles;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.util.FastMath;

/** Functions of angles, their inverses, and the hyperbolic ones. */
final class AngleFunctions {
    private static final String EXACT = "DLMF 4.14; exact values by Niven's theorem";
    private static final Rational HALF_TURN = Rational.of(180);
    private static final Real PI = PiMultiple.of(Rational.ONE);

    static final List<Function> ALL = List.of(
            angle("sin", "The sine of an angle.", Elementary::sin)
                    .example("sin(30°)", "1/2")
                    .example("sin(π)", "0")
                    .related("cos", "tan", "asin")
                    .from(EXACT),
            angle("cos", "The cosine of an angle.", Elementary::cos)
                    .example("cos(60°)", "1/2")
                    .example("cos(0)", "1")
                    .related("sin", "tan", "acos")
                    .from(EXACT),
            angle("tan", "The tangent of an angle.", Elementary::tan)
                    .example("tan(45°)", "1")
                    .example("tan(0)", "0")
                    .related("sin", "cos", "atan")
                    .from(EXACT),
            angle("sec", "The secant of an angle: 1/cos(x).", x -> inverse(Elementary.cos(x)))
                    .example("sec(60°)", "2")
                    .example("sec(0)", "1")
                    .related("cos"),
            angle("csc", "The cosecant of an angle: 1/sin(x).", x -> inverse(Elementary.sin(x)))
                    .example("csc(30°)", "2")
                    .example("csc(90°)", "1")
                    .related("sin"),
            angle("cot", "The cotangent of an angle: cos(x)/sin(x).", AngleFunctions::cot)
                    .example("cot(45°)", "1")
                    .example("cot(90°)", "0")
                    .related("tan", "acot"),
            plain("asin", "The angle from -π/2 to π/2 with this sine.", "-1 to 1", InverseAngles::asin)
                    .example("asin(1/2)", "π/6")
                    .example("asin(0)", "0")
                    .related("sin", "acos"),
            plain("acos", "The angle from 0 to π with this cosine.", "-1 to 1", InverseAngles::acos)
                    .example("acos(1/2)", "π/3")
                    .example("acos(-1)", "π")
                    .related("cos", "asin"),
            plain("atan", "The angle between -π/2 and π/2 with this tangent.", "any number", InverseAngles::atan)
                    .example("atan(1)", "π/4")
                    .example("atan(-1)", "-π/4")
                    .related("tan", "atan2"),
            plain("acot", "The angle between 0 and π with this cotangent.", "any number", AngleFunctions::acot)
                    .example("acot(1)", "π/4")
                    .example("acot(0)", "π/2")
                    .related("cot", "atan"),
            function("atan2", Category.ANGLES)
                    .says("The angle of the point x across and y up, from -π to π.")
                    .argument("y", NUMBER, "how far up")
                    .argument("x", NUMBER, "how far across")
                    .example("atan2(1, 1)", "π/4")
                    .example("atan2(1, -1)", "3π/4")
                    .related("atan")
                    .computes(given -> InverseAngles.atan2(given.number("y"), given.number("x"))),
            odd("sinh", "The hyperbolic sine: (e^x - e^-x)/2.", Math::sinh)
                    .example("sinh(0)", "0")
                    .example("sinh(1)", "1.1752011936438014")
                    .related("cosh", "asinh"),
            function("cosh", Category.ANGLES)
                    .says("The hyperbolic cosine: (e^x + e^-x)/2.")
                    .argument("x", NUMBER, "any number")
                    .example("cosh(0)", "1")
                    .example("cosh(1)", "1.543080634815244")
                    .related("sinh", "acosh")
                    .computes(given ->
                            given.number("x").isExact() && given.number("x").signum() == 0
                                    ? Rational.ONE
                                    : InverseAngles.finite(given.number("x"), Math::cosh)),
            odd("tanh", "The hyperbolic tangent: sinh(x)/cosh(x).", Math::tanh)
                    .example("tanh(0)", "0")
                    .example("tanh(1)", "0.7615941559557649")
                    .related("sinh", "atanh"),
            odd("asinh", "The number whose hyperbolic sine is x.", FastMath::asinh)
                    .example("asinh(0)", "0")
                    .example("round(asinh(1), 12)", "44068679351/50000000000")
                    .related("sinh"),
            plain("acosh", "The number, 0 or more, whose hyperbolic cosine is x.", "1 or more", AngleFunctions::acosh)
                    .example("acosh(1)", "0")
                    .example("acosh(2)", "1.3169578969248166")
                    .related("cosh"),
            plain("atanh", "The number whose hyperbolic tangent is x.", "between -1 and 1", AngleFunctions::atanh)
                    .example("atanh(0)", "0")
                    .example("atanh(1/2)", "0.5493061443340549")
                    .related("tanh"),
            plain(
                            "degrees",
                            "How many degrees an angle in radians has.",
                            "an angle in radians",
                            x -> x.times(HALF_TURN) instanceof Real turned ? turned.dividedBy(PI) : Undefined.TOO_LARGE)
                    .example("degrees(π/6)", "30")
                    .example("degrees(π)", "180")
                    .related("radians"),
            plain(
                            "radians",
                            "The angle in radians that has so many degrees.",
                            "degrees",
                            x -> x.times(PI) instanceof Real turned ? turned.dividedBy(HALF_TURN) : Undefined.TOO_LARGE)
                    .example("radians(30)", "π/6")
                    .example("radians(180)", "π")
                    .related("degrees"));

    private AngleFunctions() {}

    private static Function angle(String name, String says, java.util.function.Function<Real, Result> code) {
        return function(name, Category.ANGLES)
                .says(says)
                .argument("x", ANGLE, "in radians, or degrees with °: " + name + "(30°)")
                .computes(given -> code.apply(given.angle("x")));
    }

    private static Function plain(String name, String says, String x, java.util.function.Function<Real, Result> code) {
        return function(name, Category.ANGLES)
                .says(says)
                .argument("x", NUMBER, x)
                .computes(given -> code.apply(given.number("x")));
    }

    private static Function odd(String name, String says, DoubleUnaryOperator code) {
        return plain(name, says, "any number", x -> InverseAngles.odd(x, code));
    }

    private static Result inverse(Result below) {
        return below instanceof Real real ? Rational.ONE.dividedBy(real) : below;
    }

    private static Result cot(Real x) {
        return Elementary.cos(x) instanceof Real above && Elementary.sin(x) instanceof Real below
                ? above.dividedBy(below)
                : Undefined.NO_REAL_RESULT;
    }

    private static Result acot(Real x) {
        return InverseAngles.atan(x) instanceof Real angle
                ? PiMultiple.of(Rational.of(1, 2)).minus(angle)
                : Undefined.NO_REAL_RESULT;
    }

    private static Result acosh(Real x) {
        if (x.equals(Rational.ONE)) {
            return Rational.ZERO;
        }
        return x.compareTo(Rational.ONE) < 0 ? Undefined.NO_REAL_RESULT : InverseAngles.finite(x, FastMath::acosh);
    }

    private static Result atanh(Real x) {
        int order = x.abs().compareTo(Rational.ONE);
        return order >= 0 ? Undefined.NO_REAL_RESULT : InverseAngles.odd(x, FastMath::atanh);
    }
}
