package app.logismos.report;

import app.logismos.catalogue.Catalogue;
import app.logismos.evaluate.Calculation;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Brackets;
import app.logismos.formula.Entry;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Parser;
import app.logismos.formula.References;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Target;
import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.UsualUnits;
import app.logismos.value.Blank;
import app.logismos.value.Span;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * An entry that is being written: what it is worth so far, and what can be said to help.
 *
 * @param kind what it would become
 * @param soFar the same with its open brackets closed, where only they are missing
 * @param references cells it refers to, for colouring text and cells alike
 * @param units where units stand, for telling them from names
 * @param completions words that the one before the cursor may become
 * @param call the call that the cursor is in
 * @param looksLikeCalculation whether it stays a text only because the {@code =} is missing
 */
public record Preview(
        Kind kind,
        Calculation calculation,
        Optional<Calculation> soFar,
        List<Reference> references,
        List<Span> units,
        List<Completion> completions,
        Optional<OpenCall> call,
        boolean looksLikeCalculation) {
    private static final int MOST_COMPLETIONS = 12;

    public Preview {
        references = List.copyOf(references);
        units = List.copyOf(units);
        completions = List.copyOf(completions);
    }

    /** What the text is so far. */
    public enum Kind {
        EMPTY,
        VALUE,
        CALCULATION
    }

    /**
     * A reference in the text.
     *
     * @param colour equal references have equal ones, from 0
     * @param grid the id of the grid referred to
     */
    public record Reference(Span span, int colour, String grid, Area area) {}

    /**
     * A word that may be meant.
     *
     * @param replaces the characters it stands in for
     */
    public record Completion(String word, String kind, String says, Span replaces) {}

    /**
     * The call that the cursor is in.
     *
     * @param argument the parameter that is being written, from 0
     */
    public record OpenCall(String function, String says, List<Parameter> parameters, int argument) {}

    /**
     * Looks at an entry.
     *
     * @param cursor where the cursor is in it, in UTF-16 units
     */
    public static Preview of(String entry, int cursor, String grid, Address cell, LiveWorksheet live) {
        return of(entry, cursor, grid, cell, live, Map.of());
    }

    /**
     * The same where some words stand for values, as the variable of a curve does.
     *
     * @param given these words and their values
     */
    public static Preview of(
            String entry, int cursor, String grid, Address cell, LiveWorksheet live, Map<String, Value> given) {
        Entry read = EntryReader.read(entry, cell, live.worksheet().vocabulary());
        Kind kind =
                read == Entry.Empty.EMPTY ? Kind.EMPTY : read instanceof Entry.Constant ? Kind.VALUE : Kind.CALCULATION;
        int start = kind == Kind.CALCULATION ? entry.indexOf('=') + 1 : entry.length();
        boolean inside = cursor >= start && cursor <= entry.length();
        String closed = read instanceof Entry.Unreadable ? Brackets.closed(entry, start) : entry;
        return new Preview(
                kind,
                live.explain(entry, grid, cell, given),
                closed.equals(entry) ? Optional.empty() : Optional.of(live.explain(closed, grid, cell, given)),
                references(entry, start, grid, cell, live),
                readable(entry, start, cell, live).map(UnitPlaces::of).orElse(List.of()),
                entry.strip().equals("=") && cursor == entry.length()
                        ? sums(cursor, grid, cell, live)
                        : inside || kind == Kind.VALUE
                                ? completions(entry, kind == Kind.VALUE ? 0 : start, cursor, live, given)
                                : List.of(),
                inside ? openCall(entry, start, cursor, live) : Optional.empty(),
                EntryReader.looksLikeCalculation(entry, live.worksheet().vocabulary()));
    }

    /** The same with something else said of its calculation. */
    public Preview withCalculation(Calculation other) {
        return new Preview(kind, other, soFar, references, units, completions, call, looksLikeCalculation);
    }

    private static List<Reference> references(String entry, int start, String grid, Address cell, LiveWorksheet live) {
        Optional<Expression> readable = readable(entry, start, cell, live);
        if (readable.isEmpty()) {
            return List.of();
        }
        References found = References.in(readable.get());
        List<Reference> references = new ArrayList<>();
        for (Expression node : found.all()) {
            live.place(node, grid, cell)
                    .ifPresent(place -> references.add(
                            new Reference(node.span(), found.indexOf(node), place.grid(), place.area())));
        }
        return references;
    }

    /** The expression, or where the end is still missing, the longest beginning that can be read. */
    private static Optional<Expression> readable(String entry, int start, Address cell, LiveWorksheet live) {
        for (int end = entry.length(); end > start; end = shorter(entry, start, end)) {
            String text = Brackets.closed(entry.substring(0, end), start);
            if (Parser.parse(text, start, cell, live.worksheet().vocabulary())
                    instanceof Parser.Outcome.Parsed parsed) {
                return Optional.of(parsed.expression());
            }
        }
        return Optional.empty();
    }

    private static int shorter(String entry, int start, int end) {
        int next = end - 1;
        while (next > start
                && Character.isLetterOrDigit(entry.charAt(next))
                && Character.isLetterOrDigit(entry.charAt(next - 1))) {
            next--;
        }
        return end - next > 0 && entry.length() - next < 60 ? next : start;
    }

    private static List<Completion> completions(
            String entry, int start, int cursor, LiveWorksheet live, Map<String, Value> given) {
        int from = cursor;
        while (from > start && (Character.isLetterOrDigit(entry.charAt(from - 1)) || entry.charAt(from - 1) == '_')) {
            from--;
        }
        String word = entry.substring(from, cursor).toLowerCase(Locale.ROOT);
        if (word.isEmpty() || !Character.isLetter(word.charAt(0))) {
            return List.of();
        }
        Span replaces = new Span(from, cursor);
        if (UnitPlaces.isUnitExpected(entry, from)) {
            return units(
                    entry.substring(from, cursor), replaces, live.worksheet().units());
        }
        if (EntryReader.value(entry, live.worksheet().units()) instanceof Text && entry.indexOf('=') < 0) {
            return List.of();
        }
        Stream<Completion> standing = given.entrySet().stream()
                .map(each ->
                        new Completion(each.getKey(), "name", live.display().candid(each.getValue()), replaces));
        Stream<Completion> names = live.worksheet().names().all().stream()
                .map(target -> live.worksheet().function(target.name()).isPresent()
                        ? new Completion(target.name(), "function", rule(target.name(), live), replaces)
                        : new Completion(target.name(), "name", said(target, live), replaces));
        Stream<Completion> functions = Catalogue.STANDARD.functions().stream()
                .map(function -> new Completion(function.name(), "function", function.says(), replaces));
        Stream<Completion> constants = Catalogue.STANDARD.constants().stream()
                .map(constant -> new Completion(constant.name(), "constant", constant.says(), replaces));
        return Stream.of(standing, names, functions, constants)
                .flatMap(java.util.function.UnaryOperator.identity())
                .filter(completion -> completion.word().toLowerCase(Locale.ROOT).startsWith(word))
                .limit(MOST_COMPLETIONS)
                .toList();
    }

    /** What is first written behind the {@code =} of a cell with numbers above it or to the left of it. */
    private static List<Completion> sums(int cursor, String grid, Address cell, LiveWorksheet live) {
        return Stream.of(Axis.ROWS, Axis.COLUMNS)
                .flatMap(axis -> NumbersBefore.of(live, grid, cell, axis)
                        .map(area -> new Completion(
                                "sum(" + area + ")",
                                "sum",
                                axis == Axis.ROWS ? "adds up what stands above" : "adds up what stands to the left",
                                new Span(cursor, cursor)))
                        .stream())
                .toList();
    }

    private static List<Completion> units(String letters, Span replaces, UnitCatalogue catalogue) {
        Stream<Completion> usual = UsualUnits.startingWith(letters).stream()
                .map(unit -> new Completion(unit.symbol(), "unit", UnitCatalogue.measures(unit.dimension()), replaces));
        Stream<Completion> listed = catalogue.startingWith(letters).stream()
                .map(unit -> new Completion(unit.symbol(), "unit", unit.name() + ", " + unit.measures(), replaces));
        Set<String> seen = new HashSet<>();
        return Stream.concat(usual, listed)
                .filter(completion -> seen.add(completion.word()))
                .limit(MOST_COMPLETIONS)
                .toList();
    }

    private static String said(Target target, LiveWorksheet live) {
        return live.grid(target.grid())
                .map(grid -> target.area() + " in " + grid.title())
                .orElse(target.area().toString());
    }

    /** Scans back for the bracket that the cursor is in, counting separators on the way. */
    private static Optional<OpenCall> openCall(String entry, int start, int cursor, LiveWorksheet live) {
        int depth = 0;
        int argument = 0;
        for (int i = cursor - 1; i >= start; i--) {
            char c = entry.charAt(i);
            if (c == ')' || c == '}') {
                depth++;
            } else if (depth > 0 && (c == '(' || c == '{')) {
                depth--;
            } else if (depth == 0 && (c == ',' || c == ';')) {
                argument++;
            } else if (depth == 0 && c == '(') {
                return call(wordBefore(entry, start, i), argument, live);
            }
        }
        return Optional.empty();
    }

    private static String wordBefore(String entry, int start, int end) {
        int from = end;
        while (from > start && (Character.isLetterOrDigit(entry.charAt(from - 1)) || entry.charAt(from - 1) == '_')) {
            from--;
        }
        return entry.substring(from, end);
    }

    private static Optional<OpenCall> call(String word, int argument, LiveWorksheet live) {
        Optional<Function> function = Catalogue.STANDARD.function(word);
        return function.map(found -> open(found.name(), found.says(), found.parameters(), argument))
                .or(() -> live.worksheet()
                        .function(word)
                        .map(own -> open(own.name(), rule(own.name(), live), parameters(own), argument)));
    }

    /** A function of one's own as it was typed. */
    private static String rule(String name, LiveWorksheet live) {
        return live.worksheet()
                .names()
                .find(name)
                .map(target -> live.worksheet()
                        .textIn(target.grid(), target.area().first())
                        .strip())
                .orElse("");
    }

    private static OpenCall open(String name, String says, List<Parameter> parameters, int argument) {
        return new OpenCall(name, says, parameters, Math.min(argument, Math.max(0, parameters.size() - 1)));
    }

    private static List<Parameter> parameters(Definition own) {
        return own.parameters().stream()
                .map(each -> new Parameter(
                        each.name(), Parameter.Accepts.ANY, "", each.usual().map(usual -> Blank.BLANK), false))
                .toList();
    }
}
