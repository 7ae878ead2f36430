package app.logismos.function;

import app.logismos.number.Extended;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.List;
import org.apache.commons.numbers.core.DD;
import org.jspecify.annotations.Nullable;

/**
 * A sum. Once it is no longer exact it goes on with twice the digits of a double, so that adding many numbers, or large
 * ones that cancel, costs no digit (T. Ogita, S. Rump, S. Oishi, SIAM J. Sci. Comput. 26 (2005) 1955).
 *
 * @param sum what has been added up
 * @param precise the same with more digits, where it is approximate
 */
public record Total(Real sum, @Nullable DD precise) {
    public static final Total NONE = of(Rational.ZERO);

    public static Total of(Real number) {
        return new Total(number, null);
    }

    public static Total of(List<Real> numbers) {
        Total total = NONE;
        for (Real number : numbers) {
            total = total.plus(of(number));
        }
        return total;
    }

    public Total plus(Total other) {
        Real usual = Algebra.plus(sum, other.sum);
        return usual.isExact() ? of(usual) : rounded(digits().add(other.digits()), usual);
    }

    public Total plusProduct(Real a, Real b) {
        Real product = Algebra.times(a, b);
        return product.isExact() || !product.isFinite()
                ? plus(of(product))
                : rounded(digits().add(Extended.of(a).multiply(Extended.of(b))), Algebra.plus(sum, product));
    }

    /** The sum divided by how many there are. */
    public Total shared(int count) {
        Real usual = Algebra.over(sum, Rational.of(count));
        return usual.isExact() ? of(usual) : rounded(digits().divide(DD.of(count)), usual);
    }

    /** A number less the one added up so far. */
    public Total from(Real number) {
        Real usual = Algebra.minus(number, sum);
        return usual.isExact() ? of(usual) : rounded(Extended.of(number).subtract(digits()), usual);
    }

    public Total times(Total other) {
        Real usual = Algebra.times(sum, other.sum);
        return usual.isExact() ? of(usual) : rounded(digits().multiply(other.digits()), usual);
    }

    private DD digits() {
        return precise != null ? precise : Extended.of(sum);
    }

    /** Without more digits where there are none, as with what is infinite. */
    private static Total rounded(DD precise, Real usual) {
        return usual.isFinite() && precise.isFinite() ? new Total(Real.from(precise.hi()), precise) : of(usual);
    }
}
