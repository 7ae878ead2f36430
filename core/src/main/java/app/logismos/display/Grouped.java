package app.logismos.display;

import app.logismos.number.Real;
import java.util.regex.Pattern;

/**
 * Another style's digits, those before the mark in groups of three with a space between (ISO 80000-1, 7.3.1).
 *
 * @param digits what says which digits are shown
 */
public record Grouped(NumberStyle digits) implements OfDigits {
    private static final Pattern BETWEEN_GROUPS = Pattern.compile("(?<=[0-9])(?=(?:[0-9]{3})+$)");
    private static final String SPACE = " ";

    @Override
    public String text(Real number) {
        return grouped(digits.text(number), SPACE);
    }

    @Override
    public String latex(Real number) {
        return grouped(digits.latex(number), "\\,");
    }

    private static String grouped(String text, String space) {
        int end = 0;
        while (end < text.length() && (Character.isDigit(text.charAt(end)) || text.charAt(end) == '-')) {
            end++;
        }
        return BETWEEN_GROUPS
                        .matcher(text.substring(0, end))
                        .replaceAll(java.util.regex.Matcher.quoteReplacement(space))
                + text.substring(end);
    }
}
