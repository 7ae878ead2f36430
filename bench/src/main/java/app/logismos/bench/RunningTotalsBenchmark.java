package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;

/** A column of running totals, {@code =sum($A$1:A1)}, {@code =sum($A$1:A2)} and so on, worked out again. */
public class RunningTotalsBenchmark extends Timed {
    /** How many rows. */
    @Param({"100000", "200000"})
    public int rows;

    private LiveWorksheet live;

    /** Amounts of cents in A, their totals in B. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.fill(live, 0, rows, row -> row % 1_000 + "." + row % 90);
        Columns.fill(live, 1, rows, row -> "=sum($A$1:A" + row + ")");
    }

    /** All of them. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }
}
