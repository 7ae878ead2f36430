package app.logismos.function.statistics;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.WorkingPattern;
import app.logismos.number.Counting;
import app.logismos.number.Elementary;
import app.logismos.number.Extended;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.special.Distribution;
import app.logismos.special.ErrorFunction;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import app.logismos.value.Truth;
import java.math.BigInteger;
import java.util.List;
import org.apache.commons.numbers.core.DD;

/** Further distributions: continuous ones good to the last place of a double, those of counts exact for exact chances. */
public final class ChanceFunctions {
    private static final NumberValue ZERO = NumberValue.of(0);
    private static final NumberValue ONE = NumberValue.of(1);
    private static final Truth CUMULATIVE = new Truth(true);

    public static final List<Function> ALL = List.of(
            chance(
                            "gammadistribution",
                            "GAMMADIST",
                            "The gamma distribution: the chance of a value up to x, or the height at x.")
                    .argument("alpha", NUMBER, "the shape, more than 0")
                    .argument("beta", NUMBER, "the scale, more than 0")
                    .optional("cumulative", TRUTH, CUMULATIVE, "false for the height")
                    .example("round(gammadistribution(1, 1, 1), 12)", "632120558829/1000000000000")
                    .example("gammadistribution(0, 2, 3)", "0")
                    .refuses("gammadistribution(1, 0, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("gammainv", "exponential")
                    .computes(given -> upTo(given, gammaDistribution(given))),
            inverse("gammainv", "GAMMAINV", "The value up to which a gamma distribution has the chance p.")
                    .argument("alpha", NUMBER, "the shape, more than 0")
                    .argument("beta", NUMBER, "the scale, more than 0")
                    .example("round(gammainv(0.5, 1, 1), 12)", "8664339757/12500000000")
                    .example("gammainv(0, 2, 3)", "0")
                    .refuses("gammainv(2, 1, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("gammadistribution")
                    .computes(given -> inverse(given, gammaDistribution(given))),
            chance(
                            "betadistribution",
                            "BETADIST",
                            "The beta distribution: the chance of a value up to x, or the height at x.")
                    .argument("alpha", NUMBER, "the first shape, more than 0")
                    .argument("beta", NUMBER, "the second shape, more than 0")
                    .optional("low", NUMBER, ZERO, "the smallest value")
                    .optional("high", NUMBER, ONE, "the largest value")
                    .optional("cumulative", TRUTH, CUMULATIVE, "false for the height")
                    .example("round(betadistribution(0.5, 2, 2), 12)", "1/2")
                    .example("round(betadistribution(3, 1, 1, 2, 4), 12)", "1/2")
                    .refuses("betadistribution(0.5, 0, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("betainv", "beta")
                    .computes(ChanceFunctions::betaChance),
            inverse("betainv", "BETAINV", "The value up to which a beta distribution has the chance p.")
                    .argument("alpha", NUMBER, "the first shape, more than 0")
                    .argument("beta", NUMBER, "the second shape, more than 0")
                    .optional("low", NUMBER, ZERO, "the smallest value")
                    .optional("high", NUMBER, ONE, "the largest value")
                    .example("round(betainv(0.5, 2, 2), 9)", "1/2")
                    .example("round(betainv(0.25, 1, 1, 2, 4), 9)", "5/2")
                    .refuses("betainv(0.5, 1, -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("betadistribution")
                    .computes(given -> {
                        Real share = given.number("p").equals(Rational.ONE)
                                ? Rational.ONE
                                : inverse(given, betaDistribution(given));
                        Real width = Algebra.minus(given.number("high"), given.number("low"));
                        return Algebra.plus(given.number("low"), Algebra.times(share, width));
                    }),
            chance(
                            "exponential",
                            "EXPONDIST",
                            "The exponential distribution: the chance of a wait up to x, or the height at x.")
                    .argument("rate", NUMBER, "how many events are expected in a unit of x, more than 0")
                    .optional("cumulative", TRUTH, CUMULATIVE, "false for the height")
                    .example("round(exponential(1, 1), 12)", "632120558829/1000000000000")
                    .example("exponential(0, 2, cumulative: false)", "2")
                    .refuses("exponential(1, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("poisson", "weibull")
                    .computes(given -> upTo(given, Distribution.exponential(above(given, "rate")))),
            chance("weibull", "WEIBULL", "The Weibull distribution: the chance of a life up to x, or the height at x.")
                    .argument("shape", NUMBER, "the shape, more than 0")
                    .argument("scale", NUMBER, "the scale, more than 0")
                    .optional("cumulative", TRUTH, CUMULATIVE, "false for the height")
                    .example("round(weibull(2, 1, 2), 12)", "632120558829/1000000000000")
                    .example("weibull(0, 2, 1)", "0")
                    .refuses("weibull(1, 1, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("exponential")
                    .computes(given -> upTo(given, Distribution.weibull(above(given, "shape"), above(given, "scale")))),
            chance(
                            "lognormal",
                            "LOGNORMDIST",
                            "The chance of a value up to x whose logarithm is normally distributed, or the height at x.")
                    .optional("mean", NUMBER, ZERO, "the mean of the logarithm")
                    .optional("sd", NUMBER, ONE, "the standard deviation of the logarithm, more than 0")
                    .optional("cumulative", TRUTH, CUMULATIVE, "false for the height")
                    .example("lognormal(1)", "0.5")
                    .example("round(lognormal(2.718281828459045), 9)", "420672373/500000000")
                    .refuses("lognormal(1, 0, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("normal", "lognormalinv")
                    .computes(given -> upTo(given, logNormal(given))),
            inverse("lognormalinv", "LOGINV", "The value up to which a log-normal distribution has the chance p.")
                    .optional("mean", NUMBER, ZERO, "the mean of the logarithm")
                    .optional("sd", NUMBER, ONE, "the standard deviation of the logarithm, more than 0")
                    .example("round(lognormalinv(0.5), 12)", "1")
                    .example("round(lognormalinv(0.5, 2), 6)", "115454/15625")
                    .refuses("lognormalinv(-1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("lognormal")
                    .computes(given -> {
                        return isMiddle(given) ? Elementary.exp(given.number("mean")) : Extended.farExp(scored(given));
                    }),
            chance(
                            "fdistribution",
                            "FDIST",
                            "The F distribution: the chance of a ratio of variances up to x, or the height at x.")
                    .argument("dfabove", NUMBER, "degrees of freedom above, more than 0")
                    .argument("dfbelow", NUMBER, "degrees of freedom below, more than 0")
                    .optional("cumulative", TRUTH, CUMULATIVE, "false for the height")
                    .example("round(fdistribution(1, 5, 5), 12)", "1/2")
                    .example("fdistribution(0, 2, 3)", "0")
                    .refuses("fdistribution(1, 0, 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("fdistributioninv", "ftest", "ftail")
                    .computes(given -> upTo(given, f(given))),
            inverse("fdistributioninv", "FINV", "The value up to which an F distribution has the chance p.")
                    .argument("dfabove", NUMBER, "degrees of freedom above, more than 0")
                    .argument("dfbelow", NUMBER, "degrees of freedom below, more than 0")
                    .example("round(fdistributioninv(0.5, 5, 5), 9)", "1")
                    .example("fdistributioninv(0, 5, 5)", "0")
                    .refuses("fdistributioninv(2, 5, 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("fdistribution")
                    .computes(given -> inverse(given, f(given))),
            chance("ftail", "LEGACY.FDIST", "The F distribution: the chance of a ratio of variances above x.")
                    .argument("dfabove", NUMBER, "degrees of freedom above, more than 0")
                    .argument("dfbelow", NUMBER, "degrees of freedom below, more than 0")
                    .example("round(ftail(1, 5, 5), 12)", "1/2")
                    .example("ftail(0, 2, 3)", "1")
                    .refuses("ftail(1, 5, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("fdistribution", "ftailinv")
                    .computes(given -> beyond(given.number("x"), f(given))),
            inverse("ftailinv", "LEGACY.FINV", "The value above which an F distribution has the chance p.")
                    .argument("dfabove", NUMBER, "degrees of freedom above, more than 0")
                    .argument("dfbelow", NUMBER, "degrees of freedom below, more than 0")
                    .example("round(ftailinv(0.5, 5, 5), 9)", "1")
                    .example("ftailinv(1, 5, 5)", "0")
                    .refuses("ftailinv(-1, 5, 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("ftail")
                    .computes(given -> inverseFromAbove(given, f(given))),
            inverse("chisquaredinv", "CHISQINV", "The value up to which a chi-squared distribution has the chance p.")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .example("round(chisquaredinv(0.5, 2), 9)", "1386294361/1000000000")
                    .example("chisquaredinv(0, 3)", "0")
                    .refuses("chisquaredinv(0.5, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("chisquared")
                    .computes(given -> inverse(given, chiSquared(given))),
            chance("chisquaredtail", "LEGACY.CHIDIST", "The chi-squared distribution: the chance of a value above x.")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .example("chisquaredtail(0, 3)", "1")
                    .example("round(chisquaredtail(2, 2), 12)", "367879441171/1000000000000")
                    .refuses("chisquaredtail(1, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("chisquared", "chisquaredtailinv")
                    .computes(given -> beyond(given.number("x"), chiSquared(given))),
            inverse(
                            "chisquaredtailinv",
                            "LEGACY.CHIINV",
                            "The value above which a chi-squared distribution has the chance p.")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .example("round(chisquaredtailinv(0.5, 2), 9)", "1386294361/1000000000")
                    .example("chisquaredtailinv(1, 3)", "0")
                    .refuses("chisquaredtailinv(0.5, -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("chisquaredtail")
                    .computes(given -> inverseFromAbove(given, chiSquared(given))),
            chance(
                            "standardnormal",
                            "LEGACY.NORMSDIST",
                            "The chance of a value up to x in the normal distribution of mean 0 and standard deviation 1.")
                    .example("standardnormal(0)", "0.5")
                    .example("round(standardnormal(1.96), 6)", "487501/500000")
                    .refuses("standardnormal(\"a\")", ErrorCode.WRONG_KIND)
                    .related("normal", "standardnormalinv")
                    .computes(given -> below(given.number("x"), Distribution.NORMAL)),
            inverse(
                            "standardnormalinv",
                            "LEGACY.NORMSINV",
                            "The value up to which the normal distribution of mean 0 and standard deviation 1 has the chance p.")
                    .example("round(standardnormalinv(0.975), 6)", "489991/250000")
                    .example("standardnormalinv(0.5)", "0")
                    .refuses("standardnormalinv(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("standardnormal")
                    .computes(given -> inverse(given, Distribution.NORMAL)),
            chance(
                            "gauss",
                            "GAUSS",
                            "The chance of a value between 0 and x in the normal distribution of mean 0 and standard deviation 1.")
                    .example("gauss(0)", "0")
                    .example("round(gauss(1), 6)", "68269/200000")
                    .refuses("gauss(\"a\")", ErrorCode.WRONG_KIND)
                    .related("standardnormal")
                    .computes(given -> given.number("x").signum() == 0
                            ? Rational.ZERO
                            : Algebra.from(ErrorFunction.erf(Extended.of(given.number("x"))
                                            .divide(DD.of(2).sqrt()))
                                    .scalb(-1))),
            chance(
                            "standardnormalheight",
                            "PHI",
                            "The height of the normal distribution of mean 0 and standard deviation 1.")
                    .example("round(standardnormalheight(0), 6)", "199471/500000")
                    .example("round(standardnormalheight(-1), 6)", "241971/1000000")
                    .refuses("standardnormalheight(\"a\")", ErrorCode.WRONG_KIND)
                    .related("standardnormal", "normal")
                    .computes(given -> height(given.number("x"), Distribution.NORMAL)),
            chance(
                            "studenttail",
                            "TDIST",
                            "Student's distribution: the chance of a value above x, or as far from 0 on either side.")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .argument("tails", WHOLE, "1 or 2")
                    .example("studenttail(0, 5, 2)", "1")
                    .example("round(studenttail(1, 1, 1), 12)", "1/4")
                    .refuses("studenttail(-1, 5, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("student", "studenttailinv")
                    .computes(given -> {
                        int tails = given.whole("tails", 1, 2);
                        Real x = given.number("x");
                        if (x.signum() < 0) {
                            throw given.wrong("x", "0 or more", String.valueOf(x.toDouble()));
                        }
                        Real one = beyond(x, Distribution.student(above(given, "df")));
                        return x.signum() == 0 && tails == 2 ? Rational.ONE : one.times(Rational.of(tails));
                    }),
            inverse(
                            "studenttailinv",
                            "TINV",
                            "The value that Student's distribution exceeds on either side with the chance p.")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .example("round(studenttailinv(0.5, 1), 9)", "1")
                    .example("round(studenttailinv(0.05, 10), 6)", "2228139/1000000")
                    .refuses("studenttailinv(0, 10)", ErrorCode.WRONG_ARGUMENTS)
                    .related("studenttail", "studentinv")
                    .computes(given -> {
                        Real half = Algebra.over(share(given), Rational.of(2));
                        Distribution student = Distribution.student(above(given, "df"));
                        return inverseOf(given, student, Algebra.minus(Rational.ONE, half), half);
                    }),
            function("hypergeometric", Category.DISTRIBUTIONS)
                    .alsoRead("HYPGEOMDIST")
                    .says("The chance of k marked things in a sample that is drawn without putting back.")
                    .argument("k", WHOLE, "how many marked ones in the sample")
                    .argument("sample", WHOLE, "how many are drawn")
                    .argument("marked", WHOLE, "how many are marked in all")
                    .argument("population", WHOLE, "how many there are in all")
                    .optional("cumulative", TRUTH, new Truth(false), "true for k at the most")
                    .example("hypergeometric(1, 2, 2, 4)", "2/3")
                    .example("hypergeometric(1, 2, 2, 4, cumulative: true)", "5/6")
                    .refuses("hypergeometric(1, 5, 2, 4)", ErrorCode.WRONG_ARGUMENTS)
                    .related("binomial", "combinations")
                    .from("DLMF 1.2.1; exact")
                    .works(given -> given.truth("cumulative")
                            ? ""
                            : WorkingPattern.filled(
                                    "combinations({marked}, {k}) × combinations({population} − {marked}, {sample} − {k}) / combinations({population}, {sample})",
                                    given))
                    .computes(ChanceFunctions::hypergeometric),
            function("negativebinomial", Category.DISTRIBUTIONS)
                    .alsoRead("NEGBINOMDIST")
                    .says("The chance of so many failures before so many successes.")
                    .argument("failures", WHOLE, "how many failures, 0 or more")
                    .argument("successes", WHOLE, "how many successes, 1 or more")
                    .argument("p", NUMBER, "the chance of a success, 0 to 1")
                    .example("negativebinomial(2, 1, 1/2)", "1/8")
                    .example("negativebinomial(0, 3, 1/3)", "1/27")
                    .refuses("negativebinomial(1, 0, 1/2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("binomial")
                    .from("OpenFormula 6.18.51; exact for an exact p")
                    .works(
                            "combinations({failures} + {successes} − 1, {failures}) × {p}^{successes} × (1 − {p})^{failures}")
                    .computes(given -> {
                        int failures = given.whole("failures", 0, 1_000_000);
                        int successes = given.whole("successes", 1, 1_000_000);
                        Real p = share(given);
                        Real ways = Algebra.answer(Counting.combinations(
                                BigInteger.valueOf(failures + successes - 1L), BigInteger.valueOf(failures)));
                        Real failed = Algebra.power(Algebra.minus(Rational.ONE, p), Rational.of(failures));
                        return Algebra.times(ways, Algebra.times(Algebra.power(p, Rational.of(successes)), failed));
                    }),
            function("binomialinv", Category.DISTRIBUTIONS)
                    .alsoRead("CRITBINOM")
                    .says("The smallest number of successes whose cumulative binomial chance reaches a bound.")
                    .argument("n", WHOLE, "how many tries")
                    .argument("p", NUMBER, "the chance of one, 0 to 1")
                    .argument("bound", NUMBER, "the chance to reach, 0 to 1")
                    .example("binomialinv(4, 1/2, 0.5)", "2")
                    .example("binomialinv(4, 1/2, 1/16)", "0")
                    .refuses("binomialinv(4, 2, 0.5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("binomial")
                    .from("OpenFormula 6.18.21; exact")
                    .computes(given -> {
                        int n = given.whole("n", 0, 100_000);
                        return Rational.of(BinomialSums.of(n, share(given)).reaching(given.number("bound")));
                    }),
            function("binomialrange", Category.DISTRIBUTIONS)
                    .alsoRead("B", "BINOM.DIST.RANGE")
                    .says("The chance of so many successes, or of a number of them between two.")
                    .argument("n", WHOLE, "how many tries")
                    .argument("p", NUMBER, "the chance of one, 0 to 1")
                    .argument("from", WHOLE, "the smallest number of successes")
                    .optional("to", WHOLE, Blank.BLANK, "the largest; `from` alone, if nothing is said")
                    .example("binomialrange(4, 1/2, 2)", "3/8")
                    .example("binomialrange(4, 1/2, 1, 3)", "7/8")
                    .refuses("binomialrange(4, 1/2, 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("binomial")
                    .from("OpenFormula 6.18.7; exact")
                    .computes(given -> {
                        int n = given.whole("n", 0, 100_000);
                        int from = given.whole("from", 0, n);
                        int to = given.isGiven("to") ? given.whole("to", from, n) : from;
                        return BinomialSums.of(n, share(given)).chance(from, to);
                    }));

    private ChanceFunctions() {}

    private static Function chance(String name, String identifier, String says) {
        return inverse(name, identifier, says, "x", "the value");
    }

    private static Function inverse(String name, String identifier, String says) {
        return inverse(name, identifier, says, "p", "the chance, 0 to 1");
    }

    private static Function inverse(String name, String identifier, String says, String argument, String describes) {
        Function declared = function(name, Category.DISTRIBUTIONS).says(says).argument(argument, NUMBER, describes);
        boolean isLegacy = identifier.startsWith("LEGACY.NORM");
        return (name.equalsIgnoreCase(identifier)
                        ? declared
                        : isLegacy
                                ? declared.alsoRead(identifier, identifier.substring("LEGACY.".length()))
                                : declared.alsoRead(identifier))
                .from("OpenFormula 6.18, DLMF 7 and 8");
    }

    private static Distribution gammaDistribution(Arguments given) {
        return Distribution.gamma(above(given, "alpha"), above(given, "beta"));
    }

    private static Distribution betaDistribution(Arguments given) {
        return Distribution.beta(above(given, "alpha"), above(given, "beta"));
    }

    private static Distribution logNormal(Arguments given) {
        return Distribution.logNormal(Extended.of(given.number("mean")), above(given, "sd"));
    }

    private static Distribution f(Arguments given) {
        return Distribution.ratio(above(given, "dfabove"), above(given, "dfbelow"));
    }

    private static Distribution chiSquared(Arguments given) {
        return Distribution.chiSquared(above(given, "df"));
    }

    /** An argument that is a size. */
    static DD above(Arguments given, String parameter) {
        double number = given.number(parameter).toDouble();
        if (!(number > 0) || Double.isInfinite(number)) {
            throw given.wrong(parameter, "more than 0", String.valueOf(number));
        }
        return Extended.of(given.number(parameter));
    }

    private static Real share(Arguments given) {
        Real p = given.number("p");
        if (p.signum() < 0 || p.compareTo(Rational.ONE) > 0) {
            throw given.wrong("p", "0 to 1", String.valueOf(p.toDouble()));
        }
        return p;
    }

    private static Real upTo(Arguments given, Distribution distribution) {
        Real x = given.number("x");
        return given.truth("cumulative") ? below(x, distribution) : height(x, distribution);
    }

    private static boolean isInfinite(Real x) {
        return !x.isFinite() && x.signum() > 0;
    }

    /** The chance of a value up to x. */
    static Real below(Real x, Distribution distribution) {
        if (isInfinite(x)) {
            return Rational.ONE;
        }
        return x.toDouble() <= distribution.lowest()
                ? Rational.ZERO
                : Algebra.from(distribution.below().apply(Extended.of(x)));
    }

    /** The height of a distribution at x. */
    static Real height(Real x, Distribution distribution) {
        return x.toDouble() < distribution.lowest() || !x.isFinite()
                ? Rational.ZERO
                : Algebra.from(distribution.density().apply(Extended.of(x)));
    }

    /** The chance of a value above x. */
    static Real beyond(Real x, Distribution distribution) {
        if (isInfinite(x)) {
            return Rational.ZERO;
        }
        return x.toDouble() <= distribution.lowest()
                ? Rational.ONE
                : Algebra.from(distribution.beyond().apply(Extended.of(x)));
    }

    static Real inverse(Arguments given, Distribution distribution) {
        Real p = share(given);
        return inverseOf(given, distribution, p, Algebra.minus(Rational.ONE, p));
    }

    /** Where the normal distribution has its mean, exactly. */
    static boolean isMiddle(Arguments given) {
        return share(given).equals(Rational.of(1, 2));
    }

    /** mean + sd × z to thirty digits: where the two cancel, or are an exponent, those of a double would not do. */
    static DD scored(Arguments given) {
        inverse(given, Distribution.NORMAL);
        DD chance = Extended.of(share(given));
        DD score = Distribution.NORMAL.refinedInverse(chance, Extended.of(Algebra.minus(Rational.ONE, share(given))));
        return Extended.of(given.number("mean"))
                .add(Extended.of(given.number("sd")).multiply(score));
    }

    private static Real inverseFromAbove(Arguments given, Distribution distribution) {
        Real p = share(given);
        return inverseOf(given, distribution, Algebra.minus(Rational.ONE, p), p);
    }

    /** Nothing can be said where the value would be infinite. */
    private static Real inverseOf(Arguments given, Distribution distribution, Real chance, Real rest) {
        if (chance.signum() == 0 && distribution.lowest() == 0) {
            return Rational.ZERO;
        }
        if (chance.signum() == 0 || rest.signum() == 0) {
            throw given.wrong("p", "a chance at which the value is finite", String.valueOf(chance.toDouble()));
        }
        double value = distribution.inverse(Extended.of(chance), Extended.of(rest));
        boolean isMiddle = chance.equals(rest) && distribution.lowest() < 0;
        return isMiddle ? Rational.ZERO : Algebra.from(value);
    }

    private static Real betaChance(Arguments given) {
        Real low = given.number("low");
        Real width = Algebra.minus(given.number("high"), low);
        if (width.signum() <= 0) {
            throw given.wrong(
                    "high",
                    "more than `low`",
                    String.valueOf(given.number("high").toDouble()));
        }
        Real share = Algebra.over(Algebra.minus(given.number("x"), low), width);
        Distribution beta = betaDistribution(given);
        int atTop = share.compareTo(Rational.ONE);
        if (given.truth("cumulative")) {
            return atTop >= 0 ? Rational.ONE : below(share, beta);
        }
        return atTop > 0 ? Rational.ZERO : Algebra.over(height(share, beta), width);
    }

    private static Real hypergeometric(Arguments given) {
        int population = given.whole("population", 0, 1_000_000);
        int marked = given.whole("marked", 0, population);
        int sample = given.whole("sample", 0, population);
        int k = given.whole("k", 0, Math.min(sample, marked));
        int first = Math.max(given.truth("cumulative") ? 0 : k, sample - (population - marked));
        if (first > k) {
            return Rational.ZERO;
        }
        BigInteger term = wholeWays(marked, first).multiply(wholeWays(population - marked, sample - first));
        BigInteger sum = term;
        for (int i = first; i < k; i++) {
            given.check();
            // Each term follows from the one before by short factors and divisors.
            term = term.multiply(BigInteger.valueOf((long) (marked - i) * (sample - i)))
                    .divide(BigInteger.valueOf((i + 1L) * (population - marked - sample + i + 1L)));
            sum = sum.add(term);
        }
        return Algebra.over(Rational.of(sum), ways(population, sample));
    }

    private static BigInteger wholeWays(int n, int k) {
        return ((Rational) ways(n, k)).numerator();
    }

    private static Real ways(int n, int k) {
        return k < 0 || k > n
                ? Rational.ZERO
                : Algebra.answer(Counting.combinations(BigInteger.valueOf(n), BigInteger.valueOf(k)));
    }
}
