package app.logismos.algebra;

import java.util.List;
import java.util.Optional;

/**
 * A fraction whose divisor cannot be split over the rationals, but over the reals with one root: {@code a*x^4 + b*x^2 + c}
 * into two quadratics, {@code a*x^3 + d} into a linear and a quadratic factor (DLMF 1.11(iii); Gradshteyn and Ryzhik 2.13).
 */
final class RealFactors {
    private static final Form TWO = Form.number(2);

    private final Form.Letter by;
    private final Form above;
    private final Form below;

    private RealFactors(PartialFractions.Fraction fraction, Form.Letter by) {
        this.by = by;
        this.above = fraction.above();
        this.below = fraction.below();
    }

    /** The fractions that it is the sum of; nothing where it is not of such a kind. */
    static Optional<List<PartialFractions.Fraction>> split(PartialFractions.Fraction fraction, Form.Letter by) {
        RealFactors factors = new RealFactors(fraction, by);
        if (fraction.times() != 1 || !(fraction.below() instanceof Form.Sum)) {
            return Optional.empty();
        }
        List<Form> coefficients = factors.coefficients(fraction.below(), 4);
        if (coefficients.isEmpty()) {
            return Optional.empty();
        }
        if (!coefficients.get(4).isZero()) {
            boolean isEven = coefficients.get(1).isZero() && coefficients.get(3).isZero();
            return isEven ? factors.ofFourth(coefficients) : Optional.empty();
        }
        boolean isPure = coefficients.get(1).isZero() && coefficients.get(2).isZero();
        return isPure && !coefficients.get(3).isZero() ? Optional.of(factors.ofThird(coefficients)) : Optional.empty();
    }

    /** Those of the powers up to a degree; none where there are higher ones. */
    private List<Form> coefficients(Form polynomial, int degree) {
        Form[] found = new Form[degree + 1];
        Form rest = Expanding.of(polynomial);
        for (int i = 0; i <= degree; i++) {
            found[i] = rest.with(by, Form.ZERO);
            rest = Expanding.of(rest.minus(found[i]).over(by));
        }
        return rest.isZero() ? List.of(found) : List.of();
    }

    /** With s^2 = c/a: x^4 + (b/a)*x^2 + s^2 = (x^2 + s)^2 − r^2*x^2 where r^2 = 2*s − b/a is more than 0. */
    private Optional<List<PartialFractions.Fraction>> ofFourth(List<Form> coefficients) {
        Form a = coefficients.get(4);
        Form p = coefficients.get(2).over(a);
        Form s = Form.power(coefficients.get(0).over(a), Form.HALF);
        Form square = Expanding.of(TWO.times(s).minus(p));
        if (!isPositive(coefficients.get(0).over(a)) || !isPositive(square)) {
            return Optional.empty();
        }
        Form r = Form.power(square, Form.HALF);
        List<Form> n = coefficients(above.over(a), 3);
        Form sumOfFirst = n.get(3);
        Form sumOfLast = n.get(0).over(s);
        Form differenceOfFirst = n.get(2).minus(sumOfLast).over(r);
        Form differenceOfLast = n.get(1).minus(sumOfFirst.times(s)).over(r);
        Form middle = r.times(by);
        Form quadratic = by.power(2).plus(s);
        return Optional.of(List.of(
                fraction(sumOfFirst.plus(differenceOfFirst), sumOfLast.plus(differenceOfLast), quadratic.minus(middle)),
                fraction(
                        sumOfFirst.minus(differenceOfFirst),
                        sumOfLast.minus(differenceOfLast),
                        quadratic.plus(middle))));
    }

    private PartialFractions.Fraction fraction(Form twiceFirst, Form twiceLast, Form quadratic) {
        Form line = Expanding.of(twiceFirst.over(TWO)).times(by).plus(Expanding.of(twiceLast.over(TWO)));
        return new PartialFractions.Fraction(line, quadratic, 1);
    }

    /** With r the real root, x^3 − r^3 = (x − r)*(x^2 + r*x + r^2). */
    private List<PartialFractions.Fraction> ofThird(List<Form> coefficients) {
        Form a = coefficients.get(3);
        Form cube = coefficients.get(0).over(a).negated();
        Form third = Form.ONE.over(Form.number(3));
        Form r = Quadratic.isNegative(cube) ? Form.power(cube.negated(), third).negated() : Form.power(cube, third);
        List<Form> n = coefficients(above.over(a), 2);
        Form atRoot =
                Expanding.of(n.get(2).times(r.power(2)).plus(n.get(1).times(r)).plus(n.get(0)));
        Form first = Expanding.of(atRoot.over(Form.number(3).times(r.power(2))));
        Form last = Expanding.of(first.times(r).minus(n.get(0).over(r)));
        Form quadratic = by.power(2).plus(r.times(by)).plus(r.power(2));
        return List.of(
                new PartialFractions.Fraction(first, by.minus(r), 1),
                new PartialFractions.Fraction(
                        Expanding.of(n.get(2).minus(first)).times(by).plus(last), quadratic, 1));
    }

    private static boolean isPositive(Form form) {
        return new NearValue(List.of(), new double[0], 1).of(form) > 0;
    }
}
