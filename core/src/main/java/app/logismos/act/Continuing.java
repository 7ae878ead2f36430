package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Room;
import app.logismos.value.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Continues each line of cells by itself: one with a formula is copied, one of values goes on with its pattern. */
final class Continuing {
    private Continuing() {}

    static List<Edit> edits(Act.Continue act, LiveWorksheet live) {
        Area from = act.area();
        Room.check(act.into().size());
        Axis axis = axis(from, act.into());
        List<Edit> edits = new ArrayList<>();
        List<Edit.Typed> typed = new ArrayList<>();
        boolean isDown = axis == Axis.ROWS;
        int lines = isDown ? from.columns() : from.rows();
        for (int line = 0; line < lines; line++) {
            Area source = withoutHeading(isDown ? column(from, line) : row(from, line), act.grid(), live);
            Area target = isDown ? below(source, act.into()) : rightOf(source, act.into());
            List<Address> cells = cells(source);
            boolean hasFormula = cells.stream()
                    .anyMatch(at -> live.worksheet()
                            .cell(act.grid(), at)
                            .filter(Cell::isCalculated)
                            .isPresent());
            if (hasFormula) {
                edits.add(new Edit.CopyCells(act.grid(), source, act.grid(), target));
            } else {
                List<Address> places = cells(target);
                List<String> entries = Pattern.of(
                                cells.stream()
                                        .map(at -> live.worksheet().textIn(act.grid(), at))
                                        .toList(),
                                live.worksheet().units())
                        .next(places.size());
                IntStream.range(0, places.size())
                        .forEach(i -> typed.add(new Edit.Typed(places.get(i), entries.get(i))));
            }
        }
        if (!typed.isEmpty()) {
            edits.add(new Edit.Enter(act.grid(), typed));
        }
        return edits;
    }

    private static Axis axis(Area from, Area into) {
        boolean isWider = into.columns() > from.columns();
        boolean isHigher = into.rows() > from.rows();
        boolean startsAlike = into.first().equals(from.first());
        if (!startsAlike || isWider == isHigher) {
            throw new EditRefused(from + " can be continued down or to the right, and " + into
                    + " is neither below it nor beside it.");
        }
        return isHigher ? Axis.ROWS : Axis.COLUMNS;
    }

    private static Area column(Area area, int column) {
        int c = area.first().column() + column;
        return new Area(
                new Address(c, area.first().row()), new Address(c, area.last().row()));
    }

    private static Area row(Area area, int row) {
        int r = area.first().row() + row;
        return new Area(
                new Address(area.first().column(), r), new Address(area.last().column(), r));
    }

    /** A heading that is selected with its formula is not repeated with it. */
    private static Area withoutHeading(Area line, String grid, LiveWorksheet live) {
        List<Address> cells = cells(line);
        int texts = 0;
        while (texts < cells.size() && live.value(grid, cells.get(texts)) instanceof Text) {
            texts++;
        }
        boolean isFormula = texts > 0
                && texts < cells.size()
                && live.worksheet()
                        .cell(grid, cells.get(texts))
                        .filter(Cell::isCalculated)
                        .isPresent();
        return isFormula ? new Area(cells.get(texts), line.last()) : line;
    }

    private static Area below(Area source, Area into) {
        int column = source.first().column();
        return new Area(
                new Address(column, source.last().row() + 1),
                new Address(column, into.last().row()));
    }

    private static Area rightOf(Area source, Area into) {
        int row = source.first().row();
        return new Area(
                new Address(source.last().column() + 1, row),
                new Address(into.last().column(), row));
    }

    private static List<Address> cells(Area line) {
        List<Address> cells = new ArrayList<>();
        for (int row = line.first().row(); row <= line.last().row(); row++) {
            for (int column = line.first().column(); column <= line.last().column(); column++) {
                cells.add(new Address(column, row));
            }
        }
        return cells;
    }
}
