package app.logismos.bench;

import app.logismos.recalculate.Change;
import app.logismos.recalculate.LiveWorksheet;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One input changes that 10,000 formulas of a column use. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class OneInputBenchmark {
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
