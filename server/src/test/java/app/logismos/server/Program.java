package app.logismos.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The program as it runs, with its database in a folder, asked over HTTP. */
final class Program implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client = HttpClient.newHttpClient();
    private final ConfigurableApplicationContext context;
    private final String address;
    private @Nullable Wire wire;

    private Program(ConfigurableApplicationContext context) {
        this.context = context;
        this.address = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port") + "/api/v1";
    }

    static Program start(Path data, boolean demo, String... more) {
        Stream<String> usual = Stream.of("--server.port=0", "--logismos.data=" + data, "--logismos.demo=" + demo);
        return new Program(SpringApplication.run(
                LogismosServer.class, Stream.concat(usual, Stream.of(more)).toArray(String[]::new)));
    }

    /** An answer: its status, and its body as JSON. */
    record Answer(int status, JsonNode body) {
        /** The text of a field, by its path of names and indices: {@code /error/code}. */
        String at(String path) {
            return body.at(path).asString();
        }
    }

    /** Where a call is. */
    String address(String path) {
        return address + path;
    }

    Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    Answer post(String path, String body) {
        return send("POST", path, body);
    }

    Answer put(String path, String body) {
        return send("PUT", path, body);
    }

    /** How any call ends; compared with the contract like all others. */
    int status(String method, String path, String body) {
        HttpRequest.Builder request = body.isEmpty()
                ? HttpRequest.newBuilder(URI.create(address + path)).method(method, HttpRequest.BodyPublishers.noBody())
                : withBody(method, path, body);
        return sent(request, Optional.of(body).filter(text -> !text.isEmpty())).statusCode();
    }

    /** A document as it is. */
    Answer postBytes(String path, byte[] document) {
        return answer(sent(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("content-type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(document)),
                Optional.empty()));
    }

    /** What the program still reads, though the contract does not say so any more. */
    Answer postInEarlierWords(String path, String body) {
        return send(withBody("POST", path, body));
    }

    private Answer send(String method, String path, String body) {
        return answer(sent(withBody(method, path, body), Optional.of(body).filter(text -> !text.isEmpty())));
    }

    private HttpRequest.Builder withBody(String method, String path, String body) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("content-type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
    }

    Answer delete(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).DELETE());
    }

    Answer calculate(String expression) {
        return post("/calculate", JSON.writeValueAsString(Map.of("expression", expression)));
    }

    /** Types into cells of a grid: cell, text, cell, text … */
    Answer type(String worksheet, long base, String grid, String... cellsAndTexts) {
        StringBuilder cells = new StringBuilder();
        for (int i = 0; i < cellsAndTexts.length; i += 2) {
            cells.append(i == 0 ? "" : ",")
                    .append("{\"cell\":\"" + cellsAndTexts[i] + "\",\"text\":")
                    .append(JSON.writeValueAsString(cellsAndTexts[i + 1]))
                    .append('}');
        }
        return post(
                "/worksheets/" + worksheet + "/edits",
                "{\"base\":" + base + ",\"commands\":[{\"do\":\"enter\",\"grid\":\"" + grid + "\",\"cells\":[" + cells
                        + "]}]}");
    }

    String newWorksheet(String title) {
        return post("/worksheets", "{\"title\":\"" + title + "\"}").at("/id");
    }

    String shown(String worksheet, String grid, String cell) {
        return get("/worksheets/" + worksheet + "/grids/" + grid + "/cells/" + cell)
                .at("/cell/display");
    }

    Answer send(HttpRequest.Builder request) {
        return answer(sent(request, Optional.empty()));
    }

    private static Answer answer(HttpResponse<String> response) {
        return new Answer(response.statusCode(), JSON.readTree(response.body().isEmpty() ? "{}" : response.body()));
    }

    /** What is no JSON. */
    String text(String path) {
        return sent(HttpRequest.newBuilder(URI.create(address + path)).GET(), Optional.empty())
                .body();
    }

    private HttpResponse<String> sent(HttpRequest.Builder request, Optional<String> body) {
        HttpRequest asked = request.build();
        HttpResponse<String> answer = answered(asked);
        if (!asked.uri().getPath().startsWith("/api/v1/")) {
            return answer;
        }
        wire().compare(
                        asked.method(),
                        asked.uri().getPath(),
                        body,
                        answer.statusCode(),
                        answer.headers().firstValue("content-type").orElse(""),
                        answer.body());
        return answer;
    }

    /** The contract is the same for every program, and is asked for once. */
    private synchronized Wire wire() {
        if (wire == null) {
            wire = new Wire(answered(HttpRequest.newBuilder(URI.create(address.replace("/api/v1", "/api/openapi.json")))
                            .build())
                    .body());
        }
        return wire;
    }

    private HttpResponse<String> answered(HttpRequest request) {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /** Does something to the database behind the program's back. */
    void sql(String statement) {
        new JdbcTemplate(context.getBean(DataSource.class)).execute(statement);
    }

    /** The count that a query asks the database for. */
    long count(String query) {
        return new JdbcTemplate(context.getBean(DataSource.class)).queryForObject(query, Long.class);
    }

    /** A part of the program. */
    <T> T part(Class<T> type) {
        return context.getBean(type);
    }

    String address() {
        return address;
    }

    @Override
    public void close() {
        context.close();
    }
}
