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
import java.util.function.Consumer;
import java.util.stream.Stream;

/** The children of each node, from left to right. */
public final class Walk implements Expression.Visitor<List<Expression>> {
    private static final Walk CHILDREN = new Walk();

    private Walk() {}

    /** The nodes directly below. */
    public static List<Expression> children(Expression node) {
        return node.accept(CHILDREN);
    }

    /** Visits the node and all below it, from left to right. */
    public static void visit(Expression node, Consumer<Expression> visitor) {
        visitor.accept(node);
        for (Expression child : children(node)) {
            visit(child, visitor);
        }
    }

    @Override
    public List<Expression> literal(Literal node) {
        return List.of();
    }

    @Override
    public List<Expression> group(Group node) {
        return List.of(node.inner());
    }

    @Override
    public List<Expression> prefix(Prefix node) {
        return List.of(node.operand());
    }

    @Override
    public List<Expression> postfix(Postfix node) {
        return List.of(node.operand());
    }

    @Override
    public List<Expression> superscript(Superscript node) {
        return List.of(node.base());
    }

    @Override
    public List<Expression> infix(Infix node) {
        return List.of(node.left(), node.right());
    }

    @Override
    public List<Expression> call(Call node) {
        return node.arguments().stream()
                .map(Argument::value)
                .flatMap(Optional::stream)
                .toList();
    }

    @Override
    public List<Expression> application(Application node) {
        return Stream.concat(
                        Stream.of(node.function()),
                        node.arguments().stream().map(Argument::value).flatMap(Optional::stream))
                .toList();
    }

    @Override
    public List<Expression> definition(Definition node) {
        return Stream.concat(
                        node.parameters().stream().map(Parameter::usual).flatMap(Optional::stream),
                        Stream.of(node.rule()))
                .toList();
    }

    @Override
    public List<Expression> cell(CellReference node) {
        return List.of();
    }

    @Override
    public List<Expression> range(RangeReference node) {
        return List.of();
    }

    @Override
    public List<Expression> name(Name node) {
        return List.of();
    }

    @Override
    public List<Expression> variable(Variable node) {
        return List.of();
    }

    @Override
    public List<Expression> constant(Constant node) {
        return List.of();
    }

    @Override
    public List<Expression> table(TableLiteral node) {
        return node.rows().stream().flatMap(List::stream).toList();
    }

    @Override
    public List<Expression> withUnit(WithUnit node) {
        return List.of(node.operand());
    }

    @Override
    public List<Expression> conversion(Conversion node) {
        return List.of(node.operand());
    }
}
