package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The program is killed again and again while several write on several worksheets: every acknowledged change is there, once,
 * what a cell holds is what the history leads to, and so it is at earlier revisions. {@code logismos.kills} times, 5 unless
 * said otherwise.
 */
class KillStormTest {
    private static final int KILLS = Integer.getInteger("logismos.kills", 5);
    private static final int WRITERS = 4;
    private static final int ROWS = 8;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @TempDir
    Path data;

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(60)).build();

    /** Writes numbers into the cells of a worksheet, one after the other, and remembers what was acknowledged. */
    private final class Writer {
        final String id;
        /** What the worksheet holds, by revision: which cell got which number. */
        final TreeMap<Long, Map<String, String>> states = new TreeMap<>();

        private final Map<String, String> cells = new TreeMap<>();
        private long revision = 1;
        private int next;
        private String unanswered = "";

        Writer(String id) {
            this.id = id;
            states.put(1L, Map.of());
        }

        /** Writes until nobody answers; what was not answered is the first thing that is sent again. */
        void write(int port, Random random, int most) {
            for (int i = 0; i < most; i++) {
                if (unanswered.isEmpty()) {
                    String cell = "A" + (1 + random.nextInt(ROWS));
                    next++;
                    unanswered = cell + "=" + next;
                }
                String[] parts = unanswered.split("=");
                try {
                    JsonNode answer = send(
                            port,
                            "/worksheets/" + id + "/edits",
                            "{\"base\":" + revision
                                    + ",\"commands\":[{\"do\":\"enter\",\"grid\":\"grid-1\",\"cells\":[{\"cell\":\""
                                    + parts[0] + "\",\"text\":\"" + parts[1] + "\"}]}]}",
                            id + "-" + parts[1]);
                    revision = answer.at("/revision").asLong();
                    cells.put(parts[0], parts[1]);
                    states.put(revision, Map.copyOf(cells));
                    unanswered = "";
                } catch (IOException stopped) {
                    return;
                }
            }
        }
    }

    @Test
    void everyAcknowledgedChangeIsThereOnceHoweverOftenTheProgramIsKilled() throws Exception {
        Random random = new Random(11);
        List<Writer> writers = new ArrayList<>();
        for (int kill = 0; kill <= KILLS; kill++) {
            Running running = Running.start(data);
            try {
                if (kill == 0) {
                    for (int i = 0; i < WRITERS; i++) {
                        writers.add(new Writer(send(running.port, "/worksheets", "{\"title\":\"Writer\"}", "")
                                .at("/id")
                                .asString()));
                    }
                }
                boolean isLast = kill == KILLS;
                List<CompletableFuture<Void>> writing = writers.stream()
                        .map(writer -> CompletableFuture.runAsync(() ->
                                writer.write(running.port, new Random(writer.next), isLast ? 1 : Integer.MAX_VALUE)))
                        .toList();
                if (!isLast) {
                    running.process.waitFor(100 + random.nextInt(1_500), TimeUnit.MILLISECONDS);
                    running.process.destroyForcibly().waitFor();
                }
                CompletableFuture.allOf(writing.toArray(CompletableFuture[]::new))
                        .get(5, TimeUnit.MINUTES);
                if (isLast) {
                    for (Writer writer : writers) {
                        check(writer, running.port, random);
                    }
                }
            } finally {
                running.process.destroyForcibly().waitFor();
            }
        }
        assertThat(writers).allMatch(writer -> writer.next > 0, "each has written");
    }

    private void check(Writer writer, int port, Random random) throws IOException {
        assertThat(get(port, "/worksheets/" + writer.id + "/history").size())
                .as("changes, each once, and the beginning")
                .isEqualTo(writer.next + 1);
        assertThat(cells(writer, port, "")).isEqualTo(writer.states.lastEntry().getValue());
        List<Long> revisions = new ArrayList<>(writer.states.keySet());
        for (int i = 0; i < 10; i++) {
            long revision = revisions.get(random.nextInt(revisions.size()));
            assertThat(cells(writer, port, "&at=" + revision))
                    .as("at revision %s", revision)
                    .isEqualTo(writer.states.get(revision));
        }
    }

    private Map<String, String> cells(Writer writer, int port, String at) throws IOException {
        Map<String, String> cells = new TreeMap<>();
        get(port, "/worksheets/" + writer.id + "/grids/grid-1/cells?range=A1:A" + ROWS + at)
                .at("/cells")
                .forEach(cell -> cells.put(
                        cell.at("/address").asString(), cell.at("/entry").asString()));
        return cells;
    }

    private JsonNode get(int port, String path) throws IOException {
        return answer(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/v1" + path))
                .GET());
    }

    private JsonNode send(int port, String path, String body, String key) throws IOException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/v1" + path))
                .header("content-type", "application/json")
                .header("x-page", "storm")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        return answer(key.isEmpty() ? request : request.header("idempotency-key", key));
    }

    private JsonNode answer(HttpRequest.Builder request) throws IOException {
        try {
            HttpResponse<String> response =
                    client.send(request.timeout(Duration.ofMinutes(2)).build(), HttpResponse.BodyHandlers.ofString());
            assertThat(response.statusCode()).as(response.body()).isLessThan(300);
            return JSON.readTree(response.body());
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /** The program in a process of its own. */
    private record Running(Process process, int port) {
        static Running start(Path data) throws IOException {
            Process process = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            LogismosServer.class.getName(),
                            "--server.port=0",
                            "--logismos.data=" + data)
                    .redirectErrorStream(true)
                    .start();
            BufferedReader said = process.inputReader(StandardCharsets.UTF_8);
            StringBuilder before = new StringBuilder();
            String line = said.readLine();
            while (line != null && !line.startsWith("Logismos answers at")) {
                before.append(line).append('\n');
                line = said.readLine();
            }
            assertThat(line).as("the program must start, but said: %s", before).isNotNull();
            Thread rest = new Thread(() -> said.lines().forEach(each -> {}), "what the program says later");
            rest.setDaemon(true);
            rest.start();
            return new Running(process, Integer.parseInt(line.replaceAll(".*:(\\d+).*", "$1")));
        }
    }
}
