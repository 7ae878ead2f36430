package app.logismos.algebra;

import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Integrals of a polynomial over powers of a quadratic, and over or times its root. */
final class QuadraticIntegrals {
    private static final int MOST_DEGREE = 40;
    private static final Form TWO = Form.number(2);

    private final DerivativeRules rules;

    QuadraticIntegrals(DerivativeRules rules) {
        this.rules = rules;
    }

    /** A linear polynomial over a power of a quadratic that cannot be split: a part of its slope above, and a number. */
    Optional<Antiderivative.Found> ofFraction(Form form, PartialFractions.Fraction fraction, Form.Letter by) {
        Form quadratic = fraction.below();
        Form constant = fraction.above().with(by, Form.ZERO);
        Form rise = Expanding.of(fraction.above().minus(constant).over(by));
        return rise.has(by)
                ? Optional.empty()
                : Quadratic.of(quadratic, by, rules)
                        .map(q -> ofLinear(form, q, quadratic, fraction.times(), rise, constant, by));
    }

    private static Antiderivative.Found ofLinear(
            Form form, Quadratic q, Form quadratic, int times, Form rise, Form constant, Form.Letter by) {
        Form half = rise.over(TWO.times(q.a()));
        Form left = Expanding.of(constant.minus(q.b().times(half)));
        List<Antiderivative.Found> below = new ArrayList<>();
        Form worth = Form.ZERO;
        if (!half.isZero()) {
            below.add(ofSlope(q, quadratic, times, by));
            worth = worth.plus(half.times(below.get(0).part()));
        }
        if (!left.isZero()) {
            Antiderivative.Found ofOne = overPower(q, quadratic, times, by);
            below.add(ofOne);
            worth = worth.plus(left.times(ofOne.part()));
        }
        Form.Applied part = Antiderivative.call(form, by);
        return below.size() == 1 && below.get(0).part().equals(part)
                ? below.get(0)
                : new Antiderivative.Found(
                        part,
                        below.size() == 1 ? IntegralRule.CONSTANT_FACTOR : IntegralRule.SUM,
                        below.size() == 1 ? "" : q.slope(by).text() + " is the derivative of " + quadratic.text(),
                        worth,
                        below,
                        Optional.empty());
    }

    /** The slope of the quadratic over a power of it. */
    private static Antiderivative.Found ofSlope(Quadratic q, Form quadratic, int times, Form.Letter by) {
        Form worth = times == 1
                ? Form.applied("ln", List.of(q.isPositive() ? quadratic : Antiderivative.absolute(quadratic)))
                : quadratic.power(1L - times).over(Form.number(1L - times));
        return new Antiderivative.Found(
                Antiderivative.call(q.slope(by).over(quadratic.power(times)), by),
                IntegralRule.SUBSTITUTION,
                "u = " + quadratic.text() + ", u' = " + q.slope(by).text(),
                worth,
                List.of(),
                Optional.empty());
    }

    /** 1 over a power of a quadratic. */
    private static Antiderivative.Found overPower(Quadratic q, Form quadratic, int times, Form.Letter by) {
        Form.Applied part = Antiderivative.call(quadratic.power(-times), by);
        if (times > 1) {
            Antiderivative.Found less = overPower(q, quadratic, times - 1, by);
            return new Antiderivative.Found(
                    part,
                    IntegralRule.REDUCTION,
                    "",
                    q.lowered(quadratic, times, by, less.part()),
                    List.of(less),
                    Optional.empty());
        }
        return standard(part, q.overOne(by), q, Form.MINUS_ONE, by);
    }

    /** A power of a quadratic whose square is completed, where it is not one already, and looked up. */
    private static Antiderivative.Found standard(
            Form.Applied part, Form worth, Quadratic q, Form exponent, Form.Letter by) {
        return new Antiderivative.Found(
                part,
                IntegralRule.STANDARD_FORM,
                "",
                worth,
                List.of(),
                Optional.empty(),
                q.b().isZero()
                        ? List.of()
                        : List.of(new Antiderivative.Stage(
                                IntegralRule.COMPLETED_SQUARE,
                                "",
                                Antiderivative.call(Form.power(q.completed(by), exponent), by))));
    }

    /** A quadratic with letters in it, to a whole power below the line. */
    Optional<Antiderivative.Found> ofPower(Form form, Form.Letter by) {
        if (!(form instanceof Form.Power power)
                || !(power.exponent() instanceof Form.Number number)
                || !(number.value() instanceof Rational times)
                || !times.isInteger()
                || times.signum() > 0) {
            return Optional.empty();
        }
        return Quadratic.of(power.base(), by, rules).map(q -> overPower(q, power.base(), (int) -times.toDouble(), by));
    }

    /** A polynomial times or over the root of a quadratic (Gradshteyn and Ryzhik 2.261 to 2.263). */
    Optional<Antiderivative.Found> ofRoot(Form form, Form.Letter by) {
        List<Form> factors = form instanceof Form.Product product ? product.factors() : List.of(form);
        Form rest = Form.ONE;
        Optional<Quadratic> found = Optional.empty();
        Form below = Form.ONE;
        boolean isOver = false;
        for (Form factor : factors) {
            Form exponent = Ordering.exponent(factor);
            boolean isRoot = exponent.equals(Form.HALF) || exponent.equals(Form.HALF.negated());
            Optional<Quadratic> each =
                    isRoot && found.isEmpty() ? Quadratic.of(Ordering.base(factor), by, rules) : Optional.empty();
            if (each.isPresent()) {
                found = each;
                below = Ordering.base(factor);
                isOver = exponent.equals(Form.HALF.negated());
            } else {
                rest = rest.times(factor);
            }
        }
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Quadratic q = found.get();
        if (isSlope(rest, q, by)) {
            return Optional.empty();
        }
        List<Form> above = polynomial(isOver ? rest : rest.times(below), by);
        Optional<Form> base = q.overRoot(below, by);
        if (base.isEmpty() || above.isEmpty()) {
            return Optional.empty();
        }
        Form.Applied part = Antiderivative.call(form, by);
        Form half = Form.HALF.negated();
        Form.Applied one = Antiderivative.call(Form.power(below, half), by);
        Antiderivative.Found ofOne = standard(one, base.get(), q, half, by);
        Form worth = q.polynomialOverRoot(above, Form.power(below, Form.HALF), by, one);
        return Optional.of(
                part.equals(one)
                        ? ofOne
                        : new Antiderivative.Found(
                                part,
                                IntegralRule.REDUCTION,
                                "",
                                worth,
                                worth.replaced(one, Form.ZERO).equals(worth) ? List.of() : List.of(ofOne),
                                Optional.empty()));
    }

    /** What is a number times the slope of the quadratic is for a substitution. */
    private static boolean isSlope(Form rest, Quadratic q, Form.Letter by) {
        return !Simplifying.of(rest.over(q.slope(by))).has(by);
    }

    /** The coefficients of a polynomial, that of 1 first; none where it is none, or a long one. */
    private static List<Form> polynomial(Form form, Form.Letter by) {
        List<Form> coefficients = new ArrayList<>();
        Form rest = Expanding.of(form);
        while (!rest.isZero() && coefficients.size() <= MOST_DEGREE) {
            Form last = rest.with(by, Form.ZERO);
            coefficients.add(last);
            rest = Expanding.of(rest.minus(last).over(by));
        }
        return rest.isZero() ? coefficients : List.of();
    }
}
