package app.logismos.server.datafolder;

import java.io.IOException;
import java.nio.file.Path;

/** The command that puts a data folder into one file, whether a program has it open or not. */
public final class Backup {
    private Backup() {}

    /**
     * Packs.
     *
     * @param arguments the data folder, and the file
     */
    public static void main(String[] arguments) {
        try {
            System.out.println(DataFolder.at(Path.of(arguments[0])).backup(Path.of(arguments[1])));
        } catch (Unusable sentence) {
            System.err.println(sentence.getMessage());
            System.exit(1);
        } catch (IOException failed) {
            System.err.println("The backup could not be written: " + failed.getMessage());
            System.exit(1);
        }
    }
}
