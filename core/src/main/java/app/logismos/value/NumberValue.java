package app.logismos.value;

import app.logismos.number.Rational;
import app.logismos.number.Real;

/** A plain number. */
public record NumberValue(Real real) implements Value {
    /** The whole number given. */
    public static NumberValue of(long whole) {
        return new NumberValue(Rational.of(whole));
    }

    /**
     * Written by hand: values are compared for every evaluated cell, and the method that records generate is slower.
     */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof NumberValue that && real.equals(that.real);
    }

    @Override
    public int hashCode() {
        return real.hashCode();
    }

    @Override
    public boolean isExact() {
        return real.isExact();
    }

    @Override
    public Kind kind() {
        return Kind.NUMBER;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.number(this);
    }
}
