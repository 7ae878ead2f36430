package app.logismos.value;

/** The kinds of value, with the words for one of them in a sentence. */
public enum Kind {
    NUMBER("a number"),
    QUANTITY("a quantity"),
    COMPLEX("a complex number"),
    EXPRESSION("an expression"),
    FUNCTION("a function"),
    DATE("a date"),
    TIME("a time of day"),
    DATETIME("a date with time"),
    DURATION("a duration"),
    TEXT("a text"),
    TRUTH("a truth value"),
    EMPTY("an empty cell"),
    MISSING("a missing value"),
    TABLE("a table"),
    ERROR("an error");

    private final String one;

    Kind(String one) {
        this.one = one;
    }

    /** As in "a number". */
    public String one() {
        return one;
    }
}
