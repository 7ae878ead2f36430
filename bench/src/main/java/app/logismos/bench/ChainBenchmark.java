package app.logismos.bench;

import app.logismos.recalculate.Change;
import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** A chain of 1,000,000 cells, each one more than the one above. */
public class ChainBenchmark extends Timed {
    private static final int ROWS = 1_000_000;

    private LiveWorksheet live;
    private int head;

    /** {@code 1} in A1, {@code =A1+1} in A2, and so on. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.fill(live, 0, ROWS, row -> row == 1 ? "1" : "=A" + (row - 1) + "+1");
    }

    /** All of them, one after the other. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }

    /** The edit, with all that follows. */
    @Benchmark
    public Change changeTheHead() {
        head++;
        return Columns.type(live, "A1", String.valueOf(head));
    }
}
