package app.logismos.display;

import app.logismos.formula.EntryReader;
import app.logismos.formula.LatexPrinter;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The sign before the decimal places. Entries are kept with a point; with the comma they are turned when they are typed
 * and turned back when they are shown. In a formula each sign stands for one sign, so that places in the text stay right.
 */
public enum DecimalMark {
    /** {@code 1.5}; {@code ,} or {@code ;} separates arguments. */
    POINT,
    /** {@code 1,5}; {@code ;} separates arguments and columns of a table, {@code |} its rows (language, section 10). */
    COMMA {
        @Override
        String read(String entry, UnitCatalogue units) {
            return FORMULA.matcher(entry).matches() ? turned(entry, COMMA_SIGNS) : readValue(entry, units);
        }

        @Override
        String write(String entry, UnitCatalogue units) {
            if (FORMULA.matcher(entry).matches()) {
                return turned(entry, POINT_SIGNS);
            }
            if (isQuoted(entry)) {
                String text = entry.substring(1, entry.length() - 1);
                return text.indexOf('"') < 0 && readValue(text, units).equals(entry) ? text : entry;
            }
            return isNumber(entry, units) ? swapped(entry) : entry;
        }

        @Override
        public String expression(String text) {
            return turned(text, POINT_SIGNS);
        }

        @Override
        public String readExpression(String text) {
            return turned(text, COMMA_SIGNS);
        }

        @Override
        public String number(String text) {
            return BETWEEN_DIGITS.matcher(text).replaceAll(",");
        }

        @Override
        public String latex(String latex) {
            String decimals = BETWEEN_DIGITS.matcher(latex).replaceAll("{,}");
            return LatexPrinter.SEPARATOR.matcher(decimals).replaceAll(";$1");
        }
    };

    private static final Pattern FORMULA =
            Pattern.compile("\\s*(?:\\p{L}[\\p{L}\\p{Mn}0-9_]*\\s*)?=.*", Pattern.DOTALL);
    private static final Pattern BETWEEN_DIGITS = Pattern.compile("(?<=[0-9])\\.(?=[0-9(])");
    private static final Pattern MARK = Pattern.compile("(?<=[0-9])[.,](?=[0-9])|(?<![0-9\\p{L}])[.,](?=[0-9])");
    private static final Pattern NUMBER_WITH_COMMA =
            Pattern.compile("(\\s*[-+−]?)([0-9]{1,3}(?:[. \u00a0\u202f][0-9]{3})+|[0-9]*),([0-9].*)", Pattern.DOTALL);
    private static final Pattern GROUPED_BY_POINTS =
            Pattern.compile("(\\s*[-+−]?)([0-9]{1,3}(?:\\.[0-9]{3})+)(\\D.*)?");

    /** Decimal mark, separator of arguments and columns, separator of rows, on reading and on writing. */
    private static final String COMMA_SIGNS = ",.;,|;";

    private static final String POINT_SIGNS = ".,,;;|";

    /** An entry as it is kept, from one as it was typed. */
    String read(String entry, UnitCatalogue units) {
        return entry;
    }

    /** An entry as it is shown, from one as it is kept. */
    String write(String entry, UnitCatalogue units) {
        return entry;
    }

    /** An expression as it is shown. */
    public String expression(String text) {
        return text;
    }

    /** An expression as it is kept, from one as it was typed. */
    public String readExpression(String text) {
        return text;
    }

    /** A number as it is shown. */
    public String number(String text) {
        return text;
    }

    /** Typeset mathematics as it is shown. */
    public String latex(String latex) {
        return latex;
    }

    /**
     * A number or quantity with a point. Everything else is kept as it was typed; in quotes where it would be another
     * value with a point, as {@code 1,234,567} would.
     */
    private static String readValue(String entry, UnitCatalogue units) {
        for (String turned : List.of(turnedValue(entry), swapped(entry))) {
            if (!turned.equals(entry) && isNumber(turned, units)) {
                return turned;
            }
        }
        return entry.indexOf(',') >= 0 && entry.indexOf('"') < 0 && !isText(entry, units) ? '"' + entry + '"' : entry;
    }

    private static String turnedValue(String entry) {
        Matcher number = NUMBER_WITH_COMMA.matcher(entry);
        if (number.matches()) {
            return number.group(1) + number.group(2).replaceAll("[. \u00a0\u202f]", "") + "." + number.group(3);
        }
        Matcher grouped = GROUPED_BY_POINTS.matcher(entry);
        return grouped.matches()
                ? grouped.group(1)
                        + grouped.group(2).replace(".", "")
                        + (grouped.group(3) == null ? "" : grouped.group(3))
                : entry;
    }

    private static boolean isQuoted(String entry) {
        return entry.length() > 1 && entry.startsWith("\"") && entry.endsWith("\"");
    }

    /** With each mark between digits as the other one, as in {@code € 1.234,50}. */
    private static String swapped(String entry) {
        return MARK.matcher(entry).replaceAll(mark -> mark.group().equals(",") ? "." : ",");
    }

    private static boolean isNumber(String entry, UnitCatalogue units) {
        Value value = EntryReader.value(entry, units);
        return value instanceof NumberValue || value instanceof Quantity;
    }

    /** Whether an entry that is no formula is a text. */
    private static boolean isText(String entry, UnitCatalogue units) {
        return EntryReader.value(entry, units) instanceof Text;
    }

    /** The formula with its signs turned, texts and titles in quotes left as they are. */
    private static String turned(String formula, String signs) {
        StringBuilder turned = new StringBuilder(formula);
        char quote = 0;
        int braces = 0;
        for (int i = 0; i < formula.length(); i++) {
            char c = formula.charAt(i);
            if (quote != 0) {
                quote = c == quote ? 0 : quote;
            } else if (c == '"' || c == '\'') {
                quote = c;
            } else {
                braces += c == '{' ? 1 : c == '}' ? -1 : 0;
                turned.setCharAt(i, turned(formula, i, braces > 0, signs));
            }
        }
        return turned.toString();
    }

    private static char turned(String formula, int at, boolean inBraces, String signs) {
        char c = formula.charAt(at);
        boolean isMark = c == signs.charAt(0)
                && at + 1 < formula.length()
                && Character.isDigit(formula.charAt(at + 1))
                && (c == ',' ? at > 0 && Character.isDigit(formula.charAt(at - 1)) : !isReference(formula, at));
        if (isMark) {
            return signs.charAt(1);
        }
        if (c == signs.charAt(2) && (inBraces || c == ',')) {
            return signs.charAt(3);
        }
        return c == signs.charAt(4) && inBraces ? signs.charAt(5) : c;
    }

    /** Whether the point stands behind a grid's title. */
    private static boolean isReference(String formula, int point) {
        int start = point;
        while (start > 0
                && (Character.isLetterOrDigit(formula.charAt(start - 1)) || formula.charAt(start - 1) == '_')) {
            start--;
        }
        return start < point && Character.isLetter(formula.charAt(start));
    }
}
