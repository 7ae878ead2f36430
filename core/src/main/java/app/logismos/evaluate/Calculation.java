package app.logismos.evaluate;

import app.logismos.value.Value;
import java.util.List;
import java.util.stream.Stream;

/**
 * A calculation with all that is said about it.
 *
 * @param value a failure where it went wrong
 * @param latex the expression typeset; empty where it could not be read or is too long to set
 * @param fraction the value typeset as a fraction, where the steps go on in fractions; else empty
 */
public record Calculation(Value value, String latex, List<ShownStep> steps, String fraction, List<Hint> hints) {
    public Calculation {
        steps = List.copyOf(steps);
        hints = List.copyOf(hints);
    }

    /** One without steps. */
    public static Calculation unworked(Value value, List<Hint> hints) {
        return new Calculation(value, "", List.of(), "", hints);
    }

    /** The same with one more hint. */
    public Calculation hinted(Hint hint) {
        return new Calculation(
                value,
                latex,
                steps,
                fraction,
                Stream.concat(hints.stream(), Stream.of(hint)).toList());
    }

    /** The same with another value, as for a cell of a cycle. */
    public Calculation withValue(Value other) {
        return new Calculation(other, latex, steps, "", hints);
    }
}
