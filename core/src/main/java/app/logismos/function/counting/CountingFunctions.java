package app.logismos.function.counting;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Workings;
import app.logismos.number.Counting;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** Counting: exact however large. */
public final class CountingFunctions {
    public static final List<Function> ALL = List.of(
            function("factorial", Category.COUNTING)
                    .alsoRead("FACT")
                    .says("The number of orders of n different things: 1 × 2 × … × n.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .example("factorial(5)", "120")
                    .example("factorial(0)", "1")
                    .refuses("factorial(-1)", ErrorCode.WRONG_ARGUMENTS)
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
                    .refuses("permutations(5, -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("combinations", "factorial")
                    .works(given -> given.count("k").compareTo(given.count("n")) > 0
                            ? "more are chosen than there are: 0 ways"
                            : given.count("n") + "! / (" + given.count("n") + " − " + given.count("k") + ")!")
                    .computes(given -> Counting.permutations(given.count("n"), given.count("k"))),
            function("combinations", Category.COUNTING)
                    .alsoRead("COMBIN")
                    .says("The number of ways to choose k things from n when their order does not matter.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .argument("k", WHOLE, "how many of them are chosen, 0 or more")
                    .example("combinations(9, 4)", "126")
                    .example("combinations(5, 7)", "0")
                    .refuses("combinations(5, 1/2)", ErrorCode.WRONG_ARGUMENTS)
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
                    .refuses("multinomial(2, -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("combinations", "factorial")
                    .from("DLMF 26.4.2")
                    .works(given -> multinomialWorking(given.counts("k")))
                    .computes(given -> multinomial(given.counts("k"))),
            function("doublefactorial", Category.COUNTING)
                    .alsoRead("FACTDOUBLE")
                    .says("The product of every second number from n down: 7!! is 7 × 5 × 3 × 1.")
                    .argument("n", WHOLE, "0 or more")
                    .example("doublefactorial(7)", "105")
                    .example("doublefactorial(6)", "48")
                    .refuses("doublefactorial(-3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("factorial")
                    .works(Workings::everySecond)
                    .computes(given -> Counting.doubleFactorial(given.count("n"))),
            function("permutationsrep", Category.COUNTING)
                    .alsoRead("PERMUTATIONA")
                    .says(
                            "The number of ways to choose k times from n things when order matters and things may repeat: n^k.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .argument("k", WHOLE, "how often one is chosen, 0 or more")
                    .example("permutationsrep(9, 4)", "6561")
                    .example("permutationsrep(2, 10)", "1024")
                    .refuses("permutationsrep(-1, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("permutations", "combinationsrep")
                    .works(given -> given.count("n") + "^" + given.count("k"))
                    .computes(given -> Rational.of(given.count("n")).power(Rational.of(given.count("k")))),
            function("combinationsrep", Category.COUNTING)
                    .alsoRead("COMBINA")
                    .says(
                            "The number of ways to choose k times from n things when order does not matter and things may repeat.")
                    .argument("n", WHOLE, "how many things there are, 0 or more")
                    .argument("k", WHOLE, "how often one is chosen, 0 or more")
                    .example("combinationsrep(4, 2)", "10")
                    .example("combinationsrep(9, 4)", "495")
                    .refuses("combinationsrep(-1, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("combinations", "permutationsrep")
                    .works(given -> "(" + given.count("n") + " + " + given.count("k") + " − 1)! / (" + given.count("k")
                            + "! × (" + given.count("n") + " − 1)!)")
                    .computes(given -> withRepeats(given.count("n"), given.count("k"))),
            function("derangements", Category.COUNTING)
                    .says("The number of orders of n things in which none stays in its place.")
                    .argument("n", WHOLE, "0 or more")
                    .example("derangements(4)", "9")
                    .example("derangements(1)", "0")
                    .refuses("derangements(-1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("factorial")
                    .from("OEIS A000166")
                    .works(Workings::alternating)
                    .computes(CountingFunctions::derangements),
            function("arrangements", Category.COUNTING)
                    .says(
                            "The number of distinct orders of the values of a list, or of the letters of a word, some of which may be alike.")
                    .repeated("values", LAZY, "the values, or tables of them, or one word")
                    .example("arrangements(\"a\", \"b\", \"a\")", "3")
                    .example("arrangements({1; 1; 2; 2})", "6")
                    .example("arrangements(\"BALLOON\")", "1260")
                    .refuses("arrangements(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .refuses("arrangements(7)", ErrorCode.WRONG_KIND)
                    .related("multinomial", "listpermutations")
                    .works(given -> multinomialWorking(repeats(given)))
                    .computes(given -> multinomial(repeats(given))),
            function("listcombinations", Category.COUNTING)
                    .says(
                            "All choices of k values of a list, or of k letters of a word, without order, one a row, in the order of the list.")
                    .argument("list", TABLE, "the values, or a word")
                    .argument("k", WHOLE, "how many are chosen, 1 or more")
                    .example("listcombinations({1; 2; 3}, 2)", "{1, 2; 1, 3; 2, 3}")
                    .example("listcombinations({4, 5}, 1)", "{4; 5}")
                    .example("listcombinations(\"tea\", 2)", "{\"t\", \"e\"; \"t\", \"a\"; \"e\", \"a\"}")
                    .refuses("listcombinations(5, 2)", ErrorCode.WRONG_KIND)
                    .refuses("listcombinations({1, 2}, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("combinations", "listpermutations")
                    .answers(given -> choices(given, false)),
            function("listpermutations", Category.COUNTING)
                    .says(
                            "All choices of k values of a list, or of k letters of a word, with their order, one a row, in the order of the list.")
                    .argument("list", TABLE, "the values, or a word")
                    .argument("k", WHOLE, "how many are chosen, 1 or more")
                    .example("listpermutations({1; 2; 3}, 2)", "{1, 2; 1, 3; 2, 1; 2, 3; 3, 1; 3, 2}")
                    .example("listpermutations({4, 5}, 1)", "{4; 5}")
                    .refuses("listpermutations({1, 2}, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("permutations", "listcombinations")
                    .answers(given -> choices(given, true)));

    /** Cells of the longest list of choices. */
    private static final int MOST_CELLS = 1_000_000;

    private CountingFunctions() {}

    private static Result withRepeats(BigInteger n, BigInteger k) {
        return n.signum() == 0
                ? k.signum() == 0 ? Rational.ONE : Rational.ZERO
                : Counting.combinations(n.add(k).subtract(BigInteger.ONE), k);
    }

    /** D(n) = n D(n − 1) + (−1)^n. */
    private static Result derangements(Arguments given) {
        int n = given.whole("n", 0, 100_000);
        BigInteger ways = BigInteger.ONE;
        for (int i = 1; i <= n; i++) {
            given.check();
            ways = ways.multiply(BigInteger.valueOf(i)).add(BigInteger.valueOf(i % 2 == 0 ? 1 : -1));
        }
        return Rational.of(ways);
    }

    /** How often each value is there. */
    private static List<BigInteger> repeats(Arguments given) {
        Map<Value, BigInteger> times = new LinkedHashMap<>();
        List<Value> values = given.each("values").stream().map(Supplier::get).toList();
        List<Value> counted = values.size() == 1 ? lettersOf(given, "values", values.get(0)) : values;
        counted.forEach(each ->
                Arguments.asTable(each).forEachFilled(value -> times.merge(value, BigInteger.ONE, BigInteger::add)));
        return List.copyOf(times.values());
    }

    /** A table as it is; of a word its letters. Any other single value is no list. */
    private static List<Value> lettersOf(Arguments given, String parameter, Value value) {
        if (value instanceof Text word) {
            return word.letters();
        }
        if (value instanceof Table || value == Blank.BLANK) {
            return List.of(value);
        }
        throw given.refused(
                parameter,
                ErrorCode.WRONG_KIND,
                "A list of values is needed here, like `{1; 2; 3}`, `A1:A5` or a word in quotes, and `"
                        + PlainText.of(value) + "` is one value.");
    }

    private static Value choices(Arguments given, boolean ordered) {
        List<Value> list = new ArrayList<>();
        lettersOf(given, "list", given.value("list"))
                .forEach(each -> Arguments.asTable(each).forEachFilled(list::add));
        int k = given.whole("k", 1, Math.max(1, list.size()));
        if (k > list.size()) {
            throw given.wrong("k", "at most " + list.size(), String.valueOf(k));
        }
        Choices choices = new Choices(given, list, k, ordered);
        choices.extend(0);
        return new ArrayTable(choices.cells.size() / k, k, choices.cells);
    }

    /** Chooses one place after the other, going back where no value is left. */
    private static final class Choices {
        final List<Value> cells = new ArrayList<>();
        private final Arguments given;
        private final List<Value> list;
        private final int[] chosen;
        private final boolean ordered;
        private final boolean[] taken;

        Choices(Arguments given, List<Value> list, int k, boolean ordered) {
            this.given = given;
            this.list = list;
            this.chosen = new int[k];
            this.ordered = ordered;
            this.taken = new boolean[list.size()];
        }

        void extend(int place) {
            given.check();
            if (place == chosen.length) {
                for (int index : chosen) {
                    cells.add(list.get(index));
                }
                if (cells.size() > MOST_CELLS) {
                    throw new Arguments.Refused(Failure.of(
                            ErrorCode.TOO_LARGE,
                            "There are more choices than the " + MOST_CELLS + " cells of a table."));
                }
                return;
            }
            for (int i = ordered || place == 0 ? 0 : chosen[place - 1] + 1; i < list.size(); i++) {
                if (!taken[i]) {
                    taken[i] = true;
                    chosen[place] = i;
                    extend(place + 1);
                    taken[i] = false;
                }
            }
        }
    }

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
