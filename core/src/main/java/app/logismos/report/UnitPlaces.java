package app.logismos.report;

import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.formula.Walk;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where units stand in an entry that is being written, and where one may begin. */
final class UnitPlaces {
    private static final Pattern NUMBER = Pattern.compile("[0-9.]+(?:[eE][-+]?[0-9]+)?[ \u00a0]?");

    /** Behind a number, a bracket or {@code to}; or within a unit behind one of its signs. */
    private static final Pattern BEFORE_UNIT = Pattern.compile(
            "(?:(?<![\\p{L}0-9_$])[0-9][0-9.]*|\\)|[^\\p{L}]to[ \u00a0])[ \u00a0]?(?:[\\p{L}°²³0-9^]+[/·*])*$");

    /** How far back a number may stand. */
    private static final int LONGEST = 80;

    private UnitPlaces() {}

    /** Whether a word that begins at a place would be a unit. */
    static boolean isUnitExpected(String entry, int from) {
        return BEFORE_UNIT
                .matcher(entry.substring(Math.max(0, from - LONGEST), from))
                .find();
    }

    /** The units of an expression. */
    static List<Span> of(Expression expression) {
        List<Span> units = new ArrayList<>();
        Walk.visit(expression, node -> {
            if (node instanceof Literal literal && literal.value() instanceof Quantity) {
                Matcher number = NUMBER.matcher(literal.source());
                if (number.lookingAt()) {
                    units.add(new Span(
                            node.span().start() + number.end(), node.span().end()));
                }
            } else if (node instanceof WithUnit with) {
                units.add(new Span(
                        with.span().end() - with.source().length(), with.span().end()));
            } else if (node instanceof Conversion conversion) {
                units.add(conversion.unitSpan());
            }
        });
        return units;
    }
}
