package app.logismos.formula;

import app.logismos.value.Failure;

/** Carries a failure from the depth of a parse to its door, where it becomes the outcome. */
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
