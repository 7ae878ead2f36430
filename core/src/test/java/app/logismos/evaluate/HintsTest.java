package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class HintsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=-2^2     | sign-and-power       | =(-2)^2",
                "=-2²      | sign-and-power       | =(-2)²",
                "=2^3^2    | power-of-power       | =(2^3)^2",
                "=3^1/2    | power-then-divide    | =3^(1/2)",
                "=5+5/2    | left-to-right        | =(5+5)/2",
                "=100+20%  | percent-of-what      | =100*(1+20%)",
                "=80-5%    | percent-of-what      | =80*(1-5%)",
                "=log(7)   | log-or-ln            | =ln(7)",
                "=sin(30)  | radians-or-degrees   | =sin(30°)",
                "=2027-03-01 | date-or-difference | =date(2027, 3, 1)",
                "=sum(1,000.50, 2) | grouped-or-arguments | =sum(1000.50, 2)",
                "=4!=24    | factorial-or-unequal | =4<>24",
                "=1/2 km   | unit-of-last-number  | =(1/2) km",
                "=2^3 m    | unit-of-last-number  | =(2^3) m",
                "=1/2i     | unit-of-last-number  | =(1/2)*i",
                "=solve({x^2 + y^2 = 4; e^x + y = 1}, {x; y}) | more-solutions | ''",
                "=10^9 mW  | unit-of-last-number  | =(10^9) mW",
                "=5 kg/m2  | unit-or-cell         | =5 kg / M2",
                "=2 m2     | unit-or-cell         | =2*M2",
                "=5 USD to EUR | sample-rates     | ''",
                "=5 USD + 2 EUR | sample-rates    | ''",
            })
    void whatIsOftenMeantOtherwiseIsHinted(String entry, String code, String replacement) {
        assertThat(hints(entry)).singleElement().satisfies(hint -> {
            assertThat(hint.code()).isEqualTo(code);
            assertThat(hint.replacement()).isEqualTo(replacement);
        });
        assertThat(replacement.isEmpty() ? List.of() : hints(replacement))
                .as("hints on what the hint writes")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "=(-2)^2",
                "=5+2",
                "=log(1000)",
                "=sin(1)",
                "=sin(30°)",
                "=100*20%",
                "=2^3",
                "=a1+b1*c1",
                "=5 kg/m^2",
                "=10 m / 2",
                "=2 EUR * 3",
                "=(1/2) km",
                "=200*(1+10%)",
                "=max(100,200)",
                "=1-5%"
            })
    void whatIsMeantAsWrittenIsNot(String entry) {
        assertThat(hints(entry)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"=5+5/2, 5", "=5+2*3, 21"})
    void theValueOfWorkingFromLeftToRightIsTold(String entry, String value) {
        assertThat(hints(entry))
                .singleElement()
                .extracting(Hint::message)
                .asString()
                .endsWith("it would be " + value + ".");
    }

    private static List<Hint> hints(String entry) {
        return new Calculator(Patient.LIMITS)
                .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                .hints();
    }
}
