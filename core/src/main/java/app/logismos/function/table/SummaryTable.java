package app.logismos.function.table;

import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/**
 * A table that sums something up by fields: a field's members stand below its name, or beside each other in the row below
 * it, each once for all rows or columns that follow up to the next; totals stand behind their members.
 *
 * @param cells with the names of the fields
 */
record SummaryTable(Table cells) {
    /** What a total is called, before or behind the member that it is of. */
    private static final List<String> TOTALS = List.of("grand total", "total", "result");

    /** The place of a cell in the table, from 0. */
    private record Place(int row, int column) {}

    /** A member of a field, each as a label. */
    record Wanted(String field, String member) {}

    /** What fits what is said by labels: the one value, the total where several do; none, or several of which none is the total. */
    List<Value> values(String data, List<Wanted> wanted) {
        List<Place> found = numbers();
        for (Wanted each : wanted) {
            List<Place> fields = places(each.field()::equals);
            found = found.stream()
                    .filter(place -> fields.stream()
                            .anyMatch(field -> isOf(each.member(), besides(place, field))
                                    || isOf(each.member(), above(place, field))))
                    .toList();
        }
        // By itself or behind what was done with it, as in "Sum of price".
        List<Place> titles = places(label -> label.equals(data) || label.endsWith(" " + data));
        List<Place> below = found.stream()
                .filter(place -> titles.stream().anyMatch(title -> title.equals(heading(place, title.row()))))
                .toList();
        found = titles.isEmpty() ? List.of() : below.isEmpty() ? found : below;
        found = totals(found, Place::row, this::isTotalRow);
        found = totals(found, Place::column, this::isTotalColumn);
        return found.stream().map(this::at).toList();
    }

    private Value at(Place place) {
        return cells.at(place.row(), place.column());
    }

    private String label(int row, int column) {
        return label(cells.at(row, column));
    }

    /** A value as a name is compared with it: a text without its quotes and its case. */
    static String label(Value value) {
        String text = value instanceof Text words ? words.text() : PlainText.of(value);
        return text.strip().toLowerCase(Locale.ROOT);
    }

    private List<Place> all() {
        return IntStream.range(0, cells.rows())
                .boxed()
                .flatMap(row -> IntStream.range(0, cells.columns()).mapToObj(column -> new Place(row, column)))
                .toList();
    }

    private List<Place> numbers() {
        return all().stream()
                .filter(place -> at(place) instanceof NumberValue || at(place) instanceof Quantity)
                .toList();
    }

    private List<Place> places(Predicate<String> isCalled) {
        return all().stream()
                .filter(place -> at(place) instanceof Text)
                .filter(place -> isCalled.test(label(at(place))))
                .toList();
    }

    /** The member of a field in the column of its name, in the place's row or the last one above it that has one. */
    private String besides(Place place, Place field) {
        if (place.column() <= field.column()) {
            return "";
        }
        // A member of a field further left begins anew.
        return last(
                        place.row(),
                        field.row(),
                        row -> IntStream.rangeClosed(0, field.column())
                                .anyMatch(column -> cells.at(row, column) != Blank.BLANK))
                .stream()
                .mapToObj(row -> label(row, field.column()))
                .findFirst()
                .orElse("");
    }

    /** The member of a field in the row below its name, in the place's column or the last one before it that has one. */
    private String above(Place place, Place field) {
        if (place.row() <= field.row() + 1) {
            return "";
        }
        return last(place.column(), field.column() - 1, column -> cells.at(field.row() + 1, column) != Blank.BLANK)
                .stream()
                .mapToObj(column -> label(field.row() + 1, column))
                .findFirst()
                .orElse("");
    }

    /** The heading that is over a place in a row. */
    private Place heading(Place place, int row) {
        OptionalInt column = place.row() <= row
                ? OptionalInt.empty()
                : last(place.column(), -1, each -> cells.at(row, each) != Blank.BLANK);
        return new Place(row, column.orElse(-1));
    }

    private static OptionalInt last(int from, int before, IntPredicate isThere) {
        return IntStream.iterate(from, at -> at > before, at -> at - 1)
                .filter(isThere)
                .findFirst();
    }

    /** A total of a member is of it too. */
    private static boolean isOf(String member, String label) {
        return label.equals(member)
                || TOTALS.stream()
                        .anyMatch(total -> label.equals(member + " " + total) || label.equals(total + " " + member));
    }

    private static boolean isTotal(String label) {
        return TOTALS.stream().anyMatch(total -> label.startsWith(total) || label.endsWith(total));
    }

    private boolean isTotalRow(int row) {
        return IntStream.range(0, cells.columns()).anyMatch(column -> isTotal(label(row, column)));
    }

    private boolean isTotalColumn(int column) {
        return IntStream.range(0, cells.rows()).anyMatch(row -> isTotal(label(row, column)));
    }

    /** Of places in several rows, or columns, those in the last that holds totals; all, where none does. */
    private static List<Place> totals(List<Place> places, ToIntFunction<Place> line, IntPredicate isTotal) {
        List<Integer> lines = new ArrayList<>(
                places.stream().mapToInt(line).distinct().boxed().toList());
        OptionalInt last =
                lines.stream().mapToInt(Integer::intValue).filter(isTotal).max();
        return lines.size() < 2 || last.isEmpty()
                ? places
                : places.stream()
                        .filter(place -> line.applyAsInt(place) == last.getAsInt())
                        .toList();
    }
}
