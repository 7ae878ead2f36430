package app.logismos.unit;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.StringJoiner;

/**
 * A product of powers of units with symbols: {@code km/h}. Immutable; dimension and factor are worked out once, since a
 * column of a million quantities has one unit.
 */
public final class Unit {
    /** The unit of plain numbers. */
    public static final Unit ONE = new Unit(List.of());

    private final List<Power> powers;
    private final Dimension dimension;
    private final Real factor;
    private final String symbol;
    private final boolean isScale;
    private final boolean hasShortForms;
    /** Powers of those units whose factors are rounded. */
    private final Map<String, Rational> rounded;

    /**
     * A power of a unit with a symbol.
     *
     * @param exponent not 0
     */
    public record Power(Atom atom, Rational exponent) {}

    private Unit(List<Power> powers) {
        this.powers = List.copyOf(powers);
        Dimension product = Dimension.NONE;
        Real size = Rational.ONE;
        for (Power power : powers) {
            product = product.times(power.atom().dimension(), power.exponent());
            size = Factors.times(size, Factors.power(power.atom().factor(), power.exponent()));
        }
        this.dimension = product;
        this.factor = size;
        this.symbol = symbolOf(powers);
        this.rounded = roundedOf(powers);
        this.hasShortForms =
                powers.stream().anyMatch(each -> !each.atom().parts().isEmpty());
        this.isScale = powers.size() == 1
                && powers.get(0).exponent().equals(Rational.ONE)
                && powers.get(0).atom().isScale();
    }

    /** A unit with a symbol, by itself. */
    public static Unit of(Atom atom) {
        return new Unit(List.of(new Power(atom, Rational.ONE)));
    }

    /** The exponent of the unit with this symbol; nothing where it is not among these. */
    public Optional<Rational> exponent(String unit) {
        return powers.stream()
                .filter(power -> power.atom().symbol().equals(unit))
                .map(Power::exponent)
                .findFirst();
    }

    /** The product of the others. */
    public Unit without(String unit) {
        List<Power> others = powers.stream()
                .filter(power -> !power.atom().symbol().equals(unit))
                .toList();
        return others.isEmpty() ? ONE : new Unit(others);
    }

    /** In the order in which they are written, each unit once. */
    public List<Power> powers() {
        return powers;
    }

    /** What it measures. */
    public Dimension dimension() {
        return dimension;
    }

    private static Map<String, Rational> roundedOf(List<Power> powers) {
        Map<String, Rational> rounded = new HashMap<>();
        for (Power power : powers) {
            if (!power.atom().rounded().isEmpty()) {
                rounded.merge(power.atom().rounded(), power.exponent(), (a, b) -> (Rational) a.plus(b));
            }
        }
        rounded.values().removeIf(exponent -> exponent.signum() == 0);
        return Map.copyOf(rounded);
    }

    /** How many coherent SI units one of it is; exact where the exponents are whole and no unit's factor is rounded. */
    public Real factor() {
        return rounded.isEmpty() ? factor : Plain.approximate(factor);
    }

    /** A ratio of this unit to another, which is exact where the rounded factors of both cancel. */
    private Result ratio(Result ratio, Unit other) {
        return ratio instanceof Real real && !rounded.equals(other.rounded) && real.signum() != 0
                ? Plain.approximate(real)
                : ratio;
    }

    /** Whether plain numbers have it, or could: radians and degrees are dimensionless, too. */
    public boolean isDimensionless() {
        return dimension.isNone();
    }

    /** Whether it counts on a scale: {@code °C}, but not {@code J/°C}, where differences are meant. */
    public boolean isScale() {
        return isScale;
    }

    /** The number on a scale at which the SI unit has 0, with the sign turned; 0 where this is no scale. */
    private Rational offset() {
        return isScale() ? powers.get(0).atom().offset() : Rational.ZERO;
    }

    /** Whether quantities in the two can be added, compared and converted. */
    public boolean isLike(Unit other) {
        return this == other || dimension.equals(other.dimension);
    }

    /**
     * The number of a quantity in this unit, in another unit of the same dimension; on scales with their offset.
     *
     * @return undefined only where numbers outgrow their bounds
     */
    public Result convert(Real number, Unit to) {
        if (this == to || equals(to)) {
            return number;
        }
        if (!isScale() && !to.isScale()) {
            return number.times(factor) instanceof Real coherent
                    ? ratio(coherent.dividedBy(to.factor), to)
                    : number.times(factor);
        }
        return number.plus(offset()) instanceof Real above
                        && above.times(factor) instanceof Real kelvins
                        && kelvins.dividedBy(to.factor) instanceof Real steps
                ? steps.minus(to.offset())
                : number.times(factor);
    }

    /** Whether one counts way by fuel and the other fuel by way; numbers are then turned over. */
    public boolean isReciprocal(Unit other) {
        return UnitCatalogue.STANDARD.isFuelUse(this)
                && UnitCatalogue.STANDARD.isFuelUse(other)
                && !isLike(other)
                && power(Rational.of(-1)).isLike(other);
    }

    /** The number in a unit of the reciprocal dimension. */
    public Result reciprocal(Real number, Unit to) {
        return number.times(factor()) instanceof Real coherent
                ? Rational.ONE.dividedBy(Factors.times(coherent, to.factor()))
                : Rational.ZERO;
    }

    /** A product of units, and what its number must be multiplied with. */
    public record Product(Unit unit, Real factor) {}

    /**
     * The product of this unit and a power of another. Units of one dimension are merged into the one that stands first:
     * {@code km/h} times {@code min} is {@code km} times 1/60.
     */
    public Product times(Unit other, Rational power) {
        if (other.powers.isEmpty()) {
            return new Product(this, Rational.ONE);
        }
        Product left = spelledOut(other, power);
        Product right = other.spelledOut(this, power);
        List<Power> product = new ArrayList<>(left.unit().powers);
        Real factor = Factors.times(left.factor(), Factors.power(right.factor(), power));
        for (Power each : right.unit().powers) {
            factor = Factors.times(factor, gather(product, new Power(each.atom(), (Rational)
                    each.exponent().times(power))));
        }
        return new Product(new Unit(product), factor);
    }

    /**
     * This unit beside a power of another: short forms that have a part which the other takes away are spelled out, so
     * that {@code mph} times {@code h} is {@code mi}.
     */
    public Product spelledOut(Unit other, Rational power) {
        if (!hasShortForms) {
            return new Product(this, Rational.ONE);
        }
        List<Power> product = new ArrayList<>();
        Real factor = Rational.ONE;
        for (Power each : powers) {
            if (each.atom().parts().stream().noneMatch(part -> other.takesAway(part, each.exponent(), power))) {
                factor = Factors.times(factor, gather(product, each));
                continue;
            }
            Unit parts = new Unit(each.atom().parts());
            Real ratio =
                    (Real) Unit.of(each.atom()).ratio(Factors.over(each.atom().factor(), parts.factor), parts);
            factor = Factors.times(factor, Factors.power(ratio, each.exponent()));
            for (Power part : parts.power(each.exponent()).powers) {
                factor = Factors.times(factor, gather(product, part));
            }
        }
        return new Product(new Unit(product), factor);
    }

    private boolean takesAway(Power part, Rational exponent, Rational power) {
        int side = part.exponent().signum() * exponent.signum() * power.signum();
        return powers.stream()
                .anyMatch(each -> each.exponent().signum() == -side
                        && !each.atom().dimension().isNone()
                        && each.atom().dimension().equals(part.atom().dimension()));
    }

    /** The product as it is written, with nothing merged but equal symbols: {@code km/m} stays. */
    Unit joined(Unit other, Rational power) {
        List<Power> product = new ArrayList<>(powers);
        for (Power each : other.powers) {
            Power added = new Power(each.atom(), (Rational) each.exponent().times(power));
            int same = indexOf(product, added.atom());
            if (same < 0) {
                product.add(added);
            } else {
                Rational sum = (Rational) product.get(same).exponent().plus(added.exponent());
                if (sum.signum() == 0) {
                    product.remove(same);
                } else {
                    product.set(same, new Power(added.atom(), sum));
                }
            }
        }
        return new Unit(product);
    }

    private static int indexOf(List<Power> powers, Atom atom) {
        for (int i = 0; i < powers.size(); i++) {
            if (powers.get(i).atom().equals(atom)) {
                return i;
            }
        }
        return -1;
    }

    private static Real gather(List<Power> product, Power added) {
        for (int i = 0; i < product.size(); i++) {
            Power present = product.get(i);
            boolean isSame = present.atom().equals(added.atom());
            boolean isLike = !present.atom().dimension().isNone()
                    && present.atom().dimension().equals(added.atom().dimension());
            if (isSame || isLike) {
                Rational sum = (Rational) present.exponent().plus(added.exponent());
                if (sum.signum() == 0) {
                    product.remove(i);
                } else {
                    product.set(i, new Power(present.atom(), sum));
                }
                return isSame
                        ? Rational.ONE
                        : Factors.power(
                                (Real) Unit.of(added.atom())
                                        .ratio(
                                                Factors.over(
                                                        added.atom().factor(),
                                                        present.atom().factor()),
                                                Unit.of(present.atom())),
                                added.exponent());
            }
        }
        product.add(added);
        return Rational.ONE;
    }

    /** The unit raised to a power; that of dimensionless units is dimensionless. */
    public Unit power(Rational exponent) {
        List<Power> raised = new ArrayList<>();
        if (exponent.signum() != 0) {
            powers.forEach(each ->
                    raised.add(new Power(each.atom(), (Rational) each.exponent().times(exponent))));
        }
        return new Unit(raised);
    }

    /**
     * The one of the units with a name of their own that this product of coherent SI units comes to: {@code N} for {@code
     * kg·m/s²}; this unit where there is none.
     */
    public Unit named() {
        boolean isProduct = powers.size() > 1
                || powers.size() == 1 && !powers.get(0).exponent().equals(Rational.ONE);
        return isProduct && powers.stream().allMatch(each -> each.atom().isCoherent())
                ? UnitCatalogue.STANDARD.named(dimension).orElse(this)
                : this;
    }

    /** With {@code ·}, {@code /} and superscripts: {@code kg·m/s²}; empty for plain numbers. */
    public String symbol() {
        return symbol;
    }

    /** Whether its symbol stands close to its number: {@code 30°}. */
    public boolean isClose() {
        return symbol.equals("°") || symbol.equals("′") || symbol.equals("″");
    }

    /** A number as it is written with this unit. */
    public String behind(String number) {
        return symbol.isEmpty() ? number : isClose() ? number + symbol : number + " " + symbol;
    }

    /** More than one unit below the line stands in brackets (ISO 80000-1, 7.2.2). */
    private static String symbolOf(List<Power> powers) {
        StringJoiner above = new StringJoiner("·");
        List<String> below = new ArrayList<>();
        for (Power power : powers) {
            String symbol = power.atom().symbol();
            if (power.exponent().signum() > 0) {
                above.add(symbol + superscript(power.exponent()));
            } else {
                below.add(symbol + superscript((Rational) power.exponent().negate()));
            }
        }
        if (below.isEmpty()) {
            return above.toString();
        }
        String divisor = String.join("·", below);
        return (above.length() == 0 ? "1" : above) + "/" + (below.size() > 1 ? "(" + divisor + ")" : divisor);
    }

    private static String superscript(Rational exponent) {
        if (exponent.equals(Rational.ONE)) {
            return "";
        }
        if (!exponent.isInteger()) {
            return "^(" + Plain.text(exponent) + ")";
        }
        StringBuilder raised = new StringBuilder();
        Plain.text(exponent).chars().forEach(digit -> raised.append("⁰¹²³⁴⁵⁶⁷⁸⁹".charAt(digit - '0')));
        return raised.toString();
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Unit that && powers.equals(that.powers);
    }

    @Override
    public int hashCode() {
        return powers.hashCode();
    }

    @Override
    public String toString() {
        return symbol;
    }
}
