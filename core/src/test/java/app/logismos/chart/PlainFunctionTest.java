package app.logismos.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.evaluate.Budget;
import app.logismos.evaluate.Words;
import app.logismos.recalculate.LiveWorksheet;
import app.logismos.sheet.Block;
import app.logismos.sheet.Section;
import app.logismos.sheet.Worksheet;
import app.logismos.value.Blank;
import app.logismos.value.ErrorCode;
import app.logismos.value.Failure;
import app.logismos.value.NumberValue;
import app.logismos.value.Value;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Curves in doubles beside the values of the language, and their slopes beside differences of those. */
class PlainFunctionTest {
    private static final LiveWorksheet LIVE = new LiveWorksheet(
            new Worksheet("W", List.of(Section.of("s", "S", Block.Grid.of("g", "Readings", 2, 2))), Words.STANDARD),
            Patient.LIMITS);

    private static final List<String> FUNCTIONS = List.of(
            "sqrt", "cbrt", "exp", "ln", "log10", "log", "log2", "sin", "cos", "tan", "asin", "acos", "atan", "sinh",
            "cosh", "tanh", "abs", "sign", "floor", "ceiling");

    private static final double HUGE = 1e7;

    @Test
    void everyExpressionHasTheValueThatTheLanguageGivesIt() {
        Seeded.cases(3_000, random -> {
            String expression = expression(random, 3);
            double place = (random.nextInt(600) - 200) / 64.0;
            Value value = LIVE.worth(expression.replaceAll("\\bx\\b", "(" + place + ")"), "g");
            double own =
                    function(expression).map(function -> function.at(place)).orElse(Double.NaN);
            assertThat(Double.isFinite(own)
                            && value instanceof Failure failure
                            && failure.code() != ErrorCode.UNITS_DIFFER)
                    .as("%s at %s is %s, not %s", expression, place, value, own)
                    .isFalse();
            if (value instanceof NumberValue number && Math.abs(own) < HUGE) {
                assertThat(own)
                        .as("%s at %s is %s", expression, place, value)
                        .isCloseTo(number.real().toDouble(), within(1e-9 * (1 + Math.abs(own))));
            }
        });
    }

    @Test
    void theSlopeIsWhatDifferencesComeNear() {
        Seeded.cases(3_000, random -> {
            String expression = expression(random, 3);
            Optional<PlainFunction> found = function(expression);
            if (found.isEmpty()) {
                return;
            }
            PlainFunction function = found.get();
            double place = (random.nextInt(600) - 200) / 64.0 + 0.0037;
            double coarse = difference(function, place, 1e-3);
            double fine = difference(function, place, 1e-4);
            double finest = difference(function, place, 1e-5);
            double size = 1 + Math.abs(finest) + Math.abs(function.at(place));
            boolean isSmooth = Math.abs(coarse - fine) < 1e-3 * size && Math.abs(fine - finest) < 1e-5 * size;
            if (isSmooth && size < HUGE) {
                assertThat(function.along(Dual.variable(place)).slope())
                        .as("slope of %s at %s", expression, place)
                        .isCloseTo(finest, within(1e-4 * size));
            }
        });
    }

    private static double difference(PlainFunction function, double place, double step) {
        return (function.at(place + step) - function.at(place - step)) / (2 * step);
    }

    /** Nothing where a part without the variable has no value. */
    private static Optional<PlainFunction> function(String expression) {
        return PlainFunction.of(
                LIVE.parsed(expression, "a", "x", LIVE.budget()).orElseThrow(),
                "x",
                part -> LIVE.value(part, "g", "x", Blank.BLANK, Budget.of(Patient.LIMITS)));
    }

    private static String expression(Random random, int depth) {
        if (depth == 0 || random.nextInt(6) == 0) {
            return random.nextInt(3) == 0 ? String.valueOf(1 + random.nextInt(40) / 8.0) : "x";
        }
        String one = expression(random, depth - 1);
        String other = expression(random, depth - 1);
        return switch (random.nextInt(9)) {
            case 0 -> "(" + one + "+" + other + ")";
            case 1 -> "(" + one + "-" + other + ")";
            case 2 -> "(" + one + "*" + other + ")";
            case 3 -> "(" + one + ")/(" + other + ")";
            case 4 -> "(" + one + ")^" + (random.nextInt(7) - 3);
            case 5 -> "if(" + one + (random.nextBoolean() ? "<" : ">=") + other + ", " + one + ", -" + other + ")";
            case 6 -> (random.nextBoolean() ? "max" : "min") + "(" + one + ", " + other + ")";
            default -> FUNCTIONS.get(random.nextInt(FUNCTIONS.size())) + "(" + one + ")";
        };
    }
}
