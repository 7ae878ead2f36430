package app.logismos.function.arithmetic;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.EXPRESSION;
import static app.logismos.function.Parameter.Accepts.VARIABLE;
import static app.logismos.function.Parameter.Accepts.WHOLE;

import app.logismos.algebra.Form;
import app.logismos.algebra.RewritingStep;
import app.logismos.algebra.Summation;
import app.logismos.algebra.SummationSteps;
import app.logismos.formula.InfixOperator;
import app.logismos.function.Algebra;
import app.logismos.function.Arguments;
import app.logismos.function.Bound;
import app.logismos.function.Category;
import app.logismos.function.Complexes;
import app.logismos.function.Function;
import app.logismos.function.InUnits;
import app.logismos.number.Rational;
import app.logismos.value.Algebraic;
import app.logismos.value.ComplexValue;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Moment;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Value;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.LongStream;

/** Sums and products of an expression over whole numbers. */
public final class SeriesFunctions {
    private static final int MOST_TERMS = 1_000_000;

    /** More terms are not written out in the working. */
    private static final int MOST_WRITTEN = 12;

    public static final List<Function> ALL = List.of(
            over("sumover", "Adds an expression for each whole number of a range.", "0")
                    .example("sumover(k^2, k, 1, 10)", "385")
                    .example("sumover(1/n, n, 1, 3)", "11/6")
                    .example("sumover(1/2^k, k, 0, inf)", "2")
                    .example("sumover(k, k, 1, n)", "(n^2 + n)/2")
                    .example("sumover(k, k, 1, 0)", "0")
                    .refuses("sumover(k, k, 1, 2.5)", ErrorCode.WRONG_ARGUMENTS)
                    .refuses("sumover(k, 5, 1, 3)", ErrorCode.WRONG_KIND)
                    .related("productover", "sum", "sumproduct")
                    .writesOut(InfixOperator.PLUS, SeriesFunctions::written)
                    .leads(SeriesFunctions::steps)
                    .answers(SeriesFunctions::sum),
            over("productover", "Multiplies an expression for each whole number of a range.", "1")
                    .example("productover(k, k, 1, 5)", "120")
                    .example("productover(1+1/k, k, 1, 4)", "5")
                    .refuses("productover(k, k, 1/2, 3)", ErrorCode.WRONG_ARGUMENTS)
                    .related("sumover", "product", "factorial")
                    .writesOut(InfixOperator.TIMES, SeriesFunctions::written)
                    .answers(SeriesFunctions::product));

    private SeriesFunctions() {}

    private static Function over(String name, String says, String ofNone) {
        return function(name, Category.ARITHMETIC)
                .says(says)
                .argument("expression", EXPRESSION, "what stands for each term, with the variable in it")
                .argument("variable", VARIABLE, "the word that stands for the whole numbers")
                .argument("from", WHOLE, "the first of them")
                .argument("to", WHOLE, "the last of them; below the first there are none, and the answer is " + ofNone);
    }

    /** The numbers of a range, which may be none. */
    private static LongStream range(Arguments given) {
        BigInteger from = given.whole("from");
        BigInteger to = given.whole("to");
        if (to.subtract(from).compareTo(BigInteger.valueOf(MOST_TERMS)) >= 0) {
            throw given.refused(
                    "to",
                    ErrorCode.TOO_LARGE,
                    "There are " + MOST_TERMS + " terms at the most, and these would be "
                            + to.subtract(from).add(BigInteger.ONE) + ".");
        }
        int count = Math.max(0, to.subtract(from).intValue() + 1);
        return from.bitLength() < Long.SIZE - 2
                ? LongStream.range(from.longValue(), from.longValue() + count)
                : LongStream.empty();
    }

    private static Value number(long whole) {
        return new NumberValue(Rational.of(whole));
    }

    /** Quantities and durations add up as numbers do; what has no sum is refused. */
    private static Value sum(Arguments given) {
        if (isClosed(given)) {
            return closed(given, true);
        }
        List<Value> terms = terms(
                given,
                value -> value instanceof Quantity quantity
                        ? !quantity.unit().isScale()
                        : value instanceof NumberValue
                                || value instanceof ComplexValue
                                || value instanceof Moment.Elapsed);
        if (terms.stream().anyMatch(ComplexValue.class::isInstance)) {
            return Complexes.sum(given, "expression", complex(terms));
        }
        return terms.isEmpty()
                ? NumberValue.of(0)
                : given.measured("expression", terms).made(Algebra::sum);
    }

    /** Quantities multiply with their units. */
    private static Value product(Arguments given) {
        if (isClosed(given)) {
            return closed(given, false);
        }
        List<Value> terms = terms(
                given,
                value -> value instanceof NumberValue || value instanceof Quantity || value instanceof ComplexValue);
        if (terms.stream().anyMatch(ComplexValue.class::isInstance)) {
            return Complexes.product(complex(terms));
        }
        return InUnits.product(
                Algebra.product(terms.stream()
                        .map(term ->
                                term instanceof Quantity quantity ? quantity.number() : ((NumberValue) term).real())
                        .toList()),
                terms.stream()
                        .filter(Quantity.class::isInstance)
                        .map(term -> ((Quantity) term).unit())
                        .toList());
    }

    /** Whether an end is infinite, or has letters in it that stand for any number. */
    private static boolean isClosed(Arguments given) {
        return isOpen(given.raw("from")) || isOpen(given.raw("to"));
    }

    private static boolean isOpen(Value end) {
        return end instanceof Algebraic
                || end instanceof Failure failure && failure.code() == ErrorCode.UNKNOWN_NAME
                || end instanceof NumberValue number && !number.real().isFinite();
    }

    private static Value closed(Arguments given, boolean adds) {
        Form.Letter by = new Form.Letter(given.bound("expression", "variable").variable());
        Form term = given.form("expression");
        boolean isEndless = given.raw("to") instanceof NumberValue number
                && !number.real().isFinite()
                && number.real().signum() > 0;
        try {
            Optional<Form> closed = isEndless
                    ? adds ? Summation.toInfinity(term, by, given.whole("from")) : Optional.empty()
                    : adds
                            ? Summation.between(term, by, given.form("from"), given.form("to"))
                            : Summation.product(term, by, given.form("from"), given.form("to"));
            return closed.map(given::worth).orElseGet(() -> notKnown(isEndless));
        } catch (Summation.Divergent divergent) {
            return Failure.of(
                    ErrorCode.NO_REAL_RESULT, "The sum grows past all bounds, or does not settle on a number.");
        } catch (Summation.NotKnown unknown) {
            return notKnown(isEndless);
        }
    }

    /** How a closed form is found; none where the terms are numbers and are added. */
    private static List<RewritingStep> steps(Arguments given) {
        if (!isClosed(given)) {
            return List.of();
        }
        Form.Letter by = new Form.Letter(given.bound("expression", "variable").variable());
        boolean isEndless =
                given.raw("to") instanceof NumberValue number && !number.real().isFinite();
        return SummationSteps.of(
                given.form("expression"),
                by,
                given.form("from"),
                isEndless ? Optional.empty() : Optional.of(given.form("to")));
    }

    private static Failure notKnown(boolean isEndless) {
        return Failure.of(
                ErrorCode.NOT_FOUND,
                isEndless
                        ? "What this comes to without an end is not known here. A number as the last one gives a part of it."
                        : "No closed form is known here. Numbers as its ends give a number.");
    }

    private static List<ComplexValue> complex(List<Value> terms) {
        return terms.stream().flatMap(term -> Complexes.of(term).stream()).toList();
    }

    private static List<Value> terms(Arguments given, Predicate<Value> isTerm) {
        Bound term = given.bound("expression", "variable");
        List<Value> terms = new ArrayList<>();
        range(given).forEach(at -> {
            given.check();
            Value value = Arguments.passing(term.at(number(at)));
            if (!isTerm.test(value)) {
                throw given.refused(
                        "expression",
                        ErrorCode.WRONG_KIND,
                        "The terms are numbers or quantities, and where `" + term.variable() + "` is " + at
                                + " this is " + value.kind().one() + ".");
            }
            terms.add(value);
        });
        return terms;
    }

    private static List<Value> written(Arguments given) {
        given.bound("expression", "variable");
        List<Value> places = range(given)
                .limit(MOST_WRITTEN + 1L)
                .mapToObj(SeriesFunctions::number)
                .toList();
        return places.size() > MOST_WRITTEN ? List.of() : places;
    }
}
