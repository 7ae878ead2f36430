package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.unit.Currencies;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Reads a two-way table: places across in its top row, places up in its left column, values inside. */
final class TwoWayReading {
    private final Chart chart;
    private final LiveWorksheet live;
    private final List<String> faults;
    private final List<Value> top = new ArrayList<>();
    private final List<Value> left = new ArrayList<>();
    private final List<String> topTexts = new ArrayList<>();
    private final List<String> leftTexts = new ArrayList<>();
    private final DecimalMark mark;
    private final List<List<Value>> inner = new ArrayList<>();
    private Area area = Area.between(Address.FIRST, Address.FIRST);
    private String grid = "";
    private String corner = "";

    TwoWayReading(Chart chart, LiveWorksheet live, List<String> faults) {
        this.chart = chart;
        this.live = live;
        this.faults = faults;
        this.mark = live.display().mark();
        chart.series().stream()
                .filter(series -> series.source() instanceof Chart.Cells
                        && live.grid(chart.grid(series)).isPresent())
                .findFirst()
                .ifPresent(series -> fill(chart.grid(series), ((Chart.Cells) series.source()).area()));
        if (top.isEmpty() || left.isEmpty()) {
            faults.add("A two-way table has values in its top row and its left column. Choose a range that has them.");
        }
    }

    private void fill(String from, Area cells) {
        grid = from;
        area = cells;
        Table table = live.values(grid, cells);
        corner = table.at(0, 0) instanceof Text text ? text.text() : "";
        for (int column = 1; column < table.columns(); column++) {
            top.add(table.at(0, column));
            topTexts.add(shown(column, 0, table.at(0, column)));
        }
        for (int row = 1; row < table.rows(); row++) {
            int at = row;
            left.add(table.at(row, 0));
            leftTexts.add(shown(0, row, table.at(row, 0)));
            inner.add(IntStream.range(1, table.columns())
                    .mapToObj(column -> table.at(at, column))
                    .toList());
        }
    }

    ChartData.Axis across() {
        return axis(top, topTexts, cell(1, 0), chart.acrossAxis());
    }

    ChartData.Axis up() {
        return axis(left, leftTexts, cell(0, 1), chart.upAxis());
    }

    /** A cell of the table, counted from its upper left corner. */
    private Address cell(int column, int row) {
        return new Address(area.first().column() + column, area.first().row() + row);
    }

    private String shown(int column, int row, Value value) {
        return live.display(grid, cell(column, row)).candid(value);
    }

    private ChartData.Axis axis(List<Value> values, List<String> texts, Address first, Chart.AxisLook look) {
        Measure measure = Measure.of(values).orElse(new Measure.Numbers());
        String title = look.title().isEmpty() ? Heading.title("", measure.unit()) : look.title();
        double[] places = places(values);
        if (values.stream().anyMatch(Text.class::isInstance)) {
            return new ChartData.Axis(title, "", true, Scale.places(texts));
        }
        double least = least(places);
        double most = most(places);
        Scale covering = places.length == 0 ? Scale.covering(0, 1) : measure.covering(least, most);
        // Axes in space begin and end at a tick.
        Scale scale =
                places.length == 0 || chart.form() == Chart.Form.SURFACE ? covering : covering.within(least, most);
        return new ChartData.Axis(title, measure.unit(), false, told(scale, measure, first));
    }

    /** A scale with its ticks as a cell would show them. */
    private Scale told(Scale scale, Measure measure, Address cell) {
        boolean inPercent = measure instanceof Measure.Numbers && live.showsPercent(grid, cell);
        return (inPercent ? scale.inPercent() : scale).marked(mark);
    }

    private static double[] places(List<Value> values) {
        if (values.stream().anyMatch(Text.class::isInstance)) {
            return IntStream.rangeClosed(1, values.size()).mapToDouble(i -> i).toArray();
        }
        Measure measure = Measure.of(values).orElse(new Measure.Numbers());
        return values.stream().mapToDouble(measure::place).toArray();
    }

    private static double least(double[] values) {
        return Arrays.stream(values).filter(Double::isFinite).min().orElse(0);
    }

    private static double most(double[] values) {
        return Arrays.stream(values).filter(Double::isFinite).max().orElse(1);
    }

    /** The table; nothing where it has no headings or no number. */
    Optional<ChartData.TwoWay> table() {
        double[] x = places(top);
        double[] y = places(left);
        Measure measure =
                Measure.of(inner.stream().flatMap(List::stream).toList()).orElse(new Measure.Numbers());
        double[][] z = inner.stream()
                .map(row -> row.stream().mapToDouble(measure::place).toArray())
                .toArray(double[][]::new);
        String name = corner.isEmpty() ? chart.title() : corner;
        double[] flat = Arrays.stream(z).flatMapToDouble(Arrays::stream).toArray();
        List<Value> values = inner.stream().flatMap(List::stream).toList();
        LeftOut.tooFar(name, flat, values).ifPresent(faults::add);
        LeftOut.unlike(name, flat, values).ifPresent(faults::add);
        LeftOut.complex(name, values).ifPresent(faults::add);
        if (measure.isMoney()) {
            Currencies.joinedBySamples(values.stream()
                            .flatMap(value -> Measure.of(value).flatMap(Measure::inUnit).stream())
                            .distinct()
                            .toList())
                    .ifPresent(faults::add);
        }
        double[] all = Arrays.stream(z)
                .flatMapToDouble(Arrays::stream)
                .filter(Double::isFinite)
                .toArray();
        if (all.length == 0 || !isOrdered(x) || !isOrdered(y)) {
            if (all.length > 0) {
                faults.add(
                        "The values in the top row and in the left column of a two-way table go up or down all the way.");
            }
            return Optional.empty();
        }
        String title = chart.rightAxis().title().isEmpty()
                ? Heading.title(corner, measure.unit())
                : chart.rightAxis().title();
        Scale scale = heights(least(all), most(all));
        return Optional.of(new ChartData.TwoWay(
                ticks(x, topTexts),
                ticks(y, leftTexts),
                cell(1, 1),
                Arrays.stream(z)
                        .map(row -> Arrays.stream(row)
                                .mapToObj(
                                        value -> Double.isFinite(value) ? Optional.of(value) : Optional.<Double>empty())
                                .toList())
                        .toList(),
                texts(),
                new ChartData.Axis(title, measure.unit(), false, scale),
                chart.form() == Chart.Form.CONTOURS ? contours(scale, measure, x, y, z) : List.of()));
    }

    /** The scale of values from one to another. */
    Scale heights(double least, double most) {
        Measure measure =
                Measure.of(inner.stream().flatMap(List::stream).toList()).orElse(new Measure.Numbers());
        return told(measure.covering(least, most), measure, cell(1, 1));
    }

    private List<List<String>> texts() {
        List<List<String>> texts = new ArrayList<>();
        for (int row = 0; row < inner.size(); row++) {
            int at = row;
            texts.add(IntStream.range(0, top.size())
                    .mapToObj(column -> shown(column + 1, at + 1, inner.get(at).get(column)))
                    .toList());
        }
        return texts;
    }

    private List<ChartData.Contour> contours(Scale scale, Measure measure, double[] x, double[] y, double[][] z) {
        return told(Scale.stepping(scale.least(), scale.most(), 10), measure, cell(1, 1)).ticks().stream()
                .flatMap(tick -> Contours.at(tick.at(), x, y, z).stream()
                        .map(places -> new ChartData.Contour(
                                tick.at(), measure.finest() > 0 ? measure.text(tick.at()) : tick.label(), places)))
                .toList();
    }

    private static List<Scale.Tick> ticks(double[] places, List<String> texts) {
        return IntStream.range(0, places.length)
                .mapToObj(i -> new Scale.Tick(places[i], texts.get(i)))
                .toList();
    }

    private static boolean isOrdered(double[] places) {
        double way = places.length > 1 ? Math.signum(places[1] - places[0]) : 1;
        for (int i = 1; i < places.length; i++) {
            if (!((places[i] - places[i - 1]) * way > 0)) {
                return false;
            }
        }
        return places.length > 0;
    }
}
