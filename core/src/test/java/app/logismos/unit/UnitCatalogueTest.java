package app.logismos.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.fhir.ucum.Decimal;
import org.fhir.ucum.DefinedUnit;
import org.fhir.ucum.UcumEssenceService;
import org.fhir.ucum.UcumException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class UnitCatalogueTest {
    private static final UnitCatalogue UNITS = UnitCatalogue.STANDARD;
    private static final UcumEssenceService UCUM = ucum();

    private static UcumEssenceService ucum() {
        try {
            return new UcumEssenceService(
                    UcumEssenceService.class.getClassLoader().getResourceAsStream("ucum-essence.xml"));
        } catch (UcumException broken) {
            throw new IllegalStateException(broken);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "km/h      | km/h",
                "m/s^2     | m/s²",
                "m.s-2     | m/s²",
                "m/s2      | m/s²",
                "kg·m²·s⁻³ | kg·m²/s³",
                "N*m       | N·m",
                "1/s       | 1/s",
                "/s        | 1/s",
                "W/(m²·K)  | W/(m²·K)",
                "m^(1/2)   | m^(1/2)",
                "[lb_av]   | lb",
                "Cel       | °C",
                "[degF]    | °F",
                "k[lb_av]  | ",
                "min       | min",
                "cd        | cd",
                "ft        | ft",
                "Pa        | Pa",
                "dam       | dam",
                "um        | µm",
                "μm        | µm",
                "kilometres | km",
                "ohm       | Ω",
                "kΩ        | kΩ",
                "KiB       | KiB",
                "kb        | kbarn", // as UCUM has it
                "Kg        | ",
                "kkg       | ",
                "km h      | ",
                "mm[Hg]    | mmHg",
                "cm[H2O]   | cmH2O",
                "[in_i'Hg] | inHg",
                "EUR/kg    | EUR/kg",
                "mEUR      | ",
                "[sft_i]   | [sft_i]",
                "mL{total}/min | mL/min",
                "{beat}/min | 1/min",
                "kg{dry.mass} | kg",
            })
    void unitsAreReadInOurSpellingAndInUcums(String text, String symbol) {
        assertThat(UNITS.unit(text).map(Unit::symbol).orElse(null)).isEqualTo(symbol);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "km/h         | km/h",
                "m/s²         | m/s2",
                "kg·m²/s³     | kg.m2/s3",
                "W/(m²·K)     | W/m2/K",
                "°C           | Cel",
                "lb           | [lb_av]",
                "µm           | um",
                "KiB          | KiBy",
                "1/min        | /min",
                "°            | deg",
                "kcal         | kcal_th",
                "EUR/kg       | ",
                "m^(1/2)      | ",
            })
    void unitsAreWrittenInUcumsSpellingAndReadBackAsThemselves(String symbol, String code) {
        Unit unit = unit(symbol);
        assertThat(UNITS.code(unit).orElse(null)).isEqualTo(code);
        UNITS.code(unit).ifPresent(written -> assertThat(UNITS.unit(written)).contains(unit));
    }

    /** Some read there with other digits; all are units for it. */
    @ParameterizedTest
    @MethodSource("withCodes")
    void everyCodeIsOneOfUcums(UnitListing listing) {
        String code = UNITS.code(Unit.of(listing.atom())).orElseThrow();
        assertThat(UCUM.validate(code)).as(code).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // NIST SP 811, appendix B, bold factors (exact)
                "acre_us | m^2 | 4046.872609874252", // 43560 ft_us², SP 811 B.6
                "BTU     | J   | 1055.05585262",
                "cal     | J   | 4.184",
                "ct      | g   | 0.2",
                "dyn     | N   | 0.00001",
                "fathom  | m   | 1.8288036576073152",
                "ft      | m   | 0.3048",
                "gal     | L   | 3.785411784",
                "gal_imp | L   | 4.54609",
                "gr      | mg  | 64.79891",
                "hp      | W   | 745.69987158227022",
                "in      | cm  | 2.54",
                "inHg    | Pa  | 3386.388640341",
                "kgf     | N   | 9.80665",
                "kn      | km/h | 1.852",
                "lb      | kg  | 0.45359237",
                "lbf     | N   | 4.4482216152605",
                "ly      | m   | 9460730472580800",
                "mi      | m   | 1609.344",
                "mmHg    | Pa  | 133.322387415",
                "oz      | g   | 28.349523125",
                "ozt     | g   | 31.1034768",
                "pdl     | N   | 0.138254954376",
                "psi     | Pa  | 6894.757293168361",
                "slug    | kg  | 14.593902937206364",
                "st      | kg  | 6.35029318",
                "ton     | kg  | 907.18474",
                "ton_long | kg | 1016.0469088",
                "Torr    | Pa  | 133.32236842105263",
                "year    | s   | 31557600",
                "°       | rad | 0.017453292519943295",
            })
    void factorsAreTheStandards(String unit, String in, double factor) {
        Real converted = (Real) unit(unit).convert(Rational.ONE, unit(in));
        assertThat(converted.toDouble()).isCloseTo(factor, within(factor * 1e-15));
    }

    static Stream<UnitListing> withCodes() {
        return UNITS.listings().stream()
                .filter(listing -> !listing.ucum().isEmpty())
                .filter(listing -> listing.atom().offset().signum() == 0) // scales are not converted there
                .filter(listing ->
                        !List.of("Data", "Light", "Amount", "Share").contains(listing.group())) // plain numbers there
                .filter(listing -> !List.of("sr", "IU", "au", "Da", "[wood'U]")
                        .contains(listing.symbol())); // plain numbers there, older values, and of mercury
    }

    /** The other implementation keeps as many digits as its definitions are written with. */
    @ParameterizedTest
    @MethodSource("withCodes")
    void factorsAgreeWithUcums(UnitListing listing) throws Exception {
        String base = UCUM.getCanonicalUnits(listing.ucum());
        Unit ours = Unit.of(listing.atom());
        Unit canonical = base.isEmpty() ? Unit.ONE : UNITS.unit(base).orElseThrow(() -> new AssertionError(base));
        if (listing.group().equals("Data")
                || listing.symbol().equals("sr")
                || listing.group().equals("Light")) {
            return; // dimensionless there, or counted in steradians
        }
        assertThat(ours.isLike(canonical)).as(listing.symbol() + " ~ " + base).isTrue();
        Decimal theirs = UCUM.convert(new Decimal("1.00000000000000000000"), listing.ucum(), base);
        Real number = (Real) ours.convert(Rational.ONE, canonical);
        BigDecimal expected = new BigDecimal(theirs.asScientific());
        double lastDigit = expected.ulp().doubleValue();
        assertThat(number.toDouble())
                .as(listing.symbol())
                .isCloseTo(expected.doubleValue(), within(Math.max(lastDigit * 1.5, expected.doubleValue() * 1e-12)));
    }

    @Test
    void factorsAreExactlyThoseOfTheDefinitionsInUcum() throws Exception {
        int compared = 0;
        for (UnitListing listing : withCodes().toList()) {
            for (DefinedUnit theirs : UCUM.getModel().getDefinedUnits()) {
                Optional<Unit> of = UNITS.unit(theirs.getValue().getUnit());
                if (theirs.getCode().equals(listing.ucum()) && of.isPresent()) {
                    compared++;
                    Rational value = Rational.of(
                            new BigDecimal(theirs.getValue().getValue().asDecimal()));
                    assertThat(listing.atom().factor())
                            .as(listing.symbol())
                            .isEqualTo(value.times(of.get().factor()));
                }
            }
        }
        assertThat(compared).isGreaterThan(80);
    }

    @Test
    void everyPairOfOneDimensionConvertsThereAndBackExactly() {
        List<UnitListing> all = new ArrayList<>(UNITS.listings());
        Rational number = Rational.of(355, 113);
        int pairs = 0;
        for (UnitListing a : all) {
            for (UnitListing b : all) {
                Unit from = Unit.of(a.atom());
                Unit to = Unit.of(b.atom());
                boolean isExact = Factors.over(from.factor(), to.factor()).isExact();
                if (from.isLike(to) && isExact) {
                    pairs++;
                    Real there = (Real) from.convert(number, to);
                    assertThat(to.convert(there, from))
                            .as(a.symbol() + " to " + b.symbol())
                            .isEqualTo(number);
                }
            }
        }
        assertThat(pairs).isGreaterThan(3_000);
    }

    @Test
    void everyPrefixOfAUnitIsRead() {
        for (UnitListing listing : UNITS.listings()) {
            if (listing.takes("si")) {
                for (Prefix prefix : Prefix.SI) {
                    String symbol = prefix.symbol() + listing.symbol();
                    Unit read = unit(symbol);
                    boolean isTaken = UNITS.listings().stream()
                            .anyMatch(other -> other.symbol().equals(symbol)
                                    || other.others().contains(symbol));
                    if (!isTaken) {
                        assertThat(read.convert(Rational.ONE, Unit.of(listing.atom())))
                                .as(symbol)
                                .isEqualTo(prefix.factor());
                    }
                }
            }
        }
    }

    @Test
    void everyLineSaysWhatItIs() {
        assertThat(UNITS.listings()).hasSizeGreaterThan(240).allSatisfy(listing -> {
            assertThat(listing.name()).isNotBlank();
            assertThat(listing.plural()).isNotBlank();
            assertThat(listing.group()).isNotBlank();
            assertThat(listing.source()).isNotBlank();
            assertThat(unit(listing.symbol())).isEqualTo(Unit.of(listing.atom()));
            listing.others()
                    .forEach(other -> assertThat(unit(other).dimension())
                            .isEqualTo(listing.atom().dimension()));
        });
    }

    @Test
    void nearMissesAreSuggested() {
        assertThat(UNITS.like("Kg")).contains("kg");
        assertThat(UNITS.like("KM")).contains("km");
        assertThat(UNITS.like("kilogramm")).isEmpty();
        assertThat(UNITS.like("gramm")).contains("gram");
        assertThat(UNITS.like("xyzzy")).isEmpty();
    }

    private static Unit unit(String text) {
        return UNITS.unit(text).orElseThrow(() -> new AssertionError("no unit " + text));
    }

    @ParameterizedTest
    @CsvSource({"dB", "mB", "cbit", "daB", "hbit", "decibyte"})
    void dataComesInNoTenthsOrTens(String symbol) {
        assertThat(UnitCatalogue.STANDARD.unit(symbol)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"kB", "Mbit", "GiB", "kilobyte", "QB", "mebibit"})
    void dataComesInThousandsAndPowersOfTwo(String symbol) {
        assertThat(UnitCatalogue.STANDARD.unit(symbol)).isPresent();
    }
}
