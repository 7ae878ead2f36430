package app.logismos.bench;

import app.logismos.chart.ChartData;
import app.logismos.chart.ChartReading;
import app.logismos.chart.View;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import java.util.Optional;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;

/** The curve of a function of one's own across a chart, and of the same expression written out. */
public class CurveBenchmark extends Timed {
    /** The rule of a function of x; the last is no arithmetic of bare numbers, and is worked out value by value. */
    @Param({"x^2*sin(x)", "e^(-x/5)*(3*x + 1)", "max(x, 2)*sin(x)"})
    public String rule;

    /** Whether the rule is the expression of the curve. */
    @Param({"false", "true"})
    public boolean writtenOut;

    private LiveWorksheet live;
    private Chart chart;

    /** The function in C1, and the curve over 0 to 20. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.fill(live, 2, 1, row -> "f(x) = " + rule);
        Chart.Curve curve = new Chart.Curve(writtenOut ? rule : "f(x)", "x", "0", "20");
        chart = Chart.of("c", "Curve", "g", Optional.empty(), Chart.Series.of(curve, "", Chart.Shape.LINE));
    }

    /** As it is read when it is drawn. */
    @Benchmark
    public ChartData curve() {
        return ChartReading.of(chart, live, View.USUAL);
    }
}
