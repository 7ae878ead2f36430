package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
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
}
