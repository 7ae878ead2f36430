package app.logismos.formats.delimited;

import app.logismos.formats.document.Brought;
import app.logismos.formats.document.Entries;
import app.logismos.formats.document.Unreadable;
import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Parser;
import app.logismos.formula.Vocabulary;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A document of values between separators as it was recognised, or as a person has chosen that it is read. */
public final class Delimited {
    /** So few cells at once that what is kept of them meanwhile stays near the processor. */
    private static final int AT_ONCE = 1 << 14;

    private static final String GRID = "grid-1";
    private static final Pattern UNIT_IN_HEADING = Pattern.compile(
            "(?<heading>.*\\S)\\s*(?:\\((?<round>[^()]+)\\)|\\[(?<square>[^\\[\\]]+)]|\\s+in\\s+(?<in>\\S+))");

    private final Encoding encoding;
    private final Table table;
    private final boolean headings;
    private final List<Column> columns;
    private final Vocabulary vocabulary;

    private Delimited(Encoding encoding, Table table, boolean headings, List<Column> columns, Vocabulary vocabulary) {
        this.encoding = encoding;
        this.table = table;
        this.headings = headings;
        this.columns = List.copyOf(columns);
        this.vocabulary = vocabulary;
    }

    /**
     * How a column is read.
     *
     * @param heading its text in the first line, where that has the headings, without the unit
     * @param unit that its heading says its numbers are in
     * @param kind nothing where its texts allow two readings and none was chosen
     * @param says why it is read so, or what is to be chosen; empty where there is nothing to say
     */
    public record Column(String heading, Optional<String> unit, Optional<ColumnKind> kind, String says) {}

    /**
     * Recognises how a document is written, but for what was chosen.
     *
     * @throws Unreadable where it cannot be read in the way that was chosen
     */
    public static Delimited read(byte[] document, Choices choices, Vocabulary vocabulary) {
        Encoding encoding = choices.encoding().orElseGet(() -> Encoding.recognise(document));
        String text = encoding.decode(document);
        if (text.indexOf('\0') >= 0) {
            throw new Unreadable(
                    "This document is no text, or is written in another encoding than " + encoding.says() + ".");
        }
        Table table = Table.of(text, choices);
        Recognising recognising = new Recognising(table, vocabulary.units());
        boolean headings = choices.headings().orElseGet(recognising::hasHeadings)
                && !table.lines().isEmpty();
        List<Recognising.Found> found = recognising.columns(headings ? 1 : 0);
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < table.columns(); i++) {
            Optional<ColumnKind> chosen = Optional.ofNullable(choices.kinds().get(i));
            Recognising.Found each = found.get(i);
            Column plain = new Column(
                    headings ? table.text(0, i).strip() : "",
                    Optional.empty(),
                    chosen.or(each::kind),
                    chosen.isPresent() ? "" : each.says());
            columns.add(choices.plain().contains(i) ? plain : withUnit(plain, vocabulary.units()));
        }
        return new Delimited(encoding, table, headings, columns, vocabulary);
    }

    private static Column withUnit(Column column, UnitCatalogue units) {
        Matcher parts = UNIT_IN_HEADING.matcher(column.heading());
        if (!parts.matches()
                || column.kind()
                        .filter(kind -> kind != ColumnKind.POINT && kind != ColumnKind.COMMA)
                        .isPresent()) {
            return column;
        }
        String said = Optional.ofNullable(parts.group("round"))
                .or(() -> Optional.ofNullable(parts.group("square")))
                .orElseGet(() -> parts.group("in"));
        Optional<Unit> unit = EntryReader.value("1 " + said.strip(), units) instanceof Quantity quantity
                ? Optional.of(quantity.unit())
                : Optional.empty();
        return unit.map(each ->
                        new Column(parts.group("heading"), Optional.of(each.symbol()), column.kind(), column.says()))
                .orElse(column);
    }

    public Encoding encoding() {
        return encoding;
    }

    public Separator separator() {
        return table.separator();
    }

    public Quote quote() {
        return table.quote();
    }

    public boolean hasHeadings() {
        return headings;
    }

    public List<Column> columns() {
        return columns;
    }

    /** How many lines there are, that of the headings among them. */
    public int lines() {
        return table.lines().size();
    }

    /** What is entered for the first lines below the headings, as texts; where a column is not decided, what stands there. */
    public List<List<String>> beginning(int most) {
        List<List<String>> shown = new ArrayList<>();
        for (int line = first(); line < lines() && shown.size() < most; line++) {
            List<String> entries = new ArrayList<>();
            for (int i = 0; i < columns.size(); i++) {
                String text = table.text(line, i);
                entries.add(columns.get(i).kind().isPresent() ? entry(text, columns.get(i)) : text);
            }
            shown.add(entries);
        }
        return shown;
    }

    private int first() {
        return headings ? 1 : 0;
    }

    /**
     * The worksheet of one grid.
     *
     * @param title of both
     * @throws Unreadable where it is not decided how a column is read
     */
    public Brought brought(String title) {
        for (int i = 0; i < columns.size(); i++) {
            if (columns.get(i).kind().isEmpty()) {
                throw new Unreadable("It is not decided how column " + called(i) + " is read. "
                        + columns.get(i).says());
            }
        }
        Worksheet worksheet = new Worksheet(title, List.of(), vocabulary);
        Block.Grid grid = Block.Grid.of(GRID, title, Math.max(1, lines()), Math.max(1, columns.size()))
                .with(to -> to.headings(headings ? 1 : 0));
        new Edit.AddSection(Section.of("section-1", title, grid), 0).apply(worksheet);
        List<Edit.Typed> typed = new ArrayList<>(AT_ONCE);
        List<String> told = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            if (headings && !column.heading().isEmpty()) {
                typed.add(new Edit.Typed(new Address(i, 0), Entries.text(column.heading(), vocabulary.units())));
            }
        }
        Guarded guarded = new Guarded();
        for (int line = first(); line < lines(); line++) {
            if (typed.size() >= AT_ONCE) {
                new Edit.Enter(GRID, typed).apply(worksheet);
                typed.clear();
            }
            for (int i = 0; i < columns.size(); i++) {
                String text = table.text(line, i);
                if (!text.isBlank()) {
                    Address at = new Address(i, line);
                    guarded.look(text, at);
                    String entry = entry(text, columns.get(i));
                    if (entry.length() > Parser.MAX_LENGTH) {
                        throw new Unreadable("The text in " + at + " has " + text.length()
                                + " characters. A cell holds " + Parser.MAX_LENGTH + " at the most.");
                    }
                    typed.add(new Edit.Typed(at, entry));
                }
            }
        }
        new Edit.Enter(GRID, typed).apply(worksheet);
        guarded.tell(told);
        return new Brought(worksheet, told);
    }

    private String called(int i) {
        String heading = columns.get(i).heading();
        return Address.letters(i) + (heading.isEmpty() ? "" : " (" + heading + ")");
    }

    private String entry(String text, Column column) {
        UnitCatalogue units = vocabulary.units();
        String trimmed = text.strip();
        return column.kind()
                .flatMap(kind -> kind.entry(trimmed, units))
                .map(entry -> column.unit()
                        .map(unit -> entry + " " + unit)
                        .filter(quantity -> ColumnKind.isPlain(entry)
                                || EntryReader.value(entry, units) instanceof NumberValue
                                        && EntryReader.value(quantity, units) instanceof Quantity)
                        .orElse(entry))
                .orElseGet(() -> Entries.text(text, units));
    }

    /** Counts the texts that begin like formulas: they stay texts. */
    private static final class Guarded {
        private int count;
        private Address first;

        void look(String text, Address at) {
            if (text.charAt(0) == '=') {
                first = count++ == 0 ? at : first;
            }
        }

        void tell(List<String> told) {
            if (count > 0) {
                told.add((count == 1
                                ? "The text in " + first + " begins"
                                : count + " texts begin, the first in " + first + ",")
                        + " like a formula and stays a text: nothing in such a document is worked out.");
            }
        }
    }
}
