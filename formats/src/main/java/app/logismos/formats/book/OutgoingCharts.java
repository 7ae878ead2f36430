package app.logismos.formats.book;

import app.logismos.chart.ChartData;
import app.logismos.chart.ChartReading;
import app.logismos.chart.View;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Charts as documents have them: of the others nothing goes out, so that none says something else there. */
final class OutgoingCharts {
    private final LiveWorksheet live;
    private final Map<String, String> titles;
    private final List<Drawn> drawn = new ArrayList<>();
    private final List<String> left = new ArrayList<>();

    private OutgoingCharts(LiveWorksheet live, Map<String, String> titles) {
        this.live = live;
        this.titles = titles;
    }

    /**
     * The charts of a worksheet.
     *
     * @param titles of sheets, by the ids of grids
     */
    static OutgoingCharts of(LiveWorksheet live, Map<String, String> titles) {
        OutgoingCharts charts = new OutgoingCharts(live, titles);
        live.worksheet()
                .outline()
                .blocks()
                .flatMap(block -> block.match(grid -> Stream.<Chart>empty(), note -> Stream.empty(), Stream::of))
                .forEach(charts::add);
        return charts;
    }

    List<Drawn> drawn() {
        return drawn;
    }

    /** The titles of those that do not go out. */
    List<String> left() {
        return left;
    }

    private void add(Chart chart) {
        drawn(chart).ifPresentOrElse(drawn::add, () -> left.add(chart.title()));
    }

    private Optional<Drawn> drawn(Chart chart) {
        boolean isOfCells = !chart.series().isEmpty()
                && chart.series().stream()
                        .allMatch(series -> series.source() instanceof Chart.Cells
                                && titles.containsKey(chart.grid(series))
                                && !series.onRight()
                                && series.shape() != Chart.Shape.STEPS);
        boolean isUsual = !chart.acrossDeleted()
                && !chart.acrossAxis().logarithmic()
                && !chart.upAxis().logarithmic()
                && titles.containsKey(chart.grid());
        if (!isOfCells || !isUsual) {
            return Optional.empty();
        }
        ChartData data = ChartReading.of(chart, live, View.USUAL);
        return kind(chart, data).flatMap(kind -> of(chart, kind, data));
    }

    private static Optional<Drawn.Kind> kind(Chart chart, ChartData data) {
        Set<Boolean> areBars = chart.series().stream()
                .map(series -> series.shape() == Chart.Shape.BARS)
                .collect(Collectors.toSet());
        if (chart.form() == Chart.Form.SHARES && chart.series().size() == 1) {
            return Optional.of(Drawn.Kind.SHARES);
        } else if (chart.form() != Chart.Form.PLOT || areBars.size() > 1) {
            return Optional.empty();
        } else if (areBars.contains(true)) {
            return Optional.of(Drawn.Kind.BARS);
        }
        boolean isOfCategories = chart.across().isEmpty() || data.across().places();
        return chart.swapped() ? Optional.empty() : Optional.of(isOfCategories ? Drawn.Kind.LINES : Drawn.Kind.PLACES);
    }

    private Optional<Drawn> of(Chart chart, Drawn.Kind kind, ChartData data) {
        List<Area> areas = Stream.concat(
                        chart.across().stream(),
                        chart.series().stream().map(series -> ((Chart.Cells) series.source()).area()))
                .toList();
        boolean isAlong = areas.stream().anyMatch(area -> area.rows() == 1 && area.columns() > 1);
        int begin = areas.stream().mapToInt(area -> first(area, isAlong)).min().orElseThrow();
        Lines lines = new Lines(isAlong, begin + data.headings());
        Optional<Area> across = chart.across().flatMap(lines::of);
        List<Drawn.Series> series = new ArrayList<>();
        for (int i = 0; i < chart.series().size(); i++) {
            Chart.Series each = chart.series().get(i);
            Area cells = ((Chart.Cells) each.source()).area();
            Optional<Area> values = lines.of(cells);
            if (values.isEmpty()) {
                return Optional.empty();
            }
            String sheet = titles.get(chart.grid(each));
            Optional<Drawn.Range> heading = each.name().isEmpty() && data.headings() > 0
                    ? lines.before(cells).map(at -> new Drawn.Range(sheet, new Area(at, at)))
                    : Optional.empty();
            series.add(new Drawn.Series(
                    heading.isPresent() ? "" : data.series().get(i).name(),
                    heading,
                    new Drawn.Range(sheet, values.get()),
                    each.shape()));
        }
        String home = titles.get(chart.grid());
        boolean hasAxes = kind != Drawn.Kind.SHARES;
        return Optional.of(new Drawn(
                home,
                chart.title(),
                kind,
                chart.swapped(),
                chart.stacked(),
                across.map(area -> new Drawn.Range(home, area)),
                series,
                hasAxes && chart.across().isPresent() ? data.across().title() : "",
                hasAxes ? data.up().title() : ""));
    }

    private static int first(Area area, boolean isAlong) {
        return isAlong ? area.first().column() : area.first().row();
    }

    /** The lines of a chart's ranges, which are rows, or columns where they go along a row; from one on without headings. */
    private record Lines(boolean isAlong, int start) {
        Optional<Area> of(Area area) {
            int from = Math.max(start, first(area, isAlong));
            int last = isAlong ? area.last().column() : area.last().row();
            Address begin = isAlong
                    ? new Address(from, area.first().row())
                    : new Address(area.first().column(), from);
            return from > last ? Optional.empty() : Optional.of(new Area(begin, area.last()));
        }

        /** The last heading of a range. */
        Optional<Address> before(Area area) {
            return first(area, isAlong) < start
                    ? Optional.of(
                            isAlong
                                    ? new Address(start - 1, area.first().row())
                                    : new Address(area.first().column(), start - 1))
                    : Optional.empty();
        }
    }
}
