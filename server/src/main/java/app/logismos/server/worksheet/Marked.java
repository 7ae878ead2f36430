package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.display.Display;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import java.util.List;

/**
 * Converts entries between a worksheet's decimal mark, in which they are typed and shown, and the point, with which they are
 * stored.
 *
 * @param display of the worksheet
 */
record Marked(Display display) {
    List<Edit> kept(List<Edit> edits) {
        return edits.stream()
                .map(edit -> edit.withTexts(display::read, this::kept))
                .toList();
    }

    private Block kept(Block block) {
        return block.withExpressions(display.mark()::readExpression).withEntries(display::read);
    }

    Block shown(Block block) {
        return block.withExpressions(display.mark()::expression).withEntries(display::write);
    }

    Act kept(Act act) {
        return act.withTexts(display::read, display.mark()::readExpression);
    }
}
