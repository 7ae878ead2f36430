package app.logismos.formats.book;

import app.logismos.formats.document.Used;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formats.foreign.NotRead;
import app.logismos.formats.foreign.Outgoing;
import app.logismos.formats.json.JsonFormat;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.Expression;
import app.logismos.number.Rational;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Section;
import app.logismos.sheet.Target;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Makes a book of a worksheet: each grid is a sheet, notes are a sheet of their own. A formula goes out where the book is
 * worth the same with it; otherwise its value stands there. The worksheet itself is kept inside, so that it comes back whole.
 */
public final class BookWriter {
    /** Office documents have no longer titles of sheets. */
    private static final int LONGEST_TITLE = 31;

    private static final int MOST_ROUNDS = 12;
    private static final String NOTES = "Notes";

    private final LiveWorksheet live;
    private final Dialect dialect;
    private final Map<String, String> titles = new LinkedHashMap<>();
    private final Map<String, String> names = new HashMap<>();
    private final List<Drawn> charts = new ArrayList<>();
    private final List<String> told = new ArrayList<>();
    private int formulas;

    private BookWriter(LiveWorksheet live, Dialect dialect) {
        this.live = live;
        this.dialect = dialect;
        live.worksheet().outline().grids().forEach(grid -> titles.put(grid.id(), sheetTitle(grid.title())));
        live.worksheet().names().all().forEach(target -> names.put(BookReader.key(target.name()), name(target.name())));
    }

    /**
     * A book with what grids and names are called in it.
     *
     * @param titles of sheets, by the ids of grids
     * @param names by ours in lower case
     * @param isChanging whether a value in it is another at every moment
     */
    record Written(Book book, Map<String, String> titles, Map<String, String> names, boolean isChanging) {}

    /** The book, without the worksheet inside. */
    static Written bare(LiveWorksheet live, Dialect dialect) {
        BookWriter writer = new BookWriter(live, dialect);
        return new Written(writer.book(Optional.empty()), writer.titles, writer.names, writer.isChanging());
    }

    /** The book. */
    public static Book write(LiveWorksheet live, Dialect dialect) {
        ByteArrayOutputStream kept = new ByteArrayOutputStream();
        JsonFormat.write(live.worksheet(), Optional.empty(), kept);
        return new BookWriter(live, dialect).book(Optional.of(kept.toByteArray()));
    }

    private boolean isChanging() {
        boolean[] found = {false};
        live.worksheet()
                .outline()
                .grids()
                .forEach(grid -> live.worksheet().cells(grid.id()).forEach((column, row, cell) -> {
                    found[0] |= cell.isCalculated() && KeptReader.isChanging(cell.typed());
                }));
        return found[0];
    }

    private String sheetTitle(String title) {
        String clean = title.replaceAll("[\\[\\]:*?/\\\\\\p{Cntrl}]", " ")
                .replaceAll("^'+|'+$", "")
                .strip();
        String stem = clean.isEmpty() ? "Sheet" : clean.substring(0, Math.min(clean.length(), LONGEST_TITLE - 4));
        String free = clean.length() <= LONGEST_TITLE && !clean.isEmpty() ? clean : stem;
        for (int i = 2; isTaken(free); i++) {
            free = stem + " " + i;
        }
        return free;
    }

    private boolean isTaken(String title) {
        return titles.values().stream().anyMatch(title::equalsIgnoreCase);
    }

    /** A name that looks like a cell there, as {@code rate1}, or like one by numbers, as {@code r}, gets a mark. */
    private static String name(String name) {
        return Address.parse(name).isPresent() || name.matches("(?i)[rc]([0-9]+)?|r[0-9]*c[0-9]*") ? name + "_" : name;
    }

    private Book book(Optional<byte[]> kept) {
        Map<String, Book.Sheet> sheets = sheets();
        List<Book.Named> defined = named();
        if (formulas > 0) {
            checkFormulas(sheets, defined);
        }
        tellOfValues(sheets);
        OutgoingCharts outgoing = OutgoingCharts.of(live, titles);
        charts.addAll(outgoing.drawn());
        tellOfCharts(outgoing.left());
        notes().ifPresent(notes -> sheets.put("", notes));
        return book(sheets, defined, kept);
    }

    private Map<String, Book.Sheet> sheets() {
        Map<String, Book.Sheet> sheets = new LinkedHashMap<>();
        live.worksheet().outline().grids().forEach(grid -> sheets.put(grid.id(), sheet(grid)));
        return sheets;
    }

    private Book book(Map<String, Book.Sheet> sheets, List<Book.Named> defined, Optional<byte[]> kept) {
        List<Book.Sheet> all = sheets.isEmpty() ? List.of(new Book.Sheet("Sheet")) : List.copyOf(sheets.values());
        return new Book(dialect, Book.USUAL_DAY_ZERO, live.worksheet().title(), all, defined, charts, kept, told);
    }

    private Book.Sheet sheet(Block.Grid grid) {
        Book.Sheet sheet = new Book.Sheet(titles.get(grid.id()));
        sheet.setHeadings(grid.headings());
        sheet.widths().putAll(grid.widths());
        sheet.hiddenRows().addAll(grid.hiddenRows());
        sheet.hiddenColumns().addAll(grid.hiddenColumns());
        grid.remarks()
                .forEach((at, remark) ->
                        Address.parse(at).ifPresent(place -> sheet.remarks().put(place, remark)));
        Optional<Area> used = Used.of(live, grid);
        if (used.isEmpty()) {
            return sheet;
        }
        Map<Address, Area> laidOut = laidOut(grid);
        live.worksheet().cells(grid.id()).forEach((column, row, cell) -> {
            Address at = new Address(column, row);
            put(sheet, grid, at, formula(grid, at, cell, Optional.ofNullable(laidOut.get(at))));
        });
        live.laidOut(grid.id()).forEach(at -> {
            if (sheet.cell(at.column(), at.row()).isEmpty()) {
                put(sheet, grid, at, Optional.empty());
            }
        });
        return sheet;
    }

    private Map<Address, Area> laidOut(Block.Grid grid) {
        Map<Address, Area> areas = new HashMap<>();
        for (Address at : live.laidOut(grid.id())) {
            live.laidOutFrom(grid.id(), at)
                    .ifPresent(from -> areas.merge(
                            from,
                            Area.between(from, at),
                            (a, b) -> Area.between(
                                    a.first(),
                                    new Address(
                                            Math.max(a.last().column(), b.last().column()),
                                            Math.max(a.last().row(), b.last().row())))));
        }
        return areas;
    }

    private void put(Book.Sheet sheet, Block.Grid grid, Address at, Optional<Book.Formula> formula) {
        Value value = live.value(grid.id(), at);
        Value single = value instanceof Table table && table.rows() > 0 && table.columns() > 0 ? table.at(0, 0) : value;
        if (single == Blank.BLANK && formula.isEmpty()) {
            return;
        }
        String unit = single instanceof Quantity quantity ? quantity.unit().symbol() : "";
        String style = grid.style(at);
        boolean mayShowPercent = style.isEmpty()
                && single instanceof NumberValue
                && live.worksheet()
                        .cell(grid.id(), at)
                        .map(cell -> cell.isCalculated() || cell.typed().indexOf('%') >= 0)
                        .orElse(false);
        if (mayShowPercent && live.showsPercent(grid.id(), at)) {
            style = "percent";
        }
        sheet.put(at.column(), at.row(), new Book.Cell(plain(single), formula, style, unit));
    }

    /** The value as a document can hold it: what it has no like of is a text. */
    private static Value plain(Value value) {
        if (value instanceof Quantity quantity) {
            return new NumberValue(quantity.number());
        } else if (value instanceof NumberValue number) {
            return Double.isFinite(number.real().toDouble()) ? value : new Text(PlainText.of(value));
        } else if (value instanceof Moment.Elapsed elapsed) {
            return new NumberValue(Rational.of(elapsed.length().toMillis(), 86_400_000));
        } else if (value instanceof Text
                || value instanceof Truth
                || value instanceof Moment
                || value instanceof Failure
                || value == Blank.BLANK) {
            return value;
        } else if (value == Missing.MISSING) {
            return new Text("missing");
        }
        return new Text(PlainText.of(value));
    }

    private Optional<Book.Formula> formula(Block.Grid grid, Address at, Cell cell, Optional<Area> fills) {
        if (!(cell.entry() instanceof Entry.Calculation calculation)) {
            return Optional.empty();
        }
        if (Scale.isHidden(calculation.expression(), live.value(grid.id(), at))) {
            return Optional.empty();
        }
        try {
            String text = Outgoing.formula(calculation.expression(), dialect, at, new Around(grid));
            formulas++;
            Optional<Area> array = fills.filter(area -> area.size() > 1);
            boolean isOnTables = array.isPresent() || OnTables.is(calculation.expression());
            return Optional.of(new Book.Formula(
                    text, at, isOnTables ? array.or(() -> Optional.of(new Area(at, at))) : Optional.empty()));
        } catch (NotRead none) {
            return Optional.empty();
        }
    }

    /** What sheets and names around a formula are called. */
    private final class Around implements Outgoing.Names {
        private final Block.Grid grid;

        Around(Block.Grid grid) {
            this.grid = grid;
        }

        @Override
        public String sheet(String title) {
            return titles.get(find(Optional.of(title)).id());
        }

        private Block.Grid find(Optional<String> title) {
            return title.map(each -> live.worksheet()
                            .outline()
                            .gridTitled(each)
                            .orElseThrow(() -> new NotRead("there is no grid " + each)))
                    .orElse(grid);
        }

        @Override
        public String named(String name) {
            return Optional.ofNullable(names.get(BookReader.key(name)))
                    .orElseThrow(() -> new NotRead("there is no name " + name));
        }

        @Override
        public Outgoing.Own function(String name) {
            Target target =
                    live.worksheet().names().find(name).orElseThrow(() -> new NotRead("there is no function " + name));
            return new Outgoing.Own(
                    live.worksheet().function(name).orElseThrow(() -> new NotRead("there is no function " + name)),
                    target.area().first(),
                    new Around(live.grid(target.grid()).orElseThrow()));
        }

        @Override
        public Value value(Optional<String> title, Address cell) {
            return live.value(find(title).id(), cell);
        }
    }

    private List<Book.Named> named() {
        List<Book.Named> all = new ArrayList<>();
        for (Target target : live.worksheet().names().all()) {
            String sheet = titles.get(target.grid());
            if (sheet != null && live.worksheet().function(target.name()).isEmpty()) {
                all.add(new Book.Named(
                        names.get(BookReader.key(target.name())),
                        Outgoing.reference(sheet, target.area(), dialect),
                        Optional.empty()));
            }
        }
        return all;
    }

    /** Formulas with which the book would be worth something else become values. */
    private void checkFormulas(Map<String, Book.Sheet> sheets, List<Book.Named> defined) {
        Map<String, String> ids = new HashMap<>();
        sheets.forEach((id, sheet) -> ids.put(BookReader.key(sheet.title()), id));
        Set<BookReader.Place> scaled = new HashSet<>();
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Map<BookReader.Place, Value> unlike = BookReader.unlike(
                    book(sheets, defined, Optional.empty()), live.worksheet().vocabulary());
            if (unlike.isEmpty()) {
                return;
            }
            boolean isLast = round == MOST_ROUNDS - 1;
            unlike.forEach((place, worth) -> {
                String id = ids.get(BookReader.key(place.sheet()));
                Address at = place.at();
                Book.Cell cell = sheets.get(id).cell(at.column(), at.row()).orElseThrow();
                Optional<Book.Cell> other =
                        isLast || !scaled.add(place) ? Optional.empty() : new Scale(live, id, at).of(cell, worth);
                sheets.get(id).put(at.column(), at.row(), other.orElseGet(cell::withoutFormula));
            });
        }
    }

    private void tellOfValues(Map<String, Book.Sheet> sheets) {
        int values = 0;
        String first = "";
        for (Block.Grid grid : live.worksheet().outline().grids().toList()) {
            Book.Sheet sheet = sheets.get(grid.id());
            List<Address> without = new ArrayList<>();
            live.worksheet().cells(grid.id()).forEach((column, row, cell) -> {
                if (cell.isCalculated()
                        && sheet.cell(column, row).flatMap(Book.Cell::formula).isEmpty()) {
                    without.add(new Address(column, row));
                }
            });
            if (values == 0 && !without.isEmpty()) {
                first = without.get(0) + " of `" + grid.title() + "`";
            }
            values += without.size();
        }
        if (values > 0) {
            told.add((values == 1 ? "One formula stands" : values + " formulas stand") + " as "
                    + (values == 1 ? "its value" : "their values")
                    + " in other programs, which have no like of " + (values == 1 ? "it" : "them") + ": "
                    + (values == 1 ? "" : "the first is ") + "that in " + first + ". This program brings all back.");
        }
    }

    private void tellOfCharts(List<String> left) {
        if (!left.isEmpty()) {
            told.add((left.size() == 1 ? "The chart `" + left.get(0) + "` is" : left.size() + " charts are")
                    + " not drawn in other programs, which have no like of " + (left.size() == 1 ? "it" : "them")
                    + (left.size() == 1 ? "" : ": the first is `" + left.get(0) + "`")
                    + ". This program brings " + (left.size() == 1 ? "it" : "them") + " back.");
        }
    }

    /** Titles of sections and the notes in them, line by line. */
    private Optional<Book.Sheet> notes() {
        Book.Sheet sheet = new Book.Sheet(freeTitle());
        int row = 0;
        boolean hasNotes = false;
        for (Section section : live.worksheet().outline().sections()) {
            List<String> lines = section.blocks().stream()
                    .flatMap(block -> block.match(
                            grid -> Stream.<String>empty(), note -> note.text().lines(), chart -> Stream.empty()))
                    .toList();
            if (!lines.isEmpty()) {
                hasNotes = true;
                sheet.put(0, row++, Book.Cell.of(new Text(section.title()), ""));
                for (String line : lines) {
                    sheet.put(1, row++, Book.Cell.of(new Text(line), ""));
                }
            }
        }
        return hasNotes ? Optional.of(sheet) : Optional.empty();
    }

    private String freeTitle() {
        String free = NOTES;
        for (int i = 2; isTaken(free); i++) {
            free = NOTES + " " + i;
        }
        return free;
    }

    /** Whether an expression works on whole ranges where documents would take one cell of them. */
    private static final class OnTables {
        private OnTables() {}

        static boolean is(Expression node) {
            if (node instanceof Expression.Infix infix) {
                return isRange(infix.left()) || isRange(infix.right()) || is(infix.left()) || is(infix.right());
            } else if (node instanceof Expression.Prefix prefix) {
                return isRange(prefix.operand()) || is(prefix.operand());
            } else if (node instanceof Expression.Postfix postfix) {
                return isRange(postfix.operand()) || is(postfix.operand());
            } else if (node instanceof Expression.Superscript power) {
                return isRange(power.base()) || is(power.base());
            } else if (node instanceof Expression.Group group) {
                return is(group.inner());
            } else if (node instanceof Expression.Call call) {
                return call.arguments().stream()
                        .flatMap(argument -> argument.value().stream())
                        .anyMatch(OnTables::is);
            }
            return false;
        }

        private static boolean isRange(Expression node) {
            return node instanceof Expression.RangeReference
                    || node instanceof Expression.Group group && isRange(group.inner());
        }
    }
}
