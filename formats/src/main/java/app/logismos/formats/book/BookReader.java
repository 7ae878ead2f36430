package app.logismos.formats.book;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Limits;
import app.logismos.formats.document.Brought;
import app.logismos.formats.document.Compared;
import app.logismos.formats.document.Entries;
import app.logismos.formats.foreign.NotRead;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Parser;
import app.logismos.formula.Vocabulary;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Makes a worksheet of a book: each sheet is a grid, each formula one of ours. All is worked out then and compared with the
 * values that the document keeps.
 */
public final class BookReader {
    private static final int LONGEST_TITLE = 110;
    private static final int MOST_SORTED = 500;
    private static final int MOST_STYLES = 10_000;
    private static final Pattern CHANGING =
            Pattern.compile("\\b(?:TODAY|NOW|RAND|RANDBETWEEN|RANDARRAY)\\s*\\(", Pattern.CASE_INSENSITIVE);

    private final Book book;
    private final Vocabulary vocabulary;
    private final Map<String, String> titles = new LinkedHashMap<>();
    private final Map<String, String> ids = new HashMap<>();
    private final List<String> told = new ArrayList<>();
    private final List<Compared.Kept> kept = new ArrayList<>();
    private final Set<Edit.Place> formulas = new HashSet<>();
    private final Set<Edit.Place> changing = new HashSet<>();
    private final ReadNames names;
    private final ReadFormulas rewriting;
    private LiveWorksheet live;

    private BookReader(Book book, Vocabulary vocabulary) {
        this.book = book;
        this.vocabulary = vocabulary;
        int count = 0;
        for (Book.Sheet sheet : book.sheets()) {
            String key = key(sheet.title());
            String id = "grid-" + ++count;
            titles.put(key, title(sheet.title()));
            ids.put(key, id);
        }
        this.names = new ReadNames(book, titles);
        this.rewriting = new ReadFormulas(book, titles, names);
    }

    static String key(String title) {
        return title.toLowerCase(Locale.ROOT);
    }

    private String title(String wanted) {
        String clean = wanted.replaceAll("\\p{Cntrl}", " ").strip();
        String stem = clean.isEmpty() ? "Sheet" : clean.substring(0, Math.min(clean.length(), LONGEST_TITLE));
        String free = stem;
        for (int i = 2; isTaken(free); i++) {
            free = stem + " " + i;
        }
        return free;
    }

    private boolean isTaken(String title) {
        return titles.values().stream().anyMatch(title::equalsIgnoreCase);
    }

    /**
     * The worksheet, and how the values of its formulas compare.
     *
     * @param title where the book has none
     */
    public static Brought read(Book book, String title, Vocabulary vocabulary) {
        Optional<Brought> whole = book.kept().flatMap(kept -> KeptReader.read(book, kept, vocabulary));
        if (whole.isPresent()) {
            return whole.get();
        }
        BookReader reader = new BookReader(book, vocabulary);
        return Bounded.runDeep(() -> reader.brought(book.title().isBlank() ? title : book.title()));
    }

    /** A cell of a sheet. */
    record Place(String sheet, Address at) {}

    /** The cells whose formulas are worth something else with us than the book says, with what they are worth. */
    static Map<Place, Value> unlike(Book book, Vocabulary vocabulary) {
        BookReader reader = new BookReader(book, vocabulary);
        Map<Place, Value> unlike = new LinkedHashMap<>();
        Bounded.runDeep(() -> reader.brought("")).compared().ifPresent(compared -> {
            Map<String, String> sheets = new HashMap<>();
            book.sheets().forEach(sheet -> sheets.put(reader.ids.get(key(sheet.title())), sheet.title()));
            compared.kept().forEach(each -> unlike.put(new Place(sheets.get(each.grid()), each.cell()), Blank.BLANK));
            compared.differ()
                    .forEach(each -> unlike.put(
                            new Place(sheets.get(each.grid()), each.cell()),
                            reader.live.value(each.grid(), each.cell())));
            // What waits for one of them may be right when that is.
            Set<Place> first = reader.withoutDependents(unlike.keySet());
            unlike.keySet().retainAll(first);
        });
        return unlike;
    }

    private Set<Place> withoutDependents(Set<Place> places) {
        Set<Place> first = new HashSet<>(places);
        if (places.size() > MOST_SORTED) {
            return first;
        }
        for (Place place : places) {
            Predicate<Edit.Place> after = live.dependents(ids.get(key(place.sheet())), place.at());
            first.removeIf(other -> !other.equals(place)
                    && after.test(new Edit.Place(ids.get(key(other.sheet())), new Area(other.at(), other.at()))));
        }
        return first.isEmpty() ? new HashSet<>(places) : first;
    }

    private Brought brought(String title) {
        Worksheet worksheet = new Worksheet(title, List.of(), vocabulary);
        told.addAll(book.told());
        names.prepare(worksheet, told);
        Map<String, List<Edit.Typed>> typed = new LinkedHashMap<>();
        List<Block.Grid> grids = new ArrayList<>();
        for (Book.Sheet sheet : book.sheets()) {
            String id = ids.get(key(sheet.title()));
            Map<String, String> marks = new HashMap<>();
            sheet.remarks().forEach((at, remark) -> marks.put(at.toString(), remark));
            typed.put(id, entries(sheet, id, marks));
            grids.add(grid(sheet, id, marks));
        }
        IncomingCharts charts = new IncomingCharts(book, ids);
        for (int at = 0; at < grids.size(); at++) {
            List<Block> blocks = new ArrayList<>(List.of(grids.get(at)));
            blocks.addAll(charts.on(book.sheets().get(at), book.charts()));
            new Edit.AddSection(
                            Section.of("section-" + (at + 1), grids.get(at).title(), blocks.toArray(Block[]::new)), at)
                    .apply(worksheet);
        }
        charts.told().ifPresent(told::add);
        typed.forEach((id, cells) -> Edit.Enter.inParts(id, cells).forEach(edit -> edit.apply(worksheet)));
        names.definitions(ids).forEach(edit -> edit.apply(worksheet));
        if (formulas.isEmpty() && kept.isEmpty()) {
            return new Brought(worksheet, told);
        }
        live = new LiveWorksheet(worksheet, Limits.USUAL);
        return new Brought(worksheet, told, Optional.of(compared()));
    }

    private List<Edit.Typed> entries(Book.Sheet sheet, String id, Map<String, String> marks) {
        List<Edit.Typed> typed = new ArrayList<>();
        Set<Address> filled = new HashSet<>();
        sheet.rows()
                .forEach((row, line) -> line.forEach((column, cell) -> {
                    Address at = new Address(column, row);
                    cell.formula()
                            .flatMap(Book.Formula::array)
                            .filter(area -> area.size() > 1 && area.size() <= 1_000_000)
                            .ifPresent(area -> area.cells()
                                    .filter(each -> !each.equals(at))
                                    .forEach(filled::add));
                }));
        sheet.rows()
                .forEach((row, line) -> line.forEach((column, cell) -> {
                    Address at = new Address(column, row);
                    if (!filled.contains(at) || cell.formula().isPresent()) {
                        String entry = entry(sheet, id, at, cell, marks);
                        if (!entry.isEmpty()) {
                            typed.add(new Edit.Typed(at, entry));
                        }
                    }
                }));
        return typed;
    }

    private String entry(Book.Sheet sheet, String id, Address at, Book.Cell cell, Map<String, String> marks) {
        String value = Entries.entry(cell.value(), vocabulary.units());
        if (value.length() > Parser.MAX_LENGTH) {
            told.add("The text in " + at + " of `" + sheet.title() + "` was longer than " + Parser.MAX_LENGTH
                    + " characters; its end is cut off.");
            value = Entries.text(value.substring(0, Parser.MAX_LENGTH / 2), vocabulary.units());
        }
        if (cell.formula().isEmpty()) {
            return value;
        }
        Edit.Place place = new Edit.Place(id, new Area(at, at));
        Book.Formula spelled = cell.formula().get();
        String formula = spelled.text();
        try {
            String entry = "=" + rewriting.formula(sheet, at, spelled);
            formulas.add(place);
            if (CHANGING.matcher(formula).find()) {
                changing.add(place);
            }
            return entry;
        } catch (NotRead none) {
            String why = none.getMessage();
            String shown = "=" + formula.substring(0, Math.min(formula.length(), 200));
            kept.add(new Compared.Kept(id, at, shown, sentence(why)));
            marks.merge(
                    at.toString(),
                    "Was `" + shown + "` in the document: " + why + ".",
                    (old, more) -> old + "\n" + more);
            return value;
        }
    }

    private static String sentence(String why) {
        return why.substring(0, 1).toUpperCase(Locale.ROOT) + why.substring(1) + ".";
    }

    private Block.Grid grid(Book.Sheet sheet, String id, Map<String, String> marks) {
        return Block.Grid.of(
                        id, titles.get(key(sheet.title())), Math.max(1, sheet.lines()), Math.max(1, sheet.columns()))
                .with(to -> to.headings(Math.min(sheet.headings(), Math.max(1, sheet.lines())))
                        .widths(sheet.widths())
                        .styles(styles(sheet))
                        .remarks(marks)
                        .hiddenRows(within(sheet.hiddenRows(), sheet.lines()))
                        .hiddenColumns(within(sheet.hiddenColumns(), sheet.columns())));
    }

    private static Set<Integer> within(Set<Integer> lines, int count) {
        return lines.stream().filter(line -> line < count).collect(Collectors.toSet());
    }

    /** The style that most cells of a column have is the column's. */
    private Map<String, String> styles(Book.Sheet sheet) {
        Map<Integer, Map<String, Integer>> counts = new HashMap<>();
        sheet.rows()
                .forEach((row, line) -> line.forEach((column, cell) ->
                        counts.computeIfAbsent(column, first -> new HashMap<>()).merge(cell.style(), 1, Integer::sum)));
        Map<Integer, String> usual = new HashMap<>();
        Map<String, String> styles = new HashMap<>();
        counts.forEach((column, each) -> {
            String most = each.entrySet().stream()
                    .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .orElseThrow()
                    .getKey();
            usual.put(column, most);
            if (!most.isEmpty()) {
                styles.put(Address.letters(column), most);
            }
        });
        int dropped = 0;
        for (Book.Placed placed : sheet.cells()) {
            String style = placed.cell().style();
            if (!style.equals(usual.get(placed.at().column()))) {
                if (styles.size() < MOST_STYLES) {
                    styles.put(placed.at().toString(), style.isEmpty() ? "automatic" : style);
                } else {
                    dropped++;
                }
            }
        }
        if (dropped > 0) {
            told.add(dropped + " cells of `" + sheet.title() + "` have the number style of their column: a grid has "
                    + MOST_STYLES + " styles at the most.");
        }
        return styles;
    }

    private Compared compared() {
        int agree = 0;
        List<Compared.Differs> differ = new ArrayList<>();
        int moving = 0;
        List<String> counted = new ArrayList<>();
        Map<String, List<Address>> clocks = new LinkedHashMap<>();
        List<Predicate<Edit.Place>> afterChanging = changing.stream()
                .limit(1_000)
                .map(place -> live.dependents(place.grid(), place.area().first()))
                .toList();
        for (Book.Sheet sheet : book.sheets()) {
            String id = ids.get(key(sheet.title()));
            for (Book.Placed placed : sheet.cells()) {
                Edit.Place place = new Edit.Place(id, new Area(placed.at(), placed.at()));
                if (!formulas.contains(place)) {
                    continue;
                }
                var ours = live.value(id, placed.at());
                Optional<String> why = Agreement.difference(placed.cell().value(), ours, book.dayZero());
                boolean isMoving =
                        changing.contains(place) || afterChanging.stream().anyMatch(each -> each.test(place));
                if (placed.cell().value() instanceof Moment shown && ours instanceof NumberValue) {
                    List<Address> clocksHere = clocks.computeIfAbsent(id, first -> new ArrayList<>());
                    if (shown instanceof Moment.Time
                            && clocksHere.size() + styles(id).size() < MOST_STYLES) {
                        clocksHere.add(placed.at());
                    } else {
                        counted.add(placed.at() + " of `" + sheet.title() + "`");
                    }
                }
                if (isMoving) {
                    moving++;
                } else if (why.isEmpty()) {
                    agree++;
                } else {
                    differ.add(new Compared.Differs(
                            id,
                            placed.at(),
                            shown(theirs(placed.cell().value())),
                            shown(PlainText.of(ours)),
                            why.get()));
                }
            }
        }
        clocks.values().removeIf(List::isEmpty);
        live.apply(clocks.entrySet().stream()
                .map(each -> asHours(each.getKey(), each.getValue()))
                .toList());
        if (!counted.isEmpty()) {
            told.add((counted.size() == 1
                            ? counted.get(0) + " shows"
                            : counted.size() + " cells, the first " + counted.get(0) + ", show")
                    + " a date or time in the document; here the number of days that it is.");
        }
        return new Compared(agree, moving, differ, kept);
    }

    /** Cells that show a time of day there, and are a number of days here. */
    private Edit asHours(String id, List<Address> clocks) {
        Map<String, String> styles = new HashMap<>(styles(id));
        clocks.forEach(at -> styles.put(at.toString(), "hours"));
        return new Edit.ChangeBlock(live.grid(id).orElseThrow().withStyles(styles));
    }

    private Map<String, String> styles(String id) {
        return live.grid(id).orElseThrow().styles();
    }

    /** A number as other programs spell it. */
    private static String theirs(Value value) {
        String plain = PlainText.of(value);
        return value instanceof NumberValue number && plain.indexOf('/') >= 0
                ? String.valueOf(number.real().toDouble())
                : plain;
    }

    private static String shown(String value) {
        return value.length() <= 100 ? value : value.substring(0, 99) + "…";
    }
}
