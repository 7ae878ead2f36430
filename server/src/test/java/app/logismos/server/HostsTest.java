package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Under which names the program answers, and what it tells those who watch over it. */
class HostsTest {
    @TempDir
    static Path data;

    private static Program program;

    @BeforeAll
    static void start() {
        program = Program.start(data, false, "--logismos.allowed-hosts=sheets.example, Desk-4");
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "127.0.0.1:8420, 200",
        "localhost, 200",
        "LOCALHOST:1, 200",
        "[::1]:8420, 200",
        "sheets.example, 200",
        "desk-4:8420, 200",
        "sheets.example.org, 403",
        "evil.example, 403",
        "'', 400"
    })
    void itAnswersUnderTheNamesItWasGiven(String host, int status) throws IOException {
        assertThat(asked(host)).startsWith("HTTP/1.1 " + status + " ");
    }

    private static String asked(String host) throws IOException {
        try (Socket socket =
                new Socket("127.0.0.1", URI.create(program.address()).getPort())) {
            String line = host.isEmpty() ? "" : "Host: " + host + "\r\n";
            socket.getOutputStream()
                    .write(("GET /api/v1/health HTTP/1.1\r\n" + line + "Connection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void itIsWellAsLongAsChangesCanBeKept() throws IOException {
        assertThat(program.get("/health").at("/status")).isEqualTo("up");
        Path file = data.resolve("logismos.mv.db");
        Path aside = data.resolve("aside.db");
        Files.move(file, aside);
        Program.Answer without = program.get("/health");
        Files.move(aside, file);
        assertThat(without.status()).isEqualTo(503);
        assertThat(without.at("/status")).isEqualTo("down");
        assertThat(without.at("/detail")).contains("is gone");
        assertThat(program.get("/health").status()).isEqualTo(200);
    }
}
