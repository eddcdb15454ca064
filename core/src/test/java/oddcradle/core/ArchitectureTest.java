package oddcradle.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The floors of the core: a lower one never knows a higher one, and analyses do not know each other. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("oddcradle.core");
    private static final String[] ANALYSES = {
        "..core.drive..",
        "..core.clearance..",
        "..core.vibration..",
        "..core.frame..",
        "..core.mounting..",
        "..core.shop..",
        "..core.survey..",
        "..core.weigh..",
        "..core.engine..",
        "..core.joint.."
    };

    @Test
    void floors_onlyLookDown() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("ground")
                .definedBy("..core.math..", "..core.units..", "..core.finding..")
                .layer("values")
                .definedBy(
                        "..core.geometry..",
                        "..core.mechanics..",
                        "..core.section..",
                        "..core.material..",
                        "..core.catalog..")
                .layer("analyses")
                .definedBy(ANALYSES)
                .layer("job")
                .definedBy("..core.job..")
                .layer("examine")
                .definedBy("..core.examine..")
                .layer("propose")
                .definedBy("..core.propose..")
                .whereLayer("propose")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("examine")
                .mayOnlyBeAccessedByLayers("propose")
                .whereLayer("job")
                .mayOnlyBeAccessedByLayers("examine", "propose")
                .whereLayer("analyses")
                .mayOnlyBeAccessedByLayers("job", "examine", "propose")
                .whereLayer("values")
                .mayOnlyBeAccessedByLayers("analyses", "job", "examine", "propose")
                .check(CORE);
    }

    @Test
    void packages_areFreeOfCycles() {
        slices().matching("oddcradle.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void analyses_doNotKnowEachOther() {
        for (String analysis : ANALYSES) {
            for (String other : ANALYSES) {
                if (!analysis.equals(other)) {
                    noClasses()
                            .that()
                            .resideInAPackage(analysis)
                            .should()
                            .dependOnClassesThat()
                            .resideInAPackage(other)
                            .check(CORE);
                }
            }
        }
    }

    @Test
    void core_knowsNoWindowNoFileNoThread() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "java.awt..",
                        "javax.swing..",
                        "java.nio.file..",
                        "java.util.concurrent..",
                        "java.time..")
                .check(CORE);
    }

    @Test
    void matrices_areUsedThroughMathOnly() {
        noClasses()
                .that()
                .resideOutsideOfPackage("..core.math..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.ejml..")
                .check(CORE);
    }

    @Test
    void results_dependOnInputsOnly() {
        noClasses().should().callMethod(Math.class, "random").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        fields().that().areStatic().should().beFinal().check(CORE);
    }

    @Test
    void core_keepsHouse() {
        NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS.check(CORE);
        NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS.check(CORE);
    }
}
