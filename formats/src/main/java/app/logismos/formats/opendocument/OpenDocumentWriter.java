package app.logismos.formats.opendocument;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookWriter;
import app.logismos.formats.book.Errors;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes a worksheet as an OpenDocument spreadsheet. */
public final class OpenDocumentWriter {
    private static final String TYPE = "application/vnd.oasis.opendocument.spreadsheet";
    private static final String VERSION = "1.3";
    private static final Map<String, String> NAMESPACES = Map.of(
            "office", "urn:oasis:names:tc:opendocument:xmlns:office:1.0",
            "style", "urn:oasis:names:tc:opendocument:xmlns:style:1.0",
            "text", "urn:oasis:names:tc:opendocument:xmlns:text:1.0",
            "table", "urn:oasis:names:tc:opendocument:xmlns:table:1.0",
            "number", "urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0",
            "meta", "urn:oasis:names:tc:opendocument:xmlns:meta:1.0",
            "dc", "http://purl.org/dc/elements/1.1/",
            "of", "urn:oasis:names:tc:opendocument:xmlns:of:1.2");
    private static final String MANIFEST = "urn:oasis:names:tc:opendocument:xmlns:manifest:1.0";
    private static final Pattern STYLE = Pattern.compile("([a-z]+)(?: ([0-9]{1,2}|[A-Z]{3}))?");

    private final Book book;
    private final Map<Look, String> looks = new LinkedHashMap<>();
    private final Map<Integer, String> widths = new TreeMap<>();
    private XMLStreamWriter xml;

    private OpenDocumentWriter(Book book) {
        this.book = book;
    }

    /** How a cell shows its value. */
    private record Look(String style, String unit, String moment) {
        static Look of(Book.Cell cell) {
            String moment = cell.value() instanceof Moment.Date
                    ? "date"
                    : cell.value() instanceof Moment.Time
                            ? "time"
                            : cell.value() instanceof Moment.DateTime ? "date-time" : "";
            return new Look(cell.style(), cell.unit(), moment);
        }

        boolean isUsual() {
            return style.isEmpty() && unit.isEmpty() && moment.isEmpty();
        }
    }

    /** The document. */
    public static byte[] write(LiveWorksheet live) {
        return bytes(BookWriter.write(live, Dialect.OPEN_FORMULA));
    }

    /** A book as such a document. */
    public static byte[] bytes(Book book) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.setLevel(Deflater.BEST_SPEED);
            new OpenDocumentWriter(book).put(zip);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (XMLStreamException failed) {
            throw new IllegalStateException(failed);
        }
        return bytes.toByteArray();
    }

    private void put(ZipOutputStream zip) throws IOException, XMLStreamException {
        byte[] type = TYPE.getBytes(StandardCharsets.US_ASCII);
        ZipEntry first = new ZipEntry("mimetype");
        first.setMethod(ZipEntry.STORED);
        first.setSize(type.length);
        CRC32 sum = new CRC32();
        sum.update(type);
        first.setCrc(sum.getValue());
        zip.putNextEntry(first);
        zip.write(type);
        part(zip, "META-INF/manifest.xml", this::manifest);
        part(zip, "meta.xml", this::meta);
        part(zip, "styles.xml", () -> {
            root("document-styles");
            xml.writeEndElement();
        });
        part(zip, "content.xml", this::content);
        if (book.kept().isPresent()) {
            zip.putNextEntry(new ZipEntry(OpenDocumentReader.KEPT));
            zip.write(book.kept().get());
        }
    }

    /** What writes a part. */
    private interface Writing {
        void write() throws XMLStreamException;
    }

    private void part(ZipOutputStream zip, String name, Writing writing) throws IOException, XMLStreamException {
        zip.putNextEntry(new ZipEntry(name));
        OutputStream kept = new FilterOutputStream(zip) {
            @Override
            public void write(byte[] from, int at, int length) throws IOException {
                out.write(from, at, length);
            }

            @Override
            public void close() {
                // The archive goes on.
            }
        };
        xml = XMLOutputFactory.newDefaultFactory()
                .createXMLStreamWriter(new BufferedOutputStream(kept, 1 << 16), "UTF-8");
        xml.writeStartDocument("UTF-8", "1.0");
        writing.write();
        xml.writeEndDocument();
        xml.flush();
        xml.close();
    }

    private void root(String name) throws XMLStreamException {
        start("office", name);
        for (Map.Entry<String, String> each : new TreeMap<>(NAMESPACES).entrySet()) {
            xml.writeNamespace(each.getKey(), each.getValue());
        }
        attribute("office", "version", VERSION);
    }

    private void start(String prefix, String name) throws XMLStreamException {
        xml.writeStartElement(prefix, name, NAMESPACES.get(prefix));
    }

    private void empty(String prefix, String name) throws XMLStreamException {
        xml.writeEmptyElement(prefix, name, NAMESPACES.get(prefix));
    }

    private void attribute(String prefix, String name, String value) throws XMLStreamException {
        xml.writeAttribute(prefix, NAMESPACES.get(prefix), name, clean(value));
    }

    private void text(String text) throws XMLStreamException {
        xml.writeCharacters(clean(text));
    }

    /** Characters that XML cannot hold are left out. */
    private static String clean(String text) {
        boolean isClean = true;
        for (int i = 0; i < text.length() && isClean; i++) {
            char c = text.charAt(i);
            isClean = c >= 0x20 && c < 0xFFFE || c == '\t' || c == '\n' || c == '\r';
        }
        return isClean ? text : text.replaceAll("[^\\t\\n\\r\\x{20}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]", "");
    }

    private void manifest() throws XMLStreamException {
        xml.writeStartElement("manifest", "manifest", MANIFEST);
        xml.writeNamespace("manifest", MANIFEST);
        xml.writeAttribute("manifest", MANIFEST, "version", VERSION);
        listed("/", TYPE);
        listed("content.xml", "text/xml");
        listed("styles.xml", "text/xml");
        listed("meta.xml", "text/xml");
        if (book.kept().isPresent()) {
            listed(OpenDocumentReader.KEPT, "application/json");
        }
        xml.writeEndElement();
    }

    private void listed(String path, String type) throws XMLStreamException {
        xml.writeEmptyElement("manifest", "file-entry", MANIFEST);
        xml.writeAttribute("manifest", MANIFEST, "full-path", path);
        xml.writeAttribute("manifest", MANIFEST, "media-type", type);
    }

    private void meta() throws XMLStreamException {
        root("document-meta");
        start("office", "meta");
        start("dc", "title");
        text(book.title());
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeEndElement();
    }

    private void content() throws XMLStreamException {
        root("document-content");
        start("office", "automatic-styles");
        styles();
        xml.writeEndElement();
        start("office", "body");
        start("office", "spreadsheet");
        empty("table", "calculation-settings");
        attribute("table", "case-sensitive", "false");
        attribute("table", "search-criteria-must-apply-to-whole-cell", "true");
        attribute("table", "use-regular-expressions", "false");
        for (Book.Sheet sheet : book.sheets()) {
            sheet(sheet);
        }
        names();
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeEndElement();
    }

    private void styles() throws XMLStreamException {
        for (Book.Sheet sheet : book.sheets()) {
            for (int pixels : sheet.widths().values()) {
                widths.computeIfAbsent(pixels, width -> "co" + width);
            }
            for (Book.Placed placed : sheet.cells()) {
                Look look = Look.of(placed.cell());
                if (!look.isUsual()) {
                    looks.computeIfAbsent(look, each -> "ce" + (looks.size() + 1));
                }
            }
        }
        for (Map.Entry<Integer, String> each : widths.entrySet()) {
            start("style", "style");
            attribute("style", "name", each.getValue());
            attribute("style", "family", "table-column");
            empty("style", "table-column-properties");
            attribute("style", "column-width", String.format(Locale.ROOT, "%.4fin", each.getKey() / 96.0));
            xml.writeEndElement();
        }
        for (Map.Entry<Look, String> each : looks.entrySet()) {
            number(each.getKey(), "n" + each.getValue());
            empty("style", "style");
            attribute("style", "name", each.getValue());
            attribute("style", "family", "table-cell");
            attribute("style", "data-style-name", "n" + each.getValue());
        }
    }

    private void number(Look look, String name) throws XMLStreamException {
        if (!look.moment().isEmpty()) {
            moment(look.moment(), name);
            return;
        }
        Matcher words = STYLE.matcher(look.style());
        String word = words.matches() ? words.group(1) : "";
        String behind = words.matches() && words.group(2) != null ? words.group(2) : "";
        int count = behind.matches("[0-9]+") ? Integer.parseInt(behind) : -1;
        String element = word.equals("percent")
                ? "percentage-style"
                : word.equals("currency") ? "currency-style" : "number-style";
        start("number", element);
        attribute("style", "name", name);
        switch (word) {
            case "scientific", "engineering" -> {
                empty("number", "scientific-number");
                attribute("number", "decimal-places", String.valueOf(Math.max(0, count - 1)));
                attribute("number", "min-integer-digits", "1");
                attribute("number", "min-exponent-digits", "2");
            }
            case "fraction", "mixed" -> {
                empty("number", "fraction");
                if (word.equals("mixed")) {
                    attribute("number", "min-integer-digits", "1");
                }
                attribute("number", "min-numerator-digits", "1");
                attribute("number", "min-denominator-digits", "1");
            }
            default -> {
                int places = word.equals("currency") ? places(behind) : count;
                empty("number", "number");
                if (places >= 0
                        && (word.equals("fixed")
                                || word.equals("grouped")
                                || word.equals("percent")
                                || word.equals("currency"))) {
                    attribute("number", "decimal-places", String.valueOf(places));
                    attribute("number", "min-decimal-places", String.valueOf(places));
                }
                attribute("number", "min-integer-digits", "1");
                if (word.equals("grouped") || word.equals("currency")) {
                    attribute("number", "grouping", "true");
                }
            }
        }
        if (word.equals("percent")) {
            literal("%");
        } else if (word.equals("currency")) {
            literal(" ");
            start("number", "currency-symbol");
            text(behind);
            xml.writeEndElement();
        }
        if (!look.unit().isEmpty()) {
            literal(" " + look.unit());
        }
        xml.writeEndElement();
    }

    private static int places(String currency) {
        return currency.isEmpty()
                ? 2
                : Math.max(0, Currency.getInstance(currency).getDefaultFractionDigits());
    }

    private void literal(String text) throws XMLStreamException {
        start("number", "text");
        text(text);
        xml.writeEndElement();
    }

    private void moment(String kind, String name) throws XMLStreamException {
        start("number", kind.equals("time") ? "time-style" : "date-style");
        attribute("style", "name", name);
        if (!kind.equals("time")) {
            twoDigits("year");
            literal("-");
            twoDigits("month");
            literal("-");
            twoDigits("day");
        }
        if (kind.equals("date-time")) {
            literal(" ");
        }
        if (!kind.equals("date")) {
            twoDigits("hours");
            literal(":");
            twoDigits("minutes");
            literal(":");
            twoDigits("seconds");
        }
        xml.writeEndElement();
    }

    private void twoDigits(String part) throws XMLStreamException {
        empty("number", part);
        attribute("number", "style", "long");
    }

    private void sheet(Book.Sheet sheet) throws XMLStreamException {
        start("table", "table");
        attribute("table", "name", sheet.title());
        int columns = Math.max(1, sheet.columns());
        for (int column = 0; column < columns; column++) {
            empty("table", "table-column");
            if (sheet.widths().containsKey(column)) {
                attribute("table", "style-name", widths.get(sheet.widths().get(column)));
            }
            if (sheet.hiddenColumns().contains(column)) {
                attribute("table", "visibility", "collapse");
            }
        }
        int lines = Math.max(1, Math.max(sheet.lines(), lastRemark(sheet)));
        int headings = Math.min(sheet.headings(), lines);
        if (headings > 0) {
            start("table", "table-header-rows");
            rows(sheet, 0, headings);
            xml.writeEndElement();
        }
        rows(sheet, headings, lines);
        xml.writeEndElement();
    }

    private static int lastRemark(Book.Sheet sheet) {
        return sheet.remarks().keySet().stream()
                .mapToInt(at -> at.row() + 1)
                .max()
                .orElse(0);
    }

    private void rows(Book.Sheet sheet, int from, int to) throws XMLStreamException {
        for (int row = from; row < to; ) {
            int end = row;
            while (end < to && isPlain(sheet, end)) {
                end++;
            }
            if (end > row) {
                start("table", "table-row");
                if (end - row > 1) {
                    attribute("table", "number-rows-repeated", String.valueOf(end - row));
                }
                empty("table", "table-cell");
                xml.writeEndElement();
                row = end;
            } else {
                row(sheet, row++);
            }
        }
    }

    private static boolean isPlain(Book.Sheet sheet, int row) {
        return !sheet.rows().containsKey(row)
                && !sheet.hiddenRows().contains(row)
                && (sheet.remarks().isEmpty()
                        || sheet.remarks().keySet().stream().noneMatch(at -> at.row() == row));
    }

    private void row(Book.Sheet sheet, int row) throws XMLStreamException {
        start("table", "table-row");
        if (sheet.hiddenRows().contains(row)) {
            attribute("table", "visibility", "collapse");
        }
        Map<Integer, Book.Cell> line = sheet.rows().getOrDefault(row, new TreeMap<>());
        TreeMap<Integer, Optional<Book.Cell>> all = new TreeMap<>();
        line.forEach((column, cell) -> all.put(column, Optional.of(cell)));
        if (!sheet.remarks().isEmpty()) {
            sheet.remarks().keySet().stream()
                    .filter(at -> at.row() == row)
                    .forEach(at -> all.putIfAbsent(at.column(), Optional.empty()));
        }
        int next = 0;
        for (Map.Entry<Integer, Optional<Book.Cell>> each : all.entrySet()) {
            gap(each.getKey() - next);
            cell(each.getValue(), sheet.remarks().get(new Address(each.getKey(), row)));
            next = each.getKey() + 1;
        }
        if (all.isEmpty()) {
            empty("table", "table-cell");
        }
        xml.writeEndElement();
    }

    private void gap(int columns) throws XMLStreamException {
        if (columns > 0) {
            empty("table", "table-cell");
            if (columns > 1) {
                attribute("table", "number-columns-repeated", String.valueOf(columns));
            }
        }
    }

    private void cell(Optional<Book.Cell> written, String remark) throws XMLStreamException {
        start("table", "table-cell");
        Book.Cell cell = written.orElse(Book.Cell.of(Blank.BLANK, ""));
        Look look = Look.of(cell);
        if (!look.isUsual()) {
            attribute("table", "style-name", looks.get(look));
        }
        if (cell.formula().isEmpty() && cell.value() instanceof Failure failure) {
            attribute("table", "formula", "of:=" + Errors.spelled(failure));
        } else if (cell.formula().isPresent()) {
            Book.Formula formula = cell.formula().get();
            attribute("table", "formula", "of:=" + formula.text());
            if (formula.array().isPresent()) {
                Area area = formula.array().get();
                attribute("table", "number-matrix-columns-spanned", String.valueOf(area.columns()));
                attribute("table", "number-matrix-rows-spanned", String.valueOf(area.rows()));
            }
        }
        String shown = value(cell);
        if (remark != null) {
            start("office", "annotation");
            paragraphs(remark);
            xml.writeEndElement();
        }
        paragraphs(shown);
        xml.writeEndElement();
    }

    /** Writes the attributes of the value, and answers what a reader sees. */
    private String value(Book.Cell cell) throws XMLStreamException {
        Value value = cell.value();
        if (value instanceof NumberValue number) {
            String decimal = String.valueOf(number.real().toDouble());
            String plain = decimal.endsWith(".0") ? decimal.substring(0, decimal.length() - 2) : decimal;
            boolean isMoney = cell.style().startsWith("currency ");
            attribute(
                    "office",
                    "value-type",
                    cell.style().startsWith("percent") ? "percentage" : isMoney ? "currency" : "float");
            if (isMoney) {
                attribute("office", "currency", cell.style().substring("currency ".length()));
            }
            attribute("office", "value", plain);
            return plain + (cell.unit().isEmpty() ? "" : " " + cell.unit());
        } else if (value instanceof Text text) {
            attribute("office", "value-type", "string");
            if (text.text().isEmpty()) {
                attribute("office", "string-value", "");
            }
            return text.text();
        } else if (value instanceof Truth truth) {
            attribute("office", "value-type", "boolean");
            attribute("office", "boolean-value", String.valueOf(truth.holds()));
            return truth.holds() ? "TRUE" : "FALSE";
        } else if (value instanceof Moment.Time time) {
            attribute("office", "value-type", "time");
            attribute(
                    "office",
                    "time-value",
                    Duration.ofNanos(time.time().toNanoOfDay()).toString());
            return time.iso();
        } else if (value instanceof Moment moment) {
            attribute("office", "value-type", "date");
            attribute("office", "date-value", moment.iso());
            return moment.iso();
        } else if (value instanceof Failure failure) {
            attribute("office", "value-type", "string");
            attribute("office", "string-value", "");
            return Errors.spelled(failure);
        }
        return value == Blank.BLANK ? "" : PlainText.of(value);
    }

    private void paragraphs(String text) throws XMLStreamException {
        if (text.isEmpty()) {
            return;
        }
        for (String line : text.indexOf('\n') < 0 ? new String[] {text} : text.split("\r?\n", -1)) {
            start("text", "p");
            line(line);
            xml.writeEndElement();
        }
    }

    /** Readers make one space of several: those behind the first, and tabs, are elements. */
    private void line(String line) throws XMLStreamException {
        int from = 0;
        for (int at = 0; at < line.length(); ) {
            char sign = line.charAt(at);
            boolean isSpace = sign == ' ' && (at == 0 || at == line.length() - 1 || line.charAt(at - 1) == ' ');
            if (!isSpace && sign != '\t') {
                at++;
                continue;
            }
            text(line.substring(from, at));
            if (sign == '\t') {
                empty("text", "tab");
                at++;
            } else {
                int end = at;
                while (end < line.length() && line.charAt(end) == ' ') {
                    end++;
                }
                empty("text", "s");
                attribute("text", "c", String.valueOf(end - at));
                at = end;
            }
            from = at;
        }
        text(line.substring(from));
    }

    private void names() throws XMLStreamException {
        if (book.names().isEmpty()) {
            return;
        }
        start("table", "named-expressions");
        for (Book.Named each : book.names()) {
            String range = each.means().substring(1, each.means().length() - 1);
            empty("table", "named-range");
            attribute("table", "name", each.name());
            attribute("table", "base-cell-address", range.replaceFirst(":.*", ""));
            attribute("table", "cell-range-address", range);
        }
        xml.writeEndElement();
    }
}
