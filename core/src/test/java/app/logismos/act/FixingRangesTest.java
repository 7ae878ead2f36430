package app.logismos.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.sheet.EditRefused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A lookup that was continued without {@code $} is mended in all its cells at once. */
class FixingRangesTest {
    private final Acting sheet = new Acting()
            .typed("E1", "Assam", "F1", "3", "E2", "Keemun", "F2", "4", "E3", "Yunnan", "F3", "5")
            .typed("A1", "Keemun", "A2", "Assam", "A3", "Yunnan", "A4", "Keemun")
            .typed("B1", "=lookup(A1, E1:E3, F1:F3)")
            .done(new Act.Continue("g", Acting.area("B1"), Acting.area("B1:B4")));

    @ParameterizedTest
    @ValueSource(strings = {"B2", "B3", "B4"})
    void everyCellOfTheRunGetsTheRangeOfTheFirst(String cell) {
        sheet.done(new Act.FixRanges("g", Acting.at(cell)));
        assertThat(sheet.entries("B1:B4"))
                .isEqualTo("=lookup(A1, E$1:E$3, F$1:F$3) =lookup(A2, E$1:E$3, F$1:F$3)"
                        + " =lookup(A3, E$1:E$3, F$1:F$3) =lookup(A4, E$1:E$3, F$1:F$3)");
    }

    @ParameterizedTest
    @ValueSource(strings = {"B1", "A1", "D9"})
    void whereNothingSlidesItIsRefused(String cell) {
        assertThatThrownBy(() -> sheet.done(new Act.FixRanges("g", Acting.at(cell))))
                .isInstanceOf(EditRefused.class)
                .hasMessage("No range slides off its table in " + cell + ".");
    }

    @Test
    void whatIsFixedIsNotOfferedAgain() {
        sheet.done(new Act.FixRanges("g", Acting.at("B3")));
        assertThat(sheet.live.slidingRun("g", Acting.at("B3"))).isEmpty();
    }
}
