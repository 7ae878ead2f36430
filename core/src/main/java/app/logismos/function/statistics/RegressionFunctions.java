package app.logismos.function.statistics;

import static app.logismos.function.Algebra.settled;
import static app.logismos.function.Function.function;
import static app.logismos.function.Matrices.minus;
import static app.logismos.function.Matrices.over;
import static app.logismos.function.Matrices.plus;
import static app.logismos.function.Matrices.times;
import static app.logismos.function.Parameter.Accepts.TABLE;
import static app.logismos.function.Parameter.Accepts.TRUTH;

import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.function.Matrices;
import app.logismos.function.Shape;
import app.logismos.number.Elementary;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.ArrayTable;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.NumberValue;
import app.logismos.value.Truth;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Fits by least squares through the normal equations, exact for exact numbers of any length (OpenFormula 6.18.41 and following; N.
 * Draper and H. Smith, Applied Regression Analysis, 1998, chapter 1).
 */
public final class RegressionFunctions {
    private static final Truth YES = new Truth(true);
    private static final Truth NO = new Truth(false);
    private static final String POINTS = "{3; 5; 7}, {1; 2; 3}";

    public static final List<Function> ALL = List.of(
            fit(
                            "linearfit",
                            "LINEST",
                            "The line, or plane, that fits points best: its slopes, the last x first, and its height at 0.")
                    .optional(
                            "statistics",
                            TRUTH,
                            NO,
                            "true for standard errors, R², degrees of freedom and sums of squares below")
                    .example("linearfit(" + POINTS + ")", "{2, 1}")
                    .example("linearfit({1; 3; 5}, {1, 0; 0, 1; 1, 1}, intercept: false)", "{10/3, 4/3, 0}")
                    .related("slope", "intercept", "lineartrend")
                    .answers(given -> report(given, UnaryOperator.identity(), UnaryOperator.identity())),
            fit(
                            "growthfit",
                            "LOGEST",
                            "The curve b · m^x that fits points best: its factors, the last x first, and its height at 0.")
                    .optional(
                            "statistics",
                            TRUTH,
                            NO,
                            "true for standard errors, R², degrees of freedom and sums of squares below")
                    .example("round(growthfit({2; 4; 8}, {1; 2; 3}), 9)", "{2, 1}")
                    .example("round(growthfit({6; 12; 24}, {0; 1; 2}), 9)", "{2, 6}")
                    .related("growthtrend", "linearfit")
                    .answers(given -> report(given, RegressionFunctions::ln, RegressionFunctions::exp)),
            onFit("lineartrend", "TREND", "The heights, at new places, of the line that fits points best.")
                    .example("lineartrend(" + POINTS + ", {4; 5})", "{9; 11}")
                    .example("lineartrend({1; 2; 4}, {1; 2; 3}, {0})", "{-2/3}")
                    .related("forecast", "linearfit", "growthtrend")
                    .answers(given -> heights(given, UnaryOperator.identity(), UnaryOperator.identity())),
            onFit("growthtrend", "GROWTH", "The heights, at new places, of the curve b · m^x that fits points best.")
                    .example("round(growthtrend({2; 4; 8}, {1; 2; 3}, {4}), 9)", "{16}")
                    .example("round(growthtrend({6; 12}, {0; 1}, {-1}), 9)", "{3}")
                    .related("growthfit", "lineartrend")
                    .answers(given -> heights(given, RegressionFunctions::ln, RegressionFunctions::exp)),
            function("fiterror", Category.STATISTICS)
                    .alsoRead("STEYX")
                    .says("The standard error of the heights that a fitted line predicts.")
                    .argument("y", TABLE, "the heights of the points, 3 or more")
                    .argument("x", TABLE, "their places")
                    .example("fiterror({3; 5; 7}, {1; 2; 3})", "0")
                    .example("fiterror({1; 2; 4; 4}, {1; 2; 3; 4})", "√35/10")
                    .refuses("fiterror({1; 2}, {1; 2})", ErrorCode.DIVIDE_BY_ZERO)
                    .related("slope", "rsquared", "standarderror")
                    .from("OpenFormula 6.18.76")
                    .computes(StatisticsFunctions.paired((y, x) -> {
                        Real slope = over(Algebra.deviations(y, x), Algebra.deviations(x, x));
                        Real rest = minus(Algebra.deviations(y, y), times(slope, Algebra.deviations(y, x)));
                        return sqrt(over(rest, Rational.of(y.size() - 2L)));
                    })));

    private RegressionFunctions() {}

    private static Function points(String name, String identifier, String says) {
        Function declared = function(name, Category.STATISTICS).says(says);
        return (name.equalsIgnoreCase(identifier) ? declared : declared.alsoRead(identifier))
                .argument("y", TABLE, "the heights of the points")
                .optional("x", TABLE, Blank.BLANK, "their places, one or more columns; 1, 2, 3 …, if nothing is said")
                .from("OpenFormula 6.18; least squares by the normal equations")
                .refuses(name + "({1; 2}, {1; 2; 3})", ErrorCode.SHAPES_DIFFER);
    }

    private static Function fit(String name, String identifier, String says) {
        return points(name, identifier, says)
                .optional("intercept", TRUTH, YES, "false where the height at 0 is 0 (of a growth: 1)");
    }

    private static Function onFit(String name, String identifier, String says) {
        return points(name, identifier, says)
                .optional("newx", TABLE, Blank.BLANK, "the new places; those of the points, if nothing is said")
                .optional("intercept", TRUTH, YES, "false where the height at 0 is 0 (of a growth: 1)");
    }

    /** A row for each point: its coordinates, and 1 for the intercept. */
    private record Model(Real[][] rows, Real[] heights, Real[][] inverse, Real[] coefficients, boolean intercept) {
        static Model of(Real[][] places, Real[] heights, boolean intercept) {
            int width = places[0].length + (intercept ? 1 : 0);
            Real[][] rows = new Real[places.length][width];
            for (int i = 0; i < places.length; i++) {
                for (int j = 0; j < width; j++) {
                    rows[i][j] = j < places[i].length ? places[i][j] : Rational.ONE;
                }
            }
            Real[][] normal = new Real[width][width];
            Real[][] right = new Real[width][1];
            for (int i = 0; i < width; i++) {
                right[i][0] = Rational.ZERO;
                for (int j = 0; j < width; j++) {
                    normal[i][j] = Rational.ZERO;
                    for (Real[] row : rows) {
                        normal[i][j] = plus(normal[i][j], times(row[i], row[j]));
                    }
                }
                for (int k = 0; k < rows.length; k++) {
                    right[i][0] = plus(right[i][0], times(rows[k][i], heights[k]));
                }
            }
            Real[][] inverse = Matrices.solve(normal, Matrices.identity(width));
            Real[][] solved = Matrices.product(inverse, right);
            Real[] coefficients = new Real[width];
            for (int i = 0; i < width; i++) {
                coefficients[i] = solved[i][0];
            }
            return new Model(rows, heights, inverse, coefficients, intercept);
        }

        Real at(Real[] row) {
            Real height = Rational.ZERO;
            for (int i = 0; i < coefficients.length; i++) {
                height = plus(height, times(coefficients[i], i < row.length ? row[i] : Rational.ONE));
            }
            return height;
        }

        Real residuals() {
            Real sum = Rational.ZERO;
            for (int i = 0; i < rows.length; i++) {
                Real off = minus(heights[i], at(rows[i]));
                sum = plus(sum, times(off, off));
            }
            return sum;
        }
    }

    private static Model model(Arguments given, UnaryOperator<Real> into) {
        Real[] heights = flat(given.matrix("y"));
        for (int i = 0; i < heights.length; i++) {
            heights[i] = into.apply(heights[i]);
        }
        return Model.of(places(given, "x", heights.length), heights, given.truth("intercept"));
    }

    private static Real[][] places(Arguments given, String parameter, int count) {
        if (!given.isGiven(parameter)) {
            Real[][] counted = new Real[count][1];
            for (int i = 0; i < count; i++) {
                counted[i][0] = Rational.of(i + 1L);
            }
            return counted;
        }
        Real[][] places = given.matrix(parameter);
        Real[][] upright = places.length == count ? places : turned(places);
        if (upright.length != count) {
            throw new Arguments.Refused(
                    Shape.differ("There must be as many places as heights.", Shape.list(count), Shape.of(places)));
        }
        return upright;
    }

    private static Real[][] turned(Real[][] table) {
        Real[][] turned = new Real[table[0].length][table.length];
        for (int i = 0; i < table.length; i++) {
            for (int j = 0; j < table[i].length; j++) {
                turned[j][i] = table[i][j];
            }
        }
        return turned;
    }

    private static Real[] flat(Real[][] table) {
        List<Real> all = new ArrayList<>();
        for (Real[] row : table) {
            all.addAll(List.of(row));
        }
        return all.toArray(Real[]::new);
    }

    private static Value report(Arguments given, UnaryOperator<Real> into, UnaryOperator<Real> back) {
        Model model = model(given, into);
        int width = model.coefficients().length;
        int columns = width + (model.intercept() ? 0 : 1);
        List<Value> cells = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            cells.add(new NumberValue(back.apply(settled(coefficient(model, model.coefficients(), i, Rational.ZERO)))));
        }
        if (given.truth("statistics")) {
            statistics(model, columns, cells);
        }
        return new ArrayTable(cells.size() / columns, columns, cells);
    }

    /** Slopes from the last to the first, then the intercept. */
    private static Real coefficient(Model model, Real[] values, int column, Real none) {
        int slopes = values.length - (model.intercept() ? 1 : 0);
        return column < slopes ? values[slopes - 1 - column] : model.intercept() ? values[values.length - 1] : none;
    }

    private static void statistics(Model model, int columns, List<Value> cells) {
        int n = model.rows().length;
        Real free = Rational.of((long) n - model.coefficients().length);
        Real residuals = model.residuals();
        Real total = Rational.ZERO;
        Real mean = model.intercept() ? Algebra.mean(List.of(model.heights())) : Rational.ZERO;
        for (Real height : model.heights()) {
            total = plus(total, times(minus(height, mean), minus(height, mean)));
        }
        Real explained = minus(total, residuals);
        Real variance = over(residuals, free);
        Real[] errors = new Real[model.coefficients().length];
        for (int i = 0; i < errors.length; i++) {
            errors[i] = sqrt(times(variance, model.inverse()[i][i]));
        }
        Real slopes = Rational.of((long) errors.length - (model.intercept() ? 1 : 0));
        for (int i = 0; i < columns; i++) {
            boolean isNone = !model.intercept() && i == columns - 1;
            cells.add(isNone ? Missing.MISSING : new NumberValue(coefficient(model, errors, i, Rational.ZERO)));
        }
        row(cells, columns, new NumberValue(settled(over(explained, total))), new NumberValue(sqrt(variance)));
        row(
                cells,
                columns,
                variance.signum() == 0
                        ? new NumberValue(Real.from(Double.POSITIVE_INFINITY))
                        : new NumberValue(settled(over(over(explained, slopes), variance))),
                new NumberValue(free));
        row(cells, columns, new NumberValue(settled(explained)), new NumberValue(settled(residuals)));
    }

    private static void row(List<Value> cells, int columns, Value first, Value second) {
        for (int i = 0; i < columns; i++) {
            cells.add(i == 0 ? first : i == 1 ? second : Missing.MISSING);
        }
    }

    private static Value heights(Arguments given, UnaryOperator<Real> into, UnaryOperator<Real> back) {
        Model model = model(given, into);
        int width = model.coefficients().length - (model.intercept() ? 1 : 0);
        Real[][] places = given.isGiven("newx") ? given.matrix("newx") : places(given, "x", model.heights().length);
        boolean isAcross = places[0].length != width && places.length == width;
        Real[][] rows = isAcross ? turned(places) : places;
        if (rows[0].length != width) {
            return Failure.of(
                    ErrorCode.SHAPES_DIFFER,
                    "New places must have as many coordinates as the old, " + width + ". They have " + Shape.of(places)
                            + ".");
        }
        List<Value> cells = new ArrayList<>();
        for (Real[] row : rows) {
            cells.add(new NumberValue(back.apply(settled(model.at(row)))));
        }
        return isAcross ? new ArrayTable(1, cells.size(), cells) : new ArrayTable(cells.size(), 1, cells);
    }

    private static Real sqrt(Real number) {
        return Algebra.sqrt(settled(number));
    }

    private static Real ln(Real number) {
        return Algebra.answer(Elementary.ln(number));
    }

    private static Real exp(Real number) {
        return Algebra.answer(Elementary.exp(number));
    }
}
