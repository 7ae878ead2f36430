package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Unrounded;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;

/**
 * Linear algebra by Gaussian elimination: exact for exact numbers, with the largest pivot where they are not. Answers are
 * not settled yet, so that methods built on them round once, at their end.
 */
public final class Matrices {
    private Matrices() {}

    public static Real[][] square(Real[][] a) {
        if (a.length != a[0].length) {
            throw notSquare(Shape.of(a));
        }
        return a;
    }

    static Arguments.Refused notSquare(Shape shape) {
        return new Arguments.Refused(Failure.of(
                ErrorCode.SHAPES_DIFFER, "This needs as many rows as columns, and the table has " + shape + "."));
    }

    static Arguments.Refused singular() {
        return new Arguments.Refused(Failure.of(
                ErrorCode.DIVIDE_BY_ZERO, "The matrix is singular: its determinant is 0, so it has no inverse."));
    }

    public static Real[][] identity(int n) {
        Real[][] identity = new Real[n][n];
        for (int row = 0; row < n; row++) {
            for (int column = 0; column < n; column++) {
                identity[row][column] = row == column ? Rational.ONE : Rational.ZERO;
            }
        }
        return identity;
    }

    public static Real[][] product(Real[][] a, Real[][] b) {
        if (a[0].length != b.length) {
            throw new Arguments.Refused(Shape.differ(
                    "The first must have as many columns as the second has rows.", Shape.of(a), Shape.of(b)));
        }
        Real[][] product = new Real[a.length][b[0].length];
        for (int row = 0; row < a.length; row++) {
            for (int column = 0; column < b[0].length; column++) {
                Real sum = Rational.ZERO;
                for (int i = 0; i < b.length; i++) {
                    sum = plus(sum, times(a[row][i], b[i][column]));
                }
                product[row][column] = sum;
            }
        }
        return product;
    }

    public static Real determinant(Real[][] given) {
        Real[][] a = square(given);
        Real determinant = Rational.ONE;
        for (int i = 0; i < a.length; i++) {
            int pivot = pivot(a, i);
            if (a[pivot][i].signum() == 0) {
                return Rational.ZERO;
            }
            if (pivot != i) {
                swap(a, pivot, i);
                determinant = determinant.negate();
            }
            determinant = times(determinant, a[i][i]);
            for (int row = i + 1; row < a.length; row++) {
                Real factor = over(a[row][i], a[i][i]);
                for (int column = i; column < a.length; column++) {
                    a[row][column] = minus(a[row][column], times(factor, a[i][column]));
                }
            }
        }
        return determinant;
    }

    /** The x with a x = b, column by column; a singular a divides by zero. */
    public static Real[][] solve(Real[][] given, Real[][] right) {
        Real[][] a = square(given);
        Real[][] b = right;
        if (b.length != a.length) {
            throw new Arguments.Refused(Failure.of(
                    ErrorCode.SHAPES_DIFFER, "There are " + a.length + " equations and " + b.length + " right sides."));
        }
        for (int i = 0; i < a.length; i++) {
            int pivot = pivot(a, i);
            if (a[pivot][i].signum() == 0) {
                throw singular();
            }
            swap(a, pivot, i);
            swap(b, pivot, i);
            divide(a[i], b[i], a[i][i]);
            for (int row = 0; row < a.length; row++) {
                if (row != i) {
                    subtract(a[row], a[i], a[row][i], b[row], b[i]);
                }
            }
        }
        return b;
    }

    private static void divide(Real[] a, Real[] b, Real by) {
        for (int column = 0; column < a.length; column++) {
            a[column] = over(a[column], by);
        }
        for (int column = 0; column < b.length; column++) {
            b[column] = over(b[column], by);
        }
    }

    private static void subtract(Real[] a, Real[] pivotA, Real factor, Real[] b, Real[] pivotB) {
        for (int column = 0; column < a.length; column++) {
            a[column] = minus(a[column], times(factor, pivotA[column]));
        }
        for (int column = 0; column < b.length; column++) {
            b[column] = minus(b[column], times(factor, pivotB[column]));
        }
    }

    private static int pivot(Real[][] a, int i) {
        int best = i;
        for (int row = i + 1; row < a.length; row++) {
            if (a[row][i].abs().compareTo(a[best][i].abs()) > 0) {
                best = row;
            }
        }
        return best;
    }

    private static void swap(Real[][] a, int one, int other) {
        Real[] row = a[one];
        a[one] = a[other];
        a[other] = row;
    }

    public static Real plus(Real a, Real b) {
        return Algebra.answer(Unrounded.plus(a, b));
    }

    public static Real minus(Real a, Real b) {
        return Algebra.answer(Unrounded.minus(a, b));
    }

    public static Real times(Real a, Real b) {
        return Algebra.answer(Unrounded.times(a, b));
    }

    public static Real over(Real a, Real b) {
        return Algebra.answer(Unrounded.over(a, b));
    }
}
