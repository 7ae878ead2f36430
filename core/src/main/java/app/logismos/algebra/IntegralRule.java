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
    BOTH_SIDES,
    UNKNOWNS_ABOVE,
    PARTIAL_FRACTIONS,
    ANGLE_SUMS,
    MULTIPLIED_OUT,
    COMPLETED_SQUARE,
    REDUCTION,
    UNKNOWN_NUMBERS,
    DERIVATIVE_COMPARED,
    POWERS_COMPARED
}
