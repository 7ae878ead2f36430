package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiFunction;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;

/**
 * Solutions in numbers of as many equations as there are unknowns: Newton's method, each step shortened until it leads
 * nearer (W. H. Press et al., Numerical Recipes, 9.7), from one place or from several.
 */
public final class NewtonSystem {
    private static final double[] STARTS = {1, -1, 0.5, 3, -3};
    private static final int MOST_STARTS = 40;
    private static final int MOST_STEPS = 40;
    private static final int MOST_HALVINGS = 12;
    private static final double SETTLED = 1e-11;
    private static final double ALIKE = 1e-7;

    private final List<Form> differences;
    private final List<Form.Letter> unknowns;
    private final Form[][] slopes;
    private final double degree;

    private NewtonSystem(
            List<Equation> equations,
            List<Form.Letter> unknowns,
            double degree,
            BiFunction<Form, Form.Letter, Form> derivative) {
        this.differences = equations.stream().map(Equation::difference).toList();
        this.unknowns = unknowns;
        this.degree = degree;
        this.slopes = new Form[equations.size()][unknowns.size()];
        for (int row = 0; row < equations.size(); row++) {
            for (int column = 0; column < unknowns.size(); column++) {
                slopes[row][column] = derivative.apply(differences.get(row), unknowns.get(column));
            }
        }
    }

    /**
     * The solutions that are found, by their first unknown, then the next.
     *
     * @param near where to begin; nothing given, several places are tried
     * @param degree what a plain number counts as an angle, in radians
     * @throws Solving.NotSolved where there are not as many equations as unknowns
     */
    public static List<double[]> solutions(
            List<Equation> equations,
            List<Form.Letter> unknowns,
            double[] near,
            double degree,
            BiFunction<Form, Form.Letter, Form> derivative) {
        boolean isSquare = equations.size() == unknowns.size()
                && equations.stream()
                        .flatMap(equation -> equation.difference().letters().stream())
                        .allMatch(unknowns::contains);
        if (!isSquare) {
            throw new Solving.NotSolved();
        }
        NewtonSystem system = new NewtonSystem(equations, unknowns, degree, derivative);
        List<double[]> found = new ArrayList<>();
        for (double[] start : near.length > 0 ? List.of(near) : starts(unknowns.size())) {
            double[] root = system.from(start);
            if (root.length > 0 && found.stream().noneMatch(other -> areAlike(other, root))) {
                found.add(root);
            }
        }
        found.sort(Comparator.comparingDouble((double[] root) -> root[0])
                .thenComparingDouble(root -> root.length > 1 ? root[1] : 0));
        return found;
    }

    private static List<double[]> starts(int size) {
        List<double[]> starts = new ArrayList<>();
        for (int i = 0; i < MOST_STARTS && i < Math.pow(STARTS.length, size); i++) {
            double[] start = new double[size];
            int digits = i;
            for (int k = 0; k < size; k++) {
                start[k] = STARTS[digits % STARTS.length];
                digits /= STARTS.length;
            }
            starts.add(start);
        }
        return starts;
    }

    private static boolean areAlike(double[] a, double[] b) {
        for (int i = 0; i < a.length; i++) {
            if (Math.abs(a[i] - b[i]) > ALIKE * Math.max(1, Math.abs(a[i]))) {
                return false;
            }
        }
        return true;
    }

    /** Where the steps from a place lead; nothing where they do not settle on a solution. */
    private double[] from(double[] start) {
        double[] place = start.clone();
        double[] values = values(place);
        for (int step = 0; step < MOST_STEPS; step++) {
            Cancellable.check();
            double[] change = change(place, values);
            if (change.length == 0 || !isFinite(values)) {
                return new double[0];
            }
            double share = 1;
            double[] next = moved(place, change, share);
            double[] there = values(next);
            for (int i = 0; i < MOST_HALVINGS && !(size(there) < size(values)) && size(values) > 0; i++) {
                share /= 2;
                next = moved(place, change, share);
                there = values(next);
            }
            boolean isSettled = size(change) <= SETTLED * (1 + size(place));
            if (isSettled && size(values) <= ALIKE) {
                return size(there) <= size(values) ? next : place;
            }
            if (!(size(there) <= size(values))) {
                return new double[0];
            }
            place = next;
            values = there;
        }
        return new double[0];
    }

    /** The step of Newton; nothing where the slopes do not determine it. */
    private double[] change(double[] place, double[] values) {
        double[][] matrix = new double[slopes.length][slopes.length];
        for (int row = 0; row < slopes.length; row++) {
            for (int column = 0; column < slopes.length; column++) {
                matrix[row][column] = at(slopes[row][column], place);
            }
        }
        try {
            return new QRDecomposition(new Array2DRowRealMatrix(matrix))
                    .getSolver()
                    .solve(new ArrayRealVector(values).mapMultiply(-1))
                    .toArray();
        } catch (MathRuntimeException singular) {
            return new double[0];
        }
    }

    private double[] values(double[] place) {
        return differences.stream().mapToDouble(form -> at(form, place)).toArray();
    }

    private double at(Form form, double[] place) {
        return new NearValue(unknowns, place, degree).of(form);
    }

    private static double[] moved(double[] place, double[] change, double share) {
        double[] moved = place.clone();
        for (int i = 0; i < moved.length; i++) {
            moved[i] += share * change[i];
        }
        return moved;
    }

    private static boolean isFinite(double[] values) {
        return Arrays.stream(values).allMatch(Double::isFinite);
    }

    private static double size(double[] values) {
        return Math.sqrt(Arrays.stream(values).map(value -> value * value).sum());
    }
}
