package app.logismos.sheet;

/**
 * How numbers are read and shown in a whole worksheet.
 *
 * @param degrees whether a plain number is an angle in degrees, and not in radians, where an angle is asked for
 * @param comma whether the decimal mark is a comma
 * @param grouped whether the digits before the decimal mark stand in groups of three
 * @param dropped whether cells say by a ≈ that they show fewer digits than there are, or no exact number
 * @param complex whether what has no real answer has a complex one, as the root of −1
 * @param style the number style of cells that have none, as {@code display} reads it; empty for the automatic one
 */
public record Settings(
        boolean degrees, boolean comma, boolean grouped, boolean dropped, boolean complex, String style) {
    /** Those of a new worksheet. */
    public static final Settings USUAL = new Settings(false, false, false, false, false, "");
}
