package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Rounding;
import app.logismos.value.NumberValue;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.List;

/** Rounding. */
final class RoundingFunctions {
    /** A double has no digit beyond these; an exact number with more would not fit a screen. */
    private static final int MOST_PLACES = 10_000;

    static final List<Function> ALL = List.of(function("round", Category.ROUNDING)
            .says("The nearest number with so many decimal places; halves go away from zero.")
            .argument("x", NUMBER, "what to round")
            .optional("places", WHOLE, NumberValue.of(0), "how many; negative ones round to tens, hundreds and so on")
            .example("round(2.5)", "3")
            .example("round(1234.567, places: -2)", "1200")
            .computes(given -> rounded(given.number("x"), given.whole("places"))));

    private RoundingFunctions() {}

    private static Result rounded(Real number, BigInteger places) {
        if (places.abs().compareTo(BigInteger.valueOf(MOST_PLACES)) > 0) {
            return places.signum() > 0 ? number : Rational.ZERO;
        }
        return Rounding.places(number, places.intValue(), RoundingMode.HALF_UP);
    }
}
