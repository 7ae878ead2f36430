package app.logismos.algebra;

import java.util.List;
import java.util.Optional;

/** What the derivatives of functions are. */
public interface DerivativeRules {
    /**
     * The derivative of a function by one of its arguments, at these arguments; nothing where it is not known.
     *
     * @param argument which one, from 0
     */
    Optional<Form> of(String function, int argument, List<Form> arguments);
}
