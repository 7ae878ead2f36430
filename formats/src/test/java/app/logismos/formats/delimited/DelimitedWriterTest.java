package app.logismos.formats.delimited;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.document.Unwritable;
import app.logismos.formats.readable.Html;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class DelimitedWriterTest {
    private static final DelimitedWriter.Look USUAL =
            new DelimitedWriter.Look(Separator.COMMA, Quote.QUOTATION_MARK, false, false, false);

    private static LiveWorksheet live(String... row) {
        Worksheet worksheet = new Worksheet("Tea", List.of(), Words.STANDARD);
        new Edit.AddSection(Section.of("s", "S", Block.Grid.of("g", "G", 3, 3)), 0).apply(worksheet);
        LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
        for (int column = 0; column < row.length; column++) {
            live.apply(List.of(new Edit.Enter("g", List.of(new Edit.Typed(new Address(column, 0), row[column])))));
        }
        return live;
    }

    private static String written(LiveWorksheet live, DelimitedWriter.Look look) {
        StringBuilder text = new StringBuilder();
        DelimitedWriter.write(live, live.grid("g").orElseThrow(), look, text);
        return text.toString();
    }

    @ParameterizedTest(name = "{0} is written as {1}")
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '\u0001',
            value = {
                "3; 3",
                "0.1; 0.1",
                "54118423456270180453.546; 54118423456270180453.546",
                "=3/2^60; 2.602085213965210641617886722087860107421875E-18",
                "-3.5; -3.5",
                "=1/3; 0.3333333333333333",
                "=2^100; 1267650600228229401496703205376",
                "=10^-30; 0.000000000000000000000000000001",
                "=sqrt(2); 1.4142135623730951",
                "=π; 3.141592653589793",
                "25%; 0.25",
                "=3 m to cm; 300 cm",
                "2026-11-29; 2026-11-29",
                "=1=1; true",
                "say \"tea\"; \"say \"\"tea\"\"\"",
                "a, b; \"a, b\"",
            })
    void aValueIsWrittenWithAllItsDigits(String entry, String written) {
        assertThat(written(live(entry), USUAL)).isEqualTo(written + "\r\n");
    }

    @Test
    void aDecimalCommaAndAnotherSeparatorGoTogether() {
        LiveWorksheet live = live("1.5", "x;y", "3 m");
        assertThat(written(
                        live, new DelimitedWriter.Look(Separator.SEMICOLON, Quote.QUOTATION_MARK, true, false, false)))
                .isEqualTo("1,5;\"x;y\";3 m\r\n");
        assertThat(written(live, new DelimitedWriter.Look(Separator.COMMA, Quote.QUOTATION_MARK, true, false, false)))
                .isEqualTo("\"1,5\",x;y,3 m\r\n");
        assertThat(written(live, new DelimitedWriter.Look(Separator.TAB, Quote.QUOTATION_MARK, false, false, false)))
                .isEqualTo("1.5\tx;y\t3 m\r\n");
    }

    @Test
    void aDecimalCommaLeavesTextsAndUnitsAlone() {
        LiveWorksheet live = live("version 1.5", "1.5 m", "=1.5 m/s");
        assertThat(written(
                        live, new DelimitedWriter.Look(Separator.SEMICOLON, Quote.QUOTATION_MARK, true, false, false)))
                .isEqualTo("version 1.5;1,5 m;1,5 m/s\r\n");
        assertThat(written(
                        live, new DelimitedWriter.Look(Separator.SEMICOLON, Quote.QUOTATION_MARK, true, true, false)))
                .isEqualTo("version 1.5;1,5 m;1,5 m/s\r\n");
    }

    @Test
    void digitsAreThoseThatAreShownWhereThatIsWanted() {
        assertThat(written(
                        live("=1/3"),
                        new DelimitedWriter.Look(Separator.COMMA, Quote.QUOTATION_MARK, false, true, false)))
                .isEqualTo("0.3333333333\r\n");
    }

    @Test
    void textsThatOthersTakeForFormulasAreToldAndGuarded() {
        LiveWorksheet live = live("\"=1+1\"", "\"-5\"", "@home");
        assertThat(DelimitedWriter.takenForFormulas(live, live.grid("g").orElseThrow()))
                .extracting(Address::toString)
                .containsExactly("A1", "B1", "C1");
        assertThat(written(live, USUAL)).isEqualTo("=1+1,-5,@home\r\n");
        assertThat(written(live, new DelimitedWriter.Look(Separator.COMMA, Quote.QUOTATION_MARK, false, false, true)))
                .isEqualTo("'=1+1,'-5,'@home\r\n");
    }

    @Test
    void aCellFarOutIsNoTableOfEighteenThousandMillionCells() {
        LiveWorksheet live = live("3");
        live.apply(List.of(new Edit.Enter(
                "g",
                List.of(
                        new Edit.Typed(new Address(0, Address.ROWS - 1), "1"),
                        new Edit.Typed(new Address(Address.COLUMNS - 1, 0), "2")))));
        assertThatThrownBy(() -> written(live, USUAL))
                .isInstanceOf(Unwritable.class)
                .hasMessage("The grid `G` reaches to ZZZ1000000, which is a table of 18,278,000,000 cells;"
                        + " 2,000,000 are the most. JSON holds it.");
        assertThatThrownBy(() -> Html.of(live, false, List.of())).isInstanceOf(Unwritable.class);
    }

    @Test
    void anEmptyGridIsAnEmptyDocument() {
        assertThat(written(live(), USUAL)).isEmpty();
    }

    @Test
    void theSignAroundTextsIsTheOneChosenAndNoneOnlyWhereNoneIsNeeded() {
        LiveWorksheet live = live("a, b", "it's", "3");
        assertThat(written(live, new DelimitedWriter.Look(Separator.COMMA, Quote.APOSTROPHE, false, false, false)))
                .isEqualTo("'a, b','it''s',3\r\n");
        assertThat(written(live, new DelimitedWriter.Look(Separator.TAB, Quote.NONE, false, false, false)))
                .isEqualTo("a, b\tit's\t3\r\n");
        assertThatThrownBy(
                        () -> written(live, new DelimitedWriter.Look(Separator.COMMA, Quote.NONE, false, false, false)))
                .isInstanceOf(Unwritable.class)
                .hasMessage("The text in A1 holds what parts values: it needs a sign around it.");
    }

    @ParameterizedTest
    @EnumSource
    void whatIsEncodedIsRecognisedAgain(Encoding encoding) {
        String text = "Grün;é\r\n";
        byte[] bytes = encoding.encode(text);
        assertThat(Encoding.recognise(bytes)).isEqualTo(encoding);
        assertThat(encoding.decode(bytes)).isEqualTo(text);
    }

    @Test
    void aCharacterThatAnEncodingHasNotIsRefused() {
        assertThatThrownBy(() -> Encoding.WINDOWS_1252.encode("Tee 茶"))
                .isInstanceOf(Unwritable.class)
                .hasMessage("There is no `茶` in Windows-1252 (Western Europe). Choose UTF-8.");
    }
}
