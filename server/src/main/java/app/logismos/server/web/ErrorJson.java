package app.logismos.server.web;

import app.logismos.display.Display;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A failed calculation.
 *
 * @param start the first character at fault, from 0; null where no place is known
 * @param end the one after the last
 * @param cause the first cell that failed, where this one only waits for it
 */
public record ErrorJson(
        String code,
        String message,
        @Nullable Integer start,
        @Nullable Integer end,
        @Nullable String cause,
        List<Fix> fixes) {
    /** The failure that a value is, or null. */
    public static @Nullable ErrorJson of(Value value, Display display) {
        if (!(value instanceof Failure failure)) {
            return null;
        }
        return new ErrorJson(
                failure.code().code(),
                failure.message(),
                failure.place().map(Span::start).orElse(null),
                failure.place().map(Span::end).orElse(null),
                failure.cause().orElse(null),
                failure.fixes().stream()
                        .map(fix -> new Fix(fix.label(), display.write(fix.replacement())))
                        .toList());
    }
}
