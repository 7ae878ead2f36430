package app.logismos.formula;

import app.logismos.value.Span;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/** Changes parts of a formula's text and leaves the rest as it was typed. */
public final class Respelling {
    private Respelling() {}

    /**
     * An expression that stands by itself, without {@code =}, with some nodes spelled anew; what cannot be read stays as
     * it is. Its references count from the first cell.
     */
    public static String expression(
            String text, Vocabulary vocabulary, Function<Expression, Optional<String>> spelling) {
        return Parser.parse(text, 0, Address.FIRST, vocabulary) instanceof Parser.Outcome.Parsed parsed
                ? of(text, parsed.expression(), spelling)
                : text;
    }

    /**
     * The text with some nodes spelled anew.
     *
     * @param expression as read from this very text, so that its spans fit
     * @param spelling for a node how it is spelled now; nothing to leave it
     */
    public static String of(String text, Expression expression, Function<Expression, Optional<String>> spelling) {
        Map<Integer, Integer> ends = new TreeMap<>(java.util.Comparator.reverseOrder());
        Map<Integer, String> spelled = new TreeMap<>();
        Walk.visit(
                expression,
                node -> spelling.apply(node).ifPresent(now -> {
                    Span place = node.span();
                    ends.put(place.start(), place.end());
                    spelled.put(place.start(), now);
                }));
        StringBuilder respelled = new StringBuilder(text);
        ends.forEach((start, end) -> respelled.replace(start, end, spelled.get(start)));
        return respelled.toString();
    }
}
