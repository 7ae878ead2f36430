package app.logismos.function.arithmetic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Rational;
import app.logismos.value.ErrorCode;
import app.logismos.value.NumberValue;
import java.math.BigInteger;
import java.util.List;
import java.util.function.BinaryOperator;

/** The binary digits of whole numbers of 0 or more, of any length (OpenFormula 6.6). */
public final class BitFunctions {
    private static final int MOST_SHIFT = 100_000;

    public static final List<Function> ALL = List.of(
            bits("bitand", "The binary digits that two whole numbers share.", BigInteger::and)
                    .example("bitand(12, 10)", "8")
                    .example("bitand(5, 2)", "0")
                    .related("bitor", "bitxor"),
            bits("bitor", "The binary digits that one or both of two whole numbers have.", BigInteger::or)
                    .example("bitor(12, 10)", "14")
                    .example("bitor(5, 2)", "7")
                    .related("bitand", "bitxor"),
            bits("bitxor", "The binary digits that exactly one of two whole numbers has.", BigInteger::xor)
                    .example("bitxor(12, 10)", "6")
                    .example("bitxor(5, 5)", "0")
                    .related("bitand", "bitor"),
            shift("bitlshift", "The number with its binary digits moved to the left: doubled so many times.", 1)
                    .example("bitlshift(3, 2)", "12")
                    .example("bitlshift(12, -2)", "3")
                    .related("bitrshift"),
            shift(
                            "bitrshift",
                            "The number with its binary digits moved to the right: halved and rounded down so many times.",
                            -1)
                    .example("bitrshift(13, 2)", "3")
                    .example("bitrshift(3, -2)", "12")
                    .related("bitlshift"),
            function("kronecker", Category.BITS)
                    .alsoRead("DELTA")
                    .says("1 where two numbers are equal, 0 where they are not.")
                    .argument("a", NUMBER, "one number")
                    .optional("b", NUMBER, NumberValue.of(0), "the other")
                    .example("kronecker(0.1 + 0.2, 0.3)", "1")
                    .example("kronecker(5)", "0")
                    .refuses("kronecker(\"a\")", ErrorCode.WRONG_KIND)
                    .related("gestep")
                    .from("OpenFormula 6.6.13")
                    .computes(given -> Rational.of(given.number("a").compareTo(given.number("b")) == 0 ? 1 : 0)),
            function("gestep", Category.BITS)
                    .says("1 where a number is not below a step, 0 where it is.")
                    .argument("x", NUMBER, "the number")
                    .optional("step", NUMBER, NumberValue.of(0), "the step")
                    .example("gestep(5, 4)", "1")
                    .example("gestep(-1)", "0")
                    .refuses("gestep(\"a\")", ErrorCode.WRONG_KIND)
                    .related("kronecker")
                    .from("OpenFormula 6.6.14")
                    .computes(given -> Rational.of(given.number("x").compareTo(given.number("step")) >= 0 ? 1 : 0)));

    private BitFunctions() {}

    private static Function bits(String name, String says, BinaryOperator<BigInteger> operation) {
        return function(name, Category.BITS)
                .says(says)
                .argument("a", WHOLE, "0 or more")
                .argument("b", WHOLE, "0 or more")
                .refuses(name + "(-1, 2)", ErrorCode.WRONG_ARGUMENTS)
                .from("OpenFormula 6.6")
                .computes(given -> Rational.of(operation.apply(given.count("a"), given.count("b"))));
    }

    private static Function shift(String name, String says, int direction) {
        return function(name, Category.BITS)
                .says(says)
                .argument("x", WHOLE, "0 or more")
                .argument("places", WHOLE, "how many places; negative ones go the other way")
                .refuses(name + "(-1, 2)", ErrorCode.WRONG_ARGUMENTS)
                .from("OpenFormula 6.6")
                .computes(given -> Rational.of(
                        given.count("x").shiftLeft(direction * given.whole("places", -MOST_SHIFT, MOST_SHIFT))));
    }
}
