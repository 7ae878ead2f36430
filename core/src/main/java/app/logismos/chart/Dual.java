package app.logismos.chart;

/**
 * A number with the slope that it has as a function of a variable (forward automatic differentiation; A. Griewank and A.
 * Walther, Evaluating Derivatives, 2008, chapter 3).
 */
record Dual(double value, double slope) {
    static Dual constant(double value) {
        return new Dual(value, 0);
    }

    static Dual variable(double value) {
        return new Dual(value, 1);
    }

    Dual plus(Dual other) {
        return new Dual(value + other.value, slope + other.slope);
    }

    Dual minus(Dual other) {
        return new Dual(value - other.value, slope - other.slope);
    }

    Dual times(Dual other) {
        return new Dual(value * other.value, slope * other.value + value * other.slope);
    }

    Dual dividedBy(Dual other) {
        double quotient = value / other.value;
        return new Dual(quotient, (slope - quotient * other.slope) / other.value);
    }

    Dual power(Dual exponent) {
        double power = Math.pow(value, exponent.value);
        double byBase = slope == 0 ? 0 : exponent.value * Math.pow(value, exponent.value - 1) * slope;
        double byExponent = exponent.slope == 0 ? 0 : power * Math.log(value) * exponent.slope;
        return new Dual(power, byBase + byExponent);
    }

    /** A function of it by the value and the slope of the function. */
    Dual chained(double functionValue, double functionSlope) {
        return new Dual(functionValue, slope == 0 ? 0 : functionSlope * slope);
    }
}
