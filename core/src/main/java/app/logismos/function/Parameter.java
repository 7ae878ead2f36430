package app.logismos.function;

import app.logismos.value.Value;
import java.util.Optional;

/**
 * What a function takes.
 *
 * @param fallback the value where the argument is left out; nothing where it must be given
 * @param repeated whether any number of arguments may stand here, at least one where it has no fallback; only the last parameter is
 */
public record Parameter(String name, Accepts accepts, String says, Optional<Value> fallback, boolean repeated) {
    /** What may be given. A table given for a single value makes the function work element by element. */
    public enum Accepts {
        /** A number. */
        NUMBER("a number"),
        /** A whole number. */
        WHOLE("a whole number"),
        /** An angle: radians, unless the worksheet says degrees. */
        ANGLE("an angle"),
        /** Numbers, or tables of them; texts and empty cells in tables are passed over. */
        NUMBERS("numbers or a range"),
        /** A table as it is; a single value is a table of one. */
        TABLE("a table"),
        /** A date, or a date with time. */
        DAY("a date"),
        /** A time of day, or a date with time. */
        TIME_OF_DAY("a time"),
        /** A text. */
        TEXT("a text"),
        /** A single value of any kind. */
        ANY("a value"),
        /** Truth values, or tables of them, each looked at only when it is needed. */
        TRUTHS("conditions"),
        /** A cell or range itself, and not its value. */
        REFERENCE("a reference"),
        /** An expression itself, with a variable in it that another argument names. */
        EXPRESSION("an expression"),
        /** A word that stands for many values in an expression. */
        VARIABLE("a variable"),
        /** Anything, evaluated only when it is asked for. */
        LAZY("a value"),
        /** A truth value. */
        TRUTH("a condition");

        private final String one;

        Accepts(String one) {
            this.one = one;
        }

        /** As in "a whole number". */
        public String one() {
            return one;
        }

        /** Whether a table is taken as it is. */
        public boolean takesTables() {
            return this == NUMBERS || this == TABLE || this == TRUTHS || !isWorkedOutFirst();
        }

        /** Whether an argument has a value before the function is called. */
        public boolean isWorkedOutFirst() {
            return this != LAZY && this != REFERENCE && this != EXPRESSION && this != VARIABLE;
        }
    }

    /** Whether the argument must be given. */
    public boolean isRequired() {
        return fallback.isEmpty();
    }
}
