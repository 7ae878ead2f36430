package app.logismos.evaluate;

import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Walk;
import app.logismos.unit.Currencies;
import app.logismos.unit.Unit;
import app.logismos.value.ComplexValue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Hints on calculations with units that are right but may not be what was meant. */
final class UnitHints {
    private static final Pattern RAISED_BY_DIGITS = Pattern.compile("([A-Za-z]{1,3})([0-9]+)$");

    private UnitHints() {}

    /** {@code 1/2 km} is 1/(2 km): the unit belongs to the last number only. */
    static Optional<Hint> binding(Infix node, String entry) {
        boolean isPlainBefore = node.left() instanceof Literal left && left.value() instanceof NumberValue;
        boolean bindsTighter = node.operator() == InfixOperator.POWER || node.operator() == InfixOperator.DIVIDE;
        if (!bindsTighter
                || !isPlainBefore
                || !(node.right() instanceof Literal right)
                || !(right.value() instanceof Quantity || right.value() instanceof ComplexValue)) {
            return Optional.empty();
        }
        String unit =
                right.value() instanceof Quantity quantity ? quantity.unit().symbol() : "i";
        String typed = right.span().in(entry);
        String number = typed.replaceFirst("[ \u00a0\u202f]?[\\p{L}°′″\\[].*$", "");
        String sign = right.value() instanceof Quantity ? "" : "*";
        String whole = "(" + new Span(node.span().start(), right.span().start()).in(entry) + number + ")"
                + sign
                + typed.substring(number.length());
        return Optional.of(new Hint(
                "unit-of-last-number",
                "`" + unit + "` belongs to `" + number + "` only. For the whole with "
                        + (sign.isEmpty() ? "this unit" : "it") + " write `" + whole + "`.",
                entry.substring(0, node.span().start())
                        + whole
                        + entry.substring(node.span().end())));
    }

    /** {@code 5 kg/m2} is a density; somebody who points at cells may mean M2. */
    static Optional<Hint> cellOrUnit(Literal node, String entry) {
        String typed = node.span().in(entry);
        Matcher raised = RAISED_BY_DIGITS.matcher(typed);
        if (!(node.value() instanceof Quantity) || !raised.find()) {
            return Optional.empty();
        }
        String cell = raised.group().toUpperCase(java.util.Locale.ROOT);
        String before = typed.substring(0, raised.start());
        boolean divides = before.endsWith("/");
        String other = divides
                ? before.substring(0, before.length() - 1).stripTrailing() + " / " + cell
                : before.stripTrailing() + "*" + cell;
        return Optional.of(new Hint(
                "unit-or-cell",
                "`" + raised.group() + "` is a unit here, `" + raised.group(1) + "^" + raised.group(2)
                        + "`. For the cell write `" + other + "`.",
                entry.substring(0, node.span().start())
                        + other
                        + entry.substring(node.span().end())));
    }

    /** Where several currencies meet, and the rates that join them are samples. */
    static Optional<Hint> sampleRates(List<Expression> nodes, Evaluator evaluator) {
        List<Unit> units = new ArrayList<>();
        for (Expression node : nodes) {
            if (node instanceof Conversion conversion) {
                units.add(conversion.unit());
            }
            if (bringsUnits(node) && evaluator.value(node) instanceof Quantity quantity) {
                units.add(quantity.unit());
            }
        }
        return Currencies.joinedBySamples(units).map(message -> new Hint("sample-rates", message, ""));
    }

    /** Operators take their units from what stands beside them; that need not be calculated once more. */
    private static boolean bringsUnits(Expression node) {
        return Walk.children(node).isEmpty() || node instanceof WithUnit || node instanceof Call;
    }
}
