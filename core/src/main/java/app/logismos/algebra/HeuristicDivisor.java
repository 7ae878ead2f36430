package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The greatest common divisor by whole numbers in place of variables: that of the numbers, read as a polynomial again, is
 * it where it divides both. Quick for few variables of middling powers, where remainders swell.
 *
 * <p>Source: Char, Geddes and Gonnet, GCDHEU: heuristic polynomial GCD algorithm based on integer GCD computation, Journal of
 * Symbolic Computation 7 (1989).
 */
final class HeuristicDivisor {
    private static final int MOST_TRIES = 6;

    /** The number that stands for both has no more bits. */
    private static final long MOST_BITS = 100_000;

    private HeuristicDivisor() {}

    /** Nothing where the numbers become too long, or none is met that tells. */
    static Optional<Polynomial> of(Polynomial a, Polynomial b) {
        if (a.isZero() || b.isZero()) {
            return Optional.of(a.isZero() ? b : a);
        }
        BigInteger content = a.content().gcd(b.content());
        if (a.isConstant() || b.isConstant()) {
            return Optional.of(Polynomial.of(content, a.variables()));
        }
        return ofPrimitives(a.primitive(), b.primitive()).map(divisor -> divisor.times(content));
    }

    private static Optional<Polynomial> ofPrimitives(Polynomial a, Polynomial b) {
        int variable = firstOf(a, b);
        BigInteger place =
                a.height().min(b.height()).shiftLeft(1).max(BigInteger.ONE).add(BigInteger.valueOf(29));
        for (int i = 0; i < MOST_TRIES && bits(a, b, place) <= MOST_BITS; i++) {
            Cancellable.check();
            BigInteger at = place;
            Optional<Polynomial> divisor = of(a.at(variable, at), b.at(variable, at))
                    .map(image -> read(image, at, variable).primitive())
                    .filter(each -> a.over(each).isPresent() && b.over(each).isPresent());
            if (divisor.isPresent()) {
                return divisor;
            }
            // No power of a place before, so that another digit comes out (section 4 of the source).
            place = place.multiply(BigInteger.valueOf(73_794)).divide(BigInteger.valueOf(27_011));
        }
        return Optional.empty();
    }

    private static int firstOf(Polynomial a, Polynomial b) {
        int variable = 0;
        while (a.degree(variable) <= 0 && b.degree(variable) <= 0) {
            variable++;
        }
        return variable;
    }

    private static long bits(Polynomial a, Polynomial b, BigInteger place) {
        long bits = place.bitLength();
        for (int i = 0; i < a.variables() && bits <= MOST_BITS; i++) {
            bits *= Math.max(a.degree(i), b.degree(i)) + 1L;
        }
        return bits;
    }

    /** The polynomial of digits between −place/2 and place/2. */
    private static Polynomial read(Polynomial image, BigInteger place, int variable) {
        List<Polynomial> digits = new ArrayList<>();
        for (Polynomial rest = image; !rest.isZero(); ) {
            Polynomial digit = rest.digit(place);
            digits.add(digit);
            rest = rest.minus(digit).over(place);
        }
        return Polynomial.of(digits, variable);
    }
}
