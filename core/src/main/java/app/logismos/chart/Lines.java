package app.logismos.chart;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Reads the series of a chart from cells and expressions. */
final class Lines {
    private final Chart chart;
    private final LiveWorksheet live;
    private final View view;
    private final List<String> faults;
    private final Run across;
    private final boolean headed;
    private final Display acrossDisplay;
    private final Optional<List<String>> places;
    private final Measure acrossMeasure;

    /**
     * Values side by side or below each other.
     *
     * @param cells where each is
     */
    private record Run(List<Value> values, List<Address> cells) {
        private static final Run EMPTY = new Run(List.of(), List.of());

        Run withoutFirst() {
            return values.isEmpty() ? this : new Run(values.subList(1, values.size()), cells.subList(1, cells.size()));
        }

        boolean beginsWithText() {
            return !values.isEmpty() && values.get(0) instanceof Text;
        }

        Value at(int i) {
            return i < values.size() ? values.get(i) : Blank.BLANK;
        }
    }

    Lines(Chart chart, LiveWorksheet live, View view, List<String> faults) {
        this.chart = chart;
        this.view = view;
        this.live = live;
        this.faults = faults;
        Run all = chart.across()
                .filter(cells -> chart.form() == Chart.Form.PLOT || chart.form() == Chart.Form.SHARES)
                .map(this::run)
                .filter(run -> run.values().stream().anyMatch(value -> value != Blank.BLANK))
                .orElse(Run.EMPTY);
        this.headed = all.beginsWithText() && (hasSize(all.withoutFirst()) || anySeriesHeaded());
        this.across = headed ? all.withoutFirst() : all;
        // As the first of them shows its value.
        this.acrossDisplay = across.cells().isEmpty()
                ? live.display()
                : live.display(chart.grid(), across.cells().get(0));
        this.places = namesAcross();
        this.acrossMeasure = Measure.of(across.values()).or(this::ofCurve).orElse(new Measure.Numbers());
    }

    private static boolean hasSize(Run run) {
        return run.values().stream().anyMatch(value -> Measure.of(value).isPresent());
    }

    private boolean anySeriesHeaded() {
        return chart.series().stream()
                .anyMatch(series -> series.source() instanceof Chart.Cells cells && isHeaded(run(cells.area())));
    }

    private static boolean isHeaded(Run run) {
        return run.beginsWithText() && hasSize(run.withoutFirst());
    }

    private Run run(Area area) {
        if (live.grid(chart.grid()).isEmpty()) {
            return Run.EMPTY;
        }
        Table table = live.values(chart.grid(), area);
        boolean isRow = area.rows() == 1 && area.columns() > 1;
        int count = isRow
                ? area.columns()
                : Math.min(area.rows(), live.grid(chart.grid()).orElseThrow().rows());
        List<Value> values = new ArrayList<>(count);
        List<Address> cells = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            values.add(isRow ? table.at(0, i) : table.at(i, 0));
            cells.add(new Address(
                    area.first().column() + (isRow ? i : 0), area.first().row() + (isRow ? 0 : i)));
        }
        return new Run(values, cells);
    }

    /** Things along the axis that have no size: where it has texts, or only bars. */
    private Optional<List<String>> namesAcross() {
        boolean bars = chart.series().stream().anyMatch(series -> series.shape() == Chart.Shape.BARS)
                && (chart.swapped() || chart.series().stream().allMatch(series -> series.shape() == Chart.Shape.BARS));
        boolean texts = across.values().stream().anyMatch(Text.class::isInstance) && !hasSize(across);
        return (bars || texts || chart.form() == Chart.Form.SHARES)
                        && !across.values().isEmpty()
                ? Optional.of(across.values().stream().map(acrossDisplay::text).toList())
                : Optional.empty();
    }

    private Optional<Measure> ofCurve() {
        return chart.series().stream()
                .flatMap(series -> series.source() instanceof Chart.Curve curve
                        ? Measure.of(live.worth(curve.from(), chart.grid())).stream()
                        : series.source() instanceof Chart.Path path ? pathMeasure(path).stream() : Stream.empty())
                .findFirst();
    }

    private Optional<Measure> pathMeasure(Chart.Path path) {
        return Measure.of(live.formula(path.across(), chart.grid(), path.parameter())
                .apply(live.worth(path.from(), chart.grid())));
    }

    /** What stands along the horizontal axis, where it is things without a size. */
    Optional<List<String>> places() {
        return places;
    }

    /** A value along the horizontal axis, as it is shown. */
    String acrossText(Value value) {
        return acrossDisplay.candid(value);
    }

    /** Whether the values along the horizontal axis are shown in percent. */
    boolean showsPercentAcross() {
        return acrossMeasure instanceof Measure.Numbers
                && !across.cells().isEmpty()
                && live.showsPercent(chart.grid(), across.cells().get(0));
    }

    Measure acrossMeasure() {
        return places.isPresent() ? new Measure.Numbers() : acrossMeasure;
    }

    /** The heading of the cells along the horizontal axis. */
    Heading acrossHeading() {
        return headed ? Heading.of(((Text) run(chart.across().orElseThrow()).at(0)).text()) : new Heading("", "");
    }

    /** The points of a series. */
    Line line(Chart.Series series) {
        Chart.Source source = series.source();
        return source instanceof Chart.Cells cells
                ? ofCells(series, cells.area())
                : source instanceof Chart.Curve curve ? ofCurve(series, curve) : ofPath(series, (Chart.Path) source);
    }

    private Line ofCells(Chart.Series series, Area area) {
        Run run = run(area);
        boolean isHeaded = isHeaded(run) || headed && run.beginsWithText();
        Heading heading = isHeaded ? Heading.of(((Text) run.at(0)).text()) : new Heading("", "");
        Run up = isHeaded ? run.withoutFirst() : run;
        Optional<Measure> measure = Measure.of(up.values());
        double[] errors =
                series.errors().map(cells -> errors(cells, measure, isHeaded)).orElse(new double[0]);
        int count = across.values().isEmpty()
                ? up.values().size()
                : Math.min(across.values().size(), up.values().size());
        double[] x = IntStream.range(0, count)
                .mapToDouble(i ->
                        places.isPresent() || across.values().isEmpty() ? i + 1 : acrossMeasure.place(across.at(i)))
                .toArray();
        chart.across()
                .flatMap(cells -> LeftOut.tooFar(cells.toString(), x, across.values()))
                .ifPresent(faults::add);
        double[] y = IntStream.range(0, count)
                .mapToDouble(i -> measure.map(each -> each.place(up.at(i))).orElse(Double.NaN))
                .toArray();
        return placed(new Line(
                series.name().isEmpty() ? heading.name() : series.name(),
                heading.unit(measure),
                measure,
                x,
                y,
                errors,
                across.values().isEmpty() ? counted(count) : across.values(),
                up.values(),
                up.cells(),
                false));
    }

    private static List<Value> counted(int count) {
        return IntStream.rangeClosed(1, count).<Value>mapToObj(NumberValue::of).toList();
    }

    private double[] errors(Area area, Optional<Measure> measure, boolean isHeaded) {
        Run run = run(area);
        Run halves = isHeaded || isHeaded(run) ? run.withoutFirst() : run;
        Measure like = measure.filter(Measure.Quantities.class::isInstance).orElse(new Measure.Numbers());
        return halves.values().stream()
                .mapToDouble(value -> {
                    double place = like.place(value);
                    return Math.abs(Double.isNaN(place) ? new Measure.Numbers().place(value) : place);
                })
                .toArray();
    }

    /** Without the points that have no place across. */
    private static Line placed(Line line) {
        int[] kept = IntStream.range(0, line.x().length)
                .filter(i -> Double.isFinite(line.x()[i]))
                .toArray();
        if (kept.length == line.x().length) {
            return line;
        }
        return new Line(
                line.name(),
                line.unit(),
                line.measure(),
                IntStream.of(kept).mapToDouble(i -> line.x()[i]).toArray(),
                IntStream.of(kept).mapToDouble(i -> line.y()[i]).toArray(),
                line.errors().length == 0
                        ? line.errors()
                        : IntStream.of(kept)
                                .mapToDouble(i -> i < line.errors().length ? line.errors()[i] : Double.NaN)
                                .toArray(),
                IntStream.of(kept).mapToObj(line.across()::get).toList(),
                IntStream.of(kept).mapToObj(line.up()::get).toList(),
                IntStream.of(kept).mapToObj(line.cells()::get).toList(),
                line.hasPole());
    }

    private Line ofCurve(Chart.Series series, Chart.Curve curve) {
        String name = series.name().isEmpty() ? spelled(curve) : series.name();
        Value from = live.worth(curve.from(), chart.grid());
        double start = acrossMeasure.place(from);
        double end = acrossMeasure.place(live.worth(curve.to(), chart.grid()));
        if (!(start < end)) {
            return without(name, "The curve " + name + " needs a beginning that is less than its end, in one unit.");
        }
        UnaryOperator<Value> formula = live.formula(curve.expression(), chart.grid(), curve.variable());
        Optional<Measure> measure = firstMeasure(formula, start, end);
        if (measure.isEmpty()) {
            return without(name, fault(name, formula.apply(acrossMeasure.value((start + end) / 2))));
        }
        // Looked at closely, a curve is sampled closely.
        double seenFrom =
                view.across().map(part -> Math.max(start, part.from())).orElse(start);
        double seenTo = view.across().map(part -> Math.min(end, part.to())).orElse(end);
        List<Sampling.Sample> samples = Sampling.of(
                x -> measure.get().place(formula.apply(acrossMeasure.value(x))),
                seenFrom < seenTo ? seenFrom : start,
                seenFrom < seenTo ? seenTo : end);
        double[] shown = Sampling.shown(samples);
        boolean hasPole = samples.stream()
                .anyMatch(sample -> sample.hasValue() && (sample.y() < shown[0] || sample.y() > shown[1]));
        return worked(name, measure, samples, hasPole);
    }

    private static Line worked(String name, Optional<Measure> measure, List<Sampling.Sample> samples, boolean hasPole) {
        return new Line(
                name,
                measure.map(Measure::unit).orElse(""),
                measure,
                samples.stream().mapToDouble(Sampling.Sample::x).toArray(),
                samples.stream().mapToDouble(Sampling.Sample::y).toArray(),
                new double[0],
                List.of(),
                List.of(),
                List.of(),
                hasPole);
    }

    private String spelled(Chart.Source source) {
        return ChartReading.spelled(source, live.display().mark());
    }

    private Optional<Measure> firstMeasure(UnaryOperator<Value> formula, double start, double end) {
        int tries = 16;
        return IntStream.range(0, tries)
                .mapToObj(i -> formula.apply(acrossMeasure.value(start + (end - start) * (i + 0.5) / tries)))
                .flatMap(value -> Measure.of(value).stream())
                .findFirst();
    }

    private Line without(String name, String fault) {
        faults.add(fault);
        return worked(name, Optional.empty(), List.of(), false);
    }

    private static String fault(String name, Value value) {
        return "The curve " + name + " has no values here"
                + (value instanceof Failure failure ? ". " + failure.message() : " that are numbers.");
    }

    private Line ofPath(Chart.Series series, Chart.Path path) {
        String name = series.name().isEmpty() ? spelled(path) : series.name();
        Value from = live.worth(path.from(), chart.grid());
        Measure parameter = Measure.of(from).orElse(new Measure.Numbers());
        double start = parameter.place(from);
        double end = parameter.place(live.worth(path.to(), chart.grid()));
        UnaryOperator<Value> across = live.formula(path.across(), chart.grid(), path.parameter());
        UnaryOperator<Value> up = live.formula(path.up(), chart.grid(), path.parameter());
        if (!(start < end)) {
            return without(name, "The curve " + name + " needs a beginning that is less than its end, in one unit.");
        }
        Optional<Measure> measure = Measure.of(up.apply(parameter.value((start + end) / 2)));
        if (measure.isEmpty()) {
            return without(name, fault(name, up.apply(parameter.value((start + end) / 2))));
        }
        // Both coordinates are sampled where either bends.
        List<Double> places = Stream.concat(
                        Sampling.of(t -> acrossMeasure.place(across.apply(parameter.value(t))), start, end).stream(),
                        Sampling.of(t -> measure.get().place(up.apply(parameter.value(t))), start, end).stream())
                .map(Sampling.Sample::x)
                .distinct()
                .sorted()
                .toList();
        List<Sampling.Sample> samples = places.stream()
                .map(t -> new Sampling.Sample(
                        acrossMeasure.place(across.apply(parameter.value(t))),
                        measure.get().place(up.apply(parameter.value(t)))))
                .map(sample -> Double.isFinite(sample.x()) ? sample : new Sampling.Sample(sample.x(), Double.NaN))
                .toList();
        return worked(name, measure, samples, false);
    }
}
