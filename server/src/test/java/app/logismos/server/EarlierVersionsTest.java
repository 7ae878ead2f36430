package app.logismos.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URISyntaxException;
import java.net.URL;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Databases as versions of the program wrote them, kept as scripts; nothing is changed in them any more. */
class EarlierVersionsTest {
    @TempDir
    Path data;

    @ParameterizedTest(name = "version {0}")
    @ValueSource(ints = {1, 2, 3})
    void whatAnEarlierVersionWroteIsOpenedGoneBackInAndGoneOnWith(int version) throws Exception {
        restore(version);
        String id;
        try (Program program = Program.start(data, false)) {
            JsonNode listed = program.get("/worksheets").body();
            assertThat(listed).hasSize(1);
            id = listed.at("/0/id").asString();
            assertThat(program.shown(id, "read-1", "B4")).isEqualTo("83");
            assertThat(program.shown(id, "read-1", "D2")).isEqualTo("86.5");
            assertThat(program.shown(id, "read-1", "B18")).isEqualTo("6");
            Program.Answer worksheet = program.get("/worksheets/" + id);
            assertThat(worksheet.at("/sections/0/blocks/1/title")).isEqualTo("Cooling of a pot");
            assertThat(worksheet.at("/sections/0/blocks/1/acrossAxis/title")).isEqualTo("time in min");
            assertThat(worksheet.at("/sections/0/blocks/2/text")).isEqualTo("Made of clay.");
            assertThat(program.get("/worksheets/" + id + "/charts/chart-1").at("/series/0/points/2/upText"))
                    .isEqualTo("83");
            everyStateIsThere(program, id, Long.parseLong(worksheet.at("/revision")));
            assertThat(program.post("/worksheets/" + id + "/undo", "").status()).isEqualTo(200);
            assertThat(program.post("/worksheets/" + id + "/redo", "").status()).isEqualTo(200);
            program.type(id, 1000, "read-1", "B2", "91");
            assertThat(program.shown(id, "read-1", "B4")).isEqualTo("84");
        }
        try (Program program = Program.start(data, false)) {
            assertThat(program.shown(id, "read-1", "B4")).isEqualTo("84");
            program.post("/worksheets/" + id + "/undo", "");
            assertThat(program.shown(id, "read-1", "B4")).isEqualTo("83");
        }
    }

    /** The title of the chart and the style of the grid have changed on the way, and a row came and went. */
    private static void everyStateIsThere(Program program, String id, long revision) {
        for (long at = 0; at <= revision; at++) {
            assertThat(program.get("/worksheets/" + id + "?at=" + at).status()).isEqualTo(200);
        }
        JsonNode then = program.get("/worksheets/" + id + "?at=4").body();
        assertThat(then.at("/sections/0/blocks/1/title").asString()).isEqualTo("Cooling");
        assertThat(then.at("/sections/0/blocks/0/styles/B").asString()).isEqualTo("decimal 1");
        assertThat(then.at("/sections/0/blocks/0/widths/1").asInt()).isEqualTo(120);
    }

    private void restore(int version) throws SQLException, URISyntaxException {
        URL script = EarlierVersionsTest.class.getResource("/earlier/version-" + version + ".sql");
        try (Connection database = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("logismos"), "", "");
                Statement statement = database.createStatement()) {
            statement.execute("runscript from '" + Path.of(script.toURI()) + "'");
        }
    }
}
