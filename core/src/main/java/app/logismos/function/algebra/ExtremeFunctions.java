package app.logismos.function.algebra;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.VARIABLE;

import app.logismos.algebra.Derivative;
import app.logismos.algebra.Equation;
import app.logismos.algebra.Form;
import app.logismos.algebra.NoForm;
import app.logismos.algebra.RewritingStep;
import app.logismos.algebra.Solving;
import app.logismos.function.Arguments;
import app.logismos.function.Bound;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Surroundings;
import app.logismos.unit.Unit;
import app.logismos.value.ArrayTable;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.hipparchus.optim.univariate.UnivariatePointValuePair;

/** The lowest and the highest place of an expression between two numbers (language, section 15). */
final class ExtremeFunctions {
    private static final int PIECES = 400;
    private static final double ROUNDING = 1e-13;

    static final Function MINIMISE = extreme("minimise", "lowest", false)
            .example("minimise(x^2 - 4*x, x, 0, 5)", "{2, -4}")
            .example("minimise(x, x, 1, 3)", "{1, 1}")
            .refuses("minimise(1/0, x, 0, 1)", ErrorCode.DIVIDE_BY_ZERO)
            .related("maximise", "derivative")
            .answers(given -> extreme(given, 1));

    static final Function MAXIMISE = extreme("maximise", "highest", true)
            .example("maximise(x*(10 - x), x, 0, 10)", "{5, 25}")
            .example("maximise(x^2, x, -1, 3)", "{3, 9}")
            .refuses("maximise(x, x, 3, 3)", ErrorCode.WRONG_ARGUMENTS)
            .related("minimise", "derivative")
            .answers(given -> extreme(given, -1));

    private ExtremeFunctions() {}

    private static Function extreme(String name, String which, boolean isHighest) {
        return function(name, Category.ALGEBRA)
                .alsoRead(isHighest ? "maximize" : "minimize")
                .says("The place between two numbers where an expression is " + which + ", and its value there.")
                .argument("expression", EXPRESSION, "the expression, with the letter in it")
                .argument("variable", VARIABLE, "the letter")
                .argument("from", NUMBER, "the lower end")
                .argument("to", NUMBER, "the upper end")
                .leads(ExtremeFunctions::steps)
                .from("R. P. Brent, Algorithms for Minimization without Derivatives, 1973, chapter 5");
    }

    /** Exact places where the slope is 0 and both ends, or where these are not known, what is found by trying. */
    private static Value extreme(Arguments given, int sign) {
        Bound bound = given.bound("expression", "variable");
        Value first = given.value("from");
        Value last = given.value("to");
        Unit unit = Doubles.unit(first);
        double from = Doubles.of(first) / unit.factor().toDouble();
        double to = Doubles.of(last) / unit.factor().toDouble();
        if (!Doubles.unit(last).isLike(unit)) {
            return Failure.of(ErrorCode.UNITS_DIFFER, "Both ends are numbers in like units.");
        }
        if (Double.isNaN(from) || Double.isNaN(to)) {
            throw given.wrongKind(Double.isNaN(from) ? "from" : "to", Double.isNaN(from) ? first : last);
        }
        if (from >= to) {
            return Failure.of(ErrorCode.WRONG_ARGUMENTS, "The lower end is less than the upper one.");
        }
        if (!Double.isFinite(to - from)) {
            return Failure.of(
                    ErrorCode.WRONG_ARGUMENTS,
                    "Both ends are finite numbers: without an end there may be no such place.");
        }
        List<Value> places = new ArrayList<>(List.of(first, last));
        Form.Letter by = new Form.Letter(bound.variable());
        Stream.concat(kinks(given, by), level(given, by)).forEach(places::add);
        critical(given, by)
                .ifPresentOrElse(
                        places::addAll,
                        () -> tried(x -> sign * Doubles.of(bound.at(Doubles.measured(x, unit))), from, to)
                                .forEach(place -> places.add(Doubles.measured(place, unit))));
        Value best = null;
        Value there = null;
        for (Value place : places) {
            double at = Doubles.of(place) / unit.factor().toDouble();
            Value value = at < from || at > to ? null : bound.at(place);
            if (value instanceof Failure failure && place == places.get(0)) {
                return failure;
            }
            boolean isBetter = value != null
                    && !Double.isNaN(Doubles.of(value))
                    && (there == null || isLess(sign * Doubles.of(value), sign * Doubles.of(there), place));
            if (isBetter) {
                best = place;
                there = value;
            }
        }
        return best == null || there == null
                ? Failure.of(ErrorCode.NO_REAL_RESULT, "The expression has no value between these numbers.")
                : new ArrayTable(1, 2, List.of(best, there));
    }

    /** What was found by trying must be lower than by its own rounding. */
    private static boolean isLess(double value, double before, Value place) {
        return value < before - (place.isExact() ? 0 : ROUNDING * Math.max(1, Math.abs(before)));
    }

    /** The slope, where it is 0, and the values there and at both ends. */
    private static List<RewritingStep> steps(Arguments given) {
        Bound bound = given.bound("expression", "variable");
        Form.Letter by = new Form.Letter(bound.variable());
        Optional<List<Value>> critical = critical(given, by);
        if (critical.isEmpty()) {
            return List.of(new RewritingStep(
                    RewritingStep.Rule.BY_NUMBERS,
                    PIECES + " pieces, the lowest ones narrowed down by the method of Brent, to about 8 digits",
                    bound.text()));
        }
        Form slope = given.derivative(given.form("expression"), by, 1);
        List<RewritingStep> steps = new ArrayList<>();
        steps.add(new RewritingStep(RewritingStep.Rule.SLOPE, "", slope.text()));
        double from = Doubles.of(given.value("from"));
        double to = Doubles.of(given.value("to"));
        List<Value> places = new ArrayList<>();
        places.add(given.value("from"));
        critical.get().stream()
                .filter(place -> Doubles.of(place) > from && Doubles.of(place) < to)
                .forEach(places::add);
        places.add(given.value("to"));
        if (places.size() > 2) {
            steps.add(new RewritingStep(
                    RewritingStep.Rule.SLOPE_IS_ZERO,
                    places.subList(1, places.size() - 1).stream()
                            .map(place -> by.name() + " = " + PlainText.of(place))
                            .collect(Collectors.joining(", ")),
                    new Equation(slope, Form.ZERO).text()));
        }
        steps.add(new RewritingStep(
                RewritingStep.Rule.PLACES_COMPARED,
                places.size() > 2 ? "and both ends" : "both ends: the slope is 0 nowhere in between",
                places.stream()
                        .map(place -> PlainText.of(place) + ", " + PlainText.of(bound.at(place)))
                        .collect(Collectors.joining("; ", "{", "}"))));
        steps.add(new RewritingStep(RewritingStep.Rule.BEST_PLACE, "", slope.text()));
        return steps;
    }

    /** Where the slope is 0; nothing where that may not be all. */
    private static Optional<List<Value>> critical(Arguments given, Form.Letter by) {
        Optional<Form> form = given.formIfAny("expression");
        boolean hasCorners = form.map(ExtremeFunctions::hasCorners).orElse(true);
        if (hasCorners) {
            return Optional.empty();
        }
        try {
            Form slope = given.derivative(form.get(), by, 1);
            if (!slope.has(by)) {
                return Optional.of(List.of());
            }
            Solving.Solved solved = solved(given, slope, by);
            return solved.mayBeMore()
                    ? Optional.empty()
                    : Optional.of(solved.solutions().stream()
                            .map(solution -> Doubles.plain(given.worth(solution)))
                            .toList());
        } catch (NoForm | Solving.NotSolved | Derivative.NotKnown none) {
            return Optional.empty();
        }
    }

    /** Where what {@code abs} or {@code sign} is of is 0, as far as it is known exactly. */
    private static Stream<Value> kinks(Arguments given, Form.Letter by) {
        return given.formIfAny("expression").stream()
                .flatMap(ExtremeFunctions::parts)
                .flatMap(part -> {
                    boolean isKink = part instanceof Form.Applied applied
                            && List.of("abs", "sign").contains(applied.function())
                            && applied.has(by);
                    return isKink ? zeros(given, part.parts().get(0), by).stream() : Stream.of();
                });
    }

    /** Exact places where the slope is 0, of which there may be more. */
    private static Stream<Value> level(Arguments given, Form.Letter by) {
        try {
            return given.formIfAny("expression").stream()
                    .map(form -> given.derivative(form, by, 1))
                    .filter(slope -> slope.has(by))
                    .flatMap(slope -> zeros(given, slope, by).stream());
        } catch (NoForm | Derivative.NotKnown none) {
            return Stream.of();
        }
    }

    private static Stream<Form> parts(Form form) {
        return Stream.concat(Stream.of(form), form.parts().stream().flatMap(ExtremeFunctions::parts));
    }

    private static List<Value> zeros(Arguments given, Form form, Form.Letter by) {
        try {
            return solved(given, form, by).solutions().stream()
                    .map(solution -> Doubles.plain(given.worth(solution)))
                    .toList();
        } catch (NoForm | Solving.NotSolved none) {
            return List.of();
        }
    }

    private static Solving.Solved solved(Arguments given, Form form, Form.Letter by) {
        Form halfTurn = given.surroundings().angle() == Surroundings.Angle.DEGREES ? Form.number(180) : Form.PI;
        return Solving.of(new Equation(form, Form.ZERO), by, halfTurn, false, each -> Doubles.of(given.worth(each)));
    }

    private static boolean hasCorners(Form form) {
        return form instanceof Form.Applied applied
                        && List.of("abs", "sign", "floor", "ceiling", "round", "cbrt")
                                .contains(applied.function())
                || form instanceof Form.Power power
                        && power.exponent() instanceof Form.Number number
                        && !(number.value().isWhole() && number.value().signum() > 0)
                || form.parts().stream().anyMatch(ExtremeFunctions::hasCorners);
    }

    /** In each piece that is lower than its neighbours the lowest place is narrowed down. */
    private static List<Double> tried(DoubleUnaryOperator height, double from, double to) {
        double[] heights = new double[PIECES + 1];
        for (int i = 0; i <= PIECES; i++) {
            heights[i] = height.applyAsDouble(from + (to - from) * i / PIECES);
        }
        List<Double> found = new ArrayList<>();
        for (int i = 1; i < PIECES; i++) {
            if (heights[i] <= heights[i - 1] && heights[i] <= heights[i + 1]) {
                UnivariatePointValuePair lowest = new BrentOptimizer(1e-10, 1e-14)
                        .optimize(
                                new MaxEval(300),
                                new UnivariateObjectiveFunction(height::applyAsDouble),
                                GoalType.MINIMIZE,
                                new SearchInterval(
                                        from + (to - from) * (i - 1) / PIECES, from + (to - from) * (i + 1) / PIECES));
                found.add(lowest.getPoint());
            }
        }
        return found;
    }
}
