package app.logismos.bench;

import app.logismos.recalculate.Change;
import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** One input changes that 10,000 formulas of a column use. */
public class OneInputBenchmark extends Timed {
    private static final int ROWS = 10_000;

    private LiveWorksheet live;
    private int rate;

    /** Numbers in A, {@code =A1*$C$1} and so on in B, the input in C1. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.type(live, "C1", "1.2");
        Columns.fill(live, 0, ROWS, String::valueOf);
        Columns.fill(live, 1, ROWS, row -> "=A" + row + "*$C$1");
    }

    /** The edit, with all that follows. */
    @Benchmark
    public Change changeTheInput() {
        rate = rate % 9 + 1;
        return Columns.type(live, "C1", "1." + rate);
    }
}
