package app.logismos.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.book.BookWriter;
import app.logismos.formats.book.Drawn;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formats.office.OfficeReader;
import app.logismos.formats.office.OfficeWriter;
import app.logismos.formats.opendocument.OpenDocumentReader;
import app.logismos.formats.opendocument.OpenDocumentTest;
import app.logismos.formats.opendocument.OpenDocumentWriter;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xddf.usermodel.chart.AxisPosition;
import org.apache.poi.xddf.usermodel.chart.ChartTypes;
import org.apache.poi.xddf.usermodel.chart.XDDFChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSourcesFactory;
import org.apache.poi.xssf.usermodel.XSSFChart;
import org.apache.poi.xssf.usermodel.XSSFDrawing;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Charts as other programs have them, out and in; the worksheet that is kept inside is taken out before. */
class ChartsTest {
    private static final List<String> CELLS =
            List.of("Lot,Mass (kg),Loss (kg),Note", "Sencha,12,3,a", "Oolong,20,4,b", "Assam,15,2,c");

    private interface Format {
        Book through(LiveWorksheet live);
    }

    private static final List<Format> FORMATS = List.of(
            live -> OfficeReader.read(OfficeWriter.write(live)),
            live -> OpenDocumentReader.read(OpenDocumentWriter.write(live)));

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }

    private static LiveWorksheet live(Chart... charts) {
        Worksheet worksheet = new Worksheet("Lots", List.of(), Words.STANDARD);
        List<Block> blocks = new ArrayList<>(List.of(Block.Grid.of("g", "Tea lots", 5, 4)));
        blocks.addAll(List.of(charts));
        new Edit.AddSection(Section.of("s", "Lots", blocks.toArray(Block[]::new)), 0).apply(worksheet);
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 0; row < CELLS.size(); row++) {
            String[] line = CELLS.get(row).split(",");
            for (int column = 0; column < line.length; column++) {
                typed.add(new Edit.Typed(new Address(column, row), line[column]));
            }
        }
        Edit.Enter.inParts("g", typed).forEach(edit -> edit.apply(worksheet));
        return new LiveWorksheet(worksheet, Limits.USUAL);
    }

    private static Chart chart(String across, Chart.Shape shape, String... series) {
        return Chart.of(
                "c",
                "Mass of lots",
                "g",
                Optional.of(across).filter(text -> !text.isEmpty()).map(ChartsTest::area),
                Stream.of(series)
                        .map(cells -> Chart.Series.of(area(cells), shape))
                        .toArray(Chart.Series[]::new));
    }

    private static List<Chart> charts(Book book) {
        return BookReader.read(book, "", Words.STANDARD)
                .worksheet()
                .outline()
                .blocks()
                .flatMap(block -> block.match(grid -> Stream.<Chart>empty(), note -> Stream.empty(), Stream::of))
                .toList();
    }

    /** What is drawn, in a line. */
    private static String drawn(Chart chart) {
        return chart.title() + ", " + chart.form() + (chart.swapped() ? ", lying" : "")
                + (chart.stacked() ? ", stacked" : "") + ", over "
                + chart.across().map(Area::toString).orElse("1, 2, 3") + ": "
                + chart.series().stream()
                        .map(series -> series.shape() + " " + ((Chart.Cells) series.source()).area()
                                + (series.name().isEmpty() ? "" : " " + series.name()))
                        .collect(Collectors.joining("; "));
    }

    static Stream<Chart> common() {
        return Stream.of(
                chart("A1:A4", Chart.Shape.BARS, "B1:B4"),
                chart("A1:A4", Chart.Shape.BARS, "B1:B4", "C1:C4"),
                chart("A1:A4", Chart.Shape.BARS, "B1:B4", "C1:C4").with(to -> to.stacked(true)),
                chart("A1:A4", Chart.Shape.BARS, "B1:B4").with(to -> to.swapped(true)),
                chart("A1:A4", Chart.Shape.LINE, "B1:B4", "C1:C4"),
                chart("A1:A4", Chart.Shape.POINTS_AND_LINE, "C1:C4"),
                chart("B1:B4", Chart.Shape.POINTS, "C1:C4"),
                chart("B1:B4", Chart.Shape.LINE, "C1:C4"),
                chart("B1:B4", Chart.Shape.POINTS_AND_LINE, "C1:C4"),
                chart("", Chart.Shape.LINE, "B1:B4"),
                chart("A1:A4", Chart.Shape.BARS, "B1:B4").with(to -> to.form(Chart.Form.SHARES)));
    }

    @ParameterizedTest
    @MethodSource("common")
    void aChartOfACommonFormIsDrawnElsewhereAndComesBack(Chart chart) {
        for (Format format : FORMATS) {
            Book book = format.through(live(chart));
            assertThat(book.told()).isEmpty();
            assertThat(charts(Worksheets.withoutKept(book)))
                    .extracting(ChartsTest::drawn)
                    .containsExactly(drawn(chart));
        }
    }

    @ParameterizedTest
    @MethodSource("common")
    void anOpenDocumentWithAChartIsValid(Chart chart) throws Exception {
        OpenDocumentTest.isValid(OpenDocumentWriter.write(live(chart)));
    }

    static Stream<Chart> others() {
        return Stream.of(
                chart("A1:A4", Chart.Shape.BARS, "B1:B4").with(to -> to.form(Chart.Form.HISTOGRAM)),
                chart("A1:A4", Chart.Shape.STEPS, "B1:B4"),
                chart("B1:B4", Chart.Shape.POINTS, "C1:C4").with(to -> to.upAxis(new Chart.AxisLook("", "", "", true))),
                Chart.of(
                        "c",
                        "Curve",
                        "g",
                        Optional.empty(),
                        Chart.Series.of(new Chart.Curve("x^2", "x", "0", "3"), "", Chart.Shape.LINE)));
    }

    @ParameterizedTest
    @MethodSource("others")
    void oneOfAnotherFormIsNotDrawnAndComesBackWhole(Chart chart) {
        for (Format format : FORMATS) {
            Book book = format.through(live(chart));
            assertThat(book.charts()).isEmpty();
            assertThat(charts(book)).containsExactly(chart);
        }
    }

    @Test
    void whatIsNotDrawnIsTold() {
        Chart chart = chart("A1:A4", Chart.Shape.STEPS, "B1:B4");
        assertThat(BookWriter.write(live(chart), Dialect.OFFICE_OPEN_XML).told())
                .containsExactly(
                        "The chart `Mass of lots` is not drawn in other programs, which have no like of it. This"
                                + " program brings it back.");
    }

    @Test
    void aChartOfCellsThatAreNotThereIsLeftOutAndTold() {
        Book book = OfficeReader.read(OfficeWriter.write(live(chart("A1:A4", Chart.Shape.BARS, "B1:B4"))));
        Drawn drawn = book.charts().get(0);
        Drawn.Range gone =
                new Drawn.Range("Gone", drawn.series().get(0).values().area());
        Drawn ofOthers = new Drawn(
                drawn.sheet(),
                "t".repeat(100_000),
                drawn.kind(),
                false,
                false,
                drawn.across(),
                List.of(new Drawn.Series("", Optional.empty(), gone, Chart.Shape.BARS)),
                "",
                "");
        Book other = new Book(
                book.dialect(),
                book.dayZero(),
                "",
                book.sheets(),
                List.of(),
                List.of(ofOthers),
                Optional.empty(),
                List.of());
        assertThat(ofOthers.title()).hasSize(200).endsWith("…");
        assertThat(charts(other)).isEmpty();
        assertThat(BookReader.read(other, "", Words.STANDARD).told())
                .containsExactly("A chart was left out: the cells of it are not in the document.");
    }

    @Test
    void namesAndTitlesAreReadAsAnotherProgramWritesThem() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            XSSFSheet sheet = workbook.createSheet("Tea's lots");
            for (int row = 0; row < 4; row++) {
                sheet.createRow(row).createCell(1).setCellValue(row + 1);
                sheet.getRow(row).createCell(2).setCellValue(row * 2);
            }
            XSSFDrawing drawing = sheet.createDrawingPatriarch();
            XSSFChart chart = drawing.createChart(drawing.createAnchor(0, 0, 0, 0, 4, 0, 12, 12));
            chart.setTitleText("Masses");
            var across = chart.createCategoryAxis(AxisPosition.BOTTOM);
            across.setTitle("Lot");
            var up = chart.createValueAxis(AxisPosition.LEFT);
            up.setTitle("kg");
            XDDFChartData data = chart.createData(ChartTypes.LINE, across, up);
            data.addSeries(
                            XDDFDataSourcesFactory.fromNumericCellRange(sheet, new CellRangeAddress(0, 3, 1, 1)),
                            XDDFDataSourcesFactory.fromNumericCellRange(sheet, new CellRangeAddress(0, 3, 2, 2)))
                    .setTitle("Weighed", null);
            chart.plot(data);
            XSSFChart area = drawing.createChart(drawing.createAnchor(0, 0, 0, 0, 4, 20, 12, 32));
            area.plot(area.createData(
                    ChartTypes.RADAR,
                    area.createCategoryAxis(AxisPosition.BOTTOM),
                    area.createValueAxis(AxisPosition.LEFT)));
            workbook.write(bytes);
        }
        Book book = OfficeReader.read(bytes.toByteArray());
        assertThat(book.told()).containsExactly("Left out: charts of forms that are not here.");
        List<Chart> charts = charts(book);
        assertThat(charts)
                .extracting(ChartsTest::drawn)
                .containsExactly("Masses, PLOT, over B1:B4: POINTS_AND_LINE C1:C4 Weighed");
        assertThat(charts.get(0).acrossAxis().title()).isEqualTo("Lot");
        assertThat(charts.get(0).upAxis().title()).isEqualTo("kg");
        assertThat(charts.get(0).headings()).contains(0);
    }
}
