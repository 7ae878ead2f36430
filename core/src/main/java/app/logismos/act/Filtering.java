package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.EntryReader;
import app.logismos.function.Criterion;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Blank;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Finds which rows of a table a filter hides: the table is what sorting would take, without headings and totals. */
final class Filtering {
    private Filtering() {}

    static Edit edit(Act.Filter act, LiveWorksheet live) {
        Block.Grid grid =
                live.grid(act.grid()).orElseThrow(() -> new EditRefused("There is no grid " + act.grid() + "."));
        Area table = SortedTable.around(act.grid(), new Address(act.column(), act.row()), live);
        List<Predicate<Value>> conditions = Stream.concat(
                        act.holds().stream().map(text -> condition(text, live)),
                        act.like().stream()
                                .map(row -> live.value(act.grid(), cell(act, grid, row)))
                                .distinct()
                                .map(Filtering::isValue))
                .toList();
        Set<Integer> hidden = new TreeSet<>(grid.hiddenRows());
        int shown = 0;
        for (int row = table.first().row(); row <= table.last().row(); row++) {
            Value value = live.value(act.grid(), new Address(act.column(), row));
            boolean isShown = conditions.isEmpty() || conditions.stream().anyMatch(each -> each.test(value));
            shown += isShown ? 1 : 0;
            if (isShown) {
                hidden.remove(row);
            } else {
                hidden.add(row);
            }
        }
        if (shown == 0) {
            throw nothingHolds(act, table, live);
        }
        return new Edit.ChangeBlock(grid.withHidden(hidden, grid.hiddenColumns()));
    }

    /** Where quantities are compared with a bare number none holds, and the reason is the unit. */
    private static EditRefused nothingHolds(Act.Filter act, Area table, LiveWorksheet live) {
        String column = Address.letters(act.column());
        String unit = IntStream.rangeClosed(table.first().row(), table.last().row())
                .mapToObj(row -> live.value(act.grid(), new Address(act.column(), row)))
                .filter(Quantity.class::isInstance)
                .map(value -> ((Quantity) value).unit().symbol())
                .findFirst()
                .orElse("");
        return new EditRefused("No row from " + (table.first().row() + 1) + " to "
                + (table.last().row() + 1) + " holds that in column " + column + "."
                + (unit.isEmpty() ? "" : " Its values have a unit: compare them with one in `" + unit + "`."));
    }

    private static Address cell(Act.Filter act, Block.Grid grid, int row) {
        if (row < 0 || row >= grid.rows()) {
            throw new EditRefused("There is no row " + (row + 1) + " whose value could be looked for.");
        }
        return new Address(act.column(), row);
    }

    private static Predicate<Value> isValue(Value one) {
        return one::equals;
    }

    private static Predicate<Value> condition(String text, LiveWorksheet live) {
        if (text.strip().equals("=")) {
            return value -> value == Blank.BLANK;
        }
        Value read = EntryReader.value(text, live.worksheet().units());
        Criterion criterion = Criterion.of(
                read, entry -> EntryReader.value(entry, live.worksheet().units()));
        return value -> value != Blank.BLANK && holds(criterion, value);
    }

    /** A text is found in any case, as a person looks for it. */
    private static boolean holds(Criterion criterion, Value value) {
        boolean areTexts = value instanceof Text && criterion.value() instanceof Text;
        return areTexts && (criterion.sign().equals("=") || criterion.sign().equals("<>"))
                ? ((Text) value).text().equalsIgnoreCase(((Text) criterion.value()).text())
                        == criterion.sign().equals("=")
                : criterion.holds(value);
    }
}
