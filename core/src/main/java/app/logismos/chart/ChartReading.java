package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Works out what a chart shows from a worksheet as it is. */
public final class ChartReading {
    /** A cloud of more points is drawn thinner. */
    private static final int MOST_MARKERS = 4_000;

    private static final Display PERCENT = Display.in("percent 1");

    private final Chart chart;
    private final LiveWorksheet live;
    private final View view;
    private final DecimalMark mark;
    private final List<String> faults = new ArrayList<>();

    private ChartReading(Chart chart, LiveWorksheet live, View view) {
        this.chart = chart;
        this.live = live;
        this.view = view;
        this.mark = live.display().mark();
    }

    /** What the chart shows. */
    public static ChartData of(Chart chart, LiveWorksheet live, View view) {
        return reading(chart, live, view).data();
    }

    static Reading reading(Chart chart, LiveWorksheet live, View view) {
        return new ChartReading(chart, live, view).read();
    }

    private Reading read() {
        return switch (chart.form()) {
            case SURFACE, CONTOURS, FIELDS -> twoWay();
            case PLOT, SHARES, HISTOGRAM, BOXES -> plot();
        };
    }

    private Reading twoWay() {
        TwoWayReading reading = new TwoWayReading(chart, live, faults);
        Optional<ChartData.TwoWay> table = reading.table();
        ChartData data = new ChartData(
                chart.title(),
                chart.form(),
                reading.across(),
                reading.up(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                List.of(),
                table,
                Marks.plain(chart),
                faults,
                Summary.of(chart, table));
        return new Reading(
                data,
                (least, most) -> data.across().scale(),
                (least, most) -> data.up().scale(),
                (least, most) -> data.up().scale(),
                reading::heights);
    }

    private Reading plot() {
        Lines reader = new Lines(chart, live, view, faults);
        Sides sides = new Sides(chart, chart.series().stream().map(reader::line).toList());
        faults.addAll(sides.faults());
        if (chart.form() == Chart.Form.SHARES && chart.series().size() > 1) {
            faults.add("Shares are of one series, the first. Draw the others in charts of their own.");
        }
        List<Line> lines = sides.lines();
        Axes axes = new Axes(chart, reader, sides, live, view, faults);
        List<Optional<FittedCurve>> fits = IntStream.range(0, lines.size())
                .mapToObj(i -> fitted(chart.series().get(i), lines.get(i)))
                .toList();
        List<ChartData.Series> series = IntStream.range(0, lines.size())
                .mapToObj(i -> series(i, lines.get(i), fits.get(i), axes))
                .toList();
        Optional<Bins> bins =
                chart.form() == Chart.Form.HISTOGRAM && lines.stream().anyMatch(line -> !line.isEmpty())
                        ? Optional.of(bins(lines))
                        : Optional.empty();
        List<Boxes> boxes = chart.form() == Chart.Form.BOXES
                ? lines.stream()
                        .filter(line -> !line.isEmpty())
                        .map(line -> Boxes.of(line.heights(), at -> figure(line, at)))
                        .toList()
                : List.of();
        ChartData.Axis across = bins.map(axes::alongValues).orElseGet(axes::across);
        ChartData.Axis up = bins.map(axes::counts).orElseGet(axes::up);
        Optional<ChartData.Axis> right = axes.right();
        ChartData data = new ChartData(
                chart.title(),
                chart.form(),
                across,
                up,
                right,
                series,
                bins,
                boxes,
                Optional.empty(),
                new Marks(chart, live, lines, reader, axes, faults).marks(),
                faults(lines, axes, across, up, right),
                Summary.of(chart, series, bins, boxes));
        return new Reading(
                data,
                bins.isPresent() ? axes::valuesOver : axes::acrossOver,
                bins.isPresent() ? (least, most) -> Scale.counting(most) : axes::upOver,
                axes::rightOver,
                axes::upOver);
    }

    private Bins bins(List<Line> lines) {
        Line first = lines.stream().filter(line -> !line.isEmpty()).findFirst().orElseThrow();
        return Bins.of(
                lines.stream().map(Line::heights).toList(),
                first.measure().orElseThrow().finest(),
                at -> figure(first, at));
    }

    /** What was worked out of the values of a series, as its cells show them. */
    private String figure(Line line, double at) {
        Value value = line.measure().orElseThrow().value(at);
        return line.cells().isEmpty()
                ? live.display().candid(value)
                : live.display(chart.grid(), line.cells().get(0)).candid(value);
    }

    /** Each once, and what is left out. */
    private List<String> faults(
            List<Line> lines, Axes axes, ChartData.Axis across, ChartData.Axis up, Optional<ChartData.Axis> right) {
        boolean hasAxes = chart.form() == Chart.Form.PLOT || chart.form() == Chart.Form.BOXES;
        Stream<String> left = IntStream.range(0, lines.size()).boxed().flatMap(i -> {
            Chart.Series series = chart.series().get(i);
            Scale scale = axes.isOnRight(i) ? right.orElseThrow().scale() : up.scale();
            return LeftOut.of(
                    called(series, lines.get(i)),
                    lines.get(i),
                    hasAxes && across.scale().logarithmic(),
                    hasAxes && scale.logarithmic());
        });
        return Stream.concat(faults.stream(), left).distinct().toList();
    }

    private Optional<FittedCurve> fitted(Chart.Series series, Line line) {
        if (series.fit() == Chart.Fit.NONE || line.isEmpty() || chart.form() != Chart.Form.PLOT) {
            return Optional.empty();
        }
        int[] filled = line.filled().toArray();
        try {
            return Optional.of(FittedCurve.through(
                    series.fit(),
                    IntStream.of(filled)
                            .mapToObj(i -> exact(line.across(), i, line.x()[i]))
                            .toList(),
                    IntStream.of(filled)
                            .mapToObj(i -> exact(line.up(), i, line.y()[i]))
                            .toList()));
        } catch (Fitting.Unfit unfit) {
            faults.add(unfit.getMessage());
            return Optional.empty();
        }
    }

    /** The number of a point with all its digits, where it is one in the axis' own unit. */
    private static Real exact(List<Value> values, int i, double place) {
        Real real = Real.from(place);
        if (i < values.size()) {
            if (values.get(i) instanceof NumberValue number) {
                real = number.real();
            } else if (values.get(i) instanceof Quantity quantity
                    && quantity.number().toDouble() == place) {
                real = quantity.number();
            }
        }
        return real;
    }

    private ChartData.Series series(int index, Line line, Optional<FittedCurve> fit, Axes axes) {
        Chart.Series series = chart.series().get(index);
        int[] kept = kept(series, line);
        return new ChartData.Series(
                called(series, line),
                spelled(series.source(), mark),
                series.shape(),
                axes.isOnRight(index),
                series.look(),
                IntStream.of(kept).mapToObj(i -> point(line, i, axes)).toList(),
                line.x().length,
                chart.form() == Chart.Form.SHARES ? shares(called(series, line), line, kept) : List.of(),
                fit.map(each -> fit(each, line, axes)));
    }

    private int[] kept(Chart.Series series, Line line) {
        boolean isWhole = view.across().isEmpty() || !line.isUpwards();
        int[] seen = isWhole ? new int[0] : seen(line);
        double[] x = isWhole
                ? line.x()
                : IntStream.of(seen).mapToDouble(i -> line.x()[i]).toArray();
        double[] y = isWhole
                ? line.y()
                : IntStream.of(seen).mapToDouble(i -> line.y()[i]).toArray();
        boolean isCloud = series.shape() == Chart.Shape.POINTS || !line.isUpwards();
        int[] kept = isCloud
                ? Reduction.cloud(x, y, Math.max(MOST_MARKERS, view.columns()))
                : Reduction.line(x, y, view.columns());
        return isWhole ? kept : IntStream.of(kept).map(i -> seen[i]).toArray();
    }

    /** The points in sight and one on either side, to which the line goes on. */
    private int[] seen(Line line) {
        int[] inside = IntStream.range(0, line.x().length)
                .filter(i -> view.sees(line.x()[i]))
                .toArray();
        int first = inside.length == 0 ? 0 : Math.max(0, inside[0] - 1);
        int last = inside.length == 0 ? 0 : Math.min(line.x().length - 1, inside[inside.length - 1] + 1);
        return IntStream.rangeClosed(first, line.x().length == 0 ? -1 : last).toArray();
    }

    /** The name of a series: its own, its heading, or where it comes from. */
    static String called(Chart.Series series, Line line) {
        return line.name().isEmpty() ? spelled(series.source(), DecimalMark.POINT) : line.name();
    }

    /** Cells or expressions in words. */
    static String spelled(Chart.Source source, DecimalMark mark) {
        return source instanceof Chart.Cells cells
                ? cells.area().toString()
                : source instanceof Chart.Curve curve
                        ? mark.expression(curve.expression())
                        : mark.expression(((Chart.Path) source).across()) + ", "
                                + mark.expression(((Chart.Path) source).up());
    }

    private ChartData.Point point(Line line, int i, Axes axes) {
        Optional<Address> cell =
                i < line.cells().size() ? Optional.of(line.cells().get(i)) : Optional.empty();
        return new ChartData.Point(
                line.x()[i],
                Double.isFinite(line.y()[i]) ? Optional.of(line.y()[i]) : Optional.empty(),
                i < line.across().size() ? axes.acrossText(line.across().get(i)) : axes.acrossText(line.x()[i]),
                i < line.up().size()
                        ? cell.map(at -> live.display(chart.grid(), at)
                                        .candid(line.up().get(i)))
                                .orElse("")
                        : Double.isFinite(line.y()[i])
                                ? line.measure()
                                        .map(measure -> measure.text(line.y()[i], mark))
                                        .orElse("")
                                : "",
                errorBar(line, i),
                cell);
    }

    private Optional<ChartData.ErrorBar> errorBar(Line line, int i) {
        return i < line.errors().length && Double.isFinite(line.errors()[i])
                ? Optional.of(new ChartData.ErrorBar(
                        line.errors()[i], line.measure().orElseThrow().text(line.errors()[i], mark)))
                : Optional.empty();
    }

    /** What part of the whole each value is, to a tenth of a percent. */
    private List<String> shares(String name, Line line, int[] kept) {
        if (line.filled().anyMatch(i -> line.y()[i] < 0)) {
            faults.add("Shares are of values above 0, and " + name + " has one below.");
            return List.of();
        }
        Rational whole = Rational.of(
                line.filled().mapToObj(i -> BigDecimal.valueOf(line.y()[i])).reduce(BigDecimal.ZERO, BigDecimal::add));
        return IntStream.of(kept)
                .mapToObj(i -> Double.isFinite(line.y()[i])
                                && Rational.of(BigDecimal.valueOf(line.y()[i])).dividedBy(whole) instanceof Real share
                        ? mark.number(PERCENT.candid(new NumberValue(share)))
                        : "")
                .toList();
    }

    private ChartData.Fit fit(FittedCurve fit, Line line, Axes axes) {
        double least = line.filled().mapToDouble(i -> line.x()[i]).min().orElseThrow();
        double most = line.filled().mapToDouble(i -> line.x()[i]).max().orElseThrow();
        List<ChartData.Point> curve = Sampling.of(fit::at, least, most > least ? most : least + 1).stream()
                .map(sample -> bare(sample.x(), sample.y(), line, axes))
                .toList();
        int[] filled = line.filled().toArray();
        List<ChartData.Point> residuals = IntStream.range(0, Math.min(filled.length, MOST_MARKERS))
                .mapToObj(k -> bare(line.x()[filled[k]], fit.residuals()[k], line, axes))
                .toList();
        List<ChartData.Coefficient> coefficients = IntStream.range(0, fit.coefficients().length)
                .mapToObj(i -> new ChartData.Coefficient(fit.names().get(i), full(fit.coefficients()[i])))
                .toList();
        String x = axes.across().unit();
        String y = line.unit();
        String units = x.isEmpty() && y.isEmpty()
                ? ""
                : x.isEmpty() ? "y in " + y : y.isEmpty() ? "x in " + x : "x in " + x + ", y in " + y;
        return new ChartData.Fit(
                fit.fit(),
                mark.expression(fit.text()),
                mark.latex(fit.latex()),
                fit.isRounded(),
                units,
                coefficients,
                mark.number(rounded(fit.rSquared())),
                full(fit.rSquared()),
                fit.formula(IntStream.range(0, fit.coefficients().length)
                        .mapToObj(i -> "#$B$" + (i + 2))
                        .toList()),
                curve,
                residuals);
    }

    /** Down, so that nothing short of a perfect fit reads 1. */
    private static String rounded(double rSquared) {
        BigDecimal all = BigDecimal.valueOf(rSquared);
        BigDecimal shown = all.setScale(
                rSquared > 0.9999 && rSquared < 1 ? 7 : 4, rSquared > 0 ? RoundingMode.DOWN : RoundingMode.HALF_EVEN);
        return (shown.compareTo(all) == 0 ? "" : "≈ ") + shown.toPlainString();
    }

    private static String full(double number) {
        return Double.isFinite(number) ? BigDecimal.valueOf(number).toString() : "0";
    }

    private ChartData.Point bare(double x, double y, Line line, Axes axes) {
        return new ChartData.Point(
                x,
                Double.isFinite(y) ? Optional.of(y) : Optional.empty(),
                axes.acrossText(x),
                Double.isFinite(y) ? new Measure.Numbers().text(y, mark) : "",
                Optional.empty(),
                Optional.empty());
    }
}
