package app.logismos.sheet;

import java.util.Locale;

/** How much one command may write: it is refused before any work where it would be more. */
public final class Room {
    /** The cells that one command writes at the most. */
    public static final long MOST_CELLS = 1_000_000;

    private Room() {}

    /**
     * Lets a command go on.
     *
     * @param cells that it would write
     * @throws EditRefused where they are too many
     */
    public static void check(long cells) {
        if (cells > MOST_CELLS) {
            throw new EditRefused(String.format(
                    Locale.ENGLISH,
                    "This would write %,d cells, and %,d are the most at once. Select fewer.",
                    cells,
                    MOST_CELLS));
        }
    }
}
