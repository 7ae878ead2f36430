package app.logismos.algebra;

/** The rules by which antiderivatives are found. */
public enum IntegralRule {
    CONSTANT,
    SUM,
    CONSTANT_FACTOR,
    POWER,
    STANDARD_FORM,
    SUBSTITUTION,
    PARTS,
    PARTIAL_FRACTIONS,
    ANGLE_SUMS,
    MULTIPLIED_OUT,
    COMPLETED_SQUARE,
    UNKNOWN_NUMBERS
}
