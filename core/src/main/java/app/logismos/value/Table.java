package app.logismos.value;

import app.logismos.number.Cancellable;
import java.util.function.Consumer;

/** Rows × columns of single values; at least one of each. */
public non-sealed interface Table extends Value {
    /** How many rows, 1 or more. */
    int rows();

    /** How many columns, 1 or more. */
    int columns();

    /**
     * The value at a place; never a table.
     *
     * @param row from 0
     * @param column from 0
     */
    Value at(int row, int column);

    /** Visits the values that are not blank, row by row; a table that is mostly empty makes this cheap. */
    default void forEachFilled(Consumer<Value> visitor) {
        for (int row = 0; row < rows(); row++) {
            for (int column = 0; column < columns(); column++) {
                Cancellable.tick();
                Value value = at(row, column);
                if (value != Blank.BLANK) {
                    visitor.accept(value);
                }
            }
        }
    }

    /** What a fold gathers, in the order of {@link #forEachFilled}. */
    default <A> A fold(Fold<A> fold) {
        Object[] gathered = {fold.start()};
        forEachFilled(value -> gathered[0] = fold.add().apply(gathered(gathered), value));
        return gathered(gathered);
    }

    @SuppressWarnings("unchecked")
    private static <A> A gathered(Object[] holder) {
        return (A) holder[0];
    }

    @Override
    default Kind kind() {
        return Kind.TABLE;
    }

    @Override
    default <R> R accept(Visitor<R> visitor) {
        return visitor.table(this);
    }
}
