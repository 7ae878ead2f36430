package app.logismos.server.web;

import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import java.util.Map;
import java.util.Optional;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.deser.std.DelegatingDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Defaults of optional members in requests. Names that members had in earlier versions of the API are read too. */
class UsualParts extends ValueDeserializerModifier {
    private static final long serialVersionUID = 1L;

    private static final Map<Class<?>, ObjectNode> USUAL = Map.of(
            Block.Grid.class,
            parts("""
                    {"headings": 0, "widths": {}, "styles": {}, "remarks": {}, "hiddenRows": [], "hiddenColumns": [], "beside": false}"""),
            Block.Note.class,
            parts("""
                    {"beside": false}"""),
            Section.class,
            parts("""
                    {"folded": false, "isPart": false, "blocks": []}"""),
            Edit.ChangeSection.class,
            parts("""
                    {"isPart": false}"""),
            Chart.class,
            parts("""
                    {"form": "PLOT", "across": null, "series": [], "acrossAxis": {}, "upAxis": {}, "rightAxis": {},
                     "legend": "ABOVE", "lines": true, "swapped": false, "stacked": false, "marks": [], "beside": false,
                     "headings": null, "acrossDeleted": false}"""),
            Chart.AxisLook.class,
            parts("""
                    {"title": "", "least": "", "most": "", "logarithmic": false}"""),
            Chart.Series.class,
            parts("""
                    {"id": "", "name": "", "shape": "POINTS_AND_LINE", "onRight": false, "errors": null, "look": {},
                     "fit": "NONE", "errorsDeleted": false}"""),
            Chart.Cells.class,
            parts("""
                    {"grid": null}"""),
            Chart.Look.class,
            parts("""
                    {"colour": "", "dash": "USUAL", "width": 0, "marker": "USUAL", "size": 0, "hollow": false,
                     "labels": false}"""));

    /** What a part is where nothing is said of it; nothing where it must be said. */
    static Optional<JsonNode> usual(Class<?> type, String part) {
        return Optional.ofNullable(USUAL.get(type)).flatMap(parts -> Optional.ofNullable(parts.get(part)));
    }

    private static ObjectNode parts(String json) {
        return (ObjectNode) new JsonMapper().readTree(json);
    }

    @Override
    public ValueDeserializer<?> modifyDeserializer(
            DeserializationConfig config, BeanDescription.Supplier described, ValueDeserializer<?> deserializer) {
        ObjectNode usual = USUAL.get(described.getBeanClass());
        return usual == null ? deserializer : new Filling(deserializer, usual);
    }

    /** Reads an object after putting in the parts that it does not say. */
    private static final class Filling extends DelegatingDeserializer {
        private final ObjectNode usual;

        Filling(ValueDeserializer<?> reading, ObjectNode usual) {
            super(reading);
            this.usual = usual;
        }

        @Override
        protected ValueDeserializer<?> newDelegatingInstance(ValueDeserializer<?> reading) {
            return new Filling(reading, usual);
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            JsonNode read = context.readTree(parser);
            if (read instanceof ObjectNode object) {
                inEarlierWords(object);
                usual.properties().forEach(part -> object.putIfAbsent(part.getKey(), part.getValue()));
            }
            try (JsonParser tokens = context.treeAsTokens(read)) {
                tokens.nextToken();
                return super.deserialize(tokens, context);
            }
        }

        /** A chart's titles and a series' cells had places of their own once, and a legend was there or not. */
        private static void inEarlierWords(ObjectNode object) {
            titled(object, "acrossTitle", "acrossAxis");
            titled(object, "upTitle", "upAxis");
            if (object.has("legend") && object.get("legend").isBoolean()) {
                object.put("legend", object.get("legend").booleanValue() ? "ABOVE" : "NONE");
            }
            if (object.has("cells") && object.has("shape")) {
                object.putObject("source").put("of", "cells").set("area", object.remove("cells"));
            }
        }

        private static void titled(ObjectNode object, String earlier, String now) {
            if (object.has(earlier)) {
                object.putObject(now).set("title", object.remove(earlier));
            }
        }
    }
}
