package app.logismos.recalculate;

import app.logismos.evaluate.Budget;
import app.logismos.evaluate.EvaluationErrors;
import app.logismos.evaluate.Evaluator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.Scope;
import app.logismos.formula.Address;
import app.logismos.formula.Entry;
import app.logismos.formula.Expression;
import app.logismos.formula.Parser;
import app.logismos.function.Surroundings;
import app.logismos.sheet.Cell;
import app.logismos.sheet.Worksheet;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;

/** Works single cells of a worksheet out, with the values of the others as they are. */
record CellEvaluation(Worksheet worksheet, Links links, Values values, Surroundings surroundings, Limits limits) {
    /** Where formulas of a grid find what they refer to; see {@link SheetScope} for {@code suggests}. */
    Scope scope(String grid, boolean suggests) {
        return new SheetScope(worksheet, links, values, grid, surroundings, suggests);
    }

    /** The value of the formula in a cell, within the bounds of one calculation. */
    Value value(long key) {
        String grid = links.grid(CellKey.grid(key));
        Address at = CellKey.address(key);
        Cell cell = worksheet.cell(grid, at).orElseThrow();
        Entry.Calculation calculation = (Entry.Calculation) cell.entry();
        Value value = bounded(calculation.expression(), grid, at);
        if (value instanceof Failure) {
            // The shared expression has the places of the cell that was read first; this cell's own are wanted here.
            value = bounded(ownExpression(cell, at), grid, at);
        }
        return value;
    }

    private Value bounded(Expression expression, String grid, Address at) {
        try {
            Value value = new Evaluator(scope(grid, false), at, limits, Budget.of(limits)).value(expression);
            return value instanceof Table table
                    ? held(table, expression)
                    : value == Blank.BLANK ? NumberValue.of(0) : value;
        } catch (Budget.Stopped stopped) {
            return EvaluationErrors.tookTooLong(limits);
        }
    }

    /** A table made from a range is copied, so that it does not change unseen. */
    private Value held(Table table, Expression expression) {
        long size = (long) table.rows() * table.columns();
        if (size > limits.tableCells()) {
            return EvaluationErrors.tableTooLarge(size, limits.tableCells(), expression.span());
        }
        if (table instanceof ArrayTable) {
            return table;
        }
        List<Value> copy = new ArrayList<>((int) size);
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                copy.add(table.at(row, column));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), copy);
    }

    private Expression ownExpression(Cell cell, Address at) {
        int start = cell.text().indexOf('=') + 1;
        return Parser.parse(cell.text(), start, at, worksheet.vocabulary()) instanceof Parser.Outcome.Parsed parsed
                ? parsed.expression()
                : ((Entry.Calculation) cell.entry()).expression();
    }
}
