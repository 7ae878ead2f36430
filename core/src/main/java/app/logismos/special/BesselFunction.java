package app.logismos.special;

import app.logismos.number.Extended;
import org.apache.commons.numbers.core.DD;

/** Bessel functions of whole orders, for arguments above 0 and up to some hundred (DLMF chapter 10). */
public final class BesselFunction {
    /** Up to here the alternating power series lose no more digits than there are to spare. */
    private static final double NEAR = 8;

    private static final DD TWO_OVER_PI = DD.of(2).divide(Extended.PI);

    /** The step of the trapezoidal rule; its error falls as e to the power of −π²/step. */
    private static final double STEP = 1.0 / 20;

    private BesselFunction() {}

    /** The first kind. */
    public static DD j(DD x, int n) {
        return x.hi() < NEAR ? powerSeries(x, n, -1) : downward(x, n)[n];
    }

    /** The modified function of the first kind. */
    public static DD i(DD x, int n) {
        return powerSeries(x, n, 1);
    }

    /** The second kind: from the orders 0 and 1 upwards, which is stable (DLMF 10.6.1 and 3.6). */
    public static DD y(DD x, int n) {
        DD[] first = x.hi() < NEAR ? nearYs(x) : farYs(x);
        return upward(x, n, first[0], first[1], -1);
    }

    /** The modified function of the second kind, upwards likewise (DLMF 10.29.1). */
    public static DD k(DD x, int n) {
        return upward(x, n, kIntegral(x, 0), kIntegral(x, 1), 1);
    }

    private static DD upward(DD x, int n, DD zeroth, DD first, int sign) {
        DD before = zeroth;
        DD now = first;
        for (int order = 1; order < n; order++) {
            DD next = now.multiply(2.0 * order).divide(x).add(before.multiply(sign));
            before = now;
            now = next;
        }
        return n == 0 ? zeroth : now;
    }

    /** DLMF 10.2.2 and 10.25.2. */
    private static DD powerSeries(DD x, int n, int sign) {
        DD half = x.scalb(-1);
        DD term = DD.ONE;
        for (int k = 1; k <= n; k++) {
            term = term.multiply(half).divide(k);
        }
        DD square = half.square().multiply(sign);
        DD sum = term;
        for (int k = 1; Math.abs(term.hi()) > Math.abs(sum.hi()) * Fraction.LAST_DIGIT; k++) {
            term = term.multiply(square).divide((double) k * (n + k));
            sum = sum.add(term);
        }
        return sum;
    }

    /** J of all orders up to one where it is next to nothing, by Miller's method (DLMF 3.6 and 10.12.4). */
    private static DD[] downward(DD x, int n) {
        int top = (int) Math.max(n, x.hi()) + 60 + (int) (20 * Math.cbrt(x.hi()));
        DD[] values = new DD[top + 2];
        values[top + 1] = DD.ZERO;
        values[top] = DD.of(1e-280);
        for (int order = top; order > 0; order--) {
            values[order - 1] = values[order].multiply(2.0 * order).divide(x).subtract(values[order + 1]);
        }
        DD norm = values[0];
        for (int order = 2; order <= top; order += 2) {
            norm = norm.add(values[order].scalb(1));
        }
        for (int order = 0; order <= top; order++) {
            values[order] = values[order].divide(norm);
        }
        return values;
    }

    /** Y₀ and Y₁ by power series (DLMF 10.8.1). */
    private static DD[] nearYs(DD x) {
        DD half = x.scalb(-1);
        DD square = half.square().negate();
        DD log = Extended.ln(half).add(Extended.EULER);
        DD sumZero = DD.ZERO;
        DD sumOne = DD.ZERO;
        DD termZero = DD.ONE;
        DD termOne = half;
        DD harmonic = DD.ZERO;
        for (int k = 0; k < 60; k++) {
            DD next = harmonic.add(DD.ONE.divide(k + 1));
            sumZero = sumZero.add(termZero.multiply(harmonic));
            sumOne = sumOne.add(termOne.multiply(harmonic.add(next)));
            termZero = termZero.multiply(square).divide((k + 1.0) * (k + 1));
            termOne = termOne.multiply(square).divide((k + 1.0) * (k + 2));
            harmonic = next;
        }
        DD zeroth = log.multiply(powerSeries(x, 0, -1)).subtract(sumZero).multiply(TWO_OVER_PI);
        DD first = log.multiply(powerSeries(x, 1, -1))
                .subtract(sumOne.scalb(-1))
                .subtract(x.reciprocal())
                .multiply(TWO_OVER_PI);
        return new DD[] {zeroth, first};
    }

    /** Y₀ and Y₁ by Neumann's series of J (Abramowitz and Stegun, 9.1.88 and 9.1.89). */
    private static DD[] farYs(DD x) {
        DD[] j = downward(x, 1);
        DD log = Extended.ln(x.scalb(-1)).add(Extended.EULER);
        DD zeroth = log.multiply(j[0]);
        DD first = log.subtract(1).multiply(j[1]).subtract(j[0].divide(x));
        for (int k = 1; 2 * k + 1 < j.length; k++) {
            double sign = k % 2 == 0 ? -1 : 1;
            zeroth = zeroth.add(j[2 * k].multiply(2 * sign).divide(k));
            first = first.add(j[2 * k + 1].multiply(sign * (2.0 * k + 1)).divide((double) k * (k + 1)));
        }
        return new DD[] {zeroth.multiply(TWO_OVER_PI), first.multiply(TWO_OVER_PI)};
    }

    /** DLMF 10.32.9, by the trapezoidal rule (L. N. Trefethen and J. A. C. Weideman, SIAM Review 56, 2014). */
    private static DD kIntegral(DD x, int n) {
        DD sum = Extended.exp(x.negate()).scalb(-1);
        DD last = DD.ONE;
        for (int i = 1; last.hi() > sum.hi() * Fraction.LAST_DIGIT; i++) {
            DD grown = Extended.exp(DD.of(STEP).multiply((double) i));
            DD cosh = grown.add(grown.reciprocal()).scalb(-1);
            last = Extended.exp(x.multiply(cosh).negate());
            if (n == 1) {
                last = last.multiply(cosh);
            }
            sum = sum.add(last);
        }
        return sum.multiply(STEP);
    }
}
