package app.logismos.server.worksheet;

import app.logismos.chart.Bins;
import app.logismos.chart.Boxes;
import app.logismos.chart.ChartData;
import app.logismos.chart.Scale;
import app.logismos.unit.UnitCatalogue;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A chart's data as comma-separated values: numbers with a point and all digits, units by their codes in UCUM. */
final class ChartCsv {
    private static final Pattern MOMENT = Pattern.compile("\\d{4}-\\d\\d|\\d:\\d\\d");

    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9.]+(?:[eE][-+]?[0-9]+)?");

    private ChartCsv() {}

    static String of(ChartData data) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (List<String> row : rows(data)) {
                printer.printRecord(row.stream().map(ChartCsv::harmless).toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** A text that another program would take for a formula stands behind an apostrophe; numbers stay as they are. */
    private static String harmless(String cell) {
        boolean looksLikeFormula = !cell.isEmpty() && "=+-@\t\r".indexOf(cell.charAt(0)) >= 0;
        return looksLikeFormula && !NUMBER.matcher(cell).matches() ? "'" + cell : cell;
    }

    private static List<List<String>> rows(ChartData data) {
        if (data.table().isPresent()) {
            return twoWay(data, data.table().get());
        }
        if (data.bins().isPresent()) {
            return histogram(data, data.bins().get());
        }
        return data.boxes().isEmpty() ? points(data) : boxes(data);
    }

    /** A row for each place across; where a series has several points at one place, further rows for it. */
    private static List<List<String>> points(ChartData data) {
        List<List<String>> rows = new ArrayList<>();
        String across = named(data.across());
        List<String> head = new ArrayList<>(List.of(across.isEmpty() ? "x" : across));
        data.series().forEach(series -> head.add(named(series, data)));
        rows.add(head);
        boolean isUpwards = data.series().stream().allMatch(ChartCsv::isUpwards);
        Map<Double, List<List<String>>> byPlace = isUpwards ? new TreeMap<>() : new LinkedHashMap<>();
        for (int i = 0; i < data.series().size(); i++) {
            Map<Double, Integer> met = new HashMap<>();
            for (ChartData.Point point : data.series().get(i).points()) {
                List<List<String>> own = byPlace.computeIfAbsent(point.across(), place -> new ArrayList<>());
                int at = met.merge(point.across(), 1, Integer::sum) - 1;
                if (at == own.size()) {
                    own.add(emptyRow(
                            data,
                            data.across().places() ? point.acrossText() : text(point.across(), point.acrossText())));
                }
                own.get(at)
                        .set(
                                i + 1,
                                point.up().map(up -> text(up, point.upText())).orElse(""));
            }
        }
        byPlace.values().forEach(rows::addAll);
        return rows;
    }

    private static boolean isUpwards(ChartData.Series series) {
        List<ChartData.Point> points = series.points();
        return IntStream.range(1, points.size())
                .allMatch(i -> points.get(i).across() >= points.get(i - 1).across());
    }

    private static List<String> emptyRow(ChartData data, String across) {
        List<String> row = new ArrayList<>(List.of(across));
        data.series().forEach(series -> row.add(""));
        return row;
    }

    private static List<List<String>> twoWay(ChartData data, ChartData.TwoWay table) {
        List<List<String>> rows = new ArrayList<>();
        List<String> head = new ArrayList<>(List.of(named(table.height())));
        table.across().forEach(across -> head.add(text(data.across(), across)));
        rows.add(head);
        for (int row = 0; row < table.up().size(); row++) {
            List<String> cells =
                    new ArrayList<>(List.of(text(data.up(), table.up().get(row))));
            List<String> shown = table.texts().get(row);
            List<Optional<Double>> values = table.values().get(row);
            for (int column = 0; column < values.size(); column++) {
                String own = shown.get(column);
                cells.add(values.get(column).map(value -> text(value, own)).orElse(""));
            }
            rows.add(cells);
        }
        return rows;
    }

    private static List<List<String>> histogram(ChartData data, Bins bins) {
        List<List<String>> rows = new ArrayList<>();
        List<String> head = new ArrayList<>(List.of("from", "to"));
        data.series().forEach(series -> head.add(series.name()));
        rows.add(head);
        for (int bin = 0; bin + 1 < bins.edges().size(); bin++) {
            List<String> row = new ArrayList<>(
                    List.of(text(bins.edges().get(bin)), text(bins.edges().get(bin + 1))));
            for (List<Integer> counts : bins.counts()) {
                row.add(counts.get(bin).toString());
            }
            rows.add(row);
        }
        return rows;
    }

    private static List<List<String>> boxes(ChartData data) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("series", "least", "lower quartile", "median", "upper quartile", "greatest"));
        List<String> names = data.series().stream()
                .filter(series ->
                        series.points().stream().map(ChartData.Point::up).anyMatch(Optional::isPresent))
                .map(ChartData.Series::name)
                .toList();
        for (int i = 0; i < data.boxes().size(); i++) {
            Boxes box = data.boxes().get(i);
            rows.add(List.of(
                    names.get(i),
                    text(box.least()),
                    text(box.lower()),
                    text(box.median()),
                    text(box.upper()),
                    text(box.most())));
        }
        return rows;
    }

    /** The title of an axis, with its unit by the code that other programs know: {@code Reading [Cel]}. */
    private static String named(ChartData.Axis axis) {
        String unit = axis.unit();
        String end = "in " + unit;
        boolean tellsUnit = !unit.isEmpty() && axis.title().endsWith(end);
        return named(
                tellsUnit
                        ? axis.title()
                                .substring(0, axis.title().length() - end.length())
                                .strip()
                        : axis.title(),
                unit);
    }

    private static String named(ChartData.Series series, ChartData data) {
        ChartData.Axis axis = series.onRight() ? data.right().orElse(data.up()) : data.up();
        return named(series.name(), axis.unit());
    }

    private static String named(String name, String unit) {
        return unit.isEmpty() ? name : (name + " [" + code(unit) + "]").strip();
    }

    /** A unit by its code in UCUM, or by its symbol where it has none there, as money. */
    private static String code(String symbol) {
        return UnitCatalogue.STANDARD
                .unit(symbol)
                .flatMap(UnitCatalogue.STANDARD::code)
                .orElse(symbol);
    }

    private static String text(ChartData.Axis axis, Scale.Tick head) {
        return axis.places() ? head.label() : text(head);
    }

    private static String text(Scale.Tick place) {
        return text(place.at(), place.label());
    }

    /** A number with all its digits; a date or a time as it is shown. */
    private static String text(double place, String shown) {
        return MOMENT.matcher(shown).find() ? shown : number(place);
    }

    private static String number(double number) {
        BigDecimal exact = BigDecimal.valueOf(number).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0).toPlainString() : exact.toPlainString();
    }
}
