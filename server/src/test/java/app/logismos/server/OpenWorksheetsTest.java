package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Worksheets that are put away and read again, and several who change one at once. */
class OpenWorksheetsTest {
    private static final int WRITERS = 4;
    private static final int STEPS = 40;
    private static final long NEWEST = 1_000_000;

    @TempDir
    Path data;

    @Test
    void whatIsPutAwayAndReadAgainIsWhatItWas() throws Exception {
        try (Program program = Program.start(data, false, "--logismos.open=2")) {
            List<String> ids = IntStream.range(0, 6)
                    .mapToObj(i -> program.newWorksheet("Lot " + i))
                    .toList();
            Map<String, String> typed = new ConcurrentHashMap<>();
            together(writer -> {
                Random random = new Random(writer);
                for (int i = 0; i < STEPS; i++) {
                    String id = ids.get(random.nextInt(ids.size()));
                    String cell = (char) ('A' + writer) + String.valueOf(1 + random.nextInt(8));
                    String text = String.valueOf(random.nextInt(1_000));
                    assertThat(program.type(id, NEWEST, "grid-1", cell, text).status())
                            .isEqualTo(200);
                    typed.put(id + cell, text);
                    assertThat(program.shown(id, "grid-1", cell)).isEqualTo(text);
                }
                return null;
            });
            typed.forEach((place, text) -> assertThat(program.shown(
                            place.substring(0, place.length() - 2), "grid-1", place.substring(place.length() - 2)))
                    .isEqualTo(text));
            long changes = ids.stream()
                    .mapToLong(id ->
                            program.get("/worksheets/" + id + "/history").body().size())
                    .sum();
            assertThat(changes).isEqualTo(ids.size() + (long) WRITERS * STEPS);
            for (String id : ids) {
                while (program.post("/worksheets/" + id + "/undo", "").status() == 200) {
                    // until there is nothing left
                }
                assertThat(program.get("/worksheets/" + id + "/grids/grid-1/cells?from=1&to=60")
                                .body()
                                .at("/cells"))
                        .isEmpty();
            }
        }
    }

    @Test
    void anAnswerIsOfTheMomentOfItsChangeWhateverOthersDo() throws Exception {
        try (Program program = Program.start(data, false)) {
            String id = program.newWorksheet("Lots");
            program.type(id, NEWEST, "grid-1", "B1", "=A1*2");
            together(writer -> {
                for (int i = 1; i <= STEPS; i++) {
                    int own = writer * 1_000 + i;
                    Program.Answer answer = program.type(id, NEWEST, "grid-1", "A1", String.valueOf(own));
                    assertThat(answer.at("/changed/0/display")).isEqualTo(String.valueOf(own));
                    assertThat(answer.at("/changed/1/display")).isEqualTo(String.valueOf(2 * own));
                    assertThat(answer.at("/echo/results/0/after")).isEqualTo(String.valueOf(2 * own));
                }
                return null;
            });
        }
    }

    @Test
    void aChangeThatWasMadeOnLessThanWhatIsStoredIsMadeOnAllOfIt() {
        try (Program program = Program.start(data, false)) {
            String id = program.newWorksheet("Lots");
            program.type(id, NEWEST, "grid-1", "A1", "5");
            program.sql("update worksheet set revision = revision + 1, title = 'Of another program' where id = '" + id
                    + "'");
            Program.Answer answer = program.type(id, NEWEST, "grid-1", "A2", "6");
            assertThat(answer.status()).isEqualTo(200);
            assertThat(answer.at("/revision")).isEqualTo("4");
            assertThat(program.get("/worksheets/" + id).at("/title")).isEqualTo("Of another program");
            assertThat(program.shown(id, "grid-1", "A1")).isEqualTo("5");
            assertThat(program.shown(id, "grid-1", "A2")).isEqualTo("6");
        }
    }

    @Test
    void whatIsDeletedWhileItIsOpenIsNotWrittenAnyMore() {
        try (Program program = Program.start(data, false)) {
            String id = program.newWorksheet("Lots");
            program.sql("update worksheet set deleted_at = now() where id = '" + id + "'");
            assertThat(program.type(id, NEWEST, "grid-1", "A1", "5").status()).isEqualTo(404);
        }
    }

    private interface Writer {
        Object write(int number);
    }

    private static void together(Writer writer) throws Exception {
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        try {
            List<Callable<Object>> work = new ArrayList<>();
            IntStream.range(0, WRITERS).forEach(number -> work.add(() -> writer.write(number)));
            for (Future<Object> each : writers.invokeAll(work)) {
                each.get();
            }
        } finally {
            writers.shutdownNow();
        }
    }
}
