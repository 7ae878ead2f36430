package app.logismos.server.datafolder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The command that lists backups and puts one in the place of the database. */
public final class Restore {
    private Restore() {}

    /**
     * Restores.
     *
     * @param arguments the data folder, and the name of a backup, {@code latest} or a file; without a name the backups are listed
     */
    public static void main(String[] arguments) {
        try {
            DataFolder folder = DataFolder.at(Path.of(arguments[0]));
            if (arguments.length > 1) {
                Path file = Path.of(arguments[1]);
                System.out.println(Files.isRegularFile(file) ? folder.restore(file) : folder.restore(arguments[1]));
                return;
            }
            List<String> lines = folder.backupLines();
            System.out.println(lines.isEmpty() ? "There is no backup yet." : String.join("\n", lines));
        } catch (Unusable sentence) {
            System.err.println(sentence.getMessage());
            System.exit(1);
        } catch (IOException failed) {
            System.err.println("The backup could not be put in place: " + failed.getMessage());
            System.exit(1);
        }
    }
}
