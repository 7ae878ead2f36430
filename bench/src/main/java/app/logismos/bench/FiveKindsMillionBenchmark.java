package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** 1,000,000 formulas of five kinds worked out again. */
public class FiveKindsMillionBenchmark extends Timed {
    private static final int ROWS = 200_000;

    private LiveWorksheet live;

    /** Three columns of numbers, five of formulas. */
    @Setup
    public void fill() {
        live = Columns.fiveKinds(ROWS);
    }

    /** All of them. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }
}
