package app.logismos.server.worksheet;

import java.time.Instant;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** The last change is another page's, and taking it back must be asked for. */
final class OfAnother extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final long revision;
    private final String says;
    private final transient Instant at;

    OfAnother(long revision, String says, Instant at) {
        super("The last change was made on another page: " + says + ".", null, false, false);
        this.revision = revision;
        this.says = says;
        this.at = at;
    }

    /** A conflict (409) with the change in question. */
    ProblemDetail problem() {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, getMessage());
        problem.setProperty("revision", revision);
        problem.setProperty("says", says);
        problem.setProperty("at", at);
        return problem;
    }
}
