package app.logismos.chart;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Lines of equal value through a two-way table, by marching squares (W. Lorensen and H. Cline, Marching cubes, SIGGRAPH
 * 1987, in two dimensions). A saddle is cut by the mean of its corners; fields with a missing corner have no line.
 */
final class Contours {
    private final double[] x;
    private final double[] y;
    private final double[][] z;
    private final double level;
    /** Places on edges of the fields, by edge, and the one or two that each is joined with. */
    private final Map<Long, List<Long>> joined = new HashMap<>();

    private Contours(double[] x, double[] y, double[][] z, double level) {
        this.x = x;
        this.y = y;
        this.z = z;
        this.level = level;
    }

    /**
     * The lines at a level.
     *
     * @param x the columns' places
     * @param y the rows' places
     * @param z by row and column; not a number where there is none
     */
    static List<List<Place>> at(double level, double[] x, double[] y, double[][] z) {
        return new Contours(x, y, z, level).lines();
    }

    private List<List<Place>> lines() {
        for (int row = 0; row + 1 < y.length; row++) {
            for (int column = 0; column + 1 < x.length; column++) {
                field(row, column);
            }
        }
        List<List<Place>> lines = new ArrayList<>();
        // Open lines begin where only one other place is joined; what is left then are rings.
        List.copyOf(joined.keySet()).stream()
                .filter(edge -> joined.getOrDefault(edge, List.of()).size() == 1)
                .sorted()
                .forEach(edge -> line(edge, lines));
        List.copyOf(joined.keySet()).stream().sorted().forEach(edge -> line(edge, lines));
        return lines;
    }

    private void field(int row, int column) {
        double[] corners = {z[row][column], z[row][column + 1], z[row + 1][column + 1], z[row + 1][column]};
        long[] edges = {across(row, column), upwards(row, column + 1), across(row + 1, column), upwards(row, column)};
        List<Long> cut = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < 4; i++) {
            if (Double.isNaN(corners[i])) {
                return;
            }
            sum += corners[i];
            if (isAbove(corners[i]) != isAbove(corners[(i + 1) % 4])) {
                cut.add(edges[i]);
            }
        }
        if (cut.size() == 2) {
            join(cut.get(0), cut.get(1));
        } else if (cut.size() == 4) {
            boolean alike = isAbove(sum / 4) == isAbove(corners[0]);
            // The corners that are like the middle are joined through it, so that the lines cut off the other two.
            join(cut.get(0), cut.get(alike ? 1 : 3));
            join(cut.get(2), cut.get(alike ? 3 : 1));
        }
    }

    private boolean isAbove(double value) {
        return value >= level;
    }

    /** The edge from a corner to the next in its row. */
    private long across(int row, int column) {
        return 2L * ((long) row * x.length + column);
    }

    /** The edge from a corner to the next in its column. */
    private long upwards(int row, int column) {
        return across(row, column) + 1;
    }

    private void join(long one, long other) {
        joined.computeIfAbsent(one, key -> new ArrayList<>()).add(other);
        joined.computeIfAbsent(other, key -> new ArrayList<>()).add(one);
    }

    private void line(long start, List<List<Place>> lines) {
        if (!joined.containsKey(start)) {
            return;
        }
        Deque<Long> edges = new ArrayDeque<>(List.of(start));
        for (long edge = start; joined.containsKey(edge) && !joined.get(edge).isEmpty(); ) {
            long next = joined.get(edge).remove(0);
            joined.get(next).remove(edge);
            edges.addLast(next);
            edge = next;
        }
        edges.forEach(edge -> {
            if (joined.containsKey(edge) && joined.get(edge).isEmpty()) {
                joined.remove(edge);
            }
        });
        if (edges.size() > 1) {
            lines.add(edges.stream().map(this::place).toList());
        }
    }

    private Place place(long edge) {
        int corner = (int) (edge / 2);
        int row = corner / x.length;
        int column = corner % x.length;
        boolean isUpwards = edge % 2 == 1;
        double first = z[row][column];
        double second = isUpwards ? z[row + 1][column] : z[row][column + 1];
        double part = (level - first) / (second - first);
        return isUpwards
                ? new Place(x[column], y[row] + part * (y[row + 1] - y[row]))
                : new Place(x[column] + part * (x[column + 1] - x[column]), y[row]);
    }
}
