package app.logismos.function.statistics;

import static app.logismos.function.Algebra.mean;
import static app.logismos.function.Algebra.minus;
import static app.logismos.function.Algebra.over;
import static app.logismos.function.Algebra.plus;
import static app.logismos.function.Algebra.power;
import static app.logismos.function.Algebra.sqrt;
import static app.logismos.function.Algebra.sum;
import static app.logismos.function.Algebra.times;
import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Shape;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Supplier;

/** How numbers are spread: their order, their shape, and statistics that count texts and truth values in. */
public final class SpreadFunctions {
    private static final Rational TWO = Rational.of(2);

    public static final List<Function> ALL = List.of(
            function("largest", Category.STATISTICS)
                    .alsoRead("LARGE")
                    .says("The k-th largest of the numbers.")
                    .argument("data", TABLE, "the numbers")
                    .argument("k", WHOLE, "1 for the largest, 2 for the next")
                    .example("largest({3, 9, 5}, 2)", "5")
                    .example("largest({3, 9, 9}, 2)", "9")
                    .refuses("largest({3, 9}, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("smallest", "rank", "max")
                    .keepsUnit("data")
                    .computes(given -> ordered(given, true)),
            function("smallest", Category.STATISTICS)
                    .alsoRead("SMALL")
                    .says("The k-th smallest of the numbers.")
                    .argument("data", TABLE, "the numbers")
                    .argument("k", WHOLE, "1 for the smallest, 2 for the next")
                    .example("smallest({3, 9, 5}, 2)", "5")
                    .example("smallest({3}, 1)", "3")
                    .refuses("smallest({3, 9}, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("largest", "rank", "min")
                    .keepsUnit("data")
                    .computes(given -> ordered(given, false)),
            numbers("meandeviation", "AVEDEV", "The mean of the distances of numbers from their mean.")
                    .example("meandeviation(1, 3, 5, 7)", "2")
                    .example("meandeviation(4, 4)", "0")
                    .refuses("meandeviation({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("stdev", "mean")
                    .computes(given -> mean(
                            deviations(some(given, 1)).stream().map(Real::abs).toList())),
            numbers("deviationsquares", "DEVSQ", "The sum of the squares of the distances of numbers from their mean.")
                    .example("deviationsquares(1, 3, 5)", "8")
                    .example("deviationsquares(4)", "0")
                    .refuses("deviationsquares({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("variance")
                    .computes(given -> moment(some(given, 1), 2)),
            numbers(
                            "skewness",
                            "SKEW",
                            "How far numbers lean to one side: above 0 where the long tail is to the right; of a sample.")
                    .example("skewness(1, 2, 3)", "0")
                    .example("round(skewness(1, 2, 6), 6)", "1457863/1000000")
                    .refuses("skewness(1, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("kurtosis", "skewnessp")
                    .from("OpenFormula 6.18.71")
                    .computes(given -> {
                        List<Real> x = some(given, 3);
                        Real n = Rational.of(x.size());
                        Real spread = power(over(moment(x, 2), minus(n, Rational.ONE)), Rational.of(3, 2));
                        return over(
                                times(n, moment(x, 3)), times(times(minus(n, Rational.ONE), minus(n, TWO)), spread));
                    }),
            numbers("skewnessp", "SKEWP", "The skewness of a whole population.")
                    .example("skewnessp(1, 2, 3)", "0")
                    .example("round(skewnessp(1, 2, 6), 6)", "59517/100000")
                    .refuses("skewnessp(2, 2, 2)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("skewness")
                    .from("OpenFormula 6.18.72")
                    .computes(given -> {
                        List<Real> x = some(given, 1);
                        Real n = Rational.of(x.size());
                        return over(over(moment(x, 3), n), power(over(moment(x, 2), n), Rational.of(3, 2)));
                    }),
            numbers(
                            "kurtosis",
                            "KURT",
                            "How much numbers keep to the middle and the far ends; 0 for the normal distribution.")
                    .example("kurtosis(1, 2, 3, 4)", "-6/5")
                    .example("kurtosis(1, 1, 1, 5)", "4")
                    .refuses("kurtosis(1, 2, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("skewness")
                    .from("OpenFormula 6.18.40")
                    .computes(given -> kurtosis(some(given, 4))),
            function("percentrank", Category.STATISTICS)
                    .says("The share of the numbers that lie below x, between neighbours in proportion.")
                    .argument("data", TABLE, "the numbers")
                    .argument("x", NUMBER, "between the smallest and the largest")
                    .optional("digits", WHOLE, Blank.BLANK, "how many decimal places are kept; all, if nothing is said")
                    .example("percentrank({1, 2, 3, 4, 5}, 2)", "1/4")
                    .example("percentrank({1, 2, 5}, 3)", "2/3")
                    .refuses("percentrank({1, 2}, 7)", ErrorCode.NOT_FOUND)
                    .related("quantile", "rank")
                    .from("OpenFormula 6.18.48")
                    .computes(SpreadFunctions::percentRank),
            function("trimmedmean", Category.STATISTICS)
                    .alsoRead("TRIMMEAN")
                    .says("The mean without a share of the smallest and the largest numbers.")
                    .argument("data", TABLE, "the numbers")
                    .argument("share", NUMBER, "0 or more and less than 1; half of it is left out at each end")
                    .example("trimmedmean({1, 5, 6, 100}, 0.5)", "11/2")
                    .example("trimmedmean({1, 2, 3}, 0)", "2")
                    .refuses("trimmedmean({1, 2}, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("mean", "median")
                    .keepsUnit("data")
                    .from("OpenFormula 6.18.79")
                    .computes(given -> {
                        List<Real> sorted = sorted(given);
                        Real share = given.number("share");
                        if (share.signum() < 0 || share.compareTo(Rational.ONE) >= 0) {
                            throw given.wrong("share", "0 or more and less than 1", String.valueOf(share.toDouble()));
                        }
                        Real half = over(times(share, Rational.of(sorted.size())), TWO);
                        int out = ((Rational) Rounding.floor(half)).numerator().intValue();
                        return mean(sorted.subList(out, sorted.size() - out));
                    }),
            function("probabilityof", Category.STATISTICS)
                    .alsoRead("PROB")
                    .says("The chance of the values from one to another, where each value has its chance.")
                    .argument("values", TABLE, "what may happen, as numbers")
                    .argument("chances", TABLE, "the chance of each; together 1")
                    .argument("from", NUMBER, "the smallest value that counts")
                    .optional("to", NUMBER, Blank.BLANK, "the largest; `from` alone, if nothing is said")
                    .example("probabilityof({1, 2, 3}, {0.2, 0.3, 0.5}, 2, 3)", "4/5")
                    .example("probabilityof({1, 2, 3}, {0.2, 0.3, 0.5}, 1)", "1/5")
                    .refuses("probabilityof({1, 2}, {0.2, 0.3}, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("binomial")
                    .from("OpenFormula 6.18.60")
                    .computes(SpreadFunctions::probability),
            allIn("meana", "AVERAGEA", "The mean, texts counted as 0, true as 1 and false as 0.")
                    .example("meana({2; \"none\"; 4})", "2")
                    .example("meana({true; false})", "1/2")
                    .refuses("meana({\"\"} / 0)", ErrorCode.WRONG_KIND)
                    .related("mean", "counta")
                    .computes(given -> mean(all(given, 1))),
            allIn("mina", "MINA", "The smallest, texts counted as 0, true as 1 and false as 0.")
                    .example("mina({2; \"none\"; 4})", "0")
                    .example("mina({true; 4})", "1")
                    .refuses("mina(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("min")
                    .computes(given -> Collections.min(all(given, 1))),
            allIn("maxa", "MAXA", "The largest, texts counted as 0, true as 1 and false as 0.")
                    .example("maxa({-2; \"none\"; -4})", "0")
                    .example("maxa({true; 1/2})", "1")
                    .refuses("maxa(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("max")
                    .computes(given -> Collections.max(all(given, 1))),
            allIn("variancea", "VARA", "The variance of a sample, texts counted as 0, true as 1 and false as 0.")
                    .example("variancea({2; \"none\"; 4})", "4")
                    .example("variancea({true; false})", "1/2")
                    .refuses("variancea(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("variance", "stdeva")
                    .computes(given -> StatisticsFunctions.variance(all(given, 2), 1)),
            allIn(
                            "stdeva",
                            "STDEVA",
                            "The standard deviation of a sample, texts counted as 0, true as 1 and false as 0.")
                    .example("stdeva({2; \"none\"; 4})", "2")
                    .example("stdeva({true; false})", "√2/2")
                    .refuses("stdeva(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("stdev", "variancea")
                    .computes(given -> sqrt(StatisticsFunctions.variance(all(given, 2), 1))),
            allIn("variancepa", "VARPA", "The variance of a population, texts counted as 0, true as 1 and false as 0.")
                    .example("variancepa({2; \"none\"; 4})", "8/3")
                    .example("variancepa({true; false})", "1/4")
                    .refuses("variancepa(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("variancep", "stdevpa")
                    .computes(given -> StatisticsFunctions.variance(all(given, 1), 0)),
            allIn(
                            "stdevpa",
                            "STDEVPA",
                            "The standard deviation of a population, texts counted as 0, true as 1 and false as 0.")
                    .example("stdevpa({true; false})", "1/2")
                    .example("stdevpa({4; \"none\"})", "2")
                    .refuses("stdevpa(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("stdevp", "variancepa")
                    .computes(given -> sqrt(StatisticsFunctions.variance(all(given, 1), 0))),
            function("aggregate", Category.STATISTICS)
                    .alsoRead("SUBTOTAL")
                    .says("A statistic chosen by its number, as documents write it.")
                    .argument(
                            "which",
                            WHOLE,
                            "1 mean, 2 count, 3 counta, 4 max, 5 min, 6 product, 7 stdev, 8 stdevp, 9 sum, 10 variance, 11 variancep;"
                                    + " 101 to 111 the same without hidden rows")
                    .repeated("numbers", NUMBERS, "the numbers")
                    .example("aggregate(9, {1; 2; 3})", "6")
                    .example("aggregate(1, {1; 2; 3})", "2")
                    .refuses("aggregate(12, {1; 2})", ErrorCode.WRONG_ARGUMENTS)
                    .related("sum", "mean")
                    .from("OpenFormula 6.16.68")
                    .seesHiddenRows()
                    .computes(SpreadFunctions::aggregate));

    private SpreadFunctions() {}

    private static Function numbers(String name, String identifier, String says) {
        return function(name, Category.STATISTICS)
                .alsoRead(identifier)
                .says(says)
                .repeated("numbers", NUMBERS, "the numbers");
    }

    private static Function allIn(String name, String identifier, String says) {
        Function declared = function(name, Category.STATISTICS).says(says).repeated("values", LAZY, "the values");
        return identifier.equalsIgnoreCase(name) ? declared : declared.alsoRead(identifier);
    }

    private static List<Real> some(Arguments given, int least) {
        List<Real> numbers = given.numbers("numbers");
        if (numbers.size() < least) {
            throw given.wrong("numbers", least + " or more numbers", String.valueOf(numbers.size()));
        }
        return numbers;
    }

    /** The values as numbers, texts as 0 and truth values as 1 and 0. */
    private static List<Real> all(Arguments given, int least) {
        List<Real> numbers = new ArrayList<>();
        for (Supplier<Value> each : given.each("values")) {
            Arguments.asTable(each.get()).forEachFilled(value -> {
                if (value instanceof Failure failure) {
                    throw new Arguments.Refused(failure);
                }
                if (value instanceof Text) {
                    numbers.add(Rational.ZERO);
                } else if (value instanceof Truth truth) {
                    numbers.add(truth.holds() ? Rational.ONE : Rational.ZERO);
                } else {
                    given.numberIn("values", value).ifPresent(numbers::add);
                }
            });
        }
        if (numbers.size() < least) {
            throw given.wrong("values", least + " or more values", String.valueOf(numbers.size()));
        }
        return numbers;
    }

    private static List<Real> sorted(Arguments given) {
        List<Real> numbers = given.numbersIn("data").stream().sorted().toList();
        if (numbers.isEmpty()) {
            throw given.wrong("data", "at least one number", "none");
        }
        return numbers;
    }

    private static Real ordered(Arguments given, boolean fromLargest) {
        List<Real> sorted = sorted(given);
        int k = given.whole("k", 1, sorted.size());
        return sorted.get(fromLargest ? sorted.size() - k : k - 1);
    }

    private static List<Real> deviations(List<Real> numbers) {
        Real mean = mean(numbers);
        return numbers.stream().map(number -> minus(number, mean)).toList();
    }

    /** The sum of a power of the distances from the mean. */
    private static Real moment(List<Real> numbers, int order) {
        return sum(deviations(numbers).stream()
                .map(each -> power(each, Rational.of(order)))
                .toList());
    }

    private static Real kurtosis(List<Real> x) {
        long n = x.size();
        Real variance = over(moment(x, 2), Rational.of(n - 1));
        Real fourth = over(moment(x, 4), times(variance, variance));
        Real scaled = times(fourth, Rational.of(n * (n + 1), (n - 1) * (n - 2) * (n - 3)));
        return minus(scaled, Rational.of(3 * (n - 1) * (n - 1), (n - 2) * (n - 3)));
    }

    private static Real percentRank(Arguments given) {
        List<Real> sorted = sorted(given);
        Real x = given.number("x");
        Real rank = rank(sorted, x);
        return given.isGiven("digits")
                ? Algebra.answer(Rounding.places(rank, given.whole("digits", 1, 1_000), RoundingMode.DOWN))
                : rank;
    }

    private static Real rank(List<Real> sorted, Real x) {
        int last = sorted.size() - 1;
        if (x.compareTo(sorted.get(0)) < 0 || x.compareTo(sorted.get(last)) > 0) {
            throw new Arguments.Refused(
                    Failure.of(ErrorCode.NOT_FOUND, "The value is not between the smallest and the largest number."));
        }
        int below = 0;
        while (below < last && sorted.get(below).compareTo(x) < 0) {
            below++;
        }
        if (sorted.get(below).compareTo(x) == 0) {
            return last == 0 ? Rational.ONE : Rational.of(below, last);
        }
        Real step = minus(sorted.get(below), sorted.get(below - 1));
        Real part = over(minus(x, sorted.get(below - 1)), step);
        return over(plus(Rational.of(below - 1L), part), Rational.of(last));
    }

    private static Real probability(Arguments given) {
        List<Real> values = given.numbersIn("values");
        List<Real> chances = given.numbersIn("chances");
        if (values.size() != chances.size()) {
            throw new Arguments.Refused(Shape.differ(
                    "There must be as many chances as values.", Shape.list(values.size()), Shape.list(chances.size())));
        }
        Real all = sum(chances);
        if (Math.abs(all.toDouble() - 1) > 1e-12 || chances.stream().anyMatch(chance -> chance.signum() < 0)) {
            throw given.wrong("chances", "chances that are 1 together", String.valueOf(all.toDouble()));
        }
        Real from = given.number("from");
        Real to = given.isGiven("to") ? given.number("to") : from;
        Real sum = Rational.ZERO;
        for (int i = 0; i < values.size(); i++) {
            if (values.get(i).compareTo(from) >= 0 && values.get(i).compareTo(to) <= 0) {
                sum = plus(sum, chances.get(i));
            }
        }
        return sum;
    }

    private static Real aggregate(Arguments given) {
        int which = given.whole("which", 1, 111);
        return which > 100 ? aggregate(which - 100, given.ofShownRows()) : aggregate(which, given);
    }

    private static Real aggregate(int which, Arguments given) {
        return switch (which) {
            case 1 -> mean(some(given, 1));
            case 2 -> Rational.of(given.numbers("numbers").size());
            case 3 -> Rational.of(filled(given));
            case 4 -> Collections.max(some(given, 1));
            case 5 -> Collections.min(some(given, 1));
            case 6 -> Algebra.product(given.numbers("numbers"));
            case 7 -> sqrt(StatisticsFunctions.variance(some(given, 2), 1));
            case 8 -> sqrt(StatisticsFunctions.variance(some(given, 1), 0));
            case 9 -> sum(given.numbers("numbers"));
            case 10 -> StatisticsFunctions.variance(some(given, 2), 1);
            case 11 -> StatisticsFunctions.variance(some(given, 1), 0);
            default -> throw given.wrong("which", "a number from 1 to 11 or from 101 to 111", String.valueOf(which));
        };
    }

    private static long filled(Arguments given) {
        long[] count = {0};
        for (Table table : given.tables("numbers")) {
            table.forEachFilled(value -> count[0]++);
        }
        return count[0];
    }
}
