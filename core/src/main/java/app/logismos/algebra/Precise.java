package app.logismos.algebra;

import app.logismos.number.Ball;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The value of an expression without letters, to as many digits as are asked for. */
public final class Precise {
    /** Where more bits than this, or four times those that are asked for, cancel, the value may be 0. */
    private static final int MOST_CANCELLED = 4_096;

    private static final double BITS_PER_DIGIT = Math.log(10) / Math.log(2);
    private static final int SPARE_BITS = 64;
    private static final BigInteger MOST_POWER = BigInteger.valueOf(10_000);

    private static final Map<String, UnaryOperator<Ball>> FUNCTIONS = Map.ofEntries(
            Map.entry("ln", Ball::ln),
            Map.entry("abs", Ball::abs),
            Map.entry("sinh", x -> half(x.exp().minus(x.negate().exp()))),
            Map.entry("cosh", Precise::cosh),
            Map.entry("tanh", x -> half(x.exp().minus(x.negate().exp())).over(cosh(x))),
            Map.entry("sech", x -> one(x).over(cosh(x))),
            Map.entry("csch", x -> one(x).over(half(x.exp().minus(x.negate().exp())))),
            Map.entry("coth", x -> cosh(x).over(half(x.exp().minus(x.negate().exp())))),
            Map.entry("asinh", x -> x.plus(x.times(x).plus(one(x)).sqrt()).ln()),
            Map.entry("acosh", x -> x.plus(x.times(x).minus(one(x)).sqrt()).ln()),
            Map.entry("atanh", Precise::atanh),
            Map.entry("acoth", x -> atanh(one(x).over(x))),
            Map.entry("cbrt", Precise::cbrt),
            Map.entry("log10", x -> x.ln().over(x.of(10).ln())),
            Map.entry("log2", x -> x.ln().over(x.of(2).ln())));

    private static final Map<String, UnaryOperator<Ball>> OF_ANGLES = Map.of(
            "sin", Ball::sin,
            "cos", Ball::cos,
            "tan", x -> x.sin().over(x.cos()),
            "sec", x -> one(x).over(x.cos()),
            "csc", x -> one(x).over(x.sin()),
            "cot", x -> x.cos().over(x.sin()));

    private static final Map<String, UnaryOperator<Ball>> ANGLES = Map.of(
            "asin",
            Precise::asin,
            "acos",
            x -> quarterTurn(x).minus(asin(x)),
            "atan",
            Ball::atan,
            "acot",
            x -> quarterTurn(x).minus(x.atan()));

    private final boolean inDegrees;
    private final int bits;

    private Precise(boolean inDegrees, int bits) {
        this.inDegrees = inDegrees;
        this.bits = bits;
    }

    /** Something in the expression has no digits beyond those of a double, or is no part of this. */
    public static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1;

        Refused(String message) {
            super(message, null, false, false);
        }
    }

    /**
     * The value to so many significant digits, rounded half away from zero.
     *
     * @param form without letters
     * @param inDegrees whether plain numbers are angles in degrees
     * @throws Refused where an approximate number or another function stands in it
     */
    public static BigDecimal digits(Form form, boolean inDegrees, int digits) {
        if (form instanceof Form.Number number && number.value() instanceof Rational fraction) {
            return new BigDecimal(fraction.numerator())
                    .divide(new BigDecimal(fraction.denominator()), new MathContext(digits, RoundingMode.HALF_UP));
        }
        int first = (int) (digits * BITS_PER_DIGIT) + SPARE_BITS;
        for (int bits = first; bits <= Math.max(MOST_CANCELLED, 4 * first); bits *= 2) {
            try {
                Optional<BigDecimal> found =
                        new Precise(inDegrees, bits).of(form).digits(digits);
                if (found.isPresent()) {
                    return found.get();
                }
            } catch (Ball.NotKnown tooFewBits) {
                // With more of them it may be known.
            }
        }
        throw new Refused("This is 0, or so near to it that its digits are not found.");
    }

    private Ball of(Form form) {
        if (form instanceof Form.Number number) {
            return number(number.value());
        }
        if (form instanceof Form.Constant constant) {
            if (constant.equals(Form.I)) {
                throw new Refused("A complex number has digits in each part: take `re` or `im` of it.");
            }
            return constant.equals(Form.PI)
                    ? Ball.pi(bits)
                    : number(Rational.ONE).exp();
        }
        if (form instanceof Form.Sum sum) {
            return sum.terms().stream().map(this::of).reduce(Ball::plus).orElseThrow();
        }
        if (form instanceof Form.Product product) {
            return product.factors().stream().map(this::of).reduce(number(product.number()), Ball::times);
        }
        if (form instanceof Form.Power power) {
            return power(power);
        }
        if (form instanceof Form.Applied applied) {
            return applied(applied);
        }
        throw new Refused("`" + form.text() + "` is no number.");
    }

    private Ball number(Real value) {
        if (!value.isExact() || !value.isFinite()) {
            throw new Refused("An approximate number has no more digits than it shows. Write how it is worked out.");
        }
        return Ball.of(value, bits);
    }

    private Ball power(Form.Power power) {
        if (power.base().equals(Form.E)) {
            return of(power.exponent()).exp();
        }
        Ball base = of(power.base());
        if (power.exponent() instanceof Form.Number number && number.value() instanceof Rational exponent) {
            if (exponent.isInteger() && exponent.numerator().abs().compareTo(MOST_POWER) <= 0) {
                return base.power(exponent.numerator().intValue());
            }
            if (exponent.equals(Rational.of(1, 2))) {
                return base.sqrt();
            }
        }
        return of(power.exponent()).times(base.ln()).exp();
    }

    private Ball applied(Form.Applied applied) {
        List<Ball> arguments = applied.arguments().stream().map(this::of).toList();
        Ball x = arguments.get(0);
        String name = applied.function();
        if (name.equals("log")) {
            return x.ln().over((arguments.size() > 1 ? arguments.get(1) : x.of(10)).ln());
        }
        if (name.equals("atan2") || arguments.size() > 1) {
            throw unknown(name);
        }
        if (OF_ANGLES.containsKey(name)) {
            return OF_ANGLES.get(name).apply(inDegrees ? x.times(Ball.pi(bits)).over(x.of(180)) : x);
        }
        if (ANGLES.containsKey(name)) {
            Ball angle = ANGLES.get(name).apply(x);
            return inDegrees ? angle.times(x.of(180)).over(Ball.pi(bits)) : angle;
        }
        if (!FUNCTIONS.containsKey(name)) {
            throw unknown(name);
        }
        return FUNCTIONS.get(name).apply(x);
    }

    private static Refused unknown(String name) {
        return new Refused("`" + name + "` is worked out to the digits of a double only.");
    }

    private static Ball one(Ball like) {
        return like.of(1);
    }

    private static Ball half(Ball x) {
        return x.over(x.of(2));
    }

    private static Ball quarterTurn(Ball like) {
        return half(like.pi());
    }

    private static Ball cosh(Ball x) {
        return half(x.exp().plus(x.negate().exp()));
    }

    private static Ball atanh(Ball x) {
        return half(one(x).plus(x).over(one(x).minus(x)).ln());
    }

    private static Ball asin(Ball x) {
        return x.over(one(x).minus(x.times(x)).sqrt()).atan();
    }

    private static Ball cbrt(Ball x) {
        Ball size = x.abs().ln().over(x.of(3)).exp();
        return x.signum() < 0 ? size.negate() : size;
    }
}
