package app.logismos.function;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import app.logismos.catalogue.Catalogue;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ArrayTable;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Aggregates of many approximate numbers lose no digits, whatever cancels, against the same in long decimals. */
class LongListsTest {
    private static final MathContext DIGITS = new MathContext(60);

    @Test
    void sumsAreRightToTheLastPlaceWhateverCancels() {
        Seeded.cases(200, random -> {
            List<Double> numbers = numbers(random, 2 + random.nextInt(400), 60);
            if (random.nextBoolean()) {
                numbers.addAll(numbers.subList(1, numbers.size()).stream()
                        .map(each -> -each)
                        .toList());
            }
            BigDecimal sum = sum(decimals(numbers));
            assertNear(call("sum", numbers), sum);
            assertNear(call("mean", numbers), sum.divide(new BigDecimal(numbers.size()), DIGITS));
        });
    }

    @Test
    void spreadsAreRightHoweverFarFromZero() {
        Seeded.cases(200, random -> {
            double far = Math.scalb(1.0, random.nextInt(40));
            List<Double> numbers = new ArrayList<>();
            IntStream.range(0, 3 + random.nextInt(100)).forEach(i -> numbers.add(far + random.nextGaussian()));
            List<BigDecimal> exact = decimals(numbers);
            BigDecimal mean = sum(exact).divide(new BigDecimal(exact.size()), DIGITS);
            BigDecimal squares = sum(exact.stream()
                    .map(each -> each.subtract(mean).pow(2, DIGITS))
                    .toList());
            BigDecimal variance = squares.divide(new BigDecimal(exact.size() - 1), DIGITS);
            assertNear(call("variance", numbers), variance);
            assertNear(call("stdev", numbers), variance.sqrt(DIGITS));
            assertNear(call("variancep", numbers), squares.divide(new BigDecimal(exact.size()), DIGITS));
        });
    }

    @Test
    void sumsOfProductsAreRightWhateverCancels() {
        Seeded.cases(200, random -> {
            int size = 2 + random.nextInt(100);
            List<Double> a = numbers(random, size, 20);
            List<Double> b = numbers(random, size, 20);
            a.addAll(a.subList(0, size - 1));
            b.addAll(b.subList(0, size - 1).stream().map(each -> -each).toList());
            List<BigDecimal> products = new ArrayList<>();
            List<BigDecimal> squares = new ArrayList<>();
            for (int i = 0; i < a.size(); i++) {
                products.add(new BigDecimal(a.get(i)).multiply(new BigDecimal(b.get(i))));
                squares.add(new BigDecimal(a.get(i)).pow(2));
            }
            assertNear(call("sumproduct", a, b), sum(products));
            assertNear(call("sumsq", a), sum(squares));
        });
    }

    @Test
    void productsOfManyFactorsAreRightToTheLastPlace() {
        Seeded.cases(100, random -> {
            List<Double> numbers = new ArrayList<>();
            IntStream.range(0, 500).forEach(i -> numbers.add(0.5 + random.nextDouble()));
            BigDecimal product = decimals(numbers).stream().reduce(BigDecimal.ONE, (x, y) -> x.multiply(y, DIGITS));
            assertNear(call("product", numbers), product);
        });
    }

    @ParameterizedTest
    @ValueSource(ints = {10, 100, 1_000, 5_000})
    void fractionsThatGrowTooLongAreAddedWithoutLosingDigits(int count) {
        List<Value> fractions = new ArrayList<>();
        BigDecimal harmonic = BigDecimal.ZERO;
        BigDecimal product = BigDecimal.ONE;
        for (int k = 1; k <= count; k++) {
            fractions.add(new NumberValue(Rational.of(k + 1L, k)));
            harmonic = harmonic.add(BigDecimal.ONE.add(BigDecimal.ONE.divide(new BigDecimal(k), DIGITS)));
            product = product.multiply(new BigDecimal(k + 1).divide(new BigDecimal(k), DIGITS), DIGITS);
        }
        Table table = new ArrayTable(count, 1, fractions);
        assertNear(number(called("sum", table)), harmonic);
        assertNear(number(called("product", table)), product);
    }

    @Test
    void exactSumsStayExactAndInfiniteOnesInfinite() {
        List<Value> exact = List.of(NumberValue.of(1), new NumberValue(Rational.of(1, 3)), NumberValue.of(-1));
        assertThat(number(called("sum", new ArrayTable(3, 1, exact)))).isEqualTo(Rational.of(1, 3));
        Real angle = PiMultiple.of(Rational.of(1, 6));
        List<Value> angles = List.of(new NumberValue(angle), new NumberValue(angle));
        assertThat(number(called("sum", new ArrayTable(2, 1, angles)))).isEqualTo(PiMultiple.of(Rational.of(1, 3)));
        List<Value> infinite = List.of(new NumberValue(Real.from(Double.POSITIVE_INFINITY)), NumberValue.of(5));
        assertThat(number(called("sum", new ArrayTable(2, 1, infinite))).toDouble())
                .isEqualTo(Double.POSITIVE_INFINITY);
    }

    /** Of all sizes, so that small ones are lost beside large ones unless care is taken. */
    private static List<Double> numbers(Random random, int count, int sizes) {
        List<Double> numbers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            numbers.add(Math.scalb(random.nextDouble() - 0.5, random.nextInt(sizes)));
        }
        return numbers;
    }

    private static List<BigDecimal> decimals(List<Double> numbers) {
        return numbers.stream().map(BigDecimal::new).toList();
    }

    private static BigDecimal sum(List<BigDecimal> numbers) {
        return numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    @SafeVarargs
    private static Real call(String function, List<Double>... columns) {
        Value[] tables = new Value[columns.length];
        for (int i = 0; i < columns.length; i++) {
            List<Value> cells = columns[i].stream()
                    .<Value>map(each -> new NumberValue(Real.from(each)))
                    .toList();
            tables[i] = new ArrayTable(cells.size(), 1, cells);
        }
        return number(called(function, tables));
    }

    private static Value called(String name, Value... given) {
        Function function = Catalogue.STANDARD.function(name).orElseThrow();
        // All are given for the last parameter where there are more than the function has.
        List<Integer> positions = IntStream.range(0, given.length)
                .map(i -> Math.min(i, function.parameters().size() - 1))
                .boxed()
                .toList();
        return function.call(new Arguments(function, positions, i -> given[i], References.NONE, Surroundings.USUAL));
    }

    private static Real number(Value value) {
        return ((NumberValue) value).real();
    }

    /** Within two units in the last place; sums that cancel to less than 30 digits keep are not asked for more. */
    private static void assertNear(Real got, BigDecimal expected) {
        BigDecimal exact = got instanceof Rational fraction
                ? new BigDecimal(fraction.numerator()).divide(new BigDecimal(fraction.denominator()), DIGITS)
                : new BigDecimal(got.toDouble());
        BigDecimal allowed = new BigDecimal(2 * Math.ulp(expected.doubleValue()))
                .max(new BigDecimal(BigInteger.TWO.pow(60)).multiply(new BigDecimal("1e-27")));
        assertThat(exact.subtract(expected).abs()).isLessThanOrEqualTo(allowed);
    }
}
