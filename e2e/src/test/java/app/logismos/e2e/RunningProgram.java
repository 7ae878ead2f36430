package app.logismos.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;

/** The program in a process of its own, as people run it; it can be killed at any moment. */
final class RunningProgram implements AutoCloseable {
    private final Process process;
    private final int port;

    private RunningProgram(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts it with the demo data in a folder, and waits until it says that it answers. */
    static RunningProgram start(Path data) {
        try (ServerSocket free = new ServerSocket(0)) {
            int port = free.getLocalPort();
            free.close();
            return start(data, port);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Starts it again at the same address, where pages wait for it. */
    RunningProgram again(Path data) {
        return start(data, port);
    }

    private static RunningProgram start(Path data, int port) {
        try {
            Process process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            "app.logismos.server.LogismosServer",
                            "--server.port=" + port,
                            "--logismos.data=" + data,
                            "--logismos.demo=true",
                            // The machine may be busy; what takes too long is tested where the clock is not the
                            // machine's.
                            "--logismos.time=20s"))
                    .redirectErrorStream(true)
                    .start();
            awaitAnswer(process);
            return new RunningProgram(process, port);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** The program says when it answers; what it says before is told where it ends without. */
    private static void awaitAnswer(Process process) throws IOException {
        BufferedReader said = process.inputReader(StandardCharsets.UTF_8);
        StringBuilder before = new StringBuilder();
        String line = said.readLine();
        while (line != null && !line.startsWith("Logismos answers at")) {
            before.append(line).append('\n');
            line = said.readLine();
        }
        if (line == null) {
            throw new IllegalStateException("the program must start, but ended:\n" + before);
        }
        Thread rest = new Thread(() -> said.lines().forEach(System.err::println), "what the program says later");
        rest.setDaemon(true);
        rest.start();
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

    /** Asks the program for something to be made; answers with what it says. */
    String post(String path, String body) {
        try {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address() + path))
                                    .header("content-type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofString(body))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() >= 300) {
                throw new IllegalStateException(answer.body());
            }
            return answer.body();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
