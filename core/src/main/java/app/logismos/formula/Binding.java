package app.logismos.formula;

import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.number.Rational;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    private static final Pattern MULTIPLE =
            Pattern.compile("(?<number>[0-9.]+)\\s*(?<unit>\\p{L}+)(?:\\s*\\^\\s*(?<power>[0-9]{1,3}))?");

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

    /** One word as a variable, or a table of words. */
    private static Optional<Expression> words(Expression node) {
        if (!(node instanceof TableLiteral table)) {
            return word(node).map(Expression.class::cast);
        }
        boolean areWords = table.rows().stream()
                .flatMap(List::stream)
                .allMatch(each -> word(each).isPresent());
        return areWords
                ? Optional.of(new TableLiteral(
                        table.rows().stream()
                                .map(row -> row.stream()
                                        .<Expression>map(each -> word(each).orElseThrow())
                                        .toList())
                                .toList(),
                        table.span()))
                : Optional.empty();
    }

    private static Expression in(Expression expression, Expression words) {
        Expression bound = expression;
        for (Expression word : words instanceof TableLiteral ? Walk.children(words) : List.of(words)) {
            bound = in(bound, (Variable) word);
        }
        return bound;
    }

    /** The expression with every occurrence of a word made this variable. */
    public static Expression in(Expression expression, Variable bound) {
        return expression.accept(new Rewriting((node, parent) -> occurrence(node, bound)));
    }

    private static @Nullable Expression occurrence(Expression node, Variable bound) {
        if (node instanceof Literal literal && literal.value() instanceof Quantity quantity) {
            return multiple(literal, quantity, bound).orElse(null);
        }
        if (node instanceof WithUnit unit && unit.source().equals(bound.name())) {
            Expression operand = in(unit.operand(), bound);
            return new Infix(InfixOperator.TIMES, operand, new Variable(bound.name(), unit.span()), unit.span());
        }
        return word(node).filter(word -> bound.is(word.name())).orElse(null);
    }

    /** {@code 2t} and {@code 2t^3} are twice the variable t and its cube, and no tonnes. */
    private static Optional<Expression> multiple(Literal literal, Quantity quantity, Variable bound) {
        Matcher matcher = MULTIPLE.matcher(literal.source());
        if (!matcher.matches() || !matcher.group("unit").equals(bound.name())) {
            return Optional.empty();
        }
        Span place = literal.span();
        Literal number = new Literal(new NumberValue(quantity.number()), matcher.group("number"), place);
        Expression word = new Variable(bound.name(), place);
        String power = matcher.group("power");
        Expression raised = power == null
                ? word
                : new Infix(
                        InfixOperator.POWER,
                        word,
                        new Literal(new NumberValue(Rational.of(Long.parseLong(power))), power, place),
                        place);
        return Optional.of(new Infix(InfixOperator.TIMES, number, raised, place));
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
