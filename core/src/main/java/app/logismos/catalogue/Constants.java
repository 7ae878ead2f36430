package app.logismos.catalogue;

import app.logismos.number.PiMultiple;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** The constants of mathematics, and those of physics from {@code constants.csv}; measured ones are approximate. */
public final class Constants {
    static final List<Constant> ALL = all();

    private Constants() {}

    private static List<Constant> all() {
        List<Constant> all = new ArrayList<>(List.of(
                mathematical(
                        "π", PiMultiple.of(Rational.ONE), "circumference of a circle over its diameter", "DLMF 3.12"),
                mathematical("pi", PiMultiple.of(Rational.ONE), "the same as π", "DLMF 3.12"),
                mathematical("e", Real.from(Math.E), "base of the natural logarithm", "DLMF 4.2.11"),
                mathematical("phi", goldenRatio(), "golden ratio, (1 + √5) / 2", "OEIS A001622"),
                mathematical("inf", Real.from(Double.POSITIVE_INFINITY), "infinity", "extended real numbers")));
        try (InputStream in = Objects.requireNonNull(Constants.class.getResourceAsStream("constants.csv"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            lines.lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split(",", -1))
                    .forEach(cells -> all.add(physical(cells)));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return List.copyOf(all);
    }

    private static Real goldenRatio() {
        return (Real) ((Real) Rational.ONE.plus((Real) Powers.sqrt(Rational.of(5)))).dividedBy(Rational.of(2));
    }

    private static Constant mathematical(String name, Real number, String says, String source) {
        return new Constant(name, new NumberValue(number), says, source);
    }

    private static Constant physical(String[] cells) {
        Real number = cells[3].equals("yes")
                ? Rational.of(new BigDecimal(cells[1]))
                : Real.from(Double.parseDouble(cells[1]));
        Value value = cells[2].isEmpty()
                ? new NumberValue(number)
                : new Quantity(number, UnitCatalogue.STANDARD.unit(cells[2]).orElseThrow());
        return new Constant(cells[0], value, cells[4], cells[5]);
    }
}
