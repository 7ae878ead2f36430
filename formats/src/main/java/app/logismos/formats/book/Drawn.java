package app.logismos.formats.book;

import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import java.util.List;
import java.util.Optional;

/**
 * A chart of one of the forms that documents have too.
 *
 * @param sheet the title of the sheet that it lies on
 * @param isLying whether bars lie
 * @param isStacked whether bars stand on each other
 * @param across the cells of its categories, or of its places across; nothing where they are counted
 * @param acrossTitle of the axis; empty for none
 */
public record Drawn(
        String sheet,
        String title,
        Kind kind,
        boolean isLying,
        boolean isStacked,
        Optional<Range> across,
        List<Series> series,
        String acrossTitle,
        String upTitle) {
    /** So many charts of a document are read. */
    public static final int MOST = 200;

    private static final int LONGEST_TITLE = 200;

    public Drawn {
        series = List.copyOf(series);
        title = shortened(title);
        acrossTitle = shortened(acrossTitle);
        upTitle = shortened(upTitle);
    }

    private static String shortened(String title) {
        return title.length() <= LONGEST_TITLE ? title : title.substring(0, LONGEST_TITLE - 1) + "…";
    }

    /** What kind of picture it is. */
    public enum Kind {
        /** Bars over categories. */
        BARS,
        /** Points and lines over categories, which have no size. */
        LINES,
        /** Points and lines at places, which are numbers. */
        PLACES,
        /** The parts of a whole. */
        SHARES
    }

    /** Cells of a sheet, without their heading. */
    public record Range(String sheet, Area area) {}

    /**
     * One series.
     *
     * @param name empty where a cell says it
     * @param heading the cell that says it
     */
    public record Series(String name, Optional<Range> heading, Range values, Chart.Shape shape) {
        public Series {
            name = shortened(name);
        }
    }
}
