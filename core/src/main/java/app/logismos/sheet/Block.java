package app.logismos.sheet;

import app.logismos.formula.Address;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** What a section holds. Immutable; a change makes a new one with the same id. */
public sealed interface Block permits Block.Grid, Block.Note, Chart {
    /** Its own in the worksheet, and never given to another. */
    String id();

    /** Whether it stands beside the block before it, where there is room, and not under it. */
    boolean beside();

    /** The grid whose first cell references in its expressions count from; nothing where it has no expressions. */
    default Optional<String> expressionsIn() {
        return Optional.empty();
    }

    /** Dispatches on the kind. For a new kind of block the compiler names every place to change. */
    <R> R match(Function<Grid, R> grid, Function<Note, R> note, Function<Chart, R> chart);

    /** The same block with other spellings of its expressions, which stand in no cell. */
    default Block withExpressions(UnaryOperator<String> then) {
        return this;
    }

    /** The same block with other spellings of the entries it has besides, which stand in no cell: ends of axes. */
    default Block withEntries(UnaryOperator<String> then) {
        return this;
    }

    /**
     * A grid of cells; its entries are kept by the worksheet.
     *
     * @param title what references from other grids call it; its own in the worksheet
     * @param headings how many rows at the top are headings
     * @param widths of columns that are not of the usual width, in pixels at 100 %, by column from 0
     * @param styles number styles, as {@code display} reads them, by what they are for: a cell {@code B3}, a column {@code
     *     B}, or the whole grid, the empty text; the nearest wins
     * @param remarks what people have written about cells, by address
     * @param hiddenRows rows that are not shown, from 0
     * @param hiddenColumns columns that are not shown, from 0
     * @param tabulation what it tabulates, if anything
     */
    @RecordBuilder
    record Grid(
            String id,
            String title,
            @Between(least = 1, most = Address.ROWS) int rows,
            @Between(least = 1, most = Address.COLUMNS) int columns,
            @Between(most = Address.ROWS) int headings,
            Map<Integer, Integer> widths,
            Map<String, String> styles,
            Map<String, String> remarks,
            Set<Integer> hiddenRows,
            Set<Integer> hiddenColumns,
            boolean beside,
            Optional<Tabulation> tabulation)
            implements Block, BlockGridBuilder.With {
        public Grid {
            widths = Map.copyOf(widths);
            styles = Map.copyOf(styles);
            remarks = Map.copyOf(remarks);
            hiddenRows = Set.copyOf(hiddenRows);
            hiddenColumns = Set.copyOf(hiddenColumns);
            if (rows < 1 || columns < 1) {
                throw new IllegalArgumentException("a grid must have a cell, was " + rows + " × " + columns);
            }
        }

        /** A grid of the usual look. */
        public static Grid of(String id, String title, int rows, int columns) {
            return new Grid(
                    id,
                    title,
                    rows,
                    columns,
                    0,
                    Map.of(),
                    Map.of(),
                    Map.of(),
                    Set.of(),
                    Set.of(),
                    false,
                    Optional.empty());
        }

        /** The number style of a cell; empty where it has none. */
        public String style(Address cell) {
            String column = styles.getOrDefault(Address.letters(cell.column()), styles.getOrDefault("", ""));
            return styles.getOrDefault(cell.toString(), column);
        }

        /** The same grid, large enough for a cell. */
        public Grid including(int column, int row) {
            boolean isIn = row < rows && column < columns;
            return isIn ? this : withSize(Math.max(rows, row + 1), Math.max(columns, column + 1));
        }

        /** The same grid with another size. */
        public Grid withSize(int otherRows, int otherColumns) {
            return with(to -> to.rows(otherRows).columns(otherColumns));
        }

        @Override
        public Optional<String> expressionsIn() {
            return tabulation.map(Tabulation::grid);
        }

        @Override
        public Grid withExpressions(UnaryOperator<String> then) {
            return withTabulation(tabulation.map(each -> each.withExpressions(then)));
        }

        /** The same grid with other lines hidden. */
        public Grid withHidden(Set<Integer> otherRows, Set<Integer> otherColumns) {
            return with(to -> to.hiddenRows(otherRows).hiddenColumns(otherColumns));
        }

        @Override
        public <R> R match(Function<Grid, R> grid, Function<Note, R> note, Function<Chart, R> chart) {
            return grid.apply(this);
        }
    }

    /** A text between the grids, with the marks of Markdown and formulas between dollar signs. */
    record Note(String id, String text, boolean beside) implements Block {
        @Override
        public <R> R match(Function<Grid, R> grid, Function<Note, R> note, Function<Chart, R> chart) {
            return note.apply(this);
        }
    }
}
