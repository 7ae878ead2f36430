package app.logismos.formats.opendocument;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.formats.Worksheets;
import app.logismos.recalculate.LiveWorksheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Random;
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
