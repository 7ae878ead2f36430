package app.logismos.number;

import java.math.BigDecimal;

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
        if (a instanceof PiMultiple x && b instanceof PiMultiple y) {
            return multipleOfPi(plus(x.times(), y.times()));
        }
        if (a.isExact() && a.signum() == 0) {
            return b;
        }
        if (b.isExact() && b.signum() == 0) {
            return a;
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
        if (a instanceof PiMultiple x && b instanceof Rational y) {
            return multipleOfPi(times(x.times(), y));
        }
        if (a instanceof Rational && b instanceof PiMultiple) {
            return times(b, a);
        }
        boolean exactZero = a.isExact() && a.signum() == 0 || b.isExact() && b.signum() == 0;
        if (exactZero && a.isFinite() && b.isFinite()) {
            return Rational.ZERO;
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
        if (a instanceof PiMultiple x && b instanceof PiMultiple y) {
            return BigRational.quotient(x.times(), y.times());
        }
        if (a instanceof PiMultiple x && b instanceof Rational y) {
            return multipleOfPi(divide(x.times(), y));
        }
        if (a.isExact() && a.signum() == 0 && b.isFinite()) {
            return Rational.ZERO;
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
        if (a instanceof PiMultiple x && b instanceof PiMultiple y) {
            return compare(x.times(), y.times());
        }
        if (a instanceof FarApproximate || b instanceof FarApproximate) {
            return FarApproximate.decimal(a).compareTo(FarApproximate.decimal(b));
        }
        return compareFractions(Rounding.exact(a), Rounding.exact(b));
    }

    private static int compareFractions(Rational a, Rational b) {
        return InParts.product(a.numerator(), b.denominator())
                .compareTo(InParts.product(b.numerator(), a.denominator()));
    }

    private static Result multipleOfPi(Result times) {
        if (times instanceof Rational rational) {
            return PiMultiple.of(rational);
        }
        return times instanceof Real real ? times(real, Real.from(Math.PI)) : times;
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
