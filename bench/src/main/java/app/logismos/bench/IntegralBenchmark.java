package app.logismos.bench;

import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.openjdk.jmh.annotations.Benchmark;

/** A definite integral that no antiderivative gives, working and all, beside the bare method in plain Java. */
public class IntegralBenchmark extends Timed {
    private final Calculator calculator = new Calculator(Limits.USUAL);
    private final NoCells scope = new NoCells(Surroundings.USUAL);

    /** As a calculation is answered. */
    @Benchmark
    public Calculation calculation() {
        return calculator.calculate("=integral(e^(-x^2)*cos(x^3), x, 0, 2)", scope, Address.FIRST);
    }

    /** The function in doubles and an integrator of the library, to as many digits. */
    @Benchmark
    public double plainJava() {
        return new IterativeLegendreGaussIntegrator(15, 1e-12, 1e-12)
                .integrate(100_000, x -> Math.exp(-x * x) * Math.cos(x * x * x), 0, 2);
    }
}
