package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.Plain;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import java.util.Optional;

/** A way to write numbers (language, section 7). It never changes the value. */
public interface NumberStyle {
    /** The number as plain text. */
    String text(Real number);

    /** The number in LaTeX. */
    default String latex(Real number) {
        return text(number);
    }

    /** A complex number as plain text, its parts each in this style. */
    default String text(Complex number) {
        return Plain.inParts(
                number,
                suiting(number.re()).text(number.re()),
                suiting(number.im()).text(number.im().abs()));
    }

    /** A complex number in LaTeX. */
    default String latex(Complex number) {
        return Typeset.inParts(
                number,
                suiting(number.re()).latex(number.re()),
                suiting(number.im()).latex(number.im().abs()));
    }

    /** Whether the text of a complex number says all of it. */
    default boolean keepsAllDigits(Complex number) {
        return suiting(number.re()).keepsAllDigits(number.re())
                && suiting(number.im()).keepsAllDigits(number.im());
    }

    private NumberStyle suiting(Real number) {
        return suits(number) ? this : Automatic.STYLE;
    }

    /** Whether the text says the whole value, so that nothing is lost for somebody who copies it. */
    default boolean keepsAllDigits(Real number) {
        return true;
    }

    /** The unit that its numbers count, which then is not written behind them; nothing for most styles. */
    default Optional<Unit> counts() {
        return Optional.empty();
    }

    /** Whether the style says something about this number; a fraction style has nothing to say about √2. */
    default boolean suits(Real number) {
        return number.isFinite();
    }
}
