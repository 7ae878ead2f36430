package app.logismos.formats.foreign;

import app.logismos.catalogue.Catalogue;
import app.logismos.formats.foreign.Surroundings.Kind;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Coordinate;
import app.logismos.formula.Parser;
import app.logismos.formula.Printer;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Writes a formula of a document as one of ours, so that its value stays: signs before powers, powers from left to right,
 * texts, truth values and dates that count as numbers, texts compared without their case, a range where a single cell is
 * meant, defaults and the order of arguments.
 */
public final class Incoming {
    /** Smaller years count from it in office documents (ECMA-376, part 1, section 18.17.7.84). */
    private static final int OLDEST_YEAR = 1_900;

    /** The day from which {@code daynumber} counts. */
    private static final String USUAL_DAY_ZERO = "date(1899; 12; 30)";

    private static final int COMPARISON = 2;
    private static final int JOIN = 3;
    private static final int SUM = 4;
    private static final int PRODUCT = 5;
    private static final int SIGN = 6;
    private static final int POWER = 7;
    private static final int POSTFIX = 8;
    private static final int SINGLE = 9;

    /** Functions that work on whole tables wherever they stand. */
    private static final Set<String> ON_TABLES = Set.of(
            "SUMPRODUCT",
            "MMULT",
            "MINVERSE",
            "MDETERM",
            "TRANSPOSE",
            "FREQUENCY",
            "LOOKUP",
            "FILTER",
            "SORT",
            "UNIQUE");

    /** What {@code CELL} and {@code INFO} are told here. */
    private static final Set<String> ABOUT_CELLS =
            Set.of("address", "coord", "row", "col", "sheet", "contents", "type");

    private static final Set<String> ABOUT_PROGRAMS = Set.of("numfile", "recalc", "origin");

    private static final Set<String> CONDITIONS = Set.of("AND", "OR", "XOR", "NOT");
    private static final Set<String> ANSWER_TEXT = Set.of(
            "CONCATENATE",
            "CONCAT",
            "LEFT",
            "RIGHT",
            "MID",
            "LOWER",
            "UPPER",
            "PROPER",
            "TRIM",
            "TEXT",
            "REPT",
            "SUBSTITUTE",
            "REPLACE",
            "CHAR",
            "CLEAN",
            "T",
            "TEXTJOIN",
            "FIXED",
            "ROMAN",
            "ADDRESS",
            "UNICHAR");
    private static final Set<String> ANSWER_TRUTH = Set.of(
            "AND",
            "OR",
            "XOR",
            "NOT",
            "TRUE",
            "FALSE",
            "ISBLANK",
            "ISERROR",
            "ISERR",
            "ISNA",
            "ISNUMBER",
            "ISTEXT",
            "ISLOGICAL",
            "ISNONTEXT",
            "ISEVEN",
            "ISODD",
            "EXACT");
    private static final Set<String> ANSWER_DATE =
            Set.of("DATE", "TODAY", "EDATE", "EOMONTH", "WORKDAY", "DATEVALUE", "EASTERSUNDAY");
    private static final Set<String> ANSWER_TABLE =
            Set.of("FREQUENCY", "TRANSPOSE", "MMULT", "MINVERSE", "LINEST", "LOGEST", "TREND", "GROWTH", "MUNIT");
    /** Functions that answer a moment where all that they are given are such. */
    private static final Set<String> TAKE_MOMENTS = Set.of("MAX", "MIN", "AVERAGE", "MEDIAN", "LARGE", "SMALL");

    /** Functions of numbers that belong together, as those of two columns. */
    private static final Set<String> OF_PAIRS = Set.of(
            "CORREL",
            "COVAR",
            "INTERCEPT",
            "PEARSON",
            "RSQ",
            "SLOPE",
            "STEYX",
            "SUMPRODUCT",
            "SUMX2MY2",
            "SUMX2PY2",
            "SUMXMY2",
            "TREND",
            "LINEST",
            "GROWTH",
            "LOGEST");

    private static final Set<String> ANSWER_LIKE_FIRST =
            Set.of("MAX", "MIN", "AVERAGE", "MEDIAN", "LARGE", "SMALL", "INDEX");
    private static final Pattern CRITERION = Pattern.compile("(=|<>|)([^<>=].*|)", Pattern.DOTALL);

    private final Dialect dialect;
    private final Address origin;
    private final Surroundings surroundings;

    private Incoming(Dialect dialect, Address origin, Surroundings surroundings) {
        this.dialect = dialect;
        this.origin = origin;
        this.surroundings = surroundings;
    }

    /**
     * The formula of ours, as it is typed behind the sign that it begins with.
     *
     * @param isOnTables whether it was written for whole tables, so that no range in it stands for one of its cells
     * @throws NotRead where there is none
     */
    public static String formula(
            Foreign formula, Dialect dialect, Address origin, boolean isOnTables, Surroundings surroundings) {
        Incoming incoming = new Incoming(dialect, origin, surroundings);
        String whole = incoming.piece(formula, isOnTables).text();
        String text = !isOnTables && isTable(formula) ? "at(" + whole + "; 1; 1)" : whole;
        if (text.length() >= Parser.MAX_LENGTH) {
            throw new NotRead("it is longer than " + Parser.MAX_LENGTH + " characters with us");
        }
        return text;
    }

    /** What kind of value a formula has, as far as it shows; OTHER where it does not. */
    public static Kind kind(
            Foreign formula, Dialect dialect, Address origin, boolean isOnTables, Surroundings surroundings) {
        return new Incoming(dialect, origin, surroundings)
                .piece(formula, isOnTables)
                .kind();
    }

    /** Of a table a cell of a document shows the first value alone, unless the formula was written for whole tables. */
    private static boolean isTable(Foreign node) {
        return node instanceof Foreign.Array
                || node instanceof Foreign.Group group && isTable(group.inner())
                || node instanceof Foreign.Call call
                        && ANSWER_TABLE.contains(call.function().toUpperCase(Locale.ROOT));
    }

    /**
     * A part that is written.
     *
     * @param level of its operator, the higher the tighter
     */
    private record Piece(String text, int level, Kind kind) {
        String in(int least) {
            return level >= least ? text : "(" + text + ")";
        }
    }

    private Piece piece(Foreign node, boolean isOnTables) {
        if (node instanceof Foreign.Number number) {
            return new Piece(number(number.spelled()), SINGLE, Kind.NUMBER);
        } else if (node instanceof Foreign.Text text) {
            return new Piece(quoted(text.text()), SINGLE, Kind.TEXT);
        } else if (node instanceof Foreign.Truth truth) {
            return new Piece(String.valueOf(truth.is()), SINGLE, Kind.TRUTH);
        } else if (node instanceof Foreign.Error error) {
            return error(error.code());
        } else if (node instanceof Foreign.Cell cell) {
            return cell(cell);
        } else if (node instanceof Foreign.Range range) {
            return range(range);
        } else if (node instanceof Foreign.Name name) {
            return new Piece(surroundings.named(name.name(), origin), SINGLE, Kind.OTHER);
        } else if (node instanceof Foreign.Group group) {
            Piece inner = piece(group.inner(), isOnTables);
            return new Piece("(" + inner.text() + ")", SINGLE, inner.kind());
        } else if (node instanceof Foreign.Percent percent) {
            return new Piece(number(single(percent.operand(), isOnTables)).in(POSTFIX) + "%", POSTFIX, Kind.NUMBER);
        } else if (node instanceof Foreign.Prefix prefix) {
            return new Piece(
                    prefix.operator()
                            + number(single(prefix.operand(), isOnTables)).in(POWER),
                    SIGN,
                    Kind.NUMBER);
        } else if (node instanceof Foreign.Infix infix) {
            return infix(infix, isOnTables);
        } else if (node instanceof Foreign.Array array) {
            return array(array);
        }
        return call((Foreign.Call) node, isOnTables);
    }

    /** {@code 5.} is no number with us. */
    private static String number(String spelled) {
        return spelled.replaceFirst("\\.(?=$|[eE])", "");
    }

    private static String quoted(String text) {
        return '"' + text.replace("\"", "\"\"") + '"';
    }

    private static Piece error(String code) {
        return switch (code) {
            case "#N/A" -> new Piece("unavailable()", SINGLE, Kind.OTHER);
            case "#DIV/0!" -> new Piece("1/0", PRODUCT, Kind.OTHER);
            case "#REF!" -> throw new NotRead("a cell that it refers to is gone");
            default -> throw new NotRead("it holds the error " + code);
        };
    }

    private Piece cell(Foreign.Cell cell) {
        int column = cell.column().from(origin.column());
        int row = cell.row().from(origin.row());
        if (!Address.isInside(column, row)) {
            throw new NotRead("it refers to a cell that no grid has");
        }
        return new Piece(
                sheet(cell.sheet()) + corner(cell.column(), cell.row()),
                SINGLE,
                surroundings.kind(cell.sheet(), new Address(column, row)));
    }

    private String sheet(Optional<String> sheet) {
        return sheet.map(title -> Printer.quotedGrid(surroundings.grid(title)) + ".")
                .orElse("");
    }

    private String corner(Coordinate column, Coordinate row) {
        return column(column) + row(row);
    }

    private String column(Coordinate column) {
        int at = column.from(origin.column());
        if (at < 0 || at >= Address.COLUMNS) {
            throw new NotRead("it refers to a cell that no grid has");
        }
        return (column.fixed() ? "$" : "") + Address.letters(at);
    }

    private String row(Coordinate row) {
        int at = row.from(origin.row());
        if (at < 0 || at >= Address.ROWS) {
            throw new NotRead("it refers to a cell that no grid has");
        }
        return (row.fixed() ? "$" : "") + (at + 1);
    }

    private Piece range(Foreign.Range range) {
        Foreign.Cell first = range.first();
        String corners = switch (range.extent()) {
            case CELLS -> corner(first.column(), first.row()) + ":" + corner(range.lastColumn(), range.lastRow());
            case COLUMNS -> column(first.column()) + ":" + column(range.lastColumn());
            // A point before a number would be a decimal mark: a row of another grid is written by its corners.
            case ROWS ->
                first.sheet().isPresent()
                        ? "$A" + row(first.row()) + ":$" + Address.letters(Address.COLUMNS - 1) + row(range.lastRow())
                        : row(first.row()) + ":" + row(range.lastRow());
        };
        return new Piece(sheet(first.sheet()) + corners, SINGLE, kind(range));
    }

    /** That of its first cell in which something stands: a column has one kind, below a heading. */
    private Kind kind(Foreign.Range range) {
        int left = Math.max(0, range.first().column().from(origin.column()));
        int top = Math.max(0, range.first().row().from(origin.row()));
        int bottom = Math.min(
                range.lastRow().from(origin.row()),
                surroundings.lastRow(range.first().sheet()));
        Kind found = Kind.BLANK;
        for (int row = Math.min(top, bottom); row <= Math.min(bottom, top + 20); row++) {
            Kind each = Address.isInside(left, row)
                    ? surroundings.kind(range.first().sheet(), new Address(left, row))
                    : Kind.OTHER;
            if (each != Kind.BLANK && each != found) {
                if (found != Kind.BLANK) {
                    return found.isNumber() && each.isNumber() ? Kind.LONG_NUMBER : Kind.OTHER;
                }
                found = each;
            }
        }
        return found;
    }

    /** A value of its own: where a range stands for the cell of it that is in the formula's row or column, that. */
    private Piece single(Foreign node, boolean isOnTables) {
        if (isOnTables || !(node instanceof Foreign.Range range)) {
            return piece(node, isOnTables);
        }
        int left = range.first().column().from(origin.column());
        int right = range.lastColumn().from(origin.column());
        int top = range.first().row().from(origin.row());
        int bottom = range.lastRow().from(origin.row());
        if (left == right && top <= origin.row() && origin.row() <= bottom) {
            return cell(new Foreign.Cell(range.first().sheet(), range.first().column(), new Coordinate(0, false)));
        }
        if (top == bottom && left <= origin.column() && origin.column() <= right) {
            return cell(new Foreign.Cell(
                    range.first().sheet(),
                    new Coordinate(0, false),
                    range.first().row()));
        }
        return piece(node, isOnTables);
    }

    private Piece number(Piece piece) {
        return switch (piece.kind()) {
            case TEXT -> new Piece("number(" + piece.text() + ")", SINGLE, Kind.NUMBER);
            case TRUTH -> new Piece("if(" + piece.text() + "; 1; 0)", SINGLE, Kind.NUMBER);
            case DATE, TIME, DATE_TIME -> new Piece(counted(piece.text()), SINGLE, Kind.NUMBER);
            default -> piece;
        };
    }

    /** Moments as the numbers that they are in the document; whatever else stays, also in a range. */
    private String counted(String moment) {
        boolean isUsual = surroundings.dayZero().equals(USUAL_DAY_ZERO);
        return "daynumber(" + moment + (isUsual ? "" : "; " + surroundings.dayZero()) + ")";
    }

    private Piece condition(Piece piece) {
        return piece.kind().isNumber() || piece.kind() == Kind.BLANK
                ? new Piece(piece.in(JOIN) + "<>0", COMPARISON, Kind.TRUTH)
                : piece;
    }

    private Piece text(Piece piece) {
        return switch (piece.kind()) {
            case TRUTH -> new Piece("if(" + piece.text() + "; \"TRUE\"; \"FALSE\")", SINGLE, Kind.TEXT);
            case DATE, TIME, DATE_TIME -> number(piece);
            case LONG_NUMBER -> new Piece("text(" + piece.text() + "; \"significant 15\")", SINGLE, Kind.TEXT);
            default -> piece;
        };
    }

    private Piece infix(Foreign.Infix infix, boolean isOnTables) {
        Piece left = single(infix.left(), isOnTables);
        Piece right = single(infix.right(), isOnTables);
        return switch (infix.operator()) {
            case "+" -> sum(left, right);
            case "-" -> difference(left, right);
            case "*", "/" ->
                new Piece(
                        number(left).in(PRODUCT)
                                + infix.operator()
                                + number(right).in(SIGN),
                        PRODUCT,
                        Kind.NUMBER);
            case "^" -> new Piece(number(left).in(POSTFIX) + "^" + number(right).in(SIGN), POWER, Kind.NUMBER);
            case "&" -> joined(infix.left(), left, right);
            default -> comparison(left, infix.operator(), right);
        };
    }

    /** A date behind a comparison that is made as a text stays one, since texts of comparisons are read as entries are. */
    private Piece joined(Foreign before, Piece left, Piece right) {
        boolean isComparison =
                before instanceof Foreign.Text sign && sign.text().matches("[<>]=?|=|<>");
        Piece last = isComparison && right.kind().isMoment() ? right : text(right);
        return new Piece(text(left).in(JOIN) + "&" + last.in(SUM), JOIN, Kind.TEXT);
    }

    private Piece sum(Piece left, Piece right) {
        if (left.kind() == Kind.DATE && right.kind() == Kind.TIME) {
            return new Piece(left.in(SUM) + "+(" + right.in(PRODUCT) + "-time(0; 0))", SUM, Kind.DATE_TIME);
        }
        boolean isMoment = isDay(left) && !right.kind().isMoment();
        boolean isMomentBehind = isDay(right) && !left.kind().isMoment();
        Piece first = isMoment ? left : number(left);
        Piece second = isMomentBehind ? right : number(right);
        return new Piece(
                first.in(SUM) + "+" + second.in(PRODUCT),
                SUM,
                isMoment ? left.kind() : isMomentBehind ? right.kind() : Kind.NUMBER);
    }

    private Piece difference(Piece left, Piece right) {
        if (left.kind() == Kind.DATE && right.kind() == Kind.DATE) {
            return new Piece("daysbetween(" + right.text() + "; " + left.text() + ")", SINGLE, Kind.NUMBER);
        }
        if (left.kind().isMoment() && right.kind().isMoment()) {
            return new Piece("magnitude(" + left.in(SUM) + "-" + right.in(PRODUCT) + " to day)", SINGLE, Kind.NUMBER);
        }
        Piece first = isDay(left) ? left : number(left);
        Piece second = number(right);
        return new Piece(first.in(SUM) + "-" + second.in(PRODUCT), SUM, isDay(left) ? left.kind() : Kind.NUMBER);
    }

    /** Days may be added to it; to a time of day only its like. */
    private static boolean isDay(Piece piece) {
        return piece.kind() == Kind.DATE || piece.kind() == Kind.DATE_TIME;
    }

    /** Texts are compared without their case, moments with others as the numbers that they are. */
    private Piece comparison(Piece first, String sign, Piece second) {
        boolean areTexts = first.kind() == Kind.TEXT && second.kind() == Kind.TEXT;
        boolean areCounted = first.kind() != second.kind()
                && (first.kind().isMoment()
                                && (second.kind().isMoment() || second.kind().isNumber())
                        || second.kind().isMoment() && first.kind().isNumber());
        Piece left = areCounted ? number(first) : first;
        Piece right = areCounted ? number(second) : second;
        return new Piece(
                (areTexts ? lower(left) : left.in(JOIN)) + sign + (areTexts ? lower(right) : right.in(JOIN)),
                COMPARISON,
                Kind.TRUTH);
    }

    private static String lower(Piece text) {
        String lower = text.text().toLowerCase(Locale.ROOT);
        return text.text().startsWith("\"") && text.level() == SINGLE ? lower : "lower(" + text.text() + ")";
    }

    private Piece array(Foreign.Array array) {
        List<String> rows = new ArrayList<>();
        for (List<Foreign> row : array.rows()) {
            rows.add(String.join(
                    ", ", row.stream().map(each -> piece(each, true).text()).toList()));
        }
        Kind kind = piece(array.rows().get(0).get(0), true).kind();
        return new Piece("{" + String.join("; ", rows) + "}", SINGLE, kind);
    }

    private Piece call(Foreign.Call given, boolean isOnTables) {
        Foreign plain = Composed.plain(given);
        if (!(plain instanceof Foreign.Call call)) {
            return piece(plain, isOnTables);
        }
        String name = known(call);
        boolean isTables = isOnTables || ON_TABLES.contains(name);
        Optional<Function> alike = Catalogue.STANDARD.function(name);
        List<Piece> arguments = new ArrayList<>();
        for (int i = 0; i < call.arguments().size(); i++) {
            arguments.add(argument(name, alike, call.arguments().get(i), i, isTables));
        }
        checkTold(name, arguments);
        for (int i = 1; i < arguments.size(); i++) {
            if (isCriterion(name, i) && asksForNumber(arguments.get(i))) {
                arguments.set(i - 1, ofNumbers(call.arguments().get(i - 1), arguments.get(i - 1)));
            }
        }
        if (name.equals("TEXT") && arguments.size() == 2) {
            return styled(arguments.get(0), call.arguments().get(1));
        }
        boolean isShortYear = name.equals("DATE")
                && dialect == Dialect.OFFICE_OPEN_XML
                && !arguments.isEmpty()
                && arguments.get(0).text().matches("[0-9]{1,4}")
                && Integer.parseInt(arguments.get(0).text()) < OLDEST_YEAR;
        if (isShortYear) {
            int year = Integer.parseInt(arguments.get(0).text());
            arguments.set(0, new Piece(String.valueOf(OLDEST_YEAR + year), SINGLE, Kind.NUMBER));
        }
        List<String> texts = arguments.stream().map(Piece::text).toList();
        if ((name.equals("CEILING") || name.equals("FLOOR"))
                && texts.size() == 2
                && !texts.get(1).matches("[0-9.]+")) {
            return stepped(alike.orElseThrow().name(), texts.get(0), texts.get(1));
        }
        if (name.equals("DATE") && texts.size() == 3 && !isDay(call.arguments())) {
            // A month or day beyond its end counts on from there.
            return new Piece(
                    "addmonths(date(" + texts.get(0) + "; 1; 1); "
                            + arguments.get(1).in(SUM) + "-1)+("
                            + arguments.get(2).in(SUM) + "-1)",
                    SUM,
                    Kind.DATE);
        }
        if (name.equals("TIME") && texts.size() == 3 && !isTime(call.arguments())) {
            // An hour, minute or second beyond its end counts on, over midnight.
            return new Piece(
                    "mod(" + arguments.get(0).in(PRODUCT) + "/24+"
                            + arguments.get(1).in(PRODUCT) + "/1440+"
                            + arguments.get(2).in(PRODUCT) + "/86400; 1)",
                    SINGLE,
                    Kind.NUMBER);
        }
        Optional<Piece> found = lookup(name, call.arguments(), arguments);
        if (found.isPresent()) {
            return found.get();
        }
        Kind kind = kind(name, arguments);
        return Templates.INCOMING
                .call(name, texts, dialect, ';')
                .map(text -> new Piece(text, text.matches("[a-z0-9]+(?:\\(.*\\))?") ? SINGLE : 0, kind))
                .orElseGet(() -> new Piece(
                        alike.orElseThrow(() -> new NotRead(
                                                "there is no function " + call.function() + " with so many arguments"))
                                        .name()
                                + "(" + String.join("; ", texts) + ")",
                        SINGLE,
                        kind));
    }

    private static void checkTold(String name, List<Piece> arguments) {
        if (name.equals("DDE")) {
            throw new NotRead("it fetches a value from another program");
        }
        Set<String> told = name.equals("CELL") ? ABOUT_CELLS : name.equals("INFO") ? ABOUT_PROGRAMS : Set.of();
        String asked =
                told.isEmpty() || arguments.isEmpty() ? "" : arguments.get(0).text();
        if (asked.startsWith("\"") && !told.contains(asked.replace("\"", "").toLowerCase(Locale.ROOT))) {
            throw new NotRead("it asks for " + asked + ", which no formula is told with us");
        }
    }

    /** From its first cell, by which a document knows it, to the last row, and up to the formula's own column or one in which nothing stands. */
    private Foreign.Range wholeTable(Foreign.Cell first) {
        int left = first.column().from(origin.column());
        int top = first.row().from(origin.row());
        int bottom = Math.max(top, surroundings.lastRow(first.sheet()));
        int right = left;
        int end = first.sheet().isEmpty() && origin.column() > left ? origin.column() : Address.COLUMNS;
        while (right + 1 < end && isFilled(first.sheet(), right + 1, top, bottom)) {
            right++;
        }
        return new Foreign.Range(
                first, new Coordinate(right, true), new Coordinate(bottom, true), Foreign.Extent.CELLS);
    }

    private boolean hasMoments(Foreign.Range range) {
        int left = Math.max(0, range.first().column().from(origin.column()));
        int right = Math.min(left + 20, range.lastColumn().from(origin.column()));
        int top = Math.max(0, range.first().row().from(origin.row()));
        int bottom = Math.min(
                range.lastRow().from(origin.row()),
                surroundings.lastRow(range.first().sheet()));
        return IntStream.rangeClosed(left, right)
                .anyMatch(column -> IntStream.rangeClosed(top, Math.min(bottom, top + 20))
                        .filter(row -> Address.isInside(column, row))
                        .anyMatch(row -> surroundings
                                .kind(range.first().sheet(), new Address(column, row))
                                .isMoment()));
    }

    private boolean isFilled(Optional<String> sheet, int column, int top, int bottom) {
        return IntStream.rangeClosed(top, Math.min(bottom, top + 20))
                .anyMatch(row -> surroundings.kind(sheet, new Address(column, row)) != Kind.BLANK);
    }

    /**
     * Something that is looked up whatever its case: with us among the texts in small letters, where it does not stand so
     * already.
     */
    private Optional<Piece> lookup(String name, List<Optional<Foreign>> given, List<Piece> arguments) {
        boolean isMatch = name.equals("MATCH")
                && arguments.size() == 3
                && arguments.get(2).text().equals("0");
        boolean isColumn = name.equals("VLOOKUP")
                && arguments.size() == 4
                && (arguments.get(3).text().equals("false")
                        || arguments.get(3).text().equals("0"));
        if (!isMatch && !isColumn
                || arguments.get(0).kind() != Kind.TEXT
                || !(given.get(1).orElse(null) instanceof Foreign.Range table)) {
            return Optional.empty();
        }
        Foreign.Range searched = isMatch
                ? table
                : new Foreign.Range(table.first(), table.first().column(), table.lastRow(), table.extent());
        if (table.extent() != Foreign.Extent.CELLS
                || kind(searched) != Kind.TEXT
                || isThere(arguments.get(0), searched)) {
            return Optional.empty();
        }
        String place = "matchplace(" + lower(arguments.get(0)) + "; lower("
                + range(searched).text() + "); 0)";
        return Optional.of(
                isMatch
                        ? new Piece(place, SINGLE, Kind.NUMBER)
                        : new Piece(
                                "at(" + arguments.get(1).text() + "; " + place + "; "
                                        + arguments.get(2).text() + ")",
                                SINGLE,
                                Kind.OTHER));
    }

    /** Whether a text that is written out, or stands in a cell, is among those of a range letter by letter. */
    private boolean isThere(Piece wanted, Foreign.Range searched) {
        boolean isLiteral = wanted.text().startsWith("\"") && wanted.level() == SINGLE;
        if (!isLiteral) {
            return false;
        }
        String text = wanted.text().substring(1, wanted.text().length() - 1).replace("\"\"", "\"");
        int left = searched.first().column().from(origin.column());
        int right = searched.lastColumn().from(origin.column());
        int top = searched.first().row().from(origin.row());
        int bottom = searched.lastRow().from(origin.row());
        return Address.isInside(left, top)
                && Address.isInside(right, bottom)
                && surroundings
                        .texts(
                                searched.first().sheet(),
                                Area.between(new Address(left, top), new Address(right, bottom)))
                        .anyMatch(text::equals);
    }

    /** Multiples of a step that may be below zero: away from zero in office documents, by its size alone in others. */
    private Piece stepped(String function, String number, String step) {
        String plain = function + "(" + number + "; " + step + ")";
        return dialect == Dialect.OPEN_FORMULA
                ? new Piece(function + "(" + number + "; abs(" + step + "))", SINGLE, Kind.NUMBER)
                : new Piece(
                        "if((" + step + ")<0; -" + function + "(-(" + number + "); -(" + step + ")); " + plain + ")",
                        SINGLE,
                        Kind.NUMBER);
    }

    private static boolean isDay(List<Optional<Foreign>> parts) {
        return isPart(parts.get(1), 1, 12, "MONTH") && isPart(parts.get(2), 1, 28, "DAY");
    }

    private static boolean isTime(List<Optional<Foreign>> parts) {
        return isPart(parts.get(0), 0, 23, "HOUR")
                && isPart(parts.get(1), 0, 59, "MINUTE")
                && isPart(parts.get(2), 0, 59, "SECOND");
    }

    private static boolean isPart(Optional<Foreign> part, int least, int most, String function) {
        return part.map(node ->
                        node instanceof Foreign.Call call && call.function().equalsIgnoreCase(function)
                                || node instanceof Foreign.Number number
                                        && number.spelled().matches("[0-9]{1,2}")
                                        && Integer.parseInt(number.spelled()) >= least
                                        && Integer.parseInt(number.spelled()) <= most)
                .orElse(false);
    }

    /** The name without what documents put before names of functions that came later; nothing here may have another meaning. */
    private String known(Foreign.Call call) {
        String name = call.function().toUpperCase(Locale.ROOT).replaceFirst("^_XLFN\\.(?:_XLWS\\.)?", "");
        for (String each = name; ; each = each.substring(each.indexOf('.') + 1)) {
            boolean isKnown = Catalogue.STANDARD.function(each).isPresent()
                    || Templates.INCOMING.knows(each)
                    || each.equals("TEXT");
            if (isKnown) {
                return each;
            }
            if (each.indexOf('.') < 0) {
                throw new NotRead("there is no function " + call.function());
            }
        }
    }

    private Piece argument(
            String name, Optional<Function> alike, Optional<Foreign> argument, int at, boolean isOnTables) {
        if (argument.isEmpty()) {
            return new Piece(leftOut(name, at), SINGLE, Kind.NUMBER);
        }
        Foreign node = argument.get();
        if (name.equals("TEXT") && at == 0) {
            return single(node, isOnTables);
        }
        if (name.equals("GETPIVOTDATA") && at == 1 && node instanceof Foreign.Cell first) {
            return range(wholeTable(first));
        }
        if (CONDITIONS.contains(name)) {
            return node instanceof Foreign.Range ? piece(node, isOnTables) : condition(single(node, isOnTables));
        }
        if (isCriterion(name, at)) {
            return criterion(single(node, isOnTables));
        }
        if (name.equals("IF") && at == 0 || name.equals("IFS") && at % 2 == 0) {
            return condition(single(node, isOnTables));
        }
        boolean isRepeated = alike.map(Function::parameters)
                .map(parameters -> !parameters.isEmpty()
                        && at >= parameters.size() - 1
                        && parameters.get(parameters.size() - 1).repeated())
                .orElse(false);
        Parameter.Accepts accepts = alike.map(Function::parameters)
                .filter(parameters -> !parameters.isEmpty())
                .map(parameters ->
                        parameters.get(Math.min(at, parameters.size() - 1)).accepts())
                .orElse(Parameter.Accepts.TABLE);
        return switch (accepts) {
            case NUMBER, WHOLE, ANGLE -> number(single(node, isOnTables));
            case TEXT -> asText(single(node, isOnTables));
            case DAY, TIME_OF_DAY -> day(single(node, isOnTables));
            case ANY, TRUTH, LAZY ->
                isRepeated && !name.equals("CHOOSE") && !name.startsWith("CONC")
                        ? piece(node, isOnTables)
                        : single(node, isOnTables);
            case NUMBERS -> numbers(name, node, isOnTables);
            default -> isSummedUp(name, at) ? numbers(name, node, isOnTables) : piece(node, isOnTables);
        };
    }

    private static boolean asksForNumber(Piece criterion) {
        return criterion.kind().isNumber() || criterion.text().matches("\"(?:[<>]=?|=|<>)?-?[0-9]+(?:\\.[0-9]+)?\"");
    }

    /** A range that is looked through for numbers: moments in it are such. */
    private Piece ofNumbers(Optional<Foreign> searched, Piece piece) {
        return searched.orElse(null) instanceof Foreign.Range range && hasMoments(range)
                ? new Piece(counted(piece.text()), SINGLE, Kind.NUMBER)
                : piece;
    }

    private static boolean isCriterion(String name, int at) {
        return switch (name) {
            case "COUNTIF", "SUMIF", "AVERAGEIF" -> at == 1;
            case "COUNTIFS" -> at % 2 == 1;
            case "SUMIFS", "AVERAGEIFS", "MAXIFS", "MINIFS" -> at > 0 && at % 2 == 0;
            default -> false;
        };
    }

    /** A text that is looked for is like others whatever their case, and has wildcards; one of digits is a number. */
    private static Piece criterion(Piece piece) {
        if (piece.kind() != Kind.TEXT) {
            return piece;
        }
        if (!piece.text().startsWith("\"") || piece.level() != SINGLE) {
            return piece.text().startsWith("\"") ? piece : new Piece("\"~\"&" + piece.in(SUM), JOIN, Kind.TEXT);
        }
        String text = piece.text().substring(1, piece.text().length() - 1);
        Matcher parts = CRITERION.matcher(text);
        if (!parts.matches() || isNumber(parts.group(2)) || parts.group(2).isEmpty()) {
            return isNumber(text) ? new Piece(text, SINGLE, Kind.NUMBER) : piece;
        }
        String sign = parts.group(1).equals("=") ? "" : parts.group(1);
        return new Piece("\"" + sign + "~" + parts.group(2) + "\"", SINGLE, Kind.TEXT);
    }

    private static boolean isNumber(String text) {
        return text.matches("-?[0-9]+(?:\\.[0-9]+)?");
    }

    private static boolean isSummedUp(String name, int at) {
        return switch (name) {
            case "SUMIF", "AVERAGEIF" -> at == 2;
            case "SUMIFS", "AVERAGEIFS", "MAXIFS", "MINIFS" -> at == 0;
            case "FORECAST" -> at > 0;
            default -> OF_PAIRS.contains(name);
        };
    }

    /**
     * Texts and truth values count as numbers where they are given directly; those in cells do not. Moments in cells do,
     * where the function has no answer for moments alone.
     */
    private Piece numbers(String name, Foreign node, boolean isOnTables) {
        Piece piece = piece(node, isOnTables);
        boolean isOfMoments = piece.kind().isMoment() && TAKE_MOMENTS.contains(name);
        if (node instanceof Foreign.Range range && !isOfMoments && hasMoments(range)) {
            return new Piece(counted(piece.text()), SINGLE, Kind.NUMBER);
        }
        if (piece.kind().isMoment() && !isOfMoments) {
            return number(piece);
        }
        return node instanceof Foreign.Text || node instanceof Foreign.Truth ? number(piece) : piece;
    }

    /** A number is the day that it counts. */
    private Piece day(Piece piece) {
        return piece.kind().isNumber()
                ? new Piece(surroundings.dayZero() + "+" + piece.in(PRODUCT), SUM, Kind.DATE)
                : piece;
    }

    private Piece asText(Piece given) {
        Piece piece = text(given);
        return piece.kind() == Kind.TEXT || piece.kind() == Kind.OTHER
                ? piece
                : new Piece(piece.in(JOIN) + "&\"\"", JOIN, Kind.TEXT);
    }

    /** What was left out between two separators counts as 0, where a document's function has no other value for it. */
    private String leftOut(String name, int at) {
        return name.equals("IF")
                        || name.equals("IFERROR")
                        || name.equals("CHOOSE")
                        || name.endsWith("LOOKUP") && at == 3
                ? name.endsWith("LOOKUP") ? "false" : "0"
                : "";
    }

    private Piece styled(Piece given, Optional<Foreign> code) {
        String wanted = code.map(node -> node instanceof Foreign.Text text ? text.text() : "")
                .orElse("");
        String number = number(given).text();
        return TextCode.ofNumber(number, wanted)
                .or(() -> TextCode.ofMoment(moment(given), inThousandths(number), wanted))
                .map(text -> given.kind() == Kind.TEXT
                        ? new Piece("orelse(" + text + "; " + given.text() + ")", SINGLE, Kind.TEXT)
                        : new Piece(text, text.contains("&") ? JOIN : SINGLE, Kind.TEXT))
                .orElseThrow(() -> new NotRead("the style in its TEXT is none of ours"));
    }

    /** A value whose day and hour are asked for; a number to a thousandth of a second, as documents show it. */
    private String moment(Piece piece) {
        return piece.kind() == Kind.DATE || piece.kind() == Kind.DATE_TIME
                ? piece.text()
                : surroundings.dayZero() + "+" + inThousandths(counted(piece.text()));
    }

    private static String inThousandths(String days) {
        return "round((" + days + ")*86400000)/86400000";
    }

    private static Kind kind(String name, List<Piece> arguments) {
        if (ANSWER_TEXT.contains(name)) {
            return Kind.TEXT;
        } else if (ANSWER_TRUTH.contains(name)) {
            return Kind.TRUTH;
        } else if (ANSWER_DATE.contains(name)) {
            return Kind.DATE;
        } else if (name.equals("NOW")) {
            return Kind.DATE_TIME;
        } else if (name.equals("TIME") || name.equals("TIMEVALUE")) {
            return Kind.TIME;
        } else if (name.equals("IF") && arguments.size() > 1) {
            Kind otherwise = arguments.size() > 2 ? arguments.get(2).kind() : Kind.TRUTH;
            return arguments.get(1).kind() == otherwise ? otherwise : Kind.OTHER;
        } else if (ANSWER_LIKE_FIRST.contains(name) && !arguments.isEmpty()) {
            Kind first = arguments.get(0).kind();
            return first.isMoment() ? first : Kind.OTHER;
        }
        return Kind.OTHER;
    }
}
