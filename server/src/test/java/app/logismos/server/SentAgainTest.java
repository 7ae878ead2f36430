package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Changes that are sent again, and changes of several pages. */
class SentAgainTest {
    @TempDir
    static Path data;

    private static Program program;
    private String id;

    @BeforeAll
    static void start() {
        program = Program.start(data, false);
    }

    @AfterAll
    static void stop() {
        program.close();
    }

    @BeforeEach
    void aWorksheet() {
        id = program.newWorksheet("Pages");
    }

    private Program.Answer send(String page, String key, String path, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(program.address() + "/worksheets/" + id + path))
                .header("content-type", "application/json")
                .header("x-page", page)
                .POST(HttpRequest.BodyPublishers.ofString(body));
        return program.send(key.isEmpty() ? request : request.header("idempotency-key", key));
    }

    private Program.Answer type(String page, String key, long base, String cell, String text) {
        return send(
                page,
                key,
                "/edits",
                "{\"base\":" + base + ",\"commands\":[{\"do\":\"enter\",\"grid\":\"grid-1\",\"cells\":[{\"cell\":\""
                        + cell + "\",\"text\":\"" + text + "\"}]}]}");
    }

    private int changes() {
        return program.get("/worksheets/" + id + "/history").body().size();
    }

    @Test
    void aChangeIsMadeOnceHoweverOftenItArrives() {
        assertThat(type("one", "k1", 1, "A1", "5").body().at("/again").asBoolean())
                .isFalse();
        type("one", "k2", 1, "A1", "6");
        Program.Answer again = type("one", "k1", 1, "A1", "5");
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.body().at("/again").asBoolean()).isTrue();
        assertThat(again.at("/revision")).isEqualTo("3");
        assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("6");
        assertThat(changes()).isEqualTo(3);
        send("one", "k3", "/undo", "");
        assertThat(send("one", "k3", "/undo", "").body().at("/again").asBoolean())
                .isTrue();
        assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("5");
    }

    @Test
    void aPageGoesOnFromItsOwnChangesAndNotFromThoseOfOthers() {
        type("one", "", 1, "A1", "5");
        assertThat(type("one", "", 1, "A1", "6").status()).as("its own").isEqualTo(200);
        Program.Answer conflict = type("other", "", 1, "A1", "7");
        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.at("/cells/0/now")).isEqualTo("6");
        assertThat(conflict.at("/cells/0/yours")).isEqualTo("7");
        assertThat(type("other", "", 1, "B1", "7").status()).as("another cell").isEqualTo(200);
    }

    @Test
    void undoTakesThePagesOwnChangeBackAndAsksBeforeAnothers() {
        type("one", "", 1, "A1", "5");
        type("other", "", 2, "B1", "6");
        assertThat(send("one", "", "/undo", "").status()).isEqualTo(200);
        assertThat(program.shown(id, "grid-1", "A1")).isEmpty();
        assertThat(program.shown(id, "grid-1", "B1")).isEqualTo("6");
        assertThat(send("one", "", "/redo", "").status()).isEqualTo(200);
        assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("5");

        type("other", "", 5, "A1", "9");
        Program.Answer asks = send("one", "", "/undo", "");
        assertThat(asks.status()).isEqualTo(409);
        assertThat(asks.at("/detail")).isEqualTo("The last change was made on another page: A1: 5 → 9.");
        assertThat(send("one", "", "/undo", "{\"revision\":" + asks.at("/revision") + "}")
                        .status())
                .isEqualTo(200);
        assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("5");
    }

    @Test
    void whatWasTakenBackOutOfOrderIsSoAfterARestart() {
        type("one", "", 1, "A1", "5");
        type("other", "", 2, "B1", "6");
        send("one", "", "/undo", "");
        program.close();
        program = Program.start(data, false);
        assertThat(send("other", "", "/undo", "").status()).isEqualTo(200);
        assertThat(program.shown(id, "grid-1", "B1")).isEmpty();
        assertThat(send("nobody", "", "/undo", "").status()).isEqualTo(422);
    }

    @Test
    void aKeyWithoutSenseIsRefused() {
        assertThat(type("one", "k".repeat(65), 1, "A1", "5").status()).isEqualTo(400);
    }
}
