package app.logismos.formats.foreign;

import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Coordinate;
import app.logismos.formula.Expression;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.Supposing;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Writes a formula of ours as one of a document. Units and
 * conversions fall away: the number is what stands in a cell there. Whether the
 * value stays is not known here; whoever writes a document works the formula out as it will be read.
 */
public final class Outgoing implements Expression.Visitor<Outgoing.Piece> {
    private static final int DEEPEST = 8;
    private static final int LONGEST = 8_000;
    private static final int COMPARISON = 2;
    private static final int JOIN = 3;
    private static final int SUM = 4;
    private static final int PRODUCT = 5;
    private static final int POWER = 6;
    private static final int PERCENT = 7;
    private static final int SIGN = 8;
    private static final int SINGLE = 9;

    private static final Set<String> IDENTIFIERS = identifiers();

    /** Functions that office documents got later, whose names are written with this in front. */
    private static final String LATER = "_xlfn.";

    private static final Map<String, String> NOT_THERE = Map.of(
            "summaryvalue", "the table that it looks into is laid out by hand",
            "programvalue", "nothing is fetched from other programs");

    private static final Set<String> CAME_LATER = Set.of(
            "ACOT",
            "ACOTH",
            "ARABIC",
            "BASE",
            "BINOM.DIST.RANGE",
            "BITAND",
            "BITLSHIFT",
            "BITOR",
            "BITRSHIFT",
            "BITXOR",
            "COMBINA",
            "CONCAT",
            "COT",
            "COTH",
            "CSC",
            "CSCH",
            "DAYS",
            "DECIMAL",
            "GAMMA",
            "GAUSS",
            "IFNA",
            "IMCOSH",
            "IMCOT",
            "IMCSC",
            "IMCSCH",
            "IMSEC",
            "IMSECH",
            "IMSINH",
            "IMTAN",
            "ISFORMULA",
            "ISOWEEKNUM",
            "MUNIT",
            "NUMBERVALUE",
            "PDURATION",
            "PERMUTATIONA",
            "PHI",
            "RRI",
            "SEC",
            "SECH",
            "SHEET",
            "SHEETS",
            "UNICHAR",
            "UNICODE",
            "XOR");

    private final Dialect dialect;
    private final Address origin;
    private final Names names;
    /** What stands for the parameters of the function that is written out. */
    private final Map<String, Piece> given;

    private final int depth;

    private Outgoing(Dialect dialect, Address origin, Names names, Map<String, Piece> given, int depth) {
        this.dialect = dialect;
        this.origin = origin;
        this.names = names;
        this.given = given;
        this.depth = depth;
    }

    /** What sheets and names are called in the document, and what stands in cells. */
    public interface Names {
        /** What a grid is called there, by its title. */
        String sheet(String grid);

        /**
         * What a name is called there.
         *
         * @throws NotRead where it is not there
         */
        String named(String name);

        /**
         * A function of one's own, as it stands in its cell.
         *
         * @throws NotRead where there is none of that name
         */
        Own function(String name);

        /** The value of a cell. */
        Value value(Optional<String> grid, Address cell);
    }

    /**
     * A function of one's own.
     *
     * @param at its cell, from which its references count
     * @param names those around that cell
     */
    public record Own(Expression.Definition definition, Address at, Names names) {}

    /**
     * A part that is written.
     *
     * @param level of its operator, the higher the tighter
     */
    record Piece(String text, int level) {
        String in(int least) {
            return level >= least ? text : "(" + text + ")";
        }
    }

    /**
     * The formula, without the sign that it begins with.
     *
     * @throws NotRead where such documents have none
     */
    public static String formula(Expression expression, Dialect dialect, Address origin, Names names) {
        return expression
                .accept(new Outgoing(dialect, origin, names, Map.of(), 0))
                .text();
    }

    /** A reference to cells that is the same wherever it stands. */
    public static String reference(String sheet, Area area, Dialect dialect) {
        boolean isOpen = dialect == Dialect.OPEN_FORMULA;
        String first = fixed(area.first());
        String corners = area.size() == 1 ? first : first + (isOpen ? ":." : ":") + fixed(area.last());
        return isOpen ? "[$" + quoted(sheet) + "." + corners + "]" : quoted(sheet) + "!" + corners;
    }

    private static String fixed(Address at) {
        return "$" + Address.letters(at.column()) + "$" + (at.row() + 1);
    }

    private static Set<String> identifiers() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Catalogue.class.getResourceAsStream("openformula.csv"), StandardCharsets.UTF_8))) {
            return lines.lines().skip(1).map(line -> line.split(",")[0]).collect(Collectors.toUnmodifiableSet());
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
    }

    @Override
    public Piece literal(Expression.Literal node) {
        return value(node.value());
    }

    private Piece value(Value value) {
        if (value instanceof NumberValue number) {
            return number(PlainText.of(number));
        } else if (value instanceof Quantity quantity
                && quantity.unit().symbol().equals("°")) {
            return new Piece(
                    "RADIANS("
                            + number(PlainText.of(new NumberValue(quantity.number())))
                                    .text() + ")",
                    SINGLE);
        } else if (value instanceof Quantity quantity) {
            return number(PlainText.of(new NumberValue(quantity.number())));
        } else if (value instanceof Text text) {
            return new Piece('"' + text.text().replace("\"", "\"\"") + '"', SINGLE);
        } else if (value instanceof Truth truth) {
            return new Piece(truth.holds() ? "TRUE()" : "FALSE()", SINGLE);
        } else if (value == Blank.BLANK) {
            return new Piece("0", SINGLE);
        }
        throw new NotRead("a value in it has no like there");
    }

    private static Piece number(String text) {
        if (text.matches("[0-9]+(?:\\.[0-9]+)?(?:e[+-]?[0-9]+)?")) {
            return new Piece(text.toUpperCase(Locale.ROOT), SINGLE);
        } else if (text.matches("-?[0-9]+(?:/[0-9]+)?")) {
            return new Piece("(" + text + ")", SINGLE);
        } else if (text.matches("-[0-9]+(?:\\.[0-9]+)?(?:e[+-]?[0-9]+)?")) {
            return new Piece(text.toUpperCase(Locale.ROOT), SIGN);
        }
        throw new NotRead("the number " + text + " has no like there");
    }

    @Override
    public Piece group(Expression.Group node) {
        return new Piece("(" + node.inner().accept(this).text() + ")", SINGLE);
    }

    @Override
    public Piece prefix(Expression.Prefix node) {
        Piece operand = node.operand().accept(this);
        return node.operator() == PrefixOperator.ROOT
                ? new Piece("SQRT(" + operand.text() + ")", SINGLE)
                : new Piece(node.operator().text() + operand.in(SIGN), SIGN);
    }

    @Override
    public Piece postfix(Expression.Postfix node) {
        Piece operand = node.operand().accept(this);
        return switch (node.operator()) {
            case PERCENT -> new Piece(operand.in(PERCENT) + "%", PERCENT);
            case FACTORIAL -> new Piece("FACT(" + operand.text() + ")", SINGLE);
            case DOUBLE_FACTORIAL -> new Piece("FACTDOUBLE(" + operand.text() + ")", SINGLE);
            case DEGREE -> new Piece("RADIANS(" + operand.text() + ")", SINGLE);
        };
    }

    @Override
    public Piece superscript(Expression.Superscript node) {
        return new Piece(node.base().accept(this).in(POWER) + "^" + node.exponent(), POWER);
    }

    @Override
    public Piece infix(Expression.Infix node) {
        Piece left = node.left().accept(this);
        Piece right = node.right().accept(this);
        InfixOperator operator = node.operator();
        return switch (operator) {
            case PLUS, MINUS -> new Piece(left.in(SUM) + operator.text() + right.in(PRODUCT), SUM);
            case TIMES, DIVIDE -> new Piece(left.in(PRODUCT) + operator.text() + right.in(POWER), PRODUCT);
            case POWER -> new Piece(left.in(POWER) + "^" + right.in(PERCENT), POWER);
            case JOIN -> new Piece(left.in(JOIN) + "&" + right.in(SUM), JOIN);
            case MOD -> call("MOD", left, right);
            case DIV -> new Piece("INT(" + left.in(PRODUCT) + "/" + right.in(POWER) + ")", SINGLE);
            case EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST -> compared(node, left, right);
        };
    }

    /** Texts are compared letter by letter with us, and without their case there. */
    private Piece compared(Expression.Infix node, Piece left, Piece right) {
        boolean areTexts = isText(node.left()) && isText(node.right());
        if (areTexts && node.operator() == InfixOperator.EQUAL) {
            return call("EXACT", left, right);
        } else if (areTexts && node.operator() == InfixOperator.UNEQUAL) {
            return new Piece("NOT(" + call("EXACT", left, right).text() + ")", SINGLE);
        }
        return new Piece(left.in(JOIN) + node.operator().text() + right.in(JOIN), COMPARISON);
    }

    private boolean isText(Expression node) {
        return node instanceof Expression.Literal literal && literal.value() instanceof Text
                || node instanceof Expression.CellReference cell
                        && cell.from(origin)
                                .map(at -> names.value(cell.grid(), at) instanceof Text)
                                .orElse(false);
    }

    private Piece call(String function, Piece... arguments) {
        return new Piece(
                function + "("
                        + Stream.of(arguments)
                                .map(Piece::text)
                                .collect(Collectors.joining(String.valueOf(dialect.separator())))
                        + ")",
                SINGLE);
    }

    @Override
    public Piece call(Expression.Call node) {
        Function function = Catalogue.STANDARD
                .function(node.function())
                .orElseThrow(() -> new NotRead("there is no function " + node.function()));
        if (Supposing.is(function.name())) {
            return supposed(node);
        }
        String why = NOT_THERE.get(function.name());
        if (why != null) {
            throw new NotRead(why);
        }
        List<String> arguments = arguments(node, function);
        if (function.name().equals("magnitude")) {
            return new Piece("(" + arguments.get(0) + ")", SINGLE);
        }
        Optional<String> template = Templates.OUTGOING.call(function.name(), arguments, dialect, dialect.separator());
        if (template.isPresent()) {
            return new Piece(template.get(), template.get().matches("_?[A-Za-z.0-9]*\\(.*\\)") ? SINGLE : 0);
        }
        String identifier = Stream.concat(
                        function.synonyms().stream(), Stream.of(function.name().toUpperCase(Locale.ROOT)))
                .filter(IDENTIFIERS::contains)
                .filter(each -> !each.startsWith("IM") || function.name().startsWith("im"))
                .findFirst()
                .orElseThrow(() -> new NotRead("there is no function " + function.name()));
        return new Piece(
                spelled(identifier) + "(" + String.join(String.valueOf(dialect.separator()), arguments) + ")", SINGLE);
    }

    /** What a cell would be with other values in one or two others; more than cells there are none to put them in. */
    private Piece supposed(Expression.Call node) {
        List<Expression> parts = node.arguments().stream()
                .flatMap(argument -> argument.value().stream())
                .toList();
        boolean areCells = IntStream.range(0, parts.size())
                .allMatch(i -> Supposing.isValue(i) || parts.get(i) instanceof Expression.CellReference);
        if (dialect != Dialect.OPEN_FORMULA || !areCells || parts.size() > 5) {
            throw new NotRead("it supposes other values");
        }
        return call(
                Supposing.ALSO, parts.stream().map(each -> each.accept(this)).toArray(Piece[]::new));
    }

    private String spelled(String identifier) {
        if (dialect == Dialect.OPEN_FORMULA) {
            return identifier;
        }
        return CAME_LATER.contains(identifier) ? LATER + identifier : identifier.replaceFirst("^LEGACY\\.", "");
    }

    /** One after the other, as far as one was given. */
    private List<String> arguments(Expression.Call node, Function function) {
        List<Parameter> parameters = function.parameters();
        List<String> given = new ArrayList<>();
        for (Expression.Argument argument : node.arguments()) {
            int at = given.size();
            if (argument.name().isPresent()) {
                at = position(parameters, argument.name().get());
                while (given.size() < at) {
                    given.add(usual(parameters.get(given.size())));
                }
            }
            String text = argument.value().isPresent()
                    ? argument.value().get().accept(this).text()
                    : usual(parameters.get(Math.min(at, parameters.size() - 1)));
            if (at < given.size()) {
                given.set(at, text);
            } else {
                given.add(text);
            }
        }
        return given;
    }

    private static int position(List<Parameter> parameters, String name) {
        for (int i = 0; i < parameters.size(); i++) {
            if (parameters.get(i).name().equalsIgnoreCase(name)) {
                return i;
            }
        }
        throw new NotRead("it gives the argument " + name + " by its name");
    }

    private String usual(Parameter parameter) {
        return parameter
                .fallback()
                .map(value -> value(value).text())
                .orElseThrow(() -> new NotRead("it leaves out the argument " + parameter.name()));
    }

    /** A function of one's own is written out, with its arguments in their places. */
    @Override
    public Piece application(Expression.Application node) {
        if (!(node.function() instanceof Expression.Name name) || depth > DEEPEST) {
            throw new NotRead("it uses a function of one's own");
        }
        Own own = names.function(name.name());
        List<Expression.Parameter> parameters = own.definition().parameters();
        Map<String, Piece> arguments = new HashMap<>();
        Outgoing inside = new Outgoing(dialect, own.at(), own.names(), arguments, depth + 1);
        for (int i = 0; i < parameters.size(); i++) {
            Expression.Parameter parameter = parameters.get(i);
            Optional<Expression.Argument> argument =
                    i < node.arguments().size() ? Optional.of(node.arguments().get(i)) : Optional.empty();
            if (argument.flatMap(Expression.Argument::name).isPresent()) {
                throw new NotRead("it gives an argument by its name");
            }
            Piece piece = argument.flatMap(Expression.Argument::value)
                    .map(value -> value.accept(this))
                    .or(() -> parameter.usual().map(usual -> usual.accept(inside)))
                    .orElseThrow(() -> new NotRead("it leaves out an argument"));
            arguments.put(parameter.name().toLowerCase(Locale.ROOT), new Piece(piece.in(SINGLE), SINGLE));
        }
        Piece rule = own.definition().rule().accept(inside);
        if (rule.text().length() > LONGEST) {
            throw new NotRead("it is too long when its functions are written out");
        }
        return rule;
    }

    @Override
    public Piece definition(Expression.Definition node) {
        throw new NotRead("it is a function of one's own");
    }

    @Override
    public Piece cell(Expression.CellReference node) {
        String corner = corner(node.column(), node.row());
        if (dialect == Dialect.OPEN_FORMULA) {
            return new Piece("[" + sheet(node.grid()) + "." + corner + "]", SINGLE);
        }
        return new Piece(prefix(node.grid()) + corner, SINGLE);
    }

    private String sheet(Optional<String> grid) {
        return grid.map(title -> "$" + quoted(names.sheet(title))).orElse("");
    }

    private String prefix(Optional<String> grid) {
        return grid.map(title -> quoted(names.sheet(title)) + "!").orElse("");
    }

    private static String quoted(String sheet) {
        return sheet.matches("[A-Za-z_][A-Za-z_0-9]*") && Address.parse(sheet).isEmpty()
                ? sheet
                : "'" + sheet.replace("'", "''") + "'";
    }

    private String corner(Coordinate column, Coordinate row) {
        return column(column) + row(row);
    }

    private String column(Coordinate column) {
        int at = column.from(origin.column());
        if (at < 0 || at >= Address.COLUMNS) {
            throw new NotRead("a cell that it refers to is gone");
        }
        return (column.fixed() ? "$" : "") + Address.letters(at);
    }

    private String row(Coordinate row) {
        int at = row.from(origin.row());
        if (at < 0 || at >= Address.ROWS) {
            throw new NotRead("a cell that it refers to is gone");
        }
        return (row.fixed() ? "$" : "") + (at + 1);
    }

    @Override
    public Piece range(Expression.RangeReference node) {
        boolean isOpen = dialect == Dialect.OPEN_FORMULA;
        String point = isOpen ? "." : "";
        String corners = switch (node.extent()) {
            case CELLS ->
                corner(node.firstColumn(), node.firstRow()) + ":" + point + corner(node.lastColumn(), node.lastRow());
            case COLUMNS -> column(node.firstColumn()) + ":" + point + column(node.lastColumn());
            case ROWS -> row(node.firstRow()) + ":" + point + row(node.lastRow());
        };
        return new Piece(
                isOpen ? "[" + sheet(node.grid()) + "." + corners + "]" : prefix(node.grid()) + corners, SINGLE);
    }

    @Override
    public Piece name(Expression.Name node) {
        return new Piece(names.named(node.name()), SINGLE);
    }

    @Override
    public Piece constant(Expression.Constant node) {
        return switch (node.name().toLowerCase(Locale.ROOT)) {
            case "pi", "π" -> new Piece("PI()", SINGLE);
            case "e" -> new Piece("EXP(1)", SINGLE);
            case "true" -> new Piece("TRUE()", SINGLE);
            case "false" -> new Piece("FALSE()", SINGLE);
            default ->
                Catalogue.STANDARD
                        .constant(node.name())
                        .map(constant -> value(constant.value()))
                        .orElseThrow(() -> new NotRead("there is no constant " + node.name()));
        };
    }

    @Override
    public Piece variable(Expression.Variable node) {
        Piece piece = given.get(node.name().toLowerCase(Locale.ROOT));
        if (piece == null) {
            throw new NotRead("it has a variable");
        }
        return piece;
    }

    @Override
    public Piece table(Expression.TableLiteral node) {
        return new Piece(
                "{"
                        + node.rows().stream()
                                .map(row -> row.stream()
                                        .map(each -> each.accept(this).text())
                                        .collect(Collectors.joining(String.valueOf(dialect.columnEnd()))))
                                .collect(Collectors.joining(String.valueOf(dialect.rowEnd())))
                        + "}",
                SINGLE);
    }

    @Override
    public Piece withUnit(Expression.WithUnit node) {
        return node.operand().accept(this);
    }

    @Override
    public Piece conversion(Expression.Conversion node) {
        return node.operand().accept(this);
    }
}
