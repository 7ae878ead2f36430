package app.logismos.display;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Number styles by the words that worksheets and requests name them with: {@code fraction}, {@code fixed 2}. A style is one
 * line here: requests, settings and the list that people choose from read it.
 */
public final class Styles {
    private static final Pattern WORDS = Pattern.compile("([a-z]+)(?: (?:([0-9]{1,2})|([A-Z]{3})))?");
    private static final int USUAL_DIGITS = 10;
    private static final String EURO = "EUR";

    private static final List<Named> ALL = List.of(
            Named.alone("automatic", "automatic", Automatic.STYLE),
            Named.with("fixed", "decimal places", Takes.PLACES, 2, FixedPlaces::new),
            Named.with(
                    "significant",
                    "significant digits",
                    Takes.DIGITS,
                    4,
                    digits -> new SignificantDigits(Math.max(1, digits))),
            Named.with(
                            "grouped",
                            "grouped, with places",
                            Takes.PLACES,
                            2,
                            places -> new Grouped(new FixedPlaces(places)))
                    .or(new Grouped(Automatic.STYLE)),
            Named.with("percent", "percent", Takes.PLACES, 0, Percent::places).or(new Percent(Automatic.STYLE)),
            Named.with("scientific", "scientific", Takes.DIGITS, 4, digits -> new Scientific(Math.max(1, digits)))
                    .or(new Scientific(USUAL_DIGITS)),
            Named.with(
                            "engineering",
                            "powers by thousands",
                            Takes.DIGITS,
                            4,
                            digits -> new Engineering(Math.max(1, digits)))
                    .or(new Engineering(USUAL_DIGITS)),
            Named.alone("fraction", "fraction", Fractional.STYLE),
            Named.alone("mixed", "mixed number", Mixed.STYLE),
            Named.alone("root", "exact roots", Roots.STYLE),
            Named.alone("repeating", "repeating decimal", Repeating.STYLE),
            Named.with("polar", "distance and direction", Takes.PLACES, Polar.USUAL, Polar::new)
                    .or(new Polar(Polar.USUAL)),
            Named.alone("hours", "days as hours and minutes", Hours.STYLE),
            Named.ofCurrency("currency", "money", Money::of));

    private Styles() {}

    /** What stands behind the word of a style. */
    public enum Takes {
        NOTHING,
        PLACES,
        DIGITS,
        CURRENCY
    }

    /**
     * A style, or many that differ by a number or a currency.
     *
     * @param word how it is written
     * @param says what people call it
     * @param takes what may stand behind the word
     * @param usual the number that it has at first; 0 where it takes none, or has none at first
     * @param alone the style of the word by itself, where it has one
     * @param numbered the style of the word with a number
     * @param coded the style of the word with a currency
     */
    public record Named(
            String word,
            String says,
            Takes takes,
            int usual,
            Optional<NumberStyle> alone,
            IntFunction<Optional<NumberStyle>> numbered,
            Function<String, Optional<NumberStyle>> coded) {
        private static Named alone(String word, String says, NumberStyle style) {
            return new Named(
                    word, says, Takes.NOTHING, 0, Optional.of(style), n -> Optional.empty(), code -> Optional.empty());
        }

        private static Named with(String word, String says, Takes takes, int usual, IntFunction<NumberStyle> numbered) {
            return new Named(
                    word,
                    says,
                    takes,
                    usual,
                    Optional.empty(),
                    number -> Optional.of(numbered.apply(number)),
                    code -> Optional.empty());
        }

        private static Named ofCurrency(String word, String says, Function<String, Optional<NumberStyle>> coded) {
            return new Named(word, says, Takes.CURRENCY, 0, Optional.empty(), n -> Optional.empty(), coded);
        }

        private Named or(NumberStyle style) {
            return new Named(word, says, takes, usual, Optional.of(style), numbered, coded);
        }

        private Stream<String> examples() {
            Stream<String> more = switch (takes) {
                case NOTHING -> Stream.empty();
                case PLACES, DIGITS -> Stream.of(word + " " + Math.max(1, usual));
                case CURRENCY -> Stream.of(word + " " + EURO);
            };
            return Stream.concat(alone.stream().map(style -> word), more);
        }
    }

    /** All styles, in the order in which people choose from them. */
    public static List<Named> all() {
        return ALL;
    }

    /** The style called so; nothing where none is. */
    public static Optional<NumberStyle> named(String words) {
        Matcher matcher = WORDS.matcher(words);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        return ALL.stream()
                .filter(each -> each.word().equals(matcher.group(1)))
                .findFirst()
                .flatMap(each -> matcher.group(2) != null
                        ? each.numbered().apply(Integer.parseInt(matcher.group(2)))
                        : matcher.group(3) != null ? each.coded().apply(matcher.group(3)) : each.alone());
    }

    /** All names, those with a number or a code shown by an example. */
    public static String known() {
        return ALL.stream().flatMap(Named::examples).sorted().collect(Collectors.joining(", "));
    }
}
