package app.logismos.server.calculate;

import app.logismos.display.Automatic;
import app.logismos.display.Fractional;
import app.logismos.display.Mixed;
import app.logismos.display.NumberStyle;
import app.logismos.display.Repeating;
import app.logismos.display.Scientific;
import app.logismos.evaluate.Calculator;
import app.logismos.evaluate.Limits;
import app.logismos.evaluate.NoCells;
import app.logismos.formula.Address;
import app.logismos.function.Surroundings;
import app.logismos.server.web.BadRequest;
import app.logismos.server.web.CalculationJson;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A calculation outside any worksheet. */
@RestController
class CalculateEndpoint {
    private static final Map<String, NumberStyle> STYLES = Map.of(
            "automatic", Automatic.STYLE,
            "fraction", Fractional.STYLE,
            "mixed", Mixed.STYLE,
            "repeating", Repeating.STYLE,
            "scientific", new Scientific(10));

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
    record Request(
            @NotNull(message = "is missing") String expression,
            @Nullable String angle,
            @Nullable String style) {}

    @PostMapping("/api/v1/calculate")
    CalculationJson calculate(@Valid @RequestBody Request request) {
        NoCells scope = new NoCells(new Surroundings(angle(request.angle())));
        return CalculationJson.of(
                calculator.calculate(request.expression(), scope, Address.FIRST), style(request.style()));
    }

    private static Surroundings.Angle angle(@Nullable String angle) {
        if (angle == null || angle.equals("radians")) {
            return Surroundings.Angle.RADIANS;
        }
        if (angle.equals("degrees")) {
            return Surroundings.Angle.DEGREES;
        }
        throw new BadRequest("`angle` is `radians` or `degrees`, was `" + angle + "`.");
    }

    private static NumberStyle style(@Nullable String style) {
        NumberStyle known = STYLES.get(style == null ? "automatic" : style.toLowerCase(Locale.ROOT));
        if (known == null) {
            throw new BadRequest("`style` is one of "
                    + String.join(", ", STYLES.keySet().stream().sorted().toList()) + ", was `" + style + "`.");
        }
        return known;
    }
}
