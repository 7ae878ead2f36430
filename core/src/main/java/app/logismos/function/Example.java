package app.logismos.function;

/**
 * A call and its value, shown in the guide and run as a test.
 *
 * @param expression without {@code =}
 * @param value as {@code value} of an answer
 */
public record Example(String expression, String value) {}
