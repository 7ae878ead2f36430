package app.logismos.sheet;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Vocabulary;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * What names stand for. A name is given to cells by itself, or by an entry {@code name = expression} to the entry's cell;
 * never to two things at a time.
 */
public final class Names {
    private static final Set<String> OPERATOR_WORDS = Set.of("mod", "div", "to", "true", "false", "missing");

    private final Vocabulary vocabulary;
    private final Map<String, Target> defined = new TreeMap<>();
    private final Map<String, Target> claims = new TreeMap<>();

    Names(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    Names copy() {
        Names copy = new Names(vocabulary);
        copy.defined.putAll(defined);
        copy.claims.putAll(claims);
        return copy;
    }

    /** What a name, in any case, stands for. */
    public Optional<Target> find(String name) {
        return defined(name).or(() -> Optional.ofNullable(claims.get(key(name))));
    }

    /** All names with what they stand for, by name. */
    public Collection<Target> all() {
        Map<String, Target> all = new TreeMap<>(claims);
        all.putAll(defined);
        return all.values();
    }

    /** The name of exactly these cells; of several the first in the alphabet, whichever was given first. */
    public Optional<String> of(String grid, Area area) {
        return Stream.concat(defined.values().stream(), claims.values().stream())
                .filter(target -> target.area().equals(area) && target.grid().equals(grid))
                .map(Target::name)
                .findFirst();
    }

    /**
     * Why something cannot have a name, with a free name to take instead; nothing where it can.
     *
     * @param wanted the cells that are to have it, which may have it already
     */
    public Optional<String> clash(String name, Optional<Edit.Place> wanted) {
        Optional<String> word = reserved(name);
        if (word.isPresent()) {
            return word.map(why -> why + " Take another name, for example `" + free(name) + "`.");
        }
        return find(name)
                .filter(target -> wanted.map(place -> !place.grid().equals(target.grid())
                                || !place.area().equals(target.area()))
                        .orElse(true))
                .map(target -> "`" + target.name() + "` names " + target.area()
                        + " already. Take another name, for example `" + free(name) + "`.");
    }

    private Optional<String> reserved(String name) {
        if (!name.matches("\\p{L}[\\p{L}\\p{Mn}0-9_]*")) {
            return Optional.of(
                    "A name starts with a letter and has letters, digits and `_`, and `" + name + "` does not.");
        }
        if (vocabulary.isFunctionName(name)) {
            return Optional.of("`" + name + "` is a function.");
        }
        if (vocabulary.isConstant(name)) {
            return Optional.of("`" + name + "` is a constant.");
        }
        if (OPERATOR_WORDS.contains(key(name))) {
            return Optional.of("`" + name + "` is a word of the formula language.");
        }
        return Address.parse(name).map(address -> "`" + name + "` looks like the cell " + address + ".");
    }

    /** A name like this one that nothing has. */
    public String free(String name) {
        return free(name, Set.of());
    }

    /** The same, and none of those, in lower case, that will be taken. */
    String free(String name, Set<String> taken) {
        String base = name.replaceAll("[^\\p{L}\\p{Mn}0-9_]", "_").replaceAll("^[^\\p{L}]+", "");
        String stem = base.isEmpty() ? "name" : base;
        for (int i = 1; ; i++) {
            String candidate = stem + "_" + i;
            if (find(candidate).isEmpty()
                    && !taken.contains(key(candidate))
                    && reserved(candidate).isEmpty()) {
                return candidate;
            }
        }
    }

    Optional<Target> defined(String name) {
        return Optional.ofNullable(defined.get(key(name)));
    }

    /** The edits that define the names which were given by themselves. */
    public List<Edit.Define> definitions() {
        return defined.values().stream()
                .map(target ->
                        new Edit.Define(target.name(), Optional.of(new Edit.Place(target.grid(), target.area()))))
                .toList();
    }

    List<Target> definedIn(String grid) {
        return defined.values().stream()
                .filter(target -> target.grid().equals(grid))
                .toList();
    }

    void define(String name, Optional<Target> target) {
        target.ifPresentOrElse(place -> defined.put(key(name), place), () -> defined.remove(key(name)));
    }

    /** Gives the cell of an entry the entry's name, which must be free. */
    void claim(Target target) {
        claims.put(key(target.name()), target);
    }

    /** Takes the name of an entry away; answers with what it stood for. */
    Target release(String name) {
        Target target = claims.remove(key(name));
        if (target == null) {
            throw new IllegalArgumentException("the name must be an entry's, was " + name);
        }
        return target;
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
