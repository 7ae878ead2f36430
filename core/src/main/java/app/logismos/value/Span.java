package app.logismos.value;

/**
 * A stretch of a text.
 *
 * @param start first character, from 0, in UTF-16 units
 * @param end the character after the last one
 */
public record Span(int start, int end) {
    public Span {
        if (start < 0 || end < start) {
            throw new IllegalArgumentException("a span must not end before it starts, was " + start + " to " + end);
        }
    }

    /** From the start of this one to the end of the other. */
    public Span to(Span other) {
        return new Span(start, other.end);
    }

    /** The stretch of {@code text}. */
    public String in(String text) {
        return text.substring(start, end);
    }
}
