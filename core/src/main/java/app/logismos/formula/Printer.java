package app.logismos.formula;

import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Parameter;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.value.PlainText;
import app.logismos.value.Span;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Writes an expression as text in its normal spelling: no spaces but those that words need. Reading the text gives the
 * same expression again.
 */
public final class Printer implements Expression.Visitor<Void> {
    /** Stands in a formula for a reference whose cell is gone. */
    public static final String GONE = "#gone";

    private final @Nullable Address origin;
    private final StringBuilder out = new StringBuilder();
    private final @Nullable Map<Expression, Span> places;

    private Printer(@Nullable Address origin, @Nullable Map<Expression, Span> places) {
        this.origin = origin;
        this.places = places;
    }

    /**
     * A text and where each node stands in it, by identity.
     *
     * @param text without the {@code =}
     */
    public record Printed(String text, Map<Expression, Span> places) {}

    /** The expression as a formula in {@code origin} reads, without the {@code =}. */
    public static String text(Expression expression, Address origin) {
        return text(expression, new Printer(origin, null));
    }

    /**
     * A text that is the same for exactly those expressions that are the same formula continued: relative references are
     * written by their distance. It is not read back.
     */
    public static String key(Expression expression) {
        return text(expression, new Printer(null, null));
    }

    private static String text(Expression expression, Printer printer) {
        printer.put(expression);
        return printer.out.toString();
    }

    /** The text together with the place of every node in it. */
    public static Printed print(Expression expression, Address origin) {
        Map<Expression, Span> places = new IdentityHashMap<>();
        return new Printed(text(expression, new Printer(origin, places)), places);
    }

    private void put(Expression expression) {
        int start = out.length();
        expression.accept(this);
        if (places != null) {
            places.put(expression, new Span(start, out.length()));
        }
    }

    @Override
    public Void literal(Literal node) {
        out.append(node.source().isEmpty() ? PlainText.of(node.value()) : node.source());
        return null;
    }

    @Override
    public Void group(Group node) {
        out.append('(');
        put(node.inner());
        out.append(')');
        return null;
    }

    @Override
    public Void prefix(Prefix node) {
        out.append(node.operator().text());
        put(node.operand());
        return null;
    }

    @Override
    public Void postfix(Postfix node) {
        put(node.operand());
        boolean wouldMerge = node.operator().text().startsWith("!") && out.charAt(out.length() - 1) == '!';
        out.append(wouldMerge ? " " : "").append(node.operator().text());
        return null;
    }

    @Override
    public Void superscript(Superscript node) {
        put(node.base());
        if (Character.isDigit(out.charAt(out.length() - 1)) && node.base() instanceof Superscript) {
            out.append(' ');
        }
        for (char digit : Integer.toString(node.exponent()).toCharArray()) {
            out.append(digit == '-' ? '⁻' : "⁰¹²³⁴⁵⁶⁷⁸⁹".charAt(digit - '0'));
        }
        return null;
    }

    @Override
    public Void infix(Infix node) {
        put(node.left());
        out.append(node.operator().text());
        put(node.right());
        return null;
    }

    @Override
    public Void call(Call node) {
        out.append(node.function());
        boolean isWith = Supposing.is(node.function());
        arguments(node.arguments(), i -> i == 0 ? "" : isWith && Supposing.isValue(i) ? ": " : ", ");
        return null;
    }

    private void arguments(List<Argument> arguments, IntFunction<String> before) {
        out.append('(');
        for (int i = 0; i < arguments.size(); i++) {
            Argument argument = arguments.get(i);
            out.append(before.apply(i));
            argument.name().ifPresent(name -> out.append(name).append(": "));
            argument.value().ifPresent(this::put);
        }
        out.append(')');
    }

    @Override
    public Void application(Application node) {
        put(node.function());
        arguments(node.arguments(), i -> i == 0 ? "" : ", ");
        return null;
    }

    @Override
    public Void definition(Definition node) {
        out.append(node.name()).append('(');
        for (Parameter parameter : node.parameters()) {
            out.append(parameter == node.parameters().get(0) ? "" : ", ").append(parameter.name());
            parameter.usual().ifPresent(usual -> {
                out.append(": ");
                put(usual);
            });
        }
        out.append(") = ");
        put(node.rule());
        return null;
    }

    @Override
    public Void cell(CellReference node) {
        grid(node.grid());
        out.append(corner(node.column(), node.row()));
        return null;
    }

    @Override
    public Void range(RangeReference node) {
        grid(node.grid());
        switch (node.extent()) {
            case CELLS ->
                out.append(corner(node.firstColumn(), node.firstRow()))
                        .append(':')
                        .append(corner(node.lastColumn(), node.lastRow()));
            case COLUMNS -> out.append(column(node.firstColumn())).append(':').append(column(node.lastColumn()));
            case ROWS -> out.append(row(node.firstRow())).append(':').append(row(node.lastRow()));
        }
        return null;
    }

    private void grid(Optional<String> title) {
        if (title.isPresent()) {
            out.append(quotedGrid(title.get())).append('.');
        }
    }

    /** A grid's title as it stands before the point, in quotes where it is not a single word. */
    public static String quotedGrid(String title) {
        boolean plain = !title.isEmpty()
                && Lexer.isWordStart(title.codePointAt(0))
                && title.codePoints().allMatch(Lexer::isWordPart);
        return plain ? title : "'" + title.replace("'", "''") + "'";
    }

    private String corner(Coordinate column, Coordinate row) {
        return column(column) + row(row);
    }

    private String column(Coordinate column) {
        if (origin == null) {
            return distance(column);
        }
        return (column.fixed() ? "$" : "")
                + Address.letters(Math.floorMod(column.from(origin.column()), Address.COLUMNS));
    }

    private String row(Coordinate row) {
        if (origin == null) {
            return distance(row);
        }
        return (row.fixed() ? "$" : "") + (Math.floorMod(row.from(origin.row()), Address.ROWS) + 1);
    }

    private static String distance(Coordinate coordinate) {
        return (coordinate.fixed() ? "$" : "[") + coordinate.number() + "]";
    }

    @Override
    public Void name(Name node) {
        out.append(node.name());
        return null;
    }

    @Override
    public Void variable(Variable node) {
        out.append(node.name());
        return null;
    }

    @Override
    public Void constant(Constant node) {
        out.append(node.name());
        return null;
    }

    @Override
    public Void table(TableLiteral node) {
        out.append('{');
        for (int i = 0; i < node.rows().size(); i++) {
            out.append(i == 0 ? "" : "; ");
            List<Expression> row = node.rows().get(i);
            for (int j = 0; j < row.size(); j++) {
                out.append(j == 0 ? "" : ", ");
                put(row.get(j));
            }
        }
        out.append('}');
        return null;
    }

    @Override
    public Void withUnit(WithUnit node) {
        put(node.operand());
        out.append(node.unit().isClose() ? "" : " ").append(node.source());
        return null;
    }

    @Override
    public Void conversion(Conversion node) {
        put(node.operand());
        out.append(" to ").append(node.source());
        return null;
    }
}
