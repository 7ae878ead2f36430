package app.logismos.chart;

import app.logismos.formula.Address;
import app.logismos.sheet.Chart;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a chart shows, worked out.
 *
 * @param right the second vertical axis, where a series stands on it
 * @param headings how many of the first lines of its ranges are headings
 * @param bins of a histogram
 * @param boxes of each series, in a chart of boxes
 * @param table of a chart over a two-way table
 * @param faults what could not be drawn, in sentences
 * @param summary the chart in a few sentences, for those who do not see it
 */
@RecordBuilder
public record ChartData(
        String title,
        Chart.Form form,
        Axis across,
        Axis up,
        Optional<Axis> right,
        List<Series> series,
        int headings,
        Optional<Bins> bins,
        List<Boxes> boxes,
        Optional<TwoWay> table,
        List<Mark> marks,
        List<String> faults,
        String summary)
        implements ChartDataBuilder.With {
    public ChartData {
        series = List.copyOf(series);
        boxes = List.copyOf(boxes);
        marks = List.copyOf(marks);
        faults = List.copyOf(faults);
    }

    /** The same with a sentence more about what is not drawn, before the others. */
    ChartData telling(String sentence) {
        return withFaults(Stream.concat(Stream.of(sentence), faults.stream()).toList());
    }

    /**
     * An axis.
     *
     * @param title with the unit
     * @param unit of its values; empty where they have none
     * @param places whether it has things along it that have no size
     */
    public record Axis(String title, String unit, boolean places, Scale scale) {}

    /**
     * A series.
     *
     * @param name its own, its heading, or its cells where it has neither
     * @param source its cells or its expression
     * @param points in the order of the cells; of many as many as can be told apart
     * @param count how many there are
     * @param share of the whole, for each point of a chart of shares
     */
    public record Series(
            String name,
            String source,
            Chart.Shape shape,
            boolean onRight,
            Chart.Look look,
            List<Point> points,
            int count,
            List<String> share,
            Optional<Fit> fit) {
        public Series {
            points = List.copyOf(points);
            share = List.copyOf(share);
        }
    }

    /**
     * A point.
     *
     * @param up nothing where the cell has no number: the line has a gap there
     * @param cell that it is from
     */
    public record Point(
            double across,
            Optional<Double> up,
            String acrossText,
            String upText,
            Optional<ErrorBar> error,
            Optional<Address> cell) {}

    /**
     * An error bar.
     *
     * @param half its length, to either side
     * @param text the same with its unit
     */
    public record ErrorBar(double half, String text) {}

    /**
     * A curve laid through a series.
     *
     * @param text the equation, y of x
     * @param rounded whether the coefficients have more digits than the equation says
     * @param units what x and y are measured in; empty where they have no units
     * @param coefficients with all digits
     * @param rSquared as shown
     * @param formula the equation with {@code #$B$2}, {@code #$B$3} … for the coefficients
     * @param residuals for each point how far it is above the curve
     */
    public record Fit(
            Chart.Fit model,
            String text,
            String latex,
            boolean rounded,
            String units,
            List<Coefficient> coefficients,
            String rSquared,
            String fullRSquared,
            String formula,
            List<Point> curve,
            List<Point> residuals) {
        public Fit {
            coefficients = List.copyOf(coefficients);
            curve = List.copyOf(curve);
            residuals = List.copyOf(residuals);
        }
    }

    /** A coefficient of a fit. */
    public record Coefficient(String name, String value) {}

    /**
     * A two-way table.
     *
     * @param across the places of its columns, as their headings show them
     * @param up the places of its rows, as their headings show them
     * @param first the cell of the first value
     * @param values row by row; nothing where there is no number
     * @param height the scale of the values
     * @param contours lines of equal value
     */
    public record TwoWay(
            List<Scale.Tick> across,
            List<Scale.Tick> up,
            Address first,
            List<List<Optional<Double>>> values,
            List<List<String>> texts,
            Axis height,
            List<Contour> contours) {
        public TwoWay {
            across = List.copyOf(across);
            up = List.copyOf(up);
            values = List.copyOf(values);
            texts = List.copyOf(texts);
            contours = List.copyOf(contours);
        }

        TwoWay withHeight(Axis other) {
            return new TwoWay(across, up, first, values, texts, other, contours);
        }
    }

    /** A line of equal value. */
    public record Contour(double level, String label, List<Place> places) {
        public Contour {
            places = List.copyOf(places);
        }
    }

    /**
     * Something put on the chart.
     *
     * @param kind {@code label}, {@code arrow}, {@code formula} or {@code tangent}
     * @param text as shown
     * @param latex of a formula
     * @param to the other end of an arrow or tangent
     */
    public record Mark(String kind, Place at, Optional<Place> to, String text, String latex, boolean onRight) {}
}
