package app.logismos;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Arrays;
import java.util.stream.Stream;

/** The floors of docs/architecture.md: nothing looks upward. */
@AnalyzeClasses(packages = "app.logismos", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule numberUsesNothing = floor("number");

    @ArchTest
    static final ArchRule specialUsesNumber = floor("special", "number");

    @ArchTest
    static final ArchRule unitUsesNumber = floor("unit", "number");

    @ArchTest
    static final ArchRule valueUsesUnit = floor("value", "unit", "number");

    @ArchTest
    static final ArchRule formulaUsesValue = floor("formula", "value", "unit", "number");

    @ArchTest
    static final ArchRule functionUsesValue = floor("function", "special", "value", "unit", "number");

    @ArchTest
    static final ArchRule displayUsesFormula = floor("display", "formula", "value", "unit", "number");

    @ArchTest
    static final ArchRule evaluateLooksDown =
            floor("evaluate", "function", "special", "formula", "display", "value", "unit", "number");

    @ArchTest
    static final ArchRule sheetUsesFormula = floor("sheet", "formula", "value", "unit", "number");

    @ArchTest
    static final ArchRule recalculateLooksDown = floor(
            "recalculate", "sheet", "evaluate", "function", "special", "formula", "display", "value", "unit", "number");

    @ArchTest
    static final ArchRule actLooksDown = floor(
            "act",
            "chart",
            "recalculate",
            "sheet",
            "evaluate",
            "function",
            "special",
            "formula",
            "display",
            "value",
            "unit",
            "number");

    @ArchTest
    static final ArchRule coreKnowsNoFramework = noClasses()
            .should()
            .dependOnClassesThat(resideInAnyPackage(
                    "org.springframework..",
                    "jakarta..",
                    "javax.swing..",
                    "java.awt..",
                    "tools.jackson..",
                    "java.net.http.."));

    @ArchTest
    static final ArchRule valuesAreImmutable = classes()
            .that(resideInAnyPackage("app.logismos.number..", "app.logismos.value.."))
            .should()
            .haveOnlyFinalFields();

    private static ArchRule floor(String floor, String... below) {
        String[] allowed = Stream.concat(Stream.of(floor), Arrays.stream(below))
                .map(name -> "app.logismos." + name + "..")
                .toArray(String[]::new);
        return noClasses()
                .that(resideInAPackage("app.logismos." + floor + ".."))
                .should()
                .dependOnClassesThat(
                        resideInAPackage("app.logismos..").and(DescribedPredicate.not(resideInAnyPackage(allowed))));
    }
}
