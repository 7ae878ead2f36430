package app.logismos.algebra;

import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Equations of sizes, logarithms or exponentials with several bases, brought to one kind (DLMF 4.8 and 4.2).
 *
 * @param says what is done
 * @param cases one of which must hold
 */
record OneKind(String says, List<Equation> cases) {
    private static final Map<String, Form> BASES =
            Map.of("ln", Form.E, "log10", Form.number(10), "log2", Form.number(2));

    /** How large a numerator or denominator of an exact logarithm may be. */
    private static final int MOST = 60;

    static Optional<OneKind> of(Equation equation, Form.Letter unknown) {
        return ofSizes(equation, unknown)
                .or(() -> ofLogarithms(equation, unknown))
                .or(() -> ofPowers(equation, unknown))
                .or(() -> ofTwoPowers(equation, unknown));
    }

    private static Optional<OneKind> ofSizes(Equation equation, Form.Letter unknown) {
        boolean isSo = isCall(equation.left(), "abs") && isCall(equation.right(), "abs");
        if (!isSo || !equation.left().has(unknown) || !equation.right().has(unknown)) {
            return Optional.empty();
        }
        Form left = equation.left().parts().get(0);
        Form right = equation.right().parts().get(0);
        return Optional.of(new OneKind(
                "equal sizes are equal or opposite numbers",
                List.of(new Equation(left, right), new Equation(left, right.negated()))));
    }

    private static boolean isCall(Form form, String function) {
        return form instanceof Form.Applied applied && applied.function().equals(function);
    }

    /** Several logarithms of one base as that of a product. */
    private static Optional<OneKind> ofLogarithms(Equation equation, Form.Letter unknown) {
        Form product = Form.ONE;
        List<Form> rest = new ArrayList<>();
        Set<String> functions = new LinkedHashSet<>();
        int count = 0;
        for (Form term : terms(equation.difference())) {
            if (!term.has(unknown)) {
                rest.add(term);
                continue;
            }
            Form times = term instanceof Form.Product given && given.factors().size() == 1
                    ? Form.number(given.number())
                    : Form.ONE;
            Form logarithm = term.over(times);
            boolean isWhole =
                    times instanceof Form.Number number && number.value().isWhole();
            if (!isWhole || !(logarithm instanceof Form.Applied applied) || !BASES.containsKey(applied.function())) {
                return Optional.empty();
            }
            functions.add(applied.function());
            product = product.times(Form.power(applied.arguments().get(0), times));
            count++;
        }
        if (count < 2 || functions.size() != 1) {
            return Optional.empty();
        }
        Form base = BASES.get(functions.iterator().next());
        Form right = Form.product(
                rest.stream().map(term -> raised(base, term.negated())).toList());
        return Optional.of(new OneKind(
                "a sum of logarithms is the logarithm of a product", List.of(new Equation(product, right))));
    }

    /** {@code base^term}; {@code e^(3*ln(2))} is 8. */
    private static Form raised(Form base, Form term) {
        Form times = term instanceof Form.Product product ? Form.number(product.number()) : Form.ONE;
        Form logarithm = term.over(times);
        return logarithm instanceof Form.Applied applied && base.equals(BASES.get(applied.function()))
                ? Form.power(applied.arguments().get(0), times)
                : Form.power(base, term);
    }

    private static List<Form> terms(Form form) {
        Form expanded = Expanding.of(form);
        return expanded instanceof Form.Sum sum ? sum.terms() : List.of(expanded);
    }

    /** Bases that are powers of one number: 4^x is 2^(2*x). */
    private static Optional<OneKind> ofPowers(Equation equation, Form.Letter unknown) {
        Set<Rational> bases = new LinkedHashSet<>();
        gather(equation.left(), unknown, bases);
        gather(equation.right(), unknown, bases);
        if (bases.size() < 2) {
            return Optional.empty();
        }
        Rational least = bases.stream()
                .filter(base -> base.compareTo(Rational.ONE) > 0)
                .min(Rational::compareTo)
                .orElse(Rational.ONE);
        boolean areAlike =
                bases.stream().allMatch(base -> logarithm(least, base).isPresent());
        return areAlike
                ? Optional.of(new OneKind(
                        "all as powers of " + Form.number(least).text(),
                        List.of(new Equation(
                                inBase(equation.left(), unknown, least), inBase(equation.right(), unknown, least)))))
                : Optional.empty();
    }

    private static Optional<Rational> base(Form form, Form.Letter unknown) {
        return form instanceof Form.Power power
                        && power.exponent().has(unknown)
                        && power.base() instanceof Form.Number number
                        && number.value() instanceof Rational base
                        && base.signum() > 0
                ? Optional.of(base)
                : Optional.empty();
    }

    private static void gather(Form form, Form.Letter unknown, Set<Rational> bases) {
        base(form, unknown).ifPresent(bases::add);
        form.parts().forEach(part -> gather(part, unknown, bases));
    }

    private static Form inBase(Form form, Form.Letter unknown, Rational least) {
        Form below = form.of(
                form.parts().stream().map(part -> inBase(part, unknown, least)).toList());
        Optional<Rational> base = base(below, unknown);
        return base.isEmpty()
                ? below
                : Form.power(
                        Form.number(least),
                        Expanding.of(Ordering.exponent(below)
                                .times(Form.number(logarithm(least, base.get()).orElseThrow()))));
    }

    /** Two powers with different bases, with numbers before them: their logarithms are equal. */
    private static Optional<OneKind> ofTwoPowers(Equation equation, Form.Letter unknown) {
        List<Form> terms = terms(equation.difference());
        if (terms.size() != 2) {
            return Optional.empty();
        }
        Optional<OneKind> alike = ofLikePowers(terms.get(0), terms.get(1).negated(), unknown);
        if (alike.isPresent()) {
            return alike;
        }
        Optional<Form> left = logarithm(terms.get(0), unknown);
        Optional<Form> right = logarithm(terms.get(1).negated(), unknown);
        return left.isPresent() && right.isPresent()
                ? Optional.of(
                        new OneKind("take the logarithm of both sides", List.of(new Equation(left.get(), right.get()))))
                : Optional.empty();
    }

    /** Powers of one number are equal where their exponents are. */
    private static Optional<OneKind> ofLikePowers(Form left, Form right, Form.Letter unknown) {
        Set<Rational> bases = new LinkedHashSet<>();
        gather(left, unknown, bases);
        gather(right, unknown, bases);
        if (bases.size() != 1) {
            return Optional.empty();
        }
        Rational base = bases.iterator().next();
        Optional<Form> one = exponent(left, base);
        Optional<Form> other = exponent(right, base);
        return one.isPresent() && other.isPresent()
                ? Optional.of(new OneKind(
                        "equal powers of " + Form.number(base).text() + " have equal exponents",
                        List.of(new Equation(one.get(), other.get()))))
                : Optional.empty();
    }

    private static Optional<Form> exponent(Form term, Rational base) {
        Form sum = Form.ZERO;
        if (term instanceof Form.Product product) {
            Optional<Rational> times = product.number() instanceof Rational number && number.signum() > 0
                    ? logarithm(base, number)
                    : Optional.empty();
            if (times.isEmpty()) {
                return Optional.empty();
            }
            sum = Form.number(times.get());
        }
        for (Form factor : term instanceof Form.Product product ? product.factors() : List.of(term)) {
            if (!Ordering.base(factor).equals(Form.number(base))) {
                return Optional.empty();
            }
            sum = sum.plus(Ordering.exponent(factor));
        }
        return Optional.of(sum);
    }

    /** Of a product of positive numbers and powers with positive bases. */
    private static Optional<Form> logarithm(Form term, Form.Letter unknown) {
        List<Form> factors = term instanceof Form.Product product ? product.factors() : List.of(term);
        Form sum = term instanceof Form.Product product && !product.number().equals(Rational.ONE)
                ? Form.applied("ln", List.of(Form.number(product.number())))
                : Form.ZERO;
        if (term instanceof Form.Product product && product.number().signum() <= 0) {
            return Optional.empty();
        }
        for (Form factor : factors) {
            Form base = Ordering.base(factor);
            boolean isPositive = base.equals(Form.E)
                    || base instanceof Form.Number number && number.value().signum() > 0;
            if (!isPositive || base.has(unknown)) {
                return Optional.empty();
            }
            sum = sum.plus(Ordering.exponent(factor).times(Form.applied("ln", List.of(base))));
        }
        return sum.has(unknown) ? Optional.of(sum) : Optional.empty();
    }

    /** The fraction that a base is raised to for a number; nothing where it is none with short numbers. */
    static Optional<Rational> logarithm(Rational base, Rational number) {
        double ratio = Math.log(number.toDouble()) / Math.log(base.toDouble());
        for (int below = 1; below <= 6 && Double.isFinite(ratio); below++) {
            long above = Math.round(ratio * below);
            boolean isNear = Math.abs(above) <= MOST && Math.abs(ratio * below - above) < 1e-9;
            if (isNear && base.power(Rational.of(above)).equals(number.power(Rational.of(below)))) {
                return Optional.of(Rational.of(BigInteger.valueOf(above), BigInteger.valueOf(below)));
            }
        }
        return Optional.empty();
    }
}
