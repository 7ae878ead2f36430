package app.logismos.value;

import java.util.List;
import java.util.Optional;

/**
 * A calculation that failed: what, why, where, and ways out.
 *
 * @param message the fact, then the way out, in sentences
 * @param place the characters of the entry that are at fault, where they are known
 * @param cause how the cell that failed first is called from here, if this one only waits for it
 * @param home the cell that failed first, once a cell holds the failure
 */
public record Failure(
        ErrorCode code,
        String message,
        Optional<Span> place,
        List<Fix> fixes,
        Optional<String> cause,
        Optional<Home> home)
        implements Value {
    public Failure {
        fixes = List.copyOf(fixes);
    }

    /**
     * A cell that failed by itself.
     *
     * @param grid the id of its grid
     * @param cell its address
     */
    public record Home(String grid, String cell) {}

    /** A failure whose place is added by whoever knows it. */
    public static Failure of(ErrorCode code, String message) {
        return new Failure(code, message, Optional.empty(), List.of(), Optional.empty(), Optional.empty());
    }

    /** A failure at a place of the entry. */
    public static Failure at(Span place, ErrorCode code, String message, Fix... fixes) {
        return new Failure(code, message, Optional.of(place), List.of(fixes), Optional.empty(), Optional.empty());
    }

    /** What a cell holds that uses a failed cell: it names the first cause and fails alike. */
    public Failure waitingFor(String first, Span place) {
        return new Failure(code, "waits for " + first, Optional.of(place), List.of(), Optional.of(first), home);
    }

    /** The same failure as a cell holds it, whose own it is unless it came from another. */
    public Failure heldIn(String grid, String cell) {
        return home.isPresent()
                ? this
                : new Failure(code, message, place, fixes, cause, Optional.of(new Home(grid, cell)));
    }

    /** The same failure with these ways out. */
    public Failure withFixes(List<Fix> ways) {
        return new Failure(code, message, place, ways, cause, home);
    }

    /** The same failure in other words. */
    public Failure withMessage(String sentences) {
        return new Failure(code, sentences, place, fixes, cause, home);
    }

    /** The same failure at {@code span}, unless its place is known already. */
    public Failure orAt(Span span) {
        return place.isPresent() ? this : new Failure(code, message, Optional.of(span), fixes, cause, home);
    }

    @Override
    public Kind kind() {
        return Kind.ERROR;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.failure(this);
    }
}
