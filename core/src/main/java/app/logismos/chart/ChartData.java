package app.logismos.chart;

import app.logismos.display.Display;
import app.logismos.formula.Area;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * What a chart shows.
 *
 * @param across the horizontal axis
 * @param up the vertical axis
 * @param summary the chart in a sentence, for those who do not see it
 */
public record ChartData(String title, Axis across, Axis up, boolean legend, List<Series> series, String summary) {
    public ChartData {
        series = List.copyOf(series);
    }

    /** An axis with its title and scale. */
    public record Axis(String title, Scale scale) {}

    /**
     * A series.
     *
     * @param name its heading, or its cells where it has none
     * @param points in the order of the cells
     */
    public record Series(String name, Area cells, Block.Shape shape, List<Point> points) {
        public Series {
            points = List.copyOf(points);
        }
    }

    /**
     * A point.
     *
     * @param up nothing where the cell has no number: the line has a gap there
     */
    public record Point(double across, Optional<Double> up, String acrossText, String upText) {}

    /** Reads a chart's cells as they are now. */
    public static ChartData of(Block.Chart chart, LiveWorksheet live) {
        boolean headed =
                live.grid(chart.grid()).map(grid -> grid.headings() > 0).orElse(false);
        Table across = live.values(chart.grid(), chart.across());
        List<Series> series = chart.series().stream()
                .map(each -> series(each, across, live.values(chart.grid(), each.cells()), headed, live.display()))
                .toList();
        String acrossTitle = chart.acrossTitle().isEmpty() ? heading(across).orElse("") : chart.acrossTitle();
        return new ChartData(
                chart.title(),
                new Axis(acrossTitle, scale(series, Point::across)),
                new Axis(chart.upTitle(), scale(series, point -> point.up().orElse(Double.NaN))),
                chart.legend(),
                series,
                summary(chart, series));
    }

    private static Series series(Block.Series series, Table across, Table up, boolean headed, Display display) {
        Optional<String> name = headed ? heading(up) : Optional.empty();
        int from = name.isPresent() ? 1 : 0;
        List<Point> points = new ArrayList<>();
        for (int row = from; row < Math.min(across.rows(), up.rows()); row++) {
            Value x = across.at(row, 0);
            Value y = up.at(row, 0);
            number(x).ifPresent(at -> points.add(new Point(at, number(y), display.text(x), display.text(y))));
        }
        return new Series(name.orElse(series.cells().toString()), series.cells(), series.shape(), points);
    }

    private static Optional<String> heading(Table cells) {
        return cells.at(0, 0) instanceof Text text ? Optional.of(text.text()) : Optional.empty();
    }

    private static Optional<Double> number(Value value) {
        return value instanceof NumberValue number
                ? Optional.of(number.real()).map(Real::toDouble).filter(Double::isFinite)
                : Optional.empty();
    }

    private static Scale scale(List<Series> series, ToDoubleFunction<Point> part) {
        double[] all = series.stream()
                .flatMap(each -> each.points().stream())
                .mapToDouble(part)
                .filter(Double::isFinite)
                .sorted()
                .toArray();
        return all.length == 0 ? Scale.covering(0, 1) : Scale.covering(all[0], all[all.length - 1]);
    }

    private static String summary(Block.Chart chart, List<Series> series) {
        StringBuilder text = new StringBuilder("Chart " + chart.title() + ".");
        for (Series each : series) {
            List<Point> filled = each.points().stream()
                    .filter(point -> point.up().isPresent())
                    .toList();
            if (filled.isEmpty()) {
                text.append(' ').append(each.name()).append(" has no points.");
            } else {
                Point first = filled.get(0);
                Point last = filled.get(filled.size() - 1);
                text.append(' ')
                        .append(each.name())
                        .append(": ")
                        .append(filled.size())
                        .append(filled.size() == 1 ? " point, from " : " points, from ")
                        .append(first.upText())
                        .append(" at ")
                        .append(first.acrossText())
                        .append(" to ")
                        .append(last.upText())
                        .append(" at ")
                        .append(last.acrossText())
                        .append('.');
            }
        }
        return text.toString();
    }
}
