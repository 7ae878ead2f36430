package app.logismos.function.angle;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANGLE;
import static app.logismos.function.Parameter.Accepts.NUMBER;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.function.Surroundings;
import app.logismos.number.Complex;
import app.logismos.number.ComplexFunctions;
import app.logismos.number.Elementary;
import app.logismos.number.Hyperbolic;
import app.logismos.number.InverseAngles;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Value;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Functions of angles, their inverses, and the hyperbolic ones. */
public final class AngleFunctions {
    private static final String EXACT = "DLMF 4.14; exact values as DLMF 4.17";
    private static final Rational HALF_TURN = Rational.of(180);
    private static final Real DEGREE = PiMultiple.of(Rational.of(1, 180));
    private static final Real PI = PiMultiple.of(Rational.ONE);

    public static final List<Function> ALL = List.of(
            angle("sin", "The sine of an angle.", Elementary::sin)
                    .complexes(given -> ofAngle(given, ComplexFunctions::sin))
                    .alsoRead("IMSIN")
                    .derivative("x", "cos(x)")
                    .example("sin(30°)", "1/2")
                    .example("sin(π)", "0")
                    .refuses("sin(\"30\")", ErrorCode.WRONG_KIND)
                    .related("cos", "tan", "asin")
                    .from(EXACT),
            angle("cos", "The cosine of an angle.", Elementary::cos)
                    .complexes(given -> ofAngle(given, ComplexFunctions::cos))
                    .alsoRead("IMCOS")
                    .derivative("x", "-sin(x)")
                    .example("cos(60°)", "1/2")
                    .example("cos(0)", "1")
                    .refuses("cos(true)", ErrorCode.WRONG_KIND)
                    .related("sin", "tan", "acos")
                    .from(EXACT),
            angle("tan", "The tangent of an angle.", Elementary::tan)
                    .complexes(given -> ofAngle(given, ComplexFunctions::tan))
                    .alsoRead("IMTAN")
                    .derivative("x", "1/cos(x)^2")
                    .example("tan(45°)", "1")
                    .example("tan(0)", "0")
                    .refuses("tan(90°)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sin", "cos", "atan")
                    .from(EXACT),
            angle("sec", "The secant of an angle: 1/cos(x).", x -> inverse(Elementary.cos(x)))
                    .complexes(given -> ofAngle(given, z -> ComplexFunctions.inverse(ComplexFunctions.cos(z))))
                    .alsoRead("IMSEC")
                    .derivative("x", "sec(x)*tan(x)")
                    .example("sec(60°)", "2")
                    .example("sec(0)", "1")
                    .refuses("sec(90°)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("cos")
                    .works("1 / cos({x})"),
            angle("csc", "The cosecant of an angle: 1/sin(x).", x -> inverse(Elementary.sin(x)))
                    .complexes(given -> ofAngle(given, z -> ComplexFunctions.inverse(ComplexFunctions.sin(z))))
                    .alsoRead("IMCSC")
                    .derivative("x", "-csc(x)*cot(x)")
                    .example("csc(30°)", "2")
                    .example("csc(90°)", "1")
                    .refuses("csc(0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sin")
                    .works("1 / sin({x})"),
            angle("cot", "The cotangent of an angle: cos(x)/sin(x).", AngleFunctions::cot)
                    .complexes(given -> ofAngle(given, z -> ComplexFunctions.inverse(ComplexFunctions.tan(z))))
                    .alsoRead("IMCOT")
                    .derivative("x", "-csc(x)^2")
                    .example("cot(45°)", "1")
                    .example("cot(90°)", "0")
                    .refuses("cot(0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("tan", "acot")
                    .works("cos({x}) / sin({x})"),
            inverseAngle("asin", "The angle from -π/2 to π/2 with this sine.", "-1 to 1", InverseAngles::asin)
                    .complexly(given -> angle(given, ComplexFunctions.asin(Complexes.plain(given, "x"))))
                    .derivative("x", "1/sqrt(1-x^2)")
                    .example("asin(1/2)", "(π/6) rad")
                    .example("asin(0)", "0 rad")
                    .refuses("asin(2)", ErrorCode.NO_REAL_RESULT)
                    .related("sin", "acos")
                    .works("the angle whose sine is {x}"),
            inverseAngle("acos", "The angle from 0 to π with this cosine.", "-1 to 1", InverseAngles::acos)
                    .complexly(given -> angle(given, ComplexFunctions.acos(Complexes.plain(given, "x"))))
                    .derivative("x", "-1/sqrt(1-x^2)")
                    .example("acos(1/2)", "(π/3) rad")
                    .example("acos(-1)", "(π) rad")
                    .refuses("acos(2)", ErrorCode.NO_REAL_RESULT)
                    .related("cos", "asin")
                    .works("the angle whose cosine is {x}"),
            inverseAngle("atan", "The angle between -π/2 and π/2 with this tangent.", "any number", InverseAngles::atan)
                    .complexly(given -> angle(given, ComplexFunctions.atan(Complexes.plain(given, "x"))))
                    .derivative("x", "1/(1+x^2)")
                    .example("atan(1)", "(π/4) rad")
                    .example("atan(-1)", "(-π/4) rad")
                    .refuses("atan(\"1\")", ErrorCode.WRONG_KIND)
                    .related("tan", "atan2")
                    .works("the angle whose tangent is {x}"),
            inverseAngle("acot", "The angle between 0 and π with this cotangent.", "any number", InverseAngles::acot)
                    .complexly(given -> angle(given, ComplexFunctions.acot(Complexes.plain(given, "x"))))
                    .derivative("x", "-1/(1+x^2)")
                    .example("acot(1)", "(π/4) rad")
                    .example("acot(0)", "(π/2) rad")
                    .refuses("acot(\"1\")", ErrorCode.WRONG_KIND)
                    .related("cot", "atan")
                    .works("the angle whose cotangent is {x}"),
            function("atan2", Category.ANGLES)
                    .says("The angle of the point x across and y up, from -π to π.")
                    .argument("y", NUMBER, "how far up")
                    .argument("x", NUMBER, "how far across")
                    .example("atan2(1, 1)", "(π/4) rad")
                    .example("atan2(1, -1)", "(3π/4) rad")
                    .refuses("atan2(0, 0)", ErrorCode.NO_REAL_RESULT)
                    .related("atan")
                    .units(Rational.ZERO, "y", "x")
                    .works("the direction of the point {x} to the right and {y} up")
                    .answers(given -> angle(given, InverseAngles.atan2(given.number("y"), given.number("x")))),
            plain("sinh", "The hyperbolic sine: (e^x - e^-x)/2.", "any number", Hyperbolic::sinh)
                    .complex(ComplexFunctions::sinh)
                    .alsoRead("IMSINH")
                    .derivative("x", "cosh(x)")
                    .example("sinh(0)", "0")
                    .example("sinh(1)", "1.1752011936438014")
                    .refuses("sinh(\"1\")", ErrorCode.WRONG_KIND)
                    .related("cosh", "asinh")
                    .works("(e^{x} − e^(−{x})) / 2"),
            function("cosh", Category.ANGLES)
                    .says("The hyperbolic cosine: (e^x + e^-x)/2.")
                    .argument("x", NUMBER, "any number")
                    .complex(ComplexFunctions::cosh)
                    .alsoRead("IMCOSH")
                    .derivative("x", "sinh(x)")
                    .example("cosh(0)", "1")
                    .example("cosh(1)", "1.543080634815244")
                    .refuses("cosh(\"1\")", ErrorCode.WRONG_KIND)
                    .related("sinh", "acosh")
                    .works("(e^{x} + e^(−{x})) / 2")
                    .computes(given -> Hyperbolic.cosh(given.number("x"))),
            odd("tanh", "The hyperbolic tangent: sinh(x)/cosh(x).", Math::tanh, AngleFunctions::slopeOfTanh)
                    .complex(ComplexFunctions::tanh)
                    .derivative("x", "1-tanh(x)^2")
                    .example("tanh(0)", "0")
                    .example("tanh(1)", "0.7615941559557649")
                    .refuses("tanh(\"1\")", ErrorCode.WRONG_KIND)
                    .related("sinh", "atanh")
                    .works("sinh({x}) / cosh({x})"),
            plain("asinh", "The number whose hyperbolic sine is x.", "any number", Hyperbolic::asinh)
                    .complex(ComplexFunctions::asinh)
                    .derivative("x", "1/sqrt(x^2+1)")
                    .example("asinh(0)", "0")
                    .example("round(asinh(1), 12)", "44068679351/50000000000")
                    .refuses("asinh(\"1\")", ErrorCode.WRONG_KIND)
                    .related("sinh")
                    .works("ln({x} + √({x}^2 + 1))"),
            plain("acosh", "The number, 0 or more, whose hyperbolic cosine is x.", "1 or more", InverseAngles::acosh)
                    .complex(ComplexFunctions::acosh)
                    .derivative("x", "1/sqrt(x^2-1)")
                    .example("acosh(1)", "0")
                    .example("acosh(2)", "1.3169578969248166")
                    .refuses("acosh(1/2)", ErrorCode.NO_REAL_RESULT)
                    .related("cosh")
                    .works("ln({x} + √({x}^2 − 1))"),
            plain("atanh", "The number whose hyperbolic tangent is x.", "between -1 and 1", InverseAngles::atanh)
                    .complex(ComplexFunctions::atanh)
                    .derivative("x", "1/(1-x^2)")
                    .example("atanh(0)", "0")
                    .example("atanh(1/2)", "0.5493061443340548")
                    .refuses("atanh(1)", ErrorCode.NO_REAL_RESULT)
                    .related("tanh")
                    .works("ln((1 + {x}) / (1 − {x})) / 2"),
            plain(
                            "sech",
                            "The hyperbolic secant: 1/cosh(x).",
                            "any number",
                            x -> Hyperbolic.isFarOut(x) ? vanishing(x.abs()) : inverse(Hyperbolic.cosh(x)))
                    .complex(z -> ComplexFunctions.inverse(ComplexFunctions.cosh(z)))
                    .alsoRead("IMSECH")
                    .derivative("x", "-sech(x)*tanh(x)")
                    .example("sech(0)", "1")
                    .example("sech(1)", "0.6480542736638853")
                    .refuses("sech(\"a\")", ErrorCode.WRONG_KIND)
                    .related("cosh")
                    .works("1 / cosh({x})"),
            plain(
                            "csch",
                            "The hyperbolic cosecant: 1/sinh(x).",
                            "not 0",
                            x -> Hyperbolic.isFarOut(x) ? vanishing(x) : inverse(Hyperbolic.sinh(x)))
                    .complex(z -> ComplexFunctions.inverse(ComplexFunctions.sinh(z)))
                    .alsoRead("IMCSCH")
                    .derivative("x", "-csch(x)*coth(x)")
                    .example("csch(1)", "0.8509181282393216")
                    .example("csch(-1)", "-0.8509181282393216")
                    .refuses("csch(0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sinh")
                    .works("1 / sinh({x})"),
            plain(
                            "coth",
                            "The hyperbolic cotangent: cosh(x)/sinh(x).",
                            "not 0",
                            x -> inverse(odd(x, Math::tanh, AngleFunctions::slopeOfTanh)))
                    .complex(z -> ComplexFunctions.inverse(ComplexFunctions.tanh(z)))
                    .derivative("x", "1-coth(x)^2")
                    .example("coth(1)", "1.3130352854993315")
                    .example("coth(-1)", "-1.3130352854993315")
                    .refuses("coth(0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("tanh", "acoth")
                    .works("cosh({x}) / sinh({x})"),
            plain(
                            "acoth",
                            "The number whose hyperbolic cotangent is x.",
                            "below -1 or above 1",
                            x -> inverse(x) instanceof Real y ? InverseAngles.atanh(y) : Undefined.NO_REAL_RESULT)
                    .complex(ComplexFunctions::acoth)
                    .derivative("x", "1/(1-x^2)")
                    .example("acoth(2)", "0.5493061443340548")
                    .example("acoth(-2)", "-0.5493061443340548")
                    .refuses("acoth(1/2)", ErrorCode.NO_REAL_RESULT)
                    .related("coth", "atanh")
                    .works("ln(({x} + 1) / ({x} − 1)) / 2"),
            plain(
                            "fisher",
                            "Fisher's transformation of a correlation: the number whose hyperbolic tangent it is.",
                            "between -1 and 1",
                            InverseAngles::atanh)
                    .example("fisher(0)", "0")
                    .example("fisher(1/2)", "0.5493061443340548")
                    .refuses("fisher(1)", ErrorCode.NO_REAL_RESULT)
                    .related("fisherinv", "atanh", "correlation")
                    .works("ln((1 + {x}) / (1 − {x})) / 2"),
            odd(
                            "fisherinv",
                            "The correlation that Fisher's transformation comes from: the hyperbolic tangent.",
                            Math::tanh,
                            AngleFunctions::slopeOfTanh)
                    .example("fisherinv(0)", "0")
                    .example("fisherinv(1)", "0.7615941559557649")
                    .refuses("fisherinv(\"a\")", ErrorCode.WRONG_KIND)
                    .related("fisher", "tanh")
                    .works("tanh({x})"),
            plain(
                            "degrees",
                            "How many degrees an angle in radians has.",
                            "an angle in radians",
                            x -> x.times(HALF_TURN) instanceof Real turned ? turned.dividedBy(PI) : Undefined.TOO_LARGE)
                    .example("degrees(π/6)", "30")
                    .example("degrees(π)", "180")
                    .refuses("degrees(\"π\")", ErrorCode.WRONG_KIND)
                    .related("radians")
                    .works("{x} × 180 / π"),
            plain(
                            "radians",
                            "The angle in radians that has so many degrees.",
                            "degrees",
                            x -> x.times(PI) instanceof Real turned ? turned.dividedBy(HALF_TURN) : Undefined.TOO_LARGE)
                    .example("radians(30)", "π/6")
                    .example("radians(180)", "π")
                    .refuses("radians(\"180\")", ErrorCode.WRONG_KIND)
                    .related("degrees")
                    .works("{x} × π / 180"));

    private AngleFunctions() {}

    private static Function angle(String name, String says, java.util.function.Function<Real, Result> code) {
        return function(name, Category.ANGLES)
                .says(says)
                .argument("x", ANGLE, "in radians, or degrees with °: " + name + "(30°)")
                .computes(given -> code.apply(given.angle("x")));
    }

    /** A function that answers an angle, in radians unless the worksheet counts in degrees. */
    private static Function inverseAngle(
            String name, String says, String x, java.util.function.Function<Real, Result> code) {
        return function(name, Category.ANGLES)
                .says(says)
                .argument("x", NUMBER, x)
                .answers(given -> angle(given, code.apply(given.number("x"))));
    }

    private static Value angle(Arguments given, Result radians) {
        return given.inAngleUnit(radians);
    }

    /** A plain complex number counts in degrees where the worksheet does, as a real one. */
    private static Result ofAngle(Arguments given, java.util.function.Function<Complex, Result> code) {
        ComplexValue value = Complexes.measured(given, "x");
        boolean inDegrees = value.isPlain() && given.surroundings().angle() == Surroundings.Angle.DEGREES;
        Complex number = Complexes.plain(given, "x");
        return code.apply(inDegrees ? Complexes.complex(number.times(Complex.of(DEGREE))) : number);
    }

    private static Function plain(String name, String says, String x, java.util.function.Function<Real, Result> code) {
        return function(name, Category.ANGLES)
                .says(says)
                .argument("x", NUMBER, x)
                .computes(given -> code.apply(given.number("x")));
    }

    /** A function that is 0 for exactly 0. */
    private static Function odd(String name, String says, DoubleUnaryOperator code, DoubleUnaryOperator slope) {
        return plain(name, says, "any number", x -> odd(x, code, slope));
    }

    private static Result odd(Real x, DoubleUnaryOperator code, DoubleUnaryOperator slope) {
        return x.isExact() && x.signum() == 0 ? Rational.ZERO : Elementary.oddAndCorrected(x, code, slope);
    }

    private static double slopeOfTanh(double x) {
        double cosh = Math.cosh(x);
        return 1 / (cosh * cosh);
    }

    private static Result inverse(Result below) {
        return below instanceof Real real ? Rational.ONE.dividedBy(real) : below;
    }

    /** What 1/sinh is far out: twice e to the power of −x, with the sign of x. */
    private static Result vanishing(Real x) {
        return Elementary.exp(x.abs().negate()) instanceof Real power
                ? power.times(Rational.of(2L * x.signum()))
                : Undefined.TOO_LARGE;
    }

    private static Result cot(Real x) {
        return Elementary.cos(x) instanceof Real above && Elementary.sin(x) instanceof Real below
                ? above.dividedBy(below)
                : Undefined.NO_REAL_RESULT;
    }
}
