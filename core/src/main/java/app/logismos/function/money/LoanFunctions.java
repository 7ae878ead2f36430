package app.logismos.function.money;

import static app.logismos.function.Algebra.minus;
import static app.logismos.function.Algebra.over;
import static app.logismos.function.Algebra.plus;
import static app.logismos.function.Algebra.power;
import static app.logismos.function.Algebra.times;
import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Shape;
import app.logismos.number.Elementary;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.ErrorCode;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Table;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/** Loans period by period, rates of interest, and loss of value. Money paid out is negative. */
public final class LoanFunctions {
    private static final NumberValue ZERO = NumberValue.of(0);
    private static final Truth NO = new Truth(false);
    private static final Rational ONE = Rational.ONE;

    public static final List<Function> ALL = List.of(
            loan("interestpart", "IPMT", "The interest in one payment of a loan.")
                    .example("interestpart(10%, 1, 2, 2100)", "-210")
                    .example("interestpart(10%, 2, 2, 2100)", "-110")
                    .refuses("interestpart(10%, 3, 2, 2100)", ErrorCode.WRONG_ARGUMENTS)
                    .related("principalpart", "payment")
                    .from("OpenFormula 6.12.23")
                    .computes(given -> interest(given, given.whole("period", 1, periods(given)))),
            loan("principalpart", "PPMT", "What one payment of a loan pays back of it.")
                    .example("principalpart(10%, 1, 2, 2100)", "-1000")
                    .example("principalpart(10%, 2, 2, 2100)", "-1100")
                    .refuses("principalpart(10%, 0, 2, 2100)", ErrorCode.WRONG_ARGUMENTS)
                    .related("interestpart", "payment")
                    .from("OpenFormula 6.12.37")
                    .computes(given ->
                            minus(payment(given), interest(given, given.whole("period", 1, periods(given))))),
            function("evenloaninterest", Category.MONEY)
                    .alsoRead("ISPMT")
                    .says(
                            "The interest in one payment of a loan that is paid back in equal parts, behind which the interest falls.")
                    .argument("rate", NUMBER, "interest of a period")
                    .argument("period", NUMBER, "how many parts are paid back already, from 0")
                    .argument("periods", NUMBER, "how many parts there are, not 0")
                    .argument("presentvalue", NUMBER, "what is received now")
                    .example("evenloaninterest(1%, 0, 4, 1000)", "-10")
                    .example("evenloaninterest(1%, 3, 4, 1000)", "-5/2")
                    .refuses("evenloaninterest(1%, 1, 0, 1000)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("interestpart")
                    .from("OpenFormula 6.12.25")
                    .works("{presentvalue} × {rate} × ({period}/{periods} − 1)")
                    .computes(given -> times(
                            times(given.number("presentvalue"), given.number("rate")),
                            minus(over(given.number("period"), given.number("periods")), ONE))),
            stretch("interestparts", "CUMIPMT", "The interest in the payments of a loan from one period to another.")
                    .example("interestparts(10%, 2, 2100, 1, 2)", "-320")
                    .example("interestparts(10%, 2, 2100, 2, 2)", "-110")
                    .related("interestpart", "principalparts")
                    .from("OpenFormula 6.12.12")
                    .computes(given -> stretch(given, false)),
            stretch("principalparts", "CUMPRINC", "What the payments of a loan pay back from one period to another.")
                    .example("principalparts(10%, 2, 2100, 1, 2)", "-2100")
                    .example("principalparts(10%, 2, 2100, 1, 1)", "-1000")
                    .related("principalpart", "interestparts")
                    .from("OpenFormula 6.12.13")
                    .computes(given -> stretch(given, true)),
            function("effectiverate", Category.MONEY)
                    .alsoRead("EFFECT")
                    .says("The interest of a year when it is paid several times a year and earns interest itself.")
                    .argument("nominal", NUMBER, "the interest of a year as it is called, more than 0")
                    .argument("times", WHOLE, "how many times a year it is paid, 1 or more")
                    .example("effectiverate(10%, 2)", "41/400")
                    .example("effectiverate(10%, 1)", "1/10")
                    .refuses("effectiverate(10%, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("nominalrate")
                    .from("OpenFormula 6.12.18")
                    .works(given -> "(1 + " + PlainText.of(given.value("nominal")) + "/" + given.whole("times") + ")^"
                            + given.whole("times") + " - 1")
                    .computes(given -> {
                        Real times = Rational.of(given.whole("times", 1, 100_000));
                        return minus(power(plus(ONE, over(positive(given, "nominal"), times)), times), ONE);
                    }),
            function("nominalrate", Category.MONEY)
                    .alsoRead("NOMINAL")
                    .says(
                            "The interest of a year as it is called when it is paid several times and comes to an effective one.")
                    .argument("effective", NUMBER, "the effective interest of a year, more than 0")
                    .argument("times", WHOLE, "how many times a year it is paid, 1 or more")
                    .example("nominalrate(41/400, 2)", "1/10")
                    .example("nominalrate(10%, 1)", "1/10")
                    .refuses("nominalrate(0, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("effectiverate")
                    .from("OpenFormula 6.12.28")
                    .works("((1 + {effective})^(1/{times}) − 1) × {times}")
                    .computes(given -> {
                        int times = given.whole("times", 1, 100_000);
                        Real root = power(plus(ONE, positive(given, "effective")), Rational.of(1, times));
                        return times(Rational.of(times), minus(root, ONE));
                    }),
            function("compoundrate", Category.MONEY)
                    .alsoRead("RRI")
                    .says("The interest of a period at which a sum grows to another.")
                    .argument("periods", NUMBER, "how many, more than 0")
                    .argument("presentvalue", NUMBER, "the sum at the start")
                    .argument("futurevalue", NUMBER, "the sum at the end")
                    .example("compoundrate(2, 100, 121)", "1/10")
                    .example("compoundrate(1, 100, 90)", "-1/10")
                    .refuses("compoundrate(2, 0, 121)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("rate", "compoundperiods")
                    .from("OpenFormula 6.12.43")
                    .works("({futurevalue} / {presentvalue})^(1/{periods}) − 1")
                    .computes(given -> minus(
                            power(
                                    over(given.number("futurevalue"), given.number("presentvalue")),
                                    over(ONE, positive(given, "periods"))),
                            ONE)),
            function("compoundperiods", Category.MONEY)
                    .alsoRead("PDURATION")
                    .says("How many periods a sum takes to grow to another.")
                    .argument("rate", NUMBER, "interest of a period, more than 0")
                    .argument("presentvalue", NUMBER, "the sum at the start, more than 0")
                    .argument("futurevalue", NUMBER, "the sum at the end, more than 0")
                    .example("round(compoundperiods(10%, 100, 121), 9)", "2")
                    .example("compoundperiods(10%, 100, 100)", "0")
                    .refuses("compoundperiods(0, 100, 121)", ErrorCode.WRONG_ARGUMENTS)
                    .related("periods", "compoundrate")
                    .from("OpenFormula 6.12.35")
                    .works("ln({futurevalue} / {presentvalue}) / ln(1 + {rate})")
                    .computes(given -> over(
                            ln(over(positive(given, "futurevalue"), positive(given, "presentvalue"))),
                            ln(plus(ONE, positive(given, "rate"))))),
            function("growthschedule", Category.MONEY)
                    .alsoRead("FVSCHEDULE")
                    .says("What a sum grows to at a different interest in each period.")
                    .argument("principal", NUMBER, "the sum at the start")
                    .argument("rates", TABLE, "the interest of each period")
                    .example("growthschedule(100, {10%, 20%})", "132")
                    .example("growthschedule(100, {0})", "100")
                    .refuses("growthschedule(\"a\", {0})", ErrorCode.WRONG_KIND)
                    .related("futurevalue")
                    .from("OpenFormula 6.12.21")
                    .works("{principal} × (1 + {rates|) × (1 + })")
                    .computes(given -> {
                        Real sum = given.number("principal");
                        for (Real rate : given.numbersIn("rates")) {
                            sum = times(sum, plus(ONE, rate));
                        }
                        return sum;
                    }),
            function("modifiedrate", Category.MONEY)
                    .alsoRead("MIRR")
                    .says(
                            "The interest of sums when what is paid is borrowed at one rate and what is received invested at another.")
                    .argument("values", TABLE, "the sums, the first one now")
                    .argument("borrowing", NUMBER, "interest of what is borrowed")
                    .argument("investing", NUMBER, "interest of what is invested")
                    .example("modifiedrate({-100, 0, 121}, 10%, 10%)", "1/10")
                    .example("modifiedrate({-100; 110}, 5%, 5%)", "1/10")
                    .refuses("modifiedrate({100; 110}, 5%, 5%)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("internalrate")
                    .from("OpenFormula 6.12.27")
                    .computes(LoanFunctions::modifiedRate),
            function("netpresentvalueondates", Category.MONEY)
                    .alsoRead("XNPV")
                    .says("What sums at dates are worth on the first of them.")
                    .argument("rate", NUMBER, "interest of a year of 365 days")
                    .argument("values", TABLE, "the sums")
                    .argument("dates", TABLE, "their dates")
                    .example("netpresentvalueondates(10%, {-100; 110}, {date(2027, 1, 1); date(2028, 1, 1)})", "0")
                    .example("netpresentvalueondates(0, {1; 2}, {date(2027, 1, 1); date(2027, 2, 1)})", "3")
                    .refuses("netpresentvalueondates(0, {1; 2}, {date(2027, 1, 1)})", ErrorCode.SHAPES_DIFFER)
                    .related("netpresentvalue", "internalrateondates")
                    .from("OpenFormula 6.12.52")
                    .computes(given -> {
                        List<Real> years = years(given);
                        List<Real> values = given.numbersIn("values");
                        Real sum = Rational.ZERO;
                        for (int i = 0; i < values.size(); i++) {
                            Real factor = power(plus(ONE, given.number("rate")), years.get(i));
                            sum = plus(sum, over(values.get(i), factor));
                        }
                        return sum;
                    }),
            function("internalrateondates", Category.MONEY)
                    .alsoRead("XIRR")
                    .says("The interest of a year at which sums at dates come out even.")
                    .argument("values", TABLE, "the sums, paid and received")
                    .argument("dates", TABLE, "their dates")
                    .optional("guess", NUMBER, new NumberValue(Rational.of(1, 10)), "a rate to begin with")
                    .example("round(internalrateondates({-100; 110}, {date(2027, 1, 1); date(2028, 1, 1)}), 9)", "1/10")
                    .example("round(internalrateondates({-100; 121}, {date(2025, 1, 1); date(2027, 1, 1)}), 9)", "1/10")
                    .refuses(
                            "internalrateondates({100; 110}, {date(2027, 1, 1); date(2028, 1, 1)})",
                            ErrorCode.NOT_FOUND)
                    .related("internalrate", "netpresentvalueondates")
                    .from("OpenFormula 6.12.51; bracketing Brent solver of Hipparchus")
                    .computes(given -> {
                        double[] years = years(given).stream()
                                .mapToDouble(Real::toDouble)
                                .toArray();
                        double[] values = given.numbersIn("values").stream()
                                .mapToDouble(Real::toDouble)
                                .toArray();
                        return MoneyFunctions.root(
                                rate -> {
                                    double sum = 0;
                                    for (int i = 0; i < values.length; i++) {
                                        sum += values[i] / Math.pow(1 + rate, years[i]);
                                    }
                                    return sum;
                                },
                                given.number("guess").toDouble());
                    }),
            function("sumofyears", Category.MONEY)
                    .alsoRead("SYD")
                    .says("The loss of value of one period when it falls evenly from period to period.")
                    .argument("cost", NUMBER, "the value at the start")
                    .argument("salvage", NUMBER, "the value at the end")
                    .argument("life", NUMBER, "how many periods, more than 0")
                    .argument("period", NUMBER, "which period, from 1")
                    .example("sumofyears(1000, 100, 9, 1)", "180")
                    .example("sumofyears(1000, 100, 9, 9)", "20")
                    .refuses("sumofyears(1000, 100, 0, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("straightline", "declining")
                    .from("OpenFormula 6.12.46")
                    .works("({cost} − {salvage}) × ({life} − {period} + 1) × 2 / ({life} × ({life} + 1))")
                    .computes(given -> {
                        Real life = positive(given, "life");
                        Real left = plus(minus(life, given.number("period")), ONE);
                        Real parts = times(life, plus(life, ONE));
                        Real loss = minus(given.number("cost"), given.number("salvage"));
                        return over(times(times(loss, left), Rational.of(2)), parts);
                    }),
            function("fixeddeclining", Category.MONEY)
                    .alsoRead("DB")
                    .says(
                            "The loss of value of one period at a rate that is rounded to three places and stays the same.")
                    .argument("cost", NUMBER, "the value at the start, more than 0")
                    .argument("salvage", NUMBER, "the value at the end")
                    .argument("life", WHOLE, "how many periods")
                    .argument("period", WHOLE, "which period, from 1")
                    .optional("months", WHOLE, NumberValue.of(12), "how many months the first period has")
                    .example("fixeddeclining(1000, 100, 2, 1)", "684")
                    .example("fixeddeclining(1000, 100, 2, 2)", "27018/125")
                    .refuses("fixeddeclining(1000, 100, 2, 4)", ErrorCode.WRONG_ARGUMENTS)
                    .related("declining", "straightline")
                    .from("OpenFormula 6.12.14")
                    .computes(LoanFunctions::fixedDeclining),
            function("variabledeclining", Category.MONEY)
                    .alsoRead("VDB")
                    .says(
                            "The loss of value between two times when a fixed share of what is left is lost, and evenly once that is more.")
                    .argument("cost", NUMBER, "the value at the start")
                    .argument("salvage", NUMBER, "the value at the end")
                    .argument("life", NUMBER, "how many periods, more than 0")
                    .argument("start", NUMBER, "from when, in periods")
                    .argument("end", NUMBER, "until when")
                    .optional("factor", NUMBER, NumberValue.of(2), "how many times the even share")
                    .optional("noswitch", TRUTH, NO, "true to keep to the share")
                    .example("variabledeclining(1000, 100, 10, 0, 1)", "200")
                    .example("variabledeclining(1000, 100, 10, 0, 10)", "900")
                    .refuses("variabledeclining(1000, 100, 10, 5, 11)", ErrorCode.WRONG_ARGUMENTS)
                    .related("declining", "straightline")
                    .from("OpenFormula 6.12.50")
                    .computes(LoanFunctions::variableDeclining),
            fraction(
                            "fromfractionprice",
                            "DOLLARDE",
                            "A price whose places are parts of a whole, as a plain number: 1.02 in sixteenths is 1 2/16.")
                    .example("fromfractionprice(1.02, 16)", "9/8")
                    .example("fromfractionprice(1.1, 32)", "21/16")
                    .related("tofractionprice")
                    .computes(given -> fractionPrice(given, true)),
            fraction(
                            "tofractionprice",
                            "DOLLARFR",
                            "A plain number as a price whose places are parts of a whole: 1 2/16 in sixteenths is 1.02.")
                    .example("tofractionprice(1.125, 16)", "51/50")
                    .example("tofractionprice(21/16, 32)", "11/10")
                    .related("fromfractionprice")
                    .computes(given -> fractionPrice(given, false)));

    private LoanFunctions() {}

    private static Function loan(String name, String identifier, String says) {
        return function(name, Category.MONEY)
                .alsoRead(identifier)
                .says(says)
                .argument("rate", NUMBER, "interest of a period")
                .argument("period", WHOLE, "which payment, from 1")
                .argument("periods", WHOLE, "how many payments")
                .argument("presentvalue", NUMBER, "what is received now")
                .optional("futurevalue", NUMBER, ZERO, "what is left at the end")
                .optional("atstart", TRUTH, NO, "true where payments are made at the start of a period");
    }

    private static Function stretch(String name, String identifier, String says) {
        return function(name, Category.MONEY)
                .alsoRead(identifier)
                .says(says)
                .argument("rate", NUMBER, "interest of a period, more than 0")
                .argument("periods", WHOLE, "how many payments")
                .argument("presentvalue", NUMBER, "what is received now")
                .argument("first", WHOLE, "the first payment that counts, from 1")
                .argument("last", WHOLE, "the last payment that counts")
                .optional("atstart", TRUTH, NO, "true where payments are made at the start of a period")
                .refuses(name + "(10%, 2, 2100, 2, 1)", ErrorCode.WRONG_ARGUMENTS);
    }

    private static Function fraction(String name, String identifier, String says) {
        return function(name, Category.MONEY)
                .alsoRead(identifier)
                .says(says)
                .argument("price", NUMBER, "the price")
                .argument("parts", WHOLE, "how many parts the whole has, 1 or more")
                .refuses(name + "(1.02, 0)", ErrorCode.WRONG_ARGUMENTS)
                .from("OpenFormula 6.12.15 and 6.12.16");
    }

    private static Real positive(Arguments given, String parameter) {
        Real number = given.number(parameter);
        if (number.signum() <= 0) {
            throw given.wrong(parameter, "more than 0", Plain.text(number));
        }
        return number;
    }

    private static Real ln(Real number) {
        return Algebra.answer(Elementary.ln(number));
    }

    private static int periods(Arguments given) {
        return given.whole("periods", 1, 1_000_000);
    }

    private static Real payment(Arguments given) {
        Real later = later(given);
        Real growth = power(plus(ONE, given.number("rate")), Rational.of(periods(given)));
        Real wanted = plus(times(given.number("presentvalue"), growth), later).negate();
        return over(wanted, annuity(given, periods(given), growth));
    }

    private static Real later(Arguments given) {
        return given.has("futurevalue") ? given.number("futurevalue") : Rational.ZERO;
    }

    /** What payments of 1 come to at the end. */
    private static Real annuity(Arguments given, int periods, Real growth) {
        Real rate = given.number("rate");
        if (rate.signum() == 0) {
            return Rational.of(periods);
        }
        Real even = over(minus(growth, ONE), rate);
        return given.truth("atstart") ? times(even, plus(ONE, rate)) : even;
    }

    /** Interest on what is owed when the period begins; a payment at the start of the first bears none. */
    private static Real interest(Arguments given, int period) {
        Real rate = given.number("rate");
        boolean atStart = given.truth("atstart");
        if (atStart && period == 1) {
            return Rational.ZERO;
        }
        Real growth = power(plus(ONE, rate), Rational.of(period - 1L));
        Real paid = times(payment(given), annuity(given, period - 1, growth));
        Real owed = plus(times(given.number("presentvalue"), growth), paid);
        Real interest = times(owed, rate).negate();
        return atStart ? over(interest, plus(ONE, rate)) : interest;
    }

    private static Real stretch(Arguments given, boolean principal) {
        positive(given, "rate");
        int last = given.whole("last", 1, periods(given));
        int first = given.whole("first", 1, last);
        Real sum = Rational.ZERO;
        Real payment = payment(given);
        for (int period = first; period <= last; period++) {
            given.check();
            Real interest = interest(given, period);
            sum = plus(sum, principal ? minus(payment, interest) : interest);
        }
        return sum;
    }

    private static Real modifiedRate(Arguments given) {
        List<Real> values = given.numbersIn("values");
        Real borrowing = plus(ONE, given.number("borrowing"));
        Real investing = plus(ONE, given.number("investing"));
        Real paid = Rational.ZERO;
        Real received = Rational.ZERO;
        int last = values.size() - 1;
        for (int i = 0; i <= last; i++) {
            Real value = values.get(i);
            if (value.signum() < 0) {
                paid = plus(paid, over(value, power(borrowing, Rational.of(i))));
            } else {
                received = plus(received, times(value, power(investing, Rational.of((long) last - i))));
            }
        }
        return minus(power(over(received, paid.negate()), over(ONE, Rational.of(last))), ONE);
    }

    private static List<Real> years(Arguments given) {
        Table table = given.table("dates");
        List<LocalDate> dates = new ArrayList<>();
        table.forEachFilled(value -> dates.add(date(given, value)));
        if (dates.size() != given.numbersIn("values").size() || dates.isEmpty()) {
            throw new Arguments.Refused(Shape.differ(
                    "There must be as many dates as sums.",
                    Shape.list(given.numbersIn("values").size()),
                    Shape.list(dates.size())));
        }
        return dates.stream()
                .<Real>map(date -> Rational.of(ChronoUnit.DAYS.between(dates.get(0), date), 365))
                .toList();
    }

    private static LocalDate date(Arguments given, Value value) {
        if (value instanceof Moment.Date date) {
            return date.date();
        }
        throw given.wrong("dates", "dates", value.kind().one());
    }

    private static Real fixedDeclining(Arguments given) {
        Real cost = positive(given, "cost");
        int life = given.whole("life", 1, 1_000);
        int months = given.whole("months", 1, 12);
        int period = given.whole("period", 1, months < 12 ? life + 1 : life);
        Real share = minus(ONE, power(over(given.number("salvage"), cost), Rational.of(1, life)));
        Real rate = Algebra.answer(Rounding.places(share, 3, RoundingMode.HALF_UP));
        Real lost = times(times(cost, rate), Rational.of(months, 12));
        Real all = lost;
        for (int i = 2; i <= period; i++) {
            lost = times(minus(cost, all), rate);
            if (i == life + 1) {
                lost = times(lost, Rational.of(12L - months, 12));
            }
            all = plus(all, lost);
        }
        return lost;
    }

    /** The loss until a time grows by parts of periods; the share of each is of what is left when it begins. */
    private static Real variableDeclining(Arguments given) {
        Real life = positive(given, "life");
        Real start = given.number("start");
        Real end = given.number("end");
        if (start.signum() < 0 || end.compareTo(start) < 0 || end.compareTo(life) > 0) {
            throw given.wrong("end", "`start` or more and `life` at the most", Plain.text(end));
        }
        return minus(lostUntil(given, life, end), lostUntil(given, life, start));
    }

    private static Real lostUntil(Arguments given, Real life, Real time) {
        Real salvage = given.number("salvage");
        Real left = given.number("cost");
        Real lost = Rational.ZERO;
        boolean isEven = false;
        Real even = Rational.ZERO;
        for (Real period = Rational.ZERO; period.compareTo(time) < 0; period = plus(period, ONE)) {
            given.check();
            Real remaining = minus(life, period);
            Real share = over(times(left, given.number("factor")), life);
            Real rest = minus(left, salvage);
            Real evenly = over(rest, remaining.compareTo(ONE) < 0 ? ONE : remaining);
            if (!given.truth("noswitch") && !isEven && evenly.compareTo(share) > 0) {
                isEven = true;
                even = evenly;
            }
            Real wanted = isEven ? even : share.compareTo(rest) > 0 ? rest : share;
            Real whole = wanted.signum() < 0 ? Rational.ZERO : wanted;
            Real part = minus(time, period);
            Real loss = part.compareTo(ONE) < 0 ? times(whole, part) : whole;
            lost = plus(lost, loss);
            left = minus(left, loss);
        }
        return lost;
    }

    private static Real fractionPrice(Arguments given, boolean toDecimal) {
        int parts = given.whole("parts", 1, 1_000_000);
        Real price = given.number("price");
        Real whole = Algebra.answer(Rounding.places(price, 0, RoundingMode.DOWN));
        Real scale =
                Rational.of(10).power(Rational.of(String.valueOf(parts - 1).length())) instanceof Real ten ? ten : ONE;
        Real rest = minus(price, whole);
        Real turned =
                toDecimal ? over(times(rest, scale), Rational.of(parts)) : over(times(rest, Rational.of(parts)), scale);
        return plus(whole, turned);
    }
}
