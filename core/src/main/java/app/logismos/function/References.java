package app.logismos.function;

import app.logismos.algebra.Antiderivative;
import app.logismos.algebra.Equation;
import app.logismos.algebra.Form;
import app.logismos.algebra.Limit;
import app.logismos.formula.Address;
import app.logismos.number.Real;
import app.logismos.value.Algebraic;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Span;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Where the arguments of a call stand, what they are before they are worked out, and what they refer to. */
public interface References {
    /** Where nothing is a reference. */
    References NONE = new References() {
        @Override
        public Optional<Cells> of(int argument) {
            return Optional.empty();
        }

        @Override
        public Optional<Span> place(int argument) {
            return Optional.empty();
        }

        @Override
        public Optional<Bound> bound(int expression, int variable) {
            return Optional.empty();
        }

        @Override
        public Form form(int argument) {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public Optional<Form> formIfAny(int argument) {
            return Optional.empty();
        }

        @Override
        public Optional<Form> branch(int argument, int variable, Value at) {
            return Optional.empty();
        }

        @Override
        public List<Form> divisors(int argument) {
            return List.of();
        }

        @Override
        public Form derivative(Form form, Form.Letter by, int order) {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public Optional<Antiderivative.Answer> integral(Form form, Form.Letter by) {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public Optional<Limit.Found> limit(Form form, Form.Letter by, Real place, int side) {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public Value worth(Form form) {
            return new Algebraic(form);
        }

        @Override
        public List<Equation> equations(int argument) {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public Optional<List<Equation>> equationsIfAny(int argument) {
            return Optional.empty();
        }

        @Override
        public Bound difference(int expression, int variable) {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public List<Form.Letter> unknowns(int argument) {
            return List.of();
        }

        @Override
        public Value supposing() {
            throw new UnsupportedOperationException("there are no expressions here");
        }

        @Override
        public Value read(Cells cells) {
            return Failure.of(ErrorCode.MISSING_REFERENCE, "There is no grid here.");
        }

        @Override
        public Set<Integer> hiddenRows(Optional<String> grid) {
            return Set.of();
        }

        @Override
        public List<String> grids() {
            return List.of();
        }

        @Override
        public Optional<String> ownGrid() {
            return Optional.empty();
        }

        @Override
        public Optional<String> formula(Optional<String> grid, Address cell) {
            return Optional.empty();
        }
    };

    /**
     * Some cells of a grid.
     *
     * @param grid the title of the grid; nothing for the formula's own
     * @param row of the first cell, from 0; it may lie outside the grid, like the column
     * @param column of the first cell, from 0
     */
    record Cells(Optional<String> grid, int row, int column, int rows, int columns) {
        /** As many cells, so many rows and columns away. */
        public Cells shifted(int down, int right) {
            return new Cells(grid, row + down, column + right, rows, columns);
        }

        /** So many cells from the same first one on. */
        public Cells resized(int height, int width) {
            return new Cells(grid, row, column, height, width);
        }
    }

    /** Where an argument points, by its place in the call; with −1 where the formula stands. */
    Optional<Cells> of(int argument);

    /** The characters of an argument in the entry, by its place in the call. */
    Optional<Span> place(int argument);

    /** An argument that is an expression of another one, by their places in the call; nothing where that is no word. */
    Optional<Bound> bound(int expression, int variable);

    /** An argument as an expression with letters, by its place in the call. */
    Form form(int argument);

    /** An argument as equations: one, or those of a table; what is no equation is to be 0. */
    List<Equation> equations(int argument);

    /** The same; nothing where something in them is no part of algebra. */
    Optional<List<Equation>> equationsIfAny(int argument);

    /** The left side of an argument that is an equation less its right side; both are places in the call. */
    Bound difference(int expression, int variable);

    /** The words of an argument, one or those of a table; none where something else stands there. */
    List<Form.Letter> unknowns(int argument);

    /** The first argument as it would be if those after it, names or cells, each had the value behind it. */
    Value supposing();

    /** An antiderivative by a letter, without a constant; nothing where none is found. */
    Optional<Antiderivative.Answer> integral(Form form, Form.Letter by);

    /** The limit from above, with 1, or below, with −1; nothing where none is found. */
    Optional<Limit.Found> limit(Form form, Form.Letter by, Real place, int side);

    /** An argument as an expression with letters; nothing where something in it is no part of algebra. */
    Optional<Form> formIfAny(int argument);

    /**
     * An argument as an expression with letters, of every {@code if} in it the branch that is taken where a variable has a
     * value; nothing where that cannot be told, or something else in it is no part of algebra.
     */
    Optional<Form> branch(int argument, int variable, Value at);

    /** What an argument divides by as it is typed, before anything is cancelled. */
    List<Form> divisors(int argument);

    /** The derivative by a letter, so many times. */
    Form derivative(Form form, Form.Letter by, int order);

    /** A form as a value: a number where it has no letters. */
    Value worth(Form form);

    /** The value of one cell, or the table of several; the formula depends on them from now on. */
    Value read(Cells cells);

    /** The rows of a grid, from 0, that are not shown; of the formula's own where no title is given. */
    Set<Integer> hiddenRows(Optional<String> grid);

    /** The titles of all grids in their order; none outside of a worksheet. */
    List<String> grids();

    /** The title of the formula's own grid; nothing outside of a worksheet. */
    Optional<String> ownGrid();

    /** The formula in a cell as it was typed; nothing where there is none. The grid's title, or nothing for the formula's own. */
    Optional<String> formula(Optional<String> grid, Address cell);
}
