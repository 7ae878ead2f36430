package app.logismos.algebra;

import app.logismos.number.Undefined;

/** An expression that has no canonical form here: it divides by zero, or is too large. */
public final class NoForm extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final Undefined reason;

    NoForm(Undefined reason) {
        super(reason.name(), null, false, false);
        this.reason = reason;
    }

    /** Why there is none. */
    public Undefined reason() {
        return reason;
    }
}
