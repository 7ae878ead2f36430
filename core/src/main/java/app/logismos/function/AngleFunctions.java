package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.ANGLE;

import app.logismos.number.Elementary;
import java.util.List;

/** Functions of angles. */
final class AngleFunctions {
    static final List<Function> ALL = List.of(
            function("sin", Category.ANGLES)
                    .says("The sine of an angle.")
                    .argument("x", ANGLE, "in radians, or degrees with °: sin(30°)")
                    .example("sin(30°)", "1/2")
                    .example("sin(π)", "0")
                    .related("cos", "tan")
                    .from("DLMF 4.14; exact values by Niven's theorem")
                    .computes(given -> Elementary.sin(given.angle("x"))),
            function("cos", Category.ANGLES)
                    .says("The cosine of an angle.")
                    .argument("x", ANGLE, "in radians, or degrees with °: cos(60°)")
                    .example("cos(60°)", "1/2")
                    .example("cos(0)", "1")
                    .related("sin", "tan")
                    .from("DLMF 4.14; exact values by Niven's theorem")
                    .computes(given -> Elementary.cos(given.angle("x"))),
            function("tan", Category.ANGLES)
                    .says("The tangent of an angle.")
                    .argument("x", ANGLE, "in radians, or degrees with °: tan(45°); not 90°")
                    .example("tan(45°)", "1")
                    .example("tan(0)", "0")
                    .related("sin", "cos")
                    .from("DLMF 4.14; exact values by Niven's theorem")
                    .computes(given -> Elementary.tan(given.angle("x"))));

    private AngleFunctions() {}
}
