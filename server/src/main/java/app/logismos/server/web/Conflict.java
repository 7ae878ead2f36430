package app.logismos.server.web;

import java.util.List;

/** Edits made on an older state that touch what has changed since. */
public class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final long revision;
    private final transient List<Cell> cells;

    /**
     * A cell with both versions.
     *
     * @param now its entry as it is kept
     * @param yours the entry that was refused
     */
    public record Cell(String grid, String address, String now, String yours) {}

    /** With the revision that is kept now. */
    public Conflict(long revision, List<Cell> cells) {
        super("Someone has changed the same cells since. Look at both versions and decide.");
        this.revision = revision;
        this.cells = List.copyOf(cells);
    }

    long revision() {
        return revision;
    }

    List<Cell> cells() {
        return cells;
    }
}
