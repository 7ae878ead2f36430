package app.logismos.algebra;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The one order of terms and factors: terms by falling degree, numbers before letters in products. */
final class Ordering {
    /** Numbers, constants, letters by the alphabet, sums, functions; of one base the higher power first. */
    static final Comparator<Form> FACTORS = Ordering::factors;

    /** The higher degree first; of one degree as their factors stand. */
    static final Comparator<Form> TERMS = Ordering::terms;

    private Ordering() {}

    private static int terms(Form a, Form b) {
        int byDegree = degree(b).compareTo(degree(a));
        if (byDegree != 0) {
            return byDegree;
        }
        if (isImaginary(a) != isImaginary(b)) {
            return isImaginary(a) ? 1 : -1;
        }
        boolean isNumber = a instanceof Form.Number;
        if (isNumber != b instanceof Form.Number) {
            return isNumber ? 1 : -1;
        }
        return lists(factorsOf(a), factorsOf(b));
    }

    /** Terms as they are written: of the highest degree one with a plus first, so that fewer sums begin with a minus. */
    static List<Form> written(List<Form> terms) {
        Rational highest = degree(terms.get(0));
        int first = 0;
        while (first < terms.size()
                && FormText.isLess(terms.get(first))
                && degree(terms.get(first)).equals(highest)) {
            first++;
        }
        boolean isComplexNumber = isImaginary(terms.get(terms.size() - 1));
        if (isComplexNumber
                || first == 0
                || first == terms.size()
                || !degree(terms.get(first)).equals(highest)) {
            return terms;
        }
        List<Form> written = new ArrayList<>(terms);
        written.add(0, written.remove(first));
        return written;
    }

    /** So many times the imaginary unit, which stands behind the real part. */
    static boolean isImaginary(Form term) {
        return term.equals(Form.I)
                || term instanceof Form.Product product && product.factors().equals(List.of(Form.I));
    }

    private static List<Form> factorsOf(Form term) {
        return term instanceof Form.Product product ? product.factors() : List.of(term);
    }

    private static int lists(List<Form> a, List<Form> b) {
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            int first = factors(a.get(i), b.get(i));
            if (first != 0) {
                return first;
            }
        }
        return Integer.compare(a.size(), b.size());
    }

    /** The degree in all letters together; what is no polynomial counts as a number. */
    private static Rational degree(Form form) {
        if (form instanceof Form.Letter) {
            return Rational.ONE;
        }
        if (form instanceof Form.Power power && power.exponent() instanceof Form.Number number) {
            return number.value() instanceof Rational exponent
                    ? (Rational) exponent.times(degree(power.base()))
                    : Rational.ZERO;
        }
        if (form instanceof Form.Product product) {
            Rational sum = Rational.ZERO;
            for (Form factor : product.factors()) {
                sum = (Rational) sum.plus(degree(factor));
            }
            return sum;
        }
        if (form instanceof Form.Sum sum) {
            return sum.terms().stream()
                    .map(Ordering::degree)
                    .max(Comparator.naturalOrder())
                    .orElse(Rational.ZERO);
        }
        return Rational.ZERO;
    }

    private static int factors(Form a, Form b) {
        Form baseA = base(a);
        Form baseB = base(b);
        int byRank = Integer.compare(rank(a), rank(b));
        if (byRank != 0) {
            return byRank;
        }
        int byBase = bases(baseA, baseB);
        return byBase != 0 ? byBase : exponents(exponent(a), exponent(b));
    }

    static Form base(Form factor) {
        return factor instanceof Form.Power power ? power.base() : factor;
    }

    static Form exponent(Form factor) {
        return factor instanceof Form.Power power ? power.exponent() : Form.ONE;
    }

    /** An exponential stands among the functions. */
    private static int rank(Form factor) {
        Form base = base(factor);
        if (base instanceof Form.Number) {
            return 0;
        }
        if (base instanceof Form.Constant || base instanceof Form.Measure) {
            return exponent(factor) instanceof Form.Number ? 1 : 4;
        }
        if (base instanceof Form.Letter) {
            return 2;
        }
        return base instanceof Form.Sum ? 3 : base instanceof Form.Applied ? 5 : 6;
    }

    private static int bases(Form a, Form b) {
        if (a instanceof Form.Number one && b instanceof Form.Number other) {
            return one.value().compareTo(other.value());
        }
        if (a instanceof Form.Constant one && b instanceof Form.Constant other) {
            return one.name().compareTo(other.name());
        }
        if (a instanceof Form.Measure || b instanceof Form.Measure) {
            return a instanceof Form.Measure one && b instanceof Form.Measure other
                    ? one.symbol().compareTo(other.symbol())
                    : a instanceof Form.Measure ? -1 : 1;
        }
        if (a instanceof Form.Letter one && b instanceof Form.Letter other) {
            return one.name().compareToIgnoreCase(other.name());
        }
        if (a instanceof Form.Applied one
                && b instanceof Form.Applied other
                && !one.function().equals(other.function())) {
            return one.function().compareTo(other.function());
        }
        if (a instanceof Form.Sum && b instanceof Form.Sum) {
            int byDegree = degree(a).compareTo(degree(b));
            int bySize = byDegree != 0
                    ? byDegree
                    : Integer.compare(a.parts().size(), b.parts().size());
            return bySize != 0 ? bySize : sequences(a.parts(), b.parts());
        }
        return sequences(a.parts(), b.parts());
    }

    private static int sequences(List<Form> a, List<Form> b) {
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            int first = whole(a.get(i), b.get(i));
            if (first != 0) {
                return first;
            }
        }
        return Integer.compare(a.size(), b.size());
    }

    /** Two forms with their numbers: terms of a sum, or arguments. */
    private static int whole(Form a, Form b) {
        int byTerms = terms(a, b);
        return byTerms != 0 ? byTerms : number(a).compareTo(number(b));
    }

    private static Real number(Form form) {
        return form instanceof Form.Product product ? product.number() : Rational.ONE;
    }

    private static int exponents(Form a, Form b) {
        if (a instanceof Form.Number one && b instanceof Form.Number other) {
            return other.value().compareTo(one.value());
        }
        return whole(b, a);
    }
}
