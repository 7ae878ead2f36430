package app.logismos.function.arithmetic;

import static app.logismos.function.WorkingPattern.text;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.RoundingMode;

/** How a number is rounded by hand: the two neighbours that it lies between, and why it goes to one of them. */
final class RoundingWorkings {
    private static final Rational TWO = Rational.of(2);
    private static final Rational FIVE = Rational.of(5);
    private static final Rational TEN = Rational.of(10);

    /** A number with more digits is not told with those that decide. */
    private static final int MOST_PLACES = 50;

    private static final int SHORT_DIGITS = 10;

    private RoundingWorkings() {}

    /** The neighbours with so many places; for the nearest of them also the digit that decides. */
    static String places(Arguments given, RoundingMode mode) {
        return places(given.number("x"), given.whole("places", -MOST_PLACES, MOST_PLACES), mode);
    }

    static String places(Real x, int places, RoundingMode mode) {
        Real step = Algebra.power(TEN, Rational.of(-places));
        boolean isNearest = mode == RoundingMode.HALF_UP;
        return between(
                isNearest ? digits(x, places + 1) : text(x), x, step, isNearest ? digit(x, places + 1) : reason(mode));
    }

    /** The neighbours among the multiples of a step; for the nearest of them also on which side of the middle it lies. */
    static String steps(Arguments given, RoundingMode mode) {
        Real x = given.number("x");
        Real step = given.number("step");
        return between(text(x), x, step, mode == RoundingMode.HALF_UP ? middle(x, step) : reason(mode));
    }

    /** The neighbours among every second whole number, from 0 or 1 on. */
    static String everySecond(Arguments given, Rational first) {
        Real x = given.number("x");
        Real shifted = Algebra.minus(x, first);
        return neighbours(
                text(x),
                Algebra.plus(multiple(shifted, TWO, RoundingMode.FLOOR), first),
                Algebra.plus(multiple(shifted, TWO, RoundingMode.CEILING), first),
                reason(RoundingMode.UP));
    }

    private static String between(String shown, Real x, Real step, String reason) {
        return neighbours(
                shown, multiple(x, step, RoundingMode.FLOOR), multiple(x, step, RoundingMode.CEILING), reason);
    }

    private static String neighbours(String x, Real below, Real above, String reason) {
        return below.compareTo(above) == 0
                ? x + " stays as it is"
                : x + " lies between " + text(below) + " and " + text(above) + "; " + reason;
    }

    private static String reason(RoundingMode mode) {
        return switch (mode) {
            case UP -> "it goes away from 0";
            case DOWN -> "it goes towards 0";
            case FLOOR -> "it goes down";
            case CEILING -> "it goes up";
            case HALF_UP, HALF_DOWN, HALF_EVEN, UNNECESSARY ->
                throw new IllegalArgumentException("mode must be one that has a direction, was " + mode);
        };
    }

    /** The next digit, 5, is 5 or more: up. */
    private static String digit(Real x, int place) {
        Real shifted = Algebra.times(x.abs(), Algebra.power(TEN, Rational.of(place)));
        Real digit = Algebra.answer(Algebra.answer(Rounding.floor(shifted)).modulo(TEN));
        boolean isFar = digit.compareTo(FIVE) >= 0;
        return "the next digit, " + Plain.text(digit) + ", is " + (isFar ? "5 or more: " : "less than 5: ")
                + direction(x, isFar);
    }

    private static String middle(Real x, Real step) {
        Real towards = multiple(x.abs(), step, RoundingMode.FLOOR);
        Real middle = Algebra.plus(towards, Algebra.over(step, TWO));
        int side = x.abs().compareTo(middle);
        String signed = text(x.signum() < 0 ? middle.negate() : middle);
        return (side == 0 ? "it is the middle" : "the middle is " + signed) + ": " + direction(x, side >= 0);
    }

    /** Below zero up and down mislead. */
    private static String direction(Real x, boolean isFar) {
        if (x.signum() < 0) {
            return isFar ? "away from 0" : "towards 0";
        }
        return isFar ? "up" : "down";
    }

    /** A number as it is, or by its digits as far as they matter: {@code (2/3) = 0.666…}. */
    private static String digits(Real x, int places) {
        boolean isWhole = !(x instanceof Rational exact)
                || Plain.decimal(exact, SHORT_DIGITS).isPresent();
        if (isWhole || places < 1) {
            return text(x);
        }
        Rational cut = (Rational) Algebra.answer(Rounding.places(x, places, RoundingMode.DOWN));
        return Plain.decimal(cut, MOST_PLACES)
                .map(shown -> text(x) + " = " + shown + "…")
                .orElse(text(x));
    }

    private static Real multiple(Real x, Real step, RoundingMode mode) {
        return Algebra.times(Algebra.answer(Rounding.places(Algebra.over(x, step), 0, mode)), step);
    }
}
