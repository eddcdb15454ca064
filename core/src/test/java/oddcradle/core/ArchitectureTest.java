package oddcradle.core;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import oddcradle.core.units.DecimalMark;
import org.junit.jupiter.api.Test;

/** The floors of the core: a lower one never knows a higher one, and neighbours on some floors do not know each other. */
class ArchitectureTest {
    private static final int MOST_CLASSES_OF_A_PACKAGE = 40;
    private static final String ROOT = "oddcradle.core.";

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("oddcradle.core");

    @Test
    void everyPackage_hasItsFloor() {
        Set<String> packages = new TreeSet<>();
        CORE.forEach(each -> packages.add(room(each)));

        assertThat(packages).isEqualTo(new TreeSet<>(Floors.OF_ROOM.keySet()));
    }

    @Test
    void floors_onlyLookDown() {
        List<String> wrong = new ArrayList<>();
        for (Dependency each : dependencies()) {
            int from = Floors.OF_ROOM.get(room(each.getOriginClass()));
            int to = Floors.OF_ROOM.get(room(each.getTargetClass()));
            if (to > from) {
                wrong.add(each.getDescription());
            }
        }

        assertThat(wrong).isEmpty();
    }

    @Test
    void analysesAndSteps_doNotKnowTheirNeighbours() {
        List<String> wrong = new ArrayList<>();
        for (Dependency each : dependencies()) {
            String from = room(each.getOriginClass());
            String to = room(each.getTargetClass());
            boolean analyses = Floors.OF_ROOM.get(from) == Floors.ANALYSES && Floors.OF_ROOM.get(to) == Floors.ANALYSES;
            boolean otherStep = from.equals("step")
                    && to.equals("step")
                    && !each.getOriginClass()
                            .getPackageName()
                            .equals(each.getTargetClass().getPackageName())
                    && !each.getTargetClass().getPackageName().equals(ROOT + "step.measured");
            if (analyses && !from.equals(to) || otherStep) {
                wrong.add(each.getDescription());
            }
        }

        assertThat(wrong).isEmpty();
    }

    @Test
    void packages_areFreeOfCircles_atAnyDepth() {
        slices().matching("oddcradle.core.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void noPackage_outgrowsItsRoom() {
        Map<String, Integer> sizes = new TreeMap<>();
        CORE.stream()
                .filter(JavaClass::isTopLevelClass)
                .filter(each -> !each.getSimpleName().equals("package-info"))
                .forEach(each -> sizes.merge(each.getPackageName(), 1, Integer::sum));

        assertThat(sizes).isNotEmpty();
        assertThat(sizes.values()).allMatch(size -> size <= MOST_CLASSES_OF_A_PACKAGE);
    }

    /** The picture in ARCHITECTURE.md is this one; {@code -Doddcradle.picture=true} puts it there. */
    @Test
    void pictureOfThePackages_isTrue() throws IOException {
        Map<String, Integer> classes = new TreeMap<>();
        CORE.stream()
                .filter(JavaClass::isTopLevelClass)
                .filter(each -> !each.getSimpleName().equals("package-info"))
                .forEach(each -> classes.merge(each.getPackageName(), 1, Integer::sum));
        Map<String, Set<String>> known = new TreeMap<>();
        for (Dependency each : dependencies()) {
            known.computeIfAbsent(each.getOriginClass().getPackageName(), name -> new TreeSet<>())
                    .add(each.getTargetClass().getPackageName());
        }
        String picture = PackagePicture.of(classes, known);
        Path file = Path.of("..", "ARCHITECTURE.md");
        String text = Files.readString(file);
        int from = text.indexOf("```text\n");
        int to = text.indexOf("```\n", from + 8) + 4;
        if (Boolean.getBoolean("oddcradle.picture")) {
            Files.writeString(file, text.substring(0, from) + picture + text.substring(to));
        } else {
            assertThat(text.substring(from, to)).isEqualTo(picture);
        }
    }

    @Test
    void core_knowsNoWindowNoFileNoThread() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..", "java.awt..", "javax.swing..", "java.nio.file..", "java.util.concurrent..")
                .check(CORE);
    }

    /** A day that it is given it can count; what day it is it must be told. */
    @Test
    void core_knowsNoClock() {
        noClasses()
                .should()
                .callMethodWhere(target(nameMatching("now|systemUTC|systemDefaultZone"))
                        .and(target(owner(resideInAPackage("java.time..")))))
                .check(CORE);
    }

    @Test
    void algebraLibraries_areUsedThroughMathOnly() {
        noClasses()
                .that()
                .resideOutsideOfPackage("..core.math..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.ejml..", "org.hipparchus..")
                .check(CORE);
    }

    @Test
    void results_dependOnInputsOnly() {
        noClasses().should().callMethod(Math.class, "random").check(CORE);
        noClasses().should().callMethod(System.class, "nanoTime").check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        // How a number is written is the user's, like a language; what it is depends on nothing but its inputs.
        fields().that()
                .areStatic()
                .and()
                .areNotDeclaredIn(DecimalMark.class)
                .should()
                .beFinal()
                .check(CORE);
    }

    @Test
    void core_keepsHouse() {
        NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS.check(CORE);
        NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS.check(CORE);
    }

    private static List<Dependency> dependencies() {
        List<Dependency> within = new ArrayList<>();
        for (JavaClass each : CORE) {
            for (Dependency dependency : each.getDirectDependenciesFromSelf()) {
                if (dependency.getTargetClass().getPackageName().startsWith(ROOT)
                        && !dependency.getTargetClass().isArray()) {
                    within.add(dependency);
                }
            }
        }
        assertThat(within).isNotEmpty();
        return within;
    }

    /** First name below the core's own package. */
    private static String room(JavaClass each) {
        return Floors.room(each.getPackageName());
    }
}
