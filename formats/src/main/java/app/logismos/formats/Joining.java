package app.logismos.formats;

import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Target;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Puts what was read below what a worksheet has. Titles and names that are taken there are changed in what was read, with all that uses them. */
public final class Joining {
    /** A title has 120 characters at the most, with the number behind it. */
    private static final int LONGEST_STEM = 110;

    private final Worksheet into;
    private final UnaryOperator<String> freshId;

    private Joining(Worksheet into, UnaryOperator<String> freshId) {
        this.into = into;
        this.freshId = freshId;
    }

    /**
     * The edits of the worksheet that put it there.
     *
     * @param brought changes where titles or names are taken
     * @param freshId an id that nothing has yet, for a word as {@code grid}
     * @param told what was changed is added, in sentences
     */
    public static List<Edit> edits(
            Worksheet into, Worksheet brought, UnaryOperator<String> freshId, List<String> told) {
        Joining joining = new Joining(into, freshId);
        tellOfSettings(into.settings(), brought.settings(), told);
        joining.retitle(brought, told);
        joining.rename(brought, told);
        return joining.renumbered(brought);
    }

    /** What the formulas that were read are worth may depend on settings, which stay as they are here. */
    private static void tellOfSettings(Settings here, Settings there, List<String> told) {
        if (here.degrees() != there.degrees()) {
            told.add("Plain numbers are angles in " + (there.degrees() ? "degrees" : "radians")
                    + " in the document, and in " + (here.degrees() ? "degrees" : "radians") + " here.");
        }
        if (here.complex() != there.complex()) {
            told.add("Roots of negative numbers have " + (there.complex() ? "complex answers" : "no answer")
                    + " in the document, and " + (here.complex() ? "complex answers" : "none") + " here.");
        }
    }

    private void retitle(Worksheet brought, List<String> told) {
        for (Block.Grid grid : brought.outline().grids().toList()) {
            if (isTitled(into, grid.title())) {
                String free = free(grid.title(), brought);
                new Edit.ChangeBlock(grid.withTitle(free)).apply(brought);
                told.add("There was a grid `" + grid.title() + "` already: this one is called `" + free + "` here.");
            }
        }
    }

    private String free(String title, Worksheet brought) {
        String stem = title.substring(0, Math.min(title.length(), LONGEST_STEM));
        String free = title;
        for (int i = 2; isTitled(into, free) || isTitled(brought, free); i++) {
            free = stem + " " + i;
        }
        return free;
    }

    private static boolean isTitled(Worksheet worksheet, String title) {
        return worksheet.outline().gridTitled(title).isPresent();
    }

    private void rename(Worksheet brought, List<String> told) {
        for (Target target : List.copyOf(brought.names().all())) {
            String name = target.name();
            if (into.names().find(name).isPresent()) {
                String free = name;
                for (int i = 1; isNamed(free, brought); i++) {
                    free = name + "_" + i;
                }
                new Edit.Rename(name, free).apply(brought);
                told.add("There was a name `" + name + "` already: this one is `" + free + "` here.");
            }
        }
    }

    private boolean isNamed(String name, Worksheet brought) {
        return into.names().find(name).isPresent()
                || brought.names().clash(name, Optional.empty()).isPresent();
    }

    private List<Edit> renumbered(Worksheet brought) {
        Map<String, String> ids = new HashMap<>();
        brought.outline()
                .blocks()
                .forEach(block -> ids.put(
                        block.id(), freshId.apply(block.match(grid -> "grid", note -> "note", chart -> "chart"))));
        List<Edit> edits = new ArrayList<>();
        int at = into.outline().sections().size();
        for (Edit edit : Transcript.of(brought)) {
            if (edit instanceof Edit.AddSection add) {
                Section section = add.section();
                edits.add(new Edit.AddSection(
                        new Section(
                                freshId.apply("section"),
                                section.title(),
                                section.folded(),
                                section.isPart(),
                                section.blocks().stream()
                                        .map(block -> renumbered(block, ids))
                                        .toList()),
                        at++));
            } else if (edit instanceof Edit.Enter enter) {
                edits.add(new Edit.Enter(ids.get(enter.grid()), enter.cells()));
            } else if (edit instanceof Edit.Define define) {
                edits.add(new Edit.Define(
                        define.name(),
                        define.target().map(place -> new Edit.Place(ids.get(place.grid()), place.area()))));
            }
        }
        return edits;
    }

    private static Block renumbered(Block block, Map<String, String> ids) {
        String id = ids.get(block.id());
        return block.match(
                grid -> grid.withId(id)
                        .withTabulation(grid.tabulation().map(each -> each.inGrid(ids.getOrDefault(each.grid(), id)))),
                note -> new Block.Note(id, note.text(), note.beside()),
                chart -> chart.with(to -> to.id(id)
                        .grid(ids.getOrDefault(chart.grid(), chart.grid()))
                        .series(chart.series().stream()
                                .map(series -> series.withSource(renumbered(series.source(), ids)))
                                .toList())));
    }

    private static Chart.Source renumbered(Chart.Source source, Map<String, String> ids) {
        return source instanceof Chart.Cells cells
                ? new Chart.Cells(cells.area(), cells.grid().map(grid -> ids.getOrDefault(grid, grid)))
                : source;
    }
}
