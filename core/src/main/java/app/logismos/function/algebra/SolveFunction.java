package app.logismos.function.algebra;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.VARIABLE;

import app.logismos.algebra.Equation;
import app.logismos.algebra.Form;
import app.logismos.algebra.NewtonSystem;
import app.logismos.algebra.RewritingStep;
import app.logismos.algebra.Solving;
import app.logismos.algebra.SolvingStep;
import app.logismos.algebra.SolvingSystem;
import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.function.Surroundings;
import app.logismos.number.Complex;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Equations (language, section 15). */
public final class SolveFunction {
    /** The name of the function. */
    public static final String NAME = "solve";

    private static final String NEAR = "near";

    /** The argument that asks for solutions that are not real. */
    public static final String COMPLEX = "complex";

    static final Function SOLVE = function(NAME, Category.ALGEBRA)
            .says("What must stand for a letter so that an equation holds, one solution below the other.")
            .argument("equation", EXPRESSION, "the equation, or several in braces; what is no equation is to be 0")
            .argument("variable", VARIABLE, "the letter that is wanted, or several in braces")
            .optional("from", NUMBER, Blank.BLANK, "where to look: near this number, or from here on")
            .optional("to", NUMBER, Blank.BLANK, "the end of where to look")
            .optional(COMPLEX, TRUTH, new Truth(false), "whether solutions that are not real are wanted")
            .optional(NEAR, TABLE, Blank.BLANK, "for several equations: numbers to begin at, as many as letters")
            .example("solve(x^2 = 4, x)", "{-2; 2}")
            .example("solve(3*x + 5 = 11, x)", "{2}")
            .example("solve({x + y = 5; x - y = 1}, {x; y})", "{3, 2}")
            .example("solve(x^2 = -1, x, complex: true)", "{-i; i}")
            .example("solve(v = u + a*t, t)", "{(v - u)/a}")
            .refuses("solve(x^2 = -1, x)", ErrorCode.NO_REAL_RESULT)
            .refuses("solve(x = 3, 5)", ErrorCode.WRONG_KIND)
            .related("factor", "derivative")
            .from("DLMF 1.11(iii)")
            .leads(SolveFunction::brackets)
            .answers(SolveFunction::solve);

    private SolveFunction() {}

    private static Value solve(Arguments given) {
        List<Form.Letter> unknowns = given.unknowns("variable");
        if (isSearched(given, unknowns)) {
            return within(given, unknowns.get(0));
        }
        List<Equation> equations = given.equations("equation");
        if (equations.size() > 1 || unknowns.size() > 1) {
            return ofSystem(given, equations, unknowns);
        }
        Form.Letter unknown = unknowns.get(0);
        Solving.Solved solved = exactly(given, equations.get(0), unknown);
        if (solved.isEverything()) {
            return Failure.of(
                    ErrorCode.NOT_FOUND,
                    "Both sides are equal whatever `" + unknown.name() + "` is: every number solves it.");
        }
        return table(solved.solutions().stream().map(List::of).toList(), solved.steps(), given);
    }

    /** Whether it is one equation with one unknown, and it is said where to look; it need be no part of algebra. */
    private static boolean isSearched(Arguments given, List<Form.Letter> unknowns) {
        return unknowns.size() == 1
                && (given.isGiven(NEAR) || given.isGiven("from"))
                && given.equationsIfAny("equation").map(List::size).orElse(1) == 1;
    }

    private static Value ofSystem(Arguments given, List<Equation> equations, List<Form.Letter> unknowns) {
        if (given.isGiven(NEAR)) {
            double[] near =
                    given.numbersIn(NEAR).stream().mapToDouble(Real::toDouble).toArray();
            if (near.length != unknowns.size()) {
                throw given.wrong(NEAR, "as many numbers as there are unknowns", String.valueOf(near.length));
            }
            return tried(given, equations, unknowns, near);
        }
        try {
            SolvingSystem.Solved solved = system(given, equations, unknowns);
            return table(solved.rows(), solved.steps(), given);
        } catch (Solving.NotSolved none) {
            return tried(given, equations, unknowns);
        }
    }

    /** Solutions by Newton's method. */
    private static Value tried(Arguments given, List<Equation> equations, List<Form.Letter> unknowns, double... near) {
        List<double[]> found = NewtonSystem.solutions(
                equations, unknowns, near, degree(given), (form, by) -> given.derivative(form, by, 1));
        if (found.isEmpty()) {
            return Failure.of(
                    ErrorCode.NOT_FOUND, "No solution is found. Say near which numbers to look, as in `near: {1; 2}`.");
        }
        List<Value> values = found.stream()
                .flatMapToDouble(Arrays::stream)
                .<Value>mapToObj(number -> new NumberValue(Real.from(number)))
                .toList();
        return new ArrayTable(found.size(), unknowns.size(), values);
    }

    /** The steps that lead to the answer; none where numbers were tried. */
    public static List<SolvingStep> steps(Arguments given) {
        if (given.isGiven("from") || given.isGiven(NEAR)) {
            return List.of();
        }
        List<Equation> equations = given.equations("equation");
        List<Form.Letter> unknowns = given.unknowns("variable");
        return equations.size() > 1 || unknowns.size() > 1
                ? system(given, equations, unknowns).steps()
                : exactly(given, equations.get(0), unknowns.get(0)).steps();
    }

    private static Solving.Solved exactly(Arguments given, Equation equation, Form.Letter unknown) {
        return Solving.of(equation, unknown, halfTurn(given), isComplex(given), form -> number(form, given));
    }

    private static boolean isComplex(Arguments given) {
        return given.surroundings().complex() || given.truth(COMPLEX);
    }

    private static SolvingSystem.Solved system(Arguments given, List<Equation> equations, List<Form.Letter> unknowns) {
        return SolvingSystem.of(equations, unknowns, halfTurn(given), form -> number(form, given));
    }

    private static Form halfTurn(Arguments given) {
        return given.surroundings().angle() == Surroundings.Angle.DEGREES ? Form.number(180) : Form.PI;
    }

    private static double degree(Arguments given) {
        return given.surroundings().angle() == Surroundings.Angle.DEGREES ? Math.PI / 180 : 1;
    }

    private static double number(Form form, Arguments given) {
        return Doubles.of(given.worth(form));
    }

    private static Value table(List<List<Form>> rows, List<SolvingStep> steps, Arguments given) {
        if (rows.isEmpty()) {
            String why = steps.isEmpty() ? "" : steps.get(steps.size() - 1).says();
            return Failure.of(
                    ErrorCode.NO_REAL_RESULT,
                    why.isEmpty() || why.startsWith("bring")
                            ? "No real number solves this."
                            : "No real number solves this: " + why + ".");
        }
        List<Value> values = new ArrayList<>();
        for (List<Form> row : rows) {
            for (Form form : row) {
                values.add(Doubles.plain(given.worth(form)));
            }
        }
        if (rows.get(0).size() == 1 && values.stream().anyMatch(ComplexValue.class::isInstance)) {
            values.sort(SolveFunction::inOrder);
        }
        return new ArrayTable(rows.size(), rows.get(0).size(), values);
    }

    /** By real part, then by imaginary part. */
    private static int inOrder(Value a, Value b) {
        Complex x = Complexes.of(a).orElseThrow().number();
        Complex y = Complexes.of(b).orElseThrow().number();
        int order = x.re().compareTo(y.re());
        return order != 0 ? order : x.im().compareTo(y.im());
    }

    /** Exact solutions where they are all of them, else what is found by trying. */
    private static Value within(Arguments given, Form.Letter unknown) {
        Place place = Place.of(given);
        double from = place.from();
        double to = place.to();
        Unit unit = place.unit();
        boolean isNear = from == to;
        double scale = unit.factor().toDouble();
        List<Value> found = all(given, unknown)
                .map(solutions -> solutions.stream()
                        .map(form -> Doubles.plain(given.worth(form)))
                        .filter(value -> Doubles.unit(value).isLike(unit) || Doubles.of(value) == 0)
                        .filter(value -> isNear || isBetween(value, from * scale, to * scale))
                        .sorted(Comparator.comparingDouble(
                                value -> isNear ? Math.abs(Doubles.of(value) - from * scale) : Doubles.of(value)))
                        .toList())
                .orElseGet(() -> roots(given, place).stream()
                        .map(root -> Doubles.measured(root.at(), unit))
                        .toList());
        if (found.isEmpty()) {
            return Failure.of(
                    ErrorCode.NOT_FOUND,
                    isNear
                            ? "No solution is found near this number. Try another, or say between which two to look."
                            : "No solution is found between these numbers.");
        }
        return isNear || found.size() == 1 ? found.get(0) : new ArrayTable(found.size(), 1, found);
    }

    /** All exact solutions; nothing where there may be others. */
    private static Optional<List<Form>> all(Arguments given, Form.Letter unknown) {
        Optional<List<Equation>> equations = given.equationsIfAny("equation");
        if (equations.isEmpty()) {
            return Optional.empty();
        }
        try {
            Solving.Solved solved = exactly(given, equations.get().get(0), unknown);
            return solved.mayBeMore() || solved.isEverything() ? Optional.empty() : Optional.of(solved.solutions());
        } catch (Solving.NotSolved none) {
            return Optional.empty();
        }
    }

    /** A number in the unit of the first. */
    private static double end(Arguments given, String parameter, Unit unit) {
        Value value = given.value(parameter);
        if (unit == Unit.ONE || !(value instanceof Quantity quantity)) {
            return given.number(parameter).toDouble();
        }
        if (!quantity.unit().isLike(unit)) {
            throw given.refused(
                    parameter,
                    ErrorCode.UNITS_DIFFER,
                    "`" + quantity.unit().symbol() + "` and `" + unit.symbol() + "` do not measure the same.");
        }
        return Algebra.answer(quantity.in(unit)).toDouble();
    }

    /**
     * Where to look.
     *
     * @param to the same as {@code from} where it is near that
     */
    private record Place(double from, double to, Unit unit) {
        /** {@code near: 2} says the same as a number by itself. */
        static Place of(Arguments given) {
            String start = given.isGiven(NEAR) ? NEAR : "from";
            Unit unit = Doubles.unit(given.value(start));
            double from = end(given, start, unit);
            boolean isNear = start.equals(NEAR) || !given.isGiven("to");
            return new Place(from, isNear ? from : end(given, "to", unit), unit);
        }
    }

    private static List<RootSearch.Root> roots(Arguments given, Place place) {
        RootSearch search = new RootSearch(given.difference("equation", "variable"), place.unit());
        return place.from() == place.to() ? search.near(place.from()) : search.between(place.from(), place.to());
    }

    /** The brackets that roots were searched in; none where they are exact. */
    private static List<RewritingStep> brackets(Arguments given) {
        List<Form.Letter> unknowns = given.unknowns("variable");
        if (!isSearched(given, unknowns) || all(given, unknowns.get(0)).isPresent()) {
            return List.of();
        }
        Place place = Place.of(given);
        String equation = given.equationsIfAny("equation")
                .map(equations -> equations.get(0).text())
                .orElseGet(() -> given.bound("equation", "variable").text());
        String name = unknowns.get(0).name();
        List<RewritingStep> steps = new ArrayList<>();
        for (RootSearch.Root root : roots(given, place)) {
            steps.add(new RewritingStep(
                    RewritingStep.Rule.SIGN_CHANGES,
                    root.evaluations() == 0
                            ? "0 at " + written(root.at())
                            : "between " + roughly(root.from(), RoundingMode.FLOOR) + " and "
                                    + roughly(root.to(), RoundingMode.CEILING),
                    equation));
            if (root.evaluations() > 0) {
                steps.add(new RewritingStep(
                        RewritingStep.Rule.BY_NUMBERS,
                        "the method of Brent, " + root.evaluations() + " values: the last bracket is "
                                + written(root.low()) + " to " + written(root.high()),
                        name + " = " + PlainText.of(Doubles.measured(root.at(), place.unit()))));
            }
        }
        if (!steps.isEmpty()) {
            steps.add(new RewritingStep(RewritingStep.Rule.SOLUTIONS, "others may be there", equation));
        }
        return steps;
    }

    /** An end of a bracket that is not narrow, in six digits and not inside it. */
    private static String roughly(double number, RoundingMode outwards) {
        return written(
                new BigDecimal(number).round(new MathContext(6, outwards)).doubleValue());
    }

    private static String written(double number) {
        return PlainText.of(new NumberValue(Real.from(number)));
    }

    private static boolean isBetween(Value value, double from, double to) {
        return Doubles.of(value) >= Math.min(from, to) && Doubles.of(value) <= Math.max(from, to);
    }
}
