package app.logismos.bench;

import app.logismos.recalculate.LiveWorksheet;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** 1,000,000 cells {@code =A1*1.2+B1} worked out again, beside a plain loop that does the same with doubles in arrays. */
public class MillionCellsBenchmark extends Timed {
    private static final int ROWS = 1_000_000;

    private final double[] a = new double[ROWS];
    private final double[] b = new double[ROWS];
    private final double[] c = new double[ROWS];
    private LiveWorksheet live;

    /** The same numbers in both. */
    @Setup
    public void fill() {
        live = Columns.empty();
        Columns.fill(live, 0, ROWS, String::valueOf);
        Columns.fill(live, 1, ROWS, row -> String.valueOf(row % 97));
        Columns.fill(live, 2, ROWS, row -> "=A" + row + "*1.2+B" + row);
        for (int i = 0; i < ROWS; i++) {
            a[i] = i + 1;
            b[i] = (i + 1) % 97;
        }
    }

    /** All formula cells of the worksheet: exact fractions, in the order of their dependencies. */
    @Benchmark
    public LiveWorksheet worksheet() {
        live.recalculateAll();
        return live;
    }

    /** The same arithmetic on arrays of doubles. */
    @Benchmark
    public double[] plainLoop() {
        for (int i = 0; i < ROWS; i++) {
            c[i] = a[i] * 1.2 + b[i];
        }
        return c;
    }

    /** One number changes, and the one formula that uses it. */
    @Benchmark
    public Object oneEdit() {
        return Columns.type(live, "A500000", a[0]++ % 2 == 0 ? "7" : "8");
    }
}
