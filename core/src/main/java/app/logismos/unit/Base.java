package app.logismos.unit;

/** The base quantities of the SI (SI brochure, section 2.3). */
public enum Base {
    TIME,
    LENGTH,
    MASS,
    CURRENT,
    TEMPERATURE,
    AMOUNT,
    LIGHT
}
