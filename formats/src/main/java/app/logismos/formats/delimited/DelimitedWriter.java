package app.logismos.formats.delimited;

import app.logismos.display.Display;
import app.logismos.formats.document.Entries;
import app.logismos.formats.document.Unwritable;
import app.logismos.formats.document.Used;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.QuoteMode;

/** Writes the values of a grid between separators. */
public final class DelimitedWriter {
    private static final String BEGINS_A_FORMULA = "=+-@";

    private final LiveWorksheet live;
    private final Block.Grid grid;
    private final Look look;

    private DelimitedWriter(LiveWorksheet live, Block.Grid grid, Look look) {
        this.live = live;
        this.grid = grid;
        this.look = look;
    }

    /**
     * How values are written.
     *
     * @param quote around texts that hold a separator, a line break or the sign itself
     * @param comma whether the decimal mark is a comma
     * @param shown whether numbers are written as they are shown, and not with all their digits
     * @param guarded whether a text that other programs would take for a formula gets an apostrophe in front
     */
    public record Look(Separator separator, Quote quote, boolean comma, boolean shown, boolean guarded) {}

    /** A grid; lines that are hidden are written too. */
    public static void write(LiveWorksheet live, Block.Grid grid, Look look, Appendable to) {
        new DelimitedWriter(live, grid, look).write(to);
    }

    /** The cells whose texts other programs would take for formulas. */
    public static List<Address> takenForFormulas(LiveWorksheet live, Block.Grid grid) {
        List<Address> found = new ArrayList<>();
        live.worksheet().cells(grid.id()).forEach((column, row, cell) -> {
            Address at = new Address(column, row);
            if (live.value(grid.id(), at) instanceof Text text && isTakenForFormula(text.text())) {
                found.add(at);
            }
        });
        return found;
    }

    private static boolean isTakenForFormula(String text) {
        return !text.isEmpty() && BEGINS_A_FORMULA.indexOf(text.charAt(0)) >= 0;
    }

    private void write(Appendable to) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(look.separator().sign())
                .setQuote(look.quote().sign())
                .setQuoteMode(QuoteMode.MINIMAL)
                .get();
        Optional<Area> used = Used.of(live, grid);
        try (CSVPrinter printer = new CSVPrinter(to, format)) {
            if (used.isPresent()) {
                Address last = used.get().last();
                for (int row = 0; row <= last.row(); row++) {
                    int line = row;
                    printer.printRecord(IntStream.rangeClosed(0, last.column())
                            .mapToObj(column -> text(new Address(column, line)))
                            .toList());
                }
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private String text(Address at) {
        String text = written(at);
        boolean isOpen = look.quote() == Quote.NONE
                && (text.indexOf(look.separator().sign()) >= 0 || text.indexOf('\n') >= 0 || text.indexOf('\r') >= 0);
        if (isOpen) {
            throw new Unwritable("The text in " + at + " holds what parts values: it needs a sign around it.");
        }
        return text;
    }

    private String written(Address at) {
        Value value = live.value(grid.id(), at);
        if (value == Blank.BLANK) {
            return "";
        }
        if (value instanceof Text text) {
            return look.guarded() && isTakenForFormula(text.text()) ? "'" + text.text() : text.text();
        }
        if (!look.shown()) {
            return whole(value);
        }
        Display display = live.display(grid.id(), at).unsigned();
        return (look.comma() ? display.withComma() : display).text(value);
    }

    /** All digits of a number, and a fraction as the decimal that is nearest, since other programs know no fractions. */
    private String whole(Value value) {
        if (value instanceof NumberValue number) {
            return marked(Entries.decimal(number.real()));
        }
        return value instanceof Quantity quantity
                ? marked(Entries.decimal(quantity.number())) + " "
                        + quantity.unit().symbol()
                : PlainText.of(value);
    }

    private String marked(String decimal) {
        return look.comma() ? decimal.replace('.', ',') : decimal;
    }
}
