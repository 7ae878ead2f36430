package app.logismos.formula;

import app.logismos.unit.Unit;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;

/** A node of an expression tree. Its span counts in the entry it was read from, the {@code =} included. */
public sealed interface Expression {
    /** First and last character of the node. */
    Span span();

    /** Dispatches on the kind of node. */
    <R> R accept(Visitor<R> visitor);

    /**
     * A visitor with one method for each kind of node. There is no default: for a new kind the compiler names every
     * place to change.
     */
    interface Visitor<R> {
        R literal(Literal node);

        R group(Group node);

        R prefix(Prefix node);

        R postfix(Postfix node);

        R superscript(Superscript node);

        R infix(Infix node);

        R call(Call node);

        R application(Application node);

        R definition(Definition node);

        R cell(CellReference node);

        R range(RangeReference node);

        R name(Name node);

        R constant(Constant node);

        R variable(Variable node);

        R table(TableLiteral node);

        R withUnit(WithUnit node);

        R conversion(Conversion node);
    }

    /**
     * A value written out, or one that the working has put in.
     *
     * @param source as it was typed; empty where the working put it in
     */
    record Literal(Value value, String source, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.literal(this);
        }
    }

    /** Brackets. */
    record Group(Expression inner, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.group(this);
        }
    }

    /** A sign or root before its operand. */
    record Prefix(PrefixOperator operator, Expression operand, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.prefix(this);
        }
    }

    /** A sign behind its operand. */
    record Postfix(PostfixOperator operator, Expression operand, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.postfix(this);
        }
    }

    /** A power written with raised digits. */
    record Superscript(Expression base, int exponent, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.superscript(this);
        }
    }

    /**
     * An operator between its operands.
     *
     * @param sign where the operator itself stands
     */
    record Infix(InfixOperator operator, Expression left, Expression right, Span sign) implements Expression {
        @Override
        public Span span() {
            return left.span().to(right.span());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.infix(this);
        }
    }

    /** A function with its arguments; the name is as typed. */
    record Call(String function, List<Argument> arguments, Span nameSpan, Span span) implements Expression {
        public Call {
            arguments = List.copyOf(arguments);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.call(this);
        }
    }

    /**
     * An argument of a call.
     *
     * @param name the parameter it is for, where it was given by name
     * @param value nothing where it was left out, as in {@code f(1, , 3)}
     */
    record Argument(Optional<String> name, Optional<Expression> value) {}

    /**
     * A call of a function of one's own.
     *
     * @param function the name, or where the working or another function has put it in the function itself
     */
    record Application(Expression function, List<Argument> arguments, Span span) implements Expression {
        public Application {
            arguments = List.copyOf(arguments);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.application(this);
        }
    }

    /**
     * A function of one's own as it is made, {@code f(x, n: 2) = x^n}; an entry only, and no part of another expression.
     *
     * @param rule where the parameters are {@link Variable}s
     */
    record Definition(String name, List<Parameter> parameters, Expression rule, Span span) implements Expression {
        public Definition {
            parameters = List.copyOf(parameters);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.definition(this);
        }
    }

    /**
     * A parameter of a function of one's own.
     *
     * @param usual its value where the call gives none
     */
    record Parameter(String name, Optional<Expression> usual) {}

    /**
     * One cell.
     *
     * @param grid the other grid's title, where it is not in the formula's own
     */
    record CellReference(Optional<String> grid, Coordinate column, Coordinate row, Span span) implements Expression {
        /** The cell meant by a formula at {@code origin}; nothing where that lies outside the grid. */
        public Optional<Address> from(Address origin) {
            int c = column.from(origin.column());
            int r = row.from(origin.row());
            return Address.isInside(c, r) ? Optional.of(new Address(c, r)) : Optional.empty();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.cell(this);
        }
    }

    /** A rectangle of cells, or whole columns or rows. */
    record RangeReference(
            Optional<String> grid,
            Extent extent,
            Coordinate firstColumn,
            Coordinate firstRow,
            Coordinate lastColumn,
            Coordinate lastRow,
            Span span)
            implements Expression {
        /** Whether corners, columns or rows were written. */
        public enum Extent {
            CELLS,
            COLUMNS,
            ROWS
        }

        /** The cells meant by a formula at {@code origin}; nothing where they lie outside the grid. */
        public Optional<Area> from(Address origin) {
            int left = firstColumn.from(origin.column());
            int right = lastColumn.from(origin.column());
            int top = firstRow.from(origin.row());
            int bottom = lastRow.from(origin.row());
            return Address.isInside(left, top) && Address.isInside(right, bottom)
                    ? Optional.of(Area.between(new Address(left, top), new Address(right, bottom)))
                    : Optional.empty();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.range(this);
        }
    }

    /** A name, as typed. */
    record Name(String name, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.name(this);
        }
    }

    /**
     * A variable that a call around it binds, as {@code k} in {@code sumover(k^2, k, 1, 10)}; it hides names and constants.
     *
     * @param name as it was typed
     */
    record Variable(String name, Span span) implements Expression {
        /** Whether this is the variable that is called so; case is ignored. */
        public boolean is(String other) {
            return name.equalsIgnoreCase(other);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.variable(this);
        }
    }

    /** A constant of mathematics, as typed. */
    record Constant(String name, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.constant(this);
        }
    }

    /**
     * A bracket or a call with a unit behind it. A number with its unit is a {@link Literal}.
     *
     * @param source the unit as typed
     */
    record WithUnit(Expression operand, Unit unit, String source, Span span) implements Expression {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.withUnit(this);
        }
    }

    /**
     * A value converted to a unit.
     *
     * @param source the unit as typed
     * @param sign where {@code to} stands
     */
    record Conversion(Expression operand, Unit unit, String source, Span sign, Span unitSpan) implements Expression {
        @Override
        public Span span() {
            return operand.span().to(unitSpan);
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.conversion(this);
        }
    }

    /** A table written out: {@code {1, 2; 3, 4}}. All rows are of one length. */
    record TableLiteral(List<List<Expression>> rows, Span span) implements Expression {
        public TableLiteral {
            rows = rows.stream().map(List::copyOf).toList();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.table(this);
        }
    }
}
