package app.logismos.formula;

/** The signs behind a value; they bind tighter than a power. */
public enum PostfixOperator {
    FACTORIAL("!", "!"),
    DOUBLE_FACTORIAL("!!", "!!"),
    PERCENT("%", "\\,\\%"),
    DEGREE("°", "^{\\circ}");

    private final String text;
    private final String latex;

    PostfixOperator(String text, String latex) {
        this.text = text;
        this.latex = latex;
    }

    /** The sign as it is written. */
    public String text() {
        return text;
    }

    String latex() {
        return latex;
    }
}
