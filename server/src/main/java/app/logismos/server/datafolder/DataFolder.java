package app.logismos.server.datafolder;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The folder of the database, made ready before the program opens it.
 *
 * <p>Beside the database stand {@code acknowledged} (see {@link Acknowledged}), {@code closed} (there while no program has
 * the database open, with the version that closed it), {@code backups} and {@code tmp}. Only its owner may look into it.
 */
public final class DataFolder {
    /** The migrations of the schema that this version knows. */
    public static final int SCHEMA = 7;

    /** A large database takes a while to be packed. */
    private static final long LONGEST_WAIT_MILLIS = 300_000;

    private static final String CLOSED = "closed";

    private final Path folder;
    private final Backups backups;

    private DataFolder(Path folder, Clock clock) {
        this.folder = folder;
        this.backups = new Backups(folder, clock);
    }

    /** A folder by its path. */
    public static DataFolder at(Path folder) {
        return new DataFolder(folder.toAbsolutePath().normalize(), Clock.systemDefaultZone());
    }

    static DataFolder at(Path folder, Clock clock) {
        return new DataFolder(folder, clock);
    }

    private Path database() {
        return folder.resolve(DatabaseFile.NAME);
    }

    /** The folder for what is only needed while the program runs. */
    public Path temporary() {
        return folder.resolve("tmp");
    }

    /**
     * Makes the folder ready: closed to others, without what an earlier run has left over, and its database copied aside
     * where that was not closed properly or is of another version.
     *
     * @param asItIs whether a database is opened that is older than what was acknowledged
     * @throws Unusable where it cannot be used; nothing has been changed then
     */
    public void prepare(boolean asItIs) {
        if (folder.toString().indexOf(';') >= 0) {
            throw new Unusable(
                    "The data folder " + folder + " has a ; in its name, which the database cannot open. Choose another"
                            + " folder with --data, or rename it.");
        }
        try {
            Files.createDirectories(folder);
            checkWritable();
            look(asItIs);
            restrict(folder, "rwx------");
            clean();
        } catch (IOException unusable) {
            throw new Unusable("The data folder " + folder + " cannot be used: " + reason(unusable)
                    + " Choose another with --data, or change who may write in it.");
        }
    }

    private static String reason(IOException failed) {
        return switch (failed.getClass().getSimpleName()) {
            case "AccessDeniedException" -> "this program has no right to do so.";
            case "FileAlreadyExistsException", "NotDirectoryException" -> "it is a file and not a folder.";
            case "ReadOnlyFileSystemException" -> "its disk is read-only.";
            default -> failed.getMessage() + ".";
        };
    }

    private void checkWritable() throws IOException {
        if (!Files.isReadable(folder) || !Files.isWritable(folder) || !Files.isExecutable(folder)) {
            throw new Unusable("The data folder " + folder + " cannot be written to. Give this program the right to, or"
                    + " choose another with --data.");
        }
        Path file = database();
        if (Files.exists(file) && !(Files.isReadable(file) && Files.isWritable(file))) {
            throw new Unusable(
                    "The database " + file + " cannot be written to. Give this program the right to, or choose"
                            + " another folder with --data.");
        }
    }

    private void look(boolean asItIs) throws IOException {
        Map<String, Long> acknowledged = Acknowledged.read(folder);
        Path file = database();
        if (!Files.exists(file)) {
            if (!acknowledged.isEmpty() && !asItIs) {
                throw new Unusable("The database " + file + " is gone, and " + worksheets(acknowledged.size())
                        + " were kept in it." + waysOn("begin without them"));
            }
            Files.deleteIfExists(Acknowledged.in(folder));
            return;
        }
        checkFree(file);
        DatabaseFile seen;
        try {
            seen = DatabaseFile.look(file);
        } catch (Unusable damaged) {
            throw backups.list().isEmpty() ? damaged : new Unusable(damaged.getMessage() + ways());
        }
        if (seen.schema() > SCHEMA) {
            throw new Unusable(
                    "The database " + file + " was written by a newer version of Logismos, and is left as it is."
                            + " Use that version, or choose another folder with --data.");
        }
        long behind = seen.behind(acknowledged);
        if (behind > 0 && !asItIs) {
            throw new Unusable("The database " + file + " is older than what was kept last: "
                    + (behind == 1 ? "1 worksheet lacks changes or is" : behind + " worksheets lack changes or are")
                    + " missing. It is left as it is." + waysOn("open it as it is"));
        }
        if (!isClosedProperly() || behind > 0) {
            backups.copy(file);
        }
        if (behind > 0) {
            Files.deleteIfExists(Acknowledged.in(folder));
        }
    }

    private static String worksheets(int count) {
        return count == 1 ? "1 worksheet" : count + " worksheets";
    }

    /** What can be done where the database is not as it should be. */
    private String waysOn(String asItIs) {
        return ways() + "\n  --as-it-is   to " + asItIs;
    }

    private String ways() {
        List<Backups.Backup> all = backups.list();
        if (all.isEmpty()) {
            return "\nWays on:";
        }
        return "\nWays on:"
                + all.stream()
                        .limit(3)
                        .map(backup -> "\n  ./logismos restore " + backup.name() + "   to open the backup of "
                                + backup.called())
                        .collect(Collectors.joining());
    }

    /** Nobody else may have it open. */
    private static void checkFree(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            if (lock == null) {
                throw inUse();
            }
        } catch (OverlappingFileLockException openHere) {
            throw inUse();
        }
    }

    private static Unusable inUse() {
        return new Unusable(
                "Another Logismos is running with the same data folder. End that one first, or choose another"
                        + " folder with --data.");
    }

    private boolean isClosedProperly() throws IOException {
        Path closed = folder.resolve(CLOSED);
        return Files.exists(closed) && Files.readString(closed).equals(version());
    }

    /** Notes that the database is open now; {@link #close} takes that back. */
    public void open() {
        try {
            Files.deleteIfExists(folder.resolve(CLOSED));
        } catch (IOException unusable) {
            throw new Unusable("The data folder " + folder + " cannot be written to: " + reason(unusable));
        }
    }

    /** Notes that the database was closed properly. */
    public void close() {
        try {
            Files.writeString(folder.resolve(CLOSED), version());
        } catch (IOException notNoted) {
            // If this fails, the next start makes a copy of the database, which is harmless.
        }
    }

    private static String version() {
        String program = DataFolder.class.getPackage().getImplementationVersion();
        return "schema " + SCHEMA + ", program " + (program == null ? "unknown" : program);
    }

    private void clean() throws IOException {
        delete(temporary());
        Files.createDirectories(temporary());
        restrict(temporary(), "rwx------");
        for (Path name : List.of(database(), Acknowledged.in(folder))) {
            if (Files.exists(name)) {
                restrict(name, "rw-------");
            }
        }
        Files.deleteIfExists(folder.resolve("logismos.trace.db"));
    }

    private static void delete(Path path) throws IOException {
        if (!Files.exists(path, LinkOption.NOFOLLOW_LINKS)) {
            return;
        }
        try (Stream<Path> all = Files.walk(path)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }

    /** Lets only the owner in, where the system knows such rights. */
    static void restrict(Path path, String rights) throws IOException {
        FileStore store = Files.getFileStore(path);
        if (store.supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(rights));
        }
    }

    /** The backups that there are, a line each. */
    List<String> backupLines() {
        return backups.list().stream()
                .map(backup -> backup.name() + "   of " + backup.called())
                .toList();
    }

    /**
     * Packs the database into a file, also while a program has it open.
     *
     * @return what was done, in a sentence
     */
    String backup(Path file) throws IOException {
        Path target = file.toAbsolutePath().normalize();
        if (!Files.exists(database())) {
            throw new Unusable("There is no database in " + folder + ".");
        }
        if (Files.isDirectory(target) || target.getParent() == null || !Files.isDirectory(target.getParent())) {
            throw new Unusable("A backup is a file in a folder that is there, was " + target + ".");
        }
        if (isFree()) {
            BackupFile.pack(database(), target);
        } else {
            BackupFile.place(backupSlip().ask(LONGEST_WAIT_MILLIS), target);
        }
        return "All worksheets are in " + target + "; `./logismos restore " + target.getFileName()
                + "` puts them back.";
    }

    /** What the command that packs asks of the program that has the database open. */
    Slip backupSlip() {
        return new Slip(temporary(), "backup");
    }

    /** What the command that puts a backup in place asks of it. */
    Slip restoreSlip() {
        return new Slip(temporary(), "restore");
    }

    private boolean isFree() throws IOException {
        try {
            checkFree(database());
            return true;
        } catch (Unusable open) {
            return false;
        }
    }

    /**
     * Puts a backup that was packed into a file in the place of the database, which is copied aside before.
     *
     * @return what was done, in a sentence
     */
    String restore(Path file) throws IOException {
        Files.createDirectories(folder);
        Path whole = restoring();
        try {
            BackupFile.unpack(file, whole);
            DatabaseFile seen = DatabaseFile.look(whole);
            if (seen.schema() > SCHEMA) {
                throw new Unusable(
                        "The backup " + file + " was made by a newer version of Logismos. Use that version.");
            }
            boolean wasThere = Files.exists(database());
            put();
            int count = seen.revisions().size();
            return worksheets(count) + " of " + file.getFileName() + (count == 1 ? " is" : " are") + " in place"
                    + (wasThere ? "; what was there before is a backup now." : ".");
        } finally {
            Files.deleteIfExists(whole);
        }
    }

    /** Where a database waits until it is put in place. */
    private Path restoring() {
        return folder.resolve("restoring.mv.db");
    }

    /** Puts the database that waits in place, or has that done by the program that has the one before open. */
    private void put() throws IOException {
        if (!Files.exists(database()) || isFree()) {
            putHere();
        } else {
            restoreSlip().ask(LONGEST_WAIT_MILLIS);
        }
    }

    /** What was there is copied aside. */
    private void putHere() throws IOException {
        if (Files.exists(database())) {
            backups.copy(database());
        }
        Files.move(restoring(), database(), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        Files.deleteIfExists(Acknowledged.in(folder));
    }

    /**
     * Puts the database that a command has laid ready in place, in the program that has closed the one before; the command is
     * told when the program answers again.
     *
     * @param again starts the program, with whatever database is in place then
     */
    public void putAsked(Runnable again) {
        String failure = "";
        try {
            putHere();
        } catch (IOException | RuntimeException failed) {
            failure = "The backup could not be put in place: " + failed.getMessage() + " Nothing was changed.";
        }
        prepare(false);
        open();
        again.run();
        try {
            if (failure.isEmpty()) {
                restoreSlip().done(Files.writeString(temporary().resolve("restored"), ""));
            } else {
                restoreSlip().failed(failure);
            }
        } catch (IOException full) {
            // The command tells then that nobody answered; the page shows what is in place.
        }
    }

    /**
     * Puts a backup in the place of the database, which is copied aside before.
     *
     * @param name as {@link #backupLines} gives it, or {@code latest}
     * @return what was done, in a sentence
     */
    String restore(String name) throws IOException {
        List<Backups.Backup> all = backups.list();
        Backups.Backup chosen = all.stream()
                .filter(backup -> name.equals("latest") || backup.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new Unusable("There is no backup " + name + ". `./logismos restore` lists them."));
        DatabaseFile.look(chosen.file());
        try {
            Files.copy(chosen.file(), restoring(), StandardCopyOption.REPLACE_EXISTING);
            put();
        } finally {
            Files.deleteIfExists(restoring());
        }
        return "The backup of " + chosen.called() + " is in place; what was there before is a backup now.";
    }
}
