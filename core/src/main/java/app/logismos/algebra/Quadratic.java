package app.logismos.algebra;

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
