package app.logismos.formula;

import app.logismos.value.Failure;

/** Thrown inside the parser where a text cannot be parsed; {@link Parser#parse} catches it and answers with its failure. */
final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Failure failure;

    Refusal(Failure failure) {
        super(failure.message(), null, false, false);
        this.failure = failure;
    }

    Failure failure() {
        return failure;
    }
}
