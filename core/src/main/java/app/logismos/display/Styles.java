package app.logismos.display;

import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Number styles by the words that worksheets and requests name them with: {@code fraction}, {@code fixed 2}. */
public final class Styles {
    private static final Pattern WORDS = Pattern.compile("([a-z]+)(?: ([0-9]{1,2}))?");
    private static final int USUAL_DIGITS = 10;

    private static final Map<String, NumberStyle> SIMPLE = Map.of(
            "automatic", Automatic.STYLE,
            "fraction", Fractional.STYLE,
            "mixed", Mixed.STYLE,
            "repeating", Repeating.STYLE,
            "scientific", new Scientific(USUAL_DIGITS),
            "percent", new Percent(0));
    private static final Map<String, IntFunction<NumberStyle>> WITH_NUMBER = Map.of(
            "fixed",
            FixedPlaces::new,
            "percent",
            Percent::new,
            "scientific",
            digits -> new Scientific(Math.max(1, digits)),
            "significant",
            digits -> new SignificantDigits(Math.max(1, digits)));

    private Styles() {}

    /** The style called so; nothing where none is. */
    public static Optional<NumberStyle> named(String words) {
        Matcher matcher = WORDS.matcher(words);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        return matcher.group(2) == null
                ? Optional.ofNullable(SIMPLE.get(matcher.group(1)))
                : Optional.ofNullable(WITH_NUMBER.get(matcher.group(1)))
                        .map(make -> make.apply(Integer.parseInt(matcher.group(2))));
    }

    /** All names, those with a number shown by an example. */
    public static String known() {
        return "automatic, fixed 2, fraction, mixed, percent, percent 1, repeating, scientific, scientific 4, significant 4";
    }
}
