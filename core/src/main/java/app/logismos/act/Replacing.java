package app.logismos.act;

import app.logismos.display.Display;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Replaces a text in entries. */
final class Replacing {
    private Replacing() {}

    static List<Edit> edits(Act.Replace act, LiveWorksheet live) {
        if (act.find().isEmpty()) {
            throw new EditRefused("There is nothing to look for.");
        }
        int flags = Pattern.LITERAL | (act.matchCase() ? 0 : Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        Pattern find = Pattern.compile(act.find(), flags);
        Display display = live.display();
        List<Edit> edits = new ArrayList<>();
        live.worksheet()
                .outline()
                .grids()
                .filter(grid -> act.grid().map(grid.id()::equals).orElse(true))
                .forEach(grid -> {
                    List<Edit.Typed> typed = new ArrayList<>();
                    live.worksheet().cells(grid.id()).forEach((column, row, cell) -> {
                        Address at = new Address(column, row);
                        String before = display.write(cell.text(at));
                        String text = find.matcher(before).replaceAll(Matcher.quoteReplacement(act.with()));
                        if (!text.equals(before)) {
                            typed.add(new Edit.Typed(at, display.read(text)));
                        }
                    });
                    if (!typed.isEmpty()) {
                        edits.add(new Edit.Enter(grid.id(), typed));
                    }
                });
        if (edits.isEmpty()) {
            throw new EditRefused("No entry has `" + act.find() + "`.");
        }
        return edits;
    }
}
