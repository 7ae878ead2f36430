package app.logismos.sheet;

/** An edit that does not fit the worksheet; nothing has changed. */
public final class EditRefused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** With a sentence that says why. */
    public EditRefused(String message) {
        super(message);
    }
}
