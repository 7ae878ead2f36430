package app.logismos.function.statistics;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Shape;
import app.logismos.number.Extended;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.special.Distribution;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.core.DD;

/** Tests whether a difference may be chance; the statistics are exact where they are rational. */
public final class SignificanceFunctions {
    public static final List<Function> ALL = List.of(
            function("confidenceinterval", Category.STATISTICS)
                    .alsoRead("CONFIDENCE")
                    .says("Half the width of the interval that holds the mean with chance 1 - alpha.")
                    .argument("alpha", NUMBER, "the chance that it does not, between 0 and 1")
                    .argument("sd", NUMBER, "the standard deviation, more than 0")
                    .argument("size", WHOLE, "how many there are in the sample")
                    .example("round(confidenceinterval(0.05, 1, 100), 9)", "97998199/500000000")
                    .example("round(confidenceinterval(0.05, 2, 1), 6)", "489991/125000")
                    .refuses("confidenceinterval(0, 1, 10)", ErrorCode.WRONG_ARGUMENTS)
                    .related("standarderror", "normalinv")
                    .from("OpenFormula 6.18.16, DLMF 7 and 8")
                    .computes(given -> {
                        Real tail = Algebra.over(between(given, "alpha"), Rational.of(2));
                        DD inside = Extended.of(Algebra.minus(Rational.ONE, tail));
                        Real score = Algebra.from(Distribution.NORMAL.inverse(inside, Extended.of(tail)));
                        ChanceFunctions.above(given, "sd");
                        Real size = Rational.of(given.whole("size", 1, Integer.MAX_VALUE));
                        return Algebra.over(Algebra.times(score, given.number("sd")), Algebra.sqrt(size));
                    }),
            function("ttest", Category.STATISTICS)
                    .says("The chance that the means of two samples differ so much although they are alike.")
                    .argument("first", TABLE, "one sample")
                    .argument("second", TABLE, "the other")
                    .argument("tails", WHOLE, "1 or 2")
                    .argument("kind", WHOLE, "1: pairs; 2: equal variances; 3: unequal variances")
                    .example("round(ttest({1; 2; 3}, {2; 4; 6}, 2, 1), 6)", "3709/50000")
                    .example("ttest({1; 2; 3}, {1; 2; 3}, 2, 2)", "1")
                    .refuses("ttest({1; 2}, {1; 2; 3}, 2, 1)", ErrorCode.SHAPES_DIFFER)
                    .related("ztest", "ftest", "student")
                    .from("OpenFormula 6.18.81, DLMF 7 and 8")
                    .computes(SignificanceFunctions::tTest),
            function("ftest", Category.STATISTICS)
                    .says("The chance that the variances of two samples differ so much although they are alike.")
                    .argument("first", TABLE, "one sample")
                    .argument("second", TABLE, "the other")
                    .example("round(ftest({1; 2; 3}, {2; 4; 6}), 9)", "2/5")
                    .example("round(ftest({1; 2; 3}, {4; 5; 6}), 9)", "1")
                    .refuses("ftest({1; 1}, {2; 3})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("ttest", "variance")
                    .from("OpenFormula 6.18.29, DLMF 7 and 8")
                    .computes(given -> {
                        List<Real> a = sample(given, "first");
                        List<Real> b = sample(given, "second");
                        Real ratio =
                                Algebra.over(StatisticsFunctions.variance(a, 1), StatisticsFunctions.variance(b, 1));
                        if (ratio.signum() == 0) {
                            throw divided();
                        }
                        Distribution f = Distribution.ratio(DD.of(a.size() - 1), DD.of(b.size() - 1));
                        Real below = ChanceFunctions.below(ratio, f);
                        Real beyond = ChanceFunctions.beyond(ratio, f);
                        return Algebra.times(Rational.of(2), below.compareTo(beyond) < 0 ? below : beyond);
                    }),
            function("ztest", Category.STATISTICS)
                    .says("The chance of a larger mean of a sample where the true mean is the one given.")
                    .argument("data", TABLE, "the sample")
                    .argument("mean", NUMBER, "the mean to test")
                    .optional("sd", NUMBER, Blank.BLANK, "the standard deviation; the sample's own, if nothing is said")
                    .example("ztest({1; 2; 3}, 2)", "0.5")
                    .example("round(ztest({1; 2; 3}, 1, 1), 6)", "1301/31250")
                    .refuses("ztest({1}, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("ttest", "zscore")
                    .from("OpenFormula 6.18.86, DLMF 7 and 8")
                    .computes(given -> {
                        List<Real> data = sample(given, "data");
                        Real sd = given.isGiven("sd")
                                ? given.number("sd")
                                : Algebra.sqrt(StatisticsFunctions.variance(data, 1));
                        Real off = Algebra.minus(Algebra.mean(data), given.number("mean"));
                        Real score = Algebra.times(Algebra.over(off, sd), Algebra.sqrt(Rational.of(data.size())));
                        return ChanceFunctions.beyond(score, Distribution.NORMAL);
                    }),
            function("chitest", Category.STATISTICS)
                    .alsoRead("LEGACY.CHITEST")
                    .says("The chance that counts differ so much from expected ones although these are right.")
                    .argument("counted", TABLE, "what was counted")
                    .argument("expected", TABLE, "what was expected, of the same shape")
                    .example("chitest({10, 20; 30, 40}, {10, 20; 30, 40})", "1")
                    .example("round(chitest({8, 12}, {10, 10}), 6)", "371093/1000000")
                    .refuses("chitest({1, 2}, {1; 2})", ErrorCode.SHAPES_DIFFER)
                    .related("chisquared")
                    .from("OpenFormula 6.18.10, DLMF 7 and 8")
                    .computes(SignificanceFunctions::chiTest));

    private SignificanceFunctions() {}

    private static Real between(Arguments given, String parameter) {
        Real number = given.number(parameter);
        if (number.signum() <= 0 || number.compareTo(Rational.ONE) >= 0) {
            throw given.wrong(parameter, "a number between 0 and 1", String.valueOf(number.toDouble()));
        }
        return number;
    }

    private static List<Real> sample(Arguments given, String parameter) {
        List<Real> numbers = given.numbersIn(parameter);
        if (numbers.size() < 2) {
            throw given.wrong(parameter, "2 or more numbers", String.valueOf(numbers.size()));
        }
        return numbers;
    }

    private static Arguments.Refused divided() {
        return new Arguments.Refused(
                Failure.of(ErrorCode.DIVIDE_BY_ZERO, "This divides by 0: the numbers of a sample are all alike."));
    }

    /** Student's statistic of pairs, or Welch's, with Satterthwaite's degrees of freedom. */
    private static Real tTest(Arguments given) {
        int tails = given.whole("tails", 1, 2);
        int kind = given.whole("kind", 1, 3);
        List<Real> a = sample(given, "first");
        List<Real> b = sample(given, "second");
        if (kind == 1) {
            if (a.size() != b.size()) {
                throw new Arguments.Refused(Shape.differ(
                        "Pairs need two samples of one size.", Shape.list(a.size()), Shape.list(b.size())));
            }
            List<Real> differences = new ArrayList<>();
            for (int i = 0; i < a.size(); i++) {
                differences.add(Algebra.minus(a.get(i), b.get(i)));
            }
            Real spread = Algebra.over(StatisticsFunctions.variance(differences, 1), Rational.of(a.size()));
            return tail(Algebra.mean(differences), spread, Rational.of(a.size() - 1), tails);
        }
        Real n = Rational.of(a.size());
        Real m = Rational.of(b.size());
        Real freedomA = Rational.of(a.size() - 1);
        Real freedomB = Rational.of(b.size() - 1);
        Real varianceA = StatisticsFunctions.variance(a, 1);
        Real varianceB = StatisticsFunctions.variance(b, 1);
        Real off = Algebra.minus(Algebra.mean(a), Algebra.mean(b));
        if (kind == 2) {
            Real freedom = Algebra.plus(freedomA, freedomB);
            Real pooled = Algebra.over(
                    Algebra.plus(Algebra.times(freedomA, varianceA), Algebra.times(freedomB, varianceB)), freedom);
            return tail(off, Algebra.plus(Algebra.over(pooled, n), Algebra.over(pooled, m)), freedom, tails);
        }
        Real shareA = Algebra.over(varianceA, n);
        Real shareB = Algebra.over(varianceB, m);
        Real sum = Algebra.plus(shareA, shareB);
        if (sum.signum() == 0) {
            throw divided();
        }
        Real spread = Algebra.plus(
                Algebra.over(Algebra.times(shareA, shareA), freedomA),
                Algebra.over(Algebra.times(shareB, shareB), freedomB));
        return tail(off, sum, Algebra.over(Algebra.times(sum, sum), spread), tails);
    }

    private static Real tail(Real difference, Real variance, Real freedom, int tails) {
        if (variance.signum() == 0) {
            throw divided();
        }
        if (difference.signum() == 0 && tails == 2) {
            return Rational.ONE;
        }
        Real t = Algebra.over(difference.abs(), Algebra.sqrt(variance));
        Distribution student = Distribution.student(Extended.of(freedom));
        return Algebra.times(Rational.of(tails), ChanceFunctions.beyond(t, student));
    }

    private static Real chiTest(Arguments given) {
        Real[][] counted = given.matrix("counted");
        Real[][] expected = given.matrix("expected");
        int rows = counted.length;
        int columns = counted[0].length;
        if (expected.length != rows || expected[0].length != columns) {
            throw new Arguments.Refused(Shape.differ(
                    "`expected` must have the shape of `counted`.", Shape.of(counted), Shape.of(expected)));
        }
        Real sum = Rational.ZERO;
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                Real off = Algebra.minus(counted[i][j], expected[i][j]);
                sum = Algebra.plus(sum, Algebra.over(Algebra.times(off, off), expected[i][j]));
            }
        }
        int freedom = rows > 1 && columns > 1 ? (rows - 1) * (columns - 1) : rows * columns - 1;
        if (freedom < 1) {
            throw given.wrong("counted", "2 or more counts", "1");
        }
        return sum.signum() == 0 ? Rational.ONE : ChanceFunctions.beyond(sum, Distribution.chiSquared(DD.of(freedom)));
    }
}
