package app.logismos.value;

/**
 * A way out of an error or a hint that can be taken with one act.
 *
 * @param label what it does, as on a button
 * @param replacement the whole entry as it then reads
 */
public record Fix(String label, String replacement) {}
