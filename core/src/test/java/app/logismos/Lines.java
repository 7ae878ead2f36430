package app.logismos;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** Cases that stand in a file of their own beside the tests of a package, a line each; those that begin with # are remarks. */
public final class Lines {
    private Lines() {}

    public static List<String> of(String file) {
        try (InputStream in = Objects.requireNonNull(Lines.class.getResourceAsStream(file), file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
