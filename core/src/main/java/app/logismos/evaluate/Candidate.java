package app.logismos.evaluate;

import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.Walk;
import app.logismos.function.Function;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A subexpression that could be reduced next, with the keys that order candidates.
 *
 * @param node what is replaced: with its brackets, where it is all they hold
 * @param depth how many brackets and calls are around it
 * @param level how tightly it binds
 */
record Candidate(Expression node, int depth, int level, Rule rule) {
    private static final int TIGHTEST = 9;
    private static final int SIGN = 6;
    private static final int BEHIND = 8;

    /** The part to work next; nothing where the expression is a value. */
    static Optional<Candidate> next(Expression root) {
        List<Candidate> ready = new ArrayList<>();
        collect(root, Optional.empty(), Optional.empty(), 0, ready);
        return ready.stream().max(Comparator.comparingInt(Candidate::depth).thenComparingInt(Candidate::level));
    }

    /** Visits from the left: among equals the first that is met is taken. */
    private static void collect(
            Expression node, Optional<Expression> parent, Optional<Group> brackets, int depth, List<Candidate> ready) {
        if (Working.isValue(node)) {
            return;
        }
        if (!(node instanceof Group) && Working.isReady(node)) {
            Expression replaced = brackets.<Expression>map(group -> group).orElse(node);
            ready.add(new Candidate(replaced, depth, level(node), rule(node, parent, brackets.isPresent())));
            return;
        }
        boolean opens = node instanceof Group || isCall(node) || node instanceof TableLiteral;
        for (Expression child : eager(node)) {
            Optional<Group> around = node instanceof Group group ? Optional.of(group) : Optional.empty();
            collect(child, Optional.of(node), around, opens ? depth + 1 : depth, ready);
        }
    }

    private static List<Expression> eager(Expression node) {
        if (node instanceof Application application) {
            return application.arguments().stream()
                    .flatMap(argument -> argument.value().stream())
                    .toList();
        }
        if (!(node instanceof Call call)) {
            return Walk.children(node);
        }
        Function function = Catalogue.STANDARD.function(call.function()).orElseThrow();
        List<Expression> eager = new ArrayList<>();
        for (int i = 0; i < call.arguments().size(); i++) {
            if (!Working.isUnworked(function, call, i)) {
                call.arguments().get(i).value().ifPresent(eager::add);
            }
        }
        return eager;
    }

    private static boolean isCall(Expression node) {
        return node instanceof Call || node instanceof Application;
    }

    private static int level(Expression node) {
        if (node instanceof Infix infix) {
            return infix.operator().level();
        }
        if (node instanceof Prefix prefix && prefix.operator() != PrefixOperator.ROOT) {
            return SIGN;
        }
        return node instanceof Postfix || node instanceof Superscript ? BEHIND : TIGHTEST;
    }

    private static Rule rule(Expression node, Optional<Expression> parent, boolean inBrackets) {
        if (inBrackets) {
            return Rule.BRACKETS_FIRST;
        }
        if (isCall(node)) {
            return Rule.FUNCTION;
        }
        if (node instanceof Conversion) {
            return Rule.UNIT_CONVERSION;
        }
        if (node instanceof Postfix postfix) {
            return switch (postfix.operator()) {
                case FACTORIAL, DOUBLE_FACTORIAL -> Rule.FACTORIAL;
                case PERCENT -> Rule.PERCENT;
                case DEGREE -> Rule.DEGREES;
            };
        }
        if (node instanceof Prefix prefix) {
            return prefix.operator() == PrefixOperator.ROOT ? Rule.ROOT : Rule.SIGN;
        }
        return parent.map(outer -> ruleAgainst(node, outer)).orElse(Rule.LAST_OPERATION);
    }

    /** The rule that puts this operation before the one around it. */
    private static Rule ruleAgainst(Expression node, Expression outer) {
        if (isCall(outer)) {
            return Rule.ARGUMENTS_FIRST;
        }
        if (outer instanceof Postfix) {
            return Rule.LEFT_TO_RIGHT;
        }
        if (outer instanceof Conversion) {
            return Rule.CALCULATE_BEFORE_CONVERTING;
        }
        if (outer instanceof TableLiteral) {
            return Rule.TABLE;
        }
        boolean isPower =
                node instanceof Superscript || node instanceof Infix infix && infix.operator() == InfixOperator.POWER;
        if (outer instanceof Prefix prefix) {
            return isPower && prefix.operator() != PrefixOperator.ROOT
                    ? Rule.POWERS_BEFORE_SIGN
                    : Rule.SIGNS_BEHIND_FIRST;
        }
        if (!(outer instanceof Infix around)) {
            return Rule.LAST_OPERATION;
        }
        int level = around.operator().level();
        if (level == InfixOperator.EQUAL.level()) {
            return Rule.CALCULATE_BEFORE_COMPARING;
        }
        if (level == InfixOperator.JOIN.level()) {
            return Rule.CALCULATE_BEFORE_JOINING;
        }
        if (isPower) {
            return level == InfixOperator.POWER.level()
                    ? Rule.POWERS_FROM_THE_RIGHT
                    : Rule.POWERS_BEFORE_MULTIPLY_DIVIDE;
        }
        return level(node) > level ? Rule.MULTIPLY_DIVIDE_BEFORE_ADD_SUBTRACT : Rule.LEFT_TO_RIGHT;
    }
}
