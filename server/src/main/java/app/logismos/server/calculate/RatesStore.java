package app.logismos.server.calculate;

import app.logismos.unit.Rates;
import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The rates between currencies in the database, where they are not those of the sample. */
@Repository
class RatesStore {
    private final EntityManager entities;

    RatesStore(EntityManager entities) {
        this.entities = entities;
    }

    /** The rates that were kept; nothing where the sample holds. */
    @Transactional(readOnly = true)
    Optional<Rates> kept() {
        List<RateRow> rows = entities.createQuery("from RateRow order by place", RateRow.class)
                .getResultList();
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(new Rates(rows.stream().map(RateRow::rate).toList()));
    }

    /** Keeps these in place of all others. */
    @Transactional
    void keep(Rates rates) {
        forget();
        for (Rates.Rate rate : rates.rates()) {
            entities.persist(RateRow.of(rates.rates().indexOf(rate), rate));
        }
    }

    /** Goes back to the sample. */
    @Transactional
    void forget() {
        entities.createQuery("delete from RateRow").executeUpdate();
    }
}
