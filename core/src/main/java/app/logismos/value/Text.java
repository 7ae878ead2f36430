package app.logismos.value;

/** A text; it is never turned into a number unasked. */
public record Text(String text) implements Value {
    @Override
    public Kind kind() {
        return Kind.TEXT;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.text(this);
    }
}
