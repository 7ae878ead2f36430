package app.logismos.function;

import app.logismos.algebra.RewritingStep;
import app.logismos.formula.Binding;
import app.logismos.formula.InfixOperator;
import app.logismos.number.Complex;
import app.logismos.number.Rational;
import app.logismos.number.Real;
import app.logismos.number.Result;
import app.logismos.number.Undefined;
import app.logismos.unit.Unit;
import app.logismos.value.Blank;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.exception.MathRuntimeException;

/** A function of the language: everything about it in one declaration. Made with {@link #function}. */
public final class Function {
    private final String name;
    private final Category category;
    private List<String> synonyms = List.of();
    private List<Parameter> parameters = List.of();
    private List<Integer> positions = List.of();
    private List<Example> examples = List.of();
    private List<Example> refusals = List.of();
    private List<String> related = List.of();
    private List<UnitRule> unitRules = List.of();
    private Optional<java.util.function.Function<Arguments, UnitRule>> ruleBy = Optional.empty();
    private String says = "";
    private String source = "";
    private java.util.function.Function<Arguments, Value> code = given -> Blank.BLANK;
    private Optional<java.util.function.Function<Arguments, Value>> complexCode = Optional.empty();
    private boolean seesHiddenRows;
    private boolean seesEntries;
    private Optional<java.util.function.Function<Arguments, String>> working = Optional.empty();
    private Optional<java.util.function.Function<Arguments, Choice>> choice = Optional.empty();
    private Optional<java.util.function.Function<Arguments, References.Cells>> meant = Optional.empty();
    private Optional<java.util.function.Function<Arguments, WrittenOut>> writtenOut = Optional.empty();
    private java.util.function.Function<Arguments, List<RewritingStep>> steps = given -> List.of();
    private Map<String, String> derivatives = Map.of();

    private Function(String name, Category category) {
        this.name = name;
        this.category = category;
    }

    /** Begins a declaration; {@link #computes} or {@link #answers} ends it. */
    public static Function function(String name, Category category) {
        return new Function(name, category);
    }

    public Function alsoRead(String... others) {
        synonyms = with(synonyms, List.of(others));
        return this;
    }

    /** One sentence for the guide. */
    public Function says(String sentence) {
        says = sentence;
        return this;
    }

    public Function argument(String parameter, Parameter.Accepts accepts, String describes) {
        return takes(new Parameter(parameter, accepts, describes, Optional.empty(), false));
    }

    public Function optional(String parameter, Parameter.Accepts accepts, Value fallback, String describes) {
        return takes(new Parameter(parameter, accepts, describes, Optional.of(fallback), false));
    }

    public Function repeated(String parameter, Parameter.Accepts accepts, String describes) {
        return takes(new Parameter(parameter, accepts, describes, Optional.empty(), true));
    }

    /** Like {@link #repeated}, and there may be none. */
    public Function repeatedIfAny(String parameter, Parameter.Accepts accepts, String describes) {
        return takes(new Parameter(parameter, accepts, describes, Optional.of(Blank.BLANK), true));
    }

    public Function example(String expression, String value) {
        examples = with(examples, List.of(new Example(expression, value)));
        return this;
    }

    /** A call that fails, with the code of its error. */
    public Function refuses(String expression, ErrorCode error) {
        refusals = with(refusals, List.of(new Example(expression, error.code())));
        return this;
    }

    public Function related(String... others) {
        related = with(related, List.of(others));
        return this;
    }

    /** Paper, standard or section that the method comes from. */
    public Function from(String where) {
        source = where;
        return this;
    }

    /** The value is another when rows are hidden or shown. */
    public Function seesHiddenRows() {
        seesHiddenRows = true;
        return this;
    }

    /** The value is another when other entries are typed, or grids come, go or change places. */
    public Function seesEntries() {
        seesEntries = true;
        return this;
    }

    /** The calculation behind the shortcut, for the working: {@code 15! / (7! × 8!)}. */
    public Function works(java.util.function.Function<Arguments, String> shown) {
        working = Optional.of(shown);
        return this;
    }

    /** The same, with the parameters in braces: see {@link WorkingPattern}. */
    public Function works(String pattern) {
        return works(given -> WorkingPattern.filled(pattern, given));
    }

    /** The steps that lead to the answer, for the working; the last one's is the answer itself. */
    public Function leads(java.util.function.Function<Arguments, List<RewritingStep>> shown) {
        steps = shown;
        return this;
    }

    /**
     * The terms that a call with a bound variable is short for, for the working; one without places is not written out.
     *
     * @param places the values of the variable
     */
    public Function writesOut(InfixOperator between, java.util.function.Function<Arguments, List<Value>> places) {
        writtenOut = Optional.of(given -> new WrittenOut(between, places.apply(given)));
        return this;
    }

    /**
     * A call written out.
     *
     * @param between what stands between the terms
     * @param places the value of the variable in each term
     */
    public record WrittenOut(InfixOperator between, List<Value> places) {
        public WrittenOut {
            places = List.copyOf(places);
        }
    }

    /**
     * The derivative by a parameter, as an expression of the parameters: {@code cos(x)}. Angles are in radians and all
     * numbers plain; it holds where the function is smooth.
     */
    public Function derivative(String parameter, String expression) {
        indexOf(parameter);
        derivatives = Stream.concat(derivatives.entrySet().stream(), Stream.of(Map.entry(parameter, expression)))
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
        return this;
    }

    /** Which argument the call comes down to; the others are not looked at. */
    public Function chooses(java.util.function.Function<Arguments, Choice> chosen) {
        choice = Optional.of(chosen);
        return answers(given -> chosen.apply(given).value(given));
    }

    /**
     * An argument that a call comes down to.
     *
     * @param place which of those given for a repeated parameter, from 0
     * @param reason why it is this one, in words
     */
    public record Choice(String parameter, int place, String reason) {
        public static Choice of(String parameter, String reason) {
            return new Choice(parameter, 0, reason);
        }

        private Value value(Arguments given) {
            return place == 0
                    ? given.value(parameter)
                    : given.each(parameter).get(place).get();
        }
    }

    private Function takes(Parameter parameter) {
        positions = with(positions, List.of(parameters.size()));
        parameters = with(parameters, List.of(parameter));
        return this;
    }

    private static <T> List<T> with(List<T> before, List<T> more) {
        return Stream.concat(before.stream(), more.stream()).toList();
    }

    public Function computes(java.util.function.Function<Arguments, Result> result) {
        return answers(given -> value(result.apply(given)));
    }

    /** The call stands for other cells, and has their value. */
    public Function refers(java.util.function.Function<Arguments, References.Cells> cells) {
        meant = Optional.of(cells);
        return answers(given -> given.read(cells.apply(given)));
    }

    public Function answers(java.util.function.Function<Arguments, Value> value) {
        code = value;
        return this;
    }

    /** On quantities: these are measured in one unit, and the result has this power of it. */
    public Function units(Rational exponent, String... measured) {
        return rule(exponent, UnitRule.OnScale.REFUSES, measured);
    }

    /** On quantities: the result has the unit of these, temperatures on a scale included. */
    public Function keepsUnit(String... measured) {
        return rule(Rational.ONE, UnitRule.OnScale.KEEPS, measured);
    }

    /** On quantities: only how far these lie apart matters, and the result has this power of their unit. */
    public Function unitsApart(Rational exponent, String... measured) {
        return rule(exponent, UnitRule.OnScale.DIFFERENCES, measured);
    }

    /** The same, where the exponent is known only from the arguments. */
    public Function unitsBy(java.util.function.Function<Arguments, Rational> exponent, String measured) {
        ruleBy = Optional.of(given -> new UnitRule(List.of(measured), exponent.apply(given), UnitRule.OnScale.REFUSES));
        return this;
    }

    private Function rule(Rational exponent, UnitRule.OnScale onScale, String... measured) {
        unitRules = with(unitRules, List.of(new UnitRule(List.of(measured), exponent, onScale)));
        return this;
    }

    /** On complex numbers: what a function of one number answers, with the power of its unit that the rules say. */
    public Function complex(java.util.function.Function<Complex, Result> result) {
        String parameter = parameters.get(0).name();
        return complexly(given -> Complexes.ofOne(
                this,
                given,
                parameter,
                unitRules.stream().map(UnitRule::exponent).findFirst(),
                result));
    }

    /** The same of several numbers, without units. */
    public Function complexes(java.util.function.Function<Arguments, Result> result) {
        return complexly(given -> Complexes.value(this, result.apply(given), Unit.ONE));
    }

    /** What it answers where an argument is complex, or has to count as such. */
    public Function complexly(java.util.function.Function<Arguments, Value> value) {
        complexCode = Optional.of(value);
        return this;
    }

    /** Whether it takes complex numbers. */
    public boolean isOfComplexNumbers() {
        return complexCode.isPresent();
    }

    /** The value of a call; what is wrong with it comes back as a failure without a place. */
    public Value call(Arguments given) {
        Value value = realCall(given);
        boolean hasNoRealResult = value instanceof Failure failure
                && failure.code() == ErrorCode.NO_REAL_RESULT
                && failure.cause().isEmpty();
        return hasNoRealResult && complexCode.isPresent()
                ? amongComplexNumbers(given, (Failure) value, complexCode.get())
                : value;
    }

    /** The complex answer where the worksheet wants it, else it is told. */
    private static Value amongComplexNumbers(
            Arguments given, Failure none, java.util.function.Function<Arguments, Value> code) {
        try {
            Value answer = code.apply(given);
            if (!(answer instanceof ComplexValue)) {
                return none;
            }
            Surroundings surroundings = given.surroundings();
            return surroundings.complex()
                    ? answer
                    : none.withMessage(none.message() + " In complex numbers it is `"
                            + surroundings.showing().apply(answer) + "`.");
        } catch (Arguments.Refused refused) {
            return none;
        }
    }

    private Value realCall(Arguments given) {
        try {
            return plainOrInUnits(given);
        } catch (Arguments.Refused refused) {
            return refused.failure();
        } catch (MathRuntimeException none) {
            // A numerical method of Hipparchus that does not converge, or for which the arguments are too far out.
            return Failure.of(ErrorCode.NO_REAL_RESULT, "`" + name + "` finds no result for these arguments.");
        }
    }

    private Value plainOrInUnits(Arguments given) {
        try {
            return code.apply(given);
        } catch (Arguments.IsComplex found) {
            if (complexCode.isEmpty()) {
                throw found;
            }
            return complexCode.get().apply(given);
        } catch (Arguments.HasUnit found) {
            List<UnitRule> rules =
                    ruleBy.map(rule -> List.of(rule.apply(given))).orElse(unitRules);
            if (rules.isEmpty()) {
                throw found;
            }
            return InUnits.call(this, rules, given, code);
        }
    }

    /** The calculation that a call stands for, where the function says one; the call must have a value. */
    public Optional<String> working(Arguments given) {
        try {
            return working.map(shown -> workingOf(given, shown)).filter(text -> !text.isEmpty());
        } catch (Arguments.Refused refused) {
            return Optional.empty();
        }
    }

    private String workingOf(Arguments given, java.util.function.Function<Arguments, String> shown) {
        try {
            return shown.apply(given);
        } catch (Arguments.HasUnit found) {
            List<UnitRule> rules =
                    ruleBy.map(rule -> List.of(rule.apply(given))).orElse(unitRules);
            return InUnits.working(this, rules, given, shown);
        }
    }

    /** The steps that lead to the answer; none where the function shows none. */
    public List<RewritingStep> steps(Arguments given) {
        try {
            return steps.apply(given);
        } catch (Arguments.Refused refused) {
            return List.of();
        }
    }

    /** Whether a call is one of its arguments. */
    public boolean isChoice() {
        return choice.isPresent();
    }

    /** The argument that a call comes down to, where the function only chooses. */
    public Optional<Choice> choice(Arguments given) {
        try {
            return choice.map(chosen -> chosen.apply(given));
        } catch (Arguments.Refused refused) {
            return Optional.empty();
        }
    }

    /** The terms that a call is short for; nothing where it has none, or too many to be shown. */
    public Optional<WrittenOut> writtenOut(Arguments given) {
        try {
            return writtenOut
                    .map(terms -> terms.apply(given))
                    .filter(terms -> !terms.places().isEmpty());
        } catch (Arguments.Refused refused) {
            return Optional.empty();
        }
    }

    /** The derivatives by parameters, as expressions of the parameters; those that are not known are missing. */
    public Map<String, String> derivatives() {
        return derivatives;
    }

    /** What a call binds; nothing where it binds nothing. */
    public Optional<Binding> binding() {
        int expression = firstThatAccepts(Parameter.Accepts.EXPRESSION);
        int variable = firstThatAccepts(Parameter.Accepts.VARIABLE);
        return expression < 0 || variable < 0 ? Optional.empty() : Optional.of(new Binding(expression, variable));
    }

    private int firstThatAccepts(Parameter.Accepts accepts) {
        return IntStream.range(0, parameters.size())
                .filter(i -> parameters.get(i).accepts() == accepts)
                .findFirst()
                .orElse(-1);
    }

    /** Whether an argument is asked where it is, and not what it is. */
    public boolean asksForPlaces() {
        return parameters.stream().anyMatch(parameter -> parameter.accepts() == Parameter.Accepts.REFERENCE);
    }

    /** Whether the value is another when rows are hidden or shown. */
    public boolean isOfShownRows() {
        return seesHiddenRows;
    }

    /** Whether the value is another when other entries are typed, or grids come, go or change places. */
    public boolean isOfEntries() {
        return seesEntries;
    }

    /** Whether a call stands for cells that only its arguments tell. */
    public boolean isReference() {
        return meant.isPresent();
    }

    /** The cells that a call stands for, within the call of another function; nothing where it has a value of its own. */
    public Optional<References.Cells> cells(Arguments given) {
        return meant.map(cells -> cells.apply(given));
    }

    /** A result as a value; the reasons why there is none get their sentences. */
    Value value(Result result) {
        if (result instanceof Real real) {
            return new NumberValue(real);
        }
        return switch ((Undefined) result) {
            case DIVIDE_BY_ZERO -> Failure.of(ErrorCode.DIVIDE_BY_ZERO, "`" + name + "` divides by 0 here.");
            case NO_REAL_RESULT ->
                Failure.of(ErrorCode.NO_REAL_RESULT, "`" + name + "` has no real result for this argument.");
            case TOO_LARGE ->
                Failure.of(
                        ErrorCode.TOO_LARGE,
                        "`" + name + "` is past what can be held here: " + Algebra.ENDS_OF_NUMBERS);
        };
    }

    public int indexOf(String parameter) {
        for (int i = 0; i < parameters.size(); i++) {
            if (parameters.get(i).name().equalsIgnoreCase(parameter)) {
                return i;
            }
        }
        throw new IllegalArgumentException("parameter must be one of " + name + ", was " + parameter);
    }

    /** The name, in lower case. */
    public String name() {
        return name;
    }

    /** The group it is listed in. */
    public Category category() {
        return category;
    }

    /** Other names it is read by, its OpenFormula identifier among them. */
    public List<String> synonyms() {
        return synonyms;
    }

    /** What it takes, in order. */
    public List<Parameter> parameters() {
        return parameters;
    }

    /** The indices of the first parameters, for arguments that are given one after the other. */
    public List<Integer> firstPositions(int count) {
        return positions.subList(0, count);
    }

    /** Calls with their values. */
    public List<Example> examples() {
        return examples;
    }

    /** Calls that fail, with the codes of their errors. */
    public List<Example> refusals() {
        return refusals;
    }

    /** Names of functions to look at next. */
    public List<String> related() {
        return related;
    }

    /** What it does, in a sentence. */
    public String says() {
        return says;
    }

    /** Where the method comes from; empty where it needs no source. */
    public String source() {
        return source;
    }
}
