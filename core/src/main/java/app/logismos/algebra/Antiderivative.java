package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Finds antiderivatives as they are taught: linearity, powers, standard forms, substitution, parts, partial fractions,
 * powers and products of sine and cosine, roots of quadratics. What is found is differentiated by the caller and compared.
 * Standard forms: DLMF 4.10, 4.26, 4.40, 7.2; I. S. Gradshteyn and I. M. Ryzhik, 2.1 to 2.6.
 */
public final class Antiderivative {
    /** What is still to be integrated stands in a form as a call of this function. */
    static final String NAME = "integral";

    private static final int MOST_DEPTH = 12;
    private static final int MOST_TRIES = 60;
    private static final Form.Letter ANY = new Form.Letter("?");
    private static final Form TWO = Form.number(2);

    private final DerivativeRules rules;
    private final Form turn;
    private final QuadraticIntegrals quadratics;

    /** What is being looked for or was not found, up to its letter and a number, by the least depth of these. */
    private final Map<Form, Integer> sought = new HashMap<>();

    private int tries;

    private Antiderivative(DerivativeRules rules, Form turn) {
        this.rules = rules;
        this.turn = turn;
        this.quadratics = new QuadraticIntegrals(rules);
    }

    /**
     * A rule applied.
     *
     * @param part what is integrated, as a call
     * @param says which letter, or which parts; empty where the rule says it
     * @param worth what the rule makes of it; calls in it are worked by the rules below
     * @param put what a letter stands for that the rule brings in
     * @param before what stands in place of the part on the way to the rule
     */
    record Found(
            Form.Applied part,
            IntegralRule rule,
            String says,
            Form worth,
            List<Found> below,
            Optional<Put> put,
            List<Stage> before) {
        Found(Form.Applied part, IntegralRule rule, String says, Form worth, List<Found> below, Optional<Put> put) {
            this(part, rule, says, worth, below, put, List.of());
        }

        Form answer() {
            Form answer = worth;
            for (Found each : below) {
                answer = answer.replaced(each.part(), each.answer());
            }
            Form whole = answer;
            return put.map(each -> each.back(whole)).orElse(whole);
        }
    }

    /** What a rule makes of the part that is not its answer yet. */
    record Stage(IntegralRule rule, String says, Form worth) {}

    /** A letter and what it stands for. */
    record Put(Form.Letter letter, Form form) {
        /** The angle whose tangent the letter was comes back itself: up to a constant on each branch it is the same. */
        Form back(Form found) {
            Form known =
                    form instanceof Form.Applied applied && applied.function().equals("tan")
                            ? found.replaced(
                                    Form.applied("atan", List.of(letter)),
                                    applied.arguments().get(0))
                            : found;
            return known.with(letter, form);
        }
    }

    /**
     * One line of the working.
     *
     * @param worth what the rule makes of the part that it is applied to, as it is typed
     * @param after the whole after it, as it is typed
     */
    public record Step(IntegralRule rule, String says, String worth, String after) {
        Step(IntegralRule rule, String says, Form worth, Form after) {
            this(rule, says, worth.text(), after.text());
        }
    }

    /**
     * What is found.
     *
     * @param form without a constant
     */
    public record Answer(Form form, List<Step> steps) {}

    /**
     * An antiderivative; nothing where no rule finds one.
     *
     * @param turn by how much an angle counts: 1, or 180/π in degrees
     */
    public static Optional<Answer> of(Form form, Form.Letter by, DerivativeRules rules, Form turn) {
        Antiderivative finding = new Antiderivative(rules, turn);
        return finding.find(form, by, 0)
                .map(found -> {
                    List<Step> steps = new ArrayList<>();
                    return answer(found.answer(), by, written(found, found.part(), steps), steps);
                })
                .or(() -> finding.withUnknownNumbers(form, by));
    }

    private static Answer answer(Form found, Form.Letter by, Form written, List<Step> steps) {
        Form answer = withoutConstant(shortest(found), by);
        if (!written.equals(answer)) {
            steps.add(new Step(IntegralRule.MULTIPLIED_OUT, "put together", answer, answer));
        }
        return new Answer(answer, steps);
    }

    private Optional<Answer> withUnknownNumbers(Form form, Form.Letter by) {
        return turn.equals(Form.ONE)
                ? UnknownNumbers.of(form, by, rules)
                        .map(found -> answer(
                                found.sum(),
                                by,
                                found.sum(),
                                new ArrayList<>(UnknownNumbersSteps.of(found, form, by, rules))))
                : Optional.empty();
    }

    private static Form withoutConstant(Form answer, Form.Letter by) {
        return answer instanceof Form.Sum sum
                ? Form.sum(sum.terms().stream().filter(term -> term.has(by)).toList())
                : answer;
    }

    private static Form shortest(Form answer) {
        return Stream.<UnaryOperator<Form>>of(Expanding::of, form -> Expanding.of(Simplifying.of(form)))
                .flatMap(way -> tried(() -> Optional.of(way.apply(answer))).stream())
                .reduce(
                        answer,
                        (one, other) -> other.text().length() < one.text().length() ? other : one);
    }

    private static Form written(Found found, Form whole, List<Step> steps) {
        for (Stage stage : found.before()) {
            steps.add(new Step(stage.rule(), stage.says(), stage.worth(), whole.replaced(found.part(), stage.worth())));
        }
        Form after = whole.replaced(found.part(), found.worth());
        steps.add(new Step(found.rule(), found.says(), found.worth(), after));
        for (Found each : found.below()) {
            after = written(each, after, steps);
        }
        if (found.put().isPresent()) {
            Put put = found.put().get();
            Form back = put.back(after);
            steps.add(new Step(
                    IntegralRule.SUBSTITUTION,
                    "put " + put.letter().name() + " = " + put.form().text() + " back",
                    back,
                    back));
            return back;
        }
        return after;
    }

    static Form.Applied call(Form form, Form.Letter by) {
        return new Form.Applied(NAME, List.of(form, by));
    }

    private Found found(Form form, Form.Letter by, IntegralRule rule, Form worth) {
        return new Found(call(form, by), rule, "", worth, List.of(), Optional.empty());
    }

    private Optional<Found> find(Form form, Form.Letter by, int depth) {
        Cancellable.check();
        if (depth > MOST_DEPTH || ++tries > MOST_TRIES || form.size() > 400) {
            return Optional.empty();
        }
        try {
            Optional<Found> known = directly(form, by).or(() -> linearly(form, by, depth));
            return known.isPresent() ? known : searched(form, by, depth);
        } catch (NoForm none) {
            return Optional.empty();
        }
    }

    /** A way that comes back to where it began, or to what was tried in vain, is not gone again. */
    private Optional<Found> searched(Form form, Form.Letter by, int depth) {
        Form key = upToNumbers(form.with(by, ANY));
        Integer before = sought.get(key);
        if (before != null && before <= depth) {
            return Optional.empty();
        }
        sought.put(key, depth);
        Optional<Found> found = bySearching(form, by, depth);
        if (found.isPresent()) {
            sought.remove(key);
        }
        return found;
    }

    /** Without the number that stands before it, and before the sums that are its factors. */
    private static Form upToNumbers(Form form) {
        if (form instanceof Form.Product product) {
            return Form.product(
                    product.factors().stream().map(Antiderivative::upToNumbers).toList());
        }
        if (form instanceof Form.Power power && power.exponent() instanceof Form.Number) {
            return Form.power(upToNumbers(power.base()), power.exponent());
        }
        if (form instanceof Form.Sum sum && sum.terms().get(0) instanceof Form.Product first) {
            Form number = new Form.Number(first.number());
            return Form.sum(sum.terms().stream().map(term -> term.over(number)).toList());
        }
        return form;
    }

    private Optional<Found> bySearching(Form form, Form.Letter by, int depth) {
        if (PartialFractions.isQuotient(form, by)) {
            return tried(() -> byPowers(form, by, depth))
                    .or(() -> tried(() -> byPartialFractions(form, by, depth)))
                    .or(() -> bySubstitution(form, by, depth))
                    .or(() -> tried(() -> byRealFactors(form, by)));
        }
        return tried(() -> ofAngles(form, by, depth))
                .or(() -> tried(() -> exponentialTimesAngle(form, by)))
                .or(() -> tried(() -> quadratics.ofRoot(form, by)))
                .or(() -> tried(() -> quadratics.ofPower(form, by)))
                .or(() -> tried(() -> ofLinearFactors(form, by, depth)))
                .or(() -> tried(() -> bySubstitution(form, by, depth)))
                .or(() -> tried(() -> byTangent(form, by, depth)))
                .or(() -> tried(() -> byParts(form, by, depth)))
                .or(() -> tried(() -> byLogarithm(form, by, depth)))
                .or(() -> tried(() -> otherwiseWritten(form, by, depth)));
    }

    /** Where one way leads to what is too large, another may not. */
    private static <T> Optional<T> tried(Supplier<Optional<T>> way) {
        try {
            return way.get();
        } catch (NoForm none) {
            return Optional.empty();
        }
    }

    // ---- what is known at once

    private Optional<Found> directly(Form form, Form.Letter by) {
        if (!form.has(by)) {
            return Optional.of(found(form, by, IntegralRule.CONSTANT, form.times(by)));
        }
        if (form.equals(by)) {
            return Optional.of(found(form, by, IntegralRule.POWER, by.power(2).over(TWO)));
        }
        if (form instanceof Form.Power power) {
            Optional<Linear> base = linear(power.base(), by);
            Optional<Linear> exponent = linear(power.exponent(), by);
            if (base.isPresent() && !power.exponent().has(by)) {
                Form a = base.get().slope();
                if (power.exponent().equals(Form.MINUS_ONE)) {
                    return Optional.of(found(
                            form,
                            by,
                            IntegralRule.STANDARD_FORM,
                            Form.applied("ln", List.of(absolute(primitive(power.base()))))
                                    .over(a)));
                }
                Form next = power.exponent().plus(Form.ONE);
                return Optional.of(found(
                        form,
                        by,
                        power.base().equals(by) ? IntegralRule.POWER : IntegralRule.STANDARD_FORM,
                        Form.power(power.base(), next).over(a.times(next))));
            }
            if (exponent.isPresent() && !power.base().has(by)) {
                Form logarithm = Form.applied("ln", List.of(power.base()));
                return Optional.of(found(
                        form,
                        by,
                        IntegralRule.STANDARD_FORM,
                        form.over(logarithm.times(exponent.get().slope()))));
            }
            return squaredFunction(power, by).or(() -> gaussian(power, by));
        }
        if (form instanceof Form.Product product) {
            return timesItsSize(product, by);
        }
        if (form instanceof Form.Applied applied && applied.arguments().size() == 1) {
            Form inner = applied.arguments().get(0);
            Optional<Linear> linear = linear(inner, by);
            return linear.flatMap(each -> StandardIntegrals.of(applied, turn)
                    .map(worth -> found(form, by, IntegralRule.STANDARD_FORM, worth.over(each.slope()))));
        }
        return Optional.empty();
    }

    /** Without a number that all terms share: its logarithm is a constant. */
    private static Form primitive(Form sum) {
        Ring ring = Ring.ofPolynomial(sum);
        return ring.form(ring.quotient(sum).above().primitive());
    }

    static Form absolute(Form form) {
        return Form.applied("abs", List.of(form));
    }

    /** A whole power of the letter times its size. */
    private Optional<Found> timesItsSize(Form.Product product, Form.Letter by) {
        Form size = absolute(by);
        Form power = product.over(size);
        boolean isPower = product.factors().contains(size)
                && Ordering.base(power).equals(by)
                && Ordering.exponent(power) instanceof Form.Number number
                && number.value().isWhole()
                && number.value().signum() > 0;
        return isPower
                ? Optional.of(found(
                        product,
                        by,
                        IntegralRule.STANDARD_FORM,
                        product.times(by).over(Ordering.exponent(power).plus(TWO))))
                : Optional.empty();
    }

    /** {@code sec^2}, {@code 1/cos^2} and the like of a linear argument. */
    private Optional<Found> squaredFunction(Form.Power power, Form.Letter by) {
        if (!(power.base() instanceof Form.Applied applied)
                || applied.arguments().size() != 1) {
            return Optional.empty();
        }
        Form inner = applied.arguments().get(0);
        Optional<Linear> linear = linear(inner, by);
        Form worth = StandardIntegrals.ofSquare(applied, power.exponent(), turn);
        return linear.isEmpty() || worth.isZero()
                ? Optional.empty()
                : Optional.of(found(
                        power,
                        by,
                        IntegralRule.STANDARD_FORM,
                        worth.over(linear.get().slope())));
    }

    /** e to a quadratic that falls on both sides (DLMF 7.2.1). */
    private Optional<Found> gaussian(Form.Power power, Form.Letter by) {
        if (!power.base().equals(Form.E)) {
            return Optional.empty();
        }
        return Quadratic.of(power.exponent(), by, rules)
                .filter(q -> Quadratic.isNegative(q.a()))
                .map(q -> {
                    Form root = Form.power(q.a().negated(), Form.HALF);
                    Form centre = q.b().over(TWO.times(q.a()));
                    Form height = Form.power(
                            Form.E,
                            q.c().minus(q.b().power(2).over(Form.number(4).times(q.a()))));
                    Form worth = Form.power(Form.PI, Form.HALF)
                            .times(height)
                            .over(TWO.times(root))
                            .times(Form.applied("erf", List.of(root.times(by.plus(centre)))));
                    return found(power, by, IntegralRule.STANDARD_FORM, worth);
                });
    }

    /** {@code slope*x + …}. */
    private record Linear(Form slope) {}

    private Optional<Linear> linear(Form form, Form.Letter by) {
        if (!form.has(by)) {
            return Optional.empty();
        }
        try {
            Form slope = Derivative.of(form, by, 1, rules);
            return slope.has(by) ? Optional.empty() : Optional.of(new Linear(slope));
        } catch (Derivative.NotKnown none) {
            return Optional.empty();
        }
    }

    // ---- sums and factors

    private Optional<Found> linearly(Form form, Form.Letter by, int depth) {
        if (form instanceof Form.Sum sum) {
            List<Found> below = new ArrayList<>();
            List<Form> worth = new ArrayList<>();
            for (Form term : sum.terms()) {
                Optional<Found> each = find(term, by, depth + 1);
                if (each.isEmpty()) {
                    return Optional.empty();
                }
                below.add(each.get());
                worth.add(each.get().part());
            }
            return Optional.of(
                    new Found(call(form, by), IntegralRule.SUM, "", Form.sum(worth), below, Optional.empty()));
        }
        if (form instanceof Form.Product product) {
            Form rest = Form.product(
                    product.factors().stream().filter(each -> each.has(by)).toList());
            Form constant = form.over(rest);
            if (!constant.equals(Form.ONE)) {
                return find(rest, by, depth + 1)
                        .map(each -> new Found(
                                call(form, by),
                                IntegralRule.CONSTANT_FACTOR,
                                "",
                                constant.times(each.part()),
                                List.of(each),
                                Optional.empty()));
            }
        }
        return Optional.empty();
    }

    // ---- sine and cosine

    /** Products of sines and cosines of linear arguments as sums (DLMF 4.21(i)). */
    private Optional<Found> ofAngles(Form form, Form.Letter by, int depth) {
        List<Form> factors = form instanceof Form.Product product ? product.factors() : List.of(form);
        List<Form.Applied> angles = new ArrayList<>();
        Form rest = Form.ONE;
        for (Form factor : factors) {
            Form base = Ordering.base(factor);
            boolean isAngle = base instanceof Form.Applied applied
                    && Set.of("sin", "cos").contains(applied.function())
                    && linear(applied.arguments().get(0), by).isPresent()
                    && Ordering.exponent(factor) instanceof Form.Number number
                    && number.value() instanceof Rational times
                    && times.isInteger()
                    && times.signum() > 0
                    && times.compareTo(Rational.of(12)) <= 0;
            if (!isAngle) {
                rest = rest.times(factor);
                continue;
            }
            int times = (int) ((Form.Number) Ordering.exponent(factor)).value().toDouble();
            for (int i = 0; i < times; i++) {
                angles.add((Form.Applied) base);
            }
        }
        if (angles.size() < 2 || angles.size() > 12) {
            return Optional.empty();
        }
        if (Angles.isIn(rest)) {
            return Optional.empty();
        }
        if (angles.size() > 2 && rest.equals(Form.ONE)) {
            Optional<Found> odd = bySubstitution(form, by, depth);
            if (odd.isPresent()) {
                return odd;
            }
        }
        Form sum = angles.get(0);
        for (Form.Applied next : angles.subList(1, angles.size())) {
            List<Form> terms = new ArrayList<>();
            for (Form term : sum instanceof Form.Sum each ? each.terms() : List.of(sum)) {
                terms.add(product(term, next));
            }
            sum = Form.sum(terms);
        }
        Form whole = Expanding.of(sum.times(rest));
        return rewritten(form, whole, IntegralRule.ANGLE_SUMS, by, depth);
    }

    /** A number times a sine or cosine, times another one, as a sum. */
    private static Form product(Form term, Form.Applied other) {
        Form.Applied one = null;
        Form before = Form.ONE;
        for (Form factor : term instanceof Form.Product product ? product.factors() : List.of(term)) {
            if (factor instanceof Form.Applied applied) {
                one = applied;
            } else {
                before = before.times(factor);
            }
        }
        if (term instanceof Form.Product product) {
            before = before.times(new Form.Number(product.number()));
        }
        if (one == null) {
            return term.times(other);
        }
        Form a = one.arguments().get(0);
        Form b = other.arguments().get(0);
        Form sum = Expanding.of(a.plus(b));
        Form difference = Expanding.of(a.minus(b));
        boolean isSine = one.function().equals("sin");
        boolean isOtherSine = other.function().equals("sin");
        Form half = before.times(Form.HALF);
        if (isSine && isOtherSine) {
            return half.times(cos(difference)).minus(half.times(cos(sum)));
        }
        if (!isSine && !isOtherSine) {
            return half.times(cos(difference)).plus(half.times(cos(sum)));
        }
        return isSine
                ? half.times(sin(sum)).plus(half.times(sin(difference)))
                : half.times(sin(sum)).minus(half.times(sin(difference)));
    }

    private static Form sin(Form angle) {
        return Form.applied("sin", List.of(angle));
    }

    private static Form cos(Form angle) {
        return Form.applied("cos", List.of(angle));
    }

    private Optional<Found> rewritten(Form form, Form whole, IntegralRule rule, Form.Letter by, int depth) {
        return whole.equals(form)
                ? Optional.empty()
                : find(whole, by, depth + 1)
                        .map(each -> new Found(call(form, by), rule, "", each.part(), List.of(each), Optional.empty()));
    }

    private Optional<Found> otherwiseWritten(Form form, Form.Letter by, int depth) {
        return rewritten(form, Expanding.of(form), IntegralRule.MULTIPLIED_OUT, by, depth)
                .or(() -> rewritten(form, Simplifying.of(form), IntegralRule.MULTIPLIED_OUT, by, depth))
                .or(() -> rewritten(form, Angles.inSinesAndCosines(form), IntegralRule.MULTIPLIED_OUT, by, depth))
                .or(() -> rewritten(form, Angles.ofHalves(form), IntegralRule.MULTIPLIED_OUT, by, depth))
                .or(() -> rewritten(
                        form, Expanding.of(Angles.inExponentials(form)), IntegralRule.MULTIPLIED_OUT, by, depth));
    }

    // ---- quotients of polynomials

    private Optional<Found> byPartialFractions(Form form, Form.Letter by, int depth) {
        Optional<PartialFractions.Parted> parted = PartialFractions.parted(form, by);
        if (parted.isEmpty()) {
            return Optional.empty();
        }
        List<PartialFractions.Fraction> fractions = parted.get().fractions();
        if (fractions.isEmpty()) {
            return rewritten(form, parted.get().whole(), IntegralRule.MULTIPLIED_OUT, by, depth);
        }
        if (fractions.size() == 1 && parted.get().whole().isZero()) {
            PartialFractions.Fraction only = fractions.get(0);
            return quadratics
                    .ofFraction(form, only, by)
                    .or(() -> rewritten(form, only.form(), IntegralRule.MULTIPLIED_OUT, by, depth));
        }
        Optional<PartialFractionSteps.SetUp> setUp =
                fractions.size() == 1 ? Optional.empty() : PartialFractionSteps.setUp(form, by, parted.get());
        Form sum = parted.get().whole();
        List<Form> terms = new ArrayList<>();
        if (!sum.isZero()) {
            terms.add(sum);
        }
        fractions.forEach(fraction -> terms.add(fraction.form()));
        List<Found> below = new ArrayList<>();
        List<Form> worth = new ArrayList<>();
        for (Form term : terms) {
            Optional<Found> each = find(term, by, depth + 1);
            if (each.isEmpty()) {
                return Optional.empty();
            }
            below.add(each.get());
            worth.add(each.get().part());
        }
        return Optional.of(new Found(
                call(form, by),
                IntegralRule.PARTIAL_FRACTIONS,
                setUp.map(PartialFractionSteps.SetUp::numbers)
                        .orElseGet(() -> Form.sum(terms).text()),
                Form.sum(worth),
                below,
                Optional.empty(),
                setUp.map(each -> new Stage(IntegralRule.UNKNOWNS_ABOVE, each.compared(), call(each.sum(), by)))
                        .map(List::of)
                        .orElse(List.of())));
    }

    /** Over the real numbers a divisor may be split where it is not over the rationals. */
    private Optional<Found> byRealFactors(Form form, Form.Letter by) {
        Optional<List<PartialFractions.Fraction>> parts = PartialFractions.parted(form, by)
                .filter(parted ->
                        parted.fractions().size() == 1 && parted.whole().isZero())
                .flatMap(parted -> RealFactors.split(parted.fractions().get(0), by));
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        List<Found> below = new ArrayList<>();
        for (PartialFractions.Fraction part : parts.get()) {
            if (!part.above().isZero()) {
                Optional<Found> each =
                        linearly(part.form(), by, 0).or(() -> quadratics.ofFraction(part.form(), part, by));
                if (each.isEmpty()) {
                    return Optional.empty();
                }
                below.add(each.get());
            }
        }
        return Optional.of(new Found(
                call(form, by),
                IntegralRule.PARTIAL_FRACTIONS,
                Form.sum(parts.get().stream()
                                .map(PartialFractions.Fraction::form)
                                .toList())
                        .text(),
                Form.sum(below.stream().<Form>map(Found::part).toList()),
                below,
                Optional.empty()));
    }

    /** Two linear factors with letters in them below the line (DLMF 1.2(iii)). */
    private Optional<Found> ofLinearFactors(Form form, Form.Letter by, int depth) {
        if (!(form instanceof Form.Product product)
                || product.factors().size() != 2
                || !product.factors().stream()
                        .allMatch(each -> Ordering.exponent(each).equals(Form.MINUS_ONE)
                                && linear(Ordering.base(each), by).isPresent())) {
            return Optional.empty();
        }
        Form one = Ordering.base(product.factors().get(0));
        Form other = Ordering.base(product.factors().get(1));
        Form a = linear(one, by).orElseThrow().slope();
        Form c = linear(other, by).orElseThrow().slope();
        Form determinant = Expanding.of(a.times(other.with(by, Form.ZERO)).minus(c.times(one.with(by, Form.ZERO))));
        return determinant.isZero()
                ? Optional.empty()
                : rewritten(
                        form,
                        a.over(one).minus(c.over(other)).over(determinant),
                        IntegralRule.PARTIAL_FRACTIONS,
                        by,
                        depth);
    }

    /** What is of logarithms of the letter, by a letter for these (DLMF 1.4.32). */
    private Optional<Found> byLogarithm(Form form, Form.Letter by, int depth) {
        Form logarithm = Form.applied("ln", List.of(by));
        Form.Letter letter = Substituting.free(form, by);
        Form inner = form.replaced(logarithm, letter).with(by, Form.power(Form.E, letter));
        return form.replaced(logarithm, letter).equals(form)
                ? Optional.empty()
                : find(inner.times(Form.power(Form.E, letter)), letter, depth + 1)
                        .map(below -> new Found(
                                call(form, by),
                                IntegralRule.SUBSTITUTION,
                                letter.name() + " = " + logarithm.text() + ", " + by.name() + " = e^" + letter.name(),
                                below.part(),
                                List.of(below),
                                Optional.of(new Put(letter, logarithm))));
    }

    /** A quotient of sines and cosines of one angle. */
    private Optional<Found> byTangent(Form form, Form.Letter by, int depth) {
        Form plain = Angles.ofHalves(Angles.inSinesAndCosines(form));
        Optional<Form> angle = Angles.only(plain, by).filter(each -> turn.equals(Form.ONE));
        Optional<Linear> linear = angle.flatMap(each -> linear(each, by));
        if (linear.isEmpty()) {
            return Optional.empty();
        }
        Form.Letter letter = Substituting.free(form, by);
        return TangentSubstitution.of(plain, angle.get(), linear.get().slope(), letter, by)
                .flatMap(tangent -> find(tangent.inner(), letter, depth + 1)
                        .map(below -> new Found(
                                call(form, by),
                                IntegralRule.SUBSTITUTION,
                                tangent.says(),
                                below.part(),
                                List.of(below),
                                Optional.of(new Put(letter, tangent.put())))));
    }

    // ---- substitution

    private Optional<Found> bySubstitution(Form form, Form.Letter by, int depth) {
        Form.Letter letter = Substituting.free(form, by);
        return Substituting.candidates(form, by).stream()
                .flatMap(candidate -> tried(() -> byPutting(letter, candidate, form, by, depth)).stream())
                .findFirst();
    }

    /** A power of the letter by a letter of its own, where no other power is left; what is infinite at 0 gives none. */
    private Optional<Found> byPowers(Form form, Form.Letter by, int depth) {
        form.with(by, Form.ZERO);
        Form.Letter letter = Substituting.free(form, by);
        return Substituting.candidates(form, by).stream()
                .filter(each -> each instanceof Form.Power power
                        && power.base().equals(by)
                        && !Canonical.isNegative(power.exponent()))
                .flatMap(power -> byPutting(letter, power, form, by, depth).stream())
                .findFirst();
    }

    private Optional<Found> byPutting(Form.Letter letter, Form candidate, Form form, Form.Letter by, int depth) {
        Form slope = slope(candidate, by);
        if (slope.isZero()) {
            return Optional.empty();
        }
        Form rest = form.over(slope);
        Form plain = Angles.inSinesAndCosines(rest);
        return Stream.of(
                        Simplifying.cancelled(rest),
                        Stream.of(rest),
                        plain.equals(rest) ? Stream.<Form>of() : Simplifying.cancelled(plain))
                .flatMap(ways -> ways)
                .flatMap(each -> Substituting.by(each, candidate, letter, by).stream())
                .findFirst()
                .filter(inner -> inner.size() <= 2 * form.size() + 8)
                // Roots would come into a quotient of polynomials, and come back as other ones.
                .filter(inner -> !PartialFractions.isQuotient(form, by) || PartialFractions.isQuotient(inner, letter))
                .flatMap(inner -> find(inner, letter, depth + 1))
                .map(below -> new Found(
                        call(form, by),
                        IntegralRule.SUBSTITUTION,
                        letter.name() + " = " + candidate.text() + ", " + letter.name() + "' = " + slope.text(),
                        below.part(),
                        List.of(below),
                        Optional.of(new Put(letter, candidate))));
    }

    /** The derivative; 0 also where none is known. */
    private Form slope(Form form, Form.Letter by) {
        try {
            return Derivative.of(form, by, 1, rules);
        } catch (Derivative.NotKnown none) {
            return Form.ZERO;
        }
    }

    // ---- parts

    private Optional<Found> byParts(Form form, Form.Letter by, int depth) {
        List<Form> factors = form instanceof Form.Product product ? product.factors() : List.of(form);
        for (Form first : preferred(factors, by)) {
            Form rest = form.over(first);
            Optional<Found> integral = find(rest, by, depth + 2);
            if (integral.isEmpty()) {
                continue;
            }
            Form slope;
            try {
                slope = Derivative.of(first, by, 1, rules);
            } catch (Derivative.NotKnown none) {
                continue;
            }
            Form v = integral.get().answer();
            Form left = Simplifying.of(v.times(slope));
            if (left.size() > 3 * form.size() + 10) {
                continue;
            }
            Optional<Found> below = find(left, by, depth + 1);
            if (below.isPresent()) {
                return Optional.of(new Found(
                        call(form, by),
                        IntegralRule.PARTS,
                        parts(first, rest, v),
                        first.times(v).minus(below.get().part()),
                        List.of(below.get()),
                        Optional.empty()));
            }
        }
        return Optional.empty();
    }

    private static String parts(Form u, Form slope, Form v) {
        return "u = " + u.text() + ", v' = " + slope.text() + ", v = " + v.text();
    }

    /** What becomes simpler when it is differentiated: logarithms and inverse functions, then powers of the variable. */
    private static List<Form> preferred(List<Form> factors, Form.Letter by) {
        List<Form> first = new ArrayList<>();
        List<Form> then = new ArrayList<>();
        for (Form factor : factors) {
            Form base = Ordering.base(factor);
            boolean isWhole = Ordering.exponent(factor) instanceof Form.Number number
                    && number.value() instanceof Rational times
                    && times.isInteger()
                    && times.signum() > 0;
            if (base instanceof Form.Applied applied
                    && isWhole
                    && Set.of(
                                    "ln", "log10", "log2", "log", "asin", "acos", "atan", "acot", "asinh", "acosh",
                                    "atanh", "erf")
                            .contains(applied.function())) {
                first.add(factor);
            } else if (isWhole && (base.equals(by) || base instanceof Form.Sum) && factors.size() > 1) {
                then.add(factor);
            }
        }
        first.addAll(then);
        for (Form factor : then) {
            Form less = Ordering.exponent(factor).minus(Form.ONE);
            if (!less.isZero()) {
                first.add(Form.power(Ordering.base(factor), less));
            }
        }
        return first;
    }

    /** {@code e^(a*x)*sin(b*x)} comes back after two rounds (DLMF 4.26.7 and 8). */
    private Optional<Found> exponentialTimesAngle(Form form, Form.Letter by) {
        if (!(form instanceof Form.Product product) || product.factors().size() != 2) {
            return Optional.empty();
        }
        Form one = product.factors().get(0);
        Form other = product.factors().get(1);
        Form power = one instanceof Form.Power ? one : other;
        Form angle = power == one ? other : one;
        if (!(power instanceof Form.Power exponential)
                || exponential.base().has(by)
                || !(angle instanceof Form.Applied applied)
                || !Set.of("sin", "cos").contains(applied.function())) {
            return Optional.empty();
        }
        Optional<Linear> rate = linear(exponential.exponent(), by);
        Optional<Linear> turns = linear(applied.arguments().get(0), by);
        if (rate.isEmpty() || turns.isEmpty()) {
            return Optional.empty();
        }
        Form a = rate.get().slope().times(Form.applied("ln", List.of(exponential.base())));
        Form b = turns.get().slope().over(turn);
        Form inner = applied.arguments().get(0);
        boolean isSine = applied.function().equals("sin");
        Form next = isSine ? cos(inner) : sin(inner);
        Form number = isSine ? b : b.negated();
        Form v = power.over(a);
        Form.Applied part = call(form, by);
        Form once = angle.times(v);
        Form twice = once.minus(number.times(next).times(v).over(a));
        Form again = b.power(2).over(a.power(2));
        return Optional.of(new Found(
                part,
                IntegralRule.BOTH_SIDES,
                Form.ONE.plus(again).times(part).text() + " = " + twice.text(),
                power.times(a.times(angle).minus(number.times(next)))
                        .over(a.power(2).plus(b.power(2))),
                List.of(),
                Optional.empty(),
                List.of(
                        new Stage(
                                IntegralRule.PARTS,
                                parts(angle, power, v),
                                once.minus(number.over(a).times(call(next.times(power), by)))),
                        new Stage(IntegralRule.PARTS, parts(next, power, v), twice.minus(again.times(part))))));
    }
}
