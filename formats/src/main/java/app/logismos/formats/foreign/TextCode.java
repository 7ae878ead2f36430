package app.logismos.formats.foreign;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The texts that a document's {@code TEXT} makes of a value by a code, as formulas of ours. */
final class TextCode {
    private static final String LITERAL = "(?:\"[^\"]*\"|\\\\.|[$€£¥ ()+-])*";
    private static final Pattern NUMBER = Pattern.compile("(?<before>" + LITERAL
            + ")(?<grouped>#,##)?(?<zeros>0+)(?:\\.(?<places>0{1,20}))?(?<percent>%?)(?<behind>" + LITERAL + ")");
    private static final Pattern PART =
            Pattern.compile("\\[h]|y+|m+|d+|h+|s+|am/pm|\"[^\"]*\"|\\\\.|[-/.,: ]", Pattern.CASE_INSENSITIVE);
    private static final String MONTHS = names(
            "January",
            "February",
            "March",
            "April",
            "May",
            "June",
            "July",
            "August",
            "September",
            "October",
            "November",
            "December");
    private static final String WEEKDAYS =
            names("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday");

    private TextCode() {}

    private static String names(String... all) {
        return Stream.of(all).map(name -> '"' + name + '"').collect(Collectors.joining("; "));
    }

    /**
     * A number by a code as {@code $#,##0.00}.
     *
     * @param number a formula of ours that is one
     */
    static Optional<String> ofNumber(String number, String code) {
        Matcher parts = NUMBER.matcher(code);
        if (!parts.matches()) {
            return Optional.empty();
        }
        String before = literal(parts.group("before"));
        String behind = parts.group("percent") + literal(parts.group("behind"));
        int places = parts.group("places") == null ? 0 : parts.group("places").length();
        int zeros = parts.group("zeros").length();
        boolean isGrouped = parts.group("grouped") != null;
        if (isGrouped && zeros > 1) {
            return Optional.empty();
        }
        String value = parts.group("percent").isEmpty() ? number : "(" + number + ")*100";
        boolean isSigned = before.isEmpty() && zeros == 1;
        String size = isSigned ? value : "abs(" + value + ")";
        String digits =
                isGrouped ? "fixedtext(" + size + "; " + places + ")" : "text(" + size + "; \"fixed " + places + "\")";
        if (zeros > 1) {
            int least = zeros + (places == 0 ? 0 : places + 1);
            digits = "right(repeat(\"0\"; " + least + ")&" + digits + "; max(" + least + "; length(" + digits + ")))";
        }
        List<String> all = new ArrayList<>();
        if (!isSigned) {
            all.add("if((" + number + ")<0; \"-\"; \"\")");
        }
        all.add(quoted(before));
        all.add(digits);
        all.add(quoted(behind));
        return Optional.of(joined(all));
    }

    /**
     * A moment by a code as {@code d mmmm yyyy} or {@code [h]:mm}.
     *
     * @param moment a formula of ours that is one
     * @param days the same as a number of days
     */
    static Optional<String> ofMoment(String moment, String days, String code) {
        List<String> parts = new ArrayList<>();
        Matcher next = PART.matcher(code);
        int end = 0;
        while (next.find() && next.start() == end) {
            parts.add(next.group());
            end = next.end();
        }
        if (end < code.length()) {
            return Optional.empty();
        }
        List<String> all = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            String part = parts.get(i).toLowerCase(Locale.ROOT);
            boolean isMinute = part.matches("mm?") && (isNear(parts, i, -1, 'h') || isNear(parts, i, 1, 's'));
            Optional<String> written = isMinute
                    ? Optional.of(padded("minute(" + moment + ")", part.length()))
                    : part(part, parts, moment, days);
            if (written.isEmpty()) {
                return written;
            }
            all.add(written.get());
        }
        return all.isEmpty() ? Optional.empty() : Optional.of(joined(all));
    }

    private static Optional<String> part(String part, List<String> parts, String moment, String days) {
        boolean isHalf = parts.stream().anyMatch("am/pm"::equalsIgnoreCase);
        String month = "month(" + moment + ")";
        String weekday = "weekday(" + moment + "; 2)";
        return Optional.ofNullable(
                switch (part) {
                    case "yyyy", "yyy" -> "year(" + moment + ")";
                    case "yy", "y" -> padded("mod(year(" + moment + "); 100)", 2);
                    case "mmmmm" -> "left(" + pick(month, MONTHS) + "; 1)";
                    case "mmmm" -> pick(month, MONTHS);
                    case "mmm" -> "left(" + pick(month, MONTHS) + "; 3)";
                    case "mm", "m" -> padded(month, part.length());
                    case "dddd" -> pick(weekday, WEEKDAYS);
                    case "ddd" -> "left(" + pick(weekday, WEEKDAYS) + "; 3)";
                    case "dd", "d" -> padded("day(" + moment + ")", part.length());
                    case "hh", "h" ->
                        padded(isHalf ? "mod(hour(" + moment + ")+11; 12)+1" : "hour(" + moment + ")", part.length());
                    case "ss", "s" -> padded("floor(second(" + moment + "))", part.length());
                    case "[h]" -> "floor((" + days + ")*24)";
                    case "am/pm" -> "if(hour(" + moment + ")<12; \"AM\"; \"PM\")";
                    default -> part.matches("[a-z]+|\\[.*") ? null : quoted(literal(part));
                });
    }

    /** Whether the next part that is no sign between others begins so. */
    private static boolean isNear(List<String> parts, int at, int step, char letter) {
        IntPredicate isInside = i -> i >= 0 && i < parts.size();
        int near = at + step;
        while (isInside.test(near) && parts.get(near).matches("[^A-Za-z\\[].*")) {
            near += step;
        }
        return isInside.test(near)
                && parts.get(near).toLowerCase(Locale.ROOT).replace("[", "").charAt(0) == letter;
    }

    private static String pick(String number, String names) {
        return "pick(" + number + "; " + names + ")";
    }

    private static String padded(String number, int digits) {
        return digits < 2 ? "(" + number + ")" : "right(\"0\"&(" + number + "); 2)";
    }

    private static String literal(String code) {
        return code.replaceAll("\"([^\"]*)\"|\\\\(.)", "$1$2");
    }

    private static String quoted(String text) {
        return text.isEmpty() ? "" : '"' + text.replace("\"", "\"\"") + '"';
    }

    /** One text, also where a single number is all. */
    private static String joined(List<String> parts) {
        List<String> filled = parts.stream().filter(part -> !part.isEmpty()).toList();
        boolean isText = filled.size() > 1
                || filled.get(0).matches("(?:text|fixedtext|right|left|pick)\\(.*")
                || filled.get(0).startsWith("\"");
        return String.join("&", filled) + (isText ? "" : "&\"\"");
    }
}
