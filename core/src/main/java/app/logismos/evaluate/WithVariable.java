package app.logismos.evaluate;

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

/** A scope that binds one more name to a value. It hides a name of the worksheet with the same spelling. */
public record WithVariable(Scope scope, String variable, Value value) implements Scope {
    @Override
    public Value cell(CellReference reference, Address origin) {
        return scope.cell(reference, origin);
    }

    @Override
    public Value range(RangeReference reference, Address origin) {
        return scope.range(reference, origin);
    }

    @Override
    public Optional<RangeReference> meant(Name name) {
        return name.name().equalsIgnoreCase(variable) ? Optional.empty() : scope.meant(name);
    }

    @Override
    public Value name(Name name, Address origin) {
        return name.name().equalsIgnoreCase(variable) ? value : scope.name(name, origin);
    }

    @Override
    public int suppositions() {
        return scope.suppositions();
    }

    @Override
    public Scope supposing(Expression expression, List<Supposed> supposed, Address origin, Budget budget) {
        boolean isHidden = supposed.stream()
                .anyMatch(each ->
                        each.target() instanceof Name name && name.name().equalsIgnoreCase(variable));
        Scope below = scope.supposing(expression, supposed, origin, budget);
        return isHidden ? below : new WithVariable(below, variable, value);
    }

    @Override
    public Optional<String> holderOf(Real number, String typed) {
        return scope.holderOf(number, typed);
    }

    @Override
    public Set<Integer> hiddenRows(Optional<String> grid) {
        return scope.hiddenRows(grid);
    }

    @Override
    public List<String> grids() {
        return scope.grids();
    }

    @Override
    public Optional<String> ownGrid() {
        return scope.ownGrid();
    }

    @Override
    public Optional<String> formula(Optional<String> grid, Address cell) {
        return scope.formula(grid, cell);
    }

    @Override
    public Surroundings surroundings() {
        return scope.surroundings();
    }
}
