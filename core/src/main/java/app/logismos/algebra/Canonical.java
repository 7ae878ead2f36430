package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Puts together what is alike, and brings the rest into its order. */
final class Canonical {
    /** Functions with f(−x) = −f(x), and those with f(−x) = f(x). */
    private static final Set<String> ODD = Set.of(
            "sin", "tan", "asin", "atan", "sinh", "tanh", "asinh", "atanh", "cot", "csc", "coth", "csch", "erf", "sign",
            "cbrt");

    private static final Set<String> EVEN = Set.of("cos", "cosh", "sec", "sech", "abs");

    /** A whole power of a number with more bits than this stays a power. */
    private static final int MOST_BITS = 20_000;

    /** Square factors of numbers under a root are looked for up to this one. */
    private static final int LARGEST_ROOT = 1_000;

    private static final Rational HALF = Rational.of(1, 2);

    private Canonical() {}

    static Form sum(Collection<Form> terms) {
        Map<Form, Real> numbers = new LinkedHashMap<>();
        terms.forEach(term -> addTo(numbers, term));
        List<Form> sum = new ArrayList<>();
        numbers.forEach((rest, number) -> {
            if (number.signum() != 0) {
                sum.add(product(number, rest));
            }
        });
        if (sum.size() > Form.MOST_NODES) {
            throw new NoForm(Undefined.TOO_LARGE);
        }
        if (sum.size() < 2) {
            return sum.isEmpty() ? Form.ZERO : sum.get(0);
        }
        sum.sort(Ordering.TERMS);
        return new Form.Sum(List.copyOf(sum));
    }

    /** Terms by what stands behind their numbers; numbers themselves by 1. */
    private static void addTo(Map<Form, Real> numbers, Form term) {
        Cancellable.tick();
        if (term instanceof Form.Sum sum) {
            sum.terms().forEach(each -> addTo(numbers, each));
            return;
        }
        if (term instanceof Form.Product product
                && product.factors().size() == 1
                && product.factors().get(0) instanceof Form.Sum inner) {
            Form before = new Form.Number(product.number());
            inner.terms().forEach(each -> addTo(numbers, before.times(each)));
            return;
        }
        Real number = Rational.ONE;
        Form rest = term;
        if (term instanceof Form.Number alone) {
            number = alone.value();
            rest = Form.ONE;
        } else if (term instanceof Form.Product product) {
            number = product.number();
            rest = behind(product);
        }
        numbers.merge(rest, number, Canonical::plus);
    }

    private static Form behind(Form.Product product) {
        return product.factors().size() == 1
                ? product.factors().get(0)
                : new Form.Product(Rational.ONE, product.factors());
    }

    /** A number before what has none. */
    private static Form product(Real number, Form rest) {
        if (rest.equals(Form.ONE)) {
            return new Form.Number(number);
        }
        if (number.equals(Rational.ONE)) {
            return rest;
        }
        return new Form.Product(number, rest instanceof Form.Product product ? product.factors() : List.of(rest));
    }

    static Form product(Collection<Form> factors) {
        Factors product = new Factors();
        factors.forEach(product::multiply);
        return product.form();
    }

    /** A product while it is put together: exponents by their bases. */
    private static final class Factors {
        private final Map<Form, Form> exponents = new LinkedHashMap<>();
        private Real number = Rational.ONE;
        /** What stands under square roots of numbers, all in one. */
        private Rational underRoot = Rational.ONE;

        private Form root = Form.ONE;

        void multiply(Form factor) {
            Cancellable.tick();
            if (factor instanceof Form.Number alone) {
                number = Canonical.times(number, alone.value());
            } else if (factor instanceof Form.Product product) {
                number = Canonical.times(number, product.number());
                product.factors().forEach(this::multiply);
            } else if (factor instanceof Form.Power root
                    && root.exponent().equals(Form.HALF)
                    && root.base() instanceof Form.Number under
                    && under.value() instanceof Rational rational) {
                underRoot = (Rational) Canonical.times(underRoot, rational);
            } else {
                exponents.merge(Ordering.base(factor), Ordering.exponent(factor), Form::plus);
            }
        }

        /** What is no longer under the root goes before it. */
        private void multiplyRoot(Form form) {
            if (form instanceof Form.Product product) {
                number = Canonical.times(number, product.number());
                root = product.factors().get(0);
            } else if (form instanceof Form.Number exact) {
                number = Canonical.times(number, exact.value());
            } else {
                root = form;
            }
        }

        /** The sign of a form times its size is the form, and over its size 1 over it; the form times its sign is its size. */
        private void joinSigns() {
            for (Form base : List.copyOf(exponents.keySet())) {
                if (base instanceof Form.Applied sign
                        && sign.function().equals("sign")
                        && exponents.get(base).equals(Form.ONE)) {
                    Form of = sign.arguments().get(0);
                    Form size = new Form.Applied("abs", sign.arguments());
                    Form times = exponents.getOrDefault(size, Form.ZERO);
                    if (times.equals(Form.ONE) || times.equals(Form.MINUS_ONE)) {
                        exponents.remove(base);
                        exponents.remove(size);
                        multiply(power(of, times));
                    } else if (exponents.getOrDefault(of, Form.ZERO).equals(Form.ONE)) {
                        exponents.remove(base);
                        exponents.remove(of);
                        multiply(size);
                    }
                }
            }
        }

        Form form() {
            joinSigns();
            List<Form> factors = new ArrayList<>();
            if (!underRoot.equals(Rational.ONE)) {
                multiplyRoot(rationals(underRoot, HALF));
            }
            boolean isSettled = true;
            for (Map.Entry<Form, Form> each : exponents.entrySet()) {
                Form factor = power(each.getKey(), each.getValue());
                // A power may come out as a number or a product: 2^(1/2)*2^(1/2) is 2.
                isSettled &= Ordering.base(factor).equals(each.getKey());
                factors.add(factor);
            }
            if (!isSettled) {
                factors.add(new Form.Number(number));
                factors.add(root);
                return product(factors);
            }
            factors.add(root);
            if (number.signum() == 0) {
                return Form.ZERO;
            }
            factors.removeIf(Form.ONE::equals);
            factors.sort(Ordering.FACTORS);
            return factors.isEmpty()
                    ? new Form.Number(number)
                    : Canonical.product(
                            number,
                            factors.size() == 1
                                    ? factors.get(0)
                                    : new Form.Product(Rational.ONE, List.copyOf(factors)));
        }
    }

    static Form power(Form base, Form exponent) {
        if (exponent.isZero()) {
            return Form.ONE;
        }
        if (exponent.equals(Form.ONE)) {
            return base;
        }
        if (base.equals(Form.ONE)) {
            return Form.ONE;
        }
        if (base.isZero() && exponent instanceof Form.Number number) {
            if (number.value().signum() < 0) {
                throw new NoForm(Undefined.DIVIDE_BY_ZERO);
            }
            return Form.ZERO;
        }
        if (base.equals(Form.E)
                && exponent instanceof Form.Applied log
                && log.function().equals("ln")) {
            return log.arguments().get(0);
        }
        boolean isWhole =
                exponent instanceof Form.Number number && number.value().isWhole();
        if (base.equals(Form.I) && isWhole) {
            return unitPower(((Rational) ((Form.Number) exponent).value()).numerator());
        }
        if (base instanceof Form.Number number && exponent instanceof Form.Number power) {
            return numbers(number.value(), power.value());
        }
        if (base instanceof Form.Power inner && (isWhole || isPositive(inner.base()))) {
            return power(inner.base(), inner.exponent().times(exponent));
        }
        if (base instanceof Form.Power inner && isSquare(inner) && exponent.equals(Form.HALF) && isReal(inner)) {
            return applied("abs", List.of(power(inner.base(), inner.exponent().times(Form.HALF))));
        }
        if (base instanceof Form.Product product && isWhole) {
            List<Form> factors = new ArrayList<>();
            factors.add(power(new Form.Number(product.number()), exponent));
            product.factors().forEach(each -> factors.add(power(each, exponent)));
            return product(factors);
        }
        if (base instanceof Form.Product product
                && !product.number().equals(Rational.ONE)
                && product.number().signum() > 0) {
            return power(new Form.Number(product.number()), exponent)
                    .times(power(product(Rational.ONE, behind(product)), exponent));
        }
        if (base instanceof Form.Applied abs && abs.function().equals("abs") && isEven(exponent) && isReal(abs)) {
            return power(abs.arguments().get(0), exponent);
        }
        return new Form.Power(base, exponent);
    }

    /** Letters stand for real numbers; the imaginary unit may make anything of what it stands in. */
    private static boolean isReal(Form form) {
        return !form.has(Form.I);
    }

    private static boolean isPositive(Form form) {
        return form instanceof Form.Constant && !form.equals(Form.I)
                || form instanceof Form.Number number && number.value().signum() > 0;
    }

    /** A power of the imaginary unit. */
    private static Form unitPower(BigInteger exponent) {
        return switch (exponent.mod(BigInteger.valueOf(4)).intValue()) {
            case 0 -> Form.ONE;
            case 1 -> Form.I;
            case 2 -> Form.MINUS_ONE;
            default -> Form.I.negated();
        };
    }

    private static boolean isSquare(Form.Power power) {
        return isEven(power.exponent());
    }

    private static boolean isEven(Form exponent) {
        return exponent instanceof Form.Number number
                && number.value() instanceof Rational rational
                && rational.isInteger()
                && !rational.numerator().testBit(0);
    }

    /** A power of numbers: worked out where it is a number, with square factors before a root, else as it is. */
    private static Form numbers(Real base, Real exponent) {
        if (base instanceof Rational number && exponent instanceof Rational power) {
            return rationals(number, power);
        }
        return number(base.power(exponent));
    }

    private static Form rationals(Rational base, Rational exponent) {
        if (exponent.isInteger()) {
            long bits =
                    Math.max(base.numerator().bitLength(), base.denominator().bitLength());
            if (exponent.numerator().bitLength() > 31
                    || bits * Math.abs(exponent.numerator().longValue()) > MOST_BITS) {
                return base.numerator().abs().equals(BigInteger.ONE) && base.isInteger()
                        ? number(base.power(exponent))
                        : new Form.Power(new Form.Number(base), new Form.Number(exponent));
            }
            return number(base.power(exponent));
        }
        if (base.power(exponent) instanceof Rational exact) {
            return new Form.Number(exact);
        }
        if (base.signum() < 0) {
            throw new NoForm(Undefined.NO_REAL_RESULT);
        }
        return exponent.denominator().equals(BigInteger.TWO)
                ? squareRoot(base, exponent.numerator())
                : mixed(base, exponent);
    }

    /** A whole power before the rest: 2^(4/3) is 2·2^(1/3). */
    private static Form mixed(Rational base, Rational exponent) {
        BigInteger whole = exponent.floor();
        if (whole.signum() == 0) {
            return new Form.Power(new Form.Number(base), new Form.Number(exponent));
        }
        Rational rest = (Rational) exponent.minus(Rational.of(whole));
        return new Form.Number(powerOf(base, whole))
                .times(new Form.Power(new Form.Number(base), new Form.Number(rest)));
    }

    /** √(a/b)^n as a fraction before the root of a whole number without square factors. */
    private static Form squareRoot(Rational base, BigInteger times) {
        BigInteger whole = times.subtract(BigInteger.ONE).divide(BigInteger.TWO);
        if (times.signum() < 0) {
            whole = times.subtract(BigInteger.ONE).shiftRight(1);
        }
        BigInteger under = base.numerator().multiply(base.denominator());
        BigInteger before = BigInteger.ONE;
        for (int root = 2; root <= LARGEST_ROOT; root++) {
            BigInteger square = BigInteger.valueOf((long) root * root);
            if (square.compareTo(under) > 0) {
                break;
            }
            Cancellable.tick();
            while (under.remainder(square).signum() == 0) {
                under = under.divide(square);
                before = before.multiply(BigInteger.valueOf(root));
            }
        }
        Real outside = times(Rational.of(before, base.denominator()), powerOf(base, whole));
        return product(outside, new Form.Power(new Form.Number(Rational.of(under)), Form.HALF));
    }

    private static Real powerOf(Rational base, BigInteger exponent) {
        return rationals(base, Rational.of(exponent)) instanceof Form.Number number
                ? number.value()
                : raise(Undefined.TOO_LARGE);
    }

    private static Real raise(Undefined reason) {
        throw new NoForm(reason);
    }

    static Form applied(String function, List<Form> arguments) {
        if (arguments.size() == 1) {
            Form argument = arguments.get(0);
            if (function.equals("sqrt")) {
                return power(argument, Form.HALF);
            }
            if (function.equals("exp")) {
                return power(Form.E, argument);
            }
            if (function.equals("ln")
                    && (argument.equals(Form.ONE) || Ordering.base(argument).equals(Form.E))) {
                return argument.equals(Form.ONE) ? Form.ZERO : Ordering.exponent(argument);
            }
            if (function.equals("abs") && isNeverNegative(argument)) {
                return argument;
            }
            if (function.equals("abs")
                    && argument instanceof Form.Product product
                    && product.factors().stream().allMatch(Canonical::isNeverNegative)) {
                return product(product.number().abs(), product(Rational.ONE, behind(product)));
            }
            if (function.equals("abs") && argument instanceof Form.Number number) {
                return new Form.Number(number.value().abs());
            }
            if (argument.isZero() && (ODD.contains(function))) {
                return poleAtZero(function) ? new Form.Applied(function, arguments) : Form.ZERO;
            }
            if (argument.isZero() && EVEN.contains(function)) {
                return function.equals("abs") ? Form.ZERO : Form.ONE;
            }
            if (ODD.contains(function) && isNegative(argument)) {
                return applied(function, List.of(opposite(argument))).negated();
            }
            if (EVEN.contains(function) && isNegative(argument)) {
                return applied(function, List.of(opposite(argument)));
            }
        }
        return new Form.Applied(function, List.copyOf(arguments));
    }

    /** With the minus in a sum before each of its terms. */
    private static Form opposite(Form form) {
        return sum(List.of(form.negated()));
    }

    private static boolean isNeverNegative(Form form) {
        return form instanceof Form.Constant && !form.equals(Form.I)
                || form instanceof Form.Measure
                || form instanceof Form.Number number && number.value().signum() >= 0
                || form instanceof Form.Sum sum && sum.terms().stream().allMatch(Canonical::isNeverNegative)
                || form instanceof Form.Product product
                        && product.number().signum() > 0
                        && product.factors().stream().allMatch(Canonical::isNeverNegative)
                || form instanceof Form.Power power
                        && isReal(power)
                        && (isEven(power.exponent())
                                || power.exponent().equals(Form.HALF)
                                || isNeverNegative(power.base()))
                || form instanceof Form.Applied applied && applied.function().equals("abs");
    }

    private static boolean poleAtZero(String function) {
        return function.equals("cot") || function.equals("csc") || function.equals("coth") || function.equals("csch");
    }

    /** Whether a minus stands before it: before a sum where it stands before its first term. */
    static boolean isNegative(Form form) {
        if (form instanceof Form.Number number) {
            return number.value().signum() < 0;
        }
        if (form instanceof Form.Product product) {
            return product.number().signum() < 0;
        }
        return form instanceof Form.Sum sum && isNegative(sum.terms().get(0));
    }

    private static Form number(Result result) {
        if (result instanceof Real real) {
            return Form.number(real);
        }
        throw new NoForm((Undefined) result);
    }

    private static Real plus(Real a, Real b) {
        return exactly(a, b, a.plus(b));
    }

    private static Real times(Real a, Real b) {
        return exactly(a, b, a.times(b));
    }

    /** Exact numbers have an exact answer here, or none. */
    private static Real exactly(Real a, Real b, Result result) {
        if (!(result instanceof Real real)) {
            throw new NoForm((Undefined) result);
        }
        if (a.isExact() && b.isExact() && !real.isExact()) {
            throw new NoForm(Undefined.TOO_LARGE);
        }
        return real;
    }
}
