package app.logismos.sheet;

import app.logismos.formula.Area;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A chart: what it shows and how. Immutable; its copies with other parts are generated.
 *
 * @param form what kind of picture it is
 * @param grid the id of the grid that its cells are in
 * @param across the cells along the horizontal axis, with their heading; nothing to count 1, 2, 3 …
 * @param series what is drawn; for a two-way table one, whose cells are the table with its top row and left column
 * @param acrossAxis the horizontal axis
 * @param upAxis the vertical axis on the left
 * @param rightAxis the second vertical axis, for the series that stand on it
 * @param lines whether there are lines behind, at the ticks
 * @param swapped whether across and up change places: bars lie
 * @param stacked whether bars stand on each other and not beside each other
 * @param marks what people have put on it
 * @param headings how many of the first lines of its ranges are headings; nothing where the cells decide
 * @param acrossDeleted whether what went across was deleted, so that its points have no place
 */
@RecordBuilder
public record Chart(
        String id,
        String title,
        Form form,
        String grid,
        Optional<Area> across,
        List<Series> series,
        AxisLook acrossAxis,
        AxisLook upAxis,
        AxisLook rightAxis,
        Legend legend,
        boolean lines,
        boolean swapped,
        boolean stacked,
        List<Mark> marks,
        boolean beside,
        @Between(most = Chart.MOST_HEADINGS) Optional<Integer> headings,
        boolean acrossDeleted)
        implements Block, ChartBuilder.With {
    private static final int MOST_HEADINGS = 100;
    private static final int MOST_PIXELS = 100;

    public Chart {
        series = identified(series);
        marks = List.copyOf(marks);
        acrossDeleted = acrossDeleted && across.isEmpty();
        if (headings.filter(count -> count < 0 || count > MOST_HEADINGS).isPresent()) {
            throw new EditRefused("A chart has from 0 to " + MOST_HEADINGS + " lines of headings.");
        }
    }

    /** Series that have no id of their own yet are called by their place. */
    private static List<Series> identified(List<Series> series) {
        Set<String> taken = series.stream().map(Series::id).collect(Collectors.toCollection(HashSet::new));
        Set<String> met = new HashSet<>(Set.of(""));
        return IntStream.range(0, series.size())
                .mapToObj(place -> met.add(series.get(place).id())
                        ? series.get(place)
                        : series.get(place).withId(free(place, taken)))
                .toList();
    }

    private static String free(int place, Set<String> taken) {
        return IntStream.iterate(place, next -> next + 1)
                .mapToObj(String::valueOf)
                .filter(taken::add)
                .findFirst()
                .orElseThrow();
    }

    /** The place of a series by its id; nothing where there is none. */
    public OptionalInt place(String id) {
        return IntStream.range(0, series.size())
                .filter(i -> series.get(i).id().equals(id))
                .findFirst();
    }

    /** A chart of the usual look. */
    public static Chart of(String id, String title, String grid, Optional<Area> across, Series... series) {
        return new Chart(
                id,
                title,
                Form.PLOT,
                grid,
                across,
                List.of(series),
                AxisLook.USUAL,
                AxisLook.USUAL,
                AxisLook.USUAL,
                Legend.ABOVE,
                true,
                false,
                false,
                List.of(),
                false,
                Optional.empty(),
                false);
    }

    /** What kind of picture a chart is. */
    public enum Form {
        /** Points, lines, steps, bars and curves between two axes. */
        PLOT,
        /** The parts of a whole. */
        SHARES,
        /** How many values lie between equal steps. */
        HISTOGRAM,
        /** Least, quartiles and greatest of each series. */
        BOXES,
        /** A two-way table as a surface in space. */
        SURFACE,
        /** A two-way table as lines of equal value. */
        CONTOURS,
        /** A two-way table as coloured fields. */
        FIELDS
    }

    /** Where the legend is. */
    public enum Legend {
        NONE,
        ABOVE,
        BESIDE,
        BELOW
    }

    /**
     * What is set of an axis.
     *
     * @param title its title; empty for the heading of the cells
     * @param least where it begins, as an entry; empty for what the values ask for
     * @param most where it ends
     * @param logarithmic whether equal ratios, and not equal steps, are equally far apart
     */
    @RecordBuilder
    public record AxisLook(String title, String least, String most, boolean logarithmic)
            implements ChartAxisLookBuilder.With {
        /** Nothing is set. */
        public static final AxisLook USUAL = new AxisLook("", "", "", false);

        /** With a title. */
        public static AxisLook titled(String title) {
            return new AxisLook(title, "", "", false);
        }

        AxisLook withEnds(UnaryOperator<String> then) {
            return new AxisLook(title, then.apply(least), then.apply(most), logarithmic);
        }
    }

    /**
     * One series.
     *
     * @param id by which marks and pages know it, whatever its place; empty for its place
     * @param name in the legend; empty for the heading of its cells
     * @param onRight whether it is measured on the second vertical axis
     * @param errors cells with the half length of the error bar at each point
     * @param errorsDeleted whether those were deleted, so that it waits for others
     */
    @RecordBuilder
    public record Series(
            String id,
            Source source,
            String name,
            Shape shape,
            boolean onRight,
            Optional<Area> errors,
            Look look,
            Fit fit,
            boolean errorsDeleted)
            implements ChartSeriesBuilder.With {
        public Series {
            errorsDeleted = errorsDeleted && errors.isEmpty();
        }

        /** A series of cells in the usual look. */
        public static Series of(Area cells, Shape shape) {
            return of(Cells.of(cells), "", shape);
        }

        /** A series in the usual look. */
        public static Series of(Source source, String name, Shape shape) {
            return new Series("", source, name, shape, false, Optional.empty(), Look.USUAL, Fit.NONE, false);
        }

        /** The same with error bars elsewhere; where there are none any more, they were deleted. */
        Series followedBy(Optional<Area> moved) {
            return with(to -> to.errors(moved).errorsDeleted(errorsDeleted || errors.isPresent() && moved.isEmpty()));
        }
    }

    /** Where the points of a series come from. */
    public sealed interface Source {}

    /**
     * From cells, with their heading where they have one.
     *
     * @param grid the id of the grid they are in; nothing for the chart's
     */
    public record Cells(Area area, Optional<String> grid) implements Source {
        /** Cells of the chart's grid. */
        public static Cells of(Area area) {
            return new Cells(area, Optional.empty());
        }
    }

    /**
     * From cells that were deleted: the series waits for others.
     *
     * @param was what they were called
     */
    public record Deleted(String was) implements Source {}

    /**
     * From an expression: y = f(x).
     *
     * @param expression without {@code =}
     * @param variable what it is drawn over
     * @param from where it begins, as an expression
     * @param to where it ends
     */
    public record Curve(String expression, String variable, String from, String to) implements Source {}

    /**
     * From two expressions of a parameter.
     *
     * @param across the expression for the place across
     * @param up the one for the place up
     */
    public record Path(String across, String up, String parameter, String from, String to) implements Source {}

    /** How a series is drawn. */
    public enum Shape {
        POINTS,
        LINE,
        POINTS_AND_LINE,
        STEPS,
        BARS
    }

    /**
     * How a series looks.
     *
     * @param colour as {@code #rrggbb}; empty for its place's own
     * @param width of the line in pixels; 0 for the usual one
     * @param size of the markers in pixels; 0 for the usual one
     * @param hollow whether the markers are not filled
     * @param labels whether each point has its value beside it
     */
    public record Look(
            String colour,
            Dash dash,
            @Between(most = MOST_PIXELS) double width,
            Marker marker,
            @Between(most = MOST_PIXELS) int size,
            boolean hollow,
            boolean labels) {
        /** Nothing is set. */
        public static final Look USUAL = new Look("", Dash.USUAL, 0, Marker.USUAL, 0, false, false);
    }

    /** How a line is broken; the usual way depends on its place among the series. */
    public enum Dash {
        USUAL,
        WHOLE,
        DASHED,
        DOTTED,
        DASH_AND_DOT
    }

    /** The shape of markers; the usual one depends on the place among the series. */
    public enum Marker {
        USUAL,
        CIRCLE,
        SQUARE,
        DIAMOND,
        TRIANGLE,
        CROSS
    }

    /** The curve that is laid through the points of a series. */
    public enum Fit {
        NONE,
        LINE,
        QUADRATIC,
        CUBIC,
        QUARTIC,
        EXPONENTIAL,
        SETTLING,
        POWER,
        LOGARITHMIC,
        LOGISTIC
    }

    /** Something that people have put on a chart; it belongs to places in the data. */
    public sealed interface Mark {}

    /** A text at a place. */
    public record Label(double across, double up, String text) implements Mark {}

    /**
     * An arrow with a text at its end.
     *
     * @param across where it points to
     * @param fromAcross where its text stands
     */
    public record Arrow(double across, double up, double fromAcross, double fromUp, String text) implements Mark {}

    /** A typeset formula at a place. */
    public record Formula(double across, double up, String text) implements Mark {}

    /**
     * The tangent of a series that has an expression.
     *
     * @param series its id
     */
    public record Tangent(String series, double across) implements Mark {}

    /** All cells that it draws from. */
    public List<Edit.Place> places() {
        List<Edit.Place> places = new ArrayList<>();
        withPlaces(place -> {
            places.add(place);
            return Optional.of(place);
        });
        return places;
    }

    /** The grid that a series draws from. */
    public String grid(Series of) {
        return of.source() instanceof Cells cells ? cells.grid().orElse(grid) : grid;
    }

    /**
     * The same chart with other cells; what had some and has none any more is kept as deleted.
     *
     * @param then where cells are then
     */
    Chart withPlaces(Function<Edit.Place, Optional<Edit.Place>> then) {
        Optional<Edit.Place> along = across.flatMap(area -> then.apply(new Edit.Place(grid, area)));
        String home = along.map(Edit.Place::grid).orElse(grid);
        return with(to -> to.grid(home)
                .across(along.map(Edit.Place::area))
                .series(series.stream().map(each -> followed(each, home, then)).toList())
                .acrossDeleted(acrossDeleted || across.isPresent() && along.isEmpty()));
    }

    private Series followed(Series each, String home, Function<Edit.Place, Optional<Edit.Place>> then) {
        if (!(each.source() instanceof Cells cells)) {
            return each;
        }
        Optional<Edit.Place> found = then.apply(new Edit.Place(grid(each), cells.area()));
        Optional<Area> errors = each.errors()
                .flatMap(area -> then.apply(new Edit.Place(grid(each), area)))
                .filter(place ->
                        found.filter(own -> own.grid().equals(place.grid())).isPresent())
                .map(Edit.Place::area);
        return each.followedBy(errors)
                .withSource(found.<Source>map(place -> new Cells(
                                place.area(), Optional.of(place.grid()).filter(own -> !own.equals(home))))
                        .orElseGet(() -> new Deleted(cells.area().toString())));
    }

    @Override
    public Optional<String> expressionsIn() {
        return Optional.of(grid);
    }

    @Override
    public Chart withExpressions(UnaryOperator<String> then) {
        return withSeries(series.stream()
                .map(each -> each.withSource(respelled(each.source(), then)))
                .toList());
    }

    private static Source respelled(Source source, UnaryOperator<String> then) {
        if (source instanceof Curve curve) {
            return new Curve(
                    then.apply(curve.expression()), curve.variable(), then.apply(curve.from()), then.apply(curve.to()));
        }
        return source instanceof Path path
                ? new Path(
                        then.apply(path.across()),
                        then.apply(path.up()),
                        path.parameter(),
                        then.apply(path.from()),
                        then.apply(path.to()))
                : source;
    }

    @Override
    public Chart withEntries(UnaryOperator<String> then) {
        return with(to -> to.acrossAxis(acrossAxis.withEnds(then))
                .upAxis(upAxis.withEnds(then))
                .rightAxis(rightAxis.withEnds(then)));
    }

    /** The same chart with titles of its own for the axes; empty for the headings. */
    public Chart withTitles(String horizontal, String vertical, String second) {
        return with(to -> to.acrossAxis(acrossAxis.withTitle(horizontal))
                .upAxis(upAxis.withTitle(vertical))
                .rightAxis(rightAxis.withTitle(second)));
    }

    @Override
    public <R> R match(Function<Block.Grid, R> grid, Function<Block.Note, R> note, Function<Chart, R> chart) {
        return chart.apply(this);
    }
}
