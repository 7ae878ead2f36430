package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
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
    private final List<List<Value>> inner = new ArrayList<>();
    private Area area = Area.between(Address.FIRST, Address.FIRST);
    private String corner = "";

    TwoWayReading(Chart chart, LiveWorksheet live, List<String> faults) {
        this.chart = chart;
        this.live = live;
        this.faults = faults;
        chart.series().stream()
                .filter(series -> series.source() instanceof Chart.Cells
                        && live.grid(chart.grid()).isPresent())
                .map(series -> ((Chart.Cells) series.source()).area())
                .findFirst()
                .ifPresent(this::fill);
        if (top.isEmpty() || left.isEmpty()) {
            faults.add("A two-way table has values in its top row and its left column. Choose a range that has them.");
        }
    }

    private void fill(Area cells) {
        area = cells;
        Table table = live.values(chart.grid(), cells);
        corner = table.at(0, 0) instanceof Text text ? text.text() : "";
        IntStream.range(1, table.columns()).forEach(column -> top.add(table.at(0, column)));
        for (int row = 1; row < table.rows(); row++) {
            int at = row;
            left.add(table.at(row, 0));
            inner.add(IntStream.range(1, table.columns())
                    .mapToObj(column -> table.at(at, column))
                    .toList());
        }
    }

    ChartData.Axis across() {
        return axis(top, chart.acrossAxis());
    }

    ChartData.Axis up() {
        return axis(left, chart.upAxis());
    }

    private ChartData.Axis axis(List<Value> values, Chart.AxisLook look) {
        Measure measure = Measure.of(values).orElse(new Measure.Numbers());
        String title = look.title().isEmpty() ? Heading.title("", measure.unit()) : look.title();
        double[] places = places(values);
        if (values.stream().anyMatch(Text.class::isInstance)) {
            return new ChartData.Axis(
                    title,
                    "",
                    true,
                    Scale.places(values.stream().map(live.display()::text).toList()));
        }
        return places.length == 0
                ? new ChartData.Axis(title, measure.unit(), false, Scale.covering(0, 1))
                : new ChartData.Axis(
                        title,
                        measure.unit(),
                        false,
                        measure.covering(least(places), most(places)).within(least(places), most(places)));
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
        Address inside = new Address(area.first().column() + 1, area.first().row() + 1);
        Scale bare = Scale.covering(least(all), most(all));
        Scale scale = live.showsPercent(chart.grid(), inside) ? bare.inPercent() : bare;
        String title = chart.rightAxis().title().isEmpty()
                ? Heading.title(corner, measure.unit())
                : chart.rightAxis().title();
        return Optional.of(new ChartData.TwoWay(
                boxed(x),
                boxed(y),
                Arrays.stream(z)
                        .map(row -> Arrays.stream(row)
                                .mapToObj(
                                        value -> Double.isFinite(value) ? Optional.of(value) : Optional.<Double>empty())
                                .toList())
                        .toList(),
                texts(),
                new ChartData.Axis(title, measure.unit(), false, scale),
                chart.form() == Chart.Form.CONTOURS ? contours(scale, x, y, z) : List.of()));
    }

    private List<List<String>> texts() {
        List<List<String>> texts = new ArrayList<>();
        for (int row = 0; row < inner.size(); row++) {
            int at = row;
            texts.add(IntStream.range(0, top.size())
                    .mapToObj(column -> live.display(
                                    chart.grid(),
                                    new Address(
                                            area.first().column() + column + 1,
                                            area.first().row() + at + 1))
                            .candid(inner.get(at).get(column)))
                    .toList());
        }
        return texts;
    }

    private static List<ChartData.Contour> contours(Scale scale, double[] x, double[] y, double[][] z) {
        Scale bare = Scale.stepping(scale.least(), scale.most(), 10);
        Scale fine = scale.ticks().get(0).label().endsWith("%") ? bare.inPercent() : bare;
        return fine.ticks().stream()
                .flatMap(tick -> Contours.at(tick.at(), x, y, z).stream()
                        .map(places -> new ChartData.Contour(tick.at(), tick.label(), places)))
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

    private static List<Double> boxed(double[] values) {
        return Arrays.stream(values).boxed().toList();
    }
}
