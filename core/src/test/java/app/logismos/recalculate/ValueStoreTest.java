package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Reals;
import app.logismos.value.Blank;
import app.logismos.value.NumberValue;
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
            Reals numbers = store.numbersFrom(1, from);
            for (int i = 0; i < ValueStore.PAGE; i++) {
                int row = from + i;
                boolean isThere = row >= 0 && row < ROWS;
                assertThat(numbers.has(i)).as("row " + row).isEqualTo(isThere);
                if (isThere) {
                    assertThat(numbers.get(i)).isEqualTo(Rational.of(row));
                }
            }
        }
    }

    private static Value value(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> Blank.BLANK;
            case 1 -> new Text("text");
            case 2 -> new NumberValue(PiMultiple.of(Rational.ONE));
            case 3 -> new NumberValue(Real.from(random.nextDouble()));
            default -> NumberValue.of(random.nextInt(100));
        };
    }
}
