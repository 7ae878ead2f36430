package app.logismos.special;

import app.logismos.number.Extended;
import org.apache.commons.numbers.core.DD;

/** The error function and its complement, which are incomplete gamma functions of the square (DLMF 7.11.1–2). */
public final class ErrorFunction {
    private static final DD HALF = DD.of(0.5);

    /** Below this a square loses digits; what follows x in the series is past the last one. */
    private static final double TINY = 1e-20;

    /** From here on it is 1 to all digits, and what it falls short by no double holds. */
    private static final double HUGE = 100;

    private ErrorFunction() {}

    /** 2/√π times the integral of e^(−t²) from 0 to x. */
    public static DD erf(DD x) {
        if (Math.abs(x.hi()) < TINY) {
            return x.scalb(1).divide(Extended.PI.sqrt());
        }
        DD size = Math.abs(x.hi()) > HUGE ? DD.ONE : GammaFunction.lower(HALF, x.square());
        return x.hi() < 0 ? size.negate() : size;
    }

    /** 1 − erf(x). */
    public static DD erfc(DD x) {
        if (Math.abs(x.hi()) < TINY) {
            return DD.ONE.subtract(erf(x));
        }
        if (Math.abs(x.hi()) > HUGE) {
            return DD.of(x.hi() > 0 ? 0 : 2);
        }
        return x.hi() < 0 ? GammaFunction.lower(HALF, x.square()).add(1) : GammaFunction.upper(HALF, x.square());
    }
}
