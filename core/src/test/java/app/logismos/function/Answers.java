package app.logismos.function;

import app.logismos.Patient;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.number.Real;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.Collection;
import java.util.stream.Collectors;

/** What expressions are worth, for tests that work out the same in another way. */
final class Answers {
    private static final Calculator CALCULATOR = new Calculator(Patient.LIMITS);

    private Answers() {}

    static Value of(String expression) {
        return CALCULATOR
                .calculate(expression, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }

    /** The value in full, a text without its quotes, or the code of a failure. */
    static String text(String expression) {
        Value value = of(expression);
        return value instanceof Failure failure
                ? failure.code().code()
                : value instanceof Text text ? text.text() : PlainText.of(value);
    }

    static Real real(String expression) {
        return of(expression) instanceof NumberValue number ? number.real() : fail(expression);
    }

    static double number(String expression) {
        return real(expression).toDouble();
    }

    private static Real fail(String expression) {
        throw new AssertionError("`" + expression + "` is " + text(expression));
    }

    /** A text as it is written in a formula. */
    static String quoted(String text) {
        return '"' + text.replace("\"", "\"\"") + '"';
    }

    /** A column as it is written in a formula. */
    static String column(Collection<?> values) {
        return values.stream().map(String::valueOf).collect(Collectors.joining("; ", "{", "}"));
    }
}
