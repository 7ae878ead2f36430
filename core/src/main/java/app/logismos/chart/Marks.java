package app.logismos.chart;

import app.logismos.display.Typeset;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.LatexPrinter;
import app.logismos.formula.Parser;
import app.logismos.number.Rational;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import app.logismos.unit.Units;
import app.logismos.value.Quantity;
import java.util.List;
import java.util.Optional;

/** What people have put on a chart, as it is drawn. */
final class Marks {
    private final Chart chart;
    private final LiveWorksheet live;
    private final List<Line> lines;
    private final Lines reader;
    private final Axes axes;
    private final List<String> faults;

    Marks(Chart chart, LiveWorksheet live, List<Line> lines, Lines reader, Axes axes, List<String> faults) {
        this.chart = chart;
        this.live = live;
        this.lines = lines;
        this.reader = reader;
        this.axes = axes;
        this.faults = faults;
    }

    /** In their order; a tangent that cannot be drawn has no other end. */
    List<ChartData.Mark> marks() {
        return chart.marks().stream()
                .map(mark -> mark instanceof Chart.Tangent tangent ? tangent(tangent) : plain(mark))
                .toList();
    }

    /** The same of a chart that has no curves, and tangents only from when it had. */
    static List<ChartData.Mark> plain(Chart chart) {
        return chart.marks().stream()
                .map(mark -> mark instanceof Chart.Tangent tangent ? endless(tangent) : plain(mark))
                .toList();
    }

    private static ChartData.Mark plain(Chart.Mark mark) {
        if (mark instanceof Chart.Label label) {
            return plain("label", new Place(label.across(), label.up()), Optional.empty(), label.text(), "");
        }
        if (mark instanceof Chart.Arrow arrow) {
            return plain(
                    "arrow",
                    new Place(arrow.across(), arrow.up()),
                    Optional.of(new Place(arrow.fromAcross(), arrow.fromUp())),
                    arrow.text(),
                    "");
        }
        Chart.Formula formula = (Chart.Formula) mark;
        return plain(
                "formula",
                new Place(formula.across(), formula.up()),
                Optional.empty(),
                formula.text(),
                latex(formula.text()));
    }

    private static ChartData.Mark plain(String kind, Place at, Optional<Place> to, String text, String latex) {
        return new ChartData.Mark(kind, at, to, text, latex, false);
    }

    /** An expression of the language is typeset by its meaning, anything else is taken for LaTeX. */
    private static String latex(String text) {
        int equals = text.indexOf('=');
        String left = equals > 0 ? text.substring(0, equals).strip() + " = " : "";
        return Parser.parse(equals > 0 ? text.substring(equals + 1) : text, 0, Address.FIRST, Words.STANDARD)
                        instanceof Parser.Outcome.Parsed parsed
                ? left + LatexPrinter.latex(parsed.expression(), Address.FIRST, Typeset::latex)
                : text;
    }

    private ChartData.Mark tangent(Chart.Tangent tangent) {
        int place = chart.place(tangent.series()).orElse(-1);
        if (place < 0 || !(chart.series().get(place).source() instanceof Chart.Curve curve)) {
            return failed(tangent, "A tangent needs a series that has an expression.");
        }
        Line line = lines.get(place);
        Scale seen = axes.across().scale();
        Measure up = line.measure().orElse(new Measure.Numbers());
        double x = tangent.across();
        Slope slope = reader.curves().slope(curve, up, x, seen.most() - seen.least());
        String there = axes.acrossText(x);
        if (!Double.isFinite(slope.height())) {
            return failed(tangent, "The curve has no value at " + there + ", so it has no tangent there.");
        }
        boolean isOnRight = axes.isOnRight(place);
        Rate rate = rate(up, line.unit(), axes.across().unit());
        TangentLine drawn =
                new TangentLine(x, slope.height(), seen, axes.of(place).scale());
        if (slope.both().isPresent()) {
            double both = slope.both().getAsDouble();
            return mark(drawn.end(both, -1), drawn.end(both, 1), told("slope", both, rate, there), isOnRight);
        }
        if (slope.left().isPresent() && slope.right().isPresent()) {
            return failed(
                    tangent,
                    "The curve has a kink at " + there + ", so it has no tangent there: "
                            + told("its slope is", slope.left().getAsDouble(), rate) + " from the left and "
                            + told("", slope.right().getAsDouble(), rate).strip() + " from the right.");
        }
        if (slope.left().isPresent() || slope.right().isPresent()) {
            boolean isLeft = slope.left().isPresent();
            double side = (isLeft ? slope.left() : slope.right()).getAsDouble();
            String from = isLeft ? "slope from the left" : "slope from the right";
            return mark(
                    new Place(x, slope.height()),
                    drawn.end(side, isLeft ? -1 : 1),
                    told(from, side, rate, there),
                    isOnRight);
        }
        return failed(
                tangent,
                "The curve " + (slope.jumps() ? "jumps" : "stands upright or ends") + " at " + there
                        + ", so it has no tangent there.");
    }

    private String told(String what, double slope, Rate rate) {
        return what + " ≈ " + live.display().mark().number(FittedCurve.rounded(slope * rate.factor()))
                + (rate.unit().isEmpty() ? "" : " " + rate.unit());
    }

    private String told(String what, double slope, Rate rate, String there) {
        return told(what, slope, rate) + " at " + there;
    }

    /** What slopes are told in, and how many of them one along the axes is. */
    private record Rate(double factor, String unit) {}

    /** By itself a degree Celsius would be a temperature, and a slope is a difference: that is in kelvins. */
    private static Rate rate(Measure up, String unit, String across) {
        return up.inUnit()
                .filter(scale -> scale.isScale() && across.isEmpty())
                .map(scale -> new Rate(
                        new Measure.Quantities(Units.KELVIN).difference(new Quantity(Rational.ONE, scale)),
                        Units.KELVIN.symbol()))
                .orElseGet(() -> new Rate(1, ratio(unit, across)));
    }

    private static ChartData.Mark mark(Place from, Place to, String text, boolean isOnRight) {
        return new ChartData.Mark("tangent", from, Optional.of(to), text, "", isOnRight);
    }

    /** A tangent as it is drawn: straight, also where equal ratios are equally far apart. */
    private record TangentLine(double x, double y, Scale across, Scale up) {
        private static final double REACH = 1 / 8.0;

        Place end(double slope, int way) {
            Sampling.Range range = new Sampling.Range(across.least(), across.most(), across.logarithmic());
            boolean isByRatio = across.logarithmic() && x > 0;
            double end = isByRatio
                    ? x * Math.exp(way * REACH * Math.log(range.to() / range.from()))
                    : x + way * REACH * (range.to() - range.from());
            double along = isByRatio ? slope * x * Math.log(end / x) : slope * (end - x);
            return new Place(end, up.logarithmic() && y > 0 ? y * Math.exp(along / y) : y + along);
        }
    }

    private static String ratio(String up, String across) {
        String below = across.contains("/") || across.contains("·") ? "(" + across + ")" : across;
        return across.isEmpty() ? up : up.isEmpty() ? "1/" + below : up + "/" + below;
    }

    private ChartData.Mark failed(Chart.Tangent tangent, String fault) {
        faults.add(fault);
        return endless(tangent);
    }

    private static ChartData.Mark endless(Chart.Tangent tangent) {
        return new ChartData.Mark("tangent", new Place(tangent.across(), 0), Optional.empty(), "", "", false);
    }
}
