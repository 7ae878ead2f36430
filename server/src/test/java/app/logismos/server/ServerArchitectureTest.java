package app.logismos.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import app.logismos.Layers;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.logismos", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
    @ArchTest
    static void eachPackageUsesWhatTheTableSays(JavaClasses classes) {
        new Layers("app.logismos.server").check(classes);
    }

    @ArchTest
    static final ArchRule theCoreDoesNotKnowTheServer = noClasses()
            .that(resideInAPackage("app.logismos..")
                    .and(DescribedPredicate.not(resideInAPackage("app.logismos.server.."))))
            .should()
            .dependOnClassesThat(resideInAPackage("app.logismos.server.."));

    @ArchTest
    static final ArchRule onlyStoresTalkToTheDatabase = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Row")
            .and()
            .haveSimpleNameNotEndingWith("Key")
            .and()
            .haveSimpleNameNotEndingWith("Store")
            .should()
            .dependOnClassesThat(resideInAPackage("jakarta.persistence.."));
}
