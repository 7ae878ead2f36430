package app.logismos.formats.delimited;

import app.logismos.formula.EntryReader;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How the texts of a column are read. */
public enum ColumnKind {
    /** Each text as it would be if it was typed. */
    AS_TYPED {
        @Override
        Optional<String> entry(String text, UnitCatalogue units) {
            return value(text, units);
        }
    },

    /** Numbers with a decimal point; commas, apostrophes and spaces part groups. */
    POINT {
        @Override
        Optional<String> entry(String text, UnitCatalogue units) {
            return isDecimal(text) || isFraction(text) ? Optional.of(text) : number(text, BEFORE_A_POINT, units);
        }
    },

    /** Numbers with a decimal comma; points, apostrophes and spaces part groups. */
    COMMA {
        @Override
        Optional<String> entry(String text, UnitCatalogue units) {
            return number(text, BEFORE_A_COMMA, units);
        }
    },

    /** Dates whose day stands before the month. */
    DAY_FIRST {
        @Override
        Optional<String> entry(String text, UnitCatalogue units) {
            return date(text, true, units);
        }
    },

    /** Dates whose month stands before the day. */
    MONTH_FIRST {
        @Override
        Optional<String> entry(String text, UnitCatalogue units) {
            return date(text, false, units);
        }
    },

    /** Texts as they are, digits among them. */
    TEXT {
        @Override
        Optional<String> entry(String text, UnitCatalogue units) {
            return Optional.empty();
        }
    };

    private static final String GROUPED = "(?<whole>[1-9][0-9]{0,2}(?:[%s'’ \u00a0\u202f\u2009][0-9]{3})+|[0-9]*)";
    private static final String PLACES = "(?:%s(?<places>[0-9]+))?";
    private static final String AROUND = "(?<before>[^0-9.,]*)%s(?<behind>(?:[eE][-+−]?[0-9]+)?(?:[^0-9.,].*)?)";
    private static final Pattern BEFORE_A_POINT =
            Pattern.compile(AROUND.formatted(GROUPED.formatted(",") + PLACES.formatted("\\.")));
    private static final Pattern BEFORE_A_COMMA =
            Pattern.compile(AROUND.formatted(GROUPED.formatted(".") + PLACES.formatted(",")));
    private static final String MARKS_OF_DAYS = "-./";

    private static final Pattern NUMBERED_DAY =
            Pattern.compile("([0-9]{1,2})([-./])([0-9]{1,2})\\2([0-9]{4})((?:,?\\s+|T)[0-9].*)?");

    private static final Pattern NO_DIGIT = Pattern.compile("[^0-9]");
    private static final Pattern LEADING_ZEROS = Pattern.compile("^0+(?=[0-9])");
    private static final Pattern CODE = Pattern.compile("[A-Z]{3}[^\\p{L}]");

    /** A point behind which three digits stand may part thousands. */
    private static final Pattern THOUSANDS = Pattern.compile("-?[1-9][0-9]{0,2}\\.[0-9]{3}");

    private static final int SHORTEST_DAY = 8;

    /** Digits up to so many need no further look; far more may be too many for a number, or for an entry with its unit. */
    private static final int MOST_PLAIN = 100;

    /** What is entered for a text so that it is read in this way; nothing where it cannot be. */
    abstract Optional<String> entry(String text, UnitCatalogue units);

    private static Optional<String> value(String text, UnitCatalogue units) {
        return EntryReader.value(text, units) instanceof Text ? Optional.empty() : Optional.of(text);
    }

    private static Optional<String> number(String text, Pattern written, UnitCatalogue units) {
        if (isOnlyDigits(text, 0, text.length())) {
            return Optional.of(text);
        }
        if (isWord(text)) {
            return value(text, units);
        }
        Matcher parts = written.matcher(text);
        if (!parts.matches() || parts.group("whole").isEmpty() && parts.group("places") == null) {
            return value(text, units).filter(entry -> isNoNumber(entry));
        }
        String whole = LEADING_ZEROS
                .matcher(NO_DIGIT.matcher(parts.group("whole")).replaceAll(""))
                .replaceFirst("");
        String places = parts.group("places") == null ? "" : "." + parts.group("places");
        return value(parts.group("before") + (whole.isEmpty() ? "0" : whole) + places + parts.group("behind"), units);
    }

    /** Whether it is digits, a point and digits, and reads so without a further look. */
    private static boolean isDecimal(String text) {
        int point = text.indexOf('.');
        int start = text.startsWith("-") ? 1 : 0;
        if (point <= start || point == text.length() - 1 || text.charAt(start) == '0' && point > start + 1) {
            return false;
        }
        for (int i = start; i < text.length(); i++) {
            if (i != point && (text.charAt(i) < '0' || text.charAt(i) > '9')) {
                return false;
            }
        }
        return true;
    }

    /** Digits, a stroke and digits. */
    private static boolean isFraction(String text) {
        int stroke = text.indexOf('/');
        return stroke > 0
                && isOnlyDigits(text, 0, stroke)
                && isOnlyDigits(text, stroke + 1, text.length())
                && text.charAt(stroke + 1) != '0';
    }

    /** Digits, with a sign before them or not, which do not begin with zeros. */
    private static boolean isOnlyDigits(String text, int from, int end) {
        int start = from < end && text.charAt(from) == '-' && from == 0 ? 1 : from;
        if (start >= end || text.charAt(start) == '0' && end > start + 1) {
            return false;
        }
        for (int i = start; i < end; i++) {
            if (text.charAt(i) < '0' || text.charAt(i) > '9') {
                return false;
            }
        }
        return true;
    }

    /** Whether it is a number with or without a point, which a unit behind it makes a quantity. */
    static boolean isPlain(String entry) {
        return entry.length() <= MOST_PLAIN && (isOnlyDigits(entry, 0, entry.length()) || isDecimal(entry));
    }

    /** Whether it begins with letters, and not with the code of a currency. */
    private static boolean isWord(String text) {
        char first = text.isEmpty() ? ' ' : text.charAt(0);
        return first >= 'a' && first <= 'z'
                || first >= 'A'
                        && first <= 'Z'
                        && !(mayBeCode(text) && CODE.matcher(text).lookingAt());
    }

    private static boolean mayBeCode(String text) {
        return text.length() > 3 && text.charAt(1) >= 'A' && text.charAt(1) <= 'Z';
    }

    /** A date or a truth value in a column of numbers, and nothing that has marks of numbers. */
    private static boolean isNoNumber(String entry) {
        return EntryReader.days(entry).size() == 1 || entry.chars().noneMatch(Character::isDigit);
    }

    private static Optional<String> date(String text, boolean dayFirst, UnitCatalogue units) {
        Matcher parts = NUMBERED_DAY.matcher(text);
        if (!parts.matches()) {
            return value(text, units);
        }
        String day = parts.group(dayFirst ? 1 : 3);
        String month = parts.group(dayFirst ? 3 : 1);
        String iso = "%s-%2s-%2s".formatted(parts.group(4), month, day).replace(' ', '0');
        String time = parts.group(5) == null ? "" : " " + parts.group(5).replaceFirst("^(?:,?\\s+|T)", "");
        return value(iso + time, units);
    }

    /** Whether the text is a date of numbers that says by itself, or does not, which of them is the day. */
    static Order order(String text) {
        boolean mayBe = text.length() >= SHORTEST_DAY
                && text.charAt(0) <= '9'
                && (MARKS_OF_DAYS.indexOf(text.charAt(1)) >= 0 || MARKS_OF_DAYS.indexOf(text.charAt(2)) >= 0);
        if (!mayBe) {
            return Order.NONE;
        }
        Matcher parts = NUMBERED_DAY.matcher(text);
        if (!parts.matches()) {
            return Order.NONE;
        }
        List<LocalDate> days = EntryReader.days(text.substring(0, parts.end(4)));
        if (days.size() != 1) {
            return days.isEmpty() ? Order.NONE : Order.EITHER;
        }
        boolean isDayFirst = days.get(0).getDayOfMonth() == Integer.parseInt(parts.group(1));
        boolean isMonthFirst = days.get(0).getDayOfMonth() == Integer.parseInt(parts.group(3));
        return isDayFirst && isMonthFirst ? Order.SAME : isDayFirst ? Order.FIRST : Order.SECOND;
    }

    /** Which of two readings a text allows. */
    enum Order {
        /** It is none of both. */
        NONE,
        /** Only the first. */
        FIRST,
        /** Only the second. */
        SECOND,
        /** Both, and they differ. */
        EITHER,
        /** Both, and they are the same. */
        SAME
    }

    /** Whether the text is a number with a decimal point (the first) or comma (the second). */
    static Order mark(String text, UnitCatalogue units) {
        if (isWord(text)) {
            return Order.NONE;
        }
        if (isDecimal(text)
                && (text.indexOf('.') != text.length() - 4
                        || !THOUSANDS.matcher(text).matches())) {
            return Order.FIRST;
        }
        if (text.indexOf('.') < 0 && text.indexOf(',') < 0) {
            return isOnlyDigits(text, 0, text.length()) || isFraction(text) || isNumberWithoutMark(text, units)
                    ? Order.SAME
                    : Order.NONE;
        }
        Optional<String> point = POINT.entry(text, units).filter(entry -> isNumber(entry, units));
        Optional<String> comma = COMMA.entry(text, units).filter(entry -> isNumber(entry, units));
        if (point.isPresent() && comma.isPresent()) {
            return point.equals(comma) ? Order.SAME : Order.EITHER;
        }
        return point.isPresent() ? Order.FIRST : comma.isPresent() ? Order.SECOND : Order.NONE;
    }

    private static boolean isNumberWithoutMark(String text, UnitCatalogue units) {
        Value value = EntryReader.value(text, units);
        return value instanceof NumberValue
                || value instanceof Quantity
                || value instanceof Text && isNumber(POINT.entry(text, units).orElse(""), units);
    }

    private static boolean isNumber(String entry, UnitCatalogue units) {
        Value value = EntryReader.value(entry, units);
        return value instanceof NumberValue || value instanceof Quantity;
    }
}
