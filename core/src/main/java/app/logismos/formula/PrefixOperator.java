package app.logismos.formula;

/** The signs before a value. */
public enum PrefixOperator {
    MINUS("-"),
    PLUS("+"),
    /** Takes its operand with the postfix signs: √9! is √(9!). */
    ROOT("√");

    private final String text;

    PrefixOperator(String text) {
        this.text = text;
    }

    /** The sign as it is written. */
    public String text() {
        return text;
    }
}
