package app.logismos.display;

import app.logismos.number.Real;

/** A way to write numbers (language, section 7). It never changes the value. */
public interface NumberStyle {
    /** The number as plain text. */
    String text(Real number);

    /** The number in LaTeX. */
    default String latex(Real number) {
        return text(number);
    }

    /** Whether the text says the whole value, so that nothing is lost for somebody who copies it. */
    default boolean keepsAllDigits(Real number) {
        return true;
    }

    /** Whether the style says something about this number; a fraction style has nothing to say about √2. */
    default boolean suits(Real number) {
        return number.isFinite();
    }
}
