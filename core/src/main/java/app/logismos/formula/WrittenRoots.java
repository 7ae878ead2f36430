package app.logismos.formula;

import app.logismos.number.Irrational;
import app.logismos.number.PiMultiple;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.RootSum;
import java.math.BigInteger;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Exact numbers with square roots or π as they are shown, {@code 1/2 + √5/2} and {@code 3π/4}, so that a copy reads back. */
final class WrittenRoots {
    private static final String NUMBER = "[0-9]{1,60}";
    private static final Pattern TERM = Pattern.compile(
            "\\s*([-−+]?)\\s*(?=[0-9π√])(" + NUMBER + ")?(π)?(?:√(" + NUMBER + "))?(?:/(" + NUMBER + "))?\\s*");

    private WrittenRoots() {}

    /** The number; nothing where the text is none, or is one of other words: {@code π} alone is a text. */
    static Optional<Real> read(String text) {
        boolean mayBe =
                text.indexOf('√') >= 0 || text.indexOf('π') >= 0 && text.chars().anyMatch(Character::isDigit);
        if (!mayBe || text.length() > 1_000) {
            return Optional.empty();
        }
        Matcher terms = TERM.matcher(text);
        Result sum = Rational.ZERO;
        int at = 0;
        while (at < text.length()) {
            boolean isTerm = terms.find(at)
                    && terms.start() == at
                    && terms.end() > at
                    && (at == 0 || !terms.group(1).isEmpty());
            if (!isTerm || !(sum instanceof Real before)) {
                return Optional.empty();
            }
            sum = term(terms) instanceof Real term ? before.plus(term) : term(terms);
            at = terms.end();
        }
        return sum instanceof Irrational exact ? Optional.of(exact) : Optional.empty();
    }

    private static Result term(Matcher term) {
        BigInteger below = term.group(5) == null ? BigInteger.ONE : new BigInteger(term.group(5));
        BigInteger above = term.group(2) == null ? BigInteger.ONE : new BigInteger(term.group(2));
        if (below.signum() == 0) {
            return Rational.ZERO;
        }
        boolean isNegative = term.group(1).equals("-") || term.group(1).equals("−");
        Real number = Rational.of(isNegative ? above.negate() : above, below);
        Result withPi = term.group(3) == null ? number : number.times(PiMultiple.of(Rational.ONE));
        if (term.group(4) == null || !(withPi instanceof Real factor)) {
            return withPi;
        }
        Result root = Powers.sqrt(Rational.of(new BigInteger(term.group(4))));
        return root instanceof RootSum exact ? factor.times(exact) : root;
    }
}
