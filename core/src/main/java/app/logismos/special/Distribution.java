package app.logismos.special;

import app.logismos.number.Extended;
import java.util.function.UnaryOperator;
import org.apache.commons.numbers.core.DD;

/**
 * A continuous distribution. Parameters are finite, and positive where they are a size; whoever makes one sees to it.
 *
 * @param lowest no value is smaller; may be infinite
 * @param below the chance of a value up to x, for x above the lowest
 * @param beyond the chance of a value above x, with all its digits where that is small
 * @param density the height at x
 */
public record Distribution(
        double lowest, UnaryOperator<DD> below, UnaryOperator<DD> beyond, UnaryOperator<DD> density) {
    private static final DD HALF = DD.of(0.5);
    private static final DD ROOT_OF_TWO = DD.of(2).sqrt();
    private static final DD ROOT_OF_TWO_PI = Extended.PI.scalb(1).sqrt();

    /** Squares of larger numbers, and what follows from them, are no doubles. */
    private static final double HUGE = 1e100;

    /** As many steps as halve all doubles down to one. */
    private static final int MOST_STEPS = 200;

    /** Mean 0 and standard deviation 1 (DLMF 7.19.1). */
    public static final Distribution NORMAL = new Distribution(
            Double.NEGATIVE_INFINITY,
            z -> z.hi() < 0 ? tail(z) : DD.ONE.subtract(tail(z)),
            z -> z.hi() < 0 ? DD.ONE.subtract(tail(z)) : tail(z),
            z -> Math.abs(z.hi()) > HUGE
                    ? DD.ZERO
                    : Extended.exp(z.square().scalb(-1).negate()).divide(ROOT_OF_TWO_PI));

    private static DD tail(DD z) {
        return ErrorFunction.erfc(z.abs().divide(ROOT_OF_TWO)).scalb(-1);
    }

    /** The gamma distribution (DLMF 8.2.4). */
    public static Distribution gamma(DD shape, DD scale) {
        return new Distribution(
                0,
                x -> GammaFunction.lower(shape, x.divide(scale)),
                x -> GammaFunction.upper(shape, x.divide(scale)),
                x -> heightOfGamma(shape, x.divide(scale)).divide(scale));
    }

    private static DD heightOfGamma(DD shape, DD x) {
        if (x.isZero()) {
            return heightAtEnd(shape, DD.ONE);
        }
        return Extended.exp(
                shape.subtract(1).multiply(Extended.ln(x)).subtract(x).subtract(GammaFunction.ln(shape)));
    }

    /** The height where x^(shape − 1) has its zero: none where that grows without bound. */
    private static DD heightAtEnd(DD shape, DD ofShapeOne) {
        return shape.isOne() ? ofShapeOne : shape.hi() > 1 ? DD.ZERO : DD.of(Double.NaN);
    }

    /** The chi-squared distribution. */
    public static Distribution chiSquared(DD freedom) {
        return gamma(freedom.scalb(-1), DD.of(2));
    }

    /** The exponential distribution with so many events in a unit of time. */
    public static Distribution exponential(DD rate) {
        return gamma(DD.ONE, rate.reciprocal());
    }

    /** The beta distribution between 0 and 1 (DLMF 8.17.2). */
    public static Distribution beta(DD a, DD b) {
        return new Distribution(
                0,
                x -> BetaFunction.lower(x, DD.ONE.subtract(x), a, b),
                x -> BetaFunction.lower(DD.ONE.subtract(x), x, b, a),
                x -> heightOfBeta(x, DD.ONE.subtract(x), a, b));
    }

    /**
     * The regularised incomplete beta function I(x; a, b) (DLMF 8.17.2).
     *
     * @param rest 1 − x, which its caller knows to all digits
     */
    public static DD betaShare(DD x, DD rest, DD a, DD b) {
        return BetaFunction.lower(x, rest, a, b);
    }

    private static DD heightOfBeta(DD x, DD rest, DD a, DD b) {
        if (x.isZero() || rest.isZero()) {
            return x.isZero() ? heightAtEnd(a, b) : heightAtEnd(b, a);
        }
        return BetaFunction.weight(x, rest, a, b).divide(x).divide(rest);
    }

    /** Student's distribution (DLMF 8.17.2 with x = f / (f + t²)). */
    public static Distribution student(DD freedom) {
        DD half = freedom.scalb(-1);
        DD scale = BetaFunction.beta(half, HALF);
        UnaryOperator<DD> tail = t -> {
            if (Math.abs(t.hi()) > HUGE) {
                // Of the integral from 0 to x = f / t² the first term is all that counts: x^(f/2) / (f B(f/2, 1/2)).
                DD log = Extended.ln(freedom).subtract(Extended.ln(t.abs()).scalb(1));
                return Extended.exp(log.multiply(half)).divide(scale.multiply(freedom));
            }
            DD sum = freedom.add(t.square());
            return BetaFunction.lower(freedom.divide(sum), t.square().divide(sum), half, HALF)
                    .scalb(-1);
        };
        DD exponent = freedom.add(1).scalb(-1);
        return new Distribution(
                Double.NEGATIVE_INFINITY,
                t -> t.hi() < 0 ? tail.apply(t) : DD.ONE.subtract(tail.apply(t)),
                t -> t.hi() < 0 ? DD.ONE.subtract(tail.apply(t)) : tail.apply(t),
                t -> Extended.power(t.square().divide(freedom).add(1), exponent.negate())
                        .divide(scale.multiply(freedom.sqrt())));
    }

    /** The F distribution, of a ratio of variances. */
    public static Distribution ratio(DD above, DD under) {
        DD a = above.scalb(-1);
        DD b = under.scalb(-1);
        // Of the odds and their inverse the one up to 1, so that neither grows past all doubles.
        UnaryOperator<DD> odds = x -> above.divide(under).multiply(x);
        UnaryOperator<DD> against = x -> under.divide(above).divide(x);
        UnaryOperator<DD> share = x -> x.hi() < 1
                ? odds.apply(x).divide(odds.apply(x).add(1))
                : against.apply(x).add(1).reciprocal();
        UnaryOperator<DD> rest = x -> x.hi() < 1
                ? odds.apply(x).add(1).reciprocal()
                : against.apply(x).divide(against.apply(x).add(1));
        return new Distribution(
                0,
                x -> BetaFunction.lower(share.apply(x), rest.apply(x), a, b),
                x -> BetaFunction.lower(rest.apply(x), share.apply(x), b, a),
                x -> x.isZero()
                        ? heightAtEnd(a, DD.ONE)
                        : BetaFunction.weight(share.apply(x), rest.apply(x), a, b)
                                .divide(x));
    }

    /** Weibull's distribution. */
    public static Distribution weibull(DD shape, DD scale) {
        UnaryOperator<DD> power = x -> Extended.power(x.divide(scale), shape);
        return new Distribution(
                0,
                x -> GammaFunction.lower(DD.ONE, power.apply(x)),
                x -> GammaFunction.upper(DD.ONE, power.apply(x)),
                x -> x.isZero() ? heightAtEnd(shape, shape.divide(scale)) : heightOfWeibull(shape, x, power.apply(x)));
    }

    private static DD heightOfWeibull(DD shape, DD x, DD power) {
        DD chance = Extended.exp(power.negate());
        return chance.isZero() ? chance : chance.multiply(power).multiply(shape).divide(x);
    }

    /** The distribution whose logarithm is normal. */
    public static Distribution logNormal(DD mean, DD deviation) {
        UnaryOperator<DD> score = x -> Extended.ln(x).subtract(mean).divide(deviation);
        return new Distribution(
                0,
                x -> NORMAL.below.apply(score.apply(x)),
                x -> NORMAL.beyond.apply(score.apply(x)),
                x -> x.isZero() ? DD.ZERO : NORMAL.density.apply(score.apply(x)).divide(x.multiply(deviation)));
    }

    /**
     * The value up to which the chance is {@code chance}: a step of Newton's method for the logarithm of the smaller tail
     * where it stays between what is known to be too small and too large, the middle of all doubles between them
     * otherwise.
     *
     * @param chance more than 0 and less than 1
     * @param rest 1 − chance, which its caller knows to all digits
     */
    public double inverse(DD chance, DD rest) {
        boolean isLow = chance.hi() < rest.hi();
        UnaryOperator<DD> tail = isLow ? below : beyond;
        DD wanted = isLow ? chance : rest;
        double low = lowest == 0 ? 0 : -Double.MAX_VALUE;
        double high = Double.MAX_VALUE;
        double x = lowest == 0 ? 1 : 0;
        for (int i = 0; i < MOST_STEPS; i++) {
            DD there = tail.apply(DD.of(x));
            double off = there.subtract(wanted).hi();
            if (off == 0 || Double.isNaN(off)) {
                return off + x;
            }
            if (isLow == off < 0) {
                low = x;
            } else {
                high = x;
            }
            DD slope = density.apply(DD.of(x)).divide(there);
            double step = Extended.ln(there.divide(wanted)).divide(slope).hi();
            double next = isLow ? x - step : x + step;
            if (next == x) {
                return x;
            }
            x = next > low && next < high ? next : middle(low, high);
            if (x == low || x == high) {
                return x;
            }
        }
        return x;
    }

    /** The same to nearly thirty digits: one more step, from the double, past it. */
    public DD refinedInverse(DD chance, DD rest) {
        DD near = DD.of(inverse(chance, rest));
        boolean isLow = chance.hi() < rest.hi();
        DD there = (isLow ? below : beyond).apply(near);
        DD step = Extended.ln(there.divide(isLow ? chance : rest))
                .divide(density.apply(near).divide(there));
        return isLow ? near.subtract(step) : near.add(step);
    }

    /** The double that has as many others below it, down to {@code low}, as above it. */
    private static double middle(double low, double high) {
        long a = order(low);
        long b = order(high);
        return ofOrder((a & b) + ((a ^ b) >> 1));
    }

    /** Doubles in their order as whole numbers. */
    private static long order(double number) {
        long bits = Double.doubleToLongBits(number);
        return bits >= 0 ? bits : Long.MIN_VALUE - bits;
    }

    private static double ofOrder(long order) {
        return Double.longBitsToDouble(order >= 0 ? order : Long.MIN_VALUE - order);
    }
}
