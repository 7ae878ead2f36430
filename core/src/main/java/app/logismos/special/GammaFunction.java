package app.logismos.special;

import app.logismos.number.Extended;
import org.apache.commons.numbers.core.DD;

/** The gamma function, its logarithm, and its incomplete integrals (DLMF chapters 5 and 8). */
public final class GammaFunction {
    /** From here on the terms of Stirling's series fall below the last digit. */
    private static final double FAR = 32;

    /** No double holds the function of a larger argument, and but 0 that of a smaller one than its negative. */
    private static final double BEYOND = 200;

    /** Beyond it all but x ln x − x falls below the last digit. */
    private static final double HUGE = 1e100;

    /** Powers of two that keep small values away from where doubles lose digits. */
    private static final int ROOM = 600;

    /** B₂ₖ / (2k (2k − 1)) above and below, from k = 1 (DLMF 5.11.1, Bernoulli numbers 24.2). */
    private static final double[][] STIRLING = {
        {1, 12},
        {-1, 360},
        {1, 1_260},
        {-1, 1_680},
        {1, 1_188},
        {-691, 360_360},
        {1, 156},
        {-3_617, 122_400},
        {43_867, 244_188},
        {-174_611, 125_400},
        {77_683, 5_796},
        {-236_364_091, 1_506_960},
        {657_931, 300},
        {-3_392_780_147.0, 93_960},
        {1_723_168_255_201.0, 2_492_028},
    };

    /** ζ(2) to ζ(5) (OEIS A013661, A002117, A013662, A013663). */
    private static final double[] ZETA = {1.6449340668482264, 1.2020569031595942, 1.0823232337111382, 1.0369277551433699
    };

    /** So near 1 and 2 the logarithm is the series around them. */
    private static final double NEAR = 1e-7;

    private static final DD HALF_LN_OF_TWO_PI =
            Extended.ln(Extended.PI.scalb(1)).scalb(-1);

    private GammaFunction() {}

    /** Γ(x), for any x but 0, −1, −2 …; infinite where no double holds it. */
    public static DD gamma(DD x) {
        if (Math.abs(x.hi()) > BEYOND) {
            return DD.of(x.hi() > 0 ? Double.POSITIVE_INFINITY : 0);
        }
        if (x.hi() >= FAR) {
            return Extended.exp(stirling(x));
        }
        int room = x.hi() < 0 ? ROOM : 0;
        DD far = x;
        DD below = DD.ONE;
        DD value = DD.ONE.scalb(room);
        // Γ(x) = Γ(x + n) / (x (x + 1) … (x + n − 1)), DLMF 5.5.1.
        while (far.hi() < FAR) {
            below = below.multiply(far);
            if (Math.abs(below.hi()) > 1e100) {
                value = value.divide(below);
                below = DD.ONE;
            }
            far = far.add(1);
        }
        return value.divide(below).multiply(Extended.exp(stirling(far))).scalb(-room);
    }

    /** ln Γ(x), for x above 0. */
    public static DD ln(DD x) {
        DD fromOne = x.subtract(1);
        DD fromTwo = x.subtract(2);
        if (Math.abs(fromOne.hi()) < NEAR) {
            return fromOne.multiply(aroundOne(fromOne, Extended.EULER.negate(), 0));
        }
        if (Math.abs(fromTwo.hi()) < NEAR) {
            return fromTwo.multiply(aroundOne(fromTwo, DD.ONE.subtract(Extended.EULER), 1));
        }
        if (x.hi() >= FAR) {
            return stirling(x);
        }
        DD far = x;
        DD below = DD.ONE;
        while (far.hi() < FAR) {
            below = below.multiply(far);
            far = far.add(1);
        }
        return stirling(far).subtract(Extended.ln(below));
    }

    /** ln Γ(1 + t) / t, or of 2 + t where 1 is taken off each ζ (DLMF 5.7.3). */
    private static DD aroundOne(DD t, DD first, int off) {
        DD sum = first;
        DD power = DD.ONE;
        for (int k = 0; k < ZETA.length; k++) {
            power = power.multiply(t).negate();
            sum = sum.subtract(power.multiply((ZETA[k] - off) / (k + 2)));
        }
        return sum;
    }

    private static DD stirling(DD x) {
        if (x.hi() > HUGE) {
            return Extended.ln(x).subtract(1).multiply(x.scalb(-ROOM)).scalb(ROOM);
        }
        DD sum = DD.ZERO;
        DD square = x.square();
        for (int k = STIRLING.length - 1; k >= 0; k--) {
            sum = sum.divide(square).add(DD.of(STIRLING[k][0]).divide(STIRLING[k][1]));
        }
        return x.subtract(0.5)
                .multiply(Extended.ln(x))
                .subtract(x)
                .add(HALF_LN_OF_TWO_PI)
                .add(sum.divide(x));
    }

    /** P(a, x), the part of Γ(a)'s integral up to x, for a above 0 and x of 0 or more (DLMF 8.2.4). */
    public static DD lower(DD a, DD x) {
        if (Double.isInfinite(x.hi())) {
            return DD.ONE;
        }
        return x.hi() <= 0 ? DD.ZERO : isLow(a, x) ? series(a, x) : DD.ONE.subtract(fraction(a, x));
    }

    /** Q(a, x), the part from x on: 1 − P(a, x), without the cancellation. */
    public static DD upper(DD a, DD x) {
        if (Double.isInfinite(x.hi())) {
            return DD.ZERO;
        }
        return x.hi() <= 0 ? DD.ONE : isLow(a, x) ? DD.ONE.subtract(series(a, x)) : fraction(a, x);
    }

    private static boolean isLow(DD a, DD x) {
        return x.hi() < a.hi() + 1;
    }

    /** x^a e^−x / Γ(a). */
    private static DD weight(DD a, DD x) {
        return Extended.exp(a.multiply(Extended.ln(x)).subtract(x).subtract(ln(a)));
    }

    /** DLMF 8.7.1: converges fast up to x = a. */
    private static DD series(DD a, DD x) {
        DD term = a.reciprocal();
        DD sum = term;
        DD place = a;
        for (int n = 1; n < Fraction.MOST_TERMS; n++) {
            place = place.add(1);
            term = term.multiply(x).divide(place);
            sum = sum.add(term);
            if (term.hi() < sum.hi() * Fraction.LAST_DIGIT) {
                return sum.multiply(weight(a, x));
            }
        }
        return Fraction.ENDLESS;
    }

    /** DLMF 8.9.2, in its even part: converges fast from x = a on. */
    private static DD fraction(DD a, DD x) {
        DD weight = weight(a, x);
        if (weight.hi() == 0) {
            return DD.ZERO;
        }
        DD first = x.add(1).subtract(a);
        return weight.divide(Fraction.value(first, n -> a.subtract(n).multiply((double) n), n -> first.add(2.0 * n)));
    }
}
