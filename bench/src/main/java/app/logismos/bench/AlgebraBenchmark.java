package app.logismos.bench;

import app.logismos.algebra.Derivative;
import app.logismos.algebra.Expanding;
import app.logismos.algebra.Factored;
import app.logismos.algebra.Form;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** Multiplying out, splitting and differentiating expressions with letters, beside a multiplication of plain arrays. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class AlgebraBenchmark {
    private static final Form.Letter X = new Form.Letter("x");

    private final Form trinomial =
            X.plus(Form.letter("y")).plus(Form.letter("z")).power(20);

    /** Six quadratic factors. */
    private final Form ofDegree12 = Expanding.of(Form.product(IntStream.rangeClosed(1, 6)
            .mapToObj(i -> X.power(2).plus(X.times(Form.number(i))).plus(Form.number(i + 2)))
            .toList()));

    /** A sum of terms {@code k·x^k·sin(k·x)}, of a little over a thousand nodes. */
    private final Form ofThousandNodes = Form.sum(IntStream.rangeClosed(1, 120)
            .mapToObj(k -> Form.product(
                    List.of(Form.number(k), X.power(k), Form.applied("sin", List.of(X.times(Form.number(k)))))))
            .toList());

    @Benchmark
    public Form expandsTheTwentiethPowerOfATrinomial() {
        return Expanding.of(trinomial);
    }

    @Benchmark
    public Form factorsDegreeTwelve() {
        return Factored.of(ofDegree12);
    }

    @Benchmark
    public Form differentiatesAThousandNodes() {
        return Derivative.of(
                ofThousandNodes, X, 1, (function, argument, given) -> Optional.of(Form.applied("cos", given)));
    }

    /** The same product of powers with plain numbers: (x + y + z)^20 by twenty multiplications of dense arrays. */
    @Benchmark
    public long[][] multipliesPlainArrays() {
        long[][] power = new long[21][21];
        power[0][0] = 1;
        for (int n = 0; n < 20; n++) {
            long[][] next = new long[21][21];
            for (int i = 0; i <= n; i++) {
                for (int j = 0; i + j <= n; j++) {
                    next[i][j] += power[i][j];
                    next[i + 1][j] += power[i][j];
                    next[i][j + 1] += power[i][j];
                }
            }
            power = next;
        }
        return power;
    }
}
