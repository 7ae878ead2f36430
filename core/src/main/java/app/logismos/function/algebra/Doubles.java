package app.logismos.function.algebra;

import app.logismos.unit.Units;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;

/** Values as numerical methods see them: an angle that an inverse function gives is a bare number. */
final class Doubles {
    private Doubles() {}

    /** NaN where the value is no number. */
    static double of(Value value) {
        return plain(value) instanceof NumberValue number ? number.real().toDouble() : Double.NaN;
    }

    /** The value, without the unit of an angle. */
    static Value plain(Value value) {
        return value instanceof Quantity angle && angle.unit().dimension().equals(Units.DEGREE.dimension())
                ? new NumberValue(angle.number())
                : value;
    }
}
