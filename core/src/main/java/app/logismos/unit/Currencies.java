package app.logismos.unit;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;

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
        Set<String> currencies = new LinkedHashSet<>();
        units.forEach(unit -> unit.powers().stream()
                .filter(Currencies::isMoney)
                .forEach(power -> currencies.add(power.atom().symbol())));
        return currencies.size() < 2 || currencies.stream().noneMatch(UnitCatalogue.STANDARD.rates()::isSample)
                ? Optional.empty()
                : Optional.of("The rates between " + String.join(" and ", currencies)
                        + " are sample data, not those of today. They can be edited.");
    }

    private static boolean isMoney(Unit.Power power) {
        return power.atom().dimension().equals(MONEY);
    }
}
