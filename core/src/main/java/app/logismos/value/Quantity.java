package app.logismos.value;

import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.unit.Unit;

/** A number with its unit. */
public record Quantity(Real number, Unit unit) implements Value {
    /** The number of this quantity in another unit of the same dimension. */
    public Result in(Unit other) {
        return unit.convert(number, other);
    }

    /** Whether the two measure the same and can be added and compared. */
    public boolean isLike(Quantity other) {
        return unit.isLike(other.unit);
    }

    @Override
    public boolean isExact() {
        return number.isExact();
    }

    @Override
    public Kind kind() {
        return Kind.QUANTITY;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.quantity(this);
    }
}
