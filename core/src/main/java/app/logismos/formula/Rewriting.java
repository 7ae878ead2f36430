package app.logismos.formula;

import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Parameter;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** A copy of a tree in which some nodes are replaced; what has not changed is shared. */
public final class Rewriting implements Expression.Visitor<Expression> {
    private final BiFunction<Expression, Optional<Expression>, @Nullable Expression> replacement;
    private Optional<Expression> parent = Optional.empty();

    /**
     * A rewriting.
     *
     * @param replacement from a node and its parent to what stands in its place, or null to keep it
     */
    public Rewriting(BiFunction<Expression, Optional<Expression>, @Nullable Expression> replacement) {
        this.replacement = replacement;
    }

    private Expression below(Expression child, Expression node) {
        Optional<Expression> outer = parent;
        parent = Optional.of(node);
        Expression rewritten = child.accept(this);
        parent = outer;
        return rewritten;
    }

    private @Nullable Expression instead(Expression node) {
        return replacement.apply(node, parent);
    }

    private Expression leaf(Expression node) {
        Expression other = instead(node);
        return other == null ? node : other;
    }

    @Override
    public Expression literal(Literal node) {
        return leaf(node);
    }

    @Override
    public Expression group(Group node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression inner = below(node.inner(), node);
        return inner == node.inner() ? node : new Group(inner, node.span());
    }

    @Override
    public Expression prefix(Prefix node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression operand = below(node.operand(), node);
        return operand == node.operand() ? node : new Prefix(node.operator(), operand, node.span());
    }

    @Override
    public Expression postfix(Postfix node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression operand = below(node.operand(), node);
        return operand == node.operand() ? node : new Postfix(node.operator(), operand, node.span());
    }

    @Override
    public Expression superscript(Superscript node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression base = below(node.base(), node);
        return base == node.base() ? node : new Superscript(base, node.exponent(), node.span());
    }

    @Override
    public Expression infix(Infix node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression left = below(node.left(), node);
        Expression right = below(node.right(), node);
        return left == node.left() && right == node.right()
                ? node
                : new Infix(node.operator(), left, right, node.sign());
    }

    @Override
    public Expression call(Call node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        return new Call(node.function(), arguments(node.arguments(), node), node.nameSpan(), node.span());
    }

    private List<Argument> arguments(List<Argument> arguments, Expression node) {
        return arguments.stream()
                .map(argument -> new Argument(argument.name(), argument.value().map(value -> below(value, node))))
                .toList();
    }

    @Override
    public Expression application(Application node) {
        Expression other = instead(node);
        return other == null
                ? new Application(below(node.function(), node), arguments(node.arguments(), node), node.span())
                : other;
    }

    @Override
    public Expression definition(Definition node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        List<Parameter> parameters = node.parameters().stream()
                .map(each -> new Parameter(each.name(), each.usual().map(usual -> below(usual, node))))
                .toList();
        return new Definition(node.name(), parameters, below(node.rule(), node), node.span());
    }

    @Override
    public Expression cell(CellReference node) {
        return leaf(node);
    }

    @Override
    public Expression range(RangeReference node) {
        return leaf(node);
    }

    @Override
    public Expression name(Name node) {
        return leaf(node);
    }

    @Override
    public Expression variable(Variable node) {
        return leaf(node);
    }

    @Override
    public Expression constant(Constant node) {
        return leaf(node);
    }

    @Override
    public Expression table(TableLiteral node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        return new TableLiteral(
                node.rows().stream()
                        .map(row -> row.stream().map(each -> below(each, node)).toList())
                        .toList(),
                node.span());
    }

    @Override
    public Expression withUnit(WithUnit node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression operand = below(node.operand(), node);
        return operand == node.operand() ? node : new WithUnit(operand, node.unit(), node.source(), node.span());
    }

    @Override
    public Expression conversion(Conversion node) {
        Expression other = instead(node);
        if (other != null) {
            return other;
        }
        Expression operand = below(node.operand(), node);
        return operand == node.operand()
                ? node
                : new Conversion(operand, node.unit(), node.source(), node.sign(), node.unitSpan());
    }
}
