package app.logismos.server.demo;

import static app.logismos.server.demo.Page.row;

import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a blend of four lots costs, priced by the kilogram and by the pound, down to the tin and the parcel. All made up. */
final class SpringBlend {
    private SpringBlend() {}

    static List<List<Edit>> edits() {
        return new Page()
                .section("blend", "The spring blend")
                .note(
                        "blend-note",
                        "Four lots go into one batch. Two are sold by the kilogram and two by the pound; the formulas carry "
                                + "the units, so prices are compared and added as they are.")
                .grid(
                        "batch",
                        "Batch",
                        0,
                        Map.of(0, 230),
                        Map.of("B3", "fixed 2", "B4", "percent"),
                        row("Leaf in all", "12 kg"),
                        row("Leaf in a tin", "125 g"),
                        row("Tin and label", "0.85 EUR"),
                        row("Added to the cost", "60%"))
                .name("batch", "batch", "B1")
                .name("leaf", "batch", "B2")
                .name("packing", "batch", "B3")
                .name("margin", "batch", "B4")
                .grid(
                        "lots",
                        "Leaf lots",
                        1,
                        Map.of(0, 150),
                        Map.of(
                                "B", "fixed 2",
                                "C", "in EUR/kg, fixed 2",
                                "D", "percent",
                                "E", "in kg, fixed 2",
                                "F", "fixed 2",
                                "G", "percent 1"),
                        row("Lot", "Price", "Price for a kg", "Share", "Leaf", "Cost", "Share of cost"),
                        lot(2, "River Red", "18.40 EUR/kg", "45%"),
                        lot(3, "Harbour Mist", "9.20 EUR/lb", "30%"),
                        lot(4, "First Flush", "42.00 EUR/kg", "15%"),
                        lot(5, "Cedar Smoke", "6.90 EUR/lb", "10%"),
                        row("Blend", "", "=F6/E6", "=sum(D2:D5)", "=sum(E2:E5)", "=sum(F2:F5)", "=sum(G2:G5)"))
                .chart(Chart.of(
                                "shares",
                                "Where the cost comes from",
                                "lots",
                                Optional.of(area("A1:A5")),
                                Chart.Series.of(area("G1:G5"), Chart.Shape.BARS))
                        .withTitles("", "Share of the cost", "")
                        .withLegend(Chart.Legend.NONE))
                .section("one-tin", "One tin")
                .grid(
                        "tin",
                        "Cost and price",
                        0,
                        Map.of(0, 230),
                        Map.of("B2", "fixed 2", "B3", "fixed 2", "B4", "fixed 2", "B5", "fixed 2"),
                        row("Tins in a batch", "tins = batch/leaf"),
                        row("Leaf for a tin", "='Leaf lots'.F6/tins"),
                        row("Cost of a tin", "cost = B2+packing"),
                        row("Price of a tin", "=cost*(1+margin)"),
                        row("Left on a tin", "=B4-cost"))
                .section("the-parcel", "The parcel")
                .note(
                        "parcel-note",
                        "Empty tins are listed in ounces, the parcel service counts in grams and kilograms.")
                .grid(
                        "parcel",
                        "Shipping",
                        0,
                        Map.of(0, 230, 1, 130),
                        Map.of("B3", "in kg, fixed 2", "B4", "fixed 2"),
                        row("An empty tin", "2.5 oz"),
                        row("Tins in a parcel", "24"),
                        row("Weight of the parcel", "parcel = B2*(leaf+B1)"),
                        row("The same in pounds", "=parcel to lb"),
                        row("Within the limit of 5 kg", "=parcel <= 5 kg"))
                .edits();
    }

    private static String[] lot(int row, String name, String price, String share) {
        return row(
                name,
                price,
                "=B" + row + " to EUR/kg",
                share,
                "=D" + row + "*batch",
                "=C" + row + "*E" + row,
                "=F" + row + "/$F$6");
    }

    private static Area area(String text) {
        return Area.parse(text).orElseThrow();
    }
}
