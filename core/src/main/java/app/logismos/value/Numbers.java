package app.logismos.value;

import app.logismos.number.Real;
import app.logismos.number.Reals;
import app.logismos.unit.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Numbers below each other that all have one unit.
 *
 * @param reals the numbers; a place may have none
 * @param unit {@link Unit#ONE} where they are plain
 */
public record Numbers(Reals reals, Unit unit) {
    /** No number at any place. */
    public static Numbers none(int size) {
        return new Numbers(new Reals(size), Unit.ONE);
    }

    /** The same value at each place; none where it is no number. */
    public static Numbers filled(int size, Value value) {
        return holds(value) ? new Numbers(Reals.filled(size, real(value)), unit(value)) : none(size);
    }

    /** Whether a value is a number of a kind that can be held so. */
    public static boolean holds(Value value) {
        return value instanceof NumberValue number && number.exactForm() == null && Reals.holds(number.real())
                || value instanceof Quantity quantity && Reals.holds(quantity.number()) && quantity.unit() != Unit.ONE;
    }

    /** The number of a value that {@link #holds}. */
    public static Real real(Value value) {
        return value instanceof Quantity quantity ? quantity.number() : ((NumberValue) value).real();
    }

    /** The unit of a value that {@link #holds}. */
    public static Unit unit(Value value) {
        return value instanceof Quantity quantity ? quantity.unit() : Unit.ONE;
    }

    /** A copy that can be changed independently. */
    public Numbers copy() {
        return new Numbers(reals.copy(), unit);
    }

    /** Whether a place has a number. */
    public boolean has(int i) {
        return reals.has(i);
    }

    /** The value at a place, or null. */
    public @Nullable Value get(int i) {
        @Nullable Real number = reals.get(i);
        if (number == null) {
            return null;
        }
        return unit == Unit.ONE ? new NumberValue(number) : new Quantity(number, unit);
    }

    /**
     * The first place from {@code from} to before {@code until} at which the two have not one and the same number in one
     * unit; {@code until} where there is no such place.
     */
    public int mismatch(Numbers other, int from, int until) {
        return unit == other.unit ? reals.mismatch(other.reals, from, until) : from;
    }
}
