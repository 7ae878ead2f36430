package app.logismos.sheet;

import java.util.List;

/** A part of a worksheet with a heading. */
public record Section(String id, String title, boolean folded, List<Block> blocks) {
    public Section {
        blocks = List.copyOf(blocks);
    }

    Section withBlocks(List<Block> others) {
        return new Section(id, title, folded, others);
    }
}
