package app.logismos.evaluate;

import app.logismos.algebra.DerivativeRules;
import app.logismos.algebra.Form;
import app.logismos.catalogue.Catalogue;
import app.logismos.formula.Address;
import app.logismos.formula.Parser;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.function.Surroundings;
import app.logismos.number.Rational;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The derivatives that are declared with functions of the catalogue. */
final class CatalogueDerivatives implements DerivativeRules {
    private static final Set<String> OF_ANGLES = Set.of("sin", "cos", "tan", "cot", "sec", "csc");
    private static final Set<String> TO_ANGLES = Set.of("asin", "acos", "atan", "acot");
    private static final Form HALF_TURN = Form.number(Rational.of(180));

    private final boolean isInDegrees;

    /** For expressions that an evaluator works out. */
    CatalogueDerivatives(Evaluator evaluator) {
        this.isInDegrees = evaluator.surroundings().angle() == Surroundings.Angle.DEGREES;
    }

    /** A derivative with the parameters of its function as letters. */
    private record Declared(List<Parameter> parameters, Map<String, Form> byParameter) {}

    private static final Map<String, Declared> DECLARED = declared();

    private static Map<String, Declared> declared() {
        Map<String, Declared> all = new HashMap<>();
        FormReading reading = new FormReading(new Evaluator(
                new NoCells(Surroundings.of(Surroundings.Angle.RADIANS)),
                Address.FIRST,
                Limits.USUAL,
                Budget.of(Limits.USUAL)));
        for (Function function : Catalogue.STANDARD.functions()) {
            Map<String, Form> forms = new HashMap<>();
            function.derivatives().forEach((parameter, text) -> forms.put(parameter, read(text, reading)));
            if (!forms.isEmpty()) {
                all.put(function.name(), new Declared(function.parameters(), Map.copyOf(forms)));
            }
        }
        return Map.copyOf(all);
    }

    private static Form read(String text, FormReading reading) {
        if (Parser.parse(text, 0, Address.FIRST, Words.STANDARD) instanceof Parser.Outcome.Parsed parsed) {
            return reading.of(parsed.expression());
        }
        throw new IllegalArgumentException("a derivative must be an expression, was " + text);
    }

    @Override
    public Optional<Form> of(String function, int argument, List<Form> arguments) {
        return Optional.ofNullable(DECLARED.get(function)).flatMap(declared -> {
            List<Parameter> parameters = declared.parameters();
            Form derivative =
                    declared.byParameter().get(parameters.get(argument).name());
            return Optional.ofNullable(derivative).map(form -> inUnit(function, at(form, parameters, arguments)));
        });
    }

    private static Form at(Form derivative, List<Parameter> parameters, List<Form> arguments) {
        Form at = derivative;
        for (int i = 0; i < arguments.size(); i++) {
            at = at.with(new Form.Letter(parameters.get(i).name()), arguments.get(i));
        }
        return at;
    }

    /** Declared for radians: in degrees an angle changes by so many times less. */
    private Form inUnit(String function, Form derivative) {
        if (isInDegrees && OF_ANGLES.contains(function)) {
            return Form.product(List.of(derivative, Form.PI, Form.power(HALF_TURN, Form.MINUS_ONE)));
        }
        return isInDegrees && TO_ANGLES.contains(function)
                ? Form.product(List.of(derivative, HALF_TURN, Form.power(Form.PI, Form.MINUS_ONE)))
                : derivative;
    }
}
