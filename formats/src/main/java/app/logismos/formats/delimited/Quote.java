package app.logismos.formats.delimited;

/** The sign around a text that holds separators or line breaks. */
public enum Quote {
    QUOTATION_MARK('"'),
    APOSTROPHE('\''),
    NONE(null);

    private final Character sign;

    Quote(Character sign) {
        this.sign = sign;
    }

    /** Null where there is none. */
    Character sign() {
        return sign;
    }
}
