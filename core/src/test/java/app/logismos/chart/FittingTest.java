package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.sheet.Chart;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Certified values are those of NIST's Statistical Reference Datasets (StRD), linear and nonlinear regression. */
class FittingTest {
    /** Twelve digits. */
    private static final Percentage TWELVE = Percentage.withPercentage(1e-10);

    /** Nine digits. */
    private static final Percentage NINE = Percentage.withPercentage(1e-7);

    private static final String WAMPLER_OFF =
            "759 -2048 2048 -2048 2523 -2048 2048 -2048 1838 -2048 2048 -2048 1838 -2048 2048 -2048 2523 -2048 2048 -2048 759";

    /** Certified coefficients of Norris, Pontius and Filip; their points are those of {@code CertifiedStatisticsTest}. */
    @ParameterizedTest
    @CsvSource({
        "norris, -0.262323073774029 1.00211681802045",
        "pontius, 0.673565789473684E-03 0.732059160401003E-06 -0.316081871345029E-14",
        "filip, -1467.48961422980 -2772.17959193342 -2316.37108160893 -1127.97394098372 -354.478233703349"
                + " -75.1242017393757 -10.8753180355343 -1.06221498588947 -0.670191154593408E-01"
                + " -0.246781078275479E-02 -0.402962525080404E-04",
    })
    void polynomialsThroughMeasurementsHaveTheCertifiedCoefficients(String set, String certified) {
        List<Real> x = new ArrayList<>();
        List<Real> y = new ArrayList<>();
        for (String line : lines("/app/logismos/function/strd/" + set + ".csv")) {
            String[] cells = line.split(",");
            y.add(Rational.of(new BigDecimal(cells[0])));
            x.add(Rational.of(new BigDecimal(cells[1])));
        }
        String[] expected = certified.split(" ");
        double[] c = Fitting.polynomial(expected.length - 1, x, y).coefficients();
        for (int k = 0; k < expected.length; k++) {
            assertThat(c[k]).isCloseTo(Double.parseDouble(expected[k]), TWELVE);
        }
    }

    private static List<String> lines(String resource) {
        try (InputStream in = Objects.requireNonNull(FittingTest.class.getResourceAsStream(resource))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .skip(2)
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Wampler 1 to 5: a polynomial of degree 5 with certified coefficients of 1, or of powers of 0.1. */
    static Stream<Arguments> wampler() {
        return Stream.of(
                Arguments.of("Wampler1", 1.0, 0),
                Arguments.of("Wampler2", 0.1, 0),
                Arguments.of("Wampler3", 1.0, 1),
                Arguments.of("Wampler4", 1.0, 100),
                Arguments.of("Wampler5", 1.0, 10_000));
    }

    @ParameterizedTest
    @MethodSource("wampler")
    void polynomialsHaveTheCertifiedCoefficients(String set, double base, int off) {
        List<Real> x = IntStream.rangeClosed(0, 20).<Real>mapToObj(Rational::of).toList();
        String[] offs = WAMPLER_OFF.split(" ");
        List<Real> y = IntStream.rangeClosed(0, 20)
                .<Real>mapToObj(i -> {
                    BigDecimal sum = BigDecimal.ZERO;
                    for (int k = 0; k <= 5; k++) {
                        sum = sum.add(BigDecimal.valueOf(base)
                                .pow(k)
                                .multiply(BigDecimal.valueOf(i).pow(k)));
                    }
                    return Rational.of(sum.add(new BigDecimal(offs[i]).multiply(BigDecimal.valueOf(off))));
                })
                .toList();
        double[] c = Fitting.polynomial(5, x, y).coefficients();
        for (int k = 0; k <= 5; k++) {
            assertThat(c[k]).isCloseTo(Math.pow(base, k), TWELVE);
        }
    }

    @Test
    void aPowerHasTheCertifiedCoefficientsOfDanWood() {
        double[] c = Fitting.model(
                        Model.POWER,
                        numbers("1.309 1.471 1.490 1.565 1.611 1.680"),
                        numbers("2.138 3.421 3.597 4.340 4.882 5.660"))
                .coefficients();
        assertThat(c[0]).isCloseTo(7.6886226176E-01, NINE);
        assertThat(c[1]).isCloseTo(3.8604055871E+00, NINE);
    }

    @Test
    void logisticGrowthHasTheCertifiedCoefficientsOfRat42() {
        double[] c = Fitting.model(
                        Model.LOGISTIC,
                        numbers("9 14 21 28 42 57 63 70 79"),
                        numbers("8.930 10.800 18.590 22.330 39.350 56.110 61.730 64.620 67.080"))
                .coefficients();
        assertThat(c[0]).isCloseTo(7.2462237576E+01, NINE);
        assertThat(c[1] * c[2]).isCloseTo(2.6180768402E+00, NINE);
        assertThat(c[1]).isCloseTo(6.7359200066E-02, NINE);
    }

    @ParameterizedTest
    @CsvSource({
        "EXPONENTIAL, 3, 0.25, 0, 0, 20",
        "EXPONENTIAL, 5, -0.2, 0, 2020, 2024", // places far from 0 and close together
        "SETTLING, 21, 74, -0.046, 0, 50",
        "SETTLING, 100, -80, -3, 0, 2",
        "POWER, 2, -1.5, 0, 1, 40",
        "LOGISTIC, 50, 0.8, 6, 0, 14",
        "LOGISTIC, 9, -2, 1, -3, 5",
    })
    void pointsOnACurveGiveItsCoefficientsBack(Model model, double a, double b, double c, double from, double to) {
        double[] coefficients =
                Arrays.copyOf(new double[] {a, b, c}, model.coefficients().size());
        boolean isFar = from > 1_000;
        double[] x = IntStream.rangeClosed(0, 24)
                .mapToDouble(i -> from + (to - from) * i / 24)
                .toArray();
        double shift = isFar ? from : 0;
        List<Real> y = Arrays.stream(x)
                .mapToObj(at -> Real.from(model.at(coefficients, at - shift)))
                .toList();
        double[] found = Fitting.model(
                        model, Arrays.stream(x).mapToObj(Real::from).toList(), y)
                .coefficients();
        for (double at : x) {
            assertThat(model.at(found, at))
                    .isCloseTo(model.at(coefficients, at - shift), Percentage.withPercentage(1e-6));
        }
        assertThat(found[1]).isCloseTo(b, Percentage.withPercentage(1e-6));
    }

    @Test
    void aLogarithmicCurveIsALineOverTheLogarithm() {
        List<Real> x = numbers("1 2 4 8 16");
        List<Real> y =
                x.stream().map(at -> Real.from(3 + 2 * Math.log(at.toDouble()))).toList();
        double[] c = Fitting.logarithmic(x, y).coefficients();
        assertThat(c[0]).isCloseTo(3, TWELVE);
        assertThat(c[1]).isCloseTo(2, TWELVE);
    }

    @Test
    void manyPointsAreFittedAsWellAsFew() {
        List<Real> x = IntStream.range(0, 5_000)
                .mapToObj(i -> Real.from(100 + i / 100.0))
                .toList();
        List<Real> y = x.stream()
                .map(at -> Real.from(7 - 3 * at.toDouble() + 0.5 * at.toDouble() * at.toDouble()))
                .toList();
        double[] c = Fitting.polynomial(2, x, y).coefficients();
        assertThat(c[2]).isCloseTo(0.5, Percentage.withPercentage(1e-7));
        assertThat(c[1]).isCloseTo(-3, Percentage.withPercentage(1e-5));
    }

    @ParameterizedTest
    @CsvSource({
        "LINE, 3 3, 1 2, A line needs points at 2 places or more.",
        "CUBIC, 1 2 3, 1 2 3, A polynomial of degree 3 needs points at 4 places or more.",
        "POWER, 0 1 2, 1 2 3, 'A power needs places above 0, and one is at 0.0.'",
        "LOGARITHMIC, -1 1 2, 1 2 3, 'A logarithmic curve needs places above 0, and one is at -1.0.'",
        "EXPONENTIAL, 2020 2021 2022 2023, 5 50 500 5000, The places are so far from 0 that the equation has no numbers. Count them from the first.",
        "LOGISTIC, 1 2, 1 2, This curve needs points at 3 places or more.",
    })
    void pointsThatAllowNoCurveAreRefusedWithTheReason(Chart.Fit fit, String x, String y, String reason) {
        assertThatThrownBy(() -> FittedCurve.through(fit, numbers(x), numbers(y)))
                .isInstanceOf(Fitting.Unfit.class)
                .hasMessage(reason);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "LINE | 0 1 2 | 5 3 1 | -2*x + 5",
                "QUADRATIC | 0 1 2 3 | 0 1 4 9 | 1*x^2 + 0*x + 0",
                "LINE | 0 1 | 0 0.00000012345678 | 1.235e-7*x + 0",
                "EXPONENTIAL | 0 1 2 | 2 4 8 | 2*e^(0.6931*x)",
            })
    void theEquationIsWrittenToFourDigits(Chart.Fit fit, String x, String y, String text) {
        assertThat(FittedCurve.through(fit, numbers(x), numbers(y)).text()).isEqualTo(text);
    }

    @Test
    void rSquaredIsWhatTheCurveExplains() {
        FittedCurve fit = FittedCurve.through(Chart.Fit.LINE, numbers("1 2 3"), numbers("1 3 2"));
        assertThat(fit.rSquared()).isCloseTo(0.25, TWELVE);
        assertThat(fit.residuals()).satisfies(rest -> {
            assertThat(rest[0]).isCloseTo(-0.5, TWELVE);
            assertThat(rest[1]).isCloseTo(1, TWELVE);
            assertThat(rest[2]).isCloseTo(-0.5, TWELVE);
        });
        assertThat(FittedCurve.through(Chart.Fit.LINE, numbers("1 2 3"), numbers("4 4 4"))
                        .rSquared())
                .isEqualTo(1);
    }

    private static List<Real> numbers(String text) {
        return Stream.of(text.split(" "))
                .<Real>map(each -> Rational.of(new BigDecimal(each)))
                .toList();
    }

    /** The same four heights, however large or small; R² by hand: 16/25, 21/25. */
    @ParameterizedTest(name = "{0}")
    @ValueSource(
            strings = {
                "1 2 4 3",
                "1e200 2e200 4e200 3e200",
                "1e-323 2e-323 4e-323 3e-323",
                "100000000000.1 100000000000.2 100000000000.4 100000000000.3",
                "-1e299 -2e299 -4e299 -3e299"
            })
    void largeAndTinyHeightsAreFittedAsOthersAre(String heights) {
        List<Real> x = numbers("1 2 3 4");
        List<Real> y = numbers(heights);
        assertThat(FittedCurve.through(Chart.Fit.LINE, x, y).rSquared()).isEqualTo(0.64);
        assertThat(FittedCurve.through(Chart.Fit.QUADRATIC, x, y).rSquared()).isEqualTo(0.84);
        for (Chart.Fit fit : List.of(Chart.Fit.LOGARITHMIC, Chart.Fit.POWER, Chart.Fit.EXPONENTIAL)) {
            double plain = FittedCurve.through(fit, x, numbers("1 2 4 3")).rSquared();
            boolean isFarFromZero = heights.startsWith("100000000000");
            if (fit == Chart.Fit.LOGARITHMIC || !isFarFromZero) {
                assertThat(FittedCurve.through(fit, x, y).rSquared()).isCloseTo(plain, within(0.02));
            }
        }
    }

    @Test
    void placesFarFromZeroCostNoDigits() {
        List<Real> x = numbers("100000000000.1 100000000000.3 100000000000.5 100000000000.7 100000000000.9");
        FittedCurve curve = FittedCurve.through(Chart.Fit.QUADRATIC, x, numbers("1 3 2 5 4"));
        FittedCurve near =
                FittedCurve.through(Chart.Fit.QUADRATIC, numbers("0.1 0.3 0.5 0.7 0.9"), numbers("1 3 2 5 4"));
        assertThat(curve.rSquared()).isCloseTo(near.rSquared(), within(1e-12));
        assertThat(curve.residuals()).containsExactly(near.residuals(), within(1e-12));
        assertThat(curve.at(100000000000.5)).isCloseTo(near.at(0.5), within(1e-3));
    }
}
