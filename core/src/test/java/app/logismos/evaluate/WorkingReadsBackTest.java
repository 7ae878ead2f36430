package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.Seeded;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.number.Real;
import app.logismos.value.NumberValue;
import app.logismos.value.Quantity;
import app.logismos.value.Table;
import app.logismos.value.Value;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What a working writes down can be typed, and is worth the same; and its labels say what is done. */
class WorkingReadsBackTest {
    private static final String[] LEAVES = {
        "2",
        "3",
        "0.5",
        "1/3",
        "-4",
        "7!",
        "2.5",
        "10%",
        "π",
        "2*π",
        "3 kg",
        "250 g",
        "0.2 m",
        "3 m",
        "4 s",
        "2 1/s",
        "90 km/h",
        "30°",
        "date(2027, 3, 1)",
        "time(14, 30, 0)",
        "{1, 2; 3, 4}",
        "sqrt(2)",
        "12 EUR",
        "1.5 h",
        "20 °C",
        "π/4",
        "(1/17)",
        "(2/3) km",
        "(1/3) EUR",
        "10^20",
        "1e-7",
        "\"lot\"",
        "true",
        "√9",
        "4²",
    };
    private static final String[] SIGNS = {"+", "-", "*", "/", "^", "=", "<", "&", " mod ", " div "};
    private static final String[] CALLS = {
        "sqrt(%s)",
        "abs(%s)",
        "round(%s, 2)",
        "sum(%s, %s)",
        "max(%s, %s)",
        "if(%s<%s, 1, 2)",
        "(%s)²",
        "(%s)^3",
        "-(%s)",
        "(%s) to g",
        "(%s) to km/h",
        "(%s) to deg",
        "{%s, %s}",
        "(%s)!",
        "sin(%s)",
        "atan(%s)",
        "1/(%s)",
    };

    @Test
    void everyExpressionOfAWorkingCanBeTypedAndGivesTheSame() {
        Seeded.cases(2_500, random -> {
            String entry = "=" + text(random, 3);
            Calculation calculation = calculate(entry);
            if (calculation.value().toString().contains("Failure")) {
                return;
            }
            for (ShownStep step : calculation.steps()) {
                assertSame(calculation, step.before(), entry);
                assertSame(calculation, step.after(), entry);
            }
        });
    }

    @Test
    void aLabelIsTheRuleAndNoStepIsTakenTwice() {
        Seeded.cases(2_500, random -> {
            String entry = "=" + text(random, 3);
            List<ShownStep> steps = calculate(entry).steps();
            for (int i = 0; i < steps.size(); i++) {
                ShownStep step = steps.get(i);
                String part =
                        step.before().substring(step.part().start(), step.part().end());
                if (step.rule() == Rule.BRACKETS_FIRST) {
                    assertThat(part).as("part of %s", entry).startsWith("(");
                }
                if (step.rule() == Rule.LAST_OPERATION) {
                    assertThat(part).as("the last operation of %s", entry).isEqualTo(step.before());
                }
                if (i > 0) {
                    assertThat(step.before())
                            .as("a step of %s", entry)
                            .isNotEqualTo(steps.get(i - 1).before());
                }
            }
        });
    }

    private static void assertSame(Calculation whole, String text, String entry) {
        // The rest that a division leaves, and what is rounded or compared, may be another where a last place differs.
        boolean isRounded = whole.steps().stream().anyMatch(ShownStep::rounded);
        boolean isShaky = isRounded && entry.substring(1).matches(".*( mod | div |round|=|<).*");
        if (text.indexOf('…') < 0 && !isShaky) {
            Value again = calculate("=" + text).value();
            assertThat(isSame(whole.value(), again, isRounded))
                    .as("%s, in the working of %s, is worth %s and not %s", text, entry, again, whole.value())
                    .isTrue();
        }
    }

    private static boolean isSame(Value one, Value other, boolean isRounded) {
        if (one instanceof NumberValue a && other instanceof NumberValue b) {
            return isSame(a.real(), b.real(), isRounded);
        }
        if (one instanceof Quantity a && other instanceof Quantity b) {
            return a.unit().symbol().equals(b.unit().symbol()) && isSame(a.number(), b.number(), isRounded);
        }
        if (one instanceof Table a && other instanceof Table b) {
            return a.rows() == b.rows()
                    && a.columns() == b.columns()
                    && IntStream.range(0, a.rows() * a.columns())
                            .allMatch(i -> isSame(
                                    a.at(i / a.columns(), i % a.columns()),
                                    b.at(i / b.columns(), i % b.columns()),
                                    isRounded));
        }
        return one.equals(other) || isRounded && one.kind() == other.kind();
    }

    private static boolean isSame(Real a, Real b, boolean isRounded) {
        double size = Math.max(Math.abs(a.toDouble()), 1e-300);
        return a.equals(b) || isRounded && Math.abs(a.toDouble() - b.toDouble()) <= 1e-9 * size;
    }

    private static String text(Random random, int depth) {
        if (depth == 0 || random.nextInt(4) == 0) {
            return LEAVES[random.nextInt(LEAVES.length)];
        }
        if (random.nextInt(3) == 0) {
            return CALLS[random.nextInt(CALLS.length)].formatted(text(random, depth - 1), text(random, depth - 1));
        }
        String sign = SIGNS[random.nextInt(SIGNS.length)];
        String both = text(random, depth - 1) + sign + text(random, depth - 1);
        return random.nextBoolean() ? "(" + both + ")" : both;
    }

    private static Calculation calculate(String entry) {
        return new Calculator(Patient.LIMITS).calculate(entry, new NoCells(Surroundings.USUAL), Address.FIRST);
    }
}
