package app.logismos.formula;

import app.logismos.formula.Expression.Definition;
import app.logismos.formula.Expression.Parameter;
import app.logismos.formula.Expression.Variable;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads entries that make a function of one's own: {@code f(x) = x^2} (language, section 11). */
final class DefinitionReader {
    private static final String WORD = "\\p{L}[\\p{L}\\p{Mn}0-9_]*";
    private static final Pattern DEFINITION = Pattern.compile(
            "\\s*(" + WORD + ")\\(([^()=\"]*(?:\\([^()=\"]*\\)[^()=\"]*)*)\\)\\s*=(?!=).*", Pattern.DOTALL);
    private static final Pattern PARAMETER = Pattern.compile("\\s*(" + WORD + ")\\s*(:\\s*(.+))?", Pattern.DOTALL);

    private final String text;
    private final Address origin;
    private final Vocabulary vocabulary;

    private DefinitionReader(String text, Address origin, Vocabulary vocabulary) {
        this.text = text;
        this.origin = origin;
        this.vocabulary = vocabulary;
    }

    /** The entry where the text makes a function, soundly or not; nothing where it is something else. */
    static Optional<Entry> read(String text, Address origin, Vocabulary vocabulary) {
        if (text.length() > Parser.MAX_LENGTH || text.indexOf('=') < 0) {
            return Optional.empty();
        }
        Matcher matcher = DEFINITION.matcher(text);
        return matcher.matches() && new DefinitionReader(text, origin, vocabulary).areWords(matcher)
                ? Optional.of(new DefinitionReader(text, origin, vocabulary).definition(matcher))
                : Optional.empty();
    }

    /** {@code f(3) = 9} and {@code Tea (green) = 3} are texts. */
    private boolean areWords(Matcher matcher) {
        for (int at = start(matcher); at <= matcher.end(2); at = endOfParameter(at, matcher.end(2)) + 1) {
            if (!PARAMETER
                    .matcher(text.substring(at, endOfParameter(at, matcher.end(2))))
                    .matches()) {
                return false;
            }
        }
        return true;
    }

    /** Where the first parameter begins; behind the last where there is none. */
    private static int start(Matcher matcher) {
        return matcher.group(2).isBlank() ? matcher.end(2) + 1 : matcher.start(2);
    }

    private Entry definition(Matcher matcher) {
        String name = matcher.group(1);
        Span nameSpan = new Span(matcher.start(1), matcher.end(1));
        if (vocabulary.parameters(name).isPresent()) {
            String other = name + "_1";
            return new Entry.Unreadable(
                    Optional.empty(),
                    Failure.at(
                            nameSpan,
                            ErrorCode.SYNTAX,
                            "`" + name + "` is a function already. Take another name, for example `" + other + "`.",
                            new Fix("Call it " + other, other + text.substring(matcher.end(1)))));
        }
        try {
            List<Parameter> parameters = parameters(start(matcher), matcher.end(2));
            int start = text.indexOf('=', matcher.end(2)) + 1;
            Expression rule = parsed(text, start);
            for (Parameter parameter : parameters) {
                rule = Binding.in(rule, new Variable(parameter.name(), nameSpan));
            }
            return new Entry.Calculation(
                    Optional.of(name), new Definition(name, parameters, rule, nameSpan.to(rule.span())));
        } catch (Refusal refusal) {
            return new Entry.Unreadable(Optional.of(name), refusal.failure());
        }
    }

    private Expression parsed(String upTo, int start) {
        Parser.Outcome outcome = Parser.parse(upTo, start, origin, vocabulary);
        if (outcome instanceof Parser.Outcome.Refused refused) {
            throw new Refusal(refused.failure());
        }
        return ((Parser.Outcome.Parsed) outcome).expression();
    }

    private List<Parameter> parameters(int from, int to) {
        List<Parameter> parameters = new ArrayList<>();
        Set<String> names = new HashSet<>();
        int at = from;
        while (at <= to) {
            int end = endOfParameter(at, to);
            Span place = new Span(at, end);
            Matcher matcher = PARAMETER.matcher(text);
            matcher.region(at, end).matches();
            String word = matcher.group(1);
            if (Address.parse(word).isPresent()) {
                throw refused(
                        place,
                        "`" + word + "` looks like a cell. Call the argument `" + word.replaceFirst("([0-9]+)$", "_$1")
                                + "`.");
            }
            if (!names.add(word.toLowerCase(Locale.ROOT))) {
                throw refused(place, "Two arguments are called `" + word + "`. Each needs a name of its own.");
            }
            parameters.add(new Parameter(
                    word,
                    matcher.group(3) == null
                            ? Optional.empty()
                            : Optional.of(parsed(text.substring(0, end), matcher.start(3)))));
            at = end + 1;
        }
        return parameters;
    }

    /** Where the argument that begins here ends: before a comma or semicolon outside brackets. */
    private int endOfParameter(int at, int to) {
        int depth = 0;
        for (int i = at; i < to; i++) {
            char c = text.charAt(i);
            depth += c == '(' ? 1 : c == ')' ? -1 : 0;
            if (depth == 0 && (c == ',' || c == ';')) {
                return i;
            }
        }
        return to;
    }

    private static Refusal refused(Span place, String says) {
        return new Refusal(Failure.at(place, ErrorCode.SYNTAX, says));
    }
}
