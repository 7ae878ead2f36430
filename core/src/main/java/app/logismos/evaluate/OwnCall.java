package app.logismos.evaluate;

import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Parameter;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Walk;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.OwnFunction;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A call of a function of one's own, its arguments matched to parameters.
 *
 * @param arguments one for each parameter
 */
record OwnCall(Closure function, List<Expression> arguments) {
    /** Why a call is not sound. */
    static final class Unsound extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final transient Failure failure;

        private Unsound(Failure failure) {
            super(failure.message(), null, false, false);
            this.failure = failure;
        }

        Failure failure() {
            return failure;
        }
    }

    /**
     * Matches the arguments of a call.
     *
     * @throws Unsound where there is no such function, or it takes other arguments
     */
    static OwnCall of(Application node, Evaluator evaluator) {
        Value called = evaluator.value(node.function());
        if (!(called instanceof OwnFunction own)) {
            throw new Unsound(
                    called instanceof Failure failure
                            ? failure.code() == ErrorCode.UNKNOWN_NAME && node.function() instanceof Name name
                                    ? EvaluationErrors.unknownFunction(name, Words.STANDARD.functionsLike(name.name()))
                                    : failure
                            : EvaluationErrors.notAFunction(node, called));
        }
        Closure closure = (Closure) own.made();
        return new OwnCall(closure, matched(node, closure));
    }

    /** Whether an argument depends on what a call around this one binds, which the rule might bind to something else. */
    boolean hasVariables() {
        boolean[] has = {false};
        arguments.forEach(argument -> Walk.visit(argument, node -> has[0] |= node instanceof Variable));
        return has[0];
    }

    /** The rule with the arguments in the places of its parameters. */
    Expression written() {
        return function.rule().accept(new Rewriting((node, parent) -> {
            for (int i = 0; node instanceof Variable variable && i < arguments.size(); i++) {
                if (variable.is(function.parameters().get(i).name())) {
                    return new Group(arguments.get(i), node.span());
                }
            }
            return null;
        }));
    }

    private static List<Expression> matched(Application node, Closure closure) {
        List<Parameter> parameters = closure.parameters();
        @Nullable Expression[] given = new Expression[parameters.size()];
        int next = 0;
        for (Argument argument : node.arguments()) {
            int index = argument.name().map(name -> index(closure, name, node)).orElse(next);
            next += argument.name().isPresent() ? 0 : 1;
            if (index >= given.length) {
                throw new Unsound(EvaluationErrors.tooManyArguments(
                        closure.name(),
                        given.length,
                        node.arguments().size(),
                        argument.value().map(Expression::span).orElse(node.span())));
            }
            if (argument.value().isPresent()) {
                if (given[index] != null) {
                    throw new Unsound(EvaluationErrors.givenTwice(
                            closure.name(),
                            parameters.get(index).name(),
                            argument.value().get().span()));
                }
                given[index] = argument.value().get();
            }
        }
        List<Expression> all = new ArrayList<>(Arrays.asList(given));
        for (int i = 0; i < given.length; i++) {
            if (given[i] == null) {
                Optional<Value> usual = closure.usual(i);
                String name = parameters.get(i).name();
                all.set(
                        i,
                        usual.map(value -> new Literal(value, "", node.span()))
                                .orElseThrow(() -> new Unsound(EvaluationErrors.missingArgument(
                                        closure.name(), name, "its rule uses it", node.span()))));
            }
        }
        return all;
    }

    private static int index(Closure closure, String name, Application node) {
        for (int i = 0; i < closure.parameters().size(); i++) {
            if (closure.parameters().get(i).name().equalsIgnoreCase(name)) {
                return i;
            }
        }
        List<String> known = closure.parameters().stream()
                .map(parameter -> "`" + parameter.name() + "`")
                .toList();
        throw new Unsound(EvaluationErrors.noSuchArgument(closure.name(), name, known, node.span()));
    }
}
