package app.logismos.evaluate;

import app.logismos.display.Display;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Parser;
import app.logismos.formula.PostfixOperator;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.Walk;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** Finds what people often write when they mean something else (language, section 9). */
final class Hints {
    private static final Set<String> OF_ANGLES = Set.of("sin", "cos", "tan");

    /** A whole number of radians from here on is rarely meant. */
    private static final Rational LOOKS_LIKE_DEGREES = Rational.of(7);

    /** A number with this many digits is rarely typed from memory. */
    private static final int LONG = 6;

    private static final Set<String> DAYS_OF_A_YEAR = Set.of("365", "365.25", "366");

    /** Functions that pass texts of a range over. */
    private static final Set<String> OF_RANGES =
            Set.of("sum", "mean", "average", "min", "max", "count", "median", "product", "stdev");

    private static final int MOST_CELLS = 10_000;
    private static final Pattern LOOKS_LIKE_A_NUMBER =
            Pattern.compile("\\s*[-−–+]?[€$£¥]?\\s*[0-9][0-9.,'’\\s]*(?:%|[€$£¥])?\\s*");

    /** Longer expressions are not searched for exchange rates. */
    private static final int MOST_NODES = 200;

    /** Digits with a comma between their thousands, whose second group begins with a zero. */
    private static final Pattern GROUPED = Pattern.compile("[0-9]{1,3},0[0-9]{2}(\\.[0-9]+)?");

    private final String entry;
    private final Evaluator evaluator;
    private final List<Hint> hints = new ArrayList<>();

    private Hints(String entry, Evaluator evaluator) {
        this.entry = entry;
        this.evaluator = evaluator;
    }

    /** The hints on an entry that was read as {@code expression}. */
    static List<Hint> of(String entry, Expression expression, Evaluator evaluator) {
        Hints hints = new Hints(entry, evaluator);
        List<Expression> nodes = new ArrayList<>();
        Walk.visit(expression, node -> {
            nodes.add(node);
            hints.look(node);
        });
        if (nodes.size() <= MOST_NODES) {
            UnitHints.sampleRates(nodes, evaluator).ifPresent(hints.hints::add);
        }
        return List.copyOf(hints.hints);
    }

    private void look(Expression node) {
        if (node instanceof Prefix prefix && prefix.operator() == PrefixOperator.MINUS) {
            signAndPower(prefix);
        } else if (node instanceof Infix infix) {
            UnitHints.binding(infix, entry).ifPresent(hints::add);
            switch (infix.operator()) {
                case POWER -> powerOfPower(infix);
                case DIVIDE -> {
                    powerThenDivide(infix);
                    daysOverYears(infix);
                }
                case PLUS -> sum(infix);
                case MINUS -> {
                    sum(infix);
                    date(infix);
                }
                case EQUAL -> equality(infix);
                default -> {}
            }
        } else if (node instanceof Call call) {
            call(call);
        } else if (node instanceof Literal literal) {
            repeated(literal);
            UnitHints.cellOrUnit(literal, entry).ifPresent(hints::add);
        }
    }

    /** A result that was copied by hand stays behind when the result changes, and often lacks digits. */
    private void repeated(Literal node) {
        if (node.value() instanceof NumberValue number
                && typed(node).replaceAll("[^0-9]", "").length() >= LONG) {
            evaluator
                    .scope()
                    .holderOf(number.real(), typed(node))
                    .filter(cell -> !cell.equals(evaluator.origin().toString()))
                    .ifPresent(cell -> add(
                            "repeats-cell",
                            "`" + typed(node) + "` is what " + cell + " shows. With `" + cell
                                    + "` it has all its digits and follows changes.",
                            replaced(node.span(), cell)));
        }
    }

    private void date(Infix node) {
        String text = typed(node);
        if (EntryReader.value(text, evaluator.surroundings().units()) instanceof Moment.Date date) {
            String call = "date(" + date.date().getYear() + ", " + date.date().getMonthValue() + ", "
                    + date.date().getDayOfMonth() + ")";
            add(
                    "date-or-difference",
                    "This subtracts. The day is written `" + call + "`.",
                    replaced(node.span(), call));
        }
    }

    private void signAndPower(Prefix node) {
        Expression base = node.operand() instanceof Superscript raised
                ? raised.base()
                : node.operand() instanceof Infix power && power.operator() == InfixOperator.POWER
                        ? power.left()
                        : node;
        if (base != node) {
            add(
                    "sign-and-power",
                    "A power is worked before a sign: this is −(" + typed(node.operand()) + "). For the power of −"
                            + typed(base) + " write `(-" + typed(base) + ")`.",
                    replaced(new Span(node.span().start(), base.span().end()), "(-" + typed(base) + ")"));
        }
    }

    private void powerOfPower(Infix node) {
        if (node.right() instanceof Infix right && right.operator() == InfixOperator.POWER) {
            Span first = node.left().span().to(right.left().span());
            add(
                    "power-of-power",
                    "Powers are worked from the right: this is " + typed(node.left()) + "^(" + typed(right)
                            + "). For the other order write `(" + first.in(entry) + ")`.",
                    replaced(first, "(" + first.in(entry) + ")"));
        }
    }

    private void powerThenDivide(Infix node) {
        if (node.left() instanceof Infix power
                && power.operator() == InfixOperator.POWER
                && power.right() instanceof Literal
                && node.right() instanceof Literal) {
            Span fraction = power.right().span().to(node.right().span());
            add(
                    "power-then-divide",
                    "The power is worked first, then it is divided. For a fraction as exponent write `("
                            + fraction.in(entry) + ")`.",
                    replaced(fraction, "(" + fraction.in(entry) + ")"));
        }
    }

    private void sum(Infix node) {
        // 1+10% is the factor that a rise by 10 % has: what the hint itself writes.
        boolean isFactor = node.left() instanceof Literal one && one.value().equals(NumberValue.of(1));
        if (!isFactor && isPercent(node.right()) && !isPercent(node.left())) {
            String percent = typed(node.right());
            String sign = node.operator().text();
            String more = typed(node.left()) + "*(1" + sign + percent + ")";
            add(
                    "percent-of-what",
                    "`" + percent + "` is a number of hundredths, not a share of what stands before it. For " + percent
                            + (sign.equals("+") ? " more" : " less") + " write `" + more + "`.",
                    replaced(node.span(), more));
        }
        boolean plain = node.right() instanceof Infix product
                && (product.operator() == InfixOperator.DIVIDE || product.operator() == InfixOperator.TIMES)
                && product.left() instanceof Literal
                && product.right() instanceof Literal
                && node.left() instanceof Literal;
        if (plain) {
            leftToRight(node, (Infix) node.right());
        }
    }

    private boolean isPercent(Expression node) {
        return node instanceof Postfix sign && sign.operator() == PostfixOperator.PERCENT
                || evaluator.scope().isTypedInPercent(node, evaluator.origin());
    }

    /** {@code (today() - A2)/365} counts in days still, and not every year has as many. */
    private void daysOverYears(Infix node) {
        Expression left = node.left() instanceof Group group ? group.inner() : node.left();
        if (left instanceof Infix difference
                && difference.operator() == InfixOperator.MINUS
                && node.right() instanceof Literal days
                && DAYS_OF_A_YEAR.contains(typed(days))
                && evaluator.value(difference.left()) instanceof Moment
                && evaluator.value(difference.right()) instanceof Moment) {
            String years = "yearfraction(" + typed(difference.right()) + ", " + typed(difference.left()) + ")";
            add(
                    "days-over-years",
                    "A difference of dates is in days, and so is this. The years between them are `" + years
                            + "`; `yearsandmonths` gives an age in years and months.",
                    replaced(node.span(), years));
        }
    }

    /** A text among the numbers of a range is not counted, whatever it looks like. */
    private void textsAmongNumbers(Call node) {
        if (!OF_RANGES.contains(node.function().toLowerCase(Locale.ROOT))) {
            return;
        }
        for (Expression.Argument argument : node.arguments()) {
            if (argument.value().orElse(null) instanceof Expression.RangeReference range
                    && evaluator.value(range) instanceof Table table
                    && (long) table.rows() * table.columns() <= MOST_CELLS) {
                List<String> texts = new ArrayList<>();
                table.forEachFilled(value -> {
                    if (value instanceof Text text
                            && LOOKS_LIKE_A_NUMBER.matcher(text.text()).matches()) {
                        texts.add(text.text());
                    }
                });
                if (!texts.isEmpty()) {
                    boolean isOne = texts.size() == 1;
                    add(
                            "texts-among-numbers",
                            (isOne ? "One cell" : texts.size() + " cells") + " of `" + typed(range)
                                    + (isOne ? "` holds a text that looks" : "` hold texts that look")
                                    + " like a number, as `" + texts.get(0)
                                    + (isOne ? "`. It is" : "`. They are") + " not counted.",
                            "");
                }
            }
        }
    }

    private void leftToRight(Infix node, Infix product) {
        Span first = node.left().span().to(product.left().span());
        String other = replaced(first, "(" + first.in(entry) + ")");
        String alone = "=(" + first.in(entry) + ")" + product.operator().text() + typed(product.right());
        if (Parser.parse(alone, 1, evaluator.origin(), Words.STANDARD) instanceof Parser.Outcome.Parsed parsed) {
            add(
                    "left-to-right",
                    "× and ÷ come before + and −. Worked strictly from left to right it would be "
                            + Display.AUTOMATIC.text(evaluator.value(parsed.expression())) + ".",
                    other);
        }
    }

    private void equality(Infix node) {
        boolean looksUnequal = node.left() instanceof Postfix factorial
                && factorial.operator() == PostfixOperator.FACTORIAL
                && factorial.span().end() == node.sign().start();
        if (looksUnequal) {
            int end = node.sign().end();
            add(
                    "factorial-or-unequal",
                    "This compares a factorial. Unequal is written `<>`.",
                    replaced(new Span(end - 2, end), "<>"));
        }
        if (evaluator.value(node.left()) instanceof NumberValue a
                && evaluator.value(node.right()) instanceof NumberValue b
                && isNearMiss(a.real(), b.real())) {
            add(
                    "nearly-equal",
                    "One side is approximate and differs in its last digits only. Compare rounded values.",
                    "");
        }
    }

    private static boolean isNearMiss(Real a, Real b) {
        boolean approximate = !a.isExact() || !b.isExact();
        double difference = Math.abs(a.toDouble() - b.toDouble());
        return approximate && a.compareTo(b) != 0 && difference <= 1e-12 * Math.abs(a.toDouble());
    }

    /** {@code sum(1,000.50)} adds two numbers; nobody writes zeros in front of the second. */
    private void grouping(Call node) {
        List<Expression> given = node.arguments().stream()
                .flatMap(argument -> argument.value().stream())
                .toList();
        for (int i = 1; i < given.size(); i++) {
            Span both = given.get(i - 1).span().to(given.get(i).span());
            if (given.get(i - 1) instanceof Literal
                    && GROUPED.matcher(both.in(entry)).matches()) {
                String number = both.in(entry).replace(",", "");
                add(
                        "grouped-or-arguments",
                        "`" + both.in(entry) + "` is read as two arguments. The number is written `" + number + "`.",
                        replaced(both, number));
            }
        }
    }

    private void call(Call node) {
        grouping(node);
        textsAmongNumbers(node);
        String name = node.function().toLowerCase(Locale.ROOT);
        calculus(name, node);
        if (node.arguments().size() != 1 || node.arguments().get(0).value().isEmpty()) {
            return;
        }
        Expression argument = node.arguments().get(0).value().get();
        Value value = OF_ANGLES.contains(name) || name.equals("log") ? evaluator.value(argument) : NumberValue.of(0);
        if (!(value instanceof NumberValue number)) {
            return;
        }
        if (name.equals("log")
                && !(evaluator.value(node) instanceof NumberValue log
                        && log.real().isWhole())) {
            add("log-or-ln", "`log` is to base 10. The natural logarithm is `ln`.", replaced(node.nameSpan(), "ln"));
        }
        boolean inRadians = evaluator.scope().surroundings().angle() == Surroundings.Angle.RADIANS;
        if (OF_ANGLES.contains(name)
                && inRadians
                && number.real().isWhole()
                && number.real().abs().compareTo(LOOKS_LIKE_DEGREES) >= 0) {
            String degrees = (argument instanceof Literal ? typed(argument) : "(" + typed(argument) + ")") + "°";
            add(
                    "radians-or-degrees",
                    "This angle is in radians. For degrees write `" + degrees + "`.",
                    replaced(argument.span(), degrees));
        }
    }

    /** Whether several equations have a solution that is no more than near one. */
    private boolean isSystemInNumbers(Call node) {
        boolean isSystem = node.arguments().get(0).value().orElse(null) instanceof TableLiteral;
        return isSystem
                && evaluator.value(node) instanceof Table rows
                && rows.at(0, 0) instanceof NumberValue number
                && !number.isExact()
                && number.exactForm() == null;
    }

    private void calculus(String name, Call node) {
        boolean isPlain = node.arguments().size() == 2;
        boolean[] hasAngle = {false};
        Walk.visit(
                node,
                each -> hasAngle[0] |= each instanceof Call call
                        && OF_ANGLES.contains(call.function().toLowerCase(Locale.ROOT)));
        if (name.equals("integral") && isPlain) {
            add("constant-of-integration", "Any constant may be added to it: the slope stays the same.", "");
        }
        if (name.equals("solve") && isPlain && hasAngle[0]) {
            add(
                    "more-solutions",
                    "There may be more: functions of angles come back with every turn. Say between which numbers to"
                            + " look, as in `solve(sin(x) = 0, x, 0, 10)`.",
                    "");
        }
        if (name.equals("solve") && isPlain && !hasAngle[0] && isSystemInNumbers(node)) {
            add(
                    "more-solutions",
                    "These were found by trying from several places, and there may be more. Say near which numbers to look,"
                            + " as in `near: {1; 2}`.",
                    "");
        }
        boolean isOfSlopes = name.equals("derivative") || name.equals("integral");
        if (isOfSlopes && hasAngle[0] && evaluator.surroundings().angle() == Surroundings.Angle.DEGREES) {
            add(
                    "slope-in-degrees",
                    "Angles are degrees in this worksheet, so π/180 comes in. In radians it does not.",
                    "");
        }
    }

    private void add(String code, String message, String replacement) {
        hints.add(new Hint(code, message, replacement));
    }

    private String typed(Expression node) {
        return node.span().in(entry);
    }

    private String replaced(Span place, String by) {
        return entry.substring(0, place.start()) + by + entry.substring(place.end());
    }
}
