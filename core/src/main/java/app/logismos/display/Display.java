package app.logismos.display;

import app.logismos.number.Irrational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Algebraic;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.OwnFunction;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Whole values as they are shown, numbers in a given style. */
public final class Display implements Value.Visitor<String> {
    /** Numbers in the automatic style. */
    public static final Display AUTOMATIC = automatic(UnitCatalogue.STANDARD);

    private static final int MOST_ROWS = 8;
    private static final int MOST_COLUMNS = 6;

    private static final Pattern IN_UNIT = Pattern.compile("in (\\S+)(?:, (.+))?");

    private final NumberStyle style;
    private final Optional<Unit> unit;
    private final DecimalMark mark;
    private final UnitCatalogue units;

    private Display(NumberStyle style, Optional<Unit> unit, DecimalMark mark, UnitCatalogue units) {
        this.style = style;
        this.unit = unit;
        this.mark = mark;
        this.units = units;
    }

    /**
     * Numbers in a style, by its words, in the automatic one where there is none or it is not known. {@code in km} shows
     * quantities in a unit, {@code in km, fixed 2} in a unit and a style.
     */
    public static Display in(String words, UnitCatalogue units) {
        Matcher inUnit = IN_UNIT.matcher(words);
        if (inUnit.matches()) {
            String rest = inUnit.group(2) == null ? "automatic" : inUnit.group(2);
            return new Display(
                    Styles.named(rest).orElse(Automatic.STYLE), units.unit(inUnit.group(1)), DecimalMark.POINT, units);
        }
        return words.isEmpty()
                ? automatic(units)
                : new Display(Styles.named(words).orElse(Automatic.STYLE), Optional.empty(), DecimalMark.POINT, units);
    }

    /** Numbers in a style, entries with these units. */
    public static Display in(NumberStyle style, UnitCatalogue units) {
        return new Display(style, Optional.empty(), DecimalMark.POINT, units);
    }

    /** Numbers in the automatic style, entries with these units. */
    public static Display automatic(UnitCatalogue units) {
        return new Display(Automatic.STYLE, Optional.empty(), DecimalMark.POINT, units);
    }

    /** The unit in which quantities are shown, where one was chosen. */
    public static Optional<Unit> unit(String words, UnitCatalogue units) {
        return in(words, units).unit;
    }

    /** The same with the digits before the decimal mark in groups of three. */
    public Display grouped() {
        boolean hasDigits = !(style instanceof Grouped
                || style instanceof Fractional
                || style instanceof Roots
                || style instanceof Polar
                || style instanceof Hours
                || style instanceof Mixed);
        if (style instanceof Candid candid) {
            return new Display(new Candid(new Grouped(candid.digits())), unit, mark, units);
        }
        return hasDigits ? new Display(new Grouped(style), unit, mark, units) : this;
    }

    /** For a value that was calculated: in the automatic style money has the places of its currency, behind a ≈ if need be. */
    public Display calculated(Value value) {
        boolean isAutomatic = unit.isEmpty() && automatic().equals(style);
        return Money.calculated(value)
                .filter(any -> isAutomatic)
                .map(found -> new Display(mark == DecimalMark.COMMA ? new Commas(found) : found, unit, mark, units))
                .orElse(this);
    }

    /** The same with a ≈ before numbers of which it drops digits, and before those that are not exact. */
    public Display signed() {
        if (style instanceof Candid || style instanceof Commas commas && commas.digits() instanceof Candid) {
            return this;
        }
        NumberStyle signed =
                style instanceof Commas commas ? new Commas(new Candid(commas.digits())) : new Candid(style);
        return new Display(signed, unit, mark, units);
    }

    /** The same without a ≈ of its own, for views that tell by a sign of theirs what drops digits. */
    public Display unsigned() {
        NumberStyle own = style instanceof Candid candid
                ? candid.digits()
                : style instanceof Commas commas && commas.digits() instanceof Candid candid
                        ? new Commas(candid.digits())
                        : style;
        return new Display(own, unit, mark, units);
    }

    /** The same with a comma as the decimal mark. */
    public Display withComma() {
        return new Display(new Commas(style), unit, DecimalMark.COMMA, units);
    }

    /** The decimal mark, which entries are shown with as well. */
    public DecimalMark mark() {
        return mark;
    }

    /** An entry as it is kept, from one as it was typed. */
    public String read(String entry) {
        return mark.read(entry, units);
    }

    /** An entry as it is shown, from one as it is kept. */
    public String write(String entry) {
        return mark.write(entry, units);
    }

    /** How numbers are written. */
    public NumberStyle style() {
        return style;
    }

    /** The value in LaTeX where it is set as mathematics in its cell: what has letters, and exact numbers that are shown so. */
    public Optional<String> typeset(Value value) {
        if (value instanceof Algebraic || value instanceof OwnFunction) {
            return Optional.of(Typeset.latex(value));
        }
        NumberStyle own = unsigned().style;
        boolean isOfRoots = own == Roots.STYLE || own instanceof Commas commas && commas.digits() == Roots.STYLE;
        if (!isOfRoots) {
            return Optional.empty();
        }
        if (value instanceof NumberValue number && number.real() instanceof Irrational real) {
            return Optional.of(own.latex(real));
        }
        if (value instanceof Quantity quantity && quantity.number() instanceof Irrational real) {
            return Optional.of(own.latex(real) + Typeset.unit(quantity.unit()));
        }
        return Optional.empty();
    }

    /** The quantity in the unit that was chosen; other values, and quantities of another kind, as they are. */
    public Value measured(Value value) {
        Optional<Unit> shown = style.counts().or(() -> unit);
        return value instanceof Quantity quantity
                        && shown.isPresent()
                        && quantity.unit().isLike(shown.get())
                        && quantity.in(shown.get()) instanceof Real number
                ? new Quantity(number, shown.get())
                : value;
    }

    /** The value as text; a long table is abbreviated. */
    public String text(Value value) {
        return value.accept(this);
    }

    /** Whether {@link #text} says less of a number than it is. */
    public boolean dropsDigits(Value value) {
        Value shown = measured(value);
        if (shown instanceof ComplexValue complex) {
            return !style.keepsAllDigits(complex.number());
        }
        return shown instanceof NumberValue number
                ? dropsDigits(number.real())
                : shown instanceof Quantity quantity
                        && (isCounted(quantity)
                                ? dropsDigits(quantity.number())
                                : !automatic().keepsAllDigits(quantity.number()));
    }

    /** Whether the style has something to say of quantities in this unit. */
    private boolean isCounted(Quantity quantity) {
        return style.counts().map(quantity.unit()::equals).orElse(true);
    }

    private boolean dropsDigits(Real number) {
        return !(style.suits(number) ? style : automatic()).keepsAllDigits(number);
    }

    /** The value as text, behind a ≈ where that says less than the value. */
    public String candid(Value value) {
        return dropsDigits(value) ? "≈ " + unsigned().text(value) : text(value);
    }

    @Override
    public String number(NumberValue number) {
        return number(number.real());
    }

    private String number(Real number) {
        return (style.suits(number) ? style : automatic()).text(number);
    }

    /** For numbers about which the style has nothing to say. */
    public NumberStyle automatic() {
        return mark == DecimalMark.COMMA ? new Commas(Automatic.STYLE) : Automatic.STYLE;
    }

    @Override
    public String quantity(Quantity quantity) {
        if (!(measured(quantity) instanceof Quantity shown)) {
            return number(quantity.number());
        }
        if (!isCounted(shown)) {
            return shown.unit().behind(automatic().text(shown.number()));
        }
        String number = number(shown.number());
        return style.counts().isPresent() && style.suits(shown.number())
                ? number
                : shown.unit().behind(number);
    }

    @Override
    public String complex(ComplexValue complex) {
        String number = style.text(complex.number());
        return complex.isPlain() ? number : complex.unit().behind("(" + number + ")");
    }

    @Override
    public String function(OwnFunction function) {
        return mark.write("=" + function.made().text(), units).substring(1);
    }

    @Override
    public String expression(Algebraic expression) {
        return mark.write("=" + expression.form().text(), units).substring(1);
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
