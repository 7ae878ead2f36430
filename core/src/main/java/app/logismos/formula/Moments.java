package app.logismos.formula;

import app.logismos.value.Moment;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Dates, times and dates with times as ISO 8601 writes them; a space may stand for the {@code T}. */
final class Moments {
    private static final Pattern ISO = Pattern.compile(
            "([0-9]{4}-[0-9]{2}-[0-9]{2})?([T ])?([0-9]{2}:[0-9]{2}(?::[0-9]{2}(?:[.,][0-9]{1,9})?)?)?");

    private Moments() {}

    /** Nothing where the text is none, or a day that the calendar does not have. */
    static Optional<Moment> read(String text) {
        Matcher iso = ISO.matcher(text);
        if (!iso.matches()) {
            return Optional.empty();
        }
        String day = iso.group(1);
        String time = iso.group(3) == null ? null : iso.group(3).replace(',', '.');
        boolean isJoined = iso.group(2) != null;
        try {
            if (day != null && time != null && isJoined) {
                return Optional.of(new Moment.DateTime(LocalDateTime.parse(day + "T" + time)));
            }
            if (day != null && time == null && !isJoined) {
                return Optional.of(new Moment.Date(LocalDate.parse(day)));
            }
            return day == null && time != null && !isJoined
                    ? Optional.of(new Moment.Time(LocalTime.parse(time)))
                    : Optional.empty();
        } catch (DateTimeException notInTheCalendar) {
            return Optional.empty();
        }
    }
}
