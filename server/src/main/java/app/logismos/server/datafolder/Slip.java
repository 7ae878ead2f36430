package app.logismos.server.datafolder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.concurrent.TimeUnit;

/**
 * What a command asks of the program that has a data folder open: a file in that folder, which only its owner can write to, so
 * that nobody can ask over the network. The answer is a file beside it.
 *
 * @param folder that of what is only needed while the program runs
 * @param what the name of what is asked for
 */
record Slip(Path folder, String what) {
    static final long LOOKED_AT_MILLIS = 300;

    private Path asked() {
        return folder.resolve(what + "-asked");
    }

    private Path done() {
        return folder.resolve(what + "-done");
    }

    private Path failed() {
        return folder.resolve(what + "-failed");
    }

    /** Whether it was asked for; it is so once. */
    boolean take() throws IOException {
        return Files.deleteIfExists(asked());
    }

    /** Answers with a file that is there whole. */
    void done(Path result) throws IOException {
        Files.move(result, done(), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Answers that it could not be done. */
    void failed(String why) throws IOException {
        Path part = Files.writeString(folder.resolve(what + "-reason"), why);
        Files.move(part, failed(), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    /**
     * Asks, and waits for the answer.
     *
     * @return the file that the program answers with
     * @throws Unusable where the program does not answer, or could not do it
     */
    Path ask(long millis) throws IOException {
        Files.createDirectories(folder);
        Files.deleteIfExists(done());
        Files.deleteIfExists(failed());
        Files.writeString(asked(), "");
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(millis);
        while (!Files.exists(done())) {
            if (Files.exists(failed())) {
                throw new Unusable(Files.readString(failed()));
            }
            if (System.nanoTime() > end) {
                Files.deleteIfExists(asked());
                throw new Unusable(
                        "The program that has this data folder open does not answer. End it, and ask again.");
            }
            pause();
        }
        return done();
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
