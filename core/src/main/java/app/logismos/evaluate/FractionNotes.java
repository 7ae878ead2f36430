package app.logismos.evaluate;

import app.logismos.formula.Expression.Infix;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.value.NumberValue;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Operations on fractions as on paper: the common denominator, the products above and below, what is cancelled. */
final class FractionNotes {
    /** Longer fractions are not written out. */
    private static final int MOST_BITS = 40;

    private static final int MOST_EXPONENT = 12;

    private FractionNotes() {}

    /** The calculation behind an operation on plain numbers; nothing where there is none to show. */
    static Optional<String> of(Infix node, Evaluator evaluator, Written written) {
        if (!(evaluator.value(node.left()) instanceof NumberValue left)
                || !(evaluator.value(node.right()) instanceof NumberValue right)
                || !(left.real() instanceof Rational a)
                || !(right.real() instanceof Rational b)
                || Stream.of(a, b).anyMatch(FractionNotes::isLong)) {
            return Optional.empty();
        }
        boolean hasFraction = written.isFraction(a) || written.isFraction(b);
        boolean areWhole = a.isInteger() && b.isInteger();
        return switch (node.operator()) {
            case PLUS, MINUS -> hasFraction ? Optional.of(sum(node, a, b)) : Optional.empty();
            case TIMES -> hasFraction ? Optional.of(product(a, b)) : Optional.empty();
            case DIVIDE -> areWhole ? cancelled(a, b) : hasFraction ? Optional.of(quotient(a, b)) : Optional.empty();
            case POWER -> hasFraction && b.isInteger() ? power(a, b) : Optional.empty();
            case MOD, DIV, EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST, JOIN -> Optional.empty();
        };
    }

    /** Which numbers of a working are written as fractions. */
    @FunctionalInterface
    interface Written {
        boolean isFraction(Rational number);
    }

    private static boolean isLong(Rational number) {
        return Math.max(number.numerator().bitLength(), number.denominator().bitLength()) > MOST_BITS;
    }

    /** 3/6 + 2/6; and 2/6 + 1/6 = 3/6, cancelled by 3. */
    private static String sum(Infix node, Rational a, Rational b) {
        BigInteger shared =
                a.denominator().multiply(b.denominator()).divide(a.denominator().gcd(b.denominator()));
        BigInteger first = a.numerator().multiply(shared.divide(a.denominator()));
        BigInteger second = b.numerator().multiply(shared.divide(b.denominator()));
        boolean isPlus = node.operator() == InfixOperator.PLUS;
        BigInteger above = isPlus ? first.add(second) : first.subtract(second);
        return over(first, shared) + (isPlus ? " + " : " − ") + over(second, shared) + cancelling(above, shared);
    }

    /** (2 × 9) / (3 × 4) = 18/12, cancelled by 6. */
    private static String product(Rational a, Rational b) {
        String above = factors(a.numerator(), b.numerator());
        String below = a.isInteger() || b.isInteger()
                ? a.denominator().multiply(b.denominator()).toString()
                : factors(a.denominator(), b.denominator());
        return above + " / " + below
                + cancelling(
                        a.numerator().multiply(b.numerator()), a.denominator().multiply(b.denominator()));
    }

    private static String factors(BigInteger a, BigInteger b) {
        return "(" + signed(a) + " × " + signed(b) + ")";
    }

    /** 2/3 × 5/4, and the product. */
    private static String quotient(Rational a, Rational b) {
        if (b.numerator().signum() == 0) {
            return "";
        }
        Rational turned = Rational.of(b.denominator(), b.numerator());
        boolean areWhole = a.isInteger() && turned.isInteger();
        return plain(a) + " × " + plain(turned) + (areWhole ? "" : " = " + product(a, turned));
    }

    /** What a fraction of whole numbers is cancelled by. */
    private static Optional<String> cancelled(Rational a, Rational b) {
        BigInteger shared = a.numerator().gcd(b.numerator());
        boolean isFraction =
                b.numerator().signum() != 0 && !shared.equals(b.numerator().abs()) && !shared.equals(BigInteger.ONE);
        return isFraction ? Optional.of("cancelled by " + shared) : Optional.empty();
    }

    /** 2^3 / 3^3; of a negative exponent first the fraction turned over. */
    private static Optional<String> power(Rational base, Rational exponent) {
        int times = exponent.numerator().abs().bitLength() > 8
                ? MOST_EXPONENT + 1
                : exponent.numerator().abs().intValue();
        if (times < 2 && exponent.numerator().signum() > 0
                || times == 0
                || times > MOST_EXPONENT
                || base.numerator().signum() == 0) {
            return Optional.empty();
        }
        boolean isTurned = exponent.numerator().signum() < 0;
        Rational of = isTurned ? Rational.of(base.denominator(), base.numerator()) : base;
        List<String> equal = new ArrayList<>();
        if (isTurned) {
            equal.add(times == 1 ? plain(of) : "(" + plain(of) + ")^" + times);
        }
        if (times > 1 && !of.isInteger()) {
            equal.add(signed(of.numerator()) + "^" + times + " / " + of.denominator() + "^" + times);
        }
        return Optional.of(String.join(" = ", equal));
    }

    /** The fraction as it comes out, where it is not in its lowest terms, and what it is cancelled by. */
    private static String cancelling(BigInteger above, BigInteger below) {
        BigInteger by = above.gcd(below);
        if (by.equals(BigInteger.ONE)) {
            return "";
        }
        return " = " + over(above, below) + (by.equals(below) ? "" : ", cancelled by " + by);
    }

    private static String over(BigInteger above, BigInteger below) {
        return below.equals(BigInteger.ONE) ? signed(above) : signed(above) + "/" + signed(below);
    }

    private static String plain(Rational number) {
        String text = Plain.text(number);
        return number.signum() < 0 ? "(" + text + ")" : text;
    }

    private static String signed(BigInteger number) {
        return number.signum() < 0 ? "(" + number + ")" : number.toString();
    }
}
