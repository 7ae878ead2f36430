package app.logismos.value;

import app.logismos.algebra.Form;

/** An expression with letters in it that stand for any number (language, section 12). */
public record Algebraic(Form form) implements Value {
    @Override
    public boolean isExact() {
        return form.isExact();
    }

    @Override
    public Kind kind() {
        return Kind.EXPRESSION;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.expression(this);
    }
}
