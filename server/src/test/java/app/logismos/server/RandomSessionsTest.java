package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.server.Program.Answer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is done, undoing all of it leads back to the beginning, redoing to the end, and a restart changes nothing. */
class RandomSessionsTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int SESSIONS = 12;
    private static final int STEPS = 40;

    @TempDir
    Path data;

    /** A worksheet with two grids, and what has been seen of it after each change that was kept. */
    private static final class Session {
        private final Random random;
        private final Program program;
        private final String id;
        private final String path;
        private final List<State> states = new ArrayList<>();

        Session(Program program, int seed) {
            this.program = program;
            this.random = new Random(seed);
            this.id = program.newWorksheet("Session " + seed);
            this.path = "/worksheets/" + id;
            states.add(State.of(program, id));
        }

        /** Does something; where it is refused, nothing may have changed. */
        void step() {
            Answer answer = random.nextInt(5) == 0
                    ? program.post(path + "/acts", "{\"act\": " + act() + "}")
                    : program.post(
                            path + "/edits",
                            "{\"base\": 100000, \"commands\": [" + String.join(",", commands()) + "]}");
            assertThat(answer.status()).as(answer.body().toString()).isIn(200, 422);
            State now = State.of(program, id);
            if (answer.status() == 200) {
                states.add(now);
            } else {
                assertThat(now).as(answer.at("/detail")).isEqualTo(states.get(states.size() - 1));
            }
        }

        private List<String> commands() {
            List<String> commands = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(3); i++) {
                commands.add(command());
            }
            return commands;
        }

        private String act() {
            String on = "\"grid\":\"" + grid() + "\",\"area\":\"" + area() + "\"";
            return switch (random.nextInt(5)) {
                case 0 -> "{\"do\":\"goOn\"," + on + ",\"axis\":\"" + axis() + "\"}";
                case 1 -> "{\"do\":\"clear\"," + on + "}";
                case 2 -> "{\"do\":\"sort\"," + on + ",\"by\":0,\"descending\":" + random.nextBoolean() + "}";
                case 3 -> "{\"do\":\"fillTable\"," + on + "}";
                default -> "{\"do\":\"replace\",\"find\":\"A\",\"with\":\"B\",\"matchCase\":true}";
            };
        }

        private String grid() {
            return random.nextInt(4) == 0 ? "grid-2" : "grid-1";
        }

        private String command() {
            return switch (random.nextInt(16)) {
                case 0 -> lines("insertLines");
                case 1 -> lines("deleteLines");
                case 2 ->
                    "{\"do\":\"moveLines\",\"grid\":\"grid-1\",\"axis\":\"" + axis() + "\",\"at\":" + random.nextInt(4)
                            + ",\"count\":1,\"to\":" + random.nextInt(4) + "}";
                case 3 ->
                    "{\"do\":\"moveCells\",\"grid\":\"grid-1\",\"area\":\"" + area()
                            + "\",\"toGrid\":\"grid-1\",\"to\":\"" + cell() + "\"}";
                case 4 ->
                    "{\"do\":\"copyCells\",\"grid\":\"grid-1\",\"area\":\"" + area()
                            + "\",\"toGrid\":\"grid-1\",\"into\":\"" + cell() + "\"}";
                case 5 ->
                    "{\"do\":\"define\",\"name\":\"" + name() + "\",\"target\":{\"grid\":\"grid-1\",\"area\":\""
                            + area() + "\"}}";
                case 6 -> "{\"do\":\"rename\",\"name\":\"" + name() + "\",\"to\":\"" + name() + "\"}";
                case 7 ->
                    "{\"do\":\"addSection\",\"at\":" + random.nextInt(3) + ",\"section\":{\"id\":\"s"
                            + random.nextInt(9)
                            + "\",\"title\":\"Part\",\"folded\":false,\"isPart\":false,\"blocks\":[]}}";
                case 8 ->
                    "{\"do\":\"changeSettings\",\"settings\":{\"degrees\":" + random.nextBoolean() + ",\"comma\":"
                            + random.nextBoolean()
                            + ",\"grouped\":false,\"dropped\":false,\"complex\":false,\"style\":\"\"}}";
                case 9 ->
                    "{\"do\":\"addBlock\",\"section\":\"section-1\",\"at\":1,\"block\":{\"kind\":\"grid\",\"id\":\"grid-2\","
                            + "\"title\":\"Lots\",\"rows\":4,\"columns\":3,\"headings\":0,\"widths\":{},\"styles\":{},"
                            + "\"remarks\":{},\"hiddenRows\":[],\"hiddenColumns\":[],\"beside\":false}}";
                case 10 -> "{\"do\":\"removeBlock\",\"block\":\"grid-2\"}";
                default -> "{\"do\":\"enter\",\"grid\":\"" + grid() + "\",\"cells\":[" + typed() + "," + typed() + "]}";
            };
        }

        private String lines(String act) {
            return "{\"do\":\"" + act + "\",\"grid\":\"" + grid() + "\",\"axis\":\"" + axis() + "\",\"at\":"
                    + random.nextInt(5) + ",\"count\":" + (1 + random.nextInt(2)) + "}";
        }

        private String typed() {
            return "{\"cell\":\"" + cell() + "\",\"text\":" + JSON.writeValueAsString(entry()) + "}";
        }

        private String entry() {
            return switch (random.nextInt(18)) {
                case 10 -> "=Lots." + cell() + "+1";
                case 11 -> "=sort(" + area() + ")";
                case 12 -> "=if(" + cell() + ">5, " + cell() + ", " + area() + ")";
                case 13 -> "=sum(A:A)";
                case 14 -> "=shifted(" + cell() + ", " + random.nextInt(3) + ", " + random.nextInt(3) + ")";
                case 15 -> "=" + area() + "*2";
                case 16 -> "Weight [g]";
                case 0 -> "";
                case 1 -> "River red";
                case 2 -> random.nextInt(100) + " g";
                case 3 -> "2027-03-0" + (1 + random.nextInt(9));
                case 4 -> "=sum(" + area() + ")";
                case 5 -> "=" + cell() + "*2+" + cell();
                case 6 -> name() + " = " + random.nextInt(50);
                case 7 -> "={1; 2; 3}";
                case 8 -> "=" + name() + "+1";
                default -> String.valueOf(random.nextInt(1000) / 4.0);
            };
        }

        private String axis() {
            return random.nextBoolean() ? "ROWS" : "COLUMNS";
        }

        private String cell() {
            return (char) ('A' + random.nextInt(4)) + String.valueOf(1 + random.nextInt(5));
        }

        private String area() {
            int column = random.nextInt(3);
            int row = 1 + random.nextInt(4);
            return (char) ('A' + column) + String.valueOf(row) + ":" + (char) ('A' + column + random.nextInt(2))
                    + (row + random.nextInt(3));
        }

        private String name() {
            return List.of("price", "lots", "weight").get(random.nextInt(3));
        }

        void undoAll() {
            for (int i = states.size() - 2; i >= 0; i--) {
                assertThat(program.post(path + "/undo", "").status()).isEqualTo(200);
                assertThat(State.of(program, id)).as("undone to state %d", i).isEqualTo(states.get(i));
            }
            assertThat(program.post(path + "/undo", "").status()).isEqualTo(422);
        }

        void redoAll() {
            for (int i = 1; i < states.size(); i++) {
                assertThat(program.post(path + "/redo", "").status()).isEqualTo(200);
                assertThat(State.of(program, id))
                        .as("done again to state %d", i)
                        .isEqualTo(states.get(i));
            }
            assertThat(program.post(path + "/redo", "").status()).isEqualTo(422);
        }

        State end() {
            return states.get(states.size() - 1);
        }
    }

    /** All that is seen of a worksheet but which revision it is. */
    private record State(JsonNode outline, JsonNode cells, JsonNode others) {
        static State of(Program program, String id) {
            ObjectNode outline =
                    (ObjectNode) program.get("/worksheets/" + id).body().deepCopy();
            outline.remove(List.of("revision", "keptAt", "canUndo", "canRedo"));
            return new State(
                    outline,
                    program.get("/worksheets/" + id + "/grids/grid-1/cells?from=1&to=60")
                            .body()
                            .at("/cells"),
                    program.get("/worksheets/" + id + "/grids/grid-2/cells?from=1&to=60")
                            .body()
                            .at("/cells"));
        }
    }

    @Test
    void undoRedoAndARestartLeadToTheSameStates() {
        List<String> ids = new ArrayList<>();
        List<State> ends = new ArrayList<>();
        try (Program program = Program.start(data, false)) {
            for (int seed = 0; seed < SESSIONS; seed++) {
                Session session = new Session(program, seed);
                for (int i = 0; i < STEPS; i++) {
                    session.step();
                }
                assertThat(session.states).as("seed %d", seed).hasSizeGreaterThan(STEPS / 3);
                session.undoAll();
                session.redoAll();
                ids.add(session.id);
                ends.add(session.end());
            }
        }
        try (Program program = Program.start(data, false)) {
            for (int i = 0; i < ids.size(); i++) {
                assertThat(State.of(program, ids.get(i)))
                        .as("seed %d after a restart", i)
                        .isEqualTo(ends.get(i));
                String copy = program.post("/worksheets", "{\"title\": \"Copy\", \"copyOf\": \"" + ids.get(i) + "\"}")
                        .at("/id");
                assertThat(State.of(program, copy).cells())
                        .as("copy of seed %d", i)
                        .isEqualTo(ends.get(i).cells());
            }
        }
    }
}
