package app.logismos.formats.office;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Words;
import app.logismos.formats.Archives;
import app.logismos.formats.book.BookReader;
import app.logismos.formats.document.Brought;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Transcript;
import app.logismos.sheet.Worksheet;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.util.CellAddress;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFComment;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFTable;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openxmlformats.schemas.spreadsheetml.x2006.main.CTCellFormula;
import org.openxmlformats.schemas.spreadsheetml.x2006.main.STCellFormulaType;

class OfficeTest {
    @Test
    void whatWasChangedElsewhereComesInAndTheRestAsItWas() throws IOException {
        Worksheet worksheet = tea("12 kg", "=A1*2 EUR/kg", "=sin(x)", "leaf");
        byte[] document = OfficeWriter.write(new LiveWorksheet(worksheet, Limits.USUAL));
        ByteArrayOutputStream changed = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(document))) {
            XSSFSheet sheet = workbook.getSheet("Tea");
            sheet.getRow(3).getCell(0).setCellValue("tin");
            sheet.createRow(4).createCell(0).setCellFormula("SUM(A1,3)");
            XSSFComment remark = sheet.createDrawingPatriarch()
                    .createCellComment(workbook.getCreationHelper().createClientAnchor());
            remark.setAddress(new CellAddress("A1"));
            remark.setString("weighed twice");
            workbook.write(changed);
        }
        Brought brought = BookReader.read(OfficeReader.read(changed.toByteArray()), "", Words.STANDARD);
        assertThat(brought.worksheet()
                        .outline()
                        .grids()
                        .findFirst()
                        .orElseThrow()
                        .remarks())
                .isEqualTo(Map.of("A1", "weighed twice"));
        assertThat(texts(brought.worksheet(), 5))
                .containsExactly("12 kg", "=A1*2 EUR/kg", "=sin(x)", "tin", "=sum(A1; 3)");
        assertThat(brought.told())
                .containsExactly("2 cells were changed in another program and came in so: A4 of `Tea`, A5 of `Tea`.");
    }

    @Test
    void aFormulaStandsInTheDocumentWhereItIsWorthTheSameThere() throws IOException {
        Worksheet worksheet = tea(
                "500 g",
                "=A1*18 EUR/kg",
                "=-2^2",
                "=2^3^2",
                "=A1 to kg",
                "=\"a\"=\"A\"",
                "=sin(30°)",
                "=7 mod 4",
                "f(x) = x^2+1",
                "=f(3)",
                "=derivative(x^2, x)",
                "=2027-03-01",
                "=atan2(1, 2)",
                "=log(8, base: 2)",
                "=missing");
        String[] formulas = {
            "",
            "(A1*18)/1000",
            "-(2^2)",
            "2^(3^2)",
            "(A1)/1000",
            "EXACT(\"a\",\"A\")",
            "SIN(RADIANS(30))",
            "MOD(7,4)",
            "",
            "3^2+1",
            "",
            "2027-3-1",
            "ATAN2(2, 1)",
            "LOG(8,2)",
            "",
        };
        double[] values = {500, 9, -4, 512, 0.5, 0, 0.5, 3, 0, 10, 0, 2023, Math.atan2(1, 2), 3, 0};
        byte[] document = OfficeWriter.write(new LiveWorksheet(worksheet, Limits.USUAL));
        try (XSSFWorkbook workbook = new XSSFWorkbook(new ByteArrayInputStream(document))) {
            XSSFSheet sheet = workbook.getSheet("Tea");
            for (int row = 0; row < formulas.length; row++) {
                XSSFCell cell = sheet.getRow(row).getCell(0);
                boolean hasFormula = cell.getCellType() == CellType.FORMULA;
                assertThat(hasFormula ? cell.getCellFormula() : "")
                        .as("row " + row)
                        .isEqualTo(formulas[row]);
                CellType kind = hasFormula ? cell.getCachedFormulaResultType() : cell.getCellType();
                if (kind == CellType.NUMERIC) {
                    assertThat(cell.getNumericCellValue()).as("row " + row).isEqualTo(values[row]);
                }
            }
            assertThat(sheet.getRow(0).getCell(0).getCellStyle().getDataFormatString())
                    .isEqualTo("General\" g\"");
        }
    }

    @Test
    void sharedAndArrayFormulasTablesNamesAndOldDatesComeIn() throws IOException {
        Brought brought = BookReader.read(OfficeReader.read(lots()), "", Words.STANDARD);
        Worksheet worksheet = brought.worksheet();
        assertThat(brought.compared().orElseThrow().differ()).isEmpty();
        assertThat(brought.compared().orElseThrow().kept()).isEmpty();
        assertThat(brought.compared().orElseThrow().agree()).isEqualTo(7);
        assertThat(worksheet.textIn("grid-1", new Address(1, 3))).isEqualTo("=A4*2");
        assertThat(worksheet.textIn("grid-1", new Address(3, 0))).isEqualTo("=sum(Lots.$A$2:$A$4)");
        assertThat(worksheet.textIn("grid-1", new Address(3, 1))).isEqualTo("=Lots.$A$2");
        assertThat(worksheet.textIn("grid-1", new Address(3, 2))).isEqualTo("=A2:A3+1");
        assertThat(worksheet.textIn("grid-1", new Address(3, 3))).isEmpty();
        assertThat(worksheet.textIn("grid-1", new Address(4, 0))).isEqualTo("1905-01-01");
        assertThat(worksheet.textIn("grid-1", new Address(4, 1))).isEqualTo("=mean(kilos)");
    }

    /** The strict form differs in the names of its namespaces and relationships, and in dates that are written out. */
    @Test
    void theStrictFormIsReadAsTheUsualOne() throws IOException {
        byte[] usual = lots();
        byte[] strict = Archives.changed(
                usual,
                text -> text.replace(
                                "http://schemas.openxmlformats.org/officeDocument/2006/relationships/extended-properties",
                                "http://purl.oclc.org/ooxml/officeDocument/relationships/extendedProperties")
                        .replace(
                                "http://schemas.openxmlformats.org/officeDocument/2006/",
                                "http://purl.oclc.org/ooxml/officeDocument/")
                        .replace(
                                "http://schemas.openxmlformats.org/spreadsheetml/2006/",
                                "http://purl.oclc.org/ooxml/spreadsheetml/"));
        Brought one = BookReader.read(OfficeReader.read(usual), "", Words.STANDARD);
        Brought other = BookReader.read(OfficeReader.read(strict), "", Words.STANDARD);
        assertThat(Transcript.of(other.worksheet())).isEqualTo(Transcript.of(one.worksheet()));
        assertThat(other.compared()).isEqualTo(one.compared());
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "2027-03-01,                2027-03-01",
        "2027-03-01T00:00:00,       2027-03-01",
        "2027-03-01T00:00:00.000Z,  2027-03-01",
        "2027-03-01T14:30:00,       2027-03-01T14:30:00",
        "T14:30:00,                 14:30:00",
        "14:30:00,                  14:30:00",
    })
    void aDateThatIsWrittenOutKeepsItsTime(String written, String entry) throws IOException {
        byte[] document = Archives.changed(
                lots(),
                text -> text.replaceAll(
                        "<c r=\"E1\"[^>]*><v>366.0</v></c>", "<c r=\"E1\" t=\"d\"><v>" + written + "</v></c>"));
        Brought brought = BookReader.read(OfficeReader.read(document), "", Words.STANDARD);
        assertThat(brought.worksheet().textIn("grid-1", new Address(4, 0))).isEqualTo(entry);
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "r1=\"B1\"                                   | D2:D3 | =with(D1; B1: C2) | =with(D1; B1: C3)",
                "r1=\"B1\" dt2D=\"0\" dtr=\"1\"              | D2:E2 | =with(C2; B1: D1) | =with(C2; B1: E1)",
                "r1=\"B1\" r2=\"B2\" dt2D=\"1\" dtr=\"1\"    | D2:E3 | =with(C1; B1: D1; B2: C2) | =with(C1; B1: E1; B2: C3)",
            })
    void cellsOfWhatIfAskForOtherValues(String kind, String area, String first, String last) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            XSSFSheet sheet = workbook.createSheet("Lots");
            for (int row = 0; row < 3; row++) {
                sheet.createRow(row);
                for (int column = 1; column < 5; column++) {
                    sheet.getRow(row).createCell(column).setCellValue(10 * row + column);
                }
            }
            CTCellFormula formula = sheet.getRow(1).getCell(3).getCTCell().addNewF();
            formula.setStringValue("WHATIF");
            workbook.write(bytes);
        }
        byte[] document = Archives.changed(
                bytes.toByteArray(),
                text -> text.replace("<f>WHATIF</f>", "<f t=\"dataTable\" ref=\"" + area + "\" " + kind + "/>"));
        Worksheet worksheet =
                BookReader.read(OfficeReader.read(document), "", Words.STANDARD).worksheet();
        Address end = Area.parse(area).orElseThrow().last();
        assertThat(worksheet.textIn("grid-1", new Address(3, 1))).isEqualTo(first);
        assertThat(worksheet.textIn("grid-1", end)).isEqualTo(last);
    }

    @Test
    void sheetsThatWereHiddenAreTold() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            workbook.createSheet("Lots").createRow(0).createCell(0).setCellValue(1);
            workbook.createSheet("Prices").createRow(0).createCell(0).setCellValue(2);
            workbook.setSheetHidden(1, true);
            workbook.write(bytes);
        }
        assertThat(BookReader.read(OfficeReader.read(bytes.toByteArray()), "", Words.STANDARD)
                        .told())
                .containsExactly("The sheet `Prices` was hidden; here it is shown.");
    }

    /** With a shared formula, one for an array, a table, a name, and dates from 1904 on. */
    private static byte[] lots() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (XSSFWorkbook workbook = new XSSFWorkbook()) {
            workbook.getCTWorkbook().addNewWorkbookPr().setDate1904(true);
            XSSFSheet sheet = workbook.createSheet("Lots");
            for (int row = 0; row < 4; row++) {
                sheet.createRow(row);
            }
            sheet.getRow(0).createCell(0).setCellValue("Kilos");
            sheet.getRow(0).createCell(1).setCellValue("Twice");
            for (int row = 1; row < 4; row++) {
                sheet.getRow(row).createCell(0).setCellValue(row * 10);
                XSSFCell twice = sheet.getRow(row).createCell(1);
                twice.setCellValue(row * 20);
                CTCellFormula formula = twice.getCTCell().addNewF();
                formula.setT(STCellFormulaType.SHARED);
                formula.setSi(0);
                if (row == 1) {
                    formula.setRef("B2:B4");
                    formula.setStringValue("A2*2");
                }
            }
            XSSFTable table = sheet.createTable(
                    workbook.getCreationHelper().createAreaReference(new CellReference("A1"), new CellReference("B4")));
            table.setName("Lot");
            table.setDisplayName("Lot");
            XSSFCell sum = sheet.getRow(0).createCell(3);
            sum.setCellValue(60);
            sum.getCTCell().addNewF().setStringValue("SUM(Lot[Kilos])");
            XSSFCell row = sheet.getRow(1).createCell(3);
            row.setCellValue(10);
            row.getCTCell().addNewF().setStringValue("Lot[[#This Row],[Kilos]]");
            XSSFCell array = sheet.getRow(2).createCell(3);
            array.setCellValue(11);
            CTCellFormula filling = array.getCTCell().addNewF();
            filling.setT(STCellFormulaType.ARRAY);
            filling.setRef("D3:D4");
            filling.setStringValue("A2:A3+1");
            sheet.getRow(3).createCell(3).setCellValue(21);
            CellStyle day = workbook.createCellStyle();
            day.setDataFormat(workbook.createDataFormat().getFormat("yyyy-mm-dd"));
            XSSFCell date = sheet.getRow(0).createCell(4);
            date.setCellValue(366);
            date.setCellStyle(day);
            var name = workbook.createName();
            name.setNameName("kilos");
            name.setRefersToFormula("Lots!$A$2:$A$4");
            XSSFCell named = sheet.getRow(1).createCell(4);
            named.setCellValue(20);
            named.getCTCell().addNewF().setStringValue("AVERAGE(kilos)");
            workbook.write(bytes);
        }
        return bytes.toByteArray();
    }

    private static Worksheet tea(String... entries) {
        Worksheet worksheet = new Worksheet("Tea", List.of(), Words.STANDARD);
        new Edit.AddSection(Section.of("s", "Tea", Block.Grid.of("g", "Tea", entries.length, 2)), 0).apply(worksheet);
        for (int row = 0; row < entries.length; row++) {
            new Edit.Enter("g", List.of(new Edit.Typed(new Address(0, row), entries[row]))).apply(worksheet);
        }
        return worksheet;
    }

    private static List<String> texts(Worksheet worksheet, int count) {
        String grid = worksheet.outline().grids().findFirst().orElseThrow().id();
        return IntStream.range(0, count)
                .mapToObj(row -> worksheet.textIn(grid, new Address(0, row)))
                .toList();
    }
}
