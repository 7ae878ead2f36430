package app.logismos.function;

import static app.logismos.function.Answers.column;
import static app.logismos.function.Answers.number;
import static app.logismos.function.Answers.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Seeded;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Loans and savings, followed from payment to payment; rates in tenths of percents, so that all of it is exact. */
class MoneyLawsTest {
    private static final MathContext DIGITS = new MathContext(50);

    /**
     * A plan of equal payments.
     *
     * @param rate of a period, in thousandths
     */
    private record Plan(int rate, int periods, int payment, int present, boolean atStart) {
        static Plan random(Random random) {
            return new Plan(
                    random.nextInt(200),
                    1 + random.nextInt(30),
                    random.nextInt(2000) - 1000,
                    random.nextInt(20_000) - 10_000,
                    random.nextBoolean());
        }

        String rateText() {
            return "(" + rate + "/1000)";
        }

        BigDecimal factor() {
            return BigDecimal.ONE.add(BigDecimal.valueOf(rate, 3));
        }

        /** What is there in the end, when each period's interest is added to it. */
        BigDecimal balance() {
            BigDecimal balance = BigDecimal.valueOf(present);
            for (int i = 0; i < periods; i++) {
                BigDecimal paid = BigDecimal.valueOf(payment);
                balance = atStart
                        ? balance.add(paid).multiply(factor())
                        : balance.multiply(factor()).add(paid);
            }
            return balance;
        }
    }

    private static void near(double actual, BigDecimal expected) {
        assertThat(actual)
                .isCloseTo(expected.doubleValue(), within(1e-9 * Math.max(1, Math.abs(expected.doubleValue()))));
    }

    @Test
    void whatIsPaidInGrowsToItsFutureValue() {
        Seeded.cases(300, random -> {
            Plan plan = Plan.random(random);
            near(
                    number("futurevalue(" + plan.rateText() + ", " + plan.periods() + ", " + plan.payment() + ", "
                            + plan.present() + ", " + plan.atStart() + ")"),
                    plan.balance().negate());
        });
    }

    @Test
    void presentAndFutureValuePaymentAndPeriodsBelongTogether() {
        Seeded.cases(200, random -> {
            Plan plan = Plan.random(random);
            String future = "futurevalue(" + plan.rateText() + ", " + plan.periods() + ", " + plan.payment() + ", "
                    + plan.present() + ", " + plan.atStart() + ")";
            String back = plan.rateText() + ", " + plan.periods() + ", ";
            near(
                    number("presentvalue(" + back + plan.payment() + ", " + future + ", " + plan.atStart() + ")"),
                    BigDecimal.valueOf(plan.present()));
            near(
                    number("payment(" + back + plan.present() + ", " + future + ", " + plan.atStart() + ")"),
                    BigDecimal.valueOf(plan.payment()));
        });
    }

    @Test
    void periodsAndRateAreFoundAgain() {
        Seeded.cases(100, random -> {
            Plan plan = new Plan(5 + random.nextInt(150), 2 + random.nextInt(28), -100, 0, random.nextBoolean());
            String present =
                    "presentvalue(" + plan.rateText() + ", " + plan.periods() + ", -100, 0, " + plan.atStart() + ")";
            near(
                    number("periods(" + plan.rateText() + ", -100, " + present + ", 0, " + plan.atStart() + ")"),
                    BigDecimal.valueOf(plan.periods()));
            near(
                    number("rate(" + plan.periods() + ", -100, " + present + ", 0, " + plan.atStart() + ")"),
                    BigDecimal.valueOf(plan.rate(), 3));
        });
    }

    @Test
    void eachPaymentIsInterestAndRepayment() {
        Seeded.cases(100, random -> {
            int rate = 1 + random.nextInt(150);
            int periods = 1 + random.nextInt(24);
            int loan = 1 + random.nextInt(10_000);
            String start = "(" + rate + "/1000, ";
            String rest = ", " + periods + ", " + loan + ")";
            double payment = number("payment(" + rate + "/1000, " + periods + ", " + loan + ")");
            BigDecimal owed = BigDecimal.valueOf(loan);
            for (int period = 1; period <= periods; period++) {
                BigDecimal interest = owed.multiply(BigDecimal.valueOf(rate, 3), DIGITS);
                near(number("interestpart" + start + period + rest), interest.negate());
                double repaid = number("principalpart" + start + period + rest);
                near(repaid, BigDecimal.valueOf(payment).add(interest, DIGITS));
                owed = owed.add(BigDecimal.valueOf(payment).add(interest, DIGITS), DIGITS);
            }
            assertThat(owed.doubleValue()).isCloseTo(0, within(1e-6 * loan));
            String all = "(" + rate + "/1000, " + periods + ", " + loan + ", 1, " + periods + ")";
            near(number("principalparts" + all), BigDecimal.valueOf(-loan));
            near(
                    number("interestparts" + all),
                    BigDecimal.valueOf(payment * periods).add(BigDecimal.valueOf(loan)));
        });
    }

    @Test
    void eachValueIsDiscountedByItsTime() {
        Seeded.cases(200, random -> {
            int rate = random.nextInt(300);
            List<Integer> values = IntStream.range(0, 1 + random.nextInt(9))
                    .mapToObj(i -> random.nextInt(2001) - 1000)
                    .toList();
            BigDecimal factor = BigDecimal.ONE.add(BigDecimal.valueOf(rate, 3));
            BigDecimal sum = BigDecimal.ZERO;
            for (int i = 0; i < values.size(); i++) {
                sum = sum.add(BigDecimal.valueOf(values.get(i)).divide(factor.pow(i + 1), DIGITS), DIGITS);
            }
            near(number("netpresentvalue(" + rate + "/1000, " + column(values) + ")"), sum);
        });
    }

    @Test
    void atItsInternalRateAPlanIsWorthNothing() {
        Seeded.cases(100, random -> {
            List<Integer> values = IntStream.range(0, 2 + random.nextInt(8))
                    .mapToObj(i -> i == 0 ? -1000 : 200 + random.nextInt(600))
                    .toList();
            String found = text("internalrate(" + column(values) + ")");
            assertThat(number("netpresentvalue(" + found + ", " + column(values) + ")"))
                    .isCloseTo(0, within(1e-7));
        });
    }

    @Test
    void whatIsWrittenOffEachYearAddsUp() {
        Seeded.cases(100, random -> {
            int life = 1 + random.nextInt(12);
            int salvage = random.nextInt(500);
            int cost = salvage + random.nextInt(5000);
            String parts = cost + ", " + salvage + ", " + life;
            String years = IntStream.rangeClosed(1, life)
                    .mapToObj(year -> "sumofyears(" + parts + ", " + year + ")")
                    .collect(Collectors.joining(" + "));
            assertThat(text(years)).isEqualTo(String.valueOf(cost - salvage));
            assertThat(text("straightline(" + parts + ") * " + life)).isEqualTo(String.valueOf(cost - salvage));
            // Twice the even part of what is left, and never below what remains in the end.
            double left = cost;
            for (int year = 1; year <= life; year++) {
                double off = Math.max(0, Math.min(left * Math.min(1, 2.0 / life), left - salvage));
                near(number("declining(" + parts + ", " + year + ")"), BigDecimal.valueOf(off));
                left -= off;
            }
        });
    }

    @Test
    void growthByDifferentRatesIsTheirProduct() {
        Seeded.cases(100, random -> {
            List<String> rates = IntStream.range(0, 1 + random.nextInt(6))
                    .mapToObj(i -> (random.nextInt(300) - 100) + "/1000")
                    .toList();
            int start = 1 + random.nextInt(5000);
            String product = rates.stream().map(rate -> "(1 + " + rate + ")").collect(Collectors.joining(" * "));
            assertThat(text("growthschedule(" + start + ", " + column(rates) + ")"))
                    .isEqualTo(text(start + " * " + product));
        });
    }
}
