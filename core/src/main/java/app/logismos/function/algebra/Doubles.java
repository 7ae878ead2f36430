package app.logismos.function.algebra;

import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.Units;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;

/** Values as numerical methods see them: an angle that an inverse function gives is a bare number. */
final class Doubles {
    private Doubles() {}

    /** NaN where the value is no number; quantities in coherent units of the SI. */
    static double of(Value value) {
        if (plain(value) instanceof Quantity quantity) {
            return quantity.number().toDouble() * quantity.unit().factor().toDouble();
        }
        return plain(value) instanceof NumberValue number ? number.real().toDouble() : Double.NaN;
    }

    /** The unit of a value; of none where it is no quantity. */
    static Unit unit(Value value) {
        return plain(value) instanceof Quantity quantity ? quantity.unit() : Unit.ONE;
    }

    /** So many of a unit. */
    static Value measured(double number, Unit unit) {
        return unit == Unit.ONE ? new NumberValue(Real.from(number)) : new Quantity(Real.from(number), unit);
    }

    /** The value, without the unit of an angle. */
    static Value plain(Value value) {
        return value instanceof Quantity angle && angle.unit().dimension().equals(Units.DEGREE.dimension())
                ? new NumberValue(angle.number())
                : value;
    }
}
