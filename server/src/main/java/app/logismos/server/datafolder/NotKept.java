package app.logismos.server.datafolder;

/** A change that cannot be kept, since its place is full, gone or closed; the message says so to a person. */
public final class NotKept extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** With what to tell the person. */
    public NotKept(String sentence) {
        super(sentence, null, false, false);
    }
}
