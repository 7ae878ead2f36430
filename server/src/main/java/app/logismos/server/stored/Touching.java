package app.logismos.server.stored;

import app.logismos.sheet.Edit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What edits touch, as far as others have to know that were made on the same state.
 *
 * @param typed what is typed, by grid and cell as in {@code g.B3}
 * @param layout whether there is something else than typing
 * @param movesCells whether cells get other places, so that addresses mean others
 */
public record Touching(Map<String, Edit.Typed> typed, boolean layout, boolean movesCells) {
    /** Nothing is touched. */
    public static final Touching NOTHING = new Touching(Map.of(), false, false);

    /** What edits touch. */
    public static Touching of(List<Edit> edits) {
        Map<String, Edit.Typed> typed = new LinkedHashMap<>();
        for (Edit edit : edits) {
            if (edit instanceof Edit.Enter enter) {
                enter.cells().forEach(each -> typed.put(enter.grid() + "." + each.cell(), each));
            }
        }
        return new Touching(
                typed,
                edits.stream().anyMatch(edit -> !(edit instanceof Edit.Enter)),
                edits.stream().anyMatch(Edit::movesCells));
    }

    /** What these touch and then others. */
    public Touching and(Touching then) {
        Map<String, Edit.Typed> both = new LinkedHashMap<>(typed);
        both.putAll(then.typed);
        return new Touching(both, layout || then.layout, movesCells || then.movesCells);
    }

    /** Whether both are of a cell, both of the layout, or one moves what the other may mean. */
    public boolean meets(Touching other) {
        boolean isMoved = (movesCells && !other.isNothing()) || (other.movesCells && !isNothing());
        return layout && other.layout || isMoved || typed.keySet().stream().anyMatch(other.typed::containsKey);
    }

    private boolean isNothing() {
        return typed.isEmpty() && !layout;
    }
}
