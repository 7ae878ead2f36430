package app.logismos.number;

import java.math.BigDecimal;
import java.math.MathContext;

/**
 * An exact rational multiple of π, never zero.
 *
 * @param times how many times π, not 0
 */
public record PiMultiple(Rational times) implements Real {
    /** π to 60 digits (OEIS A000796). */
    static final BigDecimal PI = new BigDecimal("3.14159265358979323846264338327950288419716939937510582097494");

    private static final MathContext DIGITS = new MathContext(40);

    public PiMultiple {
        if (times.signum() == 0) {
            throw new IllegalArgumentException("a multiple of π must not be 0 times π");
        }
    }

    /** The multiple, which is the whole number 0 where {@code times} is. */
    public static Real of(Rational times) {
        return times.signum() == 0 ? Rational.ZERO : new PiMultiple(times);
    }

    @Override
    public boolean isExact() {
        return true;
    }

    @Override
    public int signum() {
        return times.signum();
    }

    @Override
    public double toDouble() {
        return toDecimal().doubleValue();
    }

    @Override
    public Real negate() {
        return of((Rational) times.negate());
    }

    /** The number to 40 significant digits. */
    BigDecimal toDecimal() {
        return PI.multiply(new BigDecimal(times.numerator())).divide(new BigDecimal(times.denominator()), DIGITS);
    }
}
