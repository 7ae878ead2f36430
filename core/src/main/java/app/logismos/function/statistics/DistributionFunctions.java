package app.logismos.function.statistics;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Workings;
import app.logismos.number.Counting;
import app.logismos.number.Extended;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.special.BetaFunction;
import app.logismos.special.Distribution;
import app.logismos.special.ErrorFunction;
import app.logismos.special.GammaFunction;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import app.logismos.value.Truth;
import java.math.BigInteger;
import java.util.List;
import org.apache.commons.numbers.core.DD;

/** Distributions and special functions, good to the last place of a double where the answer is no fraction. */
public final class DistributionFunctions {
    public static final List<Function> ALL = List.of(
            function("normal", Category.DISTRIBUTIONS)
                    .alsoRead("NORMDIST")
                    .says("The normal distribution: the chance of a value up to x, or the height of the bell at x.")
                    .argument("x", NUMBER, "the value")
                    .optional("mean", NUMBER, NumberValue.of(0), "the mean")
                    .optional("sd", NUMBER, NumberValue.of(1), "the standard deviation, more than 0")
                    .optional("cumulative", TRUTH, new Truth(true), "true for the chance, false for the height")
                    .example("normal(0)", "0.5")
                    .example("normal(1.959963984540054)", "0.975")
                    .refuses("normal(0, 0, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("normalinv", "zscore", "student")
                    .from("DLMF 7 and 8")
                    .works("z = ({x} − {mean}) / {sd}")
                    .computes(given -> {
                        ChanceFunctions.above(given, "sd");
                        Real sd = given.number("sd");
                        Real score = Algebra.over(Algebra.minus(given.number("x"), given.number("mean")), sd);
                        return given.truth("cumulative")
                                ? ChanceFunctions.below(score, Distribution.NORMAL)
                                : Algebra.from(Distribution.NORMAL
                                        .density()
                                        .apply(Extended.of(score))
                                        .divide(Extended.of(sd)));
                    }),
            function("normalinv", Category.DISTRIBUTIONS)
                    .alsoRead("NORMINV")
                    .says("The value up to which a normal distribution has the chance p.")
                    .argument("p", NUMBER, "between 0 and 1")
                    .optional("mean", NUMBER, NumberValue.of(0), "the mean")
                    .optional("sd", NUMBER, NumberValue.of(1), "the standard deviation, more than 0")
                    .example("normalinv(0.5)", "0")
                    .example("normalinv(0.5, 100, 15)", "100")
                    .refuses("normalinv(1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("normal")
                    .from("DLMF 7 and 8")
                    .works("{mean} + {sd} × z, with z from the standard normal distribution for {p}")
                    .computes(given -> {
                        ChanceFunctions.above(given, "sd");
                        return ChanceFunctions.isMiddle(given)
                                ? given.number("mean")
                                : Algebra.from(ChanceFunctions.scored(given));
                    }),
            function("binomial", Category.DISTRIBUTIONS)
                    .alsoRead("BINOMDIST")
                    .says("The chance of k successes in n tries, or of k at the most.")
                    .argument("k", WHOLE, "how many successes")
                    .argument("n", WHOLE, "how many tries")
                    .argument("p", NUMBER, "the chance of one, 0 to 1")
                    .optional("cumulative", TRUTH, new Truth(false), "true for k at the most")
                    .example("binomial(2, 4, 1/2)", "3/8")
                    .example("binomial(1, 3, 1/2, cumulative: true)", "1/2")
                    .refuses("binomial(5, 4, 1/2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("combinations", "poisson")
                    .from("DLMF 1.2.1; exact for an exact p")
                    .works(Workings::binomial)
                    .computes(DistributionFunctions::binomial),
            function("poisson", Category.DISTRIBUTIONS)
                    .says("The chance of k events at the most where so many are expected, or of exactly k.")
                    .argument("k", WHOLE, "how many events, 0 or more")
                    .argument("mean", NUMBER, "how many are expected, more than 0")
                    .optional("cumulative", TRUTH, new Truth(true), "false for exactly k")
                    .example("poisson(0, 2)", "0.1353352832366127")
                    .example("poisson(0, 2, cumulative: false)", "0.1353352832366127")
                    .refuses("poisson(-1, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("binomial")
                    .works(Workings::poisson)
                    .computes(DistributionFunctions::poisson),
            function("student", Category.DISTRIBUTIONS)
                    .says("Student's distribution: the chance of a value up to x.")
                    .argument("x", NUMBER, "the value")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .example("student(0, 5)", "0.5")
                    .example("round(student(1, 1), 12)", "3/4")
                    .refuses("student(0, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("studentinv", "normal")
                    .from("DLMF 7 and 8")
                    .computes(given -> ChanceFunctions.below(
                            given.number("x"), Distribution.student(ChanceFunctions.above(given, "df")))),
            function("studentinv", Category.DISTRIBUTIONS)
                    .says("The value up to which Student's distribution has the chance p.")
                    .argument("p", NUMBER, "between 0 and 1")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .example("studentinv(0.5, 5)", "0")
                    .example("round(studentinv(0.75, 1), 9)", "1")
                    .refuses("studentinv(0, 5)", ErrorCode.WRONG_ARGUMENTS)
                    .related("student")
                    .from("DLMF 7 and 8")
                    .computes(given ->
                            ChanceFunctions.inverse(given, Distribution.student(ChanceFunctions.above(given, "df")))),
            function("chisquared", Category.DISTRIBUTIONS)
                    .alsoRead("CHISQDIST")
                    .says("The chi-squared distribution: the chance of a value up to x, or the height at x.")
                    .argument("x", NUMBER, "0 or more")
                    .argument("df", NUMBER, "degrees of freedom, more than 0")
                    .optional("cumulative", TRUTH, new Truth(true), "false for the height")
                    .example("chisquared(0, 3)", "0")
                    .example("round(chisquared(2, 2), 10)", "1580301397/2500000000")
                    .refuses("chisquared(1, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("normal")
                    .from("DLMF 7 and 8")
                    .computes(given -> {
                        Distribution chi = Distribution.chiSquared(ChanceFunctions.above(given, "df"));
                        Real x = given.number("x");
                        return given.truth("cumulative")
                                ? ChanceFunctions.below(x, chi)
                                : ChanceFunctions.height(x, chi);
                    }),
            function("random", Category.DISTRIBUTIONS)
                    .alsoRead("RAND")
                    .says("A number by chance, 0 or more and less than 1; another at each recalculation.")
                    .optional("below", NUMBER, NumberValue.of(1), "the number it stays below")
                    .example("random() < 1", "true")
                    .example("random(6) >= 0", "true")
                    .refuses("random(\"a\")", ErrorCode.WRONG_KIND)
                    .related("randomint")
                    .computes(given -> given.number("below")
                            .times(Algebra.from(given.surroundings().random().nextDouble()))),
            function("randomint", Category.DISTRIBUTIONS)
                    .alsoRead("RANDBETWEEN")
                    .says("A whole number by chance between two, both included.")
                    .argument("from", WHOLE, "the smallest")
                    .argument("to", WHOLE, "the largest")
                    .example("randomint(3, 3)", "3")
                    .example("randomint(1, 6) <= 6", "true")
                    .refuses("randomint(6, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("random")
                    .computes(DistributionFunctions::randomInt),
            function("erf", Category.DISTRIBUTIONS)
                    .says("The error function: 2/√π times the integral of e^(-t²) from 0 to x.")
                    .argument("x", NUMBER, "any number")
                    .derivative("x", "2/sqrt(π)*exp(-x^2)")
                    .example("erf(0)", "0")
                    .example("round(erf(1), 12)", "16854015859/20000000000")
                    .refuses("erf(\"a\")", ErrorCode.WRONG_KIND)
                    .related("normal")
                    .from("DLMF 7.2.1")
                    .computes(given -> given.number("x").signum() == 0
                            ? Rational.ZERO
                            : Algebra.from(ErrorFunction.erf(Extended.of(given.number("x"))))),
            function("erfc", Category.DISTRIBUTIONS)
                    .says(
                            "The complement of the error function: 1 - erf(x), without losing digits where that is small.")
                    .argument("x", NUMBER, "any number")
                    .derivative("x", "-2/sqrt(π)*exp(-x^2)")
                    .example("erfc(0)", "1")
                    .example("round(erfc(1), 12)", "3145984141/20000000000")
                    .refuses("erfc(\"a\")", ErrorCode.WRONG_KIND)
                    .related("erf")
                    .from("DLMF 7.2.2")
                    .works("1 − erf({x})")
                    .computes(given -> given.number("x").signum() == 0
                            ? Rational.ONE
                            : Algebra.from(ErrorFunction.erfc(Extended.of(given.number("x"))))),
            function("gamma", Category.DISTRIBUTIONS)
                    .says("The gamma function: (n - 1)! for whole numbers, and in between.")
                    .argument("x", NUMBER, "any number but 0, -1, -2 …")
                    .example("gamma(5)", "24")
                    .example("gamma(1/2)", "1.772453850905516")
                    .refuses("gamma(-1)", ErrorCode.NO_REAL_RESULT)
                    .related("factorial", "lngamma", "beta")
                    .from("DLMF 5.2.1")
                    .works(Workings::factorialBelow)
                    .computes(DistributionFunctions::gamma),
            function("lngamma", Category.DISTRIBUTIONS)
                    .alsoRead("GAMMALN")
                    .says("The natural logarithm of the gamma function.")
                    .argument("x", NUMBER, "more than 0")
                    .example("lngamma(1)", "0")
                    .example("lngamma(10)", "12.801827480081469")
                    .refuses("lngamma(0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("gamma", "ln")
                    .from("DLMF 7 and 8")
                    .computes(given -> {
                        DD x = ChanceFunctions.above(given, "x");
                        return x.isOne() || x.equals(DD.of(2)) ? Rational.ZERO : Algebra.from(GammaFunction.ln(x));
                    }),
            function("beta", Category.DISTRIBUTIONS)
                    .says("The beta function: gamma(a) gamma(b) / gamma(a + b).")
                    .argument("a", NUMBER, "more than 0")
                    .argument("b", NUMBER, "more than 0")
                    .example("round(beta(2, 3), 12)", "83333333333/1000000000000")
                    .example("round(beta(1, 1), 12)", "1")
                    .refuses("beta(0, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("gamma")
                    .from("DLMF 5.12.1")
                    .works("gamma({a}) × gamma({b}) / gamma({a} + {b})")
                    .computes(given -> Algebra.from(
                            BetaFunction.beta(ChanceFunctions.above(given, "a"), ChanceFunctions.above(given, "b")))));

    private DistributionFunctions() {}

    private static Result binomial(Arguments given) {
        BigInteger n = given.count("n");
        BigInteger k = given.count("k");
        if (n.bitLength() > 40) {
            throw given.wrong("n", "fewer tries", n.toString());
        }
        Real p = given.number("p");
        if (p.signum() < 0 || p.compareTo(Rational.ONE) > 0) {
            throw given.wrong("p", "0 to 1", String.valueOf(p.toDouble()));
        }
        if (k.compareTo(n) > 0) {
            throw given.wrong("k", "at most `n`", k.toString());
        }
        return given.truth("cumulative")
                ? BinomialSums.of(n.longValue(), p).chance(0, k.longValue())
                : binomial(n.longValue(), k.longValue(), p);
    }

    /** The chance of exactly k successes in n tries. */
    static Real binomial(long n, long k, Real p) {
        Real ways = Algebra.answer(Counting.combinations(BigInteger.valueOf(n), BigInteger.valueOf(k)));
        Real failures = Algebra.minus(Rational.ONE, p);
        Real chance = Algebra.times(Algebra.power(p, Rational.of(k)), Algebra.power(failures, Rational.of(n - k)));
        return Algebra.times(ways, chance);
    }

    /** e^(−m) m^k / k!, or all from 0 up to k, which is Q(k + 1, m) (DLMF 8.4.10). */
    private static Result poisson(Arguments given) {
        int k = given.whole("k", 0, 1_000_000);
        DD mean = ChanceFunctions.above(given, "mean");
        DD next = DD.of(k + 1);
        return Algebra.from(
                given.truth("cumulative")
                        ? GammaFunction.upper(next, mean)
                        : Distribution.gamma(next, DD.ONE).density().apply(mean));
    }

    private static Result randomInt(Arguments given) {
        BigInteger from = given.whole("from");
        BigInteger many = given.whole("to").subtract(from).add(BigInteger.ONE);
        if (many.signum() <= 0) {
            throw given.wrong("to", "`from` or more", given.whole("to").toString());
        }
        byte[] bits = new byte[many.bitLength() / 8 + 9]; // 64 bits more than needed: no number is favoured noticeably
        given.surroundings().random().nextBytes(bits);
        return Rational.of(from.add(new BigInteger(1, bits).mod(many)));
    }

    private static Result gamma(Arguments given) {
        Real x = given.number("x");
        if (x.isWhole()) {
            return x.signum() <= 0
                    ? Undefined.NO_REAL_RESULT
                    : Counting.factorial(((Rational) x).numerator().subtract(BigInteger.ONE));
        }
        if (!x.isFinite()) {
            return x.signum() > 0 ? x : Undefined.NO_REAL_RESULT;
        }
        double answer = GammaFunction.gamma(Extended.of(x)).hi();
        return Double.isFinite(answer) ? Algebra.from(answer) : Undefined.TOO_LARGE;
    }
}
