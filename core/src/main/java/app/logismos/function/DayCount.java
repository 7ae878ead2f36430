package app.logismos.function;

import app.logismos.number.Rational;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Ways to count the parts of a year, in the order of their numbers (OpenFormula 4.11.7). */
public enum DayCount {
    THIRTY_360 {
        @Override
        public Rational between(LocalDate from, LocalDate to) {
            return Rational.of(days360(from, to, false), 360);
        }
    },
    ACTUAL {
        @Override
        public Rational between(LocalDate from, LocalDate to) {
            return Rational.of(ChronoUnit.DAYS.between(from, to) * yearsTouched(from, to), days(from, to));
        }

        /** Over more than a year the mean length of the calendar years touched counts. */
        private long yearsTouched(LocalDate from, LocalDate to) {
            return to.isAfter(from.plusYears(1)) ? to.getYear() - from.getYear() + 1L : 1;
        }

        private long days(LocalDate from, LocalDate to) {
            if (to.isAfter(from.plusYears(1))) {
                return ChronoUnit.DAYS.between(
                        from.withDayOfYear(1), to.plusYears(1).withDayOfYear(1));
            }
            boolean isLeap = from.getYear() == to.getYear()
                    ? from.isLeapYear()
                    : from.isLeapYear() && from.isBefore(LocalDate.of(from.getYear(), 3, 1))
                            || to.isLeapYear() && !to.isBefore(LocalDate.of(to.getYear(), 2, 29));
            return isLeap ? 366 : 365;
        }
    },
    ACTUAL_360 {
        @Override
        public Rational between(LocalDate from, LocalDate to) {
            return Rational.of(ChronoUnit.DAYS.between(from, to), 360);
        }
    },
    ACTUAL_365 {
        @Override
        public Rational between(LocalDate from, LocalDate to) {
            return Rational.of(ChronoUnit.DAYS.between(from, to), 365);
        }
    },
    THIRTY_360_EUROPEAN {
        @Override
        public Rational between(LocalDate from, LocalDate to) {
            return Rational.of(days360(from, to, true), 360);
        }
    };

    public abstract Rational between(LocalDate from, LocalDate to);

    /** The part of a year between two days, whichever comes first. */
    public Rational years(LocalDate from, LocalDate to) {
        return from.isAfter(to) ? between(to, from) : between(from, to);
    }

    /** Days between, every month taken as 30 days; the American way minds the end of February. */
    public static long days360(LocalDate from, LocalDate to, boolean european) {
        int first = from.getDayOfMonth();
        int last = to.getDayOfMonth();
        if (european) {
            first = Math.min(first, 30);
            last = Math.min(last, 30);
        } else {
            boolean endsFebruary = from.getMonthValue() == 2 && first == from.lengthOfMonth();
            if (endsFebruary && to.getMonthValue() == 2 && last == to.lengthOfMonth()) {
                last = 30;
            }
            first = endsFebruary ? 30 : first;
            last = last == 31 && first >= 30 ? 30 : last;
            first = Math.min(first, 30);
        }
        return 360L * (to.getYear() - from.getYear())
                + 30L * (to.getMonthValue() - from.getMonthValue())
                + last
                - first;
    }
}
