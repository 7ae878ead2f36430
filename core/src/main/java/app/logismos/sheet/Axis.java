package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;

/** Rows, or columns: the lines of a grid. */
public enum Axis {
    ROWS("row", Address.ROWS) {
        @Override
        int first(Area area) {
            return area.first().row();
        }

        @Override
        int last(Area area) {
            return area.last().row();
        }

        @Override
        Area with(Area area, int first, int last) {
            return new Area(
                    new Address(area.first().column(), first),
                    new Address(area.last().column(), last));
        }
    },
    COLUMNS("column", Address.COLUMNS) {
        @Override
        int first(Area area) {
            return area.first().column();
        }

        @Override
        int last(Area area) {
            return area.last().column();
        }

        @Override
        Area with(Area area, int first, int last) {
            return new Area(
                    new Address(first, area.first().row()),
                    new Address(last, area.last().row()));
        }
    };

    private final String word;
    private final int most;

    Axis(String word, int most) {
        this.word = word;
        this.most = most;
    }

    /** The first line of an area, from 0. */
    abstract int first(Area area);

    /** The last line of an area. */
    abstract int last(Area area);

    /** The area over other lines. */
    abstract Area with(Area area, int first, int last);

    /** How many a grid can have. */
    int most() {
        return most;
    }

    /** How a line is called: {@code row 3}, {@code column C}. */
    public String called(int line) {
        return word + " " + (this == ROWS ? String.valueOf(line + 1) : Address.letters(line));
    }

    /** As in "2 rows". */
    public String counted(int count) {
        return count + " " + word + (count == 1 ? "" : "s");
    }
}
