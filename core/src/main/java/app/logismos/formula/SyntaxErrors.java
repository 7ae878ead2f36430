package app.logismos.formula;

import app.logismos.unit.UnitCatalogue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The sentences of the parser, in one place. */
final class SyntaxErrors {
    private static final Pattern NUMBER = Pattern.compile("\\s*[0-9]+(\\.[0-9]+)?");

    /** The letter that people write for a cross between numbers: {@code 2 x 3}. */
    private static final Pattern CROSS = Pattern.compile("[xX]\\s+[0-9(]");

    /** What UCUM (section 2.1) writes in brackets. */
    private static final Pattern UNIT_CODE = Pattern.compile("\\[[A-Za-z][^\\[\\]\\s]*]");

    private SyntaxErrors() {}

    static Failure strangeCharacter(String text, String sign, Span place, UnitCatalogue units) {
        if (WrittenNumber.MONEY.containsKey(sign)) {
            return signOfMoney(text, sign, place);
        }
        Matcher code = UNIT_CODE.matcher(text).region(place.start(), text.length());
        if (code.lookingAt()) {
            return Failure.at(new Span(code.start(), code.end()), ErrorCode.UNKNOWN_UNIT, units.unknown(code.group()));
        }
        return syntax(place, "`" + sign + "` has no meaning in a formula. A text goes between double quotes.");
    }

    /** {@code 5 €} and {@code €5} are offered as {@code 5 EUR}. */
    private static Failure signOfMoney(String text, String sign, Span place) {
        String code = WrittenNumber.MONEY.get(sign);
        Matcher behind = NUMBER.matcher(text.substring(place.end()));
        String written = behind.lookingAt()
                ? replaced(
                        text,
                        new Span(place.start(), place.end() + behind.end()),
                        behind.group().strip() + " " + code)
                : replaced(text, place, (text.charAt(place.start() - 1) == ' ' ? "" : " ") + code);
        return syntax(
                place, "Money is written with its code, as in `5 " + code + "`.", new Fix("Write " + code, written));
    }

    /** A comma between two numbers outside a call is rarely meant to separate arguments. */
    static Failure strayComma(String text, Token before, Token comma, Token behind) {
        boolean isDecimal = before.type() == Token.Type.NUMBER
                && behind.type() == Token.Type.NUMBER
                && before.span().end() == comma.span().start()
                && behind.span().start() == comma.span().end();
        Optional<Fix> grouped = Turns.grouped(text, comma.span().start());
        if (grouped.isPresent()) {
            return syntax(comma.span(), "Digits are not grouped inside a formula.", grouped.get());
        }
        return isDecimal
                ? syntax(
                        comma.span(),
                        "`,` separates arguments, and there are none here. The decimal mark is a point.",
                        new Fix("Write a point", replaced(text, comma.span(), ".")))
                : unexpected(text, comma);
    }

    /** A text in the quotes that titles of grids stand in. */
    static Failure singleQuotes(String text, Token quoted) {
        return syntax(
                quoted.span(),
                "Single quotes hold the title of a grid. A text goes between double quotes.",
                new Fix("Use double quotes", replaced(text, quoted.span(), '"' + quoted.text() + '"')));
    }

    /** A reference that breaks off behind its colon, or behind the point of another grid. */
    static Failure openReference(String text, Span start, Token found, String sign) {
        Span begun = new Span(start.start(), text.lastIndexOf(sign, found.span().start()) + 1);
        return syntax(
                begun,
                "The reference `" + begun.in(text) + "` is not finished: behind `" + sign + "` stands "
                        + (sign.equals(":") ? "its other end, as in `A1:B3`." : "a cell, as in `Prices.B3`."));
    }

    static Failure openQuote(String text, int start) {
        char quote = text.charAt(start) == '\'' ? '\'' : '"';
        return syntax(
                new Span(start, start + 1),
                "This quote sign is not closed.",
                new Fix("Close it at the end", text + quote));
    }

    static Failure openDecimal(String text, Span place) {
        return syntax(
                place,
                "`" + place.in(text) + "` has no digits behind its point.",
                new Fix("Leave the point out", replaced(text, new Span(place.end() - 1, place.end()), "")));
    }

    static Failure openBracket(String text, Token bracket) {
        return syntax(
                bracket.span(),
                "This bracket is not closed.",
                new Fix("Close it at the end", Brackets.closed(text.stripTrailing(), 0)));
    }

    static Failure strayBracket(String text, Token bracket) {
        return syntax(
                bracket.span(),
                "This bracket closes nothing.",
                new Fix("Leave it out", replaced(text, bracket.span(), "")));
    }

    /** An operator or the end where a value should stand. */
    static Failure valueExpected(String text, Token found, List<Token> before) {
        if (found.type() == Token.Type.END) {
            Token last = before.isEmpty() ? found : before.get(before.size() - 1);
            return syntax(
                    last.span().start() == last.span().end()
                            ? new Span(Math.max(0, text.length() - 1), text.length())
                            : last.span(),
                    before.isEmpty()
                            ? "There is nothing to calculate yet. Write a calculation behind the `=`."
                            : "A value is missing behind `" + last.span().in(text) + "`.");
        }
        Optional<Fix> absolute =
                found.is("|") ? Turns.absolute(text, found.span().start()) : Optional.empty();
        if (absolute.isPresent()) {
            return syntax(found.span(), "The absolute value is written `abs(…)`.", absolute.get());
        }
        List<Fix> fixes = new ArrayList<>();
        if (!before.isEmpty() && isOperator(found)) {
            Token last = before.get(before.size() - 1);
            fixes.add(new Fix("Leave out `" + found.span().in(text) + "`", replaced(text, found.span(), "")));
            if (isOperator(last)) {
                fixes.add(new Fix("Leave out `" + last.span().in(text) + "`", replaced(text, last.span(), "")));
            }
        }
        return Failure.at(
                found.span(),
                ErrorCode.SYNTAX,
                "A value is missing before `" + found.span().in(text) + "`.",
                fixes.toArray(Fix[]::new));
    }

    /** Two values with nothing between them. */
    static Failure noOperator(String text, Expression left, Token next, Token previous, UnitCatalogue units) {
        String inserted = " ";
        String says = "There is no sign between `" + left.span().in(text) + "` and `"
                + next.span().in(text) + "`.";
        int from = previous.span().end();
        if (previous.is("%") && next.type() == Token.Type.NUMBER) {
            return syntax(
                    previous.span(),
                    "`%` means hundredths. The remainder of a division is written `mod`.",
                    new Fix(
                            "Write mod",
                            replaced(
                                    text,
                                    previous.span(),
                                    previous.span().start() > 0
                                                    && text.charAt(previous.span()
                                                                            .start()
                                                                    - 1)
                                                            == ' '
                                            ? "mod"
                                            : " mod ")));
        }
        Optional<Fix> turn = Turns.between(text, left.span(), next.span());
        if (next.type() == Token.Type.WORD && turn.isPresent()) {
            return syntax(next.span(), "`" + next.text() + "` is no sign between two values.", turn.get());
        }
        if (CROSS.matcher(text).region(next.span().start(), text.length()).lookingAt()) {
            return syntax(
                    next.span(),
                    "A product is written with `*`, and `" + next.text() + "` is a name.",
                    new Fix("Multiply", replaced(text, next.span(), "*")));
        }
        boolean mayBeUnit = next.type() == Token.Type.WORD && next.text().length() > 1;
        if (mayBeUnit && (previous.type() == Token.Type.NUMBER || previous.is(")")) && units.isNearUnit(next.text())) {
            return unknownUnit(text, next, units);
        }
        if (previous.type() == Token.Type.UNIT && next.type() == Token.Type.NUMBER) {
            return syntax(
                    next.span(),
                    says + " A sum of quantities is written with `+`.",
                    new Fix("Add", replaced(text, new Span(from, next.span().start()), " + ")));
        }
        if (next.text().equals("$")) {
            return signOfMoney(text, "$", next.span());
        }
        boolean isBoth = previous.type() == Token.Type.NUMBER && next.type() == Token.Type.NUMBER;
        boolean fraction =
                isBoth && text.substring(next.span().end()).stripLeading().startsWith("/");
        boolean grouped =
                isBoth && next.text().matches("[0-9]{3}") && previous.text().matches("[0-9]{1,3}");
        if (grouped) {
            return syntax(
                    previous.span().to(next.span()),
                    says + " Digits are not grouped inside a formula.",
                    new Fix(
                            "Close the gap",
                            replaced(text, new Span(from, next.span().start()), "")));
        }
        boolean isInCall = isBoth && !fraction && isInCall(text, next.span().start());
        if (isInCall) {
            return syntax(
                    next.span(),
                    says + " Arguments are separated by `,`.",
                    new Fix(
                            "Separate them",
                            replaced(text, new Span(from, next.span().start()), ", ")));
        }
        String sign = fraction ? "+" : "*";
        inserted = text.substring(from, next.span().start()).isBlank() ? sign : inserted;
        return syntax(
                next.span(),
                says + " A product is written with `*`.",
                new Fix(
                        fraction ? "Add the fraction" : "Multiply",
                        replaced(text, new Span(from, next.span().start()), inserted)));
    }

    /** Whether the innermost bracket that is open at a place follows a word. */
    private static boolean isInCall(String text, int place) {
        int depth = 0;
        for (int i = place - 1; i > 0; i--) {
            depth += text.charAt(i) == ')' ? 1 : text.charAt(i) == '(' ? -1 : 0;
            if (depth < 0) {
                return Character.isLetterOrDigit(text.charAt(i - 1));
            }
        }
        return false;
    }

    static Failure chainedComparison(
            String text, Expression first, Token sign, Expression middle, Token second, Expression last) {
        String both = "and(" + first.span().in(text) + sign.span().in(text)
                + middle.span().in(text) + ", " + middle.span().in(text)
                + second.span().in(text) + last.span().in(text) + ")";
        return syntax(
                second.span(),
                "Only two values are compared at a time. Write `" + both + "`.",
                new Fix("Compare two at a time", replaced(text, first.span().to(last.span()), both)));
    }

    /** {@code sin 30 + 1} is offered as {@code sin(30) + 1}. */
    static Failure bareFunction(String text, Token word, List<Token> behind) {
        Optional<Fix> raised = Turns.raised(text, word.span());
        if (raised.isPresent()) {
            return syntax(
                    word.span(),
                    "A power of what `" + word.text() + "` answers stands behind its arguments.",
                    raised.get());
        }
        Span argument = argument(word, behind);
        String called = word.text() + "(" + argument.in(text).strip() + ")";
        return syntax(
                word.span(),
                "`" + word.text() + "` is a function and needs its arguments in brackets.",
                new Fix("Add brackets", replaced(text, word.span().to(argument), called)));
    }

    /** What stands behind a word up to the next operator that is in no bracket of its own; empty where that comes first. */
    private static Span argument(Token word, List<Token> behind) {
        int end = word.span().end();
        int depth = 0;
        for (Token token : behind) {
            depth += token.is("(") || token.is("{") ? 1 : 0;
            boolean isPart = depth > 0
                    || token.type() != Token.Type.END
                            && !isOperator(token)
                            && !token.is(",")
                            && !token.is(")")
                            && !token.is("}");
            if (!isPart) {
                break;
            }
            depth -= token.is(")") || token.is("}") ? 1 : 0;
            end = token.span().end();
        }
        return new Span(word.span().end(), end);
    }

    static Failure unknownFunction(String text, Token word, List<String> near) {
        String says = "There is no function `" + word.text() + "`.";
        Optional<Fix> based = Turns.based(text, word.span());
        if (based.isPresent()) {
            return Failure.at(
                    word.span(),
                    ErrorCode.UNKNOWN_FUNCTION,
                    says + " The base is the second argument of `log`.",
                    based.get());
        }
        if (near.isEmpty()) {
            return Failure.at(word.span(), ErrorCode.UNKNOWN_FUNCTION, says + " The guide lists those there are.");
        }
        Fix[] fixes = near.stream()
                .map(name -> new Fix("Use " + name, replaced(text, word.span(), name)))
                .toArray(Fix[]::new);
        return Failure.at(
                word.span(), ErrorCode.UNKNOWN_FUNCTION, says + " Did you mean `" + near.get(0) + "`?", fixes);
    }

    /** In {@code with(total, tax)} a value is missing. */
    static Failure supposedWithoutValue(String what, Span place, Token found) {
        return syntax(
                found.type() == Token.Type.END ? place : found.span(),
                "`with` puts values for names: write `" + what + ": ` and the value, as in `with(x^2, x: 3)`.");
    }

    static Failure unknownUnit(String text, Token word, UnitCatalogue units) {
        Fix[] fixes = units.like(word.text()).stream()
                .map(symbol -> new Fix("Use " + symbol, replaced(text, word.span(), symbol)))
                .toArray(Fix[]::new);
        return Failure.at(word.span(), ErrorCode.UNKNOWN_UNIT, units.unknown(word.text()), fixes);
    }

    static Failure gone(Span place) {
        return Failure.at(
                place, ErrorCode.MISSING_REFERENCE, "The cell that was meant here is gone. Point at another one.");
    }

    /** An operator behind {@code to} and its unit. */
    static Failure behindConversion(String text, Span conversion, Token sign) {
        return syntax(
                sign.span(),
                "`to` converts all that stands before it, so nothing is calculated behind its unit. Put the conversion"
                        + " in brackets.",
                new Fix("Put it in brackets", replaced(text, conversion, "(" + conversion.in(text) + ")")));
    }

    static Failure unitExpected(Token sign) {
        return syntax(sign.span(), "Behind `to` stands a unit, as in `2 km to m`.");
    }

    static Failure unevenRows(Span place, int first, int other) {
        return Failure.at(
                place,
                ErrorCode.SHAPES_DIFFER,
                "The rows of a table are of one length. The first has " + first + ", another " + other + ".");
    }

    static Failure tooDeep(Span place, int levels) {
        return Failure.at(
                place,
                ErrorCode.TOO_LARGE,
                "Brackets go " + levels + " deep at the most. Put a part into a cell of its own.");
    }

    static Failure tooLong(String text, int most) {
        return Failure.at(
                new Span(most, text.length()),
                ErrorCode.TOO_LARGE,
                "An entry has " + most + " characters at the most, this one has " + text.length()
                        + ". Put a part into a cell of its own.");
    }

    static Failure tooManyDigits(Span place) {
        return Failure.at(place, ErrorCode.TOO_LARGE, "A number has 1,000,000 digits at the most.");
    }

    static Failure unexpected(String text, Token found) {
        Optional<Fix> clock = found.is(":") ? Turns.clock(text, found.span().start()) : Optional.empty();
        if (clock.isPresent()) {
            return syntax(found.span(), "A time of day is written `time(…)` in a formula.", clock.get());
        }
        return syntax(found.span(), "`" + found.span().in(text) + "` does not belong here.");
    }

    static Failure outsideGrid(Token word) {
        return Failure.at(
                word.span(),
                ErrorCode.MISSING_REFERENCE,
                "`" + word.text() + "` lies outside every grid. Columns go to ZZZ, rows to 1,000,000.");
    }

    static boolean isOperator(Token token) {
        return token.type() == Token.Type.SIGN
                && "+-*/^&=<>%".contains(token.text().substring(0, 1));
    }

    private static Failure syntax(Span place, String message, Fix... fixes) {
        return Failure.at(place, ErrorCode.SYNTAX, message, fixes);
    }

    private static String replaced(String text, Span place, String by) {
        return text.substring(0, place.start()) + by + text.substring(place.end());
    }
}
