package app.logismos.formats.office;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.Worksheets;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.document.Brought;
import app.logismos.formats.json.JsonFormat;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Worksheet;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OfficeTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void aWorksheetComesBackWhole(int seed) {
        Worksheet worksheet = Worksheets.random(new Random(seed));
        byte[] document = OfficeWriter.write(new LiveWorksheet(worksheet, Limits.USUAL));
        Brought brought = BookReader.read(OfficeReader.read(document), "", Words.STANDARD);
        assertThat(brought.told()).isEmpty();
        assertThat(json(brought.worksheet())).isEqualTo(json(worksheet));
    }

    private static String json(Worksheet worksheet) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        JsonFormat.write(worksheet, Optional.empty(), bytes);
        return bytes.toString(StandardCharsets.UTF_8);
    }
}
