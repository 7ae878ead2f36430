package app.logismos.e2e;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a chart has drawn, read back from its picture: pixels become data by the labels at the ticks. */
final class DrawnChart {
    private static final String READ = """
            svg => {
              const { left, top } = svg.getBoundingClientRect()
              const box = element => {
                const { x, y, width, height } = element.getBoundingClientRect()
                return { x: x - left + width / 2, y: y - top + height / 2, width, height }
              }
              return {
                texts: [...svg.querySelectorAll('text')].map(text => ({ text: text.textContent, ...box(text) })),
                shapes: [...svg.querySelectorAll('path, rect, polyline, circle')].map(shape => ({
                  fill: shape.getAttribute('fill') ?? '', stroke: shape.getAttribute('stroke') ?? '',
                  d: shape.getAttribute('d') ?? '', ...box(shape) })),
              }
            }""";

    private final List<Map<String, Object>> texts;
    private final List<Map<String, Object>> shapes;

    /** A place in the data. */
    record Place(double across, double up) {}

    private DrawnChart(List<Map<String, Object>> texts, List<Map<String, Object>> shapes) {
        this.texts = texts;
        this.shapes = shapes;
    }

    @SuppressWarnings("unchecked")
    static DrawnChart of(Locator figure) {
        Map<String, List<Map<String, Object>>> read = (Map<String, List<Map<String, Object>>>)
                figure.locator("[data-renderer] svg").first().evaluate(READ);
        return new DrawnChart(read.get("texts"), read.get("shapes"));
    }

    List<String> words() {
        return texts.stream().map(text -> (String) text.get("text")).toList();
    }

    /** The labels at the ticks of the horizontal axis. */
    List<String> ticksAcross() {
        return across().stream().map(text -> (String) text.get("text")).toList();
    }

    /** The labels at the ticks of the vertical axis on the left, from the top. */
    List<String> ticksUp() {
        return up().stream().map(text -> (String) text.get("text")).toList();
    }

    private List<Map<String, Object>> numbers() {
        return texts.stream()
                .filter(text -> ((String) text.get("text")).matches("[−-]?[0-9.]+(e[−-]?[0-9]+)?"))
                .toList();
    }

    /** Numbers in the row in which most of them stand. */
    private List<Map<String, Object>> across() {
        return numbers().stream()
                .collect(Collectors.groupingBy(text -> Math.round(number(text, "y"))))
                .values()
                .stream()
                .filter(row -> row.size() > 1)
                .max(Comparator.comparingInt(List::size))
                .orElse(List.of());
    }

    private List<Map<String, Object>> up() {
        List<Map<String, Object>> across = across();
        double middle =
                across.stream().mapToDouble(text -> number(text, "x")).average().orElse(Double.MAX_VALUE);
        return numbers().stream()
                .filter(text -> !across.contains(text) && number(text, "x") < middle)
                .sorted(Comparator.comparingDouble(text -> number(text, "y")))
                .toList();
    }

    /** The places of the markers of a colour, from left to right. */
    List<Place> markers(String colour) {
        return shapes.stream()
                .filter(shape ->
                        shape.get("fill").equals(colour) || shape.get("stroke").equals(colour))
                .filter(shape -> number(shape, "width") < 20 && number(shape, "width") > 4)
                .filter(shape -> Math.abs(number(shape, "width") - number(shape, "height")) < 3)
                .map(shape -> place(number(shape, "x"), number(shape, "y")))
                .filter(place -> place.up() < 1e6 && inside(place))
                .sorted(Comparator.comparingDouble(Place::across))
                .toList();
    }

    /** Without the legend, which stands above the axes. */
    private boolean inside(Place place) {
        double most = up().stream().mapToDouble(DrawnChart::value).max().orElse(0);
        double least = up().stream().mapToDouble(DrawnChart::value).min().orElse(0);
        return place.up() <= most + (most - least) / 50 && place.up() >= least - (most - least) / 50;
    }

    /** The lines of a colour, each as its places. */
    List<List<Place>> lines(String colour) {
        return shapes.stream()
                .filter(shape ->
                        shape.get("stroke").equals(colour) && shape.get("fill").equals("none"))
                .map(shape -> vertices((String) shape.get("d")))
                .filter(line -> line.size() > 1)
                .toList();
    }

    /** The same, each part of a line that is broken by itself. */
    List<List<Place>> branches(String colour) {
        return shapes.stream()
                .filter(shape ->
                        shape.get("stroke").equals(colour) && shape.get("fill").equals("none"))
                .flatMap(shape -> Stream.of(((String) shape.get("d")).split("(?=M)")))
                .map(this::vertices)
                .filter(line -> line.size() > 1)
                .toList();
    }

    /** The straight strokes of a colour from one place to another, as error bars have. */
    List<List<Place>> strokes(String colour) {
        return shapes.stream()
                .filter(shape -> shape.get("stroke").equals(colour))
                .map(shape -> vertices((String) shape.get("d")))
                .filter(line -> line.size() == 2)
                .toList();
    }

    private List<Place> vertices(String d) {
        List<Place> places = new ArrayList<>();
        for (String part : d.split("(?=[ML])")) {
            String[] numbers = part.replaceAll("[MLZ]", " ").strip().split("[ ,]+");
            if (numbers.length >= 2) {
                places.add(place(Double.parseDouble(numbers[0]), Double.parseDouble(numbers[1])));
            }
        }
        return places;
    }

    /** How many shapes are filled with a colour or a pattern. */
    long filled(String fill) {
        return shapes.stream()
                .filter(shape -> ((String) shape.get("fill")).startsWith(fill))
                .count();
    }

    /** The bars of a colour as the heights that they reach. */
    List<Double> bars(String colour) {
        return shapes.stream()
                .filter(shape ->
                        shape.get("fill").equals(colour) && number(shape, "width") > 12 && number(shape, "height") > 1)
                .filter(shape -> number(shape, "y") > 40)
                .sorted(Comparator.comparingDouble(shape -> number(shape, "x")))
                .map(shape -> place(0, number(shape, "y") - number(shape, "height") / 2)
                        .up())
                .toList();
    }

    /** The bars of a colour as the heights that they reach on the vertical axis on the right. */
    List<Double> barsOnTheRight(String colour) {
        List<Map<String, Object>> left = up();
        List<Map<String, Object>> across = across();
        List<Map<String, Object>> right = numbers().stream()
                .filter(text -> !left.contains(text) && !across.contains(text))
                .sorted(Comparator.comparingDouble(text -> number(text, "y")))
                .toList();
        return shapes.stream()
                .filter(shape ->
                        shape.get("fill").equals(colour) && number(shape, "width") > 12 && number(shape, "height") > 1)
                .filter(shape -> number(shape, "y") > 40)
                .sorted(Comparator.comparingDouble(shape -> number(shape, "x")))
                .map(shape -> interpolated(right, "y", number(shape, "y") - number(shape, "height") / 2))
                .toList();
    }

    /** The same place where equal ratios are equally far apart on both axes. */
    Place byRatio(Place place) {
        return new Place(byRatio(across(), place.across()), byRatio(up(), place.up()));
    }

    /** From what a place is between the ends to what it is by the logarithms of the ends. */
    private static double byRatio(List<Map<String, Object>> ticks, double place) {
        double first = value(ticks.get(0));
        double last = value(ticks.get(ticks.size() - 1));
        return first * Math.pow(last / first, (place - first) / (last - first));
    }

    /** The place in the data at a place on the picture. */
    Place place(double x, double y) {
        return new Place(interpolated(across(), "x", x), interpolated(up(), "y", y));
    }

    private static double interpolated(List<Map<String, Object>> ticks, String along, double at) {
        if (ticks.size() < 2) {
            return at;
        }
        Map<String, Object> first = ticks.get(0);
        Map<String, Object> last = ticks.get(ticks.size() - 1);
        double part = (at - number(first, along)) / (number(last, along) - number(first, along));
        return value(first) + part * (value(last) - value(first));
    }

    private static double value(Map<String, Object> tick) {
        return Double.parseDouble(((String) tick.get("text")).replace('−', '-'));
    }

    private static double number(Map<String, Object> shape, String part) {
        return ((Number) shape.get(part)).doubleValue();
    }
}
