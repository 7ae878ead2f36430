package app.logismos.function;

import app.logismos.number.Real;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.time.Clock;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.random.RandomGenerator;

/**
 * What a calculation depends on besides its arguments.
 *
 * @param angle what a plain number means where an angle is asked for
 * @param complex whether what has no real answer has a complex one
 * @param random where chance comes from
 * @param units the units, and the currencies with their rates
 * @param clock what time it is, and in which zone
 * @param reading how a text is read as an entry that is no calculation
 * @param writing how a number is written in the style that a text names, or nothing where no style is called so
 * @param showing how a value is shown where nothing is said about its style
 * @param check asked by long work now and then; it throws where the time is up
 */
public record Surroundings(
        Angle angle,
        boolean complex,
        RandomGenerator random,
        UnitCatalogue units,
        Clock clock,
        Function<String, Value> reading,
        BiFunction<Real, String, Optional<String>> writing,
        Function<Value, String> showing,
        Runnable check) {
    /** Radians, real chance, the machine's clock. */
    public static final Surroundings USUAL = of(Angle.RADIANS);

    /** As usual, with this unit of angles. */
    public static Surroundings of(Angle angle) {
        return of(angle, UnitCatalogue.STANDARD);
    }

    /** As usual, with this unit of angles and these units. */
    public static Surroundings of(Angle angle, UnitCatalogue units) {
        return new Surroundings(
                angle,
                false,
                new SplittableRandom(),
                units,
                Clock.systemDefaultZone(),
                Text::new,
                (number, style) -> Optional.empty(),
                PlainText::of,
                () -> {});
    }

    /** The same, reading texts, writing numbers and showing values in these ways. */
    public Surroundings with(
            Function<String, Value> texts,
            BiFunction<Real, String, Optional<String>> numbers,
            Function<Value, String> values) {
        return new Surroundings(angle, complex, random, units, clock, texts, numbers, values, check);
    }

    /** The same, where what has no real answer has a complex one. */
    public Surroundings withComplexAnswers(boolean wanted) {
        return new Surroundings(angle, wanted, random, units, clock, reading, writing, showing, check);
    }

    /** The same, with time that can be up. */
    public Surroundings checkedBy(Runnable other) {
        return new Surroundings(angle, complex, random, units, clock, reading, writing, showing, other);
    }

    /** The unit of plain numbers as angles. */
    public enum Angle {
        RADIANS,
        DEGREES
    }
}
