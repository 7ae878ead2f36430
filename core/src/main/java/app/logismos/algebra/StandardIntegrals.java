package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Antiderivatives of functions by their argument (DLMF 4.10, 4.26, 4.40, 7.2). */
final class StandardIntegrals {
    private static final Form TWO = Form.number(2);
    private static final Map<String, UnaryOperator<Form>> STANDARD = standard();

    private StandardIntegrals() {}

    /**
     * The antiderivative by the argument; nothing where none is known.
     *
     * @param turn by how much an angle counts
     */
    static Optional<Form> of(Form.Applied applied, Form turn) {
        boolean isInverse = Set.of("asin", "acos", "atan", "acot").contains(applied.function());
        UnaryOperator<Form> known = STANDARD.get(applied.function());
        if (known == null || isInverse && !turn.equals(Form.ONE)) {
            return Optional.empty();
        }
        boolean isOfAngle = Set.of("sin", "cos", "tan", "cot", "sec", "csc").contains(applied.function());
        return Optional.of(known.apply(applied.arguments().get(0)).times(isOfAngle ? turn : Form.ONE));
    }

    /** {@code sec^2}, {@code 1/cos^2} and the like; 0 where none is known. */
    static Form ofSquare(Form.Applied applied, Form exponent, Form turn) {
        Form inner = applied.arguments().get(0);
        String which = applied.function() + " " + exponent.text();
        return switch (which) {
            case "sec 2", "cos -2" -> Form.applied("tan", List.of(inner)).times(turn);
            case "csc 2", "sin -2" ->
                Form.applied("cot", List.of(inner)).times(turn).negated();
            case "sech 2", "cosh -2" -> Form.applied("tanh", List.of(inner));
            case "csch 2", "sinh -2" -> Form.applied("coth", List.of(inner)).negated();
            case "tan 2" -> Form.applied("tan", List.of(inner)).times(turn).minus(inner);
            case "cot 2" ->
                Form.applied("cot", List.of(inner)).times(turn).plus(inner).negated();
            case "tanh 2" -> inner.minus(Form.applied("tanh", List.of(inner)));
            default -> Form.ZERO;
        };
    }

    private static Map<String, UnaryOperator<Form>> standard() {
        Map<String, UnaryOperator<Form>> all = new LinkedHashMap<>();
        all.put("sin", u -> cos(u).negated());
        all.put("cos", StandardIntegrals::sin);
        all.put("tan", u -> ln(absolute(cos(u))).negated());
        all.put("cot", u -> ln(absolute(sin(u))));
        all.put("sec", u -> ln(absolute(of("sec", u).plus(of("tan", u)))));
        all.put("csc", u -> ln(absolute(of("csc", u).plus(of("cot", u)))).negated());
        all.put("sinh", u -> of("cosh", u));
        all.put("cosh", u -> of("sinh", u));
        all.put("tanh", u -> ln(of("cosh", u)));
        all.put("coth", u -> ln(absolute(of("sinh", u))));
        all.put("ln", u -> u.times(ln(u)).minus(u));
        all.put("log10", u -> u.times(ln(u)).minus(u).over(ln(Form.number(10))));
        all.put("log2", u -> u.times(ln(u)).minus(u).over(ln(TWO)));
        all.put("asin", u -> u.times(of("asin", u)).plus(root(Form.ONE.minus(u.power(2)))));
        all.put("acos", u -> u.times(of("acos", u)).minus(root(Form.ONE.minus(u.power(2)))));
        all.put(
                "atan",
                u -> u.times(of("atan", u)).minus(ln(u.power(2).plus(Form.ONE)).over(TWO)));
        all.put("asinh", u -> u.times(of("asinh", u)).minus(root(u.power(2).plus(Form.ONE))));
        all.put("acosh", u -> u.times(of("acosh", u)).minus(root(u.power(2).minus(Form.ONE))));
        all.put(
                "atanh",
                u -> u.times(of("atanh", u)).plus(ln(Form.ONE.minus(u.power(2))).over(TWO)));
        all.put(
                "erf",
                u -> u.times(of("erf", u))
                        .plus(Form.power(Form.E, u.power(2).negated()).over(root(Form.PI))));
        all.put("abs", u -> u.times(absolute(u)).over(TWO));
        all.put("sign", StandardIntegrals::absolute);
        all.put("cbrt", u -> Form.number(Rational.of(3, 4)).times(u).times(of("cbrt", u)));
        return Map.copyOf(all);
    }

    private static Form sin(Form angle) {
        return of("sin", angle);
    }

    private static Form cos(Form angle) {
        return of("cos", angle);
    }

    private static Form absolute(Form form) {
        return of("abs", form);
    }

    private static Form of(String function, Form argument) {
        return Form.applied(function, List.of(argument));
    }

    private static Form ln(Form argument) {
        return of("ln", argument);
    }

    private static Form root(Form square) {
        return Form.power(square, Form.HALF);
    }
}
