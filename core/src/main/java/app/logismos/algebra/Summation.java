package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Sums over whole numbers in closed form: polynomials times powers (R. L. Graham, D. E. Knuth, O. Patashnik, Concrete
 * Mathematics, 1994, sections 2.6 and 6.5), and those up to infinity that {@link InfiniteSum} knows besides.
 */
public final class Summation {
    private static final int MOST_DEGREE = 60;

    private Summation() {}

    /** A sum without an end that grows past all bounds, or does not settle. */
    public static final class Divergent extends RuntimeException {
        private static final long serialVersionUID = 1;

        Divergent() {
            super("the sum diverges", null, false, false);
        }
    }

    /**
     * A term {@code times · k^degree · ratio^k}.
     *
     * @param times without k
     * @param ratio without k
     */
    record Piece(Form times, int degree, Form ratio) {
        /** Whether the ratio is 1, so that this is a polynomial. */
        boolean isPolynomial() {
            return ratio.equals(Form.ONE);
        }
    }

    /** The sum of an expression for each whole number from one end to the other; nothing where no closed form is known. */
    public static Optional<Form> between(Form term, Form.Letter by, Form from, Form to) {
        return pieces(term, by)
                .map(pieces -> Form.sum(pieces.stream()
                        .map(piece -> at(piece, by, to.plus(Form.ONE)).minus(at(piece, by, from)))
                        .toList()))
                .or(() -> InfiniteSum.telescoping(term, by, from, Optional.of(to)))
                .map(Summation::shortest);
    }

    /**
     * The sum without an upper end; nothing where it is not known.
     *
     * @throws Divergent where it has none
     */
    public static Optional<Form> toInfinity(Form term, Form.Letter by, BigInteger from) {
        if (term.isZero()) {
            return Optional.of(Form.ZERO);
        }
        Optional<Form> geometric = pieces(term, by).map(pieces -> {
            pieces.forEach(Summation::requireConvergent);
            return Form.sum(pieces.stream()
                    .map(piece -> at(piece, by, Form.number(Rational.of(from))).negated())
                    .toList());
        });
        return geometric.or(() -> InfiniteSum.of(term, by, from)).map(Summation::shortest);
    }

    private static Form shortest(Form form) {
        Form simple = Simplifying.of(form);
        Form expanded = Expanding.of(form);
        return expanded.text().length() < simple.text().length() ? expanded : simple;
    }

    private static void requireConvergent(Piece piece) {
        if (!(piece.ratio() instanceof Form.Number number)) {
            throw new NotKnown();
        }
        if (number.value().abs().compareTo(Rational.ONE) >= 0) {
            throw new Divergent();
        }
    }

    /** Whether a power grows cannot be told from letters. */
    public static final class NotKnown extends RuntimeException {
        private static final long serialVersionUID = 1;

        NotKnown() {
            super("it is not known", null, false, false);
        }
    }

    /** The terms as polynomials times powers; nothing where one of them is something else. */
    static Optional<List<Piece>> pieces(Form term, Form.Letter by) {
        Form expanded = Expanding.of(term);
        List<Piece> pieces = new ArrayList<>();
        for (Form each : expanded instanceof Form.Sum sum ? sum.terms() : List.of(expanded)) {
            Optional<Piece> piece = piece(each, by);
            if (piece.isEmpty()) {
                return Optional.empty();
            }
            pieces.add(piece.get());
        }
        return Optional.of(pieces);
    }

    private static Optional<Piece> piece(Form term, Form.Letter by) {
        Form times = Form.ONE;
        int degree = 0;
        Form ratio = Form.ONE;
        List<Form> factors = term instanceof Form.Product product ? product.factors() : List.of(term);
        if (term instanceof Form.Product product) {
            times = Form.number(product.number());
        }
        for (Form factor : factors) {
            Form base = Ordering.base(factor);
            Form exponent = Ordering.exponent(factor);
            if (!factor.has(by)) {
                times = times.times(factor);
            } else if (base.equals(by) && isDegree(exponent)) {
                degree += ((Rational) ((Form.Number) exponent).value())
                        .numerator()
                        .intValue();
            } else if (!base.has(by) && slope(exponent, by).isPresent()) {
                Form slope = slope(exponent, by).get();
                ratio = ratio.times(Form.power(base, slope));
                times = times.times(Form.power(base, exponent.with(by, Form.ZERO)));
            } else {
                return Optional.empty();
            }
        }
        return degree > MOST_DEGREE ? Optional.empty() : Optional.of(new Piece(times, degree, ratio));
    }

    private static boolean isDegree(Form exponent) {
        return exponent instanceof Form.Number number
                && number.value() instanceof Rational whole
                && whole.isInteger()
                && whole.signum() > 0
                && whole.numerator().bitLength() < 16;
    }

    /** How much an exponent that is linear in a letter grows with each step. */
    static Optional<Form> slope(Form exponent, Form.Letter by) {
        Form step = Expanding.of(exponent.with(by, by.plus(Form.ONE)).minus(exponent));
        return step.has(by) ? Optional.empty() : Optional.of(step);
    }

    /** F(place), where F(k + 1) − F(k) is the piece: ratio^k times a polynomial whose coefficients are found from the top. */
    private static Form at(Piece piece, Form.Letter by, Form place) {
        int degree = piece.degree();
        boolean isPolynomial = piece.isPolynomial();
        Form[] coefficients = new Form[degree + 2];
        Arrays.fill(coefficients, Form.ZERO);
        Form less = piece.ratio().minus(Form.ONE);
        for (int j = degree; j >= 0; j--) {
            Cancellable.check();
            // The coefficient of k^j in ratio · Q(k + 1) − Q(k).
            Form known = j == degree ? Form.ONE : Form.ZERO;
            for (int i = j + (isPolynomial ? 2 : 1); i < coefficients.length; i++) {
                known = known.minus(piece.ratio().times(coefficients[i]).times(Form.number(Rational.of(choose(i, j)))));
            }
            if (isPolynomial) {
                coefficients[j + 1] = Expanding.of(known).over(Form.number(j + 1L));
            } else {
                coefficients[j] = Simplifying.of(known.over(less));
            }
        }
        Form sum = Form.ZERO;
        for (int i = 0; i < coefficients.length; i++) {
            sum = sum.plus(coefficients[i].times(place.power(i)));
        }
        return piece.times().times(Form.power(piece.ratio(), place)).times(sum);
    }

    static BigInteger choose(int n, int k) {
        BigInteger ways = BigInteger.ONE;
        for (int i = 1; i <= k; i++) {
            ways = ways.multiply(BigInteger.valueOf(n - k + i)).divide(BigInteger.valueOf(i));
        }
        return ways;
    }

    /** The product for each whole number between two ends; nothing where no closed form is known. */
    public static Optional<Form> product(Form factor, Form.Letter by, Form from, Form to) {
        Form count = to.minus(from).plus(Form.ONE);
        if (!factor.has(by)) {
            return Optional.of(Form.power(factor, Expanding.of(count)));
        }
        List<Form> factors = factor instanceof Form.Product product ? product.factors() : List.of(factor);
        Form all = factor instanceof Form.Product product && !product.number().equals(Rational.ONE)
                ? Form.power(Form.number(product.number()), Expanding.of(count))
                : Form.ONE;
        for (Form each : factors) {
            Form base = Ordering.base(each);
            Form exponent = Ordering.exponent(each);
            if (!each.has(by)) {
                all = all.times(Form.power(each, Expanding.of(count)));
            } else if (!base.has(by) && slope(exponent, by).isPresent()) {
                Optional<Form> sum = between(exponent, by, from, to);
                all = all.times(Form.power(base, sum.orElseThrow()));
            } else if (!exponent.has(by) && shift(base, by).isPresent()) {
                Form shift = shift(base, by).get();
                all = all.times(Form.power(factorials(shift, from, to), exponent));
            } else {
                return Optional.empty();
            }
        }
        return Optional.of(all);
    }

    /** The whole number that is added to the letter, 0 or more. */
    private static Optional<Form> shift(Form base, Form.Letter by) {
        Form shift = base.minus(by);
        return shift instanceof Form.Number number
                        && number.value().isWhole()
                        && number.value().signum() >= 0
                ? Optional.of(shift)
                : Optional.empty();
    }

    private static Form factorials(Form shift, Form from, Form to) {
        Form above = Form.applied("factorial", List.of(to.plus(shift)));
        Form before = from.plus(shift).minus(Form.ONE);
        boolean isOne = before instanceof Form.Number number
                && (number.value().signum() == 0 || number.value().equals(Rational.ONE));
        return isOne ? above : above.over(Form.applied("factorial", List.of(before)));
    }

    /** The value of a form without letters that is a fraction. */
    static Optional<Rational> rational(Form form) {
        return form instanceof Form.Number number && number.value() instanceof Rational rational
                ? Optional.of(rational)
                : Optional.empty();
    }
}
