package app.logismos.server.datafolder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Copies of the database in {@code backups}: the last five, and the last of each of seven days. */
final class Backups {
    private static final int LAST = 5;
    private static final int DAYS = 7;
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'logismos-'yyyy-MM-dd'T'HH-mm-ss");
    private static final String END = ".mv.db";

    private final Path folder;
    private final Clock clock;

    Backups(Path data, Clock clock) {
        this.folder = data.resolve("backups");
        this.clock = clock;
    }

    /** A copy, and when it was made. */
    record Backup(Path file, LocalDateTime madeAt) {
        /** {@code 2027-03-01 09:12}. */
        String called() {
            return madeAt.truncatedTo(ChronoUnit.MINUTES).toString().replace('T', ' ');
        }

        String name() {
            String name = file.getFileName().toString();
            return name.substring(0, name.length() - END.length());
        }
    }

    /** The copies, the newest first. */
    List<Backup> list() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            List<Backup> backups = new ArrayList<>();
            files.filter(file -> file.getFileName().toString().matches("logismos-[0-9T-]+\\.mv\\.db"))
                    .forEach(file -> backups.add(new Backup(
                            file,
                            LocalDateTime.parse(file.getFileName().toString().replace(END, ""), NAME))));
            backups.sort(Comparator.comparing(Backup::madeAt).reversed());
            return backups;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Copies the database, whole or not at all, and lets old copies go. */
    Backup copy(Path database) throws IOException {
        Files.createDirectories(folder);
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        Path copy = folder.resolve(NAME.format(now) + END);
        Path part = folder.resolve("unfinished");
        Files.copy(database, part, StandardCopyOption.REPLACE_EXISTING);
        Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        rotate();
        return new Backup(copy, now);
    }

    private void rotate() throws IOException {
        LocalDate first = LocalDate.now(clock).minusDays(DAYS - 1L);
        Set<LocalDate> days = new HashSet<>();
        List<Backup> all = list();
        for (int i = 0; i < all.size(); i++) {
            LocalDate day = all.get(i).madeAt().toLocalDate();
            boolean isLastOfDay = days.add(day) && !day.isBefore(first);
            if (i >= LAST && !isLastOfDay) {
                Files.delete(all.get(i).file());
            }
        }
    }
}
