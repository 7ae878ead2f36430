package app.logismos.evaluate;

import app.logismos.display.Typeset;
import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.LatexPrinter;
import app.logismos.formula.Printer;
import app.logismos.formula.Walk;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.function.Function;

/**
 * One step of the working, by the expressions that it goes from and to.
 *
 * @param before the whole expression before it
 * @param part the node of it that is worked now
 * @param note the calculation behind it, where the step itself hides one; may be empty
 * @param worth what the part comes to
 * @param after the whole expression after it
 */
record Step(Expression before, Expression part, Rule rule, String note, Expression worth, Expression after) {
    /** A longer expression is not typeset step by step. */
    private static final int MOST_TYPESET = 600;

    Step leadingTo(Expression other) {
        return new Step(before, part, rule, note, worth, other);
    }

    /**
     * The step as it is read by people, in a formula of this cell.
     *
     * @param fractions how a value is set that is written as a fraction
     */
    ShownStep shown(Address origin, Function<Value, String> fractions) {
        Printer.Printed printed = Printer.print(before, origin);
        return new ShownStep(
                printed.text(),
                printed.places().get(part),
                rule,
                note,
                Printer.text(worth, origin),
                isRounded(after),
                Printer.text(after, origin),
                printed.text().length() > MOST_TYPESET
                        ? ""
                        : LatexPrinter.latex(before, origin, Typeset::latex, fractions, part));
    }

    /** Whether a value in the expression is not the number itself but one near it. */
    private static boolean isRounded(Expression expression) {
        boolean[] found = {false};
        Walk.visit(expression, node -> found[0] |= node instanceof Literal literal && isRounded(literal.value()));
        return found[0];
    }

    private static boolean isRounded(Value value) {
        if (value instanceof Table table) {
            boolean[] found = {false};
            table.forEachFilled(each -> found[0] |= isRounded(each));
            return found[0];
        }
        return !value.isExact();
    }
}
