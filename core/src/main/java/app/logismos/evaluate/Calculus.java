package app.logismos.evaluate;

import app.logismos.algebra.Antiderivative;
import app.logismos.algebra.Derivative;
import app.logismos.algebra.DerivativeRules;
import app.logismos.algebra.Form;
import app.logismos.algebra.Limit;
import app.logismos.algebra.NoForm;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Antiderivatives and limits of expressions, with what the catalogue and the settings say of functions. */
final class Calculus {
    /** Places where an antiderivative is compared with what it is of. */
    private static final List<Rational> PLACES = List.of(
            Rational.of(7, 10),
            Rational.of(-13, 10),
            Rational.of(23, 10),
            Rational.of(-4, 10),
            Rational.of(31, 10),
            Rational.of(5, 100));

    private static final double ALIKE = 1e-7;

    private final Evaluator evaluator;
    private final DerivativeRules rules;
    private final Form turn;
    private final Map<Sought, Optional<Antiderivative.Answer>> searches;

    /**
     * With the functions and settings that an evaluator sees.
     *
     * @param searches those made before for the same formula
     */
    Calculus(Evaluator evaluator, Map<Sought, Optional<Antiderivative.Answer>> searches) {
        this.evaluator = evaluator;
        this.searches = searches;
        this.rules = new CatalogueDerivatives(evaluator);
        this.turn = evaluator.surroundings().angle() == Surroundings.Angle.DEGREES
                ? Form.number(180).over(Form.PI)
                : Form.ONE;
    }

    /** An antiderivative whose derivative has been compared with the form. */
    Optional<Antiderivative.Answer> antiderivative(Form form, Form.Letter by) {
        Optional<Antiderivative.Answer> known =
                searches.computeIfAbsent(new Sought(form, by), any -> Antiderivative.of(form, by, rules, turn));
        // Compared each time: what a name in the answer stands for is this worksheet's own.
        return known.filter(answer -> isOf(answer.form(), form, by));
    }

    /** What was looked for: a formula's value, its working and its method ask for the same. */
    record Sought(Form form, Form.Letter by) {}

    private boolean isOf(Form antiderivative, Form form, Form.Letter by) {
        Form difference;
        try {
            difference = Derivative.of(antiderivative, by, 1, rules).minus(form);
            if (difference.isZero()) {
                return true;
            }
        } catch (NoForm | Derivative.NotKnown none) {
            return false;
        }
        int compared = 0;
        for (Rational place : PLACES) {
            Form off = difference;
            Form size = form;
            int shift = 0;
            for (Form.Letter letter : difference.letters()) {
                Form number = Form.number(place.plus(Rational.of(shift++, 7)) instanceof Real moved ? moved : place);
                off = at(off, letter, letter.equals(by) ? Form.number(place) : number);
                size = at(size, letter, letter.equals(by) ? Form.number(place) : number);
            }
            double error = number(off);
            if (!Double.isNaN(error)) {
                compared++;
                if (Math.abs(error) > ALIKE * Math.max(1, Math.abs(number(size)))) {
                    return false;
                }
            }
        }
        return compared > 0;
    }

    /** The form at a place; what has no value there comes out so when it is worked out. */
    private static Form at(Form form, Form.Letter letter, Form place) {
        try {
            return form.with(letter, place);
        } catch (NoForm none) {
            return Form.applied("ln", List.of(Form.MINUS_ONE));
        }
    }

    Optional<Limit.Found> limit(Form form, Form.Letter by, Real place, int side) {
        return place.isFinite()
                ? Limit.at(form, by, Form.number(place), side, turn, rules, this::number)
                : Limit.atInfinity(form, by, place.signum(), turn, rules, this::number);
    }

    /** The value of a form without letters, NaN where it has none. */
    double number(Form form) {
        if (!form.letters().isEmpty()) {
            return Double.NaN;
        }
        Value value = evaluator.near(form);
        return value instanceof NumberValue number
                ? number.real().toDouble()
                : value instanceof Quantity angle ? angle.number().toDouble() : Double.NaN;
    }
}
