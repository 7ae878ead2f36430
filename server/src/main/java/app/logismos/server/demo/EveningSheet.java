package app.logismos.server.demo;

import static app.logismos.server.demo.Page.row;

import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A page of problems of an evening class: functions, a derivative, an area, two equations, a complex root. All made up. */
final class EveningSheet {
    private EveningSheet() {}

    static List<List<Edit>> edits() {
        return new Page()
                .section("pot", "How strong is the pot?")
                .note(
                        "pot-note",
                        "A function of one's own, what follows from it, and its curve. Select an answer: the lens shows how"
                                + " it is worked out.")
                .grid(
                        "strength",
                        "Strength",
                        0,
                        Map.of(0, 260, 1, 290),
                        Map.of("B3", "fixed 1", "B4", "fixed 1", "B5", "fixed 2"),
                        row("After t minutes, in percent", "strength(t) = 100*(1 - e^(-0.3*t))"),
                        row("How fast it becomes stronger", "=derivative(strength(t), t)"),
                        row("After four minutes", "=strength(4)"),
                        row("How fast then, per minute", "=derivative(strength(t), t, 4)"),
                        row("Minutes until 80 percent", "=solve(strength(t) = 80, t)"))
                .chart(Chart.of(
                                "strengths",
                                "Strength and its rate",
                                "strength",
                                Optional.empty(),
                                Chart.Series.of(
                                        new Chart.Curve("strength(t)", "t", "0", "12"), "Strength", Chart.Shape.LINE),
                                Chart.Series.of(new Chart.Curve("B2", "t", "0", "12"), "Rate", Chart.Shape.LINE))
                        .withTitles("Minutes", "Percent, and percent a minute", ""))
                .section("tin", "What fits on the lid?")
                .note("tin-note", "The rim of a lid follows $y = 6x - x^2$: its area, and its highest place.")
                .grid(
                        "lid",
                        "Lid",
                        0,
                        Map.of(0, 260, 1, 290),
                        Map.of(),
                        row("The rim", "rim(x) = 6*x - x^2"),
                        row("Where it meets the table", "=solve(rim(x) = 0, x)"),
                        row("", ""),
                        row("Area below it", "=integral(rim(x), x, 0, 6)"),
                        row("Highest at, and how high", "=maximise(rim(x), x, 0, 6)"))
                .section("lots", "Two lots in one tin")
                .note(
                        "lots-note",
                        "12 kg at 22 EUR are mixed of a lot at 18 EUR and one at 30 EUR a kilogram. How much of each?")
                .grid(
                        "mix",
                        "Mixture",
                        0,
                        Map.of(0, 260),
                        Map.of(),
                        row("Kilograms of each", "=solve({x + y = 12; 18*x + 30*y = 12*22}, {x; y})"))
                .section("scale", "The pan of the scale")
                .note(
                        "scale-note",
                        "Touched once, the pan swings and comes to rest: $r^2 + 2r + 5 = 0$ has no real root. The real part"
                                + " says how fast the swing dies down, the imaginary part how fast it swings.")
                .grid(
                        "pan",
                        "Pan",
                        0,
                        Map.of(0, 260, 1, 290),
                        Map.of("B5", "root"),
                        row("The roots", "=solve(r^2 + 2*r + 5 = 0, r, complex: true)"),
                        row("", ""),
                        row("Dies down, per second", "=-re(B1)"),
                        row("Swing after one second", "=e^B2"),
                        row("Across the square pan, 12 cm wide", "=sqrt(2*(12 cm)^2)"))
                .edits();
    }
}
