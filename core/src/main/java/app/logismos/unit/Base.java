package app.logismos.unit;

import java.util.Locale;

/** The base quantities of the SI (SI brochure, section 2.3), and two more that do not turn into them. */
public enum Base {
    TIME,
    LENGTH,
    MASS,
    CURRENT,
    TEMPERATURE,
    AMOUNT,
    LIGHT,
    INFORMATION,
    MONEY;

    /** In a sentence: {@code a mass}. */
    String one() {
        return switch (this) {
            case CURRENT -> "an electric current";
            case AMOUNT -> "an amount of substance";
            case LIGHT -> "a luminous intensity";
            case INFORMATION -> "an amount of data";
            case MONEY -> "an amount of money";
            case TIME, LENGTH, MASS, TEMPERATURE -> "a " + name().toLowerCase(Locale.ROOT);
        };
    }
}
