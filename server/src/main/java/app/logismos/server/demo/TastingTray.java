package app.logismos.server.demo;

import static app.logismos.server.demo.Page.row;

import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** In how many orders cups can stand, and how likely a pair is: counts that are exact however large. All made up. */
final class TastingTray {
    private static final Map<Integer, Integer> WIDTHS = Map.of(0, 380, 1, 190);

    private TastingTray() {}

    static List<List<Edit>> edits() {
        return new Page()
                .section("tray", "Nine cups on a tray")
                .note(
                        "tray-note",
                        "The evening class tastes **nine** cups in a row. Select an answer: the working shows the formula behind it.")
                .grid(
                        "setup",
                        "The tray",
                        0,
                        WIDTHS,
                        Map.of(),
                        row("Cups on the tray", "9"),
                        row("Cups tasted in the first round", "4"),
                        row("Of the same leaf: River Red", "3"),
                        row("Harbour Mist", "2"),
                        row("Cedar Smoke", "=cups-red-mist"))
                .name("cups", "setup", "B1")
                .name("tasted", "setup", "B2")
                .name("red", "setup", "B3")
                .name("mist", "setup", "B4")
                .name("smoke", "setup", "B5")
                .grid(
                        "orders",
                        "Orders and choices",
                        1,
                        WIDTHS,
                        Map.of("B2", "grouped", "B3", "grouped", "B4", "grouped", "B5", "grouped", "B6", "grouped"),
                        row("Question", "Answer"),
                        row("Orders of all cups, each one different", "=cups!"),
                        row("Orders in which cups of one leaf look alike", "=cups!/(red!*mist!*smoke!)"),
                        row("First rounds, where the order counts", "=permutations(cups, tasted)"),
                        row("First rounds, where it does not", "=combinations(cups, tasted)"),
                        row("The same with a leaf more than once", "=combinationsrep(cups, tasted)"))
                .grid("rounds", "Rounds of any size", 1, Map.of(0, 120, 1, 150), Map.of("B", "grouped"), rounds())
                .chart(Chart.of(
                                "choices",
                                "Choices by the size of the round",
                                "rounds",
                                Optional.of(area("A1:A11")),
                                Chart.Series.of(area("B1:B11"), Chart.Shape.BARS))
                        .withTitles("Cups in the round", "Choices", "")
                        .withLegend(Chart.Legend.NONE)
                        .withBeside(true))
                .section("chance", "Chances")
                .note(
                        "chance-note",
                        "Two cups are taken without looking. With $r$, $m$ and $s$ cups of each leaf among $n$, a pair of one leaf "
                                + "has the chance $\\frac{\\binom r2 + \\binom m2 + \\binom s2}{\\binom n2}$.")
                .grid(
                        "pairs",
                        "A pair",
                        1,
                        WIDTHS,
                        Map.of("B3", "percent 1", "B5", "percent 1"),
                        row("Question", "Answer"),
                        row(
                                "Two cups of one leaf",
                                "pair = (combinations(red,2)+combinations(mist,2)+combinations(smoke,2))/combinations(cups,2)"),
                        row("The same in percent", "=pair"),
                        row("At least one pair in three tries", "=1-(1-pair)^3"),
                        row("The same in percent", "=B4"),
                        row("Guessing the leaf of all cups right", "=1/'Orders and choices'.B3"))
                .section("large", "Exact, however large")
                .note(
                        "large-note",
                        "A caddy of 52 sample bags can be packed in this many orders. *No digit is rounded away.*")
                .grid(
                        "caddy",
                        "The caddy",
                        0,
                        Map.of(0, 190, 1, 620),
                        Map.of("B2", "grouped"),
                        row("Sample bags", "52"),
                        row("Orders", "=B1!"),
                        row("Digits of that", "=length(text(B2, \"fixed 0\"))"))
                .edits();
    }

    private static String[][] rounds() {
        String[][] rows = new String[11][];
        rows[0] = row("Cups", "Choices");
        for (int cups = 0; cups <= 9; cups++) {
            rows[cups + 1] = row(String.valueOf(cups), "=combinations(cups, A" + (cups + 2) + ")");
        }
        return rows;
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
