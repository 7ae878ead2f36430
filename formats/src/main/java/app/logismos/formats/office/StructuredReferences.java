package app.logismos.formats.office;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Tables of a workbook, and the ranges that references to their columns mean (ECMA-376, part 1, section 18.17.2.6). */
final class StructuredReferences {
    private static final Pattern REFERENCE = Pattern.compile(
            "\"(?:[^\"]|\"\")*\"|'(?:[^']|'')*'!|([\\p{L}_][\\p{L}\\p{N}_.]*)?\\[((?:[^\\[\\]]|\\[(?:[^\\[\\]']|'.)*])*)]");
    private static final Pattern PART = Pattern.compile("\\[((?:[^\\[\\]']|'.)*)]|:");

    private final Map<String, Table> tables = new HashMap<>();

    /** A table: where it stands, its columns, how many rows of headings and of totals it has. */
    private record Table(String name, String sheet, Area area, List<String> columns, int headings, int totals) {
        int firstRow() {
            return area.first().row() + headings;
        }

        int lastRow() {
            return area.last().row() - totals;
        }
    }

    void read(XMLStreamReader xml, String sheet) throws XMLStreamException {
        String name = "";
        Optional<Area> area = Optional.empty();
        List<String> columns = new ArrayList<>();
        int headings = 1;
        int totals = 0;
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamConstants.START_ELEMENT) {
                if (xml.getLocalName().equals("table")) {
                    name = Optional.ofNullable(xml.getAttributeValue(null, "displayName"))
                            .orElse("");
                    area = Optional.ofNullable(xml.getAttributeValue(null, "ref"))
                            .flatMap(Area::parse);
                    headings = count(xml.getAttributeValue(null, "headerRowCount"), 1);
                    totals = count(xml.getAttributeValue(null, "totalsRowCount"), 0);
                } else if (xml.getLocalName().equals("tableColumn")) {
                    columns.add(Optional.ofNullable(xml.getAttributeValue(null, "name"))
                            .orElse(""));
                }
            }
        }
        if (area.isPresent() && !name.isEmpty()) {
            tables.put(name.toLowerCase(Locale.ROOT), new Table(name, sheet, area.get(), columns, headings, totals));
        }
    }

    private static int count(String text, int usual) {
        return text == null ? usual : Integer.parseInt(text);
    }

    /** A formula with ranges in the place of such references; those that are not understood stay. */
    String resolved(String formula, String sheet, Address at) {
        if (tables.isEmpty() || formula.indexOf('[') < 0) {
            return formula;
        }
        return REFERENCE
                .matcher(formula)
                .replaceAll(found -> Matcher.quoteReplacement(
                        found.group(2) == null
                                ? found.group()
                                : range(Optional.ofNullable(found.group(1)), found.group(2), sheet, at)
                                        .orElse(found.group())));
    }

    private Optional<String> range(Optional<String> name, String inside, String sheet, Address at) {
        Optional<Table> table = name.map(each -> tables.get(each.toLowerCase(Locale.ROOT)))
                .or(() -> tables.values().stream()
                        .filter(each ->
                                each.sheet().equals(sheet) && each.area().contains(at))
                        .findFirst());
        return table.flatMap(each ->
                range(each, inside, at).map(area -> "'" + each.sheet().replace("'", "''") + "'!" + spelled(area)));
    }

    private static Optional<Area> range(Table table, String inside, Address at) {
        boolean isThisRow = inside.startsWith("@") || inside.contains("[#This Row]");
        List<String> columns = new ArrayList<>();
        String rest = inside.replaceFirst("^@", "");
        boolean isHeadings = rest.contains("#Headers");
        boolean isAll = rest.contains("#All");
        boolean isTotals = rest.contains("#Totals");
        if (rest.startsWith("[")) {
            Matcher parts = PART.matcher(rest);
            while (parts.find()) {
                if (parts.group(1) != null && !parts.group(1).startsWith("#")) {
                    columns.add(parts.group(1));
                }
            }
        } else if (!rest.startsWith("#") && !rest.isEmpty()) {
            columns.add(rest);
        }
        int left = table.area().first().column();
        int right = table.area().last().column();
        if (!columns.isEmpty()) {
            int first = index(table, columns.get(0));
            int last = index(table, columns.get(columns.size() - 1));
            if (first < 0 || last < 0) {
                return Optional.empty();
            }
            right = left + Math.max(first, last);
            left = left + Math.min(first, last);
        }
        int top = isThisRow
                ? at.row()
                : isHeadings || isAll ? table.area().first().row() : isTotals ? table.lastRow() + 1 : table.firstRow();
        int bottom = isThisRow
                ? at.row()
                : isHeadings && !isAll
                        ? table.firstRow() - 1
                        : isAll || isTotals ? table.area().last().row() : table.lastRow();
        return top <= bottom
                ? Optional.of(new Area(new Address(left, top), new Address(right, bottom)))
                : Optional.empty();
    }

    private static int index(Table table, String column) {
        String name = column.replaceAll("'(.)", "$1");
        for (int i = 0; i < table.columns().size(); i++) {
            if (table.columns().get(i).equalsIgnoreCase(name)) {
                return i;
            }
        }
        return -1;
    }

    private static String spelled(Area area) {
        String first = fixed(area.first());
        return area.size() == 1 ? first : first + ":" + fixed(area.last());
    }

    private static String fixed(Address at) {
        return "$" + Address.letters(at.column()) + "$" + (at.row() + 1);
    }
}
