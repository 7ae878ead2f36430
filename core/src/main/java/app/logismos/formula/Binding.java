package app.logismos.formula;

import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.unit.Unit;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A function that binds a variable: one of its arguments is a word, and another an expression in which that word stands for
 * many values.
 *
 * @param expression the index of the parameter that takes the expression
 * @param variable the index of the parameter that takes the word
 */
public record Binding(int expression, int variable) {
    private static final Pattern NUMBER = Pattern.compile("[0-9.]+(?:[eE][-+]?[0-9]+)?");

    /** The arguments of a call, bound words made {@link Variable}s; as they are where no word was given. */
    List<Argument> applied(List<Argument> arguments, List<String> parameters) {
        Optional<Integer> place = at(arguments, parameters, variable);
        Optional<Expression> words =
                place.flatMap(i -> arguments.get(i).value()).flatMap(Binding::words);
        if (words.isEmpty()) {
            return arguments;
        }
        List<Argument> bound = new ArrayList<>(arguments);
        place.ifPresent(i -> bound.set(i, new Argument(arguments.get(i).name(), words)));
        at(arguments, parameters, expression).ifPresent(i -> {
            Argument argument = arguments.get(i);
            bound.set(i, new Argument(argument.name(), argument.value().map(each -> in(each, words.get()))));
        });
        return bound;
    }

    /** One word as a variable, or a table of words, among which cells may be by their addresses. */
    private static Optional<Expression> words(Expression node) {
        if (!(node instanceof TableLiteral table)) {
            return word(node).map(Expression.class::cast);
        }
        boolean areWords = table.rows().stream()
                .flatMap(List::stream)
                .allMatch(each -> each instanceof CellReference || word(each).isPresent());
        return areWords
                ? Optional.of(new TableLiteral(
                        table.rows().stream()
                                .map(row -> row.stream()
                                        .map(each -> word(each)
                                                .<Expression>map(word -> word)
                                                .orElse(each))
                                        .toList())
                                .toList(),
                        table.span()))
                : Optional.empty();
    }

    private static Expression in(Expression expression, Expression words) {
        Expression bound = expression;
        for (Expression word : words instanceof TableLiteral ? Walk.children(words) : List.of(words)) {
            bound = word instanceof Variable variable ? in(bound, variable) : bound;
        }
        return bound;
    }

    /** The expression with every occurrence of a word made this variable. */
    public static Expression in(Expression expression, Variable bound) {
        return expression.accept(new Rewriting((node, parent) -> occurrence(node, bound)));
    }

    /** The expression with a word read as itself where it stands among units that are called so. */
    static Expression amongUnits(Expression expression, Name word) {
        return expression.accept(new Rewriting((node, parent) -> amongUnits(
                        node, word.name(), place -> new Name(word.name(), place))
                .orElse(null)));
    }

    private static @Nullable Expression occurrence(Expression node, Variable bound) {
        return amongUnits(node, bound.name(), place -> new Variable(bound.name(), place))
                .or(() -> word(node).filter(word -> bound.is(word.name())))
                .orElse(null);
    }

    /** {@code 2t} is twice a variable t, and {@code 3 m/s*t} so many metres a second times it: neither is in tonnes. */
    private static Optional<Expression> amongUnits(Expression node, String word, Function<Span, Expression> made) {
        if (node instanceof Literal literal && literal.value() instanceof Quantity quantity) {
            Matcher number = NUMBER.matcher(literal.source());
            return number.lookingAt()
                    ? taken(
                            quantity.unit(),
                            word,
                            literal.span(),
                            made,
                            rest -> rest == Unit.ONE
                                    ? new Literal(new NumberValue(quantity.number()), number.group(), literal.span())
                                    : new Literal(
                                            new Quantity(quantity.number(), rest),
                                            rest.behind(number.group()),
                                            literal.span()))
                    : Optional.empty();
        }
        return node instanceof WithUnit measured
                ? taken(
                        measured.unit(),
                        word,
                        measured.span(),
                        made,
                        rest -> rest == Unit.ONE
                                ? measured.operand()
                                : new WithUnit(measured.operand(), rest, rest.symbol(), measured.span()))
                : Optional.empty();
    }

    private static Optional<Expression> taken(
            Unit unit, String word, Span place, Function<Span, Expression> made, Function<Unit, Expression> without) {
        return unit.exponent(word).filter(Rational::isInteger).map(exponent -> {
            Rational size = (Rational) exponent.abs();
            Expression letter = made.apply(place);
            Expression raised = size.equals(Rational.ONE)
                    ? letter
                    : new Infix(
                            InfixOperator.POWER,
                            letter,
                            new Literal(new NumberValue(size), Plain.text(size), place),
                            place);
            InfixOperator sign = exponent.signum() < 0 ? InfixOperator.DIVIDE : InfixOperator.TIMES;
            return new Infix(sign, without.apply(unit.without(word)), raised, place);
        });
    }

    private static Optional<Variable> word(Expression node) {
        if (node instanceof Name name) {
            return Optional.of(new Variable(name.name(), name.span()));
        }
        return node instanceof Constant constant
                ? Optional.of(new Variable(constant.name(), constant.span()))
                : Optional.empty();
    }

    /** Where the argument for a parameter stands in the call. */
    private static Optional<Integer> at(List<Argument> arguments, List<String> parameters, int parameter) {
        return IntStream.range(0, arguments.size())
                .filter(i -> arguments
                        .get(i)
                        .name()
                        .map(parameters.get(parameter)::equalsIgnoreCase)
                        .orElse(unnamedBefore(arguments, i) == parameter))
                .boxed()
                .findFirst();
    }

    private static long unnamedBefore(List<Argument> arguments, int index) {
        return arguments.subList(0, index).stream()
                .filter(argument -> argument.name().isEmpty())
                .count();
    }
}
