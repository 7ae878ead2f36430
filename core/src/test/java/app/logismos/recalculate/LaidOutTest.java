package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Tables laid out over neighbouring cells (language, section 3). */
class LaidOutTest {
    private final LiveWorksheet live = Sheets.empty();

    @Test
    void aTableWithoutRoomSaysWhichCellIsInTheWayUntilItIsCleared() {
        type(live, "A3", "tea");
        type(live, "A1", "=series(1, 5)");
        assertThat(live.inTheWayOf("a", at("A1"))).contains(at("A3"));
        assertThat(live.explain("a", at("A1")).value()).isEqualTo(live.value("a", at("A1")));
        type(live, "A3", "");
        assertThat(live.inTheWayOf("a", at("A1"))).isEmpty();
    }

    @Test
    void aTableIsLaidOutToTheRightAndBelow() {
        type(live, "A1", "={1, 2; 3, 4}");
        assertThat(shown(live, "A1")).isEqualTo("1");
        assertThat(shown(live, "B1")).isEqualTo("2");
        assertThat(shown(live, "A2")).isEqualTo("3");
        assertThat(shown(live, "B2")).isEqualTo("4");
        assertThat(live.laidOutFrom("a", at("B2"))).contains(at("A1"));
        assertThat(live.laidOut("a")).containsExactlyInAnyOrder(at("B1"), at("A2"), at("B2"));
    }

    @Test
    void formulasFollowTheCellsThatATableIsLaidOutOver() {
        type(live, "C1", "=sum(A1:A9)", "C2", "=A2*10", "B1", "3");
        type(live, "A1", "=series(1, B1)");
        assertThat(shown(live, "C1")).isEqualTo("6");
        assertThat(shown(live, "C2")).isEqualTo("20");
        type(live, "B1", "4");
        assertThat(shown(live, "C1")).isEqualTo("10");
    }

    @Test
    void whatATableNoLongerNeedsIsTakenBack() {
        type(live, "B1", "4", "A1", "=series(1, B1)", "C1", "=count(A1:A9)");
        assertThat(shown(live, "C1")).isEqualTo("4");
        type(live, "B1", "2");
        assertThat(shown(live, "C1")).isEqualTo("2");
        assertThat(shown(live, "A3")).isEqualTo("0");
        type(live, "A1", "7");
        assertThat(shown(live, "C1")).isEqualTo("1");
        assertThat(live.laidOut("a")).isEmpty();
    }

    @Test
    void withoutRoomTheTableSaysSoAndComesWhenThereIs() {
        type(live, "A3", "in the way", "A1", "={1; 2; 3}");
        assertThat(shown(live, "A1"))
                .isEqualTo("no-room: This table needs A1:A3, and A3 is not free. Clear it, or move the formula.");
        assertThat(shown(live, "A2")).isEqualTo("0");
        type(live, "A3", "");
        assertThat(shown(live, "A3")).isEqualTo("3");
    }

    @Test
    void typingIntoALaidOutCellTakesItsRoom() {
        type(live, "A1", "={1; 2; 3}", "B1", "=sum(A2:A3)");
        type(live, "A2", "50");
        assertThat(shown(live, "A1")).startsWith("no-room");
        assertThat(shown(live, "A2")).isEqualTo("50");
        assertThat(shown(live, "A3")).isEqualTo("0");
        assertThat(shown(live, "B1")).isEqualTo("50");
        type(live, "A2", "");
        assertThat(shown(live, "B1")).isEqualTo("5");
    }

    @Test
    void ofTwoTablesTheFirstHasTheCellWhicheverWasWrittenFirst() {
        type(live, "A2", "={7, 8}");
        type(live, "B1", "={1; 2}");
        assertThat(shown(live, "A2")).isEqualTo("7");
        assertThat(shown(live, "B2")).isEqualTo("8");
        assertThat(shown(live, "B1")).startsWith("no-room");
        LiveWorksheet other = Sheets.empty();
        type(other, "B1", "={1; 2}");
        type(other, "A2", "={7, 8}");
        assertThat(Sheets.values(other)).isEqualTo(Sheets.values(live));
        type(other, "A2", "");
        assertThat(shown(other, "B2")).isEqualTo("2");
    }

    @Test
    void aTableThatDependsOnItsOwnCellsIsACycle() {
        type(live, "A1", "=A2:A3+1");
        assertThat(shown(live, "A1")).startsWith("circular");
        type(live, "A1", "5");
        assertThat(shown(live, "A1")).isEqualTo("5");
    }

    @Test
    void aCircleOverLaidOutCellsLeavesNoNumberBehind() {
        type(live, "C1", "=B1:B2+1", "B1", "1", "D1", "=C2*2", "D2", "=sum(B:B)");
        assertThat(shown(live, "D1")).isEqualTo("2");
        // Now the table depends on its own second cell, by way of E1.
        type(live, "E1", "=C2+1", "B2", "=E1");
        assertThat(shown(live, "C1")).startsWith("circular: This goes round in a circle: C1");
        assertThat(shown(live, "C2")).isEqualTo("0");
        assertThat(shown(live, "D1")).isEqualTo("0");
        assertThat(shown(live, "D2")).isEqualTo("2");
        type(live, "B2", "5");
        assertThat(shown(live, "C2")).isEqualTo("6");
        assertThat(shown(live, "D1")).isEqualTo("12");
    }

    @Test
    void aTableThatTakesTheRoomOfWhatItIsMadeFromIsACycle() {
        type(live, "B6", "=sort(C4:D4)", "C4", "=series(1, 4)", "E1", "=C4+1");
        assertThat(shown(live, "B6"))
                .isEqualTo("circular: This goes round in a circle: B6 → B6. Change one of these cells.");
        assertThat(shown(live, "C4")).startsWith("circular: This goes round in a circle: C4 → C4");
        assertThat(shown(live, "E1")).isEqualTo("circular: waits for C4");
        assertThat(live.laidOut("a")).isEmpty();
        // A cell beside them is not part of it, and a change far away does not bring them back.
        type(live, "A1", "={1; 2}");
        assertThat(shown(live, "A2")).isEqualTo("2");
        assertThat(shown(live, "C4")).startsWith("circular");
        type(live, "B6", "");
        assertThat(shown(live, "C7")).isEqualTo("4");
        assertThat(shown(live, "E1")).isEqualTo("2");
    }

    @Test
    void anUndoneTableLeavesNothingBehind() {
        Change change = type(live, "A1", "={1, 2; 3, 4}");
        live.apply(change.inverse());
        assertThat(Sheets.values(live)).isEmpty();
        assertThat(shown(live, "B2")).isEqualTo("0");
        assertThat(live.laidOut("a")).isEmpty();
    }
}
