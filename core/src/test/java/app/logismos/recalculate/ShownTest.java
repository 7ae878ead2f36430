package app.logismos.recalculate;

import static app.logismos.recalculate.Sheets.at;
import static app.logismos.recalculate.Sheets.shown;
import static app.logismos.recalculate.Sheets.type;
import static app.logismos.recalculate.Sheets.typeInto;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.sheet.Axis;
import app.logismos.sheet.Edit;
import app.logismos.value.PlainText;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** {@code shown} leaves out what stands in hidden rows, and is worked out anew when others are hidden. */
class ShownTest {
    private final LiveWorksheet live = Sheets.empty();

    @BeforeEach
    void type10To40() {
        type(live, "A1", "10", "A2", "20", "A3", "30", "A4", "40", "B1", "a", "B2", "b", "B3", "a", "B4", "a");
        Sheets.name(live, "amounts", "A1:A4");
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "=sum(shown(A1:A4))                 | 80",
                "=mean(shown(A1:A4))                | 80/3",
                "=count(shown(A1:A4))               | 3",
                "=counta(shown(B1:B4))              | 3",
                "=sumif(shown(B1:B4), \"a\", shown(A1:A4)) | 80",
                "=rows(shown(A1:A4))                | 4",
                "=sum(shown(amounts))               | 80",
                "=sum(shown(A2:A3))                 | 30",
                "=sum(shown(A2:A2))                 | 0",
                "=aggregate(9, A1:A4)               | 100",
                "=aggregate(109, A1:A4)             | 80",
                "=SUBTOTAL(101; A1:A2; A3:A4)       | 80/3",
                "=subtotal(102, A1:A4, 7)           | 4",
                "=aggregate(103, B1:B4)             | 3",
                "=aggregate(105, amounts)           | 10",
                "=sum(shown(A1:A4*2))               | 200", // what stands in no row is shown whole
            })
    void hiddenRowsAreLeftOut(String entry, String value) {
        hide(1);
        type(live, "D1", entry);
        assertThat(shown(live, "D1")).isEqualTo(value);
    }

    @Test
    void hidingShowingAndUndoingAreFollowedAlsoFurtherOn() {
        type(live, "D1", "=sum(shown(A1:A4))", "D2", "=D1*2");
        List<Edit> back = live.apply(hiding(0, 3)).inverse();
        assertThat(shown(live, "D2")).isEqualTo("100");
        live.apply(back);
        assertThat(shown(live, "D2")).isEqualTo("200");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=sum(shown(A1:A4))", "=aggregate(109, A1:A4)", "=SUBTOTAL(109; A1:A4)"})
    void whatSeesHiddenRowsFollowsThem(String entry) {
        type(live, "D1", entry);
        hide(0, 3);
        assertThat(shown(live, "D1")).isEqualTo("50");
    }

    @Test
    void rowsOfAnotherGridAreSeen() {
        typeInto(live, "b", "C1", "=sum(shown('" + live.grid("a").orElseThrow().title() + "'.A1:A4))");
        hide(2);
        assertThat(PlainText.of(live.value("b", at("C1")))).isEqualTo("70");
    }

    @Test
    void hiddenRowsThatMoveAreStillLeftOut() {
        type(live, "D6", "=sum(shown(A1:A4))");
        hide(1);
        live.apply(List.of(new Edit.InsertLines("a", Axis.ROWS, 0, 1)));
        assertThat(shown(live, "D7")).isEqualTo("80");
        live.apply(List.of(new Edit.DeleteLines("a", Axis.ROWS, 2, 1)));
        assertThat(shown(live, "D6")).isEqualTo("80");
        assertThat(live.grid("a").orElseThrow().hiddenRows()).isEmpty();
    }

    private void hide(Integer... rows) {
        live.apply(hiding(rows));
    }

    private List<Edit> hiding(Integer... rows) {
        return List.of(new Edit.ChangeBlock(live.grid("a").orElseThrow().withHidden(Set.of(rows), Set.of())));
    }
}
