package app.logismos.sheet;

import app.logismos.formula.Address;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The sections and blocks of a worksheet in their order. */
public final class Outline {
    private static final int LONGEST_TITLE = 120;

    /** 256 KiB of plain letters. */
    private static final int LONGEST_NOTE = 1 << 18;

    private static final int NARROWEST = 10;
    private static final int WIDEST = 5_000;

    private final List<Section> sections = new ArrayList<>();

    Outline(List<Section> sections) {
        this.sections.addAll(sections);
    }

    /** The sections, from the top. */
    public List<Section> sections() {
        return List.copyOf(sections);
    }

    /** All blocks, from the top. */
    public Stream<Block> blocks() {
        return sections.stream().flatMap(section -> section.blocks().stream());
    }

    /** The block with this id. */
    public Optional<Block> block(String id) {
        // Called for every cell that is shown; streams would dominate its time.
        for (Section section : sections) {
            for (Block block : section.blocks()) {
                if (block.id().equals(id)) {
                    return Optional.of(block);
                }
            }
        }
        return Optional.empty();
    }

    /** All grids, from the top. */
    public Stream<Block.Grid> grids() {
        return blocks().filter(Block.Grid.class::isInstance).map(Block.Grid.class::cast);
    }

    /** The grid with this id. */
    public Optional<Block.Grid> grid(String id) {
        return block(id).filter(Block.Grid.class::isInstance).map(Block.Grid.class::cast);
    }

    /** The grid with this title, in any case. */
    public Optional<Block.Grid> gridTitled(String title) {
        return grids().filter(grid -> grid.title().equalsIgnoreCase(title)).findFirst();
    }

    List<Edit> add(Edit.AddSection edit) {
        if (edit.at() < 0 || edit.at() > sections.size()) {
            throw new EditRefused("A section's place is 0 to " + sections.size() + ", was " + edit.at() + ".");
        }
        checkNew(edit.section().id());
        Section section = edit.section().withBlocks(List.of());
        sections.add(edit.at(), section);
        try {
            List<Block> blocks = edit.section().blocks();
            for (int i = 0; i < blocks.size(); i++) {
                add(new Edit.AddBlock(section.id(), blocks.get(i), i));
            }
        } catch (EditRefused refused) {
            sections.remove(edit.at());
            throw refused;
        }
        List<Edit> inverse = new ArrayList<>();
        edit.section().blocks().forEach(block -> inverse.add(new Edit.RemoveBlock(block.id())));
        inverse.add(new Edit.RemoveSection(edit.section().id()));
        return inverse;
    }

    List<Edit> remove(Edit.RemoveSection edit) {
        int at = sectionIndex(edit.section());
        Section section = sections.get(at);
        if (!section.blocks().isEmpty()) {
            throw new EditRefused("The section " + section.title() + " still holds something. Empty it first.");
        }
        sections.remove(at);
        return List.of(new Edit.AddSection(section, at));
    }

    List<Edit> change(Edit.ChangeSection edit) {
        int at = sectionIndex(edit.section());
        Section old = sections.get(at);
        sections.set(at, new Section(old.id(), checkedTitle(edit.title()), edit.folded(), edit.isPart(), old.blocks()));
        return List.of(new Edit.ChangeSection(old.id(), old.title(), old.folded(), old.isPart()));
    }

    List<Edit> add(Edit.AddBlock edit) {
        int section = sectionIndex(edit.section());
        List<Block> blocks = new ArrayList<>(sections.get(section).blocks());
        if (edit.at() < 0 || edit.at() > blocks.size()) {
            throw new EditRefused("A block's place is 0 to " + blocks.size() + ", was " + edit.at() + ".");
        }
        checkNew(edit.block().id());
        check(edit.block());
        blocks.add(edit.at(), edit.block());
        sections.set(section, sections.get(section).withBlocks(blocks));
        return List.of(new Edit.RemoveBlock(edit.block().id()));
    }

    List<Edit> move(Edit.MoveSection edit) {
        int from = sectionIndex(edit.section());
        if (edit.at() < 0 || edit.at() >= sections.size()) {
            throw new EditRefused("A section's place is 0 to " + (sections.size() - 1) + ", was " + edit.at() + ".");
        }
        sections.add(edit.at(), sections.remove(from));
        return List.of(new Edit.MoveSection(edit.section(), from));
    }

    List<Edit> move(Edit.MoveBlock edit) {
        Edit.AddBlock back = remove(edit.block());
        try {
            add(new Edit.AddBlock(edit.section(), back.block(), edit.at()));
        } catch (EditRefused refused) {
            add(back);
            throw refused;
        }
        return List.of(new Edit.MoveBlock(edit.block(), back.section(), back.at()));
    }

    /** Takes the block out; answers with the edit that puts it back. */
    Edit.AddBlock remove(String id) {
        for (int i = 0; i < sections.size(); i++) {
            List<Block> blocks = new ArrayList<>(sections.get(i).blocks());
            for (int at = 0; at < blocks.size(); at++) {
                if (blocks.get(at).id().equals(id)) {
                    Block block = blocks.remove(at);
                    sections.set(i, sections.get(i).withBlocks(blocks));
                    return new Edit.AddBlock(sections.get(i).id(), block, at);
                }
            }
        }
        throw noBlock(id);
    }

    /** Puts the block in the place of the one with its id, which is the answer. */
    Block replace(Block block) {
        Block old = block(block.id()).orElseThrow(() -> noBlock(block.id()));
        if (old.getClass() != block.getClass()) {
            throw new EditRefused("A block stays what it is: " + block.id() + " cannot become another kind.");
        }
        check(block);
        sections.replaceAll(section -> section.withBlocks(section.blocks().stream()
                .map(each -> each == old ? block : each)
                .toList()));
        return old;
    }

    private static EditRefused noBlock(String id) {
        return new EditRefused("There is no block " + id + ".");
    }

    private int sectionIndex(String id) {
        for (int i = 0; i < sections.size(); i++) {
            if (sections.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new EditRefused("There is no section " + id + ".");
    }

    private void checkNew(String id) {
        boolean taken = block(id).isPresent()
                || sections.stream().anyMatch(section -> section.id().equals(id));
        if (taken || !id.matches("[A-Za-z0-9-]{1,40}")) {
            throw new EditRefused("An id is new and has letters, digits and hyphens, was " + id + ".");
        }
    }

    /**
     * Refuses invalid outlines: grids without a unique title, which references need, sizes out of range, texts that are
     * too long.
     */
    private void check(Block block) {
        block.match(this::checked, Outline::checked, chart -> chart);
    }

    private static Block.Note checked(Block.Note note) {
        if (note.text().length() > LONGEST_NOTE) {
            throw new EditRefused("A note has " + LONGEST_NOTE + " characters at the most, this one has "
                    + note.text().length() + ".");
        }
        return note;
    }

    private Block.Grid checked(Block.Grid grid) {
        checkSize(grid);
        checkedTitle(grid.title());
        boolean taken = grids().anyMatch(other -> !other.id().equals(grid.id())
                && other.title().toLowerCase(Locale.ROOT).equals(grid.title().toLowerCase(Locale.ROOT)));
        if (taken) {
            throw new EditRefused("Another grid is called " + grid.title() + ". Choose another title.");
        }
        return grid;
    }

    private static void checkSize(Block.Grid grid) {
        check("rows", grid.rows(), 1, Address.ROWS);
        check("columns", grid.columns(), 1, Address.COLUMNS);
        check("rows of headings", grid.headings(), 0, grid.rows());
        grid.widths().forEach((column, width) -> {
            check("columns", column + 1, 1, Address.COLUMNS);
            check("pixels of width", width, NARROWEST, WIDEST);
        });
        grid.hiddenRows().forEach(row -> check("rows", row + 1, 1, Address.ROWS));
        grid.hiddenColumns().forEach(column -> check("columns", column + 1, 1, Address.COLUMNS));
        grid.remarks().values().forEach(remark -> {
            if (remark.length() > LONGEST_NOTE) {
                throw new EditRefused("A remark has " + LONGEST_NOTE + " characters at the most, this one has "
                        + remark.length() + ".");
            }
        });
    }

    private static void check(String what, long number, long least, long most) {
        if (number < least || number > most) {
            throw new EditRefused(
                    "A grid has " + least + " to " + most + " " + what + ", and this says " + number + ".");
        }
    }

    static String checkedTitle(String title) {
        if (title.isBlank() || title.length() > LONGEST_TITLE) {
            throw new EditRefused(
                    "A title has 1 to " + LONGEST_TITLE + " characters, this one has " + title.length() + ".");
        }
        return title;
    }
}
