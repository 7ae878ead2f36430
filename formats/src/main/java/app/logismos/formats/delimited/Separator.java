package app.logismos.formats.delimited;

/** What stands between the values of a line. */
public enum Separator {
    COMMA(','),
    SEMICOLON(';'),
    TAB('\t'),
    BAR('|');

    private final char sign;

    Separator(char sign) {
        this.sign = sign;
    }

    char sign() {
        return sign;
    }
}
