package app.logismos.formats.book;

import app.logismos.formats.foreign.Foreign;
import app.logismos.formats.foreign.ForeignParser;
import app.logismos.formats.foreign.Incoming;
import app.logismos.formats.foreign.NotRead;
import app.logismos.formats.foreign.Surroundings.Kind;
import app.logismos.formula.Address;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The formulas of a book, rewritten as ours; one that many cells share is parsed once. */
final class ReadFormulas {
    /** So many formulas that refer to each other are looked through for the kind of one. */
    private static final int DEEPEST = 16;

    private final Book book;
    private final Map<String, String> titles;
    private final ReadNames names;
    private final Map<Book.Formula, Foreign> shared = new HashMap<>();
    private final Map<Place, Kind> kinds = new HashMap<>();
    private int depth;

    private record Place(String sheet, Address at) {}

    /**
     * Those of a book.
     *
     * @param titles what its sheets are called with us
     */
    ReadFormulas(Book book, Map<String, String> titles, ReadNames names) {
        this.book = book;
        this.titles = titles;
        this.names = names;
    }

    /** The formula of ours, without the sign that it begins with. */
    String formula(Book.Sheet sheet, Address at, Book.Formula formula) {
        return Incoming.formula(
                parsed(formula), book.dialect(), at, formula.array().isPresent(), around(sheet));
    }

    private Around around(Book.Sheet sheet) {
        return new Around(book, sheet, titles, names, this);
    }

    /**
     * What stands in a cell. A format that shows a number as a date or time does not make one of a formula's number here: what
     * the formula is, as we write it, decides.
     */
    Kind kind(Book.Sheet sheet, Address at, Book.Cell cell) {
        Kind shown = Around.kind(cell.value());
        if (!shown.isMoment() || cell.formula().isEmpty() || depth > DEEPEST) {
            return shown;
        }
        Place place = new Place(sheet.title(), at);
        // Formulas in a circle come back to one that is being looked at, and each is looked at once.
        Optional<Kind> known = Optional.ofNullable(kinds.putIfAbsent(place, shown));
        if (known.isPresent()) {
            return known.get();
        }
        Book.Formula formula = cell.formula().get();
        depth++;
        try {
            Kind kind = Incoming.kind(
                    parsed(formula), book.dialect(), at, formula.array().isPresent(), around(sheet));
            kinds.put(place, kind == Kind.OTHER ? shown : kind);
        } catch (NotRead kept) {
            // Its value stays, and with it what is shown.
        } finally {
            depth--;
        }
        return kinds.get(place);
    }

    /** What a formula says, whatever its spaces. */
    Foreign parsed(Book.Formula formula) {
        return shared.computeIfAbsent(
                formula, first -> ForeignParser.parse(first.text(), book.dialect(), first.from()));
    }
}
