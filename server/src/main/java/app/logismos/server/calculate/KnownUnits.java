package app.logismos.server.calculate;

import app.logismos.evaluate.Words;
import app.logismos.formula.Vocabulary;
import app.logismos.server.datafolder.KeptFile;
import app.logismos.unit.Rates;
import app.logismos.unit.UnitCatalogue;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * The units that calculations are given: those of the catalogue, and currencies at the rates that hold now. Who goes on with
 * older ones, as an open worksheet does, is told by {@link RatesChanged}.
 */
@Component
public class KnownUnits {
    private static final Logger LOG = LoggerFactory.getLogger(KnownUnits.class);

    private final RatesStore store;
    private final KeptFile kept;
    private final ApplicationEventPublisher events;
    private volatile Vocabulary words;

    KnownUnits(RatesStore store, RatesFile file, KeptFile kept, ApplicationEventPublisher events) {
        this.store = store;
        this.kept = kept;
        this.events = events;
        this.words = store.kept()
                .flatMap(KnownUnits::fitting)
                .or(() -> file.read().flatMap(rates -> moved(rates, file)))
                .orElse(Words.STANDARD);
    }

    /** The words with these rates; nothing where a currency is a unit by now, which must not keep the program down. */
    private static Optional<Vocabulary> fitting(Rates rates) {
        try {
            return Optional.of(words(rates));
        } catch (IllegalArgumentException unfit) {
            LOG.warn("The sample rates hold, since those that are kept do not fit: {}", unfit.getMessage());
            return Optional.empty();
        }
    }

    private Optional<Vocabulary> moved(Rates rates, RatesFile file) {
        Optional<Vocabulary> fitting = fitting(rates);
        if (fitting.isPresent()) {
            try {
                store.keep(rates);
                file.delete();
            } catch (DataAccessException | TransactionException full) {
                LOG.warn("The rates stay in their file, since the database does not take them: {}", full.getMessage());
            }
        }
        return fitting;
    }

    private static Vocabulary words(Rates rates) {
        return rates.equals(Rates.SAMPLE) ? Words.STANDARD : Words.of(UnitCatalogue.STANDARD.with(rates));
    }

    /** What formulas may be written with, these units included. */
    public Vocabulary words() {
        return words;
    }

    /** The units. */
    public UnitCatalogue units() {
        return words.units();
    }

    /**
     * Exchanges at other rates from now on, and keeps them; where they cannot be kept, nothing changes.
     *
     * @throws IllegalArgumentException where the code of a currency is a unit already
     */
    synchronized void exchange(Rates rates) {
        Vocabulary others = words(rates);
        kept.write(() -> {
            store.keep(rates);
            return rates;
        });
        hold(others);
    }

    /** Goes back to the rates that ship with the program. */
    synchronized void forget() {
        kept.write(() -> {
            store.forget();
            return Rates.SAMPLE;
        });
        hold(Words.STANDARD);
    }

    private void hold(Vocabulary others) {
        words = others;
        events.publishEvent(new RatesChanged());
    }
}
