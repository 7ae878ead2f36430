package app.logismos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.server.Wire;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.options.HarContentPolicy;
import com.microsoft.playwright.options.HarMode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a browser and the program said to each other while it was recorded (HTTP Archive 1.2). */
final class Traffic {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String CALLS = "/api/v1/";
    private static final boolean MEASURES = Boolean.getBoolean("logismos.speed");
    private static final Map<String, Wire> WIRES = new ConcurrentHashMap<>();

    private final Path archive;
    private final Wire wire;

    Traffic(RunningProgram program) {
        this.wire = WIRES.computeIfAbsent(program.address(), Traffic::contract);
        try {
            this.archive = Files.createTempFile("traffic", ".har");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static Wire contract(String address) {
        try {
            return new Wire(HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address).resolve("/api/openapi.json"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /** A context that records its traffic until it is closed; not where its speed is measured, since that takes time. */
    Browser.NewContextOptions recorded(Browser.NewContextOptions context) {
        if (MEASURES) {
            return context;
        }
        return context.setRecordHarPath(archive)
                .setRecordHarUrlFilter("**" + CALLS + "**")
                .setRecordHarContent(HarContentPolicy.EMBED)
                .setRecordHarMode(HarMode.MINIMAL);
    }

    /** Compares all calls that were answered with the contract. */
    void compare() {
        if (MEASURES) {
            return;
        }
        try {
            JsonNode entries = JSON.readTree(Files.readString(archive)).at("/log/entries");
            assertThat(entries).as("calls that were recorded").isNotEmpty();
            entries.forEach(this::compare);
            Files.delete(archive);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private void compare(JsonNode entry) {
        JsonNode content = entry.at("/response/content");
        int status = entry.at("/response/status").asInt();
        boolean isWhole = status > 0 && (content.has("text") || status == 204);
        if (!isWhole) {
            return; // not answered, or not to its end: events go on as long as the page
        }
        wire.compare(
                entry.at("/request/method").asString(),
                URI.create(entry.at("/request/url").asString()).getRawPath(),
                Optional.of(entry.at("/request/postData/text"))
                        .filter(JsonNode::isString)
                        .map(JsonNode::asString),
                status,
                content.path("mimeType").asString(""),
                body(content));
    }

    private static String body(JsonNode content) {
        String text = content.path("text").asString("");
        return content.path("encoding").asString("").equals("base64")
                ? new String(Base64.getDecoder().decode(text), StandardCharsets.UTF_8)
                : text;
    }
}
