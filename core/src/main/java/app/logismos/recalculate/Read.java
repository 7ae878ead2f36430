package app.logismos.recalculate;

import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Supposing;
import app.logismos.formula.Walk;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** The references of a formula whose values are read. In {@code rownumber(B2)} only the place of {@code B2} is used. */
final class Read {
    private Read() {}

    /** Visits the node and all below it that are read, from left to right. */
    static void visit(Expression node, Consumer<Expression> visitor) {
        visitor.accept(node);
        if (node instanceof Call call && Supposing.is(call.function())) {
            for (int i = 0; i < call.arguments().size(); i++) {
                if (!Supposing.isSupposed(i)) {
                    call.arguments().get(i).value().ifPresent(each -> visit(each, visitor));
                }
            }
            return;
        }
        Optional<Function> function = node instanceof Call call
                ? Catalogue.STANDARD.function(call.function()).filter(Function::asksForPlaces)
                : Optional.empty();
        if (function.isEmpty()) {
            Walk.children(node).forEach(child -> visit(child, visitor));
            return;
        }
        List<Argument> arguments = ((Call) node).arguments();
        for (int i = 0; i < arguments.size(); i++) {
            Optional<Expression> value = arguments.get(i).value();
            boolean isPlace = parameter(function.get(), arguments.get(i), i).accepts() == Parameter.Accepts.REFERENCE
                    && value.filter(Read::isReference).isPresent();
            if (!isPlace) {
                value.ifPresent(each -> visit(each, visitor));
            }
        }
    }

    private static boolean isReference(Expression node) {
        return node instanceof CellReference || node instanceof RangeReference || node instanceof Name;
    }

    private static Parameter parameter(Function function, Argument argument, int index) {
        List<Parameter> all = function.parameters();
        return all.stream()
                .filter(each ->
                        argument.name().filter(each.name()::equalsIgnoreCase).isPresent())
                .findFirst()
                .orElse(all.get(Math.min(index, all.size() - 1)));
    }
}
