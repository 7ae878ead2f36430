package app.logismos.report;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ChartChangeTest {
    private static final Area CELLS = Area.parse("B1:B3").orElseThrow();
    private static final Chart.Series POINTS = Chart.Series.of(CELLS, Chart.Shape.POINTS);
    private static final Chart CHART = chart(POINTS);

    private static Chart chart(Chart.Series... series) {
        return Chart.of("c", "Curve", "g", Optional.empty(), series);
    }

    static Stream<Arguments> changes() {
        return Stream.of(
                Arguments.of(CHART.withForm(Chart.Form.HISTOGRAM), "Shown as histogram"),
                Arguments.of(chart(Chart.Series.of(CELLS, Chart.Shape.POINTS_AND_LINE)), "Shown as points and line"),
                Arguments.of(chart(POINTS.withFit(Chart.Fit.CUBIC)), "Fit: cubic"),
                Arguments.of(chart(POINTS, POINTS), "Series added"),
                Arguments.of(CHART.withLegend(Chart.Legend.NONE), "No legend"),
                Arguments.of(CHART.withMarks(List.of(new Chart.Label(1, 2, "here"))), "Mark put on"),
                Arguments.of(CHART.withTitles("time", "", ""), "Title across changed"),
                Arguments.of(
                        CHART.withForm(Chart.Form.BOXES)
                                .withLegend(Chart.Legend.BELOW)
                                .withTitles("a", "b", ""),
                        "Shown as boxes, title across changed …"));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void whatIsOtherIsTold(Chart now, String said) {
        assertThat(ChartChange.said(CHART, now)).isEqualTo(said);
    }

    @Test
    void whatIsTakenBackIsToldToo() {
        assertThat(ChartChange.said(chart(POINTS.withFit(Chart.Fit.LINE)), CHART))
                .isEqualTo("No fit");
        assertThat(ChartChange.said(CHART.withMarks(List.of(new Chart.Label(1, 2, "here"))), CHART))
                .isEqualTo("Mark taken off");
    }
}
