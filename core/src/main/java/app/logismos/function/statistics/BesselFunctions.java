package app.logismos.function.statistics;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Extended;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.special.BesselFunction;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import java.util.List;
import org.apache.commons.numbers.core.DD;

/** Bessel functions of whole order, good to the last place of a double. */
public final class BesselFunctions {
    public static final List<Function> ALL = List.of(
            bessel("besselj", "The Bessel function of the first kind.")
                    .example("besselj(0, 0)", "1")
                    .example("round(besselj(1, 1), 12)", "88010117149/200000000000")
                    .related("bessely", "besseli")
                    .from("DLMF 10.2.2, 10.12.4")
                    .computes(given -> value(given, BesselFunction::j)),
            bessel("bessely", "The Bessel function of the second kind.")
                    .example("round(bessely(1, 0), 12)", "11032120527/125000000000")
                    .example("round(bessely(2, 1), 12)", "-107032431541/1000000000000")
                    .related("besselj", "besselk")
                    .from("DLMF 10.8.1, 10.6.1")
                    .computes(given -> positive(given, BesselFunction::y)),
            bessel("besseli", "The modified Bessel function of the first kind.")
                    .example("besseli(0, 0)", "1")
                    .example("round(besseli(1, 1), 12)", "70644887999/125000000000")
                    .related("besselk", "besselj")
                    .from("DLMF 10.25.2")
                    .computes(given -> value(given, BesselFunction::i)),
            bessel("besselk", "The modified Bessel function of the second kind.")
                    .example("round(besselk(1, 0), 12)", "421024438241/1000000000000")
                    .example("round(besselk(2, 1), 12)", "139865881817/1000000000000")
                    .related("besseli", "bessely")
                    .from("DLMF 10.32.9")
                    .computes(given -> positive(given, BesselFunction::k)));

    private static final int MOST_ORDER = 100;

    private BesselFunctions() {}

    private static Function bessel(String name, String says) {
        return function(name, Category.DISTRIBUTIONS)
                .says(says)
                .argument("x", NUMBER, "where; more than 0 for the second kind, 100 at the most")
                .argument("n", WHOLE, "the order, 0 to 100")
                .refuses(name + "(1, -1)", ErrorCode.WRONG_ARGUMENTS);
    }

    /** A function of place and order. */
    private interface OfOrder {
        DD at(DD x, int n);
    }

    private static Real value(Arguments given, OfOrder function) {
        Real x = given.number("x");
        int n = given.whole("n", 0, MOST_ORDER);
        if (x.signum() == 0) {
            return n == 0 ? Rational.ONE : Rational.ZERO;
        }
        if (Math.abs(x.toDouble()) > 100) {
            throw given.wrong("x", "-100 to 100", String.valueOf(x.toDouble()));
        }
        // Even orders are even functions, odd ones odd.
        Real size = finite(function.at(Extended.of(x.abs()), n));
        return x.signum() < 0 && n % 2 == 1 ? size.negate() : size;
    }

    private static Real positive(Arguments given, OfOrder function) {
        double x = given.number("x").toDouble();
        if (!(x > 0 && x <= 100)) {
            throw given.wrong("x", "more than 0 and 100 at the most", String.valueOf(x));
        }
        return finite(function.at(Extended.of(given.number("x")), given.whole("n", 0, MOST_ORDER)));
    }

    private static Real finite(DD answer) {
        if (!answer.isFinite()) {
            throw new Arguments.Refused(
                    Failure.of(ErrorCode.TOO_LARGE, "The result is larger than an approximate number can be."));
        }
        return Algebra.from(answer);
    }
}
