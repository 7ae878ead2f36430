package app.logismos.formats.book;

import app.logismos.value.Failure;

/** The errors of documents (OpenFormula, section 4.6; ECMA-376, part 1, section 18.17.3). */
public final class Errors {
    private Errors() {}

    /** How a failure of ours is spelled there. */
    public static String spelled(Failure failure) {
        return switch (failure.code()) {
            case DIVIDE_BY_ZERO -> "#DIV/0!";
            case UNKNOWN_NAME, UNKNOWN_FUNCTION, UNKNOWN_UNIT, SYNTAX -> "#NAME?";
            case MISSING_REFERENCE -> "#REF!";
            case NOT_FOUND -> "#N/A";
            case NO_REAL_RESULT, TOO_LARGE, TOOK_TOO_LONG -> "#NUM!";
            default -> "#VALUE!";
        };
    }
}
