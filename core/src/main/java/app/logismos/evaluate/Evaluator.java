package app.logismos.evaluate;

import app.logismos.algebra.Antiderivative;
import app.logismos.algebra.Form;
import app.logismos.algebra.NoForm;
import app.logismos.algebra.Precise;
import app.logismos.catalogue.Catalogue;
import app.logismos.display.Styles;
import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Parser;
import app.logismos.formula.PostfixOperator;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.Rewriting;
import app.logismos.function.Surroundings;
import app.logismos.number.Ball;
import app.logismos.number.Complex;
import app.logismos.number.Counting;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.unit.Units;
import app.logismos.value.Algebraic;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Works out the value of an expression for one cell. What goes wrong comes back as a {@link Failure} with its place;
 * only {@link Budget.Stopped} is thrown.
 */
public final class Evaluator implements Expression.Visitor<Value> {
    private static final Set<InfixOperator> ARITHMETIC = EnumSet.of(
            InfixOperator.PLUS, InfixOperator.MINUS, InfixOperator.TIMES, InfixOperator.DIVIDE, InfixOperator.POWER);

    /** Functions that use others are written out so deep; each may use the next one twice. */
    private static final int MOST_INLINED = 8;

    private static final Rational HUNDREDTH = Rational.of(1, 100);
    /** So many that the nearest double is known. */
    private static final int SURE_DIGITS = 25;

    /** A longer form of a number says nothing to anybody. */
    private static final int MOST_NODES_OF_NUMBER = 200;

    private static final Rational HALF = Rational.of(1, 2);

    /** No word of its own, so that a cell may still be named so: it hides the imaginary unit. */
    private static final String IMAGINARY_UNIT = "i";

    private final Scope scope;
    private final Address origin;
    private final Budget budget;
    private final Limits limits;
    private final Operators operators;
    private final @Nullable Variables variables;
    private final Map<Calculus.Sought, Optional<Antiderivative.Answer>> antiderivatives;
    private @Nullable Surroundings surroundings;

    /** The values of bound variables, the innermost first. */
    private record Variables(
            String name, Value value, @Nullable Variables outer) {}

    /** An evaluator for the formula in {@code origin}. */
    public Evaluator(Scope scope, Address origin, Limits limits, Budget budget) {
        this.scope = scope;
        this.origin = origin;
        this.budget = budget;
        this.limits = limits;
        this.operators = new Operators(
                limits, budget, scope::display, () -> surroundings().complex());
        this.variables = null;
        this.antiderivatives = new HashMap<>();
    }

    private Evaluator(Evaluator outer, Scope scope, @Nullable Variables variables) {
        this.scope = scope;
        this.origin = outer.origin;
        this.budget = outer.budget;
        this.limits = outer.limits;
        this.operators = outer.operators;
        this.surroundings = outer.surroundings;
        this.variables = variables;
        this.antiderivatives = outer.antiderivatives;
    }

    /** Antiderivatives and limits as they are in the formula. */
    Calculus calculus() {
        return new Calculus(this, antiderivatives);
    }

    /** One in which a bound variable stands for a value. */
    Evaluator with(String variable, Value value) {
        return new Evaluator(this, scope, new Variables(variable, value, variables));
    }

    /** One for the same variables in another scope. */
    Evaluator in(Scope other) {
        return new Evaluator(this, other, variables);
    }

    /** One for the rule of a function: variables around the call mean nothing in it. */
    Evaluator inside(Closure function, List<Value> arguments) {
        Variables parameters = null;
        for (int i = 0; i < arguments.size(); i++) {
            parameters = new Variables(function.parameters().get(i).name(), arguments.get(i), parameters);
        }
        return new Evaluator(this, scope, parameters);
    }

    /**
     * What an expression is worth where a bound variable stands for a value, within the same time and memory: the worth is
     * kept, and nothing else that was worked out for it.
     */
    Value where(String variable, Value value, Expression expression) {
        long before = budget.held();
        Value worth = with(variable, value).value(expression);
        budget.release(before);
        return held(worth);
    }

    /** The value of the expression. */
    public Value value(Expression expression) {
        budget.check();
        return expression.accept(this);
    }

    /**
     * What a form comes to: an expression where it has letters, else a number.
     *
     * @param place of what it is made from
     */
    Value algebraic(Supplier<Form> made, Span place) {
        try {
            Form form = workedOut(made.get());
            if (form instanceof Form.Number number) {
                return new NumberValue(number.value());
            }
            if (form.letters().isEmpty()
                    && Parser.parse(form.text(), 0, origin, Words.STANDARD) instanceof Parser.Outcome.Parsed parsed) {
                Value worth = value(parsed.expression());
                return form.isExact() ? withExactForm(settled(worth), form) : approximate(settled(worth));
            }
            return form.size() > Form.MOST_NODES || form.text().length() > Parser.MAX_LENGTH
                    ? EvaluationErrors.undefined(Undefined.TOO_LARGE, place)
                    : new Algebraic(form);
        } catch (NoForm none) {
            return EvaluationErrors.undefined(none.reason(), place);
        } catch (FormReading.NoAlgebra none) {
            return none.failure();
        }
    }

    /** The value of a form without letters as it is worked out, with nothing said of what it is exactly. */
    Value near(Form form) {
        return Parser.parse(form.text(), 0, origin, Words.STANDARD) instanceof Parser.Outcome.Parsed parsed
                ? value(parsed.expression())
                : EvaluationErrors.undefined(Undefined.NO_REAL_RESULT, new Span(0, 0));
    }

    /** With functions of numbers that have an exact value in the place of these: sin(π) is 0. */
    private Form workedOut(Form form) {
        if (form.parts().isEmpty()) {
            return form;
        }
        List<Form> parts = form.parts().stream().map(this::workedOut).toList();
        Form whole = parts.equals(form.parts()) ? form : form.of(parts);
        boolean isOfNumbers = whole instanceof Form.Applied && whole.letters().isEmpty();
        return isOfNumbers
                        && Parser.parse(whole.text(), 0, origin, Words.STANDARD) instanceof Parser.Outcome.Parsed parsed
                        && value(parsed.expression()) instanceof NumberValue number
                        && number.real().isExact()
                        && number.real().isFinite()
                ? Form.number(number.real())
                : whole;
    }

    /** Units that cancel but for their size, as km/m, leave a number. */
    private static Value settled(Value worth) {
        return worth instanceof Quantity quantity
                        && quantity.unit().isDimensionless()
                        && quantity.unit().powers().size() > 1
                ? Quantities.plain(worth)
                : worth;
    }

    /** A double that was found exactly says what it is. */
    private Value withExactForm(Value worth, Form form) {
        boolean isHeld =
                worth instanceof NumberValue number && !number.real().isExact() && form.size() <= MOST_NODES_OF_NUMBER;
        return isHeld ? new NumberValue(nearest((NumberValue) worth, form), form) : worth;
    }

    /** The double nearest to a form, whose terms may cancel; what was worked out where its digits are not known. */
    private Real nearest(NumberValue worth, Form form) {
        try {
            boolean inDegrees = surroundings().angle() == Surroundings.Angle.DEGREES;
            double nearest = Precise.digits(form, inDegrees, SURE_DIGITS).doubleValue();
            return Double.isFinite(nearest) && nearest != 0 ? Real.from(nearest) : worth.real();
        } catch (Precise.Refused | Ball.TooLarge unknown) {
            return worth.real();
        }
    }

    /** What is made of numbers that are only near others is not exact, though it is read from their digits. */
    private static Value approximate(Value value) {
        if (value instanceof ComplexValue complex) {
            return ComplexValue.of(new Complex(
                    approximate(complex.number().re()),
                    approximate(complex.number().im())));
        }
        return value instanceof NumberValue number && number.real().isExact()
                ? new NumberValue(Real.from(number.real().toDouble()))
                : value;
    }

    /** A part that is 0 stays so, as in a solution that is real. */
    private static Real approximate(Real part) {
        return part.isExact() && part.signum() != 0 ? Real.from(part.toDouble()) : part;
    }

    /** A value that is kept while others are worked out. */
    Value held(Value value) {
        return budget.held(value);
    }

    /**
     * The expression with the rules of functions of one's own and the expressions that cells hold written in their places,
     * so that it is worked out many times as fast as if they had been typed so.
     */
    public Expression inlined(Expression expression) {
        return inlined(expression, MOST_INLINED);
    }

    private Expression inlined(Expression expression, int depth) {
        return expression.accept(new Rewriting((node, parent) -> inPlaceOf(node, depth)));
    }

    private @Nullable Expression inPlaceOf(Expression node, int depth) {
        budget.check();
        if (node instanceof Application application && depth > 0) {
            try {
                OwnCall call = OwnCall.of(application, this);
                return call.hasVariables() ? null : new Group(inlined(call.written(), depth - 1), node.span());
            } catch (OwnCall.Unsound unsound) {
                return null;
            }
        }
        boolean isReference = node instanceof Name || node instanceof CellReference;
        return isReference
                        && value(node) instanceof Algebraic found
                        && Parser.parse(found.form().text(), 0, origin, Words.STANDARD)
                                instanceof Parser.Outcome.Parsed parsed
                ? new Group(parsed.expression(), node.span())
                : null;
    }

    /** The value of an expression in which a word stands for a value; so it does in an expression that comes out. */
    public Value valueAt(Expression expression, String word, Value at) {
        Value worth = value(expression);
        return worth instanceof Algebraic found && found.form().has(new Form.Letter(word))
                ? algebraic(
                        () -> found.form().with(new Form.Letter(word), FormReading.form(at, expression.span())),
                        expression.span())
                : worth;
    }

    /** The value of an expression under a supposition; letters in its answer are what they are supposed to be as well. */
    Value supposed(Expression expression, List<Scope.Supposed> supposed) {
        Value worth = value(expression);
        if (worth instanceof Failure failure && failure.code() == ErrorCode.UNKNOWN_NAME) {
            worth = algebraic(() -> new FormReading(this).of(expression), expression.span());
        }
        if (!(worth instanceof Algebraic found)) {
            return worth;
        }
        return algebraic(
                () -> {
                    Form form = found.form();
                    for (Scope.Supposed each : supposed) {
                        form = each.target() instanceof Name name && form.has(new Form.Letter(name.name()))
                                ? form.with(new Form.Letter(name.name()), FormReading.form(each.value(), name.span()))
                                : form;
                    }
                    return form;
                },
                expression.span());
    }

    Budget budget() {
        return budget;
    }

    Address origin() {
        return origin;
    }

    Scope scope() {
        return scope;
    }

    /** What functions may ask for, the time that is left included. */
    Surroundings surroundings() {
        if (surroundings == null) {
            surroundings = scope.surroundings()
                    .with(
                            text -> EntryReader.value(
                                    scope.display().read(text),
                                    scope.surroundings().units()),
                            this::written,
                            scope.display()::text)
                    .checkedBy(budget::check);
        }
        return surroundings;
    }

    private Optional<String> written(Real number, String style) {
        return Styles.named(style)
                .filter(named -> named.suits(number))
                .map(named -> scope.display().mark().number(named.text(number)));
    }

    Limits limits() {
        return limits;
    }

    @Override
    public Value literal(Literal node) {
        return node.value();
    }

    @Override
    public Value group(Group node) {
        return value(node.inner());
    }

    @Override
    public Value prefix(Prefix node) {
        Value operand = value(node.operand());
        if (operand instanceof Algebraic) {
            return algebraic(() -> new FormReading(this).of(node), node.span());
        }
        Span place = node.operand().span();
        return operators.each(operand, node.span(), each -> prefixed(node.operator(), each, place));
    }

    private Value prefixed(PrefixOperator operator, Value value, Span place) {
        if (value instanceof ComplexValue complex) {
            return switch (operator) {
                case PLUS -> value;
                case MINUS -> new ComplexValue(complex.number().negate(), complex.unit());
                case ROOT -> ComplexOperators.root(complex, place);
            };
        }
        boolean isImaginary = operator == PrefixOperator.ROOT
                && value instanceof NumberValue number
                && number.real().signum() < 0;
        if (isImaginary) {
            Value answer = ComplexOperators.ofReal(value, new NumberValue(HALF), place);
            Failure none = EvaluationErrors.undefined(Undefined.NO_REAL_RESULT, place);
            return surroundings().complex() ? answer : ComplexOperators.told(none, answer, scope.display());
        }
        if (value instanceof Quantity quantity) {
            return switch (operator) {
                case PLUS -> value;
                case MINUS -> new Quantity(quantity.number().negate(), quantity.unit());
                case ROOT -> Quantities.power(quantity, HALF, place);
            };
        }
        if (value instanceof Moment.Elapsed span && operator != PrefixOperator.ROOT) {
            return operator == PrefixOperator.PLUS
                    ? value
                    : new Moment.Elapsed(span.length().negated());
        }
        return onNumber(operator.text(), value, place, number -> switch (operator) {
            case MINUS -> number.negate();
            case PLUS -> number;
            case ROOT -> Powers.sqrt(number);
        });
    }

    @Override
    public Value postfix(Postfix node) {
        Value operand = value(node.operand());
        Span place = node.operand().span();
        return operators.each(operand, node.span(), each -> postfixed(node.operator(), each, place));
    }

    private static Value postfixed(PostfixOperator operator, Value value, Span place) {
        if (value instanceof ComplexValue complex && operator == PostfixOperator.PERCENT) {
            return ComplexOperators.value(complex.number().times(Complex.of(HUNDREDTH)), complex.unit(), place);
        }
        if (operator == PostfixOperator.DEGREE && !(value instanceof Failure) && value != Missing.MISSING) {
            return Quantities.withUnit(value, Units.DEGREE, place);
        }
        boolean counts = operator == PostfixOperator.FACTORIAL || operator == PostfixOperator.DOUBLE_FACTORIAL;
        if (counts
                && Quantities.plain(value) instanceof NumberValue number
                && !(number.real().isWhole() && number.real().signum() >= 0)) {
            return EvaluationErrors.notFactorial(PlainText.of(value), place);
        }
        return onNumber(operator.text(), value, place, number -> switch (operator) {
            case FACTORIAL -> Counting.factorial(whole(number));
            case DOUBLE_FACTORIAL -> Counting.doubleFactorial(whole(number));
            case PERCENT -> number.times(HUNDREDTH);
            case DEGREE -> number;
        });
    }

    private static BigInteger whole(Real number) {
        return ((Rational) number).numerator();
    }

    private static Value onNumber(
            String sign, Value value, Span place, java.util.function.Function<Real, Result> operation) {
        if (value instanceof Failure failure) {
            return failure.orAt(place);
        }
        if (value == Missing.MISSING) {
            return value;
        }
        Value number = value == Blank.BLANK ? new NumberValue(Rational.ZERO) : Quantities.plain(value);
        if (!(number instanceof NumberValue given)) {
            return EvaluationErrors.notANumber(sign, value, place);
        }
        Result result = operation.apply(given.real());
        return result instanceof Real real
                ? new NumberValue(real)
                : EvaluationErrors.undefined((Undefined) result, place);
    }

    @Override
    public Value superscript(Superscript node) {
        Value base = value(node.base());
        if (base instanceof Algebraic) {
            return algebraic(() -> new FormReading(this).of(node), node.span());
        }
        Span place = node.base().span();
        Real exponent = Rational.of(node.exponent());
        return operators.each(
                base,
                node.span(),
                each -> each instanceof Quantity quantity
                        ? Quantities.power(quantity, exponent, place)
                        : each instanceof ComplexValue complex
                                ? ComplexOperators.power(complex, exponent, place)
                                : onNumber("^", each, place, number -> number.power(exponent)));
    }

    @Override
    public Value infix(Infix node) {
        Value left = value(node.left());
        if (left instanceof Failure) {
            return left;
        }
        Value right = value(node.right());
        if (ARITHMETIC.contains(node.operator()) && (left instanceof Algebraic || right instanceof Algebraic)) {
            return algebraic(() -> new FormReading(this).of(node), node.span());
        }
        if (left instanceof NumberValue a && right instanceof NumberValue b) {
            Result plain = Operators.plain(node.operator(), a.real(), b.real());
            if (plain instanceof Real real) {
                return new NumberValue(real);
            }
        }
        Value measured = Quantities.inOneUnit(node.operator(), left, right);
        if (measured != null) {
            return measured;
        }
        return operators.apply(
                node.operator(),
                left,
                right,
                new Operators.Places(
                        node.left().span(), node.sign(), node.right().span()));
    }

    @Override
    public Value call(Call node) {
        return Catalogue.STANDARD
                .function(node.function())
                .map(function -> new CallEvaluation(this, function, node).value())
                .orElseThrow(() ->
                        new IllegalArgumentException("a parsed call must name a function, was " + node.function()));
    }

    @Override
    public Value application(Application node) {
        OwnCall call;
        try {
            call = OwnCall.of(node, this);
        } catch (OwnCall.Unsound unsound) {
            return unsound.failure();
        }
        List<Value> arguments = call.arguments().stream().map(this::value).toList();
        Optional<Value> failed =
                arguments.stream().filter(Failure.class::isInstance).findFirst();
        if (failed.isPresent()) {
            return failed.get();
        }
        if (arguments.stream().anyMatch(Algebraic.class::isInstance)) {
            return algebraic(() -> new FormReading(this).of(node), node.span());
        }
        Optional<Table> table = arguments.stream()
                .filter(Table.class::isInstance)
                .map(Table.class::cast)
                .findFirst();
        return table.isPresent()
                ? elementByElement(call.function(), arguments, table.get(), node.span())
                : applied(call.function(), arguments, node.span());
    }

    private Value applied(Closure function, List<Value> arguments, Span place) {
        long before = budget.held();
        Value worth = inside(function, arguments).value(function.rule());
        budget.release(before);
        return held(worth instanceof Failure failure ? function.failed(failure, place) : worth);
    }

    private Value elementByElement(Closure function, List<Value> arguments, Table shape, Span place) {
        long size = (long) shape.rows() * shape.columns();
        if (size > limits.tableCells()) {
            return EvaluationErrors.tableTooLarge(size, limits.tableCells(), place);
        }
        for (Value argument : arguments) {
            if (argument instanceof Table other
                    && (other.rows() != shape.rows() || other.columns() != shape.columns())) {
                return EvaluationErrors.shapesDiffer(shape, other, place);
            }
        }
        List<Value> all = new ArrayList<>((int) size);
        for (int row = 0; row < shape.rows(); row++) {
            for (int column = 0; column < shape.columns(); column++) {
                int r = row;
                int c = column;
                List<Value> single = arguments.stream()
                        .map(argument -> argument instanceof Table table ? table.at(r, c) : argument)
                        .toList();
                Value worth = applied(function, single, place);
                all.add(worth instanceof Table ? EvaluationErrors.nestedTable(place) : worth);
            }
        }
        return new ArrayTable(shape.rows(), shape.columns(), all);
    }

    @Override
    public Value definition(Definition node) {
        return Closure.of(node, this);
    }

    @Override
    public Value cell(CellReference node) {
        return scope.cell(node, origin);
    }

    @Override
    public Value range(RangeReference node) {
        return scope.range(node, origin);
    }

    @Override
    public Value name(Name node) {
        Value value = scope.name(node, origin);
        boolean isImaginaryUnit = value instanceof Failure failure
                && failure.code() == ErrorCode.UNKNOWN_NAME
                && node.name().equals(IMAGINARY_UNIT);
        return isImaginaryUnit ? ComplexValue.of(Complex.I) : value;
    }

    @Override
    public Value variable(Variable node) {
        return bound(node).orElseGet(() -> EvaluationErrors.unboundVariable(node));
    }

    /** What a bound variable stands for; nothing where it stands for any number, as in a derivative. */
    Optional<Value> bound(Variable node) {
        for (Variables each = variables; each != null; each = each.outer()) {
            if (node.is(each.name())) {
                return Optional.of(each.value());
            }
        }
        return Optional.empty();
    }

    @Override
    public Value constant(Constant node) {
        return Catalogue.STANDARD
                .constant(node.name())
                .map(constant -> constant.value())
                .orElseThrow(() -> new IllegalArgumentException("a parsed constant must be known, was " + node.name()));
    }

    @Override
    public Value table(TableLiteral node) {
        List<Value> values = new ArrayList<>();
        for (List<Expression> row : node.rows()) {
            for (Expression each : row) {
                Value value = value(each);
                values.add(value instanceof Table ? EvaluationErrors.nestedTable(each.span()) : value);
            }
        }
        return new ArrayTable(node.rows().size(), node.rows().get(0).size(), values);
    }

    Operators operators() {
        return operators;
    }

    @Override
    public Value withUnit(WithUnit node) {
        Value operand = value(node.operand());
        Span place = node.operand().span();
        return operators.each(
                operand, node.span(), each -> passes(each) ? each : Quantities.withUnit(each, node.unit(), place));
    }

    @Override
    public Value conversion(Conversion node) {
        Value operand = value(node.operand());
        return operators.each(
                operand,
                node.span(),
                each -> passes(each) ? each : Quantities.converted(each, node.unit(), node.sign()));
    }

    private static boolean passes(Value value) {
        return value instanceof Failure || value == Missing.MISSING;
    }
}
