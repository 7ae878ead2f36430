package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.number.Counting;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import java.math.BigInteger;
import java.util.List;
import java.util.stream.Collectors;

/** Counting: exact however large. */
final class CountingFunctions {
    static final List<Function> ALL = List.of(
            function("factorial", Category.COUNTING)
                    .alsoRead("FACT")
                    .says("The number of orders of n different things: 1 × 2 × … × n.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .example("factorial(5)", "120")
                    .example("factorial(0)", "1")
                    .related("permutations", "multinomial")
                    .from("DLMF 5.4.1")
                    .works(given -> factors(given.count("n")))
                    .computes(given -> Counting.factorial(given.count("n"))),
            function("permutations", Category.COUNTING)
                    .alsoRead("PERMUT")
                    .says("The number of ways to choose k things from n when their order matters.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .argument("k", WHOLE, "how many of them are chosen, 0 or more")
                    .example("permutations(9, 4)", "3024")
                    .example("permutations(3, 5)", "0")
                    .related("combinations", "factorial")
                    .works(given -> given.count("k").compareTo(given.count("n")) > 0
                            ? "more are chosen than there are: 0 ways"
                            : given.count("n") + "! / (" + given.count("n") + " − " + given.count("k") + ")!")
                    .computes(given -> Counting.permutations(given.count("n"), given.count("k"))),
            function("combinations", Category.COUNTING)
                    .alsoRead("COMBIN", "choose")
                    .says("The number of ways to choose k things from n when their order does not matter.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .argument("k", WHOLE, "how many of them are chosen, 0 or more")
                    .example("combinations(9, 4)", "126")
                    .example("combinations(5, 7)", "0")
                    .related("permutations", "multinomial")
                    .from("DLMF 1.2.1")
                    .works(given -> given.count("k").compareTo(given.count("n")) > 0
                            ? "more are chosen than there are: 0 ways"
                            : given.count("n") + "! / (" + given.count("k") + "! × "
                                    + given.count("n").subtract(given.count("k")) + "!)")
                    .computes(given -> Counting.combinations(given.count("n"), given.count("k"))),
            function("multinomial", Category.COUNTING)
                    .says("The number of distinct orders of things that repeat k1, k2, … times.")
                    .repeated("k", NUMBERS, "how often each thing is there, 0 or more")
                    .example("multinomial(3, 2, 2)", "210")
                    .example("multinomial(1, 4, 4, 2)", "34650")
                    .related("combinations", "factorial")
                    .from("DLMF 26.4.2")
                    .works(given -> multinomialWorking(given.counts("k")))
                    .computes(given -> multinomial(given.counts("k"))));

    private CountingFunctions() {}

    private static String factors(BigInteger n) {
        if (n.compareTo(BigInteger.TEN) > 0) {
            return "1 × 2 × 3 × … × " + n;
        }
        return n.signum() == 0
                ? "1, by definition"
                : java.util.stream.IntStream.rangeClosed(1, n.intValue())
                        .mapToObj(String::valueOf)
                        .collect(Collectors.joining(" × "));
    }

    private static String multinomialWorking(List<BigInteger> counts) {
        BigInteger all = counts.stream().reduce(BigInteger.ZERO, BigInteger::add);
        return all + "! / (" + counts.stream().map(k -> k + "!").collect(Collectors.joining(" × ")) + ")";
    }

    /** As a product of binomials, each exact: C(k1, k1) C(k1 + k2, k2) … */
    private static Result multinomial(List<BigInteger> counts) {
        BigInteger all = BigInteger.ZERO;
        Real ways = Rational.ONE;
        for (BigInteger k : counts) {
            all = all.add(k);
            Result chosen = Counting.combinations(all, k);
            Result product = chosen instanceof Real real ? ways.times(real) : chosen;
            if (!(product instanceof Real real)) {
                return product;
            }
            ways = real;
        }
        return ways;
    }
}
