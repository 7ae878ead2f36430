package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Histograms and boxes of random worksheets beside the same counted and ordered in decimals. */
class SpreadOracleTest {
    private static final int ROWS = 40;

    /** A worksheet of weights with the chart of them. */
    private record Case(LiveWorksheet live) {
        static Case of(Random random, Chart.Form form) {
            Block.Grid grid = Block.Grid.of("g", "Weights", ROWS, 2);
            LiveWorksheet live = new LiveWorksheet(
                    new Worksheet("W", List.of(Section.of("s", "S", grid)), Words.STANDARD), Patient.LIMITS);
            boolean isWeighed = random.nextBoolean();
            int places = random.nextInt(4) - 1;
            int count = 1 + random.nextInt(ROWS - 2);
            List<Edit.Typed> typed = new ArrayList<>();
            typed.add(new Edit.Typed(Address.FIRST, "Weight"));
            for (int row = 1; row <= count; row++) {
                String number = BigDecimal.valueOf(random.nextInt(random.nextInt(5) == 0 ? 4_000 : 400) - 90L, places)
                        .toPlainString();
                String unit = isWeighed ? random.nextInt(9) == 0 ? " kg" : " g" : "";
                boolean isGap = row < count && random.nextInt(9) == 0;
                String text = isGap ? random.nextBoolean() ? "" : "lost" : number + unit;
                typed.add(new Edit.Typed(new Address(0, row), text));
            }
            Area area = new Area(Address.FIRST, new Address(0, count));
            Chart chart = Chart.of("c", "C", "g", Optional.empty(), Chart.Series.of(area, Chart.Shape.POINTS))
                    .withForm(form);
            live.apply(List.of(new Edit.Enter("g", typed), new Edit.AddBlock("s", chart, 1)));
            if (random.nextBoolean()) {
                live.apply(List.of(new Edit.InsertLines("g", Axis.COLUMNS, 0, 1)));
            }
            return new Case(live);
        }

        private Chart chart() {
            return (Chart) live.worksheet().outline().block("c").orElseThrow();
        }

        ChartData data() {
            return ChartReading.of(chart(), live, View.USUAL);
        }

        /** The numbers upwards, in the unit of the first of them. */
        List<BigDecimal> sorted() {
            Area area = ((Chart.Cells) chart().series().get(0).source()).area();
            List<Value> values = IntStream.rangeClosed(
                            area.first().row() + 1, area.last().row())
                    .mapToObj(row -> live.value("g", new Address(area.first().column(), row)))
                    .filter(value -> PairingOracleTest.plain(value).isPresent())
                    .toList();
            boolean inKilograms = values.get(0) instanceof Quantity first
                    && first.unit().symbol().equals("kg");
            return values.stream()
                    .map(value -> PairingOracleTest.plain(value).orElseThrow().movePointLeft(inKilograms ? 3 : 0))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void everyBinCountsWhatLiesBetweenItsEdges() {
        Seeded.cases(250, random -> {
            Case made = Case.of(random, Chart.Form.HISTOGRAM);
            List<BigDecimal> values = made.sorted();
            Bins bins = made.data().bins().orElseThrow();
            List<BigDecimal> edges = bins.edges().stream()
                    .map(edge -> BigDecimal.valueOf(edge.at()))
                    .toList();
            BigDecimal width = edges.get(1).subtract(edges.get(0));
            assertThat(edges.get(0)).isLessThanOrEqualTo(values.get(0));
            assertThat(edges.get(edges.size() - 1)).isGreaterThanOrEqualTo(values.get(values.size() - 1));
            for (int i = 1; i < edges.size(); i++) {
                BigDecimal from = edges.get(i - 1);
                BigDecimal to = edges.get(i);
                boolean isLast = i == edges.size() - 1;
                assertThat(to.subtract(from)).as("edges %s", edges).isEqualByComparingTo(width);
                assertThat((long) bins.counts().get(0).get(i - 1))
                        .as("from %s to %s of %s", from, to, values)
                        .isEqualTo(values.stream()
                                .filter(value -> value.compareTo(from) >= 0
                                        && (value.compareTo(to) < 0 || isLast && value.compareTo(to) == 0))
                                .count());
            }
        });
    }

    @Test
    void everyBoxIsWhatTheOrderedValuesSay() {
        Seeded.cases(250, random -> {
            Case made = Case.of(random, Chart.Form.BOXES);
            List<BigDecimal> values = made.sorted();
            Boxes box = made.data().boxes().get(0);
            BigDecimal lower = quartile(values, 1);
            BigDecimal upper = quartile(values, 3);
            BigDecimal room = upper.subtract(lower).multiply(new BigDecimal("1.5"));
            List<BigDecimal> inside = values.stream()
                    .filter(value ->
                            value.compareTo(lower.subtract(room)) >= 0 && value.compareTo(upper.add(room)) <= 0)
                    .toList();
            assertThat(List.of(box.least(), box.lower(), box.median(), box.upper(), box.most()))
                    .extracting(Scale.Tick::at)
                    .containsExactly(
                            inside.get(0).doubleValue(),
                            lower.doubleValue(),
                            quartile(values, 2).doubleValue(),
                            upper.doubleValue(),
                            inside.get(inside.size() - 1).doubleValue());
            assertThat(box.farOut())
                    .extracting(Scale.Tick::at)
                    .containsExactlyElementsOf(values.stream()
                            .filter(value -> !inside.contains(value))
                            .map(BigDecimal::doubleValue)
                            .toList());
        });
    }

    private static BigDecimal quartile(List<BigDecimal> sorted, int quarter) {
        BigDecimal place = BigDecimal.valueOf((sorted.size() - 1) * 25L * quarter, 2);
        int below = place.setScale(0, RoundingMode.FLOOR).intValue();
        BigDecimal next = sorted.get(Math.min(below + 1, sorted.size() - 1));
        return next.subtract(sorted.get(below))
                .multiply(place.subtract(BigDecimal.valueOf(below)))
                .add(sorted.get(below));
    }
}
