package app.logismos.unit;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** Money in units. */
public final class Currencies {
    private static final Dimension MONEY = Dimension.of(Base.MONEY);

    private Currencies() {}

    /** Whether a unit has money in it, as {@code EUR/kg} has. */
    public static boolean isIn(Unit unit) {
        return unit.powers().stream().anyMatch(Currencies::isMoney);
    }

    /** What is to be said where several currencies meet, and the rates that join them are samples. */
    public static Optional<String> joinedBySamples(Collection<Unit> units) {
        Map<String, Atom> currencies = new LinkedHashMap<>();
        units.forEach(unit -> unit.powers().stream()
                .filter(Currencies::isMoney)
                .forEach(power -> currencies.putIfAbsent(power.atom().symbol(), power.atom())));
        return currencies.size() < 2
                        || currencies.values().stream().noneMatch(atom -> Rates.isSample(atom.symbol(), atom.factor()))
                ? Optional.empty()
                : Optional.of("The rates between " + String.join(" and ", currencies.keySet())
                        + " are sample data, not those of today. They can be edited.");
    }

    private static boolean isMoney(Unit.Power power) {
        return power.atom().dimension().equals(MONEY);
    }
}
