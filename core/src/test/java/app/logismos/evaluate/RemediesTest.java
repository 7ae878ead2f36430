package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RemediesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "=\"12\"+1       | =number(\"12\")+1",
                "=2*\"3/4\"      | =2*number(\"3/4\")",
                "=-\"5\"         | =-number(\"5\")",
                "=(2>1)+1        | =if((2>1), 1, 0)+1",
                "=true*3         | =if(true, 1, 0)*3",
                "=98.6 F to °C   | =98.6 °F to °C",
                "=98.6 F to C    | =98.6 °F to °C",
                "=20 °C to F     | =20 °C to °F",
                "=(-8)^(1/2)     | =(-8+0i)^(1/2)",
                "=1+sqrt(-2)     | =1+sqrt(-2+0i)",
                "=√(-4)+1        | =sqrt(-4+0i)+1",
                "=ln(-3)         | =ln(-3+0i)",
                "=acos(2)        | =acos(2+0i)",
                "=solve(x^2 = -4, x) | =solve(x^2 = -4, x, complex: true)",
                "=1+CHOOSE(7;3)  | =1+combinations(7;3)",
            })
    void whatCanBeWrittenInsteadIsOffered(String entry, String replacement) {
        assertThat(fixes(entry)).extracting(Fix::replacement).containsExactly(replacement);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "=(-8)^(1/3)     | =cbrt(-8)         | =(-8+0i)^(1/3)",
                "=2+(-32)^(1/5)  | =2+root(-32, 5)   | =2+(-32+0i)^(1/5)",
                "=(-8)^(2/3)     | =cbrt(-8)^2       | =(-8+0i)^(2/3)",
                "=(-8)^(-1/3)    | =cbrt(-8)^(-1)    | =(-8+0i)^(-1/3)",
            })
    void anOddRootIsOfferedInRealNumbersAndInComplexOnes(String entry, String real, String complex) {
        assertThat(fixes(entry)).extracting(Fix::replacement).containsExactly(real, complex);
    }

    @ParameterizedTest
    @ValueSource(strings = {"=\"ab\"+1", "=1/0", "=ln(0)", "=solve(e^x = -1, x)", "=max(i, 1)"})
    void whereNothingIsNearNothingIsOffered(String entry) {
        assertThat(fixes(entry)).isEmpty();
    }

    private static List<Fix> fixes(String entry) {
        return ((Failure) new Calculator(Patient.LIMITS)
                        .calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST)
                        .value())
                .fixes();
    }
}
