package app.logismos.server.demo;

import static app.logismos.server.demo.Page.row;

import app.logismos.sheet.Edit;
import java.util.List;
import java.util.Map;

/** A short guided sheet: which operation comes first, fractions, remainders, angles, and one value that others follow. */
final class FirstSteps {
    private FirstSteps() {}

    static List<List<Edit>> edits() {
        return new Page()
                .section("order", "Which comes first")
                .note(
                        "order-note",
                        "Select a value: the lens on the right shows its formula and every step that leads to it.")
                .grid(
                        "precedence",
                        "Order",
                        1,
                        Map.of(0, 250, 1, 150),
                        Map.of(),
                        row("On paper", "Worth"),
                        row("\"5 + 2 × 3\"", "=5+2*3"),
                        row("\"(5 + 2) × 3\"", "=(5+2)*3"),
                        row("\"2 × 4 − 3\"", "=2*4-3"),
                        row("\"3² × (4 + 4) ÷ 2\"", "=3^2*(4+4)/2"),
                        row("\"−2²\"", "=-2^2"),
                        row("\"2 to the power of 3²\"", "=2^3^2"))
                .section("exact", "Nothing is rounded")
                .note(
                        "exact-note",
                        "Fractions and decimals stay exact. The lens shows them as a fraction, a mixed number or a repeating decimal.")
                .grid(
                        "fractions",
                        "Fractions and remainders",
                        1,
                        Map.of(0, 330, 1, 150),
                        Map.of(),
                        row("Question", "Answer"),
                        row("A third and a sixth of a tin", "=1/3+1/6"),
                        row("Seven tins for three shops, each", "=7/3"),
                        row("Is 0.1 + 0.2 the same as 0.3?", "=0.1+0.2=0.3"),
                        row("Full trays of 8 from 50 cups", "=50 div 8"),
                        row("Cups left over", "=50 mod 8"),
                        row("Orders of 7 cups, 3 + 2 + 2 alike", "=7!/(3!*2!*2!)"),
                        row("Sine of a 30° angle", "=sin(30°)"))
                .section("units", "Numbers carry their units")
                .note(
                        "units-note",
                        "A unit stands behind its number and goes through the calculation. The lens shows the factor of each conversion.")
                .grid(
                        "kettle",
                        "Kettle and cart",
                        1,
                        Map.of(0, 330, 1, 150),
                        Map.of("B2", "fixed 2", "B4", "fixed 3"),
                        row("Question", "Answer"),
                        row("Two litres of water in cups", "=2 L to cup"),
                        row("From 18 °C to boiling", "=100 °C - 18 °C"),
                        row("Heat for that, at 4.19 kJ/(kg·K)", "=2 kg * 4.19 kJ/(kg·K) * B3 to kWh"),
                        row("The cart goes 12 km/h for 25 minutes", "=12 km/h * 25 min"),
                        row("A pound of leaf in tins of 125 g", "=1 lb div 125 g"))
                .section("follow", "Change one, others follow")
                .note(
                        "follow-note",
                        "Change how many tins are sold, or the price of one. What depends on it is marked, and the line at the foot tells by how much it changed.")
                .grid(
                        "sale",
                        "Market stall",
                        0,
                        Map.of(0, 330, 1, 150),
                        Map.of("B2", "fixed 2", "B4", "percent", "B5", "fixed 2", "B6", "fixed 2", "B7", "fixed 2"),
                        row("Tins sold", "48"),
                        row("Price of a tin in EUR", "4.40"),
                        row("Stall and fare in EUR", "35"),
                        row("Share for the class", "15%"),
                        row("Takings in EUR", "=tins*tin_price"),
                        row("Left over in EUR", "left_over = B5-B3"),
                        row("For the class in EUR", "=round(left_over*share, 2)"))
                .name("tins", "sale", "B1")
                .name("tin_price", "sale", "B2")
                .name("share", "sale", "B4")
                .edits();
    }
}
