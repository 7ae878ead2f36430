package app.logismos.value;

import app.logismos.number.Complex;
import app.logismos.unit.Unit;

/**
 * A complex number (language, section 14).
 *
 * @param unit {@link Unit#ONE} where it is plain
 */
public record ComplexValue(Complex number, Unit unit) implements Value {
    /** The plain number. */
    public static ComplexValue of(Complex number) {
        return new ComplexValue(number, Unit.ONE);
    }

    public boolean isPlain() {
        return unit == Unit.ONE;
    }

    @Override
    public boolean isExact() {
        return number.isExact();
    }

    @Override
    public Kind kind() {
        return Kind.COMPLEX;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.complex(this);
    }
}
