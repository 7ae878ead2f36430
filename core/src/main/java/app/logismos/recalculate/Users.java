package app.logismos.recalculate;

import it.unimi.dsi.fastutil.longs.LongOpenHashSet;
import it.unimi.dsi.fastutil.longs.LongSet;
import it.unimi.dsi.fastutil.longs.LongSets;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The formulas that use a word, in any case: a name, or the title of a grid. */
final class Users {
    private final Map<String, LongOpenHashSet> byWord = new HashMap<>();

    /** The base of an overlay, asked for words that the overlay has no entry for; null where this is not an overlay. */
    private final @Nullable Users base;

    Users() {
        this(null);
    }

    private Users(@Nullable Users base) {
        this.base = base;
    }

    /** A copy-on-write copy; while it is in use, this one must not change. */
    Users overlay() {
        return new Users(this);
    }

    /** Callers must not change it. */
    LongSet of(String word) {
        LongOpenHashSet own = byWord.get(word);
        return own != null ? own : base != null ? base.of(word) : LongSets.EMPTY_SET;
    }

    void add(String word, long formula) {
        own(word).add(formula);
    }

    void remove(String word, long formula) {
        own(word).remove(formula);
    }

    private LongOpenHashSet own(String word) {
        return byWord.computeIfAbsent(
                word, each -> new LongOpenHashSet(base == null ? LongSets.EMPTY_SET : base.of(each)));
    }
}
