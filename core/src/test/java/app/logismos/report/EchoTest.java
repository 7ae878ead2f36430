package app.logismos.report;

import static app.logismos.recalculate.Sheets.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.logismos.recalculate.LiveWorksheet;
import app.logismos.recalculate.Sheets;
import app.logismos.sheet.Axis;
import app.logismos.sheet.Edit;
import java.util.List;
import org.junit.jupiter.api.Test;

class EchoTest {
    private final LiveWorksheet live = Sheets.empty();

    @Test
    void aChangedInputSaysByHowMuchAndHowManyFollowed() {
        Sheets.type(live, "A1", "Tax", "B1", "20%", "B2", "=B1*2", "B3", "=B2+1");
        Echo echo = enter("B1", "22%");
        assertThat(echo.message()).isEqualTo("Tax · B1: 20 % → 22 %: 2 results changed");
        assertThat(echo.results())
                .extracting(Echo.Line::called, Echo.Line::before, Echo.Line::after)
                .containsExactly(tuple("B2", "0.4", "0.44"), tuple("B3", "1.4", "1.44"));
    }

    @Test
    void aCellIsCalledByItsNameFirst() {
        Sheets.type(live, "A1", "Tax", "B1", "5");
        Sheets.name(live, "tax_share", "B1");
        assertThat(enter("B1", "6").message()).isEqualTo("tax_share: 5 → 6");
    }

    @Test
    void aNewEntryAndAClearedOneSayWhatIsThereAndWhatWas() {
        assertThat(enter("C3", "7/2").message()).isEqualTo("C3: empty → 7/2");
        assertThat(enter("C3", "").message()).isEqualTo("C3: 3.5 → empty");
    }

    @Test
    void aCellBelowAHeadingIsCalledByItsRowAndItsColumn() {
        Sheets.type(live, "A1", "Lot", "B1", "Price", "C1", "Share", "A2", "Harbour Mist", "B2", "9.20", "C2", "30%");
        live.apply(List.of(new Edit.ChangeBlock(live.grid("a").orElseThrow().withHeadings(1))));
        assertThat(enter("B2", "9.50").message()).isEqualTo("Harbour Mist · Price: 9.20 → 9.50");
        assertThat(enter("C2", "5%").message()).isEqualTo("Harbour Mist · Share: 30 % → 5 %");
        assertThat(enter("C1", "Part").message()).isEqualTo("C1: Share → Part");
    }

    @Test
    void aRowPutInAtTheEndOfASummedRangeIsTakenInAndThatIsTold() {
        Sheets.type(live, "A1", "1", "A2", "2", "A3", "=sum(A1:A2)", "B3", "=A2*2", "C1", "=sum(A1:A2)");
        List<Edit> edits = List.of(new Edit.InsertLines("a", Axis.ROWS, 2, 1));
        Echo echo = Echo.of(edits, live.apply(edits), live);
        assertThat(echo.message()).endsWith(", and taken in by what adds up to there");
        assertThat(live.worksheet().textIn("a", at("A4"))).isEqualTo("=sum(A1:A3)");
        assertThat(live.worksheet().textIn("a", at("B4"))).isEqualTo("=A2*2");
        assertThat(live.worksheet().textIn("a", at("C1"))).isEqualTo("=sum(A1:A2)");
        List<Edit> elsewhere = List.of(new Edit.InsertLines("a", Axis.ROWS, 5, 1));
        assertThat(Echo.of(elsewhere, live.apply(elsewhere), live).message()).doesNotContain("taken in");
    }

    @Test
    void aFormerValueIsNeverRoundedToTheDigitsOfTheNewOne() {
        Sheets.type(live, "A1", "3.55");
        assertThat(enter("A1", "3.5").message()).isEqualTo("A1: 3.55 → 3.5");
    }

    private Echo enter(String cell, String text) {
        List<Edit> edits = List.of(new Edit.Enter("a", List.of(new Edit.Typed(at(cell), text))));
        return Echo.of(edits, live.apply(edits), live);
    }
}
