package app.logismos.formats.json;

import app.logismos.formats.document.Brought;
import app.logismos.formats.document.Unreadable;
import app.logismos.formula.Address;
import app.logismos.formula.Vocabulary;
import app.logismos.sheet.Block;
import app.logismos.sheet.EditRefused;
import app.logismos.sheet.Worksheet;
import com.fasterxml.jackson.annotation.JsonFormat.Feature;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.exc.JsonNodeException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.ser.std.StdSerializer;

/** Reads and writes worksheets as JSON. */
public final class JsonFormat {
    /** The format that is written; those before are read. */
    public static final int FORMAT = 1;

    private static final long MOST_LENGTH = 256L << 20;
    private static final int MOST_DEPTH = 60;
    private static final int MOST_TEXT = 1 << 20;
    private static final JsonMapper JSON = mapper();
    private static final Schema SCHEMA = schema();

    private JsonFormat() {}

    /**
     * A change, for the history.
     *
     * @param says what was done
     */
    public record Past(Instant at, String says) {}

    /** The published schema. */
    public static String schemaText() {
        try (InputStream schema = JsonFormat.class.getResourceAsStream("/app/logismos/formats/worksheet.schema.json")) {
            return new String(schema.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Writes a worksheet whole. */
    public static void write(Worksheet worksheet, Optional<List<Past>> history, OutputStream to) {
        JSON.writerWithDefaultPrettyPrinter().writeValue(to, WorksheetDocument.of(worksheet, history));
    }

    /**
     * Reads a worksheet.
     *
     * @throws Unreadable where it is none, in a sentence with the place
     */
    public static Brought read(InputStream from, Vocabulary vocabulary) {
        JsonNode tree = tree(from);
        checkFormat(tree);
        errors(tree).stream().findFirst().ifPresent(first -> {
            throw new Unreadable(
                    "This JSON is no worksheet: at `" + first.getInstanceLocation() + "`, " + first.getMessage() + ".");
        });
        try {
            WorksheetDocument document = JSON.treeToValue(tree, WorksheetDocument.class);
            Worksheet worksheet = new Worksheet(document.title(), List.of(), vocabulary);
            document.edits().forEach(edit -> edit.apply(worksheet));
            return new Brought(worksheet, List.of());
        } catch (EditRefused | IllegalArgumentException | JacksonException refused) {
            throw new Unreadable("This JSON is no worksheet: " + sentence(refused));
        }
    }

    /** Where it does not agree with the schema. */
    private static List<Error> errors(JsonNode tree) {
        try {
            return SCHEMA.validate(tree);
        } catch (JsonNodeException tooLarge) {
            throw new Unreadable("This JSON is no worksheet: a whole number in it is too large.");
        }
    }

    private static JsonNode tree(InputStream from) {
        try {
            return JSON.readTree(from);
        } catch (JacksonException failed) {
            TokenStreamLocation place = failed.getLocation();
            String where = place == null ? "" : " in line " + place.getLineNr() + ", column " + place.getColumnNr();
            throw new Unreadable("This is no whole JSON document" + where + ": " + sentence(failed));
        }
    }

    private static String sentence(RuntimeException failed) {
        String says = failed instanceof JacksonException json ? json.getOriginalMessage() : failed.getMessage();
        return says.endsWith(".") ? says : says + ".";
    }

    private static void checkFormat(JsonNode tree) {
        JsonNode format = tree.path("format");
        if (!(tree instanceof ObjectNode) || !format.isInt()) {
            throw new Unreadable("This JSON is no worksheet: it does not begin with a `format` number.");
        }
        if (format.asInt() > FORMAT) {
            throw new Unreadable("This worksheet was written by a later version of the program, in format "
                    + format.asInt() + "; this one reads formats up to " + FORMAT + ".");
        }
    }

    private static Schema schema() {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schemaText(), InputFormat.JSON);
    }

    private static JsonMapper mapper() {
        JsonFactory factory = JsonFactory.builder()
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxDocumentLength(MOST_LENGTH)
                        .maxNestingDepth(MOST_DEPTH)
                        .maxStringLength(MOST_TEXT)
                        .build())
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .build();
        return CoreValues.in(JsonMapper.builder(factory))
                .addMixIn(Block.Grid.class, InOrder.class)
                .addModule(new SimpleModule("addresses").addKeyDeserializer(Address.class, new AddressKey()))
                .build();
    }

    /** What has no order of its own is written in that of its keys, so that equal worksheets are equal documents. */
    private abstract static class InOrder {
        @com.fasterxml.jackson.annotation.JsonFormat(with = Feature.WRITE_SORTED_MAP_ENTRIES)
        abstract Map<Integer, Integer> widths();

        @com.fasterxml.jackson.annotation.JsonFormat(with = Feature.WRITE_SORTED_MAP_ENTRIES)
        abstract Map<String, String> styles();

        @com.fasterxml.jackson.annotation.JsonFormat(with = Feature.WRITE_SORTED_MAP_ENTRIES)
        abstract Map<String, String> remarks();

        @JsonSerialize(using = Ascending.class)
        abstract Set<Integer> hiddenRows();

        @JsonSerialize(using = Ascending.class)
        abstract Set<Integer> hiddenColumns();
    }

    /** Numbers of lines, the first one first. */
    static final class Ascending extends StdSerializer<Set<Integer>> {
        Ascending() {
            super(Set.class);
        }

        @Override
        public void serialize(Set<Integer> lines, JsonGenerator to, SerializationContext context) {
            to.writeStartArray();
            lines.stream().sorted().forEach(to::writeNumber);
            to.writeEndArray();
        }
    }

    /** An address as the name of an entry. */
    private static final class AddressKey extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) {
            return Address.parse(key)
                    .orElseThrow(() -> context.weirdKeyException(Address.class, key, "it is no address"));
        }
    }
}
