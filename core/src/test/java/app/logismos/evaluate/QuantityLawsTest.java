package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.UnitListing;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Laws that hold for quantities in any units. */
class QuantityLawsTest {
    private static final List<UnitListing> UNITS = UnitCatalogue.STANDARD.listings().stream()
            .filter(unit -> unit.atom().factor() instanceof Rational) // those of angles are multiples of π
            .filter(unit -> unit.atom().rounded().isEmpty())
            .filter(unit -> unit.atom().offset().signum() == 0)
            .toList();

    @Test
    void aProductDividedByOneFactorIsTheOther() {
        Seeded.cases(600, random -> {
            String a = quantity(random, anyUnit(random));
            String b = quantity(random, anyUnit(random));
            assertThat(value("=(" + a + ")*(" + b + ")/(" + b + ")=" + a)).isEqualTo("true");
        });
    }

    @Test
    void aSumIsTheSameFromBothSidesAndLessOneIsTheOther() {
        Seeded.cases(600, random -> {
            UnitListing first = anyUnit(random);
            UnitListing second = like(random, first);
            String a = quantity(random, first);
            String b = quantity(random, second);
            assertThat(value("=" + a + "+" + b + "=" + b + "+" + a)).isEqualTo("true");
            assertThat(value("=" + a + "+" + b + "-" + b + "=" + a)).isEqualTo("true");
        });
    }

    @Test
    void aConversionThereAndBackChangesNothing() {
        Seeded.cases(600, random -> {
            UnitListing first = anyUnit(random);
            UnitListing second = like(random, first);
            String a = quantity(random, first);
            assertThat(value("=(" + a + " to " + second.symbol() + ") to " + first.symbol()))
                    .isEqualTo(value("=" + a));
        });
    }

    @Test
    void aSumOfUnlikeQuantitiesIsRefused() {
        Seeded.cases(600, random -> {
            UnitListing first = anyUnit(random);
            UnitListing second = anyUnit(random);
            boolean isLike = first.atom().dimension().equals(second.atom().dimension());
            Value sum = calculate("=" + quantity(random, first) + "+" + quantity(random, second));
            assertThat(sum instanceof Quantity).as(first + " " + second).isEqualTo(isLike);
        });
    }

    @Test
    void aQuantityPrintedIsReadBackAsTheSame() {
        Seeded.cases(600, random -> {
            String product = "=" + quantity(random, anyUnit(random)) + "*" + quantity(random, anyUnit(random));
            String printed = value(product);
            assertThat(value("=" + printed)).as(product).isEqualTo(printed);
        });
    }

    private static UnitListing anyUnit(Random random) {
        return UNITS.get(random.nextInt(UNITS.size()));
    }

    private static UnitListing like(Random random, UnitListing unit) {
        List<UnitListing> like = UNITS.stream()
                .filter(other -> other.atom().dimension().equals(unit.atom().dimension()))
                .toList();
        return like.get(random.nextInt(like.size()));
    }

    private static String quantity(Random random, UnitListing unit) {
        return (1 + random.nextInt(999)) + "." + random.nextInt(99) + " " + unit.symbol();
    }

    private static String value(String entry) {
        return PlainText.of(calculate(entry));
    }

    private static Value calculate(String entry) {
        return new Calculator(Patient.LIMITS)
                .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
