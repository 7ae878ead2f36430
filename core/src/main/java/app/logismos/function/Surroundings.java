package app.logismos.function;

import app.logismos.number.Real;
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
 * @param random where chance comes from
 * @param clock what time it is, and in which zone
 * @param reading how a text is read as an entry that is no calculation
 * @param writing how a number is written in the style that a text names, or nothing where no style is called so
 * @param check asked by long work now and then; it throws where the time is up
 */
public record Surroundings(
        Angle angle,
        RandomGenerator random,
        Clock clock,
        Function<String, Value> reading,
        BiFunction<Real, String, Optional<String>> writing,
        Runnable check) {
    /** Radians, real chance, the machine's clock. */
    public static final Surroundings USUAL = of(Angle.RADIANS);

    /** As usual, with this unit of angles. */
    public static Surroundings of(Angle angle) {
        return new Surroundings(
                angle,
                new SplittableRandom(),
                Clock.systemDefaultZone(),
                Text::new,
                (number, style) -> Optional.empty(),
                () -> {});
    }

    /** The same, reading texts and writing numbers in these ways. */
    public Surroundings with(Function<String, Value> texts, BiFunction<Real, String, Optional<String>> numbers) {
        return new Surroundings(angle, random, clock, texts, numbers, check);
    }

    /** The same, with time that can be up. */
    public Surroundings checkedBy(Runnable other) {
        return new Surroundings(angle, random, clock, reading, writing, other);
    }

    /** The unit of plain numbers as angles. */
    public enum Angle {
        RADIANS,
        DEGREES
    }
}
