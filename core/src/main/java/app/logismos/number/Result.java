package app.logismos.number;

/** What an operation on numbers answers: a number, or the reason why there is none. */
public sealed interface Result permits Real, Complex, Undefined {}
