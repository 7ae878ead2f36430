package app.logismos.evaluate;

import app.logismos.algebra.Form;
import app.logismos.catalogue.Catalogue;
import app.logismos.display.Typeset;
import app.logismos.formula.Address;
import app.logismos.formula.Binding;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Parameter;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.LatexPrinter;
import app.logismos.formula.Parser;
import app.logismos.formula.Printer;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Walk;
import app.logismos.value.Algebraic;
import app.logismos.value.ArrayTable;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.OwnFunction;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A function of one's own with the values of all cells and names that its rule refers to, so that it is another value when
 * one of these is. What names nothing stays in the rule, and is looked for where the function is called.
 */
final class Closure implements OwnFunction.Made {
    private final Definition definition;
    private final Address origin;

    /** What the rule refers to, as it is written, with its value. */
    private final Map<String, Value> known;

    private final List<Optional<Value>> usual;
    private final Expression rule;

    private Closure(Definition definition, Evaluator evaluator) {
        this.definition = definition;
        this.origin = evaluator.origin();
        this.known = new LinkedHashMap<>();
        this.usual = definition.parameters().stream()
                .map(parameter -> parameter.usual().map(evaluator::value))
                .toList();
        this.rule = definition.rule().accept(new Rewriting((node, parent) -> {
            Value value = worth(node, evaluator);
            return value == null ? null : written(value, node.span());
        }));
    }

    /** An expression that a cell holds is taken as a rule: its letters are the parameters that are called so. */
    private Expression written(Value value, Span place) {
        if (!(value instanceof Algebraic found)
                || parameters().stream().noneMatch(each -> found.form().has(new Form.Letter(each.name())))
                || !(Parser.parse(found.form().text(), 0, origin, Words.STANDARD)
                        instanceof Parser.Outcome.Parsed parsed)) {
            return new Literal(value, "", place);
        }
        Expression rule = parsed.expression();
        for (Parameter parameter : parameters()) {
            rule = Binding.in(rule, new Variable(parameter.name(), place));
        }
        return new Group(rule, place);
    }

    static Value of(Definition definition, Evaluator evaluator) {
        Closure closure = new Closure(definition, evaluator);
        return closure.usual.stream()
                .flatMap(Optional::stream)
                .filter(Failure.class::isInstance)
                .findFirst()
                .orElseGet(() -> new OwnFunction(closure));
    }

    /** The value of a cell, a range or a name, or of a call that asks where cells stand; null for other nodes. */
    private @Nullable Value worth(Expression node, Evaluator evaluator) {
        boolean isReference = node instanceof CellReference || node instanceof RangeReference || node instanceof Name;
        if (!isReference && !asksForPlaces(node)) {
            return null;
        }
        String written = Printer.text(node, origin);
        Value before = known.get(written);
        if (before != null) {
            return before;
        }
        Value value = evaluator.value(node);
        if (value instanceof Failure failure && failure.code() == ErrorCode.UNKNOWN_NAME && isReference) {
            return null;
        }
        Value kept = value instanceof Table table ? copied(table, evaluator, node.span()) : value;
        known.put(written, evaluator.held(kept));
        return kept;
    }

    private static boolean asksForPlaces(Expression node) {
        boolean asks = node instanceof Call call
                && Catalogue.STANDARD
                        .function(call.function())
                        .filter(function -> function.isReference() || function.asksForPlaces())
                        .isPresent();
        boolean[] isBound = {false};
        if (asks) {
            Walk.visit(node, each -> isBound[0] |= each instanceof Variable);
        }
        return asks && !isBound[0];
    }

    /** A range is a view of its cells, which change. */
    private static Value copied(Table table, Evaluator evaluator, Span place) {
        long size = (long) table.rows() * table.columns();
        if (size > evaluator.limits().tableCells()) {
            return EvaluationErrors.tableTooLarge(size, evaluator.limits().tableCells(), place);
        }
        return ArrayTable.copyOf(table);
    }

    String name() {
        return definition.name();
    }

    List<Parameter> parameters() {
        return definition.parameters();
    }

    /** The value of a parameter where a call gives none. */
    Optional<Value> usual(int parameter) {
        return usual.get(parameter);
    }

    /** The rule, in which only parameters and unknown words have no value. */
    Expression rule() {
        return rule;
    }

    /** The rule as it was typed. */
    Expression typedRule() {
        return definition.rule();
    }

    /** What a part of the typed rule stands for, where it refers to something. */
    Optional<Value> known(Expression node) {
        return Optional.ofNullable(known.get(Printer.text(node, origin)));
    }

    /** A failure inside the rule, as the call has it. */
    Failure failed(Failure inside, Span call) {
        String says = inside.cause().isPresent() ? inside.message() : "In `" + name() + "`: " + inside.message();
        return new Failure(inside.code(), says, Optional.of(call), List.of(), inside.cause(), inside.home());
    }

    @Override
    public String text() {
        return Printer.text(definition, origin);
    }

    @Override
    public String latex() {
        return LatexPrinter.latex(definition, origin, Typeset::latex);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Closure closure
                && definition.equals(closure.definition)
                && origin.equals(closure.origin)
                && known.equals(closure.known)
                && usual.equals(closure.usual);
    }

    /** The values may themselves be functions, many deep, so they are left out. */
    @Override
    public int hashCode() {
        return definition.name().hashCode();
    }
}
