package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.time.LocalDate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScaleTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0    | 50   | 0 10 20 30 40 50",
                "0.1  | 0.7  | 0.1 0.2 0.3 0.4 0.5 0.6 0.7", // labels without a rounding tail
                "-3   | 12   | -5 0 5 10 15",
                "7    | 7    | 6.2 6.4 6.6 6.8 7 7.2 7.4 7.6 7.8", // a single value stands in the middle
                "0    | 0    | -1 -0.5 0 0.5 1",
                "1.0000000001 | 1.0000000005 | 1.0000000001 1.0000000002 1.0000000003 1.0000000004 1.0000000005", // each its own
                "-1e300 | 1e300 | -1e300 -5e299 0 5e299 1e300",
                "1e9  | 3e9  | 1000000000 1500000000 2000000000 2500000000 3000000000",
            })
    void ticksAreRoundAndCoverTheValues(double least, double most, String labels) {
        assertThat(Scale.covering(least, most).ticks().stream()
                        .map(Scale.Tick::label)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(labels);
    }

    @Test
    void everyScaleCoversItsValuesWithAFewTicks() {
        Seeded.cases(2_000, random -> {
            double least = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(20) - 10);
            double most = least + random.nextDouble() * Math.pow(10, random.nextInt(20) - 10);
            Scale scale = Scale.covering(least, most);
            double slack = 1e-9 * (scale.most() - scale.least());
            assertThat(scale.least()).isLessThanOrEqualTo(least + slack);
            assertThat(scale.most()).isGreaterThanOrEqualTo(most - slack);
            assertThat(scale.ticks()).hasSizeBetween(3, 14);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1     | 1000000  | 1 10 100 1000 10000 100000 1000000",
                "3     | 80       | 1 2 5 10 20 50 100", // few powers: 2 and 5 times them as well
                "0.002 | 0.5      | 0.001 0.01 0.1 1",
                "1     | 1e24     | 1 10000 100000000 1000000000000 1e16 1e20 1e24",
            })
    void logarithmicTicksAreAtPowersOfTen(double least, double most, String labels) {
        Scale scale = Scale.logarithmic(least, most);
        assertThat(labels(scale)).isEqualTo(labels);
        assertThat(scale.least()).isLessThanOrEqualTo(least);
        assertThat(scale.most()).isGreaterThanOrEqualTo(most);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-03-01 | 2027-03-05 | 2027-03-01 2027-03-02 2027-03-03 2027-03-04 2027-03-05",
                "2027-03-01 | 2027-03-01 | 2027-03-01 2027-03-02", // a single day has a width
                "2027-03-03 | 2027-04-05 | 2027-03-01 2027-03-08 2027-03-15 2027-03-22 2027-03-29 2027-04-05", // Mondays
                "2027-01-15 | 2027-06-20 | 2027-01 2027-02 2027-03 2027-04 2027-05 2027-06 2027-07",
                "2020-05-01 | 2027-06-20 | 2020 2021 2022 2023 2024 2025 2026 2027 2028",
                "1960-05-01 | 2027-06-20 | 1960 1970 1980 1990 2000 2010 2020 2030",
            })
    void datesHaveTicksAtDaysWeeksMonthsAndYears(LocalDate least, LocalDate most, String labels) {
        assertThat(labels(Scale.calendar(least.toEpochDay(), most.toEpochDay(), 6)))
                .isEqualTo(labels);
    }

    @Test
    void timesHaveTicksAtWholeMinutesAndHours() {
        assertThat(labels(Scale.clock(8 * 3600 + 100, 14 * 3600, 6, Scale::dateTime)))
                .isEqualTo("1970-01-01 08:00 1970-01-01 09:00 1970-01-01 10:00 1970-01-01 11:00 1970-01-01 12:00 "
                        + "1970-01-01 13:00 1970-01-01 14:00");
        assertThat(labels(Scale.clock(60, 61, 6, Scale::dateTime))).isEqualTo("1970-01-01 00:01 1970-01-01 00:01:01");
    }

    @ParameterizedTest
    @CsvSource({"1, 0 1", "3, 0 1 2 3", "7, 0 1 2 3 4 5 6 7", "48, 0 10 20 30 40 50"})
    void countsHaveNoTicksBetweenWholeNumbers(double most, String labels) {
        assertThat(labels(Scale.counting(most))).isEqualTo(labels);
    }

    @Test
    void aScaleWithSetEndsKeepsThemAndHasRoundTicksBetween() {
        Scale scale = Scale.between(0.3, 9.7);
        assertThat(scale.least()).isEqualTo(0.3);
        assertThat(scale.most()).isEqualTo(9.7);
        assertThat(labels(scale)).isEqualTo("2 4 6 8");
    }

    private static String labels(Scale scale) {
        return scale.ticks().stream().map(Scale.Tick::label).collect(Collectors.joining(" "));
    }

    @Test
    void logarithmicStepsHaveTwoTicksAtLeastWhereverOneLooks() {
        Seeded.cases(500, random -> {
            double from = Math.pow(10, random.nextInt(-300, 290) + random.nextDouble());
            double to = from * (1 + Math.pow(10, random.nextInt(-4, 12)) * random.nextDouble(0.1, 1));
            assertThat(Scale.logarithmicBetween(from, to).ticks())
                    .hasSizeGreaterThanOrEqualTo(2)
                    .allSatisfy(tick -> assertThat(tick.at()).isBetween(from * (1 - 1e-9), to * (1 + 1e-9)));
            assertThat(Scale.logarithmic(from, to).ticks()).hasSizeBetween(2, 30);
        });
    }

    @Test
    void datesHaveTicksOnTheCalendarOverAnySpan() {
        Seeded.cases(500, random -> {
            long from = random.nextLong(-400_000, 400_000);
            long days = (long) Math.pow(10, random.nextDouble(0, 6));
            Scale scale = Scale.calendar(from, from + days, Scale.WANTED_TICKS);
            assertThat(scale.ticks()).hasSizeBetween(2, 15);
            assertThat(scale.least()).isLessThanOrEqualTo(from);
            assertThat(scale.most()).isGreaterThanOrEqualTo(from + days);
            Scale points = Scale.clockAndCalendar(from * 86_400.0, (from + days) * 86_400.0, Scale.WANTED_TICKS);
            assertThat(points.ticks()).hasSizeBetween(2, 15);
            if (days > 365) {
                assertThat(scale.ticks())
                        .allSatisfy(tick -> assertThat(
                                        LocalDate.ofEpochDay((long) tick.at()).getDayOfMonth())
                                .isEqualTo(1));
            }
        });
    }

    @Test
    void evenStepsCoverWhatTheyAreAskedFor() {
        Seeded.cases(1_000, random -> {
            double size = Math.pow(10, random.nextInt(-320, 299));
            double least = (random.nextDouble() - 0.5) * size;
            double most = least + random.nextDouble() * size;
            Scale scale = Scale.covering(least, most);
            double step = scale.ticks().get(1).at() - scale.ticks().get(0).at();
            assertThat(scale.least()).isLessThanOrEqualTo(least + step * 1e-8);
            assertThat(scale.most()).isGreaterThanOrEqualTo(most - step * 1e-8);
            assertThat(scale.ticks()).hasSizeBetween(2, 13);
        });
    }
}
