package app.logismos.number;

import java.util.Arrays;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/**
 * Real numbers side by side, as in a column of a table: fractions of short parts and doubles lie in arrays of primitives,
 * so that a long column needs no object for each. A place may have none, because there is none or because it is of
 * another kind, which the owner keeps elsewhere.
 */
public final class Reals {
    /** Stands in the place of a denominator where there is no number. */
    private static final int NONE = 0;

    private static final int IS_DOUBLE = -1;

    private final long[] above;
    private final int[] below;

    /** Numbers for {@code size} places, none of them there yet. */
    public Reals(int size) {
        above = new long[size];
        below = new int[size];
    }

    /** The same number at each place; none where it is of a kind that is not held. */
    public static Reals filled(int size, Real number) {
        Reals filled = new Reals(size);
        filled.set(0, number);
        Arrays.fill(filled.above, filled.above[0]);
        Arrays.fill(filled.below, filled.below[0]);
        return filled;
    }

    /** A copy that can be changed independently. */
    public Reals copy() {
        Reals copy = new Reals(above.length);
        copy(0, copy, 0, above.length);
        return copy;
    }

    /** Whether a number is of a kind that is held here. */
    public static boolean holds(Real number) {
        return number instanceof Approximate
                || number instanceof SmallRational small && small.below() == (int) small.below();
    }

    /** Whether a place has a number. */
    public boolean has(int i) {
        return below[i] != NONE;
    }

    /** The number at a place, or null. */
    public @Nullable Real get(int i) {
        return switch (below[i]) {
            case NONE -> null;
            case IS_DOUBLE -> new Approximate(Double.longBitsToDouble(above[i]));
            case 1 -> SmallRational.of(above[i]);
            default -> new SmallRational(above[i], below[i]);
        };
    }

    /** Puts a number there, if it {@link #holds}; otherwise the place has none. */
    public void set(int i, Real number) {
        if (number instanceof SmallRational small && holds(small)) {
            above[i] = small.above();
            below[i] = (int) small.below();
        } else if (number instanceof Approximate approximate) {
            above[i] = Double.doubleToLongBits(approximate.number());
            below[i] = IS_DOUBLE;
        } else {
            below[i] = NONE;
        }
    }

    /** Takes the number away. */
    public void clear(int i) {
        below[i] = NONE;
    }

    /**
     * The first place from {@code from} to before {@code until} at which the two have not one and the same number;
     * {@code until} where there is no such place.
     */
    public int mismatch(Reals other, int from, int until) {
        int i = from;
        while (i < until && below[i] == other.below[i] && above[i] == other.above[i] && below[i] != NONE) {
            i++;
        }
        return i;
    }

    /** Copies {@code length} places from {@code first} on to those of {@code target} from {@code at} on. */
    public void copy(int first, Reals target, int at, int length) {
        System.arraycopy(above, first, target.above, at, length);
        System.arraycopy(below, first, target.below, at, length);
    }

    /**
     * Makes the places from {@code from} to before {@code until} the sums of two others; they have none where a part has
     * none, or where the sum is not held.
     */
    public void setSums(Reals left, Reals right, int from, int until) {
        for (int i = from; i < until; i++) {
            if (!left.isShort(i) || !right.isShort(i)) {
                work(i, left, right, Real::plus);
            } else {
                add(i, left.above[i], left.below[i], right.above[i], right.below[i]);
            }
        }
    }

    /** As {@link #setSums}, differences. */
    public void setDifferences(Reals left, Reals right, int from, int until) {
        for (int i = from; i < until; i++) {
            if (!left.isShort(i) || !right.isShort(i)) {
                work(i, left, right, Real::minus);
            } else {
                add(i, left.above[i], left.below[i], -right.above[i], right.below[i]);
            }
        }
    }

    /** As {@link #setSums}, products. */
    public void setProducts(Reals left, Reals right, int from, int until) {
        for (int i = from; i < until; i++) {
            if (left.isShort(i) && right.isShort(i)) {
                reduced(i, left.above[i] * right.above[i], (long) left.below[i] * right.below[i]);
            } else {
                work(i, left, right, Real::times);
            }
        }
    }

    /** As {@link #setSums}, quotients; none by 0. */
    public void setQuotients(Reals left, Reals right, int from, int until) {
        for (int i = from; i < until; i++) {
            if (left.isShort(i) && right.isShort(i) && right.above[i] != 0) {
                long above = left.above[i] * right.below[i];
                reduced(i, right.above[i] < 0 ? -above : above, Math.abs(right.above[i]) * left.below[i]);
            } else {
                work(i, left, right, Real::dividedBy);
            }
        }
    }

    private void add(int i, long a, long c, long b, long d) {
        if (c == d) {
            reduced(i, a + b, c);
        } else if (c == 1 || d == 1) {
            put(i, a * d + b * c, c * d);
        } else {
            reduced(i, a * d + b * c, c * d);
        }
    }

    /** Whether sums and products with another such fraction cannot overflow: both parts are ints and not the least. */
    private boolean isShort(int i) {
        return below[i] > 0 && above[i] == (int) above[i] && above[i] != Integer.MIN_VALUE;
    }

    private void work(int i, Reals left, Reals right, BiFunction<Real, Real, Result> operation) {
        if (left.has(i) && right.has(i) && operation.apply(left.get(i), right.get(i)) instanceof Real real) {
            set(i, real);
        } else {
            clear(i);
        }
    }

    private void reduced(int i, long above, long below) {
        if (below == 1) {
            put(i, above, 1);
            return;
        }
        long shared = SmallRational.gcd(Math.abs(above), below);
        if (shared == 1) {
            put(i, above, below);
        } else {
            put(i, above / shared, below / shared);
        }
    }

    private void put(int i, long above, long below) {
        this.above[i] = above;
        this.below[i] = below == (int) below ? (int) below : NONE;
    }
}
