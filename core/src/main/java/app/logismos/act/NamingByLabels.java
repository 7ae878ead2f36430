package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.value.Blank;
import app.logismos.value.Text;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Names values by their labels: where the first column of the area holds texts, each names the cell to its right; else the
 * texts of the first row name the cells under them.
 */
final class NamingByLabels {
    private NamingByLabels() {}

    static List<Edit> edits(Act.NameByLabels act, LiveWorksheet live) {
        Area area = act.area();
        List<Edit> edits = new ArrayList<>();
        Set<String> given = new HashSet<>();
        boolean isBeside = area.columns() > 1
                && (area.columns() == 2
                        || area.rows() == 1
                        || !isText(act, area.first().column() + 1, area.first().row(), live));
        int lines = isBeside ? area.rows() : area.columns();
        for (int line = 0; line < lines; line++) {
            Address label = isBeside
                    ? new Address(area.first().column(), area.first().row() + line)
                    : new Address(area.first().column() + line, area.first().row());
            Area named = isBeside
                    ? new Area(right(label, 1), new Address(area.last().column(), label.row()))
                    : new Area(
                            down(label),
                            new Address(label.column(), Math.max(area.last().row(), label.row() + 1)));
            boolean isFilled = live.value(act.grid(), named.first()) != Blank.BLANK;
            if (isFilled && live.value(act.grid(), label) instanceof Text text) {
                name(text.text(), named, act, live, given).ifPresent(edits::add);
            }
        }
        if (edits.isEmpty()) {
            throw new EditRefused("There is no label beside a value in " + area
                    + " that could name it. Select the labels together with their values.");
        }
        return edits;
    }

    private static Optional<Edit> name(
            String label, Area named, Act.NameByLabels act, LiveWorksheet live, Set<String> given) {
        String name = nameOf(label);
        Edit.Place place = new Edit.Place(act.grid(), named);
        boolean isNamed = live.worksheet().names().of(act.grid(), named).isPresent();
        boolean isFree =
                live.worksheet().names().clash(name, Optional.of(place)).isEmpty();
        return !isNamed && isFree && given.add(name.toLowerCase(Locale.ROOT))
                ? Optional.of(new Edit.Define(name, Optional.of(place)))
                : Optional.empty();
    }

    /** What comes before a comma or bracket, as one word: {@code Price of a tin, EUR} is {@code price_of_a_tin}. */
    static String nameOf(String label) {
        String words = label.split("[,(\\[:]")[0].strip().toLowerCase(Locale.ROOT);
        return words.replaceAll("[^\\p{L}\\p{Mn}0-9]+", "_").replaceAll("^[^\\p{L}]+|_+$", "");
    }

    private static boolean isText(Act.NameByLabels act, int column, int row, LiveWorksheet live) {
        return live.value(act.grid(), new Address(column, row)) instanceof Text;
    }

    private static Address right(Address cell, int columns) {
        return new Address(cell.column() + columns, cell.row());
    }

    private static Address down(Address cell) {
        return new Address(cell.column(), cell.row() + 1);
    }
}
