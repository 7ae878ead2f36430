package app.logismos.chart;

import app.logismos.sheet.Chart;
import java.util.List;

/**
 * A family of curves that is not linear in all its coefficients, as a fit needs it. A model is one constant.
 *
 * <p>Places are given moved and stretched, see {@link Stretch}, so that no power of them is too large for a double.
 */
enum Model {
    /** {@code a·e^(b·x)}. */
    EXPONENTIAL(List.of("a", "b"), "a*e^(b*x)", 1) {
        @Override
        double[] basis(double[] shape, double x) {
            return new double[] {Math.exp(shape[0] * x)};
        }

        @Override
        double[] slopes(double[] c, double x) {
            double power = Math.exp(c[1] * x);
            return new double[] {power, c[0] * x * power};
        }

        @Override
        double[] original(double[] c, Stretch by) {
            return new double[] {c[0] * Math.exp(-c[1] * by.middle() / by.width()), c[1] / by.width()};
        }
    },
    /** {@code a + b·e^(c·x)}: what comes to rest at a. */
    SETTLING(List.of("a", "b", "c"), "a + b*e^(c*x)", 1) {
        @Override
        double[] basis(double[] shape, double x) {
            return new double[] {1, Math.exp(shape[0] * x)};
        }

        @Override
        double[] slopes(double[] c, double x) {
            double power = Math.exp(c[2] * x);
            return new double[] {1, power, c[1] * x * power};
        }

        @Override
        double[] original(double[] c, Stretch by) {
            return new double[] {c[0], c[1] * Math.exp(-c[2] * by.middle() / by.width()), c[2] / by.width()};
        }
    },
    /** {@code a·x^b}, for places above 0. */
    POWER(List.of("a", "b"), "a*x^b", 1) {
        @Override
        double[] basis(double[] shape, double x) {
            return new double[] {Math.pow(x, shape[0])};
        }

        @Override
        double[] slopes(double[] c, double x) {
            double power = Math.pow(x, c[1]);
            return new double[] {power, c[0] * Math.log(x) * power};
        }

        @Override
        double[] original(double[] c, Stretch by) {
            return new double[] {c[0] * Math.pow(by.width(), -c[1]), c[1]};
        }
    },
    /** {@code a/(1 + e^(-b·(x - c)))}: growth up to a. */
    LOGISTIC(List.of("a", "b", "c"), "a/(1 + e^(-b*(x - c)))", 2) {
        @Override
        double[] basis(double[] shape, double x) {
            return new double[] {1 / (1 + Math.exp(-shape[0] * (x - shape[1])))};
        }

        @Override
        double[] slopes(double[] c, double x) {
            double part = 1 / (1 + Math.exp(-c[1] * (x - c[2])));
            double steep = c[0] * part * (1 - part);
            return new double[] {part, steep * (x - c[2]), -steep * c[1]};
        }

        @Override
        double[] original(double[] c, Stretch by) {
            return new double[] {c[0], c[1] / by.width(), by.middle() + c[2] * by.width()};
        }
    };

    private final List<String> coefficients;
    private final String formula;
    private final int shapes;

    Model(List<String> coefficients, String formula, int shapes) {
        this.coefficients = coefficients;
        this.formula = formula;
        this.shapes = shapes;
    }

    /**
     * How places are moved and stretched before the fit: {@code (x - middle) / width}.
     *
     * @param width above 0
     */
    record Stretch(double middle, double width) {}

    /** The model of a chart's fit that is not a polynomial. */
    static Model of(Chart.Fit fit) {
        return valueOf(fit.name());
    }

    /** The names of its coefficients: those in which it is linear first. */
    List<String> coefficients() {
        return coefficients;
    }

    /** As an expression of {@code x} and the coefficients. */
    String formula() {
        return formula;
    }

    /** How many coefficients shape the curve, in which it is not linear. */
    int shapes() {
        return shapes;
    }

    /** The functions whose sum, each times a coefficient, it is, once the shape is chosen. */
    abstract double[] basis(double[] shape, double x);

    /** The derivatives by each coefficient. */
    abstract double[] slopes(double[] c, double x);

    /** The coefficients for the places as they were before they were stretched. */
    abstract double[] original(double[] c, Stretch by);

    /** The height of the curve. */
    double at(double[] c, double x) {
        int linear = c.length - shapes;
        double[] basis = basis(java.util.Arrays.copyOfRange(c, linear, c.length), x);
        double height = 0;
        for (int i = 0; i < linear; i++) {
            height += c[i] * basis[i];
        }
        return height;
    }
}
