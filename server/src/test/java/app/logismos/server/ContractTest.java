package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.dialect.Dialects;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The description of the API by itself: whole, valid and without names for two things. That what goes over the wire is as
 * described, all other tests of the program show; see {@link Wire}.
 */
class ContractTest {
    @TempDir
    static Path data;

    private static Program program;
    private static JsonNode contract;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
        contract = program.send(
                        HttpRequest.newBuilder(URI.create(program.address().replace("/api/v1", "/api/openapi.json"))))
                .body();
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    /** A call with where it is. */
    private record Call(String name, JsonNode described) {}

    private static Stream<Call> calls() {
        return contract.get("paths").properties().stream()
                .flatMap(path -> path.getValue().properties().stream()
                        .map(method -> new Call(method.getKey() + " " + path.getKey(), method.getValue())));
    }

    @Test
    void everyCallHasANameOfItsOwnAndSaysWhatItTakesAndAnswers() {
        Set<String> names = new HashSet<>();
        calls().forEach(call -> {
            assertThat(names.add(call.described().get("operationId").asString()))
                    .as("%s has the name of another", call.name())
                    .isTrue();
            call.described()
                    .get("responses")
                    .properties()
                    .forEach(response -> assertThat(response.getKey().equals("204")
                                    || response.getValue().path("content").size() == 1)
                            .as("%s answers %s", call.name(), response.getKey())
                            .isTrue());
            assertThat(call.described().get("responses").propertyNames()).contains("4XX", "5XX");
        });
        assertThat(names).hasSizeGreaterThan(30);
    }

    @Test
    void everyReferenceLeadsToASchemaAndEverySchemaIsReferredTo() {
        Set<String> used = new TreeSet<>();
        references(contract, used);
        Set<String> there = new TreeSet<>();
        contract.at("/components/schemas").propertyNames().forEach(name -> there.add("#/components/schemas/" + name));
        assertThat(used).isEqualTo(there);
    }

    private static void references(JsonNode node, Set<String> found) {
        if (node.has("$ref")) {
            found.add(node.get("$ref").asString());
        }
        node.forEach(each -> references(each, found));
    }

    @Test
    void everySchemaIsOneOfJsonSchema() {
        SchemaRegistry registry = SchemaRegistry.withDefaultDialect(Dialects.getDraft202012());
        com.networknt.schema.Schema ofSchemas =
                registry.getSchema(SchemaLocation.of("https://json-schema.org/draft/2020-12/schema"));
        List<String> wrong = new ArrayList<>();
        contract.at("/components/schemas")
                .properties()
                .forEach(each -> ofSchemas
                        .validate(each.getValue().toString(), InputFormat.JSON)
                        .forEach(error -> wrong.add(each.getKey() + ": " + error)));
        assertThat(wrong).isEmpty();
    }

    @Test
    void whatTellsKindsApartIsSaidAndMustBeThere() {
        assertThat(Stream.of("Edit", "Act", "Block", "ChartSource", "ChartMark"))
                .allSatisfy(name -> {
                    JsonNode kinds = contract.at("/components/schemas/" + name);
                    String property = kinds.at("/discriminator/propertyName").asString();
                    assertThat(kinds.get("oneOf").size())
                            .isEqualTo(kinds.at("/discriminator/mapping").size());
                    kinds.at("/discriminator/mapping").properties().forEach(kind -> {
                        JsonNode schema = contract.at(kind.getValue().asString().substring(1));
                        assertThat(schema.at("/properties/" + property + "/const")
                                        .asString())
                                .isEqualTo(kind.getKey());
                        assertThat(schema.get("required").valueStream().map(JsonNode::asString))
                                .contains(property);
                    });
                });
    }

    static Stream<String> callNames() {
        return calls().map(Call::name);
    }

    /** A worksheet with some numbers, a chart of them, and a change that can be taken back. */
    private static String prepared() {
        String id = program.newWorksheet("Spring blend");
        program.type(id, 1, "grid-1", "A1", "3", "A2", "1", "A3", "2", "B1", "7", "B2", "8", "B3", "=A3*B1");
        program.post(
                "/worksheets/" + id + "/edits",
                chart(2, "\"do\": \"addBlock\", \"section\": \"section-1\", \"at\": 1", "Blend"));
        program.post("/worksheets/" + id + "/edits", chart(3, "\"do\": \"changeBlock\"", "Blends"));
        return id;
    }

    private static String chart(int base, String command, String title) {
        return """
                {"base": %d, "commands": [{%s, "block": {"kind": "chart", "id": "chart-1", "title": "%s", "grid": "grid-1", "across": "A1:A3",
                 "series": [{"source": {"of": "cells", "area": "B1:B3"}}]}}]}""".formatted(base, command, title);
    }

    @ParameterizedTest
    @MethodSource("callNames")
    void theExampleOfACallIsAnswered(String name) {
        JsonNode call = calls().filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .described();
        if (call.get("operationId").asString().equals("eventsListen")) {
            return; // it goes on for ever; EventsEndpoint has tests of its own
        }
        String id = prepared();
        if (name.endsWith("/redo")) {
            program.post("/worksheets/" + id + "/undo", "{}");
        }
        String path = name.substring(name.indexOf(' ') + 1).replaceFirst("^/api/v1", "");
        for (JsonNode parameter : call.path("parameters")) {
            JsonNode example = parameter.get("example");
            String value = parameter.get("name").asString().equals("id")
                    ? id
                    : (example.isArray() ? example.get(0) : example).asString();
            path = switch (parameter.get("in").asString()) {
                case "path" -> path.replace("{" + parameter.get("name").asString() + "}", value);
                case "query" ->
                    path + (path.contains("?") ? "&" : "?")
                            + parameter.get("name").asString() + "=" + value;
                default -> path;
            };
        }
        String method = name.substring(0, name.indexOf(' ')).toUpperCase(Locale.ROOT);
        JsonNode json = call.at("/requestBody/content/application~1json/example");
        JsonNode bytes = call.at("/requestBody/content/application~1octet-stream/example");
        assertThat(
                        json.isMissingNode() && !bytes.isMissingNode()
                                ? program.postBytes(path, bytes.asString().getBytes(StandardCharsets.UTF_8))
                                        .status()
                                : program.status(method, path, json.isMissingNode() ? "" : json.toString()))
                .as("%s with %s", path, json)
                .isLessThan(300);
    }

    /** The pages' types are made from the file that is kept: {@code -Dlogismos.contract=write} writes it anew. */
    @Test
    void theContractThatIsKeptIsThatOfTheProgram() throws IOException {
        Path kept = Path.of("../docs/openapi.json");
        if ("write".equals(System.getProperty("logismos.contract"))) {
            Files.writeString(
                    kept,
                    JsonMapper.builder()
                                    .build()
                                    .writerWithDefaultPrettyPrinter()
                                    .writeValueAsString(contract) + "\n");
        }
        assertThat(JsonMapper.builder().build().readTree(Files.readString(kept)))
                .as(
                        "docs/openapi.json; mvn -pl server test -Dtest=ContractTest -Dlogismos.contract=write writes it anew")
                .isEqualTo(contract);
    }
}
