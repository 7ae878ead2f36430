package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** A change of a worksheet as a value. Applying it answers with the edits that take it back. */
public sealed interface Edit {
    /**
     * Makes the change.
     *
     * @return the edits that undo it, in the order in which they are to be applied
     * @throws EditRefused where it does not fit; then nothing has changed
     */
    List<Edit> apply(Worksheet worksheet);

    /** Dispatches on the kind. For a new kind of edit the compiler names every place to change. */
    <R> R accept(Visitor<R> visitor);

    /**
     * The same edit with other spellings of what a person has typed in it.
     *
     * @param entry of what stands in a cell
     * @param block of what a block says
     */
    default Edit withTexts(UnaryOperator<String> entry, UnaryOperator<Block> block) {
        return this;
    }

    /** Whether cells may stand elsewhere afterwards, or be written that the edit does not list. */
    default boolean movesCells() {
        return this instanceof Restructure || this instanceof CopyCells || this instanceof Rename;
    }

    /** Types into cells of a grid, which grows where it must. */
    record Enter(String grid, List<Typed> cells) implements Edit {
        public Enter {
            cells = List.copyOf(cells);
        }

        /** As many as it takes, each within what one command may write; none where nothing is typed. */
        public static List<Enter> inParts(String grid, List<Typed> cells) {
            int most = (int) Room.MOST_CELLS;
            return IntStream.range(0, (cells.size() + most - 1) / most)
                    .mapToObj(part ->
                            new Enter(grid, cells.subList(part * most, Math.min(cells.size(), (part + 1) * most))))
                    .toList();
        }

        @Override
        public Edit withTexts(UnaryOperator<String> entry, UnaryOperator<Block> block) {
            return new Enter(
                    grid,
                    cells.stream()
                            .map(typed -> new Typed(typed.cell(), entry.apply(typed.text())))
                            .toList());
        }

        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.enter(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.enter(this);
        }
    }

    /**
     * The entry of one cell.
     *
     * @param text empty to clear the cell
     */
    record Typed(Address cell, String text) {}

    /** Gives cells a name, or with no target takes the name away. */
    record Define(String name, Optional<Place> target) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.define(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.define(this);
        }
    }

    /** Cells of a grid. */
    record Place(String grid, Area area) {}

    /** Changes the worksheet's title. */
    record Retitle(String title) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.retitle(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.retitle(this);
        }
    }

    /**
     * Puts a section in.
     *
     * @param at its place among the sections, from 0
     */
    record AddSection(Section section, int at) implements Edit {
        @Override
        public Edit withTexts(UnaryOperator<String> entry, UnaryOperator<Block> block) {
            return new AddSection(
                    section.withBlocks(section.blocks().stream().map(block).toList()), at);
        }

        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.add(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.addSection(this);
        }
    }

    /** Takes out a section that holds no block any more. */
    record RemoveSection(String section) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.outline().remove(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.removeSection(this);
        }
    }

    /**
     * Moves a section with all it holds.
     *
     * @param at its place among the others afterwards, from 0
     */
    record MoveSection(String section, int at) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.outline().move(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.moveSection(this);
        }
    }

    /** Changes a section's heading, folds it, or makes it a part of the one above. */
    record ChangeSection(String section, String title, boolean folded, boolean isPart) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.outline().change(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.changeSection(this);
        }
    }

    /**
     * Puts a block into a section.
     *
     * @param at its place among the section's blocks, from 0
     */
    record AddBlock(String section, Block block, int at) implements Edit {
        @Override
        public Edit withTexts(UnaryOperator<String> entry, UnaryOperator<Block> block) {
            return new AddBlock(section, block.apply(this.block), at);
        }

        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.add(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.addBlock(this);
        }
    }

    /**
     * Moves a block, within its section or to another.
     *
     * @param at its place among the other blocks of that section afterwards, from 0
     */
    record MoveBlock(String block, String section, int at) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.outline().move(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.moveBlock(this);
        }
    }

    /** Takes a block out, a grid with its entries and names. */
    record RemoveBlock(String block) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.removeBlock(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.removeBlock(this);
        }
    }

    /** Puts a block in the place of the one with the same id. References follow a grid's new title. */
    record ChangeBlock(Block block) implements Edit {
        @Override
        public Edit withTexts(UnaryOperator<String> entry, UnaryOperator<Block> block) {
            return new ChangeBlock(block.apply(this.block));
        }

        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.changeBlock(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.changeBlock(this);
        }
    }

    /** An edit after which cells are elsewhere, and what refers to them follows. */
    sealed interface Restructure extends Edit {
        /** Where the cells go. */
        Displacement displacement();

        @Override
        default List<Edit> apply(Worksheet worksheet) {
            return worksheet.restructure(this);
        }
    }

    /**
     * Puts empty rows or columns in.
     *
     * @param at the line before which they are put, from 0
     */
    record InsertLines(
            String grid,
            Axis axis,
            @Between(most = Address.ROWS) int at,
            @Between(least = 1, most = Address.ROWS) int count)
            implements Restructure {
        @Override
        public Displacement displacement() {
            return new Displacement.Inserted(grid, axis, at, count);
        }

        /** The line behind those that were put in; nothing where the grid can have none. */
        public Optional<Area> behind() {
            int line = at + count;
            Area all = new Area(Address.FIRST, new Address(Address.COLUMNS - 1, Address.ROWS - 1));
            return line < axis.most() ? Optional.of(axis.with(all, line, line)) : Optional.empty();
        }

        /** Whether cells that a formula in the line behind refers to have taken in what was put in. */
        public boolean isTakenInBy(Place meant) {
            return meant.grid().equals(grid)
                    && axis.last(meant.area()) == at + count - 1
                    && axis.first(meant.area()) < at;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.insertLines(this);
        }
    }

    /**
     * Takes rows or columns out with all they hold.
     *
     * @param at the first of them, from 0
     */
    record DeleteLines(
            String grid,
            Axis axis,
            @Between(most = Address.ROWS) int at,
            @Between(least = 1, most = Address.ROWS) int count)
            implements Restructure {
        @Override
        public Displacement displacement() {
            return new Displacement.Deleted(grid, axis, at, count);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.deleteLines(this);
        }
    }

    /**
     * Moves rows or columns among the others.
     *
     * @param at the first of them, from 0
     * @param to the line before which they are put, as numbered before
     */
    record MoveLines(
            String grid,
            Axis axis,
            @Between(most = Address.ROWS) int at,
            @Between(least = 1, most = Address.ROWS) int count,
            @Between(most = Address.ROWS) int to)
            implements Restructure {
        @Override
        public Displacement displacement() {
            return new Displacement.Moved(grid, axis, at, count, to);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.moveLines(this);
        }
    }

    /**
     * Moves cells to another place, also of another grid; what was there is overwritten.
     *
     * @param to where the upper left cell comes
     */
    record MoveCells(String grid, Area area, String toGrid, Address to) implements Restructure {
        @Override
        public Displacement displacement() {
            return new Displacement.CellsMoved(grid, area, toGrid, to);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.moveCells(this);
        }
    }

    /**
     * Puts the rows of an area into another order.
     *
     * @param order for each row of the area afterwards, which one it was before, from 0
     */
    record OrderRows(String grid, Area area, List<Integer> order) implements Restructure {
        public OrderRows {
            order = List.copyOf(order);
        }

        @Override
        public Displacement displacement() {
            return new Displacement.RowsOrdered(grid, area, order);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.orderRows(this);
        }
    }

    /** Changes how numbers are read and shown in the whole worksheet. */
    record ChangeSettings(Settings settings) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.change(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.changeSettings(this);
        }
    }

    /**
     * Copies cells; continuing a formula down a column is this.
     *
     * @param into one cell for a copy of the same size, or an area to fill
     */
    record CopyCells(String grid, Area area, String toGrid, Area into) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.applyAll(Copying.edits(worksheet, this));
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.copyCells(this);
        }
    }

    /** Gives what has a name another one; formulas that use it follow. */
    record Rename(String name, String to) implements Edit {
        @Override
        public List<Edit> apply(Worksheet worksheet) {
            return worksheet.rename(this);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.rename(this);
        }
    }

    /** A visitor with one method for each kind of edit. */
    interface Visitor<R> {
        R enter(Enter edit);

        R define(Define edit);

        R retitle(Retitle edit);

        R addSection(AddSection edit);

        R removeSection(RemoveSection edit);

        R moveSection(MoveSection edit);

        R changeSection(ChangeSection edit);

        R addBlock(AddBlock edit);

        R moveBlock(MoveBlock edit);

        R removeBlock(RemoveBlock edit);

        R changeBlock(ChangeBlock edit);

        R insertLines(InsertLines edit);

        R deleteLines(DeleteLines edit);

        R moveLines(MoveLines edit);

        R moveCells(MoveCells edit);

        R orderRows(OrderRows edit);

        R changeSettings(ChangeSettings edit);

        R copyCells(CopyCells edit);

        R rename(Rename edit);
    }
}
