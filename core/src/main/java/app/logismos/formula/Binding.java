package app.logismos.formula;

import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Variable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    /** The arguments of a call, the bound word made a {@link Variable}; as they are where no word was given. */
    List<Argument> applied(List<Argument> arguments, List<String> parameters) {
        Optional<Variable> word = at(arguments, parameters, variable)
                .flatMap(i -> arguments.get(i).value())
                .flatMap(Binding::word);
        if (word.isEmpty()) {
            return arguments;
        }
        List<Argument> bound = new ArrayList<>(arguments);
        at(arguments, parameters, variable)
                .ifPresent(i -> bound.set(i, new Argument(arguments.get(i).name(), Optional.of(word.get()))));
        at(arguments, parameters, expression).ifPresent(i -> {
            Argument argument = arguments.get(i);
            bound.set(i, new Argument(argument.name(), argument.value().map(each -> in(each, word.get()))));
        });
        return bound;
    }

    private static Expression in(Expression expression, Variable bound) {
        return expression.accept(new Rewriting((node, parent) -> occurrence(node, bound)));
    }

    private static @Nullable Expression occurrence(Expression node, Variable bound) {
        return word(node).filter(word -> bound.is(word.name())).orElse(null);
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
