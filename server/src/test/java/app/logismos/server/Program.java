package app.logismos.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The program as it runs, with its database in a folder, asked over HTTP. */
final class Program implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client = HttpClient.newHttpClient();
    private final ConfigurableApplicationContext context;
    private final String address;

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

    Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    Answer post(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("content-type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    Answer put(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("content-type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body)));
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
        HttpResponse<String> response = sent(request);
        return new Answer(response.statusCode(), JSON.readTree(response.body().isEmpty() ? "{}" : response.body()));
    }

    /** What is no JSON. */
    String text(String path) {
        return sent(HttpRequest.newBuilder(URI.create(address + path)).GET()).body();
    }

    private HttpResponse<String> sent(HttpRequest.Builder request) {
        try {
            return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    String address() {
        return address;
    }

    @Override
    public void close() {
        context.close();
    }
}
