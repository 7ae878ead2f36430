package app.logismos.function.algebra;

import app.logismos.number.Cancellable;
import java.util.Comparator;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.DoubleUnaryOperator;

/**
 * Integrals by numbers: 15 points of Kronrod with the 7 of Gauss among them, and the piece with the largest difference is
 * halved (R. Piessens et al., QUADPACK, 1983, QAG). Infinite ends are brought near by {@code x = t/(1 - t^2)}.
 */
final class Quadrature {
    private static final double[] NODES = {
        0.991455371120812639206854697526329,
        0.949107912342758524526189684047851,
        0.864864423359769072789712788640926,
        0.741531185599394439863864773280788,
        0.586087235467691130294144558521889,
        0.405845151377397166906606412076961,
        0.207784955007898467600689403773245,
        0.0
    };
    private static final double[] KRONROD = {
        0.022935322010529224963732008058970,
        0.063092092629978553290700663189204,
        0.104790010322250183839876322541518,
        0.140653259715525918745189590510238,
        0.169004726639267902826583426598550,
        0.190350578064785409913256402421014,
        0.204432940075298892414161999234649,
        0.209482141084727828012999174891714
    };
    private static final double[] GAUSS = {
        0.129484966168869693270611432679082,
        0.279705391489276667901467771423780,
        0.381830050505118944950369775488975,
        0.417959183673469387755102040816327
    };
    private static final int MOST_PIECES = 1_500;
    private static final double ACCURACY = 1e-13;

    /** A piece that is halved so often and stays as large lies beside a pole of first order or more. */
    private static final int MOST_STUCK = 40;

    /** A coarser answer is still told, with this much behind it. */
    private static final double USABLE = 1e-9;

    private final DoubleUnaryOperator function;
    private int evaluations;

    private Quadrature(DoubleUnaryOperator function) {
        this.function = function;
    }

    /**
     * An integral.
     *
     * @param error how far it may lie from the true one, as the method claims
     * @param evaluations how many values of the function were looked at
     */
    record Found(double value, double error, int evaluations) {}

    /**
     * A piece of the way.
     *
     * @param stuck how often it was halved on without its value becoming smaller, as beside a pole
     */
    private record Piece(double from, double to, double value, double error, int stuck) {
        /** As a part of another piece. */
        Piece in(Piece whole) {
            boolean isStuck = value != 0 && Math.abs(value) >= 0.99 * Math.abs(whole.value());
            return new Piece(from, to, value, error, isStuck ? whole.stuck() + 1 : 0);
        }
    }

    /** The integral; nothing where it does not settle. */
    static Optional<Found> of(DoubleUnaryOperator function, double from, double to) {
        if (Double.isInfinite(from) || Double.isInfinite(to)) {
            double left = from == Double.NEGATIVE_INFINITY ? -1 : Double.isInfinite(from) ? 1 : inner(from);
            double right = to == Double.POSITIVE_INFINITY ? 1 : Double.isInfinite(to) ? -1 : inner(to);
            return new Quadrature(t -> {
                        double below = 1 - t * t;
                        double value = function.applyAsDouble(t / below);
                        return value == 0 ? 0 : value * (1 + t * t) / (below * below);
                    })
                    .between(left, right);
        }
        return new Quadrature(function).between(from, to);
    }

    /** The t whose t/(1 − t²) a number is. */
    private static double inner(double x) {
        return x == 0 ? 0 : (Math.sqrt(1 + 4 * x * x) - 1) / (2 * x);
    }

    private Optional<Found> between(double from, double to) {
        PriorityQueue<Piece> pieces = new PriorityQueue<>(Comparator.comparingDouble(piece -> -piece.error()));
        pieces.add(piece(from, to));
        double value = pieces.peek().value();
        double error = pieces.peek().error();
        while (!(error <= ACCURACY * Math.abs(value)) && error > Double.MIN_NORMAL && pieces.size() < MOST_PIECES) {
            Cancellable.check();
            Piece worst = pieces.poll();
            double middle = (worst.from() + worst.to()) / 2;
            if (middle == worst.from() || middle == worst.to()) {
                return Optional.empty();
            }
            Piece left = piece(worst.from(), middle).in(worst);
            Piece right = piece(middle, worst.to()).in(worst);
            if (Math.max(left.stuck(), right.stuck()) > MOST_STUCK) {
                return Optional.empty();
            }
            pieces.add(left);
            pieces.add(right);
            value = pieces.stream().mapToDouble(Piece::value).sum();
            error = pieces.stream().mapToDouble(Piece::error).sum();
            double size = pieces.stream()
                    .mapToDouble(piece -> Math.abs(piece.value()))
                    .sum();
            if (error <= 4 * Math.ulp(size)) {
                break;
            }
        }
        double size =
                pieces.stream().mapToDouble(piece -> Math.abs(piece.value())).sum();
        return error <= USABLE * Math.max(size, Double.MIN_NORMAL)
                ? Optional.of(new Found(value, error, evaluations))
                : Optional.empty();
    }

    private Piece piece(double from, double to) {
        evaluations += 15;
        double centre = (from + to) / 2;
        double half = (to - from) / 2;
        double middle = function.applyAsDouble(centre);
        double kronrod = KRONROD[7] * middle;
        double gauss = GAUSS[3] * middle;
        for (int i = 0; i < 7; i++) {
            double sum =
                    function.applyAsDouble(centre - half * NODES[i]) + function.applyAsDouble(centre + half * NODES[i]);
            kronrod += KRONROD[i] * sum;
            gauss += i % 2 == 1 ? GAUSS[i / 2] * sum : 0;
        }
        double value = kronrod * half;
        double error = Math.abs(kronrod - gauss) * Math.abs(half);
        // The true error falls much faster than the difference of the two (QUADPACK, 2.2.4.1).
        double scaled =
                error == 0 ? 0 : Math.min(error, Math.abs(value) * Math.pow(200 * error / Math.abs(value), 1.5));
        return Double.isFinite(value) && Double.isFinite(error)
                ? new Piece(from, to, value, scaled, 0)
                : new Piece(from, to, 0, Double.POSITIVE_INFINITY, 0);
    }
}
