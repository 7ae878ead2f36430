package app.logismos.function.algebra;

import app.logismos.algebra.Form;
import app.logismos.algebra.NoForm;
import app.logismos.function.Arguments;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** The derivative of an expression at a place, where it has one there. */
record Slope(Arguments given, Form form, Form.Letter by, int order) {
    /** Functions whose slope jumps. */
    private static final Set<String> WITH_KINKS = Set.of("abs", "sign");

    private static final double ALIKE = 1e-4;

    Value at(Form place) {
        Form derivative = given.derivative(form, by, order);
        Value here = worth(form, place);
        Value slope = worth(derivative, place);
        if (here instanceof Failure || slope instanceof Failure) {
            return here instanceof Failure failure && failure.code() != ErrorCode.DIVIDE_BY_ZERO
                    ? here
                    : none("It has no slope there.");
        }
        return hasKink(form) && !areAlike(derivative, place)
                ? none("Its slope from the left is another than from the right.")
                : slope;
    }

    /**
     * The slope of an expression with conditions: of the branch that is taken there, and at a border of both if they meet
     * with one slope. Nothing where the place is no number, or a branch is no part of algebra.
     */
    static Optional<Value> throughBranches(Arguments given, Form.Letter by, int order) {
        return Branches.of(given).map(branches -> throughBranches(branches, given, by, order));
    }

    private static Value throughBranches(Branches branches, Arguments given, Form.Letter by, int order) {
        Form place = given.form("at");
        Slope own = new Slope(given, branches.here(), by, order);
        if (!branches.meet()) {
            return own.at(place);
        }
        Value height = own.worth(branches.here(), place);
        for (Form side : List.of(branches.left(), branches.right())) {
            if (!areEqual(height, own.worth(side, place))) {
                return none("It jumps there.");
            }
        }
        Value slope = new Slope(given, branches.left(), by, order).at(place);
        Value other = new Slope(given, branches.right(), by, order).at(place);
        return areEqual(slope, other) ? slope : none("Its slope from the left is another than from the right.");
    }

    private static boolean areEqual(Value a, Value b) {
        OptionalDouble one = number(a);
        OptionalDouble other = number(b);
        return one.isPresent()
                && other.isPresent()
                && Math.abs(one.getAsDouble() - other.getAsDouble())
                        <= 1e-12 * Math.max(1, Math.abs(one.getAsDouble()));
    }

    private static Failure none(String says) {
        return Failure.of(ErrorCode.NO_REAL_RESULT, "The expression has no derivative at this place. " + says);
    }

    private Value worth(Form of, Form place) {
        try {
            return given.worth(of.with(by, place));
        } catch (NoForm none) {
            return none("It has no value there.");
        }
    }

    private static boolean hasKink(Form of) {
        return of instanceof Form.Applied applied && WITH_KINKS.contains(applied.function())
                || of.parts().stream().anyMatch(Slope::hasKink);
    }

    private boolean areAlike(Form derivative, Form place) {
        Form near = Form.number(Branches.BESIDE)
                .times(Form.applied("abs", List.of(place)).plus(Form.ONE));
        OptionalDouble left = number(worth(derivative, place.minus(near)));
        OptionalDouble right = number(worth(derivative, place.plus(near)));
        return left.isPresent()
                && right.isPresent()
                && Math.abs(left.getAsDouble() - right.getAsDouble())
                        <= ALIKE * (1 + Math.abs(left.getAsDouble()) + Math.abs(right.getAsDouble()));
    }

    private static OptionalDouble number(Value value) {
        return value instanceof NumberValue number
                ? OptionalDouble.of(number.real().toDouble())
                : OptionalDouble.empty();
    }
}
