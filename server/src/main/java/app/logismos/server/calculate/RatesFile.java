package app.logismos.server.calculate;

import app.logismos.unit.Rates;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** {@code rates.csv} beside the worksheets, where earlier versions kept the rates between currencies. */
@Component
class RatesFile {
    private static final Logger LOG = LoggerFactory.getLogger(RatesFile.class);

    private final Path file;

    RatesFile(@Value("${logismos.data}") Path data) {
        this.file = data.resolve("rates.csv");
    }

    /** What is in it; nothing where there is none or it cannot be read. */
    Optional<Rates> read() {
        try {
            return Files.isReadable(file) ? Optional.of(Rates.read(Files.readAllLines(file))) : Optional.empty();
        } catch (IOException | IllegalArgumentException unreadable) {
            LOG.warn("The sample rates hold, since {} cannot be read: {}", file, unreadable.getMessage());
            return Optional.empty();
        }
    }

    /** Takes it away, once its rates are kept elsewhere. */
    void delete() {
        try {
            Files.deleteIfExists(file);
        } catch (IOException staysThere) {
            LOG.warn("{} is in the database now and can be deleted: {}", file, staysThere.getMessage());
        }
    }
}
