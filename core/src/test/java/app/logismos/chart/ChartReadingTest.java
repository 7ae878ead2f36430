package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Worksheet;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChartReadingTest {
    private final Chart chart = usual("A1:A5", "B1:B5", "C1:C5")
            .with(to -> to.title("Curve")
                    .upAxis(Chart.AxisLook.titled("heat"))
                    .series(List.of(
                            Chart.Series.of(area("B1:B5"), Chart.Shape.POINTS),
                            Chart.Series.of(area("C1:C5"), Chart.Shape.LINE))));

    @Test
    void headingsNameTheSeriesAndTheAxis() {
        ChartData data = of(chart, live(1, "time", "Reading", "Law", "0", "95", "=B2", "5", "80", "=B3"));
        assertThat(data.across().title()).isEqualTo("time");
        assertThat(data.up().title()).isEqualTo("heat");
        assertThat(data.series()).extracting(ChartData.Series::name).containsExactly("Reading", "Law");
        assertThat(data.series().get(1).points())
                .extracting(ChartData.Point::up)
                .containsExactly(Optional.of(95.0), Optional.of(80.0));
    }

    @Test
    void aSeriesWithoutHeadingIsCalledByItsCells() {
        ChartData data = of(chart, live(0, "0", "95", "90", "5", "80", "70"));
        assertThat(data.series()).extracting(ChartData.Series::name).containsExactly("B1:B5", "C1:C5");
    }

    @Test
    void whatIsNoNumberIsAGap() {
        ChartData data = of(chart, live(0, "0", "95", "", "5", "no reading", "", "10", "=1/0", "", "15", "50", ""));
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::up)
                .containsExactly(Optional.of(95.0), Optional.empty(), Optional.empty(), Optional.of(50.0));
    }

    @Test
    void theScalesCoverAllSeries() {
        ChartData data = of(chart, live(0, "0", "95", "20", "50", "80", "-3"));
        assertThat(data.up().scale().least()).isLessThanOrEqualTo(-3);
        assertThat(data.up().scale().most()).isGreaterThanOrEqualTo(95);
        assertThat(data.across().scale().ticks()).extracting(Scale.Tick::label).contains("0", "50");
    }

    @Test
    void anEmptyChartHasAScaleAndSaysThatItIsEmpty() {
        ChartData data = of(chart, live(0));
        assertThat(data.across().scale().ticks()).isNotEmpty();
        assertThat(data.summary()).isEqualTo("Chart Curve. B1:B5 has no points. C1:C5 has no points.");
    }

    @Test
    void theSummarySaysWhereEachSeriesBeginsAndEnds() {
        ChartData data = of(chart, live(1, "time", "Reading", "Law", "0", "95", "94", "5", "80.5", ""));
        assertThat(data.summary())
                .isEqualTo(
                        "Chart Curve. Reading: 2 points, from 95 at 0 to 80.5 at 5. Law: 1 point, from 94 at 0 to 94 at 0.");
    }

    @Test
    void unitsAreReadFromQuantitiesAndFromHeadings() {
        ChartData data =
                of(chart, live(1, "Time, min", "Reading", "Law in °C", "0", "95 °C", "90", "5", "80 °C", "70"));
        assertThat(data.across().title()).isEqualTo("Time in min");
        assertThat(data.across().unit()).isEqualTo("min");
        assertThat(data.series()).extracting(ChartData.Series::name).containsExactly("Reading", "Law");
    }

    @Test
    void likeUnitsAreDrawnInTheFirstOneAndUnlikeOnesStandOnTheRight() {
        ChartData data = of(usual("A1:A3", "B1:B3", "C1:C3"), live(0, "0", "1 km", "20 °C", "1", "500 m", "21 °C"));
        assertThat(ups(data, 0)).containsExactly(1.0, 0.5);
        assertThat(data.series()).extracting(ChartData.Series::onRight).containsExactly(false, true);
        assertThat(data.up().title()).isEqualTo("in km");
        assertThat(data.right().orElseThrow().title()).isEqualTo("in °C");
    }

    @Test
    void likeUnitsOfSeveralSeriesAreDrawnInThatOfTheFirst() {
        LiveWorksheet live = live(0, "1", "1200 g", "1.2 kg", "2", "900 g", "2 kg");
        ChartData plot = of(usual("A1:A2", "B1:B2", "C1:C2"), live);
        assertThat(ups(plot, 0)).containsExactly(1200.0, 900.0);
        assertThat(ups(plot, 1)).containsExactly(1200.0, 2000.0);
        assertThat(plot.series().get(1).points())
                .extracting(ChartData.Point::upText)
                .containsExactly("1.2 kg", "2 kg");
        assertThat(plot.up().title()).isEqualTo("in g");
        assertThat(plot.right()).isEmpty();
        ChartData boxes = of(formed(Chart.Form.BOXES, "A1:A2", "B1:B2", "C1:C2"), live);
        assertThat(boxes.boxes())
                .extracting(Boxes::median)
                .containsExactly(new Scale.Tick(1050, "1050 g"), new Scale.Tick(1600, "1600 g"));
        ChartData bins = of(formed(Chart.Form.HISTOGRAM, "A1:A2", "B1:B2", "C1:C2"), live);
        assertThat(bins.bins().orElseThrow().edges().get(0)).isEqualTo(new Scale.Tick(500, "500 g"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PLOT | 20 °C | 3 EUR | C1:C2 is in EUR, and the chart is in g and in °C. Draw it in a chart of its own.",
                "PLOT | 20 °C | 2027-03-01 | C1:C2 is of dates, and the chart is in g and in °C. Draw it in a chart of its own.",
                "PLOT | 2 kg | 3 EUR | ",
                "PLOT | 2 USD | 3 EUR | The rates between USD and EUR are sample data, not those of today. They can be edited.",
                "BOXES | 2 kg | 3 EUR | C1:C2 is in EUR, and the chart is in g. Draw it in a chart of its own.",
                "HISTOGRAM | 2 kg | 7 | C1:C2 is without a unit, and the chart is in g. Draw it in a chart of its own.",
            })
    void whatNoAxisFitsIsLeftOutAndTold(Chart.Form form, String second, String third, String fault) {
        ChartData data = of(
                formed(form, "A1:A2", "A1:A2", "B1:B2", "C1:C2"), live(0, "1 g", second, third, "2 g", second, third));
        assertThat(data.faults()).isEqualTo(fault == null ? List.of() : List.of(fault));
        boolean isLeftOut = fault != null && fault.endsWith("of its own.");
        assertThat(data.series().get(2).points())
                .filteredOn(point -> point.up().isPresent())
                .hasSize(isLeftOut ? 0 : 2);
    }

    @Test
    void seriesWhoseHeadingsHaveUnlikeUnitsStandOnAxesOfTheirOwn() {
        ChartData data = of(usual("A1:A2", "B1:B2", "C1:C2"), live(1, "Time", "Mass, g", "Mass, kg", "1", "5", "7"));
        assertThat(data.series()).extracting(ChartData.Series::onRight).containsExactly(false, true);
        assertThat(data.up().title()).isEqualTo("Mass in g");
        assertThat(data.right().orElseThrow().title()).isEqualTo("Mass in kg");
    }

    @Test
    void anErrorBarIsAsLongInTheUnitOfTheAxis() {
        Chart both = Chart.of(
                "c",
                "Both",
                "g",
                Optional.empty(),
                Chart.Series.of(area("A1:A2"), Chart.Shape.POINTS),
                Chart.Series.of(area("B1:B2"), Chart.Shape.POINTS).withErrors(Optional.of(area("C1:C2"))));
        ChartData data = of(both, live(0, "5 g", "1 kg", "0.1 kg", "6 g", "2 kg", "50 g"));
        ChartData gap = of(both, live(0, "5 g", "1 kg", "0.1 kg", "6 g", "", "50 g"));
        assertThat(gap.series().get(1).points())
                .extracting(ChartData.Point::error)
                .last()
                .isEqualTo(Optional.empty());
        assertThat(data.series().get(1).points())
                .extracting(point -> point.error().orElseThrow())
                .satisfiesExactly(
                        first -> {
                            assertThat(first.half()).isCloseTo(100, within(1e-9));
                            assertThat(first.text()).endsWith("100 g");
                        },
                        other -> assertThat(other.half()).isCloseTo(50, within(1e-9)));
    }

    @Test
    void aValueOfAnotherKindIsAGapAndTold() {
        assertThat(of(usual("A1:A3", "B1:B3"), live(0, "1", "1 g", "", "2", "3 EUR", "", "3", "2 g", ""))
                        .faults())
                .containsExactly("1 value of B1:B3 is of another kind than the first, and left out.");
        assertThat(of(formed(Chart.Form.FIELDS, "A1:A1", "A1:C2"), live(0, "mug", "1", "2", "5", "1 g", "2 EUR"))
                        .faults())
                .containsExactly("1 value of mug is of another kind than the first, and left out.");
    }

    @Test
    void datesAcrossHaveACalendar() {
        ChartData data = of(usual("A1:A3", "B1:B3"), live(0, "2027-03-01", "4", "", "2027-03-04", "6"));
        assertThat(data.across().scale().ticks()).extracting(Scale.Tick::label).contains("2027-03-02");
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::acrossText)
                .containsExactly("2027-03-01", "2027-03-04");
    }

    @Test
    void textsAcrossArePlacesWithNames() {
        ChartData data = of(
                usual("A1:A4", "B1:B4"),
                live(1, "Leaf", "Price", "", "Assam", "12", "", "Keemun", "", "", "Sencha", "9"));
        assertThat(data.across().places()).isTrue();
        assertThat(data.across().scale().ticks())
                .extracting(Scale.Tick::label)
                .containsExactly("Assam", "Keemun", "Sencha");
        assertThat(ups(data, 0)).containsExactly(12.0, Double.NaN, 9.0);
    }

    @Test
    void barsBeginAtZeroAndStackedBarsReachTheirSum() {
        Chart bars = Chart.of(
                "c",
                "Bars",
                "g",
                Optional.of(area("A1:A2")),
                Chart.Series.of(area("B1:B2"), Chart.Shape.BARS),
                Chart.Series.of(area("C1:C2"), Chart.Shape.BARS));
        LiveWorksheet live = live(0, "a", "50", "60", "b", "55", "70");
        assertThat(of(bars, live).up().scale().least()).isZero();
        assertThat(of(bars.withStacked(true), live).up().scale().most()).isGreaterThanOrEqualTo(125);
    }

    @Test
    void sharesAreOfTheWhole() {
        ChartData data = of(formed(Chart.Form.SHARES, "A1:A3", "B1:B3"), live(0, "a", "1", "", "b", "2", "", "c", "5"));
        assertThat(data.series().get(0).share()).containsExactly("12.5 %", "25.0 %", "62.5 %");
        assertThat(data.summary()).isEqualTo("Chart Look. B1:B3: a 12.5 %, b 25.0 %, c 62.5 %.");
        ChartData thirds = of(formed(Chart.Form.SHARES, "A1:A2", "B1:B2"), live(0, "a", "0.1", "", "b", "0.2", ""));
        assertThat(thirds.series().get(0).share()).containsExactly("≈ 33.3 %", "≈ 66.7 %");
        assertThat(of(formed(Chart.Form.SHARES, "A1:A2", "B1:B2", "C1:C2"), live(0, "a", "1", "2", "b", "2", "3"))
                        .faults())
                .containsExactly("Shares are of one series, the first. Draw the others in charts of their own.");
        ChartData none = of(formed(Chart.Form.SHARES, "A1:A2", "B1:B2"), live(0, "a", "0", "", "b", "0", ""));
        assertThat(none.series().get(0).share()).containsExactly("", "");
    }

    @Test
    void sharesOfNegativeValuesAreRefused() {
        ChartData data = of(formed(Chart.Form.SHARES, "A1:A2", "B1:B2"), live(0, "a", "1", "", "b", "-2"));
        assertThat(data.faults()).containsExactly("Shares are of values above 0, and B1:B2 has one below.");
    }

    @Test
    void aHistogramCountsAlongTheValues() {
        ChartData data = of(
                formed(Chart.Form.HISTOGRAM, "A1:A5", "B1:B5"),
                live(0, "", "1", "", "", "2", "", "", "2", "", "", "9", "", "", "3"));
        assertThat(data.bins().orElseThrow().counts().get(0).stream()
                        .mapToInt(Integer::intValue)
                        .sum())
                .isEqualTo(5);
        assertThat(data.up().title()).isEqualTo("count");
    }

    @Test
    void figuresOfAHistogramAndOfBoxesHaveTheirUnits() {
        LiveWorksheet live = live(0, "", "0.1 g", "", "", "0.2 g", "", "", "0.4 g", "", "", "2 g", "");
        ChartData histogram = of(formed(Chart.Form.HISTOGRAM, "A1:A4", "B1:B4"), live);
        assertThat(histogram.bins().orElseThrow().edges())
                .extracting(Scale.Tick::label)
                .startsWith("0 g")
                .endsWith("2 g");
        assertThat(histogram.summary())
                .isEqualTo("Chart Look. 4 values in 2 bins from 0 g to 2 g; most from 0 g to 1 g.");
        ChartData boxes = of(formed(Chart.Form.BOXES, "A1:A4", "B1:B4"), live);
        assertThat(boxes.boxes().get(0).median().label()).isEqualTo("0.3 g");
        assertThat(boxes.boxes().get(0).farOut()).containsExactly(new Scale.Tick(2, "2 g"));
        assertThat(boxes.summary())
                .isEqualTo("Chart Look. B1:B4: 4 values, median 0.3 g, the middle half from 0.175 g to 0.8 g.");
    }

    @Test
    void aCurveIsDrawnFromItsExpressionAndFollowsNames() {
        LiveWorksheet live = live(0, "3", "0", "0");
        live.apply(List.of(new Edit.Define("height", Optional.of(new Edit.Place("g", area("A1"))))));
        Chart curve = Chart.of(
                "c",
                "Curve",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("height*x^2", "x", "0", "2"), "", Chart.Shape.LINE));
        ChartData data = of(curve, live);
        List<ChartData.Point> points = data.series().get(0).points();
        assertThat(points.get(points.size() - 1).up()).contains(12.0);
        assertThat(data.across().title()).isEqualTo("x");
        live.apply(List.of(new Edit.Enter("g", List.of(new Edit.Typed(Address.FIRST, "5")))));
        assertThat(of(curve, live).up().scale().most()).isEqualTo(20);
    }

    @Test
    void aCurveOfQuantitiesHasItsUnits() {
        Chart curve = Chart.of(
                "c",
                "Fall",
                "g",
                Optional.empty(),
                Chart.Series.of(
                        new Chart.Curve("9.8 m/s^2*time_/2*time_", "time_", "0 s", "4 s"), "", Chart.Shape.LINE));
        ChartData data = of(curve, live(0));
        assertThat(data.faults()).isEmpty();
        assertThat(data.across().title()).isEqualTo("time_ in s");
        assertThat(data.up().unit()).isEqualTo("m");
        assertThat(data.up().scale().most()).isGreaterThanOrEqualTo(78.4);
    }

    @Test
    void aCurveThatCannotBeReadSaysWhy() {
        Chart curve = Chart.of(
                "c",
                "Curve",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("1+", "x", "0", "2"), "", Chart.Shape.LINE),
                Chart.Series.of(new Chart.Curve("x", "x", "3", "2"), "", Chart.Shape.LINE));
        assertThat(of(curve, live(0)).faults()).hasSize(2).satisfies(faults -> {
            assertThat(faults.get(0)).startsWith("The curve 1+ has no values here. ");
            assertThat(faults.get(1))
                    .isEqualTo("The curve x needs a beginning that is less than its end, in one unit.");
        });
    }

    @Test
    void aPathGoesWhereBothExpressionsSay() {
        Chart circle = Chart.of(
                "c",
                "Circle",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Path("cos(a)", "sin(a)", "a", "0", "2*pi"), "", Chart.Shape.LINE));
        ChartData data = of(circle, live(0));
        assertThat(data.series().get(0).points())
                .allSatisfy(point -> assertThat(
                                Math.hypot(point.across(), point.up().orElseThrow()))
                        .isCloseTo(1, within(1e-9)));
        assertThat(data.series().get(0).points()).hasSizeGreaterThan(100);
    }

    @Test
    void aFitThroughCellsHasItsEquationUnitsAndResiduals() {
        Chart fitted = Chart.of(
                "c",
                "Fit",
                "g",
                Optional.of(area("A1:A4")),
                Chart.Series.of(area("B1:B4"), Chart.Shape.POINTS).withFit(Chart.Fit.LINE));
        ChartData.Fit fit = of(
                        fitted, live(1, "Time, min", "Reading", "", "0", "1 °C", "", "1", "3 °C", "", "2", "5 °C", ""))
                .series()
                .get(0)
                .fit()
                .orElseThrow();
        assertThat(fit.text()).isEqualTo("2*x + 1");
        assertThat(fit.units()).isEqualTo("x in min, y in °C");
        assertThat(fit.rSquared()).isEqualTo("1.0000");
        assertThat(fit.residuals()).extracting(ChartData.Point::up).containsOnly(Optional.of(0.0));
        assertThat(fit.rounded()).isFalse();
        ChartData rounded = of(fitted, live(0, "0", "1", "", "1", "3", "", "3", "4", ""));
        assertThat(rounded.series().get(0).fit().orElseThrow().rounded()).isTrue();
        assertThat(rounded.summary()).endsWith("Fitted: y ≈ 0.9286*x + 1.429, R² ≈ 0.8622.");
    }

    @Test
    void setEndsAndLogarithmicStepsAreKept() {
        Chart set = withUp(new Chart.AxisLook("", "1", "1000", true));
        Scale scale = of(set, live(0, "0", "5", "6", "1", "900", "8")).up().scale();
        assertThat(scale.logarithmic()).isTrue();
        assertThat(scale.least()).isEqualTo(1);
        assertThat(scale.most()).isEqualTo(1000);
        ChartData refused = of(withUp(new Chart.AxisLook("", "", "", true)), live(0, "0", "-5", "6", "1", "900", "8"));
        assertThat(refused.up().scale().logarithmic()).isTrue();
        assertThat(refused.faults())
                .containsExactly("1 value of B1:B5 is not above 0, and logarithmic steps have no place for that.");
        ChartData wrong = of(withUp(new Chart.AxisLook("", "9", "2", false)), live(0, "0", "5", "6"));
        assertThat(wrong.faults()).containsExactly("An axis begins below its end, and this one would go from 9 to 2.");
    }

    @Test
    void whatIsTooLargeIsLeftOutAndTold() {
        ChartData data = of(chart, live(0, "0", "=10^400", "6", "1", "=-10^301", "8", "2", "5", "7"));
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::up)
                .containsExactly(Optional.empty(), Optional.empty(), Optional.of(5.0));
        assertThat(data.faults()).containsExactly("2 values of B1:B5 are too large to be drawn.");
        ChartData across = of(chart, live(0, "0", "4", "6", "=10^400", "5", "8"));
        assertThat(across.faults()).containsExactly("1 value of A1:A5 is too large to be drawn: A2.");
    }

    @Test
    void complexNumbersAreLeftOutAndTold() {
        ChartData data = of(chart, live(0, "0", "=1+2i", "6", "1", "=sqrt(-1+0i)", "8", "2", "5", "7"));
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::up)
                .containsExactly(Optional.empty(), Optional.empty(), Optional.of(5.0));
        assertThat(data.faults())
                .containsExactly(
                        "2 values of B1:B5 are complex, and left out: `re` and `im` give parts that can be drawn.");
        ChartData curve = of(
                Chart.of(
                        "c",
                        "Curve",
                        "g",
                        Optional.empty(),
                        Chart.Series.of(new Chart.Curve("x*i + 1", "x", "0", "4"), "", Chart.Shape.LINE)),
                live(0));
        assertThat(curve.faults())
                .containsExactly("The curve x*i + 1 has complex values here. Draw their `re`, `im` or `abs`.");
    }

    @Test
    void whatIsShownWithFewerDigitsThanItHasIsMarked() {
        ChartData data = of(chart, live(0, "=1/3", "=2/3", "0.25", "2", "=1.00000000001", "8"));
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::acrossText, ChartData.Point::upText)
                .containsExactly(tuple("≈ 0.3333333333", "≈ 0.6666666667"), tuple("2", "≈ 1"));
        assertThat(data.summary()).contains("from ≈ 0.6666666667 at ≈ 0.3333333333 to ≈ 1 at 2");
        assertThat(data.series().get(1).points())
                .extracting(ChartData.Point::upText)
                .containsExactly("0.25", "8");
    }

    @Test
    void aBoxWithoutHeadingIsCalledByItsCells() {
        ChartData data = of(formed(Chart.Form.BOXES, "A1:A3", "B1:B3"), live(0, "", "1", "", "", "2", "", "", "4", ""));
        assertThat(data.across().scale().ticks()).extracting(Scale.Tick::label).containsExactly("B1:B3");
    }

    @Test
    void aTwoWayTableHasItsPlacesValuesAndContours() {
        ChartData data = of(
                formed(Chart.Form.CONTOURS, "A1:A1", "A1:C3"),
                live(0, "mug", "10", "20", "1", "0", "10", "2", "10", "20"));
        ChartData.TwoWay table = data.table().orElseThrow();
        assertThat(table.across()).containsExactly(new Scale.Tick(10, "10"), new Scale.Tick(20, "20"));
        assertThat(table.up()).containsExactly(new Scale.Tick(1, "1"), new Scale.Tick(2, "2"));
        assertThat(table.first()).hasToString("B2");
        assertThat(table.height().title()).isEqualTo("mug");
        assertThat(table.contours())
                .isNotEmpty()
                .allSatisfy(contour -> assertThat(contour.places()).hasSizeGreaterThan(1));
        assertThat(of(formed(Chart.Form.SURFACE, "A1:A1", "A1:A3"), live(0, "a"))
                        .faults())
                .hasSize(1);
    }

    @Test
    void axesInSpaceBeginAndEndAtATickAndOthersAtTheirPlaces() {
        LiveWorksheet live = live(0, "mug", "65", "95", "1", "0", "10", "2", "10", "20");
        Scale inSpace =
                of(formed(Chart.Form.SURFACE, "A1:A1", "A1:C3"), live).across().scale();
        assertThat(List.of(inSpace.least(), inSpace.most())).containsExactly(65.0, 95.0);
        assertThat(inSpace.ticks()).extracting(Scale.Tick::at).startsWith(65.0).endsWith(95.0);
        live.apply(List.of(new Edit.Enter("g", List.of(new Edit.Typed(new Address(2, 0), "99")))));
        assertThat(of(formed(Chart.Form.SURFACE, "A1:A1", "A1:C3"), live)
                        .across()
                        .scale()
                        .most())
                .isEqualTo(100);
        assertThat(of(formed(Chart.Form.CONTOURS, "A1:A1", "A1:C3"), live)
                        .across()
                        .scale()
                        .most())
                .isEqualTo(99);
    }

    @Test
    void headingsAndValuesOfATwoWayTableReadAsTheirCellsDo() {
        LiveWorksheet live = live(0, "mug", "0.5 kg", "1.5 kg", "2027-03-01", "=1/3", "2", "2027-03-08", "3", "4.25");
        live.apply(List.of(new Edit.ChangeSettings(new Settings(false, true, false, false, false, ""))));
        ChartData data = of(formed(Chart.Form.FIELDS, "A1:A1", "A1:C3"), live);
        ChartData.TwoWay table = data.table().orElseThrow();
        assertThat(table.across()).containsExactly(new Scale.Tick(0.5, "0,5 kg"), new Scale.Tick(1.5, "1,5 kg"));
        assertThat(table.up()).extracting(Scale.Tick::label).containsExactly("2027-03-01", "2027-03-08");
        assertThat(table.texts()).containsExactly(List.of("≈ 0,3333333333", "2"), List.of("3", "4,25"));
        assertThat(data.summary()).endsWith("2 rows and 2 columns; values from ≈ 0,3333333333 to 4,25.");
        assertThat(data.across().scale().ticks())
                .extracting(Scale.Tick::label)
                .contains("0,6", "0,8")
                .noneMatch(label -> label.contains("."));
    }

    @Test
    void axesOfCellsInPercentAreInPercent() {
        LiveWorksheet live = live(0, "0.001", "0.1", "", "0.002", "0.3");
        live.apply(List.of(new Edit.ChangeSettings(new Settings(false, true, false, false, false, "percent"))));
        ChartData data = of(chart, live);
        assertThat(data.across().scale().ticks())
                .extracting(Scale.Tick::label)
                .startsWith("0,1 %")
                .endsWith("0,2 %");
        assertThat(data.up().scale().ticks()).extracting(Scale.Tick::label).contains("10 %");
        assertThat(data.series().get(0).points())
                .extracting(ChartData.Point::acrossText)
                .containsExactly("0,1 %", "0,2 %");
        ChartData bins = of(chart.withForm(Chart.Form.HISTOGRAM), live);
        assertThat(bins.across().scale().ticks())
                .extracting(Scale.Tick::label)
                .isNotEmpty()
                .allMatch(label -> label.endsWith(" %"));
        assertThat(bins.bins().orElseThrow().edges())
                .extracting(Scale.Tick::label)
                .allMatch(text -> text.endsWith("%"));
    }

    @Test
    void marksStandOnContoursWithoutTheTangentsOfFormerCurves() {
        Chart contours = formed(Chart.Form.CONTOURS, "A1:A1", "A1:C3");
        Chart marked = contours.withMarks(List.of(new Chart.Label(15, 1.5, "ridge"), new Chart.Tangent("0", 1)));
        ChartData data = of(marked, live(0, "mug", "10", "20", "1", "0", "10", "2", "10", "20"));
        assertThat(data.marks())
                .extracting(ChartData.Mark::at, ChartData.Mark::text)
                .containsExactly(tuple(new Place(15, 1.5), "ridge"), tuple(new Place(1, 0), ""));
        assertThat(data.faults()).isEmpty();
    }

    @Test
    void eachSeriesHasAnIdOfItsOwn() {
        Chart.Series series = chart.series().get(0);
        Chart twice = Chart.of(
                "c",
                "Twice",
                "g",
                chart.across(),
                series,
                series,
                chart.series().get(1));
        assertThat(twice.series()).extracting(Chart.Series::id).doesNotHaveDuplicates();
        assertThat(twice.place("0")).hasValue(0);
        assertThat(twice.place("none")).isEmpty();
    }

    @Test
    void aPoleIsCutAndTold() {
        Chart curve = Chart.of(
                "c",
                "Curve",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("1/x", "x", "-10", "10"), "", Chart.Shape.LINE));
        ChartData data = of(curve, live(0));
        assertThat(data.up().scale().most()).isLessThan(20);
        assertThat(data.faults())
                .containsExactly("1/x goes on further than is shown. Say where the axis ends to see more of it.");
    }

    @Test
    void aLogarithmicAxisOfDatesIsRefusedWithItsReason() {
        ChartData data = of(
                withUp(new Chart.AxisLook("", "", "", true)),
                live(0, "1", "2027-03-01", "", "2", "2027-04-01", "", "3", "2027-05-01", ""));
        assertThat(data.up().scale().logarithmic()).isFalse();
        assertThat(data.faults())
                .contains("Logarithmic steps are ratios, and values of dates have none, so this axis has even steps.");
    }

    @Test
    void binsOfTimesHaveTheirEdgesOnTheClock() {
        ChartData data = of(
                formed(Chart.Form.HISTOGRAM, "A1:A5", "B1:B5"),
                live(0, "", "08:07", "", "", "08:40", "", "", "09:15", "", "", "10:05", "", "", "11:50", ""));
        assertThat(data.bins().orElseThrow().edges())
                .extracting(Scale.Tick::at)
                .allSatisfy(edge -> assertThat(edge % 1_800).isZero());
        assertThat(data.across().scale().ticks()).extracting(Scale.Tick::label).allMatch(label -> label.contains(":"));
    }

    @Test
    void whatWasDeletedIsAStateOfTheChart() {
        LiveWorksheet live = live(1, "Minute", "Heat", "Law", "1", "5", "6", "2", "7", "8");
        live.apply(List.of(new Edit.AddBlock("s", chart, 1)));
        live.apply(List.of(new Edit.DeleteLines("g", Axis.COLUMNS, 0, 1)));
        Chart without = (Chart) live.worksheet().outline().block("c").orElseThrow();
        assertThat(without.acrossDeleted()).isTrue();
        ChartData data = of(without, live);
        assertThat(data.faults())
                .contains("What went across was deleted. Choose other cells for it, or let it count 1, 2, 3.");
        assertThat(data.series())
                .allSatisfy(series -> assertThat(series.points()).isEmpty());
        live.apply(List.of(new Edit.DeleteLines("g", Axis.COLUMNS, 0, 1)));
        Chart gone = (Chart) live.worksheet().outline().block("c").orElseThrow();
        assertThat(gone.series()).hasSize(2);
        assertThat(gone.series().get(0).source()).isInstanceOf(Chart.Deleted.class);
        assertThat(of(gone, live).faults())
                .anyMatch(fault -> fault.startsWith("The cells of a series, A1:A5, were deleted."));
    }

    @Test
    void errorBarsWhoseCellsWereDeletedAreTold() {
        LiveWorksheet live = live(0, "1", "5", "0.1", "2", "7", "0.2", "3", "8", "0.3");
        Chart drawn = Chart.of(
                "c",
                "Readings",
                "g",
                Optional.of(area("A1:A3")),
                Chart.Series.of(area("B1:B3"), Chart.Shape.POINTS).withErrors(Optional.of(area("C1:C3"))));
        live.apply(List.of(new Edit.AddBlock("s", drawn, 1)));
        live.apply(List.of(new Edit.DeleteLines("g", Axis.COLUMNS, 2, 1)));
        Chart without = (Chart) live.worksheet().outline().block("c").orElseThrow();
        ChartData data = of(without, live);
        assertThat(data.faults())
                .containsExactly(
                        "The cells of the error bars of B1:B3 were deleted. Choose others for them, or draw it without.");
        assertThat(data.series().get(0).points())
                .hasSize(3)
                .allMatch(point -> point.error().isEmpty());
    }

    @Test
    void aPartBetweenTwoPointsShowsTheLineBetweenThem() {
        LiveWorksheet live = live(0, "0", "5", "6", "10", "9", "8", "20", "1", "1");
        View between = new View(640, Optional.of(new View.Part(12, 13)), Optional.empty());
        assertThat(ChartReading.of(chart, live, between).series().get(1).points())
                .extracting(ChartData.Point::across)
                .containsExactly(10.0, 20.0);
    }

    @Test
    void aFitIsDrawnAnewOverThePartThatIsSeen() {
        Chart fitted = chart.withSeries(
                List.of(Chart.Series.of(area("B1:B5"), Chart.Shape.POINTS).withFit(Chart.Fit.QUADRATIC)));
        LiveWorksheet live = live(0, "0", "5", "", "100", "9", "", "200", "1", "");
        View close = new View(640, Optional.of(new View.Part(12, 12.5)), Optional.empty());
        List<ChartData.Point> drawn = ChartReading.of(fitted, live, close)
                .series()
                .get(0)
                .fit()
                .orElseThrow()
                .curve();
        assertThat(drawn).hasSizeGreaterThan(2).allMatch(point -> point.across() >= 12 && point.across() <= 12.5);
        assertThat(drawn.get(0).across()).isEqualTo(12);
        assertThat(drawn.get(drawn.size() - 1).across()).isEqualTo(12.5);
        View beyond = new View(640, Optional.of(new View.Part(300, 301)), Optional.empty());
        assertThat(ChartReading.of(fitted, live, beyond)
                        .series()
                        .get(0)
                        .fit()
                        .orElseThrow()
                        .curve())
                .isEmpty();
    }

    @ParameterizedTest(name = "{0} at {1}: {2}")
    @CsvSource(delimiter = '|', textBlock = """
            1/x | 0.001 | slope ≈ -1000000 at 0.001
            x^3 | 1 | slope ≈ 3 at 1
            sin(50*x) | 0 | slope ≈ 50 at 0
            e^(x/2)*ln(x+1) | 1 | slope ≈ 1.396 at 1
            x^1.5 | 0 | slope from the right ≈ 0 at 0
            floor(x) | 2 | slope from the right ≈ 0 at 2
            floor(x) | 2.5 | slope ≈ 0 at 2.5
            abs(x-1) | 1 | The curve has a kink at 1, so it has no tangent there: its slope is ≈ -1 from the left and ≈ 1 from the right.
            max(x, 2) | 2 | The curve has a kink at 2, so it has no tangent there: its slope is ≈ 0 from the left and ≈ 1 from the right.
            if(x < 2, x^2, 5*x) | 2 | slope from the right ≈ 5 at 2
            sqrt(x) | 0 | The curve stands upright or ends at 0, so it has no tangent there.
            1/x | 0 | The curve has no value at 0, so it has no tangent there.
            x^2*1 kg | 3 | slope ≈ 6 kg at 3
            root(x, 3) | 8 | slope ≈ 0.08333 at 8
            50 °F + 9 K*x | 5 | slope ≈ 9 K at 5
            20 °C + 75 K*e^(-x/10) | 5 | slope ≈ -4.549 K at 5
            """)
    void aTangentIsTakenAtThePlaceFromEitherSide(String expression, double at, String told) {
        Chart curve = Chart.of(
                        "c",
                        "Curve",
                        "g",
                        Optional.empty(),
                        Chart.Series.of(new Chart.Curve(expression, "x", "0", "10"), "", Chart.Shape.LINE))
                .withMarks(List.of(new Chart.Tangent("0", at)));
        ChartData data = of(curve, live(0));
        assertThat(Stream.concat(data.marks().stream().map(ChartData.Mark::text), data.faults().stream())
                        .filter(text -> !text.isEmpty() && !text.contains("goes on further than is shown")))
                .containsExactly(told);
    }

    @Test
    void aTangentHasTheSlopeOfTheCurve() {
        Chart curve = Chart.of(
                "c",
                "Curve",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("x^3", "x", "0", "2"), "", Chart.Shape.LINE));
        Chart marked = curve.withMarks(List.of(
                new Chart.Tangent("0", 1),
                new Chart.Formula(1, 2, "y = x^3"),
                new Chart.Label(0.5, 4, "steep"),
                new Chart.Tangent("7", 1)));
        ChartData data = of(marked, live(0));
        assertThat(data.marks())
                .extracting(ChartData.Mark::text)
                .containsExactly("slope ≈ 3 at 1", "y = x^3", "steep", "");
        assertThat(data.marks().get(1).latex()).isEqualTo("y = {\\htmlClass{ref-0}{x}}^{3}");
        assertThat(data.faults()).containsExactly("A tangent needs a series that has an expression.");
    }

    @Test
    void aMillionCellsAreReadAndReduced() {
        Block.Grid grid = Block.Grid.of("g", "Readings", 100_000, 2);
        LiveWorksheet live = new LiveWorksheet(
                new Worksheet("W", List.of(Section.of("s", "S", grid)), Words.STANDARD), Patient.LIMITS);
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 0; row < 100_000; row++) {
            typed.add(new Edit.Typed(new Address(0, row), String.valueOf(row)));
            typed.add(new Edit.Typed(new Address(1, row), row == 54_321 ? "99" : "1"));
        }
        live.apply(List.of(new Edit.Enter("g", typed)));
        ChartData data = of(
                Chart.of(
                        "c",
                        "C",
                        "g",
                        Optional.of(area("A1:A100000")),
                        Chart.Series.of(area("B1:B100000"), Chart.Shape.LINE)),
                live);
        assertThat(data.series().get(0).points())
                .hasSizeLessThanOrEqualTo(4 * View.USUAL.columns())
                .anySatisfy(point -> assertThat(point.up()).contains(99.0));
        assertThat(data.series().get(0).count()).isEqualTo(100_000);
    }

    @Test
    void anInputRunsThroughValuesWithFixedAxesAndKeepsItsOwn() {
        LiveWorksheet live = live(0, "3", "=A1*2", "");
        Chart curve = Chart.of(
                "c",
                "Curve",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("A1*x", "x", "0", "1"), "", Chart.Shape.LINE));
        List<RunThrough.Frame> frames =
                RunThrough.frames(curve, live, new Edit.Place("g", area("A1")), List.of("1", "10", "100"));
        assertThat(frames).extracting(RunThrough.Frame::value).containsExactly("1", "10", "100");
        assertThat(frames).extracting(frame -> frame.data().up().scale().most()).containsOnly(100.0);
        assertThat(ups(frames.get(0).data(), 0)).contains(1.0).doesNotContain(100.0);
        assertThat(live.worksheet().textIn("g", Address.FIRST)).isEqualTo("3");
        assertThat(live.value("g", new Address(1, 0)))
                .hasToString(live.worth("6", "g").toString());
    }

    @Test
    void aRunThroughValuesEndsWithItsTimeAndSaysSo() {
        Block.Grid grid = Block.Grid.of("g", "Readings", 5, 3);
        Limits noTime =
                new Limits(Duration.ofNanos(1), Limits.USUAL.tableCells(), Limits.USUAL.bytes(), Limits.USUAL.steps());
        LiveWorksheet live =
                new LiveWorksheet(new Worksheet("W", List.of(Section.of("s", "S", grid)), Words.STANDARD), noTime);
        live.apply(List.of(new Edit.Enter(
                "g", List.of(new Edit.Typed(Address.FIRST, "3"), new Edit.Typed(new Address(1, 0), "4")))));
        List<RunThrough.Frame> frames = RunThrough.frames(
                usual("A1:A2", "A1:A2"), live, new Edit.Place("g", area("A1")), List.of("1", "10", "100"));
        assertThat(frames).hasSize(1);
        assertThat(frames.get(0).data().faults())
                .contains("There was time for 1 of the 3 values. Let it run through fewer.");
        assertThat(live.worksheet().textIn("g", Address.FIRST)).isEqualTo("3");
    }

    @Test
    void theCurvesOfAChartHaveTheTimeOfOneCalculationTogether() {
        Limits second = Limits.USUAL.within(Duration.ofSeconds(1));
        Worksheet worksheet =
                new Worksheet("W", List.of(Section.of("s", "S", Block.Grid.of("g", "Readings", 5, 3))), Words.STANDARD);
        LiveWorksheet live = new LiveWorksheet(worksheet, second);
        Chart.Series slow = Chart.Series.of(
                new Chart.Curve("sum(sqrt(series(1, 300000) + x))", "x", "0", "1"), "slow", Chart.Shape.LINE);
        Chart.Series quick = Chart.Series.of(
                new Chart.Curve("sum(sqrt(series(1, 600) + x))", "x", "0", "1"), "quick", Chart.Shape.LINE);
        Chart alone = Chart.of("c", "Alone", "g", Optional.empty(), quick);
        Chart both = alone.withSeries(List.of(slow, quick));
        assertThat(ChartReading.of(alone, live, View.USUAL).series().get(0).points())
                .isNotEmpty();
        assertThat(ChartReading.of(both, live, View.USUAL).series().get(1).points())
                .isEmpty();
    }

    @Test
    void axesThatCoverARunAreWrittenAsTheirCellsAre() {
        LiveWorksheet live = live(0, "0.1", "=A1/1000", "=date(2027;3;1)+A1*1000", "", "=A1/500", "=C1+2");
        live.apply(List.of(new Edit.ChangeSettings(new Settings(false, true, false, false, false, "percent"))));
        List<RunThrough.Frame> frames = RunThrough.frames(
                usual("B1:B2", "B1:B2", "C1:C2"),
                live,
                new Edit.Place("g", area("A1")),
                List.of("0.01", "0.02", "0.04"));
        assertThat(frames).allSatisfy(frame -> {
            ChartData data = frame.data();
            assertThat(labels(data.across()))
                    .startsWith("0,001 %")
                    .contains("0,002 %")
                    .allMatch(label -> label.endsWith(" %"));
            assertThat(labels(data.up())).startsWith("0,001 %").endsWith("0,008 %");
            assertThat(labels(data.right().orElseThrow())).allMatch(label -> label.startsWith("2027-"));
        });
    }

    private static List<String> labels(ChartData.Axis axis) {
        return axis.scale().ticks().stream().map(Scale.Tick::label).toList();
    }

    @Test
    void aCellThatNamesItselfKeepsItsNameWhileItRuns() {
        LiveWorksheet live = live(0, "rise = 3", "", "");
        Chart curve = Chart.of(
                "c",
                "Curve",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("rise*x", "x", "0", "1"), "", Chart.Shape.LINE));
        List<RunThrough.Frame> frames =
                RunThrough.frames(curve, live, new Edit.Place("g", area("A1")), List.of("1", "7"));
        assertThat(ups(frames.get(1).data(), 0)).contains(7.0);
        assertThat(live.worksheet().textIn("g", Address.FIRST)).isEqualTo("rise = 3");
        assertThat(of(curve, live).faults()).isEmpty();
    }

    private static List<Double> ups(ChartData data, int series) {
        return data.series().get(series).points().stream()
                .map(point -> point.up().orElse(Double.NaN))
                .toList();
    }

    private static Chart usual(String across, String... series) {
        return Chart.of(
                "c",
                "Look",
                "g",
                Optional.of(area(across)),
                Stream.of(series)
                        .map(cells -> Chart.Series.of(area(cells), Chart.Shape.POINTS))
                        .toArray(Chart.Series[]::new));
    }

    private static Chart formed(Chart.Form form, String across, String... series) {
        return usual(across, series).withForm(form);
    }

    private Chart withUp(Chart.AxisLook up) {
        return chart.withUpAxis(up);
    }

    private static ChartData of(Chart chart, LiveWorksheet live) {
        return ChartReading.of(chart, live, View.USUAL);
    }

    /** A worksheet with one grid of three columns, its entries row by row. */
    private static LiveWorksheet live(int headings, String... entries) {
        Block.Grid grid = Block.Grid.of("g", "Readings", 5, 3).withHeadings(headings);
        Worksheet worksheet = new Worksheet("W", List.of(Section.of("s", "S", grid)), Words.STANDARD);
        LiveWorksheet live = new LiveWorksheet(worksheet, Patient.LIMITS);
        List<Edit.Typed> typed = new ArrayList<>();
        for (int i = 0; i < entries.length; i++) {
            typed.add(new Edit.Typed(new Address(i % 3, i / 3), entries[i]));
        }
        live.apply(List.of(new Edit.Enter("g", typed)));
        return live;
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
