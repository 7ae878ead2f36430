package app.logismos.formats.opendocument;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.Drawn;
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
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reads an OpenDocument spreadsheet, cell by cell; nothing that it refers to outside is followed. */
public final class OpenDocumentReader {
    /** Where the worksheet is kept inside. */
    static final String KEPT = "logismos/worksheet.json";

    private static final int MOST_CELLS = 2_000_000;
    private static final int MOST_REPEATED = 100_000;
    private static final long LARGEST_CONTENT = 512L << 20;
    private static final long LARGEST_PART = 32L << 20;
    private static final String OPEN_FORMULA = "of:";

    /** An object inside; what a path leads to elsewhere is not followed. */
    private static final Pattern CURRENCY = Pattern.compile("[A-Z]{3}");

    private static final Pattern ERROR = Pattern.compile("#(N/A|DIV/0!|VALUE!|REF!|NAME\\?|NUM!|NULL!)|Err:[0-9]{3}");
    private static final Pattern OBJECT = Pattern.compile("(?:\\./)?[A-Za-z0-9 _-]+");

    private final NumberStyles styles = new NumberStyles();
    private final List<Book.Sheet> sheets = new ArrayList<>();
    private final List<Book.Named> names = new ArrayList<>();
    private final List<Drawn> charts = new ArrayList<>();
    private final List<String> hidden = new ArrayList<>();
    private final Set<String> leftOut = new LinkedHashSet<>();
    private LocalDate dayZero = Book.USUAL_DAY_ZERO;
    private final List<Embedded> objects = new ArrayList<>();
    private boolean hasPictures;
    private int cells;

    private OpenDocumentReader() {}

    /**
     * The document.
     *
     * @throws Unreadable where it is none, is cut off, is protected, or is larger than is read
     */
    public static Book read(byte[] bytes) {
        try {
            return new OpenDocumentReader().book(new Archive(bytes));
        } catch (Unreadable said) {
            throw said;
        } catch (IOException | XMLStreamException | RuntimeException broken) {
            throw new Unreadable(
                    "This document is damaged or cut off. Open it in the program it comes from and save it again.");
        }
    }

    private Book book(Archive archive) throws IOException, XMLStreamException {
        if (!archive.isWhole()) {
            throw new IOException("the directory at the end of the archive must be there");
        }
        boolean isProtected = archive.part("META-INF/manifest.xml", LARGEST_PART, this::text)
                .map(manifest -> manifest.contains("encryption-data"))
                .orElse(false);
        if (isProtected) {
            throw new Unreadable("This document is protected by a password. Save it without one where it comes from.");
        }
        archive.part("styles.xml", LARGEST_PART, part -> walk(part, this::style));
        boolean isThere = archive.part("content.xml", LARGEST_CONTENT, part -> walk(part, this::content))
                .isPresent();
        if (!isThere || sheets.isEmpty()) {
            throw new Unreadable("There is no sheet of cells in this document.");
        }
        charts(archive);
        String[] title = {""};
        archive.part(
                "meta.xml",
                LARGEST_PART,
                part -> walk(part, xml -> {
                    if (xml.getLocalName().equals("title")) {
                        title[0] = Part.text(xml);
                    }
                }));
        Optional<byte[]> kept = archive.part(KEPT, LARGEST_CONTENT, InputStream::readAllBytes);
        List<String> told = new ArrayList<>(hidden.stream()
                .map(sheet -> "The sheet `" + sheet + "` was hidden; here it is shown.")
                .toList());
        if (!leftOut.isEmpty()) {
            told.add("Left out: " + String.join(", ", leftOut) + ".");
        }
        return new Book(Dialect.OPEN_FORMULA, dayZero, title[0], sheets, names, charts, kept, told);
    }

    private String text(InputStream part) throws IOException {
        return new String(part.readAllBytes(), StandardCharsets.UTF_8);
    }

    /** Something that lies on a sheet, in a folder of the document. */
    private record Embedded(String path, String sheet) {}

    /** What reads an element that a reader is at the start of. */
    private interface Reading {
        void read(XMLStreamReader xml) throws XMLStreamException;
    }

    private Boolean walk(InputStream part, Reading reading) throws IOException {
        try {
            XMLStreamReader xml = Xml.reader(part);
            while (xml.hasNext()) {
                if (xml.next() == XMLStreamConstants.START_ELEMENT) {
                    reading.read(xml);
                }
            }
            return true;
        } catch (XMLStreamException broken) {
            throw new IOException(broken);
        }
    }

    private void style(XMLStreamReader xml) throws XMLStreamException {
        styles.read(xml);
    }

    private void content(XMLStreamReader xml) throws XMLStreamException {
        switch (xml.getLocalName()) {
            case "table" -> table(xml);
            case "null-date" ->
                dayZero =
                        Part.attribute(xml, "date-value").map(LocalDate::parse).orElse(dayZero);
            case "named-range" ->
                named(xml, Part.attribute(xml, "cell-range-address").map(range -> "[" + range + "]"), "");
            case "named-expression" ->
                named(xml, Part.attribute(xml, "expression").map(OpenDocumentReader::formula), "");
            case "script", "event-listener" -> leftOut.add("macros");
            case "content-validation" -> leftOut.add("rules of what may be entered");
            case "data-pilot-table" -> leftOut.add("pivot tables (their values were brought in)");
            case "tracked-changes" -> {
                leftOut.add("recorded changes");
                Xml.skip(xml);
            }
            default -> styles.read(xml);
        }
    }

    private void named(XMLStreamReader xml, Optional<String> means, String sheet) {
        Part.attribute(xml, "name")
                .ifPresent(name -> means.ifPresent(formula -> names.add(
                        new Book.Named(name, formula, sheet.isEmpty() ? Optional.empty() : Optional.of(sheet)))));
    }

    private static String formula(String attribute) {
        String text = attribute.startsWith(OPEN_FORMULA) ? attribute.substring(OPEN_FORMULA.length()) : attribute;
        return text.startsWith("=") ? text.substring(1) : text;
    }

    private void table(XMLStreamReader xml) throws XMLStreamException {
        Book.Sheet sheet = new Book.Sheet(Part.attribute(xml, "name").orElse("Sheet " + (sheets.size() + 1)));
        sheets.add(sheet);
        if (Part.attribute(xml, "style-name").filter(styles::isHidden).isPresent()) {
            hidden.add(sheet.title());
        }
        int row = 0;
        int column = 0;
        boolean isHeading = false;
        for (int depth = 1; depth > 0; ) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
                isHeading &= !xml.getLocalName().equals("table-header-rows");
                continue;
            } else if (event != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            switch (xml.getLocalName()) {
                case "table-column" -> {
                    column += columns(xml, sheet, column);
                    Xml.skip(xml);
                }
                case "table-row" -> {
                    row += row(xml, sheet, row);
                    sheet.setHeadings(isHeading ? row : sheet.headings());
                }
                case "shapes" -> drawings(xml, sheet.title());
                case "forms", "table-source", "scenario" -> {
                    leftOut.add("forms and scenarios");
                    Xml.skip(xml);
                }
                case "named-range" -> {
                    depth++;
                    named(
                            xml,
                            Part.attribute(xml, "cell-range-address").map(range -> "[" + range + "]"),
                            sheet.title());
                }
                case "named-expression" -> {
                    depth++;
                    named(xml, Part.attribute(xml, "expression").map(OpenDocumentReader::formula), sheet.title());
                }
                case "table-header-rows" -> {
                    depth++;
                    isHeading = true;
                }
                case "conditional-formats" -> {
                    leftOut.add("colours by rule");
                    Xml.skip(xml);
                }
                default -> depth++;
            }
        }
    }

    private int columns(XMLStreamReader xml, Book.Sheet sheet, int first) {
        int count = Part.number(xml, "number-columns-repeated").orElse(1);
        boolean isHidden = Part.attribute(xml, "visibility").orElse("visible").equals("collapse");
        Optional<Integer> width = Part.attribute(xml, "style-name").flatMap(styles::width);
        for (int i = first; i < first + Math.min(count, 1_000) && count <= 1_000; i++) {
            int column = i;
            width.ifPresent(pixels -> sheet.widths().put(column, pixels));
            if (isHidden) {
                sheet.hiddenColumns().add(column);
            }
        }
        return count;
    }

    /** A cell as it stands in a row, and how many times. */
    private record Repeated(int column, int count, Book.Cell cell) {}

    private int row(XMLStreamReader xml, Book.Sheet sheet, int row) throws XMLStreamException {
        int count = Part.number(xml, "number-rows-repeated").orElse(1);
        boolean isHidden = !Part.attribute(xml, "visibility").orElse("visible").equals("visible");
        List<Repeated> found = new ArrayList<>();
        int column = 0;
        while (xml.next() != XMLStreamConstants.END_ELEMENT) {
            if (!xml.isStartElement()) {
                continue;
            }
            int repeated = Part.number(xml, "number-columns-repeated").orElse(1);
            boolean isCell = xml.getLocalName().equals("table-cell");
            boolean isCovered = xml.getLocalName().equals("covered-table-cell");
            if (!isCell && !isCovered) {
                Xml.skip(xml);
                continue;
            }
            Optional<Book.Cell> cell = cell(xml, sheet, column, row);
            if (cell.isPresent()) {
                found.add(new Repeated(column, repeated, cell.get()));
            }
            column += repeated;
        }
        if (isHidden && count <= MOST_REPEATED) {
            for (int i = row; i < row + count; i++) {
                sheet.hiddenRows().add(i);
            }
        }
        if (!found.isEmpty()) {
            for (int i = 0; i < count; i++) {
                put(sheet, row + i, found);
            }
        }
        return count;
    }

    private void put(Book.Sheet sheet, int row, List<Repeated> found) {
        for (Repeated each : found) {
            for (int i = 0; i < each.count(); i++) {
                if (++cells > MOST_CELLS) {
                    throw new Unreadable("This document has more than 2,000,000 cells. Save a part of it by itself.");
                }
                if (!Address.isInside(each.column() + i, row)) {
                    throw new Unreadable("This document has cells beyond ZZZ1000000, where a grid ends.");
                }
                sheet.put(each.column() + i, row, each.cell());
            }
        }
    }

    private Optional<Book.Cell> cell(XMLStreamReader xml, Book.Sheet sheet, int column, int row)
            throws XMLStreamException {
        String type = Part.attribute(xml, "value-type").orElse("");
        String shown = Part.attribute(xml, "value").orElse("");
        Optional<String> currency = Part.attribute(xml, "currency").filter(CURRENCY.asMatchPredicate());
        Optional<String> spelled = Part.attribute(xml, "formula");
        Optional<String> date = Part.attribute(xml, "date-value");
        Optional<String> time = Part.attribute(xml, "time-value");
        Optional<String> truth = Part.attribute(xml, "boolean-value");
        Optional<String> string = Part.attribute(xml, "string-value");
        boolean isError = isError(xml);
        String named = styles.ofCell(Part.attribute(xml, "style-name").orElse(null));
        Optional<Area> array = array(xml, column, row);
        if (Part.number(xml, "number-columns-spanned").orElse(1) > 1
                || Part.number(xml, "number-rows-spanned").orElse(1) > 1) {
            leftOut.add("merging of cells (each keeps its own)");
        }
        String text = inside(xml, sheet, column, row);
        if (!Address.isInside(column, row)) {
            return Optional.empty();
        }
        Value value = switch (type) {
            case "float", "percentage", "currency" ->
                new NumberValue(Rational.read(shown)
                        .orElseThrow(() ->
                                new Unreadable("A cell of this document says that it is a number, and holds `"
                                        + shown.substring(0, Math.min(40, shown.length())) + "`.")));
            case "date" -> date.map(OpenDocumentReader::date).orElse(Blank.BLANK);
            case "time" -> time.map(OpenDocumentReader::time).orElse(Blank.BLANK);
            case "boolean" -> new Truth(truth.orElse("").equals("true"));
            case "string" -> new Text(string.orElse(text));
            default -> Blank.BLANK;
        };
        if (spelled.isPresent() && (isError || isErrorText(text)) && value instanceof Text) {
            value = Failure.of(ErrorCode.NOT_FOUND, "The document has the error " + text + " here.");
        }
        String usual = type.equals("percentage")
                ? "percent"
                : currency.map(code -> "currency " + code).orElse("");
        String style = value instanceof Moment ? "" : named.isEmpty() ? usual : named;
        Optional<Book.Formula> formula = spelled.filter(each -> !isErrorText(formula(each)))
                .map(each -> new Book.Formula(formula(each), new Address(column, row), array));
        return formula.isEmpty() && value == Blank.BLANK
                ? Optional.empty()
                : Optional.of(new Book.Cell(value, formula, style, ""));
    }

    /** Some programs say in an attribute of their own that a formula failed. */
    private static boolean isError(XMLStreamReader xml) {
        for (int i = 0; i < xml.getAttributeCount(); i++) {
            if (xml.getAttributeLocalName(i).equals("value-type")
                    && xml.getAttributeValue(i).equals("error")) {
                return true;
            }
        }
        return false;
    }

    private static boolean isErrorText(String text) {
        return ERROR.matcher(text).matches();
    }

    private static Optional<Area> array(XMLStreamReader xml, int column, int row) {
        Optional<Integer> columns = Part.number(xml, "number-matrix-columns-spanned");
        Optional<Integer> rows = Part.number(xml, "number-matrix-rows-spanned");
        if (columns.isEmpty() && rows.isEmpty()) {
            return Optional.empty();
        }
        int right = column + Math.max(1, columns.orElse(1)) - 1;
        int bottom = row + Math.max(1, rows.orElse(1)) - 1;
        return Address.isInside(right, bottom)
                ? Optional.of(new Area(new Address(column, row), new Address(right, bottom)))
                : Optional.empty();
    }

    private static Value date(String iso) {
        return iso.indexOf('T') < 0
                ? new Moment.Date(LocalDate.parse(iso))
                : new Moment.DateTime(LocalDateTime.parse(iso.replaceFirst("Z$", "")));
    }

    /** A duration; one of less than a day is a time of day. */
    private static Value time(String iso) {
        Duration length = Duration.parse(iso.replace(',', '.'));
        return !length.isNegative() && length.compareTo(Duration.ofDays(1)) < 0
                ? new Moment.Time(LocalTime.ofNanoOfDay(length.toNanos()))
                : new NumberValue(Rational.of(length.toMillis(), 86_400_000));
    }

    private String inside(XMLStreamReader xml, Book.Sheet sheet, int column, int row) throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        boolean isFirst = true;
        while (xml.next() != XMLStreamConstants.END_ELEMENT) {
            if (!xml.isStartElement()) {
                continue;
            }
            switch (xml.getLocalName()) {
                case "p" -> {
                    text.append(isFirst ? "" : "\n").append(Part.text(xml));
                    isFirst = false;
                }
                case "annotation" -> {
                    String remark = remark(xml);
                    if (!remark.isBlank() && Address.isInside(column, row)) {
                        sheet.remarks().put(new Address(column, row), remark);
                    }
                }
                case "frame", "g" -> drawings(xml, sheet.title());
                case "control", "custom-shape" -> {
                    leftOut.add("pictures");
                    Xml.skip(xml);
                }
                default -> Xml.skip(xml);
            }
        }
        return text.toString();
    }

    /** Objects in an element: each is in a folder of its own, and may be a chart. */
    private void drawings(XMLStreamReader xml, String sheet) throws XMLStreamException {
        for (int depth = 1; depth > 0; ) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
            } else if (event == XMLStreamConstants.START_ELEMENT) {
                depth++;
                switch (xml.getLocalName()) {
                    case "object" ->
                        Part.attribute(xml, "href")
                                .filter(OBJECT.asMatchPredicate())
                                .ifPresentOrElse(
                                        path -> objects.add(new Embedded(path.replaceFirst("^\\./", ""), sheet)),
                                        () -> leftOut.add("embedded objects"));
                    // The picture of an object stands beside it, for programs that cannot draw it.
                    case "image", "custom-shape", "line", "rect", "ellipse", "control" -> hasPictures = true;
                    default -> {}
                }
            }
        }
    }

    private void charts(Archive archive) throws IOException {
        if (objects.size() > Drawn.MOST) {
            leftOut.add("charts behind the first " + Drawn.MOST);
        }
        for (Embedded each : objects.subList(0, Math.min(Drawn.MOST, objects.size()))) {
            Optional<Drawn> drawn = archive.part(
                            each.path() + "/content.xml", LARGEST_PART, part -> chart(part, each.sheet()))
                    .flatMap(read -> read);
            drawn.ifPresentOrElse(charts::add, () -> leftOut.add("charts of forms that are not here"));
        }
        if (hasPictures && objects.isEmpty()) {
            leftOut.add("pictures");
        }
    }

    private static Optional<Drawn> chart(InputStream part, String sheet) throws IOException {
        try {
            return ChartPart.read(Xml.reader(part), sheet);
        } catch (XMLStreamException broken) {
            return Optional.empty();
        }
    }

    private static String remark(XMLStreamReader xml) throws XMLStreamException {
        List<String> lines = new ArrayList<>();
        while (xml.next() != XMLStreamConstants.END_ELEMENT) {
            if (xml.isStartElement()) {
                if (xml.getLocalName().equals("p")) {
                    lines.add(Part.text(xml));
                } else {
                    Xml.skip(xml);
                }
            }
        }
        return String.join("\n", lines);
    }
}
