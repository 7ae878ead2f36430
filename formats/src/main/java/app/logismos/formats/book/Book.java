package app.logismos.formats.book;

import app.logismos.formats.foreign.Dialect;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.value.Moment;
import app.logismos.value.Value;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A document of sheets, as it is read from its format or before it is written in one.
 *
 * @param dialect of its formulas
 * @param dayZero from which numbers that are dates are counted
 * @param title empty where it has none
 * @param kept the worksheet as a document of ours that is kept inside, where there is one
 * @param told what was in the document and is not here, in sentences
 */
public record Book(
        Dialect dialect,
        LocalDate dayZero,
        String title,
        List<Sheet> sheets,
        List<Named> names,
        List<Drawn> charts,
        Optional<byte[]> kept,
        List<String> told) {
    /** Day 0 of most documents (OpenFormula, section 4.3.1.2). */
    public static final LocalDate USUAL_DAY_ZERO = LocalDate.of(1899, 12, 30);

    public Book {
        sheets = List.copyOf(sheets);
        names = List.copyOf(names);
        charts = List.copyOf(charts);
        told = List.copyOf(told);
    }

    /**
     * A formula as a document spells it.
     *
     * @param text without the sign that it begins with
     * @param from the cell in which it is spelled so, where cells share it
     * @param array the cells that it fills, where it was written for whole tables
     */
    public record Formula(String text, Address from, Optional<Area> array) {}

    /**
     * A cell.
     *
     * @param value what stands in it, or what its formula was worth when the document was written
     * @param style the number style, in the words of {@code display}; empty for none
     * @param unit what its number is in; empty for a plain number
     */
    public record Cell(Value value, Optional<Formula> formula, String style, String unit) {
        /** A value that was typed. */
        public static Cell of(Value value, String style) {
            return new Cell(value, Optional.empty(), style, "");
        }

        /** The same cell without its formula. */
        Cell withoutFormula() {
            return new Cell(value, Optional.empty(), style, unit);
        }
    }

    /**
     * A name.
     *
     * @param means a formula, most often a reference
     * @param sheet where alone it is known; nothing where everywhere
     */
    public record Named(String name, String means, Optional<String> sheet) {}

    /** A sheet; made once by a reader, line by line. */
    public static final class Sheet {
        private final String title;
        private final TreeMap<Integer, TreeMap<Integer, Cell>> rows = new TreeMap<>();
        private final Map<Integer, Integer> widths = new TreeMap<>();
        private final Map<Address, String> remarks =
                new TreeMap<>(Comparator.comparingInt(Address::row).thenComparingInt(Address::column));
        private final Set<Integer> hiddenRows = new TreeSet<>();
        private final Set<Integer> hiddenColumns = new TreeSet<>();
        private int headings;
        private int columns;

        /** An empty sheet. */
        public Sheet(String title) {
            this.title = title;
        }

        /** What it is called. */
        public String title() {
            return title;
        }

        /** Puts a cell in its place. */
        public void put(int column, int row, Cell cell) {
            rows.computeIfAbsent(row, first -> new TreeMap<>()).put(column, cell);
            columns = Math.max(columns, column + 1);
        }

        /** The cell in a place. */
        public Optional<Cell> cell(int column, int row) {
            return Optional.ofNullable(rows.get(row)).map(line -> line.get(column));
        }

        /** The cells of a line from the left; none where it is empty. */
        Map<Integer, Cell> row(int row) {
            return rows.getOrDefault(row, new TreeMap<>());
        }

        /** Its lines from the top, each with its cells from the left. */
        public TreeMap<Integer, TreeMap<Integer, Cell>> rows() {
            return rows;
        }

        /** How many columns there are up to the last one with a cell. */
        public int columns() {
            return columns;
        }

        /** How many rows there are up to the last one with a cell. */
        public int lines() {
            return rows.isEmpty() ? 0 : rows.lastKey() + 1;
        }

        /** Widths of columns that have not the usual one, in pixels, by column from 0; may be added to. */
        public Map<Integer, Integer> widths() {
            return widths;
        }

        /** What people have written about cells; may be added to. */
        public Map<Address, String> remarks() {
            return remarks;
        }

        /** Rows that are not shown, from 0; may be added to. */
        public Set<Integer> hiddenRows() {
            return hiddenRows;
        }

        /** Columns that are not shown, from 0; may be added to. */
        public Set<Integer> hiddenColumns() {
            return hiddenColumns;
        }

        /** How many rows at the top are headings. */
        public int headings() {
            return headings;
        }

        /** Says how many rows at the top are headings. */
        public void setHeadings(int count) {
            headings = count;
        }

        /** All cells, in lines. */
        public List<Placed> cells() {
            List<Placed> all = new ArrayList<>();
            rows.forEach((row, line) ->
                    line.forEach((column, cell) -> all.add(new Placed(new Address(column, row), cell))));
            return all;
        }
    }

    /** A moment as most documents count it, in days from day 0. */
    public static double days(Moment moment) {
        return Agreement.days(moment, USUAL_DAY_ZERO);
    }

    /** A cell and its place. */
    public record Placed(Address at, Cell cell) {}
}
