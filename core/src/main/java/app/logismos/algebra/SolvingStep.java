package app.logismos.algebra;

import java.util.List;

/**
 * What is done with equations.
 *
 * @param says what exactly, as {@code subtract 3 from both sides}; empty where the rule says it
 * @param equations what they come to by then, one of which must hold; for a system, all of them
 */
public record SolvingStep(Rule rule, String says, List<Equation> equations) {
    public SolvingStep {
        equations = List.copyOf(equations);
    }

    /** The rules by which equations are solved. */
    public enum Rule {
        BOTH_SIDES,
        FACTORS,
        QUADRATIC_FORMULA,
        SUBSTITUTION,
        INVERSE_FUNCTION,
        ROOT,
        SQUARING,
        ISOLATED_ROOTS,
        PUT_IN,
        CHECKED,
        SOLUTIONS
    }
}
