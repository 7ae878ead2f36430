package app.logismos.display;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.Units;
import java.math.BigInteger;
import java.util.Optional;

/**
 * A number of days, or a quantity of time, as its hours and minutes, and its seconds where there are any: 1.5 is
 * {@code 36:00}.
 */
public final class Hours implements NumberStyle {
    /** The one there is. */
    public static final NumberStyle STYLE = new Hours();

    private static final Rational SECONDS_A_DAY = Rational.of(86_400);
    private static final BigInteger SIXTY = BigInteger.valueOf(60);
    private static final FixedPlaces WHOLE = new FixedPlaces(0);

    /** So many days have hours that can still be read. */
    private static final double MOST_DAYS = 1e9;

    private Hours() {}

    @Override
    public String text(Real number) {
        BigInteger seconds = WHOLE.rounded(seconds(number)).toBigInteger();
        BigInteger[] minutes = seconds.abs().divideAndRemainder(SIXTY);
        BigInteger[] hours = minutes[0].divideAndRemainder(SIXTY);
        String behind = minutes[1].signum() == 0 ? "" : ":" + twoDigits(minutes[1]);
        return (seconds.signum() < 0 ? "-" : "") + hours[0] + ":" + twoDigits(hours[1]) + behind;
    }

    private static String twoDigits(BigInteger part) {
        return (part.compareTo(BigInteger.TEN) < 0 ? "0" : "") + part;
    }

    /** Of a number that suits: the product is one again. */
    private static Real seconds(Real number) {
        return (Real) number.times(SECONDS_A_DAY);
    }

    @Override
    public boolean suits(Real number) {
        return number.isFinite()
                && Math.abs(number.toDouble()) < MOST_DAYS
                && number.times(SECONDS_A_DAY) instanceof Real;
    }

    @Override
    public boolean keepsAllDigits(Real number) {
        return WHOLE.keepsAllDigits(seconds(number));
    }

    @Override
    public Optional<Unit> counts() {
        return Optional.of(Units.DAY);
    }
}
