package jomble.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;

@AnalyzeClasses(packages = "jomble.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_IS_PURE =
            classes().should().onlyDependOnClassesThat().resideInAnyPackage("java..", "jomble.core..", "org.jgrapht..");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("jomble.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_CLOCKS = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(Clock.class, "systemDefaultZone")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule NO_CATCH_ALL_PACKAGES =
            noClasses().should().resideInAnyPackage("..util..", "..common..", "..helper..", "..manager..");
}
