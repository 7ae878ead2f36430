package app.logismos.number;

import java.math.BigDecimal;
import java.util.Optional;

/** The four operations and comparison over every pair of representations; the exact ones first, doubles last. */
final class Arithmetic {
    private Arithmetic() {}

    static Result plus(Real a, Real b) {
        if (a instanceof SmallRational x && b instanceof SmallRational y) {
            return x.plus(y);
        }
        if (a instanceof Rational x && b instanceof Rational y) {
            return BigRational.sum(x, y);
        }
        if (isZero(a)) {
            return b;
        }
        if (isZero(b)) {
            return a;
        }
        if (a instanceof Irrational || b instanceof Irrational) {
            Optional<Real> exact = IrrationalArithmetic.sum(a, b);
            if (exact.isPresent()) {
                return exact.get();
            }
        }
        return fromDoubles(a, b, a.toDouble() + b.toDouble(), BigDecimal::add);
    }

    static Result times(Real a, Real b) {
        if (a instanceof SmallRational x && b instanceof SmallRational y) {
            return x.times(y);
        }
        if (a instanceof Rational x && b instanceof Rational y) {
            return BigRational.product(x, y);
        }
        if ((isZero(a) || isZero(b)) && a.isFinite() && b.isFinite()) {
            return Rational.ZERO;
        }
        if (a instanceof Irrational || b instanceof Irrational) {
            Optional<Real> exact = IrrationalArithmetic.product(a, b);
            if (exact.isPresent()) {
                return exact.get();
            }
        }
        return fromDoubles(a, b, a.toDouble() * b.toDouble(), BigDecimal::multiply);
    }

    static Result divide(Real a, Real b) {
        if (b.signum() == 0) {
            return Undefined.DIVIDE_BY_ZERO;
        }
        if (a instanceof SmallRational x && b instanceof SmallRational y) {
            return x.dividedBy(y);
        }
        if (a instanceof Rational x && b instanceof Rational y) {
            return BigRational.quotient(x, y);
        }
        if (isZero(a) && b.isFinite()) {
            return Rational.ZERO;
        }
        if (a instanceof Irrational || b instanceof Irrational) {
            Optional<Real> exact = IrrationalArithmetic.quotient(a, b);
            if (exact.isPresent()) {
                return exact.get();
            }
        }
        return fromDoubles(a, b, a.toDouble() / b.toDouble(), BigDecimal::divide);
    }

    static int compare(Real a, Real b) {
        if (a instanceof SmallRational x && b instanceof SmallRational y) {
            return x.compare(y);
        }
        if (a instanceof Approximate x && b instanceof Approximate y) {
            return Double.compare(x.number(), y.number());
        }
        if (a.signum() != b.signum()) {
            return Integer.compare(a.signum(), b.signum());
        }
        if (!a.isFinite() || !b.isFinite()) {
            return Double.compare(a.toDouble(), b.toDouble());
        }
        if (a instanceof Irrational || b instanceof Irrational) {
            return a.equals(b) ? 0 : Irrational.compare(a, b);
        }
        if (a instanceof FarApproximate || b instanceof FarApproximate) {
            return FarApproximate.decimal(a).compareTo(FarApproximate.decimal(b));
        }
        return compareFractions(Rounding.exact(a), Rounding.exact(b));
    }

    /** Whether this is 0 itself, and no double. */
    private static boolean isZero(Real number) {
        return number instanceof Rational && number.signum() == 0;
    }

    private static int compareFractions(Rational a, Rational b) {
        return InParts.product(a.numerator(), b.denominator())
                .compareTo(InParts.product(b.numerator(), a.denominator()));
    }

    /** The answer in doubles, where a double holds it and both operands. */
    private static Result fromDoubles(Real a, Real b, double answer, FarApproximate.Operation operation) {
        if (!a.isFinite() || !b.isFinite()) {
            return Approximate.of(answer);
        }
        boolean hasZero = a.signum() == 0 || b.signum() == 0;
        boolean isNear = isHeld(a) && isHeld(b) && (FarApproximate.isNear(answer) || answer == 0 && hasZero);
        return isNear ? Approximate.of(answer) : FarApproximate.of(a, b, operation);
    }

    private static boolean isHeld(Real number) {
        return number instanceof Approximate near && near.number() == 0 || FarApproximate.isNear(number.toDouble());
    }
}
