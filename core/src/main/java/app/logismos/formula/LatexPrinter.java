package app.logismos.formula;

import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.unit.Unit;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Writes an expression as on paper: fractions stacked, exponents raised, roots under their sign.
 *
 * <p>References carry the class {@code ref-n}, n their place among the formula's references, and the part that a step
 * works on carries {@code worked}; the page colours them.
 */
public final class LatexPrinter implements Expression.Visitor<String> {
    /** Signs of what is done over a range. */
    private static final Map<String, String> OVER = Map.of("sumover", "\\sum", "productover", "\\prod");

    /** What stands between arguments; with a comma as the decimal mark it is a semicolon. */
    public static final String SEPARATOR = ",\\, ";

    private static final Pattern DIGITS = Pattern.compile("[0-9.]+(?:[eE][-+]?[0-9]+)?(?:…[0-9]+ \\[[0-9]+ digits])?$");

    private final Address origin;
    private final Function<Value, String> values;
    private final References references;
    private final Expression worked;

    private LatexPrinter(Expression whole, Address origin, Function<Value, String> values, Expression worked) {
        this.origin = origin;
        this.values = values;
        this.references = References.in(whole);
        this.worked = worked;
    }

    /**
     * The expression in LaTeX.
     *
     * @param values how a value that the working has put in is set
     */
    public static String latex(Expression expression, Address origin, Function<Value, String> values) {
        return latex(expression, origin, values, expression);
    }

    /** The same, with the node {@code worked}, told by identity, marked; the whole expression is never marked. */
    public static String latex(
            Expression expression, Address origin, Function<Value, String> values, Expression worked) {
        return expression.accept(new LatexPrinter(expression, origin, values, worked));
    }

    private String put(Expression node) {
        String latex = node.accept(this);
        return node == worked ? "\\htmlClass{worked}{" + latex + "}" : latex;
    }

    /** Without the brackets that a fraction line, a root or a raised exponent makes needless. */
    private String bare(Expression node) {
        return node instanceof Group group && node != worked ? put(group.inner()) : put(node);
    }

    @Override
    public String literal(Literal node) {
        return node.value() instanceof NumberValue number
                        && number.real().isExact()
                        && DIGITS.matcher(node.source()).lookingAt()
                ? number(node.source())
                : values.apply(node.value());
    }

    /** A number as it was typed; its exponent is set as a power of ten. */
    private static String number(String source) {
        int exponent = source.toLowerCase(Locale.ROOT).indexOf('e');
        boolean isNumber = Lexer.isDigit(source.charAt(0)) || source.charAt(0) == '.' || source.charAt(0) == '-';
        if (!isNumber) {
            return "\\text{" + source + "}";
        }
        return exponent < 0
                ? source
                : source.substring(0, exponent) + "\\times 10^{" + source.substring(exponent + 1) + "}";
    }

    @Override
    public String group(Group node) {
        return "\\left(" + put(node.inner()) + "\\right)";
    }

    @Override
    public String prefix(Prefix node) {
        return switch (node.operator()) {
            case MINUS -> "-" + put(node.operand());
            case PLUS -> "+" + put(node.operand());
            case ROOT -> "\\sqrt{" + bare(node.operand()) + "}";
        };
    }

    @Override
    public String postfix(Postfix node) {
        return put(node.operand()) + node.operator().latex();
    }

    @Override
    public String superscript(Superscript node) {
        return "{" + put(node.base()) + "}^{" + node.exponent() + "}";
    }

    @Override
    public String infix(Infix node) {
        return switch (node.operator()) {
            case DIVIDE -> "\\frac{" + bare(node.left()) + "}{" + bare(node.right()) + "}";
            case POWER -> "{" + put(node.left()) + "}^{" + bare(node.right()) + "}";
            default -> put(node.left()) + " " + node.operator().latex() + " " + put(node.right());
        };
    }

    @Override
    public String call(Call node) {
        String name = node.function().toLowerCase(Locale.ROOT);
        boolean single =
                node.arguments().size() == 1 && node.arguments().get(0).value().isPresent();
        if (single && name.equals("sqrt")) {
            return "\\sqrt{" + bare(node.arguments().get(0).value().get()) + "}";
        }
        if (single && name.equals("abs")) {
            return "\\left|" + bare(node.arguments().get(0).value().get()) + "\\right|";
        }
        String sign = OVER.get(name);
        if (sign != null
                && node.arguments().stream().allMatch(LatexPrinter::isPlain)
                && node.arguments().size() == 4) {
            return over(
                    sign,
                    node.arguments().stream()
                            .map(argument -> argument.value().orElseThrow())
                            .toList());
        }
        return "\\operatorname{" + escaped(name) + "}\\left("
                + node.arguments().stream().map(this::argument).collect(Collectors.joining(SEPARATOR)) + "\\right)";
    }

    private static boolean isPlain(Argument argument) {
        return argument.name().isEmpty() && argument.value().isPresent();
    }

    /** The sign with what it goes over, {@code expression, variable, from, to}. */
    private String over(String sign, List<Expression> given) {
        Expression term = given.get(0);
        boolean isLoose = term instanceof Infix infix && infix.operator().level() < InfixOperator.TIMES.level();
        return sign + "_{" + bare(given.get(1)) + " = " + bare(given.get(2)) + "}^{" + bare(given.get(3)) + "} "
                + (isLoose ? "\\left(" + put(term) + "\\right)" : put(term));
    }

    private String argument(Argument argument) {
        return argument.name().map(name -> "\\text{" + escaped(name) + ": }").orElse("")
                + argument.value().map(this::put).orElse("\\;");
    }

    @Override
    public String cell(CellReference node) {
        return reference(node);
    }

    @Override
    public String range(RangeReference node) {
        return reference(node);
    }

    @Override
    public String name(Name node) {
        return node.name().length() == 1 ? coloured(node, escaped(node.name())) : reference(node);
    }

    @Override
    public String variable(Variable node) {
        return node.name().length() == 1 ? escaped(node.name()) : "\\mathit{" + escaped(node.name()) + "}";
    }

    @Override
    public String constant(Constant node) {
        return switch (node.name().toLowerCase(Locale.ROOT)) {
            case "π", "pi" -> "\\pi";
            case "phi" -> "\\varphi";
            case "inf" -> "\\infty";
            default -> escaped(node.name());
        };
    }

    private String reference(Expression node) {
        return coloured(node, "\\mathrm{" + escaped(Printer.text(node, origin)) + "}");
    }

    private String coloured(Expression node, String latex) {
        int index = references.indexOf(node);
        return index < 0 ? latex : "\\htmlClass{ref-" + index + "}{" + latex + "}";
    }

    @Override
    public String table(TableLiteral node) {
        return "\\begin{bmatrix}"
                + node.rows().stream()
                        .map(row -> row.stream().map(this::put).collect(Collectors.joining(" & ")))
                        .collect(Collectors.joining(" \\\\ "))
                + "\\end{bmatrix}";
    }

    /** Text inside LaTeX, its special signs made harmless. */
    public static String escaped(String text) {
        StringBuilder out = new StringBuilder();
        for (char c : text.toCharArray()) {
            switch (c) {
                case '\\' -> out.append("\\backslash ");
                case '~' -> out.append("\\sim ");
                case '^' -> out.append("\\wedge ");
                case '_', '$', '%', '&', '#', '{', '}' -> out.append('\\').append(c);
                default -> out.append(c);
            }
        }
        return out.toString();
    }

    @Override
    public String withUnit(WithUnit node) {
        return put(node.operand()) + (node.unit().isClose() ? "" : "\\,") + unit(node.unit());
    }

    @Override
    public String conversion(Conversion node) {
        return put(node.operand()) + "\\ \\text{to}\\ " + unit(node.unit());
    }

    private static String unit(Unit unit) {
        return "\\text{" + unit.symbol() + "}";
    }
}
