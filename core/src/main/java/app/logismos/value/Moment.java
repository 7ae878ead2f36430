package app.logismos.value;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** A point in time or a span of it (ISO 8601), to the nanosecond and without a time zone. */
public sealed interface Moment extends Value {
    /** As ISO 8601 writes it, with seconds: {@code 14:30:00}. */
    String iso();

    /**
     * Earlier or shorter first.
     *
     * @param other of the same kind
     */
    int compareTo(Moment other);

    /** As a person writes it: seconds only where there are any. */
    String shown();

    @Override
    default <R> R accept(Visitor<R> visitor) {
        return visitor.moment(this);
    }

    /** A day of the calendar. */
    record Date(LocalDate date) implements Moment {
        @Override
        public Kind kind() {
            return Kind.DATE;
        }

        @Override
        public int compareTo(Moment other) {
            return date.compareTo(((Date) other).date);
        }

        @Override
        public String iso() {
            return date.toString();
        }

        @Override
        public String shown() {
            return iso();
        }
    }

    /** A time of the day. */
    record Time(LocalTime time) implements Moment {
        @Override
        public Kind kind() {
            return Kind.TIME;
        }

        @Override
        public int compareTo(Moment other) {
            return time.compareTo(((Time) other).time);
        }

        @Override
        public String iso() {
            return withSeconds(time.toString());
        }

        @Override
        public String shown() {
            return time.toString();
        }
    }

    /** A time of a day. */
    record DateTime(LocalDateTime at) implements Moment {
        @Override
        public Kind kind() {
            return Kind.DATETIME;
        }

        @Override
        public int compareTo(Moment other) {
            return at.compareTo(((DateTime) other).at);
        }

        @Override
        public String iso() {
            return at.toLocalDate() + "T" + withSeconds(at.toLocalTime().toString());
        }

        @Override
        public String shown() {
            return at.toLocalDate() + " " + at.toLocalTime();
        }
    }

    /** So many hours, minutes and seconds, whenever they are. */
    record Elapsed(Duration length) implements Moment {
        @Override
        public Kind kind() {
            return Kind.DURATION;
        }

        @Override
        public int compareTo(Moment other) {
            return length.compareTo(((Elapsed) other).length);
        }

        @Override
        public String iso() {
            return length.toString();
        }

        @Override
        public String shown() {
            Duration whole = length.abs();
            StringBuilder parts = new StringBuilder(length.isNegative() ? "-" : "");
            part(parts, whole.toHours(), "h");
            part(parts, whole.toMinutesPart(), "min");
            if (whole.toSecondsPart() != 0 || whole.toNanosPart() != 0 || whole.isZero()) {
                String seconds = Duration.ofSeconds(whole.toSecondsPart(), whole.toNanosPart())
                        .toString();
                part(parts, seconds.substring(2, seconds.length() - 1), "s");
            }
            return parts.toString().stripTrailing();
        }

        private static void part(StringBuilder parts, long number, String unit) {
            if (number != 0) {
                part(parts, String.valueOf(number), unit);
            }
        }

        private static void part(StringBuilder parts, String number, String unit) {
            parts.append(number).append(' ').append(unit).append(' ');
        }
    }

    private static String withSeconds(String time) {
        return time.length() == "14:30".length() ? time + ":00" : time;
    }
}
