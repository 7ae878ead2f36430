package app.logismos.unit;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The units that people use for the same thing, for those who want to see a quantity in another one. */
public final class UsualUnits {
    private static final int MOST = 6;

    private static final List<List<String>> ALL = Stream.of(
                    "mm cm m km in ft yd mi nmi",
                    "mg g kg t oz lb st ton",
                    "ms s min h day week year",
                    "°C °F K",
                    "mm² cm² m² ha km² ft² acre",
                    "mL L m³ tsp tbsp floz cup pt gal gal_imp ft³",
                    "m/s km/h mph kn ft/s",
                    "m/s² ft/s² Gal",
                    "N kN lbf kgf",
                    "Pa kPa MPa bar mbar psi atm mmHg",
                    "J kJ MJ kWh kcal BTU eV ft·lbf",
                    "W kW MW hp BTU/h",
                    "° rad gon rev",
                    "bit B kB MB GB KiB MiB GiB",
                    "bit/s kbit/s Mbit/s MB/s",
                    "Hz kHz MHz rpm",
                    "mpg mpg_imp L/100km",
                    "kg/m³ g/cm³ kg/L lb/ft³",
                    "L/min L/s m³/h gpm",
                    "A mA",
                    "V mV kV",
                    "C mA·h A·h",
                    "lx fc",
                    "Bq Ci",
                    "Sv mSv rem",
                    "EUR USD GBP CHF JPY",
                    "EUR/kg USD/kg USD/lb EUR/t",
                    "EUR/L USD/gal")
            .map(line -> List.of(line.split(" ")))
            .toList();

    private UsualUnits() {}

    /** Others of the same dimension; those first in which the number is neither very small nor very large. */
    public static List<Unit> insteadOf(Unit unit, Real number) {
        return ALL.stream()
                .map(UsualUnits::units)
                .filter(units -> !units.isEmpty() && units.get(0).isLike(unit))
                .flatMap(List::stream)
                .filter(other -> !other.equals(unit) && unit.convert(number, other) instanceof Real)
                .sorted(Comparator.comparingDouble(other -> awkwardness((Real) unit.convert(number, other))))
                .limit(MOST)
                .toList();
    }

    /** Those that begin with some letters, for completion. */
    public static List<Unit> startingWith(String letters) {
        return ALL.stream()
                .map(UsualUnits::units)
                .flatMap(List::stream)
                .filter(unit -> unit.symbol().startsWith(letters))
                .distinct()
                .toList();
    }

    /** Looked up each time, since the rates of money change; a currency may be no longer there. */
    private static List<Unit> units(List<String> symbols) {
        return symbols.stream()
                .flatMap(symbol -> UnitCatalogue.STANDARD.unit(symbol).stream())
                .toList();
    }

    /** How far a number is from those that are easily read, from 1 to 1,000. */
    private static double awkwardness(Real number) {
        double size = number.abs().compareTo(Rational.ZERO) == 0 ? 0 : Math.log10(Math.abs(number.toDouble()));
        return size < 0 ? -size : Math.max(0, size - 3);
    }
}
