package app.logismos.evaluate;

import app.logismos.algebra.Antiderivative;
import app.logismos.algebra.Derivative;
import app.logismos.algebra.Equation;
import app.logismos.algebra.Form;
import app.logismos.algebra.Limit;
import app.logismos.algebra.NoForm;
import app.logismos.algebra.Solving;
import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Binding;
import app.logismos.formula.Coordinate;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Printer;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Walk;
import app.logismos.function.Arguments;
import app.logismos.function.Bound;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.function.References;
import app.logismos.function.algebra.Branches;
import app.logismos.function.algebra.IntegralFunction;
import app.logismos.function.algebra.SolveFunction;
import app.logismos.number.Real;
import app.logismos.value.Algebraic;
import app.logismos.value.ArrayTable;
import app.logismos.value.Failure;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** One call. Arguments are matched to parameters and evaluated lazily, at most once. */
final class CallEvaluation implements References {
    /** Each one may need the cells between twice, so that deep ones would take very long. */
    private static final int MOST_SUPPOSITIONS = 2;

    /** More branches of {@code if} are not followed. */
    private static final int MOST_BRANCHES = 40;

    private final Evaluator evaluator;
    private final Function function;
    private final Call call;
    private final List<Argument> given;
    private final boolean isPlain;
    /** Whether it is called as documents do, which hold complex numbers as texts. */
    private final boolean isOfDocuments;

    private List<Integer> positions = List.of();
    private final @Nullable Value[] values;

    CallEvaluation(Evaluator evaluator, Function function, Call call) {
        this.evaluator = evaluator;
        this.function = function;
        this.call = call;
        this.isPlain = isPlain(call);
        this.isOfDocuments = function.isOfComplexNumbers()
                && !call.function().equalsIgnoreCase(function.name())
                && call.function().regionMatches(true, 0, "IM", 0, 2);
        this.given = isPlain
                ? call.arguments()
                : call.arguments().stream()
                        .filter(argument -> argument.value().isPresent())
                        .toList();
        this.values = new Value[given.size()];
    }

    Value value() {
        Value answer = isOfAlgebra() || function.binding().isPresent() ? ofAlgebra() : answer();
        return answer instanceof Failure failure ? asTyped(failure).orAt(call.span()) : answer;
    }

    boolean isOfAlgebra() {
        return function.category() == Category.ALGEBRA;
    }

    private Value ofAlgebra() {
        try {
            return answer();
        } catch (NoForm none) {
            return EvaluationErrors.undefined(none.reason(), call.span());
        } catch (Solving.NotSolved none) {
            return EvaluationErrors.notSolved(call.span());
        } catch (FormReading.NoAlgebra none) {
            return none.failure();
        } catch (Derivative.NotKnown none) {
            return EvaluationErrors.noDerivative(none.function(), call.span());
        }
    }

    private Value answer() {
        Optional<Failure> wrong = assign();
        return wrong.isPresent()
                ? wrong.get()
                : firstTable().map(this::elementByElement).orElseGet(() -> function.call(arguments()));
    }

    /** A function is called in messages as in the entry, where that has another name for it. */
    private Failure asTyped(Failure failure) {
        return call.function().equalsIgnoreCase(function.name())
                ? failure
                : failure.withMessage(
                        failure.message().replace("`" + function.name() + "`", "`" + call.function() + "`"));
    }

    /** The calculation that the call stands for, if its function shows one and the arguments are sound. */
    Optional<String> working() {
        return assign().isPresent() || firstTable().isPresent() ? Optional.empty() : function.working(arguments());
    }

    /** The argument that the call comes down to, if its function only chooses and that argument was given. */
    Optional<Choice> choice() {
        if (assign().isPresent() || firstTable().isPresent()) {
            return Optional.empty();
        }
        return function.choice(arguments()).flatMap(choice -> {
            int parameter = parameterIndex(choice.parameter());
            return IntStream.range(0, given.size())
                    .filter(i -> positions.get(i) == parameter)
                    .skip(choice.place())
                    .mapToObj(i -> new Choice(given.get(i).value().orElseThrow(), choice.reason()))
                    .findFirst();
        });
    }

    /**
     * The argument that a call comes down to.
     *
     * @param reason why it is this one, in words
     */
    record Choice(Expression argument, String reason) {}

    private int parameterIndex(String parameter) {
        List<Parameter> parameters = function.parameters();
        for (int i = 0; i < parameters.size(); i++) {
            if (parameters.get(i).name().equalsIgnoreCase(parameter)) {
                return i;
            }
        }
        return -1;
    }

    private Arguments arguments() {
        return new Arguments(function, positions, this::argument, this, evaluator.surroundings());
    }

    @Override
    public Optional<Cells> of(int argument) {
        Address origin = evaluator.origin();
        return argument < 0
                ? Optional.of(new Cells(Optional.empty(), origin.row(), origin.column(), 1, 1))
                : meant(given.get(argument).value().orElseThrow());
    }

    @Override
    public Optional<Span> place(int argument) {
        return given.get(argument).value().map(Expression::span);
    }

    @Override
    public Optional<Bound> bound(int expression, int variable) {
        return word(given.get(variable).value().orElseThrow())
                .map(word -> new BoundArgument(given.get(expression).value().orElseThrow(), word, this));
    }

    /** What a call binds: a word, or a cell by its address. */
    private static Optional<Expression> word(Expression expression) {
        return expression instanceof Variable || expression instanceof CellReference
                ? Optional.of(expression)
                : Optional.empty();
    }

    /** Whether a word that the call binds is a cell of the worksheet, which formulas between it and the expression follow. */
    boolean bindsCells() {
        return assign().isEmpty()
                && function.binding().stream()
                        .map(binding -> positions.indexOf(binding.variable()))
                        .filter(place -> place >= 0)
                        .flatMap(place -> words(place).stream())
                        .anyMatch(word -> isCell(target(word)));
    }

    private boolean isCell(Expression target) {
        return !(target instanceof Name name) || evaluator.scope().meant(name).isPresent();
    }

    /** The call with its expression as it is in the cells that it binds; nothing where it is so already. */
    Optional<Expression> inItsCells() {
        if (!bindsCells()) {
            return Optional.empty();
        }
        int place = positions.indexOf(function.binding().orElseThrow().expression());
        Expression expression = given.get(place).value().orElseThrow();
        return inForms(place)
                .flatMap(text -> Line.read(text, evaluator))
                .filter(read ->
                        !Printer.text(read, evaluator.origin()).equals(Printer.text(expression, evaluator.origin())))
                .map(read -> call.accept(new Rewriting((node, parent) -> node == expression ? read : null)));
    }

    private Optional<String> inForms(int place) {
        try {
            List<String> equations =
                    equations(place).stream().map(Equation::text).toList();
            Optional<String> form = formIfAny(place).map(Form::text);
            return form.isPresent()
                    ? form
                    : Optional.of(equations.size() == 1 ? equations.get(0) : "{" + String.join("; ", equations) + "}");
        } catch (FormReading.NoAlgebra | NoForm none) {
            return Optional.empty();
        }
    }

    /** How it is called in forms: a cell as it would be typed. */
    private String nameOf(Expression word) {
        return word instanceof Variable variable ? variable.name() : Printer.text(word, evaluator.origin());
    }

    /** What is meant where it stands in formulas of cells. */
    private Expression target(Expression word) {
        return word instanceof Variable variable ? new Name(variable.name(), variable.span()) : word;
    }

    @Override
    public Form form(int argument) {
        Expression expression = given.get(argument).value().orElseThrow();
        return new FormReading(withLetters(expression)).of(expression);
    }

    /** Where a word that the call binds names a cell, cells that depend on it do so here: they hold expressions. */
    private Evaluator withLetters(Expression expression) {
        List<Scope.Supposed> supposed = function
                .binding()
                .map(binding -> positions.indexOf(binding.variable()))
                .filter(place -> place >= 0)
                .map(this::words)
                .orElse(List.of())
                .stream()
                .map(word -> new Scope.Supposed(target(word), new Algebraic(new Form.Letter(nameOf(word)))))
                .toList();
        return following(expression, supposed);
    }

    private Evaluator following(Expression expression, List<Scope.Supposed> supposed) {
        List<Scope.Supposed> cells =
                supposed.stream().filter(each -> isCell(each.target())).toList();
        if (cells.isEmpty() || !refersToCells(expression)) {
            return evaluator;
        }
        if (evaluator.scope().suppositions() >= MOST_SUPPOSITIONS) {
            throw new FormReading.NoAlgebra(EvaluationErrors.tooManySuppositions(MOST_SUPPOSITIONS, call.span()));
        }
        return evaluator.in(evaluator.scope().supposing(expression, cells, evaluator.origin(), evaluator.budget()));
    }

    private static boolean refersToCells(Expression expression) {
        boolean[] refers = {false};
        Walk.visit(
                expression,
                node -> refers[0] |=
                        node instanceof Name || node instanceof CellReference || node instanceof RangeReference);
        return refers[0];
    }

    @Override
    public Optional<Form> formIfAny(int argument) {
        try {
            return Optional.of(form(argument));
        } catch (FormReading.NoAlgebra | NoForm none) {
            return Optional.empty();
        }
    }

    @Override
    public Optional<Form> branch(int argument, int variable, Value at) {
        Expression expression = given.get(argument).value().orElseThrow();
        Optional<Expression> word = word(given.get(variable).value().orElseThrow());
        for (int turns = 0; turns < MOST_BRANCHES && word.isPresent(); turns++) {
            Optional<Call> next = firstIf(expression);
            if (next.isEmpty()) {
                return read(expression);
            }
            List<Argument> parts = next.get().arguments();
            Expression condition = parts.get(0).value().orElse(expression);
            Value holds = new BoundArgument(condition, word.get(), this).at(at);
            int taken = holds instanceof Truth truth && !truth.holds() ? 2 : 1;
            if (!(holds instanceof Truth)
                    || parts.size() <= taken
                    || parts.get(taken).value().isEmpty()) {
                return Optional.empty();
            }
            Expression branch =
                    new Group(parts.get(taken).value().get(), next.get().span());
            expression = expression.accept(new Rewriting((node, parent) -> node == next.get() ? branch : null));
        }
        return Optional.empty();
    }

    private static Optional<Call> firstIf(Expression expression) {
        List<Call> found = new ArrayList<>();
        Walk.visit(expression, node -> {
            if (found.isEmpty() && node instanceof Call each && each.function().equalsIgnoreCase("if")) {
                found.add(each);
            }
        });
        return found.stream().findFirst();
    }

    private Optional<Form> read(Expression expression) {
        try {
            return Optional.of(new FormReading(withLetters(expression)).of(expression));
        } catch (FormReading.NoAlgebra | NoForm none) {
            return Optional.empty();
        }
    }

    @Override
    public List<Form> divisors(int argument) {
        Expression expression = given.get(argument).value().orElseThrow();
        FormReading reading = new FormReading(withLetters(expression));
        List<Form> divisors = new ArrayList<>();
        Walk.visit(expression, node -> {
            if (node instanceof Infix infix && infix.operator() == InfixOperator.DIVIDE) {
                divisors.add(reading.of(infix.right()));
            }
        });
        return divisors;
    }

    @Override
    public Form derivative(Form form, Form.Letter by, int order) {
        return Derivative.of(form, by, order, new CatalogueDerivatives(evaluator));
    }

    @Override
    public Optional<Antiderivative.Answer> integral(Form form, Form.Letter by) {
        return evaluator.calculus().antiderivative(form, by);
    }

    @Override
    public Optional<Limit.Found> limit(Form form, Form.Letter by, Real place, int side) {
        return evaluator.calculus().limit(form, by, place, side);
    }

    @Override
    public List<Equation> equations(int argument) {
        Expression expression = given.get(argument).value().orElseThrow();
        return new FormReading(withLetters(expression)).equations(expression);
    }

    @Override
    public Optional<List<Equation>> equationsIfAny(int argument) {
        try {
            return Optional.of(equations(argument));
        } catch (FormReading.NoAlgebra | NoForm none) {
            return Optional.empty();
        }
    }

    @Override
    public Bound difference(int equation, int variable) {
        Expression sides = given.get(equation).value().orElseThrow();
        while (sides instanceof Group group) {
            sides = group.inner();
        }
        Expression difference = sides instanceof Infix infix && infix.operator() == InfixOperator.EQUAL
                ? new Infix(InfixOperator.MINUS, infix.left(), infix.right(), infix.sign())
                : sides;
        return new BoundArgument(
                difference, word(given.get(variable).value().orElseThrow()).orElseThrow(), this);
    }

    @Override
    public List<Form.Letter> unknowns(int argument) {
        return words(argument).stream()
                .map(word -> new Form.Letter(nameOf(word)))
                .toList();
    }

    /** The words of an argument, one or those of a table; none where something else stands there. */
    private List<Expression> words(int argument) {
        Expression expression = given.get(argument).value().orElseThrow();
        List<Expression> words = expression instanceof TableLiteral table
                ? table.rows().stream().flatMap(List::stream).toList()
                : List.of(expression);
        return words.stream().allMatch(each -> word(each).isPresent()) ? words : List.of();
    }

    @Override
    public Value supposing() {
        Expression expression = given.get(0).value().orElseThrow();
        if (evaluator.scope().suppositions() >= MOST_SUPPOSITIONS) {
            return EvaluationErrors.tooManySuppositions(MOST_SUPPOSITIONS, call.span());
        }
        List<Scope.Supposed> supposed = new ArrayList<>();
        Evaluator within = evaluator;
        for (int i = 1; i < given.size(); i += 2) {
            Expression target = given.get(i).value().orElseThrow();
            Value value = evaluator.value(given.get(i + 1).value().orElseThrow());
            if (value instanceof Failure failure) {
                return failure;
            }
            if (target instanceof Variable variable) {
                within = within.with(variable.name(), value);
            } else if (target instanceof Name || target instanceof CellReference) {
                supposed.add(new Scope.Supposed(target, value));
            } else {
                return EvaluationErrors.notSupposed(target.span());
            }
        }
        return within.in(within.scope().supposing(expression, supposed, within.origin(), within.budget()))
                .supposed(expression, supposed);
    }

    @Override
    public Value worth(Form form) {
        return evaluator.algebraic(() -> form, call.span());
    }

    private record BoundArgument(Expression expression, Expression word, CallEvaluation call) implements Bound {
        @Override
        public String variable() {
            return call.nameOf(word);
        }

        @Override
        public String text() {
            return Printer.text(expression, call.evaluator.origin());
        }

        @Override
        public Value at(Value value) {
            try {
                return call.following(expression, List.of(new Scope.Supposed(call.target(word), value)))
                        .where(variable(), value, expression);
            } catch (FormReading.NoAlgebra none) {
                return none.failure();
            }
        }
    }

    /** The call written out as an operation between its terms, if its function is short for one and can be shown so. */
    Optional<Expression> writtenOut() {
        if (assign().isPresent()) {
            return Optional.empty();
        }
        return function.writtenOut(arguments()).flatMap(terms -> {
            Binding binding = function.binding().orElseThrow();
            Bound bound = bound(positions.indexOf(binding.expression()), positions.indexOf(binding.variable()))
                    .orElseThrow();
            return Terms.joined(bound, terms, call.span());
        });
    }

    /** The lines of a ladder that lead to the answer, where the function shows one. */
    List<Line> lines() {
        if (assign().isPresent()) {
            return List.of();
        }
        try {
            return switch (function.name()) {
                case DerivativeWorking.FUNCTION -> derivativeLines(arguments());
                case IntegralFunction.NAME -> integralLines(arguments());
                case SolveFunction.NAME -> solvingLines(arguments());
                default -> new RewritingWorking(evaluator).lines(function.steps(arguments()));
            };
        } catch (NoForm | Derivative.NotKnown | Solving.NotSolved | FormReading.NoAlgebra none) {
            return List.of();
        }
    }

    /** What is done with the equations, or how their roots were searched. */
    private List<Line> solvingLines(Arguments arguments) {
        List<Line> exact = new EquationWorking(evaluator).lines(SolveFunction.steps(arguments), call);
        return exact.isEmpty() ? new RewritingWorking(evaluator).lines(function.steps(arguments)) : exact;
    }

    /** The rules of the antiderivative, and where there are limits these put into it. */
    private List<Line> integralLines(Arguments arguments) {
        if (IntegralFunction.isByNumbers(arguments)) {
            return List.of();
        }
        Form.Letter by = letter(arguments);
        return evaluator
                .calculus()
                .antiderivative(arguments.form("expression"), by)
                .map(answer -> new IntegralWorking(evaluator)
                        .lines(answer, IntegralFunction.ends(arguments, by, answer.form()), call))
                .orElse(List.of());
    }

    /** The rules of the derivative, or where none is known what its numbers claim. */
    private List<Line> derivativeLines(Arguments arguments) {
        try {
            return arguments.isGiven("at") && arguments.formIfAny("expression").isEmpty()
                    ? branchLines(arguments)
                    : rulesOfDerivative(arguments, arguments.form("expression"));
        } catch (Derivative.NotKnown | FormReading.NoAlgebra none) {
            return new RewritingWorking(evaluator).lines(function.steps(arguments));
        }
    }

    /** Of an expression with conditions: the branch that holds at the place, and where two meet both. */
    private List<Line> branchLines(Arguments arguments) {
        Optional<Branches> any = Branches.of(arguments);
        if (any.isEmpty()) {
            return new RewritingWorking(evaluator).lines(function.steps(arguments));
        }
        Branches branches = any.get();
        Form.Letter by = letter(arguments);
        Form place = arguments.form("at");
        int order = arguments.whole("order", 0, DerivativeWorking.HIGHEST_ORDER);
        String at = by.name() + " = " + place.text();
        List<Line> rules = rulesOfDerivative(arguments, branches.left());
        boolean isBorder = !branches.left().equals(branches.right());
        String sides = isBorder
                ? "at " + at + " two meet: " + branches.left().text() + " on the left, "
                        + branches.right().text() + " on the right"
                : (branches.meet() ? "beside " : "at ") + at;
        String taken = DerivativeWorking.FUNCTION + "(" + branches.left().text() + ", " + by.name() + ", "
                + place.text() + (order == 1 ? "" : ", " + order) + ")";
        String other = with(derivative(branches.right(), by, order).text(), by, place);
        List<Line> lines = new ArrayList<>();
        Line.read(taken, evaluator)
                .ifPresent(after -> lines.add(new Line(Rule.BRANCH_TAKEN, sides, after, after, after)));
        lines.addAll(rules);
        if (isBorder) {
            Line.read(other, evaluator)
                    .ifPresent(after -> lines.add(new Line(
                            Rule.BRANCHES_COMPARED,
                            "of " + branches.right().text() + " at " + at,
                            after,
                            after,
                            after)));
        }
        return lines;
    }

    private static String with(String form, Form.Letter by, Form place) {
        return "with(" + form + ", " + by.name() + ": " + place.text() + ")";
    }

    private static Form.Letter letter(Arguments arguments) {
        return new Form.Letter(arguments.bound("expression", "variable").variable());
    }

    /** The rules, and where there is a place this put into it. */
    private List<Line> rulesOfDerivative(Arguments arguments, Form form) {
        Form.Letter by = letter(arguments);
        int order = arguments.whole("order", 0, DerivativeWorking.HIGHEST_ORDER);
        List<Line> lines = new DerivativeWorking(evaluator).lines(form, by, order);
        if (!arguments.isGiven("at") || lines.isEmpty()) {
            return lines;
        }
        Form place = arguments.form("at");
        String slope = derivative(form, by, order).text();
        String put = with(slope, by, place);
        return Stream.concat(
                        lines.stream(),
                        Line.read(put, evaluator)
                                .map(after -> new Line(
                                        Rule.PLACE_PUT_IN,
                                        by.name() + " = " + place.text() + " in " + slope,
                                        after,
                                        after,
                                        after))
                                .stream())
                .toList();
    }

    private Optional<Cells> meant(Expression expression) {
        Address origin = evaluator.origin();
        if (expression instanceof CellReference cell) {
            return cell.from(origin).map(at -> cells(cell.grid(), new Area(at, at)));
        }
        if (expression instanceof RangeReference range) {
            return range.from(origin).map(area -> cells(range.grid(), area));
        }
        if (expression instanceof Name name) {
            return evaluator.scope().meant(name).flatMap(this::meant);
        }
        return expression instanceof Call inner
                ? Catalogue.STANDARD
                        .function(inner.function())
                        .filter(Function::isReference)
                        .map(referring -> new CallEvaluation(evaluator, referring, inner))
                        .filter(referring -> referring.assign().isEmpty())
                        .flatMap(referring -> referring.function.cells(referring.arguments()))
                : Optional.empty();
    }

    private static Cells cells(Optional<String> grid, Area area) {
        return new Cells(grid, area.first().row(), area.first().column(), area.rows(), area.columns());
    }

    @Override
    public Value read(Cells cells) {
        Value value = evaluator.scope().found(reference(cells, call.span()), evaluator.origin());
        return value instanceof Table table && cells.rows() == 1 && cells.columns() == 1 ? table.at(0, 0) : value;
    }

    @Override
    public Set<Integer> hiddenRows(Optional<String> grid) {
        return evaluator.scope().hiddenRows(grid);
    }

    @Override
    public List<String> grids() {
        return evaluator.scope().grids();
    }

    @Override
    public Optional<String> ownGrid() {
        return evaluator.scope().ownGrid();
    }

    @Override
    public Optional<String> formula(Optional<String> grid, Address cell) {
        return evaluator.scope().formula(grid, cell);
    }

    private static RangeReference reference(Cells cells, Span place) {
        return new RangeReference(
                cells.grid(),
                RangeReference.Extent.CELLS,
                new Coordinate(cells.column(), true),
                new Coordinate(cells.row(), true),
                new Coordinate(cells.column() + cells.columns() - 1, true),
                new Coordinate(cells.row() + cells.rows() - 1, true),
                place);
    }

    private Value argument(int index) {
        Value known = values[index];
        if (known == null) {
            known = evaluator.value(given.get(index).value().orElseThrow());
            known = isOfDocuments ? Complexes.read(known) : known;
            values[index] = known;
        }
        return known;
    }

    /** Whether every argument is given in its place, without a name. */
    private static boolean isPlain(Call call) {
        for (Argument argument : call.arguments()) {
            if (argument.name().isPresent() || argument.value().isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** Finds for each argument its parameter; an omitted one leaves its place free. */
    private Optional<Failure> assign() {
        if (isPlain && given.size() <= function.parameters().size()) {
            positions = function.firstPositions(given.size());
            return firstMissing();
        }
        positions = new ArrayList<>();
        List<Parameter> parameters = function.parameters();
        int next = 0;
        for (Argument argument : call.arguments()) {
            int index;
            if (argument.name().isPresent()) {
                index = parameterIndex(argument.name().get());
                if (index < 0) {
                    List<String> known = parameters.stream()
                            .map(parameter -> "`" + parameter.name() + "`")
                            .toList();
                    return Optional.of(EvaluationErrors.noSuchArgument(
                            function.name(), argument.name().get(), known, call.span()));
                }
            } else {
                index = Math.min(next, parameters.size() - 1);
                if (next >= parameters.size()
                        && (index < 0 || !parameters.get(index).repeated())) {
                    return Optional.of(EvaluationErrors.tooManyArguments(
                            function.name(),
                            parameters.size(),
                            call.arguments().size(),
                            argument.value().map(Expression::span).orElse(call.span())));
                }
                next++;
            }
            if (argument.value().isPresent()) {
                if (positions.contains(index) && !parameters.get(index).repeated()) {
                    return Optional.of(EvaluationErrors.givenTwice(
                            function.name(),
                            parameters.get(index).name(),
                            argument.value().get().span()));
                }
                positions.add(index);
            }
        }
        return firstMissing();
    }

    private Optional<Failure> firstMissing() {
        List<Parameter> parameters = function.parameters();
        for (int i = 0; i < parameters.size(); i++) {
            Parameter parameter = parameters.get(i);
            if (parameter.isRequired() && !positions.contains(i)) {
                return Optional.of(EvaluationErrors.missingArgument(
                        function.name(), parameter.name(), parameter.says(), call.span()));
            }
        }
        return Optional.empty();
    }

    /** The first argument that is a table where the function takes single values, or chooses by each of its values. */
    private Optional<Table> firstTable() {
        for (int i = 0; i < positions.size(); i++) {
            if (!function.parameters().get(positions.get(i)).accepts().takesTables()
                    && argument(i) instanceof Table table) {
                return Optional.of(table);
            }
        }
        return function.isChoice() ? firstLookedAt() : Optional.empty();
    }

    /** A table of conditions, or one in which something fails, where that decides what is chosen. */
    private Optional<Table> firstLookedAt() {
        Parameter first = function.parameters().get(0);
        return first.accepts() == Parameter.Accepts.LAZY
                        && !positions.isEmpty()
                        && argument(0) instanceof Table table
                        && (first.repeated() || hasFailure(table))
                ? Optional.of(table)
                : Optional.empty();
    }

    private static boolean hasFailure(Table table) {
        boolean[] found = {false};
        table.forEachFilled(value -> found[0] |= value instanceof Failure);
        return found[0];
    }

    /** A function of single values works on each value of a table. All tables given must be of one shape. */
    private Value elementByElement(Table shape) {
        long size = (long) shape.rows() * shape.columns();
        if (size > evaluator.limits().tableCells()) {
            return EvaluationErrors.tableTooLarge(size, evaluator.limits().tableCells(), call.span());
        }
        List<Value> all = new ArrayList<>((int) size);
        for (int i = 0; i < positions.size(); i++) {
            if (!isTakenWhole(i)
                    && argument(i) instanceof Table other
                    && (other.rows() != shape.rows() || other.columns() != shape.columns())) {
                return EvaluationErrors.shapesDiffer(shape, other, call.span());
            }
        }
        @Nullable Value[] whole = Arrays.copyOf(values, values.length);
        for (int row = 0; row < shape.rows(); row++) {
            for (int column = 0; column < shape.columns(); column++) {
                Value value = function.call(
                        new Arguments(function, positions, single(whole, row, column), this, evaluator.surroundings()));
                if (value instanceof Table) {
                    return size == 1 ? value : EvaluationErrors.tableOfTables(function.name(), call.span());
                }
                all.add(evaluator.held(value));
            }
        }
        return new ArrayTable(shape.rows(), shape.columns(), all);
    }

    /** Whether a table is one argument, also where the function works on each value of another; what it chooses is not. */
    private boolean isTakenWhole(int index) {
        Parameter.Accepts accepts =
                function.parameters().get(positions.get(index)).accepts();
        return accepts.takesTables() && !(function.isChoice() && accepts == Parameter.Accepts.LAZY);
    }

    private java.util.function.IntFunction<Value> single(@Nullable Value[] whole, int row, int column) {
        return index -> {
            Value value = whole[index] == null ? argument(index) : whole[index];
            return value instanceof Table table && !isTakenWhole(index) ? table.at(row, column) : value;
        };
    }
}
