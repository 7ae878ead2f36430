package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.server.datafolder.Backup;
import app.logismos.server.datafolder.Restore;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

class RestartTest {
    @TempDir
    Path data;

    @Test
    void everythingIsThereAfterARestartUndoAndRedoToo() {
        String id;
        String deep;
        JsonNode before;
        try (Program program = Program.start(data, false)) {
            id = program.newWorksheet("Kept");
            program.type(id, 1, "grid-1", "A1", "7", "A2", "width = A1*2", "A3", "=width+1");
            program.post(
                    "/worksheets/" + id + "/edits",
                    "{\"base\":2,\"commands\":[{\"do\":\"define\",\"name\":\"start\",\"target\":{\"grid\":\"grid-1\",\"area\":\"A1\"}}]}");
            program.type(id, 3, "grid-1", "A1", "8");
            program.type(id, 4, "grid-1", "A1", "9");
            deep = program.newWorksheet("Deep");
            program.type(deep, 1, "grid-1", "A1", "=1" + "+1".repeat(4_095));
            program.post("/worksheets/" + id + "/undo", "");
            before = program.get("/worksheets/" + id).body();
        }
        try (Program program = Program.start(data, false)) {
            assertThat(program.get("/worksheets/" + id).body()).isEqualTo(before);
            assertThat(program.shown(id, "grid-1", "A3")).isEqualTo("17");
            assertThat(program.shown(deep, "grid-1", "A1")).isEqualTo("4096");
            program.post("/worksheets/" + id + "/redo", "");
            assertThat(program.shown(id, "grid-1", "A3")).isEqualTo("19");
            for (int i = 0; i < 4; i++) {
                assertThat(program.post("/worksheets/" + id + "/undo", "").status())
                        .isEqualTo(200);
            }
            Program.Answer empty = program.post("/worksheets/" + id + "/undo", "");
            assertThat(empty.status()).isEqualTo(422);
            assertThat(empty.at("/detail")).isEqualTo("There is nothing to undo.");
            assertThat(program.get("/worksheets/" + id).body().at("/sections").size())
                    .as("what it began with")
                    .isEqualTo(1);
            for (int i = 0; i < 4; i++) {
                program.post("/worksheets/" + id + "/redo", "");
            }
            assertThat(program.shown(id, "grid-1", "A3")).isEqualTo("19");
            assertThat(program.get("/worksheets/" + id + "/history").body().size())
                    .isEqualTo(15);
        }
    }

    @Test
    void aBackupThatIsMadeWhileItRunsHasAllThatWasKeptByThen(@TempDir Path other) {
        Path file = other.resolve("sheets.zip");
        String id;
        JsonNode kept;
        try (Program program = Program.start(data, false)) {
            id = program.newWorksheet("Kept");
            program.type(id, 1, "grid-1", "A1", "7", "A2", "=A1*2");
            kept = program.get("/worksheets/" + id).body();
            Backup.main(new String[] {data.toString(), file.toString()});
            program.type(id, 2, "grid-1", "A1", "8");
            assertThat(program.shown(id, "grid-1", "A2")).isEqualTo("16");
        }
        Path elsewhere = other.resolve("elsewhere");
        Restore.main(new String[] {elsewhere.toString(), file.toString()});
        try (Program program = Program.start(elsewhere, false)) {
            assertThat(program.get("/worksheets/" + id).body()).isEqualTo(kept);
            assertThat(program.shown(id, "grid-1", "A2")).isEqualTo("14");
        }
    }
}
