package app.logismos.sheet;

import java.util.List;

/**
 * A part of a worksheet with a heading.
 *
 * @param isPart whether it is a subsection of the section above it, and folds with it
 */
public record Section(String id, String title, boolean folded, boolean isPart, List<Block> blocks) {
    public Section {
        blocks = List.copyOf(blocks);
    }

    /** An unfolded section. */
    public static Section of(String id, String title, Block... blocks) {
        return new Section(id, title, false, false, List.of(blocks));
    }

    /** The same with other blocks. */
    public Section withBlocks(List<Block> others) {
        return new Section(id, title, folded, isPart, others);
    }
}
