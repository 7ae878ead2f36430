package app.logismos.evaluate;

import app.logismos.display.Display;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** What the operators do to values; numbers first, since they are the rule (language, sections 2 and 3). */
final class Operators {
    private final Limits limits;
    private final Budget budget;
    /** How values are shown that are joined. */
    private final Supplier<Display> display;

    /** Whether a power that is not real is complex. */
    private final BooleanSupplier complex;

    Operators(Limits limits, Budget budget, Supplier<Display> display, BooleanSupplier complex) {
        this.display = display;
        this.complex = complex;
        this.limits = limits;
        this.budget = budget;
    }

    /** Where an operation and its operands stand, for its failures. */
    record Places(Span left, Span sign, Span right) {}

    Value apply(InfixOperator operator, Value left, Value right, Places places) {
        if (left instanceof NumberValue a && right instanceof NumberValue b) {
            return numbers(operator, a.real(), b.real(), places);
        }
        if (left instanceof Failure failure) {
            return failure.orAt(places.left());
        }
        if (right instanceof Failure failure) {
            return failure.orAt(places.right());
        }
        if (left instanceof Table || right instanceof Table) {
            return tables(operator, left, right, places);
        }
        if (operator == InfixOperator.JOIN) {
            return new Text(display.get().text(left) + display.get().text(right));
        }
        if (left == Missing.MISSING || right == Missing.MISSING) {
            return missing(operator, left, right);
        }
        return operator.isComparison()
                ? compare(operator, left, right, places)
                : arithmetic(operator, left, right, places);
    }

    /** Equality is defined for all values. All other operators carry a missing value through. */
    private static Value missing(InfixOperator operator, Value left, Value right) {
        return switch (operator) {
            case EQUAL -> new Truth(left == right);
            case UNEQUAL -> new Truth(left != right);
            default -> Missing.MISSING;
        };
    }

    private Value arithmetic(InfixOperator operator, Value left, Value right, Places places) {
        Value a = left == Blank.BLANK ? zero(operator, right) : left;
        Value b = right == Blank.BLANK ? zero(operator, left) : right;
        if (!(a instanceof NumberValue x) || !(b instanceof NumberValue y)) {
            return ComplexOperators.apply(operator, a, b, places)
                    .or(() -> Moments.apply(operator, a, b))
                    .map(value -> value instanceof Failure failure ? failure.orAt(places.sign()) : value)
                    .or(() -> Quantities.apply(operator, a, b, places))
                    .orElseGet(() -> a instanceof NumberValue || calculates(a) && !calculates(b)
                            ? EvaluationErrors.wrongKind(operator, right, places.right())
                            : EvaluationErrors.wrongKind(operator, left, places.left()));
        }
        return numbers(operator, x.real(), y.real(), places);
    }

    /** An empty cell counts as zero of the kind it is added to or compared with. */
    private static Value zero(InfixOperator operator, Value other) {
        boolean isLike = operator == InfixOperator.PLUS || operator == InfixOperator.MINUS || operator.isComparison();
        return isLike && other instanceof Quantity quantity
                ? Quantities.none(quantity)
                : new NumberValue(Rational.ZERO);
    }

    /** The four operations where they succeed, so that no place is needed; undefined for all else. */
    static Result plain(InfixOperator operator, Real a, Real b) {
        return switch (operator) {
            case PLUS -> a.plus(b);
            case MINUS -> a.minus(b);
            case TIMES -> a.times(b);
            case DIVIDE -> a.dividedBy(b);
            case MOD, DIV, POWER, EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST, JOIN -> Undefined.NO_REAL_RESULT;
        };
    }

    private static boolean calculates(Value value) {
        return value instanceof Moment
                || value instanceof Quantity
                || value instanceof NumberValue
                || value instanceof ComplexValue;
    }

    private Value numbers(InfixOperator operator, Real a, Real b, Places places) {
        return switch (operator) {
            case PLUS -> value(a.plus(b), places.sign());
            case MINUS -> value(a.minus(b), places.sign());
            case TIMES -> value(a.times(b), places.sign());
            case DIVIDE -> value(a.dividedBy(b), places.right());
            case MOD -> value(a.modulo(b), places.right());
            case DIV -> value(a.floorDividedBy(b), places.right());
            case POWER -> power(a, b, places);
            case EQUAL -> new Truth(a.compareTo(b) == 0);
            case UNEQUAL -> new Truth(a.compareTo(b) != 0);
            case LESS -> new Truth(a.compareTo(b) < 0);
            case AT_MOST -> new Truth(a.compareTo(b) <= 0);
            case GREATER -> new Truth(a.compareTo(b) > 0);
            case AT_LEAST -> new Truth(a.compareTo(b) >= 0);
            case JOIN ->
                new Text(display.get().text(new NumberValue(a)) + display.get().text(new NumberValue(b)));
        };
    }

    private Value power(Real base, Real exponent, Places places) {
        Result power = base.power(exponent);
        if (power == Undefined.NO_REAL_RESULT && base.signum() < 0) {
            Span whole = places.left().to(places.right());
            Value answer = ComplexOperators.ofReal(new NumberValue(base), new NumberValue(exponent), whole);
            Failure none = Failure.at(
                    whole,
                    ErrorCode.NO_REAL_RESULT,
                    "A negative number has no real power with a fraction as exponent.");
            return complex.getAsBoolean() ? answer : ComplexOperators.told(none, answer, display.get());
        }
        return value(
                power,
                power == Undefined.DIVIDE_BY_ZERO
                        ? places.left()
                        : places.left().to(places.right()));
    }

    private static Value value(Result result, Span place) {
        return result instanceof Real real
                ? new NumberValue(real)
                : EvaluationErrors.undefined((Undefined) result, place);
    }

    /** Unlike kinds are unequal, and have no order; an empty cell is like 0, "" and false at once. */
    private static Value compare(InfixOperator operator, Value left, Value right, Places places) {
        Value a = left == Blank.BLANK ? emptyLike(right) : left;
        Value b = right == Blank.BLANK ? emptyLike(left) : right;
        boolean isMeasured = a instanceof Quantity && (b instanceof Quantity || b instanceof NumberValue)
                || b instanceof Quantity && a instanceof NumberValue;
        if (isMeasured) {
            Quantity x = Quantities.quantity(a);
            Quantity y = Quantities.quantity(b);
            return !x.isLike(y)
                    ? EvaluationErrors.unitsDiffer(operator, x, y, places.sign())
                    : y.in(x.unit()) instanceof Real other
                            ? ordered(operator, x.number().compareTo(other))
                            : EvaluationErrors.wrongKind(operator, right, places.right());
        }
        boolean isEquality = operator == InfixOperator.EQUAL || operator == InfixOperator.UNEQUAL;
        if (!isEquality && (a instanceof ComplexValue || b instanceof ComplexValue)) {
            return EvaluationErrors.noOrder(places.sign());
        }
        if (isEquality) {
            boolean equal = a instanceof NumberValue x && b instanceof NumberValue y
                    ? x.real().compareTo(y.real()) == 0
                    : ComplexOperators.equal(a, b).orElseGet(() -> a.equals(b));
            return new Truth(equal == (operator == InfixOperator.EQUAL));
        }
        if (a instanceof NumberValue x && b instanceof NumberValue y) {
            return ordered(operator, x.real().compareTo(y.real()));
        }
        if (a instanceof Text x && b instanceof Text y) {
            return ordered(operator, x.text().compareTo(y.text()));
        }
        if (a instanceof Moment x && b instanceof Moment y && x.kind() == y.kind()) {
            return ordered(operator, x.compareTo(y));
        }
        return EvaluationErrors.wrongKind(operator, right, places.right());
    }

    private static Value emptyLike(Value other) {
        if (other instanceof Text) {
            return new Text("");
        }
        return other instanceof Truth ? new Truth(false) : zero(InfixOperator.EQUAL, other);
    }

    private static Value ordered(InfixOperator operator, int order) {
        return new Truth(
                switch (operator) {
                    case LESS -> order < 0;
                    case AT_MOST -> order <= 0;
                    case GREATER -> order > 0;
                    case AT_LEAST -> order >= 0;
                    case EQUAL -> order == 0;
                    case UNEQUAL -> order != 0;
                    case JOIN, PLUS, MINUS, TIMES, DIVIDE, MOD, DIV, POWER ->
                        throw new IllegalArgumentException("operator must compare, was " + operator);
                });
    }

    /** Element by element: with a single value, a table of the same shape, or a row with a column. */
    private Value tables(InfixOperator operator, Value left, Value right, Places places) {
        int leftRows = rows(left);
        int rightRows = rows(right);
        int leftColumns = columns(left);
        int rightColumns = columns(right);
        boolean rowsFit = leftRows == rightRows || leftRows == 1 || rightRows == 1;
        boolean columnsFit = leftColumns == rightColumns || leftColumns == 1 || rightColumns == 1;
        boolean sameShape = leftRows == rightRows && leftColumns == rightColumns;
        boolean rowWithColumn = leftRows == 1 && rightColumns == 1 || leftColumns == 1 && rightRows == 1;
        boolean withSingle = leftRows * leftColumns == 1 || rightRows * rightColumns == 1;
        if (!rowsFit || !columnsFit || !sameShape && !rowWithColumn && !withSingle) {
            return EvaluationErrors.shapesDiffer((Table) left, (Table) right, places.sign());
        }
        int rows = Math.max(leftRows, rightRows);
        int columns = Math.max(leftColumns, rightColumns);
        if ((long) rows * columns > limits.tableCells()) {
            return EvaluationErrors.tableTooLarge((long) rows * columns, limits.tableCells(), places.sign());
        }
        List<Value> values = new ArrayList<>(rows * columns);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                budget.check();
                values.add(budget.held(apply(operator, at(left, row, column), at(right, row, column), places)));
            }
        }
        return new ArrayTable(rows, columns, values);
    }

    private static int rows(Value value) {
        return value instanceof Table table ? table.rows() : 1;
    }

    private static int columns(Value value) {
        return value instanceof Table table ? table.columns() : 1;
    }

    private static Value at(Value value, int row, int column) {
        return value instanceof Table table
                ? table.at(Math.min(row, table.rows() - 1), Math.min(column, table.columns() - 1))
                : value;
    }

    /** Works on each value of a table, or on the single value. */
    Value each(Value value, Span place, UnaryOperator<Value> operation) {
        if (!(value instanceof Table table)) {
            return operation.apply(value);
        }
        long size = (long) table.rows() * table.columns();
        if (size > limits.tableCells()) {
            return EvaluationErrors.tableTooLarge(size, limits.tableCells(), place);
        }
        List<Value> values = new ArrayList<>((int) size);
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                budget.check();
                values.add(budget.held(operation.apply(table.at(row, column))));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), values);
    }
}
