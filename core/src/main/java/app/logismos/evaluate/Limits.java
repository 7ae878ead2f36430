package app.logismos.evaluate;

import java.time.Duration;

/**
 * All bounds on one calculation (language, section 8). The length of an entry and the depth of its brackets are bounds
 * of the parser, the length of numbers those of {@code number}.
 *
 * @param time how long it may take
 * @param tableCells how many cells a table that it makes may have
 * @param bytes how much memory the values may take that it keeps at once
 * @param steps how many steps of the working are listed; the rest is one step
 */
public record Limits(Duration time, int tableCells, long bytes, int steps) {
    /** 2 seconds, 1,000,000 cells, 256 MiB, 120 steps. */
    public static final Limits USUAL = new Limits(Duration.ofSeconds(2), 1_000_000, 256L << 20, 120);

    /** The same with another time. */
    public Limits within(Duration other) {
        return new Limits(other, tableCells, bytes, steps);
    }
}
