package app.logismos.function.date;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.DAY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.TIME_OF_DAY;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.DayCount;
import app.logismos.function.Function;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.Period;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.time.temporal.IsoFields;
import java.time.temporal.TemporalAdjusters;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Dates and times of the Gregorian calendar, without a time zone (ISO 8601). */
public final class DateFunctions {
    private static final NumberValue ZERO = NumberValue.of(0);
    private static final NumberValue ONE = NumberValue.of(1);
    private static final long SECONDS_OF_DAY = 86_400;
    private static final BigInteger NANOS_OF_SECOND = BigInteger.valueOf(1_000_000_000);

    /** The day from which documents count. */
    private static final Moment.Date DAY_ZERO = new Moment.Date(LocalDate.of(1899, 12, 30));

    private static final int LAST_YEAR = 9_999;
    private static final int MOST_MONTHS = 12 * LAST_YEAR;
    private static final int MOST_DAYS = 366 * LAST_YEAR;

    public static final List<Function> ALL = List.of(
            function("date", Category.DATES)
                    .says("The day of a year, month and day of the month.")
                    .argument("year", WHOLE, "1 to 9999")
                    .argument("month", WHOLE, "1 to 12")
                    .argument("day", WHOLE, "1 to the last of the month")
                    .example("date(2027, 3, 1)", "2027-03-01")
                    .example("date(2028, 2, 29) + 1", "2028-03-01")
                    .refuses("date(2027, 2, 29)", ErrorCode.WRONG_ARGUMENTS)
                    .related("time", "dateof", "year")
                    .answers(given -> new Moment.Date(day(given))),
            function("time", Category.DATES)
                    .says("The time of day of an hour, minutes and seconds.")
                    .argument("hour", WHOLE, "0 to 23")
                    .argument("minute", WHOLE, "0 to 59")
                    .optional("second", NUMBER, ZERO, "0 or more and less than 60")
                    .example("time(14, 30)", "14:30:00")
                    .example("time(14, 30) - time(13, 0)", "PT1H30M")
                    .refuses("time(24, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("date", "timeof", "hour")
                    .answers(DateFunctions::time),
            function("dateof", Category.DATES)
                    .alsoRead("DATEVALUE")
                    .says("The date that a text spells as 2027-03-01, or the date of a date with time.")
                    .argument("text", ANY, "a text like \"2027-03-01\", or a date with time")
                    .example("dateof(\"2027-03-01\")", "2027-03-01")
                    .example("year(dateof(\"2027-12-31T10:00\"))", "2027")
                    .refuses("dateof(\"2027-02-30\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("timeof", "date")
                    .answers(given -> new Moment.Date(
                            dateTime(given, "text", "a date like 2027-03-01").toLocalDate())),
            function("timeof", Category.DATES)
                    .alsoRead("TIMEVALUE")
                    .says("The time of day that a text spells as 14:30, or that of a date with time.")
                    .argument("text", ANY, "a text like \"14:30\", or a date with time")
                    .example("timeof(\"14:30\")", "14:30:00")
                    .example("timeof(\"2027-03-01T09:15\")", "09:15:00")
                    .refuses("timeof(\"25:00\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("dateof", "time")
                    .answers(given -> new Moment.Time(timeOfDay(given))),
            function("today", Category.DATES)
                    .says("The date of today.")
                    .example("today() >= date(2020, 1, 1)", "true")
                    .example("today() - today()", "0 day")
                    .refuses("today(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("now", "date")
                    .answers(given ->
                            new Moment.Date(LocalDate.now(given.surroundings().clock()))),
            function("now", Category.DATES)
                    .says("The date and time of this moment, to the second.")
                    .example("year(now()) >= 2020", "true")
                    .example("second(now()) < 60", "true")
                    .refuses("now(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("today", "time")
                    .answers(given -> new Moment.DateTime(
                            LocalDateTime.now(given.surroundings().clock()).truncatedTo(ChronoUnit.SECONDS))),
            part("year", "The year of a date.", "2027", date -> date.getYear())
                    .example("year(date(2027, 3, 1) + 365)", "2028"),
            part("month", "The month of a date, 1 to 12.", "3", date -> date.getMonthValue())
                    .example("month(date(2027, 3, 1) - 1)", "2"),
            part("day", "The day of the month of a date, 1 to 31.", "1", date -> date.getDayOfMonth())
                    .example("day(endofmonth(date(2028, 2, 1)))", "29"),
            function("weekday", Category.DATES)
                    .says("The day of the week as a number; Monday is 1, if nothing else is said.")
                    .argument("date", DAY, "the day")
                    .optional(
                            "type",
                            WHOLE,
                            NumberValue.of(2),
                            "1: Sunday is 1; 2: Monday is 1; 3: Monday is 0; 11 to 17: Monday to Sunday is 1")
                    .example("weekday(date(2027, 3, 1))", "1")
                    .example("weekday(date(2027, 3, 1), type: 1)", "2")
                    .refuses("weekday(date(2027, 3, 1), 4)", ErrorCode.WRONG_ARGUMENTS)
                    .related("isoweek", "workdays")
                    .from("OpenFormula 6.10.20")
                    .computes(DateFunctions::weekday),
            named(
                    "dayname",
                    "The name of the day of the week: Monday to Sunday.",
                    "Monday",
                    "Tuesday",
                    date -> date.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH)),
            named(
                    "monthname",
                    "The name of the month of a date: January to December.",
                    "March",
                    "February",
                    date -> date.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH)),
            function("yearsandmonths", Category.DATES)
                    .says("How many whole years and months lie between two dates, in words: an age.")
                    .argument("from", DAY, "the first day, as a day of birth")
                    .argument("to", DAY, "the day that counts, not earlier; for an age now `today()`")
                    .example("yearsandmonths(date(2009, 5, 20), date(2027, 3, 1))", "\"17 years 9 months\"")
                    .example("yearsandmonths(date(2026, 3, 1), date(2027, 3, 1))", "\"1 year 0 months\"")
                    .refuses("yearsandmonths(date(2027, 3, 1), date(2026, 3, 1))", ErrorCode.WRONG_ARGUMENTS)
                    .related("dateparts", "yearfraction", "daysbetween")
                    .answers(DateFunctions::yearsAndMonths),
            function("isoweek", Category.DATES)
                    .alsoRead("ISOWEEKNUM")
                    .says("The number of the week of a date: week 1 holds the first Thursday of the year.")
                    .argument("date", DAY, "the day")
                    .example("isoweek(date(2027, 1, 1))", "53")
                    .example("isoweek(date(2027, 1, 4))", "1")
                    .refuses("isoweek(7)", ErrorCode.WRONG_KIND)
                    .related("weekday", "weeknumber")
                    .from("ISO 8601")
                    .computes(given -> Rational.of(day(given, "date").get(IsoFields.WEEK_OF_WEEK_BASED_YEAR))),
            function("weeknumber", Category.DATES)
                    .alsoRead("WEEKNUM")
                    .says("The number of the week of a date, week 1 holding the first of January.")
                    .argument("date", DAY, "the day")
                    .optional(
                            "type",
                            WHOLE,
                            ONE,
                            "1: weeks begin on Sunday; 2: on Monday; 11 to 17: on Monday to Sunday; 21: as isoweek")
                    .example("weeknumber(date(2027, 1, 1))", "1")
                    .example("weeknumber(date(2027, 1, 3))", "2")
                    .refuses("weeknumber(date(2027, 1, 1), 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("isoweek")
                    .from("OpenFormula 6.10.21")
                    .computes(DateFunctions::weekNumber),
            function("hour", Category.DATES)
                    .says("The hour of a time, 0 to 23.")
                    .argument("time", TIME_OF_DAY, "a time, or a date with time")
                    .example("hour(time(14, 30))", "14")
                    .example("hour(time(0, 59))", "0")
                    .refuses("hour(14)", ErrorCode.WRONG_KIND)
                    .related("minute", "second")
                    .computes(given -> Rational.of(timeOfDay(given, "time").getHour())),
            function("minute", Category.DATES)
                    .says("The minutes of a time, 0 to 59.")
                    .argument("time", TIME_OF_DAY, "a time, or a date with time")
                    .example("minute(time(14, 30))", "30")
                    .example("minute(date(2027, 3, 1))", "0")
                    .refuses("minute(\"14:30\")", ErrorCode.WRONG_KIND)
                    .related("hour", "second")
                    .computes(given -> Rational.of(timeOfDay(given, "time").getMinute())),
            function("second", Category.DATES)
                    .says("The seconds of a time, 0 or more and less than 60.")
                    .argument("time", TIME_OF_DAY, "a time, or a date with time")
                    .example("second(time(14, 30, 15))", "15")
                    .example("second(time(14, 30, 15.25))", "61/4")
                    .refuses("second(30)", ErrorCode.WRONG_KIND)
                    .related("hour", "minute")
                    .computes(given -> {
                        LocalTime time = timeOfDay(given, "time");
                        return Rational.of(time.getSecond()).plus(Rational.of(time.getNano(), 1_000_000_000L));
                    }),
            function("daysbetween", Category.DATES)
                    .says("How many days lie between two dates; negative where the second is earlier.")
                    .argument("from", DAY, "the first")
                    .argument("to", DAY, "the second")
                    .example("daysbetween(date(2027, 3, 1), date(2027, 4, 1))", "31")
                    .example("daysbetween(date(2027, 3, 2), date(2027, 3, 1))", "-1")
                    .refuses("daysbetween(date(2027, 3, 1), 7)", ErrorCode.WRONG_KIND)
                    .related("workdays", "yearfraction", "daysafter")
                    .computes(given -> Rational.of(ChronoUnit.DAYS.between(day(given, "from"), day(given, "to")))),
            function("daynumber", Category.DATES)
                    .says(
                            "A date or time as days counted from a day on, as documents keep it; whatever else stays as it is.")
                    .argument(
                            "value",
                            ANY,
                            "a date, a time or length of time, which is a part of a day, or anything else")
                    .optional("since", DAY, DAY_ZERO, "the day that is 0")
                    .example("daynumber(time(18, 0))", "3/4")
                    .example("daynumber(date(2027, 3, 1))", "46447")
                    .example("sum(daynumber({time(18, 0), time(12, 0), 2}))", "13/4")
                    .refuses("daynumber(date(2027, 3, 1), 7)", ErrorCode.WRONG_KIND)
                    .related("daysbetween", "timeof")
                    .from("ODF 1.3, part 4, section 4.3.2")
                    .answers(given -> dayNumber(given.value("value"), given)),
            function("daysafter", Category.DATES)
                    .alsoRead("DAYS")
                    .says("How many days lie between two dates, the later one first.")
                    .argument("end", DAY, "the second")
                    .argument("start", DAY, "the first")
                    .example("daysafter(date(2027, 4, 1), date(2027, 3, 1))", "31")
                    .example("daysafter(date(2027, 3, 1), date(2027, 3, 1))", "0")
                    .refuses("daysafter(7, 5)", ErrorCode.WRONG_KIND)
                    .related("daysbetween")
                    .from("OpenFormula 6.10.6")
                    .computes(given -> Rational.of(ChronoUnit.DAYS.between(day(given, "start"), day(given, "end")))),
            function("days360", Category.DATES)
                    .says("How many days lie between two dates when every month has 30 days.")
                    .argument("from", DAY, "the first")
                    .argument("to", DAY, "the second")
                    .optional("european", TRUTH, new Truth(false), "true where the 31st is always taken as the 30th")
                    .example("days360(date(2027, 1, 31), date(2027, 3, 31))", "60")
                    .example("days360(date(2027, 1, 1), date(2028, 1, 1))", "360")
                    .refuses("days360(7, 5)", ErrorCode.WRONG_KIND)
                    .related("daysbetween", "yearfraction")
                    .from("OpenFormula 6.10.7")
                    .computes(given -> Rational.of(
                            DayCount.days360(day(given, "from"), day(given, "to"), given.truth("european")))),
            function("dateparts", Category.DATES)
                    .alsoRead("DATEDIF")
                    .says("How many whole years, months or days lie between two dates.")
                    .argument("from", DAY, "the first")
                    .argument("to", DAY, "the second, not earlier")
                    .argument(
                            "unit",
                            TEXT,
                            "\"y\" years, \"m\" months, \"d\" days; \"md\" days past the months, \"ym\" months past the years, \"yd\" days past the years")
                    .example("dateparts(date(2027, 3, 15), date(2029, 3, 14), \"y\")", "1")
                    .example("dateparts(date(2027, 3, 15), date(2029, 3, 14), \"ym\")", "11")
                    .refuses("dateparts(date(2027, 3, 1), date(2027, 4, 1), \"x\")", ErrorCode.WRONG_ARGUMENTS)
                    .related("daysbetween", "yearfraction")
                    .from("OpenFormula 6.10.3")
                    .computes(DateFunctions::parts),
            function("workdays", Category.DATES)
                    .alsoRead("NETWORKDAYS")
                    .says(
                            "How many days from Monday to Friday there are from one date to another, both counted, without holidays.")
                    .argument("from", DAY, "the first day")
                    .argument("to", DAY, "the last day")
                    .optional("holidays", TABLE, Blank.BLANK, "dates that do not count")
                    .example("workdays(date(2027, 3, 1), date(2027, 3, 7))", "5")
                    .example("workdays(date(2027, 3, 1), date(2027, 3, 7), {date(2027, 3, 3)})", "4")
                    .refuses("workdays(date(2027, 3, 1), date(2027, 3, 7), {3})", ErrorCode.WRONG_ARGUMENTS)
                    .related("workday", "daysbetween", "weekday")
                    .from("OpenFormula 6.10.13")
                    .computes(given -> Rational.of(workdays(given))),
            function("workday", Category.DATES)
                    .says("The date that is so many working days after another.")
                    .argument("date", DAY, "where to begin; it does not count itself")
                    .argument("days", WHOLE, "how many; negative ones go back")
                    .optional("holidays", TABLE, Blank.BLANK, "dates that do not count")
                    .example("workday(date(2027, 3, 5), 1)", "2027-03-08")
                    .example("workday(date(2027, 3, 8), -1)", "2027-03-05")
                    .refuses("workday(date(2027, 3, 1), 1/2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("workdays")
                    .from("OpenFormula 6.10.22")
                    .answers(DateFunctions::workday),
            function("addmonths", Category.DATES)
                    .alsoRead("EDATE")
                    .says("The same day so many months later, or the last of the month where there is no such day.")
                    .argument("date", DAY, "where to begin")
                    .argument("months", WHOLE, "how many; negative ones go back")
                    .example("addmonths(date(2027, 1, 31), 1)", "2027-02-28")
                    .example("addmonths(date(2027, 3, 1), -12)", "2026-03-01")
                    .refuses("addmonths(date(9999, 12, 1), 1)", ErrorCode.TOO_LARGE)
                    .related("endofmonth")
                    .from("OpenFormula 6.10.8")
                    .answers(given -> dated(months(given))),
            function("endofmonth", Category.DATES)
                    .alsoRead("EOMONTH")
                    .says("The last day of the month that is so many months later.")
                    .argument("date", DAY, "a day")
                    .optional("months", WHOLE, ZERO, "how many later; negative ones go back")
                    .example("endofmonth(date(2028, 2, 10))", "2028-02-29")
                    .example("endofmonth(date(2027, 1, 31), 1)", "2027-02-28")
                    .refuses("endofmonth(7)", ErrorCode.WRONG_KIND)
                    .related("addmonths")
                    .from("OpenFormula 6.10.9")
                    .answers(given -> dated(months(given).with(TemporalAdjusters.lastDayOfMonth()))),
            function("yearfraction", Category.DATES)
                    .alsoRead("YEARFRAC")
                    .says("The part of a year that lies between two dates.")
                    .argument("from", DAY, "one day")
                    .argument("to", DAY, "another")
                    .optional(
                            "basis",
                            WHOLE,
                            ONE,
                            "0: months of 30 days; 1: true days and years; 2: true days by 360; 3: true days by 365; 4: months of 30 days, European")
                    .example("yearfraction(date(2027, 1, 1), date(2027, 7, 1), basis: 0)", "1/2")
                    .example("yearfraction(date(2027, 1, 1), date(2027, 12, 31))", "364/365")
                    .refuses("yearfraction(date(2027, 1, 1), date(2027, 7, 1), 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("daysbetween", "days360")
                    .from("OpenFormula 6.10.24 and 4.11.7")
                    .computes(given ->
                            DayCount.values()[given.whole("basis", 0, 4)].years(day(given, "from"), day(given, "to"))),
            function("easter", Category.DATES)
                    .alsoRead("EASTERSUNDAY")
                    .says("Easter Sunday of a year in the Gregorian calendar.")
                    .argument("year", WHOLE, "1583 to 9999")
                    .example("easter(2027)", "2027-03-28")
                    .example("easter(2028)", "2028-04-16")
                    .refuses("easter(1500)", ErrorCode.WRONG_ARGUMENTS)
                    .related("date")
                    .from("J.-M. Oudin, Ecclesiastical calendar, 1940")
                    .answers(given -> new Moment.Date(easter(given.whole("year", 1_583, LAST_YEAR)))));

    private DateFunctions() {}

    private static Value dayNumber(Value value, Arguments given) {
        if (value instanceof Moment.Elapsed elapsed) {
            return days(0, elapsed.length());
        } else if (value instanceof Moment.Time time) {
            return days(0, Duration.ofNanos(time.time().toNanoOfDay()));
        } else if (value instanceof Moment) {
            return days(
                    ChronoUnit.DAYS.between(day(given, "since"), day(given, "value")),
                    Duration.ofNanos(timeOfDay(given, "value").toNanoOfDay()));
        }
        return value;
    }

    private static NumberValue days(long whole, Duration more) {
        BigInteger nanos = BigInteger.valueOf(whole * SECONDS_OF_DAY + more.getSeconds())
                .multiply(NANOS_OF_SECOND)
                .add(BigInteger.valueOf(more.getNano()));
        return new NumberValue(Rational.of(nanos, NANOS_OF_SECOND.multiply(BigInteger.valueOf(SECONDS_OF_DAY))));
    }

    private static Function part(
            String name, String says, String ofExample, java.util.function.ToIntFunction<LocalDate> part) {
        return function(name, Category.DATES)
                .says(says)
                .argument("date", DAY, "a date, or a date with time")
                .example(name + "(date(2027, 3, 1))", ofExample)
                .refuses(name + "(\"2027-03-01\")", ErrorCode.WRONG_KIND)
                .related("date", "weekday")
                .computes(given -> Rational.of(part.applyAsInt(day(given, "date"))));
    }

    private static Function named(
            String name, String says, String one, String other, java.util.function.Function<LocalDate, String> of) {
        return function(name, Category.DATES)
                .says(says)
                .argument("date", DAY, "the day")
                .example(name + "(date(2027, 3, 1))", "\"" + one + "\"")
                .example(name + "(date(2028, 2, 29))", "\"" + other + "\"")
                .refuses(name + "(3)", ErrorCode.WRONG_KIND)
                .related("date", "weekday", "month")
                .answers(given -> new Text(of.apply(day(given, "date"))));
    }

    private static Value yearsAndMonths(Arguments given) {
        Period passed = passed(given);
        return new Text(counted(passed.getYears(), "year") + " " + counted(passed.getMonths(), "month"));
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    private static LocalDate day(Arguments given) {
        int year = given.whole("year", 1, LAST_YEAR);
        int month = given.whole("month", 1, 12);
        int last = LocalDate.of(year, month, 1).lengthOfMonth();
        return LocalDate.of(year, month, given.whole("day", 1, last));
    }

    private static Value time(Arguments given) {
        int hour = given.whole("hour", 0, 23);
        int minute = given.whole("minute", 0, 59);
        Real second = given.number("second");
        if (second.signum() < 0
                || second.compareTo(Rational.of(60)) >= 0
                || !(Rounding.places(second, 9, RoundingMode.DOWN) instanceof Rational rounded)) {
            throw given.wrong("second", "0 or more and less than 60", Plain.text(second));
        }
        BigInteger nanos = rounded.numerator().multiply(BigInteger.TEN.pow(9)).divide(rounded.denominator());
        return new Moment.Time(LocalTime.of(hour, minute).plusNanos(nanos.longValue()));
    }

    /** The day of a date or a date with time. */
    public static LocalDate day(Arguments given, String parameter) {
        Value value = given.value(parameter);
        if (value instanceof Moment.Date date) {
            return date.date();
        }
        if (value instanceof Moment.DateTime dateTime) {
            return dateTime.at().toLocalDate();
        }
        throw given.wrongKind(parameter, value);
    }

    /** The time of day of a time or a date with time; a date alone begins at midnight. */
    private static LocalTime timeOfDay(Arguments given, String parameter) {
        Value value = given.value(parameter);
        if (value instanceof Moment.Time time) {
            return time.time();
        }
        if (value instanceof Moment.DateTime dateTime) {
            return dateTime.at().toLocalTime();
        }
        if (value instanceof Moment.Date) {
            return LocalTime.MIDNIGHT;
        }
        throw given.wrongKind(parameter, value);
    }

    /** What a text spells, or the value itself. */
    private static Value read(Arguments given, String parameter) {
        Value value = given.value(parameter);
        return value instanceof Text text ? given.surroundings().reading().apply(text.text()) : value;
    }

    private static LocalDateTime dateTime(Arguments given, String parameter, String needed) {
        Value read = read(given, parameter);
        if (read instanceof Moment.Date date) {
            return date.date().atStartOfDay();
        }
        if (read instanceof Moment.DateTime dateTime) {
            return dateTime.at();
        }
        throw given.wrong(parameter, needed, PlainText.of(given.value(parameter)));
    }

    private static LocalTime timeOfDay(Arguments given) {
        return read(given, "text") instanceof Moment.Time time
                ? time.time()
                : dateTime(given, "text", "a time like 14:30").toLocalTime();
    }

    private static Rational weekday(Arguments given) {
        int fromMonday = day(given, "date").getDayOfWeek().getValue() - 1;
        int type = given.whole("type", 1, 17);
        if (type > 3 && type < 11) {
            throw given.wrong("type", "1, 2, 3 or 11 to 17", String.valueOf(type));
        }
        return Rational.of(type == 3 ? fromMonday : Math.floorMod(fromMonday - firstDay(type), 7) + 1);
    }

    /** The day that a type of week begins with, from Monday 0. */
    private static int firstDay(int type) {
        return type == 1 ? 6 : type == 2 ? 0 : type - 11;
    }

    private static Rational weekNumber(Arguments given) {
        LocalDate day = day(given, "date");
        int type = given.whole("type", 1, 21);
        if (type == 21) {
            return Rational.of(day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
        }
        if (type > 2 && type < 11 || type > 17) {
            throw given.wrong("type", "1, 2, 11 to 17 or 21", String.valueOf(type));
        }
        int firstOfYear = Math.floorMod(day.withDayOfYear(1).getDayOfWeek().getValue() - 1 - firstDay(type), 7);
        return Rational.of((day.getDayOfYear() - 1 + firstOfYear) / 7 + 1);
    }

    private static Period passed(Arguments given) {
        LocalDate from = day(given, "from");
        LocalDate to = day(given, "to");
        if (to.isBefore(from)) {
            throw given.wrong("to", "a date that is not before `from`", to.toString());
        }
        return Period.between(from, to);
    }

    private static Rational parts(Arguments given) {
        Period period = passed(given);
        LocalDate from = day(given, "from");
        LocalDate to = day(given, "to");
        return Rational.of(
                switch (given.text("unit").toLowerCase(Locale.ROOT)) {
                    case "y" -> period.getYears();
                    case "m" -> period.toTotalMonths();
                    case "d" -> ChronoUnit.DAYS.between(from, to);
                    case "md" -> period.getDays();
                    case "ym" -> period.getMonths();
                    case "yd" -> ChronoUnit.DAYS.between(from.plusYears(period.getYears()), to);
                    default ->
                        throw given.wrong(
                                "unit",
                                "\"y\", \"m\", \"d\", \"md\", \"ym\" or \"yd\"",
                                "\"" + given.text("unit") + "\"");
                });
    }

    private static Set<LocalDate> holidays(Arguments given) {
        Set<LocalDate> holidays = new HashSet<>();
        Table table = given.table("holidays");
        table.forEachFilled(value -> {
            if (value instanceof Moment.Date date) {
                holidays.add(date.date());
            } else if (value instanceof Moment.DateTime dateTime) {
                holidays.add(dateTime.at().toLocalDate());
            } else {
                throw given.wrong("holidays", "dates", value.kind().one());
            }
        });
        return holidays;
    }

    private static boolean isWorkday(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY;
    }

    private static long workdays(Arguments given) {
        LocalDate from = day(given, "from");
        LocalDate to = day(given, "to");
        LocalDate first = from.isAfter(to) ? to : from;
        LocalDate last = from.isAfter(to) ? from : to;
        long count = weekdays(first, last)
                - holidays(given).stream()
                        .filter(day -> isWorkday(day) && !day.isBefore(first) && !day.isAfter(last))
                        .count();
        return from.isAfter(to) ? -count : count;
    }

    /** Days from Monday to Friday between two days, both counted. */
    private static long weekdays(LocalDate first, LocalDate last) {
        long days = ChronoUnit.DAYS.between(first, last) + 1;
        long count = days / 7 * 5;
        for (LocalDate day = last.minusDays(days % 7 - 1); !day.isAfter(last); day = day.plusDays(1)) {
            count += isWorkday(day) ? 1 : 0;
        }
        return count;
    }

    private static Value workday(Arguments given) {
        LocalDate day = day(given, "date");
        int days = given.whole("days", -MOST_DAYS, MOST_DAYS);
        Set<LocalDate> holidays = holidays(given);
        for (int left = Math.abs(days); left > 0; ) {
            given.check();
            day = day.plusDays(Integer.signum(days));
            left -= isWorkday(day) && !holidays.contains(day) ? 1 : 0;
        }
        return dated(day);
    }

    private static LocalDate months(Arguments given) {
        return day(given, "date").plusMonths(given.whole("months", -MOST_MONTHS, MOST_MONTHS));
    }

    private static Value dated(LocalDate day) {
        return day.getYear() < 1 || day.getYear() > LAST_YEAR
                ? Failure.of(ErrorCode.TOO_LARGE, "Dates go from the year 1 to the year 9999; this is beyond them.")
                : new Moment.Date(day);
    }

    private static LocalDate easter(int year) {
        int century = year / 100;
        int golden = year % 19;
        int shift = Math.floorMod(century - century / 4 - (8 * century + 13) / 25 + 19 * golden + 15, 30);
        int moon = shift - shift / 28 * (1 - 29 / (shift + 1) * ((21 - golden) / 11));
        int weekday = Math.floorMod(year + year / 4 + moon + 2 - century + century / 4, 7);
        int day = moon - weekday;
        int month = 3 + (day + 40) / 44;
        return LocalDate.of(year, month, day + 28 - 31 * (month / 4));
    }
}
