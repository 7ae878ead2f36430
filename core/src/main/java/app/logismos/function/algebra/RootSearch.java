package app.logismos.function.algebra;

import app.logismos.function.Bound;
import app.logismos.unit.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.AllowedSolution;
import org.hipparchus.analysis.solvers.BracketedUnivariateSolver;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/**
 * Roots of what is 0 where an equation holds, found by trying: where the sign changes, a bracket is narrowed down
 * (Hipparchus, bracketing Brent solver of order 5). A root that is only touched may be missed.
 */
final class RootSearch {
    private static final int PIECES = 1_000;
    private static final int MOST_TRIES = 200;

    /** Around a number the search widens so many times. */
    private static final int WIDENINGS = 60;

    private final UnivariateFunction function;

    /** A search in numbers of a unit. */
    RootSearch(Bound difference, Unit unit) {
        this.function = x -> {
            double value = Doubles.of(difference.at(Doubles.measured(x, unit)));
            return Double.isInfinite(value) ? Double.NaN : value;
        };
    }

    /**
     * A root.
     *
     * @param from the lower end of the first bracket, where the sign changes towards {@code to}
     * @param low the lower end of the last bracket
     * @param evaluations how many values were looked at in between; 0 where it was met by looking for brackets
     */
    record Root(double at, double from, double to, double low, double high, int evaluations) {
        private static Root met(double at) {
            return new Root(at, at, at, at, at, 0);
        }
    }

    /** All that are found between two numbers, ascending. */
    List<Root> between(double a, double b) {
        double low = Math.min(a, b);
        double high = Math.max(a, b);
        List<Root> found = new ArrayList<>();
        double left = low;
        double before = function.value(low);
        for (int i = 1; i <= PIECES; i++) {
            double right = i == PIECES ? high : low + (high - low) * i / PIECES;
            double after = function.value(right);
            if (before == 0) {
                add(Root.met(left), found);
            } else if (before * after < 0) {
                root(left, right, found);
            }
            left = right;
            before = after;
        }
        if (before == 0) {
            add(Root.met(high), found);
        }
        return found;
    }

    /** The one nearest to a number that is found; none where there is none. */
    List<Root> near(double start) {
        if (function.value(start) == 0) {
            return List.of(Root.met(start));
        }
        double step = Math.max(1, Math.abs(start)) / 64;
        List<Root> found = new ArrayList<>();
        double inner = 0;
        for (int i = 0; i < WIDENINGS && found.isEmpty(); i++) {
            double outer = inner + step;
            bracket(start - outer, start - inner, found);
            bracket(start + inner, start + outer, found);
            inner = outer;
            step *= 1.25;
        }
        found.sort(Comparator.comparingDouble(root -> Math.abs(root.at() - start)));
        return found.isEmpty() ? found : List.of(found.get(0));
    }

    private void bracket(double left, double right, List<Root> found) {
        double before = function.value(left);
        double after = function.value(right);
        if (before == 0) {
            add(Root.met(left), found);
        } else if (after == 0) {
            add(Root.met(right), found);
        } else if (before * after < 0) {
            root(left, right, found);
        }
    }

    private void root(double left, double right, List<Root> found) {
        try {
            BracketingNthOrderBrentSolver solver = new BracketingNthOrderBrentSolver(1e-15, 1e-15, 0, 5);
            BracketedUnivariateSolver.Interval last = solver.solveInterval(MOST_TRIES, function, left, right);
            double root = last.getSide(AllowedSolution.ANY_SIDE);
            double size = Math.abs(function.value(left)) + Math.abs(function.value(right));
            // At a pole the sign changes too, and the value is large on both sides.
            if (Math.abs(function.value(root)) <= 1e-6 * size || size == 0) {
                double low = Math.min(last.getLeftAbscissa(), last.getRightAbscissa());
                double high = Math.max(last.getLeftAbscissa(), last.getRightAbscissa());
                add(new Root(root, left, right, low, high, solver.getEvaluations()), found);
            }
        } catch (MathRuntimeException noRoot) {
            // Not a root: the function has no value in between.
        }
    }

    private static void add(Root root, List<Root> found) {
        double at = root.at();
        if (found.stream().noneMatch(other -> Math.abs(other.at() - at) <= 1e-12 * Math.max(1, Math.abs(at)))) {
            found.add(at == 0 ? Root.met(0.0) : root);
        }
    }
}
