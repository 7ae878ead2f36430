package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** {@code a*x^2 + b*x + c}, and the integrals that completing the square gives. */
record Quadratic(Form a, Form b, Form c) {
    private static final Form TWO = Form.number(2);

    /** Nothing where the form is none in this letter. */
    static Optional<Quadratic> of(Form form, Form.Letter by, DerivativeRules rules) {
        if (!form.has(by)) {
            return Optional.empty();
        }
        try {
            Form slope = Derivative.of(form, by, 1, rules);
            Form bend = Expanding.of(Derivative.of(slope, by, 1, rules));
            return bend.has(by) || bend.isZero()
                    ? Optional.empty()
                    : Optional.of(new Quadratic(
                            bend.over(TWO),
                            Expanding.of(slope.with(by, Form.ZERO)),
                            Expanding.of(form.with(by, Form.ZERO))));
        } catch (Derivative.NotKnown | NoForm none) {
            return Optional.empty();
        }
    }

    /** {@code 2*a*x + b}. */
    Form slope(Form.Letter by) {
        return TWO.times(a).times(by).plus(b);
    }

    /** {@code a*(x + b/(2*a))^2} and a number. */
    Form completed(Form.Letter by) {
        Form rest = Expanding.of(c.minus(b.power(2).over(Form.number(4).times(a))));
        return a.times(by.plus(b.over(TWO.times(a))).power(2)).plus(rest);
    }

    /** The antiderivative of 1 over a power by that of 1 over the power below it (Gradshteyn and Ryzhik 2.171). */
    Form lowered(Form below, int times, Form.Letter by, Form less) {
        Form rest = Form.number(times - 1L).times(discriminant());
        return slope(by)
                .over(rest.times(below.power(times - 1L)))
                .plus(Form.number(2L * (2L * times - 3)).times(a).over(rest).times(less));
    }

    /** The antiderivative of 1 over the quadratic (Gradshteyn and Ryzhik 2.172). */
    Form overOne(Form.Letter by) {
        Form discriminant = discriminant();
        Form slope = slope(by);
        if (isNegative(discriminant)) {
            Form root = Form.power(discriminant.negated(), Form.HALF);
            return Form.applied(
                            "ln",
                            List.of(Form.applied(
                                    "abs", List.of(slope.minus(root).over(slope.plus(root))))))
                    .over(root);
        }
        Form root = Form.power(discriminant, Form.HALF);
        return TWO.over(root).times(Form.applied("atan", List.of(Expanding.of(slope.over(root)))));
    }

    private Form discriminant() {
        return Expanding.of(Form.number(4).times(a).times(c).minus(b.power(2)));
    }

    /** The antiderivative of 1 over the root of a quadratic, where the sign of its square is known. */
    Optional<Form> overRoot(Form below, Form.Letter by) {
        Form edge = slope(by);
        if (isPositive(a)) {
            Form root = Form.power(a, Form.HALF);
            Form inner = Form.power(below, Form.HALF).plus(Expanding.of(edge.over(TWO.times(root))));
            return Optional.of(Form.applied("ln", List.of(Form.applied("abs", List.of(inner))))
                    .over(root));
        }
        Form width = Expanding.of(b.power(2).minus(Form.number(4).times(a).times(c)));
        if (isNegative(a) && isPositive(width)) {
            Form inner = Expanding.of(edge.negated().over(Form.power(width, Form.HALF)));
            return Optional.of(Form.applied("asin", List.of(inner)).over(Form.power(a.negated(), Form.HALF)));
        }
        return Optional.empty();
    }

    /**
     * The antiderivative of a polynomial over the root of this: another polynomial times the root, and a number times that
     * of 1 over the root (Gradshteyn and Ryzhik 2.263). The derivative of x^i times the root, which is
     * ((i + 1)*a*x^(i+1) + (i + 1/2)*b*x^i + i*c*x^(i-1)) over it, takes the highest term away.
     *
     * @param above its coefficients, that of 1 first
     * @param ofOne the antiderivative of 1 over the root
     */
    Form polynomialOverRoot(List<Form> above, Form root, Form.Letter by, Form ofOne) {
        Form[] rest = above.toArray(Form[]::new);
        List<Form> terms = new ArrayList<>();
        for (int i = rest.length - 2; i >= 0; i--) {
            Form times = Expanding.of(rest[i + 1].over(Form.number(i + 1L).times(a)));
            terms.add(times.times(by.power(i)));
            rest[i] = Expanding.of(rest[i].minus(
                    times.times(Form.number(Rational.of(2L * i + 1, 2))).times(b)));
            if (i > 0) {
                rest[i - 1] = Expanding.of(
                        rest[i - 1].minus(times.times(Form.number(i)).times(c)));
            }
        }
        return Form.sum(terms).times(root).plus(rest[0].times(ofOne));
    }

    /** Whether it is more than 0 everywhere. */
    boolean isPositive() {
        return isPositive(a) && isPositive(discriminant());
    }

    static boolean isNegative(Form form) {
        return form instanceof Form.Number number && number.value().signum() < 0;
    }

    private static boolean isPositive(Form form) {
        return form instanceof Form.Number number && number.value().signum() > 0;
    }
}
