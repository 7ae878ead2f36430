package app.logismos.formats.book;

import app.logismos.formats.foreign.NotRead;
import app.logismos.formats.foreign.Surroundings;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** What a formula of a book is read in. */
record Around(Book book, Book.Sheet sheet, Map<String, String> titles, ReadNames names, ReadFormulas formulas)
        implements Surroundings {
    private static final int SHOWN_DIGITS = 10;

    @Override
    public String grid(String title) {
        String found = titles.get(BookReader.key(title));
        if (found == null) {
            throw new NotRead("there is no sheet " + title);
        }
        return found;
    }

    @Override
    public Kind kind(Optional<String> of, Address cell) {
        return find(of).flatMap(
                        each -> each.cell(cell.column(), cell.row()).map(found -> formulas.kind(each, cell, found)))
                .orElse(Kind.BLANK);
    }

    /** What a value is by itself. */
    static Kind kind(Value value) {
        if (value instanceof NumberValue || value instanceof Quantity) {
            double number = Agreement.number(value, Book.USUAL_DAY_ZERO).orElseThrow();
            return Double.isFinite(number)
                            && BigDecimal.valueOf(number).stripTrailingZeros().precision() > SHOWN_DIGITS
                    ? Kind.LONG_NUMBER
                    : Kind.NUMBER;
        } else if (value instanceof Text text) {
            return text.text().isEmpty() ? Kind.BLANK : Kind.TEXT;
        } else if (value instanceof Truth) {
            return Kind.TRUTH;
        } else if (value instanceof Moment.Date) {
            return Kind.DATE;
        } else if (value instanceof Moment.DateTime) {
            return Kind.DATE_TIME;
        } else if (value instanceof Moment.Time) {
            return Kind.TIME;
        }
        return Kind.OTHER;
    }

    @Override
    public Stream<String> texts(Optional<String> of, Area cells) {
        return find(of).stream()
                .flatMap(each ->
                        each
                                .rows()
                                .subMap(cells.first().row(), true, cells.last().row(), true)
                                .values()
                                .stream())
                .flatMap(line ->
                        line.subMap(cells.first().column(), true, cells.last().column(), true).values().stream())
                .flatMap(cell -> cell.value() instanceof Text text ? Stream.of(text.text()) : Stream.empty());
    }

    @Override
    public int lastRow(Optional<String> of) {
        return find(of).map(each -> Math.max(0, each.lines() - 1)).orElse(0);
    }

    private Optional<Book.Sheet> find(Optional<String> title) {
        return title.isEmpty()
                ? Optional.of(sheet)
                : book.sheets().stream()
                        .filter(each -> each.title().equalsIgnoreCase(title.get()))
                        .findFirst();
    }

    @Override
    public String dayZero() {
        LocalDate day = book.dayZero();
        return "date(" + day.getYear() + "; " + day.getMonthValue() + "; " + day.getDayOfMonth() + ")";
    }

    @Override
    public String named(String name, Address origin) {
        return names.named(name, this, origin);
    }
}
