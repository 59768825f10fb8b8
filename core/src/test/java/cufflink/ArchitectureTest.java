package cufflink;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The core's packages point down only, and the core knows no interface, no files, no clock, no default locale. */
class ArchitectureTest {
    private static final ArchRule ARROWS_POINT_DOWN = layeredArchitecture().consideringOnlyDependenciesInLayers()
            .layer("measure").definedBy("cufflink.measure")
            .layer("words").definedBy("cufflink.words")
            .layer("problem").definedBy("cufflink.problem")
            .layer("paper").definedBy("cufflink.paper")
            .layer("design").definedBy("cufflink.design")
            .layer("crease").definedBy("cufflink.crease")
            .layer("mat").definedBy("cufflink.mat")
            .layer("score").definedBy("cufflink.score")
            .layer("fold").definedBy("cufflink.fold")
            .layer("stack").definedBy("cufflink.stack")
            .layer("cut").definedBy("cufflink.cut")
            .layer("fit").definedBy("cufflink.fit")
            .layer("check").definedBy("cufflink.check")
            .layer("plan").definedBy("cufflink.plan")
            .layer("stash").definedBy("cufflink.stash")
            .layer("job").definedBy("cufflink.job")
            .layer("drawing").definedBy("cufflink.drawing")
            .layer("die").definedBy("cufflink.die")
            .layer("notebook").definedBy("cufflink.notebook")
            .layer("packing").definedBy("cufflink.packing")
            .layer("directions").definedBy("cufflink.directions..")
            .whereLayer("directions").mayOnlyBeAccessedByLayers("drawing")
            .whereLayer("packing").mayNotBeAccessedByAnyLayer()
            .whereLayer("notebook").mayNotBeAccessedByAnyLayer()
            .whereLayer("die").mayOnlyBeAccessedByLayers("stash", "job", "drawing")
            .whereLayer("die").mayOnlyAccessLayers("design", "measure", "paper")
            .whereLayer("drawing").mayNotBeAccessedByAnyLayer()
            .whereLayer("job").mayOnlyBeAccessedByLayers("packing", "drawing")
            .whereLayer("stash").mayOnlyBeAccessedByLayers("job", "packing", "drawing")
            .whereLayer("plan").mayOnlyBeAccessedByLayers("job", "notebook", "packing", "drawing", "directions")
            .whereLayer("check").mayOnlyBeAccessedByLayers("plan", "notebook", "drawing", "directions")
            .whereLayer("fit").mayOnlyBeAccessedByLayers("check", "plan", "job", "drawing")
            .whereLayer("cut")
            .mayOnlyBeAccessedByLayers("fit", "check", "plan", "job", "notebook", "packing", "drawing", "directions")
            .whereLayer("stack")
            .mayOnlyBeAccessedByLayers("fit", "check", "plan", "job", "notebook", "packing", "drawing")
            .whereLayer("fold").mayOnlyBeAccessedByLayers("stack", "check", "plan", "drawing", "directions")
            .whereLayer("score").mayOnlyBeAccessedByLayers("check", "plan", "drawing", "directions")
            .whereLayer("mat")
            .mayOnlyBeAccessedByLayers("stack", "check", "plan", "job", "notebook", "packing", "drawing", "directions")
            .whereLayer("crease")
            .mayOnlyBeAccessedByLayers("mat", "score", "fold", "stack", "check", "plan", "drawing", "directions")
            .whereLayer("words").mayNotAccessAnyLayer()
            .whereLayer("measure").mayOnlyAccessLayers("words")
            .whereLayer("problem").mayOnlyAccessLayers("words")
            .whereLayer("paper").mayOnlyAccessLayers("words", "measure")
            .whereLayer("stash").mayOnlyAccessLayers("words", "measure", "problem", "paper", "die")
            .whereLayer("cut").mayOnlyAccessLayers("words", "measure", "paper");

    private static final ArchRule NO_CYCLES = slices().matching("cufflink.(*)..").should().beFreeOfCycles();

    private static final ArchRule NO_INTERFACE_OR_FILES = noClasses().should().dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..", "java.io..", "java.nio..", "java.net..",
                    "com.fasterxml..");

    /** Only the notebook knows moments, and is told them. */
    private static final ArchRule NO_TIME = noClasses().that().resideOutsideOfPackage("cufflink.notebook..").should()
            .dependOnClassesThat().resideInAPackage("java.time..");

    private static final ArchRule NO_DEFAULT_LOCALE = noClasses().should().callMethod(Locale.class, "getDefault")
            .orShould().callMethod(String.class, "toLowerCase").orShould().callMethod(String.class, "toUpperCase")
            .orShould().callMethod(String.class, "format", String.class, Object[].class);

    /** Their order differs from process to process; {@link cufflink.problem.Ordered} keeps it. */
    private static final ArchRule NO_SHUFFLED_COPIES = noClasses().should().callMethod(Map.class, "copyOf", Map.class)
            .orShould()
            .callMethod(Set.class, "copyOf", Collection.class);

    private static final ArchRule NO_CLOCK = noClasses().should().callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime").orShould().dependOnClassesThat().areAssignableTo(Clock.class)
            .orShould().callMethod(Instant.class, "now");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("cufflink");

    private static Stream<Arguments> rules() {
        return Stream.of(Arguments.of("arrows point down", ARROWS_POINT_DOWN), Arguments.of("no cycles", NO_CYCLES),
                Arguments.of("no interface, no files", NO_INTERFACE_OR_FILES), Arguments.of("no time", NO_TIME),
                Arguments.of("no default locale", NO_DEFAULT_LOCALE),
                Arguments.of("no shuffled copies", NO_SHUFFLED_COPIES), Arguments.of("no clock", NO_CLOCK));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void holds(String name, ArchRule rule) {
        assertTrue(CORE.size() > 300, "the core is looked at: " + CORE.size());
        rule.check(CORE);
    }
}
