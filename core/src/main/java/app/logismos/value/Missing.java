package app.logismos.value;

/** A value known to be absent: skipped by statistics, carried through arithmetic. */
public enum Missing implements Value {
    MISSING;

    @Override
    public Kind kind() {
        return Kind.MISSING;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.missing();
    }
}
