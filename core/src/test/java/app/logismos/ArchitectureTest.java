package app.logismos;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The table of packages in docs/architecture.md holds: each uses what it may use there, and nothing else. */
@AnalyzeClasses(packages = "app.logismos", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static void eachPackageUsesWhatTheTableSays(JavaClasses classes) {
        new Layers("app.logismos").check(classes);
    }

    @ArchTest
    static final ArchRule packagesHaveNoCycles =
            slices().matching("app.logismos.(**)").should().beFreeOfCycles();

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
}
