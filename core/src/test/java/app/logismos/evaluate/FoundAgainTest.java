package app.logismos.evaluate;

import static org.assertj.core.api.Assertions.assertThat;

import app.logismos.Patient;
import app.logismos.algebra.Derivative;
import app.logismos.algebra.Form;
import app.logismos.algebra.Forms;
import app.logismos.algebra.NoForm;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.value.Failure;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Derivatives of random expressions of depth 3 have antiderivatives; the share that is found stands in docs/quality.md. */
class FoundAgainTest {
    private static final NoCells RADIANS = new NoCells(Surroundings.of(Surroundings.Angle.RADIANS));
    private static final Calculator CALCULATOR = new Calculator(Limits.USUAL);
    private static final int CASES = 200;

    @Test
    void nineOfTenAntiderivativesOfRandomDerivativesAreFound() {
        long found = IntStream.iterate(0, seed -> seed + 1)
                .mapToObj(seed -> derivative(new Random(seed)))
                .flatMap(Optional::stream)
                .limit(CASES)
                .filter(derivative -> !(CALCULATOR
                                .calculate("=integral(" + derivative.text() + ", x)", RADIANS, Address.FIRST)
                                .value()
                        instanceof Failure))
                .count();
        assertThat(found).isGreaterThanOrEqualTo(CASES * 9 / 10);
    }

    private static Optional<Form> derivative(Random random) {
        try {
            Form form = Forms.any(random, 3)
                    .with((Form.Letter) Form.letter("y"), Forms.X)
                    .with((Form.Letter) Form.letter("z"), Forms.X);
            Evaluator evaluator = new Evaluator(RADIANS, Address.FIRST, Patient.LIMITS, Budget.of(Patient.LIMITS));
            return form.has(Forms.X)
                    ? Optional.of(Derivative.of(form, Forms.X, 1, new CatalogueDerivatives(evaluator)))
                    : Optional.empty();
        } catch (NoForm | Derivative.NotKnown none) {
            return Optional.empty();
        }
    }
}
