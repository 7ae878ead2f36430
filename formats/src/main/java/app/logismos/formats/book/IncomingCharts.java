package app.logismos.formats.book;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Charts of a document as charts of ours: what a cell above its values calls a series is its heading. */
final class IncomingCharts {
    private final Map<String, String> ids;
    private final Map<String, Book.Sheet> sheets = new HashMap<>();
    private int count;
    private int left;

    /**
     * Charts of a book.
     *
     * @param ids of grids, by the keys of sheets
     */
    IncomingCharts(Book book, Map<String, String> ids) {
        this.ids = ids;
        book.sheets().forEach(sheet -> sheets.put(BookReader.key(sheet.title()), sheet));
    }

    /** The charts that lie on a sheet. */
    List<Block> on(Book.Sheet sheet, List<Drawn> all) {
        List<Block> blocks = new ArrayList<>();
        all.stream()
                .filter(drawn -> BookReader.key(drawn.sheet()).equals(BookReader.key(sheet.title())))
                .forEach(drawn -> chart(drawn).ifPresentOrElse(blocks::add, () -> left++));
        return blocks;
    }

    /** What of them could not be brought in, in a sentence. */
    Optional<String> told() {
        return left == 0
                ? Optional.empty()
                : Optional.of((left == 1 ? "A chart was" : left + " charts were") + " left out: the cells of "
                        + (left == 1 ? "it" : "them") + " are not in the document.");
    }

    private Optional<Chart> chart(Drawn drawn) {
        boolean isKnown = !drawn.series().isEmpty()
                && drawn.series().stream()
                        .allMatch(series -> id(series.values()).isPresent())
                && drawn.across().map(range -> id(range).isPresent()).orElse(true);
        if (!isKnown) {
            return Optional.empty();
        }
        boolean areHeaded = drawn.series().stream().allMatch(this::isHeaded);
        String home = id(drawn.across().orElse(drawn.series().get(0).values())).orElseThrow();
        List<Chart.Series> series = drawn.series().stream()
                .map(each -> Chart.Series.of(
                        new Chart.Cells(
                                areHeaded ? headed(each) : each.values().area(),
                                id(each.values()).filter(own -> !own.equals(home))),
                        areHeaded ? "" : name(each),
                        each.shape()))
                .toList();
        Optional<Area> across = drawn.across().map(range -> areHeaded ? headedByText(range) : range.area());
        Chart chart = Chart.of("chart-" + ++count, drawn.title(), home, across, series.toArray(Chart.Series[]::new))
                .withTitles(drawn.acrossTitle(), drawn.upTitle(), "");
        return Optional.of(
                chart.with(to -> to.form(drawn.kind() == Drawn.Kind.SHARES ? Chart.Form.SHARES : Chart.Form.PLOT)
                        .swapped(drawn.isLying())
                        .stacked(drawn.isStacked())
                        .headings(Optional.of(areHeaded ? 1 : 0))));
    }

    private Optional<String> id(Drawn.Range range) {
        return Optional.ofNullable(ids.get(BookReader.key(range.sheet())));
    }

    private boolean isHeaded(Drawn.Series series) {
        return series.heading()
                .filter(heading -> BookReader.key(heading.sheet())
                        .equals(BookReader.key(series.values().sheet())))
                .filter(heading -> before(series.values().area())
                        .filter(heading.area().first()::equals)
                        .isPresent())
                .isPresent();
    }

    private static boolean isAlong(Area area) {
        return area.rows() == 1 && area.columns() > 1;
    }

    /** The cell before the first of a range. */
    private static Optional<Address> before(Area area) {
        int column = area.first().column() - (isAlong(area) ? 1 : 0);
        int row = area.first().row() - (isAlong(area) ? 0 : 1);
        return Address.isInside(column, row) ? Optional.of(new Address(column, row)) : Optional.empty();
    }

    private static Area headed(Drawn.Series series) {
        return new Area(
                before(series.values().area()).orElseThrow(),
                series.values().area().last());
    }

    private Area headedByText(Drawn.Range range) {
        return before(range.area())
                .filter(at -> cell(range.sheet(), at)
                        .filter(cell -> cell.value() instanceof Text)
                        .isPresent())
                .map(at -> new Area(at, range.area().last()))
                .orElse(range.area());
    }

    private Optional<Book.Cell> cell(String sheet, Address at) {
        return Optional.ofNullable(sheets.get(BookReader.key(sheet)))
                .flatMap(there -> there.cell(at.column(), at.row()));
    }

    private String name(Drawn.Series series) {
        return series.heading()
                .flatMap(heading -> cell(heading.sheet(), heading.area().first()))
                .map(cell -> cell.value() instanceof Text text ? text.text() : PlainText.of(cell.value()))
                .orElse(series.name());
    }
}
