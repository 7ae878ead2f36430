package app.logismos.function;

import static app.logismos.function.Function.function;
import static app.logismos.function.Parameter.Accepts.LAZY;
import static app.logismos.function.Parameter.Accepts.TRUTH;

import app.logismos.value.Blank;
import java.util.List;

/** Logic. */
final class LogicFunctions {
    static final List<Function> ALL = List.of(function("if", Category.LOGIC)
            .says("One value where a condition holds, another where it does not; only that one is worked out.")
            .argument("condition", TRUTH, "true or false, often a comparison")
            .argument("then", LAZY, "the value where it holds")
            .optional("otherwise", LAZY, Blank.BLANK, "the value where it does not")
            .example("if(2 < 3, 10, 20)", "10")
            .example("if(1 = 2, 1/0, 7)", "7")
            .chooses(given -> given.truth("condition") ? "then" : "otherwise"));

    private LogicFunctions() {}
}
