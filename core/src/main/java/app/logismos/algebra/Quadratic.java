package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** {@code a*x^2 + b*x + c}, and the integrals that completing the square gives. */
record Quadratic(Form a, Form b, Form c) {
    private static final Form TWO = Form.number(2);

    /** The antiderivative of 1 over a power of a quadratic (Gradshteyn and Ryzhik 2.172, 2.171). */
    Form overPower(Form below, int times, Form.Letter by) {
        Form discriminant = Expanding.of(Form.number(4).times(a).times(c).minus(b.power(2)));
        Form slope = TWO.times(a).times(by).plus(b);
        if (times > 1) {
            Form rest = Form.number(times - 1L).times(discriminant);
            return slope.over(rest.times(below.power(times - 1L)))
                    .plus(Form.number(2L * (2L * times - 3))
                            .times(a)
                            .over(rest)
                            .times(overPower(below, times - 1, by)));
        }
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

    /** The antiderivative of 1 over the root of a quadratic, where the sign of its square is known. */
    Optional<Form> overRoot(Form below, Form.Letter by) {
        Form edge = TWO.times(a).times(by).plus(b);
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
        return isPositive(a)
                && isNegative(
                        Expanding.of(b.power(2).minus(Form.number(4).times(a).times(c))));
    }

    static boolean isNegative(Form form) {
        return form instanceof Form.Number number && number.value().signum() < 0;
    }

    private static boolean isPositive(Form form) {
        return form instanceof Form.Number number && number.value().signum() > 0;
    }
}
