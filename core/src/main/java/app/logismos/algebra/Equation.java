package app.logismos.algebra;

/** Two forms that are to be equal. */
public record Equation(Form left, Form right) {
    /** As it is typed. */
    public String text() {
        return left.text() + " = " + right.text();
    }

    /** What is 0 where the two are equal. */
    Form difference() {
        return left.minus(right);
    }

    boolean has(Form.Letter letter) {
        return left.has(letter) || right.has(letter);
    }

    Equation with(Form.Letter letter, Form other) {
        return new Equation(left.with(letter, other), right.with(letter, other));
    }
}
