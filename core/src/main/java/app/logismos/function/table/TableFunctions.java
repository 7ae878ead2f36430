package app.logismos.function.table;

import static app.logismos.function.Algebra.answer;
import static app.logismos.function.Algebra.minus;
import static app.logismos.function.Algebra.over;
import static app.logismos.function.Algebra.plus;
import static app.logismos.function.Algebra.sqrt;
import static app.logismos.function.Algebra.times;
import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TRUTH;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.ComplexMatrices;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.function.Matrices;
import app.logismos.function.Shape;
import app.logismos.function.Workings;
import app.logismos.number.Cancellable;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.function.IntFunction;

/** Tables: their parts, their order, and matrices. Lists that functions make are columns. */
public final class TableFunctions {
    private static final int MOST_CELLS = 1_000_000;
    private static final NumberValue ONE = NumberValue.of(1);
    private static final NumberValue LAST = NumberValue.of(-1);

    public static final List<Function> ALL = List.of(
            of("rows", "How many rows a table has.", table -> NumberValue.of(table.rows()))
                    .example("rows({1, 2; 3, 4; 5, 6})", "3")
                    .example("rows(7)", "1")
                    .refuses("rows(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("columns", "size"),
            of("columns", "How many columns a table has.", table -> NumberValue.of(table.columns()))
                    .example("columns({1, 2; 3, 4; 5, 6})", "2")
                    .example("columns(7)", "1")
                    .refuses("columns(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("rows", "size"),
            of(
                            "size",
                            "How many rows and columns a table has, as a row of two.",
                            table -> new ArrayTable(
                                    1, 2, List.of(NumberValue.of(table.rows()), NumberValue.of(table.columns()))))
                    .example("size({1, 2; 3, 4; 5, 6})", "{3, 2}")
                    .example("size(7)", "{1, 1}")
                    .refuses("size(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("rows", "columns"),
            function("at", Category.TABLES)
                    .alsoRead("INDEX")
                    .says("The value in a row and column of a table.")
                    .argument("table", TABLE, "the table")
                    .argument("row", WHOLE, "which row, from 1; negative from the end")
                    .optional("column", WHOLE, ONE, "which column, from 1; negative from the end")
                    .example("at({1, 2; 3, 4}, 2, 1)", "3")
                    .example("at({5; 6; 7}, -1)", "7")
                    .refuses("at({1, 2}, 3, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("slice", "last", "lookup")
                    .answers(TableFunctions::at),
            of(
                            "last",
                            "The last row of a table, of a row its last value.",
                            table -> table.rows() == 1
                                    ? table.at(0, table.columns() - 1)
                                    : single(rowsOf(table, table.rows() - 1, table.rows())))
                    .example("last({1; 2; 3})", "3")
                    .example("last({1, 2; 3, 4})", "{3, 4}")
                    .refuses("last(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("at", "slice"),
            function("slice", Category.TABLES)
                    .says("A part of a table, from row to row and column to column, all included.")
                    .argument("table", TABLE, "the table")
                    .argument("firstrow", WHOLE, "from 1; negative from the end")
                    .argument("lastrow", WHOLE, "from 1; negative from the end")
                    .optional("firstcolumn", WHOLE, ONE, "from 1; negative from the end")
                    .optional("lastcolumn", WHOLE, LAST, "from 1; negative from the end")
                    .example("slice({1, 2; 3, 4; 5, 6}, 2, 3)", "{3, 4; 5, 6}")
                    .example("slice({1, 2; 3, 4; 5, 6}, 1, -1, 2)", "{2; 4; 6}")
                    .refuses("slice({1; 2}, 2, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("at", "last")
                    .answers(TableFunctions::slice),
            of("transpose", "The table turned over: its rows become columns.", TableFunctions::transposed)
                    .example("transpose({1, 2; 3, 4})", "{1, 3; 2, 4}")
                    .example("transpose({1, 2})", "{1; 2}")
                    .refuses("transpose(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("reverse"),
            function("series", Category.TABLES)
                    .says("Numbers from one to another in even steps, as a column.")
                    .argument("from", NUMBER, "the first")
                    .argument("to", NUMBER, "the last, if the steps meet it")
                    .optional("step", NUMBER, ONE, "not 0")
                    .example("series(1, 4)", "{1; 2; 3; 4}")
                    .example("series(1, 0, -0.5)", "{1; 1/2; 0}")
                    .refuses("series(1, 5, step: -1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("spaced")
                    .units(Rational.ONE, "from", "to", "step")
                    .answers(TableFunctions::series),
            function("spaced", Category.TABLES)
                    .says("So many numbers from one to another at even distances, both included, as a column.")
                    .argument("from", NUMBER, "the first")
                    .argument("to", NUMBER, "the last")
                    .argument("count", WHOLE, "how many, 2 or more")
                    .example("spaced(0, 1, 5)", "{0; 1/4; 1/2; 3/4; 1}")
                    .example("spaced(3, 9, 2)", "{3; 9}")
                    .refuses("spaced(0, 1, 1)", ErrorCode.WRONG_ARGUMENTS)
                    .related("series")
                    .keepsUnit("from", "to")
                    .answers(TableFunctions::spaced),
            function("sort", Category.TABLES)
                    .says("The rows of a table in the order of a column; a row of values in the order of the values.")
                    .argument("table", TABLE, "the table")
                    .optional("column", WHOLE, ONE, "by which column, from 1")
                    .optional("descending", TRUTH, new Truth(false), "true for the largest first")
                    .example("sort({3; 1; 2})", "{1; 2; 3}")
                    .example("sort({1, \"b\"; 2, \"a\"}, 2)", "{2, \"a\"; 1, \"b\"}")
                    .refuses("sort({1; 2}, 2)", ErrorCode.WRONG_ARGUMENTS)
                    .related("reverse", "unique", "rank")
                    .answers(TableFunctions::sorted),
            of(
                            "unique",
                            "The rows of a table, each once, in the order in which they come first.",
                            table -> ofRows(new ArrayList<>(new LinkedHashSet<>(rowList(table)))))
                    .example("unique({2; 1; 2})", "{2; 1}")
                    .example("unique({1, 2; 1, 2; 3, 4})", "{1, 2; 3, 4}")
                    .refuses("unique(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sort", "filter"),
            function("filter", Category.TABLES)
                    .says("The rows of a table beside which a condition holds.")
                    .argument("table", TABLE, "the table")
                    .argument("conditions", TABLE, "a truth value for each row")
                    .example("filter({1; 2; 3}, {1; 2; 3} > 1)", "{2; 3}")
                    .example("filter({1, 5; 2, 6}, {false; true})", "{2, 6}")
                    .refuses("filter({1; 2}, {false; false})", ErrorCode.NOT_FOUND)
                    .related("unique", "countif")
                    .answers(TableFunctions::filtered),
            of("reverse", "The rows of a table from the last to the first; a row of values likewise.", table -> {
                        boolean isRow = table.rows() == 1;
                        List<List<Value>> rows = rowList(isRow ? transposed(table) : table);
                        Collections.reverse(rows);
                        return isRow ? transposed(ofRows(rows)) : ofRows(rows);
                    })
                    .example("reverse({1; 2; 3})", "{3; 2; 1}")
                    .example("reverse({1, 2, 3})", "{3, 2, 1}")
                    .refuses("reverse(1/0)", ErrorCode.DIVIDE_BY_ZERO)
                    .related("sort"),
            function("cumulate", Category.TABLES)
                    .says("Running totals down each column.")
                    .argument("table", TABLE, "numbers")
                    .example("cumulate({1; 2; 3})", "{1; 3; 6}")
                    .example("cumulate({1, 10; 2, 20})", "{1, 10; 3, 30}")
                    .refuses("cumulate({1; \"a\"})", ErrorCode.WRONG_KIND)
                    .related("sum")
                    .units(Rational.ONE, "table")
                    .answers(given -> {
                        Real[][] m = given.matrix("table");
                        for (int row = 1; row < m.length; row++) {
                            for (int column = 0; column < m[row].length; column++) {
                                m[row][column] = plus(m[row - 1][column], m[row][column]);
                            }
                        }
                        return of(m);
                    }),
            function("lookup", Category.TABLES)
                    .says(
                            "Finds a value in the first column of a table and answers what stands in the last column of its row.")
                    .argument("value", ANY, "what is sought")
                    .argument("searched", TABLE, "where: the first column, or a list")
                    .optional(
                            "result",
                            TABLE,
                            Blank.BLANK,
                            "what answers, row by row; the last column, if nothing is said")
                    .optional(
                            "nearest",
                            TRUTH,
                            new Truth(false),
                            "true for the largest that is not above the value, in a sorted column")
                    .example("lookup(2, {1, \"a\"; 2, \"b\"})", "\"b\"")
                    .example("lookup(2.5, {1; 2; 3}, {10; 20; 30}, nearest: true)", "20")
                    .refuses("lookup(4, {1; 2})", ErrorCode.NOT_FOUND)
                    .related("position", "at")
                    .answers(TableFunctions::lookup),
            function("position", Category.TABLES)
                    .says("Where a value stands in a list, from 1.")
                    .argument("value", ANY, "what is sought")
                    .argument("table", TABLE, "where, row by row")
                    .example("position(7, {5; 7; 9})", "2")
                    .example("position(\"b\", {\"a\", \"b\"})", "2")
                    .refuses("position(4, {1, 2})", ErrorCode.NOT_FOUND)
                    .related("lookup", "find")
                    .answers(TableFunctions::position),
            function("stack", Category.TABLES)
                    .says("Tables under each other.")
                    .repeated("tables", TABLE, "tables with as many columns")
                    .example("stack({1, 2}, {3, 4})", "{1, 2; 3, 4}")
                    .example("stack(1, 2)", "{1; 2}")
                    .refuses("stack({1, 2}, {1, 2, 3})", ErrorCode.SHAPES_DIFFER)
                    .related("beside")
                    .answers(given -> stacked(given.tables("tables"), given.tables("tables"))),
            function("beside", Category.TABLES)
                    .says("Tables side by side.")
                    .repeated("tables", TABLE, "tables with as many rows")
                    .example("beside({1; 2}, {3; 4})", "{1, 3; 2, 4}")
                    .example("beside(1, 2)", "{1, 2}")
                    .refuses("beside({1; 2}, {1; 2; 3})", ErrorCode.SHAPES_DIFFER)
                    .related("stack")
                    .answers(given -> transposed(stacked(
                            given.tables("tables").stream()
                                    .<Table>map(TableFunctions::transposed)
                                    .toList(),
                            given.tables("tables")))),
            function("matmul", Category.TABLES)
                    .alsoRead("MMULT")
                    .says("The product of two matrices.")
                    .argument("a", TABLE, "numbers")
                    .argument("b", TABLE, "as many rows as a has columns")
                    .example("matmul({1, 2; 3, 4}, {5; 6})", "{17; 39}")
                    .example("matmul({1, 2}, {3; 4})", "{11}")
                    .refuses("matmul({1, 2}, {3, 4})", ErrorCode.SHAPES_DIFFER)
                    .related("inverse", "dot")
                    .units(Rational.ONE, "a")
                    .units(Rational.ONE, "b")
                    .works(given -> Workings.firstCell(given.matrix("a"), given.matrix("b")))
                    .complexly(given ->
                            of(ComplexMatrices.product(Complexes.matrix(given, "a"), Complexes.matrix(given, "b"))))
                    .answers(given -> of(Matrices.product(given.matrix("a"), given.matrix("b")))),
            function("det", Category.TABLES)
                    .alsoRead("MDETERM")
                    .says("The determinant of a square matrix.")
                    .argument("a", TABLE, "as many rows as columns")
                    .example("det({1, 2; 3, 4})", "-2")
                    .example("det({2})", "2")
                    .refuses("det({1, 2})", ErrorCode.SHAPES_DIFFER)
                    .related("inverse", "trace")
                    .unitsBy(given -> Rational.of(given.table("a").rows()), "a")
                    .works(given -> Workings.determinant(given.matrix("a")))
                    .complexes(given -> ComplexMatrices.determinant(Complexes.matrix(given, "a")))
                    .computes(given -> Algebra.settled(Matrices.determinant(given.matrix("a")))),
            function("inverse", Category.TABLES)
                    .alsoRead("MINVERSE")
                    .says("The matrix whose product with a is the identity.")
                    .argument("a", TABLE, "as many rows as columns, not singular")
                    .example("inverse({1, 2; 3, 4})", "{-2, 1; 3/2, -1/2}")
                    .example("inverse({4})", "{1/4}")
                    .refuses("inverse({1, 2; 2, 4})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("linsolve", "det", "identity")
                    .units(Rational.of(-1), "a")
                    .complexly(given -> of(ComplexMatrices.solve(
                            Complexes.matrix(given, "a"),
                            ComplexMatrices.identity(given.table("a").rows()))))
                    .answers(given -> of(Matrices.solve(
                            given.matrix("a"),
                            Matrices.identity(given.table("a").rows())))),
            function("identity", Category.TABLES)
                    .alsoRead("MUNIT")
                    .says("The identity matrix: ones down the diagonal, zeros elsewhere.")
                    .argument("n", WHOLE, "how many rows and columns, 1 to 1000")
                    .example("identity(2)", "{1, 0; 0, 1}")
                    .example("identity(1)", "{1}")
                    .refuses("identity(0)", ErrorCode.WRONG_ARGUMENTS)
                    .related("inverse", "matmul")
                    .answers(given -> of(Matrices.identity(given.whole("n", 1, 1_000)))),
            function("linsolve", Category.TABLES)
                    .says("The solution x of the linear equations a x = b.")
                    .argument("a", TABLE, "the coefficients, an equation a row")
                    .argument("b", TABLE, "the right sides, as a column")
                    .example("linsolve({2, 1; 1, 3}, {3; 5})", "{4/5; 7/5}")
                    .example("linsolve({4}, {2})", "{1/2}")
                    .refuses("linsolve({1, 2; 2, 4}, {1; 2})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("inverse", "det")
                    .units(Rational.of(-1), "a")
                    .units(Rational.ONE, "b")
                    .from("Gaussian elimination, exact for exact numbers")
                    .complexly(given ->
                            of(ComplexMatrices.solve(Complexes.matrix(given, "a"), Complexes.matrix(given, "b"))))
                    .answers(given -> of(Matrices.solve(given.matrix("a"), given.matrix("b")))),
            function("dot", Category.TABLES)
                    .says("The dot product of two vectors: products of their elements, added.")
                    .argument("a", TABLE, "numbers")
                    .argument("b", TABLE, "as many numbers")
                    .example("dot({1, 2, 3}, {4, 5, 6})", "32")
                    .example("dot({1; 0}, {0; 1})", "0")
                    .refuses("dot({1, 2}, {1, 2, 3})", ErrorCode.SHAPES_DIFFER)
                    .related("cross", "norm", "sumproduct")
                    .units(Rational.ONE, "a")
                    .units(Rational.ONE, "b")
                    .works(given -> Workings.products(vector(given, "a"), vector(given, "b")))
                    .computes(given -> dot(vector(given, "a"), vector(given, "b"))),
            function("cross", Category.TABLES)
                    .says("The cross product of two vectors of three elements, as a column.")
                    .argument("a", TABLE, "three numbers")
                    .argument("b", TABLE, "three numbers")
                    .example("cross({1, 0, 0}, {0, 1, 0})", "{0; 0; 1}")
                    .example("cross({1, 2, 3}, {4, 5, 6})", "{-3; 6; -3}")
                    .refuses("cross({1, 2}, {3, 4})", ErrorCode.WRONG_ARGUMENTS)
                    .related("dot")
                    .units(Rational.ONE, "a")
                    .units(Rational.ONE, "b")
                    .answers(given -> cross(given, vector(given, "a"), vector(given, "b"))),
            function("norm", Category.TABLES)
                    .says("The length of a vector, of a matrix the root of the sum of its squares.")
                    .argument("a", TABLE, "numbers")
                    .example("norm({3, 4})", "5")
                    .example("norm({1, 2; 2, 4})", "5")
                    .refuses("norm({1, \"a\"})", ErrorCode.WRONG_KIND)
                    .related("dot", "hypot")
                    .units(Rational.ONE, "a")
                    .works("√({a|^2 + }^2)")
                    .computes(given -> sqrt(dot(vector(given, "a"), vector(given, "a")))),
            function("trace", Category.TABLES)
                    .says("The sum of a square matrix's diagonal.")
                    .argument("a", TABLE, "as many rows as columns")
                    .example("trace({1, 2; 3, 4})", "5")
                    .example("trace({7})", "7")
                    .refuses("trace({1, 2})", ErrorCode.SHAPES_DIFFER)
                    .related("det")
                    .units(Rational.ONE, "a")
                    .computes(given -> {
                        Real[][] a = Matrices.square(given.matrix("a"));
                        Real sum = Rational.ZERO;
                        for (int i = 0; i < a.length; i++) {
                            sum = plus(sum, a[i][i]);
                        }
                        return sum;
                    }));

    private TableFunctions() {}

    private static Function of(String name, String says, java.util.function.Function<Table, Value> code) {
        return function(name, Category.TABLES)
                .says(says)
                .argument("table", TABLE, "the table")
                .answers(given -> code.apply(given.table("table")));
    }

    private static Value of(Real[][] numbers) {
        return made(
                numbers.length,
                numbers[0].length,
                i -> new NumberValue(Algebra.settled(numbers[i / numbers[0].length][i % numbers[0].length])));
    }

    private static Value of(Complex[][] numbers) {
        return made(
                numbers.length,
                numbers[0].length,
                i -> ComplexValue.of(numbers[i / numbers[0].length][i % numbers[0].length]));
    }

    private static ArrayTable made(int rows, int columns, IntFunction<Value> at) {
        if ((long) rows * columns > MOST_CELLS) {
            throw new Arguments.Refused(
                    Failure.of(ErrorCode.TOO_LARGE, "A table has " + MOST_CELLS + " cells at the most."));
        }
        List<Value> cells = new ArrayList<>(rows * columns);
        for (int i = 0; i < rows * columns; i++) {
            cells.add(at.apply(i));
        }
        return new ArrayTable(rows, columns, cells);
    }

    /** A place from 1, or from the end where negative, as one from 0. */
    private static int place(Arguments given, String parameter, int many) {
        int place = given.whole(parameter, -many, many);
        if (place == 0) {
            throw given.wrong(parameter, "a place from 1 to " + many, "0");
        }
        return place > 0 ? place - 1 : many + place;
    }

    /** Of a single row the one number given is the column, as in a list. */
    private static Value at(Arguments given) {
        Table table = given.table("table");
        if (table.rows() == 1 && !given.isGiven("column")) {
            return table.at(0, place(given, "row", table.columns()));
        }
        return table.at(place(given, "row", table.rows()), place(given, "column", table.columns()));
    }

    private static Value single(Table table) {
        return table.rows() == 1 && table.columns() == 1 ? table.at(0, 0) : table;
    }

    private static Table rowsOf(Table table, int from, int until) {
        return made(until - from, table.columns(), i -> table.at(from + i / table.columns(), i % table.columns()));
    }

    private static Value slice(Arguments given) {
        Table table = given.table("table");
        int top = place(given, "firstrow", table.rows());
        int bottom = place(given, "lastrow", table.rows());
        int left = place(given, "firstcolumn", table.columns());
        int right = place(given, "lastcolumn", table.columns());
        if (bottom < top || right < left) {
            throw given.wrong("lastrow", "an end that is not before the start", "before it");
        }
        int columns = right - left + 1;
        return made(bottom - top + 1, columns, i -> table.at(top + i / columns, left + i % columns));
    }

    private static Table transposed(Table table) {
        return made(table.columns(), table.rows(), i -> table.at(i % table.rows(), i / table.rows()));
    }

    private static Value series(Arguments given) {
        Real from = given.number("from");
        Real step = given.number("step");
        Real steps = answer(Rounding.places(over(minus(given.number("to"), from), step), 0, RoundingMode.FLOOR));
        if (steps.signum() < 0) {
            throw given.wrong("step", "a step that leads from `from` to `to`", app.logismos.number.Plain.text(step));
        }
        if (steps.compareTo(Rational.of(MOST_CELLS)) >= 0) {
            return Failure.of(ErrorCode.TOO_LARGE, "A table has " + MOST_CELLS + " cells at the most.");
        }
        int count = ((Rational) steps).numerator().intValue() + 1;
        return made(count, 1, i -> new NumberValue(plus(from, times(step, Rational.of(i)))));
    }

    private static Value spaced(Arguments given) {
        Real from = given.number("from");
        int count = given.whole("count", 2, MOST_CELLS);
        Real step = over(minus(given.number("to"), from), Rational.of(count - 1L));
        return made(count, 1, i -> new NumberValue(plus(from, times(step, Rational.of(i)))));
    }

    private static List<List<Value>> rowList(Table table) {
        List<List<Value>> rows = new ArrayList<>();
        for (int row = 0; row < table.rows(); row++) {
            List<Value> cells = new ArrayList<>();
            Cancellable.tick();
            for (int column = 0; column < table.columns(); column++) {
                cells.add(table.at(row, column));
            }
            rows.add(cells);
        }
        return rows;
    }

    private static Table ofRows(List<List<Value>> rows) {
        return new ArrayTable(
                rows.size(),
                rows.get(0).size(),
                rows.stream().flatMap(List::stream).toList());
    }

    private static Value sorted(Arguments given) {
        Table table = given.table("table");
        boolean isRow = table.rows() == 1 && table.columns() > 1;
        List<List<Value>> rows = rowList(isRow ? transposed(table) : table);
        int column = isRow ? 0 : place(given, "column", table.columns());
        Comparator<List<Value>> order = Comparator.comparing(row -> row.get(column), TableFunctions::compare);
        rows.sort(given.truth("descending") ? order.reversed() : order);
        return isRow ? transposed(ofRows(rows)) : ofRows(rows);
    }

    /** Numbers, then dates and times, then texts, then truth values, then missing ones and empty cells. */
    static int compare(Value a, Value b) {
        Cancellable.tick();
        if (a instanceof NumberValue x && b instanceof NumberValue y) {
            return x.real().compareTo(y.real());
        }
        if (a instanceof Quantity x && b instanceof Quantity y) {
            if (!x.isLike(y)) {
                throw new Arguments.Refused(Failure.of(
                        ErrorCode.UNITS_DIFFER,
                        "`" + x.unit().symbol() + "` and `" + y.unit().symbol()
                                + "` do not measure the same, so these cells have no order."));
            }
            return x.number().compareTo(Algebra.answer(y.in(x.unit())));
        }
        if (a instanceof Moment x && b instanceof Moment y) {
            return x.kind() == y.kind() ? x.compareTo(y) : x.kind().compareTo(y.kind());
        }
        return a instanceof Text x && b instanceof Text y
                ? x.text().compareTo(y.text())
                : a instanceof Truth x && b instanceof Truth y
                        ? Boolean.compare(x.holds(), y.holds())
                        : Integer.compare(order(a), order(b));
    }

    private static int order(Value value) {
        return switch (value.kind()) {
            case NUMBER, QUANTITY -> 0;
            case DATE, DATETIME, TIME, DURATION -> 1;
            case TEXT -> 2;
            case TRUTH -> 3;
            case MISSING -> 4;
            case COMPLEX, EXPRESSION, FUNCTION, EMPTY, TABLE, ERROR -> 5;
        };
    }

    private static Value filtered(Arguments given) {
        Table table = given.table("table");
        Table conditions = given.table("conditions");
        if (conditions.rows() * conditions.columns() != table.rows()) {
            return Shape.differ("`filter` needs one condition for each row.", Shape.of(table), Shape.of(conditions));
        }
        List<List<Value>> all = rowList(table);
        List<List<Value>> rows = new ArrayList<>();
        for (int row = 0; row < table.rows(); row++) {
            Value condition = conditions.at(row / conditions.columns(), row % conditions.columns());
            if (condition instanceof Truth truth && truth.holds()) {
                rows.add(all.get(row));
            }
        }
        return rows.isEmpty() ? Failure.of(ErrorCode.NOT_FOUND, "The condition holds for no row.") : ofRows(rows);
    }

    private static Value lookup(Arguments given) {
        Value sought = given.value("value");
        Table searched = given.table("searched");
        boolean nearest = given.truth("nearest");
        Table list = searched.rows() == 1 && searched.columns() > 1 && given.isGiven("result")
                ? transposed(searched)
                : searched;
        Table results = given.isGiven("result") ? given.table("result") : list;
        Table answers = results.rows() == 1 && list.rows() > 1 ? transposed(results) : results;
        if (answers.rows() != list.rows()) {
            return Shape.differ("`result` must be as long as `searched`.", Shape.of(searched), Shape.of(results));
        }
        int found = -1;
        for (int row = 0; row < list.rows(); row++) {
            int order = list.at(row, 0).kind() == sought.kind() ? compare(list.at(row, 0), sought) : 1;
            if (order == 0 || nearest && order < 0) {
                found = row;
                if (!nearest) {
                    break;
                }
            }
        }
        return found < 0
                ? Failure.of(ErrorCode.NOT_FOUND, "The value is not in the list.")
                : answers.at(found, answers.columns() - 1);
    }

    private static Value position(Arguments given) {
        Value sought = given.value("value");
        Table table = given.table("table");
        for (int i = 0; i < table.rows() * table.columns(); i++) {
            Value value = table.at(i / table.columns(), i % table.columns());
            if (value.kind() == sought.kind() && compare(value, sought) == 0) {
                return NumberValue.of(i + 1L);
            }
        }
        return Failure.of(ErrorCode.NOT_FOUND, "The value is not in the list.");
    }

    /**
     * Puts tables under each other.
     *
     * @param said how they stand in the call, for the error that speaks of their shapes
     */
    private static Table stacked(List<Table> tables, List<Table> said) {
        List<List<Value>> rows = new ArrayList<>();
        for (int i = 0; i < tables.size(); i++) {
            Table table = tables.get(i);
            if (table.columns() != tables.get(0).columns()) {
                throw new Arguments.Refused(
                        Shape.differ("The tables do not fit together.", Shape.of(said.get(0)), Shape.of(said.get(i))));
            }
            rows.addAll(rowList(table));
        }
        return ofRows(rows);
    }

    private static List<Real> vector(Arguments given, String parameter) {
        List<Real> numbers = new ArrayList<>();
        for (Real[] row : given.matrix(parameter)) {
            numbers.addAll(List.of(row));
        }
        return numbers;
    }

    private static Real dot(List<Real> a, List<Real> b) {
        if (a.size() != b.size()) {
            throw new Arguments.Refused(
                    Shape.differ("The vectors must be equally long.", Shape.list(a.size()), Shape.list(b.size())));
        }
        Real sum = Rational.ZERO;
        for (int i = 0; i < a.size(); i++) {
            sum = Matrices.plus(sum, Matrices.times(a.get(i), b.get(i)));
        }
        return Algebra.settled(sum);
    }

    private static Value cross(Arguments given, List<Real> a, List<Real> b) {
        if (a.size() != 3 || b.size() != 3) {
            throw given.wrong("a", "three numbers", a.size() + " and " + b.size());
        }
        List<Value> cells = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            int j = (i + 1) % 3;
            int k = (i + 2) % 3;
            cells.add(new NumberValue(minus(times(a.get(j), b.get(k)), times(a.get(k), b.get(j)))));
        }
        return new ArrayTable(3, 1, cells);
    }
}
