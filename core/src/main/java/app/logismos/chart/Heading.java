package app.logismos.chart;

import app.logismos.unit.UnitCatalogue;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A heading of cells: a name and the unit it states, as in {@code Reading, °C}, {@code Reading in °C}, {@code Reading
 * (°C)} or {@code Reading / °C} (ISO 80000-1, 7.1.4).
 *
 * @param unit its symbol; empty where it tells none
 */
record Heading(String name, String unit) {
    private static final Pattern WITH_UNIT =
            Pattern.compile("(?<name>.*\\S)\\s*(?:,\\s*|\\s+in\\s+|\\s*/\\s+|\\s*[(\\[]\\s*)(?<unit>\\S+?)\\s*[)\\]]?");

    static Heading of(String text, UnitCatalogue units) {
        Matcher matcher = WITH_UNIT.matcher(text.strip());
        if (matcher.matches()) {
            String unit = matcher.group("unit");
            boolean isUnit = units.at(unit, 0)
                    .filter(read -> read.end() == unit.length())
                    .isPresent();
            if (isUnit) {
                return new Heading(matcher.group("name"), unit);
            }
        }
        return new Heading(text.strip(), "");
    }

    /** As the title of an axis. */
    static String title(String name, String unit) {
        return unit.isEmpty() ? name : name.isEmpty() ? "in " + unit : name + " in " + unit;
    }

    /** The unit of values, or else that of the heading. */
    String unit(Optional<Measure> measure) {
        return measure.map(Measure::unit).filter(own -> !own.isEmpty()).orElse(unit);
    }
}
