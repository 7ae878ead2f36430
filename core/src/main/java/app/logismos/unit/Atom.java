package app.logismos.unit;

import app.logismos.number.Rational;

/**
 * A unit with a symbol of its own.
 *
 * @param factor how many coherent SI units one of it is, more than 0
 */
public record Atom(String symbol, Dimension dimension, Rational factor) {
    public Atom {
        if (factor.signum() <= 0) {
            throw new IllegalArgumentException("factor must be more than 0, was " + factor + " for " + symbol);
        }
    }
}
