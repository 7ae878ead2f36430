package app.logismos.server.datafolder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.availability.AvailabilityChangeEvent;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Does what the commands for backups ask for while the program runs: packs the database, or lets another take its place. */
@Component
@Lazy(false)
class Desk implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Desk.class);

    private final DataFolder folder;
    private final JdbcTemplate jdbc;
    private final ApplicationEventPublisher events;
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(run -> {
        Thread thread = new Thread(run, "backups");
        thread.setDaemon(true);
        return thread;
    });

    Desk(@Value("${logismos.data}") Path folder, DataSource source, ApplicationEventPublisher events) {
        this.folder = DataFolder.at(folder);
        this.jdbc = new JdbcTemplate(source);
        this.events = events;
    }

    /** Once all is ready, examples too. */
    @EventListener
    void begin(AvailabilityChangeEvent<ReadinessState> event) {
        if (event.getState() != ReadinessState.ACCEPTING_TRAFFIC) {
            return;
        }
        looking.scheduleWithFixedDelay(this::look, Slip.LOOKED_AT_MILLIS, Slip.LOOKED_AT_MILLIS, TimeUnit.MILLISECONDS);
    }

    private void look() {
        try {
            if (folder.backupSlip().take()) {
                pack();
            }
            if (folder.restoreSlip().take()) {
                events.publishEvent(new RestoreAsked(this));
            }
        } catch (IOException | RuntimeException failed) {
            LOG.warn("What a command asked for could not be looked at.", failed);
        }
    }

    private void pack() throws IOException {
        try {
            Path part = folder.temporary().resolve("backup-unfinished.zip");
            Files.deleteIfExists(part);
            // The moment of the copy is one between two changes.
            jdbc.execute("BACKUP TO '" + part.toString().replace("'", "''") + "'");
            DataFolder.restrict(part, "rw-------");
            folder.backupSlip().done(part);
        } catch (IOException | RuntimeException failed) {
            LOG.warn("The backup that was asked for could not be made.", failed);
            folder.backupSlip().failed("The backup could not be made: " + failed.getMessage());
        }
    }

    @Override
    public void destroy() {
        looking.shutdownNow();
    }
}
