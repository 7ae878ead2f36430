package app.logismos.sheet;

import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What a grid tabulates, so that its formulas follow when that changes. Values of the first variable stand in column A,
 * those of a second in the first row.
 *
 * @param grid whose first cell the references of the expressions count from
 * @param expression what is tabulated, without {@code =}
 * @param first the first variable: a name, or a reference to an input cell
 * @param written the formula as it stands in the grid, with {@link #FIRST} and {@link #SECOND} for the variables
 */
public record Tabulation(String grid, String expression, String first, Optional<String> second, String written) {
    /** Stands for the value of the first variable. */
    public static final String FIRST = "tabulated_first";

    /** Stands for the value of the second variable. */
    public static final String SECOND = "tabulated_second";

    /** The same, with references that count from another grid. */
    public Tabulation inGrid(String other) {
        return new Tabulation(other, expression, first, second, written);
    }

    Tabulation withExpressions(UnaryOperator<String> then) {
        return new Tabulation(grid, then.apply(expression), then.apply(first), second.map(then), then.apply(written));
    }
}
