package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.List;
import java.util.Map;

/** What a section holds. Immutable; a change makes a new one with the same id. */
public sealed interface Block {
    /** Its own in the worksheet, and never given to another. */
    String id();

    /**
     * A grid of cells; its entries are kept by the worksheet.
     *
     * @param title what references from other grids call it; its own in the worksheet
     * @param headings how many rows at the top are headings
     * @param widths of columns that are not of the usual width, in pixels at 100 %, by column from 0
     * @param styles number styles, as {@code display} reads them, by what they are for: a cell {@code B3}, a column {@code
     *     B}, or the whole grid, the empty text; the nearest wins
     */
    record Grid(
            String id,
            String title,
            int rows,
            int columns,
            int headings,
            Map<Integer, Integer> widths,
            Map<String, String> styles)
            implements Block {
        public Grid {
            widths = Map.copyOf(widths);
            styles = Map.copyOf(styles);
            if (rows < 1 || columns < 1) {
                throw new IllegalArgumentException("a grid must have a cell, was " + rows + " × " + columns);
            }
        }

        /** The number style of a cell; empty where it has none. */
        public String style(Address cell) {
            String column = styles.getOrDefault(Address.letters(cell.column()), styles.getOrDefault("", ""));
            return styles.getOrDefault(cell.toString(), column);
        }

        /** The same grid, large enough for a cell. */
        public Grid including(int column, int row) {
            return new Grid(
                    id, title, Math.max(rows, row + 1), Math.max(columns, column + 1), headings, widths, styles);
        }
    }

    /**
     * A chart over columns of a grid.
     *
     * @param grid the id of the grid
     * @param across the cells along the horizontal axis
     * @param series the cells of each series, with its heading where the grid has headings
     */
    record Chart(
            String id,
            String title,
            String grid,
            Area across,
            List<Series> series,
            String acrossTitle,
            String upTitle,
            boolean legend)
            implements Block {
        public Chart {
            series = List.copyOf(series);
        }
    }

    /** One series of a chart and how it is drawn. */
    record Series(Area cells, Shape shape) {}

    /** How a series is drawn. */
    enum Shape {
        POINTS,
        LINE,
        POINTS_AND_LINE
    }

    /** A paragraph between the grids. */
    record Note(String id, String text) implements Block {}
}
