package app.logismos.number;

import java.math.BigInteger;
import java.util.Optional;

/** The operations on exact numbers one of which at least is irrational, where what comes out has an exact form. */
final class IrrationalArithmetic {
    private IrrationalArithmetic() {}

    static Optional<Real> sum(Real a, Real b) {
        if (isOfRoots(a) && isOfRoots(b)) {
            return RootSum.sum(a, b);
        }
        return a instanceof PiMultiple x && b instanceof PiMultiple y
                ? RootSum.sum(x.factor(), y.factor()).flatMap(IrrationalArithmetic::timesPi)
                : Optional.empty();
    }

    static Optional<Real> product(Real a, Real b) {
        if (isOfRoots(a) && isOfRoots(b)) {
            return RootSum.product(a, b);
        }
        if (a instanceof PiMultiple x && isOfRoots(b)) {
            return RootSum.product(x.factor(), b).flatMap(IrrationalArithmetic::timesPi);
        }
        return b instanceof PiMultiple && isOfRoots(a) ? product(b, a) : Optional.empty();
    }

    /** The quotient by a number that is not 0. */
    static Optional<Real> quotient(Real a, Real b) {
        if (isOfRoots(a) && isOfRoots(b)) {
            return RootSum.quotient(a, b);
        }
        if (a instanceof PiMultiple x && b instanceof PiMultiple y) {
            return RootSum.quotient(x.factor(), y.factor());
        }
        return a instanceof PiMultiple x && isOfRoots(b)
                ? RootSum.quotient(x.factor(), b).flatMap(IrrationalArithmetic::timesPi)
                : Optional.empty();
    }

    /** The power of an irrational number with a whole exponent other than 0. */
    static Optional<Real> power(Real base, BigInteger exponent) {
        return base instanceof RootSum sum ? sum.power(exponent) : Optional.empty();
    }

    private static boolean isOfRoots(Real number) {
        return number instanceof Rational || number instanceof RootSum;
    }

    /** So many times π, where that is one term. */
    private static Optional<Real> timesPi(Real factor) {
        if (factor instanceof Rational rational) {
            return Optional.of(PiMultiple.of(rational));
        }
        return factor instanceof RootSum sum && sum.terms().size() == 1
                ? Optional.of(new PiMultiple(sum.terms().get(0)))
                : Optional.empty();
    }
}
