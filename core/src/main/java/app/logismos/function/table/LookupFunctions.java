package app.logismos.function.table;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.REFERENCE;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Criterion;
import app.logismos.function.Function;
import app.logismos.function.Measured;
import app.logismos.function.References;
import app.logismos.function.Shape;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finding values by several conditions, and places, with the order of arguments that documents use. */
public final class LookupFunctions {
    private static final int MOST_ROWS = 1_000_000;
    private static final Truth YES = new Truth(true);
    private static final String PRICES = "{\"a\", 2; \"b\", 8; \"c\", 4}";

    public static final List<Function> ALL = List.of(
            function("lookupcolumn", Category.TABLES)
                    .alsoRead("VLOOKUP")
                    .says(
                            "Finds a value in the first column of a table and answers what stands in another column of its row.")
                    .argument("value", ANY, "what to find")
                    .argument("table", TABLE, "where; ascending, where the nearest is wanted")
                    .argument("column", WHOLE, "which column to answer from, from 1")
                    .optional(
                            "nearest", TRUTH, YES, "true for the last value that is not above; false for an equal one")
                    .example("lookupcolumn(\"b\", " + PRICES + ", 2, false)", "8")
                    .example("lookupcolumn(2.5, {1, 10; 2, 20; 3, 30}, 2)", "20")
                    .refuses("lookupcolumn(\"d\", " + PRICES + ", 2, false)", ErrorCode.NOT_FOUND)
                    .related("lookup", "lookuprow")
                    .from("OpenFormula 6.14.12")
                    .answers(given -> {
                        Table table = given.table("table");
                        int column = given.whole("column", 1, table.columns()) - 1;
                        int row = place(given, table.rows(), i -> table.at(i, 0));
                        return table.at(row, column);
                    }),
            function("lookuprow", Category.TABLES)
                    .alsoRead("HLOOKUP")
                    .says(
                            "Finds a value in the first row of a table and answers what stands in another row of its column.")
                    .argument("value", ANY, "what to find")
                    .argument("table", TABLE, "where; ascending, where the nearest is wanted")
                    .argument("row", WHOLE, "which row to answer from, from 1")
                    .optional(
                            "nearest", TRUTH, YES, "true for the last value that is not above; false for an equal one")
                    .example("lookuprow(\"b\", {\"a\", \"b\"; 2, 8}, 2, false)", "8")
                    .example("lookuprow(9, {1, 2; 10, 20}, 2)", "20")
                    .refuses("lookuprow(0, {1, 2; 10, 20}, 2)", ErrorCode.NOT_FOUND)
                    .related("lookup", "lookupcolumn")
                    .from("OpenFormula 6.14.5")
                    .answers(given -> {
                        Table table = given.table("table");
                        int row = given.whole("row", 1, table.rows()) - 1;
                        int column = place(given, table.columns(), i -> table.at(0, i));
                        return table.at(row, column);
                    }),
            function("matchplace", Category.TABLES)
                    .alsoRead("MATCH")
                    .says("The place of a value in a list, or of its nearest neighbour.")
                    .argument("value", ANY, "what to find")
                    .argument("list", TABLE, "one row or column")
                    .optional(
                            "order",
                            WHOLE,
                            NumberValue.of(1),
                            "1: the last that is not above, in an ascending list; 0: an equal one; -1: the last that is not below, in a descending list")
                    .example("matchplace(5, {2, 4, 6})", "2")
                    .example("matchplace(\"b\", {\"a\"; \"b\"}, 0)", "2")
                    .refuses("matchplace(1, {2, 4}, 0)", ErrorCode.NOT_FOUND)
                    .related("position", "lookup")
                    .from("OpenFormula 6.14.9")
                    .computes(given -> {
                        Table list = given.table("list");
                        int order = given.whole("order", -1, 1);
                        IntFunction<Value> at = i -> list.rows() == 1 ? list.at(0, i) : list.at(i, 0);
                        int length = Math.max(list.rows(), list.columns());
                        return Rational.of(place(given.value("value"), length, at, order) + 1L);
                    }),
            function("countifs", Category.STATISTICS)
                    .says("How many rows fulfil a condition in each of several ranges.")
                    .repeated(
                            "conditions", LAZY, "a range and its condition, another range and its condition, and so on")
                    .example("countifs({1; 5; 7}, \">2\", {\"a\"; \"a\"; \"b\"}, \"a\")", "1")
                    .example("countifs({1, 5, 7}, 5)", "1")
                    .refuses("countifs({1; 2}, 1, {1; 2; 3}, 1)", ErrorCode.SHAPES_DIFFER)
                    .related("countif", "sumifs")
                    .from("OpenFormula 6.13.9")
                    .computes(given -> Rational.of(fulfilling(given).size())),
            ifs("sumifs", "Adds the numbers whose rows fulfil a condition in each of several ranges.")
                    .example("sumifs({10; 20; 30}, {1; 5; 7}, \">2\", {\"a\"; \"a\"; \"b\"}, \"a\")", "20")
                    .example("sumifs({10, 20}, {1, 5}, \">9\")", "0")
                    .related("sumif", "countifs", "meanifs")
                    .answers(given -> ofChosen(given, Algebra::sum)),
            ifs("meanifs", "The mean of the numbers whose rows fulfil a condition in each of several ranges.")
                    .alsoRead("AVERAGEIFS")
                    .example("meanifs({10; 20; 30}, {1; 5; 7}, \">2\")", "25")
                    .example("meanifs({10; 20}, {\"a\"; \"b\"}, \"b\")", "20")
                    .related("meanif", "sumifs")
                    .answers(given -> ofSome(given, Algebra::mean)),
            ifs("maxifs", "The largest of the numbers whose rows fulfil a condition in each of several ranges.")
                    .example("maxifs({10; 20; 30}, {1; 5; 7}, \"<6\")", "20")
                    .example("maxifs({10; 20}, {\"a\"; \"b\"}, \"b\")", "20")
                    .related("max", "minifs", "sumifs")
                    .answers(given -> ofSome(given, numbers -> Collections.max(numbers))),
            ifs("minifs", "The smallest of the numbers whose rows fulfil a condition in each of several ranges.")
                    .example("minifs({10; 20; 30}, {1; 5; 7}, \">2\")", "20")
                    .example("minifs({10; 20}, {\"a\"; \"b\"}, \"b\")", "20")
                    .related("min", "maxifs", "sumifs")
                    .answers(given -> ofSome(given, numbers -> Collections.min(numbers))),
            function("rownumber", Category.TABLES)
                    .alsoRead("ROW")
                    .says("The number of the row that a cell stands in; of a range, of each of its rows.")
                    .optional(
                            "reference",
                            REFERENCE,
                            Blank.BLANK,
                            "the cell; the one with the formula, if nothing is said")
                    .example("rownumber(B7)", "7")
                    .example("rownumber(B7:B9)", "{7; 8; 9}")
                    .refuses("rownumber(1 + 2)", ErrorCode.WRONG_KIND)
                    .related("columnnumber", "rows", "addressof")
                    .from("OpenFormula 6.13.29")
                    .answers(given -> {
                        References.Cells place = given.cells("reference");
                        return numbers(place.row() + 1, place.rows(), true);
                    }),
            function("columnnumber", Category.TABLES)
                    .alsoRead("COLUMN")
                    .says("The number of the column that a cell stands in; of a range, of each of its columns.")
                    .optional(
                            "reference",
                            REFERENCE,
                            Blank.BLANK,
                            "the cell; the one with the formula, if nothing is said")
                    .example("columnnumber(B7)", "2")
                    .example("columnnumber(B7:D7)", "{2, 3, 4}")
                    .refuses("columnnumber(\"B\")", ErrorCode.WRONG_KIND)
                    .related("rownumber", "columns", "addressof")
                    .from("OpenFormula 6.13.4")
                    .answers(given -> {
                        References.Cells place = given.cells("reference");
                        return numbers(place.column() + 1, place.columns(), false);
                    }),
            function("shifted", Category.TABLES)
                    .alsoRead("OFFSET")
                    .says("The cells that lie so many rows and columns away from others.")
                    .argument("reference", REFERENCE, "the cells to begin from")
                    .argument("rows", WHOLE, "how many rows further down; up if negative")
                    .argument("columns", WHOLE, "how many columns further right; left if negative")
                    .optional(
                            "height",
                            WHOLE,
                            Blank.BLANK,
                            "how many rows they have; as many as before, if nothing is said")
                    .optional(
                            "width",
                            WHOLE,
                            Blank.BLANK,
                            "how many columns they have; as many as before, if nothing is said")
                    .example("rownumber(shifted(B7, 2, 0))", "9")
                    .example("columnnumber(shifted(B7:D7, 0, 3))", "{5, 6, 7}")
                    .example("rownumber(shifted(B7, 1, 0, 3))", "{8; 9; 10}")
                    .refuses("shifted(1 + 2, 1, 1)", ErrorCode.WRONG_KIND)
                    .refuses("rownumber(shifted(B7, 1, 1, 0))", ErrorCode.WRONG_ARGUMENTS)
                    .related("rownumber", "columnnumber", "lookup")
                    .from("OpenFormula 6.14.11")
                    .works(given -> addresses(shifted(given)))
                    .refers(LookupFunctions::shifted),
            function("cellcalled", Category.TABLES)
                    .alsoRead("INDIRECT")
                    .says("The cell or range whose address is a text; the text does not follow when cells are moved.")
                    .argument("address", TEXT, "the address, like \"B7\" or \"Prices.B7:B9\"")
                    .optional("letters", TRUTH, new Truth(true), "whether columns have letters; no other way is read")
                    .example("rownumber(cellcalled(\"B7\"))", "7")
                    .example("columnnumber(cellcalled(\"$B$7:$D$7\"))", "{2, 3, 4}")
                    .refuses("rownumber(cellcalled(\"leaf\"))", ErrorCode.WRONG_ARGUMENTS)
                    .refuses("rownumber(cellcalled(\"B7\", false))", ErrorCode.WRONG_ARGUMENTS)
                    .related("addressof", "shifted")
                    .from("OpenFormula 6.14.8")
                    .works(given -> addresses(called(given)))
                    .refers(LookupFunctions::called),
            function("areacount", Category.TABLES)
                    .alsoRead("AREAS")
                    .says("How many ranges a reference is of; one, since a reference is always one range here.")
                    .argument("reference", REFERENCE, "the cells")
                    .example("areacount(B7:D9)", "1")
                    .example("areacount(shifted(B7, 1, 1))", "1")
                    .refuses("areacount(1 + 2)", ErrorCode.WRONG_KIND)
                    .related("rows", "columns")
                    .from("OpenFormula 6.13.2")
                    .answers(given -> {
                        given.cells("reference");
                        return NumberValue.of(1);
                    }),
            function("isreference", Category.LOGIC)
                    .alsoRead("ISREF")
                    .says("Whether something is a reference to cells.")
                    .argument("value", LAZY, "what may be one")
                    .example("isreference(B7:D9)", "true")
                    .example("isreference(1 + 2)", "false")
                    .refuses("isreference()", ErrorCode.WRONG_ARGUMENTS)
                    .related("isempty", "rownumber")
                    .from("OpenFormula 6.13.24")
                    .answers(given -> new Truth(given.isReference("value"))),
            function("hasformula", Category.LOGIC)
                    .alsoRead("ISFORMULA")
                    .says("Whether there is a formula in a cell, and not a typed value.")
                    .argument("reference", REFERENCE, "the cell; of a range the first one")
                    .example("hasformula(B7)", "false")
                    .example("hasformula(shifted(B7, 1, 1))", "false")
                    .refuses("hasformula(1 + 2)", ErrorCode.WRONG_KIND)
                    .related("formulatext", "isreference")
                    .from("OpenFormula 6.13.18")
                    .seesEntries()
                    .answers(given -> new Truth(given.formula("reference").isPresent())),
            function("formulatext", Category.TABLES)
                    .alsoRead("FORMULA")
                    .says("The formula in a cell as a text, as it was typed.")
                    .argument("reference", REFERENCE, "the cell; of a range the first one")
                    .example("orelse(formulatext(B7), \"no formula\")", "\"no formula\"")
                    .example("orelse(formulatext(shifted(B7, 1, 1)), \"none\")", "\"none\"")
                    .refuses("formulatext(B7)", ErrorCode.NOT_FOUND)
                    .refuses("formulatext(1 + 2)", ErrorCode.WRONG_KIND)
                    .related("hasformula", "cellcalled")
                    .from("OpenFormula 6.13.9")
                    .seesEntries()
                    .answers(given -> given.formula("reference")
                            .<Value>map(Text::new)
                            .orElseGet(() -> Failure.of(
                                    ErrorCode.NOT_FOUND,
                                    "There is no formula in this cell, but a typed value, or nothing."))),
            function("gridnumber", Category.TABLES)
                    .alsoRead("SHEET")
                    .says("The number of a grid in its worksheet, from 1.")
                    .optional(
                            "grid",
                            LAZY,
                            Blank.BLANK,
                            "a cell of it, or its title; the formula's own, if nothing is said")
                    .example("orelse(gridnumber(), \"no grid here\")", "\"no grid here\"")
                    .example("orelse(gridnumber(\"Prices\"), \"no such grid\")", "\"no such grid\"")
                    .refuses("gridnumber(\"Prices\")", ErrorCode.MISSING_REFERENCE)
                    .related("gridcount", "rownumber", "columnnumber")
                    .from("OpenFormula 6.13.31")
                    .seesEntries()
                    .answers(given -> gridNumber(given, "grid")),
            function("gridcount", Category.TABLES)
                    .alsoRead("SHEETS")
                    .says("How many grids a worksheet has, or a reference is of, which is one.")
                    .optional("reference", REFERENCE, Blank.BLANK, "cells; the whole worksheet, if nothing is said")
                    .example("gridcount(B7:D9)", "1")
                    .example("gridcount(shifted(B7, 1, 1))", "1")
                    .refuses("gridcount(1 + 2)", ErrorCode.WRONG_KIND)
                    .related("gridnumber", "areacount")
                    .from("OpenFormula 6.13.32")
                    .seesEntries()
                    .answers(given -> {
                        if (given.isGiven("reference")) {
                            given.cells("reference");
                            return NumberValue.of(1);
                        }
                        return NumberValue.of(given.grids().size());
                    }),
            function("shown", Category.TABLES)
                    .says(
                            "The cells of a range whose rows are shown; those of hidden rows, also of a filter, are empty.")
                    .argument("range", TABLE, "the cells; what stands in no row of a grid is shown whole")
                    .example("sum(shown({1; 2; 3}))", "6")
                    .example("rows(shown({1; 2; 3}))", "3")
                    .refuses("shown(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sum", "count", "mean")
                    .seesHiddenRows()
                    .answers(given -> given.ofShownRows().table("range")),
            function("addressof", Category.TABLES)
                    .alsoRead("ADDRESS")
                    .says("The address of a cell as a text.")
                    .argument("row", WHOLE, "the number of the row, from 1")
                    .argument("column", WHOLE, "the number of the column, from 1")
                    .optional(
                            "fixed",
                            WHOLE,
                            NumberValue.of(1),
                            "1: row and column with $; 2: the row; 3: the column; 4: none")
                    .example("addressof(7, 2)", "\"$B$7\"")
                    .example("addressof(7, 28, 4)", "\"AB7\"")
                    .refuses("addressof(0, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("rownumber", "columnnumber")
                    .from("OpenFormula 6.14.2")
                    .answers(given -> {
                        int row = given.whole("row", 1, 1_000_000);
                        int column = given.whole("column", 1, 18_278);
                        int fixed = given.whole("fixed", 1, 4);
                        return new Text((fixed == 1 || fixed == 3 ? "$" : "")
                                + letters(column)
                                + (fixed == 1 || fixed == 2 ? "$" : "")
                                + row);
                    }));

    private LookupFunctions() {}

    /** The number of the grid that an argument points at, or whose title it is; of the formula's own, if it was left out. */
    static Value gridNumber(Arguments given, String parameter) {
        Optional<String> title = !given.isGiven(parameter)
                ? given.ownGrid()
                : given.isReference(parameter)
                        ? given.cells(parameter).grid().or(given::ownGrid)
                        : Optional.of(given.text(parameter));
        int number = title.map(wanted -> given.grids().stream()
                        .map(each -> each.toLowerCase(Locale.ROOT))
                        .toList()
                        .indexOf(wanted.strip().toLowerCase(Locale.ROOT)))
                .orElse(-1);
        return number < 0
                ? Failure.of(
                        ErrorCode.MISSING_REFERENCE,
                        title.map(wanted -> "There is no grid `" + wanted + "`.")
                                .orElse("There is no grid here."))
                : NumberValue.of(number + 1L);
    }

    private static References.Cells shifted(Arguments given) {
        References.Cells from = given.cells("reference");
        References.Cells there = from.shifted(distance(given, "rows"), distance(given, "columns"));
        return there.resized(size(given, "height", there.rows()), size(given, "width", there.columns()));
    }

    /** {@code B7}, {@code $B$7:D9}, and after the name of a grid and a dot or an exclamation mark, also in quotes. */
    private static final Pattern CALLED =
            Pattern.compile("(?:\\$?(?:'((?:[^']|'')*)'|([^'!:]*?))[.!])?([$A-Za-z0-9]+(?::[$A-Za-z0-9]+)?)");

    private static References.Cells called(Arguments given) {
        String text = given.text("address").strip();
        Matcher parts = CALLED.matcher(text);
        Optional<Area> area = given.truth("letters") && parts.matches()
                ? Area.parse(parts.group(3).replace("$", ""))
                : Optional.empty();
        if (area.isEmpty()) {
            throw given.wrong("address", "an address like B7", "\"" + text + "\"");
        }
        Optional<String> grid = Optional.ofNullable(parts.group(1))
                .map(quoted -> quoted.replace("''", "'"))
                .or(() -> Optional.ofNullable(parts.group(2)));
        Address first = area.get().first();
        return new References.Cells(
                grid, first.row(), first.column(), area.get().rows(), area.get().columns());
    }

    private static String addresses(References.Cells cells) {
        String first = letters(cells.column() + 1) + (cells.row() + 1);
        String last = letters(cells.column() + cells.columns()) + (cells.row() + cells.rows());
        String grid =
                cells.grid().map(title -> "'" + title.replace("'", "''") + "'.").orElse("");
        return grid + (first.equals(last) ? first : first + ":" + last);
    }

    private static int distance(Arguments given, String parameter) {
        return given.whole(parameter, -MOST_ROWS, MOST_ROWS);
    }

    private static int size(Arguments given, String parameter, int usual) {
        return given.raw(parameter) == Blank.BLANK ? usual : given.whole(parameter, 1, MOST_ROWS);
    }

    private static Function ifs(String name, String says) {
        return function(name, Category.STATISTICS)
                .says(says)
                .argument("numbers", TABLE, "the numbers")
                .repeated(
                        "conditions",
                        LAZY,
                        "a range of the same shape and its condition, another range and its condition, and so on")
                .refuses(name + "({1; 2}, {1; 2; 3}, 1)", ErrorCode.SHAPES_DIFFER)
                .from("OpenFormula 6.18");
    }

    private static int place(Arguments given, int length, IntFunction<Value> at) {
        return place(given.value("value"), length, at, given.truth("nearest") ? 1 : 0);
    }

    /** Values of another kind than the one sought are passed over. */
    private static int place(Value sought, int length, IntFunction<Value> at, int order) {
        int found = -1;
        for (int i = 0; i < length; i++) {
            if (at.apply(i).kind() != sought.kind()) {
                continue;
            }
            int compared = TableFunctions.compare(at.apply(i), sought);
            if (compared == 0 && order == 0) {
                return i;
            }
            if (order != 0 && compared * order <= 0) {
                found = i;
            }
        }
        if (found < 0) {
            throw new Arguments.Refused(Failure.of(ErrorCode.NOT_FOUND, "The value is not in the list."));
        }
        return found;
    }

    /** The cells, by their number row by row, that fulfil the condition of every range. */
    private static List<Integer> fulfilling(Arguments given) {
        List<Supplier<Value>> pairs = given.each("conditions");
        if (pairs.size() % 2 != 0 || pairs.isEmpty()) {
            throw given.wrong("conditions", "pairs of a range and a condition", pairs.size() + " arguments");
        }
        List<Integer> left = new ArrayList<>();
        Table first = Arguments.asTable(pairs.get(0).get());
        for (int i = 0; i < first.rows() * first.columns(); i++) {
            left.add(i);
        }
        for (int pair = 0; pair < pairs.size(); pair += 2) {
            Table range = Arguments.asTable(pairs.get(pair).get());
            Criterion criterion =
                    Criterion.of(pairs.get(pair + 1).get(), given.surroundings().reading());
            if (range.rows() != first.rows() || range.columns() != first.columns()) {
                throw new Arguments.Refused(
                        Shape.differ("All ranges must have the same shape.", Shape.of(first), Shape.of(range)));
            }
            left.removeIf(i -> !criterion.holds(range.at(i / range.columns(), i % range.columns())));
        }
        return left;
    }

    /** What the chosen numbers come to, in their unit. */
    private static Value ofSome(Arguments given, java.util.function.Function<List<Real>, Real> code) {
        return ofChosen(given, numbers -> {
            if (numbers.isEmpty()) {
                throw given.wrong("conditions", "conditions that a number fulfils", "none of them");
            }
            return code.apply(numbers);
        });
    }

    private static Value ofChosen(Arguments given, java.util.function.Function<List<Real>, Real> code) {
        List<Value> chosen = chosen(given);
        return chosen.isEmpty()
                ? new NumberValue(code.apply(List.of()))
                : given.measured("numbers", chosen).made(code);
    }

    private static List<Value> chosen(Arguments given) {
        Table numbers = given.table("numbers");
        Table range = Arguments.asTable(given.each("conditions").get(0).get());
        if (range.rows() != numbers.rows() || range.columns() != numbers.columns()) {
            throw new Arguments.Refused(
                    Shape.differ("All ranges must have the shape of `numbers`.", Shape.of(numbers), Shape.of(range)));
        }
        List<Value> chosen = new ArrayList<>();
        for (int i : fulfilling(given)) {
            Value value = numbers.at(i / numbers.columns(), i % numbers.columns());
            if (Measured.isMeasured(value)) {
                chosen.add(value);
            }
        }
        return chosen;
    }

    private static Value numbers(int first, int count, boolean down) {
        if (count == 1) {
            return NumberValue.of(first);
        }
        List<Value> numbers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            numbers.add(NumberValue.of((long) first + i));
        }
        return down ? new ArrayTable(count, 1, numbers) : new ArrayTable(1, count, numbers);
    }

    private static String letters(int column) {
        StringBuilder letters = new StringBuilder();
        for (int rest = column; rest > 0; rest = (rest - 1) / 26) {
            letters.insert(0, (char) ('A' + (rest - 1) % 26));
        }
        return letters.toString();
    }
}
