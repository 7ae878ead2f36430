package app.logismos.function;

import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** The catalogue as a page in Markdown: docs/functions.md, which a test holds equal to it. */
public final class CataloguePage {
    private CataloguePage() {}

    /** The whole page. */
    public static String markdown(Catalogue catalogue) {
        StringBuilder page = new StringBuilder("# Functions\n\n"
                + "Made from the catalogue in `core/…/function`; change a declaration there and run `mvn -pl core test"
                + " -Dlogismos.write=true -Dtest=CataloguePageTest`.\n\n"
                + catalogue.functions().size()
                + " functions. A word with `?` may be left out, `…` stands for more of the same.\n");
        TreeMap<Category, List<Function>> groups = catalogue.functions().stream()
                .collect(Collectors.groupingBy(Function::category, TreeMap::new, Collectors.toList()));
        groups.forEach((category, functions) -> {
            page.append("\n## ")
                    .append(category.title())
                    .append("\n\n| call | what it does | examples | also read |\n| --- | --- | --- | --- |\n");
            functions.forEach(function -> page.append(row(function)));
        });
        return page.toString();
    }

    private static String row(Function function) {
        String call = function.name()
                + function.parameters().stream()
                        .map(parameter -> parameter.name()
                                + (parameter.isRequired() ? "" : "?")
                                + (parameter.repeated() ? ", …" : ""))
                        .collect(Collectors.joining(", ", "(", ")"));
        String examples = function.examples().stream()
                .map(example -> code(example.expression()) + " is " + code(example.value()))
                .collect(Collectors.joining("<br>"));
        String synonyms = function.synonyms().stream()
                .map(name -> code(name.toUpperCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
        return "| " + code(call) + " | " + function.says() + " | " + examples + " | " + synonyms + " |\n";
    }

    private static String code(String text) {
        return "`" + text.replace("|", "\\|") + "`";
    }
}
