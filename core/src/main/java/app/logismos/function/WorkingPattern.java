package app.logismos.function;

import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The calculation that a call stands for, written with the parameters in braces: {@code ({x} − {mean}) / {sd}}.
 *
 * <p>{@code {numbers| + }} is all numbers of a parameter with a sign between them, {@code {#numbers}} how many they are.
 */
public final class WorkingPattern {
    private static final Pattern PLACE = Pattern.compile("\\{(#?)([a-z]+)(?:\\|([^}]*))?}");
    private static final int MOST = 12;
    private static final int MOST_DIGITS = 40;
    private static final int SHORT_DIGITS = 10;

    private WorkingPattern() {}

    public static String filled(String pattern, Arguments given) {
        return PLACE.matcher(pattern).replaceAll(place -> Matcher.quoteReplacement(written(place, given)));
    }

    private static String written(MatchResult place, Arguments given) {
        String parameter = place.group(2);
        if (!place.group(1).isEmpty()) {
            return String.valueOf(given.numbers(parameter).size());
        }
        return place.group(3) == null ? text(given.value(parameter)) : joined(given.numbers(parameter), place.group(3));
    }

    /** A value as a step goes on with it. */
    public static String text(Value value) {
        return value instanceof NumberValue number ? text(number.real()) : PlainText.of(value);
    }

    /** A number as a step goes on with it: as a decimal where that is all of it, in brackets where a sign would clash. */
    public static String text(Real number) {
        String text = number instanceof Rational rational && !rational.isInteger()
                ? Plain.decimal(rational, SHORT_DIGITS).orElseGet(() -> Plain.abbreviated(number, MOST_DIGITS))
                : Plain.abbreviated(number, MOST_DIGITS);
        return number.signum() < 0 || text.indexOf('/') >= 0 ? "(" + text + ")" : text;
    }

    /** Numbers with a sign between them; many are abbreviated. */
    public static String joined(List<Real> numbers, String sign) {
        if (numbers.size() > MOST) {
            return joined(numbers.subList(0, 4), sign) + sign + "…" + sign
                    + joined(numbers.subList(numbers.size() - 2, numbers.size()), sign) + " (" + numbers.size()
                    + " numbers)";
        }
        return numbers.stream().map(WorkingPattern::text).collect(Collectors.joining(sign));
    }
}
