package app.logismos.formats.office;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookWriter;
import app.logismos.formats.book.Errors;
import app.logismos.formats.book.FormatCode;
import app.logismos.formats.foreign.Dialect;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import java.util.zip.Deflater;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.ClientAnchor;
import org.apache.poi.ss.usermodel.Comment;
import org.apache.poi.ss.usermodel.FormulaError;
import org.apache.poi.ss.usermodel.Name;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.ss.util.CellAddress;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.openxmlformats.schemas.spreadsheetml.x2006.main.CTCellFormula;
import org.openxmlformats.schemas.spreadsheetml.x2006.main.STCellFormulaType;
import org.openxmlformats.schemas.spreadsheetml.x2006.main.STCellType;

/** Writes a worksheet as an Office Open XML workbook. */
public final class OfficeWriter {
    /** Larger ones are written as a stream; those may have no formulas that fill several cells. */
    private static final int MOST_IN_MEMORY = 50_000;

    private static final double PIXELS_OF_CHARACTER = 7;
    private static final int LONGEST_TEXT = 32_767;

    private final Workbook workbook;
    private final Map<String, CellStyle> styles = new HashMap<>();

    /** Written line by line, and packed quickly rather than tightly. */
    private static final class Streamed extends SXSSFWorkbook {
        private static final int LINES_IN_MEMORY = 100;

        Streamed(XSSFWorkbook whole) {
            super(whole, LINES_IN_MEMORY, false, false);
        }

        @Override
        protected ZipArchiveOutputStream createArchiveOutputStream(OutputStream out) {
            ZipArchiveOutputStream archive = super.createArchiveOutputStream(out);
            archive.setLevel(Deflater.BEST_SPEED);
            return archive;
        }
    }

    private OfficeWriter(Workbook workbook) {
        this.workbook = workbook;
    }

    /** The document. */
    public static byte[] write(LiveWorksheet live) {
        return bytes(BookWriter.write(live, Dialect.OFFICE_OPEN_XML));
    }

    /** A book as such a document. */
    public static byte[] bytes(Book book) {
        long cells = book.sheets().stream()
                .flatMap(sheet -> sheet.rows().values().stream())
                .mapToLong(Map::size)
                .sum();
        XSSFWorkbook whole = new XSSFWorkbook();
        try (Workbook workbook = cells > MOST_IN_MEMORY ? new Streamed(whole) : whole) {
            whole.getProperties().getCoreProperties().setTitle(book.title());
            new OfficeWriter(workbook).put(book);
            draw(book, whole);
            if (book.kept().isPresent()) {
                KeptPart.put(
                        whole.getPackage(), whole.getPackagePart(), book.kept().get());
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            workbook.write(bytes);
            return bytes.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (OpenXML4JException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static void draw(Book book, XSSFWorkbook whole) {
        Map<String, Book.Sheet> sheets = new HashMap<>();
        book.sheets().forEach(sheet -> sheets.put(sheet.title(), sheet));
        Map<String, OfficeDrawing> drawings = new HashMap<>();
        book.charts()
                .forEach(drawn -> drawings.computeIfAbsent(
                                drawn.sheet(),
                                title -> new OfficeDrawing(
                                        sheets,
                                        whole.getSheet(title),
                                        sheets.get(title).lines() + 1))
                        .add(drawn));
    }

    private void put(Book book) {
        for (Book.Sheet each : book.sheets()) {
            Sheet sheet = workbook.createSheet(each.title());
            if (each.headings() > 0) {
                sheet.createFreezePane(0, each.headings());
            }
            each.widths()
                    .forEach((column, pixels) -> sheet.setColumnWidth(column, (int)
                            Math.min(255 * 256, Math.max(0, (pixels - 5) / PIXELS_OF_CHARACTER * 256))));
            each.hiddenColumns().forEach(column -> sheet.setColumnHidden(column, true));
            each.rows().forEach((number, line) -> {
                Row row = sheet.createRow(number);
                if (each.hiddenRows().contains(number)) {
                    row.setZeroHeight(true);
                }
                line.forEach((column, cell) -> put(cell, row.createCell(column)));
            });
            each.hiddenRows().stream()
                    .filter(number -> !each.rows().containsKey(number) && workbook instanceof XSSFWorkbook)
                    .forEach(number -> sheet.createRow(number).setZeroHeight(true));
            remarks(each, sheet);
        }
        for (Book.Named each : book.names()) {
            Name name = workbook.createName();
            name.setNameName(each.name());
            name.setRefersToFormula(each.means());
        }
    }

    private void remarks(Book.Sheet from, Sheet sheet) {
        from.remarks().forEach((at, text) -> {
            ClientAnchor anchor = workbook.getCreationHelper().createClientAnchor();
            anchor.setCol1(at.column() + 1);
            anchor.setRow1(at.row());
            anchor.setCol2(at.column() + 4);
            anchor.setRow2(at.row() + 4);
            Comment comment = sheet.createDrawingPatriarch().createCellComment(anchor);
            comment.setAddress(new CellAddress(at.row(), at.column()));
            comment.setString(workbook.getCreationHelper().createRichTextString(text));
        });
    }

    private void put(Book.Cell from, Cell cell) {
        String code = code(from);
        if (!code.equals("General")) {
            cell.setCellStyle(styles.computeIfAbsent(code, each -> {
                CellStyle style = workbook.createCellStyle();
                style.setDataFormat(workbook.createDataFormat().getFormat(each));
                return style;
            }));
        }
        if (from.formula().isEmpty()) {
            putValue(from.value(), cell);
        } else if (cell instanceof XSSFCell whole) {
            putFormula(from, from.formula().get(), whole);
        } else if (from.formula().get().array().isPresent()) {
            putValue(from.value(), cell);
        } else {
            cell.setCellFormula(from.formula().get().text());
            putValue(from.value(), cell);
        }
    }

    /** The formula as it is spelled: the library's own reading of it lacks functions that the standard has. */
    private static void putFormula(Book.Cell from, Book.Formula formula, XSSFCell cell) {
        putValue(from.value(), cell);
        if (from.value() instanceof Text text) {
            cell.getCTCell().setT(STCellType.STR);
            cell.getCTCell().setV(text.text());
        }
        CTCellFormula spelled = cell.getCTCell().addNewF();
        spelled.setStringValue(formula.text());
        formula.array().ifPresent(area -> {
            spelled.setT(STCellFormulaType.ARRAY);
            spelled.setRef(area.toString());
        });
    }

    private static String code(Book.Cell cell) {
        return cell.value() instanceof Moment moment
                ? moment instanceof Moment.Date
                        ? "yyyy\\-mm\\-dd"
                        : moment instanceof Moment.Time ? "hh:mm:ss" : "yyyy\\-mm\\-dd\\ hh:mm:ss"
                : FormatCode.code(cell.style(), cell.unit());
    }

    private static void putValue(Value value, Cell cell) {
        if (value instanceof NumberValue number) {
            cell.setCellValue(number.real().toDouble());
        } else if (value instanceof Text text) {
            cell.setCellValue(
                    text.text().length() <= LONGEST_TEXT
                            ? text.text()
                            : text.text().substring(0, LONGEST_TEXT));
        } else if (value instanceof Truth truth) {
            cell.setCellValue(truth.holds());
        } else if (value instanceof Moment moment) {
            cell.setCellValue(Book.days(moment));
        } else if (value instanceof Failure failure) {
            cell.setCellErrorValue(
                    FormulaError.forString(Errors.spelled(failure)).getCode());
        }
    }
}
