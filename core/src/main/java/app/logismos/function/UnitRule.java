package app.logismos.function;

import app.logismos.number.Rational;
import java.util.List;

/**
 * How a function of plain numbers is worked out on quantities: the arguments of some parameters are measured in one unit,
 * that of the first, and the result has a power of it.
 *
 * @param parameters those that share a unit
 * @param exponent of the unit in the result; 0 where the result has none of it
 */
public record UnitRule(List<String> parameters, Rational exponent, OnScale onScale) {
    /** What is done with temperatures on a scale. */
    public enum OnScale {
        /** The result is one, too: a mean, the largest. */
        KEEPS,
        /** Only differences matter, in kelvins: a deviation. */
        DIFFERENCES,
        /** Places on a scale have no sums and products. */
        REFUSES
    }
}
