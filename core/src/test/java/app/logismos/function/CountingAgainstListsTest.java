package app.logismos.function;

import static app.logismos.function.Answers.column;
import static app.logismos.function.Answers.quoted;
import static app.logismos.function.Answers.text;
import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Seeded;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is counted by a formula is as many as there are when all of them are written down. */
class CountingAgainstListsTest {
    /** All orders of k of the numbers from 0 to n − 1. */
    private static List<List<Integer>> orders(int n, int k) {
        if (k == 0) {
            return List.of(List.of());
        }
        List<List<Integer>> all = new ArrayList<>();
        for (List<Integer> shorter : orders(n, k - 1)) {
            for (int next = 0; next < n; next++) {
                List<Integer> longer = new ArrayList<>(shorter);
                longer.add(next);
                all.add(longer);
            }
        }
        return all;
    }

    private static long distinct(List<List<Integer>> orders, boolean ordered, boolean repeats) {
        Set<List<Integer>> kept = new HashSet<>();
        for (List<Integer> order : orders) {
            if (repeats || new HashSet<>(order).size() == order.size()) {
                kept.add(ordered ? order : order.stream().sorted().toList());
            }
        }
        return kept.size();
    }

    @ParameterizedTest(name = "of {0}")
    @ValueSource(ints = {0, 1, 2, 3, 4, 5})
    void choicesAreAsManyAsThereAre(int n) {
        for (int k = 0; k <= 5; k++) {
            List<List<Integer>> all = orders(n, k);
            String of = "(" + n + ", " + k + ")";
            assertThat(text("combinations" + of)).isEqualTo(String.valueOf(distinct(all, false, false)));
            assertThat(text("permutations" + of)).isEqualTo(String.valueOf(distinct(all, true, false)));
            assertThat(text("permutationsrep" + of)).isEqualTo(String.valueOf(distinct(all, true, true)));
            assertThat(text("combinationsrep" + of)).isEqualTo(String.valueOf(distinct(all, false, true)));
        }
    }

    @ParameterizedTest(name = "of {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void nothingStaysWhereItWas(int n) {
        long moved = orders(n, n).stream()
                .filter(order -> new HashSet<>(order).size() == n)
                .filter(order -> IntStream.range(0, n).allMatch(i -> order.get(i) != i))
                .count();
        assertThat(text("derangements(" + n + ")")).isEqualTo(String.valueOf(moved));
    }

    @Test
    void likeThingsStandInFewerOrders() {
        Seeded.cases(60, random -> {
            List<Integer> things = IntStream.range(0, 1 + random.nextInt(6))
                    .mapToObj(i -> random.nextInt(3))
                    .toList();
            int n = things.size();
            long different = orders(n, n).stream()
                    .filter(order -> new HashSet<>(order).size() == n)
                    .map(order -> order.stream().map(things::get).toList())
                    .distinct()
                    .count();
            assertThat(text("arrangements(" + column(things) + ")")).isEqualTo(String.valueOf(different));
            String counts =
                    things.stream()
                            .collect(Collectors.groupingBy(thing -> thing, Collectors.counting()))
                            .values()
                            .stream()
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
            assertThat(text("multinomial(" + counts + ")")).isEqualTo(String.valueOf(different));
        });
    }

    @ParameterizedTest(name = "of {0}")
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void listedChoicesAreAllDifferentAndInOrder(int n) {
        List<Integer> things = IntStream.rangeClosed(1, n).boxed().toList();
        for (int k = 1; k <= n; k++) {
            List<String> chosen = orders(n, k).stream()
                    .filter(order -> order.stream().sorted().distinct().toList().equals(order))
                    .map(CountingAgainstListsTest::row)
                    .toList();
            List<String> ordered = orders(n, k).stream()
                    .filter(order -> new HashSet<>(order).size() == order.size())
                    .map(CountingAgainstListsTest::row)
                    .toList();
            String all = "(" + column(things) + ", " + k + ")";
            assertThat(text("rows(listcombinations" + all + ")")).isEqualTo(String.valueOf(chosen.size()));
            assertThat(written("listcombinations" + all)).isEqualTo(String.join("; ", chosen));
            assertThat(written("listpermutations" + all)).isEqualTo(String.join("; ", ordered));
        }
    }

    private static String row(List<Integer> order) {
        return order.stream().map(i -> String.valueOf(i + 1)).collect(Collectors.joining(", "));
    }

    private static String written(String expression) {
        return text(expression).replaceAll("[{}]", "");
    }

    @Test
    void numbersAreWrittenInOtherBases() {
        Seeded.cases(200, random -> {
            BigInteger number = new BigInteger(1 + random.nextInt(120), random);
            int base = 2 + random.nextInt(35);
            String digits = number.toString(base).toUpperCase(Locale.ROOT);
            assertThat(text("todigits(" + number + ", " + base + ")")).isEqualTo(digits);
            assertThat(text("fromdigits(" + quoted(digits) + ", " + base + ")")).isEqualTo(number.toString());
            assertThat(text("fromdigits(" + quoted(digits.toLowerCase(Locale.ROOT)) + ", " + base + ")"))
                    .isEqualTo(number.toString());
        });
    }

    @Test
    void bitsAreThoseOfWholeNumbers() {
        Seeded.cases(200, random -> {
            BigInteger a = new BigInteger(40, random);
            BigInteger b = new BigInteger(40, random);
            int places = random.nextInt(8);
            assertThat(text("bitand(" + a + ", " + b + ")")).isEqualTo(a.and(b).toString());
            assertThat(text("bitor(" + a + ", " + b + ")")).isEqualTo(a.or(b).toString());
            assertThat(text("bitxor(" + a + ", " + b + ")")).isEqualTo(a.xor(b).toString());
            assertThat(text("bitlshift(" + a + ", " + places + ")"))
                    .isEqualTo(a.shiftLeft(places).toString());
            assertThat(text("bitrshift(" + a + ", " + places + ")"))
                    .isEqualTo(a.shiftRight(places).toString());
        });
    }

    @Test
    void commonDivisorsAndMultiplesAreThoseOfWholeNumbers() {
        Seeded.cases(200, random -> {
            BigInteger a = new BigInteger(1 + random.nextInt(80), random).add(BigInteger.ONE);
            BigInteger b = new BigInteger(1 + random.nextInt(80), random).add(BigInteger.ONE);
            assertThat(text("gcd(" + a + ", " + b + ")")).isEqualTo(a.gcd(b).toString());
            assertThat(text("lcm(" + a + ", " + b + ")"))
                    .isEqualTo(a.multiply(b).divide(a.gcd(b)).toString());
            assertThat(text("quotient(" + a + ", " + b + ")"))
                    .isEqualTo(a.divide(b).toString());
            assertThat(text("mod(" + a + ", " + b + ")")).isEqualTo(a.mod(b).toString());
            assertThat(text("mod(-" + a + ", " + b + ")"))
                    .isEqualTo(a.negate().mod(b).toString());
            assertThat(text("-" + a + " div " + b))
                    .isEqualTo(a.negate().subtract(a.negate().mod(b)).divide(b).toString());
        });
    }

    @Test
    void divisorsAreAllThatDivide() {
        for (int n = 1; n <= 200; n++) {
            int whole = n;
            List<Integer> divisors = IntStream.rangeClosed(1, n)
                    .filter(i -> whole % i == 0)
                    .boxed()
                    .toList();
            assertThat(text("divisors(" + n + ")")).isEqualTo(column(divisors));
            assertThat(text("isprime(" + n + ")")).isEqualTo(String.valueOf(divisors.size() == 2));
        }
    }

    @Test
    void eachNumberOfTheRowIsTheSumOfTheTwoBefore() {
        List<BigInteger> row = new ArrayList<>(List.of(BigInteger.ZERO, BigInteger.ONE));
        for (int n = 2; n <= 300; n++) {
            row.add(row.get(n - 1).add(row.get(n - 2)));
        }
        for (int n = 0; n <= 300; n += 7) {
            assertThat(text("fibonacci(" + n + ")")).isEqualTo(row.get(n).toString());
        }
    }

    @Test
    void factorialsAreProductsOfAllUpToThem() {
        BigInteger product = BigInteger.ONE;
        for (int n = 1; n <= 120; n++) {
            product = product.multiply(BigInteger.valueOf(n));
            assertThat(text(n + "!")).isEqualTo(product.toString());
            assertThat(text("factorial(" + n + ")")).isEqualTo(product.toString());
        }
    }

    @Test
    void doubleFactorialsAreProductsOfEverySecond() {
        for (int n = 1; n <= 60; n++) {
            BigInteger product = BigInteger.ONE;
            for (int factor = n; factor > 0; factor -= 2) {
                product = product.multiply(BigInteger.valueOf(factor));
            }
            assertThat(text("doublefactorial(" + n + ")")).isEqualTo(product.toString());
        }
    }

    @Test
    void thePrimeFactorsOfANumberMakeItUp() {
        Seeded.cases(100, random -> {
            long number = 2 + random.nextInt(1_000_000);
            List<String> rows = new ArrayList<>();
            long left = number;
            for (long prime = 2; left > 1; prime++) {
                int times = 0;
                while (left % prime == 0) {
                    left /= prime;
                    times++;
                }
                if (times > 0) {
                    rows.add(prime + ", " + times);
                }
            }
            assertThat(written("factorise(" + number + ")")).isEqualTo(String.join("; ", rows));
        });
    }

    @Test
    void theNextPrimeIsTheFirstThatIsFound() {
        for (int n = 0; n < 300; n++) {
            BigInteger next = BigInteger.valueOf(n).nextProbablePrime();
            assertThat(text("nextprime(" + n + ")")).isEqualTo(next.toString());
        }
    }
}
