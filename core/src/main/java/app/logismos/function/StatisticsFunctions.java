package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBERS;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import java.util.Comparator;
import java.util.List;

/** Statistics. */
final class StatisticsFunctions {
    static final List<Function> ALL = List.of(
            function("count", Category.STATISTICS)
                    .says("How many numbers there are; texts and empty cells do not count.")
                    .repeated("numbers", NUMBERS, "what to count")
                    .example("count(4, 5, 6)", "3")
                    .example("count({1, \"a\"; 2, 3})", "3")
                    .related("sum", "mean")
                    .computes(given -> Rational.of(given.numbers("numbers").size())),
            function("mean", Category.STATISTICS)
                    .alsoRead("AVERAGE")
                    .says("The sum divided by how many there are.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("mean(1, 2, 4)", "7/3")
                    .example("mean({10; 20; 30})", "20")
                    .related("sum", "count")
                    .works(given -> "(" + ArithmeticFunctions.joined(given.numbers("numbers"), " + ") + ") / "
                            + given.numbers("numbers").size())
                    .computes(given -> mean(some(given, "mean"))),
            function("min", Category.STATISTICS)
                    .says("The smallest number.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("min(3, 1, 2)", "1")
                    .example("min({4, 9; -2, 7})", "-2")
                    .related("max")
                    .computes(given -> some(given, "min").stream()
                            .min(Comparator.naturalOrder())
                            .orElseThrow()),
            function("max", Category.STATISTICS)
                    .says("The largest number.")
                    .repeated("numbers", NUMBERS, "at least one number")
                    .example("max(3, 1, 2)", "3")
                    .example("max(1/3, 0.33)", "1/3")
                    .related("min")
                    .computes(given -> some(given, "max").stream()
                            .max(Comparator.naturalOrder())
                            .orElseThrow()));

    private StatisticsFunctions() {}

    private static List<Real> some(Arguments given, String function) {
        List<Real> numbers = given.numbers("numbers");
        if (numbers.isEmpty()) {
            throw new Arguments.Refused(Failure.of(
                    ErrorCode.WRONG_ARGUMENTS,
                    "`" + function + "` needs at least one number, and there is none here."));
        }
        return numbers;
    }

    private static Result mean(List<Real> numbers) {
        Result sum = ArithmeticFunctions.sum(numbers);
        return sum instanceof Real real ? real.dividedBy(Rational.of(numbers.size())) : sum;
    }
}
