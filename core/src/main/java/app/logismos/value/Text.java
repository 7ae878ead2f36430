package app.logismos.value;

import java.util.List;

/** A text; it is never turned into a number unasked. */
public record Text(String text) implements Value {
    /** Each character as a text of its own. */
    public List<Value> letters() {
        return text.codePoints()
                .<Value>mapToObj(letter -> new Text(Character.toString(letter)))
                .toList();
    }

    @Override
    public Kind kind() {
        return Kind.TEXT;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.text(this);
    }
}
