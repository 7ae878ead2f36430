package app.logismos.algebra;

import java.math.BigInteger;

/**
 * Polynomials in several variables as polynomials in one: each variable stands for a power of it, so far apart that a
 * polynomial of no higher degrees can be read off again.
 *
 * @param like one whose degrees are the highest
 * @param steps the power of the one variable that each variable is; 0 for those that are not there
 */
record Kronecker(Polynomial like, int[] steps) {
    Polynomial inOne(Polynomial polynomial) {
        Polynomial[] sum = {Polynomial.zero(1)};
        polynomial.forEach((exponents, coefficient) -> {
            int power = 0;
            for (int i = 0; i < exponents.length; i++) {
                power += exponents[i] * steps[i];
            }
            sum[0] = sum[0].plus(Polynomial.variable(0, power, 1).times(coefficient));
        });
        return sum[0];
    }

    Polynomial inSeveral(Polynomial one) {
        Polynomial[] sum = {Polynomial.zero(like.variables())};
        one.forEach((exponents, coefficient) -> sum[0] = sum[0].plus(term(exponents[0], coefficient)));
        return sum[0];
    }

    private Polynomial term(int power, BigInteger coefficient) {
        Polynomial term = Polynomial.of(coefficient, like.variables());
        int rest = power;
        for (int variable = steps.length - 1; variable >= 0; variable--) {
            if (steps[variable] > 0) {
                term = term.times(Polynomial.variable(variable, rest / steps[variable], like.variables()));
                rest %= steps[variable];
            }
        }
        return term;
    }
}
