package app.logismos.recalculate;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Coordinate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What all cells with the same formula refer to, in terms of their own place: worked out once and not for each cell.
 *
 * @param singles references to one cell
 * @param blocks references to ranges
 */
record Plan(Single[] singles, Block[] blocks) {
    /** Stands for a cell outside the grid. */
    static final long NOWHERE = -1;

    static final Plan NOTHING = of(List.of(), List.of());

    static Plan of(List<Single> singles, List<Block> blocks) {
        return new Plan(singles.toArray(Single[]::new), blocks.toArray(Block[]::new));
    }

    /** With the blocks of another. */
    Plan and(Plan other) {
        Block[] both = Arrays.copyOf(blocks, blocks.length + other.blocks.length);
        System.arraycopy(other.blocks, 0, both, blocks.length, other.blocks.length);
        return new Plan(singles, both);
    }

    /** A reference to one cell of a grid. */
    record Single(int grid, Coordinate column, Coordinate row) {
        /** The key of the cell meant by a formula at a place. */
        long from(int atColumn, int atRow) {
            int c = column.from(atColumn);
            int r = row.from(atRow);
            return Address.isInside(c, r) ? CellKey.of(grid, c, r) : NOWHERE;
        }
    }

    /** A reference to a rectangle of a grid. */
    record Block(int grid, Coordinate left, Coordinate top, Coordinate right, Coordinate bottom) {
        /** The cells meant by a formula at a place; null where they lie outside the grid. */
        @Nullable
        Area from(int atColumn, int atRow) {
            int l = left.from(atColumn);
            int r = right.from(atColumn);
            int t = top.from(atRow);
            int b = bottom.from(atRow);
            return Address.isInside(l, t) && Address.isInside(r, b)
                    ? Area.between(new Address(l, t), new Address(r, b))
                    : null;
        }
    }
}
