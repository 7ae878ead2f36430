package app.logismos.formats.book;

import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalDouble;

/** Whether a value of ours is the one that a document keeps. */
final class Agreement {
    /** Half a unit in the fifteenth of significant digits. */
    private static final double SLACK = 5e-15;

    /** What a document that subtracts dates as numbers keeps of its digits. */
    private static final double ROUNDED = 1e-9;

    private static final double SECONDS = 86_400;

    private Agreement() {}

    /** Why they are not the same, as a sentence; nothing where they are. */
    static Optional<String> difference(Value theirs, Value ours, LocalDate dayZero) {
        Value mine = ours instanceof Table table && table.rows() == 1 && table.columns() == 1 ? table.at(0, 0) : ours;
        if (mine instanceof Failure failure) {
            return theirs instanceof Failure ? Optional.empty() : Optional.of(failure.message());
        }
        if (theirs instanceof Failure) {
            return Optional.of("The document has an error there.");
        }
        OptionalDouble left = number(theirs, dayZero);
        OptionalDouble right = number(mine, dayZero);
        if (left.isPresent() && right.isPresent()) {
            double a = left.getAsDouble();
            double b = right.getAsDouble();
            if (a == b || Math.abs(a - b) <= SLACK * Math.max(Math.abs(a), Math.abs(b))) {
                return Optional.empty();
            }
            boolean isRounded = Math.abs(a - b) <= ROUNDED * Math.max(Math.abs(a), Math.abs(b));
            return Optional.of(
                    b == 0 && Math.abs(a) < 1e-9
                            ? "The document has what rounding left over; it is exactly 0 here."
                            : isRounded
                                    ? "They are the same to nine digits, and no further."
                                    : "The numbers are not the same.");
        }
        if (isEmpty(theirs) && isEmpty(mine) || theirs.equals(mine)) {
            return Optional.empty();
        }
        boolean isComplex = theirs instanceof Text text
                && mine instanceof ComplexValue
                && text.text().equals(PlainText.of(mine).replace(" ", ""));
        if (isComplex) {
            return Optional.empty();
        }
        return Optional.of(
                theirs.kind() == mine.kind()
                        ? "They are not the same."
                        : "It is " + theirs.kind().one() + " in the document and "
                                + mine.kind().one() + " here.");
    }

    private static boolean isEmpty(Value value) {
        return value == Blank.BLANK || value instanceof Text text && text.text().isEmpty();
    }

    /** What counts as a number in a document. */
    static OptionalDouble number(Value value, LocalDate dayZero) {
        if (value instanceof NumberValue number) {
            return OptionalDouble.of(number.real().toDouble());
        } else if (value instanceof Quantity quantity) {
            return OptionalDouble.of(quantity.number().toDouble());
        } else if (value == Blank.BLANK) {
            return OptionalDouble.of(0);
        } else if (value instanceof Moment moment) {
            return OptionalDouble.of(days(moment, dayZero));
        }
        return OptionalDouble.empty();
    }

    /** A moment as documents count it, in days. */
    static double days(Moment moment, LocalDate dayZero) {
        if (moment instanceof Moment.Date day) {
            return ChronoUnit.DAYS.between(dayZero, day.date());
        } else if (moment instanceof Moment.Time time) {
            return time.time().toNanoOfDay() / 1e9 / SECONDS;
        } else if (moment instanceof Moment.DateTime at) {
            LocalDateTime zero = dayZero.atStartOfDay();
            return Duration.between(zero, at.at()).toMillis() / 1e3 / SECONDS;
        }
        Duration length = ((Moment.Elapsed) moment).length();
        return length.toMillis() / 1e3 / SECONDS;
    }
}
