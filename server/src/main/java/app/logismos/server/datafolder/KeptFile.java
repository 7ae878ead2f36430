package app.logismos.server.datafolder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Map;
import java.util.function.Supplier;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * The file that everything is written to, while the program runs. What is written through it is on the disk, in the file
 * that people know, before anybody is told so; where that cannot be, it is refused with {@link NotKept}.
 */
@Component
@Lazy(false)
public class KeptFile implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(KeptFile.class);

    /** Less space than this is left to what the database does for itself. */
    private static final long LEAST_SPACE = 4L << 20;

    /** The file may become this much longer than twice its live data. */
    private static final long MOST_FREED = 8L << 20;

    private static final int COMPACTING_MILLIS = 200;

    private long compacted;
    private final Path folder;
    private final Path file;
    private final JdbcTemplate jdbc;
    private @Nullable Object identity;
    private @Nullable Acknowledged acknowledged;

    KeptFile(@Value("${logismos.data}") Path folder, DataSource source) {
        this.folder = folder;
        this.file = folder.resolve(DatabaseFile.NAME);
        this.jdbc = new JdbcTemplate(source);
    }

    /** Called when the database is open, with its file and the revisions of its worksheets. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() throws IOException {
        checkIdentity();
        Map<String, Long> known = Acknowledged.read(folder);
        for (Map<String, Object> row : jdbc.queryForList("select id, revision from worksheet")) {
            String id = String.valueOf(row.get("ID"));
            long revision = ((Number) row.get("REVISION")).longValue();
            if (known.getOrDefault(id, -1L) < revision) {
                acknowledged().note(id, revision);
            }
        }
    }

    /**
     * Writes, and answers once that is on the disk.
     *
     * @param writing one transaction or several
     * @throws NotKept where it cannot be kept; whether a part of it was written is not known then
     */
    public <T> T write(Supplier<T> writing) {
        checkPlace();
        try {
            T result = writing.get();
            jdbc.execute("CHECKPOINT SYNC");
            compact();
            checkPlace();
            return result;
        } catch (DataAccessException | TransactionException failed) {
            checkPlace();
            LOG.warn("A change could not be written: {}", failed.getMessage());
            throw new NotKept(
                    "This cannot be kept now: the database does not take it. What you see is as it was before;"
                            + " try again in a moment.");
        }
    }

    /**
     * Compacts the file where it has become long: each commit appends a chunk, and under load the database reuses freed
     * chunks too late.
     */
    private synchronized void compact() {
        try {
            long size = Files.size(file);
            if (size > 2 * compacted + MOST_FREED) {
                jdbc.execute((ConnectionCallback<Boolean>) connection -> {
                    SessionLocal session = (SessionLocal)
                            connection.unwrap(JdbcConnection.class).getSession();
                    session.getDatabase().getStore().getMvStore().compactFile(COMPACTING_MILLIS);
                    return true;
                });
                compacted = Files.size(file);
            }
        } catch (IOException unreadable) {
            throw gone();
        }
    }

    /**
     * Looks whether the file is there, has space around it and answers.
     *
     * @throws NotKept where it is not so
     */
    void checkKeeping() {
        checkPlace();
        try {
            jdbc.queryForObject("select 1", Integer.class);
        } catch (DataAccessException failed) {
            throw new NotKept("The database does not answer, so that nothing can be kept now.");
        }
    }

    /** The same for a change of a worksheet, which is noted as acknowledged. */
    public <T> T write(String worksheet, long revision, Supplier<T> writing) {
        T result = write(writing);
        try {
            acknowledged().note(worksheet, revision);
        } catch (IOException failed) {
            throw new NotKept("This cannot be kept: " + folder + " cannot be written to.");
        }
        return result;
    }

    /** Notes that a worksheet is taken out for good. */
    public void forgotten(String worksheet) {
        try {
            acknowledged().forget(worksheet);
        } catch (IOException failed) {
            LOG.warn("That a worksheet was taken out could not be noted: {}", failed.getMessage());
        }
    }

    private synchronized Acknowledged acknowledged() throws IOException {
        if (acknowledged == null) {
            acknowledged = Acknowledged.open(folder);
            DataFolder.restrict(Acknowledged.in(folder), "rw-------");
        }
        return acknowledged;
    }

    /** The file must be the one that was opened, in its folder, with space around it. */
    private void checkPlace() {
        checkIdentity();
        try {
            if (Files.getFileStore(folder).getUsableSpace() < LEAST_SPACE) {
                throw new NotKept(
                        "The disk is full, so that nothing can be kept. What you see is as it was before. Make"
                                + " room and try again; all can be read meanwhile.");
            }
        } catch (IOException unreadable) {
            throw gone();
        }
    }

    private synchronized void checkIdentity() {
        try {
            Object now = Files.readAttributes(file, BasicFileAttributes.class).fileKey();
            if (identity == null) {
                identity = now;
                DataFolder.restrict(file, "rw-------");
            }
            if (now != null && !now.equals(identity)) {
                throw new NotKept(
                        "The database file was replaced while the program runs, so that nothing can be kept. End"
                                + " the program and start it again.");
            }
        } catch (IOException unreadable) {
            throw gone();
        }
    }

    private static NotKept gone() {
        return new NotKept("The data folder or its database is gone, so that nothing can be kept. End the program and"
                + " start it again.");
    }

    @Override
    public void destroy() throws IOException {
        synchronized (this) {
            if (acknowledged != null) {
                acknowledged.close();
                acknowledged = null;
            }
        }
    }
}
