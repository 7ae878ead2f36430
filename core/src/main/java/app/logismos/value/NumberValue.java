package app.logismos.value;

import app.logismos.algebra.Form;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A plain number.
 *
 * @param exactForm what it is exactly, where it was found so and only a double holds it: {@code π^2 - 4}
 */
public record NumberValue(Real real, @Nullable Form exactForm) implements Value {
    public NumberValue(Real real) {
        this(real, null);
    }

    /** The whole number given. */
    public static NumberValue of(long whole) {
        return new NumberValue(Rational.of(whole));
    }

    /**
     * Written by hand: values are compared for every evaluated cell, and the method that records generate is slower.
     */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof NumberValue that
                        && real.equals(that.real)
                        && Objects.equals(exactForm, that.exactForm);
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
