package app.logismos.function.money;

import static app.logismos.function.Algebra.minus;
import static app.logismos.function.Algebra.over;
import static app.logismos.function.Algebra.plus;
import static app.logismos.function.Algebra.power;
import static app.logismos.function.Algebra.times;
import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.NUMBERS;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TRUTH;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Workings;
import app.logismos.number.Elementary;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Truth;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;

/**
 * Money over time. Money paid out is negative. All but the last two follow from
 * pv (1 + r)^n + pmt (1 + r s) ((1 + r)^n − 1) / r + fv = 0, with s = 1 for payments at the start (OpenFormula 6.12.41).
 */
public final class MoneyFunctions {
    private static final NumberValue ZERO = NumberValue.of(0);
    private static final Truth AT_END = new Truth(false);
    private static final Rational ONE = Rational.ONE;

    public static final List<Function> ALL = List.of(
            function("payment", Category.MONEY)
                    .alsoRead("PMT")
                    .says("The payment of each period that pays a loan off or saves a sum.")
                    .argument("rate", NUMBER, "interest of a period")
                    .argument("periods", NUMBER, "how many")
                    .argument("presentvalue", NUMBER, "what is received now")
                    .optional("futurevalue", NUMBER, ZERO, "what is left at the end")
                    .optional("atstart", TRUTH, AT_END, "true where payments are made at the start of a period")
                    .example("payment(0, 10, 1000)", "-100")
                    .example("payment(10%, 2, 2100)", "-1210")
                    .refuses("payment(10%, 0, 1000)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("presentvalue", "periods", "rate")
                    .units(ONE, "presentvalue", "futurevalue")
                    .from("OpenFormula 6.12.36")
                    .works(Workings::payment)
                    .computes(given -> over(
                            plus(times(given.number("presentvalue"), growth(given)), given.number("futurevalue"))
                                    .negate(),
                            annuity(given))),
            function("presentvalue", Category.MONEY)
                    .alsoRead("PV")
                    .says("What payments and a final sum are worth now.")
                    .argument("rate", NUMBER, "interest of a period")
                    .argument("periods", NUMBER, "how many")
                    .argument("payment", NUMBER, "what is paid each period")
                    .optional("futurevalue", NUMBER, ZERO, "what is paid at the end")
                    .optional("atstart", TRUTH, AT_END, "true where payments are made at the start of a period")
                    .example("presentvalue(10%, 2, -1210)", "2100")
                    .example("presentvalue(0, 3, -5)", "15")
                    .refuses("presentvalue(\"a\", 2, 3)", ErrorCode.WRONG_KIND)
                    .related("futurevalue", "payment", "netpresentvalue")
                    .units(ONE, "payment", "futurevalue")
                    .from("OpenFormula 6.12.41")
                    .works(Workings::presentValue)
                    .computes(given -> over(
                            plus(times(given.number("payment"), annuity(given)), given.number("futurevalue"))
                                    .negate(),
                            growth(given))),
            function("futurevalue", Category.MONEY)
                    .alsoRead("FV")
                    .says("What payments and a first sum have grown to at the end.")
                    .argument("rate", NUMBER, "interest of a period")
                    .argument("periods", NUMBER, "how many")
                    .argument("payment", NUMBER, "what is paid each period")
                    .optional("presentvalue", NUMBER, ZERO, "what is paid at once")
                    .optional("atstart", TRUTH, AT_END, "true where payments are made at the start of a period")
                    .example("futurevalue(10%, 2, -100)", "210")
                    .example("futurevalue(10%, 2, 0, -100)", "121")
                    .refuses("futurevalue(10%, \"a\", 3)", ErrorCode.WRONG_KIND)
                    .related("presentvalue", "payment")
                    .units(ONE, "payment", "presentvalue")
                    .from("OpenFormula 6.12.20")
                    .works(Workings::futureValue)
                    .computes(given -> plus(
                                    times(given.number("payment"), annuity(given)),
                                    times(given.number("presentvalue"), growth(given)))
                            .negate()),
            function("periods", Category.MONEY)
                    .alsoRead("NPER")
                    .says("How many payments pay a loan off or save a sum.")
                    .argument("rate", NUMBER, "interest of a period")
                    .argument("payment", NUMBER, "what is paid each period")
                    .argument("presentvalue", NUMBER, "what is received now")
                    .optional("futurevalue", NUMBER, ZERO, "what is left at the end")
                    .optional("atstart", TRUTH, AT_END, "true where payments are made at the start of a period")
                    .example("periods(0, -100, 1000)", "10")
                    .example("round(periods(10%, -1210, 2100), 10)", "2")
                    .refuses("periods(0, 0, 1000)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("payment", "rate")
                    .units(Rational.ZERO, "payment", "presentvalue", "futurevalue")
                    .from("OpenFormula 6.12.29")
                    .works(
                            "the n with {presentvalue} × (1 + {rate})^n + {payment} × ((1 + {rate})^n − 1) / {rate} + {futurevalue} = 0")
                    .computes(MoneyFunctions::periods),
            function("rate", Category.MONEY)
                    .says("The interest of a period at which payments pay a loan off.")
                    .argument("periods", NUMBER, "how many")
                    .argument("payment", NUMBER, "what is paid each period")
                    .argument("presentvalue", NUMBER, "what is received now")
                    .optional("futurevalue", NUMBER, ZERO, "what is left at the end")
                    .optional("atstart", TRUTH, AT_END, "true where payments are made at the start of a period")
                    .example("round(rate(2, -1210, 2100), 10)", "1/10")
                    .example("round(rate(1, -110, 100), 10)", "1/10")
                    .refuses("rate(2, 100, 100)", ErrorCode.NOT_FOUND)
                    .related("payment", "internalrate")
                    .units(Rational.ZERO, "payment", "presentvalue", "futurevalue")
                    .from("OpenFormula 6.12.42; bracketing Brent solver of Hipparchus")
                    .works(
                            "the rate r with {presentvalue} × (1 + r)^{periods} + {payment} × ((1 + r)^{periods} − 1) / r + {futurevalue} = 0")
                    .computes(given -> root(r -> balance(given, r), 0.1)),
            function("netpresentvalue", Category.MONEY)
                    .alsoRead("NPV")
                    .says("What sums at the end of each period are worth now.")
                    .argument("rate", NUMBER, "interest of a period")
                    .repeated("values", NUMBERS, "the sums, one a period")
                    .example("netpresentvalue(10%, 110, 121)", "200")
                    .example("netpresentvalue(0, 1, 2, 3)", "6")
                    .refuses("netpresentvalue(-1, 110)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("internalrate", "presentvalue")
                    .units(ONE, "values")
                    .from("OpenFormula 6.12.30")
                    .works(given -> Workings.discounted(given.numbers("values"), given.number("rate")))
                    .computes(given -> {
                        Real sum = Rational.ZERO;
                        Real factor = ONE;
                        for (Real value : given.numbers("values")) {
                            factor = over(factor, plus(ONE, given.number("rate")));
                            sum = plus(sum, times(value, factor));
                        }
                        return sum;
                    }),
            function("internalrate", Category.MONEY)
                    .alsoRead("IRR")
                    .says("The interest at which sums paid and received at each period come out even.")
                    .argument("values", TABLE, "the sums, the first one now")
                    .optional("guess", NUMBER, new NumberValue(Rational.of(1, 10)), "a rate to begin with")
                    .example("round(internalrate({-100; 110}), 10)", "1/10")
                    .example("round(internalrate({-200, 110, 121}), 10)", "1/10")
                    .refuses("internalrate({1, 2})", ErrorCode.NOT_FOUND)
                    .related("netpresentvalue", "rate")
                    .units(Rational.ZERO, "values")
                    .from("OpenFormula 6.12.24; bracketing Brent solver of Hipparchus")
                    .works(
                            "the rate r at which {values|, } are worth 0 together, each divided by 1 + r for each period")
                    .computes(given -> {
                        double[] values = given.numbersIn("values").stream()
                                .mapToDouble(Real::toDouble)
                                .toArray();
                        return root(r -> worth(values, r), given.number("guess").toDouble());
                    }),
            function("straightline", Category.MONEY)
                    .alsoRead("SLN")
                    .says("The loss of value of a period when value is lost evenly.")
                    .argument("cost", NUMBER, "the value at the start")
                    .argument("salvage", NUMBER, "the value at the end")
                    .argument("life", NUMBER, "how many periods, not 0")
                    .example("straightline(1000, 100, 9)", "100")
                    .example("straightline(10, 0, 4)", "5/2")
                    .refuses("straightline(1000, 100, 0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("declining")
                    .units(ONE, "cost", "salvage")
                    .from("OpenFormula 6.12.45")
                    .works("({cost} − {salvage}) / {life}")
                    .computes(
                            given -> over(minus(given.number("cost"), given.number("salvage")), given.number("life"))),
            function("declining", Category.MONEY)
                    .alsoRead("DDB")
                    .says("The loss of value of one period when a fixed share of what is left is lost each time.")
                    .argument("cost", NUMBER, "the value at the start")
                    .argument("salvage", NUMBER, "the value at the end")
                    .argument("life", NUMBER, "how many periods")
                    .argument("period", NUMBER, "which period, from 1")
                    .optional("factor", NUMBER, NumberValue.of(2), "how many times the even share")
                    .example("declining(1000, 100, 10, 1)", "200")
                    .example("declining(1000, 100, 10, 2)", "160")
                    .refuses("declining(1000, 100, 10, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("straightline")
                    .units(ONE, "cost", "salvage")
                    .from("OpenFormula 6.12.14")
                    .works("{factor} / {life} of what is left at the start of period {period}")
                    .computes(MoneyFunctions::declining));

    private MoneyFunctions() {}

    /** (1 + r)^n. */
    private static Real growth(Arguments given) {
        return power(plus(ONE, given.number("rate")), given.number("periods"));
    }

    /** (1 + r s) ((1 + r)^n − 1) / r; n where r is 0. */
    private static Real annuity(Arguments given) {
        Real rate = given.number("rate");
        if (rate.signum() == 0) {
            return given.number("periods");
        }
        Real even = over(minus(growth(given), ONE), rate);
        return given.truth("atstart") ? times(plus(ONE, rate), even) : even;
    }

    private static Real periods(Arguments given) {
        Real rate = given.number("rate");
        Real payment = given.number("payment");
        Real now = given.number("presentvalue");
        Real later = given.number("futurevalue");
        if (rate.signum() == 0) {
            return over(plus(now, later).negate(), payment);
        }
        Real paid = given.truth("atstart") ? times(payment, plus(ONE, rate)) : payment;
        Real above = minus(paid, times(later, rate));
        Real below = plus(paid, times(now, rate));
        return over(Algebra.answer(Elementary.ln(over(above, below))), Algebra.answer(Elementary.ln(plus(ONE, rate))));
    }

    private static double balance(Arguments given, double rate) {
        double periods = given.number("periods").toDouble();
        double growth = Math.pow(1 + rate, periods);
        double even = Math.abs(rate) < 1e-12 ? periods : (growth - 1) / rate;
        double annuity = given.truth("atstart") ? even * (1 + rate) : even;
        return given.number("presentvalue").toDouble() * growth
                + given.number("payment").toDouble() * annuity
                + given.number("futurevalue").toDouble();
    }

    private static double worth(double[] values, double rate) {
        double sum = 0;
        for (int i = values.length - 1; i >= 0; i--) {
            sum = sum / (1 + rate) + values[i];
        }
        return sum;
    }

    /** The root nearest to the guess: the bracket grows from it until the sign changes. */
    static Real root(UnivariateFunction function, double guess) {
        double low = guess;
        double high = guess;
        double width = 0.01;
        while (Math.signum(function.value(low)) == Math.signum(function.value(high))) {
            low = Math.max(-0.999_999, guess - width);
            high = guess + width;
            width *= 1.5;
            if (width > 1e6) {
                throw none();
            }
        }
        try {
            return Algebra.from(new BracketingNthOrderBrentSolver(1e-15, 1e-15, 5).solve(1_000, function, low, high));
        } catch (MathRuntimeException failed) {
            throw none();
        }
    }

    private static Arguments.Refused none() {
        return new Arguments.Refused(Failure.of(ErrorCode.NOT_FOUND, "No rate makes these sums come out even."));
    }

    private static Real declining(Arguments given) {
        Real life = given.number("life");
        Real share = over(given.number("factor"), life);
        Real value = given.number("cost");
        Real salvage = given.number("salvage");
        int period = given.whole("period", 1, 10_000);
        Real loss = Rational.ZERO;
        for (int i = 0; i < period; i++) {
            Real wanted = times(value, share.compareTo(ONE) > 0 ? ONE : share);
            Real possible = minus(value, salvage);
            loss = wanted.compareTo(possible) > 0 ? possible.signum() > 0 ? possible : Rational.ZERO : wanted;
            value = minus(value, loss);
        }
        return loss;
    }
}
