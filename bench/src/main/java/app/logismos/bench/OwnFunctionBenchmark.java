package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;

/** 100,000 cells worked out again that call a function of one's own, and the same formulas written out. */
public class OwnFunctionBenchmark extends Timed {
    private static final int ROWS = 100_000;

    /** The rule of a function of x. */
    @Param({"3*x + 1", "x^2 - 2*x", "x^2*sin(x)"})
    public String rule;

    /** Whether the rule stands in each cell. */
    @Param({"false", "true"})
    public boolean writtenOut;

    private LiveWorksheet live;

    /** Numbers in A, formulas in B, the function in C1. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.fill(live, 2, 1, row -> "f(x) = " + rule);
        Columns.fill(live, 0, ROWS, row -> row + ".5");
        Columns.fill(
                live, 1, ROWS, row -> writtenOut ? "=" + rule.replaceAll("\\bx\\b", "A" + row) : "=f(A" + row + ")");
    }

    /** All of them. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }
}
