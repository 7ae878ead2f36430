package app.logismos.unit;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;

/**
 * A product of powers of units with symbols: {@code km/h}.
 *
 * @param powers in the order in which they are written, each unit once and with an exponent other than 0
 */
public record Unit(List<Power> powers) {
    /** The unit of plain numbers. */
    public static final Unit ONE = new Unit(List.of());

    /** The second, unit of time in the SI. */
    public static final Unit SECOND = of(new Atom("s", Dimension.of(Base.TIME), Rational.ONE));

    /** The day of 86,400 seconds (SI brochure, table 8). */
    public static final Unit DAY = of(new Atom("day", Dimension.of(Base.TIME), Rational.of(86_400)));

    /** A power of a unit with a symbol. */
    public record Power(Atom atom, Rational exponent) {}

    public Unit {
        powers = List.copyOf(powers);
    }

    /** A unit with a symbol, by itself. */
    public static Unit of(Atom atom) {
        return new Unit(List.of(new Power(atom, Rational.ONE)));
    }

    /** What it measures. */
    public Dimension dimension() {
        Dimension dimension = Dimension.NONE;
        for (Power power : powers) {
            dimension = dimension.times(power.atom().dimension(), power.exponent());
        }
        return dimension;
    }

    /** How many coherent SI units one of it is; exact where the exponents are whole. */
    public Real factor() {
        Real factor = Rational.ONE;
        for (Power power : powers) {
            factor = (Real) factor.times((Real) power.atom().factor().power(power.exponent()));
        }
        return factor;
    }

    /** The product of this unit and a power of another; equal symbols are gathered at their first place. */
    public Unit times(Unit other, Rational power) {
        List<Power> product = new ArrayList<>(powers);
        for (Power each : other.powers) {
            gather(product, new Power(each.atom(), (Rational) each.exponent().times(power)));
        }
        return new Unit(product);
    }

    private static void gather(List<Power> product, Power added) {
        for (int i = 0; i < product.size(); i++) {
            Power present = product.get(i);
            if (present.atom().equals(added.atom())) {
                Rational sum = (Rational) present.exponent().plus(added.exponent());
                if (sum.signum() == 0) {
                    product.remove(i);
                } else {
                    product.set(i, new Power(present.atom(), sum));
                }
                return;
            }
        }
        product.add(added);
    }

    /** With {@code ·}, {@code /} and superscripts: {@code kg·m/s²}; empty for plain numbers. */
    public String symbol() {
        StringJoiner above = new StringJoiner("·");
        StringBuilder below = new StringBuilder();
        for (Power power : powers) {
            if (power.exponent().signum() > 0) {
                above.add(power.atom().symbol() + superscript(power.exponent()));
            } else {
                below.append('/').append(power.atom().symbol()).append(superscript((Rational)
                        power.exponent().negate()));
            }
        }
        return above.length() == 0 && !below.isEmpty() ? "1" + below : above.toString() + below;
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
}
