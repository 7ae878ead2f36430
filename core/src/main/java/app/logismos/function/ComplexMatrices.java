package app.logismos.function;

import app.logismos.number.Complex;
import app.logismos.number.Real;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;

/** Linear algebra of complex numbers, as {@link Matrices} does that of real ones. */
public final class ComplexMatrices {
    private ComplexMatrices() {}

    public static Complex[][] identity(int n) {
        Complex[][] identity = new Complex[n][n];
        for (int row = 0; row < n; row++) {
            for (int column = 0; column < n; column++) {
                identity[row][column] = row == column ? Complex.ONE : Complex.ZERO;
            }
        }
        return identity;
    }

    public static Complex[][] product(Complex[][] a, Complex[][] b) {
        if (a[0].length != b.length) {
            throw new Arguments.Refused(Shape.differ(
                    "The first must have as many columns as the second has rows.", Shape.of(a), Shape.of(b)));
        }
        Complex[][] product = new Complex[a.length][b[0].length];
        for (int row = 0; row < a.length; row++) {
            for (int column = 0; column < b[0].length; column++) {
                Complex sum = Complex.ZERO;
                for (int i = 0; i < b.length; i++) {
                    sum = Complexes.complex(sum.plus(times(a[row][i], b[i][column])));
                }
                product[row][column] = sum;
            }
        }
        return product;
    }

    public static Complex determinant(Complex[][] given) {
        Complex[][] a = square(given);
        Complex determinant = Complex.ONE;
        for (int i = 0; i < a.length; i++) {
            int pivot = pivot(a, i);
            if (a[pivot][i].isZero()) {
                return Complex.ZERO;
            }
            if (pivot != i) {
                swap(a, pivot, i);
                determinant = determinant.negate();
            }
            determinant = times(determinant, a[i][i]);
            for (int row = i + 1; row < a.length; row++) {
                subtract(a[row], over(a[row][i], a[i][i]), a[i]);
            }
        }
        return determinant;
    }

    /** The x with a x = b, column by column; a singular a divides by zero. */
    public static Complex[][] solve(Complex[][] given, Complex[][] b) {
        Complex[][] a = square(given);
        if (b.length != a.length) {
            throw new Arguments.Refused(Failure.of(
                    ErrorCode.SHAPES_DIFFER, "There are " + a.length + " equations and " + b.length + " right sides."));
        }
        for (int i = 0; i < a.length; i++) {
            int pivot = pivot(a, i);
            if (a[pivot][i].isZero()) {
                throw Matrices.singular();
            }
            swap(a, pivot, i);
            swap(b, pivot, i);
            Complex inverse = over(Complex.ONE, a[i][i]);
            scale(a[i], inverse);
            scale(b[i], inverse);
            for (int row = 0; row < a.length; row++) {
                if (row != i) {
                    Complex factor = a[row][i];
                    subtract(a[row], factor, a[i]);
                    subtract(b[row], factor, b[i]);
                }
            }
        }
        return b;
    }

    private static Complex[][] square(Complex[][] a) {
        if (a.length != a[0].length) {
            throw Matrices.notSquare(Shape.of(a));
        }
        return a;
    }

    private static void scale(Complex[] row, Complex factor) {
        for (int column = 0; column < row.length; column++) {
            row[column] = times(row[column], factor);
        }
    }

    private static void subtract(Complex[] row, Complex factor, Complex[] other) {
        for (int column = 0; column < row.length; column++) {
            row[column] = Complexes.complex(row[column].minus(times(factor, other[column])));
        }
    }

    private static int pivot(Complex[][] a, int i) {
        int best = i;
        for (int row = i + 1; row < a.length; row++) {
            if (size(a[row][i]).compareTo(size(a[best][i])) > 0) {
                best = row;
            }
        }
        return best;
    }

    private static Real size(Complex number) {
        return Algebra.answer(number.abs());
    }

    private static void swap(Complex[][] a, int one, int other) {
        Complex[] row = a[one];
        a[one] = a[other];
        a[other] = row;
    }

    private static Complex times(Complex a, Complex b) {
        return Complexes.complex(a.times(b));
    }

    private static Complex over(Complex a, Complex b) {
        return Complexes.complex(a.dividedBy(b));
    }
}
