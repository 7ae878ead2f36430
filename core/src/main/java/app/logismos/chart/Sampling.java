package app.logismos.chart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Samples of a function that are enough to draw it in columns of pixels, evenly spread along the axis it is drawn over.
 *
 * <p>Every column is looked at in several places. Where a function goes up and down within a column it is looked at more
 * often, and its highest and lowest places are followed; between two samples that are far apart it is followed down: a
 * continuous function's difference gets small, at a jump it stays and at a pole it grows. What a screen cannot tell apart is
 * left out in the end.
 */
final class Sampling {
    private static final int EACH_COLUMN = 8;
    private static final int BUSY_COLUMN = 128;
    private static final int TURNS_OF_BUSY = 3;
    private static final int EDGE_HALVINGS = 48;
    private static final int PEAK_STEPS = 8;

    /** Of the height: less than a quarter of a pixel. */
    private static final double STRAIGHT = 5e-4;

    /** A difference below this part of the height joins. */
    private static final double JOINS = 0.01;

    /** On the flank of a pole, neighbouring values differ by at most this fraction. */
    private static final double ALIKE = 1e-6;

    /** A single place without a value is no gap where both sides meet, this close together. */
    private static final double HOLE = 1e-9;

    /** A function whose steps on the way to a place get no smaller has no bound there. */
    private static final double UNBOUNDED = 0.95;

    /** So close to a pole, as a part of the width, its values do not count for what is shown. */
    private static final double BESIDE_POLE = 0.02;

    private final DoubleUnaryOperator function;
    private final Range range;
    private final int columns;
    private final long end;
    private final List<Sample> samples = new ArrayList<>();
    private final List<Pole> poles = new ArrayList<>();
    private double height = 1;
    private int looks;
    private boolean isOutOfTime;
    private boolean isUnresolved;

    /**
     * The part of an axis that a function is drawn over.
     *
     * @param to above {@code from}
     * @param logarithmic whether equal ratios are equally far apart; then both are above 0
     */
    record Range(double from, double to, boolean logarithmic) {
        /** The place at a part of the way, from 0 to 1. */
        double at(double part) {
            if (part <= 0 || part >= 1) {
                return part <= 0 ? from : to;
            }
            return logarithmic
                    ? Math.exp(Math.log(from) + part * (Math.log(to) - Math.log(from)))
                    : from + part * (to - from);
        }

        double part(double place) {
            return logarithmic
                    ? (Math.log(place) - Math.log(from)) / (Math.log(to) - Math.log(from))
                    : (place - from) / (to - from);
        }
    }

    /**
     * A place and the value there.
     *
     * @param y not a number where the drawn line is broken
     */
    record Sample(double x, double y) {
        boolean hasValue() {
            return Double.isFinite(y);
        }
    }

    /** Where a function has no bound on one side. */
    private record Pole(double x, double part, boolean toTheLeft, boolean upwards) {}

    /**
     * What was found.
     *
     * @param samples from left to right
     * @param least the lowest place to show; poles are shown only as far as the rest of the curve goes, peaks whole; not a
     *     number where there are no values
     * @param most the highest
     * @param cut whether it goes on further than these
     * @param resolved false where it changes faster than was looked at, or there was no time to look
     */
    record Sampled(List<Sample> samples, double least, double most, boolean cut, boolean resolved) {}

    private Sampling(DoubleUnaryOperator function, Range range, int columns, long nanos) {
        this.function = function;
        this.range = range;
        this.columns = columns;
        this.end = System.nanoTime() + nanos;
    }

    /**
     * Looks at a function.
     *
     * @param function not a number where it has no value
     * @param columns of pixels
     * @param nanos no more than so long
     */
    static Sampled of(DoubleUnaryOperator function, Range range, int columns, long nanos) {
        return new Sampling(function, range, columns, nanos).sampled();
    }

    private Sampled sampled() {
        List<Sample> even = even();
        height = height(even);
        List<Sample> close = closer(even);
        samples.add(close.get(0));
        for (int i = 1; i < close.size(); i++) {
            between(close.get(i - 1), close.get(i));
        }
        List<Sample> whole = joined();
        double[] shown = shown(whole);
        return new Sampled(simplified(whole, shown), shown[0], shown[1], isCut(whole, shown), !isUnresolved);
    }

    private static boolean isCut(List<Sample> whole, double[] shown) {
        return whole.stream().anyMatch(each -> each.y() < shown[0] || each.y() > shown[1]);
    }

    private boolean hasTime() {
        // The clock is read once in a while.
        if ((++looks & 63) == 0 && System.nanoTime() > end) {
            isOutOfTime = true;
        }
        return !isOutOfTime;
    }

    private Sample at(double x) {
        double y = function.applyAsDouble(x);
        return new Sample(x, Double.isFinite(y) ? y : Double.NaN);
    }

    /** Ever closer, so that what there is time for is spread over all of the width. */
    private List<Sample> even() {
        int count = columns * EACH_COLUMN;
        Sample[] seen = new Sample[count + 1];
        int first = Integer.highestOneBit(Math.max(1, count / 160));
        for (int step = first; step >= 1; step /= 2) {
            for (int i = 0; i <= count; i += step) {
                if (seen[i] == null && (step == first || hasTime())) {
                    seen[i] = at(range.at((i + shifted(i, count)) / count));
                }
            }
        }
        if (seen[count] == null) {
            seen[count] = at(range.to());
        }
        List<Sample> all = Arrays.stream(seen).filter(each -> each != null).toList();
        isUnresolved |= all.size() < columns;
        return all;
    }

    /** Whether there is time for what is needed; where not, that is told. */
    private boolean hasTimeForThis() {
        boolean hasTime = hasTime();
        isUnresolved |= !hasTime;
        return hasTime;
    }

    /**
     * Slightly off even steps, by multiples of the golden ratio, so that no period of the function coincides with them.
     */
    private static double shifted(int i, int count) {
        return i == 0 || i == count ? 0 : (i * 0.618_033_988_749_895 % 1 - 0.5) * 0.6;
    }

    /** The height of most of the values; a pole's are left out. */
    private static double height(List<Sample> even) {
        double[] values = even.stream()
                .filter(Sample::hasValue)
                .mapToDouble(Sample::y)
                .sorted()
                .toArray();
        if (values.length == 0) {
            return 1;
        }
        double inner = values[(values.length - 1) * 19 / 20] - values[(values.length - 1) / 20];
        double all = values[values.length - 1] - values[0];
        double size = Math.max(Math.abs(values[0]), Math.abs(values[values.length - 1]));
        // Nearly all values of a peak lie below it, so its own height is taken.
        return inner > all * 1e-3 ? inner : all > 0 ? all : size > 0 ? size : 1;
    }

    /** More samples where the function turns several times within a column, and at its peaks. */
    private List<Sample> closer(List<Sample> even) {
        List<Sample> close = new ArrayList<>();
        int i = 0;
        while (i < even.size()) {
            int column = column(even.get(i));
            int stop = i;
            while (stop < even.size() && column(even.get(stop)) == column) {
                stop++;
            }
            List<Sample> own = even.subList(Math.max(0, i - 1), Math.min(even.size(), stop + 1));
            if (turns(own) >= TURNS_OF_BUSY && hasTimeForThis()) {
                busy(column, close);
            } else {
                for (int k = i; k < stop; k++) {
                    peak(even, k, close);
                }
            }
            i = stop;
        }
        close.sort(Comparator.comparingDouble(Sample::x));
        return close;
    }

    private int column(Sample sample) {
        return (int) Math.min(columns - 1, Math.max(0, Math.floor(range.part(sample.x()) * columns)));
    }

    private int turns(List<Sample> own) {
        int turns = 0;
        for (int i = 1; i + 1 < own.size(); i++) {
            turns += turnsAt(own, i) ? 1 : 0;
        }
        return turns;
    }

    private boolean turnsAt(List<Sample> all, int i) {
        double before = all.get(i).y() - all.get(i - 1).y();
        double behind = all.get(i + 1).y() - all.get(i).y();
        return before * behind < 0 && Math.max(Math.abs(before), Math.abs(behind)) > JOINS * height;
    }

    private void busy(int column, List<Sample> close) {
        List<Sample> own = new ArrayList<>();
        for (int k = 0; k < BUSY_COLUMN && hasTime(); k++) {
            double part = (column + (k + 0.5 + shifted(k + 1, 0)) / BUSY_COLUMN) / columns;
            own.add(at(range.at(part)));
        }
        if (column == 0) {
            own.add(0, at(range.from()));
        }
        if (column == columns - 1) {
            own.add(at(range.to()));
        }
        // Where every other sample turns, the samples are no closer than the turns.
        isUnresolved |= turns(own) > BUSY_COLUMN / 2;
        close.addAll(own.isEmpty() ? own : kept(own));
    }

    /** Of a column that is filled by the curve: the first, lowest, highest and last. */
    private static List<Sample> kept(List<Sample> own) {
        BitSet places = new BitSet();
        places.set(0);
        places.set(own.size() - 1);
        int lowest = -1;
        int highest = -1;
        for (int i = 0; i < own.size(); i++) {
            Sample each = own.get(i);
            if (each.hasValue()) {
                lowest = lowest < 0 || each.y() < own.get(lowest).y() ? i : lowest;
                highest = highest < 0 || each.y() > own.get(highest).y() ? i : highest;
            } else if (i == 0 || own.get(i - 1).hasValue()) {
                places.set(i);
            }
        }
        if (lowest >= 0) {
            places.set(lowest);
            places.set(highest);
        }
        return places.stream().mapToObj(own::get).toList();
    }

    /** Adds a sample, and before or behind it the peak that is close to it; or a gap, where there is no end to the peak. */
    private void peak(List<Sample> all, int i, List<Sample> close) {
        close.add(all.get(i));
        if (i == 0 || i + 1 >= all.size() || !turnsAt(all, i) || !hasTimeForThis()) {
            return;
        }
        Climb climb = new Climb(all.get(i - 1), all.get(i), all.get(i + 1));
        double rise = climb.goOn(PEAK_STEPS);
        if (climb.goOn(PEAK_STEPS) > rise * UNBOUNDED) {
            double late = climb.goOn(PEAK_STEPS);
            if (climb.goOn(PEAK_STEPS) > late * UNBOUNDED) {
                // Where it goes down on the other side, that is found between the samples.
                if (climb.isOverBoth(all.get(i - 1), all.get(i + 1))) {
                    pole(climb, close);
                }
                return;
            }
        }
        if (climb.best.x() != all.get(i).x()) {
            close.add(climb.best);
        }
    }

    private void pole(Climb climb, List<Sample> close) {
        for (Sample side : List.of(climb.left, climb.right)) {
            if (side.hasValue() && side.x() != climb.best.x()) {
                boolean isLeft = side == climb.left;
                close.add(side);
                poles.add(new Pole(side.x(), range.part(side.x()), isLeft, side.y() > 0));
            }
        }
        close.add(new Sample(climb.best.x(), Double.NaN));
    }

    /** The way up to a peak, or down: between two samples that are ever closer. */
    private final class Climb {
        private final double sign;
        private Sample left;
        private Sample best;
        private Sample right;

        Climb(Sample left, Sample best, Sample right) {
            this.left = left;
            this.best = best;
            this.right = right;
            this.sign = best.y() > left.y() ? 1 : -1;
        }

        /** Goes on by so many steps; answers how far up they led. */
        double goOn(int steps) {
            double was = best.y();
            for (int k = 0; k < steps; k++) {
                goOn();
            }
            return Math.abs(best.y() - was);
        }

        private void goOn() {
            Sample inner = at((left.x() + best.x()) / 2);
            Sample outer = at((best.x() + right.x()) / 2);
            if (inner.hasValue() && (inner.y() - best.y()) * sign > 0) {
                right = best;
                best = inner;
            } else if (outer.hasValue() && (outer.y() - best.y()) * sign > 0) {
                left = best;
                best = outer;
            } else {
                left = inner;
                right = outer;
            }
        }

        boolean isOverBoth(Sample first, Sample last) {
            return (left.y() - first.y()) * sign >= 0 && (right.y() - last.y()) * sign >= 0;
        }
    }

    /** Adds what lies between two samples, the right one included. */
    private void between(Sample left, Sample right) {
        if (left.hasValue() != right.hasValue()) {
            edge(left, right);
        } else if (!left.hasValue() || Math.abs(right.y() - left.y()) <= JOINS * height || !hasTimeForThis()) {
            samples.add(right);
        } else {
            steep(left, right);
        }
    }

    /** Follows a great difference down: joins what meets, and leaves a gap at a jump or pole. */
    private void steep(Sample left, Sample right) {
        Sample a = left;
        Sample b = right;
        for (int halvings = 0; ; halvings++) {
            Sample middle = at((a.x() + b.x()) / 2);
            if (middle.x() <= a.x() || middle.x() >= b.x()) {
                if (Math.abs(b.y() - a.y()) <= ALIKE * Math.max(Math.abs(a.y()), Math.abs(b.y()))) {
                    samples.add(right); // as close as numbers of this size are
                } else {
                    gap(left, a, b, right);
                }
                return;
            }
            if (!middle.hasValue()) {
                hole(left, middle, right);
                return;
            }
            double first = Math.abs(middle.y() - a.y());
            double second = Math.abs(b.y() - middle.y());
            if (halvings < 2 && Math.max(first, second) <= 0.7 * (first + second) && isBetween(a, middle, b)) {
                samples.add(right); // it goes on evenly
                return;
            }
            if (Math.max(first, second) <= JOINS * height) {
                samples.add(middle);
                samples.add(right);
                return;
            }
            if (first >= second) {
                b = middle;
            } else {
                a = middle;
            }
        }
    }

    private static boolean isBetween(Sample a, Sample middle, Sample b) {
        return (middle.y() - a.y()) * (b.y() - middle.y()) >= 0;
    }

    private void gap(Sample left, Sample before, Sample behind, Sample right) {
        approach(left, before);
        approach(right, behind);
        if (before.x() > left.x()) {
            samples.add(before);
        }
        samples.add(new Sample((before.x() + behind.x()) / 2, Double.NaN));
        if (behind.x() < right.x()) {
            samples.add(behind);
        }
        samples.add(right);
    }

    /** Notes a pole where the function has no bound on the way from a sample to the last one with a value. */
    private void approach(Sample from, Sample last) {
        double way = last.x() - from.x();
        if (way == 0) {
            return;
        }
        double[] steps = new double[EDGE_HALVINGS / 2];
        double before = from.y();
        for (int i = 0; i < steps.length; i++) {
            Sample next = at(last.x() - way * Math.pow(0.5, i + 1));
            if (!next.hasValue()) {
                return;
            }
            steps[i] = Math.abs(next.y() - before);
            before = next.y();
        }
        double late = DoubleStream.of(steps).skip(steps.length - 4).sum();
        double early = DoubleStream.of(steps).skip(steps.length - 8).limit(4).sum();
        if (late > early * Math.pow(UNBOUNDED, 4) && late > 0) {
            poles.add(new Pole(last.x(), range.part(last.x()), way > 0, last.y() > from.y()));
        }
    }

    /** Follows the function to the last place at which it has a value. */
    private void edge(Sample left, Sample right) {
        Sample with = left.hasValue() ? left : right;
        Sample without = left.hasValue() ? right : left;
        for (int i = 0; i < EDGE_HALVINGS; i++) {
            Sample middle = at((with.x() + without.x()) / 2);
            if (middle.hasValue()) {
                with = middle;
            } else {
                without = middle;
            }
        }
        approach(left.hasValue() ? left : right, with);
        if (left.hasValue()) {
            samples.add(with);
            samples.add(right);
        } else {
            samples.add(new Sample(without.x(), Double.NaN));
            samples.add(with);
            samples.add(right);
        }
    }

    /** A place without a value between two that have one. */
    private void hole(Sample left, Sample middle, Sample right) {
        edge(left, middle);
        edge(middle, right);
    }

    /** The samples without those gaps that are single places where both sides meet. */
    private List<Sample> joined() {
        List<Sample> joined = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            int stop = i;
            while (stop < samples.size() && !samples.get(stop).hasValue()) {
                stop++;
            }
            boolean isHole = stop > i
                    && i > 0
                    && stop < samples.size()
                    && samples.get(stop).x() - samples.get(i - 1).x() <= HOLE * (range.to() - range.from())
                    && Math.abs(samples.get(stop).y() - samples.get(i - 1).y()) <= JOINS * height
                    && !isPole(samples.get(stop).x());
            i = isHole ? stop : i;
            joined.add(samples.get(i));
        }
        return joined;
    }

    private boolean isPole(double x) {
        return poles.stream().anyMatch(pole -> Math.abs(pole.part() - range.part(x)) <= HOLE);
    }

    /** The lowest and the highest place to show. */
    private double[] shown(List<Sample> whole) {
        BitSet left = new BitSet();
        double[] at = poles.stream().mapToDouble(Pole::part).sorted().toArray();
        for (Pole pole : poles) {
            double apart = DoubleStream.of(at)
                    .map(other -> Math.abs(other - pole.part()))
                    .filter(distance -> distance > HOLE)
                    .min()
                    .orElse(1);
            leave(pole, Math.min(BESIDE_POLE, apart / 5), whole, left);
        }
        double[] values = IntStream.range(0, whole.size())
                .filter(i -> !left.get(i) && whole.get(i).hasValue())
                .mapToDouble(i -> whole.get(i).y())
                .toArray();
        double[] counted = values.length > 0
                ? values
                : whole.stream().filter(Sample::hasValue).mapToDouble(Sample::y).toArray();
        return new double[] {
            DoubleStream.of(counted).min().orElse(Double.NaN),
            DoubleStream.of(counted).max().orElse(Double.NaN)
        };
    }

    /** Leaves out what goes up to a pole, or down, without turning. */
    private void leave(Pole pole, double near, List<Sample> whole, BitSet left) {
        int way = pole.toTheLeft() ? -1 : 1;
        int i = IntStream.range(0, whole.size())
                .filter(k -> whole.get(k).hasValue() && whole.get(k).x() == pole.x())
                .findFirst()
                .orElse(-1);
        for (int k = i - way;
                k >= 0 && i >= 0 && k < whole.size() && whole.get(k).hasValue();
                k -= way) {
            left.set(k); // between it and the gap
        }
        double before = pole.upwards() ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
        while (i >= 0 && i < whole.size() && whole.get(i).hasValue()) {
            Sample each = whole.get(i);
            boolean goesOn = pole.upwards() ? each.y() <= before : each.y() >= before;
            if (!goesOn || Math.abs(range.part(each.x()) - pole.part()) > near) {
                return;
            }
            left.set(i);
            before = each.y();
            i += way;
        }
    }

    /** Without samples that lie on the line between others, as far as a screen can tell (along even parts of the axis). */
    private List<Sample> simplified(List<Sample> whole, double[] shown) {
        double tall = shown[1] > shown[0] ? shown[1] - shown[0] : height;
        double allowed = STRAIGHT * tall;
        List<Sample> kept = new ArrayList<>();
        int anchor = 0;
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        for (int i = 0; i < whole.size(); i++) {
            Sample each = whole.get(i);
            if (i == 0 || !each.hasValue() || !whole.get(i - 1).hasValue()) {
                kept.add(each);
                anchor = i;
                low = Double.NEGATIVE_INFINITY;
                high = Double.POSITIVE_INFINITY;
                continue;
            }
            Sample from = whole.get(anchor);
            boolean isLast = i + 1 == whole.size() || !whole.get(i + 1).hasValue();
            double way = range.part(each.x()) - range.part(from.x());
            double slope = (each.y() - from.y()) / way;
            boolean isStraight = way > 0 && slope >= low && slope <= high;
            if (!isStraight && anchor < i - 1) {
                anchor = i - 1;
                kept.add(whole.get(anchor));
                from = whole.get(anchor);
                way = range.part(each.x()) - range.part(from.x());
                slope = (each.y() - from.y()) / way;
                low = Double.NEGATIVE_INFINITY;
                high = Double.POSITIVE_INFINITY;
            }
            if (way > 0) {
                low = Math.max(low, slope - allowed / way);
                high = Math.min(high, slope + allowed / way);
            }
            if (isLast) {
                kept.add(each);
            }
        }
        return List.copyOf(kept);
    }
}
