package app.logismos.formats.book;

import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Codes of number formats, as {@code #,##0.00} (ECMA-376, part 1, section 18.8.30), and our number styles. */
public final class FormatCode {
    private static final Pattern PLAIN = Pattern.compile("(#,##)?0(?:\\.(0+))?(%)?");
    private static final Pattern SCIENTIFIC = Pattern.compile("0(?:\\.(0+))?E\\+0+");
    private static final Pattern MONEY = Pattern.compile("\\[\\$([^\\]-]*)(?:-[0-9A-Fa-f]+)?]|\"([^\"]+)\"|([$€£¥])");
    private static final Pattern CLOCK = Pattern.compile("(?i)\\[h+]:mm(?::ss)?");
    private static final Map<String, String> SIGNS = Map.of("€", "EUR", "£", "GBP", "$", "USD", "¥", "JPY");
    private static final Pattern STYLE = Pattern.compile("([a-z]+)(?: ([0-9]{1,2}|[A-Z]{3}))?");

    private FormatCode() {}

    /** The number style of a code, in the words of {@code display}; empty where it says nothing of ours. */
    public static String style(String code) {
        String first = code.split(";")[0].replaceAll("_.|\\\\|\\*.", "").strip();
        Matcher plain = PLAIN.matcher(first);
        if (plain.matches()) {
            int places = plain.group(2) == null ? 0 : plain.group(2).length();
            return plain.group(3) != null
                    ? "percent " + places
                    : (plain.group(1) != null ? "grouped " : "fixed ") + places;
        }
        Matcher scientific = SCIENTIFIC.matcher(first);
        if (scientific.matches()) {
            return "scientific "
                    + (1
                            + (scientific.group(1) == null
                                    ? 0
                                    : scientific.group(1).length()));
        }
        if (CLOCK.matcher(first).matches()) {
            return "hours";
        }
        if (first.matches("# +\\?+/\\?+")) {
            return "mixed";
        }
        if (first.matches("\\?+/\\?+")) {
            return "fraction";
        }
        return currency(first).map(currency -> "currency " + currency).orElse("");
    }

    private static Optional<String> currency(String code) {
        Matcher money = MONEY.matcher(code);
        if (!money.find()) {
            return Optional.empty();
        }
        String sign = Optional.ofNullable(money.group(1))
                .or(() -> Optional.ofNullable(money.group(2)))
                .orElseGet(() -> money.group(3))
                .strip();
        String rest = money.replaceFirst("").strip();
        if (!PLAIN.matcher(rest).matches()) {
            return Optional.empty();
        }
        return named(sign);
    }

    /** The code of a currency by its sign, or by itself. */
    public static Optional<String> named(String sign) {
        String named = SIGNS.getOrDefault(sign.strip(), sign.strip());
        return Currency.getAvailableCurrencies().stream()
                .map(Currency::getCurrencyCode)
                .filter(named::equals)
                .findFirst();
    }

    /** The code of a number style, with a unit behind. */
    public static String code(String style, String unit) {
        if (style.isEmpty() && unit.isEmpty()) {
            return "General";
        }
        Matcher words = STYLE.matcher(style);
        boolean isSpelled =
                words.matches() && (unit.isEmpty() || !words.group(1).equals("hours"));
        String code = isSpelled ? spelled(words.group(1), words.group(2)) : "General";
        return unit.isEmpty() ? code : code + "\" " + unit.replace("\"", "") + "\"";
    }

    private static String spelled(String word, String behind) {
        int places = behind != null && behind.matches("[0-9]+") ? Integer.parseInt(behind) : -1;
        return switch (word) {
            case "fixed" -> "0" + places(places);
            case "grouped" -> "#,##0" + places(places);
            case "percent" -> (places < 0 ? "0.##########" : "0" + places(places)) + "%";
            case "scientific", "engineering" -> "0" + places(Math.max(places, 1) - 1) + "E+00";
            case "fraction" -> "??/??";
            case "hours" -> "[h]:mm";
            case "mixed" -> "# ??/??";
            case "currency" -> money(behind == null ? "EUR" : behind);
            default -> "General";
        };
    }

    private static String money(String currency) {
        int places = Math.max(0, Currency.getInstance(currency).getDefaultFractionDigits());
        return "#,##0" + places(places) + "\\ [$" + currency.toUpperCase(Locale.ROOT) + "]";
    }

    private static String places(int count) {
        return count > 0 ? "." + "0".repeat(count) : "";
    }
}
