package app.logismos.algebra;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Functions of angles, and hyperbolic ones, written by others. */
final class Angles {
    private static final Form TWO = Form.number(2);
    private static final Set<String> NAMES = Set.of("sin", "cos", "tan", "cot", "sec", "csc");

    private Angles() {}

    /** Whether a function of an angle stands in the form. */
    static boolean isIn(Form form) {
        return form instanceof Form.Applied applied && NAMES.contains(applied.function())
                || form.parts().stream().anyMatch(Angles::isIn);
    }

    /** The one angle whose sines and cosines stand in the form; nothing where there are several, or none. */
    static Optional<Form> only(Form form, Form.Letter by) {
        Set<Form> found = new LinkedHashSet<>();
        gather(form, found);
        found.removeIf(angle -> !angle.has(by));
        return found.size() == 1 ? Optional.of(found.iterator().next()) : Optional.empty();
    }

    private static void gather(Form form, Set<Form> found) {
        if (form instanceof Form.Applied applied && NAMES.contains(applied.function())) {
            found.add(applied.arguments().get(0));
        }
        form.parts().forEach(part -> gather(part, found));
    }

    /** Tangents, secants and their like by sines and cosines (DLMF 4.14). */
    static Form inSinesAndCosines(Form form) {
        Form below =
                form.of(form.parts().stream().map(Angles::inSinesAndCosines).toList());
        if (!(below instanceof Form.Applied applied) || applied.arguments().size() != 1) {
            return below;
        }
        Form inner = applied.arguments().get(0);
        return switch (applied.function()) {
            case "tan" -> sin(inner).over(cos(inner));
            case "cot" -> cos(inner).over(sin(inner));
            case "sec" -> Form.ONE.over(cos(inner));
            case "csc" -> Form.ONE.over(sin(inner));
            default -> below;
        };
    }

    /** Hyperbolic functions by exponentials (DLMF 4.28). */
    static Form inExponentials(Form form) {
        Form below = form.of(form.parts().stream().map(Angles::inExponentials).toList());
        if (!(below instanceof Form.Applied applied) || applied.arguments().size() != 1) {
            return below;
        }
        Form up = Form.power(Form.E, applied.arguments().get(0));
        Form down = Form.ONE.over(up);
        Form sine = up.minus(down).over(TWO);
        Form cosine = up.plus(down).over(TWO);
        return switch (applied.function()) {
            case "sinh" -> sine;
            case "cosh" -> cosine;
            case "tanh" -> sine.over(cosine);
            case "coth" -> cosine.over(sine);
            case "sech" -> Form.ONE.over(cosine);
            case "csch" -> Form.ONE.over(sine);
            default -> below;
        };
    }

    /** Sines and cosines of twice an angle whose own sine or cosine stands there too (DLMF 4.21.27 and 28). */
    static Form ofHalves(Form form) {
        return ofHalves(form, form);
    }

    private static Form ofHalves(Form form, Form whole) {
        if (form instanceof Form.Applied applied && applied.arguments().size() == 1) {
            Form half = applied.arguments().get(0).over(TWO);
            if (!whole.has(sin(half)) && !whole.has(cos(half))) {
                return form;
            }
            return switch (applied.function()) {
                case "sin" -> TWO.times(sin(half)).times(cos(half));
                case "cos" -> Form.ONE.minus(TWO.times(sin(half).power(2)));
                default -> form;
            };
        }
        return form.of(form.parts().stream().map(part -> ofHalves(part, whole)).toList());
    }

    private static Form sin(Form angle) {
        return Form.applied("sin", List.of(angle));
    }

    private static Form cos(Form angle) {
        return Form.applied("cos", List.of(angle));
    }
}
