package app.logismos.chart;

import java.util.Optional;

/**
 * How closely a chart is looked at.
 *
 * @param columns how many pixels it is wide
 * @param across the part of the horizontal axis that is seen; all of it, if nothing is said
 * @param up the part of the vertical axis on the left that is seen
 */
public record View(int columns, Optional<Part> across, Optional<Part> up) {
    private static final int MOST_MARKERS = 4_000;

    /** As wide as on the page. */
    public static final View USUAL = new View(640, Optional.empty(), Optional.empty());

    /** So closely that no point is left out. */
    public static final View CLOSEST = new View(Integer.MAX_VALUE / 4, Optional.empty(), Optional.empty());

    public View {
        if (columns < 1) {
            throw new IllegalArgumentException("a chart must be 1 pixel wide or more, was " + columns);
        }
    }

    /**
     * A part of an axis.
     *
     * @param to above {@code from}
     */
    public record Part(double from, double to) {
        public Part {
            if (!(from < to) || !Double.isFinite(to - from)) {
                throw new IllegalArgumentException("a part must begin below its end, was " + from + " to " + to);
            }
        }
    }

    /** A cloud of more points is drawn thinner. */
    int markers() {
        return Math.max(MOST_MARKERS, columns);
    }
}
