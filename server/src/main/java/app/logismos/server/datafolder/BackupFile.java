package app.logismos.server.datafolder;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** A data folder in one file: an archive with the database in it, as the database's own {@code BACKUP} writes it. */
final class BackupFile {
    private static final long LARGEST = 64L << 30;

    private BackupFile() {}

    /** Packs a database that nobody has open; the file is there whole or not at all. */
    static void pack(Path database, Path file) throws IOException {
        Path part = besides(file);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(part))) {
            DataFolder.restrict(part, "rw-------");
            zip.putNextEntry(new ZipEntry(DatabaseFile.NAME));
            Files.copy(database, zip);
        }
        place(part, file);
    }

    /** Puts what was packed elsewhere in its place. */
    static void place(Path part, Path file) throws IOException {
        try {
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException otherDisk) {
            Path beside = besides(file);
            Files.copy(part, beside, StandardCopyOption.REPLACE_EXISTING);
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
            Files.delete(part);
        }
    }

    private static Path besides(Path file) {
        return file.resolveSibling(file.getFileName() + ".unfinished");
    }

    /**
     * Takes the database out of an archive.
     *
     * @throws Unusable where it is not such an archive, or is cut off
     */
    static void unpack(Path file, Path to) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().equals(DatabaseFile.NAME)) {
                    copy(zip, to);
                    return;
                }
            }
        } catch (ZipException | java.io.EOFException broken) {
            throw new Unusable("The file " + file + " is damaged or cut off. Nothing was changed.");
        }
        throw new Unusable("The file " + file + " is no backup of Logismos. Nothing was changed.");
    }

    private static void copy(InputStream from, Path to) throws IOException {
        try (OutputStream out = Files.newOutputStream(to)) {
            DataFolder.restrict(to, "rw-------");
            byte[] part = new byte[1 << 16];
            long count = 0;
            for (int read = from.read(part); read >= 0; read = from.read(part)) {
                count += read;
                if (count > LARGEST) {
                    throw new Unusable("The file unpacks to more than a database is. Nothing was changed.");
                }
                out.write(part, 0, read);
            }
        }
    }
}
