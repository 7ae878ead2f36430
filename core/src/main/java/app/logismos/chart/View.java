package app.logismos.chart;

import java.util.Optional;

/**
 * How closely a chart is looked at.
 *
 * @param columns how many pixels it is wide
 * @param from the part of the horizontal axis that is seen; all of it, if nothing is said
 */
public record View(int columns, Optional<Double> from, Optional<Double> to) {
    /** As wide as on the page. */
    public static final View USUAL = new View(640, Optional.empty(), Optional.empty());

    /** So closely that no point is left out. */
    public static final View CLOSEST = new View(Integer.MAX_VALUE / 4, Optional.empty(), Optional.empty());

    public View {
        if (columns < 1) {
            throw new IllegalArgumentException("a chart must be 1 pixel wide or more, was " + columns);
        }
    }

    boolean sees(double across) {
        return (from.isEmpty() || across >= from.get()) && (to.isEmpty() || across <= to.get());
    }
}
