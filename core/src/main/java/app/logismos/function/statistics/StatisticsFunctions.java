package app.logismos.function.statistics;

import static app.logismos.function.Algebra.deviations;
import static app.logismos.function.Algebra.mean;
import static app.logismos.function.Algebra.minus;
import static app.logismos.function.Algebra.over;
import static app.logismos.function.Algebra.plus;
import static app.logismos.function.Algebra.power;
import static app.logismos.function.Algebra.sqrt;
import static app.logismos.function.Algebra.times;
import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Criterion;
import app.logismos.function.Function;
import app.logismos.function.Measured;
import app.logismos.function.PlainFolds;
import app.logismos.function.Shape;
import app.logismos.function.WorkingPattern;
import app.logismos.function.Workings;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Fold;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;

/** Statistics of numbers; exact numbers give exact answers wherever a fraction is the answer. */
public final class StatisticsFunctions {
    private static final Rational ONE = Rational.ONE;

    public static final List<Function> ALL = List.of(
            function("count", Category.STATISTICS)
                    .says("How many numbers there are; texts and empty cells do not count.")
                    .repeated("numbers", NUMBERS, "what to count")
                    .example("count(4, 5, 6)", "3")
                    .example("count({1, \"a\"; 2, 3})", "3")
                    .refuses("count(1, \"a\")", ErrorCode.WRONG_KIND)
                    .related("counta", "countif", "sum")
                    .works("{numbers|, }: {#numbers} numbers")
                    .complexly(given ->
                            NumberValue.of(Complexes.all(given, "numbers").size()))
                    .answers(given -> PlainFolds.count(given, "numbers")
                            .orElseGet(() -> NumberValue.of(given.measuredIfAny("numbers")
                                    .map(all -> all.numbers().size())
                                    .orElse(0)))),
            function("counta", Category.STATISTICS)
                    .says("How many cells are not empty, whatever they hold.")
                    .repeated("values", LAZY, "what to count")
                    .example("counta({1, \"a\"; true, 3})", "4")
                    .example("counta(1, \"\")", "2")
                    .refuses("counta()", ErrorCode.WRONG_ARGUMENTS)
                    .related("count")
                    .computes(given -> Rational.of(filled(given))),
            function("countif", Category.STATISTICS)
                    .says("How many cells of a range hold a value, or fulfil a comparison written as a text.")
                    .argument("range", TABLE, "where to look")
                    .argument("condition", ANY, "a value, a comparison like \">3\", or how a text is: \"~leaf*\"")
                    .example("countif({1, 5, 7}, \">3\")", "2")
                    .example("countif({\"red\", \"green\", \"red\"}, \"red\")", "2")
                    .example("countif({\"Red\", \"green\", \"reed\"}, \"~re*d\")", "2")
                    .refuses("countif({1, 2})", ErrorCode.WRONG_ARGUMENTS)
                    .related("sumif", "meanif")
                    .works(given -> matching(given, "range", "range").size() + " cells fulfil it")
                    .computes(given ->
                            Rational.of(matching(given, "range", "range").size())),
            function("sumif", Category.STATISTICS)
                    .says("Adds the numbers beside the cells that hold a value or fulfil a comparison.")
                    .argument("range", TABLE, "where to look")
                    .argument("condition", ANY, "a value, or a comparison like \">3\"")
                    .optional(
                            "numbers",
                            TABLE,
                            Blank.BLANK,
                            "what to add, of the same shape; the range itself, if nothing is said")
                    .example("sumif({1, 5, 7}, \">3\")", "12")
                    .example("sumif({\"a\"; \"b\"; \"a\"}, \"a\", {1; 2; 3})", "4")
                    .refuses("sumif({1; 2}, 1, {1; 2; 3})", ErrorCode.SHAPES_DIFFER)
                    .related("countif", "meanif", "sum")
                    .works(given -> WorkingPattern.joined(matchingNumbers(given), " + "))
                    .answers(given -> ofMatching(given, Algebra::sum)),
            function("meanif", Category.STATISTICS)
                    .alsoRead("AVERAGEIF")
                    .says("The mean of the numbers beside the cells that hold a value or fulfil a comparison.")
                    .argument("range", TABLE, "where to look")
                    .argument("condition", ANY, "a value, or a comparison like \">3\"")
                    .optional(
                            "numbers",
                            TABLE,
                            Blank.BLANK,
                            "the numbers, of the same shape; the range itself, if nothing is said")
                    .example("meanif({1, 5, 7}, \">3\")", "6")
                    .example("meanif({\"a\"; \"b\"; \"a\"}, \"a\", {1; 2; 4})", "5/2")
                    .refuses("meanif({1, 2}, \">9\")", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sumif", "mean")
                    .works(given -> "(" + WorkingPattern.joined(matchingNumbers(given), " + ") + ") / "
                            + matchingNumbers(given).size())
                    .answers(given -> ofMatching(given, Algebra::mean)),
            function("mean", Category.STATISTICS)
                    .alsoRead("AVERAGE")
                    .says("The sum divided by how many there are.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("mean(1, 2, 4)", "7/3")
                    .example("mean({10; 20; 30})", "20")
                    .refuses("mean({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("median", "sum", "count")
                    .works(given -> Workings.mean(given.numbers("numbers")))
                    .complexly(given -> Complexes.mean(given, "numbers"))
                    .answers(StatisticsFunctions::meanOf),
            function("geomean", Category.STATISTICS)
                    .says("The geometric mean: the n-th root of the product of n numbers.")
                    .repeated("numbers", NUMBERS, "numbers above 0")
                    .example("geomean(2, 8)", "4")
                    .example("geomean(1, 3, 9)", "3")
                    .refuses("geomean(2, -8)", ErrorCode.WRONG_ARGUMENTS)
                    .related("mean", "harmean")
                    .units(Rational.ONE, "numbers")
                    .works("({numbers| × })^(1/{#numbers})")
                    .computes(given -> power(
                            product(positive(given)),
                            Rational.of(1, given.numbers("numbers").size()))),
            function("harmean", Category.STATISTICS)
                    .says("The harmonic mean: n divided by the sum of the reciprocals of n numbers.")
                    .repeated("numbers", NUMBERS, "numbers above 0")
                    .example("harmean(40, 60)", "48")
                    .example("harmean(1, 2)", "4/3")
                    .refuses("harmean(2, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("mean", "geomean")
                    .units(Rational.ONE, "numbers")
                    .works("{#numbers} / (1/{numbers| + 1/})")
                    .computes(given -> over(
                            Rational.of(positive(given).size()),
                            Algebra.sum(positive(given).stream()
                                    .map(x -> over(ONE, x))
                                    .toList()))),
            function("median", Category.STATISTICS)
                    .says("The middle of the sorted numbers, or the mean of the two in the middle.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("median(5, 1, 3)", "3")
                    .example("median(1, 2, 3, 10)", "5/2")
                    .refuses("median({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("mean", "mode", "quantile")
                    .works(given -> Workings.sorted(given.numbers("numbers")))
                    .answers(given -> given.measured("numbers").made(numbers -> quantile(numbers, Rational.of(1, 2)))),
            function("mode", Category.STATISTICS)
                    .says("The number that is there most often; of several the smallest.")
                    .repeated("numbers", NUMBERS, "numbers of which one repeats")
                    .example("mode(3, 1, 3, 2)", "3")
                    .example("mode(2, 1, 1, 2)", "1")
                    .refuses("mode(1, 2, 3)", ErrorCode.NOT_FOUND)
                    .related("median", "frequency")
                    .keepsUnit("numbers")
                    .works(given -> Workings.howOften(given.numbers("numbers"), mode(given.numbers("numbers"))))
                    .computes(given -> mode(some(given, "numbers"))),
            function("min", Category.STATISTICS)
                    .says("The smallest number.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("min(3, 1, 2)", "1")
                    .example("min({4, 9; -2, 7})", "-2")
                    .refuses("min({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("max", "range")
                    .works(given -> Workings.sorted(given.numbers("numbers")))
                    .answers(given -> extreme(given, PlainFolds.LEAST, Collections::min)),
            function("max", Category.STATISTICS)
                    .says("The largest number.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("max(3, 1, 2)", "3")
                    .example("max(1/3, 0.33)", "1/3")
                    .refuses("max(1, \"a\")", ErrorCode.WRONG_KIND)
                    .related("min", "range")
                    .works(given -> Workings.sorted(given.numbers("numbers")))
                    .answers(given -> extreme(given, PlainFolds.GREATEST, Collections::max)),
            function("range", Category.STATISTICS)
                    .says("The largest number less the smallest.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("range(3, 10, 5)", "7")
                    .example("range(2)", "0")
                    .refuses("range({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("min", "max")
                    .works(given -> WorkingPattern.text(Collections.max(some(given, "numbers"))) + " − "
                            + WorkingPattern.text(Collections.min(some(given, "numbers"))))
                    .answers(given -> {
                        Measured measured = given.measured("numbers");
                        return measured.difference(
                                minus(Collections.max(measured.numbers()), Collections.min(measured.numbers())));
                    }),
            spread(
                            "variance",
                            "VAR",
                            "The variance of a sample: squared deviations from the mean, added and divided by n - 1.")
                    .example("variance(1, 2, 3, 4)", "5/3")
                    .example("variance(2, 4)", "2")
                    .refuses("variance(5)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("stdev", "variancep")
                    .unitsApart(Rational.of(2), "numbers")
                    .works(given -> Workings.variance(some(given, "numbers"), 1))
                    .computes(given -> variance(some(given, "numbers"), 1)),
            spread("stdev", "STDEV", "The standard deviation of a sample: the square root of its variance.")
                    .example("stdev(2, 4, 6)", "2")
                    .example("stdev(1, 3, 5, 7, 9)", "√10")
                    .refuses("stdev(5)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("variance", "stdevp", "standarderror")
                    .unitsApart(ONE, "numbers")
                    .works(given -> Workings.deviation(some(given, "numbers"), 1))
                    .computes(given -> sqrt(variance(some(given, "numbers"), 1))),
            spread(
                            "variancep",
                            "VARP",
                            "The variance of a whole population: squared deviations from the mean, added and divided by n.")
                    .example("variancep(1, 2, 3, 4)", "5/4")
                    .example("variancep(2, 4)", "1")
                    .refuses("variancep({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("variance", "stdevp")
                    .unitsApart(Rational.of(2), "numbers")
                    .works(given -> Workings.variance(some(given, "numbers"), 0))
                    .computes(given -> variance(some(given, "numbers"), 0)),
            spread("stdevp", "STDEVP", "The standard deviation of a whole population: the square root of its variance.")
                    .example("stdevp(2, 4)", "1")
                    .example("stdevp(2, 4, 4, 4, 5, 5, 7, 9)", "2")
                    .refuses("stdevp({\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("stdev", "variancep")
                    .unitsApart(ONE, "numbers")
                    .works(given -> Workings.deviation(some(given, "numbers"), 0))
                    .computes(given -> sqrt(variance(some(given, "numbers"), 0))),
            spread(
                            "standarderror",
                            "",
                            "The standard deviation of the mean of a sample: stdev divided by the square root of n.")
                    .example("standarderror(2, 6)", "2")
                    .example("standarderror(1, 3, 5, 7)", "√15/3")
                    .refuses("standarderror(5)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("stdev", "mean")
                    .unitsApart(ONE, "numbers")
                    .works(given -> Workings.deviation(some(given, "numbers"), 1) + " / √"
                            + given.numbers("numbers").size())
                    .computes(given -> sqrt(over(
                            variance(some(given, "numbers"), 1),
                            Rational.of(given.numbers("numbers").size())))),
            function("quantile", Category.STATISTICS)
                    .alsoRead("percentile")
                    .says(
                            "The value below which the share p of the sorted numbers lies, between neighbours in proportion.")
                    .argument("data", TABLE, "at least one number")
                    .argument("p", NUMBER, "0 to 1")
                    .example("quantile({1, 2, 3, 4, 5}, 0.25)", "2")
                    .example("quantile({1, 2}, 0.5)", "3/2")
                    .refuses("quantile({1, 2}, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("quartile", "median")
                    .keepsUnit("data")
                    .from("OpenFormula 6.18.47 PERCENTILE")
                    .works(given -> Workings.placeOfShare(data(given, "data"), share(given, "p")))
                    .computes(given -> quantile(data(given, "data"), share(given, "p"))),
            function("quartile", Category.STATISTICS)
                    .says("The q-th quarter of the sorted numbers: 0 the smallest, 2 the median, 4 the largest.")
                    .argument("data", TABLE, "at least one number")
                    .argument("q", WHOLE, "0 to 4")
                    .example("quartile({1, 2, 3, 4, 5}, 1)", "2")
                    .example("quartile({1, 2, 3, 4}, 4)", "4")
                    .refuses("quartile({1, 2}, 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("quantile", "median")
                    .keepsUnit("data")
                    .works(given -> Workings.placeOfShare(data(given, "data"), Rational.of(given.whole("q", 0, 4), 4)))
                    .computes(given -> quantile(data(given, "data"), Rational.of(given.whole("q", 0, 4), 4))),
            function("rank", Category.STATISTICS)
                    .says("The place of a value among numbers, the largest being 1.")
                    .argument("value", NUMBER, "one of the numbers")
                    .argument("data", TABLE, "the numbers")
                    .optional("ascending", TRUTH, new Truth(false), "true where the smallest is 1")
                    .example("rank(7, {3, 9, 7})", "2")
                    .example("rank(3, {3, 9, 7}, ascending: true)", "1")
                    .refuses("rank(4, {1, 2})", ErrorCode.NOT_FOUND)
                    .related("sort", "quantile")
                    .unitsApart(Rational.ZERO, "value", "data")
                    .works(given -> Workings.sorted(data(given, "data")))
                    .computes(StatisticsFunctions::rank),
            function("frequency", Category.STATISTICS)
                    .says(
                            "How many numbers lie in each class: up to the first limit, up to the next, and above the last.")
                    .argument("data", TABLE, "the numbers")
                    .argument("limits", TABLE, "upper limits of the classes, ascending")
                    .example("frequency({1, 2, 3, 4, 9}, {2; 4})", "{2; 2; 1}")
                    .example("frequency({5}, {1; 2})", "{0; 0; 1}")
                    .refuses("frequency({1, 2}, {\"a\"})", ErrorCode.WRONG_ARGUMENTS)
                    .related("countif", "mode")
                    .unitsApart(Rational.ZERO, "data", "limits")
                    .answers(StatisticsFunctions::frequency),
            pairs(
                            "correlation",
                            "CORREL",
                            "y",
                            "x",
                            "How closely two lists lie on a line: 1 or -1 on a line, 0 without any.")
                    .alsoRead("PEARSON")
                    .example("correlation({1, 2, 3}, {2, 4, 6})", "1")
                    .example("correlation({1, 2, 3}, {3, 2, 1})", "-1")
                    .refuses("correlation({1, 1}, {2, 4})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("covariance", "rsquared", "slope")
                    .unitsApart(Rational.ZERO, "y")
                    .unitsApart(Rational.ZERO, "x")
                    .works(workedPairs(Workings::correlation))
                    .computes(paired((y, x) ->
                            over(deviations(y, x), sqrt(times(deviations(y, y), deviations(x, x)))))),
            pairs(
                            "covariance",
                            "",
                            "y",
                            "x",
                            "How two lists vary together: products of deviations, added and divided by n - 1.")
                    .example("covariance({1, 2, 3}, {2, 4, 6})", "2")
                    .example("covariance({1, 2}, {5, 3})", "-1")
                    .refuses("covariance({1}, {2})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("correlation", "covariancep")
                    .unitsApart(ONE, "y")
                    .unitsApart(ONE, "x")
                    .works(workedPairs((y, x) -> Workings.covariance(y, x, 1)))
                    .computes(paired((y, x) -> over(deviations(y, x), Rational.of(y.size() - 1L)))),
            pairs(
                            "covariancep",
                            "COVAR",
                            "y",
                            "x",
                            "The covariance of a whole population: products of deviations, added and divided by n.")
                    .example("covariancep({1, 2, 3}, {2, 4, 6})", "4/3")
                    .example("covariancep({1, 2}, {5, 3})", "-1/2")
                    .refuses("covariancep({1, 2}, {1, 2, 3})", ErrorCode.SHAPES_DIFFER)
                    .related("covariance")
                    .unitsApart(ONE, "y")
                    .unitsApart(ONE, "x")
                    .works(workedPairs((y, x) -> Workings.covariance(y, x, 0)))
                    .computes(paired((y, x) -> over(deviations(y, x), Rational.of(y.size())))),
            pairs("slope", "SLOPE", "y", "x", "How steep the straight line is that fits points best.")
                    .example("slope({2, 4, 6}, {1, 2, 3})", "2")
                    .example("slope({1, 2, 4}, {1, 2, 3})", "3/2")
                    .refuses("slope({1, 2}, {3, 3})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("intercept", "rsquared", "forecast")
                    .unitsApart(ONE, "y")
                    .unitsApart(Rational.of(-1), "x")
                    .works(workedPairs(Workings::slope))
                    .computes(paired((y, x) -> over(deviations(y, x), deviations(x, x)))),
            pairs(
                            "intercept",
                            "INTERCEPT",
                            "y",
                            "x",
                            "Where the straight line that fits points best meets the vertical axis.")
                    .example("intercept({3, 5, 7}, {1, 2, 3})", "1")
                    .example("intercept({1, 2, 4}, {1, 2, 3})", "-2/3")
                    .refuses("intercept({1, 2}, {3, 3})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("slope", "forecast")
                    .keepsUnit("y")
                    .units(Rational.ZERO, "x")
                    .works(workedPairs((y, x) -> Workings.lineAt(y, x, Rational.ZERO)))
                    .computes(paired((y, x) -> lineAt(Rational.ZERO, y, x))),
            pairs(
                            "rsquared",
                            "RSQ",
                            "y",
                            "x",
                            "The square of the correlation: the share of the spread that a line explains.")
                    .example("rsquared({2, 4, 6}, {1, 2, 3})", "1")
                    .example("rsquared({1, 2, 4}, {1, 2, 3})", "27/28")
                    .refuses("rsquared({1, 2}, {3, 3})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("correlation", "slope")
                    .unitsApart(Rational.ZERO, "y")
                    .unitsApart(Rational.ZERO, "x")
                    .works(workedPairs((y, x) -> "(" + Workings.correlation(y, x) + ")^2"))
                    .computes(paired((y, x) -> over(
                            times(deviations(y, x), deviations(y, x)), times(deviations(y, y), deviations(x, x))))),
            function("forecast", Category.STATISTICS)
                    .says("The height at x of the straight line that fits points best.")
                    .argument("at", NUMBER, "where on the line")
                    .argument("y", TABLE, "the heights of the points")
                    .argument("x", TABLE, "their places")
                    .example("forecast(4, {3, 5, 7}, {1, 2, 3})", "9")
                    .example("forecast(0, {1, 2, 4}, {1, 2, 3})", "-2/3")
                    .refuses("forecast(1, {1, 2}, {3, 3})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("slope", "intercept")
                    .keepsUnit("y")
                    .unitsApart(Rational.ZERO, "at", "x")
                    .works(given -> workedPairs((y, x) -> Workings.lineAt(y, x, given.number("at")))
                            .apply(given))
                    .computes(given ->
                            paired((y, x) -> lineAt(given.number("at"), y, x)).apply(given)),
            function("zscore", Category.STATISTICS)
                    .alsoRead("STANDARDIZE")
                    .says("How many standard deviations a value lies above the mean.")
                    .argument("x", NUMBER, "the value")
                    .argument("mean", NUMBER, "the mean")
                    .argument("sd", NUMBER, "the standard deviation, more than 0")
                    .example("zscore(7, 5, 2)", "1")
                    .example("zscore(4, 5, 2)", "-1/2")
                    .refuses("zscore(7, 5, 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("normal", "mean", "stdev")
                    .units(Rational.ZERO, "x", "mean", "sd")
                    .works("({x} − {mean}) / {sd}")
                    .computes(given -> over(minus(given.number("x"), given.number("mean")), given.number("sd"))));

    private StatisticsFunctions() {}

    private static Function spread(String name, String synonym, String says) {
        Function declared = function(name, Category.STATISTICS).says(says).repeated("numbers", NUMBERS, "the numbers");
        return synonym.isEmpty() || synonym.equalsIgnoreCase(name) ? declared : declared.alsoRead(synonym);
    }

    private static Function pairs(String name, String synonym, String first, String second, String says) {
        Function declared = function(name, Category.STATISTICS)
                .says(says)
                .argument(first, TABLE, "numbers")
                .argument(second, TABLE, "as many numbers");
        return synonym.isEmpty() || synonym.equalsIgnoreCase(name) ? declared : declared.alsoRead(synonym);
    }

    /** Pairs of cells that both hold numbers; the others are passed over. */
    static java.util.function.Function<Arguments, app.logismos.number.Result> paired(
            BiFunction<List<Real>, List<Real>, Real> code) {
        return given -> {
            Pairs pairs = Pairs.of(given);
            return code.apply(pairs.y(), pairs.x());
        };
    }

    /** The working of a function of pairs. */
    private static java.util.function.Function<Arguments, String> workedPairs(
            BiFunction<List<Real>, List<Real>, String> code) {
        return given -> {
            Pairs pairs = Pairs.of(given);
            return code.apply(pairs.y(), pairs.x());
        };
    }

    private static Value meanOf(Arguments given) {
        Optional<Value> sum = PlainFolds.sum(given, "numbers");
        Optional<Value> count = PlainFolds.count(given, "numbers");
        boolean isPlain = sum.isPresent() && count.isPresent() && !count.get().equals(NumberValue.of(0));
        if (isPlain && sum.get() instanceof Quantity all && count.get() instanceof NumberValue many) {
            return new Quantity(over(all.number(), many.real()), all.unit());
        }
        return isPlain && sum.get() instanceof NumberValue all && count.get() instanceof NumberValue many
                ? new NumberValue(over(all.real(), many.real()))
                : given.measured("numbers").made(Algebra::mean);
    }

    private static Value extreme(
            Arguments given, Fold<Value> fold, java.util.function.Function<List<Real>, Real> slow) {
        return PlainFolds.extreme(given, "numbers", fold)
                .filter(value -> value instanceof NumberValue || value instanceof Quantity)
                .orElseGet(() -> given.measured("numbers").made(slow));
    }

    private static Real lineAt(Real at, List<Real> y, List<Real> x) {
        Real slope = over(deviations(y, x), deviations(x, x));
        return plus(mean(y), times(slope, minus(at, mean(x))));
    }

    private static List<Real> some(Arguments given, String parameter) {
        return checked(given, parameter, given.numbers(parameter));
    }

    private static List<Real> data(Arguments given, String parameter) {
        return checked(given, parameter, given.numbersIn(parameter));
    }

    private static List<Real> checked(Arguments given, String parameter, List<Real> numbers) {
        if (numbers.isEmpty()) {
            throw given.wrong(parameter, "at least one number", "none");
        }
        return numbers;
    }

    private static List<Real> positive(Arguments given) {
        List<Real> numbers = some(given, "numbers");
        if (numbers.stream().anyMatch(number -> number.signum() <= 0)) {
            throw given.wrong("numbers", "numbers above 0", "0 or less");
        }
        return numbers;
    }

    private static Real product(List<Real> numbers) {
        return Algebra.product(numbers);
    }

    private static List<Real> sorted(List<Real> numbers) {
        return numbers.stream().sorted().toList();
    }

    public static Real variance(List<Real> numbers, int less) {
        return over(deviations(numbers, numbers), Rational.of((long) numbers.size() - less));
    }

    private static Real share(Arguments given, String parameter) {
        Real share = given.number(parameter);
        if (share.signum() < 0 || share.compareTo(ONE) > 0) {
            throw given.wrong(parameter, "0 to 1", app.logismos.number.Plain.text(share));
        }
        return share;
    }

    /** Between the two neighbours in proportion; p = 0 is the smallest, p = 1 the largest. */
    private static Real quantile(List<Real> numbers, Real p) {
        List<Real> ascending = sorted(numbers);
        Real place = times(p, Rational.of(ascending.size() - 1L));
        Real below = (Real) Rounding.places(place, 0, RoundingMode.FLOOR);
        int index = ((Rational) below).numerator().intValue();
        Real rest = minus(place, below);
        return rest.signum() == 0
                ? ascending.get(index)
                : plus(ascending.get(index), times(rest, minus(ascending.get(index + 1), ascending.get(index))));
    }

    private static Real mode(List<Real> numbers) {
        Map<Real, Integer> times = new TreeMap<>();
        numbers.forEach(number -> times.merge(number, 1, Integer::sum));
        int most = times.values().stream().max(Comparator.naturalOrder()).orElse(0);
        if (most < 2) {
            throw new Arguments.Refused(
                    Failure.of(ErrorCode.NOT_FOUND, "No number is there twice, so there is no mode."));
        }
        return times.entrySet().stream()
                .filter(entry -> entry.getValue() == most)
                .findFirst()
                .orElseThrow()
                .getKey();
    }

    private static Real rank(Arguments given) {
        Real value = given.number("value");
        List<Real> numbers = data(given, "data");
        if (numbers.stream().noneMatch(number -> number.compareTo(value) == 0)) {
            throw new Arguments.Refused(Failure.of(ErrorCode.NOT_FOUND, "The value is not among the numbers."));
        }
        boolean ascending = given.truth("ascending");
        long before = numbers.stream()
                .filter(number -> ascending ? number.compareTo(value) < 0 : number.compareTo(value) > 0)
                .count();
        return Rational.of(before + 1);
    }

    private static Value frequency(Arguments given) {
        List<Real> limits = sorted(data(given, "limits"));
        long[] counts = new long[limits.size() + 1];
        for (Real number : given.numbersIn("data")) {
            int in = 0;
            while (in < limits.size() && number.compareTo(limits.get(in)) > 0) {
                in++;
            }
            counts[in]++;
        }
        List<Value> cells = new ArrayList<>();
        for (long count : counts) {
            cells.add(NumberValue.of(count));
        }
        return new ArrayTable(cells.size(), 1, cells);
    }

    private static BigInteger filled(Arguments given) {
        long[] count = {0};
        given.each("values").forEach(each -> {
            Value value = each.get();
            if (value instanceof Table table) {
                table.forEachFilled(cell -> count[0]++);
            } else if (value != Blank.BLANK) {
                count[0]++;
            }
        });
        return BigInteger.valueOf(count[0]);
    }

    /** The values beside those that match. */
    private static List<Value> matching(Arguments given, String searched, String beside) {
        Table range = given.table(searched);
        Table values = given.table(beside);
        if (range.rows() != values.rows() || range.columns() != values.columns()) {
            throw new Arguments.Refused(
                    Shape.differ("`numbers` must have the shape of `range`.", Shape.of(range), Shape.of(values)));
        }
        Criterion criterion =
                Criterion.of(given.value("condition"), given.surroundings().reading());
        List<Value> matching = new ArrayList<>();
        for (int row = 0; row < range.rows(); row++) {
            for (int column = 0; column < range.columns(); column++) {
                if (criterion.holds(range.at(row, column))) {
                    matching.add(values.at(row, column));
                }
            }
        }
        return matching;
    }

    /** What those that match come to, in their unit; nothing is 0. */
    private static Value ofMatching(Arguments given, java.util.function.Function<List<Real>, Real> code) {
        List<Value> values = matching(given, "range", given.isGiven("numbers") ? "numbers" : "range").stream()
                .filter(Measured::isMeasured)
                .toList();
        return values.isEmpty()
                ? new NumberValue(code.apply(List.of()))
                : given.measured("numbers", values).made(code);
    }

    private static List<Real> matchingNumbers(Arguments given) {
        return matching(given, "range", given.isGiven("numbers") ? "numbers" : "range").stream()
                .flatMap(value -> given.numberIn("range", value).stream())
                .toList();
    }
}
