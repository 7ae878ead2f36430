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
    private final long end;
    private final Map<String, Value> given;

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
        this.end = System.nanoTime() + live.limits().time().toNanos();
        this.given = worked();
    }

    /** Whether an entry may speak of it, so that the tape is needed. */
    static boolean maybeIn(String entry) {
        return MAYBE.matcher(entry).find();
    }

    /** The words for it that stand for nothing else here, and its value; none where the tape is empty. */
    Map<String, Value> given() {
        return given;
    }

    private Map<String, Value> worked() {
        Map<String, Value> words = new LinkedHashMap<>();
        value(before.size() - 1)
                .ifPresent(value -> WORDS.stream()
                        .filter(word -> live.worksheet().names().find(word).isEmpty())
                        .forEach(word -> words.put(word, value)));
        return words;
    }

    /**
     * The entry as it is put into a cell: in the place of the answer stands how it was worked out, so that no digit is
     * lost. Where that cannot be written, or is too long, the entry stays.
     */
    String writtenOut(String entry) {
        return given.isEmpty() ? entry : writtenOut(entry, before.size() - 1).orElse(entry);
    }

    private Optional<String> writtenOut(String entry, int line) {
        int start = entry.indexOf('=') + 1;
        if (!(Parser.parse(
                        live.display().read(entry), start, at, live.worksheet().vocabulary())
                instanceof Parser.Outcome.Parsed parsed)) {
            return Optional.empty();
        }
        List<Span> places = new ArrayList<>();
        Walk.visit(parsed.expression(), node -> {
            if (node instanceof Expression.Name name
                    && given.containsKey(name.name().toLowerCase(Locale.ROOT))) {
                places.add(name.span());
            }
        });
        if (places.isEmpty()) {
            return Optional.of(entry);
        }
        return operand(line).map(operand -> {
            StringBuilder written = new StringBuilder(entry);
            for (int i = places.size() - 1; i >= 0; i--) {
                written.replace(places.get(i).start(), places.get(i).end(), operand);
            }
            return written.length() > Parser.MAX_LENGTH ? null : written.toString();
        });
    }

    /** A line of the tape as a part of a formula: how it was worked out, or a number, text or truth value as it is typed. */
    private Optional<String> operand(int line) {
        if (line < 0) {
            return Optional.empty();
        }
        String entry = GridEndpoint.onScratch(before.get(line).entry, live);
        if (entry.strip().startsWith("=")) {
            return writtenOut(entry, line - 1)
                    .map(whole -> "(" + whole.strip().substring(1).strip() + ")");
        }
        Value typed =
                EntryReader.value(live.display().read(entry), live.worksheet().units());
        return switch (typed.kind()) {
            case NUMBER, QUANTITY -> Optional.of("(" + live.display().mark().number(PlainText.of(typed)) + ")");
            case TEXT, TRUTH -> Optional.of(PlainText.of(typed));
            // A date in a formula would be a difference of numbers.
            default -> Optional.empty();
        };
    }

    /** The preview, offering the answer where a function was taken for it. */
    Preview offeredIn(Preview preview, String entry) {
        if (!(preview.calculation().value() instanceof Failure failure)
                || failure.place().isEmpty()
                || given.isEmpty()) {
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

    /**
     * Worked out again, so that no digit is lost; as it was kept where something has changed since, or where all lines
     * before would take longer than one calculation may.
     */
    private Optional<Value> value(int line) {
        if (line < 0) {
            return Optional.empty();
        }
        TapeRow row = before.get(line);
        Value kept = EntryReader.value(
                live.display().read(row.inFull), live.worksheet().units());
        Map<String, Value> words = new LinkedHashMap<>();
        if (maybeIn(row.entry)) {
            value(line - 1).ifPresent(value -> WORDS.forEach(word -> words.put(word, value)));
        }
        if (System.nanoTime() < end) {
            String entry = live.display().read(GridEndpoint.onScratch(row.entry, live));
            Value again = live.explain(entry, grid, at, words).value();
            boolean isSame = again instanceof Table
                    ? live.display().text(again).equals(row.shown)
                    : PlainText.of(again).equals(PlainText.of(kept))
                            || live.display().mark().number(PlainText.of(again)).equals(row.inFull);
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
