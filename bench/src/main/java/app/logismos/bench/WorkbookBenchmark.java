package app.logismos.bench;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.delimited.Choices;
import app.logismos.formats.delimited.Delimited;
import app.logismos.formats.document.Brought;
import app.logismos.formats.office.OfficeReader;
import app.logismos.formats.office.OfficeWriter;
import app.logismos.formats.opendocument.OpenDocumentReader;
import app.logismos.formats.opendocument.OpenDocumentWriter;
import app.logismos.recalculate.LiveWorksheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;

/** A table of 100,000 lines of ten values as a workbook, read and written; beside it POI's own model reading the same file. */
public class WorkbookBenchmark extends Timed {
    private static final int LINES = 100_000;

    private LiveWorksheet live;
    private byte[] office;
    private byte[] open;
    private byte[] foreign;

    /** Words, days, prices and whole numbers; once as this program writes it, once as another does. */
    @Setup
    public void write() throws IOException {
        Random random = new Random(1);
        StringBuilder lines = new StringBuilder("Lot,Arrived,A,B,C,D,E,F,G,H\n");
        for (int i = 0; i < LINES; i++) {
            lines.append("lot ")
                    .append(i)
                    .append(",2027-0")
                    .append(1 + i % 9)
                    .append("-1")
                    .append(i % 9);
            for (int column = 0; column < 8; column++) {
                lines.append(',').append(random.nextInt(10_000) / 100.0);
            }
            lines.append('\n');
        }
        byte[] table = lines.toString().getBytes(StandardCharsets.UTF_8);
        live = new LiveWorksheet(
                Delimited.read(table, Choices.NONE, Words.STANDARD)
                        .brought("lots")
                        .worksheet(),
                Limits.USUAL);
        office = OfficeWriter.write(live);
        open = OpenDocumentWriter.write(live);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (SXSSFWorkbook workbook = new SXSSFWorkbook()) {
            var sheet = workbook.createSheet("lots");
            for (int i = 0; i < LINES; i++) {
                var row = sheet.createRow(i);
                row.createCell(0).setCellValue("lot " + i);
                for (int column = 1; column < 10; column++) {
                    row.createCell(column).setCellValue(random.nextInt(10_000) / 100.0);
                }
            }
            workbook.write(bytes);
        }
        foreign = bytes.toByteArray();
    }

    /** What POI makes of the foreign file, and nothing more. */
    @Benchmark
    public int modelOfPoi() throws IOException {
        try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(foreign))) {
            return workbook.getSheetAt(0).getLastRowNum();
        }
    }

    /** A worksheet of the foreign file. */
    @Benchmark
    public Brought foreignIn() {
        return BookReader.read(OfficeReader.read(foreign), "lots", Words.STANDARD);
    }

    /** A workbook of our own, with the worksheet inside, which is compared with its cells. */
    @Benchmark
    public Brought officeIn() {
        return BookReader.read(OfficeReader.read(office), "lots", Words.STANDARD);
    }

    /** The same from OpenDocument. */
    @Benchmark
    public Brought openIn() {
        return BookReader.read(OpenDocumentReader.read(open), "lots", Words.STANDARD);
    }

    @Benchmark
    public int officeOut() {
        return OfficeWriter.write(live).length;
    }

    @Benchmark
    public int openOut() {
        return OpenDocumentWriter.write(live).length;
    }
}
