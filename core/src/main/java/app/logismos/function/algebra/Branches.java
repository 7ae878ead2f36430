package app.logismos.function.algebra;

import app.logismos.algebra.Form;
import app.logismos.function.Arguments;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.value.NumberValue;
import java.util.Optional;

/** An expression with conditions at a place: which of its branches hold on the left, there, and on the right. */
public record Branches(Form left, Form here, Form right) {
    /** How far the two sides of a place are looked at, 2^-30 of it. */
    static final Rational BESIDE = Rational.of(1, 1L << 30);

    /** Nothing where the place is no number, or a branch is no part of algebra. */
    public static Optional<Branches> of(Arguments given) {
        if (!(given.worth(given.form("at")) instanceof NumberValue number)
                || !number.real().isFinite()) {
            return Optional.empty();
        }
        Optional<Form> left = beside(given, number.real(), -1);
        Optional<Form> right = beside(given, number.real(), 1);
        Optional<Form> here = given.branch("expression", "variable", number);
        return left.isPresent() && right.isPresent() && here.isPresent()
                ? Optional.of(new Branches(left.get(), here.get(), right.get()))
                : Optional.empty();
    }

    /** The expression as it is on a side of a place, with the branch of every {@code if} that is taken there. */
    static Optional<Form> beside(Arguments given, Real place, int side) {
        Result size = place.abs().plus(Rational.ONE);
        Result distance = size instanceof Real real ? real.times(side < 0 ? BESIDE.negate() : BESIDE) : size;
        Result moved = distance instanceof Real real ? place.plus(real) : distance;
        return moved instanceof Real real
                ? given.branch("expression", "variable", new NumberValue(real))
                : Optional.empty();
    }

    /** Whether another branch begins at the place. */
    public boolean meet() {
        return !left.equals(here) || !right.equals(here);
    }
}
