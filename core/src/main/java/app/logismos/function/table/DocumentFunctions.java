package app.logismos.function.table;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.formula.Address;
import app.logismos.formula.Printer;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.References;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/** What documents ask about a cell, the program that works them out, other programs, and tables that sum up others. */
public final class DocumentFunctions {
    private static final String SALES = "{\"Tea\", \"Sum of boxes\"; \"Assam\", 4; \"Ceylon\", 8; \"Total\", 12}";

    public static final List<Function> ALL = List.of(
            function("cellinfo", Category.TABLES)
                    .alsoRead("CELL")
                    .says(
                            "What is known about a cell beside its value: where it stands, and what kind of entry it has.")
                    .argument(
                            "about",
                            TEXT,
                            "`address`, `coord` (the address with its grid), `row`, `col`, `sheet`, `contents`, or `type`: b, l or v for blank, text and value")
                    .optional("reference", LAZY, Blank.BLANK, "the cell; the one with the formula, if nothing is said")
                    .example("cellinfo(\"row\", B7)", "7")
                    .example("cellinfo(\"address\", B7:D9)", "\"$B$7\"")
                    .refuses("cellinfo(\"row\", 1 + 2)", ErrorCode.WRONG_KIND)
                    .refuses("cellinfo(\"colour\", B7)", ErrorCode.WRONG_ARGUMENTS)
                    .related("rownumber", "addressof", "formulatext")
                    .from("OpenFormula 6.13.3")
                    .seesEntries()
                    .answers(DocumentFunctions::aboutCell),
            function("programinfo", Category.TABLES)
                    .alsoRead("INFO")
                    .says(
                            "What is known about the program that works the worksheet out; nothing of the machine below it.")
                    .argument(
                            "about",
                            TEXT,
                            "`numfile` (how many grids there are), `recalc` (when formulas are worked out), or `origin` (the first cell)")
                    .example("programinfo(\"recalc\")", "\"Automatic\"")
                    .example("programinfo(\"origin\")", "\"$A:$A$1\"")
                    .refuses("programinfo(\"directory\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("gridcount", "cellinfo")
                    .from("OpenFormula 6.13.12")
                    .seesEntries()
                    .answers(DocumentFunctions::aboutProgram),
            function("summaryvalue", Category.TABLES)
                    .alsoRead("GETPIVOTDATA")
                    .says(
                            "The value for members of fields in a table that sums something up; the total, where no member is said.")
                    .argument(
                            "data",
                            TEXT,
                            "what is summed up, as its heading says: \"boxes\" is found in `Sum of boxes`")
                    .argument("table", TABLE, "the whole table with its headings")
                    .repeatedIfAny("fields", ANY, "the name of a field and one of its members, and so on")
                    .example("summaryvalue(\"boxes\", " + SALES + ", \"Tea\", \"Ceylon\")", "8")
                    .example("summaryvalue(\"boxes\", " + SALES + ")", "12")
                    .refuses("summaryvalue(\"boxes\", " + SALES + ", \"Tea\", \"Earl Grey\")", ErrorCode.NOT_FOUND)
                    .refuses("summaryvalue(\"boxes\", " + SALES + ", \"Tea\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("sumifs", "lookup")
                    .from("OpenFormula 6.14.4")
                    .answers(DocumentFunctions::summarised),
            function("programvalue", Category.TABLES)
                    .alsoRead("DDE")
                    .says(
                            "A value that another program holds. Nothing is fetched here, so that it is never there: type the value.")
                    .argument("program", TEXT, "which program")
                    .argument("topic", TEXT, "which of its documents")
                    .argument("item", TEXT, "what in it")
                    .optional("mode", WHOLE, NumberValue.of(0), "how its values would be read")
                    .example("orelse(programvalue(\"scales\", \"tea\", \"mass\"), \"not fetched\")", "\"not fetched\"")
                    .example("orelse(programvalue(\"scales\", \"tea\", \"mass\"), 250)", "250")
                    .refuses("programvalue(\"scales\", \"tea\", \"mass\")", ErrorCode.NOT_FOUND)
                    .related("orelse")
                    .from("OpenFormula 6.11.2")
                    .answers(
                            given -> Failure.of(
                                    ErrorCode.NOT_FOUND,
                                    "Nothing is fetched from other programs. Type the value, or bring in the document that holds it.")));

    private DocumentFunctions() {}

    private static Value aboutCell(Arguments given) {
        References.Cells cell = given.cells("reference");
        Address at = new Address(cell.column(), cell.row());
        String address = "$" + Address.letters(at.column()) + "$" + (at.row() + 1);
        return switch (asked(given)) {
            case "row" -> NumberValue.of(at.row() + 1L);
            case "col" -> NumberValue.of(at.column() + 1L);
            case "address" ->
                new Text(cell.grid()
                                .filter(grid -> !given.ownGrid()
                                        .map(grid::equalsIgnoreCase)
                                        .orElse(false))
                                .map(grid -> Printer.quotedGrid(grid) + ".")
                                .orElse("")
                        + address);
            case "coord" ->
                new Text(cell.grid()
                                .or(given::ownGrid)
                                .map(grid -> Printer.quotedGrid(grid) + ".")
                                .orElse("")
                        + address);
            case "sheet" -> LookupFunctions.gridNumber(given, "reference");
            case "contents" -> {
                if (!given.isGiven("reference")) {
                    throw given.wrong("reference", "another cell than its own", "none");
                }
                yield first(given);
            }
            case "type" ->
                new Text(
                        first(given) == Blank.BLANK
                                        && given.formula("reference").isEmpty()
                                ? "b"
                                : first(given) instanceof Text ? "l" : "v");
            default ->
                throw given.wrong(
                        "about", "address, coord, row, col, sheet, contents or type", '"' + given.text("about") + '"');
        };
    }

    private static String asked(Arguments given) {
        return given.text("about").strip().toLowerCase(Locale.ROOT);
    }

    private static Value first(Arguments given) {
        return Arguments.asTable(given.raw("reference")).at(0, 0);
    }

    private static Value aboutProgram(Arguments given) {
        return switch (asked(given)) {
            case "numfile" -> NumberValue.of(given.grids().size());
            case "recalc" -> new Text("Automatic");
            case "origin" -> new Text("$A:$A$1");
            default -> throw given.wrong("about", "numfile, recalc or origin", '"' + given.text("about") + '"');
        };
    }

    private static Value summarised(Arguments given) {
        List<Supplier<Value>> fields = given.each("fields");
        if (fields.size() % 2 != 0) {
            throw given.wrong("fields", "a member for each field", "none for the last");
        }
        List<SummaryTable.Wanted> wanted = new ArrayList<>();
        for (int i = 0; i < fields.size(); i += 2) {
            wanted.add(new SummaryTable.Wanted(
                    SummaryTable.label(fields.get(i).get()),
                    SummaryTable.label(fields.get(i + 1).get())));
        }
        List<Value> found =
                new SummaryTable(given.table("table")).values(SummaryTable.label(given.value("data")), wanted);
        if (found.size() == 1) {
            return found.get(0);
        }
        return Failure.of(
                ErrorCode.NOT_FOUND,
                found.isEmpty()
                        ? "Nothing in the table is of these members."
                        : found.size() + " values in the table are of these members. Name a member of each field.");
    }
}
