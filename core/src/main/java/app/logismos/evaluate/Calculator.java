package app.logismos.evaluate;

import app.logismos.display.Typeset;
import app.logismos.formula.Address;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Definition;
import app.logismos.formula.LatexPrinter;
import app.logismos.formula.Parser;
import app.logismos.formula.Vocabulary;
import app.logismos.value.Failure;
import app.logismos.value.Value;
import java.util.List;
import java.util.function.Function;

/** Reads, works out and explains one expression, within bounds. */
public final class Calculator {
    /** A longer expression is not typeset as a whole. */
    private static final int MOST_TYPESET = 2_000;

    private final Limits limits;
    private final Vocabulary words;

    /** A calculator with these bounds and the standard words. */
    public Calculator(Limits limits) {
        // Read from their catalogues before the time of a calculation begins.
        this(limits, Words.STANDARD);
    }

    /** A calculator with these bounds and words. */
    public Calculator(Limits limits, Vocabulary words) {
        this.limits = limits;
        this.words = words;
    }

    /**
     * Calculates.
     *
     * @param entry the expression, with or without its {@code =}
     * @param origin the cell that relative references count from
     */
    public Calculation calculate(String entry, Scope scope, Address origin) {
        return Bounded.run(limits, budget -> calculate(entry, scope, origin, budget), Calculator::failed);
    }

    private Calculation calculate(String entry, Scope scope, Address origin, Budget budget) {
        int start = start(entry);
        Parser.Outcome outcome = Parser.parse(entry, start, origin, words);
        if (outcome instanceof Parser.Outcome.Refused refused) {
            return failed(refused.failure());
        }
        return explain(
                entry, ((Parser.Outcome.Parsed) outcome).expression(), new Evaluator(scope, origin, limits, budget));
    }

    /** The value of an expression that has been read, its steps and hints. */
    public static Calculation explain(String entry, Expression expression, Evaluator evaluator) {
        Value worth = evaluator.value(expression);
        Value value = worth instanceof Failure failure ? Remedies.added(failure, entry, expression, evaluator) : worth;
        String latex =
                entry.length() > MOST_TYPESET ? "" : LatexPrinter.latex(expression, evaluator.origin(), Typeset::latex);
        if (expression instanceof Definition) {
            return new Calculation(value, latex, List.of(), "", List.of());
        }
        Working.Worked worked = Working.of(expression, value, evaluator);
        Function<Value, String> fractions = worked.inFractions() ? Typeset::fraction : Typeset::latex;
        return new Calculation(
                value,
                latex,
                worked.steps().stream()
                        .map(step -> step.shown(evaluator.origin(), fractions))
                        .toList(),
                worked.inFractions() ? Typeset.fraction(value) : "",
                Hints.of(entry, expression, evaluator));
    }

    private static Calculation failed(Failure failure) {
        return Calculation.unworked(failure, List.of());
    }

    private static int start(String entry) {
        int first = 0;
        while (first < entry.length() && Character.isWhitespace(entry.charAt(first))) {
            first++;
        }
        return first < entry.length() && entry.charAt(first) == '=' ? first + 1 : 0;
    }
}
