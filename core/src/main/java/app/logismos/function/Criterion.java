package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A value to look for, or a comparison written as a text: {@code ">3"} (OpenFormula 4.11.8). */
record Criterion(String sign, Value value) {
    private static final Pattern COMPARISON = Pattern.compile("(<=|>=|<>|<|>|=)(.*)", Pattern.DOTALL);

    static Criterion of(Value given) {
        if (given instanceof Text text) {
            Matcher comparison = COMPARISON.matcher(text.text());
            return comparison.matches()
                    ? new Criterion(
                            comparison.group(1), read(comparison.group(2).strip()))
                    : new Criterion("=", given);
        }
        return new Criterion("=", given);
    }

    private static Value read(String text) {
        try {
            return new NumberValue(Rational.of(new BigDecimal(text)));
        } catch (NumberFormatException noNumber) {
            return new Text(text);
        }
    }

    /** Whether a cell fulfils it; a cell of another kind fulfils only {@code <>}. */
    boolean holds(Value cell) {
        if (cell.kind() != value.kind()) {
            return sign.equals("<>");
        }
        int order = cell instanceof NumberValue a && value instanceof NumberValue b
                ? a.real().compareTo(b.real())
                : cell instanceof Text a && value instanceof Text b
                        ? a.text().compareTo(b.text())
                        : cell.equals(value) ? 0 : 1;
        return switch (sign) {
            case "<" -> order < 0;
            case "<=" -> order <= 0;
            case ">" -> order > 0;
            case ">=" -> order >= 0;
            case "<>" -> order != 0;
            default -> order == 0;
        };
    }
}
