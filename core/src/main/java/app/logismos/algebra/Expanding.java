package app.logismos.algebra;

import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** Multiplying out, and putting together by the powers of a letter. */
public final class Expanding {
    private Expanding() {}

    /** Products and whole powers of sums multiplied out; what is divided by stays. */
    public static Form of(Form form) {
        Ring ring = Ring.ofPolynomial(form);
        Quotient quotient = ring.quotient(form);
        return over(ring.form(quotient.above()), quotient.below().constant());
    }

    private static Form over(Form sum, BigInteger divisor) {
        Form number = Form.number(Rational.of(BigInteger.ONE, divisor));
        return Form.sum((sum instanceof Form.Sum terms ? terms.terms() : List.of(sum))
                .stream().map(number::times).toList());
    }

    /** Multiplied out, and what stands before each power of a letter put together. */
    public static Form collected(Form form, Form.Letter by) {
        Ring ring = Ring.ofPolynomial(form);
        int variable = ring.indexOf(by);
        Quotient quotient = ring.quotient(form);
        if (variable < 0) {
            return of(form);
        }
        Form step = ring.variables().get(variable);
        List<Form> terms = new ArrayList<>();
        List<Polynomial> coefficients = quotient.above().coefficients(variable);
        for (int power = 0; power < coefficients.size(); power++) {
            Form coefficient =
                    over(ring.form(coefficients.get(power)), quotient.below().constant());
            terms.add(coefficient.times(Form.power(step, Form.number(power))));
        }
        return Form.sum(terms);
    }
}
