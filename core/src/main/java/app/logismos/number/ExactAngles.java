package app.logismos.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The angles up to a quarter turn, as parts of π, whose sines or tangents are sums of square roots: those of the polygons
 * with 12, 10, 8 and 24 sides (DLMF Table 4.17.1; M. Abramowitz, I. Stegun, Handbook of Mathematical Functions, 4.3.46).
 */
final class ExactAngles {
    private static final Map<Rational, Real> SINES = new HashMap<>();
    private static final Map<Rational, Real> TANGENTS = new HashMap<>();

    static {
        sine(0, 1, Rational.ZERO);
        sine(1, 12, sum(4, -1, 2, 1, 6));
        sine(1, 10, sum(4, -1, 1, 1, 5));
        sine(1, 6, Rational.of(1, 2));
        sine(1, 4, sum(2, 1, 2));
        sine(3, 10, sum(4, 1, 1, 1, 5));
        sine(1, 3, sum(2, 1, 3));
        sine(5, 12, sum(4, 1, 2, 1, 6));
        sine(1, 2, Rational.ONE);
        tangent(0, 1, Rational.ZERO);
        tangent(1, 12, sum(1, 2, 1, -1, 3));
        tangent(1, 8, sum(1, -1, 1, 1, 2));
        tangent(1, 6, sum(3, 1, 3));
        tangent(1, 4, Rational.ONE);
        tangent(1, 3, sum(1, 1, 3));
        tangent(3, 8, sum(1, 1, 1, 1, 2));
        tangent(5, 12, sum(1, 2, 1, 1, 3));
    }

    private static final Map<Real, Rational> OF_SINES = turned(SINES);
    private static final Map<Real, Rational> OF_TANGENTS = turned(TANGENTS);

    private ExactAngles() {}

    /** The sine of so many times π, from 0 to 1/2. */
    static Optional<Real> sine(Rational times) {
        return Optional.ofNullable(SINES.get(times));
    }

    /** The tangent of so many times π, from 0 to 1/2 and less than this. */
    static Optional<Real> tangent(Rational times) {
        return Optional.ofNullable(TANGENTS.get(times));
    }

    /** The angle from −π/2 to π/2 with this sine. */
    static Optional<Real> ofSine(Real sine) {
        return angle(OF_SINES, sine);
    }

    /** The angle from −π/2 to π/2 with this tangent. */
    static Optional<Real> ofTangent(Real tangent) {
        return angle(OF_TANGENTS, tangent);
    }

    private static Optional<Real> angle(Map<Real, Rational> angles, Real of) {
        if (!of.isExact()) {
            return Optional.empty();
        }
        boolean isNegative = of.signum() < 0;
        return Optional.ofNullable(angles.get(isNegative ? of.negate() : of))
                .map(times -> PiMultiple.of(isNegative ? (Rational) times.negate() : times));
    }

    private static void sine(long above, long below, Real sine) {
        SINES.put(Rational.of(above, below), sine);
    }

    private static void tangent(long above, long below, Real tangent) {
        TANGENTS.put(Rational.of(above, below), tangent);
    }

    private static Map<Real, Rational> turned(Map<Rational, Real> values) {
        Map<Real, Rational> turned = new HashMap<>();
        values.forEach((angle, value) -> turned.put(value, angle));
        return turned;
    }

    /** (a√m + b√n) / below, from {@code a, m, b, n}. */
    private static Real sum(long below, long... timesAndUnder) {
        List<RootSum.Root> terms = new ArrayList<>();
        for (int i = 0; i < timesAndUnder.length; i += 2) {
            terms.add(new RootSum.Root(Rational.of(timesAndUnder[i], below), BigInteger.valueOf(timesAndUnder[i + 1])));
        }
        return new RootSum(terms);
    }
}
