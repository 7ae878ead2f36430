package app.logismos.server.datafolder;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;

/**
 * Reads facts from a database file without changing it.
 *
 * @param schema the version of the newest migration that it has been through; 0 where it has been through none
 * @param revisions how far each worksheet has got
 */
record DatabaseFile(int schema, Map<String, Long> revisions) {
    /** H2's DATABASE_ALREADY_OPEN_1. */
    private static final int ALREADY_OPEN = 90020;

    static final String NAME = "logismos.mv.db";

    DatabaseFile {
        revisions = Map.copyOf(revisions);
    }

    /**
     * Reads a database.
     *
     * @param file ends in {@code .mv.db}
     * @throws Unusable where another program has it open, or it cannot be read
     */
    static DatabaseFile look(Path file) {
        String name = file.toAbsolutePath().toString();
        String url = "jdbc:h2:file:" + name.substring(0, name.length() - ".mv.db".length())
                + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE;TRACE_LEVEL_FILE=0;DB_CLOSE_ON_EXIT=FALSE";
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            return new DatabaseFile(schema(statement), revisions(statement));
        } catch (SQLException unreadable) {
            if (unreadable.getErrorCode() == ALREADY_OPEN) {
                throw new Unusable(
                        "Another Logismos is running with the same data folder. End that one first, or choose"
                                + " another folder with --data.");
            }
            throw new Unusable("The database " + file
                    + " cannot be read: it is damaged, or no database of Logismos. It is" + " left as it is.");
        }
    }

    private static int schema(Statement statement) throws SQLException {
        if (!has(statement, "flyway_schema_history")) {
            return 0;
        }
        try (ResultSet newest = statement.executeQuery(
                "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\"")) {
            return newest.next() ? newest.getInt(1) : 0;
        }
    }

    private static Map<String, Long> revisions(Statement statement) throws SQLException {
        Map<String, Long> revisions = new HashMap<>();
        if (has(statement, "worksheet")) {
            try (ResultSet rows = statement.executeQuery("select id, revision from worksheet")) {
                while (rows.next()) {
                    revisions.put(rows.getString(1), rows.getLong(2));
                }
            }
        }
        return revisions;
    }

    private static boolean has(Statement statement, String table) throws SQLException {
        try (ResultSet found = statement.executeQuery(
                "select count(*) from information_schema.tables where lower(table_name) = '" + table + "'")) {
            return found.next() && found.getInt(1) > 0;
        }
    }

    /** How many worksheets have less than was acknowledged, or are not there at all. */
    long behind(Map<String, Long> acknowledged) {
        return acknowledged.entrySet().stream()
                .filter(seen -> revisions.getOrDefault(seen.getKey(), -1L) < seen.getValue())
                .count();
    }
}
