package app.logismos.evaluate;

import app.logismos.algebra.Equation;
import app.logismos.algebra.Form;
import app.logismos.catalogue.Catalogue;
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
import app.logismos.formula.PostfixOperator;
import app.logismos.formula.Walk;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.Units;
import app.logismos.value.Algebraic;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * An expression as a form: words that name nothing are letters, cells and names stand for what is in them, and functions
 * of numbers stay where they have no exact value.
 */
final class FormReading implements Expression.Visitor<Form> {
    private static final Set<Parameter.Accepts> OF_NUMBERS =
            EnumSet.of(Parameter.Accepts.NUMBER, Parameter.Accepts.WHOLE, Parameter.Accepts.ANGLE);

    private static final Form HUNDREDTH = Form.number(Rational.of(1, 100));

    private final Evaluator evaluator;

    FormReading(Evaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** Something in the expression is no part of algebra. */
    static final class NoAlgebra extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final transient Failure failure;

        NoAlgebra(Failure failure) {
            super(failure.message(), null, false, false);
            this.failure = failure;
        }

        Failure failure() {
            return failure;
        }
    }

    Form of(Expression expression) {
        return expression.accept(this);
    }

    /** One equation, or those of a table; what is no equation is to be 0. */
    List<Equation> equations(Expression expression) {
        if (expression instanceof Group group) {
            return equations(group.inner());
        }
        if (expression instanceof TableLiteral table) {
            return table.rows().stream()
                    .flatMap(List::stream)
                    .flatMap(each -> equations(each).stream())
                    .toList();
        }
        return expression instanceof Infix infix && infix.operator() == InfixOperator.EQUAL
                ? List.of(new Equation(of(infix.left()), of(infix.right())))
                : List.of(new Equation(of(expression), Form.ZERO));
    }

    /** What is worked out as everywhere else, and must be a number then. */
    private Form worth(Expression node) {
        Value value = evaluator.value(node);
        if (value instanceof Failure failure && failure.code() == ErrorCode.UNKNOWN_NAME) {
            freeLetters(node).findFirst().ifPresent(letter -> {
                throw new NoAlgebra(EvaluationErrors.noRule(node, letter));
            });
        }
        return form(ofAngle(value), node.span());
    }

    /** The letters in it that stand for any number. */
    private Stream<Variable> freeLetters(Expression node) {
        Stream.Builder<Variable> free = Stream.builder();
        Walk.visit(node, each -> {
            if (each instanceof Variable letter && evaluator.bound(letter).isEmpty()) {
                free.add(letter);
            }
        });
        return free.build();
    }

    /** An angle as the plain number that the worksheet takes it for. */
    private Value ofAngle(Value value) {
        boolean inDegrees = evaluator.surroundings().angle() == Surroundings.Angle.DEGREES;
        return value instanceof Quantity angle
                        && Units.isAngle(angle.unit())
                        && angle.in(inDegrees ? Units.DEGREE : Units.RADIAN) instanceof Real number
                ? new NumberValue(number)
                : value;
    }

    static Form form(Value value, Span place) {
        if (value instanceof NumberValue number && number.exactForm() != null) {
            return number.exactForm();
        }
        if (value instanceof NumberValue number && number.real().isFinite()) {
            return Form.number(number.real());
        }
        if (value instanceof ComplexValue complex
                && complex.isPlain()
                && complex.number().isFinite()) {
            return Form.number(complex.number());
        }
        if (value instanceof Algebraic expression) {
            return expression.form();
        }
        if (value == Blank.BLANK) {
            return Form.ZERO;
        }
        if (value instanceof Quantity quantity
                && !quantity.unit().isScale()
                && quantity.number().isFinite()) {
            return measured(quantity);
        }
        if (value instanceof Table table && table.rows() == 1 && table.columns() == 1) {
            return form(table.at(0, 0), place);
        }
        throw new NoAlgebra(value instanceof Failure failure ? failure.orAt(place) : noNumber(value, place));
    }

    /** So many of a unit; where that has no dimension, the plain number that it is. */
    private static Form measured(Quantity quantity) {
        Form number = Form.number(quantity.number());
        if (quantity.unit().isDimensionless()) {
            return number.times(Form.number(quantity.unit().factor()));
        }
        for (Unit.Power each : quantity.unit().powers()) {
            number = number.times(Form.power(new Form.Measure(each.atom().symbol()), Form.number(each.exponent())));
        }
        return number;
    }

    private static Failure noNumber(Value value, Span place) {
        String says = value instanceof Quantity
                ? "`" + PlainText.of(value) + "` counts on a scale, where algebra has no meaning. Convert with `to K`."
                : "Algebra works with finite numbers and letters, and this is "
                        + (value instanceof NumberValue
                                ? "infinite"
                                : value.kind().one()) + ".";
        return Failure.at(place, ErrorCode.WRONG_KIND, says);
    }

    @Override
    public Form literal(Literal node) {
        return worth(node);
    }

    @Override
    public Form group(Group node) {
        return of(node.inner());
    }

    @Override
    public Form prefix(Prefix node) {
        Form operand = of(node.operand());
        return switch (node.operator()) {
            case MINUS -> operand.negated();
            case PLUS -> operand;
            case ROOT -> Form.applied("sqrt", List.of(operand));
        };
    }

    @Override
    public Form postfix(Postfix node) {
        if (node.operator() == PostfixOperator.PERCENT) {
            return of(node.operand()).times(HUNDREDTH);
        }
        if (node.operator() == PostfixOperator.FACTORIAL) {
            Form operand = of(node.operand());
            if (!operand.letters().isEmpty()) {
                return Form.applied("factorial", List.of(operand));
            }
        }
        return worth(node);
    }

    @Override
    public Form superscript(Superscript node) {
        return of(node.base()).power(node.exponent());
    }

    @Override
    public Form infix(Infix node) {
        return switch (node.operator()) {
            case PLUS -> of(node.left()).plus(of(node.right()));
            case MINUS -> of(node.left()).minus(of(node.right()));
            case TIMES -> of(node.left()).times(of(node.right()));
            case DIVIDE -> of(node.left()).over(of(node.right()));
            case POWER -> Form.power(of(node.left()), of(node.right()));
            case MOD, DIV, JOIN, EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST -> worth(node);
        };
    }

    @Override
    public Form call(Call node) {
        Function function = Catalogue.STANDARD.function(node.function()).orElseThrow();
        if (!isOfNumbers(function, node)) {
            return worth(node);
        }
        List<Form> arguments = IntStream.range(0, node.arguments().size())
                .mapToObj(place -> of(argument(function, node, place).orElseThrow()))
                .toList();
        if (arguments.stream().allMatch(argument -> argument.letters().isEmpty())) {
            Value value = ofAngle(evaluator.value(node));
            if (!(value instanceof NumberValue number) || number.real().isExact()) {
                return form(value, node.span());
            }
        }
        return function.name().equals("power")
                ? Form.power(arguments.get(0), arguments.get(1))
                : Form.applied(function.name(), arguments);
    }

    @Override
    public Form application(Application node) {
        OwnCall call;
        try {
            call = OwnCall.of(node, evaluator);
        } catch (OwnCall.Unsound unsound) {
            throw new NoAlgebra(unsound.failure());
        }
        Closure function = call.function();
        List<Value> arguments = call.arguments().stream().map(this::algebraic).toList();
        try {
            return new FormReading(evaluator.inside(function, arguments)).of(function.rule());
        } catch (NoAlgebra none) {
            throw new NoAlgebra(function.failed(none.failure(), node.span()));
        }
    }

    private Value algebraic(Expression argument) {
        Form form = of(argument);
        return form instanceof Form.Number number ? new NumberValue(number.value()) : new Algebraic(form);
    }

    @Override
    public Form definition(Definition node) {
        return worth(node);
    }

    /** Whether it takes as many numbers as are given, one after the other, and nothing else. */
    private static boolean isOfNumbers(Function function, Call node) {
        List<Parameter> parameters = function.parameters();
        return node.arguments().size() <= parameters.size()
                && IntStream.range(0, node.arguments().size())
                        .allMatch(place -> argument(function, node, place).isPresent())
                && parameters.stream()
                        .allMatch(parameter -> OF_NUMBERS.contains(parameter.accepts()) && !parameter.repeated())
                && parameters.stream().skip(node.arguments().size()).noneMatch(Parameter::isRequired);
    }

    /** The argument for a parameter, given in its place or by its name. */
    private static Optional<Expression> argument(Function function, Call node, int place) {
        String parameter = function.parameters().get(place).name();
        return node.arguments().stream()
                .filter(argument -> argument.name()
                        .map(name -> name.equalsIgnoreCase(parameter))
                        .orElse(argument == node.arguments().get(place)))
                .findFirst()
                .flatMap(Expression.Argument::value);
    }

    @Override
    public Form cell(CellReference node) {
        return worth(node);
    }

    @Override
    public Form range(RangeReference node) {
        return worth(node);
    }

    @Override
    public Form name(Name node) {
        Value value = evaluator.value(node);
        return value instanceof Failure failure && failure.code() == ErrorCode.UNKNOWN_NAME
                ? Form.letter(node.name())
                : form(value, node.span());
    }

    @Override
    public Form variable(Variable node) {
        return evaluator.bound(node).map(value -> form(value, node.span())).orElse(Form.letter(node.name()));
    }

    @Override
    public Form constant(Constant node) {
        return node.name().equalsIgnoreCase("e") ? Form.E : worth(node);
    }

    @Override
    public Form table(TableLiteral node) {
        return worth(node);
    }

    @Override
    public Form withUnit(WithUnit node) {
        return worth(node);
    }

    @Override
    public Form conversion(Conversion node) {
        return worth(node);
    }
}
