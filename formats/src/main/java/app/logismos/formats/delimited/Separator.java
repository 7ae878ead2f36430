package app.logismos.formats.delimited;

import java.util.Optional;
import java.util.stream.Stream;

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

    static Optional<Separator> of(char sign) {
        return Stream.of(values()).filter(each -> each.sign == sign).findFirst();
    }

    char sign() {
        return sign;
    }
}
