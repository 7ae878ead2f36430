package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import app.logismos.value.Text;
import app.logismos.value.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DigitsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "π                  | 3.141592653589793238462643383279502884197",
                "e                  | 2.718281828459045235360287471352662497757",
                "√2                 | 1.414213562373095048801688724209698078570",
                "ln(2)              | 0.6931471805599453094172321214581765680755",
                "ln(10^-20)         | -46.05170185988091368035982909368728415202",
                "ln(1+10^-25)       | 9.999999999999999999999999500000000000000e-26",
                "exp(-50)           | 1.928749847963917783017342816527012574753e-22",
                "exp(200)           | 7.225973768125749258177477042189305697357e86",
                "sin(1)             | 0.8414709848078965066525023216302989996226",
                "sin(10^20)         | -0.6452512852657808442058117113125230074069",
                "cos(355)           | -0.9999999995456589801659358416927540811238",
                "tan(11)            | -225.9508464541951420257954832034531539517",
                "asin(1/3)          | 0.3398369094541219370963925133917640663882",
                "acos(-1/3)         | 1.910633236249018556327714205031515508487",
                "atan(7)            | 1.428899272190732696418470074537198359091",
                "atan(-1/1000)      | -0.0009999996666668666665238096349205440116209",
                "acot(-3)           | 2.819842099193151045061238768920841565176",
                "sinh(1/7)          | 0.1433435475724630629792035739451299393996",
                "tanh(2)            | 0.9640275800758168839464137241009231502550",
                "asinh(5)           | 2.312438341272752620253562341364414383658",
                "acosh(3/2)         | 0.9624236501192068949955178268487368462704",
                "atanh(1/7)         | 0.1438410362258904637196095029969137157518",
                "cbrt(-5)           | -1.709975946676696989353108872543860109868",
                "2^(3/7)            | 1.345900192632356131942832603750941904366",
                "π^e                | 22.45915771836104547342715220454373502759",
                "log(7)             | 0.8450980400142568307122162585926361934836",
                "log(7, base: 3)    | 1.771243749161422260067928307082457718066",
                "log2(5)            | 2.321928094887362347870319429489390175865",
                "√2+√3-π            | 0.004671716352179103866491682436067561315308",
                "sec(1)             | 1.850815717680925617911753241398650193470",
                "1/7                | 0.1428571428571428571428571428571428571429",
                "phi                | 1.618033988749894848204586834365638117720",
                "sin(1°)            | 0.01745240643728351281941897851631619247225",
                "abs(1-π)           | 2.141592653589793238462643383279502884197",
                "(1+√5)^20/2^20     | 15126.99993389303864810402993448354186638",
                "10^30*π            | 3.141592653589793238462643383279502884197e30",
                "e^π-π              | 19.99909997918947576726644298466904449607",
            })
    void fortyDigitsAreRight(String expression, String digits) {
        assertThat(worth("digits(" + expression + ", 40)", Surroundings.Angle.RADIANS))
                .isEqualTo(new Text(digits));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/8, 50    | 0.125", // a finite decimal is given in full
                "1/8, 2     | 0.13", // half away from zero
                "-1/8, 2    | -0.13",
                "2/3, 5     | 0.66667",
                "9999/10000, 2 | 1.0", // the zero that rounding made stays
                "0, 7       | 0",
                "123456, 3  | 123000",
                "10^25, 3   | 1.00e25",
                "√2*10^-9, 5 | 1.4142e-9",
                "integral(x^2*sin(x), x, 0, π), 20 | 5.8696044010893586188", // π^2 − 4
                "solve(x^3 = 2, x), 20 | 1.2599210498948731648",
            })
    void theyAreRoundedOnce(String arguments, String digits) {
        assertThat(worth("digits(" + arguments + ")", Surroundings.Angle.RADIANS))
                .isEqualTo(new Text(digits));
    }

    @Test
    void plainNumbersAreDegreesWhereTheWorksheetCountsSo() {
        assertThat(worth("digits(sin(1), 20)", Surroundings.Angle.DEGREES))
                .isEqualTo(worth("digits(sin(1°), 20)", Surroundings.Angle.RADIANS));
        assertThat(worth("digits(atan(2), 20)", Surroundings.Angle.DEGREES))
                .isEqualTo(new Text("63.434948822922010648"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "digits(π, 0)         | wrong-arguments",
                "digits(π, 10001)     | wrong-arguments",
                "digits(π, 2.5)       | wrong-arguments",
                "digits(gamma(1/3), 9) | wrong-kind",
                "digits(sin(1)^2+cos(1)^2-1, 9) | wrong-kind",
                "digits(x, 9)         | unknown-name",
                "digits(1+i, 9)       | wrong-kind",
                "digits(3 kg, 9)      | wrong-kind",
                "digits(e^10^9, 9)    | too-large",
                "digits(1/0, 9)       | divide-by-zero",
            })
    void whatHasNoMoreDigitsIsRefused(String expression, String code) {
        assertThat(worth(expression, Surroundings.Angle.RADIANS))
                .isInstanceOfSatisfying(
                        Failure.class,
                        failure -> assertThat(failure.code().code()).isEqualTo(code));
    }

    @Test
    void tenThousandDigitsOfPiEndAsTheyShould() {
        Text digits = (Text) worth("digits(π, 10000)", Surroundings.Angle.RADIANS);
        assertThat(digits.text()).hasSize(10_001).endsWith("165525637568");
    }

    private static Value worth(String expression, Surroundings.Angle angle) {
        return new Calculator(Patient.LIMITS)
                .calculate("=" + expression, new NoCells(Surroundings.of(angle)), Address.FIRST)
                .value();
    }
}
