package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.recalculate.SlidingRun;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Between;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Something that is asked for in one go. What it changes depends on the values of the worksheet as it is. */
public sealed interface Act {
    /**
     * The edits that do it.
     *
     * @throws EditRefused where it cannot be done, with the reason
     */
    List<Edit> edits(LiveWorksheet live);

    /**
     * The same with other spellings of what a person has typed in it.
     *
     * @param entry of what stands in a cell
     * @param expression of what stands in none
     */
    default Act withTexts(UnaryOperator<String> entry, UnaryOperator<String> expression) {
        return this;
    }

    /**
     * Goes on with cells down or to the right: formulas as if copied, values as the pattern that they show.
     *
     * @param area the cells to start from
     * @param into these and the cells to fill, below them or to the right of them
     */
    record Continue(String grid, Area area, Area into) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return Continuing.edits(this, live);
        }
    }

    /**
     * Goes on with the filled cells at the beginning of an area through all of it; where all of it is filled, along its
     * filled neighbours, or one cell further.
     *
     * @param axis {@code ROWS} to go down, {@code COLUMNS} to go right
     */
    record GoOn(String grid, Area area, Axis axis) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return Reach.of(this, live).edits(live);
        }
    }

    /**
     * Writes into empty cells the sums of the numbers next to them.
     *
     * @param area cells of one row for what stands above, of one column for what stands to the left; 1,000 at the most
     * @param axis {@code ROWS} for those above, {@code COLUMNS} for those to the left; above where there are some, if
     *     nothing is said
     */
    record AddUp(String grid, Area area, Optional<Axis> axis) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return List.of(AddingUp.edit(this, live));
        }
    }

    /**
     * Reads typed entries as another kind of value, as after pasting: {@code 01/12/2027} as a day, {@code 3,5} as a number,
     * {@code 1/2} as a text.
     */
    record ReadAs(String grid, Area area, Kind kind) implements Act {
        /** What entries are read as. */
        public enum Kind {
            NUMBERS("numbers"),
            DAY_FIRST("dates"),
            MONTH_FIRST("dates"),
            TEXT("texts");

            private final String says;

            Kind(String says) {
                this.says = says;
            }

            String says() {
                return says;
            }
        }

        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return List.of(ReadingAgain.edit(this, live));
        }
    }

    /**
     * Fixes the rows of ranges that slide off their table, in all cells that the formula was continued over.
     *
     * @param at one of the cells whose range has slid
     */
    record FixRanges(String grid, Address at) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            SlidingRun run = live.slidingRun(grid, at)
                    .orElseThrow(() -> new EditRefused("No range slides off its table in " + at + "."));
            Address first = run.cells().first();
            return List.of(
                    new Edit.Enter(grid, List.of(new Edit.Typed(first, run.first()))),
                    new Edit.CopyCells(grid, new Area(first, first), grid, run.cells()));
        }
    }

    /** Empties cells. */
    record Clear(String grid, Area area) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            List<Edit.Typed> typed = new ArrayList<>();
            live.worksheet()
                    .cells(grid)
                    .forEach(area, (column, row, cell) -> typed.add(new Edit.Typed(new Address(column, row), "")));
            if (typed.isEmpty()) {
                throw new EditRefused("There is nothing in " + area + " to clear.");
            }
            return List.of(new Edit.Enter(grid, typed));
        }
    }

    /**
     * Writes a series of evenly spaced numbers or dates.
     *
     * @param at its first cell
     * @param axis {@code ROWS} to go down, {@code COLUMNS} to go right
     * @param first the entry of the first value
     * @param step what is added from one to the next, as an entry
     * @param last the entry that it does not go beyond; nothing where {@code count} says how many
     * @param count how many values there are; nothing where {@code last} says where it ends
     */
    record Series(
            String grid,
            Address at,
            Axis axis,
            String first,
            String step,
            Optional<String> last,
            Optional<Integer> count)
            implements Act {
        @Override
        public Act withTexts(UnaryOperator<String> entry, UnaryOperator<String> expression) {
            return new Series(grid, at, axis, entry.apply(first), entry.apply(step), last.map(entry), count);
        }

        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return List.of(SeriesWriting.edit(this, live.worksheet().units()));
        }
    }

    /**
     * Fills a table from the formula in its first inner cell: where that refers to its own heading, each cell refers to
     * the headings of its row and its column.
     *
     * @param area the table with its top row and left column
     */
    record FillTable(String grid, Area area) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return TableFilling.edits(this, live);
        }
    }

    /**
     * Sorts rows by the values of a column: numbers before texts, empty cells last, like values in their order.
     *
     * @param area the rows, without headings; a single row stands for the table around it, whose headings and totals stay
     * @param by the column, from 0 in the grid
     */
    record Sort(
            String grid,
            Area area,
            @Between(most = Address.COLUMNS - 1) int by,
            boolean descending) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return List.of(Sorting.edit(this, live));
        }
    }

    /**
     * Hides the rows of a table whose cell in a column holds none of some things, and shows the others.
     *
     * @param row one of the table's rows, from 0; its headings and totals stay
     * @param column from 0 in the grid
     * @param holds values as entries spell them, {@code >10} and the like, or {@code =} for an empty cell
     * @param like rows, from 0, whose own values in the column are looked for; with none of either all rows are shown
     */
    record Filter(
            String grid,
            @Between(most = Address.ROWS - 1) int row,
            @Between(most = Address.COLUMNS - 1) int column,
            List<String> holds,
            List<Integer> like)
            implements Act {
        public Filter {
            holds = List.copyOf(holds);
            like = List.copyOf(like);
        }

        @Override
        public Act withTexts(UnaryOperator<String> entry, UnaryOperator<String> expression) {
            return new Filter(grid, row, column, holds.stream().map(entry).toList(), like);
        }

        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return List.of(Filtering.edit(this, live));
        }
    }

    /**
     * Puts another text in the place of one, in all entries that have it.
     *
     * @param grid where; everywhere, if nothing is said
     */
    record Replace(Optional<String> grid, String find, String with, boolean matchCase) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return Replacing.edits(this, live);
        }
    }

    /** Names cells by the texts to the left of them or above them. */
    record NameByLabels(String grid, Area area) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return NamingByLabels.edits(this, live);
        }
    }

    /**
     * Makes a grid of formulas: what an expression is worth for each value of a variable, or of two.
     *
     * @param section the id of the section that gets the grid, at its end
     * @param id of the new grid
     * @param grid whose first cell the references of the expression count from
     * @param expression without {@code =}; a name of, or reference to, a calculated cell tabulates that cell's formula
     */
    record Tabulate(
            String section,
            String id,
            String title,
            String grid,
            String expression,
            Variable first,
            Optional<Variable> second)
            implements Act {
        @Override
        public Act withTexts(UnaryOperator<String> entry, UnaryOperator<String> expression) {
            return new Tabulate(
                    section,
                    id,
                    title,
                    grid,
                    expression.apply(this.expression),
                    first.withTexts(entry, expression),
                    second.map(each -> each.withTexts(entry, expression)));
        }

        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return Tabulating.edits(this, live);
        }
    }

    /**
     * What is tabulated over.
     *
     * @param name of the expression, or a reference to a cell with an input
     * @param from the first value, as an entry
     * @param to the last value
     * @param step between values; nothing where {@code count} says how many
     * @param count how many values there are
     * @param cells references to the cells that hold the values, parted by commas, in the place of all these
     */
    record Variable(
            String name,
            String from,
            String to,
            Optional<String> step,

            Optional<Integer> count,

            Optional<String> cells) {
        Variable withTexts(UnaryOperator<String> entry, UnaryOperator<String> expression) {
            return new Variable(
                    name, entry.apply(from), entry.apply(to), step.map(entry), count, cells.map(expression));
        }
    }

    /**
     * Tabulates something else in a grid that tabulates.
     *
     * @param grid the id of that grid
     */
    record TabulateAnew(String grid, String expression) implements Act {
        @Override
        public Act withTexts(UnaryOperator<String> entry, UnaryOperator<String> expression) {
            return new TabulateAnew(grid, expression.apply(this.expression));
        }

        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return Tabulating.anew(this, live);
        }
    }

    /**
     * Puts the fit of a series into two grids: its coefficients, and the points with what is left of them.
     *
     * @param series its place among the series, from 0
     * @param id of the first new grid; the second's is made from it
     */
    record PutFit(String chart, int series, String id) implements Act {
        @Override
        public List<Edit> edits(LiveWorksheet live) {
            return FitWriting.edits(this, live);
        }
    }
}
