package app.logismos;

import java.util.Random;
import java.util.function.Consumer;

/** Runs a law on many random cases; the seed of a failing one is in its message. */
public final class Seeded {
    /** The share of cases that is run; mutation testing runs the same law a thousand times and takes few. */
    private static final double SHARE = Double.parseDouble(System.getProperty("logismos.cases", "1"));

    private Seeded() {}

    /** Runs {@code law} with the seeds 0 to {@code cases} − 1. */
    public static void cases(int cases, Consumer<Random> law) {
        for (int seed = 0; seed < Math.max(1, cases * SHARE); seed++) {
            try {
                law.accept(new Random(seed));
            } catch (AssertionError | RuntimeException failed) {
                throw new AssertionError("seed " + seed + ": " + failed.getMessage(), failed);
            }
        }
    }
}
