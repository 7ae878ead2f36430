package app.logismos.formats.office;

import app.logismos.formats.book.Drawn;
import app.logismos.formats.document.PartStream;
import app.logismos.formats.document.Xml;
import app.logismos.formula.Area;
import app.logismos.sheet.Chart;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.PackagePart;
import org.apache.poi.openxml4j.opc.PackageRelationship;

/** Reads the charts of a sheet of an Office Open XML workbook (ECMA-376, part 1, section 21.2). */
final class OfficeCharts {
    private static final long LARGEST_PART = 32L << 20;
    private static final int MOST_SERIES = 255;
    private static final Pattern REFERENCE = Pattern.compile(
            "(?:'((?:[^']|'')+)'|([^'!\\[\\]]+))!(\\$?[A-Za-z]{1,3}\\$?[0-9]+(?::\\$?[A-Za-z]{1,3}\\$?[0-9]+)?)");
    private static final Map<String, Drawn.Kind> KINDS = Map.of(
            "barChart", Drawn.Kind.BARS,
            "lineChart", Drawn.Kind.LINES,
            "scatterChart", Drawn.Kind.PLACES,
            "pieChart", Drawn.Kind.SHARES,
            "doughnutChart", Drawn.Kind.SHARES);

    private final List<Drawn> drawn;
    private final Set<String> leftOut;

    private OfficeCharts(List<Drawn> drawn, Set<String> leftOut) {
        this.drawn = drawn;
        this.leftOut = leftOut;
    }

    /**
     * Reads what lies on a sheet.
     *
     * @param drawn gets its charts
     * @param leftOut gets what is no chart, or one of a form that is not here
     */
    static void read(PackagePart sheet, String title, List<Drawn> drawn, Set<String> leftOut)
            throws OpenXML4JException, IOException {
        OfficeCharts charts = new OfficeCharts(drawn, leftOut);
        for (PackageRelationship each : sheet.getRelationships()) {
            if (each.getRelationshipType().endsWith("/drawing")) {
                charts.drawing(sheet.getRelatedPart(each), title);
            }
        }
    }

    private void drawing(PackagePart drawing, String sheet) throws OpenXML4JException, IOException {
        for (PackageRelationship each : drawing.getRelationships()) {
            if (drawn.size() >= Drawn.MOST) {
                leftOut.add("charts behind the first " + Drawn.MOST);
            } else if (each.getRelationshipType().endsWith("/chart")) {
                try (InputStream part =
                        PartStream.ofXml(drawing.getRelatedPart(each).getInputStream(), LARGEST_PART)) {
                    new Reading()
                            .read(Xml.reader(part), sheet)
                            .ifPresentOrElse(drawn::add, () -> leftOut.add("charts of forms that are not here"));
                } catch (XMLStreamException broken) {
                    leftOut.add("charts that are damaged");
                }
            } else {
                leftOut.add("pictures");
            }
        }
    }

    /** Cells of a sheet, as a chart spells them; nothing where they are no single range. */
    static Optional<Drawn.Range> range(String spelled) {
        Matcher parts = REFERENCE.matcher(spelled.strip());
        if (!parts.matches()) {
            return Optional.empty();
        }
        String sheet = parts.group(1) != null ? parts.group(1).replace("''", "'") : parts.group(2);
        return Area.parse(parts.group(3).replace("$", "")).map(area -> new Drawn.Range(sheet, area));
    }

    /** One series as it is read. */
    private static final class Part {
        private String name = "";
        private Optional<Drawn.Range> heading = Optional.empty();
        private Optional<Drawn.Range> values = Optional.empty();
        private Optional<Drawn.Range> across = Optional.empty();
        private boolean hasAcross;
        private boolean hasMarkers = true;
        private boolean hasLine = true;

        Chart.Shape shape(Drawn.Kind kind) {
            return kind == Drawn.Kind.BARS || kind == Drawn.Kind.SHARES
                    ? Chart.Shape.BARS
                    : !hasLine ? Chart.Shape.POINTS : hasMarkers ? Chart.Shape.POINTS_AND_LINE : Chart.Shape.LINE;
        }
    }

    /** One chart as it is read. */
    private final class Reading {
        private final List<String> path = new ArrayList<>();
        private final List<Part> parts = new ArrayList<>();
        private final List<String> axes = new ArrayList<>();
        private final StringBuilder title = new StringBuilder();
        private final StringBuilder first = new StringBuilder();
        private final StringBuilder second = new StringBuilder();
        private final Set<Drawn.Kind> kinds = new LinkedHashSet<>();
        private boolean isOther;
        private boolean isLying;
        private boolean isStacked;
        private boolean hasLines = true;

        Optional<Drawn> read(XMLStreamReader xml, String sheet) throws XMLStreamException {
            while (xml.hasNext()) {
                switch (xml.next()) {
                    case XMLStreamConstants.START_ELEMENT -> {
                        path.add(xml.getLocalName());
                        start(xml);
                    }
                    case XMLStreamConstants.END_ELEMENT -> path.remove(path.size() - 1);
                    case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> text(xml.getText());
                    default -> {}
                }
            }
            return drawn(sheet);
        }

        private void start(XMLStreamReader xml) {
            String name = xml.getLocalName();
            String value =
                    Optional.ofNullable(xml.getAttributeValue(null, "val")).orElse("");
            if (parent().equals("plotArea") && name.endsWith("Chart")) {
                Optional.ofNullable(KINDS.get(name)).ifPresentOrElse(kinds::add, () -> isOther = true);
            }
            switch (name) {
                case "ser" -> parts.add(new Part());
                case "barDir" -> isLying = value.equals("bar");
                case "grouping" -> {
                    isStacked |= value.equals("stacked");
                    isOther |= value.equals("percentStacked");
                }
                case "scatterStyle" -> hasLines = !value.equals("marker") && !value.equals("none");
                case "logBase" -> isOther = true;
                case "symbol" -> last().ifPresent(part -> part.hasMarkers &= !value.equals("none"));
                case "noFill" ->
                    last().filter(part -> isIn("ser", "spPr", "ln")).ifPresent(part -> part.hasLine = false);
                case "valAx", "catAx", "dateAx", "serAx" -> axes.add(name);
                case "numRef", "strRef", "multiLvlStrRef", "strLit" ->
                    last().filter(part -> path.contains("cat") || path.contains("xVal"))
                            .ifPresent(part -> part.hasAcross = true);
                default -> {}
            }
        }

        private String parent() {
            return path.size() < 2 ? "" : path.get(path.size() - 2);
        }

        private Optional<Part> last() {
            return parts.isEmpty() || !path.contains("ser")
                    ? Optional.empty()
                    : Optional.of(parts.get(parts.size() - 1));
        }

        private boolean isIn(String... elements) {
            int from = path.size() - 1 - elements.length;
            return from >= 0 && path.subList(from, path.size() - 1).equals(List.of(elements));
        }

        private void text(String text) {
            String name = path.isEmpty() ? "" : path.get(path.size() - 1);
            if (last().isPresent()) {
                part(last().get(), name, text);
            } else if (name.equals("t") && path.contains("title")) {
                (axes.isEmpty() ? title : axes.size() == 1 ? first : second).append(text);
            }
        }

        private void part(Part part, String name, String text) {
            if (name.equals("f") && path.contains("tx")) {
                part.heading = range(text);
            } else if (name.equals("v") && path.contains("tx")) {
                part.name += text;
            } else if (name.equals("f") && (path.contains("cat") || path.contains("xVal"))) {
                part.across = range(text);
            } else if (name.equals("f") && (path.contains("val") || path.contains("yVal"))) {
                part.values = range(text);
            }
        }

        private Optional<Drawn> drawn(String sheet) {
            Set<Optional<Drawn.Range>> across =
                    parts.stream().map(part -> part.across).collect(Collectors.toSet());
            boolean isRead = !isOther
                    && kinds.size() == 1
                    && !parts.isEmpty()
                    && parts.size() <= MOST_SERIES
                    && across.size() == 1
                    && parts.stream()
                            .allMatch(part -> part.values.isPresent() && part.hasAcross == part.across.isPresent());
            if (!isRead) {
                return Optional.empty();
            }
            Drawn.Kind kind = kinds.iterator().next();
            parts.forEach(part -> part.hasLine &= hasLines || kind != Drawn.Kind.PLACES);
            return Optional.of(new Drawn(
                    sheet,
                    title.toString(),
                    kind,
                    kind == Drawn.Kind.BARS && isLying,
                    isStacked,
                    across.iterator().next(),
                    parts.stream()
                            .map(part -> new Drawn.Series(
                                    part.name, part.heading, part.values.orElseThrow(), part.shape(kind)))
                            .toList(),
                    first.toString(),
                    second.toString()));
        }
    }
}
