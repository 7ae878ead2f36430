package app.logismos.catalogue;

import app.logismos.value.Value;

/**
 * A constant by name.
 *
 * @param value exact where it is so by definition
 * @param says what it is, for the guide
 * @param source where its value comes from
 */
public record Constant(String name, Value value, String says, String source) {}
