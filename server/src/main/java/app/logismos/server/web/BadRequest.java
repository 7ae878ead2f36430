package app.logismos.server.web;

/** A part of a request that cannot be read. */
public final class BadRequest extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** With a sentence that says what is expected. */
    public BadRequest(String message) {
        super(message);
    }
}
