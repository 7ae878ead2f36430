package app.logismos;

import java.util.Random;
import java.util.function.Consumer;

/** Runs a law on many random cases; the seed of a failing one is in its message. */
public final class Seeded {
    private Seeded() {}

    /** Runs {@code law} with the seeds 0 to {@code cases} − 1. */
    public static void cases(int cases, Consumer<Random> law) {
        for (int seed = 0; seed < cases; seed++) {
            try {
                law.accept(new Random(seed));
            } catch (AssertionError | RuntimeException failed) {
                throw new AssertionError("seed " + seed + ": " + failed.getMessage(), failed);
            }
        }
    }
}
