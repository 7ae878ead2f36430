package app.logismos.server.datafolder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Packs the database while the program runs, when the command for it asks. It asks through a file in the data folder, which
 * only its owner can write to; over the network nobody can.
 */
@Component
@Lazy(false)
class BackupDesk implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(BackupDesk.class);
    private static final String ASKED = "backup-asked";
    private static final String DONE = "backup-done.zip";
    private static final String FAILED = "backup-failed";
    private static final long LOOKED_AT_MILLIS = 300;

    private final Path folder;
    private final JdbcTemplate jdbc;
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(run -> {
        Thread thread = new Thread(run, "backups");
        thread.setDaemon(true);
        return thread;
    });

    BackupDesk(@Value("${logismos.data}") Path folder, DataSource source) {
        this.folder = DataFolder.at(folder).temporary();
        this.jdbc = new JdbcTemplate(source);
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        looking.scheduleWithFixedDelay(this::look, LOOKED_AT_MILLIS, LOOKED_AT_MILLIS, TimeUnit.MILLISECONDS);
    }

    private void look() {
        Path asked = folder.resolve(ASKED);
        if (!Files.exists(asked)) {
            return;
        }
        try {
            Files.delete(asked);
            Path part = folder.resolve("backup-unfinished.zip");
            Files.deleteIfExists(part);
            // The moment of the copy is one between two changes.
            jdbc.execute("BACKUP TO '" + part.toString().replace("'", "''") + "'");
            DataFolder.restrict(part, "rw-------");
            Files.move(part, folder.resolve(DONE), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException | RuntimeException failed) {
            LOG.warn("The backup that was asked for could not be made.", failed);
            tell(String.valueOf(failed.getMessage()));
        }
    }

    private void tell(String why) {
        try {
            Files.writeString(folder.resolve(FAILED), why);
        } catch (IOException full) {
            LOG.warn("Nor could that be told.", full);
        }
    }

    @Override
    public void destroy() {
        looking.shutdownNow();
    }

    /**
     * Asks the program that has a data folder open, and waits for the backup.
     *
     * @throws Unusable where it does not answer, or could not make it
     */
    static Path ask(Path temporary, long millis) throws IOException {
        Path done = temporary.resolve(DONE);
        Path failed = temporary.resolve(FAILED);
        Files.deleteIfExists(done);
        Files.deleteIfExists(failed);
        Files.createDirectories(temporary);
        Files.writeString(temporary.resolve(ASKED), "");
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(millis);
        while (!Files.exists(done)) {
            if (Files.exists(failed)) {
                throw new Unusable("The backup could not be made: " + Files.readString(failed));
            }
            if (System.nanoTime() > end) {
                Files.deleteIfExists(temporary.resolve(ASKED));
                throw new Unusable(
                        "The program that has this data folder open does not answer. End it, and ask again.");
            }
            pause();
        }
        return done;
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(LOOKED_AT_MILLIS / 3);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new UncheckedIOException(new IOException("waiting was ended"));
        }
    }
}
