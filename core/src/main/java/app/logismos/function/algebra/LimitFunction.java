package app.logismos.function.algebra;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.NUMBER;
import static app.logismos.function.Parameter.Accepts.VARIABLE;

import app.logismos.algebra.Form;
import app.logismos.algebra.Limit;
import app.logismos.algebra.RewritingStep;
import app.logismos.function.Arguments;
import app.logismos.function.Category;
import app.logismos.function.Function;
import app.logismos.number.Real;
import app.logismos.unit.Unit;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.PlainText;
import app.logismos.value.Text;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Limits (language, section 15). */
final class LimitFunction {
    private static final double ALIKE = 1e-12;

    static final Function LIMIT = function("limit", Category.ALGEBRA)
            .says("What an expression comes near when its letter comes near a place.")
            .argument("expression", EXPRESSION, "the expression, with the letter in it")
            .argument("variable", VARIABLE, "the letter")
            .argument("at", NUMBER, "the place, or inf or -inf")
            .optional("side", LAZY, new Text("both"), "left, right or both")
            .example("limit(sin(x)/x, x, 0)", "1")
            .example("limit((3*n + 1)/n, n, inf)", "3")
            .example("limit(1/x, x, 0, side: \"right\")", "inf")
            .refuses("limit(1/x, x, 0)", ErrorCode.NO_REAL_RESULT)
            .refuses("limit(sin(x), x, inf)", ErrorCode.NOT_FOUND)
            .related("derivative", "integral")
            .from("DLMF 1.4(ii)")
            .leads(LimitFunction::steps)
            .answers(LimitFunction::limit);

    private LimitFunction() {}

    private static Value limit(Arguments given) {
        Form.Letter by = new Form.Letter(given.bound("expression", "variable").variable());
        if (Doubles.unit(given.value("at")) != Unit.ONE) {
            return given.worth(given.form("expression").with(by, given.form("at")));
        }
        Real at = given.number("at");
        String side = given.isGiven("side") ? word(given) : "both";
        if (!at.isFinite()) {
            return value(given.limit(given.form("expression"), by, at, 1), given);
        }
        return switch (side) {
            case "left" -> fromOneSide(given, by, at, -1);
            case "right" -> fromOneSide(given, by, at, 1);
            case "both" -> both(fromOneSide(given, by, at, -1), fromOneSide(given, by, at, 1));
            default -> Failure.of(ErrorCode.WRONG_ARGUMENTS, "The side of a limit is `left`, `right` or `both`.");
        };
    }

    private static Value fromOneSide(Arguments given, Form.Letter by, Real at, int side) {
        return value(given.limit(form(given, at, side), by, at, side), given);
    }

    /** The expression, or where it has conditions what it is on a side of the place. */
    private static Form form(Arguments given, Real at, int side) {
        return given.formIfAny("expression")
                .or(() -> Branches.beside(given, at, side))
                .orElseGet(() -> given.form("expression"));
    }

    /** Those of the side that is asked for, or where both are, of the right one. */
    private static List<RewritingStep> steps(Arguments given) {
        Form.Letter by = new Form.Letter(given.bound("expression", "variable").variable());
        if (Doubles.unit(given.value("at")) != Unit.ONE) {
            return List.of();
        }
        Real at = given.number("at");
        int side = given.isGiven("side") && word(given).equals("left") ? -1 : 1;
        Form form = at.isFinite() ? form(given, at, side) : given.form("expression");
        Optional<Limit.Found> found = given.limit(form, by, at, side);
        if (found.isEmpty()) {
            return List.of();
        }
        List<RewritingStep> steps = new ArrayList<>(found.get().steps());
        boolean isPutIn = steps.isEmpty() && at.isFinite() && found.get().infinite() == 0;
        steps.add(new RewritingStep(
                isPutIn ? RewritingStep.Rule.PLACE_PUT_IN : RewritingStep.Rule.COMES_NEAR,
                isPutIn ? by.name() + " = " + Form.number(at).text() : "",
                found.get().form().map(Form::text).orElse("inf")));
        return steps;
    }

    /** The side as a text, or as the word itself. */
    private static String word(Arguments given) {
        return given.lazily("side") instanceof Text text
                ? text.text()
                : given.form("side") instanceof Form.Letter letter ? letter.name() : "";
    }

    private static Value both(Value left, Value right) {
        if (left instanceof Failure || left.equals(right)) {
            return left;
        }
        if (right instanceof Failure) {
            return right;
        }
        boolean isAlike = left instanceof NumberValue a
                && right instanceof NumberValue b
                && a.real().isFinite()
                && Math.abs(a.real().toDouble() - b.real().toDouble())
                        <= ALIKE * Math.max(1, Math.abs(a.real().toDouble()));
        return isAlike
                ? right
                : Failure.of(
                        ErrorCode.NO_REAL_RESULT,
                        "The two sides differ: from the left it comes near " + PlainText.of(left) + ", from the right "
                                + PlainText.of(right) + ". Say which one, as in `side: \"right\"`.");
    }

    private static Value value(Optional<Limit.Found> found, Arguments given) {
        if (found.isEmpty()) {
            return Failure.of(ErrorCode.NOT_FOUND, "No limit is found there.");
        }
        if (found.get().infinite() != 0) {
            double infinite = found.get().infinite() * Double.POSITIVE_INFINITY;
            return new NumberValue(Real.from(infinite));
        }
        return Doubles.plain(given.worth(found.get().form().orElseThrow()));
    }
}
