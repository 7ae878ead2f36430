package app.logismos.unit;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.List;

/**
 * A unit with a symbol of its own, its prefix included: {@code km}. Atoms with one symbol are equal.
 *
 * @param factor how many coherent SI units one of it is, more than 0
 * @param offset what is added to a number on a scale before the factor: 273.15 for °C; 0 for all other units
 * @param isCoherent whether it is a unit of the SI without a prefix, or the kilogram
 * @param rounded the unit, itself or without its prefix, whose factor its source gives measured or rounded; empty where the
 *     factor is exact
 * @param parts the product that it is short for, {@code mi/h} of {@code mph}; empty where it is no such short form
 */
public record Atom(
        String symbol,
        Dimension dimension,
        Real factor,
        Rational offset,
        boolean isCoherent,
        String rounded,
        List<Unit.Power> parts) {
    public Atom {
        if (factor.signum() <= 0) {
            throw new IllegalArgumentException("factor must be more than 0, was " + factor + " for " + symbol);
        }
    }

    /** Whether it counts on a scale whose zero is not nothing: a temperature in °C or °F. */
    boolean isScale() {
        return offset.signum() != 0;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Atom that && symbol.equals(that.symbol);
    }

    @Override
    public int hashCode() {
        return symbol.hashCode();
    }

    @Override
    public String toString() {
        return symbol;
    }
}
