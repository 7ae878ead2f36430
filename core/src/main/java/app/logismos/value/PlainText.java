package app.logismos.value;

import app.logismos.number.Plain;
import java.util.StringJoiner;

/** Values as they would be typed: exact numbers, quoted texts, tables in braces. */
public final class PlainText implements Value.Visitor<String> {
    private static final PlainText PRINTER = new PlainText();

    private PlainText() {}

    /** The value as text that reads back as the same value; a failure has its code. */
    public static String of(Value value) {
        return value.accept(PRINTER);
    }

    @Override
    public String number(NumberValue number) {
        return Plain.text(number.real());
    }

    @Override
    public String quantity(Quantity quantity) {
        String number = Plain.text(quantity.number());
        boolean isOne = number.chars().noneMatch(c -> c == '/' || c == 'π' || c == '√') && !number.equals("inf");
        return quantity.unit().behind(isOne ? number : "(" + number + ")");
    }

    @Override
    public String complex(ComplexValue complex) {
        String number = Plain.text(complex.number());
        return complex.isPlain() ? number : complex.unit().behind("(" + number + ")");
    }

    @Override
    public String function(OwnFunction function) {
        return function.made().text();
    }

    @Override
    public String expression(Algebraic expression) {
        return expression.form().text();
    }

    @Override
    public String moment(Moment moment) {
        return moment.iso();
    }

    @Override
    public String text(Text text) {
        return '"' + text.text().replace("\"", "\"\"") + '"';
    }

    @Override
    public String truth(Truth truth) {
        return String.valueOf(truth.holds());
    }

    @Override
    public String blank() {
        return "0";
    }

    @Override
    public String missing() {
        return "missing";
    }

    @Override
    public String table(Table table) {
        StringJoiner rows = new StringJoiner("; ", "{", "}");
        for (int row = 0; row < table.rows(); row++) {
            StringJoiner cells = new StringJoiner(", ");
            for (int column = 0; column < table.columns(); column++) {
                cells.add(of(table.at(row, column)));
            }
            rows.add(cells.toString());
        }
        return rows.toString();
    }

    @Override
    public String failure(Failure failure) {
        return failure.code().code();
    }
}
