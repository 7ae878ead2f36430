package app.logismos.report;

import app.logismos.sheet.Axis;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;

/** An edit in a few words, for the echo and the history. */
final class EditWords implements Edit.Visitor<String> {
    private static final EditWords WORDS = new EditWords();

    private EditWords() {}

    static String of(Edit edit) {
        return edit.accept(WORDS);
    }

    static String changed(Block block) {
        return block.match(grid -> "Grid", note -> "Note", chart -> "Chart") + " changed";
    }

    private static String lines(Axis axis, int count, String what, int at) {
        return axis.counted(count) + " " + what + " " + axis.called(at);
    }

    @Override
    public String enter(Edit.Enter enter) {
        return enter.cells().size() == 1
                ? enter.cells().get(0).cell() + " entered"
                : enter.cells().size() + " cells entered";
    }

    @Override
    public String define(Edit.Define define) {
        return define.target()
                .map(place -> place.area() + " named " + define.name())
                .orElse("Name " + define.name() + " taken away");
    }

    @Override
    public String rename(Edit.Rename rename) {
        return "Name " + rename.name() + " is " + rename.to() + " now";
    }

    @Override
    public String retitle(Edit.Retitle retitle) {
        return "Worksheet called " + retitle.title();
    }

    @Override
    public String changeSettings(Edit.ChangeSettings change) {
        return "Settings changed";
    }

    @Override
    public String addSection(Edit.AddSection add) {
        return "Section " + add.section().title() + " added";
    }

    @Override
    public String removeSection(Edit.RemoveSection remove) {
        return "Taken off the page";
    }

    @Override
    public String moveSection(Edit.MoveSection move) {
        return "Moved on the page";
    }

    @Override
    public String changeSection(Edit.ChangeSection change) {
        return "Section " + change.title() + " changed";
    }

    @Override
    public String addBlock(Edit.AddBlock add) {
        return add.block().match(grid -> "Grid " + grid.title(), note -> "Note", chart -> "Chart " + chart.title())
                + " added";
    }

    @Override
    public String removeBlock(Edit.RemoveBlock remove) {
        return "Taken off the page";
    }

    @Override
    public String moveBlock(Edit.MoveBlock move) {
        return "Moved on the page";
    }

    @Override
    public String changeBlock(Edit.ChangeBlock change) {
        return changed(change.block());
    }

    @Override
    public String insertLines(Edit.InsertLines insert) {
        return lines(insert.axis(), insert.count(), "put in before", insert.at());
    }

    @Override
    public String deleteLines(Edit.DeleteLines delete) {
        return lines(delete.axis(), delete.count(), "taken out from", delete.at());
    }

    @Override
    public String moveLines(Edit.MoveLines move) {
        return lines(move.axis(), move.count(), "moved from", move.at());
    }

    @Override
    public String moveCells(Edit.MoveCells move) {
        return move.area() + " moved to " + move.to();
    }

    @Override
    public String copyCells(Edit.CopyCells copy) {
        return copy.area() + " copied to " + copy.into();
    }

    @Override
    public String orderRows(Edit.OrderRows order) {
        return order.area() + " sorted";
    }
}
