package app.logismos.evaluate;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.function.Surroundings;
import app.logismos.number.Real;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Resolves the references and names of an expression to values. */
public interface Scope {
    /** The value of a cell, or a failure that says why there is none, or for which cell this one waits. */
    Value cell(CellReference reference, Address origin);

    /** The values of a range, or a failure. */
    Value range(RangeReference reference, Address origin);

    /** The values of cells that a calculation has found out to refer to, or a failure. */
    default Value found(RangeReference reference, Address origin) {
        return range(reference, origin);
    }

    /** The cells that a name stands for; nothing where it stands for something else. */
    default Optional<RangeReference> meant(Name name) {
        return Optional.empty();
    }

    /** What a name stands for, or a failure. */
    Value name(Name name, Address origin);

    /**
     * A name or cell that is supposed to have another value.
     *
     * @param target a name, a cell or a range
     */
    record Supposed(Expression target, Value value) {}

    /** How many suppositions this scope lies in, one inside the other. */
    default int suppositions() {
        return 0;
    }

    /**
     * This scope as it would be if names and cells had other values.
     *
     * @param expression what will be worked out in it, in the cell {@code origin}
     * @param budget the time that working out the cells between has
     */
    default Scope supposing(Expression expression, List<Supposed> supposed, Address origin, Budget budget) {
        Scope scope = this;
        for (Supposed each : supposed) {
            if (each.target() instanceof Name name) {
                scope = new WithVariable(scope, name.name(), each.value());
            }
        }
        return scope;
    }

    /**
     * How a cell is called that holds this number, or shows it so.
     *
     * @param typed the number as it is typed
     */
    Optional<String> holderOf(Real number, String typed);

    /** Whether a reference or name means one cell with a number that was typed in percent. */
    default boolean isTypedInPercent(Expression reference, Address origin) {
        return false;
    }

    /** The rows, from 0, that a grid does not show; its title, or nothing for the formula's own. */
    default Set<Integer> hiddenRows(Optional<String> grid) {
        return Set.of();
    }

    /** The titles of all grids in their order; none outside of a worksheet. */
    default List<String> grids() {
        return List.of();
    }

    /** The title of the formula's own grid; nothing outside of a worksheet. */
    default Optional<String> ownGrid() {
        return Optional.empty();
    }

    /** The formula in a cell as it was typed; nothing where there is none. The grid's title, or nothing for the formula's own. */
    default Optional<String> formula(Optional<String> grid, Address cell) {
        return Optional.empty();
    }

    /** How values are shown where nothing is said about their style; what is joined to a text is shown so. */
    default Display display() {
        return Display.AUTOMATIC;
    }

    /** Settings that calculations here depend on. */
    Surroundings surroundings();
}
