package app.logismos.formats;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import app.logismos.Layers;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.logismos.formats", importOptions = ImportOption.DoNotIncludeTests.class)
class FormatsArchitectureTest {
    @ArchTest
    static void eachPackageUsesWhatTheTableSays(JavaClasses classes) {
        new Layers("app.logismos.formats").check(classes);
    }

    @ArchTest
    static final ArchRule documentsFetchNothingAndKnowNoWeb = noClasses()
            .should()
            .dependOnClassesThat(
                    resideInAnyPackage("java.net..", "org.springframework..", "jakarta..", "app.logismos.server.."));
}
