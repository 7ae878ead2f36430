package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;

/** 1,000,000 cells {@code =A1*1.2+B1} worked out again, of bare numbers and of quantities in one unit. */
public class QuantitiesBenchmark extends Timed {
    private static final int ROWS = 1_000_000;

    /** What stands behind each number of A and B. */
    @Param({"", " kg"})
    public String unit;

    private LiveWorksheet live;

    /** The same numbers in both. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.fill(live, 0, ROWS, row -> row + unit);
        Columns.fill(live, 1, ROWS, row -> row % 97 + unit);
        Columns.fill(live, 2, ROWS, row -> "=A" + row + "*1.2+B" + row);
    }

    /** All of them. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }
}
