package app.logismos.act;

import app.logismos.chart.ChartData;
import app.logismos.chart.ChartReading;
import app.logismos.chart.FittedPoints;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Printer;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Room;
import app.logismos.sheet.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Writes a fit down: a grid with its coefficients, and one with the points, the curve there and what is left. */
final class FitWriting {
    /** The letter of the place in an equation. */
    private static final Pattern X = Pattern.compile("\\bx\\b");

    private FitWriting() {}

    static List<Edit> edits(Act.PutFit act, LiveWorksheet live) {
        Chart chart = live.worksheet()
                .outline()
                .block(act.chart())
                .filter(Chart.class::isInstance)
                .map(Chart.class::cast)
                .orElseThrow(() -> new EditRefused("There is no chart " + act.chart() + "."));
        if (act.series() < 0 || act.series() >= chart.series().size()) {
            throw new EditRefused("The chart has no series " + act.series() + ".");
        }
        Section section = live.worksheet().outline().sections().stream()
                .filter(each -> each.blocks().contains(chart))
                .findFirst()
                .orElseThrow();
        if (!(chart.series().get(act.series()).source() instanceof Chart.Cells)) {
            throw new EditRefused("Only the points of cells can be put in a grid with their fit.");
        }
        FittedPoints fitted = ChartReading.fitted(chart, live, act.series())
                .orElseThrow(() -> new EditRefused("There is no curve through this series yet."));
        String title = free("Fit of " + fitted.name(), live);
        String rest = free("Residuals of " + fitted.name(), live);
        Room.check(4L * fitted.pairs().size());
        int at = section.blocks().size();
        return List.of(
                new Edit.AddBlock(
                        section.id(),
                        Block.Grid.of(
                                        act.id(),
                                        title,
                                        fitted.fit().coefficients().size() + 2,
                                        2)
                                .withHeadings(1),
                        at),
                new Edit.Enter(act.id(), coefficients(fitted.fit())),
                new Edit.AddBlock(
                        section.id(),
                        Block.Grid.of(act.id() + "-rest", rest, fitted.pairs().size() + 1, 4)
                                .withHeadings(1)
                                .withStyles(Map.of("C", "significant 6", "D", "significant 4")),
                        at + 1),
                new Edit.Enter(act.id() + "-rest", residuals(fitted, title, live)));
    }

    private static String free(String title, LiveWorksheet live) {
        String found = title;
        for (int i = 2; live.worksheet().outline().gridTitled(found).isPresent(); i++) {
            found = title + " " + i;
        }
        return found;
    }

    private static List<Edit.Typed> coefficients(ChartData.Fit fit) {
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

    /** A row for each point that the curve was laid through: its numbers in the equation, the curve and what is left. */
    private static List<Edit.Typed> residuals(FittedPoints fitted, String title, LiveWorksheet live) {
        List<Edit.Typed> typed = new ArrayList<>();
        put(typed, 0, 0, fitted.acrossTitle().isEmpty() ? "x" : fitted.acrossTitle());
        put(typed, 1, 0, fitted.name());
        put(typed, 2, 0, "On the curve");
        put(typed, 3, 0, "Residual");
        String curve = fitted.fit().formula().replace("#", Printer.quotedGrid(title) + ".");
        int row = 1;
        for (FittedPoints.Pair pair : fitted.pairs()) {
            String place = pair.across()
                    .map(cell -> fitted.x().apply(reference(fitted.acrossGrid(), cell, live)))
                    .orElse(pair.place());
            put(typed, 0, row, "=" + place);
            put(typed, 1, row, "=" + fitted.y().apply(reference(fitted.upGrid(), pair.up(), live)));
            put(typed, 2, row, "=" + X.matcher(curve).replaceAll("A" + (row + 1)));
            put(typed, 3, row, "=B" + (row + 1) + "-C" + (row + 1));
            row++;
        }
        return typed;
    }

    private static String reference(String grid, Address cell, LiveWorksheet live) {
        return Inlining.anywhere(new Edit.Place(grid, new Area(cell, cell)), live);
    }

    private static void put(List<Edit.Typed> typed, int column, int row, String text) {
        typed.add(new Edit.Typed(new Address(column, row), text));
    }
}
