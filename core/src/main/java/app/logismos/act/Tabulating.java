package app.logismos.act;

import app.logismos.evaluate.Budget;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Parser;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Section;
import app.logismos.sheet.Tabulation;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Makes tables of what an expression is worth, and lets them follow when the expression changes. */
public final class Tabulating {
    private static final int MOST_VALUES = 10_000;
    private static final int MOST_ACROSS = 200;

    /** Stands where an expression has no variable any more. */
    private static final Value NOTHING = new Text("");

    private Tabulating() {}

    static List<Edit> edits(Act.Tabulate act, LiveWorksheet live) {
        String expression = bare(act.expression());
        Tabulation tabulation = written(
                new Tabulation(
                        act.grid(),
                        expression,
                        bare(act.first().name()),
                        act.second().map(second -> bare(second.name())),
                        ""),
                live);
        List<String> first = values(act.first(), act.grid(), live, MOST_VALUES);
        Optional<List<String>> second = act.second().map(each -> values(each, act.grid(), live, MOST_ACROSS));
        if ((long) first.size() * second.map(List::size).orElse(1) > MOST_VALUES) {
            throw new EditRefused("A table has " + MOST_VALUES + " values at the most, and this would have "
                    + (long) first.size() * second.map(List::size).orElse(1) + ".");
        }
        checkTime(tabulation, first, second.orElse(List.of("")), live);
        List<Edit.Typed> typed = new ArrayList<>();
        put(typed, 0, 0, second.isPresent() ? label(expression, live) : heading(act.first(), live));
        for (int row = 0; row < first.size(); row++) {
            put(typed, 0, row + 1, first.get(row));
        }
        if (second.isEmpty()) {
            put(typed, 1, 0, label(expression, live));
        }
        second.ifPresent(values -> {
            for (int column = 0; column < values.size(); column++) {
                put(typed, column + 1, 0, values.get(column));
            }
        });
        int columns = second.map(List::size).orElse(1) + 1;
        for (int row = 1; row <= first.size(); row++) {
            for (int column = 1; column < columns; column++) {
                put(typed, column, row, "=" + at(tabulation, column, row));
            }
        }
        Block.Grid grid = Block.Grid.of(act.id(), act.title(), first.size() + 1, columns)
                .withHeadings(1)
                .withWidths(Map.of(0, 130))
                .withTabulation(Optional.of(tabulation));
        Section section = live.worksheet().outline().sections().stream()
                .filter(each -> each.id().equals(act.section()))
                .findFirst()
                .orElseThrow(() -> new EditRefused("There is no section " + act.section() + "."));
        return List.of(new Edit.AddBlock(section.id(), grid, section.blocks().size()), new Edit.Enter(act.id(), typed));
    }

    /**
     * A table has the time of one calculation as a whole.
     *
     * @throws EditRefused where that is not enough, before anything is changed
     */
    private static void checkTime(Tabulation tabulation, List<String> first, List<String> second, LiveWorksheet live) {
        Budget budget = live.budget();
        long end = System.nanoTime() + live.limits().time().toNanos();
        int done = 0;
        for (String across : second) {
            String expression = tabulation.written().replace(Tabulation.SECOND, "(" + bare(across) + ")");
            for (String down : first) {
                live.parsed(
                                expression.replace(Tabulation.FIRST, "(" + bare(down) + ")"),
                                tabulation.grid(),
                                Tabulation.FIRST,
                                budget)
                        .ifPresent(each -> live.value(each, tabulation.grid(), Tabulation.FIRST, NOTHING, budget));
                if (System.nanoTime() > end) {
                    throw new EditRefused("There was time for " + done + " of the " + first.size() * second.size()
                            + " values. Tabulate fewer.");
                }
                done++;
            }
        }
    }

    private static String bare(String expression) {
        String text = expression.strip();
        return text.startsWith("=") ? text.substring(1).strip() : text;
    }

    /** With its formula as it is now. */
    private static Tabulation written(Tabulation tabulation, LiveWorksheet live) {
        Map<String, String> variables = new LinkedHashMap<>();
        variables.put(tabulation.first(), Tabulation.FIRST);
        tabulation.second().ifPresent(second -> variables.put(second, Tabulation.SECOND));
        if (variables.size() == 1 && tabulation.second().isPresent()) {
            throw new EditRefused("A two-way table has two variables, and both are " + tabulation.first() + " here.");
        }
        return new Tabulation(
                tabulation.grid(),
                tabulation.expression(),
                tabulation.first(),
                tabulation.second(),
                Inlining.of(tabulation.expression(), tabulation.grid(), variables, live));
    }

    private static void put(List<Edit.Typed> typed, int column, int row, String text) {
        typed.add(new Edit.Typed(new Address(column, row), text));
    }

    /** A heading is a text whatever it looks like. */
    private static String label(String expression, LiveWorksheet live) {
        String shown = live.display().mark().expression(expression);
        return EntryReader.value(shown, live.worksheet().units()) instanceof Text ? shown : "'" + shown;
    }

    private static String heading(Act.Variable variable, LiveWorksheet live) {
        return EntryReader.value(variable.from(), live.worksheet().units()) instanceof Quantity quantity
                ? bare(variable.name()) + " in " + quantity.unit().symbol()
                : bare(variable.name());
    }

    /** The formula in a cell of the table. */
    private static String at(Tabulation tabulation, int column, int row) {
        Map<String, String> cells =
                Map.of(Tabulation.FIRST, "$A" + (row + 1), Tabulation.SECOND, Address.letters(column) + "$1");
        return tabulation
                .written()
                .replace(Tabulation.FIRST, cells.get(Tabulation.FIRST))
                .replace(Tabulation.SECOND, cells.get(Tabulation.SECOND));
    }

    private static List<String> values(Act.Variable variable, String grid, LiveWorksheet live, int most) {
        List<String> values = variable.cells().isPresent()
                ? scattered(variable.cells().get(), grid, live)
                : variable.count().isPresent()
                        ? SeriesWriting.spaced(
                                variable.from(),
                                variable.to(),
                                variable.count().get(),
                                live.worksheet().units())
                        : SeriesWriting.entries(
                                new Act.Series(
                                        "",
                                        Address.FIRST,
                                        Axis.ROWS,
                                        variable.from(),
                                        variable.step().orElse("1"),
                                        Optional.of(variable.to()),
                                        Optional.empty()),
                                live.worksheet().units());
        if (values.size() > most) {
            throw new EditRefused("There would be " + values.size() + " values of " + variable.name() + ", and " + most
                    + " is the most. Take a larger step.");
        }
        return values;
    }

    /** References to cells that are anywhere, one for each value. */
    private static List<String> scattered(String references, String grid, LiveWorksheet live) {
        return Stream.of(references.split("[,;]"))
                .map(String::strip)
                .filter(reference -> !reference.isEmpty())
                .flatMap(reference -> cells(reference, grid, live))
                .map(place -> "=" + Inlining.anywhere(place, live))
                .toList();
    }

    private static Stream<Edit.Place> cells(String reference, String grid, LiveWorksheet live) {
        Edit.Place place =
                Parser.parse(reference, 0, Address.FIRST, live.worksheet().vocabulary())
                                instanceof Parser.Outcome.Parsed parsed
                        ? live.place(parsed.expression(), grid, Address.FIRST)
                                .orElseThrow(() -> new EditRefused("`" + reference + "` is no cell, range or name."))
                        : refused(reference);
        if (place.area().size() > MOST_VALUES) {
            throw new EditRefused("`" + reference + "` has more than " + MOST_VALUES + " cells.");
        }
        return place.area().cells().map(at -> new Edit.Place(place.grid(), new Area(at, at)));
    }

    private static Edit.Place refused(String reference) {
        throw new EditRefused("`" + reference + "` is no cell, range or name.");
    }

    static List<Edit> anew(Act.TabulateAnew act, LiveWorksheet live) {
        Block.Grid grid = live.grid(act.grid())
                .filter(each -> each.tabulation().isPresent())
                .orElseThrow(() -> new EditRefused("The grid " + act.grid() + " tabulates nothing."));
        Tabulation old = grid.tabulation().orElseThrow();
        Tabulation now =
                written(new Tabulation(old.grid(), bare(act.expression()), old.first(), old.second(), ""), live);
        checkTime(now, entries(grid, Axis.ROWS, live), entries(grid, Axis.COLUMNS, live), live);
        List<Edit> edits = new ArrayList<>(rewritten(grid, now, live));
        Address corner = old.second().isPresent() ? Address.FIRST : new Address(1, 0);
        edits.add(new Edit.Enter(grid.id(), List.of(new Edit.Typed(corner, label(now.expression(), live)))));
        return edits;
    }

    /**
     * The edits that make tables follow: those whose expression reads otherwise now than they have it written. A table
     * that was overwritten by hand is left alone, and so is one whose expression cannot be read any more.
     */
    public static List<Edit> following(LiveWorksheet live) {
        return live.worksheet()
                .outline()
                .grids()
                .filter(grid -> grid.tabulation().isPresent())
                .flatMap(grid -> following(grid, live).stream())
                .toList();
    }

    private static List<Edit> following(Block.Grid grid, LiveWorksheet live) {
        Tabulation old = grid.tabulation().orElseThrow();
        boolean isAsWritten =
                live.worksheet().textIn(grid.id(), new Address(1, 1)).equals("=" + at(old, 1, 1));
        if (!isAsWritten) {
            return List.of();
        }
        try {
            Tabulation now = written(old, live);
            return now.written().equals(old.written()) ? List.of() : rewritten(grid, now, live);
        } catch (EditRefused unreadable) {
            return List.of();
        }
    }

    private static List<Edit> rewritten(Block.Grid grid, Tabulation now, LiveWorksheet live) {
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 1; row < grid.rows(); row++) {
            for (int column = 1; column < grid.columns(); column++) {
                boolean isFilled = isFilled(grid, 0, row, live)
                        && (now.second().isEmpty() ? column == 1 : isFilled(grid, column, 0, live));
                if (isFilled) {
                    put(typed, column, row, "=" + at(now, column, row));
                }
            }
        }
        return List.of(new Edit.Enter(grid.id(), typed), new Edit.ChangeBlock(grid.withTabulation(Optional.of(now))));
    }

    /** The values that stand along a table, on its left side or above it. */
    private static List<String> entries(Block.Grid grid, Axis axis, LiveWorksheet live) {
        boolean isOneWay = grid.tabulation().flatMap(Tabulation::second).isEmpty();
        if (axis == Axis.COLUMNS && isOneWay) {
            return List.of("");
        }
        return IntStream.range(1, axis == Axis.ROWS ? grid.rows() : grid.columns())
                .mapToObj(i -> axis == Axis.ROWS ? new Address(0, i) : new Address(i, 0))
                .map(at -> live.worksheet().textIn(grid.id(), at))
                .filter(entry -> !entry.isEmpty())
                .toList();
    }

    private static boolean isFilled(Block.Grid grid, int column, int row, LiveWorksheet live) {
        return live.worksheet().cell(grid.id(), new Address(column, row)).isPresent();
    }
}
