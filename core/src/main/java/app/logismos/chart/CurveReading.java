package app.logismos.chart;

import app.logismos.evaluate.Budget;
import app.logismos.formula.EntryReader;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Reads the series of a chart that are expressions. All of them together have the time of one calculation. */
final class CurveReading {
    /** A curve takes no more than this part of the time of a calculation to be looked at. */
    private static final int PART_OF_TIME = 20;

    /** A bound for the first curve that a program draws. */
    private static final int PART_OF_PLAIN_TIME = 4;

    private static final int FEW = 16;
    private static final int MANY = 1024;

    private final Chart chart;
    private final LiveWorksheet live;
    private final View view;
    private final Measure across;
    private final List<String> faults;
    private final Budget budget;

    CurveReading(Chart chart, LiveWorksheet live, View view, Measure across, List<String> faults) {
        this.chart = chart;
        this.live = live;
        this.view = view;
        this.across = across;
        this.faults = faults;
        this.budget = live.budget();
    }

    /** What the horizontal axis measures where only expressions say so. */
    static Optional<Measure> across(Chart chart, LiveWorksheet live) {
        return chart.series().stream()
                .flatMap(series -> series.source() instanceof Chart.Curve curve
                        ? Measure.of(live.worth(curve.from(), chart.grid())).stream()
                        : series.source() instanceof Chart.Path path
                                ? Measure.of(live.formula(path.across(), chart.grid(), path.parameter())
                                                .apply(live.worth(path.from(), chart.grid())))
                                        .stream()
                                : Stream.empty())
                .findFirst();
    }

    private Value worth(String expression) {
        return live.formula(expression, chart.grid(), "", budget).apply(Blank.BLANK);
    }

    private UnaryOperator<Value> formula(String expression, String variable) {
        return live.formula(expression, chart.grid(), variable, budget);
    }

    /** An expression as a function from places to places. */
    DoubleUnaryOperator places(String expression, String variable, Measure from, Measure to) {
        UnaryOperator<Value> formula = formula(expression, variable);
        return place -> to.place(formula.apply(from.value(place)));
    }

    /** The same with its slope, where it is arithmetic of bare numbers. */
    Optional<PlainFunction> plain(String expression, String variable, Measure from, Measure to, Sampling.Range range) {
        if (!(from instanceof Measure.Numbers) || !(to instanceof Measure.Numbers)) {
            return Optional.empty();
        }
        return live.parsed(expression, chart.grid(), variable, budget)
                .flatMap(parsed -> PlainFunction.of(
                        parsed, variable, part -> live.value(part, chart.grid(), variable, Blank.BLANK, budget)))
                .flatMap(plain -> plain.agreeing(places(expression, variable, from, to), range));
    }

    /** A function with how long it may be looked at: what is worked out in doubles is never looked at for long. */
    private record Looked(DoubleUnaryOperator function, long nanos) {}

    private Looked function(String expression, String variable, Measure from, Measure to, Sampling.Range range) {
        long time = live.limits().time().toNanos();
        return plain(expression, variable, from, to, range)
                .map(plain -> new Looked(plain::at, time / PART_OF_PLAIN_TIME))
                .orElseGet(() -> new Looked(places(expression, variable, from, to), time / PART_OF_TIME));
    }

    private Sampling.Sampled sampled(Looked looked, Sampling.Range range) {
        return Sampling.of(looked.function(), range, Math.min(view.columns(), View.USUAL.columns()), looked.nanos());
    }

    /** The measure of the first value that has one, looked for at a few places and then at many. */
    private Optional<Measure> measure(UnaryOperator<Value> formula, Measure from, double start, double end) {
        return Stream.of(FEW, MANY)
                .flatMap(count -> DoubleStream.concat(
                                IntStream.range(0, count).mapToDouble(i -> start + (end - start) * (i + 0.5) / count),
                                DoubleStream.of(start, end))
                        .mapToObj(place -> formula.apply(from.value(place))))
                .flatMap(value -> Measure.of(value).stream())
                .findFirst();
    }

    /** The points of {@code y = f(x)}. */
    Line line(Chart.Series series, Chart.Curve curve) {
        String name = series.name().isEmpty() ? spelled(curve) : series.name();
        double start = across.place(worth(curve.from()));
        double end = across.place(worth(curve.to()));
        if (!(start < end)) {
            return without(name, "The curve " + name + " needs a beginning that is less than its end, in one unit.");
        }
        UnaryOperator<Value> formula = formula(curve.expression(), curve.variable());
        Optional<Measure> measure = measure(formula, across, start, end);
        if (measure.isEmpty()) {
            return without(name, fault(name, formula.apply(across.value((start + end) / 2))));
        }
        Sampling.Range range = seen(start, end);
        Sampling.Sampled sampled =
                sampled(function(curve.expression(), curve.variable(), across, measure.get(), range), range);
        tell(name, sampled);
        return Line.worked(
                name,
                measure,
                sampled.samples(),
                Optional.of(new Line.Shown(Double.NaN, Double.NaN, sampled.least(), sampled.most())));
    }

    private void tell(String name, Sampling.Sampled... coordinates) {
        if (!Stream.of(coordinates).allMatch(Sampling.Sampled::resolved)) {
            faults.add(name + " changes faster than it can be drawn here. Look closer at a part of it.");
        }
        boolean isAsked =
                !chart.upAxis().least().isEmpty() || !chart.upAxis().most().isEmpty();
        if (!isAsked && Stream.of(coordinates).anyMatch(Sampling.Sampled::cut)) {
            faults.add(name + " goes on further than is shown. Say where the axis ends to see more of it.");
        }
    }

    /** The part of a curve that is drawn, along the axis as it is. */
    private Sampling.Range seen(double start, double end) {
        double least = bound(chart.acrossAxis().least()).orElse(start);
        double most = bound(chart.acrossAxis().most()).orElse(end);
        double from = Math.max(start, view.across().map(View.Part::from).orElse(least));
        double to = Math.min(end, view.across().map(View.Part::to).orElse(most));
        boolean isSeen = from < to;
        double first = isSeen ? from : start;
        boolean isByRatio = chart.acrossAxis().logarithmic() && across.hasRatios() && first > 0;
        return new Sampling.Range(first, isSeen ? to : end, isByRatio);
    }

    private Optional<Double> bound(String entry) {
        if (entry.isEmpty()) {
            return Optional.empty();
        }
        Value value = EntryReader.value(entry, live.worksheet().units());
        double bare = new Measure.Numbers().place(value);
        return Optional.of(Double.isNaN(bare) ? across.place(value) : bare).filter(Double::isFinite);
    }

    /** The points of two expressions of a parameter, in its order. */
    Line line(Chart.Series series, Chart.Path path) {
        String name = series.name().isEmpty() ? spelled(path) : series.name();
        Value from = worth(path.from());
        Measure parameter = Measure.of(from).orElse(new Measure.Numbers());
        double start = parameter.place(from);
        double end = parameter.place(worth(path.to()));
        UnaryOperator<Value> up = formula(path.up(), path.parameter());
        if (!(start < end)) {
            return without(name, "The curve " + name + " needs a beginning that is less than its end, in one unit.");
        }
        Optional<Measure> measure = measure(up, parameter, start, end);
        if (measure.isEmpty()) {
            return without(name, fault(name, up.apply(parameter.value((start + end) / 2))));
        }
        Sampling.Range range = new Sampling.Range(start, end, false);
        Looked x = function(path.across(), path.parameter(), parameter, across, range);
        Looked y = function(path.up(), path.parameter(), parameter, measure.get(), range);
        Sampling.Sampled xs = sampled(x, range);
        Sampling.Sampled ys = sampled(y, range);
        tell(name, xs, ys);
        return Line.worked(
                name,
                measure,
                joined(x.function(), xs.samples(), y.function(), ys.samples()),
                Optional.of(new Line.Shown(xs.least(), xs.most(), ys.least(), ys.most())));
    }

    /** Both coordinates wherever either was looked at; a gap of either is one. */
    private static List<Sampling.Sample> joined(
            DoubleUnaryOperator x, List<Sampling.Sample> xs, DoubleUnaryOperator y, List<Sampling.Sample> ys) {
        Map<Double, Sampling.Sample> byParameter = new TreeMap<>();
        for (Sampling.Sample sample : xs) {
            double place = isGap(ys, sample.x()) ? Double.NaN : y.applyAsDouble(sample.x());
            byParameter.put(sample.x(), new Sampling.Sample(sample.y(), place));
        }
        for (Sampling.Sample sample : ys) {
            double place = isGap(xs, sample.x()) ? Double.NaN : x.applyAsDouble(sample.x());
            byParameter.merge(
                    sample.x(),
                    new Sampling.Sample(place, sample.y()),
                    (first, second) -> first.hasValue() ? new Sampling.Sample(first.x(), sample.y()) : first);
        }
        List<Sampling.Sample> joined = new ArrayList<>();
        double last = 0;
        for (Sampling.Sample sample : byParameter.values()) {
            boolean isGap = !Double.isFinite(sample.x()) || !sample.hasValue();
            last = Double.isFinite(sample.x()) ? sample.x() : last;
            joined.add(isGap ? new Sampling.Sample(last, Double.NaN) : sample);
        }
        return joined;
    }

    /** Whether the line through samples is broken at a place. */
    private static boolean isGap(List<Sampling.Sample> samples, double x) {
        int low = 0;
        int high = samples.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (samples.get(middle).x() < x) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        Sampling.Sample right = samples.get(low);
        return right.x() == x
                ? !right.hasValue()
                : !right.hasValue() || low > 0 && !samples.get(low - 1).hasValue();
    }

    /** The slope of a curve at a place. */
    Slope slope(Chart.Curve curve, Measure up, double x, double width) {
        DoubleUnaryOperator function = places(curve.expression(), curve.variable(), across, up);
        Sampling.Range around = new Sampling.Range(x - width / 2, x + width / 2, false);
        return Slope.of(function, plain(curve.expression(), curve.variable(), across, up, around), x, width);
    }

    private String spelled(Chart.Source source) {
        return ChartReading.spelled(source, live.display().mark());
    }

    private Line without(String name, String fault) {
        faults.add(fault);
        return Line.worked(name, Optional.empty(), List.of(), Optional.empty());
    }

    private static String fault(String name, Value value) {
        if (value instanceof ComplexValue) {
            return "The curve " + name + " has complex values here. Draw their `re`, `im` or `abs`.";
        }
        return "The curve " + name + " has no values here"
                + (value instanceof Failure failure ? ". " + failure.message() : " that are numbers.");
    }
}
