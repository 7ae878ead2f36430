package app.logismos.unit;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.EnumMap;
import java.util.Map;

/**
 * What a unit measures: a product of powers of base quantities.
 *
 * @param exponents without zeros, so that equal dimensions are equal records
 */
public record Dimension(Map<Base, Rational> exponents) {
    /** The dimension of plain numbers. */
    public static final Dimension NONE = new Dimension(Map.of());

    public Dimension {
        exponents = Map.copyOf(exponents);
    }

    /** A base quantity itself. */
    public static Dimension of(Base base) {
        return new Dimension(Map.of(base, Rational.ONE));
    }

    /** Whether plain numbers have it. */
    public boolean isNone() {
        return exponents.isEmpty();
    }

    /** The product of this one and a power of another. */
    Dimension times(Dimension other, Rational power) {
        if (other.isNone()) {
            return this;
        }
        Map<Base, Rational> product = new EnumMap<>(Base.class);
        product.putAll(exponents);
        other.exponents.forEach((base, exponent) -> {
            Real sum = (Real) ((Real) exponent.times(power)).plus(product.getOrDefault(base, Rational.ZERO));
            if (sum.signum() == 0) {
                product.remove(base);
            } else {
                product.put(base, (Rational) sum);
            }
        });
        return new Dimension(product);
    }

    /** In powers of base quantities: {@code length/time^2}. */
    String formula() {
        StringBuilder above = new StringBuilder();
        StringBuilder below = new StringBuilder();
        for (Base base : Base.values()) {
            Rational exponent = exponents.getOrDefault(base, Rational.ZERO);
            if (exponent.signum() > 0) {
                above.append(above.length() == 0 ? "" : "·").append(power(base, exponent));
            } else if (exponent.signum() < 0) {
                below.append('/').append(power(base, (Rational) exponent.negate()));
            }
        }
        return (above.length() == 0 ? "1" : above.toString()) + below;
    }

    private static String power(Base base, Rational exponent) {
        String name = base.name().toLowerCase(java.util.Locale.ROOT);
        return exponent.equals(Rational.ONE) ? name : name + "^" + Plain.text(exponent);
    }
}
