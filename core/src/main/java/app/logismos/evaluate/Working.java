package app.logismos.evaluate;

import app.logismos.algebra.Form;
import app.logismos.catalogue.Catalogue;
import app.logismos.display.Display;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Application;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.CellReference;
import app.logismos.formula.Expression.Constant;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Name;
import app.logismos.formula.Expression.Postfix;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.Expression.RangeReference;
import app.logismos.formula.Expression.Superscript;
import app.logismos.formula.Expression.TableLiteral;
import app.logismos.formula.Expression.Variable;
import app.logismos.formula.Expression.WithUnit;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.Printer;
import app.logismos.formula.Rewriting;
import app.logismos.formula.Supposing;
import app.logismos.formula.Walk;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.number.Plain;
import app.logismos.number.Powers;
import app.logismos.number.Rational;
import app.logismos.number.RootSum;
import app.logismos.value.Algebraic;
import app.logismos.value.ComplexValue;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.OwnFunction;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The steps from an expression to its value, as a student would write them (language, section 9).
 *
 * <p>The tree is reduced one operation at a time: of the parts whose operands are values the one in the deepest brackets
 * comes first, then the one that binds tightest, then the leftmost. Each step has the whole tree before and after it.
 */
public final class Working {
    /** Of a long expression so few steps are listed that all their texts together stay below this. */
    private static final int MOST_CHARACTERS = 60_000;

    /** A longer number is shown by its first and last digits. */
    private static final int MOST_DIGITS = 400;

    private static final int SHORT_DIGITS = 10;

    /** Beyond so many bits above or below the line a decimal is easier to go on with than a fraction. */
    private static final int SHORT_BITS = 10;

    /** The factors of a longer product are not written out. */
    private static final Rational MOST_FACTORS = Rational.of(12);

    /** Of a sum of so many numbers or more the first few are added at once. */
    private static final int LONG_SUM = 8;

    private static final int ADDED_AT_ONCE = 5;

    private final Evaluator evaluator;
    private final List<Step> steps = new ArrayList<>();
    private final Set<Expression> meantThemselves = Collections.newSetFromMap(new IdentityHashMap<>());
    private final Expression whole;
    private final Value value;

    /** What parts are worth, kept for when the expression is worked once more in fractions. */
    private final Map<Expression, Value> known;

    /** Whether results are written as fractions, also those that end as decimals. */
    private final boolean inFractions;

    private Expression current;
    private int characters;
    private boolean isOfFractions;
    private boolean hasUnending;
    private boolean hasEnding;
    private boolean hasLongFraction;

    private Working(
            Expression expression,
            Value value,
            Evaluator evaluator,
            Map<Expression, Value> known,
            boolean inFractions) {
        this.known = known;
        this.inFractions = inFractions;
        this.whole = expression;
        this.value = value;
        this.current = expression;
        this.evaluator = evaluator;
    }

    /**
     * The steps; none where the expression is a value already. A failing step is the last.
     *
     * @param inFractions whether the working goes on in fractions: it does where a result is one that no decimal ends, so
     *     that a half is not 0.5 beside a third, and where several fractions of whole numbers were typed
     */
    record Worked(List<Step> steps, boolean inFractions) {}

    /**
     * Works an expression.
     *
     * @param value what the expression is worth, which need not be worked out twice
     */
    static Worked of(Expression expression, Value value, Evaluator evaluator) {
        Map<Expression, Value> known = new IdentityHashMap<>();
        Working inDecimals = worked(expression, value, evaluator, known, false);
        boolean mixes = inDecimals.hasUnending && !inDecimals.hasLongFraction;
        boolean isOfFractions = inDecimals.isOfFractions && !inDecimals.hasLongFraction;
        return mixes && inDecimals.hasEnding || isOfFractions
                ? new Worked(List.copyOf(worked(expression, value, evaluator, known, true).steps), true)
                : new Worked(List.copyOf(inDecimals.steps), mixes);
    }

    private static Working worked(
            Expression expression,
            Value value,
            Evaluator evaluator,
            Map<Expression, Value> known,
            boolean inFractions) {
        Working working = new Working(expression, value, evaluator, known, inFractions);
        if (working.putValuesIn()) {
            working.isOfFractions = isOfFractions(working.current);
            working.reduce();
        }
        return working;
    }

    /**
     * False where the expression fails for want of a value to put in: then there is nothing to work. What has no value
     * but is not needed, as behind a condition, stays as it is.
     */
    private boolean putValuesIn() {
        List<Expression> references = new ArrayList<>();
        boolean[] isWanting = {false};
        Walk.visit(current, node -> {
            if (node instanceof Call call) {
                noteMeantThemselves(call);
            }
        });
        Walk.visit(current, node -> {
            if (node instanceof Application application) {
                meantThemselves.add(application.function());
            }
            if (isReference(node) && !meantThemselves.contains(node)) {
                if (evaluator.value(node) instanceof Failure) {
                    isWanting[0] = true;
                } else {
                    references.add(node);
                }
            }
        });
        if (isWanting[0] && value instanceof Failure) {
            return false;
        }
        if (isWanting[0]) {
            current = current.accept(new Rewriting((node, parent) -> letterFor(node)));
        }
        if (references.isEmpty()) {
            return true;
        }
        Expression filled = current.accept(new Rewriting(this::valueOfReference));
        boolean isOne = references.size() == 1;
        Expression marked = isOne ? references.get(0) : current;
        add(marked, Rule.VALUES_PUT_IN, "", isOne ? shortest(evaluator.value(marked), marked.span()) : filled, filled);
        return true;
    }

    /** A word that names nothing and is yet no error stands for any number, or is not needed. */
    private @Nullable Expression letterFor(Expression node) {
        return node instanceof Name name && !meantThemselves.contains(node) && evaluator.value(node) instanceof Failure
                ? new Variable(name.name(), name.span())
                : null;
    }

    private @Nullable Expression valueOfReference(Expression node, Optional<Expression> parent) {
        if (!isReference(node) || meantThemselves.contains(node)) {
            return null;
        }
        Value put = evaluator.value(node);
        hasUnending |= exact(put).filter(Working::isUnending).isPresent();
        return put instanceof Failure ? null : written(shortest(put, node.span()), parent, node);
    }

    /** References whose place is asked for stay: their value is of no use. */
    private void noteMeantThemselves(Call call) {
        if (Supposing.is(call.function())) {
            for (int i = 0; i < call.arguments().size(); i++) {
                if (!Supposing.isValue(i)) {
                    call.arguments().get(i).value().ifPresent(each -> Walk.visit(each, meantThemselves::add));
                }
            }
        }
        Function function = Catalogue.STANDARD.function(call.function()).orElseThrow();
        function.binding()
                .filter(binding -> new CallEvaluation(evaluator, function, call).bindsCells())
                .ifPresent(any -> call.arguments()
                        .forEach(argument ->
                                argument.value().ifPresent(each -> Walk.visit(each, meantThemselves::add))));
        for (int i = 0;
                i < Math.min(call.arguments().size(), function.parameters().size());
                i++) {
            if (function.parameters().get(i).accepts() == Parameter.Accepts.REFERENCE) {
                call.arguments().get(i).value().ifPresent(meantThemselves::add);
            }
        }
    }

    private static boolean isReference(Expression node) {
        return node instanceof CellReference || node instanceof RangeReference || node instanceof Name;
    }

    private void reduce() {
        while (true) {
            Optional<Candidate> next = Candidate.next(current);
            if (next.isEmpty()) {
                settle();
                return;
            }
            if (steps.size() >= evaluator.limits().steps() || characters > MOST_CHARACTERS) {
                Literal rest = literal(evaluator.value(current), current.span());
                add(current, Rule.THE_REST, "", rest, rest);
                return;
            }
            if (!work(next.get())) {
                return;
            }
        }
    }

    /** What is left is the value: in brackets perhaps, or as a decimal, and written here as values are. */
    private void settle() {
        Literal shown = literal(value, current.span());
        if (steps.isEmpty() && current instanceof Group) {
            add(current, Rule.BRACKETS_FIRST, "", shown, shown);
        } else if (!steps.isEmpty()) {
            Step last = steps.remove(steps.size() - 1);
            steps.add(last.leadingTo(shown));
        }
    }

    /** Works one part; false where it fails, which ends the working. */
    private boolean work(Candidate part) {
        Optional<Expression> terms = firstTerms(part.node());
        return terms.isPresent() ? work(terms.get(), Rule.LEFT_TO_RIGHT) : work(part.node(), part.rule());
    }

    /** Of a long sum that begins here the first terms, which are added at once. */
    private Optional<Expression> firstTerms(Expression first) {
        Map<Expression, Expression> sumOf = new IdentityHashMap<>();
        Walk.visit(current, node -> {
            if (node instanceof Infix infix && isSum(infix) && isValue(infix.right())) {
                sumOf.put(infix.left(), infix);
            }
        });
        List<Expression> sums = new ArrayList<>();
        Expression next = first instanceof Infix infix && isSum(infix) ? first : null;
        while (next != null) {
            sums.add(next);
            next = sumOf.get(next);
        }
        return sums.size() + 1 >= LONG_SUM
                        && sums.stream().limit(ADDED_AT_ONCE - 1).allMatch(this::isPlainSum)
                ? Optional.of(sums.get(ADDED_AT_ONCE - 2))
                : Optional.empty();
    }

    /** Whether neither a common denominator nor a unit has to be found before it is added. */
    private boolean isPlainSum(Expression sum) {
        return sum instanceof Infix infix
                && Stream.of(infix.left(), infix.right())
                        .map(evaluator::value)
                        .allMatch(value -> value instanceof NumberValue
                                && exact(value).filter(this::isFraction).isEmpty());
    }

    private static boolean isSum(Infix infix) {
        return infix.operator() == InfixOperator.PLUS || infix.operator() == InfixOperator.MINUS;
    }

    private boolean work(Expression node, Rule rule) {
        Optional<CallEvaluation> call = callOf(node);
        Optional<CallEvaluation.Choice> choice = call.flatMap(CallEvaluation::choice);
        if (choice.isPresent()) {
            Expression chosen = choice.get().argument();
            Expression after = isValue(chosen)
                    ? valuePutFor(node, evaluator.value(chosen))
                    : replaced(node, new Group(chosen, node.span()));
            add(node, Rule.CONDITION, choice.get().reason(), chosen, after);
            return true;
        }
        Optional<Expression> own = ruleOf(unbracketed(node));
        if (own.isPresent()) {
            Expression after = node == current ? own.get() : replaced(node, new Group(own.get(), node.span()));
            add(node, Rule.OWN_RULE, "", own.get(), after);
            return true;
        }
        Optional<Expression> terms = call.flatMap(CallEvaluation::writtenOut);
        if (terms.isPresent()) {
            Expression after = node == current ? terms.get() : replaced(node, new Group(terms.get(), node.span()));
            add(node, Rule.WRITTEN_OUT, "", terms.get(), after);
            return true;
        }
        Optional<Expression> ruled =
                call.filter(CallEvaluation::isOfAlgebra).flatMap(each -> withRules(unbracketed(node)));
        if (ruled.isPresent()) {
            Expression after = valueless(node, ruled.get());
            add(node, Rule.OWN_RULE, "", ruled.get(), after);
            return true;
        }
        Optional<Expression> inCells = call.flatMap(CallEvaluation::inItsCells);
        if (inCells.isPresent()) {
            add(node, Rule.VALUES_PUT_IN, "", inCells.get(), valueless(node, inCells.get()));
            return true;
        }
        Value value = node == whole ? this.value : known.computeIfAbsent(node, evaluator::value);
        List<Line> lines = value instanceof Failure
                ? List.of()
                : call.map(CallEvaluation::lines).orElse(List.of());
        if (!lines.isEmpty()) {
            climb(node, lines, value);
            return true;
        }
        if (!isArgument(node)) {
            noteForm(value);
        }
        Optional<String> note = value instanceof Failure ? Optional.empty() : note(call, unbracketed(node));
        Expression after = valuePutFor(node, value);
        boolean visible = !print(current).equals(print(after)) || after instanceof Literal && steps.isEmpty();
        if (visible || value instanceof Failure) {
            Literal shown = node == current ? literal(value, node.span()) : result(value, node.span());
            add(node, rule, note.orElse(""), shown, after);
        }
        current = after;
        return !(value instanceof Failure);
    }

    private Expression valueless(Expression node, Expression instead) {
        return node == current ? instead : replaced(node, new Group(instead, node.span()));
    }

    /** A call with the rules of functions of one's own in it, their arguments as they stand; nothing where it has none. */
    private Optional<Expression> withRules(Expression call) {
        boolean[] isRuled = {false};
        Expression ruled = call.accept(new Rewriting((node, parent) -> {
            if (!(node instanceof Application application)) {
                return null;
            }
            try {
                OwnCall own = OwnCall.of(application, evaluator);
                isRuled[0] = true;
                return ruleWith(own, parent, node);
            } catch (OwnCall.Unsound unsound) {
                return null;
            }
        }));
        return isRuled[0] ? Optional.of(ruled) : Optional.empty();
    }

    private Expression ruleWith(OwnCall call, Optional<Expression> outer, Expression node) {
        Closure function = call.function();
        Expression rule = function.typedRule().accept(new Rewriting((part, parent) -> {
            if (part instanceof Variable variable) {
                return IntStream.range(0, call.arguments().size())
                        .filter(i -> variable.is(function.parameters().get(i).name()))
                        .mapToObj(i -> call.arguments().get(i))
                        .map(argument -> argument instanceof Variable || parent.isEmpty()
                                ? argument
                                : (Expression) new Group(argument, argument.span()))
                        .findFirst()
                        .orElse(null);
            }
            return function.known(part)
                    .map(known -> known instanceof OwnFunction
                            ? new Literal(known, part instanceof Name name ? name.name() : "", part.span())
                            : written(shortest(known, part.span()), parent, part))
                    .orElse(null);
        }));
        boolean isAlone = outer.isEmpty() || outer.get() instanceof Call || outer.get() instanceof Group;
        return isAlone ? rule : new Group(rule, node.span());
    }

    /** The rule of a function of one's own with the values of its arguments, where each is a single one. */
    private Optional<Expression> ruleOf(Expression node) {
        if (!(node instanceof Application application)) {
            return Optional.empty();
        }
        OwnCall call;
        try {
            call = OwnCall.of(application, evaluator);
        } catch (OwnCall.Unsound unsound) {
            return Optional.empty();
        }
        Closure function = call.function();
        List<Value> arguments = call.arguments().stream().map(evaluator::value).toList();
        if (arguments.stream().anyMatch(value -> value instanceof Table || value instanceof Failure)) {
            return Optional.empty();
        }
        return Optional.of(function.typedRule().accept(new Rewriting((part, parent) -> {
            Optional<Value> value = part instanceof Variable variable
                    ? IntStream.range(0, arguments.size())
                            .filter(i ->
                                    variable.is(function.parameters().get(i).name()))
                            .mapToObj(arguments::get)
                            .findFirst()
                    : function.known(part).filter(known -> !(known instanceof OwnFunction));
            return value.map(put -> written(shortest(put, part.span()), parent, part))
                    .or(() -> function.known(part)
                            .map(own -> new Literal(own, part instanceof Name name ? name.name() : "", part.span())))
                    .orElse(null);
        })));
    }

    /** The rules one after the other; the last one leads to the value. */
    private void climb(Expression call, List<Line> lines, Value value) {
        Expression place = call;
        Expression part = call;
        for (Line line : lines) {
            boolean isLast = line == lines.get(lines.size() - 1);
            Expression next = isLast
                    ? literal(value, call.span())
                    : place == current ? line.after() : new Group(line.after(), call.span());
            Expression after = isLast ? valuePutFor(place, value) : replaced(place, next);
            add(part, line.rule(), line.note(), line.worth(), after);
            place = next;
            part = line.next();
        }
    }

    /** The calculation behind a call, and the factors that units were converted with. */
    private Optional<String> note(Optional<CallEvaluation> call, Expression node) {
        return Stream.of(
                        call.flatMap(CallEvaluation::working),
                        signBehind(node),
                        node instanceof Infix infix
                                ? FractionNotes.of(infix, evaluator, this::isFraction)
                                : Optional.<String>empty(),
                        node instanceof Infix infix ? ConjugateNotes.of(infix, evaluator) : Optional.<String>empty(),
                        UnitNotes.of(node, evaluator))
                .flatMap(Optional::stream)
                .reduce((working, factors) -> working + "; " + factors);
    }

    /** 20/100, and 1 × 2 × 3, or every second one, of a small number. */
    private Optional<String> signBehind(Expression node) {
        if (!(node instanceof Postfix postfix) || !(evaluator.value(postfix.operand()) instanceof NumberValue number)) {
            return Optional.empty();
        }
        boolean isSmall =
                number.real().compareTo(Rational.of(2)) >= 0 && number.real().compareTo(MOST_FACTORS) <= 0;
        int n = isSmall ? (int) number.real().toDouble() : 0;
        return switch (postfix.operator()) {
            case FACTORIAL -> isSmall ? Optional.of(product(1, n, 1)) : Optional.empty();
            case DOUBLE_FACTORIAL -> isSmall ? Optional.of(product(n % 2 == 0 ? 2 : 1, n, 2)) : Optional.empty();
            case PERCENT -> Optional.of(shortest(number, node.span()).source() + "/100");
            case DEGREE -> Optional.empty();
        };
    }

    private static String product(int from, int to, int step) {
        return IntStream.iterate(from, i -> i <= to, i -> i + step)
                .mapToObj(String::valueOf)
                .collect(Collectors.joining(" × "));
    }

    private Optional<CallEvaluation> callOf(Expression node) {
        return unbracketed(node) instanceof Call call
                ? Catalogue.STANDARD.function(call.function()).map(f -> new CallEvaluation(evaluator, f, call))
                : Optional.empty();
    }

    private static Expression unbracketed(Expression node) {
        return node instanceof Group group ? unbracketed(group.inner()) : node;
    }

    private Expression replaced(Expression node, Expression by) {
        return current.accept(new Rewriting((each, parent) -> each == node ? by : null));
    }

    private Expression valuePutFor(Expression node, Value value) {
        return current.accept(new Rewriting((each, parent) -> each != node
                ? null
                : written(
                        parent.isPresent() ? result(value, node.span()) : literal(value, node.span()), parent, node)));
    }

    private void add(Expression node, Rule rule, String note, Expression worth, Expression after) {
        boolean isComplex = worth instanceof Literal value && value.value() instanceof ComplexValue;
        if (isComplex && print(current).equals(print(after))) {
            current = after; // the imaginary unit, put in for its name
            return;
        }
        characters += print(current).length();
        steps.add(new Step(current, node, rule, note, worth, after));
        current = after;
    }

    private String print(Expression expression) {
        return Printer.text(expression, evaluator.origin());
    }

    /** A value in the place of {@code node}, in brackets where it would read wrongly without. */
    private static Expression written(Literal literal, Optional<Expression> parent, Expression node) {
        return parent.isPresent() && needsBrackets(literal, parent.get(), node)
                ? new Group(literal, node.span())
                : literal;
    }

    static Literal literal(Value value, Span span) {
        return new Literal(value, text(value), span);
    }

    private static String text(Value value) {
        if (value instanceof Table table && (long) table.rows() * table.columns() > MOST_DIGITS) {
            return Display.AUTOMATIC.text(value);
        }
        return TypedText.of(value, MOST_DIGITS);
    }

    /** What a step comes to, in the form of this working. */
    private Literal result(Value value, Span span) {
        return inFractions ? literal(value, span) : shortest(value, span);
    }

    /** Inside an expression a fraction that ends as a decimal is easier to go on with as one: 5 + 2.5, not 5 + 5/2. */
    private static Literal shortest(Value value, Span span) {
        return TypedText.decimal(value, SHORT_DIGITS)
                .map(decimal -> new Literal(value, decimal, span))
                .orElseGet(() -> literal(value, span));
    }

    /** What a function takes need not be what it gives: {@code round(2/3, 2)} ends. */
    private boolean isArgument(Expression node) {
        boolean[] found = {false};
        Walk.visit(
                current,
                each -> found[0] |= each instanceof Call call
                        && call.arguments().stream()
                                .anyMatch(argument -> argument.value().orElse(null) == node));
        return found[0];
    }

    private void noteForm(Value value) {
        exact(value).filter(fraction -> !fraction.isInteger()).ifPresent(fraction -> {
            hasUnending |= isUnending(fraction);
            hasEnding |= !isUnending(fraction);
            int bits = Math.max(
                    fraction.numerator().bitLength(), fraction.denominator().bitLength());
            hasLongFraction |= bits > SHORT_BITS;
        });
    }

    /** Whether two fractions of whole numbers or more are added, multiplied or divided in it, and no decimal stands there. */
    private static boolean isOfFractions(Expression expression) {
        int[] fractions = {0};
        boolean[] hasDecimal = {false};
        Walk.visit(expression, node -> {
            hasDecimal[0] |= node instanceof Literal literal
                    && exact(literal.value())
                            .filter(number -> !number.isInteger())
                            .isPresent();
            if (node instanceof Infix infix) {
                fractions[0] += isFraction(infix.left()) ? 1 : 0;
                fractions[0] += isFraction(infix.right()) ? 1 : 0;
            }
        });
        return fractions[0] > 1 && !hasDecimal[0];
    }

    private static boolean isFraction(Expression node) {
        return unbracketed(node) instanceof Infix infix
                && infix.operator() == InfixOperator.DIVIDE
                && infix.left() instanceof Literal above
                && infix.right() instanceof Literal below
                && exact(above.value()).filter(Rational::isInteger).isPresent()
                && exact(below.value()).filter(Rational::isInteger).isPresent();
    }

    private static Optional<Rational> exact(Value value) {
        Value number = value instanceof Quantity quantity ? new NumberValue(quantity.number()) : value;
        return number instanceof NumberValue plain && plain.real() instanceof Rational rational
                ? Optional.of(rational)
                : Optional.empty();
    }

    private static boolean isUnending(Rational number) {
        return Plain.decimal(number, SHORT_DIGITS).isEmpty();
    }

    private boolean isFraction(Rational number) {
        return !number.isInteger() && (inFractions || isUnending(number));
    }

    private static boolean needsBrackets(Literal literal, Expression parent, Expression node) {
        if (literal.value() instanceof Quantity) {
            return quantityNeedsBrackets(literal, parent, node);
        }
        if (literal.value() instanceof ComplexValue complex) {
            return expressionNeedsBrackets(Form.number(complex.number()), parent, node);
        }
        if (literal.value() instanceof Algebraic expression) {
            return expressionNeedsBrackets(expression.form(), parent, node);
        }
        if (!(literal.value() instanceof NumberValue number)) {
            return false;
        }
        if (number.real() instanceof RootSum) {
            return expressionNeedsBrackets(Form.number(number.real()), parent, node);
        }
        String text = literal.source();
        boolean isNegative = number.real().signum() < 0;
        boolean isCompound = text.indexOf('/') >= 0 || text.indexOf('π') >= 0 && text.length() > 1;
        if (parent instanceof Infix infix) {
            boolean isRight = infix.right() == node;
            boolean tight = infix.operator().level() >= InfixOperator.TIMES.level();
            boolean isPower = infix.operator() == InfixOperator.POWER;
            // Brackets that stand there already stay: taking them off is no step.
            boolean clashes = isPower || tight && (isRight || node instanceof Group);
            return isNegative && (isRight || isPower) || isCompound && clashes;
        }
        // The unit behind a fraction would go to the number below the line.
        if (parent instanceof WithUnit) {
            return isCompound;
        }
        boolean binds = parent instanceof Prefix || parent instanceof Postfix || parent instanceof Superscript;
        return binds && (isNegative || isCompound);
    }

    /** A sum beside × or ÷, a product below a line, all but letters and functions beside a power; and a second sign. */
    private static boolean expressionNeedsBrackets(Form form, Expression parent, Expression node) {
        boolean isSum = form instanceof Form.Sum;
        boolean isNegative = form.text().startsWith("-");
        boolean isOne = form instanceof Form.Letter || form instanceof Form.Applied;
        if (parent instanceof Infix infix) {
            boolean isRight = infix.right() == node;
            return switch (infix.operator()) {
                case PLUS -> isRight && isNegative;
                case MINUS -> isRight && (isSum || isNegative);
                case TIMES -> isSum || isRight && (isNegative || form.text().indexOf('/') >= 0);
                case DIVIDE -> isSum || isRight && !isOne;
                case MOD, DIV, POWER, JOIN, EQUAL, UNEQUAL, LESS, AT_MOST, GREATER, AT_LEAST -> !isOne;
            };
        }
        if (parent instanceof Prefix) {
            return isSum || isNegative;
        }
        return !isOne && !(parent instanceof Call || parent instanceof Group);
    }

    /** A power or a sign behind it would take the unit alone. */
    private static boolean quantityNeedsBrackets(Literal literal, Expression parent, Expression node) {
        boolean isNegative = literal.source().startsWith("-");
        if (parent instanceof Infix infix) {
            return infix.operator() == InfixOperator.POWER || isNegative && infix.right() == node;
        }
        return parent instanceof Prefix || parent instanceof Postfix || parent instanceof Superscript;
    }

    /** Whether nothing is left to do at this node: a value, a constant, a number with its sign, or one of these in brackets. */
    static boolean isValue(Expression node) {
        if (node instanceof Literal || node instanceof Constant) {
            return true;
        }
        if (node instanceof TableLiteral table) {
            return table.rows().stream().flatMap(List::stream).allMatch(Working::isValue);
        }
        if (node instanceof Group group) {
            return isValue(group.inner());
        }
        return isNegative(node) || isRoot(node) || isInTwoTerms(node);
    }

    private static boolean isNegative(Expression node) {
        return node instanceof Prefix prefix
                && prefix.operator() == PrefixOperator.MINUS
                && prefix.operand() instanceof Literal literal
                && literal.value() instanceof NumberValue number
                && number.real().signum() > 0;
    }

    /** A root that nothing can be taken out of: √5. */
    private static boolean isRoot(Expression node) {
        return node instanceof Prefix prefix
                && prefix.operator() == PrefixOperator.ROOT
                && prefix.operand() instanceof Literal literal
                && literal.value() instanceof NumberValue number
                && number.real().isWhole()
                && Powers.sqrt(number.real()) instanceof RootSum root
                && root.terms().get(0).times().equals(Rational.ONE);
    }

    /** {@code 3+4i} and {@code 1+√5} are as short as they can be: taking them together is no step. */
    private static boolean isInTwoTerms(Expression node) {
        return node instanceof Infix infix
                && isSum(infix)
                && (isNegative(infix.left()) || isPlain(infix.left()))
                && (isRoot(infix.right()) || isImaginary(infix.right()));
    }

    private static boolean isPlain(Expression node) {
        return node instanceof Literal literal
                && literal.value() instanceof NumberValue number
                && number.real() instanceof Rational plain
                && plain.signum() != 0;
    }

    private static boolean isImaginary(Expression node) {
        return node instanceof Literal literal
                && literal.value() instanceof ComplexValue complex
                && complex.isPlain()
                && complex.number().re().signum() == 0
                && complex.number().im().signum() > 0;
    }

    /** Whether the arguments that must be values before this call can be worked are values. */
    static boolean isReady(Expression node) {
        if (node instanceof Application application) {
            return application.arguments().stream()
                    .allMatch(argument -> argument.value().map(Working::isValue).orElse(true));
        }
        if (!(node instanceof Call call)) {
            return Walk.children(node).stream().allMatch(Working::isValue);
        }
        Function function = Catalogue.STANDARD.function(call.function()).orElseThrow();
        for (int i = 0; i < call.arguments().size(); i++) {
            if (!isUnworked(function, call, i)
                    && !call.arguments().get(i).value().map(Working::isValue).orElse(true)) {
                return false;
            }
        }
        return true;
    }

    /** Whether an argument stays as it is until its call is worked: for the function's sake, or for a letter in it. */
    static boolean isUnworked(Function function, Call call, int index) {
        return isLazy(function, index)
                || function.binding().isPresent()
                        && call.arguments()
                                .get(index)
                                .value()
                                .filter(Working::hasLetter)
                                .isPresent();
    }

    private static boolean hasLetter(Expression expression) {
        boolean[] found = {false};
        Walk.visit(expression, node -> found[0] |= node instanceof Variable);
        return found[0];
    }

    /** Whether the argument at this place is looked at only when the function asks for it. */
    private static boolean isLazy(Function function, int index) {
        List<Parameter> parameters = function.parameters();
        if (parameters.isEmpty()) {
            return false;
        }
        return !parameters.get(Math.min(index, parameters.size() - 1)).accepts().isWorkedOutFirst();
    }
}
