package app.logismos.server.datafolder;

/** A data folder that cannot be used as it is; the message says to a person why, and the ways on. Nothing was changed. */
public final class Unusable extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Unusable(String sentence) {
        super(sentence, null, false, false);
    }
}
