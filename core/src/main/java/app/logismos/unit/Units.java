package app.logismos.unit;

import app.logismos.number.PiMultiple;

/** Units that the language itself speaks of. */
public final class Units {
    /** Of time, in the SI. */
    public static final Unit SECOND = known("s");

    /** The day of 86,400 seconds. */
    public static final Unit DAY = known("day");

    /** Of differences of temperature, in the SI. */
    public static final Unit KELVIN = known("K");

    /** What inverse functions answer in. */
    public static final Unit RADIAN = known("rad");

    /** What the sign ° stands for. */
    public static final Unit DEGREE = known("°");

    private Units() {}

    /** Whether a unit measures angles: all but the radian are multiples of π. */
    public static boolean isAngle(Unit unit) {
        return unit.isDimensionless() && (unit.factor() instanceof PiMultiple || unit.equals(RADIAN));
    }

    private static Unit known(String symbol) {
        return UnitCatalogue.STANDARD.unit(symbol).orElseThrow();
    }
}
