package app.logismos.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;

/** The program in a process of its own, as people run it; it can be killed at any moment. */
final class RunningProgram implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(120);

    private final HttpClient client = HttpClient.newHttpClient();
    private final Process process;
    private final int port;

    private RunningProgram(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts it with the demo data in a folder, and waits until the examples are there. */
    static RunningProgram start(Path data) {
        try (ServerSocket free = new ServerSocket(0)) {
            int port = free.getLocalPort();
            free.close();
            Process process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            "app.logismos.server.LogismosServer",
                            "--server.port=" + port,
                            "--logismos.data=" + data,
                            "--logismos.demo=true"))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(
                            data.resolve("server.log").toFile()))
                    .start();
            RunningProgram program = new RunningProgram(process, port);
            program.awaitExamples();
            return program;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    String get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address() + "/api/v1" + path))
                .GET()
                .build());
    }

    String post(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(address() + "/api/v1" + path))
                .header("content-type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private String send(HttpRequest request) {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private void awaitExamples() {
        Instant end = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(end) && process.isAlive()) {
            try {
                if (get("/worksheets").contains("Cooling cup")) {
                    return;
                }
            } catch (UncheckedIOException notYet) {
                Thread.onSpinWait(); // the port is not open yet: ask again
            }
        }
        throw new IllegalStateException("the program must start within " + PATIENCE + ", exit value "
                + (process.isAlive() ? "none" : process.exitValue()));
    }

    /** As {@code kill -9} does. */
    void kill() {
        process.destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
