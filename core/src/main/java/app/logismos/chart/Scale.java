package app.logismos.chart;

import app.logismos.display.Automatic;
import app.logismos.number.Rational;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * An even scale with round ticks.
 *
 * @param least where it begins, a multiple of the step
 * @param most where it ends, a multiple of the step
 * @param ticks from the least to the most
 */
public record Scale(double least, double most, List<Tick> ticks) {
    private static final int WANTED_TICKS = 6;

    /** Values this much closer together than they are large are taken as one. */
    private static final double ALIKE = 1e-12;

    public Scale {
        ticks = List.copyOf(ticks);
    }

    /** A mark with its text. */
    public record Tick(double at, String label) {}

    /**
     * The scale with about six ticks, 1, 2 or 5 times a power of ten apart, that covers the values (P. Heckbert, Nice
     * numbers for graph labels, Graphics Gems, 1990). The ticks are exact decimals, so that no label reads
     * 0.30000000000000004.
     *
     * @param least finite
     * @param most finite, {@code least} or more
     */
    static Scale covering(double least, double most) {
        double size = Math.max(Math.abs(least), Math.abs(most));
        boolean one = most - least <= ALIKE * size;
        double from = one ? least - Math.max(size / 10, size == 0 ? 1 : 0) : least;
        double until = one ? most + Math.max(size / 10, size == 0 ? 1 : 0) : most;
        BigDecimal step = roundStep((until - from) / (WANTED_TICKS - 1));
        long first = (long) Math.floor(from / step.doubleValue() + ALIKE);
        long last = (long) Math.ceil(until / step.doubleValue() - ALIKE);
        List<Tick> ticks = new ArrayList<>();
        for (long i = first; i <= last; i++) {
            BigDecimal at = step.multiply(BigDecimal.valueOf(i));
            ticks.add(new Tick(at.doubleValue(), Automatic.STYLE.text(Rational.of(at))));
        }
        return new Scale(ticks.get(0).at(), ticks.get(ticks.size() - 1).at(), ticks);
    }

    private static BigDecimal roundStep(double rough) {
        int exponent = (int) Math.floor(Math.log10(rough));
        double digit = rough / Math.pow(10, exponent);
        int round = digit < 1.5 ? 1 : digit < 3 ? 2 : digit < 7 ? 5 : 10;
        return BigDecimal.valueOf(round).scaleByPowerOfTen(exponent);
    }
}
