package app.logismos.formats.foreign;

import app.logismos.formula.Address;
import app.logismos.formula.Coordinate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a formula of a document. The two dialects have one grammar, with other separators and references.
 *
 * <p>Signs bind tighter than powers, and powers are worked from left to right (OpenFormula, section 5.5; ECMA-376, part 1,
 * section 18.17.2.2): {@code -2^2} is 4 and {@code 2^3^2} is 64.
 */
public final class ForeignParser {
    private static final int DEEPEST = 256;
    private static final int LONGEST = 32_768;
    private static final Pattern NUMBER = Pattern.compile("(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?");
    private static final Pattern ERROR =
            Pattern.compile("#(?:N/A|DIV/0!|VALUE!|REF!|NAME\\?|NUM!|NULL!|GETTING_DATA|SPILL!|CALC!)");
    private static final Pattern WORD = Pattern.compile("[\\p{L}_\\\\][\\p{L}\\p{M}\\p{N}_.\\\\?]*");
    private static final Pattern COMPARISON = Pattern.compile("<=|>=|<>|[<>=]");
    private static final String COLUMN = "(\\$?)([A-Za-z]{1,3})";
    private static final String ROW = "(\\$?)([1-9][0-9]{0,6})";
    private static final Pattern CELLS =
            Pattern.compile(COLUMN + ROW + "(?::" + COLUMN + ROW + ")?(?![\\p{L}\\p{N}_(])");
    private static final Pattern COLUMNS = Pattern.compile(COLUMN + ":" + COLUMN + "(?![\\p{L}\\p{N}_(])");
    private static final Pattern ROWS = Pattern.compile(ROW + ":" + ROW + "(?![\\p{L}\\p{N}_(.])");
    private static final Pattern SHEET = Pattern.compile("(?:'((?:[^']|'')+)'|([\\p{L}_][\\p{L}\\p{M}\\p{N}_.]*))!");
    private static final Pattern BRACKETED = Pattern.compile("\\[((?:[^\\]'\"]|'(?:[^']|'')*'|\"[^\"]*\")*)]");
    private static final Pattern OPEN_SHEET = Pattern.compile("\\$?(?:'((?:[^']|'')+)'|([^.'#\\[\\]]+))?\\.");

    private final String text;
    private final Dialect dialect;
    private final Address origin;
    private int at;
    private int depth;

    private ForeignParser(String text, Dialect dialect, Address origin) {
        this.text = text;
        this.dialect = dialect;
        this.origin = origin;
    }

    /**
     * The formula that a text spells.
     *
     * @param text without the sign that it begins with
     * @param origin the cell it stands in
     * @throws NotRead where it is none, or refers to another document
     */
    public static Foreign parse(String text, Dialect dialect, Address origin) {
        if (text.length() > LONGEST) {
            throw new NotRead("it is longer than " + LONGEST + " characters");
        }
        ForeignParser parser = new ForeignParser(text, dialect, origin);
        Foreign whole = parser.comparison();
        parser.space();
        if (parser.at < text.length()) {
            throw parser.unreadable();
        }
        return whole;
    }

    private NotRead unreadable() {
        String rest = text.substring(Math.min(at, text.length()));
        return new NotRead(
                rest.isEmpty()
                        ? "it ends too early"
                        : "it cannot be read from `" + rest.substring(0, Math.min(20, rest.length())) + "` on");
    }

    private Foreign comparison() {
        if (++depth > DEEPEST) {
            throw new NotRead("its brackets are nested too deeply");
        }
        Foreign left = joined();
        for (Optional<String> sign = take(COMPARISON); sign.isPresent(); sign = take(COMPARISON)) {
            left = new Foreign.Infix(sign.get(), left, joined());
        }
        depth--;
        return left;
    }

    private Foreign joined() {
        Foreign left = sum();
        while (takes('&')) {
            left = new Foreign.Infix("&", left, sum());
        }
        return left;
    }

    private Foreign sum() {
        Foreign left = product();
        while (true) {
            if (takes('+')) {
                left = new Foreign.Infix("+", left, product());
            } else if (takes('-')) {
                left = new Foreign.Infix("-", left, product());
            } else {
                return left;
            }
        }
    }

    private Foreign product() {
        Foreign left = power();
        while (true) {
            if (takes('*')) {
                left = new Foreign.Infix("*", left, power());
            } else if (takes('/')) {
                left = new Foreign.Infix("/", left, power());
            } else {
                return left;
            }
        }
    }

    private Foreign power() {
        Foreign left = percent();
        while (takes('^')) {
            left = new Foreign.Infix("^", left, percent());
        }
        return left;
    }

    private Foreign percent() {
        Foreign operand = signed();
        while (takes('%')) {
            operand = new Foreign.Percent(operand);
        }
        return operand;
    }

    private Foreign signed() {
        StringBuilder signs = new StringBuilder();
        while (true) {
            if (takes('-')) {
                signs.append('-');
            } else if (takes('+')) {
                signs.append('+');
            } else {
                break;
            }
        }
        Foreign operand = single();
        for (int i = signs.length() - 1; i >= 0; i--) {
            operand = new Foreign.Prefix(String.valueOf(signs.charAt(i)), operand);
        }
        return operand;
    }

    private Foreign single() {
        space();
        if (takes('(')) {
            Foreign inner = comparison();
            expect(')');
            return new Foreign.Group(inner);
        }
        if (takes('{')) {
            return array();
        }
        if (peek() == '"') {
            return new Foreign.Text(quoted());
        }
        if (peek() == '#') {
            return new Foreign.Error(take(ERROR).orElseThrow(this::unreadable));
        }
        Optional<Foreign> reference = reference();
        if (reference.isPresent()) {
            if (peek() == ':' || dialect == Dialect.OFFICE_OPEN_XML && peek() == '#') {
                throw new NotRead("its ranges are made by an operator");
            }
            return reference.get();
        }
        Optional<String> number = take(NUMBER);
        if (number.isPresent()) {
            return new Foreign.Number(number.get());
        }
        String word = take(WORD).orElseThrow(this::unreadable);
        if (peek() == '(') {
            at++;
            return new Foreign.Call(word, arguments());
        }
        return word.equalsIgnoreCase("true") || word.equalsIgnoreCase("false")
                ? new Foreign.Truth(word.equalsIgnoreCase("true"))
                : new Foreign.Name(word);
    }

    private List<Optional<Foreign>> arguments() {
        List<Optional<Foreign>> arguments = new ArrayList<>();
        if (takes(')')) {
            return arguments;
        }
        do {
            space();
            boolean isLeftOut = peek() == dialect.separator() || peek() == ')';
            arguments.add(isLeftOut ? Optional.empty() : Optional.of(comparison()));
        } while (takes(dialect.separator()));
        expect(')');
        return arguments;
    }

    private Foreign array() {
        List<List<Foreign>> rows = new ArrayList<>();
        do {
            List<Foreign> row = new ArrayList<>();
            do {
                row.add(comparison());
            } while (takes(dialect.columnEnd()));
            rows.add(row);
        } while (takes(dialect.rowEnd()));
        expect('}');
        return new Foreign.Array(rows);
    }

    private Optional<Foreign> reference() {
        return dialect == Dialect.OPEN_FORMULA ? bracketed() : plain();
    }

    /** {@code Sheet1!A1:B2}. */
    private Optional<Foreign> plain() {
        if (peek() == '[') {
            throw new NotRead("it refers to another document");
        }
        int before = at;
        Optional<String> sheet = Optional.empty();
        Matcher named = SHEET.matcher(text).region(at, text.length());
        if (named.lookingAt()) {
            String title = named.group(1) != null ? named.group(1).replace("''", "'") : named.group(2);
            if (title.indexOf('[') >= 0) {
                throw new NotRead("it refers to another document");
            }
            sheet = Optional.of(title);
            at = named.end();
            if (peek() == '#') {
                return take(ERROR).map(Foreign.Error::new);
            }
        }
        Optional<Foreign> found = corners(sheet);
        if (found.isEmpty()) {
            at = before;
            if (sheet.isPresent()) {
                throw new NotRead("it has a name of another sheet");
            }
        }
        return found;
    }

    private Optional<Foreign> corners(Optional<String> sheet) {
        Matcher cells = CELLS.matcher(text).region(at, text.length());
        if (cells.lookingAt()) {
            at = cells.end();
            Foreign.Cell first = cell(sheet, cells, 1);
            return Optional.of(cells.group(5) == null ? first : range(first, cell(sheet, cells, 5)));
        }
        Matcher columns = COLUMNS.matcher(text).region(at, text.length());
        if (columns.lookingAt()) {
            at = columns.end();
            return Optional.of(new Foreign.Range(
                    new Foreign.Cell(sheet, column(columns, 1), new Coordinate(0, true)),
                    column(columns, 3),
                    new Coordinate(Address.ROWS - 1, true),
                    Foreign.Extent.COLUMNS));
        }
        Matcher rows = ROWS.matcher(text).region(at, text.length());
        if (rows.lookingAt()) {
            at = rows.end();
            return Optional.of(new Foreign.Range(
                    new Foreign.Cell(sheet, new Coordinate(0, true), row(rows, 1)),
                    new Coordinate(Address.COLUMNS - 1, true),
                    row(rows, 3),
                    Foreign.Extent.ROWS));
        }
        return Optional.empty();
    }

    /** {@code [Sheet1.A1:.B2]}. */
    private Optional<Foreign> bracketed() {
        Matcher bracketed = BRACKETED.matcher(text).region(at, text.length());
        if (!bracketed.lookingAt()) {
            return Optional.empty();
        }
        at = bracketed.end();
        String inside = bracketed.group(1);
        if (inside.indexOf('#') >= 0) {
            if (inside.endsWith("#REF!") || inside.contains("#REF!")) {
                return Optional.of(new Foreign.Error("#REF!"));
            }
            throw new NotRead("it refers to another document");
        }
        Matcher first = OPEN_SHEET.matcher(inside);
        if (!first.lookingAt()) {
            throw new NotRead("its reference `" + inside + "` cannot be read");
        }
        Optional<String> sheet = Optional.ofNullable(first.group(1))
                .map(quoted -> quoted.replace("''", "'"))
                .or(() -> Optional.ofNullable(first.group(2)));
        String corners = inside.substring(first.end());
        int second = corners.indexOf(':');
        if (second >= 0) {
            Matcher other = OPEN_SHEET.matcher(corners.substring(second + 1));
            if (!other.lookingAt()) {
                throw new NotRead("its reference `" + inside + "` cannot be read");
            }
            boolean isOther = other.group(1) != null || other.group(2) != null;
            String otherSheet = other.group(1) != null ? other.group(1).replace("''", "'") : other.group(2);
            if (isOther && !sheet.equals(Optional.of(otherSheet))) {
                throw new NotRead("it refers to the same cells of several sheets");
            }
            corners = corners.substring(0, second + 1) + corners.substring(second + 1 + other.end());
        }
        ForeignParser within = new ForeignParser(corners, dialect, origin);
        Optional<Foreign> found = within.corners(sheet);
        if (found.isEmpty() || within.at < corners.length()) {
            throw new NotRead("its reference `" + inside + "` cannot be read");
        }
        return found;
    }

    private Foreign.Cell cell(Optional<String> sheet, Matcher matcher, int group) {
        return new Foreign.Cell(sheet, column(matcher, group), row(matcher, group + 2));
    }

    private Coordinate column(Matcher matcher, int group) {
        return coordinate(Address.columnOf(matcher.group(group + 1)), matcher.group(group), origin.column());
    }

    private Coordinate row(Matcher matcher, int group) {
        return coordinate(Integer.parseInt(matcher.group(group + 1)) - 1, matcher.group(group), origin.row());
    }

    private static Coordinate coordinate(int absolute, String sign, int from) {
        boolean isFixed = !sign.isEmpty();
        return new Coordinate(isFixed ? absolute : absolute - from, isFixed);
    }

    private static Foreign range(Foreign.Cell first, Foreign.Cell last) {
        return new Foreign.Range(first, last.column(), last.row(), Foreign.Extent.CELLS);
    }

    private String quoted() {
        StringBuilder inside = new StringBuilder();
        for (at++; at < text.length(); at++) {
            if (text.charAt(at) != '"') {
                inside.append(text.charAt(at));
            } else if (at + 1 < text.length() && text.charAt(at + 1) == '"') {
                inside.append('"');
                at++;
            } else {
                at++;
                return inside.toString();
            }
        }
        throw new NotRead("a text in it does not end");
    }

    private Optional<String> take(Pattern pattern) {
        space();
        Matcher matcher = pattern.matcher(text).region(at, text.length());
        if (!matcher.lookingAt()) {
            return Optional.empty();
        }
        at = matcher.end();
        return Optional.of(matcher.group());
    }

    private boolean takes(char sign) {
        space();
        if (peek() != sign) {
            return false;
        }
        at++;
        return true;
    }

    private void expect(char sign) {
        if (!takes(sign)) {
            throw at < text.length() ? unreadable() : new NotRead("a bracket in it is not closed");
        }
    }

    private char peek() {
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private void space() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }
}
