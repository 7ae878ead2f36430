package app.logismos.formats.opendocument;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.Archives;
import app.logismos.formats.Worksheets;
import app.logismos.formats.book.BookReader;
import app.logismos.formula.Address;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.odftoolkit.odfvalidator.Logger;
import org.odftoolkit.odfvalidator.ODFValidator;
import org.odftoolkit.odfvalidator.OdfValidatorMode;
import org.odftoolkit.odfvalidator.OdfVersion;

/** Documents after the schema of the standard, with all their parts. */
public class OpenDocumentTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void aDocumentIsValidAfterTheStandardsSchema(int seed) throws Exception {
        isValid(OpenDocumentWriter.write(new LiveWorksheet(Worksheets.random(new Random(seed)), Limits.USUAL)));
    }

    @Test
    void sheetsThatWereHiddenAreTold() throws Exception {
        Worksheet worksheet = new Worksheet("Tea", List.of(), Words.STANDARD);
        new Edit.AddSection(Section.of("s", "Tea", Block.Grid.of("g", "Lots", 2, 2)), 0).apply(worksheet);
        new Edit.Enter("g", List.of(new Edit.Typed(Address.FIRST, "3"))).apply(worksheet);
        byte[] document = OpenDocumentWriter.write(new LiveWorksheet(worksheet, Limits.USUAL));
        String style = "<style:style style:name=\"out\" style:family=\"table\">"
                + "<style:table-properties table:display=\"false\"/></style:style>";
        byte[] hidden = Archives.changed(
                document,
                text -> text.replaceFirst(
                                "<office:automatic-styles ?/>",
                                "<office:automatic-styles>" + style + "</office:automatic-styles>")
                        .replace("<table:table ", "<table:table table:style-name=\"out\" "));
        assertThat(BookReader.read(OpenDocumentReader.read(hidden), "", Words.STANDARD)
                        .told())
                .contains("The sheet `Lots` was hidden; here it is shown.");
    }

    /** Fails with what the validator says. */
    public static void isValid(byte[] document) throws Exception {
        ByteArrayOutputStream says = new ByteArrayOutputStream();
        boolean hasErrors = new ODFValidator(null, Logger.LogLevel.ERROR, OdfVersion.V1_3)
                .validateStream(
                        new PrintStream(says, true, StandardCharsets.UTF_8),
                        new ByteArrayInputStream(document),
                        "worksheet.ods",
                        OdfValidatorMode.CONFORMANCE,
                        null);
        assertThat(hasErrors).as(says.toString(StandardCharsets.UTF_8)).isFalse();
    }
}
