package app.logismos.value;

/** {@code true} or {@code false}. */
public record Truth(boolean holds) implements Value {
    @Override
    public Kind kind() {
        return Kind.TRUTH;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.truth(this);
    }
}
