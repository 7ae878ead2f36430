package app.logismos.formula;

import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.Optional;

/** What the text typed into one cell is (language, section 1). */
public sealed interface Entry {
    /** Nothing, or spaces. */
    enum Empty implements Entry {
        EMPTY
    }

    /** A number, a truth value or a text that stands for itself. */
    record Constant(Value value) implements Entry {}

    /**
     * A calculation, or a function of one's own as an {@link Expression.Definition}.
     *
     * @param name the name that the entry gives its cell, as in {@code area = height * width} and {@code f(x) = x^2}
     */
    record Calculation(Optional<String> name, Expression expression) implements Entry {}

    /** A calculation that could not be read. */
    record Unreadable(Optional<String> name, Failure failure) implements Entry {}
}
