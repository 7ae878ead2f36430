package app.logismos.server.worksheet;

import app.logismos.formula.Address;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.formula.Walk;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.report.Preview;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The answer before on the tape, which the scratch line calls {@code answer}; {@code ans} is read as well, and in the place
 * of {@code last}, which is a function, it is offered. A name of the worksheet goes first.
 */
final class AnswerBefore {
    private static final List<String> WORDS = List.of("answer", "ans");
    private static final Pattern MAYBE = Pattern.compile("(?i)\\b(?:answer|ans|last)\\b");
    /** A chain of answers that is longer is not worked out from its beginning: its value is read as it was kept. */
    static final int LONGEST_CHAIN = 40;

    private final List<TapeRow> before;
    private final String grid;
    private final Address at;
    private final LiveWorksheet live;

    /**
     * Reads a tape.
     *
     * @param before its lines up to the one that is meant
     */
    AnswerBefore(List<TapeRow> before, String grid, Address at, LiveWorksheet live) {
        this.before = before;
        this.grid = grid;
        this.at = at;
        this.live = live;
    }

    /** Whether an entry may speak of it, so that the tape is needed. */
    static boolean maybeIn(String entry) {
        return MAYBE.matcher(entry).find();
    }

    /** The words for it that stand for nothing else here, and its value; none where the tape is empty. */
    Map<String, Value> given() {
        Map<String, Value> given = new LinkedHashMap<>();
        value(before.size() - 1, 0)
                .ifPresent(value -> WORDS.stream()
                        .filter(word -> live.worksheet().names().find(word).isEmpty())
                        .forEach(word -> given.put(word, value)));
        return given;
    }

    /** The entry with its value written out, as it is put into a cell. */
    String writtenOut(String entry) {
        Map<String, Value> given = given();
        int start = entry.indexOf('=') + 1;
        if (given.isEmpty()
                || !(Parser.parse(entry, start, at, live.worksheet().vocabulary())
                        instanceof Parser.Outcome.Parsed parsed)) {
            return entry;
        }
        List<Span> places = new ArrayList<>();
        Walk.visit(parsed.expression(), node -> {
            if (node instanceof Expression.Name name
                    && given.containsKey(name.name().toLowerCase(Locale.ROOT))) {
                places.add(name.span());
            }
        });
        String value = before.get(before.size() - 1).inFull;
        StringBuilder written = new StringBuilder(entry);
        for (int i = places.size() - 1; i >= 0; i--) {
            written.replace(places.get(i).start(), places.get(i).end(), "(" + value + ")");
        }
        return written.toString();
    }

    /** The preview, offering the answer where a function was taken for it. */
    Preview offeredIn(Preview preview, String entry) {
        if (!(preview.calculation().value() instanceof Failure failure)
                || failure.place().isEmpty()
                || given().isEmpty()) {
            return preview;
        }
        Span place = failure.place().get();
        String replaced = new StringBuilder(entry)
                .replace(place.start(), place.end(), WORDS.get(0))
                .toString();
        return place.in(entry).equalsIgnoreCase("last")
                ? preview.withCalculation(preview.calculation()
                        .withValue(failure.withFixes(List.of(new Fix("Use the answer before", replaced)))))
                : preview;
    }

    /** Worked out again, so that no digit is lost; as it was kept where something has changed since. */
    private Optional<Value> value(int line, int chain) {
        if (line < 0) {
            return Optional.empty();
        }
        TapeRow row = before.get(line);
        Value kept = EntryReader.value(
                live.display().read(row.inFull), live.worksheet().units());
        if (chain < LONGEST_CHAIN) {
            Map<String, Value> given = new LinkedHashMap<>();
            if (maybeIn(row.entry)) {
                value(line - 1, chain + 1).ifPresent(value -> WORDS.forEach(word -> given.put(word, value)));
            }
            String entry = GridEndpoint.onScratch(row.entry, live);
            Value again =
                    live.explain(live.display().read(entry), grid, at, given).value();
            boolean isSame = again instanceof Table
                    ? live.display().text(again).equals(row.shown)
                    : PlainText.of(again).equals(PlainText.of(kept));
            if (isSame) {
                return Optional.of(again);
            }
        }
        return Optional.of(row.exact ? kept : approximate(kept));
    }

    private static Value approximate(Value value) {
        if (value instanceof NumberValue number) {
            return new NumberValue(Real.from(number.real().toDouble()));
        }
        return value instanceof Quantity quantity
                ? new Quantity(Real.from(quantity.number().toDouble()), quantity.unit())
                : value;
    }
}
