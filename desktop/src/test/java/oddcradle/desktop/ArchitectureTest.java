package oddcradle.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("oddcradle.desktop");

    @Test
    void packages_areFreeOfCycles_andKnowNoCommandLine() {
        slices().matching("oddcradle.desktop.(**)").should().beFreeOfCycles().check(DESKTOP);
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAPackage("oddcradle.cli..")
                .check(DESKTOP);
    }

    @Test
    void threads_areMadeInTaskOnly() {
        noClasses()
                .that()
                .resideOutsideOfPackage("..desktop.task..")
                .should()
                .dependOnClassesThat()
                .haveNameMatching("java.lang.Thread|java.util.concurrent.Executors")
                .check(DESKTOP);
    }

    @Test
    void storeAndTask_knowNoNodes() {
        noClasses()
                .that()
                .resideInAnyPackage("..desktop.store..", "..desktop.task..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx.scene..", "javafx.stage..")
                .check(DESKTOP);
    }
}
