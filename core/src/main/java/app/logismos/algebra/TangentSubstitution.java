package app.logismos.algebra;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Quotients of sines and cosines of one angle as quotients of polynomials in its tangent, or in that of half of it
 * (Gradshteyn and Ryzhik 2.501 and 2.551).
 *
 * @param inner what is to be integrated by the letter
 * @param put what the letter stands for, a tangent
 * @param says what sine and cosine become
 */
record TangentSubstitution(Form inner, Form put, String says) {
    private static final Form.Letter SINE = new Form.Letter("?s");
    private static final Form.Letter COSINE = new Form.Letter("?c");
    private static final Form TWO = Form.number(2);

    /**
     * Nothing where the form is no such quotient.
     *
     * @param form with sines and cosines only, of angles in radians
     * @param slope of the angle
     */
    static Optional<TangentSubstitution> of(Form form, Form angle, Form slope, Form.Letter letter, Form.Letter by) {
        Form plain = form.replaced(Form.applied("sin", List.of(angle)), SINE)
                .replaced(Form.applied("cos", List.of(angle)), COSINE);
        if (plain.has(by) || !(plain.has(SINE) || plain.has(COSINE))) {
            return Optional.empty();
        }
        Form square = Form.ONE.plus(letter.power(2));
        Optional<Form> even = inTangent(plain, letter);
        if (even.isPresent()) {
            Form put = Form.applied("tan", List.of(angle));
            return Optional.of(new TangentSubstitution(
                    Simplifying.line(even.get().over(square.times(slope))), put, letter.name() + " = " + put.text()));
        }
        Form sine = TWO.times(letter).over(square);
        Form cosine = Form.ONE.minus(letter.power(2)).over(square);
        Form put = Form.applied("tan", List.of(angle.over(TWO)));
        return Optional.of(new TangentSubstitution(
                Simplifying.line(
                        plain.with(SINE, sine).with(COSINE, cosine).times(TWO).over(square.times(slope))),
                put,
                letter.name() + " = " + put.text() + ", sin = " + sine.text() + ", cos = " + cosine.text()));
    }

    /** With sin = u·cos only even powers of the cosine must be left, each pair of which is 1/(1 + u^2). */
    private static Optional<Form> inTangent(Form plain, Form.Letter letter) {
        Form form = plain.with(SINE, letter.times(COSINE));
        Ring ring = Ring.ofQuotient(form);
        Quotient quotient = ring.quotient(form);
        int cosine = ring.indexOf(COSINE);
        if (cosine < 0) {
            return Optional.of(form);
        }
        return isEven(quotient.above(), cosine) && isEven(quotient.below(), cosine)
                ? Optional.of(inSquares(quotient.above(), cosine, ring, letter)
                        .over(inSquares(quotient.below(), cosine, ring, letter)))
                : Optional.empty();
    }

    private static boolean isEven(Polynomial polynomial, int variable) {
        List<Boolean> odd = new ArrayList<>();
        polynomial.forEach((exponents, coefficient) -> odd.add(exponents[variable] % 2 == 1));
        return !odd.contains(true);
    }

    private static Form inSquares(Polynomial polynomial, int cosine, Ring ring, Form.Letter letter) {
        Form square = Form.ONE.plus(letter.power(2));
        List<Form> terms = new ArrayList<>();
        List<Polynomial> coefficients = polynomial.coefficients(cosine);
        for (int power = 0; power < coefficients.size(); power += 2) {
            terms.add(ring.form(coefficients.get(power)).times(square.power(-power / 2)));
        }
        return Form.sum(terms);
    }
}
