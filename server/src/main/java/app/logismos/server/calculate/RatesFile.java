package app.logismos.server.calculate;

import app.logismos.server.datafolder.NotKept;
import app.logismos.unit.Rates;
import app.logismos.unit.UnitCatalogue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** Keeps the rates between currencies as {@code rates.csv} beside the worksheets; without it the samples hold. */
@Component
@Lazy(false)
class RatesFile {
    private static final Logger LOG = LoggerFactory.getLogger(RatesFile.class);
    private static final String HEADING = "# How many euros one unit of a currency is worth: code, name, plural, euros";

    private final Path file;

    RatesFile(@Value("${logismos.data}") Path data) {
        this.file = data.resolve("rates.csv");
        try {
            UnitCatalogue.STANDARD.exchange(
                    Files.isReadable(file) ? Rates.read(Files.readAllLines(file)) : Rates.SAMPLE);
        } catch (IOException | IllegalArgumentException unreadable) {
            UnitCatalogue.STANDARD.exchange(Rates.SAMPLE);
            LOG.warn("The sample rates hold, since {} cannot be read: {}", file, unreadable.getMessage());
        }
    }

    /** Exchanges at other rates from now on, and keeps them; where they cannot be kept, nothing changes. */
    synchronized void write(Rates rates) {
        List<String> lines = new ArrayList<>(List.of(HEADING));
        lines.addAll(rates.lines());
        exchange(rates, () -> {
            Path whole = Files.write(file.resolveSibling("rates.csv.new"), lines);
            Files.move(whole, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        });
    }

    /** Goes back to the samples. */
    synchronized void delete() {
        exchange(Rates.SAMPLE, () -> Files.deleteIfExists(file));
    }

    private interface Keeping {
        void keep() throws IOException;
    }

    private static void exchange(Rates rates, Keeping keeping) {
        Rates before = UnitCatalogue.STANDARD.rates();
        UnitCatalogue.STANDARD.exchange(rates);
        try {
            keeping.keep();
        } catch (IOException notKept) {
            UnitCatalogue.STANDARD.exchange(before);
            LOG.warn("The rates could not be written: {}", notKept.getMessage());
            throw new NotKept("These rates cannot be kept: the data folder does not take them. They are as before; make"
                    + " room in it and try again.");
        }
    }
}
