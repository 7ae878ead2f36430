package app.logismos.unit;

import app.logismos.number.Rational;
import app.logismos.number.Real;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads units: products of powers with {@code · * . /}, brackets, exponents with {@code ^}, raised digits or, as in UCUM,
 * plain digits (language, sections 5 and 10). All state belongs to one reading.
 */
public final class UnitReader {
    /** No symbol is longer. */
    private static final int LONGEST = 24;

    /** No power of a unit is larger. */
    private static final int LARGEST_EXPONENT = 99;

    /** No product of units has more parts and brackets. */
    private static final int MOST_UNITS = 20;

    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final String TIMES = "·⋅∙*.";
    private static final Pattern EXPONENT =
            Pattern.compile("\\^\\(([-−]?[0-9]{1,2})(?:/([0-9]{1,2}))?\\)|\\^([-−]?[0-9]{1,2})");
    private static final Pattern CODE_EXPONENT = Pattern.compile("[0-9]{1,2}");
    private static final Pattern SIGNED_CODE_EXPONENT = Pattern.compile("[+-]?[0-9]{1,2}");
    private static final Pattern CELL = Pattern.compile("[A-Za-z]{1,3}[0-9]+");

    private final UnitCatalogue catalogue;
    private final String text;
    private boolean isWhole;
    private int read;
    private int at;

    UnitReader(UnitCatalogue catalogue, String text) {
        this.catalogue = catalogue;
        this.text = text;
    }

    /**
     * A unit that was found in a text.
     *
     * @param end where the text goes on behind it
     */
    public record Read(Unit unit, int end) {}

    Optional<Read> from(int start) {
        at = start;
        return product().map(unit -> new Read(unit, at));
    }

    /** The unit that the whole text is. Here exponents may be as in UCUM, {@code s-2}, and {@code 1/s} is a unit. */
    Optional<Unit> whole() {
        isWhole = true;
        if (text.startsWith("1/") || text.startsWith("/")) {
            at = text.indexOf('/');
        }
        Optional<Unit> unit = at > 0 || text.startsWith("/") ? more(Unit.ONE) : product();
        return unit.filter(found -> at == text.length());
    }

    private Optional<Unit> product() {
        return power().flatMap(this::more);
    }

    /** What follows behind the first: as long as a sign with a unit stands there. */
    private Optional<Unit> more(Unit first) {
        Unit unit = first;
        while (at < text.length()) {
            char sign = text.charAt(at);
            boolean divides = sign == '/' || sign == '∕';
            boolean isPower = text.startsWith("**", at);
            if (!divides && TIMES.indexOf(sign) < 0 || isPower) {
                break;
            }
            int before = at++;
            Optional<Unit> joined = joined(unit, power(), divides ? Rational.of(-1) : Rational.ONE);
            if (joined.isEmpty()) {
                at = before;
                break;
            }
            unit = joined.get();
        }
        return Optional.of(unit);
    }

    /** Nothing where there is no next, or where the product would be past all bounds. */
    private Optional<Unit> joined(Unit unit, Optional<Unit> next, Rational exponent) {
        boolean isHigh = next.stream()
                .flatMap(each -> each.powers().stream())
                .anyMatch(power -> unit.powers().stream()
                        .filter(present -> present.atom().equals(power.atom()))
                        .anyMatch(
                                present -> present.exponent().abs().compareTo(Rational.of(LARGEST_EXPONENT / 2)) > 0));
        return isHigh || ++read > MOST_UNITS ? Optional.empty() : next.map(each -> unit.joined(each, exponent));
    }

    private Optional<Unit> power() {
        Optional<Unit> base;
        if (at < text.length() && text.charAt(at) == '(') {
            if (++read > MOST_UNITS) {
                return Optional.empty();
            }
            int start = at++;
            base = product();
            if (base.isEmpty() || at >= text.length() || text.charAt(at) != ')') {
                at = start;
                return Optional.empty();
            }
            at++;
        } else {
            base = atom().map(Unit::of);
        }
        return base.flatMap(unit -> raised(unit, exponent()));
    }

    private static Optional<Unit> raised(Unit unit, Rational exponent) {
        boolean isHigh = unit.powers().stream()
                .map(power -> (Real) power.exponent().times(exponent))
                .anyMatch(power -> power.abs().compareTo(Rational.of(LARGEST_EXPONENT)) > 0);
        return isHigh ? Optional.empty() : Optional.of(unit.power(exponent));
    }

    /** The longest symbol goes before a shorter one; behind it no letter may follow. */
    private Optional<Atom> atom() {
        for (int end = Math.min(text.length(), at + LONGEST); end > at; end--) {
            if (!isInside(end)) {
                Optional<Atom> atom = catalogue.atom(text.substring(at, end));
                if (atom.isPresent() && !isCell(atom.get(), end)) {
                    at = end;
                    return atom;
                }
            }
        }
        return Optional.empty();
    }

    /**
     * A symbol with digits behind it is rather a cell, {@code 5 kg/b2}; only lengths and seconds may be raised so outside
     * a whole text, {@code m2}, {@code m/s2}.
     */
    private boolean isCell(Atom atom, int end) {
        boolean isRaisedSo = atom.dimension().equals(Dimension.of(Base.LENGTH))
                || atom.symbol().endsWith("s");
        return !isWhole && CELL.matcher(text).region(at, text.length()).lookingAt() && isDigitAt(end) && !isRaisedSo;
    }

    private boolean isInside(int end) {
        if (end >= text.length()) {
            return false;
        }
        int next = text.codePointAt(end);
        return Character.isLetter(next) && Character.isLetter(text.codePointBefore(end)) || next == '_';
    }

    private Rational exponent() {
        if (at >= text.length()) {
            return Rational.ONE;
        }
        if (RAISED.indexOf(text.charAt(at)) >= 0 || text.charAt(at) == '⁻') {
            return raised();
        }
        Matcher matcher = EXPONENT.matcher(text).region(at, text.length());
        if (matcher.lookingAt() && !isDigitAt(matcher.end())) {
            at = matcher.end();
            return matcher.group(3) != null
                    ? whole(matcher.group(3))
                    : matcher.group(2) == null
                            ? whole(matcher.group(1))
                            : Rational.of(
                                    whole(matcher.group(1)).numerator(),
                                    whole(matcher.group(2)).numerator());
        }
        Matcher code =
                (isWhole ? SIGNED_CODE_EXPONENT : CODE_EXPONENT).matcher(text).region(at, text.length());
        if (code.lookingAt() && !isDigitAt(code.end())) {
            at = code.end();
            return whole(code.group().replace("+", ""));
        }
        return Rational.ONE;
    }

    private boolean isDigitAt(int place) {
        return place < text.length() && Character.isDigit(text.charAt(place));
    }

    private Rational raised() {
        int before = at;
        boolean isNegative = text.charAt(at) == '⁻';
        at += isNegative ? 1 : 0;
        long exponent = 0;
        int digits = at;
        while (at < text.length() && RAISED.indexOf(text.charAt(at)) >= 0 && exponent <= LARGEST_EXPONENT) {
            exponent = exponent * 10 + RAISED.indexOf(text.charAt(at++));
        }
        if (at == digits || exponent > LARGEST_EXPONENT) {
            at = before;
            return Rational.ONE;
        }
        return Rational.of(isNegative ? -exponent : exponent);
    }

    private static Rational whole(String digits) {
        return Rational.of(Long.parseLong(digits.replace('−', '-')));
    }
}
