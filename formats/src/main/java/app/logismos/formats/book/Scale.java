package app.logismos.formats.book;

import app.logismos.formula.Address;
import app.logismos.formula.Area;
import app.logismos.formula.Entry;
import app.logismos.formula.Expression;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Target;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.Optional;

/**
 * What a product of quantities is multiplied with where their units have fallen away: in {@code =500 g * 2 EUR/kg} the
 * numbers alone are worth a thousand times as much. That factor is the same whatever the numbers are, as long as there are
 * products, quotients and conversions alone, and no unit of a scale.
 */
record Scale(LiveWorksheet live, String grid, Address at) {
    private static final int LONGEST_FACTOR = 12;

    /** The cell with a formula that is worth what ours is; nothing where that is no matter of a factor. */
    Optional<Book.Cell> of(Book.Cell cell, Value worth) {
        if (cell.formula().isEmpty()
                || cell.formula().get().array().isPresent()
                || !(worth instanceof NumberValue plain)
                || !(plain.real() instanceof Rational below)
                || isZero(below)
                || !isProduct()) {
            return Optional.empty();
        }
        Optional<Real> ours = number(live.value(grid, at));
        if (ours.isEmpty() || !(ours.get().dividedBy(below) instanceof Rational factor) || isZero(factor)) {
            return Optional.empty();
        }
        Book.Formula formula = cell.formula().get();
        return text(factor)
                .map(by -> new Book.Cell(
                        cell.value(),
                        Optional.of(new Book.Formula("(" + formula.text() + ")" + by, at, Optional.empty())),
                        cell.style(),
                        cell.unit()));
    }

    private static boolean isZero(Rational number) {
        return number.numerator().signum() == 0;
    }

    /**
     * Whether a formula converts a unit where no factor can be told: to a scale of temperatures, or what is zero just now.
     */
    static boolean isHidden(Expression node, Value value) {
        return node instanceof Expression.Conversion conversion
                && (conversion.unit().isScale()
                        || number(value).map(number -> number.toDouble() == 0).orElse(true));
    }

    private static Optional<Real> number(Value value) {
        return value instanceof NumberValue number
                ? Optional.of(number.real())
                : value instanceof Quantity quantity && !quantity.unit().isScale()
                        ? Optional.of(quantity.number())
                        : Optional.empty();
    }

    private static Optional<String> text(Rational factor) {
        String above = factor.numerator().toString();
        String below = factor.denominator().toString();
        if (above.length() > LONGEST_FACTOR || below.length() > LONGEST_FACTOR) {
            return Optional.empty();
        }
        boolean isWhole = factor.denominator().equals(BigInteger.ONE);
        return Optional.of(above.equals("1") ? "/" + below : "*" + above + (isWhole ? "" : "/" + below));
    }

    private boolean isProduct() {
        return live.worksheet()
                .cell(grid, at)
                .map(cell ->
                        cell.entry() instanceof Entry.Calculation calculation && isProduct(calculation.expression()))
                .orElse(false);
    }

    private boolean isProduct(Expression node) {
        if (node instanceof Expression.Infix infix) {
            boolean isOne = infix.operator() == InfixOperator.TIMES || infix.operator() == InfixOperator.DIVIDE;
            return isOne && isProduct(infix.left()) && isProduct(infix.right());
        } else if (node instanceof Expression.Group group) {
            return isProduct(group.inner());
        } else if (node instanceof Expression.Conversion conversion) {
            return !conversion.unit().isScale() && isProduct(conversion.operand());
        } else if (node instanceof Expression.WithUnit with) {
            return !with.unit().isScale() && isProduct(with.operand());
        } else if (node instanceof Expression.Literal literal) {
            return number(literal.value()).isPresent();
        } else if (node instanceof Expression.CellReference cell) {
            return cell.from(at)
                    .flatMap(place -> cell.grid()
                            .map(title ->
                                    live.worksheet().outline().gridTitled(title).map(each -> each.id()))
                            .orElse(Optional.of(grid))
                            .flatMap(id -> number(live.value(id, place))))
                    .isPresent();
        } else if (node instanceof Expression.Name name) {
            return live.worksheet()
                    .names()
                    .find(name.name())
                    .filter(target -> target.area().size() == 1)
                    .flatMap(target -> number(value(target)))
                    .isPresent();
        }
        // A sum of like units, or a function, is a number whose unit is that of its cell: it has a factor of its own.
        return false;
    }

    private Value value(Target target) {
        Area area = target.area();
        return live.value(target.grid(), area.first());
    }
}
