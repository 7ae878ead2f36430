package app.logismos.function;

import app.logismos.number.Cancellable;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.number.Unrounded;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import java.util.List;
import org.apache.commons.numbers.core.DD;

/** The four operations for formulas of several steps: what has no answer refuses the whole call. */
public final class Algebra {
    /** Where numbers end, for whoever has gone past it. */
    public static final String ENDS_OF_NUMBERS =
            "whole numbers have 1,000,000 digits at the most, and approximate ones lie between 10^-1000000 and 10^1000000.";

    private Algebra() {}

    public static Real plus(Real a, Real b) {
        return answer(a.plus(b));
    }

    public static Real minus(Real a, Real b) {
        return answer(a.minus(b));
    }

    public static Real times(Real a, Real b) {
        return answer(a.times(b));
    }

    public static Real over(Real a, Real b) {
        return answer(a.dividedBy(b));
    }

    public static Real sqrt(Real a) {
        return answer(Powers.sqrt(a));
    }

    public static Real power(Real a, Real b) {
        return answer(a.power(b));
    }

    /** A number from {@link Unrounded} steps, as it may be answered. */
    public static Real settled(Real number) {
        return answer(Unrounded.settled(number));
    }

    public static Real sum(List<Real> numbers) {
        return Total.of(numbers).sum();
    }

    public static Real product(List<Real> numbers) {
        Total product = Total.of(Rational.ONE);
        for (Real number : numbers) {
            product = product.times(Total.of(number));
        }
        return product.sum();
    }

    public static Real mean(List<Real> numbers) {
        return Total.of(numbers).shared(numbers.size()).sum();
    }

    /** The sum of products of deviations from the means; of one list with itself, the sum of squares. */
    public static Real deviations(List<Real> a, List<Real> b) {
        Total meanA = Total.of(a).shared(a.size());
        Total meanB = Total.of(b).shared(b.size());
        Total sum = Total.NONE;
        for (int i = 0; i < a.size(); i++) {
            sum = sum.plus(meanA.from(a.get(i)).times(meanB.from(b.get(i))));
        }
        return sum.sum();
    }

    /** What a method for doubles answers; where it has no answer, neither has the call. */
    public static Real from(double number) {
        if (Double.isNaN(number)) {
            throw new Arguments.Refused(
                    Failure.of(ErrorCode.NO_REAL_RESULT, "This has no real result for these arguments."));
        }
        return Real.from(number);
    }

    /** What a method answers to more digits than a double has. */
    public static Real from(DD number) {
        return from(number.hi());
    }

    /** The number that an operation gives, one of perhaps very many in a function's work. */
    public static Real answer(Result result) {
        Cancellable.tick();
        if (result instanceof Real real) {
            return real;
        }
        throw new Arguments.Refused(
                switch ((Undefined) result) {
                    case DIVIDE_BY_ZERO ->
                        Failure.of(
                                ErrorCode.DIVIDE_BY_ZERO, "This divides by 0: the numbers are too few or all alike.");
                    case NO_REAL_RESULT -> Failure.of(ErrorCode.NO_REAL_RESULT, "This has no real result.");
                    case TOO_LARGE ->
                        Failure.of(ErrorCode.TOO_LARGE, "This is past what can be held here: " + ENDS_OF_NUMBERS);
                });
    }
}
