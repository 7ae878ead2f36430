package app.logismos.server.stored;

import app.logismos.sheet.Block;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.stereotype.Component;

/**
 * Brings worksheets from format 1 to format 2: blocks out of the outline, cells into strips. All in one transaction; changes
 * are read by {@link Format1} whenever they are needed.
 */
@Component
class Format1Worksheets implements JavaMigration {
    /** Stays as it is, whatever formats come. */
    private static final int CHECKSUM = 2;

    private static final String OUTLINE = "update worksheet set outline = ?, format = 2 where id = ?";
    private static final String BLOCK = "insert into block (worksheet_id, block_id, content) values (?, ?, ?)";
    private static final String STRIP =
            "insert into strip (worksheet_id, grid_id, column_no, strip_no, entries) values (?, ?, ?, ?, ?)";
    private static final String CELLS = "select grid_id, column_no, row_no, entry from cell where worksheet_id = ?"
            + " order by grid_id, column_no, row_no";

    @Override
    public void migrate(Context context) throws SQLException {
        Connection database = context.getConnection();
        for (String id : worksheets(database)) {
            outline(database, id);
            cells(database, id);
        }
    }

    private static List<String> worksheets(Connection database) throws SQLException {
        List<String> ids = new ArrayList<>();
        try (Statement all = database.createStatement();
                ResultSet found = all.executeQuery("select id from worksheet where format = 1")) {
            while (found.next()) {
                ids.add(found.getString(1));
            }
        }
        return ids;
    }

    private static void outline(Connection database, String id) throws SQLException {
        StoredForm.Outline outline = StoredForm.outlineInFormat1(outlineOf(database, id));
        try (PreparedStatement framed = database.prepareStatement(OUTLINE);
                PreparedStatement blocks = database.prepareStatement(BLOCK)) {
            framed.setString(1, StoredForm.written(outline.frame()));
            framed.setString(2, id);
            framed.executeUpdate();
            for (Map.Entry<String, Block> block : outline.blocks().entrySet()) {
                blocks.setString(1, id);
                blocks.setString(2, block.getKey());
                blocks.setString(3, StoredForm.written(block.getValue()));
                blocks.addBatch();
            }
            blocks.executeBatch();
        }
    }

    private static String outlineOf(Connection database, String id) throws SQLException {
        try (PreparedStatement one = database.prepareStatement("select outline from worksheet where id = ?")) {
            one.setString(1, id);
            try (ResultSet found = one.executeQuery()) {
                found.next();
                return found.getString(1);
            }
        }
    }

    private static void cells(Connection database, String id) throws SQLException {
        try (PreparedStatement cells = database.prepareStatement(CELLS);
                PreparedStatement strips = database.prepareStatement(STRIP)) {
            cells.setString(1, id);
            Map<Strip, String[]> all = new LinkedHashMap<>();
            try (ResultSet found = cells.executeQuery()) {
                while (found.next()) {
                    int row = found.getInt(3);
                    Strip strip = new Strip(found.getString(1), found.getInt(2), row / StoredForm.STRIP);
                    all.computeIfAbsent(strip, each -> empty())[row % StoredForm.STRIP] = found.getString(4);
                }
            }
            for (Map.Entry<Strip, String[]> each : all.entrySet()) {
                add(id, each.getKey(), each.getValue(), strips);
            }
            strips.executeBatch();
        }
    }

    private static String[] empty() {
        String[] entries = new String[StoredForm.STRIP];
        Arrays.fill(entries, "");
        return entries;
    }

    /** Where a strip is. */
    private record Strip(String grid, int column, int number) {}

    private static void add(String worksheet, Strip strip, String[] entries, PreparedStatement strips)
            throws SQLException {
        strips.setString(1, worksheet);
        strips.setString(2, strip.grid);
        strips.setInt(3, strip.column);
        strips.setInt(4, strip.number);
        strips.setString(5, StoredForm.written(List.of(entries)));
        strips.addBatch();
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("5");
    }

    @Override
    public String getDescription() {
        return "worksheets in format 2";
    }

    @Override
    public Integer getChecksum() {
        return CHECKSUM;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }
}
