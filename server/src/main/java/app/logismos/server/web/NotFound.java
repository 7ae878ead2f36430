package app.logismos.server.web;

/** Something that a request names and that is not there. */
public final class NotFound extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** With a sentence that says what is missing. */
    public NotFound(String message) {
        super(message);
    }
}
