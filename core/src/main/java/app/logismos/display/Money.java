package app.logismos.display;

import app.logismos.number.Real;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.Currency;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * An amount of money: the digits that its currency counts in, grouped, and the code behind.
 *
 * @param digits the amount's
 * @param code as in ISO 4217: {@code EUR}
 */
public record Money(NumberStyle digits, String code) implements NumberStyle {
    private static final Map<String, Currency> CURRENCIES = Currency.getAvailableCurrencies().stream()
            .collect(Collectors.toMap(Currency::getCurrencyCode, currency -> currency));

    /** The style for a code; nothing where ISO 4217 has no such one. */
    static Optional<NumberStyle> of(String code) {
        return places(code).map(places -> new Money(new Grouped(places), code));
    }

    /** How a calculated amount of money is shown that no style was chosen for; nothing for other values. */
    public static Optional<NumberStyle> calculated(Value value) {
        return value instanceof Quantity quantity
                ? places(quantity.unit().symbol()).map(Candid::new)
                : Optional.empty();
    }

    /** The decimal places that a currency counts in; nothing where ISO 4217 has no such code. */
    private static Optional<NumberStyle> places(String code) {
        return Optional.ofNullable(CURRENCIES.get(code))
                .map(currency -> new FixedPlaces(Math.max(0, currency.getDefaultFractionDigits())));
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
