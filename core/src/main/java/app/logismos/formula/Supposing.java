package app.logismos.formula;

/**
 * The call {@code with(expression, name: value, …)}. It is held as {@code with(expression, name, value, …)}, so that names
 * and cells in it are renamed, moved and copied as everywhere.
 */
public final class Supposing {
    /** The name of the function. */
    public static final String FUNCTION = "with";

    /** As documents call it; they write the value behind the next separator. */
    public static final String ALSO = "MULTIPLE.OPERATIONS";

    private Supposing() {}

    /** Whether a function is this one. */
    public static boolean is(String function) {
        return function.equalsIgnoreCase(FUNCTION) || function.equalsIgnoreCase(ALSO);
    }

    /** Whether a value may stand behind a separator, instead of a colon. */
    static boolean isSeparated(String function) {
        return function.equalsIgnoreCase(ALSO);
    }

    /** Whether the argument at this place, from 0, is a name or cell that a value is put for. */
    public static boolean isSupposed(int index) {
        return index % 2 == 1;
    }

    /** Whether the argument at this place, from 0, is a value that is put for the one before it. */
    public static boolean isValue(int index) {
        return index > 0 && index % 2 == 0;
    }
}
