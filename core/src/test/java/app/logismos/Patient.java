package app.logismos;

import app.logismos.evaluate.Limits;
import java.time.Duration;

/** Bounds for tests in which time is not what is tested: a machine may be busy with other things. */
public final class Patient {
    /** The usual bounds with a minute for each calculation. */
    public static final Limits LIMITS =
            new Limits(Duration.ofMinutes(1), Limits.USUAL.tableCells(), Limits.USUAL.bytes(), Limits.USUAL.steps());

    private Patient() {}
}
