package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.sheet.Chart;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A chart in a few sentences, for those who do not see it. */
final class Summary {
    private static final int MOST_SHARES = 6;

    private Summary() {}

    static String of(Chart chart, List<ChartData.Series> series, Optional<Bins> bins) {
        String start = "Chart " + chart.title() + ".";
        return switch (chart.form()) {
            case SHARES -> start + series.stream().map(Summary::shares).collect(Collectors.joining());
            case HISTOGRAM -> start + bins.map(Summary::histogram).orElse(" There are no values.");
            case BOXES ->
                start
                        + series.stream()
                                .map(each -> " " + each.name() + ": "
                                        + counted(filled(each).size(), "value") + ".")
                                .collect(Collectors.joining());
            case PLOT, SURFACE, CONTOURS, FIELDS ->
                start + series.stream().map(Summary::line).collect(Collectors.joining());
        };
    }

    private static String line(ChartData.Series series) {
        List<ChartData.Point> filled = filled(series);
        if (filled.isEmpty()) {
            return " " + series.name() + " has no points.";
        }
        ChartData.Point first = filled.get(0);
        ChartData.Point last = filled.get(filled.size() - 1);
        boolean isDrawnFromExpression = first.cell().isEmpty();
        String what = isDrawnFromExpression
                ? "curve"
                : counted(filled.size() < series.points().size() ? filled.size() : series.count(), "point");
        return " " + series.name() + ": " + what + ", from " + first.upText() + " at " + first.acrossText() + " to "
                + last.upText() + " at " + last.acrossText() + extremes(filled)
                + series.fit()
                        .map(fit -> " Fitted: y " + (fit.rounded() ? "≈ " : "= ") + fit.text() + ", R² "
                                + fit.rSquared() + ".")
                        .orElse("");
    }

    /** The highest and lowest point, where they are between the ends. */
    private static String extremes(List<ChartData.Point> filled) {
        Comparator<ChartData.Point> byHeight =
                Comparator.comparingDouble(point -> point.up().orElseThrow());
        ChartData.Point highest = filled.stream().max(byHeight).orElseThrow();
        ChartData.Point lowest = filled.stream().min(byHeight).orElseThrow();
        double first = filled.get(0).up().orElseThrow();
        double last = filled.get(filled.size() - 1).up().orElseThrow();
        String text = ".";
        if (highest.up().orElseThrow() > Math.max(first, last)) {
            text += " Highest: " + highest.upText() + " at " + highest.acrossText() + ".";
        }
        if (lowest.up().orElseThrow() < Math.min(first, last)) {
            text += " Lowest: " + lowest.upText() + " at " + lowest.acrossText() + ".";
        }
        return text;
    }

    private static List<ChartData.Point> filled(ChartData.Series series) {
        return series.points().stream().filter(point -> point.up().isPresent()).toList();
    }

    private static String counted(int count, String thing) {
        return count + " " + thing + (count == 1 ? "" : "s");
    }

    private static String shares(ChartData.Series series) {
        StringBuilder text = new StringBuilder(" " + series.name() + ": ");
        for (int i = 0; i < Math.min(MOST_SHARES, series.share().size()); i++) {
            text.append(i == 0 ? "" : ", ")
                    .append(series.points().get(i).acrossText())
                    .append(' ')
                    .append(series.share().get(i));
        }
        int rest = series.share().size() - MOST_SHARES;
        return text.append(rest > 0 ? " and " + counted(rest, "more part") : "")
                .append('.')
                .toString();
    }

    private static String histogram(Bins bins) {
        int all = bins.counts().stream()
                .flatMap(List::stream)
                .mapToInt(Integer::intValue)
                .sum();
        return " " + counted(all, "value") + " in " + counted(bins.edges().size() - 1, "bin") + ".";
    }

    static String of(Chart chart, Optional<ChartData.TwoWay> table, DecimalMark mark) {
        return "Chart " + chart.title() + "."
                + table.map(each -> " A table of " + each.up().size() + " rows and "
                                + each.across().size() + " columns; values from "
                                + mark.number(
                                        each.height().scale().ticks().get(0).label()) + " to "
                                + mark.number(each.height()
                                        .scale()
                                        .ticks()
                                        .get(each.height().scale().ticks().size() - 1)
                                        .label())
                                + ".")
                        .orElse(" There are no values.");
    }
}
