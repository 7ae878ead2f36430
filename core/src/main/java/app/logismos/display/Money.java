package app.logismos.display;

import app.logismos.number.Real;
import java.util.Currency;
import java.util.Optional;

/**
 * An amount of money: the digits that its currency counts in, grouped, and the code behind.
 *
 * @param digits the amount's
 * @param code as in ISO 4217: {@code EUR}
 */
public record Money(NumberStyle digits, String code) implements NumberStyle {
    /** The style for a code; nothing where ISO 4217 has no such one. */
    static Optional<NumberStyle> of(String code) {
        return Currency.getAvailableCurrencies().stream()
                .filter(currency -> currency.getCurrencyCode().equals(code))
                .findAny()
                .map(currency -> new Money(
                        new Grouped(new FixedPlaces(Math.max(0, currency.getDefaultFractionDigits()))), code));
    }

    @Override
    public String text(Real number) {
        return digits.text(number) + " " + code;
    }

    @Override
    public String latex(Real number) {
        return digits.latex(number) + "\\,\\text{" + code + "}";
    }

    @Override
    public boolean keepsAllDigits(Real number) {
        return digits.keepsAllDigits(number);
    }
}
