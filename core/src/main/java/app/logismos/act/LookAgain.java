package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Parser;
import app.logismos.formula.Walk;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Brings an earlier look of a chart back: its settings, and the entries that it depends on. All else stays. */
public final class LookAgain {
    private LookAgain() {}

    /**
     * The edits that do it.
     *
     * @param was the worksheet as it was then
     * @throws EditRefused where the chart looks so already
     */
    public static List<Edit> edits(String chart, LiveWorksheet was, LiveWorksheet now) {
        Chart then = chart(chart, was);
        List<Edit> edits = new ArrayList<>();
        List<Edit.Place> sources = sources(then, was);
        was.worksheet()
                .outline()
                .grids()
                .filter(grid -> now.grid(grid.id()).isPresent())
                .forEach(grid -> {
                    List<Edit.Typed> typed = filled(grid, was, now).stream()
                            .filter(at -> !text(grid, at, was).equals(text(grid, at, now)))
                            .filter(at -> feeds(grid, at, sources, was) || feeds(grid, at, sources, now))
                            .map(at -> new Edit.Typed(at, text(grid, at, was)))
                            .toList();
                    if (!typed.isEmpty()) {
                        edits.add(new Edit.Enter(grid.id(), typed));
                    }
                });
        if (!then.equals(chart(chart, now))) {
            edits.add(new Edit.ChangeBlock(then));
        }
        if (edits.isEmpty()) {
            throw new EditRefused("The chart looks so already.");
        }
        return edits;
    }

    private static Chart chart(String id, LiveWorksheet live) {
        return live.worksheet()
                .outline()
                .block(id)
                .filter(Chart.class::isInstance)
                .map(Chart.class::cast)
                .orElseThrow(() -> new EditRefused("There is no chart " + id + "."));
    }

    private static Set<Address> filled(Block.Grid grid, LiveWorksheet was, LiveWorksheet now) {
        Set<Address> filled = new LinkedHashSet<>();
        Stream.of(was, now)
                .forEach(live -> live.worksheet()
                        .cells(grid.id())
                        .forEach((column, row, cell) -> filled.add(new Address(column, row))));
        return filled;
    }

    private static String text(Block.Grid grid, Address at, LiveWorksheet live) {
        return live.worksheet().textIn(grid.id(), at);
    }

    private static boolean feeds(Block.Grid grid, Address at, List<Edit.Place> sources, LiveWorksheet live) {
        Predicate<Edit.Place> dependents = live.dependents(grid.id(), at);
        return sources.stream()
                .anyMatch(
                        place -> place.grid().equals(grid.id()) && place.area().contains(at) || dependents.test(place));
    }

    /** The cells that a chart and its expressions refer to. */
    private static List<Edit.Place> sources(Chart chart, LiveWorksheet live) {
        List<Edit.Place> places = new ArrayList<>(chart.places());
        // Spelling nothing another way visits each expression once.
        chart.withExpressions(expression -> {
            places.addAll(references(expression, chart.grid(), live));
            return expression;
        });
        return places;
    }

    private static List<Edit.Place> references(String text, String grid, LiveWorksheet live) {
        List<Edit.Place> places = new ArrayList<>();
        if (Parser.parse(text, 0, Address.FIRST, live.worksheet().vocabulary())
                instanceof Parser.Outcome.Parsed parsed) {
            Walk.visit(
                    parsed.expression(),
                    node -> live.place(node, grid, Address.FIRST).ifPresent(places::add));
        }
        return places;
    }
}
