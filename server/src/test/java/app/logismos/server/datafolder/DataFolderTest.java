package app.logismos.server.datafolder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is found in the data folder: it is opened rightly, or refused with a sentence and left as it is. */
class DataFolderTest {
    private static final Instant MORNING = Instant.parse("2027-03-01T09:12:00Z");

    @TempDir
    Path folder;

    private Path database;

    @BeforeEach
    void aDatabaseOfTwoWorksheets() throws SQLException, IOException {
        database = folder.resolve(DatabaseFile.NAME);
        sql(
                "create table \"flyway_schema_history\" (\"version\" varchar(50), \"success\" boolean)",
                "insert into \"flyway_schema_history\" values ('" + DataFolder.SCHEMA + "', true)",
                "create table worksheet (id varchar(36), revision bigint, filling varchar(20000))",
                "insert into worksheet values ('one', 5, '" + "x".repeat(15_000) + "'), ('two', 9, '')");
        try (Acknowledged acknowledged = Acknowledged.open(folder)) {
            acknowledged.note("one", 5);
            acknowledged.note("two", 9);
        }
    }

    private void sql(String... statements) throws SQLException {
        String name = database.toString().replace(".mv.db", "");
        try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + name + ";TRACE_LEVEL_FILE=0");
                Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    private DataFolder at(Instant time) {
        return DataFolder.at(folder, Clock.fixed(time, ZoneOffset.UTC));
    }

    private void isRefusedAndLeft(String beginning) throws IOException {
        byte[] before = Files.exists(database) ? Files.readAllBytes(database) : new byte[0];
        assertThatThrownBy(() -> at(MORNING).prepare(false))
                .isInstanceOf(Unusable.class)
                .hasMessageStartingWith(beginning);
        assertThat(Files.exists(database) ? Files.readAllBytes(database) : new byte[0])
                .isEqualTo(before);
    }

    @Test
    void aDatabaseThatWasClosedIsOpenedAndClosedToOthers() throws IOException {
        at(MORNING).close();
        at(MORNING).prepare(false);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
                .isEqualTo("rwx------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(database)))
                .isEqualTo("rw-------");
        assertThat(folder.resolve("backups")).doesNotExist();
    }

    @Test
    void oneThatWasNotClosedIsCopiedAsideBefore() throws IOException {
        at(MORNING).prepare(false);
        assertThat(folder.resolve("backups/logismos-2027-03-01T09-12-00.mv.db")).hasSameBinaryContentAs(database);
    }

    @Test
    void theLastFiveAndOneADayAreKept() throws IOException {
        for (int hour = 0; hour < 24 * 12; hour += 4) {
            at(MORNING.plus(Duration.ofHours(hour))).prepare(false);
        }
        List<String> names =
                DataFolder.at(folder, Clock.fixed(MORNING, ZoneOffset.UTC)).backupLines();
        assertThat(names).hasSize(5 + 5);
        assertThat(names.get(0)).startsWith("logismos-2027-03-13T05-12-00");
        assertThat(names.get(names.size() - 1)).startsWith("logismos-2027-03-07T");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.01, 0.1, 0.3, 0.5, 0.7, 0.9, 0.99})
    void aFileThatIsCutAnywhereIsRefusedOrWhole(double part) throws IOException {
        byte[] whole = Files.readAllBytes(database);
        Files.write(database, java.util.Arrays.copyOf(whole, (int) (whole.length * part)));
        byte[] cut = Files.readAllBytes(database);
        try {
            at(MORNING).prepare(false);
            assertThat(DatabaseFile.look(database).revisions()).isEqualTo(Map.of("one", 5L, "two", 9L));
        } catch (Unusable sentence) {
            assertThat(sentence).hasMessageStartingWith("The database " + database);
        }
        assertThat(Files.readAllBytes(database)).isEqualTo(cut);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "no database", "H:2,block:1,blockSize:1000,chunk:1,format:3"})
    void whatIsNoDatabaseIsRefused(String content) throws IOException {
        Files.writeString(database, content);
        isRefusedAndLeft("The database " + database);
    }

    @Test
    void anOldStateIsRefusedWithTheWaysOn() throws Exception {
        at(MORNING).prepare(false);
        sql("update worksheet set revision = 3 where id = 'one'", "delete from worksheet where id = 'two'");
        isRefusedAndLeft("The database " + database
                + " is older than what was kept last: 2 worksheets lack changes or are missing. It is left as it is."
                + "\nWays on:\n  ./logismos restore logismos-2027-03-01T09-12-00   to open the backup of 2027-03-01 09:12"
                + "\n  --as-it-is   to open it as it is");
        at(MORNING.plusSeconds(60)).prepare(true);
        assertThat(Acknowledged.read(folder)).isEmpty();
        assertThat(folder.resolve("backups/logismos-2027-03-01T09-13-00.mv.db")).exists();
        assertThatCode(() -> at(MORNING).prepare(false)).doesNotThrowAnyException();
    }

    @Test
    void aDatabaseThatIsGoneIsMissed() throws IOException {
        Files.delete(database);
        isRefusedAndLeft("The database " + database + " is gone, and 2 worksheets were kept in it.");
        at(MORNING).prepare(true);
    }

    @Test
    void aNewerVersionIsLeftAlone() throws Exception {
        sql("insert into \"flyway_schema_history\" values ('" + (DataFolder.SCHEMA + 1) + "', true)");
        isRefusedAndLeft("The database " + database + " was written by a newer version of Logismos");
    }

    @Test
    void oneThatIsOpenElsewhereIsNotTouched() throws Exception {
        String name = database.toString().replace(".mv.db", "");
        try (Connection open = DriverManager.getConnection("jdbc:h2:file:" + name)) {
            assertThat(open.isClosed()).isFalse();
            assertThatThrownBy(() -> at(MORNING).prepare(false))
                    .isInstanceOf(Unusable.class)
                    .hasMessageStartingWith("Another Logismos is running with the same data folder.");
        }
    }

    @Test
    void aSemicolonInItsNameIsTold() {
        assertThatThrownBy(() -> DataFolder.at(folder.resolve("a;b")).prepare(false))
                .isInstanceOf(Unusable.class)
                .hasMessageContaining("has a ; in its name");
    }

    @Test
    void aFileInThePlaceOfTheFolderIsTold() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "");
        assertThatThrownBy(() -> DataFolder.at(file).prepare(false))
                .isInstanceOf(Unusable.class)
                .hasMessageContaining("it is a file and not a folder");
    }

    @Test
    void aBackupTakesThePlaceOfTheDatabaseWhichIsKept() throws Exception {
        at(MORNING).prepare(false);
        sql("update worksheet set revision = 12 where id = 'one'");
        byte[] newer = Files.readAllBytes(database);
        assertThat(at(MORNING.plusSeconds(90)).restore("latest"))
                .isEqualTo("The backup of 2027-03-01 09:12 is in place; what was there before is a backup now.");
        assertThat(DatabaseFile.look(database).revisions()).containsEntry("one", 5L);
        assertThat(Files.readAllBytes(folder.resolve("backups/logismos-2027-03-01T09-13-30.mv.db")))
                .isEqualTo(newer);
        assertThatThrownBy(() -> at(MORNING).restore("yesterday"))
                .isInstanceOf(Unusable.class)
                .hasMessage("There is no backup yesterday. `./logismos restore` lists them.");
    }

    @Test
    void aFileWithAllOfItIsMadeAndPutBack() throws Exception {
        Path file = folder.resolve("sheets.zip");
        assertThat(at(MORNING).backup(file)).contains("All worksheets are in " + file);
        byte[] before = Files.readAllBytes(database);
        sql("update worksheet set revision = 12 where id = 'one'");
        assertThat(at(MORNING).restore(file))
                .isEqualTo("2 worksheets of sheets.zip are in place; what was there before is a backup now.");
        assertThat(Files.readAllBytes(database)).isEqualTo(before);
        Files.delete(database);
        assertThat(at(MORNING).restore(file)).isEqualTo("2 worksheets of sheets.zip are in place.");
        assertThatThrownBy(() -> at(MORNING).backup(folder))
                .isInstanceOf(Unusable.class)
                .hasMessageStartingWith("A backup is a file");
    }

    @Test
    void aFileThatIsNoBackupChangesNothing() throws Exception {
        Path whole = folder.resolve("sheets.zip");
        at(MORNING).backup(whole);
        byte[] before = Files.readAllBytes(database);
        byte[] packed = Files.readAllBytes(whole);
        for (byte[] other : new byte[][] {
            new byte[0], "text".getBytes(StandardCharsets.UTF_8), Arrays.copyOf(packed, packed.length / 2)
        }) {
            Path file = Files.write(folder.resolve("other.zip"), other);
            assertThatThrownBy(() -> at(MORNING).restore(file))
                    .isInstanceOf(Unusable.class)
                    .hasMessageEndingWith(".");
            assertThat(Files.readAllBytes(database)).isEqualTo(before);
        }
        assertThat(folder.resolve("restoring.mv.db")).doesNotExist();
    }

    @Test
    void whatWasLeftOverIsCleanedUp() throws IOException {
        Path left = Files.createDirectories(folder.resolve("tmp/tomcat/work")).resolve("old");
        Files.writeString(left, "old");
        at(MORNING).prepare(false);
        assertThat(folder.resolve("tmp")).isEmptyDirectory();
    }

    @Test
    void whatWasAcknowledgedIsReadBackAndForgotten() throws IOException {
        try (Acknowledged acknowledged = Acknowledged.open(folder)) {
            acknowledged.note("two", 10);
            acknowledged.forget("one");
            acknowledged.note("three", 1);
        }
        assertThat(Acknowledged.read(folder)).isEqualTo(Map.of("two", 10L, "three", 1L));
    }
}
