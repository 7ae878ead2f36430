package app.logismos.algebra;

import app.logismos.number.Cancellable;
import app.logismos.number.Rational;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Sums without an upper end of quotients of polynomials: those that telescope, and powers with even exponents (DLMF
 * 25.6.2), also with changing signs (25.2.3); and the series of the exponential function (4.2.19).
 */
final class InfiniteSum {
    private static final int MOST_EXPONENT = 40;
    private static final int MOST_STEPS = 1_000;
    private static final Rational HALF = Rational.of(1, 2);

    private InfiniteSum() {}

    static Optional<Form> of(Form term, Form.Letter by, BigInteger from) {
        Optional<Form> exponential = exponential(term, by, from);
        if (exponential.isPresent()) {
            return exponential;
        }
        Form sign = Form.power(Form.MINUS_ONE, by);
        Form size = term.over(sign);
        return PartialFractions.parted(size, by).isPresent()
                ? alternating(size, by, from)
                : telescoping(term, by, Form.number(Rational.of(from)), Optional.empty());
    }

    /** {@code times/(k + shift)^power}. */
    private record Pole(Rational times, Rational shift, int power) {}

    /** The term as poles; nothing where it is something else, or has a polynomial part. */
    private static Optional<List<Pole>> poles(Form term, Form.Letter by) {
        Optional<PartialFractions.Parted> parted = PartialFractions.parted(term, by);
        if (parted.isEmpty() || parted.get().fractions().isEmpty()) {
            return Optional.empty();
        }
        if (!parted.get().whole().isZero()) {
            throw new Summation.Divergent();
        }
        List<Pole> poles = new ArrayList<>();
        for (PartialFractions.Fraction fraction : parted.get().fractions()) {
            Optional<Rational> constant = Summation.rational(fraction.below().with(by, Form.ZERO));
            Optional<Rational> slope = Summation.slope(fraction.below(), by).flatMap(Summation::rational);
            Optional<Rational> above = Summation.rational(fraction.above());
            if (constant.isEmpty() || slope.isEmpty() || above.isEmpty()) {
                return Optional.empty();
            }
            Rational steep = (Rational) slope.get().power(Rational.of(fraction.times()));
            poles.add(new Pole(
                    (Rational) above.get().dividedBy(steep),
                    (Rational) constant.get().dividedBy(slope.get()),
                    fraction.times()));
        }
        return Optional.of(poles);
    }

    /** A sum of poles that lie whole steps apart and cancel in the long run, or whose rest is known. */
    static Optional<Form> telescoping(Form term, Form.Letter by, Form from, Optional<Form> to) {
        Optional<List<Pole>> poles = poles(term, by);
        if (poles.isEmpty()) {
            return Optional.empty();
        }
        Form sum = Form.ZERO;
        for (List<Pole> alike : alike(poles.get())) {
            Rational least =
                    alike.stream().map(Pole::shift).min(Rational::compareTo).orElseThrow();
            int power = alike.get(0).power();
            Rational all = Rational.ZERO;
            for (Pole pole : alike) {
                all = (Rational) all.plus(pole.times());
                BigInteger steps = ((Rational) pole.shift().minus(least)).numerator();
                if (steps.bitLength() > 31 || steps.intValue() > MOST_STEPS) {
                    return Optional.empty();
                }
                for (int i = 0; i < steps.intValue(); i++) {
                    Cancellable.check();
                    Form place = Form.number(least).plus(Form.number(i));
                    sum = sum.minus(term(pole.times(), from.plus(place), power));
                    if (to.isPresent()) {
                        sum = sum.plus(
                                term(pole.times(), to.get().plus(Form.ONE).plus(place), power));
                    }
                }
            }
            if (all.signum() != 0) {
                Optional<Form> rest = to.isPresent() ? Optional.empty() : rest(from, least, power);
                if (rest.isEmpty()) {
                    if (to.isEmpty() && isHarmonic(poles.get())) {
                        throw new Summation.Divergent();
                    }
                    return Optional.empty();
                }
                sum = sum.plus(Form.number(all).times(rest.get()));
            }
        }
        return Optional.of(sum);
    }

    /** Whether the terms are as large as those of 1 + 1/2 + 1/3 + … in the long run. */
    private static boolean isHarmonic(List<Pole> poles) {
        Rational sum = Rational.ZERO;
        for (Pole pole : poles) {
            sum = pole.power() == 1 ? (Rational) sum.plus(pole.times()) : sum;
        }
        return sum.signum() != 0;
    }

    /** Poles of one power that lie whole steps apart. */
    private static List<List<Pole>> alike(List<Pole> poles) {
        Map<String, List<Pole>> groups = new TreeMap<>();
        for (Pole pole : poles) {
            Rational part =
                    (Rational) pole.shift().minus(Rational.of(pole.shift().floor()));
            groups.computeIfAbsent(pole.power() + " " + part, key -> new ArrayList<>())
                    .add(pole);
        }
        return List.copyOf(groups.values());
    }

    private static Form term(Rational times, Form place, int power) {
        return Form.number(times).over(place.power(power));
    }

    /** Σ 1/(k + shift)^power from a number on: the zeta function less its first terms. */
    private static Optional<Form> rest(Form from, Rational shift, int power) {
        Optional<BigInteger> first = Summation.rational(from.plus(Form.number(shift)))
                .filter(Rational::isInteger)
                .map(Rational::numerator);
        boolean isKnown = power % 2 == 0
                && power <= MOST_EXPONENT
                && first.isPresent()
                && first.get().signum() > 0
                && first.get().bitLength() < 12;
        return isKnown
                ? Optional.of(zeta(power).minus(firstTerms(first.get().intValue(), power, 1)))
                : Optional.empty();
    }

    /** Σ sign^j / j^power for j from 1 to before a number. */
    private static Form firstTerms(int before, int power, int sign) {
        Form sum = Form.ZERO;
        for (int j = 1; j < before; j++) {
            sum = sum.plus(term(Rational.of(sign < 0 && j % 2 == 1 ? -1 : 1), Form.number(j), power));
        }
        return sum;
    }

    /** ζ(2n) = (2π)^2n |B_2n| / (2 (2n)!). */
    private static Form zeta(int even) {
        Rational[] bernoulli = new Rational[even + 1];
        Rational factorial = Rational.ONE;
        for (int m = 0; m <= even; m++) {
            factorial = m == 0 ? factorial : (Rational) factorial.times(Rational.of(m));
            Rational sum = Rational.ZERO;
            for (int k = 0; k < m; k++) {
                sum = (Rational) sum.plus((Rational) bernoulli[k].times(Rational.of(Summation.choose(m + 1, k))));
            }
            bernoulli[m] = m == 0 ? Rational.ONE : (Rational) sum.negate().dividedBy(Rational.of(m + 1L));
        }
        Rational twos = (Rational) Rational.of(2).power(Rational.of(even - 1L));
        Rational times = (Rational) ((Rational) twos.times(bernoulli[even].abs())).dividedBy(factorial);
        return Form.number(times).times(Form.PI.power(even));
    }

    /** Σ (−1)^k times poles: −ln 2 and even zeta values for whole shifts, π for the odd halves. */
    private static Optional<Form> alternating(Form size, Form.Letter by, BigInteger from) {
        Optional<List<Pole>> poles = poles(size, by);
        if (poles.isEmpty()) {
            return Optional.empty();
        }
        Form sum = Form.ZERO;
        for (Pole pole : poles.get()) {
            Optional<Form> rest = alternating(pole, from);
            if (rest.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(rest.get());
        }
        return Optional.of(sum);
    }

    private static Optional<Form> alternating(Pole pole, BigInteger from) {
        Rational first = (Rational) pole.shift().plus(Rational.of(from));
        BigInteger whole = first.floor();
        if (whole.signum() < 0 || whole.bitLength() > 10 || pole.power() > MOST_EXPONENT) {
            return Optional.empty();
        }
        if (first.isInteger() && whole.signum() > 0 && (pole.power() == 1 || pole.power() % 2 == 0)) {
            Form all = pole.power() == 1
                    ? Form.applied("ln", List.of(Form.number(2)))
                    : zeta(pole.power()).times(Form.ONE.minus(Form.number(2).power(1L - pole.power())));
            // With j = k + shift the sign is (−1)^j (−1)^shift.
            Form rest = all.negated().minus(firstTerms(whole.intValue(), pole.power(), -1));
            return Optional.of(signed(pole.times(), pole.shift().numerator(), rest));
        }
        if (pole.power() == 1 && ((Rational) first.minus(Rational.of(whole))).equals(HALF)) {
            Form rest = Form.PI.over(Form.number(2));
            for (int j = 0; j < whole.intValue(); j++) {
                Rational place = (Rational) Rational.of(j).plus(HALF);
                rest = rest.minus(term(Rational.of(j % 2 == 0 ? 1 : -1), Form.number(place), 1));
            }
            return Optional.of(signed(pole.times(), pole.shift().floor(), rest));
        }
        return Optional.empty();
    }

    private static Form signed(Rational times, BigInteger shift, Form rest) {
        return Form.number(shift.testBit(0) ? (Rational) times.negate() : times).times(rest);
    }

    /** Σ times · ratio^k / k! is times · e^ratio, less the first terms. */
    private static Optional<Form> exponential(Form term, Form.Letter by, BigInteger from) {
        Form factorial = Form.applied("factorial", List.of(by));
        if (from.signum() < 0 || from.bitLength() > 10) {
            return Optional.empty();
        }
        return Summation.pieces(term.times(factorial), by)
                .filter(pieces -> pieces.size() == 1 && pieces.get(0).degree() == 0)
                .map(pieces -> {
                    Summation.Piece piece = pieces.get(0);
                    Form sum = Form.power(Form.E, piece.ratio());
                    Form below = Form.ONE;
                    for (int k = 0; k < from.intValue(); k++) {
                        below = k == 0 ? below : below.times(Form.number(k));
                        sum = sum.minus(piece.ratio().power(k).over(below));
                    }
                    return piece.times().times(sum);
                });
    }
}
