package app.logismos.server;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in plain words that another Logismos has the folder open. Registered in META-INF/spring.factories. */
class DatabaseInUse extends AbstractFailureAnalyzer<SQLException> {
    /** H2's DATABASE_ALREADY_OPEN_1. */
    private static final int ALREADY_OPEN = 90020;

    @Override
    protected @Nullable FailureAnalysis analyze(Throwable root, SQLException cause) {
        return cause.getErrorCode() == ALREADY_OPEN
                ? new FailureAnalysis(
                        "Another Logismos is running with the same data folder.",
                        "End that one first, or choose another folder with --data.",
                        cause)
                : null;
    }
}
