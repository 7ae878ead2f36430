package app.logismos.function;

import app.logismos.formula.Expression;
import app.logismos.value.Value;

/** An expression that an argument is, and the variable in it that the call binds. */
public interface Bound {
    /** The expression, not worked out. */
    Expression expression();

    /** The variable, as it was typed. */
    String variable();

    /** The expression as it is written. */
    String text();

    /** What the expression is worth where the variable stands for a value; the time of the calculation goes on. */
    Value at(Value value);
}
