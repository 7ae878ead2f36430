package app.logismos.evaluate;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/** Why a step comes next (language, section 9). */
public enum Rule {
    VALUES_PUT_IN("values put in"),
    BRACKETS_FIRST("brackets first"),
    SIGNS_BEHIND_FIRST("signs behind a value first"),
    POWERS_BEFORE_MULTIPLY_DIVIDE("powers before × and ÷"),
    POWERS_BEFORE_SIGN("powers before a sign"),
    MULTIPLY_DIVIDE_BEFORE_ADD_SUBTRACT("× and ÷ before + and −"),
    CALCULATE_BEFORE_COMPARING("calculated before it is compared"),
    CALCULATE_BEFORE_JOINING("calculated before it is joined"),
    CALCULATE_BEFORE_CONVERTING("calculated before it is converted"),
    LEFT_TO_RIGHT("left to right"),
    POWERS_FROM_THE_RIGHT("powers from the right"),
    ARGUMENTS_FIRST("arguments before their function"),
    FUNCTION("function"),
    OWN_RULE("rule of the function"),
    CONDITION("condition"),
    WRITTEN_OUT("written out"),
    PERCENT("percent is hundredths"),
    DEGREES("degrees"),
    UNIT_CONVERSION("unit conversion"),
    FACTORIAL("factorial"),
    ROOT("root"),
    SIGN("sign"),
    TABLE("cells of a table first"),
    DERIVATIVE_OF_CONSTANT("the derivative of a constant is 0"),
    DERIVATIVE_OF_VARIABLE("the derivative of the variable is 1"),
    SUM_RULE("sum rule"),
    CONSTANT_FACTOR("a constant factor stays"),
    POWER_RULE("power rule"),
    PRODUCT_RULE("product rule"),
    QUOTIENT_RULE("quotient rule"),
    CHAIN_RULE("chain rule"),
    EXPONENTIAL_RULE("derivative of an exponential"),
    LOGARITHMIC_RULE("derivative of a power, by its logarithm"),
    DERIVATIVE_OF_FUNCTION("derivative of a function"),
    INTEGRAL_OF_CONSTANT("integral of a constant"),
    INTEGRAL_OF_SUM("each term by itself"),
    INTEGRAL_OF_POWER("integral of a power"),
    STANDARD_INTEGRAL("standard integral"),
    BY_PARTS("integration by parts"),
    INTEGRAL_THERE_AGAIN("the integral is there again, put on one side"),
    PARTIAL_FRACTIONS("partial fractions"),
    ANGLE_SUMS("product of angle functions as a sum"),
    OTHERWISE_WRITTEN("written another way"),
    UNKNOWN_NUMBERS("set up with unknown numbers"),
    DERIVATIVE_COMPARED("its derivative is to be the expression"),
    COMPLETED_SQUARE("quadratic completed to a square"),
    REDUCTION_FORMULA("reduction formula, to a simpler integral"),
    LIMITS_PUT_IN("limits put in"),
    EACH_WITH_EACH("each term with each"),
    BINOMIAL_THEOREM("binomial theorem"),
    LIKE_TERMS("like terms put together"),
    POWERS_COLLECTED("powers put together"),
    COMMON_FACTOR("common factor taken out"),
    EQUAL_FACTORS("equal factors found"),
    ROOT_DIVIDED_OUT("a root gives a factor"),
    SPLIT("split into factors"),
    INSIDE_FIRST("inside functions first"),
    ONE_FRACTION_LINE("over one fraction line"),
    SQUARES_ADDED("squares that add up"),
    CANCELLED("common factors cancelled"),
    SHORTEST("the shortest way to write it"),
    DIVIDED("divided, with what is left over"),
    UNKNOWNS_ABOVE("unknown numbers above the lines"),
    MULTIPLIED_BY_DIVISOR("both sides multiplied by what is divided by"),
    POWERS_COMPARED("the same numbers before equal powers"),
    TAYLOR_TERM("next term of the Taylor polynomial"),
    TERMS_APART("each term by itself"),
    CLOSED_FORM("closed form of a sum"),
    LHOSPITAL("rule of l'Hospital"),
    CONJUGATE("times the sum over the sum"),
    BY_EXPONENTIAL("power as an exponential"),
    OTHER_LETTER("another letter"),
    COMES_NEAR("what it comes near"),
    SLOPE("the slope is the derivative"),
    SLOPE_IS_ZERO("where the slope is 0"),
    PLACES_COMPARED("values at these places"),
    BEST_PLACE("the place with the best value"),
    PLACE_PUT_IN("the place put in"),
    BRANCH_TAKEN("the branch that holds there"),
    BRANCHES_COMPARED("the slope of the branch on the other side"),
    SIGN_CHANGES("where the sign changes"),
    BY_NUMBERS("by numbers"),
    BOTH_SIDES("the same on both sides"),
    FACTORS("factors"),
    QUADRATIC_FORMULA("quadratic formula"),
    ELIMINATION("elimination"),
    INVERSE_FUNCTION("inverse function"),
    ROOT_OF_BOTH_SIDES("root of both sides"),
    POWER_OF_BOTH_SIDES("power of both sides"),
    ISOLATED_ROOTS("roots isolated by Sturm"),
    PUT_IN("substitution"),
    CHECKED("check"),
    SOLUTIONS("solutions"),
    LAST_OPERATION("the last operation"),
    THE_REST("the remaining steps");

    /** What is done in the head by those who have done it often; a working is read without. */
    private static final Set<Rule> SMALL = EnumSet.of(
            SIGNS_BEHIND_FIRST,
            LEFT_TO_RIGHT,
            SIGN,
            PERCENT,
            DERIVATIVE_OF_CONSTANT,
            DERIVATIVE_OF_VARIABLE,
            SUM_RULE,
            CONSTANT_FACTOR,
            POWER_RULE,
            DERIVATIVE_OF_FUNCTION,
            INTEGRAL_OF_CONSTANT,
            INTEGRAL_OF_SUM,
            INTEGRAL_OF_POWER,
            LIKE_TERMS,
            TERMS_APART);

    private final String label;

    Rule(String label) {
        this.label = label;
    }

    /** The rule in words. */
    public String label() {
        return label;
    }

    /** Whether it is shown also where only the main steps are. */
    public boolean isMain() {
        return !SMALL.contains(this);
    }

    /** As it stands in answers: {@code left-to-right}. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
