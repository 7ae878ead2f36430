package app.logismos.algebra;

/** A factor of a polynomial and how often it divides it. */
record Factor(Polynomial polynomial, int times) {}
