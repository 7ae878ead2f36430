package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ChartReadingTest {
    private final Chart chart = new Chart(
            "c",
            "Curve",
            Chart.Form.PLOT,
            "g",
            Optional.of(area("A1:A5")),
            List.of(
                    Chart.Series.of(area("B1:B5"), Chart.Shape.POINTS),
                    Chart.Series.of(area("C1:C5"), Chart.Shape.LINE)),
            Chart.AxisLook.USUAL,
            Chart.AxisLook.titled("heat"),
            Chart.AxisLook.USUAL,
            Chart.Legend.ABOVE,
            true,
            false,
            false,
            List.of(),
            false);

    @Test
    void headingsNameTheSeriesAndTheAxis() {
        ChartData data = of(chart, live(1, "time", "Reading", "Law", "0", "95", "=B2", "5", "80", "=B3"));
        assertThat(data.across().title()).isEqualTo("time");
        assertThat(data.up().title()).isEqualTo("heat");
        assertThat(data.series()).extracting(ChartData.Series::name).containsExactly("Reading", "Law");
        assertThat(data.series().get(1).points())
                .extracting(ChartData.Point::up)
                .containsExactly(Optional.of(95.0), Optional.of(80.0));
    }

    @Test
    void aSeriesWithoutHeadingIsCalledByItsCells() {
        ChartData data = of(chart, live(0, "0", "95", "90", "5", "80", "70"));
        assertThat(data.series()).extracting(ChartData.Series::name).containsExactly("B1:B5", "C1:C5");
    }

    @Test
    void whatIsNoNumberIsAGap() {
        ChartData data = of(chart, live(0, "0", "95", "", "5", "no reading", "", "10", "=1/0", "", "15", "50", ""));
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::up)
                .containsExactly(Optional.of(95.0), Optional.empty(), Optional.empty(), Optional.of(50.0));
    }

    @Test
    void theScalesCoverAllSeries() {
        ChartData data = of(chart, live(0, "0", "95", "20", "50", "80", "-3"));
        assertThat(data.up().scale().least()).isLessThanOrEqualTo(-3);
        assertThat(data.up().scale().most()).isGreaterThanOrEqualTo(95);
        assertThat(data.across().scale().ticks()).extracting(Scale.Tick::label).contains("0", "50");
    }

    @Test
    void anEmptyChartHasAScaleAndSaysThatItIsEmpty() {
        ChartData data = of(chart, live(0));
        assertThat(data.across().scale().ticks()).isNotEmpty();
        assertThat(data.summary()).isEqualTo("Chart Curve. B1:B5 has no points. C1:C5 has no points.");
    }

    @Test
    void theSummarySaysWhereEachSeriesBeginsAndEnds() {
        ChartData data = of(chart, live(1, "time", "Reading", "Law", "0", "95", "94", "5", "80.5", ""));
        assertThat(data.summary())
                .isEqualTo(
                        "Chart Curve. Reading: 2 points, from 95 at 0 to 80.5 at 5. Law: 1 point, from 94 at 0 to 94 at 0.");
    }

    private static ChartData of(Chart chart, LiveWorksheet live) {
        return ChartReading.of(chart, live, View.USUAL);
    }

    /** A worksheet with one grid of three columns, its entries row by row. */
    private static LiveWorksheet live(int headings, String... entries) {
        Block.Grid grid = Block.Grid.of("g", "Readings", 5, 3).withHeadings(headings);
        Worksheet worksheet = new Worksheet("W", List.of(Section.of("s", "S", grid)), Words.STANDARD);
        LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
        List<Edit.Typed> typed = new ArrayList<>();
        for (int i = 0; i < entries.length; i++) {
            typed.add(new Edit.Typed(new Address(i % 3, i / 3), entries[i]));
        }
        live.apply(List.of(new Edit.Enter("g", typed)));
        return live;
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
