package app.logismos.server.calculate;

import app.logismos.catalogue.Catalogue;
import app.logismos.catalogue.Constant;
import app.logismos.number.Plain;
import app.logismos.server.web.ResultJson;
import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.UnitListing;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The catalogues of units and constants, for the guide. */
@RestController
class UnitsEndpoint {
    private final KnownUnits known;

    UnitsEndpoint(KnownUnits known) {
        this.known = known;
    }

    /**
     * A unit.
     *
     * @param factor how many coherent SI units one of it is, as a fraction where it is exact
     * @param exact whether the factor is exact
     * @param offset what is added on a scale before the factor; 0 for all others
     * @param dimension in powers of base quantities
     * @param measures the same in words
     * @param ucum its code in UCUM; null where it has none
     * @param prefixes {@code si}, {@code large} or {@code bin}, several, or none
     * @param sample whether its rate is only a sample
     */
    record UnitJson(
            String symbol,
            List<String> others,
            String name,
            String plural,
            String group,
            String factor,
            boolean exact,
            String offset,
            String dimension,
            String measures,
            @Nullable String ucum,
            List<String> prefixes,
            boolean sample,
            String source) {}

    /** A constant with its value. */
    record ConstantJson(String name, String says, ResultJson value, String source) {}

    /** All units. */
    @GetMapping("/api/v1/units")
    List<UnitJson> units() {
        UnitCatalogue units = known.units();
        return units.listings().stream().map(unit -> json(unit, units)).toList();
    }

    /** All constants. */
    @GetMapping("/api/v1/constants")
    List<ConstantJson> constants() {
        return Catalogue.STANDARD.constants().stream().map(UnitsEndpoint::json).toList();
    }

    private static UnitJson json(UnitListing unit, UnitCatalogue units) {
        return new UnitJson(
                unit.symbol(),
                unit.others(),
                unit.name(),
                unit.plural(),
                unit.group(),
                Plain.text(unit.atom().factor()),
                unit.atom().factor().isExact() && unit.atom().rounded().isEmpty(),
                Plain.text(unit.atom().offset()),
                unit.dimension(),
                unit.measures(),
                unit.ucum().isEmpty() ? null : unit.ucum(),
                unit.prefixes(),
                units.rates().isSample(unit.symbol()),
                unit.source());
    }

    private static ConstantJson json(Constant constant) {
        return new ConstantJson(constant.name(), constant.says(), ResultJson.of(constant.value()), constant.source());
    }
}
