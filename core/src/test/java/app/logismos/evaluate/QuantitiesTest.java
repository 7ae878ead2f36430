package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantitiesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=2 kg * 9.8 m/s^2                | (98/5) N",
                "=2 kg * 9.8 m/s^2 to lbf         | (800000000000/181560065929) lbf",
                "=98.6 °F to °C                   | 37 °C",
                "=20 °C - 68 °F                   | 0 K",
                "=1 mi to km                      | (25146/15625) km",
                "=60 km/h to m/s                  | (50/3) m/s",
                "=1 kWh to J                      | 3600000 J",
                "=1 GiB to MB                     | (16777216/15625) MB",
                "=1 [lb_av] to g                  | (45359237/100000) g",
                "=60 km/h * 30 min                | 30 km",
                "=6 m / 2 cm                      | 300",
                "=2 kN * 3 m                      | 6 kN·m",
                "=10 N * 2 m                      | 20 J",
                "=12 V/(3 A)                      | 4 Ω",
                "=10 m/t                          | 10 m/t",
                "=(3+4) kg                        | 7 kg",
                "=sqrt(16 m²)                     | 4 m",
                "=√16 m²                          | 4 m",
                "=(2 m)^3 to L                    | 8000 L",
                "=20 °C + 5 K                     | 25 °C",
                "=5 K + 20 °C                     | 25 °C",
                "=68 °F + 5 K                     | 77 °F",
                "=20 °C to K                      | (5863/20) K",
                "=300 K - 20 °C                   | (137/20) K",
                "=-5 °C                           | -5 °C",
                "=30°                             | 30°",
                "=30° + 60°                       | 90°",
                "=π to deg                        | 180°",
                "=90° to rad                      | (π/2) rad",
                "=30° = π/6                       | true",
                "=7 m mod 2 m                     | 1 m",
                "=7 m div 200 cm                  | 3",
                "=2 m > 150 cm                    | true",
                "=300 K > 20 °C                   | true",
                "=10 km/L to L/100km               | 10 L/100km",
                "=30 mpg to L/100km               | (112903/14400) L/100km",
                "=12.50 EUR * 3                   | (75/2) EUR",
                "=1/(2 s)                         | (1/2) 1/s",
                "=5 m to cm                       | 500 cm",
                "={1, 2} * 3 kg                   | {3 kg, 6 kg}",
                "=5 N·m                           | 5 N·m",
                "=3 ft + 2 in                     | (19/6) ft",
                "=2 rad * 3 m                     | 6 m",
                "=10 m / 2                        | 5 m",
                "=100 g * 50%                     | 50 g",
                "=3 h to min                      | 180 min",
                "=1 µm to nm                      | 1000 nm",
                "=1 um to nm                      | 1000 nm",
                "=5 metres to feet                | (6250/381) ft",
                "=10 m²/m                         | 10 m",
                "=400 IU * 7                      | 2800 IU",
                "=3 [iU] + 2 IU                   | 5 IU",
                "=5 kIU/mL * 2 mL to IU           | 10000 IU",
            })
    void quantitiesCalculate(String entry, String expected) {
        Value value = value(entry);
        assertThat(PlainText.of(value)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=45 mph * 2 h           | 90 mi",
                "=2 h * 45 mph           | 90 mi",
                "=45 mph * 20 min        | 15 mi",
                "=90 mi / 45 mph         | 2 h",
                "=20 kn * 3 h            | 60 nmi",
                "=3 kWh / 2 h            | (3/2) kW",
                "=1 kWh / 30 min         | 2 kW",
                "=3 kWh / 2 kW           | (3/2) h",
                "=600 mAh / 2 h          | 300 mA",
                "=7.5 L/100km * 200 km   | 15 L",
                "=15 L / 7.5 L/100km     | 200 km",
                "=30 mpg * 10 gal        | 300 mi",
                "=300 mi / 30 mpg        | 10 gal",
                "=60 rpm * 2 min         | 120 rev",
                "=30 psi * 2 in^2        | 60 lbf",
                "=30 psi * 1 ft^2        | 4320 lbf",
                "=5 gpm * 1 h            | 300 gal",
                "=230 kVA / 230 V        | 1000 A",
                "=5 mph * 3              | 15 mph",
                "=60 mph / 30 mph        | 2",
                "=5 mph + 3 mi/h         | 8 mph",
                "=2 kWh * 3              | 6 kWh",
                "=2 kWh * 0.30 EUR/kWh   | (3/5) EUR",
                "=2 Wh * 3 m             | 6 Wh·m",
                "=5 psi / 2 psi          | 5/2",
            })
    void shortFormsAreSpelledOutBesideWhatTakesAPartOfThemAway(String entry, String expected) {
        assertThat(PlainText.of(value(entry))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=230 V / (10 Ω)   | 23 A",
                "=10 C / (2 s)     | 5 A",
                "=6 J / (2 N)      | 3 m",
                "=1/(2 Hz)         | (1/2) s",
                "=12 W / (3 A)     | 4 V",
            })
    void productsOfCoherentUnitsAreShownInTheirName(String entry, String expected) {
        assertThat(PlainText.of(value(entry))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=1 month to day        | `month` is not a unit: months differ in length. Write `day`, `week` or `year`, or count months with `addmonths`.",
                "=3 dB                  | `dB` is not a unit: it counts on a logarithmic scale. Write the ratio itself, as a plain number.",
                "=convert(1, \"dB\", \"B\") | `dB` is not a unit: it counts on a logarithmic scale. Write the ratio itself, as a plain number.",
                "=5 to months           | `months` is not a unit: months differ in length. Write `day`, `week` or `year`, or count months with `addmonths`.",
                "=1 gallom to L         | `gallom` is not a unit that is known here. Did you mean `gallon`?",
            })
    void wordsThatAreNoUnitsAreRefusedWithTheReason(String entry, String message) {
        assertThat(((Failure) value(entry)).message()).isEqualTo(message);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=sum(1 kg, 500 g)                  | (3/2) kg",
                "=sum({1 kg, 2 kg; 3 kg, 4 kg})     | 10 kg",
                "=mean(20 °C, 68 °F, 26 °C)         | 22 °C",
                "=max(20 °C, 70 °F)                 | (190/9) °C",
                "=range(20 °C, 86 °F)               | 10 K",
                "=stdev(2 m, 400 cm, 6 m)           | 2 m",
                "=variance(2 m, 400 cm, 6 m)        | 4 m²",
                "=stdev(68 °F, 86 °F)               | (5√2) K",
                "=median(3 s, 1 min)                | (63/2) s",
                "=count(1 kg, 2 m, 3)               | 3",
                "=abs(-3 kg)                        | 3 kg",
                "=sign(-3 kg)                       | -1",
                "=round(2.345 kg, 1)                | (23/10) kg",
                "=round(68.4 °F)                    | 68 °F",
                "=floor(7.3 m, 50 cm)               | 7 m",
                "=mod(7 m, 200 cm)                  | 1 m",
                "=quotient(7 m, 200 cm)             | 3",
                "=hypot(3 m, 400 cm)                | 5 m",
                "=cbrt(27 m³)                       | 3 m",
                "=sumsq(3 m, 4 m)                   | 25 m²",
                "=geomean(2 m, 800 cm)              | 4 m",
                "=slope({2 m; 4 m}, {1 s; 2 s})     | 2 m/s",
                "=correlation({2 m; 4 m}, {1 s; 2 s}) | 1",
                "=forecast(3 s, {2 m; 4 m}, {1 s; 2 s}) | 6 m",
                "=dot({1 N, 2 N}, {3 m, 4 m})       | 11 J",
                "=series(1 m, 3 m)                  | {1 m; 2 m; 3 m}",
                "=series(0 m, 1 m, 50 cm)           | {0 m; (1/2) m; 1 m}",
                "=sort({3 kg; 500 g; 1 kg})         | {500 g; 1 kg; 3 kg}",
                "=cumulate({1 kg; 2 kg})            | {1 kg; 3 kg}",
                "=if(2 kg > 1500 g, 1 m, 2 m)       | 1 m",
                "=lookup(2, {1, 5 kg; 2, 7 kg})     | 7 kg",
                "=sumif({1 kg; 5 kg; 700 g}, \">800 g\") | 6 kg",
                "=countif({1 kg; 5 kg; 700 g}, \">800 g\") | 2",
                "=payment(0, 10, 1000 EUR)          | -100 EUR",
                "=straightline(1000 EUR, 100 EUR, 9) | 100 EUR",
                "=sin(30°)                          | 1/2",
                "=sin(0.5 rad) = sin(0.5)           | true",
                "=cos(60 deg)                       | 1/2",
                "=atan(1)                           | (π/4) rad",
                "=atan(1) = π/4                     | true",
                "=atan(1) to °                      | 45°",
                "=exp(0 rad)                        | 1",
                "=convert(1, \"lb\", \"g\")           | (45359237/100000) g",
                "=magnitude(3.5 kg)                 | 7/2",
                "=unitof(9.8 m/s^2)                 | \"m/s²\"",
                "=text((7/3) kg, \"fixed 2\")          | \"2.33 kg\"",
                "=number(\"5 kg\")                  | 5 kg",
                "=5 kg & \"!\"                      | \"5 kg!\"",
                "=product(2 m, 3 s, 4)              | 24 m·s",
                "=product({2 N; 3 m})               | 6 J",
                "=sumproduct({2 EUR/kg; 3 EUR/kg}, {5 kg; 500 g}) | (23/2) EUR",
                "=power(2 m, 3)                     | 8 m³",
                "=root(32 m^5, 5)                   | 2 m",
                "=det({1 m, 2 m; 3 m, 4 m})         | -2 m²",
                "=matmul({1 N, 2 N}, {3 m; 4 m})    | {11 J}",
                "=inverse({2 s})                    | {(1/2) 1/s}",
                "=isnumber(5 kg)                    | true",
                "=rank(2 kg, {1 kg, 2000 g})        | 1",
                "=quantile({1 kg, 2 kg}, 0.5)       | (3/2) kg",
            })
    void functionsKeepUnits(String entry, String expected) {
        assertThat(PlainText.of(value(entry))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=sum(1 kg, 2 m)  | units-differ  | `kg` is a mass and `m` is a length. `sum` needs like quantities.",
                "=sum(1 kg, 2)    | units-differ  | `kg` is a mass and 2 has no unit. `sum` needs like quantities.",
                "=stdev(1 kg, 2)  | units-differ  |",
                "=sum(20 °C, 5 °C) | wrong-kind   |",
                "=geomean(20 °C, 5 °C) | wrong-kind |",
                "=ln(3 m)         | wrong-kind    | `ln` needs a plain number for `x`, was a length in `m`. `magnitude(…)` takes the number without its unit.",
                "=exp(1 kg)       | wrong-kind    |",
                "=sin(3 m)        | wrong-kind    |",
                "=factorial(3 m)  | wrong-kind    |",
                "=convert(1, \"lb\", \"m\") | units-differ |",
                "=sort({1 kg; 2 m}) | units-differ |",
                "=3 m + 2 kg      | units-differ  | `m` is a length and `kg` is a mass. Only like quantities can be added.",
                "=0 m + 5         | units-differ  | `m` is a length and 5 has no unit. Only like quantities can be added.",
                "=3 m < 2 s       | units-differ  | `m` is a length and `s` is a time. Only like quantities can be compared.",
                "=5 m² to mpg     | units-differ  |",
                "=3 m to kg       | units-differ  | `m` is a length and `kg` is a mass. Only like quantities can be converted.",
                "=20 °C + 5 °C    | wrong-kind    |",
                "=2 * 20 °C       | wrong-kind    |",
                "=20 °C / 2       | wrong-kind    |",
                "=2^(3 m)         | wrong-kind    |",
                "=(3 m)!          | wrong-kind    |",
                "=(3 m) kg        | wrong-kind    | This has the unit `m` already. `to kg` converts it.",
                "=5 m / 0 s       | divide-by-zero |",
                "=1 Kg            | unknown-unit  | `Kg` is not a unit that is known here. Did you mean `kg`?",
                "=3 to furlang    | unknown-unit  | `furlang` is not a unit that is known here. Did you mean `furlong`?",
                "=3 m to          | syntax        |",
                "=2x              | syntax        |",
                "=5 kg/b2         | missing-reference |",
            })
    void whatDoesNotFitSaysWhy(String entry, String code, String message) {
        assertThat(value(entry)).isInstanceOfSatisfying(Failure.class, failure -> {
            assertThat(failure.code().code()).isEqualTo(code);
            if (message != null) {
                assertThat(failure.message()).isEqualTo(message);
            }
        });
    }

    private static Value value(String entry) {
        return new Calculator(Patient.LIMITS)
                .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                .value();
    }
}
