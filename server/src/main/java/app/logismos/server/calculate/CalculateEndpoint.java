package app.logismos.server.calculate;

import app.logismos.display.Display;
import app.logismos.display.Styles;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.server.web.BadRequest;
import app.logismos.server.web.CalculationJson;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A calculation outside any worksheet. */
@RestController
class CalculateEndpoint {
    private final Calculator calculator;

    CalculateEndpoint(Limits limits) {
        this.calculator = new Calculator(limits);
    }

    /**
     * What to calculate.
     *
     * @param expression with or without its {@code =}
     * @param angle {@code radians}, if nothing is said, or {@code degrees}
     * @param style {@code automatic}, if nothing is said, or another
     */
    record Request(String expression, Optional<String> angle, Optional<String> style) {}

    /** Works out an expression that refers to no cells, step by step. */
    @PostMapping("/api/v1/calculate")
    CalculationJson calculate(@RequestBody Request request) {
        NoCells scope = new NoCells(Surroundings.of(angle(request.angle().orElse("radians"))));
        return CalculationJson.of(
                calculator.calculate(request.expression(), scope, Address.FIRST),
                style(request.style().orElse("automatic")));
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

    private static Display style(String style) {
        if (Display.unit(style).isPresent()) {
            return Display.in(style);
        }
        return Styles.named(style)
                .map(known -> Display.in(style))
                .orElseThrow(() ->
                        new BadRequest("`style` is one of " + Styles.known() + ", or in km, was `" + style + "`."));
    }
}
