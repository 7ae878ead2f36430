package app.logismos.number;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.RecursiveAction;

/**
 * The decimal digits of very long whole numbers.
 *
 * <p>The number is divided by 10 to the power of half its digits, and each half again (Knuth, The Art of Computer
 * Programming, vol. 2, 4.4, method 1b), both halves at a time. The powers are found once, by squaring; short pieces are
 * divided by 10⁹ in plain {@code int}s, which is what makes this faster than {@link BigInteger#toString()}.
 */
final class LongDecimal {
    /** Digits of a piece that is written without dividing it further; a multiple of nine. */
    private static final int PIECE = 900;

    private static final long BILLION = 1_000_000_000L;
    private static final int BILLION_DIGITS = 9;
    private static final long INT = 0xFFFF_FFFFL;

    private LongDecimal() {}

    /** The digits of a number, with its sign. */
    static String of(BigInteger number) {
        if (number.bitLength() <= Real.MAX_FRACTION_BITS) {
            return number.toString();
        }
        List<BigInteger> powers = new ArrayList<>(List.of(BigInteger.TEN.pow(PIECE)));
        BigInteger size = number.abs();
        while (powers.get(powers.size() - 1).bitLength() * 2L - 1 <= size.bitLength()) {
            BigInteger last = powers.get(powers.size() - 1);
            powers.add(InParts.product(last, last));
        }
        char[] digits = new char[PIECE << powers.size()];
        write(size, powers, powers.size(), digits, 0);
        int first = 0;
        while (digits[first] == '0') {
            first++;
        }
        String text = new String(digits, first, digits.length - first);
        return number.signum() < 0 ? "-" + text : text;
    }

    /** The longest are divided on the thread that asks, which can be told to stop between. */
    private static void write(BigInteger part, List<BigInteger> powers, int level, char[] digits, int at) {
        if (part.bitLength() <= InParts.PART_BITS) {
            Cancellable.check();
            ForkJoinPool.commonPool().invoke(new Piece(part, powers, level, digits, at));
            return;
        }
        BigInteger[] halves = InParts.quotientAndRest(part, powers.get(level - 1));
        write(halves[0], powers, level - 1, digits, at);
        write(halves[1], powers, level - 1, digits, at + (PIECE << level - 1));
    }

    /** Writes a part of the number, with zeros in front, into its {@code PIECE << level} digits. */
    private static final class Piece extends RecursiveAction {
        private static final long serialVersionUID = 1L;
        private final transient BigInteger part;
        private final transient List<BigInteger> powers;
        private final int level;
        private final char[] digits;
        private final int at;

        Piece(BigInteger part, List<BigInteger> powers, int level, char[] digits, int at) {
            this.part = part;
            this.powers = powers;
            this.level = level;
            this.digits = digits;
            this.at = at;
        }

        @Override
        protected void compute() {
            if (level == 0) {
                write(part, digits, at);
                return;
            }
            BigInteger[] halves = part.divideAndRemainder(powers.get(level - 1));
            int half = PIECE << level - 1;
            invokeAll(
                    new Piece(halves[0], powers, level - 1, digits, at),
                    new Piece(halves[1], powers, level - 1, digits, at + half));
        }
    }

    private static void write(BigInteger part, char[] digits, int at) {
        byte[] bytes = part.toByteArray();
        int[] words = new int[(bytes.length + 3) / 4];
        for (int i = 0; i < bytes.length; i++) {
            int fromEnd = bytes.length - 1 - i;
            words[words.length - 1 - fromEnd / 4] |= (bytes[i] & 0xFF) << fromEnd % 4 * 8;
        }
        int first = 0;
        for (int end = at + PIECE; end > at; end -= BILLION_DIGITS) {
            long rest = 0;
            for (int i = first; i < words.length; i++) {
                long value = rest << 32 | words[i] & INT;
                words[i] = (int) (value / BILLION);
                rest = value % BILLION;
            }
            while (first < words.length && words[first] == 0) {
                first++;
            }
            for (int digit = end - 1; digit >= end - BILLION_DIGITS; digit--) {
                digits[digit] = (char) ('0' + rest % 10);
                rest /= 10;
            }
        }
    }
}
