package app.logismos.algebra;

import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Rounding;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.LaguerreSolver;

/**
 * All roots of a polynomial without multiple ones, by the method of Laguerre (W. H. Press et al., Numerical Recipes, 9.5),
 * each then improved by steps of Newton whose values are worked out exactly, so that its parts are right as doubles.
 */
final class ComplexRoots {
    private static final int STEPS = 4;

    private ComplexRoots() {}

    /** The roots, real ones with an imaginary part of 0. */
    static List<Complex> of(List<Rational> coefficients) {
        double largest = coefficients.stream()
                .mapToDouble(each -> Math.abs(each.toDouble()))
                .max()
                .orElseThrow();
        double[] scaled = coefficients.stream()
                .mapToDouble(each -> each.toDouble() / largest)
                .toArray();
        List<Double> real = RealRoots.of(Polynomial.of(whole(coefficients)));
        List<Complex> roots = new ArrayList<>();
        real.forEach(root -> roots.add(Complex.of(Real.from(root))));
        for (org.hipparchus.complex.Complex near : new LaguerreSolver().solveAllComplex(scaled, 0)) {
            if (near.isNaN() || near.isInfinite()) {
                throw new Solving.NotSolved();
            }
            Complex root =
                    improved(new Complex(Real.from(near.getReal()), Real.from(near.getImaginary())), coefficients);
            // Those off the real axis come in pairs; the upper one stands for both.
            if (root.im().toDouble()
                            > 1e-12 * Math.max(1e-300, Math.abs(root.re().toDouble()))
                    && roots.size() < coefficients.size() - 1
                    && roots.stream().noneMatch(root::equals)) {
                roots.add(root);
                roots.add(root.conjugate());
            }
        }
        if (roots.size() != coefficients.size() - 1) {
            throw new Solving.NotSolved();
        }
        return roots;
    }

    private static List<BigInteger> whole(List<Rational> coefficients) {
        BigInteger below = BigInteger.ONE;
        for (Rational each : coefficients) {
            below = below.multiply(each.denominator()).divide(below.gcd(each.denominator()));
        }
        List<BigInteger> whole = new ArrayList<>();
        for (Rational each : coefficients) {
            whole.add(each.numerator().multiply(below.divide(each.denominator())));
        }
        return whole;
    }

    private static Complex improved(Complex start, List<Rational> coefficients) {
        Complex root = start;
        for (int i = 0; i < STEPS; i++) {
            Complex at = new Complex(Rounding.exact(root.re()), Rounding.exact(root.im()));
            Complex value = Complex.ZERO;
            Complex slope = Complex.ZERO;
            for (int k = coefficients.size() - 1; k >= 0; k--) {
                slope = sum(product(slope, at), value);
                value = sum(product(value, at), Complex.of(coefficients.get(k)));
            }
            if (slope.isZero()
                    || !(value.dividedBy(slope) instanceof Complex step)
                    || !(at.minus(step) instanceof Complex next)) {
                return root;
            }
            root = new Complex(
                    Real.from(next.re().toDouble()), Real.from(next.im().toDouble()));
        }
        return root;
    }

    private static Complex product(Complex a, Complex b) {
        return (Complex) a.times(b);
    }

    private static Complex sum(Complex a, Complex b) {
        return (Complex) a.plus(b);
    }
}
