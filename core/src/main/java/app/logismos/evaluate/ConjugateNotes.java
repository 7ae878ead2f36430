package app.logismos.evaluate;

import app.logismos.formula.Expression.Infix;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Complex;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.RootSum;
import app.logismos.value.ComplexValue;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;

/** Products of complex numbers as on paper, and quotients by a complex number or a sum of roots: times the conjugate. */
final class ConjugateNotes {
    private static final int MOST_CHARACTERS = 24;

    private ConjugateNotes() {}

    static Optional<String> of(Infix node, Evaluator evaluator) {
        Value left = evaluator.value(node.left());
        Value right = evaluator.value(node.right());
        if (left instanceof ComplexValue a && right instanceof ComplexValue b && isShort(a) && isShort(b)) {
            return switch (node.operator()) {
                case TIMES -> product(a.number(), b.number());
                case DIVIDE -> quotient(a.number(), b.number());
                default -> Optional.empty();
            };
        }
        return node.operator() == InfixOperator.DIVIDE
                        && right instanceof NumberValue below
                        && below.real() instanceof RootSum sum
                ? Optional.of(sum.terms()).filter(terms -> terms.size() == 2).flatMap(terms -> withoutRoot(sum, terms))
                : Optional.empty();
    }

    private static boolean isShort(ComplexValue value) {
        return value.isPlain() && Plain.text(value.number()).length() <= MOST_CHARACTERS;
    }

    /** {@code (3 × 1 − 4 × (−2)) + (3 × (−2) + 4 × 1)i}. */
    private static Optional<String> product(Complex a, Complex b) {
        boolean hasBothParts = !a.isReal() && !b.isReal() && a.re().signum() != 0 && b.re().signum() != 0;
        return hasBothParts
                ? Optional.of("(" + times(a.re(), b.re()) + " − " + times(a.im(), b.im()) + ") + ("
                        + times(a.re(), b.im()) + " + " + times(a.im(), b.re()) + ")i, since i^2 = −1")
                : Optional.empty();
    }

    private static Optional<String> quotient(Complex a, Complex b) {
        if (b.isReal() || b.re().signum() == 0 || !(a.times(b.conjugate()) instanceof Complex above)) {
            return Optional.empty();
        }
        return b.times(b.conjugate()) instanceof Complex below
                ? Optional.of("above and below times " + Plain.text(b.conjugate()) + ": (" + Plain.text(above) + ") / "
                        + Plain.text(below.re()))
                : Optional.empty();
    }

    private static Optional<String> withoutRoot(RootSum below, List<RootSum.Root> terms) {
        RootSum.Root last = terms.get(1);
        Real conjugate = (Real) below.minus((Real) new RootSum(List.of(last)).times(Rational.of(2)));
        String text = Plain.text(conjugate);
        return text.length() <= MOST_CHARACTERS && below.times(conjugate) instanceof Real rational
                ? Optional.of("above and below times " + text + ", which leaves " + Plain.text(rational) + " below")
                : Optional.empty();
    }

    private static String times(Real a, Real b) {
        return factor(a) + " × " + factor(b);
    }

    private static String factor(Real number) {
        String text = Plain.text(number.abs());
        boolean isSum = text.indexOf(' ') >= 0;
        return number.signum() < 0 ? "(−" + text + ")" : isSum ? "(" + text + ")" : text;
    }
}
