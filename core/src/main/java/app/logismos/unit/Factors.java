package app.logismos.unit;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;

/** Arithmetic of factors, which are finite and more than 0. */
final class Factors {
    private Factors() {}

    static Real times(Real a, Real b) {
        return real(a.times(b));
    }

    static Real over(Real a, Real b) {
        return real(a.dividedBy(b));
    }

    static Real power(Real a, Rational exponent) {
        return exponent.equals(Rational.ONE) ? a : real(a.power(exponent));
    }

    private static Real real(Result result) {
        if (result instanceof Real real) {
            return real;
        }
        throw new ArithmeticException("a factor of units must be a number, was " + result);
    }
}
