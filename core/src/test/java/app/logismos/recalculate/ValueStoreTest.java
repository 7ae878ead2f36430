package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
import app.logismos.value.Numbers;
import app.logismos.value.Quantity;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ValueStoreTest {
    private static final Unit KILOGRAM = UnitCatalogue.STANDARD.unit("kg").orElseThrow();
    private static final Unit METRE = UnitCatalogue.STANDARD.unit("m").orElseThrow();
    private static final int ROWS = 3 * ValueStore.PAGE;

    @Test
    void aStoreHoldsWhatAMapWouldHold() {
        Seeded.cases(100, random -> {
            ValueStore store = new ValueStore();
            Map<Address, Value> map = new HashMap<>();
            for (int i = 0; i < 400; i++) {
                Address at = new Address(random.nextInt(2), random.nextInt(random.nextBoolean() ? 8 : ROWS));
                Value value = value(random);
                store.set(at.column(), at.row(), value);
                map.put(at, value);
            }
            map.forEach(
                    (at, value) -> assertThat(store.get(at.column(), at.row())).isEqualTo(value));
            map.values().removeIf(Blank.BLANK::equals);
            Area part = Area.between(new Address(0, random.nextInt(ROWS)), new Address(1, random.nextInt(ROWS)));
            map.keySet().removeIf(at -> !part.contains(at));
            Map<Address, Value> visited = new HashMap<>();
            List<Address> order = new ArrayList<>();
            store.forEach(part, (column, row, value) -> {
                visited.put(new Address(column, row), value);
                order.add(new Address(column, row));
            });
            assertThat(visited).isEqualTo(map);
            assertThat(order)
                    .isSortedAccordingTo(Comparator.comparing(Address::column).thenComparing(Address::row));
        });
    }

    @Test
    void theNumbersOfAPageBeginAtAnyRow() {
        ValueStore store = new ValueStore();
        for (int row = 0; row < ROWS; row++) {
            store.set(1, row, NumberValue.of(row));
        }
        for (int from : List.of(-300, -256, -1, 0, 1, 255, 256, 300, ROWS - 1, ROWS, Address.ROWS - 10)) {
            Numbers numbers = store.numbersFrom(1, from);
            for (int i = 0; i < ValueStore.PAGE; i++) {
                int row = from + i;
                boolean isThere = row >= 0 && row < ROWS;
                assertThat(numbers.has(i)).as("row " + row).isEqualTo(isThere);
                if (isThere) {
                    assertThat(numbers.get(i)).isEqualTo(NumberValue.of(row));
                }
            }
        }
    }

    @Test
    void numbersOfTwoPagesStandTogetherOnlyInOneUnit() {
        ValueStore store = new ValueStore();
        store.set(0, ValueStore.PAGE - 1, new Quantity(Rational.ONE, KILOGRAM));
        store.set(0, ValueStore.PAGE, new Quantity(Rational.of(2), KILOGRAM));
        store.set(0, 2 * ValueStore.PAGE, new Quantity(Rational.of(3), METRE));
        Numbers alike = store.numbersFrom(0, ValueStore.PAGE - 1);
        assertThat(alike.get(0)).isEqualTo(new Quantity(Rational.ONE, KILOGRAM));
        assertThat(alike.get(1)).isEqualTo(new Quantity(Rational.of(2), KILOGRAM));
        Numbers unlike = store.numbersFrom(0, ValueStore.PAGE);
        assertThat(store.numbersFrom(0, ValueStore.PAGE + 1).unit()).isEqualTo(KILOGRAM);
        assertThat(unlike.has(ValueStore.PAGE - 1)).isFalse();
        assertThat(store.numbersFrom(0, ValueStore.PAGE + 1).has(ValueStore.PAGE - 1))
                .isFalse();
    }

    @Test
    void aColumnThatGetsAnotherUnitCellByCellIsSideBySideAgain() {
        ValueStore store = new ValueStore();
        for (Unit unit : List.of(KILOGRAM, METRE)) {
            for (int row = 0; row < 10; row++) {
                store.set(0, row, new Quantity(Rational.of(row), unit));
            }
        }
        Numbers numbers = store.numbersFrom(0, 0);
        assertThat(numbers.unit()).isEqualTo(METRE);
        for (int row = 0; row < 10; row++) {
            assertThat(numbers.get(row)).isEqualTo(new Quantity(Rational.of(row), METRE));
        }
    }

    private static Value value(Random random) {
        return switch (random.nextInt(9)) {
            case 0 -> Blank.BLANK;
            case 1 -> new Text("text");
            case 2 -> new NumberValue(PiMultiple.of(Rational.ONE));
            case 3 -> new NumberValue(Real.from(random.nextDouble()));
            case 4, 5 -> new Quantity(Rational.of(random.nextInt(9)), KILOGRAM);
            case 6 -> new Quantity(Rational.of(random.nextInt(9)), METRE);
            default -> NumberValue.of(random.nextInt(100));
        };
    }
}
