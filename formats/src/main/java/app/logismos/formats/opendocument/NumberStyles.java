package app.logismos.formats.opendocument;

import app.logismos.formats.book.FormatCode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** The number styles of a document, by the names of the cells' styles (ODF 1.3, part 3, sections 16.29 and 19.339). */
final class NumberStyles {
    private static final int MOST = 20_000;

    private final Map<String, String> numbers = new HashMap<>();
    private final Map<String, String> ofCells = new HashMap<>();
    private final Map<String, Integer> widths = new HashMap<>();
    private final Set<String> hidden = new HashSet<>();

    /** Reads one style that the reader is at the start of; other elements are passed over. */
    void read(XMLStreamReader xml) throws XMLStreamException {
        switch (xml.getLocalName()) {
            case "number-style", "percentage-style", "currency-style" -> number(xml);
            case "time-style" -> time(xml);
            case "style" -> style(xml);
            default -> {}
        }
    }

    /** The style in the words of {@code display}; empty where it says nothing of ours. */
    String ofCell(String name) {
        return name == null ? "" : numbers.getOrDefault(ofCells.getOrDefault(name, ""), "");
    }

    /** Whether sheets of a style are not shown. */
    boolean isHidden(String name) {
        return hidden.contains(name);
    }

    /** The width of a column in pixels. */
    Optional<Integer> width(String name) {
        return Optional.ofNullable(widths.get(name));
    }

    private void number(XMLStreamReader xml) throws XMLStreamException {
        String name = Part.attribute(xml, "name").orElse("");
        String kind = xml.getLocalName();
        String words = "";
        String currency = "";
        while (xml.next() != XMLStreamConstants.END_ELEMENT
                || !xml.getLocalName().equals(kind)) {
            if (!xml.isStartElement()) {
                continue;
            }
            switch (xml.getLocalName()) {
                case "number" -> words = places(xml, kind);
                case "scientific-number" ->
                    words = "scientific "
                            + (1 + Part.number(xml, "decimal-places").orElse(0));
                case "fraction" ->
                    words = Part.number(xml, "min-integer-digits").orElse(0) > 0 ? "mixed" : "fraction";
                case "currency-symbol" -> currency = Part.text(xml);
                default -> {}
            }
        }
        if (numbers.size() < MOST) {
            String code = FormatCode.named(currency).orElse("");
            numbers.put(name, kind.equals("currency-style") ? code.isEmpty() ? words : "currency " + code : words);
        }
    }

    private void time(XMLStreamReader xml) {
        if (numbers.size() < MOST) {
            numbers.put(Part.attribute(xml, "name").orElse(""), "hours");
        }
    }

    private static String places(XMLStreamReader xml, String kind) {
        Optional<Integer> places = Part.number(xml, "decimal-places");
        boolean isGrouped = Part.attribute(xml, "grouping").orElse("").equals("true");
        boolean isPercent = kind.equals("percentage-style");
        if (places.isEmpty()) {
            return isPercent ? "percent" : isGrouped ? "grouped" : "";
        }
        int count = Math.min(30, Math.max(0, places.get()));
        return (isPercent ? "percent " : isGrouped ? "grouped " : "fixed ") + count;
    }

    private void style(XMLStreamReader xml) throws XMLStreamException {
        String name = Part.attribute(xml, "name").orElse("");
        String family = Part.attribute(xml, "family").orElse("");
        Part.attribute(xml, "data-style-name")
                .filter(data -> ofCells.size() < MOST)
                .ifPresent(data -> ofCells.put(name, data));
        while (xml.next() != XMLStreamConstants.END_ELEMENT
                || !xml.getLocalName().equals("style")) {
            if (xml.isStartElement()
                    && family.equals("table")
                    && Part.attribute(xml, "display").orElse("").equals("false")) {
                hidden.add(name);
            }
            if (xml.isStartElement() && family.equals("table-column") && widths.size() < MOST) {
                Part.attribute(xml, "column-width")
                        .flatMap(NumberStyles::pixels)
                        .ifPresent(width -> widths.put(name, width));
            }
        }
    }

    private static Optional<Integer> pixels(String length) {
        if (!length.matches("[0-9]{1,6}(\\.[0-9]{1,9})?(cm|mm|in|pt|px)")) {
            return Optional.empty();
        }
        double number = Double.parseDouble(length.substring(0, length.length() - 2));
        double inches = switch (length.substring(length.length() - 2)) {
            case "cm" -> number / 2.54;
            case "mm" -> number / 25.4;
            case "pt" -> number / 72;
            case "px" -> number / 96;
            default -> number;
        };
        return Optional.of((int) Math.max(20, Math.min(1_000, Math.round(inches * 96))));
    }
}
