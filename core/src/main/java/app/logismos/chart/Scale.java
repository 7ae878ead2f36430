package app.logismos.chart;

import app.logismos.display.Automatic;
import app.logismos.display.DecimalMark;
import app.logismos.number.Rational;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * A scale with round ticks.
 *
 * @param least where it begins
 * @param most where it ends, above {@code least}
 * @param ticks upwards, within the scale
 * @param logarithmic whether equal ratios are equally far apart
 */
public record Scale(double least, double most, List<Tick> ticks, boolean logarithmic) {
    static final int WANTED_TICKS = 6;

    /** Values this much closer together than they are large are taken as one. */
    private static final double ALIKE = 1e-12;

    /** A place so many digits behind the point of a step from it is at the step. */
    private static final int SAME_STEP = 9;

    private static final int[][] DIGITS = {{1}, {1, 2, 5}, {1, 2, 3, 4, 5, 6, 7, 8, 9}};
    private static final int[][] FINER_DIGITS = {{1, 2, 5}, {1, 2, 3, 4, 5, 6, 7, 8, 9}};
    private static final int SECONDS_OF_DAY = 86_400;
    private static final int[] CLOCK_STEPS = {
        1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200, 10_800, 21_600, 43_200
    };
    private static final int[] DAY_STEPS = {1, 2, 7, 14};
    private static final int[] MONTH_STEPS = {1, 2, 3, 6};
    private static final double DAYS_OF_MONTH = 30.4;
    private static final int MONTHS = 12;

    public Scale {
        ticks = List.copyOf(ticks);
    }

    /** From the least of some places to the greatest, without ticks; from 0 to 1 where none of them is finite. */
    static Scale of(double[] places) {
        DoubleSummaryStatistics found =
                Arrays.stream(places).filter(Double::isFinite).summaryStatistics();
        double least = found.getCount() == 0 ? 0 : found.getMin();
        return new Scale(least, found.getMax() > least ? found.getMax() : least + 1, List.of(), false);
    }

    /** How far along a value stands: 0 where the scale begins, 1 where it ends. */
    double position(double value) {
        if (!logarithmic) {
            return (value - least) / (most - least);
        }
        return value > 0
                ? Math.log(value / least) / Math.log(most / least)
                : Double.isNaN(value) ? Double.NaN : Double.NEGATIVE_INFINITY;
    }

    /** A place with its text. */
    public record Tick(double at, String label) {}

    /**
     * The scale with about six ticks, 1, 2 or 5 times a power of ten apart, that covers the values (P. Heckbert, Nice
     * numbers for graph labels, Graphics Gems, 1990). The ticks are exact decimals, so that no label reads
     * 0.30000000000000004. It begins and ends at a tick.
     *
     * @param least finite
     * @param most finite, {@code least} or more
     */
    static Scale covering(double least, double most) {
        return stepping(least, most, WANTED_TICKS - 1);
    }

    /** The scale from one value to another, with round ticks between. */
    static Scale between(double least, double most) {
        BigDecimal step = roundStep((most - least) / (WANTED_TICKS - 1));
        return new Scale(
                least,
                most,
                ticks(step, steps(least, step, RoundingMode.CEILING), steps(most, step, RoundingMode.FLOOR)),
                false);
    }

    /** How many steps it is to a place; where it is at a step but for rounding, as many as to there. */
    private static BigInteger steps(double place, BigDecimal step, RoundingMode way) {
        BigDecimal count = BigDecimal.valueOf(place).divide(step, SAME_STEP + 1, RoundingMode.HALF_EVEN);
        BigDecimal nearest = count.setScale(0, RoundingMode.HALF_EVEN);
        boolean isThere = count.subtract(nearest).abs().compareTo(BigDecimal.ONE.movePointLeft(SAME_STEP)) <= 0;
        return (isThere ? nearest : count.setScale(0, way)).toBigInteger();
    }

    private static List<Tick> ticks(BigDecimal step, BigInteger first, BigInteger last) {
        List<Tick> ticks = new ArrayList<>();
        for (BigInteger i = first; i.compareTo(last) <= 0; i = i.add(BigInteger.ONE)) {
            BigDecimal at = step.multiply(new BigDecimal(i));
            ticks.add(new Tick(at.doubleValue(), label(at)));
        }
        return ticks;
    }

    /** With all digits, that ticks close together read differently. */
    static String label(BigDecimal at) {
        Rational number = Rational.of(at);
        return Automatic.STYLE.keepsAllDigits(number)
                ? Automatic.STYLE.text(number)
                : at.stripTrailingZeros().toPlainString();
    }

    /**
     * The scale that covers the values in about so many steps.
     *
     * @param steps 1 or more
     */
    static Scale stepping(double least, double most, double steps) {
        double[] range = spread(least, most);
        BigDecimal step = roundStep((range[1] - range[0]) / steps);
        return spanning(
                ticks(step, steps(range[0], step, RoundingMode.FLOOR), steps(range[1], step, RoundingMode.CEILING)));
    }

    /** The scale of counts up to one: between them there is nothing to mark. */
    static Scale counting(double most) {
        BigDecimal step = roundStep(Math.max(1, most / (WANTED_TICKS - 1)));
        return spanning(ticks(
                step, BigInteger.ZERO, steps(most, step, RoundingMode.CEILING).max(BigInteger.ONE)));
    }

    /** A single value stands in the middle. */
    private static double[] spread(double least, double most) {
        double size = Math.max(Math.abs(least), Math.abs(most));
        boolean one = most - least <= ALIKE * size;
        double room = one ? size == 0 ? 1 : Math.max(size / 10, Double.MIN_VALUE) : 0;
        return new double[] {least - room, most + room};
    }

    private static BigDecimal roundStep(double rough) {
        BigDecimal exact = BigDecimal.valueOf(Math.max(rough, Double.MIN_VALUE));
        int exponent = exact.precision() - exact.scale() - 1;
        double digit = exact.scaleByPowerOfTen(-exponent).doubleValue();
        int round = digit < 1.5 ? 1 : digit < 3 ? 2 : digit < 7 ? 5 : 10;
        return BigDecimal.valueOf(round).scaleByPowerOfTen(exponent);
    }

    /**
     * The logarithmic scale with ticks at powers of ten; also at 2 and 5 times them, where there are few.
     *
     * @param least above 0
     * @param most {@code least} or more
     */
    static Scale logarithmic(double least, double most) {
        int first = (int) Math.floor(Math.log10(least) + ALIKE);
        int last = Math.max(first + 1, (int) Math.ceil(Math.log10(most) - ALIKE));
        return logarithmic(first, last, Math.max(Math.pow(10, first), Double.MIN_VALUE), Math.pow(10, last));
    }

    /** The logarithmic scale from one value above 0 to another. */
    static Scale logarithmicBetween(double least, double most) {
        int first = (int) Math.floor(Math.log10(least));
        return logarithmic(first, (int) Math.ceil(Math.log10(most)), least, most);
    }

    /** As many ticks as can be told apart, and two at least: where powers of ten are too few, finer ones. */
    private static Scale logarithmic(int first, int last, double from, double to) {
        int every = Math.max(1, (last - first + WANTED_TICKS) / WANTED_TICKS - 1);
        List<Tick> ticks = List.of();
        for (int[] digits : last - first <= 2 ? FINER_DIGITS : DIGITS) {
            if (ticks.size() < 2) {
                ticks = logarithmicTicks(first, last, every, digits, from, to);
            }
        }
        return new Scale(from, to, ticks.size() < 2 ? between(from, to).ticks() : ticks, true);
    }

    private static List<Tick> logarithmicTicks(int first, int last, int every, int[] digits, double from, double to) {
        List<Tick> ticks = new ArrayList<>();
        for (int exponent = first; exponent <= last; exponent += every) {
            for (int digit : digits) {
                BigDecimal at = BigDecimal.valueOf(digit).scaleByPowerOfTen(exponent);
                double tick = at.doubleValue();
                if (tick >= from * (1 - ALIKE) && tick <= to * (1 + ALIKE)) {
                    ticks.add(new Tick(tick, Automatic.STYLE.text(Rational.of(at))));
                }
            }
        }
        return ticks;
    }

    /**
     * A scale of days with ticks at whole days, weeks, months or years.
     *
     * @param least days since 1970-01-01
     * @param wanted about how many steps
     */
    static Scale calendar(double least, double most, double wanted) {
        double days = Math.max(most - least, 1);
        double rough = days / wanted;
        if (rough <= DAY_STEPS[DAY_STEPS.length - 1]) {
            int step = fitting(DAY_STEPS, rough);
            // Weeks begin on Monday; the fourth day of the epoch was one.
            long start = step % 7 == 0
                    ? Math.floorDiv((long) Math.floor(least) - 4, step) * step + 4
                    : Math.floorDiv((long) Math.floor(least), step) * step;
            List<Tick> ticks = new ArrayList<>();
            for (long day = start;
                    ticks.size() < 2 || ticks.get(ticks.size() - 1).at() < most;
                    day += step) {
                ticks.add(new Tick(day, LocalDate.ofEpochDay(day).toString()));
            }
            return spanning(ticks);
        }
        double months = rough / DAYS_OF_MONTH;
        return months <= MONTH_STEPS[MONTH_STEPS.length - 1]
                ? byMonths(least, most, fitting(MONTH_STEPS, months), "yyyy-MM")
                : byMonths(
                        least,
                        most,
                        MONTHS * roundStep(Math.max(1, months / MONTHS)).intValue(),
                        "yyyy");
    }

    private static Scale byMonths(double least, double most, int step, String pattern) {
        LocalDate first = LocalDate.ofEpochDay((long) Math.floor(least));
        long month = Math.floorDiv(first.getYear() * 12L + first.getMonthValue() - 1, step) * step;
        List<Tick> ticks = new ArrayList<>();
        do {
            LocalDate at = LocalDate.of((int) Math.floorDiv(month, 12), (int) Math.floorMod(month, 12) + 1, 1);
            ticks.add(new Tick(at.toEpochDay(), at.format(DateTimeFormatter.ofPattern(pattern))));
            month += step;
        } while (ticks.get(ticks.size() - 1).at() < most);
        return spanning(ticks);
    }

    /**
     * A scale of seconds with ticks at whole seconds, minutes, hours or days.
     *
     * @param wanted about how many steps
     * @param label how a tick is written
     */
    static Scale clock(double least, double most, double wanted, DoubleFunction<String> label) {
        double rough = Math.max(most - least, 1) / wanted;
        long step = isOfHours(rough)
                ? fitting(CLOCK_STEPS, rough)
                : roundStep(Math.max(1, rough / SECONDS_OF_DAY)).longValue() * SECONDS_OF_DAY;
        List<Tick> ticks = new ArrayList<>();
        long at = Math.floorDiv((long) Math.floor(least), step) * step;
        do {
            ticks.add(new Tick(at, label.apply(at)));
            at += step;
        } while (ticks.size() < 2 || ticks.get(ticks.size() - 1).at() < most);
        return spanning(ticks);
    }

    private static boolean isOfHours(double step) {
        return step <= CLOCK_STEPS[CLOCK_STEPS.length - 1];
    }

    /** A scale of points in time, in seconds since 1970: on the clock, and on the calendar where it is long. */
    static Scale clockAndCalendar(double least, double most, double wanted) {
        if (isOfHours(Math.max(most - least, 1) / wanted)) {
            return clock(least, most, wanted, Scale::dateTime);
        }
        Scale days = calendar(least / SECONDS_OF_DAY, most / SECONDS_OF_DAY, wanted);
        return spanning(days.ticks().stream()
                .map(tick -> new Tick(tick.at() * SECONDS_OF_DAY, tick.label()))
                .toList());
    }

    /** The same with its ticks written another way. */
    Scale written(DoubleFunction<String> label) {
        return new Scale(
                least,
                most,
                ticks.stream()
                        .map(tick -> new Tick(tick.at(), label.apply(tick.at())))
                        .toList(),
                logarithmic);
    }

    /** How a point in time is written at a tick: {@code 2027-03-01 14:30}. */
    static String dateTime(double seconds) {
        LocalDateTime at = LocalDateTime.ofEpochSecond((long) seconds, 0, ZoneOffset.UTC);
        return at.toLocalTime().toSecondOfDay() == 0
                ? at.toLocalDate().toString()
                : at.format(
                        DateTimeFormatter.ofPattern(at.getSecond() == 0 ? "yyyy-MM-dd HH:mm" : "yyyy-MM-dd HH:mm:ss"));
    }

    private static int fitting(int[] steps, double rough) {
        for (int step : steps) {
            if (step >= rough) {
                return step;
            }
        }
        return steps[steps.length - 1];
    }

    private static Scale spanning(List<Tick> ticks) {
        return new Scale(ticks.get(0).at(), ticks.get(ticks.size() - 1).at(), ticks, false);
    }

    /** A scale of things that have no size: the first stands at 1. */
    static Scale places(List<String> names) {
        List<Tick> ticks = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            ticks.add(new Tick(i + 1.0, names.get(i)));
        }
        return new Scale(0.5, names.size() + 0.5, ticks, false);
    }

    /** The same with its ticks in percent. */
    Scale inPercent() {
        return new Scale(
                least,
                most,
                ticks.stream()
                        .map(tick -> new Tick(
                                tick.at(), label(BigDecimal.valueOf(tick.at()).movePointRight(2)) + " %"))
                        .toList(),
                logarithmic);
    }

    /** The same with another decimal mark. */
    Scale marked(DecimalMark mark) {
        return new Scale(
                least,
                most,
                ticks.stream()
                        .map(tick -> new Tick(tick.at(), mark.number(tick.label())))
                        .toList(),
                logarithmic);
    }

    /** The same from here to there, with the ticks that are left. */
    Scale within(double from, double to) {
        return new Scale(
                from,
                to,
                ticks.stream()
                        .filter(tick -> tick.at() >= from && tick.at() <= to)
                        .toList(),
                logarithmic);
    }
}
