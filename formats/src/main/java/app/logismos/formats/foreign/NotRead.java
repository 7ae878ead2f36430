package app.logismos.formats.foreign;

/** A formula of a document that has no formula of ours, or the other way; says why in half a sentence. */
public final class NotRead extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Says why. */
    public NotRead(String why) {
        super(why, null, false, false);
    }
}
