package app.logismos.algebra;

import app.logismos.number.Complex;
import app.logismos.number.PiMultiple;
import app.logismos.number.Rational;
import java.util.ArrayList;
import java.util.List;

/** The roots of 1 and of −1: on the unit circle, in equal steps. */
final class UnityRoots {
    private static final int MOST = 1_000;

    private UnityRoots() {}

    /** All roots of a degree, of −1 or of 1. */
    static List<Form> of(int degree, boolean ofMinusOne) {
        if (degree > MOST) {
            throw new Solving.NotSolved();
        }
        List<Form> roots = new ArrayList<>();
        for (int k = 0; k < degree; k++) {
            Rational turns = Rational.of(2L * k + (ofMinusOne ? 1 : 0), degree);
            roots.add(Form.number((Complex) Complex.polar(Rational.ONE, PiMultiple.of(turns))));
        }
        return roots;
    }
}
