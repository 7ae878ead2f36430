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

/** The layers of docs/architecture.md: dependencies point downward only. */
@AnalyzeClasses(packages = "app.logismos", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule numberUsesNothing = layer("number");

    @ArchTest
    static final ArchRule specialUsesNumber = layer("special", "number");

    @ArchTest
    static final ArchRule unitUsesNumber = layer("unit", "number");

    @ArchTest
    static final ArchRule valueUsesUnit = layer("value", "unit", "number");

    @ArchTest
    static final ArchRule formulaUsesValue = layer("formula", "value", "unit", "number");

    @ArchTest
    static final ArchRule functionUsesFormula = layer("function", "formula", "special", "value", "unit", "number");

    @ArchTest
    static final ArchRule displayUsesFormula = layer("display", "formula", "value", "unit", "number");

    @ArchTest
    static final ArchRule evaluateUsesFunctionsAndDisplay =
            layer("evaluate", "function", "special", "formula", "display", "value", "unit", "number");

    @ArchTest
    static final ArchRule sheetUsesFormula = layer("sheet", "formula", "value", "unit", "number");

    @ArchTest
    static final ArchRule recalculateUsesSheetAndEvaluate = layer(
            "recalculate", "sheet", "evaluate", "function", "special", "formula", "display", "value", "unit", "number");

    @ArchTest
    static final ArchRule chartUsesRecalculate = layer(
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
    static final ArchRule actUsesChartAndRecalculate = layer(
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

    private static ArchRule layer(String layer, String... below) {
        String[] allowed = Stream.concat(Stream.of(layer), Arrays.stream(below))
                .map(name -> "app.logismos." + name + "..")
                .toArray(String[]::new);
        return noClasses()
                .that(resideInAPackage("app.logismos." + layer + ".."))
                .should()
                .dependOnClassesThat(
                        resideInAPackage("app.logismos..").and(DescribedPredicate.not(resideInAnyPackage(allowed))));
    }
}
