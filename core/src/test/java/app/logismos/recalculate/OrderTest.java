package app.logismos.recalculate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import it.unimi.dsi.fastutil.longs.LongArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class OrderTest {
    @Test
    void everyCellComesAfterThoseItRefersToUnlessTheyAreOnACycleTogether() {
        Seeded.cases(500, random -> {
            Map<Long, LongArrayList> graph = graph(random);
            Order order = new Order(new LongArrayList(graph.keySet()), graph::get);
            assertThat(List.copyOf(order.sorted())).containsExactlyInAnyOrderElementsOf(graph.keySet());
            Map<Long, Integer> places = new HashMap<>();
            for (int i = 0; i < order.sorted().size(); i++) {
                places.put(order.sorted().getLong(i), i);
            }
            graph.forEach((cell, precedents) -> precedents.forEach((long precedent) -> {
                boolean together = reaches(graph, precedent, cell);
                assertThat(together || places.get(precedent) < places.get(cell)).isTrue();
            }));
        });
    }

    @Test
    void theCyclesAreExactlyTheCellsThatReachThemselves() {
        Seeded.cases(500, random -> {
            Map<Long, LongArrayList> graph = graph(random);
            Order order = new Order(new LongArrayList(graph.keySet()), graph::get);
            Set<Long> circular = new HashSet<>();
            order.cycles().forEach(cycle -> circular.addAll(cycle.members()));
            assertThat(circular)
                    .containsExactlyInAnyOrderElementsOf(graph.keySet().stream()
                            .filter(cell -> reaches(graph, cell, cell))
                            .toList());
        });
    }

    @Test
    void aTripFollowsReferencesBackToItsStartFromItsLeastCell() {
        Seeded.cases(500, random -> {
            Map<Long, LongArrayList> graph = graph(random);
            for (Order.Cycle cycle : new Order(new LongArrayList(graph.keySet()), graph::get).cycles()) {
                LongArrayList trip = cycle.trip();
                assertThat(trip.getLong(0)).isEqualTo(trip.longStream().min().orElseThrow());
                for (int i = 0; i < trip.size(); i++) {
                    assertThat(List.copyOf(graph.get(trip.getLong(i)))).contains(trip.getLong((i + 1) % trip.size()));
                }
            }
        });
    }

    @Test
    void aChainOfAMillionCellsNeedsNoDeepStack() {
        int length = 1_000_000;
        LongArrayList cells = new LongArrayList(LongStream.range(0, length).toArray());
        Order order = new Order(cells, cell -> cell == 0 ? new LongArrayList() : LongArrayList.of(cell - 1));
        assertThat(order.sorted().equals(cells)).isTrue();
        assertThat(order.cycles()).isEqualTo(List.of());
    }

    private static Map<Long, LongArrayList> graph(Random random) {
        int cells = 1 + random.nextInt(9);
        Map<Long, LongArrayList> graph = new HashMap<>();
        for (long cell = 0; cell < cells; cell++) {
            LongArrayList precedents = new LongArrayList();
            for (int i = random.nextInt(3); i > 0; i--) {
                precedents.add(random.nextInt(cells));
            }
            graph.put(cell, precedents);
        }
        return graph;
    }

    /** Whether {@code to} is found by one step or more. */
    private static boolean reaches(Map<Long, LongArrayList> graph, long from, long to) {
        Set<Long> seen = new HashSet<>();
        LongArrayList open = new LongArrayList(graph.get(from));
        while (!open.isEmpty()) {
            long cell = open.popLong();
            if (cell == to) {
                return true;
            }
            if (seen.add(cell)) {
                open.addAll(graph.get(cell));
            }
        }
        return false;
    }
}
