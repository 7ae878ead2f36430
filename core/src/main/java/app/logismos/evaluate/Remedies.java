package app.logismos.evaluate;

import app.logismos.catalogue.Catalogue;
import app.logismos.formula.EntryReader;
import app.logismos.formula.Expression;
import app.logismos.formula.Expression.Call;
import app.logismos.formula.Expression.Conversion;
import app.logismos.formula.Expression.Group;
import app.logismos.formula.Expression.Infix;
import app.logismos.formula.Expression.Literal;
import app.logismos.formula.Expression.Prefix;
import app.logismos.formula.InfixOperator;
import app.logismos.formula.Parser;
import app.logismos.formula.PrefixOperator;
import app.logismos.formula.Walk;
import app.logismos.function.Function;
import app.logismos.function.algebra.SolveFunction;
import app.logismos.number.Rational;
import app.logismos.unit.Unit;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.Fix;
import app.logismos.value.Kind;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Span;
import app.logismos.value.Text;
import app.logismos.value.Truth;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Finds for a failed calculation what can be written instead, from the part of the entry that is at fault. */
final class Remedies {
    /** What makes a number a complex one. */
    private static final String COMPLEX_ZERO = "+0i";

    private final String entry;
    private final Expression whole;
    private final Evaluator evaluator;
    private final List<Fix> fixes = new ArrayList<>();

    private Remedies(String entry, Expression whole, Evaluator evaluator) {
        this.entry = entry;
        this.whole = whole;
        this.evaluator = evaluator;
    }

    /** The failure with the ways out of it that there are. */
    static Failure added(Failure failure, String entry, Expression expression, Evaluator evaluator) {
        if (!failure.fixes().isEmpty()
                || failure.place().isEmpty()
                || failure.cause().isPresent()) {
            return failure;
        }
        Remedies remedies = new Remedies(entry, expression, evaluator);
        Span place = failure.place().get();
        Walk.visit(expression, node -> {
            if (node.span().equals(place)) {
                remedies.look(failure.code(), node);
            }
            if (failure.code() == ErrorCode.WRONG_ARGUMENTS && node instanceof Call call) {
                remedies.choosing(call, place);
            }
            if (failure.code() == ErrorCode.UNITS_DIFFER && node instanceof Conversion conversion) {
                remedies.temperature(conversion);
            }
        });
        return failure.withFixes(remedies.fixes);
    }

    private void look(ErrorCode code, Expression node) {
        switch (code) {
            case WRONG_KIND -> readAsNumber(node);
            case NO_REAL_RESULT -> {
                oddRoot(node);
                amongComplexNumbers(node);
            }
            case UNKNOWN_NAME -> naming(node);
            case UNKNOWN_FUNCTION -> likeFunctions(node);
            default -> {}
        }
    }

    /** {@code "12"+1} offers {@code number("12")}; a truth value offers 1 and 0. */
    private void readAsNumber(Expression node) {
        switch (evaluator.value(node).kind()) {
            case TEXT -> {
                boolean isNumber = evaluator.value(node) instanceof Text text
                        && EntryReader.value(
                                                text.text(),
                                                evaluator.surroundings().units())
                                        .kind()
                                == Kind.NUMBER;
                if (isNumber) {
                    offer(node.span(), "number(" + node.span().in(entry) + ")");
                }
            }
            case TRUTH -> {
                if (evaluator.value(node) instanceof Truth) {
                    offer(node.span(), "if(" + node.span().in(entry) + ", 1, 0)");
                }
            }
            default -> {}
        }
    }

    /** {@code 98.6 F to °C} speaks of degrees: F is the farad, and C the coulomb. */
    private void temperature(Conversion conversion) {
        if (conversion.operand() instanceof Literal literal && literal.value() instanceof Quantity quantity) {
            String from = degrees(quantity.unit());
            String to = degrees(conversion.unit());
            if (from != null && to != null) {
                String number = literal.span().in(entry).replaceFirst("\\s*[°CFK]+$", "");
                offer(conversion.span(), number + " " + from + " to " + to);
            }
        }
    }

    private static @Nullable String degrees(Unit unit) {
        return switch (unit.symbol()) {
            case "F", "°F" -> "°F";
            case "C", "°C" -> "°C";
            case "K" -> "K";
            default -> null;
        };
    }

    private void likeFunctions(Expression node) {
        for (String name : Words.STANDARD.functionsLike(node.span().in(entry))) {
            fixes.add(new Fix(
                    "Use " + name,
                    entry.substring(0, node.span().start())
                            + name
                            + entry.substring(node.span().end())));
        }
    }

    /** {@code =price = 5} compares; {@code price = 5} names the cell. */
    private void naming(Expression node) {
        boolean isInCell = !(evaluator.scope() instanceof NoCells);
        if (isInCell
                && whole instanceof Infix equation
                && equation.operator() == InfixOperator.EQUAL
                && equation.left() == node) {
            fixes.add(new Fix(
                    "Name the cell " + node.span().in(entry),
                    entry.substring(node.span().start())));
        }
    }

    /** {@code choose(7, 3)} takes one of several values in documents; people mean how many choices there are. */
    private void choosing(Call call, Span place) {
        boolean isAround = call.span().start() <= place.start()
                && place.end() <= call.span().end();
        if (isAround
                && call.function().equalsIgnoreCase("choose")
                && call.arguments().size() == 2) {
            String behind = entry.substring(call.nameSpan().end(), call.span().end());
            offer(call.span(), "combinations" + behind);
        }
    }

    /** {@code (-8)^(1/3)} offers {@code cbrt(-8)}. */
    private void oddRoot(Expression node) {
        if (!(node instanceof Infix power)
                || power.operator() != InfixOperator.POWER
                || !(evaluator.value(power.right()) instanceof NumberValue exponent)
                || !(exponent.real() instanceof Rational fraction)
                || fraction.denominator().signum() == 0
                || !fraction.denominator().testBit(0)
                || fraction.isInteger()
                || fraction.denominator().bitLength() > 30) {
            return;
        }
        String base = unbracketed(power.left()).span().in(entry);
        String root = fraction.denominator().intValue() == 3
                ? "cbrt(" + base + ")"
                : "root(" + base + ", " + fraction.denominator() + ")";
        String above = fraction.numerator().toString();
        offer(node.span(), above.equals("1") ? root : root + "^" + (fraction.signum() < 0 ? "(" + above + ")" : above));
    }

    /** {@code sqrt(-1)} offers {@code sqrt(-1+0i)}, and {@code solve} those solutions that are not real. */
    private void amongComplexNumbers(Expression node) {
        if (node instanceof Call call
                && Catalogue.STANDARD
                        .function(call.function())
                        .filter(Function::isOfComplexNumbers)
                        .isPresent()
                && !call.arguments().isEmpty()) {
            call.arguments().get(0).value().ifPresent(argument -> asComplex(call.span(), argument.span()));
        } else if (node instanceof Call call && call.function().equalsIgnoreCase(SolveFunction.NAME)) {
            complex(call.span(), call.span().end() - 1, ", " + SolveFunction.COMPLEX + ": true");
        } else if (node instanceof Infix power && power.operator() == InfixOperator.POWER) {
            asComplex(power.span(), unbracketed(power.left()).span());
        } else {
            root(node).ifPresent(root -> {
                Expression inner = unbracketed(root.operand());
                offerComplex(root.span(), "sqrt(" + inner.span().in(entry) + COMPLEX_ZERO + ")");
            });
        }
    }

    /** A root's failure stands at what is under it. */
    private Optional<Prefix> root(Expression under) {
        Prefix[] found = {null};
        Walk.visit(whole, node -> {
            if (node instanceof Prefix prefix
                    && prefix.operator() == PrefixOperator.ROOT
                    && prefix.operand() == under) {
                found[0] = prefix;
            }
        });
        return Optional.ofNullable(found[0]);
    }

    private void asComplex(Span whole, Span number) {
        complex(whole, number.end(), COMPLEX_ZERO);
    }

    private void complex(Span whole, int at, String more) {
        offerComplex(whole, entry.substring(whole.start(), at) + more + entry.substring(at, whole.end()));
    }

    /** Only what has an answer so is offered. */
    private void offerComplex(Span place, String by) {
        boolean hasAnswer =
                Parser.parse(by, 0, evaluator.origin(), Words.STANDARD) instanceof Parser.Outcome.Parsed parsed
                        && !(evaluator.value(parsed.expression()) instanceof Failure);
        if (hasAnswer) {
            offer(place, by);
        }
    }

    private static Expression unbracketed(Expression node) {
        return node instanceof Group group ? unbracketed(group.inner()) : node;
    }

    private void offer(Span place, String by) {
        fixes.add(new Fix("Write " + by, entry.substring(0, place.start()) + by + entry.substring(place.end())));
    }
}
