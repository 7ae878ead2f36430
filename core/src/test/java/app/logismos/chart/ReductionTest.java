package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.util.Arrays;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ReductionTest {
    @Test
    void aMillionPointsBecomeFourForEachColumnAndKeepTheirPeak() {
        int count = 1_000_000;
        double[] x =
                IntStream.range(0, count).mapToDouble(i -> i / (count - 1.0)).toArray();
        double[] y =
                IntStream.range(0, count).mapToDouble(i -> Math.sin(i / 1e4)).toArray();
        y[123_457] = 50;
        y[876_543] = -40;
        int[] kept = Reduction.line(x, y, 640);
        assertThat(kept)
                .hasSizeLessThanOrEqualTo(4 * 640)
                .contains(0, 123_457, 876_543, count - 1)
                .isSorted();
    }

    @Test
    void everyColumnKeepsItsFirstLastLowestAndHighest() {
        Seeded.cases(100, random -> {
            int count = 500 + random.nextInt(2_000);
            double[] x = random.doubles(count, 0, 1).sorted().toArray();
            double[] y = random.doubles(count, -1, 1).toArray();
            int[] kept = Reduction.line(x, y, 40);
            double width = 1.0 / 40;
            for (int column = 0; column < 40; column++) {
                double left = column * width;
                boolean isLast = column == 39;
                int[] inside = IntStream.range(0, count)
                        .filter(i -> x[i] >= left && (isLast || x[i] < left + width))
                        .toArray();
                if (inside.length > 0) {
                    int highest = Arrays.stream(inside)
                            .boxed()
                            .max((a, b) -> Double.compare(y[a], y[b]))
                            .orElseThrow();
                    assertThat(kept).contains(highest);
                }
            }
        });
    }

    @Test
    void fewPointsAreAllKept() {
        assertThat(Reduction.line(new double[] {0, 0.5, 1}, new double[] {5, Double.NaN, 7}, 1))
                .containsExactly(0, 1, 2);
        assertThat(Reduction.cloud(new double[] {0, 1}, new double[] {0, 1}, 2)).containsExactly(0, 1);
    }

    @Test
    void gapsAreKept() {
        double[] x = IntStream.range(0, 1_000).mapToDouble(i -> i / 999.0).toArray();
        double[] y = IntStream.range(0, 1_000)
                .mapToDouble(i -> i >= 500 && i < 510 ? Double.NaN : 1)
                .toArray();
        int[] kept = Reduction.line(x, y, 10);
        assertThat(Arrays.stream(kept).filter(i -> Double.isNaN(y[i])).findFirst())
                .hasValue(500);
    }

    @Test
    void aCloudKeepsItsExtremesAndItsShape() {
        Seeded.cases(20, random -> {
            double[] x = random.doubles(50_000, 0, 1).toArray();
            double[] y = random.doubles(50_000, 0, 1).toArray();
            y[777] = 1;
            int[] kept = Reduction.cloud(x, y, 2_000);
            assertThat(kept).hasSizeBetween(200, 2_010).contains(777);
            assertThat(Arrays.stream(kept).filter(i -> x[i] < 0.5).count())
                    .isBetween(kept.length / 3L, kept.length * 2L / 3);
        });
    }

    @Test
    void aLineThatGoesAnyWayKeepsItsOrderAndItsGaps() {
        int count = 60_000;
        double[] x = IntStream.range(0, count)
                .mapToDouble(i -> 0.5 + i * Math.cos(i / 900.0) / 2 / count)
                .toArray();
        double[] y = IntStream.range(0, count)
                .mapToDouble(i -> i % 20_000 == 19_999 ? Double.NaN : 0.5 + i * Math.sin(i / 900.0) / 2 / count)
                .toArray();
        int[] kept = Reduction.path(x, y, 4_000);
        assertThat(kept).isSorted().hasSizeLessThanOrEqualTo(4_000).contains(19_999, 39_999, 59_999);
        // Whatever was left out is close to the point that was kept before it.
        int before = 0;
        for (int i = 0; i < count; i++) {
            before = before + 1 < kept.length && kept[before + 1] <= i ? before + 1 : before;
            int at = kept[before];
            if (Double.isFinite(y[i]) && Double.isFinite(y[at])) {
                assertThat(Math.hypot(x[i] - x[at], y[i] - y[at])).isLessThan(2 / 64.0);
            }
        }
    }
}
