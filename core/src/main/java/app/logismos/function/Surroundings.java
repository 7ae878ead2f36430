package app.logismos.function;

/**
 * What a calculation depends on besides its arguments.
 *
 * @param angle what a plain number means where an angle is asked for
 */
public record Surroundings(Angle angle) {
    /** Radians. */
    public static final Surroundings USUAL = new Surroundings(Angle.RADIANS);

    /** The unit of plain numbers as angles. */
    public enum Angle {
        RADIANS,
        DEGREES
    }
}
