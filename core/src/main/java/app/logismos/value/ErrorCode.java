package app.logismos.value;

import java.util.Locale;

/** The codes of section 8 of the language. */
public enum ErrorCode {
    SYNTAX,
    UNKNOWN_NAME,
    UNKNOWN_FUNCTION,
    UNKNOWN_UNIT,
    WRONG_ARGUMENTS,
    WRONG_KIND,
    DIVIDE_BY_ZERO,
    NO_REAL_RESULT,
    UNITS_DIFFER,
    MISSING_REFERENCE,
    CIRCULAR,
    NO_ROOM,
    SHAPES_DIFFER,
    NOT_FOUND,
    TOO_LARGE,
    TOOK_TOO_LONG;

    /** The code as it stands in the language and in answers: {@code divide-by-zero}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
