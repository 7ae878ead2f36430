package app.logismos.formats;

import static app.logismos.formats.Worksheets.json;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.document.Brought;
import app.logismos.formats.office.OfficeReader;
import app.logismos.formats.office.OfficeWriter;
import app.logismos.formats.opendocument.OpenDocumentReader;
import app.logismos.formats.opendocument.OpenDocumentWriter;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RoundTripTest {
    private interface Format {
        Book through(LiveWorksheet live);
    }

    private static final List<Format> FORMATS = List.of(
            live -> OfficeReader.read(OfficeWriter.write(live)),
            live -> OpenDocumentReader.read(OpenDocumentWriter.write(live)));

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void aWorksheetComesBackWhole(int seed) {
        Worksheet worksheet = Worksheets.random(new Random(seed));
        LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
        for (Format format : FORMATS) {
            Brought brought = BookReader.read(format.through(live), "", Words.STANDARD);
            assertThat(brought.told()).isEmpty();
            assertThat(json(brought.worksheet())).isEqualTo(json(worksheet));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "fixed 2",
                "percent 1",
                "grouped 0",
                "grouped 2",
                "scientific 4",
                "fraction",
                "mixed",
                "currency EUR",
                "hours"
            })
    void aNumberStyleIsWrittenAsOtherProgramsReadIt(String style) {
        Worksheet worksheet = new Worksheet("Hours", List.of(), Words.STANDARD);
        Block.Grid grid = Block.Grid.of("g", "Hours", 2, 1).withStyles(Map.of("A", style));
        new Edit.AddSection(Section.of("s", "Hours", grid), 0).apply(worksheet);
        new Edit.Enter("g", List.of(new Edit.Typed(Address.FIRST, "1.5"), new Edit.Typed(new Address(0, 1), "=A1/3")))
                .apply(worksheet);
        LiveWorksheet live = new LiveWorksheet(worksheet, Limits.USUAL);
        for (Format format : FORMATS) {
            Book book = format.through(live);
            Brought brought = BookReader.read(Worksheets.withoutKept(book), "", Words.STANDARD);
            assertThat(brought.worksheet()
                            .outline()
                            .grids()
                            .findFirst()
                            .orElseThrow()
                            .styles())
                    .as(book.dialect().toString())
                    .isEqualTo(Map.of("A", style));
            assertThat(brought.compared().orElseThrow().agree()).isEqualTo(1);
        }
    }
}
