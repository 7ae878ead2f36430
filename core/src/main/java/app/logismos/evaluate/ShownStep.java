package app.logismos.evaluate;

import app.logismos.value.Span;

/**
 * One step of the working, written out.
 *
 * @param before the whole expression before it, without {@code =}
 * @param part what is worked now, counted in {@code before}
 * @param note the calculation behind it, where the step itself hides one; may be empty
 * @param value what the part is worth
 * @param rounded whether a value in {@code after} is only near the number that it stands for
 * @param after the whole expression after it
 * @param latex {@code before} typeset, the part marked; empty where it is too long to set
 */
public record ShownStep(
        String before, Span part, Rule rule, String note, String value, boolean rounded, String after, String latex) {}
