package app.logismos.catalogue;

import app.logismos.function.Category;
import app.logismos.function.Function;
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
                    .append(
                            "\n\n| call | what it does | examples | fails | also read |\n| --- | --- | --- | --- | --- |\n");
            functions.forEach(function -> page.append(row(function)));
        });
        page.append(coverage(catalogue));
        return page.toString();
    }

    private static String coverage(Catalogue catalogue) {
        StringBuilder page = new StringBuilder("\n## The groups of OpenFormula\n\n"
                + "The functions of OASIS ODF 1.3, part 4, section 2.3, by the group that adds them, and what they are"
                + " called here. Every one that is covered is read by its identifier, too.\n");
        for (OpenFormula.Group group : OpenFormula.Group.values()) {
            List<String> identifiers = OpenFormula.STANDARD.identifiers(group);
            List<String> covered = identifiers.stream()
                    .filter(identifier ->
                            OpenFormula.STANDARD.covering(identifier, catalogue).isPresent())
                    .toList();
            List<String> open = identifiers.stream()
                    .filter(identifier -> !covered.contains(identifier))
                    .toList();
            String name = group.name().charAt(0) + group.name().substring(1).toLowerCase(Locale.ROOT);
            page.append("\n### ")
                    .append(name)
                    .append(": ")
                    .append(covered.size())
                    .append(" of ")
                    .append(identifiers.size())
                    .append("\n\n| identifier | here |\n| --- | --- |\n");
            covered.forEach(identifier -> page.append("| ")
                    .append(code(identifier))
                    .append(" | ")
                    .append(code(
                            OpenFormula.STANDARD.covering(identifier, catalogue).orElseThrow()))
                    .append(" |\n"));
            if (!open.isEmpty()) {
                page.append("\nNot covered: ")
                        .append(open.stream().map(CataloguePage::code).collect(Collectors.joining(", ")))
                        .append(".\n");
            }
        }
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
        String refusals = function.refusals().stream()
                .map(refusal -> code(refusal.expression()) + " is " + code(refusal.value()))
                .collect(Collectors.joining("<br>"));
        String synonyms = function.synonyms().stream()
                .map(name -> code(name.toUpperCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
        return "| " + code(call) + " | " + function.says() + " | " + examples + " | " + refusals + " | " + synonyms
                + " |\n";
    }

    private static String code(String text) {
        return "`" + text.replace("|", "\\|") + "`";
    }
}
