package app.logismos.function.money;

import static app.logismos.function.Algebra.minus;
import static app.logismos.function.Algebra.over;
import static app.logismos.function.Algebra.plus;
import static app.logismos.function.Algebra.power;
import static app.logismos.function.Algebra.times;
import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.DAY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.DayCount;
import app.logismos.function.Function;
import app.logismos.function.date.DateFunctions;
import app.logismos.number.Plain;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ErrorCode;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * Prices and yields of securities for a face value of 100 (OpenFormula 6.12). A rate is that of a year. Answers are exact
 * where no fractional power is needed.
 */
public final class SecurityFunctions {
    private static final Rational ONE = Rational.ONE;
    private static final Rational HUNDRED = Rational.of(100);
    private static final NumberValue ZERO = NumberValue.of(0);
    private static final String HALF_YEAR = "date(2027, 1, 1), date(2027, 7, 1)";
    private static final String TWO_YEARS = "date(2027, 1, 1), date(2029, 1, 1)";

    public static final List<Function> ALL = List.of(
            untilMaturity("bonddiscount", "DISC", "The discount at which a security is bought.")
                    .argument("price", NUMBER, "what is paid, more than 0")
                    .argument("redemption", NUMBER, "what is paid back, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bonddiscount(" + HALF_YEAR + ", 95, 100)", "1/10")
                    .example("bonddiscount(" + HALF_YEAR + ", 100, 100)", "0")
                    .refuses("bonddiscount(" + HALF_YEAR + ", 0, 100)", ErrorCode.WRONG_ARGUMENTS)
                    .related("bondinterest", "bonddiscountyield")
                    .computes(given -> over(
                            over(
                                    minus(positive(given, "redemption"), positive(given, "price")),
                                    positive(given, "redemption")),
                            years(given, "settlement", "maturity"))),
            function("linearloss", Category.MONEY)
                    .alsoRead("AMORLINC")
                    .says("The loss of value of a period at a rate of the cost, the first counted by its days.")
                    .argument("cost", NUMBER, "the value at the start, more than 0")
                    .argument("purchase", DAY, "when it was bought")
                    .argument("first", DAY, "when the first period ends")
                    .argument("salvage", NUMBER, "the value at the end")
                    .argument("period", WHOLE, "which period, the first being 0")
                    .argument("rate", NUMBER, "the share of the cost that a whole period takes, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("linearloss(1000, date(2027, 1, 1), date(2027, 7, 1), 100, 0, 20%)", "100")
                    .example("linearloss(1000, date(2027, 1, 1), date(2027, 7, 1), 100, 1, 20%)", "200")
                    .refuses(
                            "linearloss(0, date(2027, 1, 1), date(2027, 7, 1), 100, 1, 20%)", ErrorCode.WRONG_ARGUMENTS)
                    .related("straightline", "declining")
                    .from("OpenFormula 6.12.4")
                    .computes(SecurityFunctions::linearLoss),
            untilMaturity("bondinterest", "INTRATE", "The interest of a security that pays at its end only.")
                    .argument("investment", NUMBER, "what is paid, more than 0")
                    .argument("redemption", NUMBER, "what is paid back, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bondinterest(" + HALF_YEAR + ", 100, 105)", "1/10")
                    .example("bondinterest(" + TWO_YEARS + ", 100, 105)", "1/40")
                    .refuses("bondinterest(" + HALF_YEAR + ", 0, 100)", ErrorCode.WRONG_ARGUMENTS)
                    .related("bonddiscount", "bondreceived")
                    .computes(given -> over(
                            over(
                                    minus(positive(given, "redemption"), positive(given, "investment")),
                                    positive(given, "investment")),
                            years(given, "settlement", "maturity"))),
            untilMaturity("bondreceived", "RECEIVED", "What a discounted security pays back.")
                    .argument("investment", NUMBER, "what is paid, more than 0")
                    .argument("discount", NUMBER, "the discount, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bondreceived(" + HALF_YEAR + ", 95, 10%)", "100")
                    .example("bondreceived(" + TWO_YEARS + ", 80, 10%)", "100")
                    .refuses("bondreceived(" + HALF_YEAR + ", 95, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("bonddiscount")
                    .computes(given -> over(
                            positive(given, "investment"),
                            minus(ONE, times(positive(given, "discount"), years(given, "settlement", "maturity"))))),
            untilMaturity("bonddiscountyield", "YIELDDISC", "The yield of a discounted security.")
                    .argument("price", NUMBER, "what is paid, more than 0")
                    .argument("redemption", NUMBER, "what is paid back, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bonddiscountyield(" + HALF_YEAR + ", 100, 105)", "1/10")
                    .example("bonddiscountyield(" + HALF_YEAR + ", 80, 100)", "1/2")
                    .refuses("bonddiscountyield(" + HALF_YEAR + ", 0, 100)", ErrorCode.WRONG_ARGUMENTS)
                    .related("bonddiscount", "maturityyield")
                    .computes(given -> over(
                            minus(over(positive(given, "redemption"), positive(given, "price")), ONE),
                            years(given, "settlement", "maturity"))),
            untilMaturity("bonddiscountprice", "PRICEDISC", "The price of a discounted security.")
                    .argument("discount", NUMBER, "the discount, more than 0")
                    .argument("redemption", NUMBER, "what is paid back, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bonddiscountprice(" + HALF_YEAR + ", 10%, 100)", "95")
                    .example("bonddiscountprice(" + TWO_YEARS + ", 10%, 100)", "80")
                    .refuses("bonddiscountprice(" + HALF_YEAR + ", 0, 100)", ErrorCode.WRONG_ARGUMENTS)
                    .related("bonddiscount")
                    .computes(given -> times(
                            positive(given, "redemption"),
                            minus(ONE, times(positive(given, "discount"), years(given, "settlement", "maturity"))))),
            untilMaturity("maturityprice", "PRICEMAT", "The price of a security that pays its interest at its end.")
                    .argument("issue", DAY, "the day from which it bears interest")
                    .argument("rate", NUMBER, "its interest")
                    .argument("yield", NUMBER, "the yield that is wanted")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("maturityprice(" + HALF_YEAR + ", date(2027, 1, 1), 10%, 10%)", "100")
                    .example("maturityprice(" + TWO_YEARS + ", date(2027, 1, 1), 10%, 5%)", "1200/11")
                    .refuses("maturityprice(" + HALF_YEAR + ", date(2027, 8, 1), 10%, 10%)", ErrorCode.WRONG_ARGUMENTS)
                    .related("maturityyield", "bondprice")
                    .computes(given -> {
                        Real all = plus(ONE, times(issued(given, "maturity"), given.number("rate")));
                        Real factor = plus(ONE, times(years(given, "settlement", "maturity"), given.number("yield")));
                        Real accrued = times(issued(given, "settlement"), given.number("rate"));
                        return times(HUNDRED, minus(over(all, factor), accrued));
                    }),
            untilMaturity("maturityyield", "YIELDMAT", "The yield of a security that pays its interest at its end.")
                    .argument("issue", DAY, "the day from which it bears interest")
                    .argument("rate", NUMBER, "its interest")
                    .argument("price", NUMBER, "its price, more than 0")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("maturityyield(" + HALF_YEAR + ", date(2027, 1, 1), 10%, 100)", "1/10")
                    .example("maturityyield(" + TWO_YEARS + ", date(2027, 1, 1), 10%, 1200/11)", "1/20")
                    .refuses("maturityyield(" + HALF_YEAR + ", date(2027, 1, 1), 10%, 0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("maturityprice", "bondyield")
                    .computes(given -> {
                        Real all = plus(ONE, times(issued(given, "maturity"), given.number("rate")));
                        Real accrued = times(issued(given, "settlement"), given.number("rate"));
                        Real paid = plus(over(positive(given, "price"), HUNDRED), accrued);
                        return over(minus(over(all, paid), ONE), years(given, "settlement", "maturity"));
                    }),
            securities("accruedinterest", "ACCRINT", "The interest that a security has borne since its issue.")
                    .argument("issue", DAY, "the day from which it bears interest")
                    .argument("first", DAY, "the first day on which it pays")
                    .argument("settlement", DAY, "the day of purchase, after the issue")
                    .argument("rate", NUMBER, "its interest")
                    .optional("face", NUMBER, NumberValue.of(1_000), "its face value")
                    .optional("frequency", WHOLE, NumberValue.of(1), "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("accruedinterest(date(2027, 1, 1), date(2028, 1, 1), date(2027, 7, 1), 10%)", "50")
                    .example("accruedinterest(date(2027, 1, 1), date(2027, 7, 1), date(2027, 4, 1), 8%, 100, 2)", "2")
                    .refuses(
                            "accruedinterest(date(2027, 7, 1), date(2028, 1, 1), date(2027, 1, 1), 10%)",
                            ErrorCode.WRONG_ARGUMENTS)
                    .related("accruedatmaturity")
                    .computes(given ->
                            times(times(given.number("face"), given.number("rate")), issued(given, "settlement"))),
            securities("accruedatmaturity", "ACCRINTM", "The interest that a security pays at its end.")
                    .argument("issue", DAY, "the day from which it bears interest")
                    .argument("maturity", DAY, "its end")
                    .argument("rate", NUMBER, "its interest")
                    .optional("face", NUMBER, NumberValue.of(1_000), "its face value")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("accruedatmaturity(" + HALF_YEAR + ", 10%)", "50")
                    .example("accruedatmaturity(" + TWO_YEARS + ", 5%, 100)", "10")
                    .refuses("accruedatmaturity(date(2027, 7, 1), date(2027, 1, 1), 10%)", ErrorCode.WRONG_ARGUMENTS)
                    .related("accruedinterest")
                    .computes(given ->
                            times(times(given.number("face"), given.number("rate")), issued(given, "maturity"))),
            bill("billprice", "TBILLPRICE", "The price of a treasury bill.", "discount", "its discount")
                    .example("billprice(date(2027, 1, 1), date(2027, 4, 1), 8%)", "98")
                    .example("billprice(date(2027, 1, 1), date(2027, 1, 31), 12%)", "99")
                    .related("billyield")
                    .computes(given -> times(
                            HUNDRED,
                            minus(ONE, times(given.number("discount"), over(billDays(given), Rational.of(360)))))),
            bill("billyield", "TBILLYIELD", "The yield of a treasury bill.", "price", "its price, more than 0")
                    .example("billyield(date(2027, 1, 1), date(2027, 4, 1), 98)", "4/49")
                    .example("billyield(date(2027, 1, 1), date(2027, 4, 1), 100)", "0")
                    .related("billprice")
                    .computes(given -> times(
                            over(minus(HUNDRED, positive(given, "price")), positive(given, "price")),
                            over(Rational.of(360), billDays(given)))),
            bill(
                            "billequivalent",
                            "TBILLEQ",
                            "The yield of a treasury bill as that of a bond.",
                            "discount",
                            "its discount")
                    .example("billequivalent(date(2027, 1, 1), date(2027, 4, 1), 8%)", "73/882")
                    .example("billequivalent(date(2027, 1, 1), date(2027, 4, 1), 0)", "0")
                    .related("billyield")
                    .computes(given -> over(
                            times(Rational.of(365), given.number("discount")),
                            minus(Rational.of(360), times(given.number("discount"), billDays(given))))),
            coupon("couponcount", "COUPNUM", "How many payments of interest are still to come.")
                    .example("couponcount(" + TWO_YEARS + ", 2)", "4")
                    .example("couponcount(date(2027, 2, 1), date(2027, 7, 1), 2)", "1")
                    .related("couponnext", "bondprice")
                    .computes(given -> Rational.of(coupons(given).count())),
            coupon("couponprevious", "COUPPCD", "The last day of payment that is not after the purchase.")
                    .example("couponprevious(date(2027, 2, 1), date(2029, 1, 1), 2)", "2027-01-01")
                    .example("couponprevious(date(2027, 8, 1), date(2029, 1, 31), 2)", "2027-07-31")
                    .related("couponnext")
                    .answers(given -> new Moment.Date(coupons(given).previous())),
            coupon("couponnext", "COUPNCD", "The first day of payment after the purchase.")
                    .example("couponnext(date(2027, 2, 1), date(2029, 1, 1), 2)", "2027-07-01")
                    .example("couponnext(date(2027, 2, 1), date(2028, 2, 29), 4)", "2027-02-28")
                    .related("couponprevious")
                    .answers(given -> new Moment.Date(coupons(given).next())),
            coupon("coupondays", "COUPDAYS", "The days of the period of interest in which the purchase lies.")
                    .example("coupondays(date(2027, 2, 1), date(2029, 1, 1), 2)", "180")
                    .example("coupondays(date(2027, 2, 1), date(2029, 1, 1), 2, 1)", "181")
                    .related("coupondaysbefore", "coupondaysafter")
                    .computes(given -> coupons(given).days()),
            coupon("coupondaysbefore", "COUPDAYBS", "The days from the last payment of interest to the purchase.")
                    .example("coupondaysbefore(date(2027, 2, 1), date(2029, 1, 1), 2)", "30")
                    .example("coupondaysbefore(date(2027, 2, 1), date(2029, 1, 1), 2, 1)", "31")
                    .related("coupondaysafter")
                    .computes(given -> coupons(given).daysBefore()),
            coupon("coupondaysafter", "COUPDAYSNC", "The days from the purchase to the next payment of interest.")
                    .example("coupondaysafter(date(2027, 2, 1), date(2029, 1, 1), 2)", "150")
                    .example("coupondaysafter(date(2027, 2, 1), date(2029, 1, 1), 2, 1)", "150")
                    .related("coupondaysbefore")
                    .computes(given -> coupons(given).daysAfter()),
            bond("bondprice", "PRICE", "The price of a security that pays interest at fixed times.")
                    .argument("yield", NUMBER, "the yield that is wanted")
                    .argument("redemption", NUMBER, "what is paid back for 100")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bondprice(" + TWO_YEARS + ", 5%, 5%, 100, 1)", "100")
                    .example("bondprice(" + TWO_YEARS + ", 10%, 0, 100, 1)", "120")
                    .related("bondyield", "bondduration")
                    .computes(given -> price(
                            coupons(given), given.number("rate"), given.number("yield"), given.number("redemption"))),
            bond("bondyield", "YIELD", "The yield of a security that pays interest at fixed times.")
                    .argument("price", NUMBER, "its price for 100, more than 0")
                    .argument("redemption", NUMBER, "what is paid back for 100")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("round(bondyield(" + TWO_YEARS + ", 5%, 100, 100, 1), 9)", "1/20")
                    .example("round(bondyield(" + TWO_YEARS + ", 10%, 120, 100, 1), 9)", "0")
                    .related("bondprice")
                    .computes(given -> {
                        Coupons coupons = coupons(given);
                        Real price = positive(given, "price");
                        return MoneyFunctions.root(
                                y -> price(coupons, given.number("rate"), Real.from(y), given.number("redemption"))
                                                .toDouble()
                                        - price.toDouble(),
                                0.1);
                    }),
            bond(
                            "bondduration",
                            "DURATION",
                            "The mean time, in years, until a security pays, each payment weighted by its present worth.")
                    .argument("yield", NUMBER, "its yield")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bondduration(" + TWO_YEARS + ", 0, 5%, 1)", "2")
                    .example("bondduration(" + TWO_YEARS + ", 10%, 0, 1)", "23/12")
                    .related("bondmodifiedduration", "bondprice")
                    .from("F. R. Macaulay, 1938; OpenFormula 6.12.17")
                    .computes(SecurityFunctions::duration),
            bond("bondmodifiedduration", "MDURATION", "By what share a security's price falls when its yield rises.")
                    .argument("yield", NUMBER, "its yield")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("bondmodifiedduration(" + TWO_YEARS + ", 0, 0, 1)", "2")
                    .example("bondmodifiedduration(" + TWO_YEARS + ", 0, 25%, 1)", "8/5")
                    .related("bondduration")
                    .computes(given -> over(
                            duration(given),
                            plus(
                                    ONE,
                                    over(
                                            given.number("yield"),
                                            Rational.of(coupons(given).frequency()))))),
            odd(
                            "oddfirstprice",
                            "ODDFPRICE",
                            "The price of a security whose first period of interest is odd.",
                            "issue",
                            "the day from which it bears interest")
                    .argument("first", DAY, "the first day of payment, after the purchase")
                    .argument("rate", NUMBER, "its interest")
                    .argument("yield", NUMBER, "the yield that is wanted")
                    .argument("redemption", NUMBER, "what is paid back for 100")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example(
                            "oddfirstprice(" + TWO_YEARS + ", date(2027, 1, 1), date(2028, 1, 1), 5%, 5%, 100, 1)",
                            "100")
                    .example(
                            "oddfirstprice(" + TWO_YEARS + ", date(2026, 7, 1), date(2028, 1, 1), 10%, 0, 100, 1)",
                            "120")
                    .related("bondprice", "oddfirstyield")
                    .computes(given -> oddFirst(given, given.number("yield"))),
            odd(
                            "oddfirstyield",
                            "ODDFYIELD",
                            "The yield of a security whose first period of interest is odd.",
                            "issue",
                            "the day from which it bears interest")
                    .argument("first", DAY, "the first day of payment, after the purchase")
                    .argument("rate", NUMBER, "its interest")
                    .argument("price", NUMBER, "its price for 100, more than 0")
                    .argument("redemption", NUMBER, "what is paid back for 100")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example(
                            "round(oddfirstyield(" + TWO_YEARS
                                    + ", date(2027, 1, 1), date(2028, 1, 1), 5%, 100, 100, 1), 9)",
                            "1/20")
                    .example(
                            "round(oddfirstyield(" + TWO_YEARS
                                    + ", date(2026, 7, 1), date(2028, 1, 1), 10%, 120, 100, 1), 9)",
                            "0")
                    .related("bondyield", "oddfirstprice")
                    .computes(given -> {
                        double price = positive(given, "price").toDouble();
                        return MoneyFunctions.root(
                                y -> oddFirst(given, Real.from(y)).toDouble() - price, 0.1);
                    }),
            odd(
                            "oddlastprice",
                            "ODDLPRICE",
                            "The price of a security whose last period of interest is odd.",
                            "last",
                            "the last day of payment before its end, not after the purchase")
                    .argument("rate", NUMBER, "its interest")
                    .argument("yield", NUMBER, "the yield that is wanted")
                    .argument("redemption", NUMBER, "what is paid back for 100")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("oddlastprice(" + HALF_YEAR + ", date(2027, 1, 1), 10%, 10%, 100, 1)", "100")
                    .example("oddlastprice(" + HALF_YEAR + ", date(2026, 10, 1), 10%, 0, 100, 2)", "105")
                    .related("bondprice", "oddlastyield")
                    .computes(given -> {
                        frequency(given);
                        Real all = plus(given.number("redemption"), lastInterest(given, "maturity"));
                        Real wait = years(given, "settlement", "maturity");
                        Real factor = plus(ONE, times(wait, given.number("yield")));
                        return minus(over(all, factor), lastInterest(given, "settlement"));
                    }),
            odd(
                            "oddlastyield",
                            "ODDLYIELD",
                            "The yield of a security whose last period of interest is odd.",
                            "last",
                            "the last day of payment before its end, not after the purchase")
                    .argument("rate", NUMBER, "its interest")
                    .argument("price", NUMBER, "its price for 100, more than 0")
                    .argument("redemption", NUMBER, "what is paid back for 100")
                    .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                    .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                    .example("oddlastyield(" + HALF_YEAR + ", date(2027, 1, 1), 10%, 100, 100, 1)", "1/10")
                    .example("oddlastyield(" + HALF_YEAR + ", date(2026, 10, 1), 10%, 105, 100, 2)", "0")
                    .related("bondyield", "oddlastprice")
                    .computes(given -> {
                        frequency(given);
                        Real all = plus(given.number("redemption"), lastInterest(given, "maturity"));
                        Real paid = plus(positive(given, "price"), lastInterest(given, "settlement"));
                        return over(minus(over(all, paid), ONE), years(given, "settlement", "maturity"));
                    }));

    private SecurityFunctions() {}

    private static Function securities(String name, String identifier, String says) {
        Function declared = function(name, Category.SECURITIES).says(says).from("OpenFormula 6.12");
        return name.equalsIgnoreCase(identifier) ? declared : declared.alsoRead(identifier);
    }

    private static Function untilMaturity(String name, String identifier, String says) {
        return securities(name, identifier, says)
                .argument("settlement", DAY, "the day of purchase")
                .argument("maturity", DAY, "its end, after the purchase");
    }

    private static Function bill(String name, String identifier, String says, String given, String describes) {
        return untilMaturity(name, identifier, says)
                .argument(given, NUMBER, describes)
                .refuses(name + "(date(2027, 1, 1), date(2028, 2, 1), 8%)", ErrorCode.WRONG_ARGUMENTS);
    }

    private static Function coupon(String name, String identifier, String says) {
        return untilMaturity(name, identifier, says)
                .argument("frequency", WHOLE, "how many times a year it pays: 1, 2 or 4")
                .optional("basis", WHOLE, ZERO, "how days are counted, as in yearfraction")
                .refuses(name + "(" + TWO_YEARS + ", 3)", ErrorCode.WRONG_ARGUMENTS);
    }

    private static Function bond(String name, String identifier, String says) {
        return untilMaturity(name, identifier, says)
                .argument("rate", NUMBER, "its interest")
                .refuses(name + "(date(2029, 1, 1), date(2027, 1, 1), 5%, 5%, 100, 1)", ErrorCode.WRONG_ARGUMENTS);
    }

    private static Function odd(String name, String identifier, String says, String day, String describes) {
        return untilMaturity(name, identifier, says)
                .argument(day, DAY, describes)
                .refuses(name + "(1, 2)", ErrorCode.WRONG_ARGUMENTS);
    }

    private static LocalDate day(Arguments given, String parameter) {
        return DateFunctions.day(given, parameter);
    }

    private static Real positive(Arguments given, String parameter) {
        Real number = given.number(parameter);
        if (number.signum() <= 0) {
            throw given.wrong(parameter, "more than 0", Plain.text(number));
        }
        return number;
    }

    /** The first period takes the share of its days, the last what is left. */
    private static Real linearLoss(Arguments given) {
        Real whole = times(positive(given, "cost"), positive(given, "rate"));
        Real first = times(whole, basis(given).years(day(given, "purchase"), day(given, "first")));
        Real before = Rational.ZERO;
        Real all = minus(given.number("cost"), given.number("salvage"));
        int period = given.whole("period", 0, 1_000_000);
        if (period > 0) {
            before = plus(first, times(whole, Rational.of(period - 1L)));
        }
        Real left = minus(all, before);
        Real due = period == 0 ? first : whole;
        return left.signum() <= 0 ? Rational.ZERO : left.compareTo(due) < 0 ? left : due;
    }

    private static DayCount basis(Arguments given) {
        return given.has("basis") ? DayCount.values()[given.whole("basis", 0, 4)] : DayCount.THIRTY_360;
    }

    private static int frequency(Arguments given) {
        int frequency = given.whole("frequency", 1, 4);
        if (frequency == 3) {
            throw given.wrong("frequency", "1, 2 or 4", "3");
        }
        return frequency;
    }

    /** The part of a year from one day to a later one. */
    private static Rational years(Arguments given, String from, String to) {
        if (!day(given, to).isAfter(day(given, from))) {
            throw given.wrong(to, "a day after `" + from + "`", day(given, to).toString());
        }
        return basis(given).between(day(given, from), day(given, to));
    }

    /** The part of a year since the issue, which may be on the day itself. */
    private static Rational issued(Arguments given, String until) {
        LocalDate issue = day(given, "issue");
        if (issue.isAfter(day(given, until))) {
            throw given.wrong("issue", "a day that is not after `" + until + "`", issue.toString());
        }
        return basis(given).between(issue, day(given, until));
    }

    private static Rational billDays(Arguments given) {
        LocalDate settlement = day(given, "settlement");
        LocalDate maturity = day(given, "maturity");
        if (!maturity.isAfter(settlement) || maturity.isAfter(settlement.plusYears(1))) {
            throw given.wrong("maturity", "a day within a year after `settlement`", maturity.toString());
        }
        return Rational.of(ChronoUnit.DAYS.between(settlement, maturity));
    }

    private static Coupons coupons(Arguments given) {
        LocalDate settlement = day(given, "settlement");
        LocalDate maturity = day(given, "maturity");
        if (!maturity.isAfter(settlement)) {
            throw given.wrong("maturity", "a day after `settlement`", maturity.toString());
        }
        return new Coupons(settlement, maturity, frequency(given), basis(given));
    }

    /** Every payment at its worth on the day of purchase, less the interest that the buyer pays for. */
    private static Real price(Coupons coupons, Real rate, Real yield, Real redemption) {
        Rational frequency = Rational.of(coupons.frequency());
        Real payment = over(times(HUNDRED, rate), frequency);
        Real step = plus(ONE, over(yield, frequency));
        Real part = coupons.partAfter();
        Real accrued = times(payment, coupons.partBefore());
        int count = coupons.count();
        if (count == 1) {
            Real factor = plus(ONE, times(part, over(yield, frequency)));
            return minus(over(plus(redemption, payment), factor), accrued);
        }
        Real sum = over(redemption, power(step, coupons.periods()));
        for (int k = 0; k < count; k++) {
            sum = plus(sum, over(payment, power(step, plus(Rational.of(k), part))));
        }
        return minus(sum, accrued);
    }

    private static Real duration(Arguments given) {
        Coupons coupons = coupons(given);
        Rational frequency = Rational.of(coupons.frequency());
        Real payment = over(times(HUNDRED, given.number("rate")), frequency);
        Real step = plus(ONE, over(given.number("yield"), frequency));
        Real weighted = Rational.ZERO;
        Real worth = Rational.ZERO;
        int count = coupons.count();
        for (int k = 0; k < count; k++) {
            Real time = plus(Rational.of(k), coupons.partAfter());
            Real paid = k == count - 1 ? plus(payment, HUNDRED) : payment;
            Real now = over(paid, power(step, time));
            worth = plus(worth, now);
            weighted = plus(weighted, times(now, time));
        }
        return over(over(weighted, worth), frequency);
    }

    /** Periods are counted back from the first payment, whole ones and a part (OpenFormula 6.12.31). */
    private static Real oddFirst(Arguments given, Real yield) {
        LocalDate first = day(given, "first");
        LocalDate settlement = day(given, "settlement");
        LocalDate issue = day(given, "issue");
        if (!first.isAfter(settlement) || issue.isAfter(settlement) || first.isAfter(day(given, "maturity"))) {
            throw given.wrong("first", "a day between `settlement` and `maturity`", first.toString());
        }
        Coupons coupons = coupons(given);
        Rational frequency = Rational.of(coupons.frequency());
        Real payment = over(times(HUNDRED, given.number("rate")), frequency);
        Real step = plus(ONE, over(yield, frequency));
        Real wait = new Coupons(settlement, first, coupons.frequency(), coupons.basis()).periods();
        Real whole = new Coupons(issue, first, coupons.frequency(), coupons.basis()).periods();
        int later = first.equals(day(given, "maturity"))
                ? 0
                : new Coupons(first, day(given, "maturity"), coupons.frequency(), coupons.basis()).count();
        Real sum = over(times(payment, whole), power(step, wait));
        for (int k = 1; k <= later; k++) {
            sum = plus(sum, over(payment, power(step, plus(wait, Rational.of(k)))));
        }
        sum = plus(sum, over(given.number("redemption"), power(step, plus(wait, Rational.of(later)))));
        return minus(sum, times(payment, minus(whole, wait)));
    }

    /** The interest for 100 since the last payment. */
    private static Real lastInterest(Arguments given, String until) {
        LocalDate last = day(given, "last");
        if (last.isAfter(day(given, "settlement"))) {
            throw given.wrong("last", "a day that is not after `settlement`", last.toString());
        }
        return times(times(HUNDRED, given.number("rate")), basis(given).between(last, day(given, until)));
    }
}
