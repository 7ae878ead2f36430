package app.logismos.formats.book;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Limits;
import app.logismos.formats.document.Brought;
import app.logismos.formats.document.Entries;
import app.logismos.formats.document.Unreadable;
import app.logismos.formats.foreign.NotRead;
import app.logismos.formats.json.JsonFormat;
import app.logismos.formula.Address;
import app.logismos.formula.Vocabulary;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Takes the worksheet that is kept inside a book, and puts into it what was changed in the cells of the book since. Cells
 * count as changed where the kept worksheet, written as a book, has something else in them.
 */
final class KeptReader {
    private static final int MOST_TOLD = 5;
    private static final Book.Cell EMPTY = Book.Cell.of(Blank.BLANK, "");

    private final Book book;
    private final Worksheet worksheet;
    private final BookWriter.Written written;
    private final ReadFormulas theirs;
    private final ReadFormulas mine;

    private KeptReader(Book book, Worksheet worksheet, BookWriter.Written written) {
        this.book = book;
        this.worksheet = worksheet;
        this.written = written;
        Map<String, String> titles = new HashMap<>();
        written.titles()
                .forEach((id, title) -> worksheet
                        .outline()
                        .grids()
                        .filter(grid -> grid.id().equals(id))
                        .forEach(grid -> titles.put(BookReader.key(title), grid.title())));
        ReadNames names = new ReadNames(book, titles);
        names.takeFrom(worksheet, written.names());
        this.theirs = new ReadFormulas(book, titles, names);
        this.mine = new ReadFormulas(written.book(), titles, names);
    }

    /** The worksheet; nothing where it cannot be read, or where the sheets are others than its grids. */
    static Optional<Brought> read(Book book, byte[] kept, Vocabulary vocabulary) {
        Worksheet worksheet;
        try {
            worksheet =
                    JsonFormat.read(new ByteArrayInputStream(kept), vocabulary).worksheet();
        } catch (Unreadable damaged) {
            return Optional.empty();
        }
        return Bounded.runDeep(() -> {
            LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
            BookWriter.Written written = BookWriter.bare(live, book.dialect());
            Set<String> sheets = titles(book);
            return sheets.equals(titles(written.book()))
                    ? Optional.of(new KeptReader(book, worksheet, written).brought())
                    : Optional.empty();
        });
    }

    private static Set<String> titles(Book book) {
        Set<String> titles = new TreeSet<>();
        book.sheets().forEach(sheet -> titles.add(BookReader.key(sheet.title())));
        return titles;
    }

    private Brought brought() {
        Map<String, List<Edit.Typed>> changed = new LinkedHashMap<>();
        List<String> places = new ArrayList<>();
        int count = 0;
        for (Book.Sheet sheet : book.sheets()) {
            Optional<String> id = written.titles().entrySet().stream()
                    .filter(each -> each.getValue().equalsIgnoreCase(sheet.title()))
                    .map(Map.Entry::getKey)
                    .findFirst();
            if (id.isEmpty()) {
                continue;
            }
            List<Edit.Typed> typed = changes(sheet, id.get());
            takeRemarks(sheet, id.get());
            if (!typed.isEmpty()) {
                changed.put(id.get(), typed);
                count += typed.size();
                typed.stream()
                        .limit(MOST_TOLD - Math.min(MOST_TOLD, places.size()))
                        .forEach(each -> places.add(each.cell() + " of `" + sheet.title() + "`"));
            }
        }
        changed.forEach((id, typed) -> Edit.Enter.inParts(id, typed).forEach(edit -> edit.apply(worksheet)));
        List<String> told = count == 0
                ? List.of()
                : List.of((count == 1 ? "One cell was" : count + " cells were")
                        + " changed in another program and came in so: " + String.join(", ", places)
                        + (count > places.size() ? " and more." : "."));
        return new Brought(worksheet, told);
    }

    private Book.Sheet before(Book.Sheet sheet) {
        return written.book().sheets().stream()
                .filter(each -> each.title().equalsIgnoreCase(sheet.title()))
                .findFirst()
                .orElseThrow();
    }

    /** Remarks that were written, changed or taken away elsewhere. */
    private void takeRemarks(Book.Sheet sheet, String id) {
        if (sheet.remarks().equals(before(sheet).remarks())) {
            return;
        }
        Map<String, String> remarks = new HashMap<>();
        sheet.remarks().forEach((at, remark) -> remarks.put(at.toString(), remark));
        worksheet
                .outline()
                .grids()
                .filter(grid -> grid.id().equals(id))
                .findFirst()
                .ifPresent(grid -> new Edit.ChangeBlock(grid.withRemarks(remarks)).apply(worksheet));
    }

    private List<Edit.Typed> changes(Book.Sheet sheet, String id) {
        Book.Sheet before = before(sheet);
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row : both(sheet.rows().keySet(), before.rows().keySet())) {
            Map<Integer, Book.Cell> line = sheet.row(row);
            Map<Integer, Book.Cell> other = before.row(row);
            for (int column : both(line.keySet(), other.keySet())) {
                Book.Cell now = line.getOrDefault(column, EMPTY);
                Book.Cell then = other.getOrDefault(column, EMPTY);
                Address at = new Address(column, row);
                if (!isSame(id, at, now, then) && !isLaidOut(id, at, then)) {
                    typed.add(new Edit.Typed(at, entry(sheet, at, now)));
                }
            }
        }
        return typed;
    }

    private static Collection<Integer> both(Set<Integer> some, Set<Integer> others) {
        if (some.equals(others)) {
            return some;
        }
        Set<Integer> all = new TreeSet<>(some);
        all.addAll(others);
        return all;
    }

    private boolean isLaidOut(String id, Address at, Book.Cell then) {
        return then.value() != Blank.BLANK && worksheet.cell(id, at).isEmpty();
    }

    private boolean isSame(String id, Address at, Book.Cell now, Book.Cell then) {
        if (now.formula().isPresent()) {
            return then.formula().isPresent()
                    && isSame(now.formula().get(), then.formula().get());
        }
        return Agreement.difference(now.value(), then.value(), book.dayZero()).isEmpty()
                || written.isChanging()
                        && worksheet.cell(id, at).map(Cell::isCalculated).orElse(false);
    }

    private boolean isSame(Book.Formula now, Book.Formula then) {
        try {
            return theirs.parsed(now).equals(mine.parsed(then));
        } catch (NotRead unread) {
            return false;
        }
    }

    private String entry(Book.Sheet sheet, Address at, Book.Cell cell) {
        if (cell.formula().isPresent()) {
            try {
                return "=" + theirs.formula(sheet, at, cell.formula().get());
            } catch (NotRead none) {
                return Entries.entry(cell.value(), worksheet.units());
            }
        }
        return Entries.entry(cell.value(), worksheet.units());
    }

    /** Whether a text says that a value is another at every moment. */
    static boolean isChanging(String entry) {
        return entry.toLowerCase(Locale.ROOT).matches("(?s).*\\b(?:today|now|random|randomint)\\s*\\(.*");
    }
}
