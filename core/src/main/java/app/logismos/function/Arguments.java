package app.logismos.function;

import app.logismos.algebra.Antiderivative;
import app.logismos.algebra.Equation;
import app.logismos.algebra.Form;
import app.logismos.algebra.Limit;
import app.logismos.formula.Address;
import app.logismos.number.Complex;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.unit.Unit;
import app.logismos.unit.UnitCatalogue;
import app.logismos.unit.Units;
import app.logismos.value.Algebraic;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** The arguments of one call, by parameter name, each checked when a function's code asks for it. */
public final class Arguments {
    private static final Rational DEGREES = Rational.of(180);

    private final Function function;
    private final List<Integer> positions;
    private final IntFunction<Value> values;
    private final References references;
    private final Surroundings surroundings;

    /**
     * The arguments of a call.
     *
     * @param positions for each argument the index of its parameter
     * @param values works an argument out, by its place in the call
     */
    public Arguments(
            Function function,
            List<Integer> positions,
            IntFunction<Value> values,
            References references,
            Surroundings surroundings) {
        this.function = function;
        this.positions = positions;
        this.values = values;
        this.references = references;
        this.surroundings = surroundings;
    }

    /** Where an argument points that is a reference; where the formula stands, if it was left out. */
    public References.Cells cells(String parameter) {
        int argument = positions.indexOf(function.indexOf(parameter));
        return references
                .of(argument)
                .orElseThrow(() -> refused(
                        parameter,
                        ErrorCode.WRONG_KIND,
                        "`" + function.name() + "` needs a reference like B7 for `" + parameter + "`."));
    }

    /** Whether an argument points at cells. */
    public boolean isReference(String parameter) {
        return references.of(positions.indexOf(function.indexOf(parameter))).isPresent();
    }

    /** The formula in the first cell that an argument points at, as it was typed; nothing where there is none. */
    public Optional<String> formula(String parameter) {
        References.Cells cells = cells(parameter);
        return Address.isInside(cells.column(), cells.row())
                ? references.formula(cells.grid(), new Address(cells.column(), cells.row()))
                : Optional.empty();
    }

    /** The titles of the worksheet's grids in their order. */
    public List<String> grids() {
        return references.grids();
    }

    /** The title of the grid in which the formula stands. */
    public Optional<String> ownGrid() {
        return references.ownGrid();
    }

    /** These arguments without what stands in rows that are not shown; what stands in no row of a grid is shown whole. */
    public Arguments ofShownRows() {
        return new Arguments(function, positions, this::shown, references, surroundings);
    }

    private Value shown(int argument) {
        Value value = values.apply(argument);
        Optional<References.Cells> cells = references.of(argument);
        Set<Integer> hidden =
                cells.map(place -> references.hiddenRows(place.grid())).orElse(Set.of());
        if (hidden.isEmpty()) {
            return value;
        }
        Table table = asTable(value);
        int top = cells.get().row();
        List<Value> left = new ArrayList<>(table.rows() * table.columns());
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                left.add(hidden.contains(top + row) ? Blank.BLANK : table.at(row, column));
            }
        }
        return new ArrayTable(table.rows(), table.columns(), left);
    }

    /**
     * An argument that is not worked out, as a function of the variable that another one names.
     *
     * @throws Refused where that is no word
     */
    public Bound bound(String expression, String variable) {
        return references
                .bound(positions.indexOf(function.indexOf(expression)), positions.indexOf(function.indexOf(variable)))
                .orElseThrow(() -> refused(
                        variable,
                        ErrorCode.WRONG_KIND,
                        "`" + function.name() + "` needs a word like x for `" + variable
                                + "`, which stands for values in `" + expression + "`."));
    }

    /** An argument that is not worked out, as an expression with letters. */
    public Form form(String parameter) {
        return references.form(positions.indexOf(function.indexOf(parameter)));
    }

    /** The same; nothing where something in it is no part of algebra. */
    public Optional<Form> formIfAny(String parameter) {
        return references.formIfAny(positions.indexOf(function.indexOf(parameter)));
    }

    /** An argument with the branch of every {@code if} that is taken where a variable has a value; see {@link References}. */
    public Optional<Form> branch(String expression, String variable, Value at) {
        return references.branch(
                positions.indexOf(function.indexOf(expression)), positions.indexOf(function.indexOf(variable)), at);
    }

    /** What an argument divides by as it is typed, before anything is cancelled. */
    public List<Form> divisors(String parameter) {
        return references.divisors(positions.indexOf(function.indexOf(parameter)));
    }

    /** The derivative of an expression by a letter, so many times. */
    public Form derivative(Form form, Form.Letter by, int order) {
        return references.derivative(form, by, order);
    }

    /** An antiderivative by a letter, without a constant; nothing where none is found. */
    public Optional<Antiderivative.Answer> integral(Form form, Form.Letter by) {
        return references.integral(form, by);
    }

    /** The limit from above, with 1, or below, with −1; nothing where none is found. */
    public Optional<Limit.Found> limit(Form form, Form.Letter by, Real place, int side) {
        return references.limit(form, by, place, side);
    }

    /** The argument for a parameter that is worked out only when it is asked for. */
    public Value lazily(String parameter) {
        return values.apply(positions.indexOf(function.indexOf(parameter)));
    }

    /** An expression as a value: a number where it has no letters. */
    public Value worth(Form form) {
        return references.worth(form);
    }

    /** An argument as equations: one, or those of a table; what is no equation is to be 0. */
    public List<Equation> equations(String parameter) {
        return references.equations(positions.indexOf(function.indexOf(parameter)));
    }

    /** The same; nothing where something in them is no part of algebra. */
    public Optional<List<Equation>> equationsIfAny(String parameter) {
        return references.equationsIfAny(positions.indexOf(function.indexOf(parameter)));
    }

    /** The left side of an equation less its right side, as a function of the variable that another argument names. */
    public Bound difference(String equation, String variable) {
        return references.difference(
                positions.indexOf(function.indexOf(equation)), positions.indexOf(function.indexOf(variable)));
    }

    /**
     * The words of an argument, one or those of a table.
     *
     * @throws Refused where something else stands there
     */
    public List<Form.Letter> unknowns(String parameter) {
        List<Form.Letter> unknowns = references.unknowns(positions.indexOf(function.indexOf(parameter)));
        if (unknowns.isEmpty()) {
            throw refused(
                    parameter,
                    ErrorCode.WRONG_KIND,
                    "`" + function.name() + "` needs words like x for `" + parameter + "`, several as in `{x; y}`.");
        }
        return unknowns;
    }

    /** What the first argument would be if those after it, names or cells, each had the value behind it. */
    public Value supposing() {
        return references.supposing();
    }

    /** What stands in some cells. */
    public Value read(References.Cells cells) {
        return references.read(cells);
    }

    /** The value of a parameter: its argument, or what it falls back to. */
    public Value value(String parameter) {
        int index = function.indexOf(parameter);
        int argument = positions.indexOf(index);
        Value value = argument >= 0
                ? values.apply(argument)
                : function.parameters().get(index).fallback().orElse(Blank.BLANK);
        return passing(value);
    }

    /** The argument as it is, a failure included; BLANK where it was left out. */
    public Value raw(String parameter) {
        int argument = positions.indexOf(function.indexOf(parameter));
        return argument >= 0 ? values.apply(argument) : Blank.BLANK;
    }

    /** Whether an argument was given for the parameter. */
    public boolean isGiven(String parameter) {
        return positions.contains(function.indexOf(parameter));
    }

    /** Whether the function has such a parameter at all; functions that share code may differ in it. */
    public boolean has(String parameter) {
        return function.parameters().stream().anyMatch(each -> each.name().equals(parameter));
    }

    /** The arguments of a repeated parameter, in order, each worked out when it is asked for. */
    public List<Supplier<Value>> each(String parameter) {
        int index = function.indexOf(parameter);
        List<Supplier<Value>> each = new ArrayList<>();
        for (int i = 0; i < positions.size(); i++) {
            if (positions.get(i) == index) {
                int argument = i;
                each.add(() -> passing(values.apply(argument)));
            }
        }
        return each;
    }

    /** A table; a single value is a table of one. No value in it is a failure. */
    public Table table(String parameter) {
        Table table = asTable(value(parameter));
        table.forEachFilled(Arguments::passing);
        return table;
    }

    /** The tables of a repeated parameter. */
    public List<Table> tables(String parameter) {
        return each(parameter).stream().map(each -> asTable(each.get())).toList();
    }

    public static Table asTable(Value value) {
        return value instanceof Table table ? table : new ArrayTable(1, 1, List.of(value));
    }

    /** Texts and truth values in a table are no numbers; complex ones, and what stands for an unknown one, are not left out. */
    public void passOver(String parameter, Value value) {
        if (value instanceof Algebraic || value instanceof ComplexValue) {
            throw wrongKind(parameter, value);
        }
    }

    /** The numbers of a table's cells, row by row; others are passed over. */
    public List<Real> numbersIn(String parameter) {
        List<Real> numbers = new ArrayList<>();
        table(parameter).forEachFilled(each -> {
            if (each instanceof NumberValue number) {
                numbers.add(number.real());
            } else if (each instanceof Quantity quantity) {
                numbers.add(plain(parameter, quantity));
            } else {
                passOver(parameter, each);
            }
        });
        return numbers;
    }

    /** The numbers of a table, every cell of which must hold one; an empty one is 0. */
    public Real[][] matrix(String parameter) {
        Table table = table(parameter);
        Real[][] numbers = new Real[table.rows()][table.columns()];
        for (int row = 0; row < table.rows(); row++) {
            for (int column = 0; column < table.columns(); column++) {
                Value value = table.at(row, column);
                if (value instanceof Quantity quantity) {
                    numbers[row][column] = plain(parameter, quantity);
                    continue;
                }
                if (value != Blank.BLANK && !(value instanceof NumberValue)) {
                    throw wrongKind(parameter, value);
                }
                numbers[row][column] = value instanceof NumberValue number ? number.real() : Rational.ZERO;
            }
        }
        return numbers;
    }

    /** A text; numbers and others are refused, an empty cell is the empty text. */
    public String text(String parameter) {
        Value value = value(parameter);
        if (value instanceof Text text) {
            return text.text();
        }
        if (value == Blank.BLANK) {
            return "";
        }
        throw wrongKind(parameter, value);
    }

    /** A whole number between bounds, both allowed. */
    public int whole(String parameter, int least, int most) {
        BigInteger whole = whole(parameter);
        if (whole.bitLength() > 31 || whole.intValue() < least || whole.intValue() > most) {
            throw wrong(parameter, "a whole number from " + least + " to " + most, whole.toString());
        }
        return whole.intValue();
    }

    /** The refusal of an argument: what it should be, and what it was. */
    public Refused wrong(String parameter, String needed, String was) {
        return refused(
                parameter,
                ErrorCode.WRONG_ARGUMENTS,
                "`" + function.name() + "` needs " + needed + " for `" + parameter + "`, was " + was + ".");
    }

    /** The refusal of what was given for a parameter, at its place: the first argument where that may be repeated. */
    public Refused refused(String parameter, ErrorCode code, String message) {
        return new Refused(placed(positions.indexOf(function.indexOf(parameter)), code, message));
    }

    /** The refusal of one value among the arguments that were given for a parameter. */
    public Refused refused(String parameter, Value value, ErrorCode code, String message) {
        return new Refused(placed(parameter, value, code, message));
    }

    private Failure placed(String parameter, Value value, ErrorCode code, String message) {
        int index = function.indexOf(parameter);
        int argument = IntStream.range(0, positions.size())
                .filter(i -> positions.get(i) == index && values.apply(i) == value)
                .findFirst()
                .orElse(positions.indexOf(index));
        return placed(argument, code, message);
    }

    private Failure placed(int argument, ErrorCode code, String message) {
        Failure failure = Failure.of(code, message);
        return argument < 0
                ? failure
                : references.place(argument).map(failure::orAt).orElse(failure);
    }

    /** Goes on with long work, or ends it where its time is up. */
    public void check() {
        surroundings.check().run();
    }

    /** What the calculation depends on besides. */
    public Surroundings surroundings() {
        return surroundings;
    }

    /** A number that must be given as such; an empty cell is 0. */
    public Real number(String parameter) {
        Value value = value(parameter);
        if (value instanceof NumberValue number) {
            return number.real();
        }
        if (value == Blank.BLANK) {
            return Rational.ZERO;
        }
        if (value instanceof Quantity quantity) {
            return plain(parameter, quantity);
        }
        throw wrongKind(parameter, value);
    }

    /** The number that a dimensionless quantity is. */
    private Real plain(String parameter, Quantity quantity) {
        if (quantity.unit().isDimensionless()) {
            return Algebra.times(quantity.number(), quantity.unit().factor());
        }
        throw hasUnit(parameter, quantity);
    }

    private HasUnit hasUnit(String parameter, Quantity quantity) {
        return new HasUnit(placed(
                parameter,
                quantity,
                ErrorCode.WRONG_KIND,
                "`" + function.name() + "` needs a plain number for `" + parameter + "`, was "
                        + UnitCatalogue.measures(quantity.unit().dimension()) + " in `"
                        + quantity.unit().symbol() + "`. `magnitude(…)` takes the number without its unit."));
    }

    /** The number in a cell, nothing where there is none; a quantity with a dimension and the like are not passed over. */
    public Optional<Real> numberIn(String parameter, Value cell) {
        if (cell instanceof NumberValue number) {
            return Optional.of(number.real());
        }
        if (cell instanceof Quantity quantity) {
            return Optional.of(plain(parameter, quantity));
        }
        passOver(parameter, cell);
        return Optional.empty();
    }

    /** All values of a parameter, as they are. */
    public List<Value> values(String parameter) {
        int index = function.indexOf(parameter);
        List<Value> found = new ArrayList<>();
        for (int i = 0; i < positions.size(); i++) {
            if (positions.get(i) == index) {
                found.add(values.apply(i));
            }
        }
        return found;
    }

    /** The same arguments, changed; the change is told the index of the parameter. */
    public Arguments mapped(BiFunction<Integer, Value, Value> change) {
        return new Arguments(
                function,
                positions,
                argument -> change.apply(positions.get(argument), values.apply(argument)),
                references,
                surroundings);
    }

    /** A whole number. */
    public BigInteger whole(String parameter) {
        return whole(parameter, number(parameter));
    }

    /** A whole number of 0 or more. */
    public BigInteger count(String parameter) {
        BigInteger whole = whole(parameter);
        if (whole.signum() < 0) {
            throw wrong(parameter, "0 or more", whole.toString());
        }
        return whole;
    }

    private BigInteger whole(String parameter, Real number) {
        if (number instanceof Rational rational && rational.isInteger()) {
            return rational.numerator();
        }
        throw wrong(parameter, "a whole number", PlainText.of(new NumberValue(number)));
    }

    /** An angle in radians. */
    public Real angle(String parameter) {
        if (value(parameter) instanceof Quantity) {
            return number(parameter);
        }
        Real number = number(parameter);
        boolean inDegrees = surroundings.angle() == Surroundings.Angle.DEGREES
                && !(number instanceof PiMultiple multiple && multiple.isRational());
        if (!inDegrees) {
            return number;
        }
        return number.dividedBy(DEGREES) instanceof Real turns
                        && turns.times(PiMultiple.of(Rational.ONE)) instanceof Real angle
                ? angle
                : number;
    }

    /** An angle in radians as a quantity, complex where it is: in degrees where the worksheet counts so. */
    public Value inAngleUnit(Result radians) {
        Unit unit = surroundings.angle() == Surroundings.Angle.DEGREES ? Units.DEGREE : Units.RADIAN;
        if (radians instanceof Complex angle) {
            return new ComplexValue(
                    new Complex(
                            Algebra.answer(Units.RADIAN.convert(angle.re(), unit)),
                            Algebra.answer(Units.RADIAN.convert(angle.im(), unit))),
                    unit);
        }
        return new Quantity(Algebra.answer(Units.RADIAN.convert(Algebra.answer(radians), unit)), unit);
    }

    /** A truth value that says how something is done; 0 and 1 stand for one. */
    public boolean truth(String parameter) {
        Value value = value(parameter);
        boolean isOne = value.equals(NumberValue.of(1));
        return isOne || !value.equals(NumberValue.of(0)) && condition(parameter);
    }

    /** A condition: a truth value and nothing else. */
    public boolean condition(String parameter) {
        Value value = value(parameter);
        if (value instanceof Truth truth) {
            return truth.holds();
        }
        throw wrongKind(parameter, value);
    }

    /** The numbers of a repeated parameter; in tables, texts, truth values, empty cells and missing ones are passed over. */
    public List<Real> numbers(String parameter) {
        List<Real> numbers = new ArrayList<>();
        int index = function.indexOf(parameter);
        IntStream.range(0, positions.size())
                .filter(i -> positions.get(i) == index)
                .forEach(i -> {
                    Value value = passing(values.apply(i));
                    if (value instanceof Table table) {
                        table.forEachFilled(each -> {
                            if (passing(each) instanceof NumberValue number) {
                                numbers.add(number.real());
                            } else if (each instanceof Quantity quantity) {
                                numbers.add(plain(parameter, quantity));
                            } else {
                                passOver(parameter, each);
                            }
                        });
                    } else if (value instanceof NumberValue number) {
                        numbers.add(number.real());
                    } else if (value instanceof Quantity quantity) {
                        numbers.add(plain(parameter, quantity));
                    } else if (value != Blank.BLANK && value != Missing.MISSING) {
                        throw wrongKind(parameter, value);
                    }
                });
        return numbers;
    }

    /** The values of a repeated parameter that can be measured by one number: plain ones, quantities, or dates and times. */
    public Measured measured(String parameter) {
        return measuredIfAny(parameter).orElseThrow(() -> wrong(parameter, "at least one number", "none"));
    }

    /** The same; nothing where there are none. */
    public Optional<Measured> measuredIfAny(String parameter) {
        List<Value> values = new ArrayList<>();
        for (Supplier<Value> each : each(parameter)) {
            Value value = each.get();
            if (value instanceof Table table) {
                table.forEachFilled(cell -> {
                    if (Measured.isMeasured(passing(cell))) {
                        values.add(cell);
                    } else {
                        passOver(parameter, cell);
                    }
                });
            } else if (Measured.isMeasured(value)) {
                values.add(value);
            } else if (value != Blank.BLANK && value != Missing.MISSING) {
                throw wrongKind(parameter, value);
            }
        }
        return values.isEmpty() ? Optional.empty() : Optional.of(measured(parameter, values));
    }

    /** The numbers and quantities of a repeated parameter; others in tables are passed over. */
    public List<Value> measuredCells(String parameter) {
        List<Value> values = new ArrayList<>();
        for (Supplier<Value> each : each(parameter)) {
            Value value = each.get();
            boolean isTable = value instanceof Table;
            asTable(value).forEachFilled(cell -> {
                if (passing(cell) instanceof NumberValue || cell instanceof Quantity) {
                    values.add(cell);
                } else if (!isTable && cell != Blank.BLANK && cell != Missing.MISSING) {
                    throw wrongKind(parameter, cell);
                } else {
                    passOver(parameter, cell);
                }
            });
        }
        return values;
    }

    /** Values that were found for a parameter, measured alike. */
    public Measured measured(String parameter, List<Value> values) {
        return Measured.of(values, other -> unlike(parameter, values.get(0), other));
    }

    private Refused unlike(String parameter, Value first, Value other) {
        boolean isUnit = first instanceof Quantity && (other instanceof Quantity || other instanceof NumberValue)
                || first instanceof NumberValue && other instanceof Quantity;
        return isUnit
                ? refused(
                        parameter,
                        other,
                        ErrorCode.UNITS_DIFFER,
                        measures(first) + " and " + measures(other) + ". `" + function.name()
                                + "` needs like quantities.")
                : wrongKind(parameter, other);
    }

    private static String measures(Value value) {
        return value instanceof Quantity quantity
                ? "`" + quantity.unit().symbol() + "` is "
                        + UnitCatalogue.measures(quantity.unit().dimension())
                : PlainText.of(value) + " has no unit";
    }

    /** The whole numbers, 0 or more, of a repeated parameter. */
    public List<BigInteger> counts(String parameter) {
        return numbers(parameter).stream()
                .map(number -> {
                    BigInteger whole = whole(parameter, number);
                    if (whole.signum() < 0) {
                        throw wrong(parameter, "0 or more", whole.toString());
                    }
                    return whole;
                })
                .toList();
    }

    public static Value passing(Value value) {
        if (value instanceof Failure failure) {
            throw new Refused(failure);
        }
        return value;
    }

    /** The refusal of an argument of another kind than the function takes. */
    public Refused wrongKind(String parameter, Value value) {
        Parameter.Accepts accepts =
                function.parameters().get(function.indexOf(parameter)).accepts();
        Failure wrong = placed(
                parameter,
                value,
                ErrorCode.WRONG_KIND,
                "`" + function.name() + "` needs " + accepts.one() + " for `" + parameter + "`, was "
                        + value.kind().one() + "." + wayOut(accepts, value));
        return value instanceof ComplexValue ? new IsComplex(wrong) : new Refused(wrong);
    }

    private static String wayOut(Parameter.Accepts accepts, Value value) {
        if (value instanceof ComplexValue) {
            return " `re`, `im` and `abs` give real numbers of it.";
        }
        if (!(value instanceof Text text)) {
            return "";
        }
        return switch (accepts) {
            case DAY -> " `dateof(" + PlainText.of(text) + ")` reads a text as a date.";
            case TIME_OF_DAY -> " `timeof(" + PlainText.of(text) + ")` reads a text as a time.";
            case NUMBER, WHOLE, NUMBERS, ANGLE -> " `number(" + PlainText.of(text) + ")` reads a text as a number.";
            case TABLE, TEXT, ANY, TRUTHS, LAZY, REFERENCE, EXPRESSION, VARIABLE, TRUTH -> "";
        };
    }

    /** A quantity where a plain number is needed: refused, unless the function has rules for units. */
    public static final class HasUnit extends Refused {
        private static final long serialVersionUID = 1L;

        HasUnit(Failure failure) {
            super(failure);
        }
    }

    /** A complex number where a real one is needed: refused, unless the function takes complex ones. */
    public static final class IsComplex extends Refused {
        private static final long serialVersionUID = 1L;

        IsComplex(Failure failure) {
            super(failure);
        }
    }

    /** Carries a failure out of a function's code. */
    public static sealed class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Failure failure;

        public Refused(Failure failure) {
            super(failure.message(), null, false, false);
            this.failure = failure;
        }

        Failure failure() {
            return failure;
        }
    }
}
