package app.logismos.server.calculate;

import app.logismos.catalogue.Catalogue;
import app.logismos.catalogue.OpenFormula;
import app.logismos.function.Example;
import app.logismos.function.Function;
import app.logismos.function.Parameter;
import app.logismos.value.PlainText;
import app.logismos.value.Value;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue of functions. */
@RestController
class FunctionsEndpoint {
    /**
     * A function with all that the guide says about it.
     *
     * @param openFormula its identifier in OpenFormula; null where it has none
     * @param errors calls that fail, with the codes of their errors
     */
    record FunctionJson(
            String name,
            String category,
            String says,
            List<String> synonyms,
            @Nullable String openFormula,
            List<ArgumentJson> arguments,
            List<Example> examples,
            List<Example> errors,
            List<String> related,
            String source) {}

    /**
     * An argument of a function.
     *
     * @param fallback its value where it is left out; null where it must be given
     * @param repeated whether any number of them may be given
     */
    record ArgumentJson(
            String name,
            String takes,
            String says,
            @Nullable String fallback,
            boolean repeated) {}

    /** All functions with their arguments and examples. */
    @GetMapping("/api/v1/functions")
    List<FunctionJson> functions() {
        return Catalogue.STANDARD.functions().stream()
                .map(FunctionsEndpoint::json)
                .toList();
    }

    private static FunctionJson json(Function function) {
        return new FunctionJson(
                function.name(),
                function.category().title(),
                function.says(),
                function.synonyms(),
                OpenFormula.STANDARD.identifier(function).orElse(null),
                function.parameters().stream().map(FunctionsEndpoint::json).toList(),
                function.examples(),
                function.refusals(),
                function.related(),
                function.source());
    }

    private static ArgumentJson json(Parameter parameter) {
        return new ArgumentJson(
                parameter.name(),
                parameter.accepts().one(),
                parameter.says(),
                parameter.fallback().map((Value value) -> PlainText.of(value)).orElse(null),
                parameter.repeated());
    }
}
