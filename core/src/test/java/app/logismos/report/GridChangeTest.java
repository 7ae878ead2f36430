package app.logismos.report;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.sheet.Block;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class GridChangeTest {
    private static final Block.Grid GRID = Block.Grid.of("g", "Readings", 5, 3);

    static Stream<Arguments> changes() {
        return Stream.of(
                Arguments.of(GRID, Block.Grid.of("g", "Lots", 5, 3), "Grid called Lots"),
                Arguments.of(GRID, Block.Grid.of("g", "Readings", 9, 4), "9 rows, 4 columns"),
                Arguments.of(GRID, GRID.withHeadings(2), "Rows of headings: 2"),
                Arguments.of(GRID.withHeadings(1), GRID, "No rows of headings"),
                Arguments.of(GRID, GRID.withStyles(Map.of("B", "fixed 2")), "Number style changed"),
                Arguments.of(GRID, GRID.withWidths(Map.of(0, 130)), "Widths changed"),
                Arguments.of(
                        GRID,
                        GRID.withHeadings(1).withWidths(Map.of(0, 130)).withStyles(Map.of("B", "fixed 2")),
                        "Rows of headings: 1, number style changed …"),
                Arguments.of(GRID, GRID, "Grid changed"));
    }

    @ParameterizedTest(name = "{2}")
    @MethodSource("changes")
    void whatIsOtherIsTold(Block.Grid before, Block.Grid now, String said) {
        assertThat(GridChange.said(before, now)).isEqualTo(said);
    }
}
