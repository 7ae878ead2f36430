package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.NUMBERS;

import app.logismos.number.Elementary;
import app.logismos.number.Plain;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.value.NumberValue;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Collectors;

/** Arithmetic. */
final class ArithmeticFunctions {
    static final List<Function> ALL = List.of(
            function("sum", Category.ARITHMETIC)
                    .says("Adds numbers, and all numbers of ranges.")
                    .repeated("numbers", NUMBERS, "what to add; texts and empty cells in ranges are passed over")
                    .example("sum(1, 2, 3.5)", "13/2")
                    .example("sum({1, 2; 3, 4})", "10")
                    .related("product", "mean", "count")
                    .works(given -> joined(given.numbers("numbers"), " + "))
                    .computes(given -> sum(given.numbers("numbers"))),
            function("product", Category.ARITHMETIC)
                    .says("Multiplies numbers, and all numbers of ranges.")
                    .repeated("numbers", NUMBERS, "what to multiply")
                    .example("product(2, 3, 4)", "24")
                    .example("product(1/2, 1/3)", "1/6")
                    .related("sum", "factorial")
                    .works(given -> joined(given.numbers("numbers"), " × "))
                    .computes(given -> folded(given.numbers("numbers"), Rational.ONE, Real::times)),
            function("abs", Category.ARITHMETIC)
                    .says("The number without its sign.")
                    .argument("x", NUMBER, "any number")
                    .example("abs(-7/3)", "7/3")
                    .example("abs(4)", "4")
                    .computes(given -> given.number("x").abs()),
            function("sqrt", Category.ARITHMETIC)
                    .says("The square root: the number, 0 or more, whose square is x.")
                    .argument("x", NUMBER, "0 or more")
                    .example("sqrt(196)", "14")
                    .example("sqrt(9/16)", "3/4")
                    .related("exp")
                    .computes(given -> Powers.sqrt(given.number("x"))),
            function("exp", Category.ARITHMETIC)
                    .says("The number e = 2.718… to the power of x.")
                    .argument("x", NUMBER, "any number")
                    .example("exp(0)", "1")
                    .example("exp(1)", "2.718281828459045")
                    .related("ln")
                    .from("DLMF 4.2")
                    .computes(given -> Elementary.exp(given.number("x"))),
            function("ln", Category.ARITHMETIC)
                    .says("The natural logarithm: the power to which e = 2.718… must be raised to give x.")
                    .argument("x", NUMBER, "more than 0")
                    .example("ln(1)", "0")
                    .example("ln(2)", "0.6931471805599453")
                    .related("log", "exp")
                    .from("DLMF 4.2")
                    .computes(given -> Elementary.ln(given.number("x"))),
            function("log", Category.ARITHMETIC)
                    .says("The logarithm to a base, which is 10 unless you give another.")
                    .argument("x", NUMBER, "more than 0")
                    .optional("base", NUMBER, NumberValue.of(10), "more than 0, not 1")
                    .example("log(1000)", "3")
                    .example("log(8, base: 2)", "3")
                    .related("ln", "exp")
                    .from("DLMF 4.2")
                    .computes(given -> Elementary.log(given.number("x"), given.number("base"))),
            function("mod", Category.ARITHMETIC)
                    .says("The remainder of a division; it has the sign of the divisor.")
                    .argument("x", NUMBER, "what is divided")
                    .argument("divisor", NUMBER, "any number but 0")
                    .example("mod(17, 5)", "2")
                    .example("mod(-7, 3)", "2")
                    .related("round")
                    .computes(given -> given.number("x").modulo(given.number("divisor"))));

    private ArithmeticFunctions() {}

    static Result sum(List<Real> numbers) {
        return folded(numbers, Rational.ZERO, Real::plus);
    }

    static Result folded(List<Real> numbers, Real start, BiFunction<Real, Real, Result> operation) {
        Real so = start;
        for (Real number : numbers) {
            Result next = operation.apply(so, number);
            if (!(next instanceof Real real)) {
                return next;
            }
            so = real;
        }
        return so;
    }

    /** A long row is abbreviated in its middle. */
    static String joined(List<Real> numbers, String sign) {
        if (numbers.size() > 12) {
            return joined(numbers.subList(0, 4), sign) + sign + "…" + sign
                    + joined(numbers.subList(numbers.size() - 2, numbers.size()), sign) + " (" + numbers.size()
                    + " numbers)";
        }
        return numbers.stream()
                .map(number -> number.signum() < 0 ? "(" + Plain.text(number) + ")" : Plain.text(number))
                .collect(Collectors.joining(sign));
    }
}
