package app.logismos.formats.book;

import app.logismos.formats.foreign.Foreign;
import app.logismos.formats.foreign.ForeignParser;
import app.logismos.formats.foreign.Incoming;
import app.logismos.formats.foreign.NotRead;
import app.logismos.formats.foreign.Surroundings;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The names of a book: those of cells and ranges are names of ours, what others mean is put in where they are used. */
final class ReadNames {
    /** Names that mean each other would be put in without end. */
    private static final int DEEPEST = 20;

    private final Book book;
    private final Map<String, String> titles;
    private final Map<String, Defined> defined = new HashMap<>();
    private int depth;

    ReadNames(Book book, Map<String, String> titles) {
        this.book = book;
        this.titles = titles;
    }

    /** A name of ours. */
    private record Defined(String name, String sheet, Area area) {}

    /** Takes the names that a worksheet has; their spelling in the book is given. */
    void takeFrom(Worksheet worksheet, Map<String, String> spelled) {
        worksheet.names().all().forEach(target -> {
            String there = spelled.getOrDefault(BookReader.key(target.name()), target.name());
            defined.put(there.toLowerCase(Locale.ROOT), new Defined(target.name(), "", target.area()));
        });
    }

    /** Finds which are names of ours, under another name where theirs cannot be one. */
    void prepare(Worksheet worksheet, List<String> told) {
        for (Book.Named each : book.names()) {
            Optional<Defined> place = place(each);
            if (place.isEmpty()) {
                continue;
            }
            String wanted = each.name();
            boolean isTaken =
                    defined.values().stream().anyMatch(other -> other.name().equalsIgnoreCase(wanted));
            String name =
                    isTaken || worksheet.names().clash(wanted, Optional.empty()).isPresent()
                            ? free(worksheet, wanted)
                            : wanted;
            if (!name.equals(wanted)) {
                told.add("The name `" + wanted + "` is `" + name + "` here.");
            }
            defined.put(
                    key(each),
                    new Defined(name, place.get().sheet(), place.get().area()));
        }
    }

    private String free(Worksheet worksheet, String wanted) {
        String free = worksheet.names().free(wanted);
        String stem = free.replaceFirst("_[0-9]+$", "");
        for (int i = 1; ; i++) {
            String candidate = stem + "_" + i;
            if (defined.values().stream().noneMatch(other -> other.name().equalsIgnoreCase(candidate))) {
                return candidate;
            }
        }
    }

    private static String key(Book.Named named) {
        return named.sheet().map(sheet -> BookReader.key(sheet) + "!").orElse("")
                + named.name().toLowerCase(Locale.ROOT);
    }

    /** The cells that a name stands for by itself, wherever it is used. */
    private Optional<Defined> place(Book.Named named) {
        Foreign means;
        try {
            means = ForeignParser.parse(named.means(), book.dialect(), Address.FIRST);
        } catch (NotRead none) {
            return Optional.empty();
        }
        Foreign.Cell first =
                means instanceof Foreign.Range range ? range.first() : means instanceof Foreign.Cell cell ? cell : null;
        if (first == null
                || first.sheet().isEmpty()
                || !titles.containsKey(BookReader.key(first.sheet().get()))) {
            return Optional.empty();
        }
        boolean isFixed = first.column().fixed() && first.row().fixed();
        int column = first.column().from(0);
        int row = first.row().from(0);
        if (means instanceof Foreign.Range range) {
            boolean isWhole = range.extent() != Foreign.Extent.CELLS;
            int lastColumn = range.lastColumn().from(0);
            int lastRow = range.lastRow().from(0);
            return isFixed && !isWhole && Address.isInside(column, row) && Address.isInside(lastColumn, lastRow)
                    ? Optional.of(new Defined(
                            named.name(),
                            first.sheet().get(),
                            Area.between(new Address(column, row), new Address(lastColumn, lastRow))))
                    : Optional.empty();
        }
        return isFixed && Address.isInside(column, row)
                ? Optional.of(new Defined(
                        named.name(),
                        first.sheet().get(),
                        new Area(new Address(column, row), new Address(column, row))))
                : Optional.empty();
    }

    /** The edits that define them. */
    List<Edit> definitions(Map<String, String> ids) {
        List<Edit> edits = new ArrayList<>();
        defined.values()
                .forEach(each -> edits.add(new Edit.Define(
                        each.name(), Optional.of(new Edit.Place(ids.get(BookReader.key(each.sheet())), each.area())))));
        return edits;
    }

    /** What a name is in a formula of ours; one that only a sheet knows goes before one that all know. */
    String named(String name, Around around, Address origin) {
        String plain = name.toLowerCase(Locale.ROOT);
        String local = BookReader.key(around.sheet().title()) + "!" + plain;
        Optional<Book.Named> found = book.names().stream()
                .filter(each -> key(each).equals(local))
                .findFirst()
                .or(() -> book.names().stream()
                        .filter(each -> key(each).equals(plain))
                        .findFirst());
        if (found.isEmpty()) {
            throw new NotRead("there is no name " + name);
        }
        Defined place = defined.get(key(found.get()));
        return place != null ? place.name() : means(found.get(), around, origin);
    }

    private String means(Book.Named named, Surroundings around, Address origin) {
        if (++depth > DEEPEST) {
            throw new NotRead("the name " + named.name() + " means itself");
        }
        try {
            Foreign means = ForeignParser.parse(named.means(), book.dialect(), Address.FIRST);
            return "(" + Incoming.formula(means, book.dialect(), origin, true, around) + ")";
        } finally {
            depth--;
        }
    }
}
