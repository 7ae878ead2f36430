package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Dates, times and durations: what adds, subtracts and compares, and the functions of the calendar. */
class DateCasesTest {
    private static final String MONDAY = "date(2027, 3, 1)";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "date(2027, 3, 1) + 1            | 2027-03-02",
                "1 + date(2027, 12, 31)          | 2028-01-01",
                "date(2027, 3, 1) + 0.5          | 2027-03-01T12:00:00",
                "date(2027, 3, 1) - 1            | 2027-02-28",
                "date(2027, 3, 1) + missing      | missing",
                "date(2027, 3, 1) - date(2027, 2, 1) | 28 day",
                "date(2027, 2, 1) - date(2027, 3, 1) | -28 day",
                "date(2027, 3, 1) + (date(2027, 3, 1) - date(2027, 2, 1)) | 2027-03-29",
                "(date(2027, 3, 1) - date(2027, 2, 1)) / 4 | 7 day",
                "(date(2027, 3, 1) - date(2027, 2, 1)) / (date(2027, 1, 15) - date(2027, 1, 1)) | 2",
                "(date(2027, 3, 1) + 0.75) - date(2027, 3, 1) | (3/4) day",
                "time(14, 30) - time(13, 0)      | PT1H30M",
                "time(13, 0) - time(14, 30)      | PT-1H-30M",
                "-(time(14, 30) - time(13, 0))   | PT-1H-30M",
                "time(23, 30) + (time(1, 0) - time(0, 0)) | 00:30:00", // a time of day goes round at midnight
                "date(2027, 3, 1) + (time(14, 30) - time(0, 0)) | 2027-03-01T14:30:00",
                "(time(2, 0) - time(0, 30)) * 3  | PT4H30M",
                "(time(2, 0) - time(0, 30)) / 3  | PT30M",
                "(time(2, 0) - time(0, 30)) / (time(1, 0) - time(0, 30)) | 3",
                "sum({time(2, 0) - time(0, 30); time(1, 0) - time(0, 30)}) | PT2H",
                "date(2027, 3, 1) < date(2027, 3, 2) | true",
                "time(9, 0) >= time(9, 0, 1)     | false",
                "date(2027, 3, 1) = dateof(\"2027-03-01\") | true",
                "date(2027, 3, 1) = 1            | false", // unlike kinds are unequal
                "date(2027, 3, 1) < 1            | wrong-kind",
                "date(2027, 3, 1) * 2            | wrong-kind",
                "date(2027, 3, 1) + date(2027, 3, 1) | wrong-kind",
                "date(2027, 3, 1) + true         | wrong-kind",
                "time(9, 0) + 1                  | wrong-kind", // of what, is not said
                "(date(2027, 3, 1) - date(2027, 2, 1)) + 1 | units-differ",
                "date(9999, 12, 31) + 1          | too-large",
                "date(2027, 3, 1) + 1e30         | too-large",
                "\"on \" & date(2027, 3, 1)      | \"on 2027-03-01\"",
                "max({date(2027, 3, 1); date(2027, 4, 1)}) | 2027-04-01",
                "mean(date(2027, 3, 1), date(2027, 3, 4)) | 2027-03-02T12:00:00",
                "median(date(2027, 3, 1), date(2027, 3, 4), date(2027, 3, 5)) | 2027-03-04",
                "range(date(2027, 3, 1), date(2027, 3, 4)) | 3 day",
                "max(date(2027, 3, 1), 1)        | wrong-kind",
                "sum(date(2027, 3, 1))           | wrong-kind",
                "sort({date(2027, 4, 1); date(2027, 3, 1)}) | {2027-03-01; 2027-04-01}",
                "if(date(2027, 3, 1) > date(2027, 2, 1), \"late\", \"early\") | \"late\"",
            })
    void datesTimesAndDurationsCalculate(String call, String value) {
        assertThat(shown(call)).isEqualTo(value);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "date(2027, 13, 1)               | wrong-arguments",
                "date(2027, 2, 29)               | wrong-arguments",
                "date(2028, 2, 29)               | 2028-02-29",
                "date(2027, 1.5, 1)              | wrong-arguments",
                "time(24, 0)                     | wrong-arguments",
                "time(0, 0, 60)                  | wrong-arguments",
                "time(1, 2, 3.5)                 | 01:02:03.500",
                "year(\"2027-03-01\")            | wrong-kind", // a text is never read unasked
                "year(2027)                      | wrong-kind",
                "dateof(\"2027-02-30\")          | wrong-arguments",
                "timeof(\"14:30:15\")            | 14:30:15",
                "hour(dateof(\"2027-03-01\") + 0.75) | 18",
                "weekday(date(2027, 3, 7))       | 7",
                "weekday(date(2027, 3, 7), 1)    | 1",
                "weekday(date(2027, 3, 7), 3)    | 6",
                "weekday(date(2027, 3, 7), 17)   | 1",
                "weekday(date(2027, 3, 7), 4)    | wrong-arguments",
                "isoweek(date(2026, 12, 31))     | 53",
                "isoweek(date(2024, 12, 30))     | 1",
                "weeknumber(date(2027, 12, 31), 2) | 53",
                "weeknumber(date(2027, 1, 1), 21) | 53",
                "workdays(date(2027, 3, 6), date(2027, 3, 7)) | 0",
                "workdays(date(2027, 3, 7), date(2027, 3, 1)) | -5",
                "workdays(date(2027, 1, 1), date(2027, 12, 31)) | 261",
                "workdays(date(2027, 3, 1), date(2027, 3, 5), {date(2027, 3, 6)}) | 5", // a holiday on a Saturday
                "workday(date(2027, 3, 1), 5, {date(2027, 3, 2)}) | 2027-03-09",
                "addmonths(date(2028, 2, 29), 12) | 2029-02-28",
                "addmonths(date(2027, 3, 31), -1) | 2027-02-28",
                "addmonths(date(9999, 12, 1), 1) | too-large",
                "endofmonth(date(2027, 12, 1), 2) | 2028-02-29",
                "DAYS(date(2027, 4, 1); date(2027, 3, 1)) | 31",
                "EDATE(date(2027, 1, 31); 1)     | 2027-02-28",
                "days360(date(2027, 2, 28), date(2027, 3, 31)) | 30",
                "days360(date(2027, 2, 28), date(2027, 3, 31), true) | 32",
                "dateparts(date(2027, 1, 31), date(2027, 3, 1), \"md\") | 1",
                "dateparts(date(2027, 3, 1), date(2027, 1, 31), \"d\") | wrong-arguments",
                "dateparts(date(2027, 3, 1), date(2027, 4, 1), \"x\") | wrong-arguments",
                "yearfraction(date(2027, 1, 1), date(2028, 1, 1)) | 1",
                "yearfraction(date(2028, 1, 1), date(2028, 7, 1)) | 91/183",
                "yearfraction(date(2027, 1, 1), date(2030, 1, 1)) | 4384/1461", // 1,096 days by a mean year of 365.25
                "yearfraction(date(2027, 7, 1), date(2027, 1, 1), 2) | 181/360",
                "yearfraction(date(2027, 1, 31), date(2027, 3, 31), 4) | 1/6",
                "yearfraction(date(2027, 1, 1), date(2027, 7, 1), 5) | wrong-arguments",
            })
    void theCalendarFunctionsKeepTheirRulings(String call, String value) {
        assertThat(shown(call)).isEqualTo(value);
    }

    @Test
    void addingADifferenceOfTwoDatesLeadsFromOneToTheOther() {
        Seeded.cases(200, random -> {
            String a = moment(random);
            String b = moment(random);
            assertThat(shown(a + " + (" + b + " - " + a + ") = " + b))
                    .as(a + ", " + b)
                    .isEqualTo("true");
        });
    }

    @Test
    void theCalendarAgreesWithTheOneOfJava() {
        Seeded.cases(200, random -> {
            LocalDate day = LocalDate.of(1600 + random.nextInt(800), 1, 1).plusDays(random.nextInt(400));
            int months = random.nextInt(100) - 50;
            String date = "dateof(\"" + day + "\")";
            assertThat(shown("addmonths(" + date + ", " + months + ")"))
                    .isEqualTo(day.plusMonths(months).toString());
            assertThat(shown("weekday(" + date + ")"))
                    .as(day.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ROOT))
                    .isEqualTo(String.valueOf(day.getDayOfWeek().getValue()));
            long slow = day.datesUntil(day.plusDays(100))
                    .filter(each -> each.getDayOfWeek().getValue() < 6)
                    .count();
            assertThat(shown("workdays(" + date + ", " + date + " + 99)")).isEqualTo(String.valueOf(slow));
        });
    }

    private static String moment(Random random) {
        LocalDateTime at = LocalDateTime.of(2000, 1, 1, 0, 0).plusSeconds(random.nextInt(2_000_000_000));
        return "(dateof(\"" + at.toLocalDate() + "\") + (timeof(\"" + at.toLocalTime() + "\") - time(0, 0)))";
    }

    @Test
    void aTextGivenForADateOffersToReadIt() {
        assertThat(((Failure) value("month(\"2027-03-01\")")).message())
                .isEqualTo(
                        "`month` needs a date for `date`, was a text. `dateof(\"2027-03-01\")` reads a text as a date.");
        assertThat(shown(MONDAY)).isEqualTo("2027-03-01");
    }

    private static String shown(String call) {
        return PlainText.of(value(call));
    }

    private static Value value(String call) {
        return new Calculator(Patient.LIMITS)
                .calculate("=" + call, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
