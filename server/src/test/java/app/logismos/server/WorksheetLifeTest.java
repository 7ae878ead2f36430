package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The life of a worksheet over HTTP: acts, settings, history, copies, deletion, the tape, and kept data of before. */
class WorksheetLifeTest {
    @TempDir
    Path data;

    @Test
    void actsAreWorkedOutAndKeptAsOneChange() {
        try (Program program = Program.start(data, false)) {
            String id = program.newWorksheet("Lots");
            program.type(id, 1, "grid-1", "A1", "2", "A2", "5", "B1", "=A1*2");
            Program.Answer gone =
                    act(program, id, "{\"do\":\"goOn\",\"grid\":\"grid-1\",\"area\":\"A1:A2\",\"axis\":\"ROWS\"}");
            assertThat(gone.status()).isEqualTo(200);
            assertThat(program.shown(id, "grid-1", "A3")).isEqualTo("8");
            act(program, id, "{\"do\":\"sort\",\"grid\":\"grid-1\",\"area\":\"A1:B3\",\"by\":0,\"descending\":true}");
            assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("8");
            assertThat(program.shown(id, "grid-1", "B3")).isEqualTo("4");
            program.post("/worksheets/" + id + "/undo", "");
            program.post("/worksheets/" + id + "/undo", "");
            assertThat(program.shown(id, "grid-1", "A3")).isEmpty();
            Program.Answer refused =
                    act(program, id, "{\"do\":\"goOn\",\"grid\":\"grid-1\",\"area\":\"E5\",\"axis\":\"ROWS\"}");
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.at("/detail"))
                    .isEqualTo("Select the cells to start from: a formula, or values that show a pattern.");
        }
    }

    @Test
    void anEarlierStateIsReadComparedAndBroughtBackAlsoAfterARestart() {
        String id;
        try (Program program = Program.start(data, false)) {
            id = program.newWorksheet("Cup");
            program.type(id, 1, "grid-1", "A1", "4", "B1", "=A1*2");
            program.type(id, 2, "grid-1", "A1", "9");
        }
        try (Program program = Program.start(data, false)) {
            String cells = "/worksheets/" + id + "/grids/grid-1/cells";
            assertThat(program.get(cells + "/B1?at=2").at("/cell/display")).isEqualTo("8");
            assertThat(program.get("/worksheets/" + id + "?at=2").at("/revision"))
                    .isEqualTo("2");
            JsonNode compared = program.get("/worksheets/" + id + "/compare/2").body();
            assertThat(compared.at("/count").asInt()).isEqualTo(2);
            assertThat(compared.at("/cells/0/before").asString() + " "
                            + compared.at("/cells/0/after").asString())
                    .isEqualTo("4 9");
            assertThat(program.get("/worksheets/" + id + "/compare/99").status())
                    .isEqualTo(404);
            Program.Answer back = program.post("/worksheets/" + id + "/restore", "{\"revision\":2}");
            assertThat(back.at("/echo/message")).startsWith("Brought back: ");
            assertThat(program.shown(id, "grid-1", "B1")).isEqualTo("8");
            program.post("/worksheets/" + id + "/undo", "");
            assertThat(program.shown(id, "grid-1", "B1")).isEqualTo("18");
        }
    }

    @Test
    void settingsTurnTheDecimalMarkTheAnglesAndTheGroups() {
        try (Program program = Program.start(data, false)) {
            String id = program.newWorksheet("Marks");
            program.type(id, 1, "grid-1", "A1", "1234.5", "A2", "=sin(30)");
            program.post(
                    "/worksheets/" + id + "/edits",
                    "{\"base\":2,\"commands\":[{\"do\":\"changeSettings\",\"settings\":"
                            + "{\"degrees\":true,\"comma\":true,\"grouped\":true,\"dropped\":false,\"complex\":false,\"style\":\"fixed 2\"}}]}");
            assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("1 234,50");
            assertThat(program.shown(id, "grid-1", "A2")).isEqualTo("0,50");
            program.type(id, 3, "grid-1", "B1", "=max(1,5; A1)");
            Program.Answer cell = program.get("/worksheets/" + id + "/grids/grid-1/cells/B1");
            assertThat(cell.at("/cell/entry")).isEqualTo("=max(1,5; A1)");
            assertThat(cell.at("/cell/display")).isEqualTo("1 234,50");
            assertThat(cell.at("/cell/full")).isEqualTo("1234,5");
            program.type(id, 4, "grid-1", "C1", "=sqrt(2)");
            String value =
                    program.get("/worksheets/" + id + "/grids/grid-1/cells/C1").at("/calculation/result/value");
            program.type(
                    id, 5, "grid-1", "C2", value, "C3", "=abs(C1-C2)<1e-15"); // what is copied is read as what it was
            assertThat(program.shown(id, "grid-1", "C3")).isEqualTo("true");
            act(
                    program,
                    id,
                    "{\"do\":\"series\",\"grid\":\"grid-1\",\"at\":\"D1\",\"axis\":\"ROWS\",\"first\":\"0,5\",\"step\":\"0,25\","
                            + "\"count\":3}");
            assertThat(program.shown(id, "grid-1", "D3")).isEqualTo("1,00");
        }
    }

    @Test
    void aWorksheetIsCopiedDeletedAndBroughtBackWithItsTape() {
        try (Program program = Program.start(data, false)) {
            String id = program.newWorksheet("Tray");
            program.type(id, 1, "grid-1", "A1", "cups = 9", "A2", "=cups!");
            Program.Answer line = program.post(
                    "/worksheets/" + id + "/tape",
                    "{\"entry\":\"1/3\",\"display\":\"0.3333333333\",\"exact\":true,\"value\":\"1/3\"}");
            assertThat(line.status()).isEqualTo(201);
            String copy = program.post("/worksheets", "{\"title\":\"Tray again\",\"copyOf\":\"" + id + "\"}")
                    .at("/id");
            assertThat(program.shown(copy, "grid-1", "A2")).isEqualTo("362880");
            program.type(copy, 2, "grid-1", "A1", "cups = 3");
            assertThat(program.shown(id, "grid-1", "A2")).isEqualTo("362880");
            assertThat(program.delete("/worksheets/" + id).status()).isEqualTo(204);
            assertThat(program.get("/worksheets/" + id).status()).isEqualTo(404);
            assertThat(program.get("/worksheets").body()).hasSize(1);
            assertThat(program.post("/worksheets/" + id + "/bring-back", "").status())
                    .isEqualTo(204);
            assertThat(program.shown(id, "grid-1", "A2")).isEqualTo("362880");
            assertThat(program.get("/worksheets/" + id + "/tape").at("/0/entry"))
                    .isEqualTo("1/3");
            program.delete("/worksheets/" + id + "/tape");
            assertThat(program.get("/worksheets/" + id + "/tape").body()).isEmpty();
            assertThat(program.post("/worksheets/none/bring-back", "").status()).isEqualTo(404);
        }
    }

    private static Program.Answer act(Program program, String id, String act) {
        return program.post("/worksheets/" + id + "/acts", "{\"act\":" + act + "}");
    }

    @Test
    void worksheetsAreListedFromTheOneThatWasChangedLastSoManyAsAreAskedFor() {
        try (Program program = Program.start(data, false)) {
            for (String title : List.of("First", "Second", "Third")) {
                program.newWorksheet(title);
            }
            assertThat(program.get("/worksheets").body()).hasSize(3);
            JsonNode two = program.get("/worksheets?count=2").body();
            assertThat(two).hasSize(2);
            assertThat(two.at("/0/title").asString()).isEqualTo("Third");
            assertThat(program.get("/worksheets?example=true").body()).isEmpty();
            assertThat(program.get("/worksheets?example=false&count=1").body()).hasSize(1);
            assertThat(program.get("/worksheets?count=0").status()).isEqualTo(400);
            assertThat(program.get("/worksheets?count=1001").at("/detail"))
                    .isEqualTo("`count` is 1 to 1000, was 1001.");
        }
    }
}
