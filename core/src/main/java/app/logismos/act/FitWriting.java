package app.logismos.act;

import app.logismos.chart.ChartData;
import app.logismos.chart.ChartReading;
import app.logismos.chart.View;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Printer;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Section;
import app.logismos.value.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Writes a fit down: a grid with its coefficients, and one with the points, the curve there and what is left. */
final class FitWriting {
    private FitWriting() {}

    static List<Edit> edits(Act.PutFit act, LiveWorksheet live) {
        Chart chart = live.worksheet()
                .outline()
                .block(act.chart())
                .filter(Chart.class::isInstance)
                .map(Chart.class::cast)
                .orElseThrow(() -> new EditRefused("There is no chart " + act.chart() + "."));
        ChartData data = ChartReading.of(chart, live, View.USUAL);
        if (act.series() < 0 || act.series() >= data.series().size()) {
            throw new EditRefused("The chart has no series " + act.series() + ".");
        }
        ChartData.Series series = data.series().get(act.series());
        ChartData.Fit fit =
                series.fit().orElseThrow(() -> new EditRefused("There is no curve through " + series.name() + " yet."));
        Section section = live.worksheet().outline().sections().stream()
                .filter(each -> each.blocks().contains(chart))
                .findFirst()
                .orElseThrow();
        if (!(chart.series().get(act.series()).source() instanceof Chart.Cells)) {
            throw new EditRefused("Only the points of cells can be put in a grid with their fit.");
        }
        String title = free("Fit of " + series.name(), live);
        String rest = free("Residuals of " + series.name(), live);
        List<Edit.Typed> coefficients = coefficients(series, fit);
        List<Edit.Typed> residuals = residuals(chart, act.series(), data, title, live);
        int at = section.blocks().size();
        return List.of(
                new Edit.AddBlock(
                        section.id(),
                        Block.Grid.of(act.id(), title, fit.coefficients().size() + 2, 2)
                                .withHeadings(1),
                        at),
                new Edit.Enter(act.id(), coefficients),
                new Edit.AddBlock(
                        section.id(),
                        Block.Grid.of(act.id() + "-rest", rest, series.points().size() + 1, 4)
                                .withHeadings(1)
                                .withStyles(Map.of("C", "significant 6", "D", "significant 4")),
                        at + 1),
                new Edit.Enter(act.id() + "-rest", residuals));
    }

    private static String free(String title, LiveWorksheet live) {
        String found = title;
        for (int i = 2; live.worksheet().outline().gridTitled(found).isPresent(); i++) {
            found = title + " " + i;
        }
        return found;
    }

    private static List<Edit.Typed> coefficients(ChartData.Series series, ChartData.Fit fit) {
        List<Edit.Typed> typed = new ArrayList<>();
        put(typed, 0, 0, "Coefficient");
        put(typed, 1, 0, "Value");
        for (int i = 0; i < fit.coefficients().size(); i++) {
            put(typed, 0, i + 1, fit.coefficients().get(i).name());
            put(typed, 1, i + 1, fit.coefficients().get(i).value());
        }
        put(typed, 0, fit.coefficients().size() + 1, "R²");
        put(typed, 1, fit.coefficients().size() + 1, fit.fullRSquared());
        return typed;
    }

    private static List<Edit.Typed> residuals(
            Chart chart, int index, ChartData data, String title, LiveWorksheet live) {
        ChartData.Series series = data.series().get(index);
        ChartData.Fit fit = series.fit().orElseThrow();
        Area own = ((Chart.Cells) chart.series().get(index).source()).area();
        String unit = (series.onRight() ? data.right().orElseThrow() : data.up()).unit();
        List<Edit.Typed> typed = new ArrayList<>();
        put(typed, 0, 0, data.across().title().isEmpty() ? "x" : data.across().title());
        put(typed, 1, 0, series.name());
        put(typed, 2, 0, "On the curve");
        put(typed, 3, 0, "Residual");
        int row = 1;
        for (ChartData.Point point : series.points()) {
            if (point.up().isPresent() && point.cell().isPresent()) {
                Address cell = point.cell().get();
                put(typed, 0, row, "=" + across(chart, own, cell, live));
                put(typed, 1, row, "=" + number(chart.grid(), cell, own, unit, live));
                put(
                        typed,
                        2,
                        row,
                        "="
                                + fit.formula()
                                        .replace("x", "A" + (row + 1))
                                        .replace("#", Printer.quotedGrid(title) + "."));
                put(typed, 3, row, "=B" + (row + 1) + "-C" + (row + 1));
                row++;
            }
        }
        return typed;
    }

    /** What stands across from a point. */
    private static String across(Chart chart, Area own, Address cell, LiveWorksheet live) {
        int along = own.rows() == 1
                ? cell.column() - own.first().column()
                : cell.row() - own.first().row();
        return chart.across()
                .map(cells -> number(
                        chart.grid(),
                        cells.rows() == 1
                                ? new Address(
                                        cells.first().column() + along,
                                        cells.first().row())
                                : new Address(
                                        cells.first().column(), cells.first().row() + along),
                        cells,
                        "",
                        live))
                .orElse(String.valueOf(along + 1));
    }

    /**
     * A reference to the number in a cell: of a quantity in the unit of the chart's axis.
     *
     * @param unit of the axis; empty for that of the first quantity
     */
    private static String number(String grid, Address cell, Area all, String unit, LiveWorksheet live) {
        String reference = Inlining.anywhere(new Edit.Place(grid, new Area(cell, cell)), live);
        return all.cells()
                .map(each -> live.value(grid, each))
                .filter(Quantity.class::isInstance)
                .findFirst()
                .map(value -> "magnitude(" + reference + " to "
                        + (unit.isEmpty() ? ((Quantity) value).unit().symbol() : unit) + ")")
                .orElse(reference);
    }

    private static void put(List<Edit.Typed> typed, int column, int row, String text) {
        typed.add(new Edit.Typed(new Address(column, row), text));
    }
}
