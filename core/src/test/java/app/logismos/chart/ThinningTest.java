package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import app.logismos.sheet.Chart;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is drawn of many points, or of a part of them, beside all of them. */
class ThinningTest {
    private static final int COLUMNS = 640;

    private static final Scale HEIGHTS = new Scale(-1, 1, List.of(), false);

    private static Thinning whole(Scale across) {
        return new Thinning(View.USUAL, across, HEIGHTS);
    }

    private static Thinning part(double from, double to, boolean logarithmic) {
        return new Thinning(
                new View(COLUMNS, Optional.of(new View.Part(from, to)), Optional.empty()),
                new Scale(from, to, List.of(), logarithmic),
                HEIGHTS);
    }

    private static double[] heights(Random random, int count) {
        return random.doubles(count, -1, 1).toArray();
    }

    @Test
    void everyColumnOfPixelsReachesAsHighAndAsLowAsAllPointsDo() {
        Seeded.cases(60, random -> {
            boolean logarithmic = random.nextBoolean();
            // Some points are far from the others, as one late measurement is.
            double[] x = DoubleStream.concat(
                            random.doubles(8_000, -3, 2).map(e -> Math.pow(10, e)),
                            random.doubles(3, 4, 9).map(e -> Math.pow(10, e)))
                    .sorted()
                    .toArray();
            double[] y = heights(random, x.length);
            double from = random.nextBoolean() ? x[0] : Math.pow(10, random.nextDouble() * 3 - 3);
            double to = random.nextBoolean() ? x[x.length - 1] : from + Math.pow(10, random.nextDouble() * 2);
            Thinning thinning = part(from, to, logarithmic);
            int[] kept = thinning.of(Chart.Shape.LINE, x, y).kept();
            assertThat(kept).hasSizeLessThanOrEqualTo(4 * COLUMNS + 8).isSorted();
            assertThat(reaches(thinning.across(), kept, x, y))
                    .isDeepEqualTo(reaches(
                            thinning.across(), IntStream.range(0, x.length).toArray(), x, y));
        });
    }

    /** The lowest and the highest of the points in each column. */
    private static double[][] reaches(Scale across, int[] points, double[] x, double[] y) {
        double[][] reaches = new double[COLUMNS][2];
        for (int i : points) {
            double at = across.position(x[i]);
            if (at >= 0 && at <= 1) {
                double[] column = reaches[Math.min(COLUMNS - 1, (int) (at * COLUMNS))];
                column[0] = Math.min(column[0], y[i]);
                column[1] = Math.max(column[1], y[i]);
            }
        }
        return reaches;
    }

    @Test
    void theLineInAPartIsTheWholeLineThere() {
        Seeded.cases(500, random -> {
            int count = 2 + random.nextInt(40);
            double[] x = random.doubles(count, 0, 100).sorted().toArray();
            double[] y = heights(random, count);
            IntStream.range(0, count).filter(i -> random.nextInt(9) == 0).forEach(i -> y[i] = Double.NaN);
            double from = random.nextDouble() * 100;
            double to = from + Math.pow(10, random.nextDouble() * 3 - 2);
            int[] kept = part(from, to, false).of(Chart.Shape.LINE, x, y).kept();
            double[] keptX = IntStream.of(kept).mapToDouble(i -> x[i]).toArray();
            double[] keptY = IntStream.of(kept).mapToDouble(i -> y[i]).toArray();
            for (int i = 0; i <= 20; i++) {
                double at = from + (to - from) * i / 20;
                assertThat(Double.valueOf(between(keptX, keptY, at))).isEqualTo(Double.valueOf(between(x, y, at)));
            }
        });
    }

    /** The height of the line at a place; not a number beside a gap. */
    private static double between(double[] x, double[] y, double at) {
        for (int i = 1; i < x.length; i++) {
            if (x[i - 1] <= at && at <= x[i]) {
                return y[i - 1] + (y[i] - y[i - 1]) * (at - x[i - 1]) / (x[i] - x[i - 1]);
            }
        }
        return Double.NaN;
    }

    @Test
    void aLineThatGoesBackAndForthIsTheSameInAPart() {
        Seeded.cases(500, random -> {
            int count = 2 + random.nextInt(60);
            double[] x = random.doubles(count, 0, 100).toArray();
            double[] y = heights(random, count);
            double from = random.nextDouble() * 100;
            int[] kept = part(from, from + 10, false).of(Chart.Shape.LINE, x, y).kept();
            for (double at : new double[] {from + 0.5, from + 5, from + 9.5}) {
                assertThat(crossings(
                                IntStream.of(kept).mapToDouble(i -> x[i]).toArray(),
                                IntStream.of(kept).mapToDouble(i -> y[i]).toArray(),
                                at))
                        .containsExactly(crossings(x, y, at), within(1e-12));
            }
        });
    }

    /** The heights at which a line crosses a place, in its order. */
    private static double[] crossings(double[] x, double[] y, double at) {
        return IntStream.range(1, x.length)
                .filter(i -> (x[i - 1] - at) * (x[i] - at) < 0)
                .mapToDouble(i -> y[i - 1] + (y[i] - y[i - 1]) * (at - x[i - 1]) / (x[i] - x[i - 1]))
                .toArray();
    }

    @Test
    void lookingCloserAtACloudShowsAllPointsThatAreThere() {
        Seeded.cases(20, random -> {
            double[] x = random.doubles(50_000, 0, 1).toArray();
            double[] y = heights(random, x.length);
            int[] kept = part(0.4, 0.45, false).of(Chart.Shape.POINTS, x, y).kept();
            assertThat(kept)
                    .isEqualTo(IntStream.range(0, x.length)
                            .filter(i -> x[i] >= 0.4 && x[i] <= 0.45)
                            .toArray());
        });
    }

    @Test
    void aCloudOverManyPowersOfTenIsThinnedAsItIsDrawn() {
        double[] x =
                new Random(3).doubles(60_000, -6, 6).map(e -> Math.pow(10, e)).toArray();
        double[] y = heights(new Random(4), x.length);
        int[] kept = whole(new Scale(1e-6, 1e6, List.of(), true))
                .of(Chart.Shape.POINTS, x, y)
                .kept();
        for (int power = -6; power < 6; power++) {
            double from = Math.pow(10, power);
            assertThat(Arrays.stream(kept)
                            .filter(i -> x[i] >= from && x[i] < 10 * from)
                            .count())
                    .as("from %s", from)
                    .isGreaterThan(kept.length / 24);
        }
    }
}
