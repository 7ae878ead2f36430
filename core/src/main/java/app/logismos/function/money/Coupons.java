package app.logismos.function.money;

import app.logismos.function.DayCount;
import app.logismos.number.Rational;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * The days on which a security pays interest, counted back from its last (OpenFormula 4.11.7 and 6.12).
 *
 * @param settlement the day of purchase, before {@code last}
 * @param last the last day of payment
 * @param frequency how many times a year: 1, 2 or 4
 */
public record Coupons(LocalDate settlement, LocalDate last, int frequency, DayCount basis) {
    /** The day of payment so many payments before the last; ends of months stay ends of months. */
    private LocalDate before(int count) {
        LocalDate day = last.minusMonths(count * (12L / frequency));
        return last.getDayOfMonth() == last.lengthOfMonth() ? day.withDayOfMonth(day.lengthOfMonth()) : day;
    }

    /** How many payments are still to come after the purchase. */
    int count() {
        int count = 1;
        while (before(count).isAfter(settlement)) {
            count++;
        }
        return count;
    }

    LocalDate previous() {
        return before(count());
    }

    LocalDate next() {
        return before(count() - 1);
    }

    /** The days of the period in which the purchase lies. */
    Rational days() {
        return switch (basis) {
            case ACTUAL -> Rational.of(ChronoUnit.DAYS.between(previous(), next()));
            case ACTUAL_365 -> Rational.of(365, frequency);
            case THIRTY_360, ACTUAL_360, THIRTY_360_EUROPEAN -> Rational.of(360, frequency);
        };
    }

    /** The days from the last payment to the purchase. */
    Rational daysBefore() {
        return between(previous(), settlement);
    }

    /** The days from the purchase to the next payment. */
    Rational daysAfter() {
        return switch (basis) {
            case THIRTY_360, THIRTY_360_EUROPEAN -> (Rational) days().minus(daysBefore());
            case ACTUAL, ACTUAL_360, ACTUAL_365 -> between(settlement, next());
        };
    }

    /** How much of a period lies between the purchase and the next payment. */
    Rational partAfter() {
        return (Rational) daysAfter().dividedBy(days());
    }

    /** How much of a period lies between the last payment and the purchase. */
    Rational partBefore() {
        return (Rational) daysBefore().dividedBy(days());
    }

    /** How many periods, with their parts, lie between the purchase and the last day. */
    Rational periods() {
        return (Rational) Rational.of(count() - 1L).plus(partAfter());
    }

    private Rational between(LocalDate from, LocalDate to) {
        return switch (basis) {
            case THIRTY_360 -> Rational.of(DayCount.days360(from, to, false));
            case THIRTY_360_EUROPEAN -> Rational.of(DayCount.days360(from, to, true));
            case ACTUAL, ACTUAL_360, ACTUAL_365 -> Rational.of(ChronoUnit.DAYS.between(from, to));
        };
    }
}
