package app.logismos.value;

import java.util.List;
import java.util.Optional;

/**
 * A calculation that failed: what, why, where, and ways out.
 *
 * @param message the fact, then the way out, in sentences
 * @param place the characters of the entry that are at fault, where they are known
 * @param cause the address of the first cell that failed, if this one only waits for it
 */
public record Failure(ErrorCode code, String message, Optional<Span> place, List<Fix> fixes, Optional<String> cause)
        implements Value {
    public Failure {
        fixes = List.copyOf(fixes);
    }

    /** A failure whose place is added by whoever knows it. */
    public static Failure of(ErrorCode code, String message) {
        return new Failure(code, message, Optional.empty(), List.of(), Optional.empty());
    }

    /** A failure at a place of the entry. */
    public static Failure at(Span place, ErrorCode code, String message, Fix... fixes) {
        return new Failure(code, message, Optional.of(place), List.of(fixes), Optional.empty());
    }

    /** What a cell holds that uses a failed cell: it names the first cause and fails alike. */
    public Failure waitingFor(String address, Span place) {
        String first = cause.orElse(address);
        return new Failure(code, "waits for " + first, Optional.of(place), List.of(), Optional.of(first));
    }

    /** The same failure at {@code span}, unless its place is known already. */
    public Failure orAt(Span span) {
        return place.isPresent() ? this : new Failure(code, message, Optional.of(span), fixes, cause);
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
