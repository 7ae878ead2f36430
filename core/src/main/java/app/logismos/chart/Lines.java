package app.logismos.chart;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** Reads the series of a chart from cells and expressions. */
final class Lines {
    private final Chart chart;
    private final LiveWorksheet live;
    private final List<String> faults;
    private final Pairing pairing;
    private final Optional<Run> across;
    private final List<Value> acrossValues;
    private final int acrossStart;
    private final Display acrossDisplay;
    private final Optional<List<String>> places;
    private final Measure acrossMeasure;
    private final CurveReading curves;

    Lines(Chart chart, LiveWorksheet live, View view, List<String> faults) {
        this.chart = chart;
        this.live = live;
        this.faults = faults;
        this.pairing = new Pairing(chart, live, chart.form() == Chart.Form.PLOT || chart.form() == Chart.Form.SHARES);
        this.across = pairing.across();
        this.acrossValues = pairing.acrossValues();
        this.acrossStart =
                across.map(run -> Math.max(run.first(), pairing.start())).orElseGet(pairing::start);
        // As the first of them shows its value.
        this.acrossDisplay = acrossValues.isEmpty()
                ? live.display()
                : live.styled(across.get().grid(), across.get().cell(acrossStart));
        this.places = namesAcross();
        this.acrossMeasure = Measure.of(acrossValues)
                .or(() -> CurveReading.across(chart, live))
                .orElse(new Measure.Numbers());
        this.curves = new CurveReading(chart, live, view, acrossMeasure, faults);
        if (chart.acrossDeleted()) {
            faults.add("What went across was deleted. Choose other cells for it, or let it count 1, 2, 3.");
        }
    }

    /** Things along the axis that have no size: where it has texts, or only bars. */
    private Optional<List<String>> namesAcross() {
        boolean bars = chart.series().stream().anyMatch(series -> series.shape() == Chart.Shape.BARS)
                && (chart.swapped() || chart.series().stream().allMatch(series -> series.shape() == Chart.Shape.BARS));
        boolean texts = acrossValues.stream().anyMatch(Text.class::isInstance)
                && acrossValues.stream().noneMatch(value -> Measure.of(value).isPresent());
        return (bars || texts || chart.form() == Chart.Form.SHARES) && !acrossValues.isEmpty()
                ? Optional.of(acrossValues.stream().map(acrossDisplay::text).toList())
                : Optional.empty();
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
                && !acrossValues.isEmpty()
                && live.showsPercent(chart.grid(), across.get().cell(acrossStart));
    }

    Measure acrossMeasure() {
        return places.isPresent() ? new Measure.Numbers() : acrossMeasure;
    }

    /** What the numbers of an equation are across: those of the cells, also where bars stand side by side. */
    Measure fitMeasure() {
        return isNumbered() ? acrossMeasure : acrossMeasure();
    }

    private boolean isNumbered() {
        return places.isPresent()
                && acrossValues.stream().allMatch(value -> Double.isFinite(acrossMeasure.place(value)));
    }

    /** The number of a point of a line in that measure. */
    double number(Line line, int i) {
        return isNumbered() && i < line.across().size()
                ? acrossMeasure.place(line.across().get(i))
                : line.x()[i];
    }

    /** The expressions of the chart. */
    CurveReading curves() {
        return curves;
    }

    /** The id of the grid of what goes across. */
    String acrossGrid() {
        return across.map(Run::grid).orElse(chart.grid());
    }

    /** The heading of the cells along the horizontal axis. */
    Heading acrossHeading() {
        return across.map(pairing::heading).orElse(new Heading("", ""));
    }

    /** How many of the first lines of the ranges are headings. */
    int headings() {
        return pairing.headings();
    }

    /** The cell across from one of a line; nothing where there is none. */
    Optional<Address> acrossFrom(Run run, Address cell) {
        int line = run.isAlong() ? cell.column() : cell.row();
        return across.filter(along -> along.covers(line)).map(along -> along.cell(line));
    }

    /** The cells of a series. */
    Optional<Run> run(Chart.Series series) {
        return pairing.run(series);
    }

    /** The points of a series. */
    Line line(Chart.Series series) {
        Chart.Source source = series.source();
        if (source instanceof Chart.Cells cells) {
            return ofCells(series, cells);
        }
        if (source instanceof Chart.Curve curve) {
            return curves.line(series, curve);
        }
        return source instanceof Chart.Path path
                ? curves.line(series, path)
                : without(series.name(), deleted(series.name(), ((Chart.Deleted) source).was()));
    }

    private static String deleted(String name, String was) {
        return "The cells of " + (name.isEmpty() ? "a series" : name) + ", " + was
                + ", were deleted. Choose others for it.";
    }

    private Line ofCells(Chart.Series series, Chart.Cells cells) {
        Area area = cells.area();
        Optional<Run> found = pairing.run(series);
        if (found.isEmpty()) {
            return without(
                    series.name(),
                    live.grid(chart.grid(series)).isEmpty()
                            ? "The grid of " + area + " is not on the page any more. Choose other cells."
                            : area + " goes " + (Run.isAlong(area) ? "along a row" : "down a column")
                                    + ", and the other cells of the chart do not, so nothing of it is across from them.");
        }
        Run run = found.get();
        if (run.isAlong() ? area.rows() > 1 : area.columns() > 1) {
            int count = run.isAlong() ? area.rows() : area.columns();
            faults.add(area + " has " + count + (run.isAlong() ? " rows" : " columns")
                    + ", and a series is one of them: the first is drawn. Make series of the others.");
        }
        if (series.errorsDeleted()) {
            faults.add("The cells of the error bars of " + (series.name().isEmpty() ? area : series.name())
                    + " were deleted. Choose others for them, or draw it without.");
        }
        Heading heading = pairing.heading(run);
        String name = series.name().isEmpty() ? heading.name() : series.name();
        Placed placed = placed(run);
        placed.tell(name.isEmpty() ? area.toString() : name, run);
        int[] lines = placed.lines().toArray();
        double[] x = placed.places().toArray();
        List<Value> up = IntStream.of(lines).mapToObj(run::at).toList();
        Optional<Measure> measure = Measure.of(up);
        Optional<Run> halves = pairing.errors(series);
        double[] y = up.stream()
                .mapToDouble(value -> measure.map(each -> each.place(value)).orElse(Double.NaN))
                .toArray();
        return new Line(
                name,
                heading.unit(measure),
                measure,
                x,
                y,
                errors(halves, measure, lines),
                halves.map(each -> IntStream.of(lines).mapToObj(each::at).toList())
                        .orElse(List.of()),
                IntStream.of(lines).mapToObj(this::acrossValue).toList(),
                up,
                run.grid(),
                IntStream.of(lines).mapToObj(run::cell).toList(),
                Optional.empty());
    }

    private double place(int line) {
        if (chart.acrossDeleted()) {
            return Double.NaN;
        }
        if (across.isEmpty()) {
            return line - pairing.start() + 1;
        }
        if (places.isPresent()) {
            boolean isNamed = line >= acrossStart && line < acrossStart + acrossValues.size();
            return isNamed ? line - acrossStart + 1 : Double.NaN;
        }
        return acrossMeasure.place(across.get().at(line));
    }

    private Value acrossValue(int line) {
        return across.isPresent() ? across.get().at(line) : NumberValue.of(line - pairing.start() + 1);
    }

    /** The lines of a range that have a place on the horizontal axis, and those that are not drawn although they hold something. */
    private final class Placed {
        private final IntStream.Builder lines = IntStream.builder();
        private final DoubleStream.Builder places = DoubleStream.builder();
        private final IntStream.Builder alone = IntStream.builder();
        private final IntStream.Builder words = IntStream.builder();
        private final IntStream.Builder failures = IntStream.builder();

        IntStream lines() {
            return lines.build();
        }

        DoubleStream places() {
            return places.build();
        }

        /** Reports which points are left out, how many and where. */
        void tell(String name, Run run) {
            if (!chart.acrossDeleted()) {
                told(alone, "value", name, "has nothing across to stand at", "have nothing across to stand at", run);
                told(words, "cell", name, "is a text and not drawn", "are texts and not drawn", run);
                told(failures, "cell", name, "has no value", "have no value", run);
            }
        }

        private void told(IntStream.Builder which, String thing, String name, String one, String several, Run run) {
            int[] found = which.build().toArray();
            if (found.length > 0) {
                faults.add(LeftOut.counted(found.length, thing, name) + " " + (found.length == 1 ? one : several) + ": "
                        + Pairing.told(run, found) + ".");
            }
        }
    }

    private Placed placed(Run run) {
        Placed placed = new Placed();
        pairing.lines(run).forEach(line -> {
            double place = place(line);
            Value value = run.at(line);
            if (!Double.isFinite(place)) {
                if (value != Blank.BLANK && !isTooFarAcross(line)) {
                    placed.alone.add(line);
                }
                return;
            }
            placed.lines.add(line);
            placed.places.add(place);
            if (value instanceof Text) {
                placed.words.add(line);
            } else if (value instanceof Failure) {
                placed.failures.add(line);
            }
        });
        return placed;
    }

    private boolean isTooFarAcross(int line) {
        return across.isPresent() && Measure.isTooFar(across.get().at(line));
    }

    /** Points without a place on the horizontal axis, or without a height; reported once for the chart. */
    void tellWhatIsLeftAcross() {
        if (across.isEmpty() || places.isPresent()) {
            return;
        }
        Run run = across.get();
        int[] far = pairing.lines(run).filter(this::isTooFarAcross).toArray();
        if (far.length > 0) {
            faults.add(LeftOut.counted(far.length, "value", run.area().toString()) + (far.length == 1 ? " is" : " are")
                    + " too large to be drawn: " + Pairing.told(run, far) + ".");
        }
        List<Run> series = chart.series().stream()
                .flatMap(each -> pairing.run(each).stream())
                .toList();
        if (series.isEmpty() || series.stream().anyMatch(each -> each.covers(run))) {
            return;
        }
        int[] alone = pairing.lines(run)
                .filter(line -> run.at(line) != Blank.BLANK && series.stream().noneMatch(each -> each.covers(line)))
                .toArray();
        if (alone.length > 0) {
            faults.add(LeftOut.counted(alone.length, "value", run.area().toString())
                    + (alone.length == 1 ? " has" : " have") + " nothing up: " + Pairing.told(run, alone) + ".");
        }
    }

    private static double[] errors(Optional<Run> halves, Optional<Measure> measure, int[] lines) {
        return halves.isEmpty() || measure.isEmpty()
                ? new double[0]
                : IntStream.of(lines)
                        .mapToDouble(line ->
                                Math.abs(measure.get().difference(halves.get().at(line))))
                        .toArray();
    }

    private Line without(String name, String fault) {
        faults.add(fault);
        return Line.worked(name, Optional.empty(), List.of(), Optional.empty());
    }
}
