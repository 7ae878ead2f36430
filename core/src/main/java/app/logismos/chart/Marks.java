package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.display.Typeset;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.LatexPrinter;
import app.logismos.formula.Parser;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Chart;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.differentiation.DSFactory;
import org.hipparchus.analysis.differentiation.FiniteDifferencesDifferentiator;

/** What people have put on a chart, as it is drawn. */
final class Marks {
    /** Finite differences over nine places: exact to about ten digits for smooth curves. */
    private static final int PLACES = 9;

    /** Their distance, as a part of what is seen. */
    private static final double STEP = 1e-3;

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
        Measure across = reader.acrossMeasure();
        Measure up = line.measure().orElse(new Measure.Numbers());
        var formula = live.formula(curve.expression(), chart.grid(), curve.variable());
        UnivariateFunction function = x -> up.place(formula.apply(across.value(x)));
        double height = function.value(tangent.across());
        Scale seen = axes.across().scale();
        double slope = new FiniteDifferencesDifferentiator(PLACES, STEP * (seen.most() - seen.least()) / PLACES)
                .differentiate(function)
                .value(new DSFactory(1, 1).variable(0, tangent.across()))
                .getPartialDerivative(1);
        if (!Double.isFinite(height) || !Double.isFinite(slope)) {
            return failed(tangent, "The curve has no tangent at " + axes.acrossText(tangent.across()) + ".");
        }
        double reach = (seen.most() - seen.least()) / 8;
        DecimalMark mark = live.display().mark();
        String unit = ratio(line.unit(), axes.across().unit());
        return new ChartData.Mark(
                "tangent",
                new Place(tangent.across() - reach, height - slope * reach),
                Optional.of(new Place(tangent.across() + reach, height + slope * reach)),
                "slope ≈ " + mark.number(FittedCurve.rounded(slope)) + (unit.isEmpty() ? "" : " " + unit) + " at "
                        + axes.acrossText(tangent.across()),
                "",
                axes.isOnRight(place));
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
