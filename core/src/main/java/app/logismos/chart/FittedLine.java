package app.logismos.chart;

import app.logismos.display.DecimalMark;
import app.logismos.number.Real;
import app.logismos.sheet.Chart;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A curve through the points of one series, between the axes. */
final class FittedLine {
    /** A fitted curve is worked out quickly. */
    private static final long TIME = 1_000_000_000;

    private final Line line;
    private final Lines reader;
    private final FittedCurve curve;
    private final Counting x;
    private final Counting y;
    private final int[] filled;
    private final Numbered numbered;

    /** Places on the axis and the numbers there: not the same where bars stand side by side, whatever their numbers. */
    private record Numbered(double[] places, double[] numbers) {
        /** The place of a number between those that have one. */
        double place(double number) {
            for (int i = 1; i < numbers.length; i++) {
                if (number <= numbers[i] || i == numbers.length - 1) {
                    double part = (number - numbers[i - 1]) / (numbers[i] - numbers[i - 1]);
                    return places[i - 1] + part * (places[i] - places[i - 1]);
                }
            }
            return places.length == 0 ? number : places[0];
        }
    }

    private FittedLine(Line line, Lines reader, FittedCurve curve, Counting x, Counting y, int[] filled) {
        this.line = line;
        this.reader = reader;
        this.curve = curve;
        this.x = x;
        this.y = y;
        this.filled = filled;
        this.numbered = numbered();
    }

    /** The fit of a series, where it has one; that it cannot be is told. */
    static Optional<FittedLine> of(Chart chart, Chart.Series series, Line line, Lines reader, List<String> faults) {
        if (series.fit() == Chart.Fit.NONE || line.isEmpty() || chart.form() != Chart.Form.PLOT) {
            return Optional.empty();
        }
        int[] filled = line.filled().toArray();
        double[] places =
                IntStream.of(filled).mapToDouble(i -> reader.number(line, i)).toArray();
        Counting x = Counting.of(reader.fitMeasure(), places);
        Counting y = Counting.of(line.measure().orElseThrow(), line.heights());
        List<Real> across = IntStream.range(0, filled.length)
                .mapToObj(k -> exact(x, line.across(), filled[k], places[k]))
                .toList();
        List<Real> up = IntStream.of(filled)
                .mapToObj(i -> exact(y, line.up(), i, line.y()[i]))
                .toList();
        try {
            FittedCurve curve = FittedCurve.through(series.fit(), across, up);
            return Optional.of(new FittedLine(line, reader, curve, x, y, filled));
        } catch (Fitting.Unfit unfit) {
            faults.add(unfit.getMessage());
            return Optional.empty();
        }
    }

    private static Real exact(Counting counting, List<Value> values, int i, double place) {
        return i < values.size() ? counting.number(values.get(i), place) : Real.from(counting.number(place));
    }

    private double number(int i) {
        return x.number(reader.number(line, i));
    }

    /** Upwards, each number once. */
    private Numbered numbered() {
        int[] sorted = IntStream.of(filled)
                .boxed()
                .sorted(Comparator.comparingDouble(this::number))
                .mapToInt(Integer::intValue)
                .toArray();
        int[] once = IntStream.range(0, sorted.length)
                .filter(k -> k == 0 || number(sorted[k]) > number(sorted[k - 1]))
                .map(k -> sorted[k])
                .toArray();
        return new Numbered(
                IntStream.of(once).mapToDouble(i -> line.x()[i]).toArray(),
                IntStream.of(once).mapToDouble(this::number).toArray());
    }

    private static boolean isByRatio(Axes axes, double least) {
        return least > 0 && axes.across().scale().logarithmic();
    }

    private double placeAcross(double number) {
        return reader.places().isPresent() ? numbered.place(number) : x.place(number);
    }

    /** The curve, its equation and what is left, as they are shown. */
    ChartData.Fit data(View view, Axes axes, DecimalMark mark) {
        return fit(drawn(view, axes, mark), left(view, axes, mark), axes, mark);
    }

    /** From the first point to the last, or the part of that which is seen. */
    private List<ChartData.Point> drawn(View view, Axes axes, DecimalMark mark) {
        Optional<View.Part> part = reader.places().isPresent() ? Optional.empty() : view.across();
        double first = IntStream.of(filled).mapToDouble(this::number).min().orElseThrow();
        double end = IntStream.of(filled).mapToDouble(this::number).max().orElseThrow();
        double last = end > first ? end : first + 1;
        double least = part.map(seen -> Math.max(first, x.number(seen.from()))).orElse(first);
        double most = part.map(seen -> Math.min(last, x.number(seen.to()))).orElse(last);
        if (!(least < most)) {
            return List.of();
        }
        Sampling.Range range = new Sampling.Range(least, most, isByRatio(axes, least));
        int columns = Math.min(view.columns(), View.USUAL.columns());
        return Sampling.of(curve::at, range, columns, TIME).samples().stream()
                .map(sample -> bare(placeAcross(sample.x()), y.place(sample.y()), axes, mark))
                .toList();
    }

    private List<ChartData.Point> left(View view, Axes axes, DecimalMark mark) {
        double[] residuals = curve.residuals();
        double[] places = IntStream.of(filled).mapToDouble(i -> line.x()[i]).toArray();
        Thinning thinning = new Thinning(view, axes.across().scale(), Scale.of(residuals));
        return IntStream.of(thinning.of(Chart.Shape.POINTS, places, residuals).kept())
                .mapToObj(k -> bare(places[k], residuals[k], axes, mark))
                .toList();
    }

    private ChartData.Fit fit(List<ChartData.Point> drawn, List<ChartData.Point> left, Axes axes, DecimalMark mark) {
        double[] coefficients = curve.coefficients();
        return new ChartData.Fit(
                curve.fit(),
                mark.expression(curve.text()),
                mark.latex(curve.latex()),
                curve.isRounded(),
                units(axes),
                IntStream.range(0, coefficients.length)
                        .mapToObj(i -> new ChartData.Coefficient(curve.names().get(i), full(coefficients[i])))
                        .toList(),
                mark.number(rounded(curve.rSquared())),
                full(curve.rSquared()),
                curve.formula(IntStream.range(0, coefficients.length)
                        .mapToObj(i -> "#$B$" + (i + 2))
                        .toList()),
                drawn,
                left);
    }

    /** What the equation's letters are measured in and counted from. */
    private String units(Axes axes) {
        String across =
                reader.places().isEmpty() && x.says().isEmpty() ? axes.across().unit() : x.says();
        String up = y.says().isEmpty() ? line.unit() : y.says();
        return Stream.of(across.isEmpty() ? "" : "x in " + across, up.isEmpty() ? "" : "y in " + up)
                .filter(each -> !each.isEmpty())
                .reduce((one, other) -> one + ", " + other)
                .orElse("");
    }

    /** Its points as cells, with the equation. */
    FittedPoints points(String name, Run run, Axes axes, DecimalMark mark) {
        return new FittedPoints(
                name,
                axes.across().title(),
                reader.acrossGrid(),
                line.grid(),
                fit(List.of(), List.of(), axes, mark),
                IntStream.of(filled)
                        .mapToObj(i -> new FittedPoints.Pair(
                                reader.acrossFrom(run, line.cells().get(i)),
                                full(number(i)),
                                line.cells().get(i)))
                        .toList(),
                x::formula,
                y::formula);
    }

    /** Down, so that nothing short of a perfect fit reads 1. */
    private static String rounded(double rSquared) {
        BigDecimal all = BigDecimal.valueOf(rSquared);
        BigDecimal shown = all.setScale(
                rSquared > 0.9999 && rSquared < 1 ? 7 : 4, rSquared > 0 ? RoundingMode.DOWN : RoundingMode.HALF_EVEN);
        return (shown.compareTo(all) == 0 ? "" : "≈ ") + shown.toPlainString();
    }

    private static String full(double number) {
        if (!Double.isFinite(number)) {
            return "0";
        }
        BigDecimal digits = BigDecimal.valueOf(number);
        boolean isWhole = digits.stripTrailingZeros().scale() <= 0 && Math.abs(number) < 1e15;
        return isWhole ? digits.setScale(0, RoundingMode.UNNECESSARY).toPlainString() : digits.toString();
    }

    private static ChartData.Point bare(double x, double y, Axes axes, DecimalMark mark) {
        return new ChartData.Point(
                x,
                Double.isFinite(y) ? Optional.of(y) : Optional.empty(),
                axes.acrossText(x),
                Double.isFinite(y) ? new Measure.Numbers().text(y, mark) : "",
                Optional.empty(),
                Optional.empty());
    }
}
