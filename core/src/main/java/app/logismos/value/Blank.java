package app.logismos.value;

/** What an empty cell holds: 0 in arithmetic, nothing in {@code count} and {@code mean}, "" in {@code &}. */
public enum Blank implements Value {
    BLANK;

    @Override
    public Kind kind() {
        return Kind.EMPTY;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.blank();
    }
}
