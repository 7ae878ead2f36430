package app.logismos;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The table of packages in docs/architecture.md: what each holds, and which others it may use. */
public final class Layers {
    private static final Path PAGE = Path.of("..", "docs", "architecture.md");

    private final String root;
    private final Map<String, Set<String>> table;

    /**
     * The rows of the packages directly below one.
     *
     * @param root {@code app.logismos.server} has the rows that begin with {@code server.}
     */
    public Layers(String root) {
        this.root = root;
        String prefix = root.substring("app.logismos".length()).replaceFirst("^\\.", "");
        Pattern row = Pattern.compile("\\| `" + (prefix.isEmpty() ? "" : Pattern.quote(prefix + "."))
                + "([a-z]+)` \\|[^|]*\\|([^|]*)\\|[^|]*\\|");
        try {
            table = read(Files.readAllLines(PAGE).stream()
                    .flatMap(line -> row.matcher(line).results())
                    .toList());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Map<String, Set<String>> read(List<MatchResult> rows) {
        Set<String> names = rows.stream().map(row -> row.group(1)).collect(Collectors.toSet());
        return rows.stream()
                .collect(Collectors.toMap(
                        row -> row.group(1),
                        row -> Stream.of(row.group(2).strip().split(", "))
                                .filter(names::contains)
                                .collect(Collectors.toSet()),
                        (one, other) -> one,
                        TreeMap::new));
    }

    /** Each package has a row, and uses only those named there and what they may use. */
    public void check(JavaClasses classes) {
        Set<String> packages = classes.stream()
                .map(JavaClass::getPackageName)
                .filter(name -> name.startsWith(root + "."))
                .map(name -> name.substring(root.length() + 1).split("\\.")[0])
                .filter(name -> !(root + "." + name).equals("app.logismos.server"))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(table.keySet()).isEqualTo(packages);
        packages.forEach(name -> check(name, classes));
    }

    private void check(String layer, JavaClasses classes) {
        String[] allowed = Stream.concat(Stream.of(layer), below(layer).stream())
                .map(name -> root + "." + name + "..")
                .toArray(String[]::new);
        noClasses()
                .that(resideInAPackage(root + "." + layer + ".."))
                .should()
                .dependOnClassesThat(
                        resideInAPackage(root + "..").and(DescribedPredicate.not(resideInAnyPackage(allowed))))
                .check(classes);
    }

    /** Those that a row names, and what they may use. */
    private Set<String> below(String name) {
        Set<String> below = new TreeSet<>(table.get(name));
        table.get(name).forEach(each -> below.addAll(below(each)));
        return below;
    }
}
