package app.logismos.server.web;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What {@code /api/openapi.json} says beside the calls and their schemas. */
@Configuration
class Contract {
    private static final Set<String> DOCUMENT = Set.of("application/octet-stream", "application/json");

    private static final String PROBLEM = "Problem";

    @Bean
    OpenAPI contractInfo() {
        return new OpenAPI()
                .info(new Info()
                        .title("Logismos")
                        .version("1")
                        .description(
                                "Worksheets of cell formulas: what the pages ask the program, for other programs too."))
                .servers(List.of(new Server().url("/")))
                .components(new Components().addSchemas(PROBLEM, problem()));
    }

    /** Problem details (RFC 9457): some have members of their own. */
    private static Schema<?> problem() {
        Schema<?> problem = new JsonSchema().typesItem("object");
        problem.addProperty("title", text("The kind of problem."));
        problem.addProperty("status", new JsonSchema().typesItem("integer").format("int32"));
        problem.addProperty("detail", text("What is wrong and what can be done, in sentences."));
        problem.setRequired(List.of("status"));
        problem.setAdditionalProperties(true);
        return problem;
    }

    private static Schema<?> text(String description) {
        Schema<?> text = new JsonSchema().typesItem("string");
        text.setDescription(description);
        return text;
    }

    /** Each call has a name of its own, after the room that it is in. */
    @Bean
    @Order(Ordered.HIGHEST_PRECEDENCE)
    OperationCustomizer callNames() {
        return (operation, method) -> {
            String room = method.getBeanType().getSimpleName().replaceFirst("Endpoint$", "");
            String call = method.getMethod().getName();
            operation.setDescription(Javadocs.of(method.getMethod()));
            return operation.operationId(room.substring(0, 1).toLowerCase(Locale.ROOT)
                    + room.substring(1)
                    + call.substring(0, 1).toUpperCase(Locale.ROOT)
                    + call.substring(1));
        };
    }

    /** An example of each parameter and body; tests send them all. */
    @Bean
    OperationCustomizer callExamples() throws IOException {
        JsonNode examples;
        try (InputStream file = Contract.class.getResourceAsStream("examples.json")) {
            examples = new JsonMapper().readTree(file);
        }
        return (operation, method) -> {
            Stream.ofNullable(operation.getParameters()).flatMap(List::stream).forEach(parameter -> {
                JsonNode known = examples.get("parameters").required(parameter.getName());
                parameter.description(known.get("says").asString()).example(plain(known.get("example")));
            });
            if (operation.getRequestBody() != null) {
                operation
                        .getRequestBody()
                        .getContent()
                        .values()
                        .forEach(media ->
                                media.example(plain(examples.get("bodies").required(operation.getOperationId()))));
            }
            return operation;
        };
    }

    /** Where a document may be sent as bytes or as JSON, it may be the JSON itself. */
    @Bean
    OperationCustomizer documents() {
        return (operation, method) -> {
            if (operation.getRequestBody() != null
                    && operation.getRequestBody().getContent().keySet().containsAll(DOCUMENT)) {
                operation
                        .getRequestBody()
                        .getContent()
                        .get("application/json")
                        .setSchema(new JsonSchema().typesItem("object"));
            }
            return operation;
        };
    }

    private static Object plain(JsonNode json) {
        return new JsonMapper().convertValue(json, Object.class);
    }

    /** Every call may be refused. */
    @Bean
    OpenApiCustomizer refusals() {
        MediaType answer = new MediaType().schema(new JsonSchema().$ref("#/components/schemas/" + PROBLEM));
        return contract -> contract.getPaths()
                .values()
                .forEach(path -> path.readOperations()
                        .forEach(operation -> List.of("4XX", "5XX")
                                .forEach(status -> operation
                                        .getResponses()
                                        .addApiResponse(
                                                status,
                                                new ApiResponse()
                                                        .description("It is refused, or cannot be done.")
                                                        .content(new Content()
                                                                .addMediaType("application/problem+json", answer))))));
    }
}
