package app.logismos.display;

import app.logismos.number.Irrational;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.Optional;

/**
 * Numbers with all their digits, as other programs read them: exact decimals in full, what does not end as the shortest
 * decimal that gives the same double. A fraction like {@code 7/3} would be taken for a date elsewhere.
 */
public final class InFull {
    private static final int MOST_DIGITS = 300;
    private static final int MOST_BITS = 1_000;

    private InFull() {}

    /** The digits of a number or quantity, its unit behind it; nothing for other values and for very long numbers. */
    public static Optional<String> text(Value value) {
        if (value instanceof NumberValue number) {
            return digits(number.real());
        }
        return value instanceof Quantity quantity
                ? digits(quantity.number()).map(quantity.unit()::behind)
                : Optional.empty();
    }

    private static Optional<String> digits(Real number) {
        if (!(number instanceof Rational rational)) {
            return Optional.of(Plain.text(number instanceof Irrational ? Real.from(number.toDouble()) : number));
        }
        if (rational.numerator().bitLength() > MOST_BITS
                || rational.denominator().bitLength() > MOST_BITS) {
            return Optional.empty();
        }
        return Optional.of(
                rational.isInteger()
                        ? Plain.text(rational)
                        : Plain.decimal(rational, MOST_DIGITS)
                                .orElseGet(() -> Plain.text(Plain.approximate(rational))));
    }
}
