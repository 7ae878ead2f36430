package app.logismos.display;

import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Number styles by the words that worksheets and requests name them with: {@code fraction}, {@code fixed 2}. */
public final class Styles {
    private static final Pattern WORDS = Pattern.compile("([a-z]+)(?: (?:([0-9]{1,2})|([A-Z]{3})))?");
    private static final int USUAL_DIGITS = 10;

    private static final Map<String, NumberStyle> SIMPLE = Map.of(
            "automatic",
            Automatic.STYLE,
            "fraction",
            Fractional.STYLE,
            "mixed",
            Mixed.STYLE,
            "repeating",
            Repeating.STYLE,
            "scientific",
            new Scientific(USUAL_DIGITS),
            "engineering",
            new Engineering(USUAL_DIGITS),
            "grouped",
            new Grouped(Automatic.STYLE),
            "percent",
            new Percent(Automatic.STYLE));
    private static final Map<String, IntFunction<NumberStyle>> WITH_NUMBER = Map.of(
            "fixed", FixedPlaces::new,
            "percent", Percent::places,
            "grouped", places -> new Grouped(new FixedPlaces(places)),
            "scientific", digits -> new Scientific(Math.max(1, digits)),
            "engineering", digits -> new Engineering(Math.max(1, digits)),
            "significant", digits -> new SignificantDigits(Math.max(1, digits)));
    private static final Map<String, Function<String, Optional<NumberStyle>>> WITH_CODE = Map.of("currency", Money::of);

    private Styles() {}

    /** The style called so; nothing where none is. */
    public static Optional<NumberStyle> named(String words) {
        Matcher matcher = WORDS.matcher(words);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String name = matcher.group(1);
        if (matcher.group(2) != null) {
            return Optional.ofNullable(WITH_NUMBER.get(name))
                    .map(make -> make.apply(Integer.parseInt(matcher.group(2))));
        }
        return matcher.group(3) != null
                ? Optional.ofNullable(WITH_CODE.get(name)).flatMap(make -> make.apply(matcher.group(3)))
                : Optional.ofNullable(SIMPLE.get(name));
    }

    /** All names, those with a number or a code shown by an example. */
    public static String known() {
        return "automatic, currency EUR, engineering, engineering 4, fixed 2, fraction, grouped, grouped 2, mixed, percent, "
                + "percent 1, repeating, scientific, scientific 4, significant 4";
    }
}
