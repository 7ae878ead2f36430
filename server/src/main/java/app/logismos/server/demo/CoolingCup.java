package app.logismos.server.demo;

import static app.logismos.server.demo.Page.row;

import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Readings of a cooling cup beside Newton's law of cooling, and the time at which it can be drunk. All made up. */
final class CoolingCup {
    private static final String[][] READINGS = {
        {"0", "95.0"},
        {"2", "88.7"},
        {"5", "79.4"},
        {"10", "68.1"},
        {"15", "57.9"},
        {"20", "50.6"},
        {"25", "44.1"},
        {"30", "39.9"},
        {"40", "32.6"},
        {"50", "28.6"}
    };

    private CoolingCup() {}

    static List<List<Edit>> edits() {
        return new Page()
                .section("cup", "The cup on the sill")
                .note(
                        "cup-note",
                        "A cup poured at 95 °C cools towards the room. Readings by the evening class; the law beside them.")
                .grid(
                        "law",
                        "Law",
                        0,
                        Map.of(0, 230),
                        Map.of(),
                        row("Room in °C", "21"),
                        row("Poured at, in °C", "95"),
                        row("Cooling per minute", "0.046"))
                .name("room", "law", "B1")
                .name("start", "law", "B2")
                .name("cooling", "law", "B3")
                .grid(
                        "readings",
                        "Readings",
                        1,
                        Map.of(),
                        Map.of("B", "fixed 1", "C", "fixed 1", "D", "fixed 2", "E", "fixed 2"),
                        rows())
                .chart(Chart.of(
                                "curve",
                                "Cooling curve",
                                "readings",
                                Optional.of(area("A1:A11")),
                                Chart.Series.of(area("B1:B11"), Chart.Shape.POINTS)
                                        .withFit(Chart.Fit.SETTLING),
                                Chart.Series.of(
                                        new Chart.Curve("room+(start-room)*e^(-cooling*x)", "x", "0", "50"),
                                        "Law",
                                        Chart.Shape.LINE))
                        .withTitles("", "Temperature in °C", "")
                        .withMarks(List.of(new Chart.Arrow(14, 60, 21, 78, "drinkable from here"))))
                .chart(Chart.of(
                                "residuals",
                                "What the law leaves",
                                "readings",
                                Optional.of(area("A1:A11")),
                                Chart.Series.of(area("E1:E11"), Chart.Shape.BARS))
                        .withTitles("", "Reading less law, in K", "")
                        .withLegend(Chart.Legend.NONE))
                .section("ready", "When is it 60 °C?")
                .note(
                        "ready-note",
                        "The law, solved for the time: minutes from pouring until the cup has the wanted temperature.")
                .grid(
                        "answer",
                        "Answer",
                        0,
                        Map.of(0, 280, 1, 150),
                        Map.of("B2", "fixed 1", "B3", "fixed 2", "B4", "fixed 2"),
                        row("Wanted, in °C", "60"),
                        row("Minutes until then", "ready = ln((start-room)/(wanted-room))/cooling"),
                        row("Mean difference, in °C", "=mean(Readings.E2:E11)"),
                        row("Largest, in °C", "=max(max(Readings.E2:E11), -min(Readings.E2:E11))"))
                .name("wanted", "answer", "B1")
                .grid(
                        "rate",
                        "With letters",
                        0,
                        Map.of(0, 280, 1, 320),
                        Map.of("B3", "fixed 1"),
                        row("After t minutes, in °C", "cup(t) = room + (start - room)*e^(-cooling*t)"),
                        row("How fast it cools, per minute", "=derivative(cup(t), t)"),
                        row("Minutes until wanted, solved", "=solve(cup(t) = wanted, t)"))
                .chart(Chart.of(
                                "rates",
                                "Rate of cooling",
                                "rate",
                                Optional.empty(),
                                Chart.Series.of(new Chart.Curve("cup(t)", "t", "0", "50"), "Law", Chart.Shape.LINE),
                                Chart.Series.of(new Chart.Curve("B2", "t", "0", "50"), "Rate", Chart.Shape.LINE))
                        .withTitles("Minutes", "°C, and °C a minute", ""))
                .edits();
    }

    private static String[][] rows() {
        String[][] rows = new String[READINGS.length + 1][];
        rows[0] = row("Time, min", "Reading, °C", "in °F", "Law, °C", "Difference");
        for (int i = 0; i < READINGS.length; i++) {
            int r = i + 2;
            rows[i + 1] = row(
                    READINGS[i][0],
                    READINGS[i][1],
                    "=B" + r + "*9/5+32",
                    "=room+(start-room)*e^(-cooling*A" + r + ")",
                    "=B" + r + "-D" + r);
        }
        return rows;
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
