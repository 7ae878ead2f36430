package app.logismos.act;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Respelling;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Room;
import java.util.List;
import java.util.Optional;

/** Fills a table from the formula in its first inner cell. */
final class TableFilling {
    private TableFilling() {}

    static List<Edit> edits(Act.FillTable act, LiveWorksheet live) {
        Area area = act.area();
        Room.check(area.size());
        if (area.rows() < 2 || area.columns() < 2) {
            throw new EditRefused(
                    "A table has a row and a column of headings and cells between them. Select all of it.");
        }
        Address inner = new Address(area.first().column() + 1, area.first().row() + 1);
        String text = live.worksheet().textIn(act.grid(), inner);
        if (!(EntryReader.read(text, inner, live.worksheet().vocabulary()) instanceof Entry.Calculation own)) {
            throw new EditRefused("Write a formula into " + inner + " first: it refers to the headings "
                    + new Address(area.first().column(), inner.row()) + " and "
                    + new Address(inner.column(), area.first().row()) + ".");
        }
        String held = Respelling.of(text, own.expression(), node -> heading(node, inner, area));
        return List.of(
                new Edit.Enter(act.grid(), List.of(new Edit.Typed(inner, held))),
                new Edit.CopyCells(act.grid(), new Area(inner, inner), act.grid(), new Area(inner, area.last())));
    }

    /** A reference to the heading of the row keeps its column, one to that of the column its row, any other keeps both. */
    private static Optional<String> heading(Expression node, Address inner, Area area) {
        if (!(node instanceof CellReference cell) || cell.grid().isPresent()) {
            return Optional.empty();
        }
        return cell.from(inner).flatMap(at -> {
            boolean isRow = at.equals(new Address(area.first().column(), inner.row()));
            boolean isColumn =
                    at.equals(new Address(inner.column(), area.first().row()));
            String letters = Address.letters(at.column());
            if (isRow) {
                return Optional.of("$" + letters + (at.row() + 1));
            }
            if (isColumn) {
                return Optional.of(letters + "$" + (at.row() + 1));
            }
            return Optional.of("$" + letters + "$" + (at.row() + 1));
        });
    }
}
