package app.logismos.chart;

import app.logismos.sheet.Chart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A chart drawn very small: what it shows without axes, in a square whose sides go from 0 to 1, upward and to the right.
 *
 * @param traces one or more for each series, in their order
 * @param fields how high each value of a two-way table is, from 0 to 1, row by row from below; none for other charts
 */
public record Sketch(List<Trace> traces, List<List<Optional<Double>>> fields) {
    private static final double BAR = 0.5;

    public Sketch {
        traces = List.copyOf(traces);
        fields = List.copyOf(fields);
    }

    /** How a trace is drawn. */
    public enum Kind {
        /** Its places are joined. */
        LINE,
        /** A dot at each place. */
        POINTS,
        /** Each place is followed by one that is the opposite corner of a bar. */
        BARS,
        /** Each place says in its second number how large a part of the whole it is. */
        SHARES
    }

    /**
     * A part of a series.
     *
     * @param series its place among the series, from 0, which gives it its colour
     */
    public record Trace(int series, Kind kind, List<Place> places) {
        public Trace {
            places = List.copyOf(places);
        }
    }

    /** A place in the square. */
    public record Place(double x, double y) {
        public Place {
            x = rounded(x);
            y = rounded(y);
        }

        private static double rounded(double part) {
            return Math.rint(part * 1_000) / 1_000;
        }

        boolean isInside() {
            return x >= 0 && x <= 1 && y >= 0 && y <= 1;
        }
    }

    /** The sketch of what a chart shows. */
    public static Sketch of(ChartData data) {
        List<Trace> traces = new ArrayList<>();
        if (data.table().isPresent()) {
            ChartData.TwoWay table = data.table().get();
            Scale scale = table.height().scale();
            return new Sketch(
                    List.of(),
                    table.values().stream()
                            .map(row -> row.stream()
                                    .map(value -> value.map(height -> part(height, scale)))
                                    .toList())
                            .toList());
        }
        data.bins().ifPresent(bins -> bins(bins, data, traces));
        for (int i = 0; i < data.boxes().size(); i++) {
            box(i, data, traces);
        }
        if (data.bins().isEmpty() && data.boxes().isEmpty()) {
            for (int i = 0; i < data.series().size(); i++) {
                if (data.form() == Chart.Form.SHARES) {
                    shares(i, data.series().get(i), traces);
                } else {
                    series(i, data, traces);
                }
            }
        }
        return new Sketch(traces, List.of());
    }

    private static void shares(int index, ChartData.Series series, List<Trace> traces) {
        double all = series.points().stream()
                .mapToDouble(point -> Math.max(0, point.up().orElse(0.0)))
                .sum();
        if (index == 0 && all > 0) {
            traces.add(new Trace(
                    index,
                    Kind.SHARES,
                    series.points().stream()
                            .map(point -> new Place(0, Math.max(0, point.up().orElse(0.0)) / all))
                            .toList()));
        }
    }

    private static void series(int index, ChartData data, List<Trace> traces) {
        ChartData.Series series = data.series().get(index);
        Scale up = (series.onRight() ? data.right().orElse(data.up()) : data.up()).scale();
        Scale across = data.across().scale();
        boolean isBars = series.shape() == Chart.Shape.BARS;
        double half = BAR / 2 / Math.max(1, series.points().size());
        double foot = Math.max(0, Math.min(1, part(Math.max(up.least(), Math.min(up.most(), 0)), up)));
        List<Place> run = new ArrayList<>();
        Kind kind = isBars ? Kind.BARS : series.shape() == Chart.Shape.POINTS ? Kind.POINTS : Kind.LINE;
        for (ChartData.Point point : series.points()) {
            Optional<Place> place = point.up().map(y -> new Place(part(point.across(), across), part(y, up)));
            if (place.filter(Place::isInside).isEmpty()) {
                end(index, kind, run, traces);
            } else if (isBars) {
                run.add(new Place(place.get().x() - half, foot));
                run.add(new Place(place.get().x() + half, place.get().y()));
            } else {
                run.add(place.get());
            }
        }
        end(index, kind, run, traces);
    }

    /** A gap ends a line. */
    private static void end(int index, Kind kind, List<Place> run, List<Trace> traces) {
        if (!run.isEmpty()) {
            traces.add(new Trace(index, kind, run));
            run.clear();
        }
    }

    private static void bins(Bins bins, ChartData data, List<Trace> traces) {
        Scale across = data.across().scale();
        Scale up = data.up().scale();
        for (int i = 0; i < bins.counts().size(); i++) {
            List<Place> corners = new ArrayList<>();
            for (int bin = 0; bin + 1 < bins.edges().size(); bin++) {
                corners.add(new Place(part(bins.edges().get(bin).at(), across), part(up.least(), up)));
                corners.add(new Place(
                        part(bins.edges().get(bin + 1).at(), across),
                        part(bins.counts().get(i).get(bin), up)));
            }
            traces.add(new Trace(i, Kind.BARS, corners));
        }
    }

    private static void box(int index, ChartData data, List<Trace> traces) {
        Boxes box = data.boxes().get(index);
        Scale up = data.up().scale();
        double width = 1.0 / data.boxes().size();
        double middle = (index + 0.5) * width;
        traces.add(new Trace(
                index,
                Kind.LINE,
                List.of(
                        new Place(middle, part(box.least().at(), up)),
                        new Place(middle, part(box.most().at(), up)))));
        traces.add(new Trace(
                index,
                Kind.BARS,
                List.of(
                        new Place(middle - width * BAR / 2, part(box.lower().at(), up)),
                        new Place(middle + width * BAR / 2, part(box.upper().at(), up)))));
    }

    /** How far along a scale a value stands; outside of 0 to 1, or not a number, where it has no place on it. */
    private static double part(double at, Scale scale) {
        if (scale.logarithmic()) {
            return (Math.log(at) - Math.log(scale.least())) / (Math.log(scale.most()) - Math.log(scale.least()));
        }
        return (at - scale.least()) / (scale.most() - scale.least());
    }
}
