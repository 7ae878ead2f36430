package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.act.Act;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Charts of random worksheets against a plain reading of the same cells: row by row, in decimals, without a line of the
 * program's own.
 */
class PairingOracleTest {
    private static final int ROWS = 14;

    /** What stands across, and what kind of values go up. */
    private enum Across {
        NUMBERS,
        QUANTITIES,
        DATES,
        WORDS
    }

    /** A worksheet with its chart, as it was made. */
    private static final class Case {
        private final Random random;
        private final LiveWorksheet live;
        private final Across across;
        private final int headings;

        Case(Random random) {
            this.random = random;
            this.across = Across.values()[random.nextInt(4)];
            this.headings = random.nextInt(3) == 0 ? 0 : 1;
            Block.Grid grid = Block.Grid.of("g", "Readings", ROWS, 4)
                    .withHeadings(random.nextBoolean() ? headings : 0)
                    .withHidden(random.nextInt(4) == 0 ? Set.of(3, 5) : Set.of(), Set.of());
            Block.Grid other = Block.Grid.of("h", "Repeated", ROWS, 4).withHeadings(grid.headings());
            Worksheet worksheet = new Worksheet("W", List.of(Section.of("s", "S", grid, other)), Words.STANDARD);
            live = new LiveWorksheet(worksheet, Patient.LIMITS);
            live.apply(List.of(
                    new Edit.Enter("g", entries()),
                    new Edit.Enter("h", entries()),
                    new Edit.AddBlock("s", chart(), 2)));
        }

        private List<Edit.Typed> entries() {
            List<Edit.Typed> typed = new ArrayList<>();
            for (int column = 0; column < 4; column++) {
                for (int row = 0; row < ROWS; row++) {
                    String text = row < headings ? "Heading " + "ABCD".charAt(column) : entry(column, row);
                    typed.add(new Edit.Typed(new Address(column, row), text));
                }
            }
            return typed;
        }

        private String entry(int column, int row) {
            int gap = random.nextInt(12);
            if (column == 3) {
                return gap == 0 ? "" : number(random.nextInt(1, 40));
            }
            if (column > 0) {
                return gap == 0 ? "" : gap == 1 && row > headings ? "n/a" : number(random.nextInt(-400, 900));
            }
            if (gap == 0 && row > headings) {
                return "";
            }
            return switch (across) {
                case NUMBERS -> number(random.nextInt(-300, 3_000));
                case QUANTITIES -> number(random.nextInt(1, 900)) + (random.nextBoolean() ? " kg" : " g");
                case DATES ->
                    LocalDate.of(2027, 1, 1).plusDays(random.nextInt(900)).toString();
                case WORDS -> "Lot " + (char) ('A' + random.nextInt(26));
            };
        }

        private String number(int tenths) {
            return BigDecimal.valueOf(tenths, 1).toPlainString();
        }

        /** Ranges that begin and end in different rows. */
        private Chart chart() {
            return Chart.of(
                            "c",
                            "C",
                            "g",
                            Optional.of(area("A", begin())),
                            series("B", random.nextBoolean()),
                            series("C", false))
                    .withMarks(List.of());
        }

        /** With headings some ranges begin below them; a word alone in the first row would else be taken for one. */
        private int begin() {
            return headings == 0 ? 0 : random.nextInt(2);
        }

        private Chart.Series series(String column, boolean withErrors) {
            Chart.Source cells = new Chart.Cells(
                    area(column, begin()), random.nextInt(4) == 0 ? Optional.of("h") : Optional.empty());
            return Chart.Series.of(cells, "", Chart.Shape.POINTS)
                    .withErrors(withErrors ? Optional.of(area("D", random.nextInt(3))) : Optional.empty())
                    .withFit(across == Across.WORDS ? Chart.Fit.NONE : Chart.Fit.LINE);
        }

        private Area area(String column, int first) {
            return Area.parse(column + (1 + first) + ":" + column + (ROWS - random.nextInt(3)))
                    .orElseThrow();
        }

        Chart drawn() {
            return (Chart) live.worksheet().outline().block("c").orElseThrow();
        }

        Value value(int column, int row) {
            return live.value("g", new Address(column, row));
        }

        /** The value of a series, from the grid that it is in. */
        Value up(int series, int column, int row) {
            String grid =
                    ((Chart.Cells) drawn().series().get(series).source()).grid().orElse("g");
            return live.value(grid, new Address(column, row));
        }

        /** Some edit that moves the cells of the chart. */
        void change() {
            switch (random.nextInt(5)) {
                case 0 ->
                    live.apply(List.of(new Edit.InsertLines("g", Axis.ROWS, headings + 1 + random.nextInt(5), 2)));
                case 1 ->
                    live.apply(List.of(new Edit.DeleteLines("g", Axis.ROWS, headings + 1 + random.nextInt(5), 2)));
                case 2 -> live.apply(List.of(new Edit.InsertLines("g", Axis.COLUMNS, 0, 1)));
                case 3 ->
                    live.apply(new Act.Sort(
                                    "g",
                                    Area.parse("A" + (headings + 1) + ":D" + ROWS)
                                            .orElseThrow(),
                                    1,
                                    false)
                            .edits(live));
                default -> {}
            }
        }
    }

    /** A point as a plain reading finds it. */
    private record Point(BigDecimal x, BigDecimal y, Optional<BigDecimal> error, String cell) {}

    /** A number or date in decimals; a weight in grams. */
    static Optional<BigDecimal> plain(Value value) {
        if (value instanceof NumberValue number) {
            return Optional.of(decimal(number.real()));
        }
        if (value instanceof Quantity quantity) {
            BigDecimal own = decimal(quantity.number());
            return Optional.of(quantity.unit().symbol().equals("kg") ? own.movePointRight(3) : own);
        }
        return value instanceof Moment.Date date
                ? Optional.of(BigDecimal.valueOf(date.date().toEpochDay()))
                : Optional.empty();
    }

    private static BigDecimal decimal(Real real) {
        Rational exact = (Rational) real;
        return new BigDecimal(exact.numerator()).divide(new BigDecimal(exact.denominator()));
    }

    /** Reads a chart row by row. */
    private static List<Point> points(Case made, int series) {
        Chart chart = made.drawn();
        Area across = chart.across().orElseThrow();
        Area up = ((Chart.Cells) chart.series().get(series).source()).area();
        int top = IntStream.concat(
                        IntStream.of(across.first().row()),
                        chart.series().stream()
                                .mapToInt(each -> ((Chart.Cells) each.source())
                                        .area()
                                        .first()
                                        .row()))
                .min()
                .orElseThrow();
        int begin = top == 0 ? made.headings : top;
        List<Point> points = new ArrayList<>();
        for (int row = Math.max(begin, up.first().row()); row <= up.last().row(); row++) {
            boolean isAcross =
                    row >= across.first().row() && row <= across.last().row();
            Value place = isAcross ? made.value(across.first().column(), row) : Blank.BLANK;
            Optional<BigDecimal> x = made.across == Across.WORDS
                    ? isAcross
                            ? Optional.of(BigDecimal.valueOf(
                                    row - Math.max(begin, across.first().row()) + 1L))
                            : Optional.empty()
                    : plain(place);
            Optional<BigDecimal> y = plain(made.up(series, up.first().column(), row));
            int at = row;
            Optional<BigDecimal> error = chart.series()
                    .get(series)
                    .errors()
                    .filter(area ->
                            at >= area.first().row() && at <= area.last().row())
                    .flatMap(area -> plain(made.up(series, area.first().column(), at)));
            if (x.isPresent() && y.isPresent()) {
                points.add(new Point(
                        x.get(),
                        y.get(),
                        error.map(BigDecimal::abs),
                        new Address(up.first().column(), row).toString()));
            }
        }
        return points;
    }

    @Test
    void everyPointIsAcrossFromTheCellsOfItsOwnRow() {
        Seeded.cases(500, random -> {
            Case made = new Case(random);
            if (random.nextBoolean()) {
                made.change();
            }
            ChartData data = ChartReading.of(made.drawn(), made.live, View.CLOSEST);
            double unit = made.across == Across.QUANTITIES && firstIsKilograms(made) ? 1e-3 : 1;
            for (int series = 0; series < 2; series++) {
                List<Point> expected = points(made, series);
                List<ChartData.Point> found = data.series().get(series).points().stream()
                        .filter(point -> point.up().isPresent())
                        .toList();
                assertThat(found)
                        .extracting(point -> point.cell().orElseThrow().toString())
                        .containsExactlyElementsOf(
                                expected.stream().map(Point::cell).toList());
                for (int i = 0; i < found.size(); i++) {
                    assertThat(found.get(i).across())
                            .isCloseTo(expected.get(i).x().doubleValue() * unit, within(1e-9));
                    assertThat(found.get(i).up().orElseThrow())
                            .isEqualTo(expected.get(i).y().doubleValue());
                    assertThat(found.get(i).error().map(ChartData.ErrorBar::half))
                            .isEqualTo(expected.get(i).error().map(BigDecimal::doubleValue));
                }
                checkFit(made, series, data, expected, unit);
            }
        });
    }

    private static boolean firstIsKilograms(Case made) {
        Area across = made.drawn().across().orElseThrow();
        return IntStream.rangeClosed(across.first().row(), across.last().row())
                .mapToObj(row -> made.value(across.first().column(), row))
                .filter(Quantity.class::isInstance)
                .findFirst()
                .filter(value -> ((Quantity) value).unit().symbol().equals("kg"))
                .isPresent();
    }

    /** The line through the points by its formulas, in decimals; and the same in the grid that it is put into. */
    private static void checkFit(Case made, int series, ChartData data, List<Point> points, double unit) {
        Set<BigDecimal> places = new TreeSet<>(points.stream().map(Point::x).toList());
        if (made.across == Across.WORDS || places.size() < 2) {
            return;
        }
        BigDecimal first = made.across == Across.DATES
                ? points.stream().map(Point::x).min(Comparator.naturalOrder()).orElseThrow()
                : BigDecimal.ZERO;
        List<BigDecimal> x = points.stream()
                .map(point -> point.x().subtract(first).multiply(BigDecimal.valueOf(unit)))
                .toList();
        List<BigDecimal> y = points.stream().map(Point::y).toList();
        MathContext digits = new MathContext(50);
        BigDecimal n = BigDecimal.valueOf(x.size());
        BigDecimal meanX = sum(x).divide(n, digits);
        BigDecimal meanY = sum(y).divide(n, digits);
        BigDecimal xx = BigDecimal.ZERO;
        BigDecimal xy = BigDecimal.ZERO;
        for (int i = 0; i < x.size(); i++) {
            BigDecimal off = x.get(i).subtract(meanX);
            xx = xx.add(off.multiply(off));
            xy = xy.add(off.multiply(y.get(i).subtract(meanY)));
        }
        BigDecimal slope = xy.divide(xx, digits);
        BigDecimal constant = meanY.subtract(slope.multiply(meanX));
        ChartData.Fit fit = data.series().get(series).fit().orElseThrow();
        assertThat(new BigDecimal(fit.coefficients().get(1).value()).doubleValue())
                .isCloseTo(slope.doubleValue(), within(1e-11 * (1 + Math.abs(slope.doubleValue()))));
        assertThat(new BigDecimal(fit.coefficients().get(0).value()).doubleValue())
                .isCloseTo(constant.doubleValue(), within(1e-11 * (1 + Math.abs(constant.doubleValue()))));
        made.live.apply(new Act.PutFit("c", series, "f" + series).edits(made.live));
        for (int i = 0; i < x.size(); i++) {
            BigDecimal residual = y.get(i).subtract(constant).subtract(slope.multiply(x.get(i)));
            double shown = residual.setScale(12, RoundingMode.HALF_EVEN).doubleValue();
            assertThat(fit.residuals().get(i).up().orElseThrow()).isCloseTo(shown, within(1e-9));
            assertThat(number(made, "f" + series + "-rest", 0, i + 1))
                    .isCloseTo(x.get(i).doubleValue(), within(1e-9));
            assertThat(number(made, "f" + series + "-rest", 3, i + 1)).isCloseTo(shown, within(1e-9));
        }
        assertThat(made.live.value("f" + series + "-rest", new Address(0, x.size() + 1)))
                .isNotInstanceOf(NumberValue.class);
    }

    private static double number(Case made, String grid, int column, int row) {
        return ((NumberValue) made.live.value(grid, new Address(column, row)))
                .real()
                .toDouble();
    }

    private static BigDecimal sum(List<BigDecimal> numbers) {
        return numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }
}
