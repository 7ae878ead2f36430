package app.logismos.value;

/** A function of one's own (language, section 11). */
public record OwnFunction(Made made) implements Value {
    /** How a function was made; whoever makes it says what it is worth. Two of them are equal where all their values are. */
    public interface Made {
        /** As it was typed, {@code f(x) = rate*x}. */
        String text();

        /** The same typeset. */
        String latex();
    }

    @Override
    public Kind kind() {
        return Kind.FUNCTION;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.function(this);
    }
}
