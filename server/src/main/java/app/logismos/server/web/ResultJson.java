package app.logismos.server.web;

import app.logismos.algebra.Form;
import app.logismos.display.Automatic;
import app.logismos.display.Display;
import app.logismos.display.Forms;
import app.logismos.display.NumberStyle;
import app.logismos.display.Typeset;
import app.logismos.number.Complex;
import app.logismos.number.Plain;
import app.logismos.number.Real;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Kind;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A value as every answer carries it.
 *
 * @param kind {@code number}, {@code quantity}, {@code complex}, {@code expression}, {@code text}, {@code truth}, {@code date}, {@code time}, {@code datetime},
 *     {@code duration}, {@code empty}, {@code missing}, {@code table} or {@code error}
 * @param value exact: a whole number, a fraction, or the shortest decimal that gives the same double, with the decimal mark
 *     that entries are typed with
 * @param display as shown
 * @param dropsDigits whether what is shown says less than the value, so that copying it loses digits
 * @param latex as shown, typeset; an exact fraction may be shown as one
 * @param latexDropsDigits whether that says less than the value
 * @param approx the nearest double; null where none is near, or the value is no number
 * @param exactForm what a number is exactly that only a double holds, as an expression; null where it is not known
 * @param forms other ways to write the number, by name
 * @param formsLatex the same typeset
 * @param rows the values of a table
 */
public record ResultJson(
        @InLowerCase(Kind.class) String kind,
        boolean exact,
        @Nullable String value,
        @Nullable String unit,
        String display,
        boolean dropsDigits,
        String latex,
        boolean latexDropsDigits,
        @Nullable Double approx,
        @Nullable String exactForm,
        Map<String, String> forms,
        Map<String, String> formsLatex,
        @Nullable List<List<ResultJson>> rows) {
    private static final int MOST_ROWS = 1_000;

    /** The value, with numbers shown in the automatic style. */
    public static ResultJson of(Value value) {
        return of(value, Display.AUTOMATIC);
    }

    /** The value as it is displayed. */
    public static ResultJson of(Value shown, Display display) {
        Value value = display.measured(shown);
        String kind = value.kind().name().toLowerCase(Locale.ROOT);
        if (value instanceof NumberValue number) {
            return number(kind, number.real(), null, value, display);
        }
        if (value instanceof Quantity quantity) {
            return number(kind, quantity.number(), quantity.unit().symbol(), value, display);
        }
        if (value instanceof ComplexValue complex) {
            return complex(kind, complex, display);
        }
        String plain = value instanceof Failure ? null : value instanceof Text text ? text.text() : PlainText.of(value);
        return new ResultJson(
                kind,
                value.isExact(),
                value instanceof Table ? null : plain,
                null,
                display.text(value),
                false,
                Typeset.latex(value),
                false,
                null,
                null,
                Map.of(),
                Map.of(),
                value instanceof Table table ? rows(table, display) : null);
    }

    private static ResultJson complex(String kind, ComplexValue value, Display display) {
        Complex number = value.number();
        boolean isAutomatic = display.style() == Automatic.STYLE;
        return new ResultJson(
                kind,
                number.isExact(),
                display.mark().number(Plain.text(number)),
                value.isPlain() ? null : value.unit().symbol(),
                display.text(value),
                display.dropsDigits(value),
                isAutomatic ? Typeset.latex(value) : display.style().latex(number),
                isAutomatic ? Typeset.dropsDigits(number) : display.dropsDigits(value),
                null,
                null,
                marked(Forms.text(number), display.mark()::number),
                marked(Forms.latex(number), display.mark()::latex),
                null);
    }

    private static ResultJson number(String kind, Real real, @Nullable String unit, Value value, Display display) {
        NumberStyle style = display.style();
        @Nullable Form exactForm = value instanceof NumberValue plain ? plain.exactForm() : null;
        NumberStyle suiting = style.suits(real) ? style : display.automatic();
        return new ResultJson(
                kind,
                real.isExact(),
                display.mark().number(PlainText.of(new NumberValue(real))),
                unit,
                value instanceof Quantity quantity ? quantity.unit().behind(suiting.text(real)) : suiting.text(real),
                !suiting.keepsAllDigits(real),
                suiting == Automatic.STYLE
                        ? Typeset.latex(value)
                        : suiting.latex(real) + (value instanceof Quantity shown ? Typeset.unit(shown.unit()) : ""),
                suiting == Automatic.STYLE ? Typeset.dropsDigits(real) : !suiting.keepsAllDigits(real),
                approx(real),
                exactForm == null ? null : display.mark().expression(exactForm.text()),
                marked(forms(Forms.text(real), exactForm, Form::text), display.mark()::expression),
                marked(forms(Forms.latex(real), exactForm, Form::latex), display.mark()::latex),
                null);
    }

    /** With what the number is exactly before the other forms. */
    private static Map<String, String> forms(
            Map<String, String> others, @Nullable Form exact, Function<Form, String> write) {
        if (exact == null) {
            return others;
        }
        Map<String, String> forms = new LinkedHashMap<>();
        forms.put("exact", write.apply(exact));
        forms.putAll(others);
        return forms;
    }

    private static Map<String, String> marked(Map<String, String> forms, UnaryOperator<String> mark) {
        Map<String, String> marked = new LinkedHashMap<>();
        forms.forEach((name, form) -> marked.put(name, mark.apply(form)));
        return marked;
    }

    private static List<List<ResultJson>> rows(Table table, Display display) {
        List<List<ResultJson>> rows = new ArrayList<>();
        for (int row = 0; row < Math.min(table.rows(), MOST_ROWS); row++) {
            List<ResultJson> cells = new ArrayList<>();
            for (int column = 0; column < Math.min(table.columns(), MOST_ROWS); column++) {
                cells.add(of(table.at(row, column), display));
            }
            rows.add(cells);
        }
        return rows;
    }

    private static @Nullable Double approx(Real real) {
        double nearest = real.toDouble();
        boolean none = Double.isInfinite(nearest) || nearest == 0 && real.signum() != 0;
        return none ? null : nearest;
    }
}
