package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;

/** Splitting into factors over the rationals. */
public final class Factored {
    private Factored() {}

    /** The form as a product, above and below a line; what is cancelled widens where it is defined. */
    public static Form of(Form form) {
        Ring ring = Ring.ofQuotient(form);
        return of(ring.quotient(form), ring);
    }

    static Form of(Quotient quotient, Ring ring) {
        if (quotient.above().isZero()) {
            return Form.ZERO;
        }
        return product(quotient.above(), ring).over(product(quotient.below(), ring));
    }

    private static Form product(Polynomial polynomial, Ring ring) {
        List<Form> factors = new ArrayList<>();
        Polynomial primitive = polynomial.primitive();
        factors.add(Form.number(Rational.of(
                polynomial.leading().signum() < 0 ? polynomial.content().negate() : polynomial.content())));
        if (!primitive.isConstant()) {
            for (Factor factor : Factoring.of(polynomial)) {
                factors.add(ring.form(factor.polynomial()).power(factor.times()));
            }
        }
        return Form.product(factors);
    }
}
