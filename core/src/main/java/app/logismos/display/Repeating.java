package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigInteger;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The whole decimal expansion of a fraction, {@code 2.(3)}, where its digits and its period are few enough to show. */
public final class Repeating implements NumberStyle {
    /** The one there is. */
    public static final NumberStyle STYLE = new Repeating();

    private static final int MOST_DIGITS = 60;

    private Repeating() {}

    @Override
    public String text(Real number) {
        return expansion((Rational) number)
                .map(e -> e.before() + (e.period().isEmpty() ? "" : "(" + e.period() + ")"))
                .orElseThrow(() -> new IllegalArgumentException("the expansion must be short, was that of " + number));
    }

    @Override
    public String latex(Real number) {
        return expansion((Rational) number)
                .map(e -> e.before() + (e.period().isEmpty() ? "" : "\\overline{" + e.period() + "}"))
                .orElseThrow(() -> new IllegalArgumentException("the expansion must be short, was that of " + number));
    }

    @Override
    public boolean suits(Real number) {
        return number instanceof Rational rational
                && !rational.isInteger()
                && rational.denominator().bitLength() < 64
                && expansion(rational).isPresent();
    }

    private record Expansion(String before, String period) {}

    /** Long division; the digits repeat from where a remainder comes back. */
    private static Optional<Expansion> expansion(Rational number) {
        BigInteger[] parts = number.numerator().abs().divideAndRemainder(number.denominator());
        StringBuilder digits = new StringBuilder();
        Map<BigInteger, Integer> seen = new HashMap<>();
        BigInteger rest = parts[1];
        while (rest.signum() != 0 && !seen.containsKey(rest)) {
            if (digits.length() == MOST_DIGITS) {
                return Optional.empty();
            }
            seen.put(rest, digits.length());
            BigInteger[] next = rest.multiply(BigInteger.TEN).divideAndRemainder(number.denominator());
            digits.append(next[0]);
            rest = next[1];
        }
        int start = rest.signum() == 0 ? digits.length() : seen.get(rest);
        String whole = (number.signum() < 0 ? "-" : "") + parts[0] + ".";
        return Optional.of(new Expansion(whole + digits.substring(0, start), digits.substring(start)));
    }
}
