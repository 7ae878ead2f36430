package app.logismos.evaluate;

/**
 * A remark on a calculation that is right but may not be what was meant.
 *
 * @param code as in answers: {@code sign-and-power}
 * @param replacement the whole entry as it would read otherwise; empty where there is nothing to offer
 */
public record Hint(String code, String message, String replacement) {}
