package app.logismos.algebra;

import app.logismos.algebra.SolvingStep.Rule;
import app.logismos.number.Cancellable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The real solutions of several equations together: an unknown that stands by itself in one is put into the others; where
 * none does, one is eliminated from two equations by their remainders. Unknowns that nothing determines stay as letters.
 */
public final class SolvingSystem {
    /** So many solutions, and so many equations on the way, are followed. */
    private static final int MOST = 400;

    private final Form halfTurn;
    private final ToDoubleFunction<Form> worth;
    private final List<SolvingStep> steps = new ArrayList<>();
    private boolean mayBeMore;
    private int turns;

    private SolvingSystem(Form halfTurn, ToDoubleFunction<Form> worth) {
        this.halfTurn = halfTurn;
        this.worth = worth;
    }

    /**
     * What solves several equations.
     *
     * @param rows for each solution the values of the unknowns, in their order
     * @param mayBeMore whether there are others that were not looked for
     */
    public record Solved(List<List<Form>> rows, List<SolvingStep> steps, boolean mayBeMore) {}

    /**
     * Solves a system.
     *
     * @param halfTurn 180, or π where angles are in radians
     * @param worth the value of a form without letters, NaN where it has none
     * @throws Solving.NotSolved where no method does
     */
    public static Solved of(
            List<Equation> equations, List<Form.Letter> unknowns, Form halfTurn, ToDoubleFunction<Form> worth) {
        SolvingSystem system = new SolvingSystem(halfTurn, worth);
        List<Map<Form.Letter, Form>> found = system.solve(equations, unknowns);
        List<List<Form>> rows = found.stream()
                .map(solution -> unknowns.stream()
                        .map(unknown -> Simplifying.of(solution.getOrDefault(unknown, unknown)))
                        .toList())
                .distinct()
                .filter(row -> system.hold(equations, unknowns, row))
                .sorted((a, b) -> system.compare(a, b))
                .toList();
        return new Solved(rows, List.copyOf(system.steps), system.mayBeMore);
    }

    private boolean hold(List<Equation> equations, List<Form.Letter> unknowns, List<Form> row) {
        return equations.stream().allMatch(equation -> {
            try {
                Form difference = put(equation.difference(), unknowns, row);
                if (!difference.letters().isEmpty()) {
                    return true;
                }
                double size = Math.max(1, Math.abs(worth.applyAsDouble(put(equation.left(), unknowns, row))));
                return Math.abs(worth.applyAsDouble(difference)) <= 1e-6 * size;
            } catch (NoForm none) {
                return false;
            }
        });
    }

    private static Form put(Form form, List<Form.Letter> unknowns, List<Form> row) {
        Form put = form;
        for (int i = 0; i < row.size(); i++) {
            put = row.get(i).equals(unknowns.get(i)) ? put : put.with(unknowns.get(i), row.get(i));
        }
        return put;
    }

    private int compare(List<Form> a, List<Form> b) {
        for (int i = 0; i < a.size(); i++) {
            if (a.get(i).letters().isEmpty() && b.get(i).letters().isEmpty()) {
                int first = Double.compare(worth.applyAsDouble(a.get(i)), worth.applyAsDouble(b.get(i)));
                if (first != 0) {
                    return first;
                }
            }
        }
        return 0;
    }

    private List<Map<Form.Letter, Form>> solve(List<Equation> equations, List<Form.Letter> unknowns) {
        Cancellable.check();
        if (++turns > MOST) {
            throw new Solving.NotSolved();
        }
        List<Equation> open = new ArrayList<>();
        for (Equation equation : equations) {
            Form rest = Simplifying.of(Expanding.of(equation.difference()));
            boolean isFree = unknowns.stream().noneMatch(rest::has);
            if (isFree && !vanishes(rest)) {
                steps.add(new SolvingStep(Rule.CHECKED, "this cannot be", List.of(new Equation(rest, Form.ZERO))));
                return List.of();
            }
            if (!isFree) {
                open.add(equation);
            }
        }
        if (open.isEmpty()) {
            return List.of(new LinkedHashMap<>());
        }
        Optional<Choice> alone = alone(open, unknowns);
        if (alone.isPresent()) {
            return followed(open, unknowns, alone.get());
        }
        return eliminated(open, unknowns);
    }

    private boolean vanishes(Form rest) {
        return rest.isZero() || rest.letters().isEmpty() && Math.abs(worth.applyAsDouble(rest)) < 1e-9;
    }

    private record Choice(int equation, Form.Letter unknown) {}

    /** An equation that has one unknown only, or an unknown in the first power without another beside it. */
    private static Optional<Choice> alone(List<Equation> open, List<Form.Letter> unknowns) {
        for (int i = 0; i < open.size(); i++) {
            Equation equation = open.get(i);
            List<Form.Letter> inside = unknowns.stream().filter(equation::has).toList();
            if (inside.size() == 1) {
                return Optional.of(new Choice(i, inside.get(0)));
            }
        }
        for (Form.Letter unknown : unknowns) {
            for (int i = 0; i < open.size(); i++) {
                if (isLinear(open.get(i), unknown, unknowns)) {
                    return Optional.of(new Choice(i, unknown));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isLinear(Equation equation, Form.Letter unknown, List<Form.Letter> unknowns) {
        Form difference = Expanding.of(equation.difference());
        Ring ring = Ring.ofQuotient(difference);
        Quotient quotient = ring.quotient(difference);
        int variable = ring.indexOf(unknown);
        boolean isAtom = ring.variables().stream().noneMatch(each -> each.has(unknown) && !each.equals(unknown));
        if (variable < 0 || !isAtom || quotient.above().degree(variable) != 1) {
            return false;
        }
        Form coefficient = ring.form(quotient.above().coefficients(variable).get(1));
        return unknowns.stream().noneMatch(coefficient::has)
                && unknowns.stream().noneMatch(ring.form(quotient.below())::has);
    }

    private List<Map<Form.Letter, Form>> followed(List<Equation> open, List<Form.Letter> unknowns, Choice choice) {
        Equation equation = open.get(choice.equation());
        Form.Letter unknown = choice.unknown();
        Solving.Solved solved = Solving.of(equation, unknown, halfTurn, false, worth);
        mayBeMore |= solved.mayBeMore();
        steps.add(new SolvingStep(
                Rule.SOLUTIONS,
                "solve " + equation.text() + " for " + unknown.name(),
                solved.solutions().stream()
                        .map(each -> new Equation(unknown, each))
                        .toList()));
        List<Equation> others = new ArrayList<>(open);
        others.remove(choice.equation());
        List<Form.Letter> left =
                unknowns.stream().filter(each -> !each.equals(unknown)).toList();
        List<Map<Form.Letter, Form>> all = new ArrayList<>();
        for (Form value : solved.solutions()) {
            List<Equation> put = others.stream()
                    .map(each -> put(each, unknown, value))
                    .flatMap(Optional::stream)
                    .toList();
            if (put.size() < others.size()) {
                continue;
            }
            if (!put.isEmpty() && !put.equals(others)) {
                steps.add(new SolvingStep(Rule.PUT_IN, "put " + unknown.name() + " = " + value.text() + " in", put));
            }
            for (Map<Form.Letter, Form> rest : solve(put, left)) {
                Form own = value;
                for (Map.Entry<Form.Letter, Form> each : rest.entrySet()) {
                    own = own.with(each.getKey(), each.getValue());
                }
                Map<Form.Letter, Form> solution = new LinkedHashMap<>();
                solution.put(unknown, Simplifying.of(own));
                solution.putAll(rest);
                if (!own.equals(value)) {
                    steps.add(new SolvingStep(
                            Rule.PUT_IN, "put it into " + unknown.name() + " = " + value.text(), named(solution)));
                }
                all.add(solution);
            }
        }
        return all;
    }

    private static List<Equation> named(Map<Form.Letter, Form> solution) {
        return solution.entrySet().stream()
                .map(each -> new Equation(each.getKey(), each.getValue()))
                .toList();
    }

    private static Optional<Equation> put(Equation equation, Form.Letter unknown, Form value) {
        try {
            Equation put = equation.with(unknown, value);
            return Optional.of(new Equation(Expanding.of(put.left()), Expanding.of(put.right())));
        } catch (NoForm none) {
            return Optional.empty();
        }
    }

    /** The last unknown that two equations share is eliminated; its values are found once the others are. */
    private List<Map<Form.Letter, Form>> eliminated(List<Equation> open, List<Form.Letter> unknowns) {
        for (int u = unknowns.size() - 1; u >= 0; u--) {
            Form.Letter unknown = unknowns.get(u);
            List<Equation> with =
                    open.stream().filter(each -> each.has(unknown)).toList();
            if (with.size() >= 2) {
                Form rest = without(unknown, with.get(0), with.get(1));
                Equation next = new Equation(rest, Form.ZERO);
                steps.add(new SolvingStep(Rule.SUBSTITUTION, "eliminate " + unknown.name(), List.of(next)));
                List<Equation> others = new ArrayList<>(open);
                others.remove(with.get(1));
                others.remove(with.get(0));
                others.add(next);
                List<Form.Letter> left =
                        unknowns.stream().filter(each -> !each.equals(unknown)).toList();
                List<Map<Form.Letter, Form>> all = new ArrayList<>();
                for (Map<Form.Letter, Form> partial : solve(others, left)) {
                    Equation own = with.get(0);
                    Equation second = with.get(1);
                    for (Map.Entry<Form.Letter, Form> each : partial.entrySet()) {
                        own = own.with(each.getKey(), each.getValue());
                        second = second.with(each.getKey(), each.getValue());
                    }
                    all.addAll(both(own, second, unknown, partial));
                }
                return all;
            }
        }
        throw new Solving.NotSolved();
    }

    private List<Map<Form.Letter, Form>> both(
            Equation own, Equation second, Form.Letter unknown, Map<Form.Letter, Form> partial) {
        List<Map<Form.Letter, Form>> all = new ArrayList<>();
        Equation chosen = own.has(unknown) ? own : second;
        Equation other = chosen == own ? second : own;
        if (!chosen.has(unknown)) {
            throw new Solving.NotSolved();
        }
        for (Form value : Solving.of(chosen, unknown, halfTurn, false, worth).solutions()) {
            if (hold(List.of(other), List.of(unknown), List.of(value))) {
                Map<Form.Letter, Form> solution = new LinkedHashMap<>(partial);
                solution.put(unknown, value);
                steps.add(new SolvingStep(Rule.PUT_IN, "put it in", named(solution)));
                all.add(solution);
            }
        }
        return all;
    }

    /** A combination of two equations without an unknown: the last of their remainders. */
    private static Form without(Form.Letter unknown, Equation a, Equation b) {
        Form one = Expanding.of(a.difference());
        Form other = Expanding.of(b.difference());
        Ring ring = Ring.ofQuotient(one.plus(other.times(new Form.Letter("another of these"))));
        Polynomial first = ring.quotient(one).above();
        Polynomial second = ring.quotient(other).above();
        int variable = ring.indexOf(unknown);
        boolean isAtom = ring.variables().stream().noneMatch(each -> each.has(unknown) && !each.equals(unknown));
        if (variable < 0 || !isAtom) {
            throw new Solving.NotSolved();
        }
        Polynomial rest = GreatestDivisor.lastRemainder(variable, first, second);
        if (rest.isZero()) {
            throw new Solving.NotSolved();
        }
        return ring.form(rest.primitive());
    }
}
