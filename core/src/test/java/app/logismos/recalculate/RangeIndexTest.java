package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RangeIndexTest {
    @Test
    void theRangesThatContainACellAreThoseThatASearchThroughAllFinds() {
        Seeded.cases(200, random -> {
            RangeIndex index = new RangeIndex();
            Map<Area, Set<Long>> all = new HashMap<>();
            for (int i = 0; i < 60; i++) {
                Area area = area(random);
                long dependent = random.nextInt(20);
                if (random.nextInt(3) > 0) {
                    index.add(area, dependent);
                    all.computeIfAbsent(area, each -> new HashSet<>()).add(dependent);
                } else if (!all.isEmpty()) {
                    Area known = new ArrayList<>(all.keySet()).get(random.nextInt(all.size()));
                    long gone = all.get(known).iterator().next();
                    index.remove(known, gone);
                    all.get(known).remove(gone);
                    all.values().removeIf(Set::isEmpty);
                }
            }
            for (int i = 0; i < 40; i++) {
                Address cell = area(random).first();
                List<Area> found = new ArrayList<>();
                index.nodesAbove(
                        cell.column(), cell.row(), node -> node.ranges.forEach(range -> found.add(range.area)));
                assertThat(found)
                        .containsExactlyInAnyOrderElementsOf(all.keySet().stream()
                                .filter(area -> area.contains(cell))
                                .toList());
            }
        });
    }

    @Test
    void aWholeColumnHangsAtAFewNodesOnly() {
        RangeIndex index = new RangeIndex();
        Area column = new Area(new Address(2, 0), new Address(2, Address.ROWS - 1));
        index.add(column, 1);
        List<Area> found = new ArrayList<>();
        index.nodesAbove(2, 999_999, node -> node.ranges.forEach(range -> found.add(range.area)));
        assertThat(found).containsExactly(column);
    }

    private static Area area(Random random) {
        Address one = new Address(random.nextInt(4), random.nextInt(random.nextBoolean() ? 12 : 2_000));
        Address other = new Address(random.nextInt(4), random.nextInt(random.nextBoolean() ? 12 : 2_000));
        return Area.between(one, other);
    }
}
