package app.logismos.chart;

import app.logismos.formula.Address;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The points of a series with a curve through them, as cells.
 *
 * @param name of the series
 * @param acrossTitle what goes across
 * @param acrossGrid the id of the grid of what goes across
 * @param upGrid that of the series
 * @param x makes an expression for a number of the equation from a reference to a cell across
 * @param y the same for a cell of the series
 */
public record FittedPoints(
        String name,
        String acrossTitle,
        String acrossGrid,
        String upGrid,
        ChartData.Fit fit,
        List<Pair> pairs,
        UnaryOperator<String> x,
        UnaryOperator<String> y) {
    public FittedPoints {
        pairs = List.copyOf(pairs);
    }

    /**
     * A point.
     *
     * @param across its cell across; nothing where places are counted
     * @param place the number of its place, where there is no such cell
     */
    public record Pair(Optional<Address> across, String place, Address up) {}
}
