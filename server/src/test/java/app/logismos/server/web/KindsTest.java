package app.logismos.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class KindsTest {
    static Stream<Kinds> all() {
        return Kinds.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyTypeOfASealedOneHasAName(Kinds kinds) {
        assertThat(kinds.names().values())
                .containsExactlyInAnyOrderElementsOf(leaves(kinds.sealed()).toList());
    }

    /** What a type may be in the end: some of what it permits is sealed itself. */
    private static Stream<Class<?>> leaves(Class<?> type) {
        return type.isSealed() ? Stream.of(type.getPermittedSubclasses()).flatMap(KindsTest::leaves) : Stream.of(type);
    }
}
