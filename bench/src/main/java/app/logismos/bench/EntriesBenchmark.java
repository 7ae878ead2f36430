package app.logismos.bench;

import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;

/** Entries read and worked out on their own, with every step of the working and all hints, as the lens shows them. */
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
public class EntriesBenchmark extends Timed {
    /** From a short one to a long one. */
    @Param({"=2+3*4", "=round(sqrt(2)*100, 2)", "=sum({12.5, 7.25; 3, 4})*(1+20%)-combinations(15, 7)/3"})
    public String entry;

    private final Calculator calculator = new Calculator(Limits.USUAL);
    private final NoCells nowhere = new NoCells(Surroundings.USUAL);

    /** Value, working and hints. */
    @Benchmark
    public Object calculate() {
        return calculator.calculate(entry, nowhere, Address.FIRST);
    }
}
