package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Value;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Laws of recalculation and undo, on worksheets and edits by chance: circles, names, titles and broken entries included. */
class RandomSheetsTest {
    private static final int SIDE = 6;

    /** The kinds of entries, and those of them that do not both name cells and find others. */
    private static final int KINDS = 25;

    private static final int PLAIN_KINDS = 22;

    @Test
    void recalculatingTheDependentsEqualsRecalculatingEverything() {
        Seeded.cases(300, random -> {
            LiveWorksheet live = Sheets.empty();
            for (int i = 0; i < 25; i++) {
                tried(live, edits(random, live));
                Map<String, Value> followed = Sheets.values(live);
                live.recalculateAll();
                assertThat(followed).as("edit %d", i).isEqualTo(Sheets.values(live));
            }
        });
    }

    @Test
    void aFreshlyOpenedWorksheetHasTheSameValues() {
        Seeded.cases(300, random -> {
            LiveWorksheet live = Sheets.empty();
            for (int i = 0; i < 20; i++) {
                // Not all kinds: of tables that keep each other from coming to rest, which one gives way may then
                // differ.
                tried(live, typing(random, PLAIN_KINDS));
            }
            LiveWorksheet opened = Sheets.empty();
            List<Edit> all = new ArrayList<>();
            live.worksheet().outline().grids().forEach(grid -> {
                List<Edit.Typed> typed = new ArrayList<>();
                live.worksheet()
                        .cells(grid.id())
                        .forEach((column, row, cell) -> typed.add(
                                new Edit.Typed(new Address(column, row), cell.text(new Address(column, row)))));
                all.add(new Edit.Enter(grid.id(), typed));
            });
            opened.apply(all);
            assertThat(Sheets.values(opened)).isEqualTo(Sheets.values(live));
        });
    }

    @Test
    void undoingAllEditsRestoresTheSheetAndDoingThemAgainToo() {
        Seeded.cases(300, random -> {
            LiveWorksheet live = Sheets.empty();
            for (int i = 0; i < 10; i++) {
                tried(live, edits(random, live));
            }
            State start = State.of(live);
            Deque<List<Edit>> undo = new ArrayDeque<>();
            for (int i = 0; i < 12; i++) {
                undo.push(tried(live, edits(random, live)));
            }
            State end = State.of(live);
            Deque<List<Edit>> redo = new ArrayDeque<>();
            while (!undo.isEmpty()) {
                redo.push(live.apply(undo.pop()).inverse());
            }
            assertThat(State.of(live)).isEqualTo(start);
            while (!redo.isEmpty()) {
                live.apply(redo.pop());
            }
            assertThat(State.of(live)).isEqualTo(end);
        });
    }

    @Test
    void puttingLinesInAndTakingThemOutRestoresEveryFormula() {
        Seeded.cases(300, random -> {
            LiveWorksheet live = Sheets.empty();
            for (int i = 0; i < 20; i++) {
                tried(live, edits(random, live));
            }
            State before = State.of(live);
            Axis axis = Axis.values()[random.nextInt(2)];
            int at = random.nextInt(5);
            int count = 1 + random.nextInt(3);
            if (!tried(live, List.of(new Edit.InsertLines("a", axis, at, count)))
                    .isEmpty()) {
                live.apply(List.of(new Edit.DeleteLines("a", axis, at, count)));
                assertThat(State.of(live)).isEqualTo(before);
            }
        });
    }

    @Test
    void whatIsTriedOnAnOverlayIsAsIfItWereDoneAndChangesNothing() {
        Seeded.cases(300, random -> {
            LiveWorksheet live = Sheets.empty();
            LiveWorksheet done = Sheets.empty();
            for (int i = 0; i < 15; i++) {
                List<Edit> edits = edits(random, live);
                tried(live, edits);
                tried(done, edits);
            }
            State before = State.of(live);
            LiveWorksheet overlay = live.overlay();
            for (int i = 0; i < 10; i++) {
                LiveWorksheet over = i < 5 ? overlay : overlay.overlay();
                List<Edit> edits = edits(random, over);
                List<Edit> inverse = tried(over, edits);
                List<Edit> back = tried(done, edits);
                assertThat(State.of(over)).as("edit %d", i).isEqualTo(State.of(done));
                if (i >= 5) {
                    over.apply(inverse);
                    done.apply(back);
                    assertThat(State.of(overlay)).as("under edit %d", i).isEqualTo(State.of(done));
                }
            }
            assertThat(State.of(live)).isEqualTo(before);
            live.recalculateAll();
            assertThat(State.of(live)).isEqualTo(before);
        });
    }

    /** Applies edits, some of which clash with a name and are refused; answers with what takes them back. */
    private static List<Edit> tried(LiveWorksheet live, List<Edit> edits) {
        State before = State.of(live);
        try {
            return live.apply(edits).inverse();
        } catch (EditRefused refused) {
            assertThat(State.of(live)).as("a refused edit changes nothing").isEqualTo(before);
            return List.of();
        }
    }

    /** All that a person sees. */
    private record State(Map<String, String> entries, Map<String, Value> values, Object sections, Object names) {
        static State of(LiveWorksheet live) {
            return new State(
                    Sheets.entries(live),
                    Sheets.values(live),
                    live.worksheet().outline().sections(),
                    List.copyOf(live.worksheet().names().all()));
        }
    }

    private static List<Edit> edits(Random random, LiveWorksheet live) {
        return switch (random.nextInt(8)) {
            case 0 -> naming(random, live);
            case 1 -> List.of(new Edit.ChangeBlock(renamed(random, live)));
            case 2 -> List.of(restructuring(random));
            default -> typing(random, KINDS);
        };
    }

    private static Edit restructuring(Random random) {
        Axis axis = Axis.values()[random.nextInt(2)];
        String grid = List.of("a", "b").get(random.nextInt(2));
        int at = random.nextInt(4);
        int count = 1 + random.nextInt(2);
        Area area = Area.between(Sheets.at(cell(random)), Sheets.at(cell(random)));
        return switch (random.nextInt(6)) {
            case 0 -> new Edit.InsertLines(grid, axis, at, count);
            case 1 -> new Edit.DeleteLines(grid, axis, at, count);
            case 2 -> new Edit.MoveLines(grid, axis, at, count, random.nextInt(6));
            case 3 -> new Edit.MoveCells(grid, area, List.of("a", "b").get(random.nextInt(2)), Sheets.at(cell(random)));
            case 4 -> new Edit.Rename("rate0_", "rate1_");
            default ->
                new Edit.CopyCells(grid, area, "a", Area.between(Sheets.at(cell(random)), Sheets.at(cell(random))));
        };
    }

    private static List<Edit> naming(Random random, LiveWorksheet live) {
        String name = List.of("rate", "width", "share").get(random.nextInt(3)) + random.nextInt(2) + "_";
        Edit.Define edit = Sheets.define(name, random.nextBoolean() ? cell(random) : area(random));
        boolean free = live.worksheet().names().clash(name, edit.target()).isEmpty();
        return List.of(free && random.nextInt(3) > 0 ? edit : new Edit.Define(name, Optional.empty()));
    }

    private static Block renamed(Random random, LiveWorksheet live) {
        Block.Grid grid = live.grid("b").orElseThrow();
        String title = List.of("Leaf prices", "Prices", "Price list").get(random.nextInt(3));
        return Block.Grid.of("b", title, grid.rows(), grid.columns());
    }

    private static List<Edit> typing(Random random, int kinds) {
        List<Edit.Typed> typed = new ArrayList<>();
        for (int i = random.nextInt(4); i >= 0; i--) {
            typed.add(new Edit.Typed(Sheets.at(cell(random)), entry(random, kinds)));
        }
        return List.of(new Edit.Enter(random.nextInt(4) == 0 ? "b" : "a", typed));
    }

    private static String entry(Random random, int kinds) {
        return switch (random.nextInt(kinds)) {
            case 0 -> "";
            case 1, 2 -> String.valueOf(random.nextInt(9) - 2);
            case 3 -> "text";
            case 4 -> "=sum(" + cell(random) + ":" + cell(random) + ")";
            case 5 -> "=" + cell(random) + "/" + cell(random);
            case 6 -> "='Leaf prices'." + cell(random) + "+Prices." + cell(random);
            case 7 -> "=rate0_+width1_*2";
            case 8 -> List.of("rate0_", "width1_").get(random.nextInt(2)) + " = " + cell(random) + "+1";
            case 9 -> "=if(" + cell(random) + ">0, " + cell(random) + ", 3)";
            case 10 -> "=" + cell(random) + "+";
            case 11 -> "=series(1, " + (1 + random.nextInt(4)) + ")";
            case 12 -> "={1, 2; 3, 4}*" + cell(random);
            case 13 -> "=" + area(random) + "*2";
            case 14 -> "=rate0_+1"; // of several cells a table
            case 15 -> "=sort(" + area(random) + ")";
            case 16 -> "=shifted(" + cell(random) + ", " + random.nextInt(3) + ", " + random.nextInt(2) + ")";
            case 17 -> "=sum(B:B)";
            case 22 -> "=" + cell(random) + "+shifted(" + cell(random) + ", " + cell(random) + ", 0)";
            case 23 -> {
                String area = area(random);
                yield "=sum(" + area + ")+sum(shifted(" + area + ", " + cell(random) + ", " + random.nextInt(2) + "))";
            }
            case 18 -> (1 + random.nextInt(9)) + " kg";
            case 19 -> "=lookup(" + cell(random) + ", " + area(random) + ")";
            default -> "=" + cell(random) + "+" + cell(random) + "*2";
        };
    }

    private static String area(Random random) {
        return Area.between(Sheets.at(cell(random)), Sheets.at(cell(random))).toString();
    }

    private static String cell(Random random) {
        return new Address(random.nextInt(SIDE), random.nextInt(SIDE)).toString();
    }
}
