package app.logismos.formula;

/** The operators between two values, with their level in section 2 of the language: a higher one binds tighter. */
public enum InfixOperator {
    EQUAL("=", 2, "="),
    UNEQUAL("<>", 2, "\\ne"),
    LESS("<", 2, "<"),
    AT_MOST("<=", 2, "\\le"),
    GREATER(">", 2, ">"),
    AT_LEAST(">=", 2, "\\ge"),
    JOIN("&", 3, "\\mathbin{\\&}"),
    PLUS("+", 4, "+"),
    MINUS("-", 4, "-"),
    TIMES("*", 5, "\\times"),
    DIVIDE("/", 5, "/"),
    MOD(" mod ", 5, "\\bmod"),
    DIV(" div ", 5, "\\mathbin{\\mathrm{div}}"),
    POWER("^", 7, "^");

    private final String text;
    private final int level;
    private final String latex;

    InfixOperator(String text, int level, String latex) {
        this.text = text;
        this.level = level;
        this.latex = latex;
    }

    /** The sign as it is written, with the spaces it needs. */
    public String text() {
        return text;
    }

    /** The level of section 2, from 1, the loosest, to 9. */
    public int level() {
        return level;
    }

    /** The sign in LaTeX. */
    String latex() {
        return latex;
    }

    /** Whether this compares two values. */
    public boolean isComparison() {
        return level == 2;
    }
}
