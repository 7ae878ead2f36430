package app.logismos.server.calculate;

import app.logismos.server.web.BadRequest;
import app.logismos.unit.Rates;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The rates between currencies, for all worksheets. */
@RestController
class RatesEndpoint {
    private final KnownUnits known;

    RatesEndpoint(KnownUnits known) {
        this.known = known;
    }

    /**
     * What a currency is worth.
     *
     * @param euros a decimal, as text, so that no digit is lost
     * @param sample whether it is the rate that ships with the program, made up for trying things out
     */
    record RateJson(String code, String name, String plural, String euros, boolean sample) {}

    /**
     * A rate as it is to be.
     *
     * @param euros a decimal with a point
     */
    record RateToBe(String code, String name, String plural, String euros) {}

    /** What currencies are worth, in euros. */
    @GetMapping("/api/v1/rates")
    List<RateJson> rates() {
        Rates rates = known.units().rates();
        return rates.rates().stream()
                .map(rate -> new RateJson(
                        rate.code(),
                        rate.name(),
                        rate.plural(),
                        rate.euros().toPlainString(),
                        rates.isSample(rate.code())))
                .toList();
    }

    /** Takes the place of the whole table. */
    @PutMapping("/api/v1/rates")
    List<RateJson> exchange(@RequestBody List<RateToBe> rates) {
        try {
            known.exchange(new Rates(rates.stream().map(RatesEndpoint::rate).toList()));
        } catch (IllegalArgumentException refused) {
            throw new BadRequest(refused.getMessage());
        }
        return rates();
    }

    /** Goes back to the rates that ship with the program. */
    @DeleteMapping("/api/v1/rates")
    List<RateJson> forget() {
        known.forget();
        return rates();
    }

    private static Rates.Rate rate(@Nullable RateToBe rate) {
        if (rate == null) {
            throw new BadRequest("A rate has `code`, `name`, `plural` and `euros`, and one is null.");
        }
        try {
            return new Rates.Rate(
                    rate.code().strip(),
                    rate.name().strip(),
                    rate.plural().strip(),
                    new BigDecimal(rate.euros().strip()));
        } catch (NumberFormatException noNumber) {
            throw new BadRequest(
                    "The rate of `" + rate.code() + "` is a number like 0.92, was `" + rate.euros() + "`.");
        }
    }
}
