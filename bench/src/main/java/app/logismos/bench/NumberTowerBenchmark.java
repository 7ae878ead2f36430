package app.logismos.bench;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Setup;

/** The sum of products of small numbers: whole ones and hundredths, in the tower and in the types of the JDK. */
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@OperationsPerInvocation(NumberTowerBenchmark.COUNT * 2)
public class NumberTowerBenchmark extends Timed {
    static final int COUNT = 1_000;

    private final long[] longs = new long[COUNT];
    private final double[] doubles = new double[COUNT];
    private final BigDecimal[] decimals = new BigDecimal[COUNT];
    private final Real[] wholes = new Real[COUNT];
    private final Real[] hundredths = new Real[COUNT];

    /** The same numbers in each type; hundredths for those that hold fractions. */
    @Setup
    public void fill() {
        for (int i = 0; i < COUNT; i++) {
            longs[i] = i * 7L % 1_000;
            decimals[i] = BigDecimal.valueOf(longs[i], 2);
            doubles[i] = decimals[i].doubleValue();
            wholes[i] = Rational.of(longs[i]);
            hundredths[i] = Rational.of(decimals[i]);
        }
    }

    @Benchmark
    public long jdkLong() {
        long sum = 0;
        for (int i = 1; i < COUNT; i++) {
            sum += longs[i] * longs[i - 1];
        }
        return sum;
    }

    @Benchmark
    public double jdkDouble() {
        double sum = 0;
        for (int i = 1; i < COUNT; i++) {
            sum += doubles[i] * doubles[i - 1];
        }
        return sum;
    }

    @Benchmark
    public BigDecimal jdkBigDecimal() {
        BigDecimal sum = BigDecimal.ZERO;
        for (int i = 1; i < COUNT; i++) {
            sum = sum.add(decimals[i].multiply(decimals[i - 1]));
        }
        return sum;
    }

    @Benchmark
    public Object towerWhole() {
        return sumOfProducts(wholes);
    }

    @Benchmark
    public Object towerHundredths() {
        return sumOfProducts(hundredths);
    }

    private static Real sumOfProducts(Real[] numbers) {
        Real sum = Rational.of(0);
        for (int i = 1; i < COUNT; i++) {
            sum = (Real) sum.plus((Real) numbers[i].times(numbers[i - 1]));
        }
        return sum;
    }
}
