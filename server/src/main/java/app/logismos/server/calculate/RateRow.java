package app.logismos.server.calculate;

import app.logismos.unit.Rates;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;

/** A kept rate. */
@Entity
@Table(name = "rate")
class RateRow {
    /** Which in the table it is, from 0. */
    @Id
    int place;

    @Column(length = 3)
    String code = "";

    @Column(length = 40)
    String name = "";

    @Column(length = 40)
    String plural = "";

    /** A decimal with all its digits. */
    @Column(length = 64)
    String euros = "";

    static RateRow of(int place, Rates.Rate rate) {
        RateRow row = new RateRow();
        row.place = place;
        row.code = rate.code();
        row.name = rate.name();
        row.plural = rate.plural();
        row.euros = rate.euros().toPlainString();
        return row;
    }

    Rates.Rate rate() {
        return new Rates.Rate(code, name, plural, new BigDecimal(euros));
    }
}
