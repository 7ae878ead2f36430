package app.logismos.formats.opendocument;

import app.logismos.formats.book.Book;
import app.logismos.formats.book.BookWriter;
import app.logismos.formats.book.Drawn;
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
import javax.xml.stream.XMLStreamException;

/** Writes a worksheet as an OpenDocument spreadsheet. */
public final class OpenDocumentWriter {
    private static final String TYPE = "application/vnd.oasis.opendocument.spreadsheet";
    private static final double ROW_CENTIMETRES = 0.45;
    private static final double CHART_CENTIMETRES = 9.5;
    private static final Pattern STYLE = Pattern.compile("([a-z]+)(?: ([0-9]{1,2}|[A-Z]{3}))?");

    private final Book book;
    private final Map<Look, String> looks = new LinkedHashMap<>();
    private final Map<Integer, String> widths = new TreeMap<>();
    private PartWriter xml;

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
            xml.root("office", "document-styles");
            xml.end();
        });
        part(zip, "content.xml", this::content);
        for (int i = 0; i < book.charts().size(); i++) {
            Drawn drawn = book.charts().get(i);
            part(zip, object(i) + "/content.xml", () -> ChartPart.write(drawn, xml));
        }
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
        xml = new PartWriter(kept);
        writing.write();
        xml.close();
    }

    private void manifest() throws XMLStreamException {
        xml.root("manifest", "manifest");
        listed("/", TYPE);
        listed("content.xml", "text/xml");
        listed("styles.xml", "text/xml");
        listed("meta.xml", "text/xml");
        for (int i = 0; i < book.charts().size(); i++) {
            listed(object(i) + "/", "application/vnd.oasis.opendocument.chart");
            listed(object(i) + "/content.xml", "text/xml");
        }
        if (book.kept().isPresent()) {
            listed(OpenDocumentReader.KEPT, "application/json");
        }
        xml.end();
    }

    private void listed(String path, String type) throws XMLStreamException {
        xml.empty("manifest", "file-entry");
        xml.attribute("manifest", "full-path", path);
        xml.attribute("manifest", "media-type", type);
    }

    private void meta() throws XMLStreamException {
        xml.root("office", "document-meta");
        xml.start("office", "meta");
        xml.start("dc", "title");
        xml.text(book.title());
        xml.end();
        xml.end();
        xml.end();
    }

    private void content() throws XMLStreamException {
        xml.root("office", "document-content");
        xml.start("office", "automatic-styles");
        styles();
        xml.end();
        xml.start("office", "body");
        xml.start("office", "spreadsheet");
        xml.empty("table", "calculation-settings");
        xml.attribute("table", "case-sensitive", "false");
        xml.attribute("table", "search-criteria-must-apply-to-whole-cell", "true");
        xml.attribute("table", "use-regular-expressions", "false");
        for (Book.Sheet sheet : book.sheets()) {
            sheet(sheet);
        }
        names();
        xml.end();
        xml.end();
        xml.end();
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
            xml.start("style", "style");
            xml.attribute("style", "name", each.getValue());
            xml.attribute("style", "family", "table-column");
            xml.empty("style", "table-column-properties");
            xml.attribute("style", "column-width", String.format(Locale.ROOT, "%.4fin", each.getKey() / 96.0));
            xml.end();
        }
        for (Map.Entry<Look, String> each : looks.entrySet()) {
            number(each.getKey(), "n" + each.getValue());
            xml.empty("style", "style");
            xml.attribute("style", "name", each.getValue());
            xml.attribute("style", "family", "table-cell");
            xml.attribute("style", "data-style-name", "n" + each.getValue());
        }
    }

    private void number(Look look, String name) throws XMLStreamException {
        if (!look.moment().isEmpty()) {
            moment(look.moment(), name);
            return;
        }
        if (look.style().equals("hours") && look.unit().isEmpty()) {
            hours(name);
            return;
        }
        Matcher words = STYLE.matcher(look.style());
        String word = words.matches() ? words.group(1) : "";
        String behind = words.matches() && words.group(2) != null ? words.group(2) : "";
        int count = behind.matches("[0-9]+") ? Integer.parseInt(behind) : -1;
        String element = word.equals("percent")
                ? "percentage-style"
                : word.equals("currency") ? "currency-style" : "number-style";
        xml.start("number", element);
        xml.attribute("style", "name", name);
        switch (word) {
            case "scientific", "engineering" -> {
                xml.empty("number", "scientific-number");
                xml.attribute("number", "decimal-places", String.valueOf(Math.max(0, count - 1)));
                xml.attribute("number", "min-integer-digits", "1");
                xml.attribute("number", "min-exponent-digits", "2");
            }
            case "fraction", "mixed" -> {
                xml.empty("number", "fraction");
                if (word.equals("mixed")) {
                    xml.attribute("number", "min-integer-digits", "1");
                }
                xml.attribute("number", "min-numerator-digits", "1");
                xml.attribute("number", "min-denominator-digits", "1");
            }
            default -> {
                int places = word.equals("currency") ? places(behind) : count;
                xml.empty("number", "number");
                if (places >= 0
                        && (word.equals("fixed")
                                || word.equals("grouped")
                                || word.equals("percent")
                                || word.equals("currency"))) {
                    xml.attribute("number", "decimal-places", String.valueOf(places));
                    xml.attribute("number", "min-decimal-places", String.valueOf(places));
                }
                xml.attribute("number", "min-integer-digits", "1");
                if (word.equals("grouped") || word.equals("currency")) {
                    xml.attribute("number", "grouping", "true");
                }
            }
        }
        if (word.equals("percent")) {
            literal("%");
        } else if (word.equals("currency")) {
            literal(" ");
            xml.start("number", "currency-symbol");
            xml.text(behind);
            xml.end();
        }
        if (!look.unit().isEmpty()) {
            literal(" " + look.unit());
        }
        xml.end();
    }

    private static int places(String currency) {
        return currency.isEmpty()
                ? 2
                : Math.max(0, Currency.getInstance(currency).getDefaultFractionDigits());
    }

    private void literal(String text) throws XMLStreamException {
        xml.start("number", "text");
        xml.text(text);
        xml.end();
    }

    private void moment(String kind, String name) throws XMLStreamException {
        xml.start("number", kind.equals("time") ? "time-style" : "date-style");
        xml.attribute("style", "name", name);
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
        xml.end();
    }

    private void hours(String name) throws XMLStreamException {
        xml.start("number", "time-style");
        xml.attribute("style", "name", name);
        xml.attribute("number", "truncate-on-overflow", "false");
        xml.empty("number", "hours");
        literal(":");
        twoDigits("minutes");
        xml.end();
    }

    private void twoDigits(String part) throws XMLStreamException {
        xml.empty("number", part);
        xml.attribute("number", "style", "long");
    }

    private void sheet(Book.Sheet sheet) throws XMLStreamException {
        xml.start("table", "table");
        xml.attribute("table", "name", sheet.title());
        charts(sheet);
        int columns = Math.max(1, sheet.columns());
        for (int column = 0; column < columns; column++) {
            xml.empty("table", "table-column");
            if (sheet.widths().containsKey(column)) {
                xml.attribute("table", "style-name", widths.get(sheet.widths().get(column)));
            }
            if (sheet.hiddenColumns().contains(column)) {
                xml.attribute("table", "visibility", "collapse");
            }
        }
        int lines = Math.max(1, Math.max(sheet.lines(), lastRemark(sheet)));
        int headings = Math.min(sheet.headings(), lines);
        if (headings > 0) {
            xml.start("table", "table-header-rows");
            rows(sheet, 0, headings);
            xml.end();
        }
        rows(sheet, headings, lines);
        xml.end();
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
                xml.start("table", "table-row");
                if (end - row > 1) {
                    xml.attribute("table", "number-rows-repeated", String.valueOf(end - row));
                }
                xml.empty("table", "table-cell");
                xml.end();
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
        xml.start("table", "table-row");
        if (sheet.hiddenRows().contains(row)) {
            xml.attribute("table", "visibility", "collapse");
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
            xml.empty("table", "table-cell");
        }
        xml.end();
    }

    private void gap(int columns) throws XMLStreamException {
        if (columns > 0) {
            xml.empty("table", "table-cell");
            if (columns > 1) {
                xml.attribute("table", "number-columns-repeated", String.valueOf(columns));
            }
        }
    }

    private void cell(Optional<Book.Cell> written, String remark) throws XMLStreamException {
        xml.start("table", "table-cell");
        Book.Cell cell = written.orElse(Book.Cell.of(Blank.BLANK, ""));
        Look look = Look.of(cell);
        if (!look.isUsual()) {
            xml.attribute("table", "style-name", looks.get(look));
        }
        if (cell.formula().isEmpty() && cell.value() instanceof Failure failure) {
            xml.attribute("table", "formula", "of:=" + Errors.spelled(failure));
        } else if (cell.formula().isPresent()) {
            Book.Formula formula = cell.formula().get();
            xml.attribute("table", "formula", "of:=" + formula.text());
            if (formula.array().isPresent()) {
                Area area = formula.array().get();
                xml.attribute("table", "number-matrix-columns-spanned", String.valueOf(area.columns()));
                xml.attribute("table", "number-matrix-rows-spanned", String.valueOf(area.rows()));
            }
        }
        String shown = value(cell);
        if (remark != null) {
            xml.start("office", "annotation");
            paragraphs(remark);
            xml.end();
        }
        paragraphs(shown);
        xml.end();
    }

    /** Writes the attributes of the value, and answers what a reader sees. */
    private String value(Book.Cell cell) throws XMLStreamException {
        Value value = cell.value();
        if (value instanceof NumberValue number) {
            String decimal = String.valueOf(number.real().toDouble());
            String plain = decimal.endsWith(".0") ? decimal.substring(0, decimal.length() - 2) : decimal;
            boolean isMoney = cell.style().startsWith("currency ");
            xml.attribute(
                    "office",
                    "value-type",
                    cell.style().startsWith("percent") ? "percentage" : isMoney ? "currency" : "float");
            if (isMoney) {
                xml.attribute("office", "currency", cell.style().substring("currency ".length()));
            }
            xml.attribute("office", "value", plain);
            return plain + (cell.unit().isEmpty() ? "" : " " + cell.unit());
        } else if (value instanceof Text text) {
            xml.attribute("office", "value-type", "string");
            if (text.text().isEmpty()) {
                xml.attribute("office", "string-value", "");
            }
            return text.text();
        } else if (value instanceof Truth truth) {
            xml.attribute("office", "value-type", "boolean");
            xml.attribute("office", "boolean-value", String.valueOf(truth.holds()));
            return truth.holds() ? "TRUE" : "FALSE";
        } else if (value instanceof Moment.Time time) {
            xml.attribute("office", "value-type", "time");
            xml.attribute(
                    "office",
                    "time-value",
                    Duration.ofNanos(time.time().toNanoOfDay()).toString());
            return time.iso();
        } else if (value instanceof Moment moment) {
            xml.attribute("office", "value-type", "date");
            xml.attribute("office", "date-value", moment.iso());
            return moment.iso();
        } else if (value instanceof Failure failure) {
            xml.attribute("office", "value-type", "string");
            xml.attribute("office", "string-value", "");
            return Errors.spelled(failure);
        }
        return value == Blank.BLANK ? "" : PlainText.of(value);
    }

    private void paragraphs(String text) throws XMLStreamException {
        if (text.isEmpty()) {
            return;
        }
        for (String line : text.indexOf('\n') < 0 ? new String[] {text} : text.split("\r?\n", -1)) {
            xml.start("text", "p");
            line(line);
            xml.end();
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
            xml.text(line.substring(from, at));
            if (sign == '\t') {
                xml.empty("text", "tab");
                at++;
            } else {
                int end = at;
                while (end < line.length() && line.charAt(end) == ' ') {
                    end++;
                }
                xml.empty("text", "s");
                xml.attribute("text", "c", String.valueOf(end - at));
                at = end;
            }
            from = at;
        }
        xml.text(line.substring(from));
    }

    /** The folder of a chart. */
    private static String object(int chart) {
        return "Object " + (chart + 1);
    }

    /** Below the cells, one under the other. */
    private void charts(Book.Sheet sheet) throws XMLStreamException {
        double y = (sheet.lines() + 1) * ROW_CENTIMETRES;
        boolean isFirst = true;
        for (int i = 0; i < book.charts().size(); i++) {
            if (book.charts().get(i).sheet().equals(sheet.title())) {
                if (isFirst) {
                    xml.start("table", "shapes");
                    isFirst = false;
                }
                xml.start("draw", "frame");
                xml.attribute("svg", "x", "0cm");
                xml.attribute("svg", "y", String.format(Locale.ROOT, "%.2fcm", y));
                xml.attribute("svg", "width", ChartPart.WIDTH);
                xml.attribute("svg", "height", ChartPart.HEIGHT);
                xml.empty("draw", "object");
                xml.attribute("xlink", "href", "./" + object(i));
                xml.attribute("xlink", "type", "simple");
                xml.attribute("xlink", "show", "embed");
                xml.attribute("xlink", "actuate", "onLoad");
                xml.end();
                y += CHART_CENTIMETRES;
            }
        }
        if (!isFirst) {
            xml.end();
        }
    }

    private void names() throws XMLStreamException {
        if (book.names().isEmpty()) {
            return;
        }
        xml.start("table", "named-expressions");
        for (Book.Named each : book.names()) {
            String range = each.means().substring(1, each.means().length() - 1);
            xml.empty("table", "named-range");
            xml.attribute("table", "name", each.name());
            xml.attribute("table", "base-cell-address", range.replaceFirst(":.*", ""));
            xml.attribute("table", "cell-range-address", range);
        }
        xml.end();
    }
}
