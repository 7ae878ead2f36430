package app.logismos.formats.json;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.sheet.Block;
import app.logismos.sheet.Chart;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import app.logismos.sheet.Tabulation;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The published schema has the parts that are written. */
class SchemaTest {
    private static final JsonNode SCHEMA = new JsonMapper().readTree(JsonFormat.schemaText());

    static List<Map.Entry<String, Class<?>>> records() {
        return List.of(
                Map.entry("Section", Section.class),
                Map.entry("Settings", Settings.class),
                Map.entry("BlockGrid", Block.Grid.class),
                Map.entry("BlockNote", Block.Note.class),
                Map.entry("Tabulation", Tabulation.class),
                Map.entry("Chart", Chart.class),
                Map.entry("ChartSeries", Chart.Series.class),
                Map.entry("ChartLook", Chart.Look.class),
                Map.entry("ChartAxisLook", Chart.AxisLook.class),
                Map.entry("ChartCells", Chart.Cells.class),
                Map.entry("ChartCurve", Chart.Curve.class),
                Map.entry("ChartPath", Chart.Path.class),
                Map.entry("ChartDeleted", Chart.Deleted.class),
                Map.entry("ChartLabel", Chart.Label.class),
                Map.entry("ChartArrow", Chart.Arrow.class),
                Map.entry("ChartFormula", Chart.Formula.class),
                Map.entry("ChartTangent", Chart.Tangent.class));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("records")
    void eachPartHasThePropertiesOfItsRecord(Map.Entry<String, Class<?>> of) {
        JsonNode part = SCHEMA.at("/$defs/" + of.getKey());
        Stream<RecordComponent> components = Stream.of(of.getValue().getRecordComponents());
        assertThat(properties(part))
                .isEqualTo(components.map(RecordComponent::getName).collect(Collectors.toCollection(TreeSet::new)));
        List<String> needed = Stream.of(of.getValue().getRecordComponents())
                .filter(component -> component.getType() != Optional.class)
                .map(RecordComponent::getName)
                .toList();
        assertThat(part.get("required").valueStream().map(JsonNode::asString).toList())
                .containsAll(needed);
        assertThat(part.get("additionalProperties").asBoolean()).isFalse();
    }

    private static TreeSet<String> properties(JsonNode part) {
        return part.get("properties")
                .propertyStream()
                .filter(property -> !property.getValue().has("const"))
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void theWholeHasThePropertiesOfItsRecord() {
        assertThat(properties(SCHEMA))
                .isEqualTo(Stream.of(WorksheetDocument.class.getRecordComponents())
                        .map(RecordComponent::getName)
                        .collect(Collectors.toCollection(TreeSet::new)));
    }

    @Test
    void theFormatThatIsWrittenIsTheHighestThatTheSchemaHas() {
        assertThat(SCHEMA.at("/properties/format/maximum").asInt()).isEqualTo(JsonFormat.FORMAT);
    }
}
