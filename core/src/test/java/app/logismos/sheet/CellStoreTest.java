package app.logismos.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CellStoreTest {
    @Test
    void aStoreHoldsWhatAMapWouldHold() {
        Seeded.cases(200, random -> {
            CellStore<Integer> store = new CellStore<>();
            Map<Address, Integer> map = new HashMap<>();
            for (int i = 0; i < 200; i++) {
                Address at = new Address(random.nextInt(5), random.nextInt(random.nextBoolean() ? 10 : 3_000));
                if (random.nextInt(4) == 0) {
                    store.set(at.column(), at.row(), null);
                    map.remove(at);
                } else {
                    store.set(at.column(), at.row(), i);
                    map.put(at, i);
                }
            }
            map.forEach((at, thing) -> assertThat(store.get(at)).isEqualTo(thing));
            assertThat(visited(store, new Area(Address.FIRST, new Address(4, 3_000))))
                    .isEqualTo(map);
            Area part = Area.between(
                    new Address(random.nextInt(5), random.nextInt(600)),
                    new Address(random.nextInt(5), random.nextInt(600)));
            map.keySet().removeIf(at -> !part.contains(at));
            assertThat(visited(store, part)).isEqualTo(map);
        });
    }

    @Test
    void aCellFarOutCostsAPageAndNotAColumn() {
        CellStore<String> store = new CellStore<>();
        store.set(Address.COLUMNS - 1, Address.ROWS - 1, "far");
        assertThat(store.get(new Address(Address.COLUMNS - 1, Address.ROWS - 1)))
                .isEqualTo("far");
        assertThat(store.get(0, 0)).isNull();
    }

    private static Map<Address, Integer> visited(CellStore<Integer> store, Area area) {
        Map<Address, Integer> found = new HashMap<>();
        store.forEach(area, (column, row, thing) -> found.put(new Address(column, row), thing));
        return found;
    }
}
