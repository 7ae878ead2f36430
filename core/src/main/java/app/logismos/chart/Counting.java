package app.logismos.chart;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.stream.DoubleStream;

/**
 * How an equation counts along an axis: numbers and quantities as the axis does; dates and times in days, hours, minutes or
 * seconds from the first of them, since an equation knows no dates.
 *
 * @param from the first of the moments as the axis has it; 0 where nothing is counted from
 * @param step how long a step of the counting is on the axis
 * @param unit that the numbers are in; empty where they have none
 */
record Counting(Measure measure, double from, double step, String unit) {
    private static final int TWO = 2; // of a unit, or a smaller one tells more

    private enum Step {
        DAYS(86_400, "d"),
        HOURS(3_600, "h"),
        MINUTES(60, "min"),
        SECONDS(1, "s");

        private final int seconds;
        private final String unit;

        Step(int seconds, String unit) {
            this.seconds = seconds;
            this.unit = unit;
        }
    }

    /** How values at these places are counted. */
    static Counting of(Measure measure, double[] places) {
        if (measure instanceof Measure.Numbers || measure instanceof Measure.Quantities) {
            return new Counting(measure, 0, 1, measure.unit());
        }
        double first = DoubleStream.of(places).min().orElse(0);
        if (measure instanceof Measure.Dates) {
            return new Counting(measure, first, 1, Step.DAYS.unit);
        }
        double span = DoubleStream.of(places).max().orElse(0) - first;
        Step step = List.of(Step.values()).stream()
                .filter(each -> span >= TWO * each.seconds)
                .findFirst()
                .orElse(Step.SECONDS);
        return new Counting(measure, measure instanceof Measure.Durations ? 0 : first, step.seconds, step.unit);
    }

    /** The number of a place. */
    double number(double place) {
        return (place - from) / step;
    }

    /** The place of a number. */
    double place(double number) {
        return from + number * step;
    }

    /** The number of a value with all its digits. */
    Real number(Value value, double place) {
        if (value instanceof NumberValue plain && measure instanceof Measure.Numbers) {
            return plain.real();
        }
        if (value instanceof Quantity quantity
                && measure instanceof Measure.Quantities in
                && quantity.unit().isLike(in.in())
                && quantity.in(in.in()) instanceof Real exact) {
            return exact;
        }
        return step == 1 && from == 0
                ? Real.from(place)
                : Rational.of(BigDecimal.valueOf(place).subtract(BigDecimal.valueOf(from)))
                                        .dividedBy(Rational.of(BigDecimal.valueOf(step)))
                                instanceof Real counted
                        ? counted
                        : Real.from(number(place));
    }

    /** What the numbers are, in words that go on {@code x in}; empty where they have no unit. */
    String says() {
        return from == 0 && !(measure instanceof Measure.Dates) ? unit : unit + " from " + measure.text(from);
    }

    /** An expression for the number of what a reference is worth. */
    String formula(String reference) {
        if (measure instanceof Measure.Numbers) {
            return reference;
        }
        return measure instanceof Measure.Quantities || measure instanceof Measure.Durations
                ? "magnitude(" + reference + " to " + unit + ")"
                : "magnitude((" + reference + " - " + first() + ") to " + unit + ")";
    }

    private String first() {
        Value value = measure.value(from);
        if (value instanceof Moment.Date date) {
            return spelled(date.date());
        }
        if (value instanceof Moment.Time time) {
            return spelled(time.time());
        }
        Moment.DateTime at = (Moment.DateTime) value;
        return "(" + spelled(at.at().toLocalDate()) + " + "
                + at.at().toLocalTime().toSecondOfDay() + " s)";
    }

    private static String spelled(LocalDate date) {
        return String.format(
                Locale.ROOT, "date(%d, %d, %d)", date.getYear(), date.getMonthValue(), date.getDayOfMonth());
    }

    private static String spelled(LocalTime time) {
        return String.format(Locale.ROOT, "time(%d, %d, %d)", time.getHour(), time.getMinute(), time.getSecond());
    }
}
