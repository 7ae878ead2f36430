package app.logismos.server.demo;

import static app.logismos.server.demo.Page.row;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How strong a cup gets with hotter water and longer steeping: one function over two headings. All made up. */
final class SteepingSurface {
    private static final int[] MINUTES = {1, 2, 3, 4, 5, 6, 8, 10};
    private static final int[] DEGREES = {60, 65, 70, 75, 80, 85, 90, 95};

    private SteepingSurface() {}

    static List<List<Edit>> edits() {
        return new Page()
                .section("steeping", "Strength over temperature and time")
                .note(
                        "steeping-note",
                        "Strength is a share of what the leaf can give: $s(t, T) = 1 - e^{-k(T)\\,t}$, where $k$ grows by the "
                                + "same factor with every ten degrees. It is the function **brew**, which the table and the"
                                + " curve call. Change **Rate at 80 °C** and watch them.")
                .grid(
                        "leaf",
                        "Leaf",
                        0,
                        Map.of(0, 260, 1, 290),
                        Map.of(),
                        row("Rate at 80 °C, per minute", "0.28"),
                        row("Factor for ten degrees more", "1.6"),
                        row("Strength after x minutes", "brew(x, heat) = 1 - e^(-rate80*factor10^((heat - 80)/10)*x)"))
                .name("rate80", "leaf", "B1")
                .name("factor10", "leaf", "B2")
                .grid("strength", "Strength", 1, Map.of(0, 120), styles(), table())
                .chart(table("surface", "Strength in space").withForm(Chart.Form.SURFACE))
                .chart(table("contours", "Lines of equal strength").withForm(Chart.Form.CONTOURS))
                .section("one-cup", "One cup, hotter and hotter")
                .note(
                        "one-cup-note",
                        "The curve is drawn from its formula. Select it and run **temperature** from 60 to 95 to see it rise.")
                .grid("cup", "Cup", 0, Map.of(0, 260), Map.of(), row("Temperature in °C", "80"))
                .name("temperature", "cup", "B1")
                .chart(Chart.of(
                                "cup-curve",
                                "Strength of the cup",
                                "cup",
                                Optional.empty(),
                                Chart.Series.of(
                                        new Chart.Curve("brew(x, temperature)", "x", "0", "10"),
                                        "Strength",
                                        Chart.Shape.LINE))
                        .withTitles("Minutes", "Strength", "")
                        .withLegend(Chart.Legend.NONE)
                        .withMarks(List.of(new Chart.Tangent("0", 2))))
                .section("reading", "Reading the table")
                .grid(
                        "readings",
                        "What it says",
                        0,
                        Map.of(0, 380, 1, 150),
                        Map.of("B1", "percent 0", "B2", "fixed 1", "B3", "fixed 1"),
                        row("Strongest in the table", "=max(Strength.B2:I9)"),
                        row("Minutes to half strength at 80 °C", "=ln(2)/rate80"),
                        row("The same at 90 °C", "=ln(2)/(rate80*factor10)"))
                .edits();
    }

    private static Chart table(String id, String title) {
        Area area = Area.parse("A1:I9").orElseThrow();
        return Chart.of(id, title, "strength", Optional.empty(), Chart.Series.of(area, Chart.Shape.LINE))
                .withTitles("Temperature in °C", "Minutes", "Strength");
    }

    private static Map<String, String> styles() {
        Map<String, String> styles = new HashMap<>();
        for (int column = 1; column <= DEGREES.length; column++) {
            for (int row = 1; row <= MINUTES.length; row++) {
                styles.put(new Address(column, row).toString(), "percent 0");
            }
        }
        return styles;
    }

    private static String[][] table() {
        String[][] rows = new String[MINUTES.length + 1][DEGREES.length + 1];
        rows[0][0] = "min, °C";
        for (int column = 0; column < DEGREES.length; column++) {
            rows[0][column + 1] = String.valueOf(DEGREES[column]);
        }
        for (int row = 0; row < MINUTES.length; row++) {
            rows[row + 1][0] = String.valueOf(MINUTES[row]);
            for (int column = 0; column < DEGREES.length; column++) {
                char letter = (char) ('B' + column);
                rows[row + 1][column + 1] = "=brew($A" + (row + 2) + ", " + letter + "$1)";
            }
        }
        return rows;
    }
}
