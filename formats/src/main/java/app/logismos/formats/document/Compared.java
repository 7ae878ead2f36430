package app.logismos.formats.document;

import app.logismos.formula.Address;
import java.util.List;

/**
 * What formulas that were brought in are worth here, beside the values that their document kept for them.
 *
 * @param agree how many have the same value, within 15 significant digits
 * @param changing how many have another value at every moment, as the time, and are not compared
 * @param differ those with another value
 * @param kept those that could not be brought in; their values were
 */
public record Compared(int agree, int changing, List<Differs> differ, List<Kept> kept) {
    public Compared {
        differ = List.copyOf(differ);
        kept = List.copyOf(kept);
    }

    /** A value that is another here; {@code why} is a sentence. */
    public record Differs(String grid, Address cell, String theirs, String ours, String why) {}

    /** A formula that could not be brought in; {@code why} is a sentence. */
    public record Kept(String grid, Address cell, String formula, String why) {}

    /** How many formulas there were. */
    public int formulas() {
        return agree + changing + differ.size() + kept.size();
    }
}
