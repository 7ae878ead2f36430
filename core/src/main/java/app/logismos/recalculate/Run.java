package app.logismos.recalculate;

import java.util.function.LongConsumer;

/**
 * Cells below each other that repeat one formula.
 *
 * @param top the key of the first
 * @param last the row of the last
 * @param plan what the formula refers to
 * @param way in which direction they are to be worked out
 */
record Run(long top, int last, Plan plan, Way way) {
    enum Way {
        /** None of the cells refers to another of them. */
        EITHER,
        DOWN,
        UP,
        /** Neither direction has each cell after those it refers to. */
        NONE;

        Way and(Way other) {
            return this == EITHER || this == other ? other : other == EITHER ? this : NONE;
        }
    }

    int grid() {
        return CellKey.grid(top);
    }

    int column() {
        return CellKey.column(top);
    }

    int first() {
        return CellKey.row(top);
    }

    int length() {
        return last - first() + 1;
    }

    Run inOrder(Way found) {
        return new Run(top, last, plan, found);
    }

    /** Visits the cells, each after those of them that it refers to. */
    void forEach(LongConsumer visitor) {
        for (int i = 0; i < length(); i++) {
            visitor.accept(way == Way.UP ? top + length() - 1 - i : top + i);
        }
    }
}
