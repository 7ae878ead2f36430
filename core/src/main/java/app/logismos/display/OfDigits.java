package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import java.util.Optional;

/** A style that changes how another one is written, and leaves to it which digits are shown. */
interface OfDigits extends NumberStyle {
    /** What says which digits are shown. */
    NumberStyle digits();

    @Override
    default Optional<Unit> counts() {
        return digits().counts();
    }

    @Override
    default boolean suits(Real number) {
        return digits().suits(number);
    }

    @Override
    default boolean keepsAllDigits(Real number) {
        return digits().keepsAllDigits(number);
    }

    @Override
    default boolean keepsAllDigits(Complex number) {
        return digits().keepsAllDigits(number);
    }
}
