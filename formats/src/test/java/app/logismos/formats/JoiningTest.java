package app.logismos.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import app.logismos.value.PlainText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class JoiningTest {
    private static Worksheet kettle() {
        Block.Grid grid = Block.Grid.of("g", "Kettle", 3, 2);
        Block.Grid other = Block.Grid.of("h", "Cups", 3, 2);
        Worksheet worksheet = new Worksheet("Tea", List.of(), Words.STANDARD);
        Chart chart = Chart.of(
                "c",
                "Chart",
                "g",
                Optional.empty(),
                Chart.Series.of(new Chart.Curve("warmth*x", "x", "0", "1"), "", Chart.Shape.LINE));
        List.of(
                        new Edit.AddSection(Section.of("s", "First", grid, other, chart), 0),
                        new Edit.Enter(
                                "g",
                                List.of(
                                        new Edit.Typed(Address.FIRST, "warmth = 3"),
                                        new Edit.Typed(new Address(0, 1), "twice(x) = 2*x"),
                                        new Edit.Typed(new Address(1, 0), "=twice(warmth) + Cups.A1"))),
                        new Edit.Enter("h", List.of(new Edit.Typed(Address.FIRST, "=Kettle.A1 + 1"))))
                .forEach(edit -> edit.apply(worksheet));
        return worksheet;
    }

    private static List<String> values(LiveWorksheet live) {
        List<String> values = new ArrayList<>();
        for (Block.Grid grid : live.worksheet().outline().grids().toList()) {
            live.worksheet()
                    .cells(grid.id())
                    .forEach((column, row, cell) ->
                            values.add(PlainText.of(live.value(grid.id(), new Address(column, row)))));
        }
        return values;
    }

    private static List<Edit> joined(Worksheet into, Worksheet brought, List<String> told) {
        AtomicInteger next = new AtomicInteger();
        return Joining.edits(into, brought, word -> word + "-new-" + next.incrementAndGet(), told);
    }

    @Test
    void whatIsBroughtInTwiceIsWorthTheSameTwice() {
        LiveWorksheet live = new LiveWorksheet(kettle(), Limits.USUAL);
        List<String> before = values(live);
        List<String> told = new ArrayList<>();
        live.apply(joined(live.worksheet(), kettle(), told));
        List<String> after = values(live);
        assertThat(after).hasSize(2 * before.size()).startsWith(before.toArray(String[]::new));
        assertThat(after.subList(before.size(), after.size()))
                .isEqualTo(before.stream()
                        .map(value -> value.replace("twice(", "twice_1("))
                        .toList());
        assertThat(live.worksheet().outline().grids().map(Block.Grid::title))
                .containsExactly("Kettle", "Cups", "Kettle 2", "Cups 2");
        assertThat(told)
                .contains(
                        "There was a grid `Kettle` already: this one is called `Kettle 2` here.",
                        "There was a name `warmth` already: this one is `warmth_1` here.",
                        "There was a name `twice` already: this one is `twice_1` here.");
        Chart chart = (Chart) live.worksheet()
                .outline()
                .blocks()
                .filter(block -> block.id().startsWith("chart-new"))
                .findFirst()
                .orElseThrow();
        assertThat(chart.series().get(0).source()).isEqualTo(new Chart.Curve("warmth_1*x", "x", "0", "1"));
        assertThat(live.worksheet().outline().grid(chart.grid()).map(Block.Grid::title))
                .contains("Kettle 2");
    }

    @Test
    void intoAnEmptyOneNothingIsCalledOtherwise() {
        for (int seed = 0; seed < 100; seed++) {
            Worksheet empty = new Worksheet("Empty", List.of(), Words.STANDARD);
            Worksheet brought = Worksheets.random(new Random(seed));
            List<String> told = new ArrayList<>();
            List<String> before = values(new LiveWorksheet(Worksheets.random(new Random(seed)), Limits.USUAL));
            LiveWorksheet live = new LiveWorksheet(empty, Limits.USUAL);
            live.apply(joined(empty, brought, told));
            assertThat(told).allMatch(each -> each.contains("in the document"));
            if (brought.settings().degrees() == empty.settings().degrees()
                    && brought.settings().complex() == empty.settings().complex()) {
                assertThat(values(live)).as("seed %d", seed).isEqualTo(before);
            }
        }
    }

    @Test
    void aLongTitleThatIsTakenIsCutForItsNumber() {
        String title = "Kettle ".repeat(17).strip();
        Worksheet into = new Worksheet("Tea", List.of(), Words.STANDARD);
        Worksheet brought = new Worksheet("Tea", List.of(), Words.STANDARD);
        Edit add = new Edit.AddSection(Section.of("s", "First", Block.Grid.of("g", title, 3, 2)), 0);
        add.apply(into);
        add.apply(brought);
        joined(into, brought, new ArrayList<>()).forEach(edit -> edit.apply(into));
        assertThat(into.outline().grids().map(Block.Grid::title)).hasSize(2).doesNotHaveDuplicates();
    }

    @Test
    void itIsTakenBackWhole() {
        for (int seed = 0; seed < 100; seed++) {
            LiveWorksheet live = new LiveWorksheet(Worksheets.random(new Random(seed)), Limits.USUAL);
            List<Edit> before = Transcript.of(live.worksheet());
            List<Edit> inverse = live.apply(
                            joined(live.worksheet(), Worksheets.random(new Random(seed + 50)), new ArrayList<>()))
                    .inverse();
            live.apply(inverse);
            assertThat(Transcript.of(live.worksheet())).as("seed %d", seed).isEqualTo(before);
        }
    }
}
