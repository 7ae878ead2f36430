package app.logismos.function.arithmetic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.TEXT;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.WorkingPattern;
import app.logismos.function.Workings;
import app.logismos.number.Rational;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.number.WholeNumbers;
import app.logismos.value.ArrayTable;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Whole numbers: divisors, primes, digits. */
public final class WholeNumberFunctions {
    private static final int LARGEST_BASE = 36;

    /** 209 digits for each thousand: the number stays within a million. */
    private static final int LAST_FIBONACCI = 4_784_000;

    private static final int MOST_BITS_OF_PRIMES = (int) (10_000 * 3.3219);

    public static final List<Function> ALL = List.of(
            function("gcd", Category.WHOLE_NUMBERS)
                    .says("The greatest common divisor: the largest whole number that divides all.")
                    .repeated("numbers", NUMBERS, "whole numbers, 0 or more")
                    .example("gcd(84, 36)", "12")
                    .example("gcd(15, 10, 25)", "5")
                    .refuses("gcd(1/2, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("lcm", "factorise")
                    .works(Workings::euclid)
                    .computes(given ->
                            Rational.of(given.counts("numbers").stream().reduce(BigInteger.ZERO, WholeNumbers::gcd))),
            function("lcm", Category.WHOLE_NUMBERS)
                    .says("The least common multiple: the smallest whole number that all divide.")
                    .repeated("numbers", NUMBERS, "whole numbers, 0 or more")
                    .example("lcm(4, 6)", "12")
                    .example("lcm(2, 3, 7)", "42")
                    .refuses("lcm(1/2, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("gcd")
                    .works(given -> given.counts("numbers").size() == 2
                            ? WorkingPattern.filled("{numbers| × } / gcd({numbers|, })", given)
                            : "")
                    .computes(given ->
                            Rational.of(given.counts("numbers").stream().reduce(BigInteger.ONE, WholeNumbers::lcm))),
            function("isprime", Category.WHOLE_NUMBERS)
                    .says("Whether a number is prime: above 1, and divided by 1 and itself only.")
                    .argument("n", WHOLE, "a whole number")
                    .example("isprime(97)", "true")
                    .example("isprime(91)", "false")
                    .refuses("isprime(1/2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("nextprime", "factorise")
                    .from("Miller–Rabin with the bases of Sorenson and Webster, Math. Comp. 86 (2017) 985")
                    .works(Workings::smallestDivisor)
                    .refuses("isprime(10^20000)", ErrorCode.TOO_LARGE)
                    .answers(given -> bounded(given.whole("n"), n -> new Truth(WholeNumbers.isPrime(n)))),
            function("nextprime", Category.WHOLE_NUMBERS)
                    .says("The smallest prime above a number.")
                    .argument("n", WHOLE, "a whole number")
                    .example("nextprime(7)", "11")
                    .example("nextprime(0)", "2")
                    .refuses("nextprime(\"7\")", ErrorCode.WRONG_KIND)
                    .related("isprime")
                    .answers(given ->
                            bounded(given.whole("n"), n -> new NumberValue(Rational.of(WholeNumbers.nextPrime(n))))),
            function("factorise", Category.WHOLE_NUMBERS)
                    .says("The prime factors of a number: rows of a prime and how often it divides.")
                    .argument("n", WHOLE, "2 or more")
                    .example("factorise(360)", "{2, 3; 3, 2; 5, 1}")
                    .example("factorise(97)", "{97, 1}")
                    .refuses("factorise(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("divisors", "isprime", "gcd")
                    .from("Pollard's rho with Brent's cycle search, BIT 20 (1980) 176")
                    .works(Workings::primeFactors)
                    .answers(WholeNumberFunctions::factorised),
            function("divisors", Category.WHOLE_NUMBERS)
                    .says("All whole numbers that divide n, as a column.")
                    .argument("n", WHOLE, "1 or more")
                    .example("divisors(12)", "{1; 2; 3; 4; 6; 12}")
                    .example("divisors(7)", "{1; 7}")
                    .refuses("divisors(0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("factorise")
                    .works(Workings::primeFactors)
                    .answers(given ->
                            bounded(positive(given, 1), n -> divisors(n, WholeNumbers.factors(n, given::check)))),
            function("iseven", Category.WHOLE_NUMBERS)
                    .says("Whether 2 divides a number.")
                    .argument("n", WHOLE, "a whole number")
                    .example("iseven(4)", "true")
                    .example("iseven(7)", "false")
                    .refuses("iseven(\"2\")", ErrorCode.WRONG_KIND)
                    .related("isodd", "mod")
                    .works("the remainder of {n} / 2 is 0 or not")
                    .answers(given -> new Truth(!given.whole("n").testBit(0))),
            function("isodd", Category.WHOLE_NUMBERS)
                    .says("Whether 2 does not divide a number.")
                    .argument("n", WHOLE, "a whole number")
                    .example("isodd(7)", "true")
                    .example("isodd(0)", "false")
                    .refuses("isodd(\"2\")", ErrorCode.WRONG_KIND)
                    .related("iseven")
                    .works("the remainder of {n} / 2 is 1 or not")
                    .answers(given -> new Truth(given.whole("n").testBit(0))),
            function("todigits", Category.WHOLE_NUMBERS)
                    .alsoRead("BASE")
                    .says("A whole number written in another base, as a text.")
                    .argument("n", WHOLE, "0 or more")
                    .argument("base", WHOLE, "2 to 36")
                    .optional("length", WHOLE, NumberValue.of(1), "how many digits at least, with zeros in front")
                    .example("todigits(255, 16)", "\"FF\"")
                    .example("todigits(5, 2, 8)", "\"00000101\"")
                    .refuses("todigits(5, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("fromdigits")
                    .works(given -> given.count("n") + " = "
                            + Workings.placeValues(
                                    given.count("n").toString(given.whole("base", 2, LARGEST_BASE)),
                                    given.whole("base", 2, LARGEST_BASE)))
                    .answers(WholeNumberFunctions::digits),
            function("fromdigits", Category.WHOLE_NUMBERS)
                    .alsoRead("DECIMAL")
                    .says("The whole number that digits in another base spell.")
                    .argument("text", TEXT, "digits 0 to 9 and letters A to Z, in any case")
                    .argument("base", WHOLE, "2 to 36")
                    .example("fromdigits(\"FF\", 16)", "255")
                    .example("fromdigits(\"101\", 2)", "5")
                    .refuses("fromdigits(\"12\", 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("todigits")
                    .works(given ->
                            Workings.placeValues(given.text("text").strip(), given.whole("base", 2, LARGEST_BASE)))
                    .answers(WholeNumberFunctions::number),
            function("fibonacci", Category.WHOLE_NUMBERS)
                    .says("The n-th Fibonacci number: 0, 1, 1, 2, 3, 5, each the sum of the two before.")
                    .argument("n", WHOLE, "0 or more")
                    .example("fibonacci(10)", "55")
                    .example("fibonacci(0)", "0")
                    .refuses("fibonacci(1/2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("series")
                    .from("OEIS A000045, by doubling")
                    .works(Workings::twoBefore)
                    .computes(WholeNumberFunctions::fibonacci));

    private WholeNumberFunctions() {}

    private static BigInteger positive(Arguments given, int least) {
        BigInteger n = given.whole("n");
        if (n.compareTo(BigInteger.valueOf(least)) < 0) {
            throw given.wrong("n", least + " or more", n.toString());
        }
        return n;
    }

    /** Whether longer ones are prime is not found out within the time of a calculation. */
    private static Value bounded(BigInteger n, java.util.function.Function<BigInteger, Value> answer) {
        return n.bitLength() > MOST_BITS_OF_PRIMES
                ? Failure.of(ErrorCode.TOO_LARGE, "Primes are looked for among numbers of up to 10,000 digits.")
                : answer.apply(n);
    }

    /** So many that they need more than 64 MiB are not listed. */
    private static Value divisors(BigInteger n, Map<BigInteger, Integer> factors) {
        BigInteger count = BigInteger.ONE;
        for (int times : factors.values()) {
            count = count.multiply(BigInteger.valueOf(times + 1L));
        }
        return count.multiply(BigInteger.valueOf(n.bitLength() + 512L)).bitLength() > 29
                ? Failure.of(ErrorCode.TOO_LARGE, "There are " + count + " divisors, more than can be listed here.")
                : column(WholeNumbers.divisors(factors));
    }

    private static Value factorised(Arguments given) {
        return bounded(positive(given, 2), n -> factorised(n, given::check));
    }

    private static Value factorised(BigInteger n, Runnable check) {
        List<Value> cells = new ArrayList<>();
        Map<BigInteger, Integer> factors = WholeNumbers.factors(n, check);
        factors.forEach((prime, times) -> {
            cells.add(new NumberValue(Rational.of(prime)));
            cells.add(NumberValue.of(times));
        });
        return new ArrayTable(factors.size(), 2, cells);
    }

    private static Value column(List<BigInteger> numbers) {
        return new ArrayTable(
                numbers.size(),
                1,
                numbers.stream()
                        .<Value>map(n -> new NumberValue(Rational.of(n)))
                        .toList());
    }

    private static Value digits(Arguments given) {
        String digits = WholeNumbers.write(given.count("n"), given.whole("base", 2, LARGEST_BASE))
                .toUpperCase(Locale.ROOT);
        int length = given.whole("length", 0, 8_192);
        return new Text("0".repeat(Math.max(0, length - digits.length())) + digits);
    }

    private static Value number(Arguments given) {
        String digits = given.text("text").strip();
        int base = given.whole("base", 2, LARGEST_BASE);
        if (digits.isEmpty() || !digits.chars().allMatch(c -> c < 128 && Character.digit(c, base) >= 0)) {
            throw given.wrong("text", "digits of base " + base, "\"" + digits + "\"");
        }
        return new NumberValue(Rational.of(WholeNumbers.read(digits, base)));
    }

    private static Result fibonacci(Arguments given) {
        BigInteger n = given.count("n");
        return n.compareTo(BigInteger.valueOf(LAST_FIBONACCI)) > 0
                ? Undefined.TOO_LARGE
                : Rational.of(WholeNumbers.fibonacci(n.intValue()));
    }
}
