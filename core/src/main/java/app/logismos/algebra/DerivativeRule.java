package app.logismos.algebra;

/** The rules of differentiation, as they are taught. */
public enum DerivativeRule {
    CONSTANT,
    VARIABLE,
    SUM,
    CONSTANT_FACTOR,
    POWER,
    PRODUCT,
    QUOTIENT,
    CHAIN,
    EXPONENTIAL,
    LOGARITHMIC,
    FUNCTION
}
