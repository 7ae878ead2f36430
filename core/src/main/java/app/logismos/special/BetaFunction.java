package app.logismos.special;

import app.logismos.number.Extended;
import org.apache.commons.numbers.core.DD;

/** The beta function and its incomplete integral (DLMF 5.12 and 8.17). */
public final class BetaFunction {
    private BetaFunction() {}

    /** B(a, b), for a and b above 0. */
    public static DD beta(DD a, DD b) {
        return Extended.exp(ln(a, b));
    }

    /** ln B(a, b), for a and b above 0. */
    static DD ln(DD a, DD b) {
        return GammaFunction.ln(a).add(GammaFunction.ln(b)).subtract(GammaFunction.ln(a.add(b)));
    }

    /**
     * The part of B(a, b)'s integral up to x.
     *
     * @param x 0 to 1
     * @param rest 1 − x, which its caller knows to all digits
     */
    static DD lower(DD x, DD rest, DD a, DD b) {
        if (x.hi() <= 0) {
            return DD.ZERO;
        }
        if (rest.hi() <= 0) {
            return DD.ONE;
        }
        return x.hi() < (a.hi() + 1) / (a.hi() + b.hi() + 2)
                ? fraction(x, rest, a, b)
                : DD.ONE.subtract(fraction(rest, x, b, a));
    }

    /** x^a rest^b / B(a, b). */
    static DD weight(DD x, DD rest, DD a, DD b) {
        return Extended.exp(a.multiply(lnOfShare(x, rest))
                .add(b.multiply(lnOfShare(rest, x)))
                .subtract(ln(a, b)));
    }

    /** ln x, near 1 from what x falls short by. */
    private static DD lnOfShare(DD x, DD rest) {
        return rest.hi() < 0.25 ? Extended.ln1p(rest.negate()) : Extended.ln(x);
    }

    /** DLMF 8.17.22. */
    private static DD fraction(DD x, DD rest, DD a, DD b) {
        DD value = Fraction.value(
                DD.ONE,
                n -> {
                    int m = n / 2;
                    DD at = a.add(2.0 * m);
                    return n % 2 == 0
                            ? b.subtract(m)
                                    .multiply((double) m)
                                    .multiply(x)
                                    .divide(at.subtract(1).multiply(at))
                            : a.add(m)
                                    .multiply(a.add(b).add(m))
                                    .multiply(x)
                                    .divide(at.multiply(at.add(1)))
                                    .negate();
                },
                n -> DD.ONE);
        return weight(x, rest, a, b).divide(a.multiply(value));
    }
}
