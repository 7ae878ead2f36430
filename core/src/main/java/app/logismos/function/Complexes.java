package app.logismos.function;

import app.logismos.number.Cancellable;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.unit.Unit;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Arguments and answers of functions that take complex numbers; real ones count as such beside them. */
public final class Complexes {
    private static final String NUMBER = "(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?";

    /** A real part, an imaginary part with its unit, or both with a sign between them. */
    private static final Pattern WRITTEN =
            Pattern.compile("([-+]?" + NUMBER + "(?![0-9.eEij]))?(?:(?<=^|\\d|\\.)([-+]?(?:" + NUMBER + ")?)[ij])?");

    private Complexes() {}

    /** A value as a complex number; nothing where it is no number. */
    public static Optional<ComplexValue> of(Value value) {
        if (value instanceof ComplexValue complex) {
            return Optional.of(complex);
        }
        if (value instanceof Quantity quantity) {
            return Optional.of(new ComplexValue(Complex.of(quantity.number()), quantity.unit()));
        }
        if (value == Blank.BLANK) {
            return Optional.of(ComplexValue.of(Complex.ZERO));
        }
        return value instanceof NumberValue number
                ? Optional.of(ComplexValue.of(Complex.of(number.real())))
                : Optional.empty();
    }

    /** A text like {@code 3+4i} or {@code -j} as the number that documents mean by it, real numbers as complex ones. */
    public static Value read(Value value) {
        if (value instanceof Table table) {
            List<Value> cells = new ArrayList<>();
            for (int i = 0; i < table.rows() * table.columns(); i++) {
                Cancellable.tick();
                cells.add(read(table.at(i / table.columns(), i % table.columns())));
            }
            return new ArrayTable(table.rows(), table.columns(), cells);
        }
        if (value instanceof Text text) {
            return read(text.text().trim()).<Value>map(ComplexValue::of).orElse(value);
        }
        return value instanceof NumberValue number ? ComplexValue.of(Complex.of(number.real())) : value;
    }

    private static Optional<Complex> read(String text) {
        Matcher parts = WRITTEN.matcher(text);
        if (text.isEmpty() || !parts.matches()) {
            return Optional.empty();
        }
        String re = parts.group(1) == null ? "0" : parts.group(1);
        String im = parts.group(2) == null ? "0" : parts.group(2);
        String size = im.equals("") || im.equals("+") || im.equals("-") ? im + "1" : im;
        return Rational.read(re).flatMap(x -> Rational.read(size).map(y -> new Complex(x, y)));
    }

    /** An argument, in the unit it has. */
    public static ComplexValue measured(Arguments given, String parameter) {
        Value value = given.value(parameter);
        return of(value).orElseThrow(() -> given.wrongKind(parameter, value));
    }

    /** An argument without a unit. */
    public static Complex plain(Arguments given, String parameter) {
        return plain(given, parameter, measured(given, parameter));
    }

    private static Complex plain(Arguments given, String parameter, ComplexValue value) {
        if (!value.unit().isDimensionless()) {
            throw given.refused(
                    parameter,
                    value,
                    ErrorCode.WRONG_KIND,
                    "A plain number is needed for `" + parameter + "`, and this is in `"
                            + value.unit().symbol() + "`.");
        }
        return value.isPlain()
                ? value.number()
                : complex(value.number().times(Complex.of(value.unit().factor())));
    }

    /** Numbers in the unit of the first. */
    private static List<Complex> alike(Arguments given, String parameter, List<ComplexValue> values) {
        Unit unit = unit(values);
        List<Complex> numbers = new ArrayList<>();
        for (ComplexValue value : values) {
            if (!value.unit().isLike(unit)) {
                throw given.refused(
                        parameter,
                        value,
                        ErrorCode.UNITS_DIFFER,
                        "`" + value.unit().symbol() + "` and `" + unit.symbol() + "` do not measure the same.");
            }
            numbers.add(new Complex(
                    Algebra.answer(value.unit().convert(value.number().re(), unit)),
                    Algebra.answer(value.unit().convert(value.number().im(), unit))));
        }
        return numbers;
    }

    private static Unit unit(List<ComplexValue> values) {
        return values.isEmpty() ? Unit.ONE : values.get(0).unit();
    }

    /** The numbers of a repeated parameter as they are. */
    public static List<ComplexValue> all(Arguments given, String parameter) {
        List<ComplexValue> numbers = new ArrayList<>();
        for (Supplier<Value> each : given.each(parameter)) {
            Value value = each.get();
            if (value instanceof Table table) {
                table.forEachFilled(cell -> of(Arguments.passing(cell)).ifPresent(numbers::add));
            } else if (value != Blank.BLANK && value != Missing.MISSING) {
                numbers.add(of(value).orElseThrow(() -> given.wrongKind(parameter, value)));
            }
        }
        return numbers;
    }

    /** The sum of a repeated parameter, in the unit of the first. */
    public static Value sum(Arguments given, String parameter) {
        return sum(given, parameter, all(given, parameter));
    }

    /** The sum of values that were found for a parameter, in the unit of the first. */
    public static Value sum(Arguments given, String parameter, List<ComplexValue> values) {
        return new ComplexValue(sum(alike(given, parameter, values)), unit(values));
    }

    /** The mean of a repeated parameter, in the unit of the first. */
    public static Value mean(Arguments given, String parameter) {
        List<ComplexValue> values = all(given, parameter);
        Complex count = Complex.of(Rational.of(values.size()));
        return new ComplexValue(complex(sum(alike(given, parameter, values)).dividedBy(count)), unit(values));
    }

    private static Complex sum(List<Complex> numbers) {
        Complex sum = Complex.ZERO;
        for (Complex number : numbers) {
            sum = complex(sum.plus(number));
        }
        return sum;
    }

    /** The product, with that of the units. */
    public static Value product(List<ComplexValue> values) {
        Complex product = Complex.ONE;
        for (ComplexValue value : values) {
            product = complex(product.times(value.number()));
        }
        List<Unit> units = values.stream()
                .filter(value -> !value.isPlain())
                .map(ComplexValue::unit)
                .toList();
        return InUnits.product(Rational.ONE, units) instanceof Quantity one
                ? new ComplexValue(complex(product.times(Complex.of(one.number()))), one.unit())
                : ComplexValue.of(product);
    }

    /** The numbers of a table, every cell of which must hold one without a unit; an empty one is 0. */
    public static Complex[][] matrix(Arguments given, String parameter) {
        Table table = given.table(parameter);
        Complex[][] numbers = new Complex[table.rows()][table.columns()];
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                Value value = table.at(row, column);
                ComplexValue number = of(value).orElseThrow(() -> given.wrongKind(parameter, value));
                numbers[row][column] = plain(given, parameter, number);
            }
        }
        return numbers;
    }

    /** The number that an operation gives. */
    public static Complex complex(Result result) {
        return result instanceof Complex complex ? complex : Complex.of(Algebra.answer(result));
    }

    /** A result as a value: complex, or real where the function is so for all numbers. */
    public static Value value(Function function, Result result, Unit unit) {
        if (result instanceof Complex number) {
            return new ComplexValue(number, unit);
        }
        if (result instanceof Real real) {
            return unit == Unit.ONE ? new NumberValue(real) : new Quantity(real, unit);
        }
        return result == Undefined.NO_REAL_RESULT
                ? Failure.of(
                        ErrorCode.NO_REAL_RESULT,
                        "`" + function.name() + "` has no result for this argument, not in complex numbers either.")
                : function.value(result);
    }

    /** What a function of one number answers, in a power of the unit that its argument has. */
    static Value ofOne(
            Function function,
            Arguments given,
            String parameter,
            Optional<Rational> exponent,
            java.util.function.Function<Complex, Result> code) {
        ComplexValue value = measured(given, parameter);
        if (exponent.isEmpty() || value.unit().isDimensionless()) {
            return value(function, code.apply(plain(given, parameter, value)), Unit.ONE);
        }
        return value(
                function,
                code.apply(value.number()),
                exponent.get().signum() == 0 ? Unit.ONE : value.unit().power(exponent.get()));
    }
}
