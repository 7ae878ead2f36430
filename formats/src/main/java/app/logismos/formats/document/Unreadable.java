package app.logismos.formats.document;

/** A document that cannot be read; says in a sentence why, and where. */
public final class Unreadable extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Says why. */
    public Unreadable(String says) {
        super(says);
    }
}
