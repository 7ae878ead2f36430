package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Histograms, boxes and lines of equal value. */
class SpreadTest {
    private static Bins bins(double[]... lists) {
        return Bins.of(List.of(lists), new Measure.Numbers(), at -> at + " g");
    }

    private static List<Real> numbers(String... decimals) {
        return Stream.of(decimals)
                .<Real>map(each -> Rational.of(new BigDecimal(each)))
                .toList();
    }

    @Test
    void everyValueIsCountedOnceBetweenRoundEdges() {
        Seeded.cases(300, random -> {
            double[] values = random.doubles(1 + random.nextInt(500), -20, 90).toArray();
            Bins bins = bins(values);
            assertThat(bins.counts().get(0).stream().mapToInt(Integer::intValue).sum())
                    .isEqualTo(values.length);
            assertThat(bins.edges()).extracting(Scale.Tick::at).isSorted().hasSizeBetween(2, 130);
        });
    }

    @Test
    void aValueOnAnEdgeIsCountedAboveItAndTheLastBinHasBothEdges() {
        Bins bins = bins(new double[] {0, 1, 1, 2, 3, 4});
        assertThat(bins.edges())
                .containsExactly(new Scale.Tick(0, "0.0 g"), new Scale.Tick(2, "2.0 g"), new Scale.Tick(4, "4.0 g"));
        assertThat(bins.counts()).containsExactly(List.of(3, 3));
    }

    @Test
    void alikeValuesStandInOneBin() {
        Bins bins = bins(new double[] {7, 7, 7});
        assertThat(bins.counts().get(0).stream().filter(count -> count > 0)).containsExactly(3);
    }

    @Test
    void noBinIsNarrowerThanWhatCanBeToldApart() {
        double[] days = new Random(5).ints(200, 0, 4).mapToDouble(day -> day).toArray();
        assertThat(Bins.of(List.of(days), new Measure.Dates(), String::valueOf).edges())
                .extracting(Scale.Tick::at)
                .containsExactly(0.0, 1.0, 2.0, 3.0);
    }

    @Test
    void severalListsShareTheirBins() {
        Bins bins = bins(new double[] {0, 1}, new double[] {9, 10});
        assertThat(bins.counts())
                .allSatisfy(counts -> assertThat(counts).hasSize(bins.edges().size() - 1));
    }

    @Test
    void aBoxHasItsQuartilesAndLeavesOutWhatIsFarOut() {
        Boxes box = Boxes.of(numbers("5", "1", "2", "3", "4", "100"), at -> at + " g");
        assertThat(box.lower().at()).isEqualTo(2.25);
        assertThat(box.median().at()).isEqualTo(3.5);
        assertThat(box.upper().at()).isEqualTo(4.75);
        assertThat(box.least().at()).isEqualTo(1);
        assertThat(box.most().at()).isEqualTo(5);
        assertThat(box.farOut()).containsExactly(new Scale.Tick(100, "100.0 g"));
    }

    @Test
    void aValueOnTheFenceIsInside() {
        // The quartiles are 1/3 and 2/3, the fences -1/6 and 7/6: in doubles 7/6 would be outside.
        List<Real> thirds = Stream.of("-1/6", "1/3", "1/3", "1/2", "2/3", "2/3", "7/6")
                .<Real>map(each -> Rational.of(new BigInteger(each.split("/")[0]), new BigInteger(each.split("/")[1])))
                .toList();
        assertThat(Boxes.of(thirds, String::valueOf).farOut()).isEmpty();
        assertThat(Boxes.of(numbers("0", "0.01", "0.02", "0.03", "0.04", "0.075"), String::valueOf)
                        .farOut())
                .isEmpty();
    }

    @Test
    void quartilesOfDecimalsHaveNoTail() {
        assertThat(Boxes.of(numbers("0.1", "0.5"), String::valueOf).median()).isEqualTo(new Scale.Tick(0.3, "0.3"));
        assertThat(Boxes.of(numbers("0.1", "0.2", "0.4"), String::valueOf)
                        .lower()
                        .at())
                .isEqualTo(0.15);
    }

    @Test
    void aLineOfEqualValueGoesThroughPlacesOfThatValue() {
        double[] x = {0, 1, 2, 3};
        double[] y = {0, 1, 2};
        double[][] z = new double[3][4];
        for (int row = 0; row < 3; row++) {
            for (int column = 0; column < 4; column++) {
                z[row][column] = x[column] + 2 * y[row];
            }
        }
        List<List<Place>> lines = Contours.at(3.5, x, y, z);
        assertThat(lines).hasSize(1);
        assertThat(lines.get(0))
                .allSatisfy(place -> assertThat(place.across() + 2 * place.up()).isCloseTo(3.5, within(1e-12)));
        assertThat(lines.get(0).size()).isGreaterThanOrEqualTo(3);
    }

    @Test
    void aHillHasARing() {
        double[] places = {0, 1, 2, 3, 4};
        double[][] z = new double[5][5];
        z[2][2] = 10;
        List<List<Place>> lines = Contours.at(5, places, places, z);
        assertThat(lines).hasSize(1);
        assertThat(lines.get(0).get(0)).isEqualTo(lines.get(0).get(lines.get(0).size() - 1));
    }

    @Test
    void aSaddleHasTwoLinesAndAMissingCornerNone() {
        double[] places = {0, 1};
        assertThat(Contours.at(0.4, places, places, new double[][] {{1, 0}, {0, 1}}))
                .hasSize(2);
        assertThat(Contours.at(0.5, places, places, new double[][] {{1, 0}, {Double.NaN, 1}}))
                .isEmpty();
    }

    @Test
    void linesOfRandomTablesStayInsideAndOnTheirLevel() {
        Seeded.cases(50, random -> {
            double[] places = {0, 1, 2, 3, 4, 5};
            double[][] z = new double[6][];
            for (int row = 0; row < 6; row++) {
                z[row] = random.doubles(6, 0, 1).toArray();
            }
            Contours.at(0.5, places, places, z)
                    .forEach(line -> assertThat(line).allSatisfy(place -> {
                        int column = (int) Math.floor(place.across());
                        int row = (int) Math.floor(place.up());
                        double part = place.across() - column + place.up() - row;
                        double other =
                                place.up() > row ? z[row + 1][column] : part == 0 ? z[row][column] : z[row][column + 1];
                        assertThat(z[row][column] + part * (other - z[row][column]))
                                .isCloseTo(0.5, within(1e-9));
                    }));
        });
    }
}
