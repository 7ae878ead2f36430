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
import java.util.stream.IntStream;

/**
 * Writes an expression as on paper: fractions stacked, exponents raised, roots under their sign.
 *
 * <p>References carry the class {@code ref-n}, n their place among the formula's references, and the part that a step
 * works on carries {@code worked}, or {@code worked-piece} and {@code worked-sign} where a line may break in it; the page
 * colours them.
 *
 * <p>What is wider than a narrow column is set so that a line can break behind its operators and commas: in plain
 * brackets, with ÷ in place of a fraction line, and marked piece by piece, for nothing breaks inside a group.
 */
public final class LatexPrinter implements Expression.Visitor<String> {
    /** Signs of what is done over a range. */
    private static final Map<String, String> OVER = Map.of("sumover", "\\sum", "productover", "\\prod");

    /** Logarithms, whose base is told also where it goes without saying. */
    private static final Map<String, String> LOGARITHMS = Map.of("ln", "\\ln", "log", "\\log_{10}");

    /** What stands between arguments: a comma, which is a semicolon where a comma is the decimal mark, and the rest. */
    public static final Pattern SEPARATOR = Pattern.compile(",(}?(?:\\\\allowbreak)?\\\\, )");

    /** Characters of what fits the column of a working without a break. */
    private static final int FITS = 22;

    private static final Pattern DIGITS = Pattern.compile("[0-9.]+(?:[eE][-+]?[0-9]+)?(?:…[0-9]+ \\[[0-9]+ digits])?$");

    private final Address origin;
    private final Function<Value, String> values;
    private final Function<Value, String> fractions;
    private final References references;
    private final Expression worked;
    /** Whether the whole may need several lines: what stands in them is low. */
    private final boolean isOnLines;

    /** Whether pieces of the worked part are set now, each of which is to be marked. */
    private boolean isMarking;

    private LatexPrinter(
            Expression whole,
            Address origin,
            Function<Value, String> values,
            Function<Value, String> fractions,
            Expression worked) {
        this.fractions = fractions;
        this.origin = origin;
        this.values = values;
        this.references = References.in(whole);
        this.worked = worked;
        this.isOnLines = isWide(whole);
    }

    /**
     * The expression in LaTeX.
     *
     * @param values how a value that the working has put in is set
     */
    public static String latex(Expression expression, Address origin, Function<Value, String> values) {
        return latex(expression, origin, values, values, expression);
    }

    /**
     * The same, with the node {@code worked}, told by identity, marked; the whole expression is never marked.
     *
     * @param fractions how a value is set that is written as a fraction
     */
    public static String latex(
            Expression expression,
            Address origin,
            Function<Value, String> values,
            Function<Value, String> fractions,
            Expression worked) {
        return expression.accept(new LatexPrinter(expression, origin, values, fractions, worked));
    }

    private String put(Expression node) {
        boolean begins = node == worked || isMarking;
        if (!begins) {
            return node.accept(this);
        }
        boolean isPiece = !isWide(node);
        boolean before = isMarking;
        isMarking = !isPiece;
        String latex = node.accept(this);
        isMarking = before;
        String mark = before ? "worked-piece" : "worked";
        return isPiece ? "\\htmlClass{" + mark + "}{" + latex + "}" : latex;
    }

    /** A sign between pieces. */
    private String glue(String sign) {
        return isMarking ? "\\htmlClass{worked-piece}{" + sign + "}" : sign;
    }

    private boolean isWide(Expression node) {
        return Printer.text(node, origin).length() > FITS;
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
                : (node.source().indexOf('/') >= 0 ? fractions : values).apply(node.value());
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
        return isWide(node) ? inPlainBrackets(put(node.inner())) : bracketed(node.inner());
    }

    private String inBrackets(Expression node) {
        return isWide(node) ? inPlainBrackets(put(node)) : bracketed(node);
    }

    private String inPlainBrackets(String latex) {
        return glue("(") + latex + glue(")");
    }

    @Override
    public String prefix(Prefix node) {
        return switch (node.operator()) {
            case MINUS -> glue("-") + put(node.operand());
            case PLUS -> glue("+") + put(node.operand());
            case ROOT -> root(node.operand());
        };
    }

    private String root(Expression node) {
        if (!isWide(node)) {
            return "\\sqrt{" + bare(node) + "}";
        }
        return glue("\\operatorname{sqrt}") + (node instanceof Group ? put(node) : inPlainBrackets(put(node)));
    }

    @Override
    public String postfix(Postfix node) {
        return put(node.operand()) + glue(node.operator().latex());
    }

    @Override
    public String superscript(Superscript node) {
        return raised(node.base(), String.valueOf(node.exponent()));
    }

    @Override
    public String infix(Infix node) {
        return switch (node.operator()) {
            case DIVIDE ->
                isWide(node.left()) || isWide(node.right())
                        ? between(node, "\\div")
                        : "\\frac{" + bare(node.left()) + "}{" + bare(node.right()) + "}";
            case POWER -> raised(node.left(), bare(node.right()));
            default -> between(node, node.operator().latex());
        };
    }

    private String between(Infix node, String sign) {
        String kind = node.operator().isComparison() ? "\\mathrel" : "\\mathbin";
        return put(node.left()) + " " + (isMarking ? kind + "{\\htmlClass{worked-sign}{" + sign + "}}" : sign) + " "
                + put(node.right());
    }

    /** The exponent stands at the bracket behind a wide base. */
    private String raised(Expression base, String exponent) {
        return isWide(base) ? put(base) + "^{" + exponent + "}" : "{" + put(base) + "}^{" + exponent + "}";
    }

    @Override
    public String call(Call node) {
        String name = node.function().toLowerCase(Locale.ROOT);
        boolean single =
                node.arguments().size() == 1 && node.arguments().get(0).value().isPresent();
        if (single && name.equals("sqrt")) {
            return root(node.arguments().get(0).value().get());
        }
        if (single && name.equals("abs")) {
            Expression inner = node.arguments().get(0).value().get();
            return isWide(inner) ? glue("|") + bare(inner) + glue("|") : "\\left|" + bare(inner) + "\\right|";
        }
        if (single && LOGARITHMS.containsKey(name)) {
            return LOGARITHMS.get(name)
                    + inBrackets(node.arguments().get(0).value().get());
        }
        boolean areTwo = node.arguments().size() == 2
                && node.arguments().get(0).name().isEmpty()
                && node.arguments().stream().allMatch(each -> each.value().isPresent());
        if (areTwo && name.equals("log")) {
            return "\\log_{" + bare(node.arguments().get(1).value().get()) + "}"
                    + inBrackets(node.arguments().get(0).value().get());
        }
        boolean isDerivative = name.equals("derivative")
                && node.arguments().size() == 2
                && node.arguments().stream().allMatch(LatexPrinter::isPlain);
        if (isDerivative) {
            String by = node.arguments().get(1).value().orElseThrow().accept(this);
            return glue((isOnLines ? "\\tfrac" : "\\frac") + "{\\mathrm{d}}{\\mathrm{d}" + by + "}")
                    + inBrackets(node.arguments().get(0).value().orElseThrow());
        }
        boolean isIntegral = name.equals("integral")
                && (node.arguments().size() == 2 || node.arguments().size() == 4)
                && node.arguments().stream().allMatch(LatexPrinter::isPlain);
        if (isIntegral) {
            return integral(node.arguments().stream()
                    .map(argument -> argument.value().orElseThrow())
                    .toList());
        }
        boolean isLimit = name.equals("limit")
                && node.arguments().size() == 3
                && node.arguments().stream().allMatch(LatexPrinter::isPlain);
        if (isLimit) {
            return glue("\\lim_{" + bare(node.arguments().get(1).value().orElseThrow()) + " \\to "
                            + bare(node.arguments().get(2).value().orElseThrow()) + "}")
                    + inBrackets(node.arguments().get(0).value().orElseThrow());
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
        return called(node, "\\operatorname{" + escaped(name) + "}", node.arguments());
    }

    private String called(Expression node, String word, List<Argument> arguments) {
        boolean isWith = node instanceof Call call && Supposing.is(call.function());
        return isWide(node)
                ? glue(word) + inPlainBrackets(listed(arguments, isWith, glue(",") + "\\allowbreak\\, "))
                : word + "\\left(" + listed(arguments, isWith, ",\\, ") + "\\right)";
    }

    private String listed(List<Argument> arguments, boolean isWith, String separator) {
        return IntStream.range(0, arguments.size())
                .mapToObj(i -> (i == 0 ? "" : isWith && Supposing.isValue(i) ? "\\colon " : separator)
                        + argument(arguments.get(i)))
                .collect(Collectors.joining());
    }

    @Override
    public String application(Application node) {
        return called(node, put(node.function()), node.arguments());
    }

    @Override
    public String definition(Definition node) {
        String parameters = node.parameters().stream()
                .map(each -> word(each.name())
                        + each.usual().map(usual -> "\\colon " + put(usual)).orElse(""))
                .collect(Collectors.joining(",\\, "));
        return word(node.name()) + "\\left(" + parameters + "\\right) = " + put(node.rule());
    }

    private static String word(String name) {
        return name.length() == 1 ? escaped(name) : "\\mathit{" + escaped(name) + "}";
    }

    /** {@code expression, variable}, and where there are limits {@code from, to}. */
    private String integral(List<Expression> given) {
        Expression inner = given.get(0);
        boolean isLoose = inner instanceof Infix infix && infix.operator().level() < InfixOperator.TIMES.level();
        String limits = given.size() == 4 ? "_{" + bare(given.get(2)) + "}^{" + bare(given.get(3)) + "}" : "";
        return glue("\\int" + limits) + " " + (isLoose ? inBrackets(inner) : put(inner))
                + glue("\\,\\mathrm{d}" + bare(given.get(1)));
    }

    private String bracketed(Expression node) {
        return "\\left(" + put(node) + "\\right)";
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
        return word(node.name());
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
