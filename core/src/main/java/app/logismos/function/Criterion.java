package app.logismos.function;

import app.logismos.number.Rational;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A value to look for, or a comparison written as a text: {@code ">3"} (OpenFormula 4.11.8). Behind {@code ~} stands how a
 * text is, whatever its case, with {@link Wildcards}: {@code "~leaf*"}, {@code "<>~leaf*"}.
 */
public record Criterion(String sign, Value value, Optional<Wildcards> like) {
    private static final Pattern COMPARISON = Pattern.compile("(<>~|~|<=|>=|<>|<|>|=)(.*)", Pattern.DOTALL);

    Criterion(String sign, Value value) {
        this(sign, value, Optional.empty());
    }

    /** The condition that a value is; texts of comparisons hold values as entries spell them. */
    public static Criterion of(Value given, Function<String, Value> reading) {
        if (given instanceof Text text) {
            Matcher comparison = COMPARISON.matcher(text.text());
            if (!comparison.matches()) {
                return new Criterion("=", given);
            }
            String sign = comparison.group(1);
            return sign.endsWith("~")
                    ? new Criterion(sign, given, Optional.of(Wildcards.of(comparison.group(2))))
                    : new Criterion(sign, read(comparison.group(2).strip(), reading));
        }
        return new Criterion("=", given);
    }

    private static Value read(String text, Function<String, Value> reading) {
        return Rational.read(text).<Value>map(NumberValue::new).orElseGet(() -> {
            Value value = reading.apply(text);
            return value instanceof NumberValue || value instanceof Quantity || value instanceof Moment
                    ? value
                    : new Text(text);
        });
    }

    /** Whether a cell fulfils it; a cell of another kind fulfils only {@code <>}. */
    public boolean holds(Value cell) {
        if (like.isPresent()) {
            boolean isLike = cell instanceof Text text && like.get().fit(text.text());
            return isLike == sign.equals("~");
        }
        boolean isUnlike = cell instanceof Quantity a && value instanceof Quantity b && !a.isLike(b);
        if (cell.kind() != value.kind() || isUnlike) {
            return sign.equals("<>");
        }
        int order = cell instanceof Quantity x && value instanceof Quantity y
                ? x.number().compareTo(Algebra.answer(y.in(x.unit())))
                : cell instanceof Moment x && value instanceof Moment y ? x.compareTo(y) : plainOrder(cell);
        return switch (sign) {
            case "<" -> order < 0;
            case "<=" -> order <= 0;
            case ">" -> order > 0;
            case ">=" -> order >= 0;
            case "<>" -> order != 0;
            default -> order == 0;
        };
    }

    private int plainOrder(Value cell) {
        return cell instanceof NumberValue a && value instanceof NumberValue b
                ? a.real().compareTo(b.real())
                : cell instanceof Text a && value instanceof Text b
                        ? a.text().compareTo(b.text())
                        : cell.equals(value) ? 0 : 1;
    }
}
