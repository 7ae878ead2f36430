package app.logismos.unit;

import java.util.LinkedHashMap;
import java.util.Map;

/** Words for what units measure. */
final class Measures {
    /** A unit that measures it, and the words. */
    private static final String[][] WORDS = {
        {"m^2", "an area"},
        {"m^3", "a volume"},
        {"m/s", "a speed"},
        {"m/s^2", "an acceleration"},
        {"1/s", "a frequency"},
        {"N", "a force"},
        {"Pa", "a pressure"},
        {"J", "an energy"},
        {"W", "a power"},
        {"C", "an electric charge"},
        {"V", "a voltage"},
        {"Ω", "an electric resistance"},
        {"S", "an electric conductance"},
        {"F", "a capacitance"},
        {"H", "an inductance"},
        {"Wb", "a magnetic flux"},
        {"T", "a magnetic flux density"},
        {"kg/m^3", "a density"},
        {"m^3/s", "a flow"},
        {"kg/s", "a mass flow"},
        {"bit/s", "a data rate"},
        {"lx", "an illuminance"},
        {"EUR/kg", "a price of a mass"},
        {"EUR/L", "a price of a volume"},
        {"EUR/h", "a price of time"},
        {"mol/L", "a concentration"},
        {"J/kg", "an energy of a mass"},
        {"Pa·s", "a viscosity"},
    };

    private Measures() {}

    static String of(Dimension dimension) {
        if (dimension.isNone()) {
            return "a plain number";
        }
        for (Base base : Base.values()) {
            if (dimension.equals(Dimension.of(base))) {
                return base.one();
            }
        }
        return Lazily.WORDS_OF.getOrDefault(dimension, dimension.formula());
    }

    /** Read when first asked for: the catalogue must be there before. */
    private static final class Lazily {
        static final Map<Dimension, String> WORDS_OF = new LinkedHashMap<>();

        static {
            for (String[] each : WORDS) {
                WORDS_OF.put(UnitCatalogue.STANDARD.unit(each[0]).orElseThrow().dimension(), each[1]);
            }
        }
    }
}
