package app.logismos.chart;

import app.logismos.sheet.Chart;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A chart in a few sentences, for those who do not see it. */
final class Summary {
    private static final int MOST_SHARES = 6;

    private Summary() {}

    static String of(Chart chart, List<ChartData.Series> series, Optional<Bins> bins, List<Boxes> boxes) {
        String start = "Chart " + chart.title() + ".";
        return switch (chart.form()) {
            case SHARES -> start + series.stream().map(Summary::shares).collect(Collectors.joining());
            case HISTOGRAM -> start + bins.map(Summary::histogram).orElse(" There are no values.");
            case BOXES ->
                start + boxes(series.stream().filter(Summary::hasValues).toList(), boxes);
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
        int last = bins.edges().size() - 1;
        Comparator<Integer> byCount = Comparator.comparingInt(
                bin -> bins.counts().stream().mapToInt(list -> list.get(bin)).sum());
        int fullest = IntStream.range(0, last)
                .boxed()
                .max(byCount.thenComparing(Comparator.reverseOrder()))
                .orElseThrow();
        return " " + counted(all, "value") + " in " + counted(last, "bin") + " from "
                + bins.edges().get(0).label() + " to " + bins.edges().get(last).label() + "; most from "
                + bins.edges().get(fullest).label() + " to "
                + bins.edges().get(fullest + 1).label() + ".";
    }

    private static String boxes(List<ChartData.Series> series, List<Boxes> boxes) {
        return IntStream.range(0, boxes.size())
                .mapToObj(i -> " " + series.get(i).name() + ": "
                        + counted(filled(series.get(i)).size(), "value") + ", median "
                        + boxes.get(i).median().label() + ", the middle half from "
                        + boxes.get(i).lower().label() + " to "
                        + boxes.get(i).upper().label() + ".")
                .collect(Collectors.joining());
    }

    private static boolean hasValues(ChartData.Series series) {
        return !filled(series).isEmpty();
    }

    static String of(Chart chart, Optional<ChartData.TwoWay> table) {
        return "Chart " + chart.title() + "." + table.map(Summary::ofTable).orElse(" There are no values.");
    }

    private static String ofTable(ChartData.TwoWay table) {
        List<Scale.Tick> values = IntStream.range(0, table.up().size())
                .boxed()
                .flatMap(row -> IntStream.range(0, table.across().size())
                        .boxed()
                        .flatMap(column -> table.values().get(row).get(column).stream()
                                .map(value -> new Scale.Tick(
                                        value, table.texts().get(row).get(column)))))
                .sorted(Comparator.comparingDouble(Scale.Tick::at))
                .toList();
        return " A table of " + table.up().size() + " rows and "
                + table.across().size() + " columns; values from "
                + values.get(0).label() + " to " + values.get(values.size() - 1).label() + ".";
    }
}
