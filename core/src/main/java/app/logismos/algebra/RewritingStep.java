package app.logismos.algebra;

/**
 * A step on the way from an expression to another way of writing it.
 *
 * @param says what exactly is done; empty where the rule says it
 * @param after what it comes to by then, as it is typed: like terms may still stand apart, and factors uncancelled
 */
public record RewritingStep(Rule rule, String says, String after) {
    RewritingStep(Rule rule, String says, Form after) {
        this(rule, says, after.text());
    }

    /** By what an expression is written in another way, or comes nearer to its value. */
    public enum Rule {
        EACH_WITH_EACH,
        BINOMIAL_THEOREM,
        LIKE_TERMS,
        POWERS_COLLECTED,
        COMMON_FACTOR,
        EQUAL_FACTORS,
        ROOT_DIVIDED_OUT,
        SPLIT,
        INSIDE_FIRST,
        ONE_FRACTION_LINE,
        SQUARES_ADDED,
        CANCELLED,
        SHORTEST,
        DIVIDED,
        UNKNOWNS_ABOVE,
        MULTIPLIED_BY_DIVISOR,
        POWERS_COMPARED,
        TAYLOR_TERM,
        TERMS_APART,
        CLOSED_FORM,
        LHOSPITAL,
        CONJUGATE,
        BY_EXPONENTIAL,
        OTHER_LETTER,
        COMES_NEAR,
        SLOPE,
        SLOPE_IS_ZERO,
        PLACES_COMPARED,
        BEST_PLACE,
        PLACE_PUT_IN,
        SIGN_CHANGES,
        BY_NUMBERS,
        SOLUTIONS
    }
}
