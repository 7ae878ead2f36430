package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Room;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.text.Collator;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** Finds the order of rows by the values of one column. */
final class Sorting {
    private static final int NUMBERS = 0;
    private static final int MOMENTS = 1;
    private static final int TEXTS = 2;
    private static final int OTHERS = 3;
    private static final int FAILURES = 4;
    private static final int NOTHING = 5;

    private Sorting() {}

    static Edit edit(Act.Sort act, LiveWorksheet live) {
        Area area = act.area().rows() == 1
                ? SortedTable.around(
                        act.grid(), new Address(act.by(), act.area().first().row()), live)
                : act.area();
        Room.check(area.size());
        int top = area.first().row();
        if (act.by() < area.first().column() || act.by() > area.last().column()) {
            throw new EditRefused(area + " is sorted by one of its own columns.");
        }
        List<Value> values = IntStream.rangeClosed(top, area.last().row())
                .mapToObj(row -> live.value(act.grid(), new Address(act.by(), row)))
                .toList();
        Comparator<Value> upward = Sorting::compare;
        Comparator<Value> byValue =
                Comparator.comparingInt(Sorting::rank).thenComparing(act.descending() ? upward.reversed() : upward);
        List<Integer> order = IntStream.range(0, values.size())
                .boxed()
                .sorted(Comparator.comparing(values::get, byValue))
                .toList();
        return new Edit.OrderRows(act.grid(), area, order);
    }

    private static int rank(Value value) {
        if (value instanceof NumberValue || value instanceof Quantity) {
            return NUMBERS;
        }
        if (value instanceof Moment) {
            return MOMENTS;
        }
        if (value instanceof Text) {
            return TEXTS;
        }
        return value == Blank.BLANK ? NOTHING : value instanceof Failure ? FAILURES : OTHERS;
    }

    /** Two values of one rank; quantities of unlike dimensions by what they measure. */
    private static int compare(Value a, Value b) {
        if (a instanceof NumberValue left && b instanceof NumberValue right) {
            return left.real().compareTo(right.real());
        }
        if (a instanceof Quantity left && b instanceof Quantity right) {
            return left.isLike(right) && right.in(left.unit()) instanceof Real number
                    ? left.number().compareTo(number)
                    : measured(left).compareTo(measured(right));
        }
        if (a instanceof Text left && b instanceof Text right) {
            return Collator.getInstance(Locale.ENGLISH).compare(left.text(), right.text());
        }
        if (a instanceof Moment left && b instanceof Moment right && left.kind() == right.kind()) {
            return left.compareTo(right);
        }
        return a.kind().compareTo(b.kind());
    }

    private static String measured(Quantity quantity) {
        return UnitCatalogue.measures(quantity.unit().dimension());
    }
}
