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
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What {@code /api/openapi.json} says beside the calls and their schemas. */
@Configuration
class Contract {
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
    OperationCustomizer callNames() {
        return (operation, method) -> {
            String room = method.getBeanType().getSimpleName().replaceFirst("Endpoint$", "");
            String call = method.getMethod().getName();
            return operation.operationId(room.substring(0, 1).toLowerCase(Locale.ROOT)
                    + room.substring(1)
                    + call.substring(0, 1).toUpperCase(Locale.ROOT)
                    + call.substring(1));
        };
    }

    /** Every call may be refused. */
    @Bean
    OpenApiCustomizer refusals() {
        MediaType answer = new MediaType().schema(new JsonSchema().$ref("#/components/schemas/" + PROBLEM));
        return contract -> contract.getPaths()
                .values()
                .forEach(path -> path.readOperations()
                        .forEach(operation -> Set.of("4XX", "5XX")
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
