package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Parser;
import app.logismos.formula.Printer;
import app.logismos.formula.Respelling;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Failure;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Writes an expression out in terms of its inputs: each reference to a cell that depends on an input is replaced by that
 * cell's formula, down to the inputs, which get words of their own. Other references are written so that they mean the same
 * anywhere.
 */
final class Inlining {
    private static final int MOST_CELLS = 400;

    private final LiveWorksheet live;
    private final Map<String, String> words = new LinkedHashMap<>();
    private final Map<Edit.Place, String> inputs = new LinkedHashMap<>();
    private Predicate<Edit.Place> depends = place -> false;
    private boolean usesInput;

    private Inlining(LiveWorksheet live) {
        this.live = live;
    }

    /**
     * The expression, written out.
     *
     * @param grid whose first cell references in it count from
     * @param variables names or references, each with the word that takes its place
     * @throws EditRefused where it cannot be read, or does not depend on the variables
     */
    static String of(String expression, String grid, Map<String, String> variables, LiveWorksheet live) {
        Inlining inlining = new Inlining(live);
        variables.forEach((variable, word) -> inlining.take(variable, word, grid));
        String written = inlining.written(expression, read(expression, live), grid, Address.FIRST);
        if (!inlining.usesInput) {
            throw new EditRefused("`" + expression + "` does not depend on " + String.join(" and ", variables.keySet())
                    + ", so all values would be alike.");
        }
        if (written.length() > Parser.MAX_LENGTH) {
            throw new EditRefused("Written out, this formula has " + written.length() + " characters, and an entry has "
                    + Parser.MAX_LENGTH + " at the most.");
        }
        return written;
    }

    private static Expression read(String expression, LiveWorksheet live) {
        Parser.Outcome outcome =
                Parser.parse(expression, 0, Address.FIRST, live.worksheet().vocabulary());
        if (outcome instanceof Parser.Outcome.Refused refused) {
            Failure failure = refused.failure();
            throw new EditRefused("`" + expression + "` cannot be read. " + failure.message());
        }
        return ((Parser.Outcome.Parsed) outcome).expression();
    }

    /** A variable is an input cell, by its name or address, or else a word of the expression. */
    private void take(String variable, String word, String grid) {
        Expression read = read(variable, live);
        Optional<Edit.Place> place = live.place(read, grid, Address.FIRST);
        if (place.isPresent()) {
            if (place.get().area().size() != 1) {
                throw new EditRefused("`" + variable + "` stands for several cells, and a variable is one.");
            }
            inputs.put(place.get(), word);
            Predicate<Edit.Place> before = depends;
            Predicate<Edit.Place> more =
                    live.dependents(place.get().grid(), place.get().area().first());
            depends = each -> before.test(each) || more.test(each);
        } else if (read instanceof Name name) {
            words.put(name.name().toLowerCase(Locale.ROOT), word);
        } else {
            throw new EditRefused("A variable is a name or a cell, and `" + variable + "` is neither.");
        }
    }

    private String written(String text, Expression expression, String grid, Address origin) {
        return Respelling.of(text, expression, node -> spelled(node, grid, origin));
    }

    private Optional<String> spelled(Expression node, String grid, Address origin) {
        if (node instanceof Name name && words.containsKey(name.name().toLowerCase(Locale.ROOT))) {
            usesInput = true;
            return Optional.of(words.get(name.name().toLowerCase(Locale.ROOT)));
        }
        boolean refers = node instanceof Name || node instanceof CellReference || node instanceof RangeReference;
        return refers ? live.place(node, grid, origin).flatMap(place -> spelled(node, place)) : Optional.empty();
    }

    private Optional<String> spelled(Expression node, Edit.Place place) {
        boolean isInput = inputs.keySet().stream()
                .anyMatch(input -> input.grid().equals(place.grid())
                        && place.area().contains(input.area().first()));
        if (isInput || depends.test(place)) {
            usesInput = true;
            return Optional.of(place.area().size() == 1 ? cell(place) : table(place));
        }
        return node instanceof Name ? Optional.empty() : Optional.of(anywhere(place, live));
    }

    private String cell(Edit.Place place) {
        if (inputs.containsKey(place)) {
            return inputs.get(place);
        }
        Address at = place.area().first();
        if (!depends.test(place)) {
            return anywhere(place, live);
        }
        String text = live.worksheet().textIn(place.grid(), at);
        if (!(EntryReader.read(text, at, live.worksheet().vocabulary()) instanceof Entry.Calculation own)) {
            // It holds a part of a table that was laid out from elsewhere.
            throw new EditRefused(at + " holds a part of a table, and that cannot be written out for each value.");
        }
        if (own.expression() instanceof Definition function) {
            throw new EditRefused("The function `" + function.name() + "` depends on the variable, and that cannot be"
                    + " written out for each value. Give it the variable as an argument.");
        }
        String written = written(text, own.expression(), place.grid(), at);
        if (written.length() > Parser.MAX_LENGTH) {
            throw new EditRefused("Written out, the formula of " + at + " is too long for an entry.");
        }
        return "(" + written.substring(written.indexOf('=') + 1).strip() + ")";
    }

    private String table(Edit.Place place) {
        Area area = place.area();
        if (area.size() > MOST_CELLS) {
            throw new EditRefused(area + " depends on the variable and has " + area.size() + " cells. A range of "
                    + MOST_CELLS + " can be written out.");
        }
        StringBuilder table = new StringBuilder("{");
        for (int row = 0; row < area.rows(); row++) {
            table.append(row == 0 ? "" : "; ");
            for (int column = 0; column < area.columns(); column++) {
                Address at =
                        new Address(area.first().column() + column, area.first().row() + row);
                table.append(column == 0 ? "" : ", ").append(cell(new Edit.Place(place.grid(), new Area(at, at))));
            }
        }
        return table.append('}').toString();
    }

    /** A reference that means the same cells from anywhere. */
    static String anywhere(Edit.Place place, LiveWorksheet live) {
        String grid = Printer.quotedGrid(live.grid(place.grid()).orElseThrow().title()) + ".";
        Area area = place.area();
        if (area.rows() == Address.ROWS) {
            return grid + "$" + Address.letters(area.first().column()) + ":$"
                    + Address.letters(area.last().column());
        }
        if (area.columns() == Address.COLUMNS) {
            return grid + "$" + (area.first().row() + 1) + ":$" + (area.last().row() + 1);
        }
        return grid + fixed(area.first()) + (area.size() == 1 ? "" : ":" + fixed(area.last()));
    }

    private static String fixed(Address at) {
        return "$" + Address.letters(at.column()) + "$" + (at.row() + 1);
    }
}
