package app.logismos.formula;

import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Argument;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.RangeReference.Extent;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.unit.Unit;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.Missing;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A precedence parser, one method for each level of section 2 of the language, the loosest first. All state belongs to
 * one parse.
 *
 * <p>Recursion is as deep as the expression nests; {@link #MAX_DEPTH} bounds brackets, the length of an entry the rest.
 * Callers give it a stack that holds {@link #MAX_LENGTH} nested signs.
 */
public final class Parser {
    /** An entry may have so many UTF-16 units. */
    public static final int MAX_LENGTH = 8_192;

    /** Brackets, calls and braces may nest so deep. */
    public static final int MAX_DEPTH = 256;

    private static final Pattern CELL = Pattern.compile("(\\$?)([A-Za-z]{1,3})(\\$?)([1-9][0-9]{0,6})");
    private static final Pattern NAME = Pattern.compile("\\p{L}[\\p{L}\\p{Mn}0-9_]*");
    private static final Pattern COLUMN = Pattern.compile("(\\$?)([A-Za-z]{1,3})");
    private static final Pattern ROW = Pattern.compile("(\\$?)([1-9][0-9]{0,6})");

    private static final Map<String, InfixOperator> COMPARISONS = Map.of(
            "=", InfixOperator.EQUAL,
            "<>", InfixOperator.UNEQUAL,
            "<", InfixOperator.LESS,
            "<=", InfixOperator.AT_MOST,
            ">", InfixOperator.GREATER,
            ">=", InfixOperator.AT_LEAST);
    private static final Map<String, PostfixOperator> POSTFIXES = Map.of(
            "!", PostfixOperator.FACTORIAL,
            "!!", PostfixOperator.DOUBLE_FACTORIAL,
            "%", PostfixOperator.PERCENT,
            "°", PostfixOperator.DEGREE);

    private final String text;
    private final Address origin;
    private final Vocabulary vocabulary;
    private final List<Token> tokens;
    private int at;
    private int depth;

    private Parser(String text, int start, Address origin, Vocabulary vocabulary) {
        this.text = text;
        this.origin = origin;
        this.vocabulary = vocabulary;
        this.tokens = Lexer.tokens(text, start, vocabulary.units());
    }

    /** What a parse comes to. */
    public sealed interface Outcome {
        /** The text is an expression. */
        record Parsed(Expression expression) implements Outcome {}

        /** The text is not; the failure says where and why. */
        record Refused(Failure failure) implements Outcome {}
    }

    /**
     * Reads an expression.
     *
     * @param text the whole entry
     * @param start where the expression begins in it, behind the {@code =}
     * @param origin the cell it stands in, from which relative references count
     */
    public static Outcome parse(String text, int start, Address origin, Vocabulary vocabulary) {
        if (text.length() > MAX_LENGTH) {
            return new Outcome.Refused(SyntaxErrors.tooLong(text, MAX_LENGTH));
        }
        try {
            return new Outcome.Parsed(new Parser(text, start, origin, vocabulary).whole());
        } catch (Refusal refusal) {
            Failure failure = refusal.failure();
            return new Outcome.Refused(failure.withFixes(failure.fixes().stream()
                    .filter(fix -> canBeRead(fix.replacement(), start, origin, vocabulary))
                    .toList()));
        }
    }

    /** A fix must not lead to another error. */
    private static boolean canBeRead(String text, int start, Address origin, Vocabulary vocabulary) {
        try {
            new Parser(text, start, origin, vocabulary).whole();
            return true;
        } catch (Refusal another) {
            return false;
        }
    }

    private Expression whole() {
        Expression expression = expression();
        Token next = peek();
        if (next.type() == Token.Type.END) {
            return expression;
        }
        if (next.is(")") || next.is("}")) {
            throw new Refusal(SyntaxErrors.strayBracket(text, next));
        }
        throw new Refusal(
                next.is(",")
                        ? SyntaxErrors.strayComma(text, tokens.get(at - 1), next, tokens.get(at + 1))
                        : SyntaxErrors.unexpected(text, next));
    }

    /** Level 1: {@code to}. */
    private Expression expression() {
        Expression left = comparison();
        while (peek().isWord("to")) {
            Token to = next();
            Token unit = next();
            if (unit.type() != Token.Type.UNIT) {
                throw new Refusal(
                        unit.type() == Token.Type.WORD
                                ? SyntaxErrors.unknownUnit(text, unit, vocabulary.units())
                                : SyntaxErrors.unitExpected(to));
            }
            Conversion conversion = new Conversion(left, unit(unit), unit.text(), to.span(), unit.span());
            if (SyntaxErrors.isOperator(peek())) {
                throw new Refusal(SyntaxErrors.behindConversion(text, conversion.span(), peek()));
            }
            left = conversion;
        }
        return left;
    }

    private Unit unit(Token token) {
        return vocabulary
                .units()
                .unit(token.text())
                .orElseThrow(() -> new IllegalStateException("a unit that was read must be one, was " + token.text()));
    }

    /** A number with its unit is one value; elsewhere the unit is given to what the bracket comes to. */
    private Expression withUnit(Expression value, Token token) {
        Span span = value.span().to(token.span());
        return value instanceof Literal literal && literal.value() instanceof NumberValue number
                ? new Literal(new Quantity(number.real(), unit(token)), span.in(text), span)
                : new WithUnit(value, unit(token), token.text(), span);
    }

    /** Level 2: comparisons, which do not chain. */
    private Expression comparison() {
        Expression left = joined();
        InfixOperator operator = comparisonAt(peek());
        if (operator == null) {
            return left;
        }
        Token sign = next();
        Expression right = joined();
        if (comparisonAt(peek()) != null) {
            Token second = next();
            throw new Refusal(SyntaxErrors.chainedComparison(text, left, sign, right, second, joined()));
        }
        return new Infix(operator, left, right, sign.span());
    }

    private static @org.jspecify.annotations.Nullable InfixOperator comparisonAt(Token token) {
        return token.type() == Token.Type.SIGN ? COMPARISONS.get(token.text()) : null;
    }

    /** Level 3: {@code &}. */
    private Expression joined() {
        Expression left = sum();
        while (peek().is("&")) {
            Span sign = next().span();
            left = new Infix(InfixOperator.JOIN, left, sum(), sign);
        }
        return left;
    }

    /** Level 4: {@code +} and {@code -}. */
    private Expression sum() {
        Expression left = product();
        while (peek().is("+") || peek().is("-")) {
            Token sign = next();
            left = new Infix(sign.is("+") ? InfixOperator.PLUS : InfixOperator.MINUS, left, product(), sign.span());
        }
        return left;
    }

    /** Level 5: {@code * / mod div}. */
    private Expression product() {
        Expression left = signed();
        while (true) {
            Token sign = peek();
            InfixOperator operator;
            if (sign.is("*")) {
                operator = InfixOperator.TIMES;
            } else if (sign.is("/")) {
                operator = InfixOperator.DIVIDE;
            } else if (sign.isWord("mod")) {
                operator = InfixOperator.MOD;
            } else if (sign.isWord("div")) {
                operator = InfixOperator.DIV;
            } else {
                return left;
            }
            next();
            left = new Infix(operator, left, signed(), sign.span());
        }
    }

    /** Level 6: signs before a value, looser than a power. */
    private Expression signed() {
        List<Token> signs = new ArrayList<>();
        while (peek().is("-") || peek().is("+")) {
            signs.add(next());
        }
        Expression value = power();
        for (int i = signs.size() - 1; i >= 0; i--) {
            Token sign = signs.get(i);
            PrefixOperator operator = sign.is("-") ? PrefixOperator.MINUS : PrefixOperator.PLUS;
            value = new Prefix(operator, value, sign.span().to(value.span()));
        }
        return value;
    }

    /** Level 7: powers, from the right; the exponent may carry a sign. */
    private Expression power() {
        Expression base = postfixed();
        if (!peek().is("^")) {
            return base;
        }
        Span sign = next().span();
        return new Infix(InfixOperator.POWER, base, signed(), sign);
    }

    /** Level 8: signs behind a value. */
    private Expression postfixed() {
        Expression value = primary();
        while (true) {
            Token sign = peek();
            Span span = value.span().to(sign.span());
            if (sign.type() == Token.Type.UNIT) {
                value = withUnit(value, sign);
            } else if (sign.type() == Token.Type.SUPERSCRIPT) {
                value = new Superscript(value, exponent(sign), span);
            } else if (sign.type() == Token.Type.SIGN && POSTFIXES.containsKey(sign.text())) {
                value = new Postfix(POSTFIXES.get(sign.text()), value, span);
            } else {
                refuseSilentProduct(value, sign);
                return value;
            }
            next();
        }
    }

    private int exponent(Token raised) {
        if (raised.text().length() > 9) {
            throw new Refusal(SyntaxErrors.tooManyDigits(raised.span()));
        }
        return Integer.parseInt(raised.text());
    }

    /** Between two values there is no silent multiplication. */
    private void refuseSilentProduct(Expression left, Token next) {
        boolean operatorWord = next.isWord("mod") || next.isWord("div") || next.isWord("to");
        if (startsValue(next) && !operatorWord) {
            throw new Refusal(SyntaxErrors.noOperator(text, left, next, tokens.get(at - 1), vocabulary.units()));
        }
    }

    private static boolean startsValue(Token token) {
        return switch (token.type()) {
            case NUMBER, IMAGINARY, TEXT, WORD, QUOTED_NAME -> true;
            case SIGN -> token.is("(") || token.is("{") || token.is("√");
            case SUPERSCRIPT, UNIT, END -> false;
        };
    }

    /** Level 9: brackets, calls, references, names, literals. */
    private Expression primary() {
        Token token = peek();
        return switch (token.type()) {
            case NUMBER -> numberOrRows();
            case IMAGINARY -> imaginary(next());
            case TEXT -> new Literal(new Text(next().text()), token.span().in(text), token.span());
            case WORD -> word();
            case QUOTED_NAME -> otherGrid(next());
            case SIGN -> signOrBracket(token);
            case SUPERSCRIPT, UNIT, END -> throw valueExpected();
        };
    }

    private Expression signOrBracket(Token token) {
        if (token.is("(")) {
            return group();
        }
        if (token.is("{")) {
            return table();
        }
        if (token.is("√")) {
            next();
            Expression operand = peek().is("-") || peek().is("+") ? signed() : postfixed();
            return new Prefix(PrefixOperator.ROOT, operand, token.span().to(operand.span()));
        }
        throw valueExpected();
    }

    private Refusal valueExpected() {
        return new Refusal(SyntaxErrors.valueExpected(text, peek(), tokens.subList(0, at)));
    }

    private Expression group() {
        Token open = enter();
        Expression inner = expression();
        return new Group(inner, open.span().to(leave(open, ")")));
    }

    private Token enter() {
        Token open = next();
        if (++depth > MAX_DEPTH) {
            throw new Refusal(SyntaxErrors.tooDeep(open.span(), MAX_DEPTH));
        }
        return open;
    }

    private Span leave(Token open, String closing) {
        if (!peek().is(closing)) {
            throw new Refusal(
                    peek().type() == Token.Type.END
                            ? SyntaxErrors.openBracket(text, open)
                            : SyntaxErrors.unexpected(text, peek()));
        }
        depth--;
        return next().span();
    }

    private Expression table() {
        Token open = enter();
        List<List<Expression>> rows = new ArrayList<>();
        List<Expression> row = new ArrayList<>();
        row.add(expression());
        while (!peek().is("}")) {
            if (peek().is(";") || peek().is("|")) {
                rows.add(row);
                row = new ArrayList<>();
            } else if (!peek().is(",")) {
                break;
            }
            next();
            row.add(expression());
        }
        rows.add(row);
        Span span = open.span().to(leave(open, "}"));
        int width = rows.get(0).size();
        for (List<Expression> each : rows) {
            if (each.size() != width) {
                throw new Refusal(SyntaxErrors.unevenRows(span, width, each.size()));
            }
        }
        return new TableLiteral(rows, span);
    }

    /** A number, or whole rows as in {@code 3:3}. */
    private Expression numberOrRows() {
        Token token = next();
        if (peek().is(":") && ROW.matcher(token.text()).matches()) {
            return lines(Optional.empty(), token, token.span(), ROW, Extent.ROWS);
        }
        return new Literal(new NumberValue(number(token)), token.text(), token.span());
    }

    /** {@code 2i}; a power behind it belongs to the unit only, as it does behind others: {@code 2i^2} is −2. */
    private Expression imaginary(Token token) {
        Rational number = number(token);
        Span digits = new Span(token.span().start(), token.span().end() - 1);
        Span letter = new Span(digits.end(), token.span().end());
        if (!peek().is("^") && peek().type() != Token.Type.SUPERSCRIPT) {
            ComplexValue value = ComplexValue.of(new Complex(Rational.ZERO, number));
            return new Literal(value, token.span().in(text), token.span());
        }
        Expression unit = new Literal(ComplexValue.of(Complex.I), "1i", letter);
        Token sign = next();
        Expression power = sign.is("^")
                ? new Infix(InfixOperator.POWER, unit, signed(), sign.span())
                : new Superscript(unit, exponent(sign), letter.to(sign.span()));
        Expression product = new Infix(
                InfixOperator.TIMES,
                new Literal(new NumberValue(number), digits.in(text), digits),
                power,
                new Span(digits.end(), digits.end()));
        return new Group(product, digits.to(power.span()));
    }

    private static Rational number(Token token) {
        try {
            BigDecimal decimal = new BigDecimal(token.text());
            boolean tooLong = (long) decimal.precision() - decimal.scale() > Rational.MAX_DIGITS
                    || decimal.scale() > Rational.MAX_DIGITS;
            if (!tooLong) {
                return Rational.of(decimal);
            }
        } catch (NumberFormatException exponentOutOfRange) {
            // falls through to the same sentence
        }
        throw new Refusal(SyntaxErrors.tooManyDigits(token.span()));
    }

    private Expression word() {
        Token token = dotted(next());
        String word = token.text();
        boolean isValue =
                vocabulary.isConstant(word) || word.equalsIgnoreCase("true") || word.equalsIgnoreCase("false");
        if (peek().is("(") && isValue && tokens.get(at + 1).is(")")) {
            // As documents write constants: PI(), TRUE().
            next();
            next();
        } else if (peek().is("(")) {
            return call(token);
        }
        if (peek().is(".")) {
            return otherGrid(token);
        }
        if (word.equalsIgnoreCase("true") || word.equalsIgnoreCase("false")) {
            return new Literal(new Truth(word.equalsIgnoreCase("true")), word, token.span());
        }
        if (word.equals(Printer.GONE)) {
            return new Literal(SyntaxErrors.gone(token.span()), word, token.span());
        }
        if (word.equalsIgnoreCase("missing")) {
            return new Literal(Missing.MISSING, word, token.span());
        }
        if (vocabulary.isFunctionName(word)) {
            throw new Refusal(SyntaxErrors.bareFunction(text, token, tokens.subList(at, tokens.size())));
        }
        if (!isReference(token)) {
            if (word.indexOf('$') >= 0) {
                throw new Refusal(SyntaxErrors.unexpected(text, token));
            }
            return vocabulary.isConstant(word) ? new Constant(word, token.span()) : new Name(word, token.span());
        }
        return reference(Optional.empty(), token, token.span());
    }

    /** The names of some functions in documents hold points: {@code LEGACY.FDIST(}. */
    private Token dotted(Token first) {
        StringBuilder name = new StringBuilder(first.text());
        int ahead = at;
        while (tokens.get(ahead).is(".") && tokens.get(ahead + 1).type() == Token.Type.WORD) {
            name.append('.').append(tokens.get(ahead + 1).text());
            ahead += 2;
        }
        boolean isFunction = ahead > at
                && tokens.get(ahead).is("(")
                && vocabulary.parameters(name.toString()).isPresent();
        if (!isFunction) {
            return first;
        }
        Token last = tokens.get(ahead - 1);
        at = ahead;
        return new Token(Token.Type.WORD, name.toString(), first.span().to(last.span()));
    }

    private boolean isReference(Token token) {
        return CELL.matcher(token.text()).matches()
                || peek().is(":")
                        && (COLUMN.matcher(token.text()).matches()
                                || ROW.matcher(token.text()).matches());
    }

    private Expression otherGrid(Token grid) {
        if (!peek().is(".")) {
            throw new Refusal(SyntaxErrors.singleQuotes(text, grid));
        }
        next();
        Token token = next();
        return reference(Optional.of(grid.text()), token, grid.span());
    }

    private Expression reference(Optional<String> grid, Token token, Span start) {
        Matcher cell = CELL.matcher(token.text());
        if (!cell.matches()) {
            if (peek().is(":") && COLUMN.matcher(token.text()).matches()) {
                return lines(grid, token, start, COLUMN, Extent.COLUMNS);
            }
            if (peek().is(":") && ROW.matcher(token.text()).matches()) {
                return lines(grid, token, start, ROW, Extent.ROWS);
            }
            throw new Refusal(SyntaxErrors.openReference(text, start, token, "."));
        }
        Coordinate column = column(cell.group(1), cell.group(2));
        Coordinate row = row(cell.group(3), cell.group(4), token);
        if (!peek().is(":")) {
            return new CellReference(grid, column, row, start.to(token.span()));
        }
        next();
        Token last = next();
        Matcher corner = CELL.matcher(last.text());
        if (!corner.matches()) {
            throw new Refusal(SyntaxErrors.openReference(text, start, last, ":"));
        }
        return new RangeReference(
                grid,
                Extent.CELLS,
                column,
                row,
                column(corner.group(1), corner.group(2)),
                row(corner.group(3), corner.group(4), last),
                start.to(last.span()));
    }

    /** Whole columns or rows, from {@code first} on; the colon comes next. */
    private Expression lines(Optional<String> grid, Token first, Span start, Pattern pattern, Extent extent) {
        next();
        Token last = next();
        Matcher from = pattern.matcher(first.text());
        Matcher until = pattern.matcher(last.text());
        if (!from.matches() || !until.matches()) {
            throw new Refusal(SyntaxErrors.openReference(text, start, last, ":"));
        }
        Coordinate top = new Coordinate(0, true);
        Span span = start.to(last.span());
        return extent == Extent.COLUMNS
                ? new RangeReference(
                        grid,
                        extent,
                        column(from.group(1), from.group(2)),
                        top,
                        column(until.group(1), until.group(2)),
                        new Coordinate(Address.ROWS - 1, true),
                        span)
                : new RangeReference(
                        grid,
                        extent,
                        top,
                        row(from.group(1), from.group(2), first),
                        new Coordinate(Address.COLUMNS - 1, true),
                        row(until.group(1), until.group(2), last),
                        span);
    }

    private Coordinate column(String dollar, String letters) {
        return Coordinate.of(Address.columnOf(letters), !dollar.isEmpty(), origin.column());
    }

    private Coordinate row(String dollar, String digits, Token token) {
        int row = Integer.parseInt(digits) - 1;
        if (row >= Address.ROWS) {
            throw new Refusal(SyntaxErrors.outsideGrid(token));
        }
        return Coordinate.of(row, !dollar.isEmpty(), origin.row());
    }

    private Expression call(Token name) {
        Optional<List<String>> known = vocabulary.parameters(name.text());
        boolean mayBeOwn = NAME.matcher(name.text()).matches()
                && !CELL.matcher(name.text()).matches()
                && Turns.based(text, name.span()).isEmpty();
        if (known.isEmpty() && !mayBeOwn) {
            throw new Refusal(SyntaxErrors.unknownFunction(text, name, vocabulary.functionsLike(name.text())));
        }
        List<String> parameters = known.orElse(List.of());
        Token open = enter();
        List<Argument> arguments = new ArrayList<>();
        if (!peek().is(")")) {
            arguments.add(argument(parameters));
            while (peek().is(",") || peek().is(";")) {
                next();
                if (Supposing.is(name.text())) {
                    supposed(arguments, Supposing.isSeparated(name.text()));
                } else {
                    arguments.add(argument(parameters));
                }
            }
        }
        Span span = name.span().to(leave(open, ")"));
        if (known.isEmpty()) {
            return new Application(new Name(name.text(), name.span()), arguments, span);
        }
        if (Supposing.is(name.text())) {
            besideUnits(arguments);
        }
        List<Argument> bound = vocabulary
                .binding(name.text())
                .map(binding -> binding.applied(arguments, parameters))
                .orElse(arguments);
        return new Call(name.text(), bound, name.span(), span);
    }

    /** In {@code with(3 m/s*t, t: 2 s)} the t is what is supposed, and no tonne. */
    private static void besideUnits(List<Argument> arguments) {
        for (int i = 1; i < arguments.size(); i += 2) {
            if (arguments.get(i).value().orElse(null) instanceof Name word) {
                arguments.set(
                        0,
                        new Argument(
                                arguments.get(0).name(),
                                arguments.get(0).value().map(each -> Binding.amongUnits(each, word))));
            }
        }
    }

    /** A name or cell, and the value that is put for it. */
    private void supposed(List<Argument> arguments, boolean maySeparate) {
        Token first = peek();
        Expression what = first.type() == Token.Type.WORD && tokens.get(at + 1).is(":") && isCorner(first)
                ? oneCell(next())
                : primary();
        arguments.add(new Argument(Optional.empty(), Optional.of(what)));
        boolean isThere = peek().is(":") || maySeparate && (peek().is(",") || peek().is(";"));
        if (!isThere) {
            throw new Refusal(SyntaxErrors.supposedWithoutValue(what.span().in(text), first.span(), peek()));
        }
        next();
        arguments.add(new Argument(Optional.empty(), Optional.of(expression())));
    }

    /** A word before a colon that is no range here. */
    private Expression oneCell(Token word) {
        Matcher cell = CELL.matcher(word.text());
        return cell.matches()
                ? new CellReference(
                        Optional.empty(),
                        column(cell.group(1), cell.group(2)),
                        row(cell.group(3), cell.group(4), word),
                        word.span())
                : new Name(word.text(), word.span());
    }

    private Argument argument(List<String> parameters) {
        if (peek().is(",") || peek().is(";") || peek().is(")")) {
            return new Argument(Optional.empty(), Optional.empty());
        }
        if (isArgumentName(parameters)) {
            String name = next().text();
            next();
            return new Argument(Optional.of(name), Optional.of(isSide(name) ? side(next()) : expression()));
        }
        return new Argument(Optional.empty(), Optional.of(expression()));
    }

    /** {@code side: right} of a limit, where {@code right} is no function. */
    private boolean isSide(String name) {
        return name.equalsIgnoreCase("side")
                && peek().type() == Token.Type.WORD
                && vocabulary.isFunctionName(peek().text())
                && !tokens.get(at + 1).is("(");
    }

    private static Expression side(Token word) {
        return new Literal(new Text(word.text()), word.text(), word.span());
    }

    /** A word before a colon names an argument, unless the two sides are cells or columns and no parameter is called so. */
    private boolean isArgumentName(List<String> parameters) {
        Token word = peek();
        if (word.type() != Token.Type.WORD || !tokens.get(at + 1).is(":")) {
            return false;
        }
        boolean isParameter = parameters.stream().anyMatch(word.text()::equalsIgnoreCase);
        return isParameter || !(isCorner(word) && isCorner(tokens.get(at + 2)));
    }

    private static boolean isCorner(Token token) {
        return CELL.matcher(token.text()).matches()
                || COLUMN.matcher(token.text()).matches();
    }

    private Token peek() {
        return tokens.get(at);
    }

    private Token next() {
        Token token = tokens.get(at);
        if (token.type() != Token.Type.END) {
            at++;
        }
        return token;
    }
}
