package app.logismos.formula;

import app.logismos.unit.UnitCatalogue;
import java.util.List;
import java.util.Optional;

/** The words that a parse must know: functions with their parameters, constants and units. All but units ignore case. */
public interface Vocabulary {
    /** The names of a function's parameters, in order; nothing where there is no such function. */
    Optional<List<String>> parameters(String function);

    /** What a function binds; nothing where it binds nothing. */
    Optional<Binding> binding(String function);

    /** Whether the word is a constant. */
    boolean isConstant(String word);

    /** Known functions that may be meant by this word: by what it means, then by names near it. */
    List<String> functionsLike(String word);

    /**
     * Whether a word is a function's own name, which nothing else may have. Names that documents use for functions are
     * not, and words that became functions late: they are functions only before a bracket.
     */
    boolean isFunctionName(String word);

    /** The units, and the currencies with their rates. */
    UnitCatalogue units();
}
