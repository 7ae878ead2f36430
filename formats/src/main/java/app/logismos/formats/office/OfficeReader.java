package app.logismos.formats.office;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.Drawn;
import app.logismos.formats.book.FormatCode;
import app.logismos.formats.document.PartStream;
import app.logismos.formats.document.Unreadable;
import app.logismos.formats.document.Xml;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.number.Rational;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.openxml4j.opc.PackageRelationship;
import org.apache.poi.openxml4j.util.ZipSecureFile;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.xssf.eventusermodel.ReadOnlySharedStringsTable;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.model.Comments;
import org.apache.poi.xssf.model.StylesTable;
import org.apache.poi.xssf.usermodel.XSSFComment;
import org.apache.poi.xssf.usermodel.XSSFRelation;
import org.jspecify.annotations.Nullable;
import org.xml.sax.SAXException;

/** Reads an Office Open XML workbook, cell by cell; nothing that it refers to outside is followed. */
public final class OfficeReader {
    private static final int MOST_CELLS = 2_000_000;

    /** Of more than that the values stay. */
    private static final int MOST_WHAT_IFS = 100;

    private static final long LARGEST_PART = 512L << 20;
    private static final long LARGEST_STYLES = 8L << 20;
    private static final long LARGEST_STRINGS = 128L << 20;
    private static final LocalDate DAY_ZERO_1904 = LocalDate.of(1904, 1, 1);
    private static final int FALSE_DAY = 60;
    private static final int PIXELS_OF_CHARACTER = 7;
    private static final Pattern DAY_PARTS = Pattern.compile("[yd]", Pattern.CASE_INSENSITIVE);

    static {
        // What unpacks to more than that is refused as it is read; how tightly it was packed says nothing then.
        ZipSecureFile.setMaxEntrySize(LARGEST_PART);
        ZipSecureFile.setMinInflateRatio(0.001);
    }

    private final OPCPackage document;
    private final XSSFReader reader;
    private final List<String> told = new ArrayList<>();
    private final List<Drawn> charts = new ArrayList<>();
    private final Set<String> leftOut = new LinkedHashSet<>();
    private final Map<Integer, Format> formats = new HashMap<>();
    private final StructuredReferences tables = new StructuredReferences();
    private ReadOnlySharedStringsTable strings;
    private StylesTable styles;
    private boolean is1904;
    private int cells;

    private OfficeReader(OPCPackage document) throws IOException, OpenXML4JException {
        this.document = document;
        this.reader = new XSSFReader(document);
    }

    /** What a cell's format says about its number. */
    private record Format(boolean isMoment, boolean hasDay, String style) {}

    /**
     * The workbook.
     *
     * @throws Unreadable where it is none, is cut off, or is larger than is read
     */
    public static Book read(byte[] bytes) {
        Path file = null;
        Path rewritten = null;
        try {
            // From a file the parts are unpacked one at a time.
            file = Files.createTempFile("workbook", ".xlsx");
            Files.write(file, bytes);
            if (StrictForm.is(file)) {
                rewritten = Files.createTempFile("workbook", ".xlsx");
                StrictForm.rewrite(file, rewritten);
                Files.move(rewritten, file, StandardCopyOption.REPLACE_EXISTING);
            }
            OPCPackage document = OPCPackage.open(file.toFile(), PackageAccess.READ);
            try {
                return new OfficeReader(document).book();
            } finally {
                document.revert();
            }
        } catch (Unreadable said) {
            throw said;
        } catch (IOException | OpenXML4JException | SAXException | XMLStreamException | RuntimeException broken) {
            throw new Unreadable(reason(broken));
        } finally {
            delete(file);
            delete(rewritten);
        }
    }

    private static void delete(@Nullable Path file) {
        try {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException kept) {
            throw new UncheckedIOException(kept);
        }
    }

    private static String reason(Throwable broken) {
        String says = String.valueOf(broken.getMessage());
        return says.contains("Zip bomb") || says.contains("size of the entry")
                ? "This document unpacks to far more than it seems to hold. It is not read."
                : "This workbook is damaged or cut off, or it is no workbook. Open it in the program it comes from and save"
                        + " it again.";
    }

    private Book book() throws IOException, OpenXML4JException, SAXException, XMLStreamException {
        checkSizes();
        strings = strings();
        styles = reader.getStylesTable();
        List<Book.Named> names = new ArrayList<>();
        List<String> titles = new ArrayList<>();
        readWorkbook(names, titles);
        List<Book.Sheet> sheets = new ArrayList<>();
        readTables();
        XSSFReader.SheetIterator parts = (XSSFReader.SheetIterator) reader.getSheetsData();
        while (parts.hasNext()) {
            try (InputStream part = parts.next()) {
                Book.Sheet sheet = new Book.Sheet(parts.getSheetName());
                new SheetReading(sheet).read(PartStream.ofXml(part, LARGEST_PART));
                tellOfRelated(parts.getSheetPart());
                OfficeCharts.read(parts.getSheetPart(), sheet.title(), charts, leftOut);
                readComments(parts.getSheetComments(), sheet);
                sheets.add(sheet);
            }
        }
        if (sheets.isEmpty()) {
            throw new Unreadable("There is no sheet of cells in this workbook.");
        }
        if (!leftOut.isEmpty()) {
            told.add("Left out: " + String.join(", ", leftOut) + ".");
        }
        String title = document.getPackageProperties().getTitleProperty().orElse("");
        return new Book(
                Dialect.OFFICE_OPEN_XML,
                is1904 ? DAY_ZERO_1904 : Book.USUAL_DAY_ZERO,
                title,
                sheets,
                names,
                charts,
                KeptPart.of(document),
                told);
    }

    private ReadOnlySharedStringsTable strings() throws IOException, SAXException {
        for (PackagePart part : document.getPartsByContentType(XSSFRelation.SHARED_STRINGS.getContentType())) {
            try (InputStream in = PartStream.ofXml(part.getInputStream(), LARGEST_STRINGS)) {
                return new ReadOnlySharedStringsTable(in);
            }
        }
        return new ReadOnlySharedStringsTable(document);
    }

    private void checkSizes() throws OpenXML4JException {
        for (PackagePart part : document.getParts()) {
            String name = part.getPartName().getName();
            long most = name.endsWith("styles.xml") || name.contains("/comments")
                    ? LARGEST_STYLES
                    : name.endsWith("sharedStrings.xml") ? LARGEST_STRINGS : LARGEST_PART;
            if (part.getSize() > most) {
                throw new Unreadable("A part of this workbook, " + name + ", unpacks to more than is read.");
            }
            if (name.endsWith(".bin") && name.contains("vbaProject")) {
                leftOut.add("macros");
            }
        }
    }

    private void readWorkbook(List<Book.Named> names, List<String> titles)
            throws IOException, OpenXML4JException, XMLStreamException {
        try (InputStream part = reader.getWorkbookData()) {
            XMLStreamReader xml = Xml.reader(part);
            while (xml.hasNext()) {
                if (xml.next() != XMLStreamConstants.START_ELEMENT) {
                    continue;
                }
                switch (xml.getLocalName()) {
                    case "workbookPr" -> is1904 = isTrue(xml.getAttributeValue(null, "date1904"));
                    case "sheet" -> {
                        String sheet = xml.getAttributeValue(null, "name");
                        titles.add(sheet);
                        String state = xml.getAttributeValue(null, "state");
                        if ("hidden".equals(state) || "veryHidden".equals(state)) {
                            told.add("The sheet `" + sheet + "` was hidden; here it is shown.");
                        }
                    }
                    case "definedName" -> {
                        String name = xml.getAttributeValue(null, "name");
                        String local = xml.getAttributeValue(null, "localSheetId");
                        Optional<String> sheet = Optional.ofNullable(local)
                                .map(Integer::parseInt)
                                .filter(at -> at >= 0 && at < titles.size())
                                .map(titles::get);
                        String means = xml.getElementText();
                        if (name != null && !name.startsWith("_xlnm.")) {
                            names.add(new Book.Named(name, means, sheet));
                        }
                    }
                    case "externalReference" -> leftOut.add("links to other documents");
                    default -> {}
                }
            }
        }
    }

    private static boolean isTrue(String value) {
        return "1".equals(value) || "true".equals(value);
    }

    private void readTables() throws IOException, OpenXML4JException, XMLStreamException {
        XSSFReader.SheetIterator parts = (XSSFReader.SheetIterator) reader.getSheetsData();
        while (parts.hasNext()) {
            try (InputStream unused = parts.next()) {
                PackagePart part = parts.getSheetPart();
                for (PackageRelationship each : part.getRelationshipsByType(XSSFRelation.TABLE.getRelation())) {
                    try (InputStream table = part.getRelatedPart(each).getInputStream()) {
                        tables.read(Xml.reader(table), parts.getSheetName());
                    }
                }
            }
        }
    }

    private void tellOfRelated(PackagePart part) throws OpenXML4JException {
        for (PackageRelationship each : part.getRelationships()) {
            String type = each.getRelationshipType();
            if (type.endsWith("/pivotTable")) {
                leftOut.add("pivot tables (their values were brought in)");
            } else if (type.endsWith("/hyperlink")) {
                leftOut.add("links");
            } else if (type.endsWith("/oleObject") || type.endsWith("/control")) {
                leftOut.add("embedded objects");
            }
        }
    }

    private static void readComments(Comments comments, Book.Sheet sheet) {
        if (comments == null) {
            return;
        }
        comments.getCellAddresses().forEachRemaining(at -> {
            XSSFComment comment = comments.findCellComment(at);
            if (comment != null && Address.isInside(at.getColumn(), at.getRow())) {
                sheet.remarks()
                        .put(
                                new Address(at.getColumn(), at.getRow()),
                                comment.getString().getString());
            }
        });
    }

    private Format format(int style) {
        return formats.computeIfAbsent(style, each -> {
            if (each < 0 || each >= styles.getNumCellStyles()) {
                return new Format(false, false, "");
            }
            short index = styles.getStyleAt(each).getDataFormat();
            String code = styles.getStyleAt(each).getDataFormatString();
            String plain = code == null ? "General" : code;
            boolean isElapsed = plain.matches(".*\\[(?:h+|m+|s+)].*");
            boolean isMoment = !isElapsed && DateUtil.isADateFormat(index, plain);
            String bare = plain.replaceAll("\"[^\"]*\"|\\[[^]]*]", "");
            return new Format(isMoment, DAY_PARTS.matcher(bare).find(), isMoment ? "" : FormatCode.style(plain));
        });
    }

    /** A number of a cell whose format shows it as a date or time. */
    private Value moment(double serial, boolean hasDay, Value number) {
        double days = Math.floor(serial);
        long millis = Math.round((serial - days) * 86_400_000);
        if (serial < 0 || serial >= 2_958_466 || !is1904 && days == FALSE_DAY && hasDay) {
            return number;
        }
        LocalTime time = LocalTime.ofNanoOfDay(Math.min(millis, 86_399_999) * 1_000_000);
        if (days == 0 && !hasDay) {
            return new Moment.Time(time);
        }
        if (!is1904 && days == 0) {
            return number;
        }
        long shift = !is1904 && days < FALSE_DAY ? 1 : 0; // before the false day of 1900
        LocalDate day = (is1904 ? DAY_ZERO_1904 : Book.USUAL_DAY_ZERO).plusDays((long) days + shift);
        return millis == 0 && hasDay ? new Moment.Date(day) : new Moment.DateTime(day.atTime(time));
    }

    /** One sheet as it is read. */
    private final class SheetReading {
        private final Book.Sheet sheet;
        private final Map<Integer, Book.Formula> shared = new HashMap<>();
        private final List<WhatIf> whatIfs = new ArrayList<>();
        private int row = -1;
        private int column = -1;

        SheetReading(Book.Sheet sheet) {
            this.sheet = sheet;
        }

        void read(InputStream part) throws XMLStreamException {
            XMLStreamReader xml = Xml.reader(part);
            boolean isInCells = false;
            boolean isInColumns = false;
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.END_ELEMENT
                        && xml.getLocalName().equals("sheetData")) {
                    isInCells = false;
                }
                if (event != XMLStreamConstants.START_ELEMENT) {
                    continue;
                }
                if (isInCells) {
                    cells(xml);
                    continue;
                }
                switch (xml.getLocalName()) {
                    case "sheetData" -> {
                        isInCells = true;
                        isInColumns = false;
                    }
                    case "pane" -> pane(xml);
                    case "cols" -> isInColumns = true;
                    case "col" -> {
                        if (isInColumns) {
                            columns(xml);
                        }
                    }
                    case "mergeCell" -> leftOut.add("merging of cells (each keeps its own)");
                    case "dataValidation" -> leftOut.add("rules of what may be entered");
                    case "conditionalFormatting" -> leftOut.add("colours by rule");
                    default -> {}
                }
            }
            whatIfs.forEach(each -> each.put(sheet));
        }

        private void cells(XMLStreamReader xml) throws XMLStreamException {
            if (xml.getLocalName().equals("c")) {
                cell(xml);
            } else if (xml.getLocalName().equals("row")) {
                String number = xml.getAttributeValue(null, "r");
                row = number == null ? row + 1 : Integer.parseInt(number) - 1;
                column = -1;
                if (isTrue(xml.getAttributeValue(null, "hidden"))) {
                    sheet.hiddenRows().add(row);
                }
            }
        }

        private void pane(XMLStreamReader xml) {
            String split = xml.getAttributeValue(null, "ySplit");
            if ("frozen".equals(xml.getAttributeValue(null, "state")) && split != null) {
                sheet.setHeadings((int) Double.parseDouble(split));
            }
        }

        private void columns(XMLStreamReader xml) {
            int first = Integer.parseInt(xml.getAttributeValue(null, "min")) - 1;
            int last = Integer.parseInt(xml.getAttributeValue(null, "max")) - 1;
            String width = xml.getAttributeValue(null, "width");
            if (last - first > 1_000) {
                return;
            }
            for (int each = Math.max(0, first); each <= last; each++) {
                if (isTrue(xml.getAttributeValue(null, "hidden"))) {
                    sheet.hiddenColumns().add(each);
                } else if (width != null && isTrue(xml.getAttributeValue(null, "customWidth"))) {
                    int pixels = (int) Math.round(Double.parseDouble(width) * PIXELS_OF_CHARACTER + 5);
                    sheet.widths().put(each, Math.max(20, Math.min(pixels, 1_000)));
                }
            }
        }

        private void cell(XMLStreamReader xml) throws XMLStreamException {
            String place = xml.getAttributeValue(null, "r");
            if (place == null) {
                column++;
            } else {
                Address at = Address.parse(place).orElseThrow(() -> tooFar(place));
                column = at.column();
                row = at.row();
            }
            String type = Optional.ofNullable(xml.getAttributeValue(null, "t")).orElse("n");
            String style = xml.getAttributeValue(null, "s");
            Format format = format(style == null ? -1 : Integer.parseInt(style));
            Optional<Book.Formula> formula = Optional.empty();
            String text = null;
            while (xml.next() != XMLStreamConstants.END_ELEMENT
                    || !xml.getLocalName().equals("c")) {
                if (xml.isStartElement()) {
                    switch (xml.getLocalName()) {
                        case "f" -> formula = Optional.of(formula(xml));
                        case "v" -> text = xml.getElementText();
                        case "is" -> text = inline(xml);
                        default -> {}
                    }
                }
            }
            Value value = text == null ? Blank.BLANK : value(type, text, format);
            if (formula.isPresent() || value != Blank.BLANK) {
                if (++cells > MOST_CELLS) {
                    throw new Unreadable("This workbook has more than 2,000,000 cells. Save a part of it by itself.");
                }
                sheet.put(column, row, new Book.Cell(value, formula, format.style(), ""));
            }
        }

        private static Unreadable tooFar(String place) {
            return new Unreadable("This workbook has the cell " + place + ", and a grid ends at ZZZ1000000.");
        }

        private Book.Formula formula(XMLStreamReader xml) throws XMLStreamException {
            Address at = new Address(column, row);
            String type = xml.getAttributeValue(null, "t");
            String index = xml.getAttributeValue(null, "si");
            String area = xml.getAttributeValue(null, "ref");
            Optional<WhatIf> whatIf = "dataTable".equals(type) ? WhatIf.read(xml) : Optional.empty();
            String text = tables.resolved(xml.getElementText(), sheet.title(), at);
            if ("shared".equals(type) && index != null) {
                int number = Integer.parseInt(index);
                if (!text.isEmpty()) {
                    shared.put(number, new Book.Formula(text, at, Optional.empty()));
                }
                return shared.getOrDefault(number, new Book.Formula(text, at, Optional.empty()));
            }
            if ("dataTable".equals(type)) {
                whatIf.filter(each -> whatIfs.size() < MOST_WHAT_IFS).ifPresent(whatIfs::add);
                return new Book.Formula("TABLE()", at, Optional.empty());
            }
            return new Book.Formula(
                    text, at, "array".equals(type) && area != null ? Area.parse(area) : Optional.empty());
        }

        private static String inline(XMLStreamReader xml) throws XMLStreamException {
            StringBuilder text = new StringBuilder();
            while (xml.next() != XMLStreamConstants.END_ELEMENT
                    || !xml.getLocalName().equals("is")) {
                if (xml.isStartElement() && xml.getLocalName().equals("t")) {
                    text.append(xml.getElementText());
                } else if (xml.isStartElement() && xml.getLocalName().equals("rPh")) {
                    Xml.skip(xml);
                }
            }
            return text.toString();
        }

        /** A date, a time or both, as ISO 8601 writes them. */
        private static Value written(String text) {
            String[] parts = text.replaceFirst("Z$", "").split("T", 2);
            if (parts.length == 1) {
                return parts[0].contains(":")
                        ? new Moment.Time(LocalTime.parse(parts[0]))
                        : new Moment.Date(LocalDate.parse(parts[0]));
            }
            LocalTime time = LocalTime.parse(parts[1]);
            if (parts[0].isEmpty()) {
                return new Moment.Time(time);
            }
            LocalDate day = LocalDate.parse(parts[0]);
            return time.equals(LocalTime.MIDNIGHT) ? new Moment.Date(day) : new Moment.DateTime(day.atTime(time));
        }

        private Value value(String type, String text, Format format) {
            return switch (type) {
                case "s" ->
                    new Text(strings.getItemAt(Integer.parseInt(text.strip())).getString());
                case "str", "inlineStr" -> new Text(text);
                case "b" -> new Truth(isTrue(text.strip()));
                case "e" -> Failure.of(ErrorCode.NOT_FOUND, "The document has the error " + text + " here.");
                case "d" -> written(text.strip());
                default -> {
                    Value number = new NumberValue(Rational.read(text.strip())
                            .orElseThrow(() -> new Unreadable(
                                    "A cell of this workbook says that it is a number, and holds `" + text + "`.")));
                    yield format.isMoment()
                            ? moment(Double.parseDouble(text.strip()), format.hasDay(), number)
                            : number;
                }
            };
        }
    }
}
