package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.formula.EntryReader;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The axes of a chart: what they measure, their titles and scales. */
final class Axes {
    private final Chart chart;
    private final Lines reader;
    private final List<Line> lines;
    private final View view;
    private final LiveWorksheet live;
    private final List<String> faults;
    private final DecimalMark mark;
    private final Sides sides;
    private final ChartData.Axis across;
    private final ChartData.Axis up;
    private final Optional<ChartData.Axis> right;

    /**
     * Works the axes out, once for all that is drawn between them.
     *
     * @param bins those of a histogram: it goes along their values and up along their counts
     * @param faults where is added what cannot be as it is set
     */
    Axes(
            Chart chart,
            Lines reader,
            Sides sides,
            LiveWorksheet live,
            View view,
            Optional<Bins> bins,
            List<String> faults) {
        this.view = view;
        this.live = live;
        this.chart = chart;
        this.reader = reader;
        this.sides = sides;
        this.lines = sides.lines();
        this.faults = faults;
        this.mark = live.display().mark();
        this.across = bins.map(this::alongValues).orElseGet(this::alongPlaces);
        this.up = bins.map(this::counts).orElseGet(() -> vertical(false, chart.upAxis(), view.up()));
        this.right = IntStream.range(0, lines.size()).anyMatch(this::isOnRight)
                ? Optional.of(vertical(true, chart.rightAxis(), Optional.empty()))
                : Optional.empty();
    }

    /** Whether a series stands on the second axis: it was put there, or cannot be measured on the first. */
    boolean isOnRight(int series) {
        return sides.isOnRight(series);
    }

    /** A place across in words. */
    String acrossText(double place) {
        return reader.acrossMeasure().text(place, mark);
    }

    /** A value across in words. */
    String acrossText(Value value) {
        return reader.acrossText(value);
    }

    /** The horizontal axis. */
    ChartData.Axis across() {
        return across;
    }

    /** The first vertical axis. */
    ChartData.Axis up() {
        return up;
    }

    /** The second vertical axis, where a series stands on it. */
    Optional<ChartData.Axis> right() {
        return right;
    }

    /** The vertical axis that a series stands on. */
    ChartData.Axis of(int series) {
        return isOnRight(series) ? right.orElseThrow() : up;
    }

    private ChartData.Axis alongPlaces() {
        Heading heading = reader.acrossHeading();
        Measure measure = reader.acrossMeasure();
        String unit = heading.unit(Optional.of(measure));
        String title = chart.acrossAxis().title().isEmpty()
                ? Heading.title(heading.name().isEmpty() ? variable() : heading.name(), unit)
                : chart.acrossAxis().title();
        if (chart.form() == Chart.Form.BOXES) {
            return new ChartData.Axis(
                    chart.acrossAxis().title(),
                    "",
                    true,
                    Scale.places(IntStream.range(0, lines.size())
                            .filter(i -> !lines.get(i).isEmpty())
                            .mapToObj(i -> ChartReading.called(chart.series().get(i), lines.get(i)))
                            .toList()));
        }
        if (reader.places().isPresent()) {
            return new ChartData.Axis(
                    title, "", true, Scale.places(reader.places().get()));
        }
        double[] places = lines.stream()
                .flatMapToDouble(line -> line.shown()
                        .filter(shown -> !Double.isNaN(shown.left()))
                        .map(shown -> DoubleStream.of(shown.left(), shown.right()))
                        .orElseGet(() -> DoubleStream.of(line.x())))
                .filter(Double::isFinite)
                .toArray();
        return new ChartData.Axis(
                title,
                unit,
                false,
                toldAcross(seen(scale(chart.acrossAxis(), Optional.of(measure), places), view.across(), measure)));
    }

    private Scale toldAcross(Scale scale) {
        return reader.showsPercentAcross() ? marked(scale.inPercent()) : scale;
    }

    /** The horizontal axis over another range. */
    Scale acrossOver(double least, double most) {
        return toldAcross(over(chart.acrossAxis(), reader.acrossMeasure(), least, most));
    }

    /** The first vertical axis over another range. */
    Scale upOver(double least, double most) {
        return verticalOver(false, chart.upAxis(), least, most);
    }

    /** The second vertical axis over another range. */
    Scale rightOver(double least, double most) {
        return verticalOver(true, chart.rightAxis(), least, most);
    }

    /** The horizontal axis of a histogram over another range. */
    Scale valuesOver(double least, double most) {
        return verticalOver(false, chart.acrossAxis(), least, most);
    }

    private Scale verticalOver(boolean isRight, Chart.AxisLook look, double least, double most) {
        List<Line> own = own(isRight).map(lines::get).toList();
        Measure measure = own.stream()
                .flatMap(line -> line.measure().stream())
                .findFirst()
                .orElse(new Measure.Numbers());
        return told(own, over(look, measure, least, most));
    }

    private Scale over(Chart.AxisLook look, Measure measure, double least, double most) {
        return marked(
                look.logarithmic() && measure.hasRatios() && least > 0
                        ? Scale.logarithmic(least, most)
                        : measure.covering(least, most));
    }

    private Stream<Integer> own(boolean isRight) {
        return IntStream.range(0, lines.size())
                .filter(i -> isOnRight(i) == isRight)
                .boxed();
    }

    /** In percent, where all of the cells are. */
    private Scale told(List<Line> own, Scale scale) {
        List<Line> drawn = own.stream().filter(line -> !line.isEmpty()).toList();
        return !drawn.isEmpty() && drawn.stream().allMatch(this::isPercent) ? marked(scale.inPercent()) : scale;
    }

    private String variable() {
        return chart.series().stream()
                .filter(series -> series.source() instanceof Chart.Curve)
                .map(series -> ((Chart.Curve) series.source()).variable())
                .findFirst()
                .orElse("");
    }

    private ChartData.Axis vertical(boolean isRight, Chart.AxisLook look, Optional<View.Part> part) {
        List<Integer> own = own(isRight).toList();
        // A curve without units is meant in those of the cells beside it.
        List<String> units = own.stream()
                .map(lines::get)
                .filter(line -> !line.isEmpty()
                        && (!line.unit().isEmpty() || !line.cells().isEmpty()))
                .map(Line::unit)
                .distinct()
                .toList();
        String unit = units.size() == 1 ? units.get(0) : "";
        List<Line> drawn =
                own.stream().map(lines::get).filter(line -> !line.isEmpty()).toList();
        String name = drawn.size() == 1 ? drawn.get(0).name() : "";
        String title = look.title().isEmpty() ? Heading.title(name, unit) : look.title();
        Optional<Measure> measure =
                own.stream().flatMap(i -> lines.get(i).measure().stream()).findFirst();
        Scale bare = scale(look, measure, heights(own));
        Measure like = measure.orElse(new Measure.Numbers());
        Scale seen = isRight ? along(bare, like) : seen(bare, part, like);
        return new ChartData.Axis(
                title, unit, false, told(own.stream().map(lines::get).toList(), seen));
    }

    /** Whether the cells of a series show their numbers in percent. */
    private boolean isPercent(Line line) {
        return line.measure().filter(Measure.Numbers.class::isInstance).isPresent()
                && !line.cells().isEmpty()
                && live.showsPercent(line.grid(), line.cells().get(0));
    }

    private double[] heights(List<Integer> own) {
        DoubleStream.Builder heights = DoubleStream.builder();
        boolean hasBars = false;
        double[] above = new double
                [lines.stream().mapToInt(line -> line.x().length).max().orElse(0)];
        double[] below = new double[above.length];
        for (int i : own) {
            Line line = lines.get(i);
            boolean isBar =
                    chart.form() == Chart.Form.PLOT && chart.series().get(i).shape() == Chart.Shape.BARS;
            hasBars |= isBar;
            if (line.shown().isPresent()) {
                Stream.of(line.shown().get())
                        .flatMapToDouble(shown -> DoubleStream.of(shown.least(), shown.most()))
                        .filter(Double::isFinite)
                        .forEach(heights::add);
                continue;
            }
            line.filled().forEach(k -> {
                double error = k < line.errors().length && Double.isFinite(line.errors()[k]) ? line.errors()[k] : 0;
                double height = line.y()[k];
                if (isBar && chart.stacked()) {
                    double[] sums = height < 0 ? below : above;
                    sums[k] += height;
                    heights.add(sums[k]);
                } else {
                    heights.add(height - error);
                    if (error > 0) {
                        heights.add(height + error);
                    }
                }
            });
        }
        if (hasBars) {
            heights.add(0.0);
        }
        return heights.build().toArray();
    }

    private Scale scale(Chart.AxisLook look, Optional<Measure> measure, double[] values) {
        double[] seen = look.logarithmic()
                ? DoubleStream.of(values).filter(value -> value > 0).toArray()
                : values;
        double least =
                bound(look.least(), measure).orElse(DoubleStream.of(seen).min().orElse(look.logarithmic() ? 1 : 0));
        double most =
                bound(look.most(), measure).orElse(DoubleStream.of(seen).max().orElse(look.logarithmic() ? 10 : 1));
        boolean isSet = !look.least().isEmpty() || !look.most().isEmpty();
        if (look.logarithmic() && !measure.orElse(new Measure.Numbers()).hasRatios()) {
            faults.add("Logarithmic steps are ratios, and values "
                    + measure.orElseThrow().kind() + " have none, so this axis has even steps.");
            return scale(new Chart.AxisLook(look.title(), look.least(), look.most(), false), measure, values);
        }
        if (look.logarithmic()) {
            return logarithmic(least, most, isSet, measure.orElse(new Measure.Numbers()));
        }
        if (isSet && !(least < most)) {
            faults.add("An axis begins below its end, and this one would go from "
                    + new Measure.Numbers().text(least, mark) + " to "
                    + new Measure.Numbers().text(most, mark) + ".");
            return scale(Chart.AxisLook.USUAL, measure, values);
        }
        Scale covering = measure.orElse(new Measure.Numbers()).covering(least, most);
        if (!isSet) {
            return marked(covering);
        }
        double from = look.least().isEmpty() ? covering.least() : least;
        double to = look.most().isEmpty() ? covering.most() : most;
        boolean isPlain =
                measure.isEmpty() || measure.get().unit().length() > 0 || measure.get() instanceof Measure.Numbers;
        return marked(isPlain ? Scale.between(from, to) : covering.within(from, to));
    }

    /** The part of a scale that is looked at. */
    private Scale seen(Scale whole, Optional<View.Part> part, Measure measure) {
        if (part.isEmpty()) {
            return whole;
        }
        double from = part.get().from();
        double to = part.get().to();
        if (whole.logarithmic()) {
            return from > 0 ? marked(Scale.logarithmicBetween(from, to)) : whole;
        }
        boolean isPlain = measure instanceof Measure.Numbers || measure instanceof Measure.Quantities;
        return marked(
                isPlain ? Scale.between(from, to) : measure.covering(from, to).within(from, to));
    }

    /** The second axis goes along with the first. */
    private Scale along(Scale whole, Measure measure) {
        if (view.up().isEmpty() || whole.logarithmic()) {
            return whole;
        }
        Scale first = vertical(false, chart.upAxis(), Optional.empty()).scale();
        double size = (whole.most() - whole.least()) / (first.most() - first.least());
        return seen(
                whole,
                view.up()
                        .map(part -> new View.Part(
                                whole.least() + (part.from() - first.least()) * size,
                                whole.least() + (part.to() - first.least()) * size)),
                measure);
    }

    private Scale logarithmic(double least, double most, boolean isSet, Measure measure) {
        if (least <= 0) {
            faults.add("Logarithmic steps need values above 0, so this axis has even steps.");
            return Scale.covering(Math.min(least, most), Math.max(least, most));
        }
        Scale scale = isSet && least < most ? Scale.logarithmicBetween(least, most) : Scale.logarithmic(least, most);
        return marked(measure instanceof Measure.Durations ? scale.written(measure::text) : scale);
    }

    /** Where an axis is to begin or end: a value of its kind, or a bare number in its unit. */
    private Optional<Double> bound(String entry, Optional<Measure> measure) {
        if (entry.isEmpty()) {
            return Optional.empty();
        }
        Value value = EntryReader.value(entry, live.worksheet().units());
        double bare = new Measure.Numbers().place(value);
        double place =
                Double.isNaN(bare) ? measure.orElse(new Measure.Numbers()).place(value) : bare;
        if (Double.isNaN(place)) {
            faults.add("An axis begins and ends at a number, and `"
                    + live.display().write(entry) + "` is none that fits it.");
            return Optional.empty();
        }
        return Optional.of(place);
    }

    private Scale marked(Scale scale) {
        return scale.marked(mark);
    }

    /** The horizontal axis of a histogram: the values themselves. */
    private ChartData.Axis alongValues(Bins bins) {
        ChartData.Axis values = vertical(false, Chart.AxisLook.USUAL, Optional.empty());
        Optional<Measure> measure =
                lines.stream().flatMap(line -> line.measure().stream()).findFirst();
        Scale scale = scale(chart.acrossAxis(), measure, new double[] {
            bins.edges().get(0).at(), bins.edges().get(bins.edges().size() - 1).at()
        });
        String title = chart.acrossAxis().title().isEmpty()
                ? values.title()
                : chart.acrossAxis().title();
        return new ChartData.Axis(
                title, values.unit(), false, told(own(false).map(lines::get).toList(), scale));
    }

    /** The vertical axis of a histogram. */
    private ChartData.Axis counts(Bins bins) {
        double most = bins.counts().stream()
                .flatMap(List::stream)
                .mapToInt(Integer::intValue)
                .max()
                .orElse(1);
        String title =
                chart.upAxis().title().isEmpty() ? "count" : chart.upAxis().title();
        Chart.AxisLook look = chart.upAxis();
        Scale scale = look.least().isEmpty() && look.most().isEmpty() && !look.logarithmic()
                ? Scale.counting(most)
                : scale(look, Optional.of(new Measure.Numbers()), new double[] {0, most});
        return new ChartData.Axis(title, "", false, scale);
    }
}
