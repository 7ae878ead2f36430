package app.logismos.unit;

import java.util.Locale;

/** The base quantities of the SI (SI brochure, section 2.3), and three more that do not turn into them. */
public enum Base {
    TIME,
    LENGTH,
    MASS,
    CURRENT,
    TEMPERATURE,
    AMOUNT,
    LIGHT,
    INFORMATION,
    MONEY,
    /** What a medicine does: counted in international units, whose mass differs from substance to substance. */
    EFFECT;

    /** In a sentence: {@code a mass}. */
    String one() {
        return switch (this) {
            case CURRENT -> "an electric current";
            case AMOUNT -> "an amount of substance";
            case LIGHT -> "a luminous intensity";
            case INFORMATION -> "an amount of data";
            case MONEY -> "an amount of money";
            case EFFECT -> "a biological effect";
            case TIME, LENGTH, MASS, TEMPERATURE -> "a " + name().toLowerCase(Locale.ROOT);
        };
    }
}
