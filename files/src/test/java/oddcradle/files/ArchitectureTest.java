package oddcradle.files;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses FILES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("oddcradle.files");

    @Test
    void files_knowTheCoreAndNothingAbove() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("oddcradle.cli..", "oddcradle.desktop..", "javafx..")
                .check(FILES);
        slices().matching("oddcradle.files.(*)..").should().beFreeOfCycles().check(FILES);
    }
}
