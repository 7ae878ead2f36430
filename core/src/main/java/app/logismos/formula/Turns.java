package app.logismos.formula;

import app.logismos.value.Fix;
import app.logismos.value.Span;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Turns of speech that people write in formulas, and how they are written here. */
final class Turns {
    private static final Pattern CHOICE = Pattern.compile("(choose|ncr|npr|c|p)\\s*([0-9]+)", Pattern.CASE_INSENSITIVE);
    private static final Map<String, String> CHOICES = Map.of(
            "choose",
            "combinations",
            "ncr",
            "combinations",
            "c",
            "combinations",
            "npr",
            "permutations",
            "p",
            "permutations");
    private static final Pattern OF = Pattern.compile("of\\s+(?=\\S)", Pattern.CASE_INSENSITIVE);
    private static final Pattern IN = Pattern.compile("(in|as|into)\\s+(?=\\S)", Pattern.CASE_INSENSITIVE);
    private static final Pattern BARS = Pattern.compile("\\|([^|]+)\\|");
    private static final Pattern RAISED = Pattern.compile("\\^\\s*([0-9]+)\\s*(?=\\()");
    private static final Pattern BASED = Pattern.compile("log_?([0-9]+)", Pattern.CASE_INSENSITIVE);
    private static final Pattern GROUPED_BY_COMMAS = Pattern.compile("[0-9]{1,3}(?:,[0-9]{3})+(?:\\.[0-9]+)?");
    private static final Pattern GROUPED_BY_POINTS = Pattern.compile("[0-9]{1,3}(?:\\.[0-9]{3})+,[0-9]+");
    private static final Pattern CLOCK = Pattern.compile("([0-9]{1,2}):([0-5][0-9])(?::([0-5][0-9]))?");

    private Turns() {}

    /** {@code 7 choose 3}, {@code 20% of 50} and {@code 60 km/h in m/s}: a word between two values. */
    static Optional<Fix> between(String text, Span left, Span word) {
        Matcher choice = at(CHOICE, text, word.start());
        if (choice.lookingAt()) {
            String function = CHOICES.get(choice.group(1).toLowerCase(Locale.ROOT));
            String call = function + "(" + left.in(text) + ", " + choice.group(2) + ")";
            return Optional.of(new Fix("Write " + call, replaced(text, left.start(), choice.end(), call)));
        }
        Matcher of = at(OF, text, word.start());
        if (of.lookingAt()) {
            return Optional.of(new Fix("Multiply", replaced(text, left.end(), of.end(), " * ")));
        }
        Matcher in = at(IN, text, word.start());
        return in.lookingAt()
                ? Optional.of(new Fix("Write to", replaced(text, word.start(), in.end(), "to ")))
                : Optional.empty();
    }

    /** {@code |x|}. */
    static Optional<Fix> absolute(String text, int bar) {
        Matcher bars = at(BARS, text, bar);
        return bars.lookingAt()
                ? Optional.of(new Fix(
                        "Write abs",
                        replaced(text, bar, bars.end(), "abs(" + bars.group(1).strip() + ")")))
                : Optional.empty();
    }

    /** {@code sin^2(x)}: the power of what the function answers. */
    static Optional<Fix> raised(String text, Span function) {
        Matcher power = at(RAISED, text, function.end());
        if (!power.lookingAt()) {
            return Optional.empty();
        }
        int end = closing(text, power.end());
        if (end < 0) {
            return Optional.empty();
        }
        String call = function.in(text) + text.substring(power.end(), end) + "^" + power.group(1);
        return Optional.of(new Fix("Write " + call, replaced(text, function.start(), end, call)));
    }

    /** {@code log_2(8)}: the base is the second argument. */
    static Optional<Fix> based(String text, Span function) {
        Matcher base = BASED.matcher(function.in(text));
        int end = closing(text, function.end());
        if (!base.matches() || end < 0) {
            return Optional.empty();
        }
        String call = "log(" + text.substring(function.end() + 1, end - 1) + ", " + base.group(1) + ")";
        return Optional.of(new Fix("Write " + call, replaced(text, function.start(), end, call)));
    }

    /** {@code 1,000.50} and {@code 1.000,50}, by a place inside: no digit of it changes. */
    static Optional<Fix> grouped(String text, int within) {
        for (Pattern pattern : new Pattern[] {GROUPED_BY_COMMAS, GROUPED_BY_POINTS}) {
            Matcher number = pattern.matcher(text);
            while (number.find()) {
                boolean isWhole = (number.start() == 0 || !isPart(text.charAt(number.start() - 1)))
                        && (number.end() == text.length() || !isPart(text.charAt(number.end())));
                if (number.start() <= within && within < number.end() && isWhole) {
                    String plain = pattern == GROUPED_BY_COMMAS
                            ? number.group().replace(",", "")
                            : number.group().replace(".", "").replace(',', '.');
                    return Optional.of(new Fix("Write " + plain, replaced(text, number.start(), number.end(), plain)));
                }
            }
        }
        return Optional.empty();
    }

    /** {@code 7:30}, by the place of a colon. */
    static Optional<Fix> clock(String text, int colon) {
        Matcher clock = CLOCK.matcher(text);
        while (clock.find()) {
            if (clock.start() < colon && colon < clock.end()) {
                String call = "time(" + clock.group(1) + ", " + clock.group(2)
                        + (clock.group(3) == null ? "" : ", " + clock.group(3)) + ")";
                return Optional.of(new Fix("Write " + call, replaced(text, clock.start(), clock.end(), call)));
            }
        }
        return Optional.empty();
    }

    private static boolean isPart(char sign) {
        return Lexer.isDigit(sign) || sign == '.' || sign == ',';
    }

    /** Behind the bracket that closes the one at a place; −1 where there is none. */
    private static int closing(String text, int open) {
        int depth = 0;
        for (int i = open; i < text.length(); i++) {
            depth += text.charAt(i) == '(' ? 1 : text.charAt(i) == ')' ? -1 : 0;
            if (depth == 0) {
                return text.charAt(i) == ')' ? i + 1 : -1;
            }
        }
        return -1;
    }

    private static Matcher at(Pattern pattern, String text, int start) {
        return pattern.matcher(text).region(start, text.length());
    }

    private static String replaced(String text, int start, int end, String by) {
        return text.substring(0, start) + by + text.substring(end);
    }
}
