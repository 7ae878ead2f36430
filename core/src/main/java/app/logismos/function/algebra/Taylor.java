package app.logismos.function.algebra;

import app.logismos.algebra.Form;
import app.logismos.algebra.RewritingStep;
import app.logismos.function.Arguments;
import app.logismos.number.Rational;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** The polynomial near an expression: each derivative at the place over a factorial (DLMF 1.4.35). */
final class Taylor {
    private static final int HIGHEST_ORDER = 100;

    private final Arguments given;
    private final Form.Letter by;
    private final Form place;
    private final int order;

    Taylor(Arguments given) {
        this.given = given;
        this.by = new Form.Letter(given.bound("expression", "variable").variable());
        this.place = given.form("at");
        this.order = given.whole("order", 0, HIGHEST_ORDER);
    }

    Value polynomial() {
        List<Form> terms = new ArrayList<>();
        Form derivative = given.form("expression");
        for (int power = 0; power <= order; power++) {
            if (new Slope(given, derivative, by, 0).at(place) instanceof Failure none) {
                return none;
            }
            terms.add(term(derivative.with(by, place), power));
            derivative = given.derivative(derivative, by, 1);
        }
        return given.worth(Form.sum(terms));
    }

    private Form term(Form height, int power) {
        BigInteger factorial = BigInteger.ONE;
        for (int i = 2; i <= power; i++) {
            factorial = factorial.multiply(BigInteger.valueOf(i));
        }
        return Form.product(List.of(
                height,
                Form.number(Rational.of(BigInteger.ONE, factorial)),
                by.minus(place).power(power)));
    }

    /** A derivative in each line, with its value at the place and the sum of the terms so far. */
    List<RewritingStep> steps() {
        List<RewritingStep> steps = new ArrayList<>();
        Form derivative = given.form("expression");
        Form sum = Form.ZERO;
        for (int power = 0; power <= order; power++) {
            Form height = derivative.with(by, place);
            sum = sum.plus(term(height, power));
            String which = power == 0 ? "the expression " : "derivative " + power + ", ";
            steps.add(new RewritingStep(
                    RewritingStep.Rule.TAYLOR_TERM,
                    which + derivative.text() + ", at " + by.name() + " = " + place.text() + " is " + height.text(),
                    sum.text()));
            derivative = given.derivative(derivative, by, 1);
        }
        return steps;
    }
}
