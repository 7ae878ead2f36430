package app.logismos.server.worksheet;

import app.logismos.act.Act;
import app.logismos.display.DecimalMark;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import java.util.List;

/**
 * What is typed and shown with a worksheet's decimal mark, and kept with a point.
 *
 * @param mark of the worksheet
 */
record Marked(DecimalMark mark) {
    List<Edit> kept(List<Edit> edits) {
        return edits.stream()
                .map(edit -> edit.withTexts(mark::read, this::kept))
                .toList();
    }

    private Block kept(Block block) {
        return block.withExpressions(mark::readExpression).withEntries(mark::read);
    }

    Block shown(Block block) {
        return block.withExpressions(mark::expression).withEntries(mark::write);
    }

    Act kept(Act act) {
        return act.withTexts(mark::read, mark::readExpression);
    }
}
