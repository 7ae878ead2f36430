package app.logismos.report;

import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.value.Text;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What a worksheet calls itself, from what stands in it, until a person names it. */
public final class OwnTitle {
    /** The title of a worksheet that nobody has named. */
    public static final String NONE = "New worksheet";

    private static final int MOST_HEADINGS = 3;
    private static final int MOST_ROWS = 20;
    private static final int LONGEST = 60;

    private OwnTitle() {}

    /** Its title, or where nobody has given it one, its first headings. */
    public static String of(LiveWorksheet live) {
        return named(live.worksheet().title(), live);
    }

    /** A title, or where that is the one that nobody has given, what the worksheet calls itself. */
    public static String named(String title, LiveWorksheet live) {
        return title.equals(NONE)
                ? live.worksheet()
                        .outline()
                        .grids()
                        .map(grid -> headings(grid, live))
                        .filter(texts -> !texts.isEmpty())
                        .findFirst()
                        .map(texts -> shortened(String.join(", ", texts)))
                        .orElse(NONE)
                : title;
    }

    /** The texts of the first row that has any. */
    private static List<String> headings(Block.Grid grid, LiveWorksheet live) {
        return IntStream.range(0, Math.min(grid.rows(), MOST_ROWS))
                .mapToObj(row -> IntStream.range(0, grid.columns())
                        .mapToObj(column -> live.value(grid.id(), new Address(column, row)))
                        .flatMap(value -> value instanceof Text text
                                ? Stream.of(text.text().strip())
                                : Stream.empty())
                        .filter(text -> !text.isEmpty())
                        .limit(MOST_HEADINGS)
                        .collect(Collectors.toList()))
                .filter(texts -> !texts.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    private static String shortened(String title) {
        return title.length() > LONGEST ? title.substring(0, LONGEST - 1).strip() + "…" : title;
    }
}
