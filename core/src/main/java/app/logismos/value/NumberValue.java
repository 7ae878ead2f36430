package app.logismos.value;

import app.logismos.number.Rational;
import app.logismos.number.Real;

/** A plain number. */
public record NumberValue(Real real) implements Value {
    /** The whole number given. */
    public static NumberValue of(long whole) {
        return new NumberValue(Rational.of(whole));
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
