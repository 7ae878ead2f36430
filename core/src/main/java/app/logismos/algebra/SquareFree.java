package app.logismos.algebra;

import app.logismos.number.Cancellable;
import java.util.ArrayList;
import java.util.List;

/**
 * Factors without a square in them, by how often they divide (D. Y. Y. Yun, On square-free decomposition algorithms,
 * SYMSAC 1976).
 */
final class SquareFree {
    private SquareFree() {}

    /**
     * The factors that have a variable in them.
     *
     * @param polynomial whose coefficients of the variable's powers have no common divisor
     */
    static List<Factor> of(Polynomial polynomial, int variable) {
        List<Factor> factors = new ArrayList<>();
        Polynomial derivative = polynomial.derivative(variable);
        Polynomial shared = GreatestDivisor.of(polynomial, derivative);
        Polynomial left = polynomial.exactly(shared);
        Polynomial rest = derivative.exactly(shared).minus(left.derivative(variable));
        for (int times = 1; !rest.isZero(); times++) {
            Cancellable.check();
            Polynomial factor = GreatestDivisor.of(left, rest);
            if (!factor.isConstant()) {
                factors.add(new Factor(factor, times));
            }
            left = left.exactly(factor);
            rest = rest.exactly(factor).minus(left.derivative(variable));
            if (rest.isZero() && !left.isConstant()) {
                factors.add(new Factor(left, times + 1));
            }
        }
        if (factors.isEmpty()) {
            factors.add(new Factor(polynomial, 1));
        }
        return factors;
    }
}
