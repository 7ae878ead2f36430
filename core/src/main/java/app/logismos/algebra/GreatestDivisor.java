package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * The greatest common divisor of polynomials, by the subresultant sequence of remainders (W. S. Brown, The subresultant
 * PRS algorithm, ACM Transactions on Mathematical Software 4, 1978), one variable after the other.
 */
final class GreatestDivisor {
    /** Numbers for variables that are looked away from; which ones does not matter. */
    private static final int[] PLACES = {7, 11, 5, 13, 3, 17};

    /** Numbers are raised to no higher power for that. */
    private static final int MOST_POWER = 200;

    private GreatestDivisor() {}

    /** With the content of whole numbers, and a positive highest coefficient; of two zeros zero. */
    static Polynomial of(Polynomial a, Polynomial b) {
        if (a.isZero() || b.isZero()) {
            Polynomial other = a.isZero() ? b : a;
            return other.isZero() || other.leading().signum() > 0 ? other : other.negated();
        }
        BigInteger content = a.content().gcd(b.content());
        return ofPrimitives(a.primitive(), b.primitive()).times(content);
    }

    private static Polynomial ofPrimitives(Polynomial a, Polynomial b) {
        if (a.equals(b)) {
            return a;
        }
        if (a.isConstant() || b.isConstant()) {
            return Polynomial.one(a.variables());
        }
        for (int variable = 0; variable < a.variables(); variable++) {
            int inA = a.degree(variable);
            int inB = b.degree(variable);
            if (inA > 0 && inB > 0) {
                int first = variable;
                return HeuristicDivisor.of(a, b).orElseGet(() -> byRemainders(first, a, b));
            }
            if (inA > 0) {
                return ofPrimitives(content(a, variable), b);
            }
            if (inB > 0) {
                return ofPrimitives(a, content(b, variable));
            }
        }
        return Polynomial.one(a.variables());
    }

    /** The greatest divisor of the coefficients of a variable's powers, without a number. */
    static Polynomial content(Polynomial a, int variable) {
        Polynomial content = Polynomial.zero(a.variables());
        for (Polynomial coefficient : a.coefficients(variable)) {
            content = of(content, coefficient);
            if (content.isConstant() && !content.isZero() && content.constant().equals(BigInteger.ONE)) {
                break;
            }
        }
        return content.primitive();
    }

    /** By the remainders of powers of a variable, which swell; both have it and no number for a divisor. */
    static Polynomial byRemainders(int variable, Polynomial a, Polynomial b) {
        Polynomial contentA = content(a, variable);
        Polynomial contentB = content(b, variable);
        Polynomial outer = of(contentA, contentB).primitive();
        Polynomial restA = a.exactly(contentA);
        Polynomial restB = b.exactly(contentB);
        if (areForeign(variable, restA, restB)) {
            return outer;
        }
        Polynomial inner = ofDegrees(variable, restA, restB);
        return outer.times(inner.exactly(content(inner, variable))).primitive();
    }

    /**
     * Whether they have no common divisor with this variable in it, as seen where the others stand for numbers: quick, and
     * true only where it is so.
     */
    private static boolean areForeign(int variable, Polynomial a, Polynomial b) {
        if (a.variables() == 1 || a.highest() > MOST_POWER || b.highest() > MOST_POWER) {
            return false;
        }
        Polynomial imageOfA = a.inOne(variable, PLACES);
        Polynomial imageOfB = b.inOne(variable, PLACES);
        return imageOfA.degree(0) == a.degree(variable)
                && imageOfB.degree(0) == b.degree(variable)
                && of(imageOfA, imageOfB).isConstant();
    }

    private static Polynomial ofDegrees(int variable, Polynomial one, Polynomial other) {
        Polynomial a = one.degree(variable) >= other.degree(variable) ? one : other;
        Polynomial b = a == one ? other : one;
        Polynomial g = Polynomial.one(a.variables());
        Polynomial h = g;
        while (true) {
            Cancellable.check();
            int delta = a.degree(variable) - b.degree(variable);
            Polynomial rest = remainder(a, b, variable);
            if (rest.isZero()) {
                return b;
            }
            if (rest.degree(variable) == 0) {
                return Polynomial.one(a.variables());
            }
            a = b;
            b = rest.exactly(g.times(h.power(delta)));
            List<Polynomial> coefficients = a.coefficients(variable);
            g = coefficients.get(coefficients.size() - 1);
            h = delta == 0 ? h : g.power(delta).exactly(h.power(delta - 1));
        }
    }

    /** What is left when both are divided by each other until a variable is gone: 0 where both have it in both roots. */
    static Polynomial lastRemainder(int variable, Polynomial one, Polynomial other) {
        Polynomial a = one.degree(variable) >= other.degree(variable) ? one : other;
        Polynomial b = a == one ? other : one;
        while (b.degree(variable) > 0) {
            Cancellable.check();
            Polynomial rest = remainder(a, b, variable).primitive();
            a = b;
            b = rest;
        }
        return b;
    }

    /** The remainder of {@code a} times a power of the highest coefficient of {@code b}, so that no fractions come up. */
    private static Polynomial remainder(Polynomial a, Polynomial b, int variable) {
        List<Polynomial> rest = new ArrayList<>(a.coefficients(variable));
        List<Polynomial> divisor = b.coefficients(variable);
        Polynomial leading = divisor.get(divisor.size() - 1);
        for (int top = rest.size() - 1; top >= divisor.size() - 1; top--) {
            Cancellable.check();
            Polynomial highest = rest.remove(top);
            for (int i = 0; i < rest.size(); i++) {
                rest.set(i, rest.get(i).times(leading));
            }
            int shift = top - divisor.size() + 1;
            for (int i = 0; i < divisor.size() - 1; i++) {
                rest.set(shift + i, rest.get(shift + i).minus(highest.times(divisor.get(i))));
            }
        }
        return rest.isEmpty() ? Polynomial.zero(a.variables()) : Polynomial.of(rest, variable);
    }
}
