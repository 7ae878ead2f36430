package app.logismos.formats.opendocument;

import app.logismos.formats.book.Drawn;
import app.logismos.formats.foreign.Dialect;
import app.logismos.formats.foreign.Outgoing;
import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** A chart as a part of such a document (OpenDocument 1.3, part 3, chapter 11). */
final class ChartPart {
    static final String WIDTH = "16cm";
    static final String HEIGHT = "9cm";

    private static final int MOST_SERIES = 255;
    private static final Map<Drawn.Kind, String> CLASSES = Map.of(
            Drawn.Kind.BARS, "chart:bar",
            Drawn.Kind.LINES, "chart:line",
            Drawn.Kind.PLACES, "chart:scatter",
            Drawn.Kind.SHARES, "chart:circle");
    private static final String ADDRESS = "(?:\\$?(?:'((?:[^']|'')+)'|([^'.:]+)))?\\.(\\$?[A-Za-z]{1,3}\\$?[0-9]+)";
    private static final Pattern RANGE = Pattern.compile(ADDRESS + "(?::" + ADDRESS + ")?");

    private ChartPart() {}

    static void write(Drawn drawn, PartWriter xml) throws XMLStreamException {
        xml.root("office", "document-content");
        xml.start("office", "automatic-styles");
        style("chart", xml);
        properties(xml, "connect-bars", "false");
        style("plot", xml);
        properties(
                xml,
                "vertical",
                String.valueOf(drawn.isLying()),
                "stacked",
                String.valueOf(drawn.isStacked()),
                "include-hidden-cells",
                "true");
        for (Chart.Shape shape : Chart.Shape.values()) {
            style(shape.name().toLowerCase(Locale.ROOT), xml);
            properties(
                    xml,
                    "symbol-type",
                    shape == Chart.Shape.LINE ? "none" : "automatic",
                    "lines",
                    String.valueOf(shape != Chart.Shape.POINTS));
        }
        xml.end();
        xml.start("office", "body");
        xml.start("office", "chart");
        xml.start("chart", "chart");
        xml.attribute("chart", "class", CLASSES.get(drawn.kind()));
        xml.attribute("chart", "style-name", "chart");
        xml.attribute("svg", "width", WIDTH);
        xml.attribute("svg", "height", HEIGHT);
        title(drawn.title(), xml);
        if (drawn.series().size() > 1 || drawn.kind() == Drawn.Kind.SHARES) {
            xml.empty("chart", "legend");
            xml.attribute("chart", "legend-position", "top");
        }
        plot(drawn, xml);
        for (int i = 0; i < 4; i++) {
            xml.end();
        }
    }

    private static void style(String name, PartWriter xml) throws XMLStreamException {
        xml.start("style", "style");
        xml.attribute("style", "name", name);
        xml.attribute("style", "family", "chart");
    }

    private static void properties(PartWriter xml, String... pairs) throws XMLStreamException {
        xml.empty("style", "chart-properties");
        for (int i = 0; i < pairs.length; i += 2) {
            xml.attribute("chart", pairs[i], pairs[i + 1]);
        }
        xml.end();
    }

    private static void title(String title, PartWriter xml) throws XMLStreamException {
        if (!title.isEmpty()) {
            xml.start("chart", "title");
            xml.start("text", "p");
            xml.text(title);
            xml.end();
            xml.end();
        }
    }

    private static void plot(Drawn drawn, PartWriter xml) throws XMLStreamException {
        xml.start("chart", "plot-area");
        xml.attribute("chart", "style-name", "plot");
        boolean hasCategories = drawn.kind() != Drawn.Kind.PLACES;
        axis("x", drawn.acrossTitle(), drawn.across().filter(range -> hasCategories), false, xml);
        axis("y", drawn.upTitle(), Optional.empty(), drawn.kind() != Drawn.Kind.SHARES, xml);
        for (Drawn.Series each : drawn.series()) {
            xml.start("chart", "series");
            xml.attribute("chart", "style-name", each.shape().name().toLowerCase(Locale.ROOT));
            xml.attribute("chart", "class", CLASSES.get(drawn.kind()));
            xml.attribute("chart", "values-cell-range-address", spelled(each.values()));
            if (each.heading().isPresent()) {
                xml.attribute(
                        "chart", "label-cell-address", spelled(each.heading().get()));
            }
            if (!hasCategories && drawn.across().isPresent()) {
                xml.empty("chart", "domain");
                xml.attribute(
                        "table", "cell-range-address", spelled(drawn.across().get()));
            }
            xml.end();
        }
        xml.end();
    }

    private static void axis(
            String dimension, String title, Optional<Drawn.Range> categories, boolean hasGrid, PartWriter xml)
            throws XMLStreamException {
        xml.start("chart", "axis");
        xml.attribute("chart", "dimension", dimension);
        xml.attribute("chart", "name", "primary-" + dimension);
        title(title, xml);
        if (categories.isPresent()) {
            xml.empty("chart", "categories");
            xml.attribute("table", "cell-range-address", spelled(categories.get()));
        }
        if (hasGrid) {
            xml.empty("chart", "grid");
            xml.attribute("chart", "class", "major");
        }
        xml.end();
    }

    /** {@code $Lots.$B$2:.$B$9}, without the brackets of formulas. */
    private static String spelled(Drawn.Range range) {
        String reference = Outgoing.reference(range.sheet(), range.area(), Dialect.OPEN_FORMULA);
        return reference.substring(1, reference.length() - 1);
    }

    /** Cells of a sheet; nothing where they are no single range. */
    static Optional<Drawn.Range> range(String spelled) {
        Matcher parts = RANGE.matcher(spelled.strip());
        if (!parts.matches() || parts.group(1) == null && parts.group(2) == null) {
            return Optional.empty();
        }
        String sheet = parts.group(1) != null ? parts.group(1).replace("''", "'") : parts.group(2);
        String corners = parts.group(3) + (parts.group(6) == null ? "" : ":" + parts.group(6));
        return Area.parse(corners.replace("$", "")).map(area -> new Drawn.Range(sheet, area));
    }

    /** What a style says about a series. */
    private record Look(boolean hasSymbols, boolean hasLines) {}

    /**
     * Reads a chart.
     *
     * @return nothing where it is of a form that is not here
     */
    static Optional<Drawn> read(XMLStreamReader xml, String sheet) throws XMLStreamException {
        return new Reading().read(xml, sheet);
    }

    /** One series as it is read. */
    private record Series(
            Optional<Drawn.Range> values,
            Optional<Drawn.Range> heading,
            String style,
            List<Optional<Drawn.Range>> domains) {}

    /** One chart as it is read. */
    private static final class Reading {
        private final Map<String, Look> looks = new HashMap<>();
        private final List<Series> series = new ArrayList<>();
        private final Map<String, String> titles = new HashMap<>(Map.of("", "", "x", "", "y", ""));
        private Optional<Drawn.Range> categories = Optional.empty();
        private boolean hasCategories;
        private String form = "";
        private String style = "";
        private String dimension = "";
        private boolean isLying;
        private boolean isStacked;
        private boolean isOther;

        Optional<Drawn> read(XMLStreamReader xml, String sheet) throws XMLStreamException {
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    start(xml);
                } else if (event == XMLStreamConstants.END_ELEMENT
                        && xml.getLocalName().equals("axis")) {
                    dimension = "";
                }
            }
            return drawn(sheet);
        }

        private void start(XMLStreamReader xml) throws XMLStreamException {
            switch (xml.getLocalName()) {
                case "style" -> style = Part.attribute(xml, "name").orElse("");
                case "chart-properties" -> properties(xml);
                case "chart" -> Part.attribute(xml, "class").ifPresent(name -> form = name.replaceAll(".*:", "chart:"));
                case "axis" -> dimension = Part.attribute(xml, "dimension").orElse("z");
                case "title" -> titles.put(dimension, Part.text(xml).strip());
                case "categories" -> {
                    hasCategories = true;
                    categories = Part.attribute(xml, "cell-range-address").flatMap(ChartPart::range);
                }
                case "series" ->
                    series.add(new Series(
                            Part.attribute(xml, "values-cell-range-address").flatMap(ChartPart::range),
                            Part.attribute(xml, "label-cell-address").flatMap(ChartPart::range),
                            Part.attribute(xml, "style-name").orElse(""),
                            new ArrayList<>()));
                case "domain" -> {
                    if (!series.isEmpty()) {
                        series.get(series.size() - 1)
                                .domains()
                                .add(Part.attribute(xml, "cell-range-address").flatMap(ChartPart::range));
                    }
                }
                default -> {}
            }
        }

        private void properties(XMLStreamReader xml) {
            String symbols = Part.attribute(xml, "symbol-type").orElse("automatic");
            looks.put(
                    style,
                    new Look(
                            !symbols.equals("none"),
                            !Part.attribute(xml, "lines").orElse("true").equals("false")));
            isLying |= Part.attribute(xml, "vertical").orElse("false").equals("true");
            isStacked |= Part.attribute(xml, "stacked").orElse("false").equals("true");
            isOther |= Part.attribute(xml, "percentage").orElse("false").equals("true")
                    || Part.attribute(xml, "logarithmic").orElse("false").equals("true")
                    || Part.attribute(xml, "three-dimensional").orElse("false").equals("true");
        }

        private Optional<Drawn> drawn(String sheet) {
            Optional<Drawn.Kind> kind = CLASSES.entrySet().stream()
                    .filter(each -> each.getValue().equals(form))
                    .map(Map.Entry::getKey)
                    .findFirst();
            Optional<Set<Optional<Drawn.Range>>> across =
                    kind.map(each -> each == Drawn.Kind.PLACES ? firstDomains() : Set.of(categories));
            boolean isRead = across.isPresent()
                    && !isOther
                    && !series.isEmpty()
                    && series.size() <= MOST_SERIES
                    && across.get().size() == 1
                    && (kind.get() == Drawn.Kind.PLACES || hasCategories == categories.isPresent())
                    && series.stream().allMatch(each -> each.values().isPresent());
            return isRead
                    ? Optional.of(new Drawn(
                            sheet,
                            titles.get(""),
                            kind.get(),
                            isLying && kind.get() == Drawn.Kind.BARS,
                            isStacked,
                            across.get().iterator().next(),
                            series.stream()
                                    .map(each -> series(each, kind.get()))
                                    .toList(),
                            titles.get("x"),
                            titles.get("y")))
                    : Optional.empty();
        }

        /** The first series of a document may be the only one that says where all have their places. */
        private Set<Optional<Drawn.Range>> firstDomains() {
            return series.stream()
                    .filter(each -> !each.domains().isEmpty())
                    .map(each -> each.domains().get(0))
                    .collect(Collectors.toSet());
        }

        private Drawn.Series series(Series each, Drawn.Kind kind) {
            Look look = looks.getOrDefault(each.style(), new Look(true, true));
            Chart.Shape shape = kind == Drawn.Kind.BARS || kind == Drawn.Kind.SHARES
                    ? Chart.Shape.BARS
                    : !look.hasLines()
                            ? Chart.Shape.POINTS
                            : look.hasSymbols() ? Chart.Shape.POINTS_AND_LINE : Chart.Shape.LINE;
            return new Drawn.Series("", each.heading(), each.values().orElseThrow(), shape);
        }
    }
}
