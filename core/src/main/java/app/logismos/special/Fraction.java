package app.logismos.special;

import java.util.function.IntFunction;
import org.apache.commons.numbers.core.DD;

/** Continued fractions by the method of Lentz (Applied Optics 15 (1976) 668), as modified by Thompson and Barnett. */
final class Fraction {
    /** Terms below this share of the sum no longer count. */
    static final double LAST_DIGIT = 1e-32;

    /** What needs more is not worked out. */
    static final int MOST_TERMS = 500_000;

    /** Stands for what would need more terms. */
    static final DD ENDLESS = DD.of(Double.NaN);

    private static final DD LEAST = DD.of(1e-280);

    private Fraction() {}

    /**
     * first + above(1) / (below(1) + above(2) / (below(2) + …)).
     *
     * @param first not 0
     */
    static DD value(DD first, IntFunction<DD> above, IntFunction<DD> below) {
        DD value = first;
        DD c = first;
        DD d = DD.ZERO;
        for (int n = 1; n < MOST_TERMS; n++) {
            DD over = above.apply(n);
            DD under = below.apply(n);
            d = notZero(over.multiply(d).add(under)).reciprocal();
            c = notZero(under.add(over.divide(c)));
            DD change = c.multiply(d);
            value = value.multiply(change);
            double off = Math.abs(change.subtract(1).hi());
            if (off < LAST_DIGIT * 10 || Double.isNaN(off)) {
                return value;
            }
        }
        return ENDLESS;
    }

    private static DD notZero(DD number) {
        return number.hi() == 0 ? LEAST : number;
    }
}
