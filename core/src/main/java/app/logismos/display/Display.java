package app.logismos.display;

import app.logismos.number.Real;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.StringJoiner;

/** Whole values as they are shown, numbers in a given style. */
public final class Display implements Value.Visitor<String> {
    /** Numbers in the automatic style. */
    public static final Display AUTOMATIC = new Display(Automatic.STYLE);

    private static final int MOST_ROWS = 8;
    private static final int MOST_COLUMNS = 6;

    private final NumberStyle style;

    private Display(NumberStyle style) {
        this.style = style;
    }

    /** Numbers in a style, by its words; in the automatic one where there is none or it is not known. */
    public static Display in(String style) {
        return style.isEmpty()
                ? AUTOMATIC
                : Styles.named(style).map(Display::new).orElse(AUTOMATIC);
    }

    /** The value as text; a long table is abbreviated. */
    public String text(Value value) {
        return value.accept(this);
    }

    @Override
    public String number(NumberValue number) {
        return number(number.real());
    }

    private String number(Real number) {
        return (style.suits(number) ? style : Automatic.STYLE).text(number);
    }

    @Override
    public String quantity(Quantity quantity) {
        return quantity.unit().behind(number(quantity.number()));
    }

    @Override
    public String moment(Moment moment) {
        return moment.shown();
    }

    @Override
    public String text(Text text) {
        return text.text();
    }

    @Override
    public String truth(Truth truth) {
        return String.valueOf(truth.holds());
    }

    @Override
    public String blank() {
        return "";
    }

    @Override
    public String missing() {
        return "missing";
    }

    @Override
    public String table(Table table) {
        StringJoiner rows = new StringJoiner("; ", "{", "}");
        for (int row = 0; row < Math.min(table.rows(), MOST_ROWS); row++) {
            StringJoiner cells = new StringJoiner(", ");
            for (int column = 0; column < Math.min(table.columns(), MOST_COLUMNS); column++) {
                Value value = table.at(row, column);
                cells.add(value == Blank.BLANK ? "·" : text(value));
            }
            rows.add(table.columns() > MOST_COLUMNS ? cells + ", …" : cells.toString());
        }
        return table.rows() > MOST_ROWS ? rows.add("…").toString() : rows.toString();
    }

    @Override
    public String failure(Failure failure) {
        return failure.code().code();
    }
}
