package app.logismos.chart;

import static java.util.Map.entry;

import app.logismos.formula.Expression;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Walk;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * An expression of one variable, evaluated in doubles together with its slope: drawing a curve takes many values with few
 * digits. It supports arithmetic of bare numbers only. Callers check with {@link #agreeing} that it agrees with the exact
 * evaluation.
 */
interface PlainFunction {
    /** The value at a place; not a number where there is none. */
    double at(double place);

    /** The value with its slope. */
    Dual along(Dual place);

    /** Elementary functions of one argument: the value and the slope. */
    Map<String, Elementary> ELEMENTARY = Map.ofEntries(
            entry("sqrt", new Elementary(Math::sqrt, x -> 0.5 / Math.sqrt(x))),
            entry("cbrt", new Elementary(Math::cbrt, x -> 1 / (3 * Math.cbrt(x) * Math.cbrt(x)))),
            entry("exp", new Elementary(Math::exp, Math::exp)),
            entry("ln", new Elementary(PlainFunction::ln, x -> 1 / x)),
            entry("log10", new Elementary(x -> x > 0 ? Math.log10(x) : Double.NaN, x -> 1 / (x * Math.log(10)))),
            entry("log", new Elementary(x -> x > 0 ? Math.log10(x) : Double.NaN, x -> 1 / (x * Math.log(10)))),
            entry("log2", new Elementary(x -> ln(x) / Math.log(2), x -> 1 / (x * Math.log(2)))),
            entry("sin", new Elementary(Math::sin, Math::cos)),
            entry("cos", new Elementary(Math::cos, x -> -Math.sin(x))),
            entry("tan", new Elementary(Math::tan, x -> 1 + Math.tan(x) * Math.tan(x))),
            entry("asin", new Elementary(Math::asin, x -> 1 / Math.sqrt(1 - x * x))),
            entry("acos", new Elementary(Math::acos, x -> -1 / Math.sqrt(1 - x * x))),
            entry("atan", new Elementary(Math::atan, x -> 1 / (1 + x * x))),
            entry("sinh", new Elementary(Math::sinh, Math::cosh)),
            entry("cosh", new Elementary(Math::cosh, Math::sinh)),
            entry("tanh", new Elementary(Math::tanh, x -> 1 - Math.tanh(x) * Math.tanh(x))),
            entry("abs", new Elementary(Math::abs, x -> x == 0 ? Double.NaN : Math.signum(x))),
            entry("sign", new Elementary(Math::signum, x -> x == 0 ? Double.NaN : 0)),
            entry("floor", new Elementary(Math::floor, x -> 0)),
            entry("ceiling", new Elementary(Math::ceil, x -> 0)));

    /** A function with its slope. */
    record Elementary(DoubleUnaryOperator value, DoubleUnaryOperator slope) {
        PlainFunction of(PlainFunction inner) {
            return made(x -> value.applyAsDouble(inner.at(x)), x -> {
                Dual argument = inner.along(x);
                return argument.chained(value.applyAsDouble(argument.value()), slope.applyAsDouble(argument.value()));
            });
        }
    }

    /** Division by zero has no value: an infinity would become a number again in a further division. */
    private static double quotient(double above, double below) {
        return below == 0 ? Double.NaN : above / below;
    }

    private static double power(double base, double exponent) {
        return Double.isNaN(base) || base == 0 && exponent < 0 ? Double.NaN : Math.pow(base, exponent);
    }

    /** Has no value anywhere. */
    PlainFunction NOWHERE = made(x -> Double.NaN, x -> Dual.constant(Double.NaN));

    private static double ln(double x) {
        return x > 0 ? Math.log(x) : Double.NaN;
    }

    private static PlainFunction made(DoubleUnaryOperator at, Function<Dual, Dual> along) {
        return new PlainFunction() {
            @Override
            public double at(double place) {
                return at.applyAsDouble(place);
            }

            @Override
            public Dual along(Dual place) {
                return along.apply(place);
            }
        };
    }

    /**
     * An expression as a function; nothing where it has parts that are not known here.
     *
     * @param constant the value of a part without the variable
     */
    static Optional<PlainFunction> of(Expression expression, String variable, Function<Expression, Value> constant) {
        return Optional.ofNullable(new Reading(variable, constant).read(expression));
    }

    /** Reads an expression; null where it cannot. */
    record Reading(String variable, Function<Expression, Value> constant) {
        @Nullable
        PlainFunction read(Expression node) {
            if (node instanceof Expression.Group group) {
                return read(group.inner());
            }
            if (node instanceof Expression.Name name && name.name().equalsIgnoreCase(variable)) {
                return made(x -> x, x -> x);
            }
            if (!mentions(node)) {
                return constant.apply(node) instanceof NumberValue number
                        ? fixed(number.real().toDouble())
                        : null;
            }
            if (node instanceof Expression.Infix infix) {
                return infix(infix.operator(), read(infix.left()), read(infix.right()));
            }
            if (node instanceof Expression.Superscript power) {
                return infix(InfixOperator.POWER, read(power.base()), fixed(power.exponent()));
            }
            if (node instanceof Expression.Prefix prefix) {
                PlainFunction inner = read(prefix.operand());
                return inner == null
                        ? null
                        : switch (prefix.operator()) {
                            case PLUS -> inner;
                            case MINUS -> infix(InfixOperator.MINUS, fixed(0), inner);
                            case ROOT -> ELEMENTARY.get("sqrt").of(inner);
                        };
            }
            return node instanceof Expression.Call call ? call(call) : null;
        }

        private @Nullable PlainFunction call(Expression.Call call) {
            Elementary known = ELEMENTARY.get(call.function());
            List<Expression> arguments = call.arguments().stream()
                    .flatMap(argument -> argument.value().stream())
                    .toList();
            if (known != null && arguments.size() == 1) {
                PlainFunction inner = read(arguments.get(0));
                return inner == null ? null : known.of(inner);
            }
            return switch (call.function()) {
                case "min" -> extreme(arguments, -1);
                case "max" -> extreme(arguments, 1);
                case "if" -> arguments.size() == 3 ? chosen(arguments) : null;
                default -> null;
            };
        }

        private @Nullable PlainFunction extreme(List<Expression> arguments, int sign) {
            PlainFunction all = null;
            for (Expression argument : arguments) {
                PlainFunction next = read(argument);
                if (next == null) {
                    return null;
                }
                all = all == null ? next : further(all, next, sign);
            }
            return all;
        }

        /** The greater of two, or the less; where they meet it has no slope. */
        private static PlainFunction further(PlainFunction one, PlainFunction other, int sign) {
            return made(x -> sign > 0 ? Math.max(one.at(x), other.at(x)) : Math.min(one.at(x), other.at(x)), x -> {
                Dual first = one.along(x);
                Dual second = other.along(x);
                boolean isFirst = (first.value() - second.value()) * sign > 0;
                return first.value() == second.value()
                        ? new Dual(first.value(), first.slope() == second.slope() ? first.slope() : Double.NaN)
                        : isFirst ? first : second;
            });
        }

        private @Nullable PlainFunction chosen(List<Expression> arguments) {
            PlainFunction then = read(arguments.get(1));
            PlainFunction otherwise = read(arguments.get(2));
            if (!(arguments.get(0) instanceof Expression.Infix condition) || then == null || otherwise == null) {
                return null;
            }
            PlainFunction left = read(condition.left());
            PlainFunction right = read(condition.right());
            Compared holds = left == null || right == null
                    ? null
                    : switch (condition.operator()) {
                        case LESS -> (a, b) -> a < b;
                        case AT_MOST -> (a, b) -> a <= b;
                        case GREATER -> (a, b) -> a > b;
                        case AT_LEAST -> (a, b) -> a >= b;
                        default -> null;
                    };
            return holds == null
                    ? null
                    : made(
                            x -> side(holds, left.at(x), right.at(x), then, otherwise)
                                    .at(x),
                            x -> side(holds, left.at(x.value()), right.at(x.value()), then, otherwise)
                                    .along(x));
        }

        /** What holds of two numbers. */
        private interface Compared {
            boolean of(double left, double right);
        }

        /** If one of them is not a number, the comparison has no value. */
        private static PlainFunction side(
                Compared holds, double left, double right, PlainFunction then, PlainFunction otherwise) {
            return Double.isNaN(left) || Double.isNaN(right) ? NOWHERE : holds.of(left, right) ? then : otherwise;
        }

        private boolean mentions(Expression node) {
            boolean[] found = {false};
            Walk.visit(
                    node,
                    each -> found[0] |=
                            each instanceof Expression.Name name && name.name().equalsIgnoreCase(variable));
            return found[0];
        }

        private static PlainFunction fixed(double number) {
            Dual dual = Dual.constant(number);
            return made(x -> number, x -> dual);
        }

        private static @Nullable PlainFunction infix(
                InfixOperator operator, @Nullable PlainFunction left, @Nullable PlainFunction right) {
            if (left == null || right == null) {
                return null;
            }
            return switch (operator) {
                case PLUS ->
                    made(x -> left.at(x) + right.at(x), x -> left.along(x).plus(right.along(x)));
                case MINUS ->
                    made(x -> left.at(x) - right.at(x), x -> left.along(x).minus(right.along(x)));
                case TIMES ->
                    made(x -> left.at(x) * right.at(x), x -> left.along(x).times(right.along(x)));
                case DIVIDE ->
                    made(
                            x -> quotient(left.at(x), right.at(x)),
                            x -> left.along(x).dividedBy(right.along(x)));
                case POWER ->
                    made(x -> power(left.at(x), right.at(x)), x -> left.along(x).power(right.along(x)));
                default -> null;
            };
        }
    }

    /** The number of places that are compared. */
    int COMPARED = 24;

    /** The largest accepted difference, as a part of the largest value. */
    double CLOSE = 1e-9;

    /**
     * The same function, where it has the values of another one at places all over a range; nothing where it has not, as
     * where angles are in degrees.
     */
    default Optional<PlainFunction> agreeing(DoubleUnaryOperator other, Sampling.Range range) {
        for (int i = 0; i <= COMPARED; i++) {
            double place = range.at((i + 0.27) / (COMPARED + 1));
            double own = at(place);
            double others = other.applyAsDouble(place);
            boolean isSame = Double.isFinite(own) && Double.isFinite(others)
                    ? Math.abs(own - others) <= CLOSE * Math.abs(others)
                    : Double.isFinite(own) == Double.isFinite(others);
            if (!isSame) {
                return Optional.empty();
            }
        }
        return Optional.of(this);
    }
}
