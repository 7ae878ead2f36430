package app.logismos.server.worksheet;

import app.logismos.chart.Bins;
import app.logismos.chart.Boxes;
import app.logismos.chart.ChartData;
import app.logismos.unit.UnitCatalogue;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A chart's data as comma-separated values: numbers with a point and all digits, units by their codes in UCUM. */
final class ChartCsv {
    private ChartCsv() {}

    static String of(ChartData data) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (List<String> row : rows(data)) {
                printer.printRecord(row);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
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

    private static List<List<String>> points(ChartData data) {
        List<List<String>> rows = new ArrayList<>();
        String across = named(data.across());
        List<String> head = new ArrayList<>(List.of(across.isEmpty() ? "x" : across));
        data.series().forEach(series -> head.add(named(series, data)));
        rows.add(head);
        boolean upwards = !data.across().places();
        Map<Double, List<String>> byPlace = upwards ? new TreeMap<>() : new LinkedHashMap<>();
        for (int i = 0; i < data.series().size(); i++) {
            for (ChartData.Point point : data.series().get(i).points()) {
                List<String> row = byPlace.computeIfAbsent(
                        point.across(),
                        key -> emptyRow(
                                data,
                                data.across().places() || !isNumber(point)
                                        ? point.acrossText()
                                        : number(point.across())));
                row.set(i + 1, point.up().map(ChartCsv::number).orElse(""));
            }
        }
        rows.addAll(byPlace.values());
        return rows;
    }

    /** Whether what stands across is a number with or without a unit, and no date or time. */
    private static boolean isNumber(ChartData.Point point) {
        return !point.acrossText().matches("\\d{4}-\\d\\d.*|\\d\\d:\\d\\d.*");
    }

    private static List<String> emptyRow(ChartData data, String across) {
        List<String> row = new ArrayList<>(List.of(across));
        data.series().forEach(series -> row.add(""));
        return row;
    }

    private static List<List<String>> twoWay(ChartData data, ChartData.TwoWay table) {
        List<List<String>> rows = new ArrayList<>();
        List<String> head = new ArrayList<>(List.of(named(table.height())));
        table.across().forEach(across -> head.add(number(across)));
        rows.add(head);
        for (int row = 0; row < table.up().size(); row++) {
            List<String> cells = new ArrayList<>(List.of(number(table.up().get(row))));
            table.values()
                    .get(row)
                    .forEach(value -> cells.add(value.map(ChartCsv::number).orElse("")));
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
                    List.of(number(bins.edges().get(bin)), number(bins.edges().get(bin + 1))));
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
                    number(box.least()),
                    number(box.lower()),
                    number(box.median()),
                    number(box.upper()),
                    number(box.most())));
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

    private static String number(double number) {
        BigDecimal exact = BigDecimal.valueOf(number).stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0).toPlainString() : exact.toPlainString();
    }
}
