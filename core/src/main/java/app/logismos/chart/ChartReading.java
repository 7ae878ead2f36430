package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Works out what a chart shows from a worksheet as it is. */
public final class ChartReading {
    private static final Display PERCENT = Display.in("percent 1", UnitCatalogue.STANDARD);

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

    /**
     * The curve through a series with the cells of its points; nothing where it has none, or is not drawn from cells.
     *
     * @param series its place among the series
     */
    public static Optional<FittedPoints> fitted(Chart chart, LiveWorksheet live, int series) {
        ChartReading reading = new ChartReading(chart, live, View.USUAL);
        Lines reader = new Lines(chart, live, View.USUAL, reading.faults);
        Sides sides = new Sides(chart, chart.series().stream().map(reader::line).toList());
        Axes axes = new Axes(chart, reader, sides, live, View.USUAL, Optional.empty(), reading.faults);
        Line line = sides.lines().get(series);
        Chart.Series drawn = chart.series().get(series);
        return reader.run(drawn)
                .flatMap(run -> FittedLine.of(chart, drawn, line, reader, reading.faults)
                        .map(fit -> fit.points(called(drawn, line), run, axes, reading.mark)));
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
                1,
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
        reader.tellWhatIsLeftAcross();
        List<Line> lines = sides.lines();
        Optional<Bins> bins =
                chart.form() == Chart.Form.HISTOGRAM && lines.stream().anyMatch(line -> !line.isEmpty())
                        ? Optional.of(bins(lines))
                        : Optional.empty();
        Axes axes = new Axes(chart, reader, sides, live, view, bins, faults);
        List<Optional<FittedLine>> fits = IntStream.range(0, lines.size())
                .mapToObj(i -> FittedLine.of(chart, chart.series().get(i), lines.get(i), reader, faults))
                .toList();
        List<ChartData.Series> series = IntStream.range(0, lines.size())
                .mapToObj(i -> series(i, lines.get(i), fits.get(i), axes))
                .toList();
        List<Boxes> boxes = chart.form() == Chart.Form.BOXES
                ? lines.stream()
                        .filter(line -> !line.isEmpty())
                        .map(line -> Boxes.of(line.numbers(), at -> figure(line, at)))
                        .toList()
                : List.of();
        ChartData data = new ChartData(
                chart.title(),
                chart.form(),
                axes.across(),
                axes.up(),
                axes.right(),
                series,
                reader.headings(),
                bins,
                boxes,
                Optional.empty(),
                new Marks(chart, live, lines, reader, axes, faults).marks(),
                faults(lines, axes),
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
                lines.stream().map(Line::heights).toList(), first.measure().orElseThrow(), at -> edge(first, at));
    }

    /** The edge of a bin: with all its digits, that edges close together read differently. */
    private String edge(Line line, double at) {
        String shown = figure(line, at);
        return shown.startsWith("≈")
                ? mark.number(Scale.label(BigDecimal.valueOf(at)))
                        + (line.unit().isEmpty() ? "" : " " + line.unit())
                : shown;
    }

    /** What was worked out of the values of a series, as its cells show them. */
    private String figure(Line line, double at) {
        Value value = line.measure().orElseThrow().value(at);
        return line.cells().isEmpty()
                ? live.display().candid(value)
                : live.styled(line.grid(), line.cells().get(0)).candid(value);
    }

    /** Each once, and what is left out. */
    private List<String> faults(List<Line> lines, Axes axes) {
        boolean hasAxes = chart.form() == Chart.Form.PLOT || chart.form() == Chart.Form.BOXES;
        Stream<String> left = IntStream.range(0, lines.size()).boxed().flatMap(i -> {
            Chart.Series series = chart.series().get(i);
            return LeftOut.of(
                    called(series, lines.get(i)),
                    lines.get(i),
                    hasAxes && axes.across().scale().logarithmic(),
                    hasAxes && axes.of(i).scale().logarithmic());
        });
        return Stream.concat(faults.stream(), left).distinct().toList();
    }

    private ChartData.Series series(int index, Line line, Optional<FittedLine> fit, Axes axes) {
        Chart.Series series = chart.series().get(index);
        int[] kept = kept(series, line, thinning(index, line, axes));
        return new ChartData.Series(
                called(series, line),
                spelled(series.source(), mark),
                series.shape(),
                axes.isOnRight(index),
                series.look(),
                IntStream.of(kept).mapToObj(i -> point(line, i, axes)).toList(),
                line.x().length,
                chart.form() == Chart.Form.SHARES ? shares(called(series, line), line, kept) : List.of(),
                fit.map(each -> each.data(view, axes, mark)));
    }

    private int[] kept(Chart.Series series, Line line, Thinning thinning) {
        Thinning.Kept thinned = thinning.of(series.shape(), line.x(), line.y());
        if (thinned.kept().length < thinned.seen() && !line.cells().isEmpty()) {
            faults.add(String.format(
                    Locale.ENGLISH,
                    "Of %,d points of %s %,d are drawn: the others cannot be told from them.",
                    thinned.seen(),
                    called(series, line),
                    thinned.kept().length));
        }
        return thinned.kept();
    }

    /** Only a plot is drawn point by point on its axes. */
    private Thinning thinning(int index, Line line, Axes axes) {
        return chart.form() == Chart.Form.PLOT
                ? new Thinning(view, axes.across().scale(), axes.of(index).scale())
                : new Thinning(View.USUAL, Scale.of(line.x()), Scale.of(line.y()));
    }

    /** The name of a series: its own, its heading, or where it comes from. */
    static String called(Chart.Series series, Line line) {
        return line.name().isEmpty() ? spelled(series.source(), DecimalMark.POINT) : line.name();
    }

    /** Cells or expressions in words. */
    static String spelled(Chart.Source source, DecimalMark mark) {
        if (source instanceof Chart.Cells cells) {
            return cells.area().toString();
        }
        if (source instanceof Chart.Curve curve) {
            return mark.expression(curve.expression());
        }
        return source instanceof Chart.Path path
                ? mark.expression(path.across()) + ", " + mark.expression(path.up())
                : ((Chart.Deleted) source).was();
    }

    private ChartData.Point point(Line line, int i, Axes axes) {
        Optional<Address> cell =
                i < line.cells().size() ? Optional.of(line.cells().get(i)) : Optional.empty();
        return new ChartData.Point(
                line.x()[i],
                Double.isFinite(line.y()[i]) ? Optional.of(line.y()[i]) : Optional.empty(),
                i < line.across().size() ? axes.acrossText(line.across().get(i)) : axes.acrossText(line.x()[i]),
                i < line.up().size()
                        ? cell.map(at -> live.display(line.grid(), at)
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
                ? Optional.of(new ChartData.ErrorBar(line.errors()[i], errorText(line, i)))
                : Optional.empty();
    }

    /** In the unit of the axis; where that is a scale, whose values are no lengths, as its cell has it. */
    private String errorText(Line line, int i) {
        Measure measure = line.measure().orElseThrow();
        Value half = line.halves().get(i);
        boolean isLength = half instanceof NumberValue || Math.abs(measure.place(half)) == line.errors()[i];
        return isLength ? measure.text(line.errors()[i], mark) : live.display().candid(half);
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
}
