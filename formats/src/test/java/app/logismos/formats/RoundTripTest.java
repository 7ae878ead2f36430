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
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Worksheet;
import java.util.List;
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
}
