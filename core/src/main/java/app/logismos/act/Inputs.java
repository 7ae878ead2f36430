package app.logismos.act;

import app.logismos.display.InFull;
import app.logismos.formula.Address;
import app.logismos.formula.Parser;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Edit;
import app.logismos.sheet.EditRefused;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.List;

/** A cell that is tried with other values, and the values that it can be run through. */
public final class Inputs {
    private static final int MOST = 200;

    private Inputs() {}

    /**
     * The one cell that a name or reference means.
     *
     * @param grid whose first cell the reference counts from
     * @throws EditRefused where it means none or several
     */
    public static Edit.Place cell(String reference, String grid, LiveWorksheet live) {
        Edit.Place place =
                Parser.parse(reference, 0, Address.FIRST, live.worksheet().vocabulary())
                                instanceof Parser.Outcome.Parsed parsed
                        ? live.place(parsed.expression(), grid, Address.FIRST).orElseThrow(() -> unknown(reference))
                        : refused(reference);
        if (place.area().size() != 1) {
            throw new EditRefused("`" + reference + "` is more than one cell. What runs is one.");
        }
        return place;
    }

    private static Edit.Place refused(String reference) {
        throw unknown(reference);
    }

    private static EditRefused unknown(String reference) {
        return new EditRefused("`" + reference + "` is no name and no cell of this worksheet.");
    }

    /**
     * So many values that an input runs through, as entries: from one to another, or where an end is not said, from half of
     * what it is now to its double, for 0 up to 10.
     *
     * @throws EditRefused where there are no such ends, they are of unlike kinds, or there are too many values
     */
    public static List<String> around(Edit.Place input, String from, String to, int count, LiveWorksheet live) {
        String now = PlainText.of(live.value(input.grid(), input.area().first()));
        return spaced(
                from.isBlank() ? end(now, "/2", "0", input, live) : from,
                to.isBlank() ? end(now, "*2", "10", input, live) : to,
                count,
                live.worksheet().units());
    }

    private static String end(String now, String part, String ofNothing, Edit.Place input, LiveWorksheet live) {
        Value end = now.equals("0")
                ? live.worth(ofNothing, input.grid())
                : live.worth("(" + now + ")" + part, input.grid());
        return InFull.text(end)
                .orElseThrow(() ->
                        new EditRefused("Say from where to where it runs: `" + now + "` has no half and no double."));
    }

    /**
     * So many values from one to another, as entries.
     *
     * @throws EditRefused where the ends are of unlike kinds, or there are too many
     */
    public static List<String> spaced(String from, String to, int count, UnitCatalogue units) {
        if (count > MOST) {
            throw new EditRefused(
                    "An input runs through " + MOST + " values at the most, and these are " + count + ".");
        }
        return SeriesWriting.spaced(from, to, count, units);
    }
}
