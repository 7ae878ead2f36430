package app.logismos.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pictures of charts, read back and compared with the values that they are of. */
class ChartPictureTest extends Visit {
    private static final String CLAY = "#b24a2b";
    private static final String TEAL = "#1c6b70";

    /** A worksheet with these rows and a chart of them, opened. */
    private Locator picture(String chart, String... rows) {
        String id = program.post("/api/v1/worksheets", "{\"title\": \"Picture\"}")
                .replaceFirst("(?s).*?\"id\":\"([^\"]+)\".*", "$1");
        List<String> cells = new ArrayList<>();
        for (int row = 0; row < rows.length; row++) {
            String[] entries = rows[row].split(" \\| ");
            for (int column = 0; column < entries.length; column++) {
                cells.add("{\"cell\":\"%s%d\",\"text\":\"%s\"}"
                        .formatted("ABCDEF".charAt(column), row + 1, entries[column]));
            }
        }
        program.post("/api/v1/worksheets/" + id + "/edits", """
                {"base": 1, "commands": [
                  {"do": "enter", "grid": "grid-1", "cells": [%s]},
                  {"do": "addBlock", "section": "section-1", "at": 1, "block":
                    {"kind": "chart", "id": "c", "title": "Picture", "grid": "grid-1", %s}}]}""".formatted(
                        String.join(",", cells), chart.replace('\'', '"')));
        page.navigate(program.address() + "/worksheet/" + id);
        Locator figure = page.locator("#block-c");
        figure.locator("svg text").first().waitFor();
        return figure;
    }

    @Test
    void errorBarsAreAsLongAsTheirDifferences() {
        Locator figure = picture(
                "'across':'A1:A4','series':[{'source':{'of':'cells','area':'B1:B4'},'shape':'POINTS','errors':'C2:C4'}]",
                "Minute | Heat | Doubt",
                "1 | 5 °C | 0.5 K",
                "2 | 6 °C | 1 K",
                "3 | 9 °C | 2 °F");
        soon(figure, drawn -> {
            List<double[]> bars = drawn.strokes(CLAY).stream()
                    .filter(line -> Math.abs(line.get(0).across() - line.get(1).across()) < 0.01)
                    .map(line -> new double[] {
                        line.get(0).across(),
                        Math.abs(line.get(0).up() - line.get(1).up()) / 2
                    })
                    .toList();
            assertThat(bars).hasSize(3);
            double[] halves = {0.5, 1, 2 / 1.8};
            for (double[] bar : bars) {
                assertThat(bar[1]).isCloseTo(halves[(int) Math.round(bar[0]) - 1], within(0.05));
            }
        });
    }

    @Test
    void stackedBarsOnTwoAxesStandEachOnTheirOwn() {
        Locator figure = picture(
                "'across':'A1:A4','stacked':true,'legend':'NONE','series':["
                        + "{'source':{'of':'cells','area':'B1:B4'},'shape':'BARS'},"
                        + "{'source':{'of':'cells','area':'C1:C4'},'shape':'BARS','onRight':true}]",
                "Lot | Tins | Bags",
                "a | 5 | 300",
                "b | 8 | 100",
                "c | 9 | 500");
        soon(figure, drawn -> {
            List<Double> left = drawn.bars(CLAY);
            List<Double> right = drawn.barsOnTheRight(TEAL);
            assertThat(left).hasSize(3);
            assertThat(right).hasSize(3);
            double[] tins = {5, 8, 9};
            double[] bags = {300, 100, 500};
            for (int i = 0; i < 3; i++) {
                assertThat(left.get(i)).isCloseTo(tins[i], within(0.1));
                assertThat(right.get(i)).isCloseTo(bags[i], within(5.0));
            }
        });
    }

    @Test
    void datesStandOnTheCalendar() {
        Locator figure = picture(
                "'across':'A1:A4','legend':'NONE','series':[{'source':{'of':'cells','area':'B1:B4'},'shape':'POINTS','fit':'LINE'}]",
                "Day | Price",
                "2026-11-20 | 1",
                "2027-02-10 | 2",
                "2027-06-01 | 4");
        soon(figure, drawn -> assertThat(drawn.words()).contains("2026-11", "2027-01", "2027-07"));
        figure.getByText("settings").click();
        assertThat(page.getByText("x in d from 2026-11-20")).isVisible();
    }

    @Test
    void aCurveOverEqualRatiosIsTheFunction() {
        Locator figure = picture(
                "'acrossAxis':{'logarithmic':true},'upAxis':{'logarithmic':true},'legend':'NONE','series':[{'source':"
                        + "{'of':'curve','expression':'1/(1+x)','variable':'x','from':'0.001','to':'1000000'},'shape':'LINE'}]");
        soon(figure, drawn -> {
            List<DrawnChart.Place> curve = drawn.lines(CLAY).get(0);
            assertThat(curve).hasSizeGreaterThan(5);
            for (DrawnChart.Place drawnPlace : curve) {
                DrawnChart.Place place = drawn.byRatio(drawnPlace);
                assertThat(Math.log10(place.up())).isCloseTo(Math.log10(1 / (1 + place.across())), within(0.1));
            }
        });
    }

    @Test
    void aPathIsBrokenWhereItHasAPole() {
        Locator figure = picture(
                "'legend':'NONE','series':[{'source':{'of':'path','across':'tan(t)','up':'1/cos(t)','parameter':'t',"
                        + "'from':'0','to':'6.28'},'shape':'LINE'}]");
        soon(figure, drawn -> {
            List<List<DrawnChart.Place>> branches = drawn.branches(CLAY);
            assertThat(branches).hasSizeGreaterThanOrEqualTo(2);
            for (List<DrawnChart.Place> branch : branches) {
                double sign = Math.signum(branch.get(0).up());
                for (DrawnChart.Place place : branch) {
                    // Where it is out of sight it may be cut.
                    if (Math.abs(place.across()) < 9) {
                        assertThat(place.up() * sign).isCloseTo(Math.hypot(1, place.across()), within(0.15));
                    }
                }
            }
        });
    }

    @Test
    void aFitThroughBarsStandsAtTheirNumbers() {
        Locator figure = picture(
                "'across':'A1:A5','legend':'NONE','series':[{'source':{'of':'cells','area':'B1:B5'},'shape':'BARS','fit':'LINE'}]",
                "Year | Tins",
                "2020 | 5",
                "2021 | 7",
                "2023 | 9",
                "2026 | 16");
        // The line through them: the means are 2022.5 and 9.25, the slope 37.5/21.
        soon(figure, drawn -> {
            List<DrawnChart.Place> fit = drawn.lines(CLAY).get(0);
            assertThat(fit.get(0).up()).isCloseTo(9.25 - 2.5 * 37.5 / 21, within(0.15));
            assertThat(fit.get(fit.size() - 1).up()).isCloseTo(9.25 + 3.5 * 37.5 / 21, within(0.15));
        });
    }

    @Test
    void whatGoesAcrossIsNotReplacedWhenItIsDeleted() {
        Locator figure = picture(
                "'across':'A1:A3','legend':'NONE','series':[{'source':{'of':'cells','area':'B1:B3'},'shape':'POINTS'}]",
                "Minute | Heat",
                "1 | 5",
                "2 | 6");
        Browser.cell(page, "grid-1", "A2").click();
        find("delete column");
        assertThat(figure).containsText("What went across was deleted");
        figure.getByText("Count 1, 2, 3 across").click();
        assertThat(figure).not().containsText("What went across was deleted");
        soon(
                figure,
                drawn -> assertThat(drawn.markers(CLAY))
                        .extracting(place -> Math.round(place.across()))
                        .containsOnly(1L, 2L));
    }
}
