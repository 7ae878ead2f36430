package app.logismos.chart;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Samples of a function that are enough to draw it: closer together where it bends, with a gap where it has a pole, a jump
 * or no value.
 *
 * <p>Even samples are halved until the middle lies on the line between its neighbours, to a thousandth of the height. Where
 * halving does not help, the half with the greater difference is followed down: a continuous function's difference gets
 * small, at a jump it stays and at a pole it grows.
 */
final class Sampling {
    private static final int EVEN = 160;
    private static final int HALVINGS = 9;
    private static final int MOST_POINTS = 6_000;
    private static final int EDGE_HALVINGS = 48;

    /** Of the height: less than a quarter of a pixel. */
    private static final double STRAIGHT = 5e-4;

    /** A difference below this part of the height joins. */
    private static final double JOINS = 0.01;

    /** A single place without a value is no gap where both sides meet, this close together. */
    private static final double HOLE = 1e-9;

    private final DoubleUnaryOperator function;
    private final List<Sample> samples = new ArrayList<>();
    private double height;
    private double width;

    private Sampling(DoubleUnaryOperator function) {
        this.function = function;
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

    /**
     * The samples, from left to right.
     *
     * @param function not a number where it has no value
     * @param to above {@code from}
     */
    static List<Sample> of(DoubleUnaryOperator function, double from, double to) {
        return new Sampling(function).sampled(from, to);
    }

    private List<Sample> sampled(double from, double to) {
        width = to - from;
        List<Sample> even = new ArrayList<>();
        for (int i = 0; i <= EVEN; i++) {
            even.add(at(from + width * i / EVEN));
        }
        height = height(even);
        samples.add(even.get(0));
        for (int i = 1; i < even.size(); i++) {
            between(even.get(i - 1), even.get(i), HALVINGS);
        }
        return joined();
    }

    private Sample at(double x) {
        double y = function.applyAsDouble(x);
        return new Sample(x, Double.isFinite(y) ? y : Double.NaN);
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
        double most = values[(values.length - 1) * 19 / 20] - values[(values.length - 1) / 20];
        double all = values[values.length - 1] - values[0];
        double size = Arrays.stream(values).map(Math::abs).max().orElse(1);
        return most > 0 ? most : all > 0 ? all : size > 0 ? size : 1;
    }

    /** Adds what lies between two samples, the right one included. */
    private void between(Sample left, Sample right, int halvings) {
        if (left.hasValue() != right.hasValue()) {
            edge(left, right);
            return;
        }
        if (!left.hasValue()) {
            samples.add(right);
            return;
        }
        Sample middle = at((left.x() + right.x()) / 2);
        if (!middle.hasValue()) {
            hole(left, middle, right);
            return;
        }
        Sample off = at(left.x() + (right.x() - left.x()) * 0.37);
        boolean isStraight = bend(left, middle, right, 0.5) <= STRAIGHT * height
                && off.hasValue()
                && bend(left, off, right, 0.37) <= STRAIGHT * height;
        if (isStraight || samples.size() > MOST_POINTS) {
            samples.add(right);
        } else if (halvings > 0) {
            between(left, middle, halvings - 1);
            between(middle, right, halvings - 1);
        } else {
            steep(left, right);
        }
    }

    private static double bend(Sample left, Sample inner, Sample right, double part) {
        return Math.abs(inner.y() - (left.y() + (right.y() - left.y()) * part));
    }

    /** Where even short pieces bend: joins what meets, and leaves a gap at a jump or pole. */
    private void steep(Sample left, Sample right) {
        Sample a = left;
        Sample b = right;
        while (true) {
            Sample middle = at((a.x() + b.x()) / 2);
            if (middle.x() <= a.x() || middle.x() >= b.x()) {
                gap(left, a, b, right);
                return;
            }
            if (!middle.hasValue()) {
                hole(left, middle, right);
                return;
            }
            double first = Math.abs(middle.y() - a.y());
            double second = Math.abs(b.y() - middle.y());
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

    private void gap(Sample left, Sample before, Sample behind, Sample right) {
        if (before.x() > left.x()) {
            samples.add(before);
        }
        samples.add(new Sample((before.x() + behind.x()) / 2, Double.NaN));
        if (behind.x() < right.x()) {
            samples.add(behind);
        }
        samples.add(right);
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
            int end = i;
            while (end < samples.size() && !samples.get(end).hasValue()) {
                end++;
            }
            boolean isHole = end > i
                    && i > 0
                    && end < samples.size()
                    && samples.get(end).x() - samples.get(i - 1).x() <= HOLE * width
                    && Math.abs(samples.get(end).y() - samples.get(i - 1).y()) <= JOINS * height
                    && !(i > 1
                            && Math.abs(samples.get(i - 1).y()
                                            - samples.get(i - 2).y())
                                    > height);
            i = isHole ? end : i;
            joined.add(samples.get(i));
        }
        return List.copyOf(joined);
    }

    /** The heights to show: all of them, but at poles only as far as most of the curve goes. */
    static double[] shown(List<Sample> samples) {
        double[] values = samples.stream()
                .filter(Sample::hasValue)
                .mapToDouble(Sample::y)
                .sorted()
                .toArray();
        if (values.length == 0) {
            return new double[0];
        }
        double least = values[0];
        double most = values[values.length - 1];
        double low = values[values.length / 10];
        double high = values[values.length - 1 - values.length / 10];
        double room = 3 * (high - low);
        return new double[] {
            least < low - 20 * room ? low - room / 3 : least, most > high + 20 * room ? high + room / 3 : most
        };
    }
}
