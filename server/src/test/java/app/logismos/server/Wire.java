package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.dialect.Dialects;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Compares what goes over the wire with what the contract says of it: each test that asks the program is a test of {@code
 * /api/openapi.json} by this. Members that the contract does not know are a difference too.
 */
public final class Wire {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final JsonNode contract;
    private final ObjectNode components;
    private final SchemaRegistry registry = SchemaRegistry.withDefaultDialect(Dialects.getDraft202012());
    private final Map<String, Schema> schemas = new ConcurrentHashMap<>();

    /** A contract as {@code /api/openapi.json} has it. */
    public Wire(String contract) {
        this.contract = JSON.readTree(contract);
        this.components = (ObjectNode) this.contract.get("components").deepCopy();
        components.get("schemas").forEach(Wire::close);
    }

    private static void close(JsonNode schema) {
        if (schema.has("properties") && !schema.has("additionalProperties")) {
            ((ObjectNode) schema).put("additionalProperties", false);
        }
    }

    /** One call of the contract. */
    private record Call(String path, JsonNode described) {}

    private Optional<Call> call(String method, String path) {
        return contract.get("paths").properties().stream()
                .filter(each -> matches(each.getKey(), path) && each.getValue().has(method.toLowerCase(Locale.ROOT)))
                // Of calls that both match, the one with fewer letters that stand for something else.
                .min((one, other) -> Long.compare(letters(one.getKey()), letters(other.getKey())))
                .map(each -> new Call(each.getKey(), each.getValue().get(method.toLowerCase(Locale.ROOT))));
    }

    private static boolean matches(String template, String path) {
        return Pattern.matches(template.replaceAll("\\{\\w+}", "[^/]+"), path);
    }

    private static long letters(String template) {
        return template.chars().filter(c -> c == '{').count();
    }

    /** Looks at a request that was answered; only what was accepted must be as described. */
    public void compare(String method, String path, Optional<String> sent, int status, String type, String answered) {
        Optional<Call> found = call(method, path);
        if (found.isEmpty() && status >= 400) {
            return; // what the contract does not know is refused
        }
        Call call = found.orElseThrow(() -> new AssertionError("The contract knows no " + method + " " + path));
        String name = method + " " + call.path();
        JsonNode asked = call.described().at("/requestBody/content/application~1json/schema");
        if (status < 400 && sent.isPresent() && !asked.isMissingNode()) {
            look(name + " asked", asked, sent.get());
        }
        JsonNode responses = call.described().get("responses");
        JsonNode response = Optional.ofNullable(responses.get(String.valueOf(status)))
                .orElseGet(() -> responses.get(status / 100 + "XX"));
        assertThat(response)
                .as("%s answers %s, of which the contract knows nothing", name, status)
                .isNotNull();
        if (answered.isEmpty()) {
            assertThat(response.has("content"))
                    .as("%s is described with a body", name)
                    .isFalse();
            return;
        }
        String media = type.replaceFirst(";.*", "");
        JsonNode content = response.path("content").path(media);
        assertThat(content.isMissingNode())
                .as("%s answers %s with %s", name, status, media)
                .isFalse();
        if (media.endsWith("json")) {
            look(name + " answered " + status, content.get("schema"), answered);
        }
    }

    private void look(String what, JsonNode schema, String body) {
        Schema compiled = schemas.computeIfAbsent(what, name -> {
            ObjectNode whole = JSON.createObjectNode();
            whole.putArray("allOf").add(schema);
            whole.set("components", components);
            return registry.getSchema(whole);
        });
        List<Error> errors = compiled.validate(JSON.readTree(body));
        assertThat(errors)
                .as("%s: %s", what, body.substring(0, Math.min(1_000, body.length())))
                .isEmpty();
    }
}
