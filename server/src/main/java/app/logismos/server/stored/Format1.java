package app.logismos.server.stored;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads the format that was written up to database version 3: what the HTTP calls took then. Parts that came in its time may
 * be missing, and some had other places before; all of it becomes as the format after it has it.
 */
final class Format1 {
    private static final ObjectNode GRID = usual("""
            {"headings": 0, "widths": {}, "styles": {}, "remarks": {}, "hiddenRows": [], "hiddenColumns": [],
             "beside": false}""");
    private static final ObjectNode NOTE = usual("""
            {"beside": false}""");
    private static final ObjectNode SECTION = usual("""
            {"isPart": false}""");
    private static final ObjectNode CHART = usual("""
            {"form": "PLOT", "series": [], "acrossAxis": {}, "upAxis": {}, "rightAxis": {}, "legend": "ABOVE",
             "lines": true, "swapped": false, "stacked": false, "marks": [], "beside": false, "acrossDeleted": false}""");
    private static final ObjectNode AXIS = usual("""
            {"title": "", "least": "", "most": "", "logarithmic": false}""");
    private static final ObjectNode SERIES = usual("""
            {"id": "", "name": "", "shape": "POINTS_AND_LINE", "onRight": false, "look": {}, "fit": "NONE",
             "errorsDeleted": false}""");
    private static final ObjectNode LOOK = usual("""
            {"colour": "", "dash": "USUAL", "width": 0, "marker": "USUAL", "size": 0, "hollow": false, "labels": false}""");

    private Format1() {}

    /** The same as format 2 has it; the tree itself is changed. */
    static JsonNode upgraded(JsonNode tree) {
        if (tree instanceof ObjectNode object) {
            object.properties().removeIf(part -> part.getValue().isNull());
            switch (object.path("kind").asString("")) {
                case "grid" -> fill(object, GRID);
                case "note" -> fill(object, NOTE);
                case "chart" -> chart(object);
                default -> {}
            }
            boolean isSection = object.has("blocks") && object.has("folded");
            if (isSection || object.path("do").asString("").equals("changeSection")) {
                fill(object, SECTION);
            }
        }
        tree.forEach(Format1::upgraded);
        return tree;
    }

    private static void chart(ObjectNode chart) {
        titled(chart, "acrossTitle", "acrossAxis");
        titled(chart, "upTitle", "upAxis");
        if (chart.path("legend").isBoolean()) {
            chart.put("legend", chart.get("legend").booleanValue() ? "ABOVE" : "NONE");
        }
        fill(chart, CHART);
        fill((ObjectNode) chart.get("acrossAxis"), AXIS);
        fill((ObjectNode) chart.get("upAxis"), AXIS);
        fill((ObjectNode) chart.get("rightAxis"), AXIS);
        ((ArrayNode) chart.get("series")).forEach(series -> series((ObjectNode) series));
    }

    private static void series(ObjectNode series) {
        if (series.has("cells")) {
            series.putObject("source").put("of", "cells").set("area", series.remove("cells"));
        }
        fill(series, SERIES);
        fill((ObjectNode) series.get("look"), LOOK);
    }

    /** A title had a place of its own. */
    private static void titled(ObjectNode chart, String earlier, String now) {
        if (chart.has(earlier)) {
            chart.putObject(now).set("title", chart.remove(earlier));
        }
    }

    private static void fill(ObjectNode object, ObjectNode usual) {
        usual.properties().forEach(part -> {
            if (!object.hasNonNull(part.getKey())) {
                object.set(part.getKey(), part.getValue().deepCopy());
            }
        });
    }

    private static ObjectNode usual(String json) {
        return (ObjectNode) new JsonMapper().readTree(json);
    }
}
