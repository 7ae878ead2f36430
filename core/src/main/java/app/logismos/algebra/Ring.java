package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import app.logismos.number.Undefined;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What stands for the variables when a form is seen as a polynomial or a quotient of two: its letters, π and e, functions,
 * and roots and exponentials, of which the smallest power is the variable, so that {@code e^(2*x)} is the square of
 * {@code e^x}.
 */
final class Ring {
    /** Higher powers of sums are not multiplied out. */
    private static final int MOST_POWER = 1_000;

    /** Whether what is divided by stays a variable of its own, and is not put below a line. */
    private final boolean keepsDivisors;

    /** Variables by their bases and units of exponents, with the least common denominator of the exponents. */
    private final Map<Atom, Atom> atoms = new LinkedHashMap<>();

    private final List<Atom> variables = new ArrayList<>();

    /** A variable: {@code base^(unit/parts)}. */
    private record Atom(Form base, Form unit, BigInteger parts) {
        Form power(int exponent) {
            return Form.power(base, unit.times(Form.number(Rational.of(BigInteger.valueOf(exponent), parts))));
        }
    }

    /** The exponent of an atom as it stands: so many times its unit. */
    private record Raised(Atom atom, Rational times) {}

    private Ring(boolean keepsDivisors) {
        this.keepsDivisors = keepsDivisors;
    }

    /** The ring in which a form is a quotient of polynomials. */
    static Ring ofQuotient(Form form) {
        return new Ring(false).with(form);
    }

    /** The ring in which a form is a polynomial, what it divides by being variables too. */
    static Ring ofPolynomial(Form form) {
        return new Ring(true).with(form);
    }

    /** The ring in which each of some forms is a quotient of polynomials. */
    static Ring ofQuotients(Collection<Form> forms) {
        return new Ring(false).with(forms);
    }

    /** Whether what stands for variables in the form are variables here. */
    boolean has(Form form) {
        Ring other = ofQuotient(form);
        return other.atoms.values().stream()
                .allMatch(atom -> atoms.containsKey(new Atom(atom.base(), atom.unit(), BigInteger.ONE))
                        && atoms.get(new Atom(atom.base(), atom.unit(), BigInteger.ONE))
                                        .parts()
                                        .mod(atom.parts())
                                        .signum()
                                == 0);
    }

    private Ring with(Form form) {
        return with(List.of(form));
    }

    private Ring with(Collection<Form> forms) {
        forms.forEach(this::gather);
        for (Atom atom : atoms.values()) {
            variables.add(atom);
        }
        return this;
    }

    private void gather(Form form) {
        Cancellable.tick();
        if (form instanceof Form.Sum || form instanceof Form.Product) {
            form.parts().forEach(this::gather);
            if (form instanceof Form.Product product && !(product.number() instanceof Rational)) {
                gather(new Form.Number(product.number()));
            }
        } else if (isMultipliedOut(form)) {
            gather(((Form.Power) form).base());
        } else if (!isRational(form)) {
            for (Raised each : raised(form)) {
                atoms.merge(each.atom(), withParts(each), Ring::common);
            }
        }
    }

    private static Atom withParts(Raised raised) {
        return new Atom(
                raised.atom().base(), raised.atom().unit(), raised.times().denominator());
    }

    private static Atom common(Atom a, Atom b) {
        BigInteger shared = a.parts().gcd(b.parts());
        return new Atom(a.base(), a.unit(), a.parts().divide(shared).multiply(b.parts()));
    }

    private static boolean isRational(Form form) {
        return form instanceof Form.Number number && number.value() instanceof Rational;
    }

    /** A whole power of a sum, which is below the line where that may be. */
    private boolean isMultipliedOut(Form form) {
        return form instanceof Form.Power power
                && power.base() instanceof Form.Sum
                && power.exponent() instanceof Form.Number number
                && number.value() instanceof Rational exponent
                && exponent.isInteger()
                && exponent.numerator().abs().compareTo(BigInteger.valueOf(MOST_POWER)) <= 0
                && (exponent.signum() > 0 || !keepsDivisors);
    }

    /** A factor as powers of atoms: e^(x + y) is e^x times e^y. */
    private List<Raised> raised(Form factor) {
        Form base = Ordering.base(factor);
        Form exponent = Ordering.exponent(factor);
        List<Form> terms = exponent instanceof Form.Sum sum ? sum.terms() : List.of(exponent);
        return terms.stream().map(term -> raised(base, term)).toList();
    }

    private Raised raised(Form base, Form term) {
        Form unit = term;
        Rational times = Rational.ONE;
        if (term instanceof Form.Number number && number.value() instanceof Rational rational) {
            unit = Form.ONE;
            times = rational;
        } else if (term instanceof Form.Product product && product.number() instanceof Rational rational) {
            unit = product.of(product.factors()).over(Form.number(rational));
            times = rational;
        }
        boolean isKept = keepsDivisors && times.signum() < 0;
        return isKept
                ? new Raised(new Atom(base, unit.negated(), BigInteger.ONE), (Rational) times.negate())
                : new Raised(new Atom(base, unit, BigInteger.ONE), times);
    }

    Quotient quotient(Form form) {
        Cancellable.tick();
        if (form instanceof Form.Number number && number.value() instanceof Rational rational) {
            return new Quotient(constant(rational.numerator()), constant(rational.denominator()));
        }
        if (form instanceof Form.Sum sum) {
            return sum.terms().stream()
                    .map(this::quotient)
                    .reduce(Quotient.of(constant(BigInteger.ZERO)), Quotient::plus);
        }
        if (form instanceof Form.Product product) {
            return product.factors().stream()
                    .map(this::quotient)
                    .reduce(quotient(new Form.Number(product.number())), Quotient::times);
        }
        if (isMultipliedOut(form)) {
            Form.Power power = (Form.Power) form;
            int exponent = ((Rational) ((Form.Number) power.exponent()).value())
                    .numerator()
                    .intValue();
            return raised(quotient(power.base()), exponent);
        }
        Quotient product = Quotient.of(constant(BigInteger.ONE));
        for (Raised each : raised(form)) {
            product = product.times(raised(each));
        }
        return product;
    }

    private Quotient raised(Raised raised) {
        Atom atom = atoms.get(raised.atom());
        BigInteger exponent = raised.times()
                .numerator()
                .multiply(atom.parts().divide(raised.times().denominator()));
        if (exponent.bitLength() > 20) {
            throw new NoForm(Undefined.TOO_LARGE);
        }
        Polynomial variable = Polynomial.variable(variables.indexOf(atom), 1, variables.size());
        return raised(Quotient.of(variable), exponent.intValue());
    }

    private static Quotient raised(Quotient base, int exponent) {
        if (exponent < 0 && base.above().isZero()) {
            throw new NoForm(Undefined.DIVIDE_BY_ZERO);
        }
        return exponent < 0 ? base.inverse().power(-exponent) : base.power(exponent);
    }

    private Polynomial constant(BigInteger number) {
        return Polynomial.of(number, variables.size());
    }

    /** A polynomial in the variables as a form, multiplied out. */
    Form form(Polynomial polynomial) {
        List<Form> terms = new ArrayList<>();
        polynomial.forEach((exponents, coefficient) -> terms.add(term(exponents, coefficient)));
        return Form.sum(terms);
    }

    private Form term(int[] exponents, BigInteger coefficient) {
        List<Form> factors = new ArrayList<>();
        factors.add(Form.number(Rational.of(coefficient)));
        for (int i = 0; i < exponents.length; i++) {
            if (exponents[i] > 0) {
                factors.add(variables.get(i).power(exponents[i]));
            }
        }
        return Form.product(factors);
    }

    /** The place of the variable that a form is, −1 where it is none. */
    int indexOf(Form form) {
        return form instanceof Form.Number
                ? -1
                : variables.indexOf(atoms.get(raised(form).get(0).atom()));
    }

    /** The variables, each as a form. */
    List<Form> variables() {
        return variables.stream().map(atom -> atom.power(1)).toList();
    }
}
