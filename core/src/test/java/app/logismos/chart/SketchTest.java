package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
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

class SketchTest {
    @Test
    void aLineGoesWhereTheValuesGoAndEndsAtAGap() {
        Sketch sketch = sketch(Chart.Shape.LINE, "1", "2", "", "4", "5");
        assertThat(sketch.traces()).extracting(Sketch.Trace::kind).containsOnly(Sketch.Kind.LINE);
        assertThat(sketch.traces()).hasSize(2);
        List<Sketch.Place> first = sketch.traces().get(0).places();
        assertThat(first).isSortedAccordingTo((a, b) -> Double.compare(a.y(), b.y()));
        assertThat(sketch.traces().get(1).places().get(1).y()).isEqualTo(1, within());
    }

    @Test
    void barsStandOnTheAxis() {
        Sketch sketch = sketch(Chart.Shape.BARS, "1", "3");
        List<Sketch.Place> corners = sketch.traces().get(0).places();
        assertThat(corners).hasSize(4);
        assertThat(corners.get(0).y()).isZero();
        assertThat(corners.get(3).y()).isGreaterThan(corners.get(1).y());
    }

    @Test
    void twoChartsOfOtherValuesAreOtherDrawings() {
        assertThat(sketch(Chart.Shape.LINE, "1", "2", "9")).isNotEqualTo(sketch(Chart.Shape.LINE, "9", "2", "1"));
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(0.2);
    }

    private static Sketch sketch(Chart.Shape shape, String... values) {
        LiveWorksheet live = new LiveWorksheet(
                new Worksheet(
                        "Sketch",
                        List.of(Section.of("s", "S", Block.Grid.of("g", "G", values.length, 2))),
                        Words.STANDARD),
                Patient.LIMITS);
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 0; row < values.length; row++) {
            typed.add(new Edit.Typed(new Address(0, row), String.valueOf(row)));
            if (!values[row].isEmpty()) {
                typed.add(new Edit.Typed(new Address(1, row), values[row]));
            }
        }
        live.apply(List.of(new Edit.Enter("g", typed)));
        Chart chart = Chart.of(
                "c", "", "g", Optional.of(column(0, values.length)), Chart.Series.of(column(1, values.length), shape));
        return Sketch.of(ChartReading.of(chart, live, View.USUAL));
    }

    private static Area column(int column, int rows) {
        return Area.between(new Address(column, 0), new Address(column, rows - 1));
    }
}
