package app.logismos.algebra;

import java.math.BigInteger;

/**
 * A polynomial over another, without a common divisor, the lower one with a positive highest coefficient.
 *
 * @param below not zero
 */
record Quotient(Polynomial above, Polynomial below) {
    static Quotient of(Polynomial above, Polynomial below) {
        Polynomial shared = GreatestDivisor.of(above, below);
        Polynomial divisor = below.leading().signum() < 0 ? shared.negated() : shared;
        return new Quotient(above.exactly(divisor), below.exactly(divisor));
    }

    static Quotient of(Polynomial polynomial) {
        return new Quotient(polynomial, Polynomial.one(polynomial.variables()));
    }

    Quotient plus(Quotient other) {
        if (below.equals(other.below)) {
            return of(above.plus(other.above), below);
        }
        return of(above.times(other.below).plus(other.above.times(below)), below.times(other.below));
    }

    Quotient times(Quotient other) {
        return of(above.times(other.above), below.times(other.below));
    }

    /** What it is divided by, as a quotient; above must not be zero. */
    Quotient inverse() {
        return of(below, above);
    }

    Quotient power(int exponent) {
        return new Quotient(above.power(exponent), below.power(exponent));
    }

    boolean isWhole() {
        return below.isConstant() && below.constant().equals(BigInteger.ONE);
    }
}
