package app.logismos.function;

import static app.logismos.function.WorkingPattern.joined;
import static app.logismos.function.WorkingPattern.text;

import app.logismos.number.Counting;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.WholeNumbers;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Workings that need more than a {@link WorkingPattern}: each says how a person would do the call by hand. */
public final class Workings {
    private static final int MOST_FACTORS = 12;
    private static final int MOST_TERMS = 8;

    /** A longer sum is added up in parts of so many numbers, and one of still more parts is told by its ends. */
    private static final int MOST_ADDED = 12;

    private static final int PART = 10;
    private static final int MOST_PARTS = 6;

    /** Larger tables are not written out. */
    private static final int MOST_LOOKED_AT = 1_000;

    private Workings() {}

    /** 2 × 2 × 2 for a small whole exponent, else the power. */
    public static String power(Arguments given) {
        Real base = given.number("base");
        Real exponent = given.number("exponent");
        boolean isShort = exponent.isWhole()
                && exponent.compareTo(Rational.of(2)) >= 0
                && exponent.compareTo(Rational.of(MOST_FACTORS)) <= 0;
        return isShort
                ? IntStream.range(0, (int) exponent.toDouble())
                        .mapToObj(each -> text(base))
                        .collect(Collectors.joining(" × "))
                : text(base) + "^" + text(exponent);
    }

    /** 17 − 3 × 5. */
    public static String remainder(Arguments given) {
        Real x = given.number("x");
        Real divisor = given.number("divisor");
        return x.floorDividedBy(divisor) instanceof Real times
                ? text(x) + " − " + text(times) + " × " + text(divisor)
                : "";
    }

    /** Euclid's divisions: 84 = 2 × 36 + 12, 36 = 3 × 12 + 0 (Elements, VII.2). */
    public static String euclid(Arguments given) {
        List<String> lines = new ArrayList<>();
        List<BigInteger> numbers = given.counts("numbers");
        BigInteger a = numbers.isEmpty() ? BigInteger.ZERO : numbers.get(0);
        for (BigInteger next : numbers.subList(Math.min(1, numbers.size()), numbers.size())) {
            BigInteger b = next;
            while (b.signum() != 0) {
                BigInteger[] parts = a.divideAndRemainder(b);
                lines.add(a + " = " + parts[0] + " × " + b + " + " + parts[1]);
                a = b;
                b = parts[1];
            }
        }
        return abbreviated(lines, ", ");
    }

    /** 360 = 2³ × 3² × 5, written with ^. */
    public static String primeFactors(Arguments given) {
        BigInteger n = given.whole("n");
        return n + " = "
                + WholeNumbers.factors(n, given::check).entrySet().stream()
                        .map(factor -> factor.getValue() == 1
                                ? factor.getKey().toString()
                                : factor.getKey() + "^" + factor.getValue())
                        .collect(Collectors.joining(" × "));
    }

    /** The smallest divisor that shows that a number is not prime, or that there is none. */
    public static String smallestDivisor(Arguments given) {
        BigInteger n = given.whole("n");
        if (n.bitLength() > 64 || n.compareTo(BigInteger.TWO) < 0) {
            return "";
        }
        if (WholeNumbers.isPrime(n)) {
            return "no prime up to √" + n + " divides it";
        }
        BigInteger least =
                WholeNumbers.factors(n, given::check).keySet().iterator().next();
        return n + " = " + least + " × " + n.divide(least);
    }

    /** 5 = 1 × 2² + 0 × 2¹ + 1 × 2⁰, written with ^. */
    public static String placeValues(String digits, int base) {
        List<String> terms = new ArrayList<>();
        for (int i = 0; i < digits.length(); i++) {
            terms.add(Character.digit(digits.charAt(i), base) + " × " + base + "^" + (digits.length() - 1 - i));
        }
        return abbreviated(terms, " + ");
    }

    /** The two before: 21 + 34. */
    public static String twoBefore(Arguments given) {
        BigInteger n = given.count("n");
        return n.bitLength() > 10 || n.compareTo(BigInteger.TWO) < 0
                ? ""
                : WholeNumbers.fibonacci(n.intValue() - 2) + " + " + WholeNumbers.fibonacci(n.intValue() - 1);
    }

    /** 7 × 5 × 3 × 1. */
    public static String everySecond(Arguments given) {
        List<String> factors = new ArrayList<>();
        BigInteger n = given.count("n");
        for (BigInteger i = n; i.signum() > 0 && factors.size() <= MOST_FACTORS; i = i.subtract(BigInteger.TWO)) {
            factors.add(i.toString());
        }
        return factors.size() > MOST_FACTORS ? abbreviated(factors, " × ") + " × …" : String.join(" × ", factors);
    }

    /** 4! × (1/0! − 1/1! + 1/2! − …). */
    public static String alternating(Arguments given) {
        BigInteger n = given.count("n");
        if (n.bitLength() > 10) {
            return "";
        }
        StringBuilder sum = new StringBuilder("1/0!");
        int last = Math.min(n.intValue(), MOST_TERMS);
        for (int i = 1; i <= last; i++) {
            sum.append(i % 2 == 1 ? " − " : " + ").append("1/").append(i).append('!');
        }
        return n + "! × (" + sum + (last < n.intValue() ? " …" : "") + ")";
    }

    /** Products of pairs, added: 1 × 4 + 2 × 5. */
    public static String products(List<Real> a, List<Real> b) {
        List<String> terms = new ArrayList<>();
        for (int i = 0; i < Math.min(a.size(), b.size()); i++) {
            terms.add(text(a.get(i)) + " × " + text(b.get(i)));
        }
        return abbreviated(terms, " + ");
    }

    /** A sum; a long one in parts with the sum so far: 1 + 2 + … + 10 = 55; 55 + 11 + 12. */
    public static String sum(List<Real> numbers) {
        if (numbers.size() <= MOST_ADDED || numbers.size() > MOST_PARTS * PART) {
            return joined(numbers, " + ");
        }
        List<String> parts = new ArrayList<>();
        Real soFar = Rational.ZERO;
        for (int from = 0; from < numbers.size(); from += PART) {
            List<Real> part = numbers.subList(from, Math.min(from + PART, numbers.size()));
            String before = from == 0 ? "" : text(soFar) + " + ";
            soFar = Algebra.plus(soFar, Algebra.sum(part));
            boolean isLast = from + PART >= numbers.size();
            parts.add(before + joined(part, " + ") + (isLast ? "" : " = " + text(soFar)));
        }
        return String.join("; ", parts);
    }

    /** The sum, divided by how many there are. */
    public static String mean(List<Real> numbers) {
        return numbers.size() <= MOST_ADDED
                ? "(" + joined(numbers, " + ") + ") / " + numbers.size()
                : sum(numbers) + " = " + text(Algebra.sum(numbers)) + "; " + text(Algebra.sum(numbers)) + " / "
                        + numbers.size();
    }

    /** Products of two tables, cell by cell, added; what is no number counts as 0. */
    public static String products(Table a, Table b) {
        if ((long) a.rows() * a.columns() > MOST_LOOKED_AT) {
            return "";
        }
        List<String> terms = new ArrayList<>();
        for (int row = 0; row < a.rows(); row++) {
            for (int column = 0; column < a.columns(); column++) {
                terms.add(factor(a.at(row, column)) + " × " + factor(b.at(row, column)));
            }
        }
        return abbreviated(terms, " + ");
    }

    private static String factor(Value value) {
        return value instanceof NumberValue || value instanceof Quantity ? text(value) : "0";
    }

    /** (2 − 4)² + (6 − 4)², the deviations from the mean, squared and added. */
    private static String squaredDeviations(List<Real> numbers) {
        Real mean = Algebra.mean(numbers);
        List<String> terms = new ArrayList<>();
        numbers.forEach(number -> terms.add("(" + text(number) + " − " + text(mean) + ")^2"));
        return abbreviated(terms, " + ");
    }

    /** The variance, divided by n less so much. */
    public static String variance(List<Real> numbers, int less) {
        return "mean " + text(Algebra.mean(numbers)) + "; (" + squaredDeviations(numbers) + ") / "
                + (numbers.size() - less);
    }

    /** Its root. */
    public static String deviation(List<Real> numbers, int less) {
        return "mean " + text(Algebra.mean(numbers)) + "; √((" + squaredDeviations(numbers) + ") / "
                + (numbers.size() - less) + ")";
    }

    /** Products of the deviations of pairs. */
    private static String deviations(List<Real> a, List<Real> b) {
        Real first = Algebra.mean(a);
        Real second = Algebra.mean(b);
        List<String> terms = new ArrayList<>();
        for (int i = 0; i < a.size(); i++) {
            terms.add("(" + text(a.get(i)) + " − " + text(first) + ")"
                    + (a == b ? "^2" : " × (" + text(b.get(i)) + " − " + text(second) + ")"));
        }
        return abbreviated(terms, " + ");
    }

    /** The covariance, divided by n less so much. */
    public static String covariance(List<Real> y, List<Real> x, int less) {
        return "(" + deviations(y, x) + ") / " + (y.size() - less);
    }

    public static String slope(List<Real> y, List<Real> x) {
        return "(" + deviations(y, x) + ") / (" + deviations(x, x) + ")";
    }

    public static String correlation(List<Real> y, List<Real> x) {
        return "(" + deviations(y, x) + ") / √((" + deviations(y, y) + ") × (" + deviations(x, x) + "))";
    }

    /** The line through the means: mean of y + slope × (at − mean of x). */
    public static String lineAt(List<Real> y, List<Real> x, Real at) {
        BinaryOperator<Real> over = Algebra::over;
        Real slope = over.apply(Algebra.deviations(y, x), Algebra.deviations(x, x));
        return text(Algebra.mean(y)) + " + " + text(slope) + " × (" + text(at) + " − " + text(Algebra.mean(x)) + ")";
    }

    /** Where in the sorted numbers a share of them lies. */
    public static String placeOfShare(List<Real> numbers, Real share) {
        Real place = Algebra.plus(Rational.ONE, Algebra.times(share, Rational.of(numbers.size() - 1L)));
        return sorted(numbers) + "; place 1 + " + text(share) + " × " + (numbers.size() - 1) + " = " + text(place);
    }

    public static String sorted(List<Real> numbers) {
        return "sorted: " + joined(numbers.stream().sorted().toList(), ", ");
    }

    /** How often a number is there. */
    public static String howOften(List<Real> numbers, Real which) {
        long times = numbers.stream().filter(each -> each.compareTo(which) == 0).count();
        return sorted(numbers) + "; " + text(which) + " is there " + times + " times";
    }

    /** Sums discounted: 110 / 1.1^1 + 121 / 1.1^2. */
    public static String discounted(List<Real> values, Real rate) {
        List<String> terms = new ArrayList<>();
        Real growth = Algebra.plus(Rational.ONE, rate);
        for (int i = 0; i < values.size(); i++) {
            terms.add(text(values.get(i)) + " / " + text(growth) + "^" + (i + 1));
        }
        return abbreviated(terms, " + ");
    }

    /** A chance of exactly k successes, or the sum up to it. */
    public static String binomial(Arguments given) {
        String n = text(given.number("n"));
        String p = text(given.number("p"));
        String k = given.truth("cumulative") ? "i" : text(given.number("k"));
        String one =
                "combinations(" + n + ", " + k + ") × " + p + "^" + k + " × (1 − " + p + ")^(" + n + " − " + k + ")";
        return given.truth("cumulative") ? "the sum of " + one + " for i from 0 to " + text(given.number("k")) : one;
    }

    public static String poisson(Arguments given) {
        String mean = text(given.number("mean"));
        String k = given.truth("cumulative") ? "i" : text(given.number("k"));
        String one = mean + "^" + k + " × e^(−" + mean + ") / " + k + "!";
        return given.truth("cumulative") ? "the sum of " + one + " for i from 0 to " + text(given.number("k")) : one;
    }

    /** (n − 1)! for a whole number. */
    public static String factorialBelow(Arguments given) {
        Real x = given.number("x");
        return x.isWhole() && x.signum() > 0 && Counting.factorial(given.whole("x")) != null
                ? "(" + text(x) + " − 1)!"
                : "";
    }

    /** The equation of payments, solved for one of them; without interest it is plain division. */
    public static String payment(Arguments given) {
        return given.number("rate").signum() == 0
                ? WorkingPattern.filled("−({presentvalue} + {futurevalue}) / {periods}", given)
                : WorkingPattern.filled("−({presentvalue} × (1 + {rate})^{periods} + {futurevalue})", given) + " / "
                        + annuity(given);
    }

    public static String presentValue(Arguments given) {
        return given.number("rate").signum() == 0
                ? WorkingPattern.filled("−({payment} × {periods} + {futurevalue})", given)
                : "−(" + WorkingPattern.filled("{payment} × ", given) + annuity(given)
                        + WorkingPattern.filled(" + {futurevalue}) / (1 + {rate})^{periods}", given);
    }

    public static String futureValue(Arguments given) {
        return given.number("rate").signum() == 0
                ? WorkingPattern.filled("−({payment} × {periods} + {presentvalue})", given)
                : "−(" + WorkingPattern.filled("{payment} × ", given) + annuity(given)
                        + WorkingPattern.filled(" + {presentvalue} × (1 + {rate})^{periods})", given);
    }

    private static String annuity(Arguments given) {
        String even = WorkingPattern.filled("((1 + {rate})^{periods} − 1) / {rate}", given);
        return given.truth("atstart") ? "((1 + " + text(given.number("rate")) + ") × " + even + ")" : "(" + even + ")";
    }

    /** For two rows: 1 × 4 − 2 × 3; for three along the first row (Laplace). */
    public static String determinant(Real[][] a) {
        if (a.length == 2 && a[0].length == 2) {
            return text(a[0][0]) + " × " + text(a[1][1]) + " − " + text(a[0][1]) + " × " + text(a[1][0]);
        }
        if (a.length != 3 || a[0].length != 3) {
            return "";
        }
        List<String> terms = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            int left = i == 0 ? 1 : 0;
            int right = i == 2 ? 1 : 2;
            terms.add((i == 1 ? " − " : i == 2 ? " + " : "") + text(a[0][i]) + " × (" + text(a[1][left]) + " × "
                    + text(a[2][right]) + " − " + text(a[1][right]) + " × " + text(a[2][left]) + ")");
        }
        return String.join("", terms);
    }

    /** How the first cell of a product comes about. */
    public static String firstCell(Real[][] a, Real[][] b) {
        if (a[0].length != b.length) {
            return "";
        }
        List<Real> column = new ArrayList<>();
        for (Real[] row : b) {
            column.add(row[0]);
        }
        return "row by column, the first: " + products(List.of(a[0]), column);
    }

    private static String abbreviated(List<String> terms, String sign) {
        return terms.size() <= MOST_TERMS
                ? String.join(sign, terms)
                : String.join(sign, terms.subList(0, 3)) + sign + "…" + sign + terms.get(terms.size() - 1) + " ("
                        + terms.size() + " terms)";
    }
}
