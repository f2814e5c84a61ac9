package scree.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "scree.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreKnowsNoFrameworkStoreOrPage = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..",
                    "jakarta..",
                    "java.sql..",
                    "javax.sql..",
                    "org.apache.ibatis..",
                    "org.thymeleaf..",
                    "scree.app..",
                    "scree.standins..")
            .because("the craft is tested on its own and outlives any framework");

    @ArchTest
    static final ArchRule packagesFormNoCircle = slices().matching("scree.core.(*)..")
            .should()
            .beFreeOfCycles()
            .because("each package leans on those below it only");

    @ArchTest
    static final ArchRule nothingAsksTheClock = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(Math.class, "random")
            .because("equal questions get equal answers");
}
