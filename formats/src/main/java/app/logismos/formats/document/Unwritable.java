package app.logismos.formats.document;

/** A worksheet that a format cannot hold; says in a sentence why. */
public final class Unwritable extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Says why. */
    public Unwritable(String says) {
        super(says);
    }
}
