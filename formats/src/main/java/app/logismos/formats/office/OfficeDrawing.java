package app.logismos.formats.office;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.Drawn;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formats.foreign.Outgoing;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;
import java.util.Map;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.xddf.usermodel.XDDFLineProperties;
import org.apache.poi.xddf.usermodel.XDDFNoFillProperties;
import org.apache.poi.xddf.usermodel.XDDFShapeProperties;
import org.apache.poi.xddf.usermodel.chart.AxisCrossBetween;
import org.apache.poi.xddf.usermodel.chart.AxisCrosses;
import org.apache.poi.xddf.usermodel.chart.AxisPosition;
import org.apache.poi.xddf.usermodel.chart.BarDirection;
import org.apache.poi.xddf.usermodel.chart.BarGrouping;
import org.apache.poi.xddf.usermodel.chart.ChartTypes;
import org.apache.poi.xddf.usermodel.chart.Grouping;
import org.apache.poi.xddf.usermodel.chart.LegendPosition;
import org.apache.poi.xddf.usermodel.chart.MarkerStyle;
import org.apache.poi.xddf.usermodel.chart.ScatterStyle;
import org.apache.poi.xddf.usermodel.chart.XDDFBarChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFCategoryAxis;
import org.apache.poi.xddf.usermodel.chart.XDDFChartAxis;
import org.apache.poi.xddf.usermodel.chart.XDDFChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSource;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSourcesFactory;
import org.apache.poi.xddf.usermodel.chart.XDDFLineChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFNumericalDataSource;
import org.apache.poi.xddf.usermodel.chart.XDDFScatterChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFValueAxis;
import org.apache.poi.xssf.usermodel.XSSFChart;
import org.apache.poi.xssf.usermodel.XSSFClientAnchor;
import org.apache.poi.xssf.usermodel.XSSFDrawing;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.xmlbeans.XmlCursor;

/** Draws charts on a sheet of an Office Open XML workbook, below its cells. */
final class OfficeDrawing {
    private static final String CHARTS = "http://schemas.openxmlformats.org/drawingml/2006/chart";
    private static final int COLUMNS = 8;
    private static final int ROWS = 18;

    private final Map<String, Book.Sheet> sheets;
    private final XSSFSheet sheet;
    private int row;

    /**
     * Charts on one sheet.
     *
     * @param sheets all of the book, by their titles
     */
    OfficeDrawing(Map<String, Book.Sheet> sheets, XSSFSheet sheet, int row) {
        this.sheets = sheets;
        this.sheet = sheet;
        this.row = row;
    }

    void add(Drawn drawn) {
        XSSFDrawing drawing = sheet.createDrawingPatriarch();
        XSSFClientAnchor anchor = drawing.createAnchor(0, 0, 0, 0, 0, row, COLUMNS, row + ROWS);
        row += ROWS + 1;
        XSSFChart chart = drawing.createChart(anchor);
        chart.setTitleText(drawn.title());
        chart.setTitleOverlay(false);
        if (drawn.series().size() > 1 || drawn.kind() == Drawn.Kind.SHARES) {
            chart.getOrAddLegend().setPosition(LegendPosition.TOP);
        }
        XDDFChartData data = data(drawn, chart);
        for (Drawn.Series each : drawn.series()) {
            XDDFChartData.Series series = data.addSeries(across(drawn, each), numbers(each.values()));
            name(series, each);
            look(series, each.shape());
        }
        chart.plot(data);
        if (drawn.kind() == Drawn.Kind.BARS && drawn.isStacked()) {
            stack(chart);
        }
    }

    /** Bars on each other lie at the same place; the library's schemas lack the element that says so. */
    private static void stack(XSSFChart chart) {
        try (XmlCursor at = chart.getCTChart().getPlotArea().getBarChartArray(0).newCursor()) {
            at.toChild(CHARTS, "axId");
            at.beginElement("overlap", CHARTS);
            at.insertAttributeWithValue("val", "100");
        }
    }

    private static XDDFChartData data(Drawn drawn, XSSFChart chart) {
        if (drawn.kind() == Drawn.Kind.SHARES) {
            XDDFChartData data = chart.createData(ChartTypes.PIE, null, null);
            data.setVaryColors(true);
            return data;
        }
        XDDFChartAxis across = drawn.kind() == Drawn.Kind.PLACES
                ? chart.createValueAxis(drawn.isLying() ? AxisPosition.LEFT : AxisPosition.BOTTOM)
                : chart.createCategoryAxis(drawn.isLying() ? AxisPosition.LEFT : AxisPosition.BOTTOM);
        XDDFValueAxis up = chart.createValueAxis(drawn.isLying() ? AxisPosition.BOTTOM : AxisPosition.LEFT);
        up.setCrosses(AxisCrosses.AUTO_ZERO);
        up.setCrossBetween(
                drawn.kind() == Drawn.Kind.PLACES ? AxisCrossBetween.MIDPOINT_CATEGORY : AxisCrossBetween.BETWEEN);
        title(across, drawn.acrossTitle());
        title(up, drawn.upTitle());
        up.getOrAddMajorGridProperties();
        XDDFChartData data = chart.createData(
                switch (drawn.kind()) {
                    case BARS -> ChartTypes.BAR;
                    case LINES -> ChartTypes.LINE;
                    default -> ChartTypes.SCATTER;
                },
                across,
                up);
        data.setVaryColors(false);
        if (data instanceof XDDFBarChartData bars) {
            bars.setBarDirection(drawn.isLying() ? BarDirection.BAR : BarDirection.COL);
            bars.setBarGrouping(drawn.isStacked() ? BarGrouping.STACKED : BarGrouping.CLUSTERED);
        } else if (data instanceof XDDFLineChartData lines) {
            lines.setGrouping(drawn.isStacked() ? Grouping.STACKED : Grouping.STANDARD);
        } else if (data instanceof XDDFScatterChartData places) {
            places.setStyle(ScatterStyle.LINE_MARKER);
        }
        return data;
    }

    private static void title(XDDFChartAxis axis, String title) {
        if (!title.isEmpty()) {
            if (axis instanceof XDDFCategoryAxis categories) {
                categories.setTitle(title);
            } else if (axis instanceof XDDFValueAxis values) {
                values.setTitle(title);
            }
        }
    }

    private void name(XDDFChartData.Series series, Drawn.Series from) {
        if (from.heading().isPresent()) {
            Drawn.Range heading = from.heading().get();
            Address at = heading.area().first();
            series.setTitle(
                    text(value(heading.sheet(), at)),
                    new CellReference(heading.sheet(), at.row(), at.column(), true, true));
        } else {
            series.setTitle(from.name(), null);
        }
    }

    private static void look(XDDFChartData.Series series, Chart.Shape shape) {
        boolean hasMarkers = shape != Chart.Shape.LINE;
        if (series instanceof XDDFLineChartData.Series line) {
            line.setSmooth(false);
            line.setMarkerStyle(hasMarkers ? MarkerStyle.CIRCLE : MarkerStyle.NONE);
        } else if (series instanceof XDDFScatterChartData.Series places) {
            places.setSmooth(false);
            places.setMarkerStyle(hasMarkers ? MarkerStyle.CIRCLE : MarkerStyle.NONE);
        }
        if (shape == Chart.Shape.POINTS) {
            XDDFShapeProperties properties = new XDDFShapeProperties();
            properties.setLineProperties(new XDDFLineProperties(new XDDFNoFillProperties()));
            series.setShapeProperties(properties);
        }
    }

    private XDDFDataSource<?> across(Drawn drawn, Drawn.Series series) {
        if (drawn.across().isEmpty()) {
            int count = (int) Math.min(100_000, series.values().area().size());
            Double[] counted = new Double[count];
            for (int i = 0; i < count; i++) {
                counted[i] = i + 1.0;
            }
            return XDDFDataSourcesFactory.fromArray(counted);
        }
        Drawn.Range range = drawn.across().get();
        if (drawn.kind() == Drawn.Kind.PLACES) {
            return numbers(range);
        }
        String[] texts = values(range).stream().map(OfficeDrawing::text).toArray(String[]::new);
        return XDDFDataSourcesFactory.fromArray(texts, spelled(range));
    }

    private XDDFNumericalDataSource<Double> numbers(Drawn.Range range) {
        Double[] numbers = values(range).stream()
                .map(value ->
                        value instanceof NumberValue number ? number.real().toDouble() : null)
                .toArray(Double[]::new);
        return XDDFDataSourcesFactory.fromArray(numbers, spelled(range));
    }

    private static String spelled(Drawn.Range range) {
        return Outgoing.reference(range.sheet(), range.area(), Dialect.OFFICE_OPEN_XML);
    }

    private List<Value> values(Drawn.Range range) {
        int last =
                Math.max(range.area().first().row(), sheets.get(range.sheet()).lines() - 1);
        Address end = new Address(
                range.area().last().column(), Math.min(last, range.area().last().row()));
        return new Area(range.area().first(), end)
                .cells()
                .map(at -> value(range.sheet(), at))
                .toList();
    }

    private Value value(String sheet, Address at) {
        return sheets.get(sheet)
                .cell(at.column(), at.row())
                .map(Book.Cell::value)
                .orElse(Blank.BLANK);
    }

    private static String text(Value value) {
        return value instanceof Text text ? text.text() : value == Blank.BLANK ? "" : PlainText.of(value);
    }
}
