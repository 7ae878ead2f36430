package app.logismos.formula;

import app.logismos.value.Moment;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Dates, times and dates with times as ISO 8601 writes them, where a space may stand for the {@code T}, and as people do
 * where that can be read in one way only (language, section 1).
 */
final class Moments {
    private static final Pattern ISO = Pattern.compile(
            "([0-9]{4}-[0-9]{2}-[0-9]{2})?([T ])?([0-9]{2}:[0-9]{2}(?::[0-9]{2}(?:[.,][0-9]{1,9})?)?)?");

    private static final int DECIMAL = 10;
    private static final int END_OF_YEAR = 4;
    private static final int END_OF_MONTH = 7;

    private static final Pattern YEAR_FIRST = Pattern.compile("([0-9]{4})([-./])([0-9]{1,2})\\2([0-9]{1,2})");
    private static final Pattern YEAR_LAST = Pattern.compile("([0-9]{1,2})([-./])([0-9]{1,2})\\2([0-9]{4})");
    private static final Pattern DAY_AND_MONTH =
            Pattern.compile("([0-9]{1,2})(?:\\.|st|nd|rd|th)?[- ]\\s*(\\p{L}{3,9})\\.?(?:,|-)?\\s*([0-9]{4})");
    private static final Pattern MONTH_AND_DAY =
            Pattern.compile("(\\p{L}{3,9})\\.?\\s+([0-9]{1,2})(?:st|nd|rd|th)?(?:,\\s*|\\s+)([0-9]{4})");
    private static final Pattern CLOCK =
            Pattern.compile("([0-9]{1,2}):([0-9]{2})(?::([0-9]{2}))?(?:\\s*([AaPp])\\.?[Mm]\\.?)?");
    private static final Pattern DAY_AND_CLOCK = Pattern.compile("(.*[0-9]),?\\s+([0-9]{1,2}:.*)");

    private Moments() {}

    /** Nothing where the text is none, a day that the calendar does not have, or one that can be read in two ways. */
    static Optional<Moment> read(String text) {
        Matcher iso = ISO.matcher(text);
        return iso.matches() ? iso(iso) : asPeopleWrite(text);
    }

    /** Ten characters with dashes where a date of ISO 8601 has them. */
    static Optional<Moment> isoDay(String text) {
        for (int i = 0; i < text.length(); i++) {
            boolean isDigit = text.charAt(i) >= '0' && text.charAt(i) <= '9';
            if (!isDigit && i != END_OF_YEAR && i != END_OF_MONTH) {
                return Optional.empty();
            }
        }
        try {
            return Optional.of(new Moment.Date(LocalDate.of(
                    Integer.parseInt(text, 0, END_OF_YEAR, DECIMAL),
                    Integer.parseInt(text, END_OF_YEAR + 1, END_OF_MONTH, DECIMAL),
                    Integer.parseInt(text, END_OF_MONTH + 1, text.length(), DECIMAL))));
        } catch (DateTimeException notInTheCalendar) {
            return Optional.empty();
        }
    }

    private static Optional<Moment> asPeopleWrite(String text) {
        if (text.isEmpty() || text.length() > 40 || !mayBe(text)) {
            return Optional.empty();
        }
        Matcher both = DAY_AND_CLOCK.matcher(text);
        if (both.matches()) {
            return day(both.group(1))
                    .flatMap(day -> time(both.group(2)).map(time -> new Moment.DateTime(day.atTime(time))));
        }
        return day(text).<Moment>map(Moment.Date::new).or(() -> time(text).map(Moment.Time::new));
    }

    /** Whether there is a colon, as in every time, or a year's four digits in a row. */
    private static boolean mayBe(String text) {
        int digits = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            digits = c >= '0' && c <= '9' ? digits + 1 : 0;
            if (c == ':' || digits == 4) {
                return true;
            }
        }
        return false;
    }

    private static Optional<LocalDate> day(String text) {
        List<LocalDate> readings = days(text);
        return readings.size() == 1 ? Optional.of(readings.get(0)) : Optional.empty();
    }

    /**
     * The days that a text can mean: two for {@code 01/12/2026}, day first and then month first; none where it is no date.
     */
    static List<LocalDate> days(String text) {
        Matcher yearFirst = YEAR_FIRST.matcher(text);
        if (yearFirst.matches()) {
            return day(yearFirst.group(1), yearFirst.group(3), yearFirst.group(4))
                    .toList();
        }
        Matcher yearLast = YEAR_LAST.matcher(text);
        if (yearLast.matches()) {
            String year = yearLast.group(4);
            return Stream.concat(
                            day(year, yearLast.group(3), yearLast.group(1)),
                            day(year, yearLast.group(1), yearLast.group(3)))
                    .distinct()
                    .toList();
        }
        Matcher dayFirst = DAY_AND_MONTH.matcher(text);
        if (dayFirst.matches()) {
            return named(dayFirst.group(3), dayFirst.group(2), dayFirst.group(1));
        }
        Matcher monthFirst = MONTH_AND_DAY.matcher(text);
        return monthFirst.matches() ? named(monthFirst.group(3), monthFirst.group(1), monthFirst.group(2)) : List.of();
    }

    private static List<LocalDate> named(String year, String month, String day) {
        String word = month.toLowerCase(Locale.ENGLISH);
        return Stream.of(Month.values())
                .filter(each -> Stream.of(TextStyle.FULL, TextStyle.SHORT)
                                .anyMatch(style -> each.getDisplayName(style, Locale.ENGLISH)
                                        .equalsIgnoreCase(word))
                        || each == Month.SEPTEMBER && word.equals("sept"))
                .flatMap(each -> day(year, String.valueOf(each.getValue()), day))
                .toList();
    }

    private static Stream<LocalDate> day(String year, String month, String day) {
        try {
            return Stream.of(LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException notInTheCalendar) {
            return Stream.empty();
        }
    }

    private static Optional<LocalTime> time(String text) {
        Matcher clock = CLOCK.matcher(text);
        if (!clock.matches()) {
            return Optional.empty();
        }
        int hour = Integer.parseInt(clock.group(1));
        int minute = Integer.parseInt(clock.group(2));
        int second = clock.group(3) == null ? 0 : Integer.parseInt(clock.group(3));
        boolean isHalfDay = clock.group(4) != null;
        if (minute > 59 || second > 59 || hour > (isHalfDay ? 12 : 23) || isHalfDay && hour == 0) {
            return Optional.empty();
        }
        boolean isAfternoon = isHalfDay && clock.group(4).equalsIgnoreCase("p");
        return Optional.of(LocalTime.of(isHalfDay ? hour % 12 + (isAfternoon ? 12 : 0) : hour, minute, second));
    }

    private static Optional<Moment> iso(Matcher iso) {
        String day = iso.group(1);
        String time = iso.group(3) == null ? null : iso.group(3).replace(',', '.');
        boolean isJoined = iso.group(2) != null;
        try {
            if (day != null && time != null && isJoined) {
                return Optional.of(new Moment.DateTime(LocalDateTime.parse(day + "T" + time)));
            }
            if (day != null && time == null && !isJoined) {
                return day(day.substring(0, 4), day.substring(5, 7), day.substring(8))
                        .<Moment>map(Moment.Date::new)
                        .findFirst();
            }
            return day == null && time != null && !isJoined
                    ? Optional.of(new Moment.Time(LocalTime.parse(time)))
                    : Optional.empty();
        } catch (DateTimeException notInTheCalendar) {
            return Optional.empty();
        }
    }
}
