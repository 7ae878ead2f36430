package app.logismos.number;

import java.math.BigInteger;
import java.util.List;

/**
 * An exact multiple of π, rational or with one square root: {@code 3π/4}, {@code π√2/3}. Never zero.
 *
 * @param root how many times π: one term, not 0
 */
public record PiMultiple(RootSum.Root root) implements Irrational {
    /** Bits that the factors have more than the product, so that it is right to its last one but some. */
    private static final int SPARE_BITS = 8;

    public PiMultiple(Rational times) {
        this(new RootSum.Root(times, BigInteger.ONE));
    }

    public PiMultiple {
        if (root.times().signum() == 0) {
            throw new IllegalArgumentException("a multiple of π must not be 0 times π");
        }
    }

    /** The multiple, which is the whole number 0 where {@code times} is. */
    public static Real of(Rational times) {
        return times.signum() == 0 ? Rational.ZERO : new PiMultiple(times);
    }

    /** How many times π, where it is a fraction. */
    public Rational times() {
        if (!isRational()) {
            throw new IllegalStateException("the multiple of π must be rational, was " + root);
        }
        return root.times();
    }

    /** Whether this is a rational multiple of π. */
    public boolean isRational() {
        return root.isRational();
    }

    /** How many times π, as a number. */
    Real factor() {
        return RootSum.number(List.of(root));
    }

    @Override
    public Real negate() {
        return new PiMultiple(new RootSum.Root((Rational) root.times().negate(), root.under()));
    }

    @Override
    public BigInteger scaled(int bits) {
        int size = root.times().numerator().bitLength() + root.under().bitLength();
        int ample = bits + size + SPARE_BITS;
        return Pi.scaled(ample).multiply(root.scaled(ample)).shiftRight(2 * ample - bits);
    }
}
