package app.logismos.function.algebra;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.VARIABLE;

import app.logismos.algebra.Expanding;
import app.logismos.algebra.Form;
import app.logismos.algebra.Limit;
import app.logismos.algebra.NoForm;
import app.logismos.algebra.Ratios;
import app.logismos.algebra.Simplifying;
import app.logismos.function.Arguments;
import app.logismos.function.Bound;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.InUnits;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.unit.Units;
import app.logismos.value.Algebraic;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Integrals (language, section 15). */
public final class IntegralFunction {
    /** The name of the function. */
    public static final String NAME = "integral";

    /** So far an exact answer and one by numbers may lie apart. */
    private static final double ALIKE = 1e-7;

    private static final double FAR = 20;
    private static final double LARGEST = 1e100;

    static final Function INTEGRAL = function(NAME, Category.ALGEBRA)
            .says("An antiderivative of an expression, or the area under it between two limits.")
            .argument("expression", EXPRESSION, "the expression, with the letter in it")
            .argument("variable", VARIABLE, "the letter by which it is integrated")
            .optional("from", LAZY, Blank.BLANK, "the lower limit, or -inf; an antiderivative, if nothing is said")
            .optional("to", LAZY, Blank.BLANK, "the upper limit, or inf")
            .example("integral(3*x^2 + 1, x)", "x^3 + x")
            .example("integral(x*cos(x), x)", "x*sin(x) + cos(x)")
            .example("integral(x^2, x, 0, 3)", "9")
            .example("integral(e^-x, x, 0, inf)", "1")
            .refuses("integral(e^(x^2)*ln(x), x)", ErrorCode.NOT_FOUND)
            .refuses("integral(1/x, x, -1, 1)", ErrorCode.NO_REAL_RESULT)
            .related("derivative", "limit")
            .from("DLMF 1.4(iv)")
            .works(IntegralFunction::method)
            .answers(IntegralFunction::integral);

    private IntegralFunction() {}

    private static Value integral(Arguments given) {
        Form.Letter by = new Form.Letter(given.bound("expression", "variable").variable());
        if (!given.isGiven("from")) {
            return given.integral(given.form("expression"), by)
                    .map(answer -> given.worth(answer.form()))
                    .orElseGet(() -> Failure.of(
                            ErrorCode.NOT_FOUND,
                            "No antiderivative is found. Limits give a number, as in `integral(e^(x^2), x, 0, 1)`."));
        }
        Value from = end(given, "from");
        Value to = given.isGiven("to") ? end(given, "to") : Blank.BLANK;
        if (from instanceof Failure failure) {
            return failure;
        }
        if (to instanceof Failure failure) {
            return failure;
        }
        if (to == Blank.BLANK) {
            return Failure.of(
                    ErrorCode.WRONG_ARGUMENTS, "`integral` needs both limits, as in `integral(x^2, x, 0, 3)`.");
        }
        Optional<Form> form = given.formIfAny("expression");
        Optional<Form> exact = form.flatMap(each -> between(given, each, by, from, to));
        boolean isOfLetters =
                form.stream().flatMap(each -> each.letters().stream()).anyMatch(letter -> !letter.equals(by))
                        || from instanceof Algebraic
                        || to instanceof Algebraic;
        if (isOfLetters) {
            return exact.map(given::worth)
                    .orElseGet(() -> Failure.of(
                            ErrorCode.NOT_FOUND,
                            "No antiderivative is found. Where all letters have values, limits give a number."));
        }
        return byNumbers(given, exact, from, to);
    }

    /** The exact answer where numbers do not say otherwise, as where the expression has a pole in between. */
    private static Value byNumbers(Arguments given, Optional<Form> exact, Value from, Value to) {
        Unit unit = unit(from, to);
        double lower = number(from) / unit.factor().toDouble();
        double upper = number(to) / unit.factor().toDouble();
        if (Double.isNaN(lower) || Double.isNaN(upper)) {
            return Failure.of(ErrorCode.WRONG_KIND, "The limits of an integral are numbers.");
        }
        if (!Doubles.unit(from).isLike(Doubles.unit(to)) && number(from) != 0 && number(to) != 0) {
            return Failure.of(ErrorCode.UNITS_DIFFER, "The limits of an integral are in like units.");
        }
        Optional<Quadrature.Found> near = near(given, lower, upper, unit);
        if (near.isEmpty()) {
            Value there = given.bound("expression", "variable").at(Doubles.measured((lower + upper) / 2, unit));
            boolean isOfUnits = there instanceof Failure failure
                    && (failure.code() == ErrorCode.UNITS_DIFFER || failure.code() == ErrorCode.WRONG_KIND);
            return isOfUnits
                    ? there
                    : Failure.of(
                            ErrorCode.NO_REAL_RESULT,
                            "The area does not settle on a number: the expression has a place in between where it has"
                                    + " no value or grows without bound.");
        }
        Value worth = exact.map(given::worth).orElse(Blank.BLANK);
        return isAlike(worth, near.get(), unit)
                ? plain(worth, exact.orElseThrow())
                : measured(given, near.get().value(), (lower + upper) / 2, unit);
    }

    /** The unit that the variable counts in: of a limit of 0 nothing is asked. */
    private static Unit unit(Value from, Value to) {
        return Doubles.unit(to) == Unit.ONE ? Doubles.unit(from) : Doubles.unit(to);
    }

    /** A number that was found, with the product of the units of the expression and of its variable. */
    private static Value measured(Arguments given, double number, double place, Unit unit) {
        Value there =
                given.bound("expression", "variable").at(Doubles.measured(Double.isFinite(place) ? place : 1, unit));
        Unit height = Doubles.unit(there);
        if (height == Unit.ONE && unit == Unit.ONE) {
            return new NumberValue(Real.from(number));
        }
        return InUnits.product(Real.from(number / height.factor().toDouble()), List.of(height, unit));
    }

    /** An integral that an inverse function of angles gives is a plain number. */
    private static Value plain(Value worth, Form exact) {
        return worth instanceof Quantity angle && !angle.isExact() && Doubles.plain(angle) instanceof NumberValue number
                ? new NumberValue(number.real(), exact)
                : Doubles.plain(worth);
    }

    private static boolean isAlike(Value exact, Quadrature.Found near, Unit unit) {
        double area = near.value() * unit.factor().toDouble();
        return exact != Blank.BLANK && Math.abs(number(exact) - area) <= ALIKE * Math.max(1, Math.abs(area));
    }

    private static Optional<Quadrature.Found> near(Arguments given, double from, double to, Unit unit) {
        Bound bound = given.bound("expression", "variable");
        int sign = from > to ? -1 : 1;
        return Quadrature.of(x -> sign * height(bound, x, unit), Math.min(from, to), Math.max(from, to))
                .filter(found -> Math.abs(found.value()) <= LARGEST);
    }

    /** How the number was found, where the antiderivative does not give it; empty where it does. */
    private static String method(Arguments given) {
        if (!given.isGiven("from") || !given.isGiven("to")) {
            return "";
        }
        Form.Letter by = new Form.Letter(given.bound("expression", "variable").variable());
        Value from = end(given, "from");
        Value to = end(given, "to");
        Unit unit = unit(from, to);
        double lower = number(from) / unit.factor().toDouble();
        double upper = number(to) / unit.factor().toDouble();
        if (Double.isNaN(lower) || Double.isNaN(upper)) {
            return "";
        }
        Value exact = given.formIfAny("expression")
                .flatMap(form -> between(given, form, by, from, to))
                .map(given::worth)
                .orElse(Blank.BLANK);
        return near(given, lower, upper, unit)
                .filter(found -> !isAlike(exact, found, unit))
                .map(found -> "by numbers: the method of Gauss and Kronrod with 15 points, " + found.evaluations()
                        + " values, error below " + String.format(Locale.ROOT, "%.0e", Math.max(found.error(), 1e-16)))
                .orElse("");
    }

    /** Whether the answer is by numbers, and so not what the antiderivative gives. */
    public static boolean isByNumbers(Arguments given) {
        return !method(given).isEmpty();
    }

    /** Far out what is too small for a double counts as nothing; what is too large there makes the area so too. */
    private static double height(Bound bound, double x, Unit unit) {
        Value value = bound.at(Doubles.measured(x, unit));
        boolean isBeyond = value instanceof Failure failure && failure.code() == ErrorCode.TOO_LARGE;
        return isBeyond && Math.abs(x) > FAR ? 0 : number(value);
    }

    private static Optional<Form> between(Arguments given, Form form, Form.Letter by, Value from, Value to) {
        return given.integral(form, by).flatMap(answer -> {
            Optional<Form> upper = at(given, answer.form(), by, "to", to, -1);
            Optional<Form> lower = at(given, answer.form(), by, "from", from, 1);
            return upper.isPresent() && lower.isPresent()
                    ? Optional.of(Ratios.of(shortest(upper.get().minus(lower.get()))))
                    : Optional.empty();
        });
    }

    /** A limit, which may have letters in it. */
    private static Value end(Arguments given, String parameter) {
        Value worth = given.lazily(parameter);
        boolean isAngle = worth instanceof Quantity quantity && Units.isAngle(quantity.unit());
        return isAngle || worth instanceof Failure failure && failure.code() == ErrorCode.UNKNOWN_NAME
                ? given.worth(given.form(parameter))
                : worth;
    }

    private static Form shortest(Form form) {
        Form expanded = Expanding.of(form);
        Form simple = Simplifying.of(form);
        return expanded.text().length() <= simple.text().length() ? expanded : simple;
    }

    /** The antiderivative at a limit, as it comes near it. */
    private static Optional<Form> at(
            Arguments given, Form form, Form.Letter by, String parameter, Value limit, int side) {
        if (limit instanceof Algebraic expression) {
            return Optional.of(form.with(by, expression.form()));
        }
        if (limit instanceof Quantity) {
            return Optional.of(form.with(by, given.form(parameter)));
        }
        if (!(limit instanceof NumberValue || limit == Blank.BLANK)) {
            return Optional.empty();
        }
        Real place = limit instanceof NumberValue number ? number.real() : (Real) Rational.ZERO;
        if (place.isFinite()) {
            try {
                Form there = form.with(by, Form.number(place));
                if (!(given.worth(there) instanceof Failure)) {
                    return Optional.of(there);
                }
            } catch (NoForm none) {
                // It is approached instead.
            }
        }
        return given.limit(form, by, place, side).flatMap(Limit.Found::form);
    }

    /** How the limits stand in the antiderivative, as it is written in a working; nothing where there are none. */
    public static Optional<String> ends(Arguments given, Form.Letter by, Form antiderivative) {
        if (!given.isGiven("from") || !given.isGiven("to")) {
            return Optional.empty();
        }
        Optional<Form> upper = at(given, antiderivative, by, "to", end(given, "to"), -1);
        Optional<Form> lower = at(given, antiderivative, by, "from", end(given, "from"), 1);
        return upper.isPresent() && lower.isPresent()
                ? Optional.of("(" + upper.get().text() + ") - (" + lower.get().text() + ")")
                : Optional.empty();
    }

    private static double number(Value value) {
        return value == Blank.BLANK ? 0 : Doubles.of(value);
    }
}
