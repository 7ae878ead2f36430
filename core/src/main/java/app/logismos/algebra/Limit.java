package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * The limit of a form from one side: parts have their limits, and where these say nothing, as 0/0, both sides of a fraction
 * line are differentiated (the rule of l'Hospital; DLMF 1.4(v)).
 */
public final class Limit {
    private static final String NAME = "limit";
    private static final int MOST_RULES = 12;
    private static final int MOST_DEPTH = 60;
    private static final int MOST_TERMS = 6;

    /** Functions with a limit where their argument grows without bound: at plus and at minus infinity. */
    private static final Map<String, Form> AT_INFINITY =
            Map.of("atan", Form.PI.over(Form.number(2)), "tanh", Form.ONE, "erf", Form.ONE, "sign", Form.ONE);

    /** How far from the place values are looked at; closer ones lose their digits for some expressions. */
    private static final double[] DISTANCES = {0x1p-6, 0x1p-10, 0x1p-15, 0x1p-20, 0x1p-30, 0x1p-40, 0x1p-200};

    /** How much nearer to the place than beside it a value is looked at, where it is not near yet. */
    private static final double[] CLOSER = {1, 0x1p-6, 0x1p-12, 0x1p-18};

    private static final Set<String> GROWING = Set.of("ln", "log10", "log2", "cosh", "abs", "acosh");
    private static final Set<String> GROWING_ODD = Set.of("sinh", "asinh", "cbrt");

    private final Form.Letter by;
    private final DerivativeRules rules;
    private final ToDoubleFunction<Form> worth;
    private final Form turn;

    /** Where the sign of something that vanishes is looked at. */
    private final double beside;

    private final Form place;
    private final List<RewritingStep> steps = new ArrayList<>();
    private int applied;
    private int depth;

    private Limit(
            Form.Letter by, Form place, double beside, Form turn, DerivativeRules rules, ToDoubleFunction<Form> worth) {
        this.by = by;
        this.place = place;
        this.beside = beside;
        this.turn = turn;
        this.rules = rules;
        this.worth = worth;
    }

    /**
     * A limit.
     *
     * @param form what it is; nothing where it is infinite or there is none
     * @param infinite 1 or −1 where it grows without bound, else 0
     * @param steps how it was found, where its parts did not say it
     */
    public record Found(Optional<Form> form, int infinite, List<RewritingStep> steps) {
        static Found finite(Form form) {
            return new Found(Optional.of(form), 0, List.of());
        }

        static Found infinite(int sign) {
            return new Found(Optional.empty(), sign, List.of());
        }

        private Found by(List<RewritingStep> all) {
            return new Found(form, infinite, List.copyOf(all));
        }

        boolean isZero() {
            return form.isPresent() && form.get().isZero();
        }
    }

    private static final class Unknown extends RuntimeException {
        private static final long serialVersionUID = 1;

        Unknown() {
            super("no limit", null, false, false);
        }
    }

    /**
     * The limit at a finite place; nothing where none is found.
     *
     * @param side 1 from above, −1 from below
     * @param turn by how much an angle counts: 1, or 180/π in degrees
     */
    public static Optional<Found> at(
            Form form,
            Form.Letter by,
            Form place,
            int side,
            Form turn,
            DerivativeRules rules,
            ToDoubleFunction<Form> worth) {
        double at = worth.applyAsDouble(place);
        double beside = at + side * Math.max(1, Math.abs(at)) * 0x1p-20;
        return inWays(
                        () -> new Limit(by, place, beside, turn, rules, worth),
                        limit -> limit.cancelled(ofOneBase(form)),
                        limit -> limit.cancelled(Angles.inSinesAndCosines(ofOneBase(form))))
                .filter(found -> isNear(found, form, by, distance -> at + side * distance, worth));
    }

    /** A logarithm to any base as a quotient of natural ones (DLMF 4.2.16). */
    private static Form ofOneBase(Form form) {
        Form inner = form.of(form.parts().stream().map(Limit::ofOneBase).toList());
        return inner instanceof Form.Applied applied
                        && applied.function().equals("log")
                        && applied.arguments().size() == 2
                ? Form.applied("ln", applied.arguments().subList(0, 1))
                        .over(Form.applied("ln", applied.arguments().subList(1, 2)))
                : inner;
    }

    /** Without what both sides of its fraction line share: close to the place that is not 0. */
    private Form cancelled(Form form) {
        try {
            Optional<RewritingStep> shared = Simplifying.cancelling(form);
            if (shared.isEmpty()) {
                return form;
            }
            Form left = Simplifying.of(form);
            said(RewritingStep.Rule.CANCELLED, shared.get().says(), left);
            return left;
        } catch (NoForm none) {
            return form;
        }
    }

    /** The limit where the letter grows without bound. */
    public static Optional<Found> atInfinity(
            Form form, Form.Letter by, int sign, Form turn, DerivativeRules rules, ToDoubleFunction<Form> worth) {
        Form.Letter small = Substituting.free(form, by);
        Form other = Form.number(sign).over(small);
        UnaryOperator<Form> nearZero =
                given -> Simplifying.of(spread(ofOneBase(given).with(by, other), small));
        return inWays(
                        () -> new Limit(small, Form.ZERO, 0x1p-10, turn, rules, worth),
                        limit -> limit.inOtherLetter(by, other, nearZero.apply(form)),
                        limit -> limit.inOtherLetter(by, other, nearZero.apply(Angles.inSinesAndCosines(form))))
                .filter(found -> isNear(found, form, by, distance -> sign / distance, worth));
    }

    /** The power of the letter that is a factor; 1 where it is none. */
    private static Form powerOf(Form.Letter by, Form factored) {
        List<Form> factors = factored instanceof Form.Product product ? product.factors() : List.of(factored);
        return Form.product(
                factors.stream().filter(each -> Ordering.base(each).equals(by)).toList());
    }

    /** A power of what is positive. */
    private static Form raised(Form power, Form exponent) {
        return Form.power(Ordering.base(power), Ordering.exponent(power).times(exponent));
    }

    private Form inOtherLetter(Form.Letter from, Form other, Form form) {
        said(RewritingStep.Rule.OTHER_LETTER, from.name() + " = " + other.text(), form);
        return form;
    }

    /** By the first way that leads to a limit. */
    @SafeVarargs
    private static Optional<Found> inWays(Supplier<Limit> made, Function<Limit, Form>... ways) {
        return Stream.of(ways)
                .flatMap(way -> {
                    Limit limit = made.get();
                    return tried(limit, way).stream();
                })
                .findFirst();
    }

    /** What is positive comes out of roots, powers and logarithms: the root of t^-2*(1 + t) is that of 1 + t over t. */
    private static Form spread(Form form, Form.Letter by) {
        Form inner = form.of(form.parts().stream().map(part -> spread(part, by)).toList());
        if (inner instanceof Form.Power power
                && power.base() instanceof Form.Sum
                && !power.exponent().has(by)) {
            Form factored = Factored.of(power.base());
            Form with = powerOf(by, factored);
            return Form.power(factored.over(with), power.exponent()).times(raised(with, power.exponent()));
        }
        if (inner instanceof Form.Power power
                && power.exponent().has(by)
                && power.base().has(by)) {
            return Form.power(Simplifying.line(power.base()), power.exponent());
        }
        if (inner instanceof Form.Power power
                && power.base() instanceof Form.Power own
                && own.base().equals(by)) {
            return raised(own, power.exponent());
        }
        if (inner instanceof Form.Applied logarithm && logarithm.function().equals("ln")) {
            Form factored = Factored.of(logarithm.arguments().get(0));
            Form with = powerOf(by, factored);
            return with.equals(Form.ONE)
                    ? inner
                    : Ordering.exponent(with)
                            .times(Form.applied("ln", List.of(by)))
                            .plus(Form.applied("ln", List.of(factored.over(with))));
        }
        return inner;
    }

    /** Whether some value close by is in the neighbourhood of what was found; so are those that cannot be looked at. */
    private static boolean isNear(
            Found found, Form form, Form.Letter by, DoubleUnaryOperator at, ToDoubleFunction<Form> worth) {
        if (form.letters().size() > 1
                || found.infinite() == 0
                        && !found.form().orElseThrow().letters().isEmpty()) {
            return true;
        }
        double limit = found.infinite() == 0 ? worth.applyAsDouble(found.form().orElseThrow()) : 0;
        boolean isSeen = false;
        for (double distance : DISTANCES) {
            double there = worth.applyAsDouble(form.with(by, Form.number(Real.from(at.applyAsDouble(distance)))));
            isSeen |= !Double.isNaN(there);
            if (found.infinite() == 0
                    ? Math.abs(there - limit) <= 0.1 * Math.max(1, Math.abs(limit))
                    : there * found.infinite() > 1) {
                return true;
            }
        }
        return !isSeen;
    }

    private static Optional<Found> tried(Limit limit, Function<Limit, Form> form) {
        try {
            Found found = limit.of(form.apply(limit));
            return Optional.of(found.by(limit.steps));
        } catch (Unknown | NoForm | Derivative.NotKnown none) {
            return Optional.empty();
        }
    }

    private Found of(Form form) {
        Cancellable.check();
        if (!form.has(by)) {
            return Found.finite(form);
        }
        if (++depth > MOST_DEPTH) {
            throw new Unknown();
        }
        try {
            if (form.equals(by)) {
                return Found.finite(place);
            }
            if (form instanceof Form.Sum sum) {
                return ofSum(sum);
            }
            if (form instanceof Form.Product product) {
                return ofProduct(product);
            }
            return form instanceof Form.Power power ? ofPower(power) : ofFunction((Form.Applied) form);
        } finally {
            depth--;
        }
    }

    private Found ofSum(Form.Sum sum) {
        int infinite = 0;
        boolean isMixed = false;
        List<Form> terms = new ArrayList<>();
        for (Form term : sum.terms()) {
            Found each = of(term);
            if (each.infinite() != 0) {
                isMixed |= infinite != 0 && infinite != each.infinite();
                infinite = each.infinite();
            } else {
                terms.add(each.form().orElseThrow());
            }
        }
        if (!isMixed) {
            return infinite != 0 ? Found.infinite(infinite) : Found.finite(Expanding.of(Form.sum(terms)));
        }
        Form over = Factored.of(sum);
        return over instanceof Form.Sum ? conjugated(sum) : of(over);
    }

    /** A difference of two that grow: (a − b)(a + b)/(a + b). */
    private Found conjugated(Form.Sum sum) {
        List<Form> roots = sum.terms().stream()
                .filter(term -> term.has(by) && hasRoot(term))
                .toList();
        if (roots.isEmpty() || ++applied > MOST_RULES) {
            throw new Unknown();
        }
        Form first = roots.get(0);
        Form rest = sum.minus(first);
        Form above = Expanding.of(first.power(2).minus(rest.power(2)));
        Form quotient = above.over(first.minus(rest));
        said(RewritingStep.Rule.CONJUGATE, first.minus(rest).text(), quotient);
        return of(quotient);
    }

    private void said(RewritingStep.Rule rule, String says, Form next) {
        steps.add(new RewritingStep(rule, says, new Form.Applied(NAME, List.of(next, by, place))));
    }

    private static boolean hasRoot(Form term) {
        return term instanceof Form.Power power
                        && power.exponent() instanceof Form.Number number
                        && number.value() instanceof Rational rational
                        && !rational.isInteger()
                || term instanceof Form.Product product
                        && product.factors().stream().anyMatch(Limit::hasRoot);
    }

    /** Exponentials of numbers are one: 2^(1/t)*3^(-1/t) is e^((ln(2) - ln(3))/t). */
    private Form.Product withOneExponential(Form.Product product) {
        List<Form> exponentials = product.factors().stream()
                .filter(each -> each instanceof Form.Power power
                        && power.exponent().has(by)
                        && !power.base().has(by))
                .toList();
        if (exponentials.size() < 2) {
            return product;
        }
        Form exponent = Factored.of(Form.sum(exponentials.stream()
                .map(each -> Ordering.exponent(each).times(Form.applied("ln", List.of(Ordering.base(each)))))
                .toList()));
        Form joined = product.over(Form.product(exponentials)).times(Form.power(Form.E, exponent));
        return joined instanceof Form.Product all ? all : product;
    }

    private Found ofProduct(Form.Product given) {
        Form.Product product = withOneExponential(given);
        boolean hasZero = false;
        int sign = product.number().signum();
        boolean isInfinite = false;
        List<Form> factors = new ArrayList<>();
        List<Form> zeros = new ArrayList<>();
        List<Form> others = new ArrayList<>();
        for (Form factor : product.factors()) {
            Found each = of(factor);
            if (each.infinite() != 0) {
                isInfinite = true;
                sign *= each.infinite();
                others.add(factor);
            } else if (isZero(each.form().orElseThrow())) {
                hasZero = true;
                zeros.add(factor);
            } else {
                Form own = each.form().orElseThrow();
                factors.add(own);
                if (own.letters().isEmpty()) {
                    sign *= (int) Math.signum(worth.applyAsDouble(own));
                }
            }
        }
        Form finite = new Form.Number(product.number()).times(Form.product(factors));
        if (!isInfinite) {
            return Found.finite(hasZero ? Form.ZERO : finite);
        }
        if (!hasZero) {
            return Found.infinite(sign);
        }
        return multipliedOut(given).orElseGet(() -> times(finite, ofQuotient(zeros, others)));
    }

    /** Where an exponential stands before a sum, each term of it may have a limit of its own. */
    private Optional<Found> multipliedOut(Form.Product product) {
        Form expanded = Expanding.of(product);
        boolean isShort = isExponential(product)
                && expanded instanceof Form.Sum sum
                && sum.terms().size() <= MOST_TERMS
                && product.factors().stream()
                        .noneMatch(each -> Canonical.isNegative(Ordering.exponent(each))
                                && Ordering.base(each) instanceof Form.Sum);
        if (!isShort || ++applied > MOST_RULES) {
            return Optional.empty();
        }
        try {
            return Optional.of(ofSum((Form.Sum) expanded));
        } catch (Unknown none) {
            return Optional.empty();
        }
    }

    private Found times(Form finite, Found found) {
        return found.infinite() == 0
                ? Found.finite(finite.times(found.form().orElseThrow()))
                : Found.infinite(found.infinite() * (int) Math.signum(worth.applyAsDouble(finite)));
    }

    private boolean isZero(Form form) {
        return form.isZero()
                || form.letters().isEmpty()
                        && !(form instanceof Form.Number)
                        && Math.abs(worth.applyAsDouble(form)) < 1e-14;
    }

    /** 0 times infinity, as 0/0, or where exponentials and logarithms decide as infinity over infinity. */
    private Found ofQuotient(List<Form> zeros, List<Form> infinite) {
        boolean isTranscendent = zeros.stream().anyMatch(this::isExponential)
                || infinite.stream().anyMatch(each -> isExponential(each) || isLogarithm(each));
        Form above = Form.product(isTranscendent ? infinite : zeros);
        Form below = Form.power(Form.product(isTranscendent ? zeros : infinite), Form.MINUS_ONE);
        if (++applied > MOST_RULES) {
            throw new Unknown();
        }
        Form upper = Derivative.of(above, by, 1, rules);
        Form lower = Derivative.of(below, by, 1, rules);
        if (lower.isZero()) {
            throw new Unknown();
        }
        Form next = Simplifying.of(upper.over(lower));
        said(
                RewritingStep.Rule.LHOSPITAL,
                "above " + above.text() + ", below " + below.text() + ": both derivatives",
                next);
        return of(next);
    }

    /** Whether a power stands in it whose exponent grows without bound. */
    private boolean isExponential(Form form) {
        return form instanceof Form.Power power && power.exponent().has(by)
                ? grows(power.exponent())
                : !(form instanceof Form.Applied) && form.parts().stream().anyMatch(this::isExponential);
    }

    /** Whether a logarithm that grows without bound stands above the line in it. */
    private boolean isLogarithm(Form form) {
        if (Canonical.isNegative(Ordering.exponent(form))) {
            return false;
        }
        return Ordering.base(form) instanceof Form.Applied applied
                ? applied.function().startsWith("l") && grows(applied)
                : Ordering.base(form).parts().stream().anyMatch(this::isLogarithm);
    }

    private boolean grows(Form form) {
        try {
            return of(form).infinite() != 0;
        } catch (Unknown unknown) {
            return true;
        }
    }

    private Found ofPower(Form.Power power) {
        if (power.exponent().has(by) && power.base().has(by)) {
            Form exponent = power.exponent().times(Form.applied("ln", List.of(power.base())));
            said(RewritingStep.Rule.BY_EXPONENTIAL, power.text() + " = e^(" + exponent.text() + ")", exponent);
            Found logarithm = of(exponent);
            logarithm
                    .form()
                    .ifPresent(near -> steps.add(new RewritingStep(
                            RewritingStep.Rule.BY_EXPONENTIAL,
                            "the exponent comes near " + near.text(),
                            Form.power(Form.E, near))));
            return exponential(Form.E, logarithm);
        }
        if (power.exponent().has(by)) {
            return exponential(power.base(), of(power.exponent()));
        }
        Found base = of(power.base());
        if (!(power.exponent() instanceof Form.Number number)) {
            if (base.infinite() != 0 || isZero(base.form().orElseThrow())) {
                throw new Unknown();
            }
            return Found.finite(Form.power(base.form().orElseThrow(), power.exponent()));
        }
        int sign = number.value().signum();
        boolean isEven = number.value() instanceof Rational rational
                && rational.isInteger()
                && !rational.numerator().testBit(0);
        if (base.infinite() != 0) {
            if (sign < 0) {
                return Found.finite(Form.ZERO);
            }
            if (base.infinite() < 0 && !(number.value() instanceof Rational whole && whole.isInteger())) {
                throw new Unknown();
            }
            return Found.infinite(isEven ? 1 : base.infinite());
        }
        Form finite = base.form().orElseThrow();
        if (isZero(finite)) {
            return sign > 0 ? Found.finite(Form.ZERO) : Found.infinite(isEven ? 1 : signBeside(power.base()));
        }
        if (finite.letters().isEmpty() && Double.isNaN(worth.applyAsDouble(Form.power(finite, power.exponent())))) {
            throw new Unknown();
        }
        return Found.finite(Form.power(finite, power.exponent()));
    }

    private int signBeside(Form form) {
        double there = worth.applyAsDouble(form.with(by, Form.number(Real.from(beside))));
        if (Double.isNaN(there) || there == 0) {
            throw new Unknown();
        }
        return there < 0 ? -1 : 1;
    }

    private Found exponential(Form base, Found exponent) {
        if (exponent.infinite() == 0) {
            return Found.finite(Form.power(base, exponent.form().orElseThrow()));
        }
        double size = worth.applyAsDouble(base);
        if (!(size > 0) || size == 1) {
            throw new Unknown();
        }
        return size > 1 == exponent.infinite() > 0 ? Found.infinite(1) : Found.finite(Form.ZERO);
    }

    private Found ofFunction(Form.Applied function) {
        if (function.arguments().size() != 1) {
            throw new Unknown();
        }
        Form argument = function.arguments().get(0);
        Found inner = of(argument);
        String name = function.function();
        if (inner.infinite() != 0) {
            Form end = AT_INFINITY.get(name);
            if (end != null) {
                Form turned = name.equals("atan") ? end.times(turn) : end;
                return Found.finite(inner.infinite() > 0 ? turned : turned.negated());
            }
            if (GROWING_ODD.contains(name)) {
                return Found.infinite(inner.infinite());
            }
            if (GROWING.contains(name) && (inner.infinite() > 0 || name.equals("abs") || name.equals("cosh"))) {
                return Found.infinite(1);
            }
            throw new Unknown();
        }
        Form at = inner.form().orElseThrow();
        if (isZero(at) && Set.of("ln", "log10", "log2").contains(name) && signBeside(argument) > 0) {
            return Found.infinite(-1);
        }
        if (isZero(at) && name.equals("sign")) {
            return Found.finite(Form.number(signBeside(argument)));
        }
        Form value = Form.applied(name, List.of(at));
        if (function.letters().size() > 1) {
            return Found.finite(value);
        }
        double there = worth.applyAsDouble(value);
        double from = worth.applyAsDouble(place);
        double near = Double.NaN;
        for (double closer : CLOSER) {
            near = worth.applyAsDouble(function.with(by, Form.number(Real.from(from + (beside - from) * closer))));
            if (Math.abs(there - near) <= 1e-3 * Math.max(1, Math.abs(there))) {
                return Found.finite(value);
            }
        }
        if (Double.isNaN(there) && Math.abs(near) > 1e3) {
            return Found.infinite(near > 0 ? 1 : -1);
        }
        throw new Unknown();
    }
}
