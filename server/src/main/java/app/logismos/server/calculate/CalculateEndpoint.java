package app.logismos.server.calculate;

import app.logismos.display.Display;
import app.logismos.display.Styles;
import app.logismos.evaluate.Calculation;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.formula.Vocabulary;
import app.logismos.function.Surroundings;
import app.logismos.server.web.BadRequest;
import app.logismos.server.web.CalculationJson;
import app.logismos.unit.UnitCatalogue;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A calculation outside any worksheet. */
@RestController
class CalculateEndpoint {
    private final Limits limits;
    private final KnownUnits known;

    CalculateEndpoint(Limits limits, KnownUnits known) {
        this.limits = limits;
        this.known = known;
    }

    /**
     * What to calculate.
     *
     * @param expression with or without its {@code =}
     * @param angle {@code radians}, if nothing is said, or {@code degrees}
     * @param complex whether what has no real answer has a complex one; no, if nothing is said
     * @param style {@code automatic}, if nothing is said, or another
     */
    record Request(String expression, Optional<String> angle, Optional<Boolean> complex, Optional<String> style) {}

    /** Works out an expression that refers to no cells, step by step. */
    @PostMapping("/api/v1/calculate")
    CalculationJson calculate(@RequestBody Request request) {
        Vocabulary words = known.words();
        NoCells scope = new NoCells(Surroundings.of(angle(request.angle().orElse("radians")), words.units())
                .withComplexAnswers(request.complex().orElse(false)));
        Calculation calculation = new Calculator(limits, words).calculate(request.expression(), scope, Address.FIRST);
        Display display = style(request.style().orElse("automatic"), words.units());
        return CalculationJson.of(calculation, display.calculated(calculation.value()));
    }

    private static Surroundings.Angle angle(String angle) {
        if (angle.equals("radians")) {
            return Surroundings.Angle.RADIANS;
        }
        if (angle.equals("degrees")) {
            return Surroundings.Angle.DEGREES;
        }
        throw new BadRequest("`angle` is `radians` or `degrees`, was `" + angle + "`.");
    }

    private static Display style(String style, UnitCatalogue units) {
        if (Display.unit(style, units).isPresent()) {
            return Display.in(style, units);
        }
        return Styles.named(style)
                .map(known -> Display.in(style, units))
                .orElseThrow(() ->
                        new BadRequest("`style` is one of " + Styles.known() + ", or in km, was `" + style + "`."));
    }
}
