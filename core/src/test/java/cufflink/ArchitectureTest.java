package cufflink;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** The core's packages point down only, and the core knows no interface, no files, no clock, no default locale. */
@AnalyzeClasses(packages = "cufflink", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule arrowsPointDown = layeredArchitecture().consideringOnlyDependenciesInLayers()
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
            .whereLayer("drawing").mayNotBeAccessedByAnyLayer()
            .whereLayer("job").mayOnlyBeAccessedByLayers("drawing")
            .whereLayer("stash").mayOnlyBeAccessedByLayers("job", "drawing")
            .whereLayer("plan").mayOnlyBeAccessedByLayers("job", "drawing")
            .whereLayer("check").mayOnlyBeAccessedByLayers("plan", "drawing")
            .whereLayer("fit").mayOnlyBeAccessedByLayers("check", "plan", "job", "drawing")
            .whereLayer("cut").mayOnlyBeAccessedByLayers("fit", "check", "plan", "job", "drawing")
            .whereLayer("stack").mayOnlyBeAccessedByLayers("fit", "check", "plan", "drawing")
            .whereLayer("fold").mayOnlyBeAccessedByLayers("stack", "check", "plan", "drawing")
            .whereLayer("score").mayOnlyBeAccessedByLayers("check", "plan", "drawing")
            .whereLayer("mat").mayOnlyBeAccessedByLayers("stack", "check", "plan", "drawing")
            .whereLayer("crease").mayOnlyBeAccessedByLayers("mat", "score", "fold", "check", "plan", "drawing")
            .whereLayer("measure").mayNotAccessAnyLayer()
            .whereLayer("words").mayOnlyAccessLayers("measure")
            .whereLayer("problem").mayOnlyAccessLayers("words")
            .whereLayer("paper").mayOnlyAccessLayers("measure")
            .whereLayer("stash").mayOnlyAccessLayers("words", "measure", "problem", "paper")
            .whereLayer("cut").mayOnlyAccessLayers("words", "measure", "paper");

    @ArchTest
    static final ArchRule noCycles = slices().matching("cufflink.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noInterfaceFilesOrClock = noClasses().should().dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..", "java.io..", "java.nio..", "java.time..",
                    "java.net..", "com.fasterxml..");

    @ArchTest
    static final ArchRule noDefaultLocale = noClasses().should().callMethod(Locale.class, "getDefault")
            .orShould().callMethod(String.class, "toLowerCase").orShould().callMethod(String.class, "toUpperCase")
            .orShould().callMethod(String.class, "format", String.class, Object[].class);

    /** Their order differs from process to process; {@link cufflink.problem.Ordered} keeps it. */
    @ArchTest
    static final ArchRule noShuffledCopies = noClasses().should().callMethod(Map.class, "copyOf", Map.class).orShould()
            .callMethod(Set.class, "copyOf", Collection.class);

    @ArchTest
    static final ArchRule noClock = noClasses().should().callMethod(System.class, "currentTimeMillis").orShould()
            .callMethod(System.class, "nanoTime");
}
