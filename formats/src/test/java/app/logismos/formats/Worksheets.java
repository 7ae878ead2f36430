package app.logismos.formats;

import app.logismos.evaluate.Words;
import app.logismos.formats.book.Book;
import app.logismos.formats.json.JsonFormat;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Tabulation;
import app.logismos.sheet.Worksheet;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/** Worksheets with everything that one can have. */
public final class Worksheets {
    private static final List<String> ENTRIES = List.of(
            "3",
            "-0.5",
            "1/3",
            "2 1/2",
            "=A1+1",
            "=2*(A1+3)^2",
            "=sum(A1:A4)",
            "'3 is a text",
            "Darjeeling \"first\" & <second>",
            "=3 m to cm",
            "12 €",
            "=round(sqrt(2), 3)",
            "2026-11-29",
            "12:30",
            "25%",
            "true",
            "=if(A1 > 2, \"ü\", \"ß\")",
            "=derivative(x^2, x)",
            "=(",
            "=A1/0",
            "=unknown_thing",
            "\u2028 and \\ and \t tab",
            "=3+4i");

    private Worksheets() {}

    /** All of a worksheet, as a document that can be compared. */
    public static String json(Worksheet worksheet) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        JsonFormat.write(worksheet, Optional.empty(), bytes);
        return bytes.toString(StandardCharsets.UTF_8);
    }

    /** One with sections, grids with all they can have, notes, charts and names. */
    public static Worksheet random(Random random) {
        Worksheet worksheet = new Worksheet("Worksheet " + random.nextInt(100), List.of(), Words.STANDARD);
        List<Edit> edits = new ArrayList<>();
        int grids = 0;
        for (int section = 0; section <= random.nextInt(3); section++) {
            List<Block> blocks = new ArrayList<>();
            List<Edit> entries = new ArrayList<>();
            for (int i = 0; i < random.nextInt(4); i++) {
                String id = "b" + section + "-" + i;
                switch (random.nextInt(3)) {
                    case 0 ->
                        blocks.add(
                                new Block.Note(id, "# Remark\n*weak* $x^2$ " + random.nextInt(), random.nextBoolean()));
                    case 1 -> {
                        blocks.add(grid(id, "Grid " + ++grids, random));
                        entries.add(entries(id, random));
                        if (random.nextBoolean()) {
                            entries.add(new Edit.Define(
                                    "name" + grids,
                                    Optional.of(new Edit.Place(
                                            id, Area.parse("B1:B3").orElseThrow()))));
                        }
                    }
                    default -> blocks.add(chart(id, random));
                }
            }
            edits.add(new Edit.AddSection(
                    new Section(
                            "s" + section, "Section " + section, random.nextBoolean(), random.nextBoolean(), blocks),
                    section));
            edits.addAll(entries);
        }
        edits.add(new Edit.ChangeSettings(new Settings(
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean() ? "" : "decimals 2")));
        edits.forEach(edit -> edit.apply(worksheet));
        return worksheet;
    }

    private static Block.Grid grid(String id, String title, Random random) {
        Optional<Tabulation> tabulation = random.nextInt(5) == 0
                ? Optional.of(new Tabulation(id, "x^2", "x", Optional.empty(), Tabulation.FIRST + "^2"))
                : Optional.empty();
        return new Block.Grid(
                id,
                title,
                6,
                4,
                random.nextInt(2),
                random.nextBoolean() ? Map.of() : Map.of(1, 140),
                random.nextBoolean() ? Map.of() : Map.of("B2", "decimals 2", "C", "fraction", "", "digits 5"),
                random.nextBoolean() ? Map.of() : Map.of("A1", "weighed \"twice\""),
                random.nextBoolean() ? Set.of() : Set.of(3),
                random.nextBoolean() ? Set.of() : Set.of(2),
                random.nextBoolean(),
                tabulation);
    }

    private static Edit entries(String grid, Random random) {
        List<Edit.Typed> typed = new ArrayList<>();
        for (int row = 0; row < 6; row++) {
            for (int column = 0; column < 3; column++) {
                if (random.nextBoolean()) {
                    typed.add(new Edit.Typed(new Address(column, row), ENTRIES.get(random.nextInt(ENTRIES.size()))));
                }
            }
        }
        if (random.nextBoolean()) {
            typed.add(new Edit.Typed(new Address(3, 0), grid.replace('-', '_') + "_rate = 3"));
            typed.add(new Edit.Typed(new Address(3, 1), grid.replace('-', '_') + "_f(x) = x^2 + 1"));
        }
        return new Edit.Enter(grid, typed);
    }

    private static Chart chart(String id, Random random) {
        return Chart.of(
                        id,
                        "Chart",
                        "g",
                        random.nextBoolean() ? Optional.empty() : Area.parse("A1:A5"),
                        Chart.Series.of(Area.parse("B1:B5").orElseThrow(), Chart.Shape.LINE),
                        Chart.Series.of(new Chart.Curve("x^2", "x", "0", "2"), "curve", Chart.Shape.POINTS),
                        Chart.Series.of(new Chart.Deleted("C1:C3"), "", Chart.Shape.BARS))
                .with(to -> to.marks(List.of(
                                new Chart.Label(0.1, 1e300, "here"),
                                new Chart.Arrow(1, 2, 3, 4, "there"),
                                new Chart.Formula(1, 2, "x^2"),
                                new Chart.Tangent("2", 0.5)))
                        .stacked(random.nextBoolean())
                        .headings(random.nextBoolean() ? Optional.of(1) : Optional.empty()));
    }

    /** What stands in a cell. */
    public static String text(Worksheet worksheet, String grid, String address) {
        return worksheet.textIn(grid, Address.parse(address).orElseThrow());
    }

    /** What other programs read of a document of ours. */
    static Book withoutKept(Book book) {
        return new Book(
                book.dialect(),
                book.dayZero(),
                book.title(),
                book.sheets(),
                book.names(),
                book.charts(),
                Optional.empty(),
                book.told());
    }
}
