package app.logismos.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.document.DocumentKind;
import app.logismos.formats.document.Unreadable;
import app.logismos.formats.office.OfficeReader;
import app.logismos.formats.office.OfficeWriter;
import app.logismos.formats.opendocument.OpenDocumentReader;
import app.logismos.formats.opendocument.OpenDocumentWriter;
import app.logismos.recalculate.LiveWorksheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.poi.poifs.crypt.EncryptionInfo;
import org.apache.poi.poifs.crypt.EncryptionMode;
import org.apache.poi.poifs.crypt.Encryptor;
import org.apache.poi.poifs.filesystem.POIFSFileSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Documents that are cut off, protected, or made to hurt end in a sentence. */
class HostileDocumentsTest {
    private static final String CELLS = "xl/worksheets/sheet1.xml";
    private static final String CONTENT = "content.xml";
    private static final byte[] WORKBOOK = OfficeWriter.write(some());
    private static final byte[] SPREADSHEET = OpenDocumentWriter.write(some());

    private static LiveWorksheet some() {
        return new LiveWorksheet(Worksheets.random(new Random(3)), Limits.USUAL);
    }

    private static void read(byte[] document) {
        DocumentKind kind = DocumentKind.of(document, "lots");
        BookReader.read(
                kind == DocumentKind.OPEN_DOCUMENT ? OpenDocumentReader.read(document) : OfficeReader.read(document),
                "lots",
                Words.STANDARD);
    }

    private static void readOrRefused(byte[] document) {
        try {
            read(document);
        } catch (Unreadable said) {
            assertThat(said.getMessage()).endsWith(".");
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 30, 50, 70, 90, 99})
    void aDocumentThatIsCutOffIsRefused(int percent) {
        for (byte[] whole : new byte[][] {WORKBOOK, SPREADSHEET}) {
            byte[] part = Arrays.copyOf(whole, whole.length * percent / 100);
            assertThatThrownBy(() -> read(part)).isInstanceOf(Unreadable.class).hasMessageEndingWith(".");
        }
    }

    @Test
    void aDocumentWithOtherBytesIsReadOrRefused() {
        Random random = new Random(1);
        for (byte[] whole : new byte[][] {WORKBOOK, SPREADSHEET}) {
            for (int i = 0; i < 100; i++) {
                byte[] other = whole.clone();
                for (int each = 0; each < 3; each++) {
                    other[random.nextInt(other.length)] = (byte) random.nextInt(256);
                }
                readOrRefused(other);
            }
        }
    }

    @Test
    void aProtectedDocumentIsRefusedAndSaysSo() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (POIFSFileSystem file = new POIFSFileSystem()) {
            Encryptor encryptor = new EncryptionInfo(EncryptionMode.agile).getEncryptor();
            encryptor.confirmPassword("leaf");
            try (var out = encryptor.getDataStream(file)) {
                out.write(WORKBOOK);
            }
            file.writeFilesystem(bytes);
        }
        assertThatThrownBy(() -> read(bytes.toByteArray()))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("protected by a password");
        byte[] spreadsheet = changed(
                SPREADSHEET,
                "META-INF/manifest.xml",
                text -> text.replace("</manifest:manifest>", "<manifest:encryption-data/></manifest:manifest>"));
        assertThatThrownBy(() -> read(spreadsheet))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("protected by a password");
    }

    @ParameterizedTest
    @CsvSource({"xl/worksheets/sheet1.xml, sheetData", "content.xml, spreadsheet"})
    void whatUnpacksToFarMoreIsRefused(String part, String element) throws IOException {
        byte[] whole = part.equals(CELLS) ? WORKBOOK : SPREADSHEET;
        String spaces = " ".repeat(1 << 20);
        byte[] bomb = streamed(whole, part, out -> {
            out.write("<a>".getBytes(StandardCharsets.US_ASCII));
            for (int i = 0; i < 700; i++) {
                out.write(spaces.getBytes(StandardCharsets.US_ASCII));
            }
        });
        assertThatThrownBy(() -> read(bomb)).isInstanceOf(Unreadable.class).hasMessageEndingWith(".");
    }

    @ParameterizedTest
    @ValueSource(strings = {CELLS, CONTENT})
    void elementsInElementsWithoutEndAreRefused(String part) throws IOException {
        byte[] whole = part.equals(CELLS) ? WORKBOOK : SPREADSHEET;
        byte[] deep = changed(whole, part, text -> "<a>".repeat(200_000) + "</a>".repeat(200_000));
        assertThatThrownBy(() -> read(deep)).isInstanceOf(Unreadable.class).hasMessageEndingWith(".");
    }

    @ParameterizedTest
    @ValueSource(strings = {CELLS, CONTENT})
    void nothingIsFetchedAndNoEntityMultiplies(String part) throws IOException {
        byte[] whole = part.equals(CELLS) ? WORKBOOK : SPREADSHEET;
        String types = "<!DOCTYPE a [<!ENTITY b \"" + "x".repeat(1_000) + "\"><!ENTITY c \"" + "&b;".repeat(1_000)
                + "\"><!ENTITY d SYSTEM \"file:///etc/hostname\">]>";
        byte[] document = changed(
                whole, part, text -> text.replaceFirst("\\?>", "?>" + types).replaceFirst(">([^<]+)<", ">&c;&d;<"));
        readOrRefused(document);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<c r=\"A1\"|<c r=\"ZZZZ99\"",
                "<c r=\"A1\"|<c r=\"A9999999\"",
                "<c r=\"A1\"|<c r=\"-1\"",
                "<row r=\"1\"|<row r=\"-5\"",
                "<row r=\"1\"|<row r=\"99999999999\"",
                " s=\"|  s=\"9",
                "<sheetData>|<cols><col min=\"-9\" max=\"999999999\" width=\"NaN\" customWidth=\"1\"/></cols><sheetData>",
                "<table:table-cell|<table:table-cell table:number-columns-repeated=\"999999999\"",
                "<table:table-row|<table:table-row table:number-rows-repeated=\"999999999\"",
                "<table:table-row|<table:table-row table:number-rows-repeated=\"-3\"",
                "<table:table-column|<table:table-column table:number-columns-repeated=\"999999999\"",
                "office:value=\"|office:value=\"x",
                "office:date-value=\"|office:date-value=\"99",
                "<table:table |<table:table><table:table ",
            })
    void wrongNumbersAreReadOrRefused(String text, String other) throws IOException {
        readOrRefused(changed(WORKBOOK, CELLS, cells -> cells.replace(text, other)));
        readOrRefused(changed(SPREADSHEET, CONTENT, content -> content.replace(text, other)));
    }

    @ParameterizedTest
    @CsvSource({"plan.xlsx, ''", "plan.xlsx, leaf", "plan.ODS, <html>", "plan.xls, a"})
    void aDocumentThatIsNotWhatItsNameSaysIsRefused(String name, String content) {
        assertThatThrownBy(() -> DocumentKind.of(content.getBytes(StandardCharsets.UTF_8), name))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("not what the end of its name says");
    }

    @Test
    void anArchiveWithoutSheetsIsRefused() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("../../leaf.txt"));
            zip.write(1);
        }
        assertThatThrownBy(() -> read(bytes.toByteArray()))
                .isInstanceOf(Unreadable.class)
                .hasMessageContaining("no sheets of cells");
    }

    private static byte[] changed(byte[] document, String part, UnaryOperator<String> change) throws IOException {
        ByteArrayOutputStream old = new ByteArrayOutputStream();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(document))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(part)) {
                    zip.transferTo(old);
                }
            }
        }
        byte[] other = change.apply(old.toString(StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8);
        return streamed(document, part, out -> out.write(other));
    }

    private interface Writing {
        void write(ZipOutputStream out) throws IOException;
    }

    private static byte[] streamed(byte[] document, String part, Writing writing) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(document));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                ZipEntry copy = new ZipEntry(entry.getName());
                byte[] old = zip.readAllBytes();
                if (entry.getName().equals("mimetype")) {
                    copy.setMethod(ZipEntry.STORED);
                    copy.setSize(old.length);
                    var sum = new java.util.zip.CRC32();
                    sum.update(old);
                    copy.setCrc(sum.getValue());
                }
                out.putNextEntry(copy);
                if (entry.getName().equals(part)) {
                    writing.write(out);
                } else {
                    out.write(old);
                }
            }
        }
        return bytes.toByteArray();
    }
}
