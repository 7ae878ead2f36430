package app.logismos.formats.book;

import app.logismos.formats.foreign.Foreign;
import app.logismos.formats.foreign.ForeignParser;
import app.logismos.formats.foreign.Incoming;
import app.logismos.formula.Address;
import java.util.HashMap;
import java.util.Map;

/** The formulas of a book, rewritten as ours; one that many cells share is parsed once. */
final class ReadFormulas {
    private final Book book;
    private final Map<String, String> titles;
    private final ReadNames names;
    private final Map<Book.Formula, Foreign> shared = new HashMap<>();

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
                parsed(formula),
                book.dialect(),
                at,
                formula.array().isPresent(),
                new Around(book, sheet, titles, names));
    }

    /** What a formula says, whatever its spaces. */
    Foreign parsed(Book.Formula formula) {
        return shared.computeIfAbsent(
                formula, first -> ForeignParser.parse(first.text(), book.dialect(), first.from()));
    }
}
