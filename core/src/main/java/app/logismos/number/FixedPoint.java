package app.logismos.number;

import java.math.BigInteger;

/**
 * Elementary functions of whole numbers that stand for so many 2^−bits: the argument is made small, then the series of
 * Taylor, then what was made small is undone (R. P. Brent and P. Zimmermann, Modern Computer Arithmetic, 2010, section 4.4).
 */
final class FixedPoint {
    /** What the answers are off by is less than 2 to the power of this. */
    static final int BITS_OFF = 3;

    /** Bits that are worked with beside those that are asked for and those that undoing loses. */
    private static final int SPARE = 32;

    private static final LongestKnown LN2 = new LongestKnown();

    private FixedPoint() {}

    /** e to the power of x. */
    static BigInteger exp(BigInteger x, int bits) {
        int halvings = (int) Math.sqrt(bits);
        // The bits before the point are worked out too.
        int before = Math.max(0, (int) (x.shiftRight(bits).intValueExact() / Math.log(2)) + 2);
        int work = bits + before + SPARE + 2 * halvings;
        BigInteger ln2 = ln2(work + before);
        BigInteger wide = x.shiftLeft(work - bits);
        BigInteger twos = wide.shiftLeft(before).divide(ln2);
        BigInteger rest = wide.subtract(twos.multiply(ln2).shiftRight(before)).shiftRight(halvings);
        BigInteger term = BigInteger.ONE.shiftLeft(work);
        BigInteger sum = term;
        for (int n = 1; term.bitLength() > 1; n++) {
            Cancellable.check();
            term = InParts.product(term, rest).shiftRight(work).divide(BigInteger.valueOf(n));
            sum = sum.add(term);
        }
        for (int i = 0; i < halvings; i++) {
            Cancellable.check();
            sum = InParts.product(sum, sum).shiftRight(work);
        }
        return shifted(sum, twos.intValueExact() - work + bits);
    }

    /** The natural logarithm of x above 0: Newton's method on exp, which doubles the bits that are right. */
    static BigInteger ln(BigInteger x, int bits) {
        int twos = x.bitLength() - bits;
        int work = bits + SPARE;
        // In [1/2, 1], so that its power is as long as it is.
        BigInteger part = shifted(x, work - bits - twos);
        double near = Math.log(Math.scalb(part.shiftRight(work - 60).doubleValue(), -60));
        BigInteger guess = BigInteger.valueOf((long) (near * Math.scalb(1.0, 52)));
        int right = 48;
        int at = 52;
        while (right < work) {
            Cancellable.check();
            int next = Math.min(work, 2 * right);
            guess = shifted(guess, next + SPARE - at);
            at = next + SPARE;
            BigInteger power = exp(guess, at);
            BigInteger wide = shifted(part, at - work);
            // y + 2 (x − e^y) / (x + e^y): the cubic step of Halley, taken for a double one.
            guess = guess.add(wide.subtract(power).shiftLeft(at + 1).divide(wide.add(power)));
            right = next;
        }
        BigInteger answer = shifted(guess, work - at).add(ln2(work).multiply(BigInteger.valueOf(twos)));
        return answer.shiftRight(work - bits);
    }

    /** Sine and cosine of one angle. */
    record Turn(BigInteger sine, BigInteger cosine) {}

    /** The sine and the cosine of x, of any size. */
    static Turn turn(BigInteger x, int bits) {
        int size = Math.max(0, x.bitLength() - bits) + 1;
        int halvings = (int) Math.sqrt(bits) / 2;
        int work = bits + SPARE + 4 * halvings + 2 * size;
        BigInteger half = Pi.scaled(work - 1);
        BigInteger wide = x.shiftLeft(work - bits);
        BigInteger[] turns = wide.add(half.shiftRight(1)).divideAndRemainder(half);
        BigInteger quarters = turns[1].signum() < 0 ? turns[0].subtract(BigInteger.ONE) : turns[0];
        BigInteger rest = wide.subtract(quarters.multiply(half)).shiftRight(halvings);
        BigInteger square = InParts.product(rest, rest).shiftRight(work).negate();
        BigInteger sine = series(rest, square, 1, work);
        // 1 − cos, which keeps its digits where it is small.
        BigInteger versine = series(BigInteger.ONE.shiftLeft(work), square, 0, work)
                .subtract(BigInteger.ONE.shiftLeft(work))
                .negate();
        for (int i = 0; i < halvings; i++) {
            Cancellable.check();
            BigInteger cosine = BigInteger.ONE.shiftLeft(work).subtract(versine);
            BigInteger doubled = InParts.product(sine, cosine).shiftRight(work - 1);
            versine = InParts.product(sine, sine).shiftRight(work - 1);
            sine = doubled;
        }
        BigInteger cosine = BigInteger.ONE.shiftLeft(work).subtract(versine);
        Turn turned = switch (quarters.mod(BigInteger.valueOf(4)).intValue()) {
            case 0 -> new Turn(sine, cosine);
            case 1 -> new Turn(cosine, sine.negate());
            case 2 -> new Turn(sine.negate(), cosine.negate());
            default -> new Turn(cosine.negate(), sine);
        };
        return new Turn(turned.sine().shiftRight(work - bits), turned.cosine().shiftRight(work - bits));
    }

    /** first · (1 + square / ((k+1)(k+2)) + …): the sine with k = 1, the cosine with k = 0. */
    private static BigInteger series(BigInteger first, BigInteger square, int k, int work) {
        BigInteger term = first;
        BigInteger sum = first;
        for (long n = k + 1L; term.bitLength() > 1; n += 2) {
            Cancellable.check();
            term = InParts.product(term, square).shiftRight(work).divide(BigInteger.valueOf(n * (n + 1)));
            sum = sum.add(term);
        }
        return sum;
    }

    /** The angle between −π/2 and π/2 with tangent x. */
    static BigInteger atan(BigInteger x, int bits) {
        if (x.signum() < 0) {
            return atan(x.negate(), bits).negate();
        }
        BigInteger unit = BigInteger.ONE.shiftLeft(bits);
        if (x.compareTo(unit) > 0) {
            BigInteger inverse = unit.shiftLeft(bits).divide(x);
            return Pi.scaled(bits).shiftRight(1).subtract(atan(inverse, bits));
        }
        // tan(θ − y) = (x cos y − sin y) / (cos y + x sin y), and an angle differs from its tangent by a third of its
        // cube.
        BigInteger near = BigInteger.valueOf((long) (Math.atan(toDouble(x, bits)) * Math.scalb(1.0, 52)));
        int right = 48;
        int at = 52;
        while (right < bits + SPARE) {
            int next = Math.min(bits + SPARE, 3 * right - 2);
            near = shifted(near, next + SPARE - at);
            at = next + SPARE;
            BigInteger wide = shifted(x, at - bits);
            Turn turn = turn(near, at);
            BigInteger across =
                    InParts.product(turn.cosine(), wide).shiftRight(at).subtract(turn.sine());
            BigInteger along = InParts.product(turn.sine(), wide).shiftRight(at).add(turn.cosine());
            near = near.add(InParts.quotient(across.shiftLeft(at), along));
            right = next;
        }
        return shifted(near, bits - at);
    }

    private static double toDouble(BigInteger x, int bits) {
        int leading = Math.max(0, x.bitLength() - 60);
        return Math.scalb(x.shiftRight(leading).doubleValue(), leading - bits);
    }

    /** ln 2 = 18 artanh 1/26 − 2 artanh 1/4801 + 8 artanh 1/8749; to as many bits as anybody asked for. */
    private static BigInteger ln2(int bits) {
        return LN2.scaled(bits, work -> {
            BigInteger one = BigInteger.ONE.shiftLeft(work);
            return artanhOfInverse(26, one)
                    .multiply(BigInteger.valueOf(18))
                    .subtract(artanhOfInverse(4801, one).shiftLeft(1))
                    .add(artanhOfInverse(8749, one).shiftLeft(3));
        });
    }

    private static BigInteger artanhOfInverse(int x, BigInteger one) {
        BigInteger square = BigInteger.valueOf((long) x * x);
        BigInteger power = one.divide(BigInteger.valueOf(x));
        BigInteger sum = power;
        for (int n = 3; power.signum() != 0; n += 2) {
            Cancellable.check();
            power = power.divide(square);
            sum = sum.add(power.divide(BigInteger.valueOf(n)));
        }
        return sum;
    }

    private static BigInteger shifted(BigInteger number, int left) {
        return left >= 0 ? number.shiftLeft(left) : number.shiftRight(-left);
    }
}
