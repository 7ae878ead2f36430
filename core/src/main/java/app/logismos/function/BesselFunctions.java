package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ErrorCode;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Bessel functions of whole order by their integrals (DLMF 10.9.2, 10.9.7, 10.32.3, 10.32.9). The trapezoidal rule
 * converges faster than any power where the integrand is periodic or dies away doubly exponentially (L. N. Trefethen and
 * J. A. C. Weideman, SIAM Review 56, 2014); accurate to about 1e-13 of the largest value nearby.
 */
final class BesselFunctions {
    static final List<Function> ALL = List.of(
            bessel("besselj", "The Bessel function of the first kind.")
                    .example("besselj(0, 0)", "1")
                    .example("round(besselj(1, 1), 12)", "88010117149/200000000000")
                    .related("bessely", "besseli")
                    .from("DLMF 10.9.2")
                    .computes(given -> value(given, BesselFunctions::j)),
            bessel("bessely", "The Bessel function of the second kind.")
                    .example("round(bessely(1, 0), 12)", "11032120527/125000000000")
                    .example("round(bessely(2, 1), 12)", "-107032431541/1000000000000")
                    .related("besselj", "besselk")
                    .from("DLMF 10.9.7")
                    .computes(given -> positive(given, BesselFunctions::y)),
            bessel("besseli", "The modified Bessel function of the first kind.")
                    .example("besseli(0, 0)", "1")
                    .example("round(besseli(1, 1), 12)", "70644887999/125000000000")
                    .related("besselk", "besselj")
                    .from("DLMF 10.32.3")
                    .computes(given -> value(given, BesselFunctions::i)),
            bessel("besselk", "The modified Bessel function of the second kind.")
                    .example("round(besselk(1, 0), 12)", "421024438241/1000000000000")
                    .example("round(besselk(2, 1), 12)", "139865881817/1000000000000")
                    .related("besseli", "bessely")
                    .from("DLMF 10.32.9")
                    .computes(given -> positive(given, BesselFunctions::k)));

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
        double at(double x, int n);
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
        return Algebra.from(function.at(x.toDouble(), n));
    }

    private static Real positive(Arguments given, OfOrder function) {
        double x = given.number("x").toDouble();
        if (!(x > 0 && x <= 100)) {
            throw given.wrong("x", "more than 0 and 100 at the most", String.valueOf(x));
        }
        return Algebra.from(function.at(x, given.whole("n", 0, MOST_ORDER)));
    }

    private static double j(double x, int n) {
        return mean(t -> Math.cos(n * t - x * Math.sin(t)));
    }

    private static double i(double x, int n) {
        return mean(t -> Math.exp(x * Math.cos(t)) * Math.cos(n * t));
    }

    private static double k(double x, int n) {
        double sum = Math.exp(-x) / 2;
        double step = 1.0 / 128;
        for (double t = step; x * Math.cosh(t) - n * t < 745; t += step) {
            sum += Math.exp(-x * Math.cosh(t)) * Math.cosh(n * t);
        }
        return sum * step;
    }

    /** Y of the orders 0 and 1 by integrals, then upwards by the recurrence, which is stable for Y (DLMF 10.6.1). */
    private static double y(double x, int n) {
        double before = direct(x, 0);
        if (n == 0) {
            return before;
        }
        double now = direct(x, 1);
        for (int order = 1; order < n; order++) {
            double next = 2 * order / x * now - before;
            before = now;
            now = next;
        }
        return now;
    }

    private static double direct(double x, int n) {
        double swing = simpson(t -> Math.sin(x * Math.sin(t) - n * t), 0, Math.PI, 4_000);
        double sign = n % 2 == 0 ? 1 : -1;
        double end = Math.log(2 * 800 / x + 2) + 1;
        double tail =
                simpson(t -> (Math.exp(n * t) + sign * Math.exp(-n * t)) * Math.exp(-x * Math.sinh(t)), 0, end, 40_000);
        return (swing - tail) / Math.PI;
    }

    /** The mean over half a period, by the trapezoidal rule. */
    private static double mean(DoubleUnaryOperator periodic) {
        int points = 512;
        double sum = (periodic.applyAsDouble(0) + periodic.applyAsDouble(Math.PI)) / 2;
        for (int at = 1; at < points; at++) {
            sum += periodic.applyAsDouble(Math.PI * at / points);
        }
        return sum / points;
    }

    private static double simpson(DoubleUnaryOperator function, double from, double to, int pieces) {
        double step = (to - from) / pieces;
        double sum = function.applyAsDouble(from) + function.applyAsDouble(to);
        for (int at = 1; at < pieces; at++) {
            sum += (at % 2 == 0 ? 2 : 4) * function.applyAsDouble(from + at * step);
        }
        return sum * step / 3;
    }
}
