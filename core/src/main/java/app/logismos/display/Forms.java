package app.logismos.display;

import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.RootSum;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The other ways to write a number that a person may want to see beside it. */
public final class Forms {
    /**
     * A way with its name.
     *
     * @param name as a key of an answer: {@code fraction}
     */
    private record Form(String name, NumberStyle style) {}

    private static final List<Form> ALL = List.of(
            new Form("fraction", Fractional.STYLE),
            new Form("mixed", Mixed.STYLE),
            new Form("root", Roots.STYLE),
            new Form("repeating", Repeating.STYLE),
            new Form("scientific", new Scientific(10)),
            new Form("engineering", new Engineering(10)));

    private static final String POLAR = "polar";

    /** A longer fraction is not worth a look. */
    private static final int MOST_BITS = 256;

    private Forms() {}

    /** Those that suit the number, by name. */
    public static Map<String, String> text(Real number) {
        return each(number, NumberStyle::text);
    }

    /** The same in LaTeX. */
    public static Map<String, String> latex(Real number) {
        return each(number, NumberStyle::latex);
    }

    /** Distance and direction of a complex number. */
    public static Map<String, String> text(Complex number) {
        return Map.of(POLAR, new Polar(Polar.USUAL).text(number));
    }

    /** The same in LaTeX. */
    public static Map<String, String> latex(Complex number) {
        return Map.of(POLAR, new Polar(Polar.USUAL).latex(number));
    }

    private static Map<String, String> each(
            Real number, java.util.function.BiFunction<NumberStyle, Real, String> write) {
        Map<String, String> forms = new LinkedHashMap<>();
        boolean isLong = number instanceof Rational rational
                && rational.numerator().bitLength() + rational.denominator().bitLength() > MOST_BITS;
        for (Form form : ALL) {
            boolean isShown = form.style().suits(number) && (!isLong || form.style() instanceof DecimalStyle);
            if (isShown && !isRepeated(form.style(), number)) {
                forms.put(form.name(), write.apply(form.style(), number));
            }
        }
        return forms;
    }

    /** A fraction below one is no mixed number, and a number without roots has none: it would be listed twice. */
    private static boolean isRepeated(NumberStyle style, Real number) {
        return style == Roots.STYLE && !(number instanceof RootSum)
                || style == Mixed.STYLE && style.text(number).equals(Fractional.STYLE.text(number));
    }
}
